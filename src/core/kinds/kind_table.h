// Every kind, in the order in which people meet them: the functions that give each, one a file in each/. A new kind is
// added here, once.
#pragma once

#include "core/kinds/kind.h"

#define NABBLET_KINDS(KIND)                                                                                            \
    KIND(captionKind)                                                                                                  \
    KIND(textBoxKind)                                                                                                  \
    KIND(longTextKind)                                                                                                 \
    KIND(wholeNumberKind)                                                                                              \
    KIND(decimalNumberKind)                                                                                            \
    KIND(dateKind)                                                                                                     \
    KIND(timeKind)                                                                                                     \
    KIND(dateTimeKind)                                                                                                 \
    KIND(tickBoxKind)                                                                                                  \
    KIND(switchKind)                                                                                                   \
    KIND(dropDownKind)                                                                                                 \
    KIND(listKind)                                                                                                     \
    KIND(optionSetKind)                                                                                                \
    KIND(pictureBoxKind)                                                                                               \
    KIND(linkKind)                                                                                                     \
    KIND(formulaKind)                                                                                                  \
    KIND(rowWordsKind)                                                                                                 \
    KIND(totalKind)                                                                                                    \
    KIND(subformKind)                                                                                                  \
    KIND(jumpListKind)                                                                                                 \
    KIND(buttonKind)                                                                                                   \
    KIND(lineKind)                                                                                                     \
    KIND(frameKind)                                                                                                    \
    KIND(groupBoxKind)                                                                                                 \
    KIND(tabPagesKind)                                                                                                 \
    KIND(panesKind)                                                                                                    \
    KIND(scrollAreaKind)

namespace nabblet {

#define NABBLET_DECLARE(kind) Kind kind();
NABBLET_KINDS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet

// The functions that give each kind, one a file. A new kind is added here, once.
#pragma once

#include "core/kinds/kind.h"

namespace nabblet {

Kind captionKind();
Kind textBoxKind();
Kind longTextKind();
Kind wholeNumberKind();
Kind decimalNumberKind();
Kind dateKind();
Kind timeKind();
Kind dateTimeKind();
Kind tickBoxKind();
Kind switchKind();
Kind dropDownKind();
Kind listKind();
Kind jumpListKind();
Kind optionSetKind();
Kind pictureBoxKind();
Kind linkKind();
Kind formulaKind();
Kind totalKind();
Kind subformKind();
Kind buttonKind();
Kind lineKind();
Kind frameKind();
Kind groupBoxKind();
Kind tabPagesKind();
Kind panesKind();
Kind scrollAreaKind();

} // namespace nabblet

// Every sort: the functions that give each, one a file in each/. A new one is added here, once.
#pragma once

#include "core/sorts/sort.h"

#include <QList>

#define NABBLET_SORTS(SORT)                                                                                            \
    SORT(lettersSort)                                                                                                  \
    SORT(storedSort)                                                                                                   \
    SORT(lengthSort)

namespace nabblet {

#define NABBLET_DECLARE(sort) Sort sort();
NABBLET_SORTS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

const QList<Sort> &sorts();
const Sort *sortNamed(const QString &name); // or nullptr
const Sort &usualSort(const Column &column);
QString sortPhrase(const Sort &sort);

} // namespace nabblet

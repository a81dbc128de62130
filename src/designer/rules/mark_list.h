// A list of the marks that a value may have.
#pragma once

#include "core/rules/effects.h"

#include <QComboBox>

namespace nabblet {

inline QComboBox *markList(const QString &caption)
{
    auto *list = new QComboBox;
    list->setAccessibleName(caption);
    for (const Mark mark : {Mark::None, Mark::Steady, Mark::Watch, Mark::Alarm}) {
        list->addItem(markWord(mark), static_cast<int>(mark));
    }
    return list;
}

} // namespace nabblet

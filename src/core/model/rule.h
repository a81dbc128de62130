// A rule of a form: a condition over the row, and what it does to some of the form's controls.
#pragma once

#include "core/model/control.h"

#include <QJsonObject>
#include <QList>
#include <QString>

namespace nabblet {

struct Rule
{
    QString when;   // an SQL expression over the row's columns; neither NULL nor 0 is true
    QString effect; // by its name in files: core/rules
    QList<ControlId> on;
    QJsonObject unknown;

    bool operator==(const Rule &) const = default;
};

} // namespace nabblet

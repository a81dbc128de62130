// A rule of a form: when this is true of the record, then that, otherwise something else. What is worked out, checked,
// marked and shown by a condition is all of this one shape; core/rules has the effects.
#pragma once

#include "core/model/control.h"

#include <QJsonObject>
#include <QList>
#include <QString>
#include <QStringList>

#include <optional>

namespace nabblet {

// How a value stands out: a tint and an edge bar, and a word for those who see neither.
enum class Mark { None, Steady, Watch, Alarm };

// What a rule does on one of its two sides. Which of these an effect has is the effect's to say.
struct RuleSide
{
    Mark mark = Mark::None;
    QString words = {}; // stands beside the box; of a check: what is wrong
    QString value = {}; // an SQL expression

    bool operator==(const RuleSide &) const = default;
};

// One part of a scale: up to a limit, or all that is left.
struct ScaleStep
{
    std::optional<double> below = {}; // nothing: the last step
    Mark mark = Mark::None;
    QString words = {};

    bool operator==(const ScaleStep &) const = default;
};

// What becomes of the value of a box that a rule hides, when its record is saved.
enum class HiddenValue { Kept, Emptied, Asked };

// How a worked out value stays in its column.
enum class ValueHold {
    Follows,    // always as worked out; nobody types there
    UntilTyped, // as worked out until somebody types something else
    AtFirst,    // in new records only
    AsBefore,   // in new records, what the record saved last has
};

struct Rule
{
    QString when = {};   // an SQL expression over the row's columns; neither NULL nor 0 is true. Empty: always
    QString effect = {}; // by its name in files: core/rules
    QList<ControlId> on = {};
    QList<Area> areas = {}; // bands, pages and panes, with all that stands in them
    RuleSide then = {};
    RuleSide otherwise = {};
    QString measured = {}; // of a scale: an SQL expression that gives a number; empty: the value of the box itself
    QList<ScaleStep> steps = {}; // of a scale, from the lowest on
    QStringList examples = {};   // of a shape: how the text is written
    QString pattern = {};        // of a shape: a regular expression instead
    QString ready = {};          // of a shape: the name of a ready one instead
    bool isOff = false;
    bool givesWay = false; // what is hidden gives up its room
    HiddenValue hidden = HiddenValue::Kept;
    ValueHold hold = ValueHold::Follows;
    bool asks = false; // a check that asks whether it is so, and refuses nothing
    QJsonObject unknown = {};

    bool operator==(const Rule &) const = default;
};

} // namespace nabblet

// Lists move them as they lie in memory.
Q_DECLARE_TYPEINFO(nabblet::Rule, Q_RELOCATABLE_TYPE);

namespace nabblet {

} // namespace nabblet

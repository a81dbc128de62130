// What a rule may do, one effect a file in each/ and one line in the list below. An effect says how it reads among the
// settings and in the list of rules, and what a control shows and may do by it.
#pragma once

#include "core/kinds/kind.h"
#include "core/model/rule.h"

#include <QList>
#include <QString>

#include <functional>

#define NABBLET_EFFECTS(EFFECT)                                                                                        \
    EFFECT(shownEffect)                                                                                                \
    EFFECT(lockedEffect)                                                                                               \
    EFFECT(requiredEffect)                                                                                             \
    EFFECT(markedEffect)                                                                                               \
    EFFECT(scaleEffect)                                                                                                \
    EFFECT(noteEffect)                                                                                                 \
    EFFECT(valueEffect)                                                                                                \
    EFFECT(checkEffect)                                                                                                \
    EFFECT(shapeEffect)

namespace nabblet {

// The value of an expression in the row in question.
using WorksOut = std::function<Result<QVariant>(const QString &expression)>;

// A rule that concerns a control, in one row.
struct RuleAt
{
    const Rule &rule;
    const Control &control;
    bool holds; // whether its condition is true there
    const WorksOut &worksOut;
};

// What a rule is told in words with.
struct RuleWords
{
    const Rule &rule;
    QString on;   // what it stands on, by its captions; empty for the record
    QString when; // its condition in words; empty where there is none
};

// What an effect may have on each side of its condition.
enum class RuleSides { None, Words, MarkAndWords, Value };

struct Effect
{
    const char *name;  // in files
    const char *title; // in English, as all that follow: "Shown when"
    const char *help;
    RuleSides sides = RuleSides::None;
    // Whether controls of a kind can have it.
    bool (*concerns)(const Kind &kind);
    void (*apply)(Shown &shown, const RuleAt &at);
    // The rule as a sentence without a full stop, in the language of the interface.
    QString (*says)(const RuleWords &words);
    bool reachesInside = false; // goes along to captions, and to what stands in what the rule is on
    bool isOfRecord = false;    // needs no control to stand on
    // Of effects that are nothing but a condition: its line among the settings of a control, and what a change of it is
    // called among the steps done.
    const char *line = nullptr;
    const char *step = nullptr;
};

const QList<Effect> &effects();
// The effect with that name, or nullptr: one that a newer version knows does nothing here, and is saved as it was read.
const Effect *findEffect(const QString &name);
QString effectTitle(const Effect &effect);

// The name of a mark, for screen readers and in lists.
QString markWord(Mark mark);

#define NABBLET_DECLARE(effect) Effect effect();
NABBLET_EFFECTS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet

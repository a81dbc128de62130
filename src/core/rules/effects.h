// What a rule may do to a control, one effect a file in each/ and one line in the list below. An effect says how it
// reads among the settings, and what a control shows and may do where its condition is true, and where it is not.
#pragma once

#include "core/kinds/kind.h"

#include <QList>
#include <QString>

#define NABBLET_EFFECTS(EFFECT)                                                                                        \
    EFFECT(shownEffect)                                                                                                \
    EFFECT(lockedEffect)

namespace nabblet {

struct Effect
{
    const char *name;    // in files
    const char *line;    // of the editor of its condition
    const char *caption; // of its condition among the settings, in English, as the two that follow
    const char *help;
    const char *step; // what a change of the condition is called among the steps done
    // Whether controls of a kind can have it.
    bool (*concerns)(const Kind &kind);
    // holds: whether the condition is true of the row in hand.
    void (*apply)(Shown &shown, bool holds);
};

const QList<Effect> &effects();
// The effect with that name, or nullptr: one that a newer version knows does nothing here, and is saved as it was read.
const Effect *findEffect(const QString &name);

#define NABBLET_DECLARE(effect) Effect effect();
NABBLET_EFFECTS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet

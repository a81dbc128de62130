// Edits of how controls look: parts of a look pinned to several at once, given back, and kept as a style.
#pragma once

#include "core/looks/dressing/dress.h"
#include "core/text/text_measure.h"

#include <functional>

namespace nabblet {

// The form with the pins of some controls changed, each by its own; what other letters need follows.
Form withPinsChanged(const Form &form, const QList<ControlId> &controls,
                     const std::function<void(const Control &control, ControlSettings &pins)> &change,
                     const TextMeasure &measure);

// All as their look says again, without a style.
Form withoutPinsAndStyle(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure);

// A flag of type on or off: on for all where any has it not. isOn: whether a control shows it now, pinned or not.
Form withFlagTurned(const Form &form, const QList<ControlId> &controls, const ControlSetting<bool> &flag,
                    const std::function<bool(const Control &)> &isOn, const TextMeasure &measure);

// What a control's style says and it pins itself, as a style of that name.
Style styleOf(const Control &control, const Styles &styles, const QString &name);
// How many controls of a form have a style, those of the forms inside too; and the form with the style renamed, or with
// an empty name taken away.
int controlsWithStyle(const Form &form, const QString &style);
Form withStyleRenamed(const Form &form, const QString &from, const QString &to);
// The form with a style at some controls, in the place of what they pinned themselves.
Form withStyle(const Form &form, const QList<ControlId> &controls, const QString &style, const TextMeasure &measure);

// The form with a style at some controls, which keep what they pinned themselves; an empty name takes it away.
Form withStyleBeneath(const Form &form, const QList<ControlId> &controls, const QString &style,
                      const TextMeasure &measure);
// The style that all controls of an area have; empty where they differ, have none or there are none.
QString styleSharedIn(const Form &form, const Area &area);

// Why a style cannot be called that; empty where it can.
QString whyNoStyleName(const QString &name);

} // namespace nabblet

// Edits of how controls look: parts of a look pinned to several at once, given back, and kept as a style.
#pragma once

#include "core/looks/dressing/dress.h"
#include "core/text/text_measure.h"

#include <functional>

namespace nabblet {

// The controls that a look's edit of some is about: of a box that is selected with its caption, the box alone where it
// takes a box, and all that show words where it is of words.
// Each with its pins changed; what other letters need follows.
Form withPinsChanged(const Form &form, const QList<ControlId> &controls,
                     const std::function<void(const Control &control, ControlSettings &pins)> &change,
                     const TextMeasure &measure);

// All as their look and their style say again; with the style gone as well.
Form withoutPins(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure);
Form withoutPinsAndStyle(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure);

// Flags of type on or off: on for all where any has it not. said: the look without pins.
Form withFlagTurned(const Form &form, const QList<ControlId> &controls, const ControlSetting<bool> &flag,
                    const std::function<bool(const Control &)> &isOn, const TextMeasure &measure);

// What a control pins and its style says, as a style of that name.
Style styleOf(const Control &control, const Styles &styles, const QString &name);
// The controls of a form, of those inside too, that have a style; and the form with it renamed, or taken away with an
// empty name.
int controlsWithStyle(const Form &form, const QString &style);
Form withStyleRenamed(const Form &form, const QString &from, const QString &to);
// The form with a style at some controls, in the place of what they pinned themselves.
Form withStyle(const Form &form, const QList<ControlId> &controls, const QString &style, const TextMeasure &measure);

// Why a style cannot be called that; empty where it can.
QString whyNoStyleName(const QString &name);

} // namespace nabblet

// What is selected on the board: controls, of which the last one chosen is the lead; or a band; or a rail; or, with
// none of them, the form.
#pragma once

#include "core/model/form.h"

#include <QList>
#include <QRect>
#include <QSet>

#include <algorithm>
#include <optional>

namespace nabblet {

class Selection
{
public:
    const QList<ControlId> &controls() const { return m_controls; }
    // Whether no control is selected.
    bool isEmpty() const { return m_controls.isEmpty(); }
    bool contains(ControlId control) const { return m_controls.contains(control); }
    // The control that others follow; 0 with nothing selected.
    ControlId lead() const { return m_controls.isEmpty() ? 0 : m_controls.last(); }
    std::optional<BandRole> band() const { return m_band; }
    RailId rail() const { return m_rail; }

    void clear() { *this = Selection(); }
    void set(const QList<ControlId> &controls);
    void setBand(BandRole band);
    void setRail(RailId rail);
    // Selects one alone, or makes it the lead of a selection that holds it.
    void choose(ControlId control);
    // Adds one as the lead, or takes it out.
    void toggle(ControlId control);
    void add(const QList<ControlId> &controls);
    // Forgets what the form does not have any more.
    void keepOnly(const Form &form);

    // Element by element: Qt compares two lists without any by memory that is nowhere, which the sanitizer objects to.
    bool operator==(const Selection &other) const
    {
        return std::equal(m_controls.begin(), m_controls.end(), other.m_controls.begin(), other.m_controls.end()) &&
               m_band == other.m_band && m_rail == other.m_rail;
    }

private:
    QList<ControlId> m_controls;
    std::optional<BandRole> m_band;
    RailId m_rail = FixedRail::None;
};

enum class Reach { WhollyInside, Touched };

// The controls that a box on the form (px from its top left corner) takes, from back to front.
QList<ControlId> controlsInBox(const Form &form, const QRect &box, Reach reach);

// The innermost container at a point of the form, or 0; those named do not count.
ControlId containerAt(const Form &form, QPoint point, const QSet<ControlId> &without = {});

// The controls at a point of the form, the frontmost first; containers where their heading or their edges are. Small
// and thin ones are given room around them, at most `slack` px, where nothing else is hit.
QList<ControlId> controlsAt(const Form &form, QPoint point, int slack);
// The frontmost of them, or 0.
ControlId controlAt(const Form &form, QPoint point, int slack);

// Those between two controls in the tab order, both included, the second one last; the second alone where one of them
// is no stop of Tab. A caption stands for its field.
QList<ControlId> controlsBetween(const Form &form, ControlId from, ControlId to);

// The selection seen by a command of the menu.
QList<ControlId> controlsInBand(const Form &form, BandRole band);
QList<ControlId> controlsOfKind(const Form &form, const QString &kind);
// What stands in one row with a control, and what begins where it does, under it and over it in its area.
QList<ControlId> controlsOfRow(const Form &form, ControlId of);
QList<ControlId> controlsOfColumn(const Form &form, ControlId of);
// The captions, or the boxes, among the controls named, or of the whole form where none is.
QList<ControlId> captionsAmong(const Form &form, const QList<ControlId> &controls);
QList<ControlId> boxesAmong(const Form &form, const QList<ControlId> &controls);

} // namespace nabblet

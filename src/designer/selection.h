// What is selected on the board. The last one chosen is the lead.
#pragma once

#include "core/model/form.h"

#include <QList>
#include <QRect>

namespace nabblet {

class Selection
{
public:
    const QList<ControlId> &controls() const { return m_controls; }
    bool isEmpty() const { return m_controls.isEmpty(); }
    bool contains(ControlId control) const { return m_controls.contains(control); }
    // The control that others follow; 0 with nothing selected.
    ControlId lead() const { return m_controls.isEmpty() ? 0 : m_controls.last(); }

    void clear() { m_controls.clear(); }
    void set(const QList<ControlId> &controls) { m_controls = controls; }
    // Selects one alone, or makes it the lead of a selection that holds it.
    void choose(ControlId control);
    // Adds one as the lead, or takes it out.
    void toggle(ControlId control);
    void add(const QList<ControlId> &controls);
    // Forgets controls that the form does not have any more.
    void keepOnly(const Form &form);

    bool operator==(const Selection &) const = default;

private:
    QList<ControlId> m_controls;
};

enum class Reach { WhollyInside, Touched };

// The controls that a box on the form (px from its top left corner) takes, from back to front.
QList<ControlId> controlsInBox(const Form &form, const QRect &box, Reach reach);

// The frontmost control at a point of the form, or 0. Small and thin ones are given room around them, at most `slack`
// px, where nothing else is hit.
ControlId controlAt(const Form &form, QPoint point, int slack);

} // namespace nabblet

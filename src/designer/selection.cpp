#include "designer/selection.h"

#include <QSet>

namespace nabblet {

void Selection::choose(ControlId control)
{
    if (m_controls.contains(control)) {
        m_controls.removeOne(control);
        m_controls.append(control);
    } else {
        m_controls = {control};
    }
}

void Selection::toggle(ControlId control)
{
    if (!m_controls.removeOne(control)) {
        m_controls.append(control);
    }
}

void Selection::add(const QList<ControlId> &controls)
{
    for (const ControlId control : controls) {
        m_controls.removeOne(control);
        m_controls.append(control);
    }
}

void Selection::keepOnly(const Form &form)
{
    QSet<ControlId> there;
    for (const Control &control : form.controls) {
        there.insert(control.id);
    }
    m_controls.removeIf([&](ControlId control) { return !there.contains(control); });
}

QList<ControlId> controlsInBox(const Form &form, const QRect &box, Reach reach)
{
    QList<ControlId> taken;
    for (const Control &control : form.controls) {
        const QRect place = placeOnForm(form, control);
        if (reach == Reach::WhollyInside ? box.contains(place) : box.intersects(place)) {
            taken.append(control.id);
        }
    }
    return taken;
}

ControlId controlAt(const Form &form, QPoint point, int slack)
{
    for (const int room : {0, slack}) {
        for (int i = form.controls.size() - 1; i >= 0; --i) {
            const Control &control = form.controls.at(i);
            if (placeOnForm(form, control).adjusted(-room, -room, room, room).contains(point)) {
                return control.id;
            }
        }
    }
    return 0;
}

} // namespace nabblet

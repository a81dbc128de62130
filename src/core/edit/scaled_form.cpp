#include "core/edit/scaled_form.h"

#include "core/arrange/containers.h"
#include "core/arrange/grid.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/scaled_parts.h"
#include "core/kinds/settings/height_at_work.h"

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

class Scaling
{
public:
    Scaling(double across, double down, int pitch) : m_across(across), m_down(down), m_pitch(pitch) {}

    int x(int at) const { return scaled(at, m_across); }
    int y(int at) const { return scaled(at, m_down); }
    QRect place(const QRect &place) const
    {
        const int left = x(place.x());
        const int top = y(place.y());
        // Right and lower edges as edges, so that what ended on one line does so still.
        const int right = x(place.x() + place.width());
        const int bottom = y(place.y() + place.height());
        return {left, top, std::max(place.width() > 0 ? 1 : 0, right - left),
                std::max(place.height() > 0 ? 1 : 0, bottom - top)};
    }

private:
    int scaled(int at, double by) const
    {
        const double exact = at * by;
        return m_pitch > 1 && at % m_pitch == 0 ? static_cast<int>(std::lround(exact / m_pitch)) * m_pitch
                                                : static_cast<int>(std::lround(exact));
    }

    double m_across;
    double m_down;
    int m_pitch;
};

} // namespace

Form withMembersInside(const Form &form)
{
    Form result = form;
    for (const Control &container : form.controls) { // each before what it holds
        for (const Area &area : areasIn(container)) {
            const QRect room = roomOf(result, area);
            QSet<ControlId> members;
            QPoint least(room.topLeft());
            for (const Control &control : std::as_const(result.controls)) {
                if (areaOf(control) == area) {
                    members.insert(control.id);
                    least.setX(std::min(least.x(), control.place.x()));
                    least.setY(std::min(least.y(), control.place.y()));
                }
            }
            if (least != room.topLeft()) {
                moveWithMembers(result, members, room.topLeft() - least);
            }
        }
    }
    return withContainersGrown(result);
}

Form scaledForm(const Form &form, double across, double down, OnGrid onGrid)
{
    const Scaling by(across, down, onGrid == OnGrid::Yes ? std::max(1, form.grid.pitch) : 1);
    Form result = form;
    result.width = by.x(form.width);
    result.leastWidth = by.x(form.leastWidth);
    result.leastHeight = by.y(form.leastHeight);
    result.window.listWidth = by.x(form.window.listWidth);
    for (Band &band : result.bands) {
        band.height = by.y(band.height);
    }
    for (Rail &rail : result.rails) {
        rail.position = by.x(rail.position);
        rail.captionsFrom = by.x(rail.captionsFrom);
    }
    for (Rail &rail : result.levelRails) {
        rail.position = by.y(rail.position);
    }
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        const bool isStacked = areStacked(control);
        const int divider = control.kind == QLatin1String("panes") ? dividerOf(control) : 0;
        control.place = by.place(control.place);
        if (divider > 0) {
            setDivider(control, isStacked ? by.y(divider) : by.x(divider));
        }
        scaleParts(control, down);
        if (const int *height = control.settings.get(setting::HeightAtWork)) {
            control.settings.set(setting::HeightAtWork, by.y(*height));
        }
        if (const Form *inner = control.inner.get()) {
            control.inner = InnerForm(scaledForm(*inner, across, down, onGrid));
        }
        result.controls.replace(i, control);
    }
    if (const Form *row = form.rowForm.get()) {
        result.rowForm = InnerForm(scaledForm(*row, across, down, onGrid));
    }
    return withMembersInside(result);
}

} // namespace nabblet

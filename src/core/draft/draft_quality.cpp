#include "core/draft/draft_quality.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"

#include <algorithm>

namespace nabblet {

double shareThatFits(const Form &form, const Profile &profile, const TextMeasure &measure)
{
    qint64 all = 0;
    qint64 fitting = 0;
    for (const Control &control : form.controls) {
        const auto column = profile.columns.constFind(control.column);
        if (column == profile.columns.constEnd() || kindNamed(control.kind).editor != Editor::Line) {
            continue;
        }
        const bool opens = control.kind.startsWith(QLatin1String("date"));
        const int room = control.place.width() - 2 * BoxPadding - (opens ? BoxButtonWidth - BoxPadding : 0);
        for (const LengthGroup &group : column->lengths) {
            all += group.count;
            // Dates and times are shown in other words than they are stored in; their boxes are made to fit all.
            const bool isShownAsStored = !opens && control.kind != QLatin1String("time");
            fitting += !isShownAsStored || measure.width(group.example, TextRole::Field) <= room ? group.count : 0;
        }
    }
    return all == 0 ? 1.0 : static_cast<double>(fitting) / static_cast<double>(all);
}

int overlaps(const Form &form)
{
    QList<QRect> places;
    for (const Control &control : form.controls) {
        places.append(placeOnForm(form, control));
    }
    // From top to bottom, each is compared with those below it that it reaches.
    std::sort(places.begin(), places.end(), [](const QRect &a, const QRect &b) { return a.top() < b.top(); });
    int pairs = 0;
    for (qsizetype i = 0; i < places.size(); ++i) {
        for (qsizetype j = i + 1; j < places.size() && places.at(j).top() <= places.at(i).bottom(); ++j) {
            pairs += places.at(i).intersects(places.at(j)) ? 1 : 0;
        }
    }
    return pairs;
}

} // namespace nabblet

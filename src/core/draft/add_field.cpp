// Fields added one by one to a form that is there.
#include "core/arrange/rails.h"
#include "core/draft/box_sizes.h"
#include "core/draft/field_kinds.h"
#include "core/draft/maker.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int UsualCaptions = 104; // px, kept for captions where a form has no rail yet
constexpr int Below = 8;           // px between a field and the one above it

// The lowest edge of what stands in the body between two rails' captions; the margin where nothing does.
int lowestFrom(const Form &form, int from, int until)
{
    int lowest = DraftMargin - Below;
    for (const Control &control : form.controls) {
        const bool isHere = control.band == BandRole::Body && control.place.x() < until &&
                            control.place.x() + control.place.width() > from;
        lowest = isHere ? std::max(lowest, control.place.y() + control.place.height()) : lowest;
    }
    return lowest;
}

} // namespace

Form withField(const Form &form, const Catalogue &catalogue, const Table &table, const QString &name,
               const QString &namingPattern, const TextMeasure &measure)
{
    const Column *column = findColumn(table, name);
    if (!column) {
        return form;
    }
    Form result = form;
    QList<Rail> rails;
    for (const Rail &rail : result.rails) {
        if (rail.isAutomatic) {
            rails.append(rail);
        }
    }
    if (rails.isEmpty()) {
        Rail rail;
        rail.id = nextRailId(result);
        QStringList taken;
        for (const Rail &each : result.rails) {
            taken.append(each.name);
        }
        rail.name = NamePool(taken).take(QStringLiteral("captions"));
        rail.isAutomatic = true;
        rail.captionsFrom = DraftMargin;
        rail.position = DraftMargin + UsualCaptions;
        result.rails.append(rail);
        rails.append(rail);
    }
    std::sort(rails.begin(), rails.end(), [](const Rail &a, const Rail &b) { return a.position < b.position; });
    Rail chosen = rails.first();
    int y = std::numeric_limits<int>::max();
    for (qsizetype i = 0; i < rails.size(); ++i) {
        const int until = i + 1 < rails.size() ? rails.at(i + 1).captionsFrom : std::numeric_limits<int>::max();
        const int lowest = lowestFrom(result, rails.at(i).captionsFrom, until);
        if (lowest < y) {
            y = lowest;
            chosen = rails.at(i);
        }
    }
    y = onGridAtOrAfter(y + Below, std::max(1, result.grid.pitch));

    QStringList taken;
    for (const Control &control : result.controls) {
        taken.append(control.name);
    }
    NamePool names(taken);
    Control field = draftField(catalogue, table, *column, kindForColumn(table, *column), nullptr);
    const QSize size = draftSize(catalogue, *column, field, nullptr, measure, usualCharacter(measure));
    field.id = nextControlId(result);
    field.name = names.take(nameFromPattern(namingPattern, kindNamed(field.kind).shortName, name));
    field.place = QRect(QPoint(chosen.position, y), size);
    field.rides.left = chosen.id;
    result.controls.append(field);
    Control caption;
    caption.id = field.id + 1;
    caption.kind = QStringLiteral("caption");
    caption.role = QStringLiteral("caption");
    caption.captionFor = field.id;
    caption.text = captionFromColumn(name, table.name);
    caption.name = names.take(nameFromPattern(namingPattern, kindNamed(caption.kind).shortName, name));
    caption.rides.right = chosen.id;
    const int width = captionWidth(caption, measure);
    caption.place = QRect(chosen.position - CaptionGap - width, y, width, DraftLine);
    result.controls.append(caption);
    result.boundColumns.append(rememberColumn(table, *column));
    for (Band &band : result.bands) {
        const int lowest = y + size.height() + DraftMargin;
        band.height = band.role == BandRole::Body ? std::max(band.height, lowest) : band.height;
    }
    result.width = std::max(result.width, chosen.position + size.width() + DraftMargin);
    return settled(result, measure);
}

} // namespace nabblet

// Forms that start without rows.
#include "core/arrange/rails.h"
#include "core/draft/maker.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int BlankWidth = 640;      // px
constexpr int BlankHeight = 320;     // of the body
constexpr int PatternColumn = 320;   // px, one column of captions and boxes with the gap after it
constexpr int PatternCaptions = 104; // of it, for the captions

} // namespace

Form blankForm(const QString &title, const QString &look, const TextMeasure &measure)
{
    const Catalogue catalogue;
    const Table table;
    const Profiles profiles;
    DraftPlan plan;
    plan.title = title;
    plan.look = look;
    Maker maker{catalogue, table, plan, nullptr, profiles, measure, false, 8, {}, {}, 0, {}};
    maker.form.name = identifierFromText(title);
    maker.form.title = title;
    maker.form.look = look;
    maker.form.width = BlankWidth;
    maker.placeTitle();
    maker.form.bands.append(Band{BandRole::Body, BlankHeight, {}});
    return maker.form;
}

Form patternForm(const QString &title, int columns, const QString &look, const TextMeasure &measure)
{
    Form form = blankForm(title, look, measure);
    const int count = std::clamp(columns, 1, 4);
    form.width = DraftMargin + count * PatternColumn;
    for (int i = 0; i < count; ++i) {
        Rail rail;
        rail.id = FixedRail::FirstFree + i;
        rail.name = i == 0 ? QStringLiteral("captions") : QStringLiteral("captions ") + QString::number(i + 1);
        rail.isAutomatic = true;
        rail.captionsFrom = DraftMargin + i * PatternColumn;
        rail.position = rail.captionsFrom + PatternCaptions;
        form.rails.append(rail);
    }
    return grownToHold(form);
}

} // namespace nabblet

#include "core/check/form_quality.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/check/checks.h"
#include "core/check/tab_steps.h"
#include "core/check/value_fit.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

bool isBox(const Control &control)
{
    return takesValue(kindNamed(control.kind));
}

// The left edges of boxes, by the rail that stands nearest to their left.
int mostLeftEdges(const Form &form)
{
    QHash<RailId, QSet<int>> edges;
    for (const Control &control : form.controls) {
        if (!isBox(control) || control.band != BandRole::Body) {
            continue;
        }
        const Rail *nearest = nullptr;
        for (const Rail &rail : form.rails) {
            if (rail.position <= control.place.x() && (!nearest || rail.position > nearest->position)) {
                nearest = &rail;
            }
        }
        edges[nearest ? nearest->id : FixedRail::FormLeft].insert(control.place.x());
    }
    int most = 0;
    for (const QSet<int> &each : std::as_const(edges)) {
        most = std::max(most, static_cast<int>(each.size()));
    }
    return most;
}

} // namespace

int overlaps(const Form &form)
{
    // What stands in a group or on a page covers neither that nor what stands on another page.
    QHash<Area, QList<QRect>> areas;
    for (const Control &control : form.controls) {
        areas[areaOf(control)].append(placeOnForm(form, control));
    }
    int pairs = 0;
    for (QList<QRect> &places : areas) {
        // From top to bottom, each is compared with those below it that it reaches.
        std::sort(places.begin(), places.end(), [](const QRect &a, const QRect &b) { return a.top() < b.top(); });
        for (qsizetype i = 0; i < places.size(); ++i) {
            for (qsizetype j = i + 1; j < places.size() && places.at(j).top() <= places.at(i).bottom(); ++j) {
                pairs += places.at(i).intersects(places.at(j)) ? 1 : 0;
            }
        }
    }
    return pairs;
}

FormQuality &FormQuality::operator+=(const FormQuality &other)
{
    boxes += other.boxes;
    overlaps += other.overlaps;
    offGrid += other.offGrid;
    cutCaptions += other.cutCaptions;
    values += other.values;
    fitting += other.fitting;
    if (other.leastFit < leastFit) {
        leastFit = other.leastFit;
        leastFitBox = other.leastFitBox;
    }
    requiredMissing += other.requiredMissing;
    linksWithoutLookup += other.linksWithoutLookup;
    typeableIdentities += other.typeableIdentities;
    backwardTabs += other.backwardTabs;
    leftEdges += other.leftEdges;
    rightEdges += other.rightEdges;
    mostLeftEdges = std::max(mostLeftEdges, other.mostLeftEdges);
    width = std::max(width, other.width);
    return *this;
}

namespace {

// filled: columns of the form's rows that fill themselves.
FormQuality countedOf(const Form &form, const Catalogue &catalogue, const QHash<QString, Profile> &profiles,
                      const TextMeasure &measure, const QStringList &filled)
{
    const CheckContext context{form, catalogue, measure, filled};
    const auto count = [&](const char *check) { return static_cast<int>(findings(check, context).size()); };
    FormQuality quality;
    quality.cutCaptions = count("cut captions");
    quality.requiredMissing = count("missing columns");
    quality.linksWithoutLookup = count("typed links");
    quality.typeableIdentities = count("typed identities");
    quality.overlaps = overlaps(form);
    quality.backwardTabs = static_cast<int>(backwardTabSteps(form).size());
    quality.mostLeftEdges = mostLeftEdges(form);
    quality.width = form.width;
    const auto profile = profiles.constFind(form.rowsFrom);
    const int pitch = std::max(1, form.grid.pitch);
    QSet<int> lefts;
    QSet<int> rights;
    FormQuality inside;
    for (const Control &control : form.controls) {
        if (isCaption(control)) {
            continue;
        }
        for (const int edge : {control.place.x(), control.place.y(), rightOf(control.place), bottomOf(control.place)}) {
            quality.offGrid += edge % pitch == 0 ? 0 : 1;
        }
        if (control.inner) {
            // The link's columns fill themselves, so that they are not missing there.
            inside += countedOf(*control.inner.get(), catalogue, profiles, measure, childLinkOf(control).childColumns);
        }
        if (!isBox(control)) {
            continue;
        }
        ++quality.boxes;
        lefts.insert(control.place.x());
        rights.insert(rightOf(control.place));
        const ColumnProfile *values = profile == profiles.constEnd() ? nullptr : shownValues(control, *profile);
        if (values) {
            const auto [there, fit] = fitOf(control, *values, measure);
            quality.values += there;
            quality.fitting += fit;
            const double share = there == 0 ? 1.0 : static_cast<double>(fit) / static_cast<double>(there);
            if (share < quality.leastFit) {
                quality.leastFit = share;
                quality.leastFitBox = form.rowsFrom + u'.' + control.column;
            }
        }
    }
    quality.leftEdges = static_cast<int>(lefts.size());
    quality.rightEdges = static_cast<int>(rights.size());
    quality += inside;
    return quality;
}

} // namespace

FormQuality qualityOf(const Form &form, const Catalogue &catalogue, const QHash<QString, Profile> &profiles,
                      const TextMeasure &measure)
{
    return countedOf(form, catalogue, profiles, measure, {});
}

} // namespace nabblet

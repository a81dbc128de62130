#include "core/check/value_fit.h"

#include "core/draft/maker.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"

#include <algorithm>

namespace nabblet {

namespace {

const ColumnProfile *profileOf(const QHash<QString, ColumnProfile> &columns, const QString &name)
{
    const auto found = columns.constFind(name);
    return found == columns.constEnd() ? nullptr : &*found;
}

// Of a long text, those with more lines than it shows, or with one that takes more than all of them: no fewer are cut.
qint64 scrolling(const Control &control, const ColumnProfile &values, const TextMeasure &measure)
{
    const auto own = measure.of(control);
    const int lines =
        std::max(1, (control.place.height() - 2 * own->padding()) / std::max(1, own->lineHeight(TextRole::Field)));
    const int room = lines * (control.place.width() - 2 * own->padding());
    qint64 high = 0;
    for (auto [count, often] : values.lines.asKeyValueRange()) {
        high += count > lines ? often : 0;
    }
    qint64 wide = 0;
    for (const LengthGroup &group : values.lengths) {
        wide += own->width(group.example, TextRole::Field) > room ? group.count : 0;
    }
    return std::max(high, wide);
}

} // namespace

const ColumnProfile *shownValues(const Control &control, const Profile &profile)
{
    if (lookupOf(control)) {
        return profileOf(profile.lookupWords, control.column);
    }
    const Editor editor = kindNamed(control.kind).editor;
    const bool isChoice = editor == Editor::Choice && takesNewChoices(control);
    // Dates and times are shown in other words than they are stored in; their boxes are made to fit all.
    const bool isMoment = control.kind.startsWith(QLatin1String("date")) || control.kind == QLatin1String("time");
    return (editor == Editor::Line && !isMoment) || isChoice ? profileOf(profile.columns, control.column) : nullptr;
}

QPair<qint64, qint64> fitOf(const Control &control, const ColumnProfile &values, const TextMeasure &measure)
{
    const bool opens = kindNamed(control.kind).editor == Editor::Choice;
    const auto own = measure.of(control);
    const int room = control.place.width() - 2 * own->padding() - (opens ? boxButtonWidth(control) - own->padding() : 0);
    QPair<qint64, qint64> fit(0, 0);
    for (const LengthGroup &group : values.lengths) {
        fit.first += group.count;
        fit.second += own->width(group.example, TextRole::Field) <= room ? group.count : 0;
    }
    return fit;
}

double shareThatFits(const Form &form, const Profile &profile, const TextMeasure &measure)
{
    qint64 all = 0;
    qint64 fitting = 0;
    for (const Control &control : form.controls) {
        if (const ColumnProfile *values = shownValues(control, profile)) {
            const auto [there, fit] = fitOf(control, *values, measure);
            all += there;
            fitting += fit;
        }
    }
    return all == 0 ? 1.0 : static_cast<double>(fitting) / static_cast<double>(all);
}

QList<LongerThanBox> longerThanTheirBox(const Form &form, const Profile &profile, const TextMeasure &measure)
{
    QList<LongerThanBox> longer;
    for (const Control &control : form.controls) {
        const bool isLong = kindNamed(control.kind).editor == Editor::LongText;
        const ColumnProfile *values =
            isLong ? profileOf(profile.columns, control.column) : shownValues(control, profile);
        if (!values) {
            continue;
        }
        const auto [there, fit] = isLong ? QPair<qint64, qint64>(0, 0) : fitOf(control, *values, measure);
        const qint64 count = isLong ? scrolling(control, *values, measure) : there - fit;
        if (count > 0) {
            const Control *caption = captionOf(form, control.id);
            longer.append({caption ? caption->text.simplified() : control.column, count});
        }
    }
    std::stable_sort(longer.begin(), longer.end(),
                     [](const LongerThanBox &a, const LongerThanBox &b) { return a.count > b.count; });
    return longer;
}

QString longestWords(const Control &control, const Profile &profile)
{
    const Kind &kind = kindNamed(control.kind);
    const ColumnProfile *values =
        kind.editor == Editor::LongText ? profileOf(profile.columns, control.column) : shownValues(control, profile);
    if (!values || values->lengths.isEmpty()) {
        return {};
    }
    const QString stored = values->lengths.last().example;
    bool isReadable = false;
    const double number = stored.toDouble(&isReadable);
    return isReadable && isNumber(control) && !lookupOf(control) ? kind.words(control, number, QLocale()) : stored;
}

} // namespace nabblet

#include "core/draft/fitted_width.h"

#include "core/draft/box_sizes.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"

#include <algorithm>

namespace nabblet {

namespace {

const ColumnProfile *profileOf(const Profile &profile, const Control &control)
{
    const auto words = profile.lookupWords.constFind(control.column);
    if (lookupOf(control) && words != profile.lookupWords.constEnd()) {
        return &*words;
    }
    const auto values = profile.columns.constFind(control.column);
    return values == profile.columns.constEnd() ? nullptr : &*values;
}

} // namespace

int fittedWidth(const Catalogue &catalogue, const Table &table, const Profile &profile, const Control &control,
                double share, const TextMeasure &measure)
{
    const Kind &kind = kindNamed(control.kind);
    const Column *column = findColumn(table, control.column);
    const ColumnProfile *values = profileOf(profile, control);
    const bool isLine = kind.editor == Editor::Line || kind.editor == Editor::Choice;
    if (!column || !values || values->values == 0 || !isLine) {
        return 0;
    }
    const bool isShownAsStored = column->type == ColumnType::Text || column->type == ColumnType::WholeNumber ||
                                 column->type == ColumnType::DecimalNumber || lookupOf(control);
    if (!isShownAsStored || !fixedChoices(control).isEmpty()) {
        // Dates and choices are shown in other words than they are stored in; all of them are about as wide.
        return draftSize(catalogue, *column, control, values, measure, usualCharacter(measure)).width();
    }
    const auto own = measure.of(control);
    return boxWidthFor(control, widthOfValues(*values, share, *own, &control) + 1, own->padding());
}

QHash<QString, QString> longestWords(const Profile &profile, const TextMeasure &measure)
{
    QHash<QString, QString> result;
    const auto take = [&](const QHash<QString, ColumnProfile> &columns) {
        for (auto it = columns.begin(); it != columns.end(); ++it) {
            int widest = -1;
            for (const LengthGroup &group : it.value().lengths) {
                const int width = measure.width(group.example, TextRole::Field);
                if (width > widest) {
                    widest = width;
                    result.insert(it.key(), group.example);
                }
            }
        }
    };
    take(profile.columns);
    take(profile.lookupWords); // what a lookup shows stands in its box
    return result;
}

} // namespace nabblet

#include "core/draft/box_sizes.h"

#include "core/arrange/grid.h"
#include "core/draft/maker.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/option_places.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"

#include <QHash>

#include <algorithm>
#include <functional>

namespace nabblet {

namespace {

constexpr int DraftGrid = 8;
constexpr double LinesShare = 0.95;   // of the values, whose lines a long text has room for; it scrolls
constexpr int MostLines = 10;         // of a drafted long text
constexpr int MostOptionsWidth = 288; // px, of options in one line

int lengthLimited(const Column &column, int usual, int most)
{
    return std::min(column.length.value_or(usual), most);
}

// Options side by side where they fit, else in two lines, else under one another.
QSize optionSetSize(const Control &field, const TextMeasure &measure)
{
    const QList<Choice> choices = fixedChoices(field);
    const int count = static_cast<int>(choices.size());
    for (const int lines : {1, 2, std::max(1, count)}) {
        Control tried = field;
        tried.place = QRect(0, 0, 10000, lines * OptionLine);
        const QList<QRect> places = optionPlaces(tried);
        // Places share the width in proportion, so the neediest option tells how much there must be.
        double needed = LeastBoxWidth;
        for (int i = 0; i < count; ++i) {
            const int words = OptionSign + 2 * OptionSignGap + measure.width(choices.at(i).words, TextRole::Field);
            needed = std::max(needed, 10000.0 * words / std::max(1, places.at(i).width()));
        }
        const int width = onGridAtOrAfter(static_cast<int>(needed) + 2, DraftGrid);
        if (width <= MostOptionsWidth || lines >= count) {
            return {std::min(width, 2 * MostOptionsWidth), lines * OptionLine};
        }
    }
    return {MostOptionsWidth, OptionLine};
}

// The width that the words of a box need by what is declared, without padding.
int declaredWidth(const Catalogue &catalogue, const Column &column, const Control &field, const TextMeasure &measure,
                  int character)
{
    const Kind &kind = kindNamed(field.kind);
    if (const std::optional<Lookup> lookup = lookupOf(field)) {
        const Table *parent = findTable(catalogue, lookup->table);
        int characters = 0;
        for (const QString &name : lookup->wordsColumns) {
            const Column *shown = parent ? findColumn(*parent, name) : nullptr;
            characters += shown ? shown->length.value_or(24) : 24;
        }
        return character * std::clamp(characters, 8, 32);
    }
    if (kind.editor == Editor::Choice) {
        int words = 0;
        for (const Choice &choice : fixedChoices(field)) {
            words = std::max(words, measure.width(choice.words, TextRole::Field));
        }
        return words;
    }
    if (kind.name == QLatin1String("date") || kind.name == QLatin1String("date-time")) {
        // The widest that stands there: a day of two figures, a time with seconds.
        const bool hasTime = kind.name == QLatin1String("date-time");
        return measure.width(kind.words(field,
                                        hasTime ? QStringLiteral("2028-09-28 20:48:48") : QStringLiteral("2028-09-28"),
                                        QLocale()),
                             TextRole::Field);
    }
    if (column.type == ColumnType::Text) {
        return character * lengthLimited(column, 32, 40);
    }
    return kind.usualSize.width() - 2 * UsualPadding;
}

} // namespace

int widthOfValues(const ColumnProfile &profile, double share, const TextMeasure &measure, const Control *shownBy)
{
    const auto shown = [&](const QString &stored) {
        bool isReadable = false;
        const double number = stored.toDouble(&isReadable);
        const bool isByKind = shownBy && isReadable && isNumber(*shownBy);
        return isByKind ? kindNamed(shownBy->kind).words(*shownBy, number, QLocale()) : stored;
    };
    QList<QPair<int, qint64>> widths;
    for (const LengthGroup &group : profile.lengths) {
        widths.append({measure.width(shown(group.example), TextRole::Field), group.count});
    }
    std::sort(widths.begin(), widths.end());
    qint64 kept = 0;
    for (const auto &[width, count] : widths) {
        kept += count;
        if (static_cast<double>(kept) >= share * static_cast<double>(profile.values)) {
            return width;
        }
    }
    return 0;
}

int usualCharacter(const TextMeasure &measure)
{
    return std::max(1, measure.width(QStringLiteral("nnnnnnnnnn"), TextRole::Field) / 10);
}

QSize draftSize(const Catalogue &catalogue, const Column &column, const Control &field, const ColumnProfile *profile,
                const TextMeasure &formsMeasure, int character)
{
    const auto own = formsMeasure.of(field);
    const TextMeasure &measure = *own;
    const Kind &kind = kindNamed(field.kind);
    if (kind.editor == Editor::Tick || kind.editor == Editor::Image || !takesValue(kind)) {
        return kind.usualSize;
    }
    if (kind.editor == Editor::Options) {
        return optionSetSize(field, measure);
    }
    if (kind.editor == Editor::LongText) {
        const int lines =
            profile && profile->values > 0 ? std::clamp(linesFor(*profile, LinesShare) + 1, 3, MostLines) : 3;
        const int height = lines * measure.lineHeight(TextRole::Field) + 2 * measure.padding();
        return {kind.usualSize.width(), onGridAtOrAfter(height, DraftGrid)};
    }
    int most = MostBoxWidth;
    int words = declaredWidth(catalogue, column, field, measure, character);
    // Dates and choices are shown in other words than they are stored in, so their stored lengths say nothing.
    const bool isShownAsStored = column.type == ColumnType::Text || column.type == ColumnType::WholeNumber ||
                                 column.type == ColumnType::DecimalNumber;
    // Of a lookup, the profile is that of the words it shows; of words in use, of those.
    const bool isLookup = lookupOf(field).has_value() || takesNewChoices(field);
    const bool isLine = isShownAsStored && kind.editor == Editor::Line;
    if (profile && profile->values > 0 && (isLine || isLookup)) {
        // Room for one character more than the widest, since new values may be a little longer.
        words = widthOfValues(*profile, FittingShare, measure, &field) + character;
        most = MostFittedWidth;
    }
    return {std::clamp(onGridAtOrAfter(boxWidthFor(field, words, measure.padding()), DraftGrid), LeastBoxWidth, most),
            kind.usualSize.height()};
}

QList<int> evenedWidths(const QList<int> &widths)
{
    QList<int> sorted = widths;
    std::sort(sorted.begin(), sorted.end(), std::greater<>());
    QHash<int, int> evened;
    int leader = 0;
    for (const int width : std::as_const(sorted)) {
        leader = leader > 0 && leader * 5 <= width * 6 ? leader : width;
        evened.insert(width, leader);
    }
    QList<int> result;
    for (const int width : widths) {
        result.append(evened.value(width));
    }
    return result;
}

} // namespace nabblet

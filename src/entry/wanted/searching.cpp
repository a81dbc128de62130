#include "entry/wanted/searching.h"

#include "core/catalogue/unique_columns.h"
#include "core/filter/filter_words.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "data/records/row_filter.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Around = 24; // letters of a longer text that are shown on either side of what was found

bool isOfDays(ColumnType type)
{
    return type == ColumnType::Date || type == ColumnType::DateTime;
}

// The month of that name, as dates are written, or 0.
int monthNamed(const QString &word, const QLocale &locale)
{
    constexpr int LeastLetters = 3;
    for (const QLocale &names : {locale, QLocale::c()}) {
        for (int i = 1; i <= 12 && word.size() >= LeastLetters; ++i) {
            if (names.monthName(i).startsWith(word, Qt::CaseInsensitive)) {
                return i;
            }
        }
    }
    return 0;
}

// What finds a word in a box; nothing where the box can never hold it.
std::optional<FilterPart> holding(const Control &box, const Control *subform, ColumnType type, const QString &word,
                                  const QLocale &locale)
{
    std::optional<FilterPart> part = partFor(box, subform);
    if (!part || (type == ColumnType::YesNo && !part->isByWords) || type == ColumnType::Binary) {
        return {};
    }
    const auto holds = [&](const QString &text) {
        return FilterCondition{FilterTest::Holds, false, text, {}, false, text, {}};
    };
    if (part->isByWords) {
        part->anyOf = {holds(word)};
        return part;
    }
    for (const Choice &choice : fixedChoices(box)) {
        if (choice.words.contains(word, Qt::CaseInsensitive)) {
            part->anyOf.append(FilterCondition{FilterTest::Is, false, choice.value, {}, false, choice.words, {}});
        }
    }
    if (type == ColumnType::Text) {
        part->anyOf.append(holds(word));
        return part;
    }
    if (const int month = isOfDays(type) ? monthNamed(word, locale) : 0; month > 0) {
        const QString shape = QStringLiteral("*-%1-*").arg(month, 2, 10, QLatin1Char('0'));
        part->anyOf = {FilterCondition{FilterTest::Like, false, shape, {}, false, word, {}}};
        return part;
    }
    static const QString signs = QStringLiteral("<>=≠≤≥;*?");
    const bool isPlain = std::none_of(word.begin(), word.end(), [](QChar each) { return signs.contains(each); }) &&
                         !word.contains(QLatin1String(".."));
    const auto read =
        isPlain ? conditionsFromWords(word, type, Control(), false, locale) : Result<QList<FilterCondition>>(Error{});
    if (read) {
        for (const FilterCondition &each : *read) {
            if (each.test != FilterTest::Blank && !each.isNot) {
                part->anyOf.append(each);
            }
        }
    }
    return part->anyOf.isEmpty() ? std::nullopt : part;
}

QString snippet(const QString &text, const QString &word)
{
    const QString line = text.simplified();
    const qsizetype at = line.indexOf(word, 0, Qt::CaseInsensitive);
    if (at < 0 || line.size() <= 3 * Around) {
        return line.size() > 4 * Around ? line.left(4 * Around) + QStringLiteral("…") : line;
    }
    const qsizetype from = std::max<qsizetype>(0, at - Around);
    const qsizetype to = std::min(line.size(), at + word.size() + Around);
    return (from > 0 ? QStringLiteral("…") : QString()) + line.mid(from, to - from) +
           (to < line.size() ? QStringLiteral("…") : QString());
}

// Whether a value that is no text is what a word means.
bool isMeant(const FilterCondition &condition, const QVariant &value)
{
    if (condition.test == FilterTest::Within) {
        const QString at = value.typeId() == QMetaType::QDate       ? value.toDate().toString(Qt::ISODate)
                           : value.typeId() == QMetaType::QDateTime ? value.toDateTime().toString(Qt::ISODate)
                                                                    : value.toString();
        return at >= condition.value.toString() && at < condition.upTo.toString();
    }
    return condition.test == FilterTest::Is &&
           (value.toString() == condition.value.toString() || value.toDouble() == condition.value.toDouble());
}

} // namespace

QStringList searchedTerms(const QString &typed, const QLocale &locale)
{
    const QStringList words = typed.simplified().split(u' ', Qt::SkipEmptyParts);
    QStringList terms;
    const auto isDate = [&](const QString &text) {
        const bool hasLetters = std::any_of(text.begin(), text.end(), [](QChar each) { return each.isLetter(); });
        return hasLetters && conditionsFromWords(text, ColumnType::Date, Control(), false, locale).isOk();
    };
    for (qsizetype i = 0; i < words.size();) {
        qsizetype taken = 1;
        for (const qsizetype count : {3, 2}) {
            if (i + count <= words.size() && isDate(words.mid(i, count).join(u' '))) {
                taken = count;
                break;
            }
        }
        terms.append(words.mid(i, taken).join(u' '));
        i += taken;
    }
    return terms;
}

QList<SearchedTerm> searchedIn(const EntryState &state, const QString &typed)
{
    QList<SearchedTerm> terms;
    const auto add = [&](SearchedTerm &term, const Form &form, const Control &box, const Control *subform) {
        const std::optional<Followed> followed = followedBy(box);
        const Table *table = findTable(state.catalogue, followed ? followed->table : form.rowsFrom);
        const Column *column = table ? findColumn(*table, followed ? followed->column : box.column) : nullptr;
        const auto part =
            column ? holding(box, subform, column->type, term.words, state.locale) : std::optional<FilterPart>();
        if (!part) {
            return;
        }
        const RowFilter filter = rowFilterOf(Filter{{{*part}}}, state.form, state.catalogue);
        if (filter.lines.size() == 1) {
            term.boxes.append(
                {box, calledFor(form, box), subform ? calledFor(state.form, *subform) : QString(), *part});
            term.tests += filter.lines.first();
        }
    };
    for (const QString &words : searchedTerms(typed, state.locale)) {
        SearchedTerm term{words, {}, {}};
        for (const Control &control : state.form.controls) {
            if (const Form *inner = control.inner.get()) {
                for (const Control &box : inner->controls) {
                    add(term, *inner, box, &control);
                }
            } else {
                add(term, state.form, control, nullptr);
            }
        }
        terms.append(term);
    }
    return terms;
}

QStringList whereFound(const Connection &connection, const RecordSource &source, const Row &row,
                       const QList<SearchedTerm> &terms, const QLocale &locale)
{
    QStringList places;
    for (const SearchedTerm &term : terms) {
        QString place;
        QStringList inside;
        for (const SearchedBox &each : term.boxes) {
            if (!each.subform.isEmpty()) {
                inside.append(each.subform);
                continue;
            }
            QString words;
            bool isThere = false;
            const QVariant value = valueOf(source, row, each.box.column);
            if (const std::optional<Lookup> lookup = each.part.isByWords ? lookupOf(each.box) : std::nullopt) {
                QVariantList values;
                for (const QString &column : lookup->columns) {
                    values.append(valueOf(source, row, column));
                }
                const Result<QString> looked = lookupWords(connection, *lookup, values);
                words = looked ? *looked : QString();
                isThere = words.contains(term.words, Qt::CaseInsensitive);
            } else if (const std::optional<Followed> followed = followedBy(each.box)) {
                QVariantList values;
                for (const QString &column : followed->columns) {
                    values.append(valueOf(source, row, column));
                }
                const Result<QVariant> there = followedValue(connection, *followed, values);
                words = there ? shownFor(each.box, *there, locale).words : QString();
                isThere = words.contains(term.words, Qt::CaseInsensitive);
            } else {
                words = value.isNull() ? QString() : shownFor(each.box, value, locale).words;
                isThere = !value.isNull() &&
                          (words.contains(term.words, Qt::CaseInsensitive) ||
                           std::any_of(each.part.anyOf.begin(), each.part.anyOf.end(),
                                       [&](const FilterCondition &asked) { return isMeant(asked, value); }));
            }
            if (isThere) {
                place = Texts::tr("%1: %2", "a caption and what stands there")
                            .arg(each.caption, snippet(words, term.words));
                break;
            }
        }
        if (place.isEmpty() && !inside.isEmpty()) {
            place = Texts::tr("“%1” in %2", "words in rows that belong to the record").arg(term.words, inside.first());
        }
        if (!place.isEmpty() && !places.contains(place)) {
            places.append(place);
        }
    }
    return places;
}

QStringList quickColumns(const EntryState &state)
{
    QStringList columns;
    const Table *table = state.table();
    for (const Column &column : table ? table->columns : QList<Column>()) {
        if (column.type == ColumnType::Text && isOnlyOnce(*table, column.name)) {
            columns.append(column.name);
        }
    }
    return columns;
}

} // namespace nabblet

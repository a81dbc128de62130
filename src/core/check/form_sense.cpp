#include "core/check/form_sense.h"

#include "core/arrange/containers.h"
#include "core/arrange/rows.h"
#include "core/catalogue/row_names.h"
#include "core/draft/box_sizes.h"
#include "core/draft/maker.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/caption_words.h"
#include "core/words/name_words.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

const ColumnProfile *valuesOf(const SenseContext &context, const QString &table, const QString &column)
{
    const auto profile = context.profiles.constFind(table);
    if (profile == context.profiles.constEnd()) {
        return nullptr;
    }
    const auto values = profile->columns.constFind(column);
    return values == profile->columns.constEnd() || values->values == 0 ? nullptr : &*values;
}

// The share of values of different lengths that something holds of.
double shareOf(const ColumnProfile &values, bool (*holds)(const QString &))
{
    qint64 some = 0;
    for (const LengthGroup &group : values.lengths) {
        some += holds(group.example) ? group.count : 0;
    }
    return static_cast<double>(some) / static_cast<double>(std::max<qint64>(1, values.values));
}

// Whether the values tell rows apart, as far as different values are told.
bool isTelling(const ColumnProfile &values)
{
    return values.hasMoreDistinct || values.distinct.size() * 5 >= values.values * 4;
}

bool isNameByValues(const SenseContext &context, const Table &table, const Column &column)
{
    const ColumnProfile *values = valuesOf(context, table.name, column.name);
    return values && column.type == ColumnType::Text && !findLink(table, column.name) && isTelling(*values) &&
           values->nulls * 5 <= values->values && shareOf(*values, readsAsWords) > 0.6 &&
           values->lengths.lastKey() <= 120;
}

QString at(const Form &form, const QString &column)
{
    return form.rowsFrom + u'.' + column;
}

bool isField(const Control &control)
{
    return takesValue(kindNamed(control.kind)) && !control.column.isEmpty();
}

} // namespace

QStringList codesShownForNames(const Form &form, const SenseContext &context)
{
    QStringList found;
    for (const Control &control : form.controls) {
        const std::optional<Lookup> lookup = lookupOf(control);
        const Table *table = lookup ? findTable(context.catalogue, lookup->table) : nullptr;
        const Column *shown =
            table && !lookup->wordsColumns.isEmpty() ? findColumn(*table, lookup->wordsColumns.first()) : nullptr;
        const ColumnProfile *values = shown ? valuesOf(context, table->name, shown->name) : nullptr;
        const bool isCode =
            shown && (shown->type != ColumnType::Text || (values && shareOf(*values, readsAsCode) > 0.6) ||
                      (!values && isCalledCode(*shown)));
        const bool hasName =
            isCode && std::any_of(table->columns.begin(), table->columns.end(), [&](const Column &each) {
                return &each != shown && each.type == ColumnType::Text &&
                       (calledAsName(*table, each) >= CalledName || isNameByValues(context, *table, each)) &&
                       (!valuesOf(context, table->name, shown->name) || isNameByValues(context, *table, each));
            });
        if (hasName) {
            found.append(at(form, control.column));
        }
    }
    return found;
}

QStringList firstBoxThatNamesNothing(const Form &form, const SenseContext &context)
{
    const Table *table = findTable(context.catalogue, form.rowsFrom);
    if (!table || table->kind != TableKind::Table) {
        return {};
    }
    const Control *first = nullptr;
    for (const ControlId id : tabSequence(form)) {
        const Control *control = form.controls.find(id);
        if (isField(*control)) {
            first = control;
            break;
        }
    }
    const Column *column = first ? findColumn(*table, first->column) : nullptr;
    if (!column || tellingColumns(*table).contains(column->name) || calledAsName(*table, *column) >= CalledName) {
        return {};
    }
    // Parts of a person's name stand together, whichever is first.
    const QString words = captionFromColumn(readableName(*column), table->name).toLower();
    if (words.contains(QLatin1String("name")) || words.contains(QLatin1String("address")) ||
        words.contains(QLatin1String("salutation"))) {
        return {};
    }
    const auto isTellingIfKnown = [&](const Column &other) {
        const ColumnProfile *values = valuesOf(context, table->name, other.name);
        return !values || isTelling(*values);
    };
    for (const Control &control : form.controls) {
        const Column *other = isField(control) ? findColumn(*table, control.column) : nullptr;
        if (other && other != column && !findLink(*table, other->name) && other->type == ColumnType::Text &&
            calledAsName(*table, *other) >= PlainlyName && isTellingIfKnown(*other)) {
            return {at(form, column->name)};
        }
    }
    return {};
}

QStringList wordsThatNobodyKnows(const Form &form, const SenseContext &context)
{
    QStringList found;
    for (const Control &control : form.controls) {
        const Control *box = isCaption(control) ? form.controls.find(control.captionFor) : nullptr;
        if (!box || box->column.isEmpty()) {
            continue;
        }
        for (const QString &written : control.text.split(u' ', Qt::SkipEmptyParts)) {
            QString word;
            for (const QChar c : written) {
                if (c.isLetter() || c == u'-') {
                    word += c;
                }
            }
            const bool isCapitals = word == word.toUpper();
            if (word.size() >= 3 && !isCapitals && !context.knows(word.toLower()) && !isInitialism(word.toLower()) &&
                word.toLower() != QLatin1String("e-mail")) {
                found.append(at(form, box->column) + QLatin1String(": ") + word);
            }
        }
    }
    return found;
}

QStringList oversizedBoxes(const Form &form, const SenseContext &context)
{
    constexpr double Most = 0.95;
    QStringList found;
    for (const Control &control : form.controls) {
        const ColumnProfile *values =
            isField(control) && !lookupOf(control) ? valuesOf(context, form.rowsFrom, control.column) : nullptr;
        if (!values) {
            continue;
        }
        const Editor editor = kindNamed(control.kind).editor;
        // Dates and times are shown in other words than they are stored in.
        const bool isMoment = control.kind.startsWith(QLatin1String("date")) || control.kind == QLatin1String("time");
        const auto own = context.measure.of(control);
        const int needed = widthOfValues(*values, Most, *own, &control) + 2 * own->padding();
        if (editor == Editor::Line && !isMoment && control.place.width() > 3 * std::max(needed, LeastBoxWidth)) {
            found.append(at(form, control.column));
        }
        if (editor == Editor::LongText) {
            const int line = own->lineHeight(TextRole::Field);
            const int lines = linesFor(*values, Most) + needed / std::max(1, control.place.width());
            if (control.place.height() > 3 * (std::max(lines, 1) * line + 2 * own->padding())) {
                found.append(at(form, control.column));
            }
        }
    }
    return found;
}

QStringList fieldsWithoutHeading(const Form &form, const SenseContext &)
{
    if (isTabular(form)) {
        return {};
    }
    int loose = 0;
    for (const Control &control : form.controls) {
        loose += isField(control) && control.band == BandRole::Body && control.container == 0 ? 1 : 0;
    }
    return loose > MostWithoutHeading ? QStringList{form.rowsFrom} : QStringList();
}

QStringList formsTooTall(const Form &form, const SenseContext &)
{
    int height = 0;
    for (const Band &band : form.bands) {
        height += band.height;
    }
    return height > 2 * ScreenHeight ? QStringList{form.rowsFrom} : QStringList();
}

FormSense &FormSense::operator+=(const FormSense &other)
{
    codesForNames += other.codesForNames;
    firstBoxes += other.firstBoxes;
    strangeWords += other.strangeWords;
    oversized += other.oversized;
    withoutHeading += other.withoutHeading;
    tallForms += other.tallForms;
    return *this;
}

FormSense senseOf(const Form &form, const SenseContext &context)
{
    return {codesShownForNames(form, context),   firstBoxThatNamesNothing(form, context),
            wordsThatNobodyKnows(form, context), oversizedBoxes(form, context),
            fieldsWithoutHeading(form, context), formsTooTall(form, context)};
}

} // namespace nabblet

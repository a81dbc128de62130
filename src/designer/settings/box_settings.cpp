// Settings of boxes: what may be chosen or typed there.
#include "core/edit/edits.h"
#include "core/formula/row_formulas.h"
#include "core/kinds/choice_lines.h"
#include "core/kinds/list_lines.h"
#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

NABBLET_TEXTS(Settings)

namespace nabblet {

using namespace setting_parts;

namespace {

bool takesValues(const Context &context)
{
    return anyControl(context, [](const Control &c) { return takesValue(kindNamed(c.kind)); });
}

bool choosesFromFixed(const Context &context)
{
    const QList<const Control *> controls = selected(context);
    return !controls.isEmpty() && std::all_of(controls.begin(), controls.end(), [](const Control *control) {
        const Editor editor = kindNamed(control->kind).editor;
        return (editor == Editor::Choice || editor == Editor::Options || editor == Editor::List) && !lookupOf(*control);
    });
}

Words readChoices(const Context &context)
{
    return common(context, [](const Control &c) { return choiceLines(c); });
}

Result<Form> writeChoices(const Context &context, const QString &typed)
{
    const Table *table = context.catalogue ? findTable(*context.catalogue, context.form.rowsFrom) : nullptr;
    Form form = context.form;
    for (const Control *control : selected(context)) {
        const Column *column = table ? findColumn(*table, control->column) : nullptr;
        const Result<QList<Choice>> choices =
            choicesFromLines(typed, column ? std::optional<ColumnType>(column->type) : std::nullopt);
        if (!choices) {
            return choices.error();
        }
        Control changed = *control;
        setFixedChoices(changed, *choices);
        form.controls.replace(form.controls.indexOf(control->id), changed);
    }
    return form;
}

Words readTakesNew(const Context &context)
{
    return flagOf(context, takesNewChoices);
}

// Drop-downs that store what they show, so that other words may be stored as well.
bool mayTakeNew(const Context &context)
{
    const QList<const Control *> controls = selected(context);
    return !controls.isEmpty() && std::all_of(controls.begin(), controls.end(), [](const Control *control) {
        const std::optional<Lookup> lookup = lookupOf(*control);
        return isOfKind(kindNamed(control->kind), "drop-down") &&
               (!lookup || (lookup->valueColumns.size() == 1 && lookup->valueColumns == lookup->wordsColumns));
    });
}

Result<Form> writeTakesNew(const Context &context, const QString &typed)
{
    return withFlag(context, "takesNew", typed);
}

bool choosesOneOrMore(const Context &context)
{
    return choosesFromFixed(context) && areAllKinds(context, [](const Kind &kind) { return isOfKind(kind, "list"); });
}

Words readSeveral(const Context &context)
{
    return flagOf(context, takesSeveral);
}

// Values are stored with a comma between them, so none may hold one.
Result<Form> writeSeveral(const Context &context, const QString &typed)
{
    for (const Control *control : selected(context)) {
        const Table *table = rowsTable(context);
        const Column *column = table ? findColumn(*table, control->column) : nullptr;
        if (typed == Yes && column && column->type != ColumnType::Text) {
            return Error{
                Texts::tr("“%1” holds one value. Several are stored in a column of text.").arg(control->column), {}};
        }
        for (const Choice &choice : fixedChoices(*control)) {
            if (typed == Yes &&
                (severalParts(choice.value.toString()).size() != 1 || severalParts(choice.words).size() != 1)) {
                return Error{Texts::tr("“%1” holds a comma, with which several choices are kept apart. Write it "
                                       "without.")
                                 .arg(choice.words),
                             {}};
            }
        }
    }
    return withFlag(context, "several", typed);
}

bool isFormula(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return isOfKind(kind, "formula"); });
}

Words readFormula(const Context &context)
{
    return common(context, [](const Control &c) { return formulaOf(c); });
}

Result<Form> writeFormula(const Context &context, const QString &typed)
{
    const QString formula = typed.trimmed();
    if (const Table *table = rowsTable(context); table && !formula.isEmpty()) {
        const Result<QStringList> read = columnsReadBy(formula, columnNames(*table));
        if (!read) {
            return read.error();
        }
    }
    return withWords(context, "formula", formula);
}

bool isTotal(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return isOfKind(kind, "total"); });
}

Total totalIn(const Control &control)
{
    return totalOf(control).value_or(Total{TotalKind::Count, {}});
}

Words readTotal(const Context &context)
{
    return common(context, [](const Control &c) { return QString::number(static_cast<int>(totalIn(c).kind)); });
}

QList<SettingChoice> totalChoices(const Context &)
{
    return {{QString::number(static_cast<int>(TotalKind::Sum)), Texts::tr("the sum")},
            {QString::number(static_cast<int>(TotalKind::Average)), Texts::tr("the average")},
            {QString::number(static_cast<int>(TotalKind::Least)), Texts::tr("the least")},
            {QString::number(static_cast<int>(TotalKind::Greatest)), Texts::tr("the greatest")},
            {QString::number(static_cast<int>(TotalKind::Count)), Texts::tr("how many rows")}};
}

Result<Form> writeTotal(const Context &context, const QString &typed)
{
    return withSelectedChanged(context, [&](Control &control) {
        setTotal(control, {static_cast<TotalKind>(typed.toInt()), totalIn(control).column});
    });
}

Words readTotalColumn(const Context &context)
{
    return common(context, [](const Control &c) { return totalIn(c).column; });
}

QList<SettingChoice> totalColumns(const Context &context)
{
    QStringList columns{QString()};
    if (const Table *table = rowsTable(context)) {
        columns += columnNames(*table);
    }
    if (const Words now = readTotalColumn(context); now && !columns.contains(*now)) {
        columns.append(*now);
    }
    QList<SettingChoice> choices;
    for (const QString &column : std::as_const(columns)) {
        choices.append({column, column.isEmpty() ? Texts::tr("all rows") : column.simplified()});
    }
    return choices;
}

Result<Form> writeTotalColumn(const Context &context, const QString &typed)
{
    return withSelectedChanged(context, [&](Control &control) { setTotal(control, {totalIn(control).kind, typed}); });
}

bool showsPrompt(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) {
        return (takesValue(kind) && kind.editor != Editor::Tick && kind.editor != Editor::Image &&
                kind.editor != Editor::Options) ||
               isOfKind(kind, "jump-list");
    });
}

Words readPrompt(const Context &context)
{
    return common(context, [](const Control &c) { return promptOf(c); });
}

Result<Form> writePrompt(const Context &context, const QString &typed)
{
    return withWords(context, "prompt", typed);
}

Words readLocked(const Context &context)
{
    return flagOf(context, isLocked);
}

Result<Form> writeLocked(const Context &context, const QString &typed)
{
    return withFlag(context, "locked", typed);
}

bool takesLetters(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) {
        return isOfKind(kind, "text-box") || isOfKind(kind, "long-text") || isOfKind(kind, "link");
    });
}

bool takesDecimals(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) {
        return isOfKind(kind, "decimal-number") || isOfKind(kind, "formula") || isOfKind(kind, "total");
    });
}

bool takesNumbers(const Context &context)
{
    return areAllKinds(
        context, [](const Kind &kind) { return isOfKind(kind, "decimal-number") || isOfKind(kind, "whole-number"); });
}

QString numberWords(const Control &control, const char *setting)
{
    const QJsonValue value = control.settings.value(QLatin1String(setting));
    return value.isDouble() ? QLocale::c().toString(value.toDouble(), 'g', 15) : QString();
}

Words readLength(const Context &context)
{
    return common(context, [](const Control &c) { return numberWords(c, "length"); });
}

Words readDecimals(const Context &context)
{
    return common(context, [](const Control &c) { return numberWords(c, "decimals"); });
}

// Stores a whole number between two limits; nothing typed takes the setting away.
Result<Form> withWholeNumber(const Context &context, const QString &setting, const QString &typed, int least, int most)
{
    bool isNumber = false;
    const int number = typed.trimmed().toInt(&isNumber);
    if (!typed.trimmed().isEmpty() && (!isNumber || number < least || number > most)) {
        return Error{Texts::tr("A whole number from %1 to %2 was expected, or nothing.").arg(least).arg(most), {}};
    }
    return setControlSetting(context.form, context.selection.controls(), setting,
                             isNumber ? QJsonValue(number) : QJsonValue());
}

Result<Form> writeLength(const Context &context, const QString &typed)
{
    constexpr int MostLetters = 1000000;
    return withWholeNumber(context, QStringLiteral("length"), typed, 1, MostLetters);
}

Result<Form> writeDecimals(const Context &context, const QString &typed)
{
    constexpr int MostDecimals = 10;
    return withWholeNumber(context, QStringLiteral("decimals"), typed, 0, MostDecimals);
}

template <bool isLeast> Words readLimit(const Context &context)
{
    return common(context, [](const Control &c) { return numberWords(c, isLeast ? "least" : "most"); });
}

template <bool isLeast> Result<Form> writeLimit(const Context &context, const QString &typed)
{
    const QString words = typed.trimmed();
    bool isNumber = false;
    const double number = QString(words).replace(u',', u'.').toDouble(&isNumber);
    if (!words.isEmpty() && !isNumber) {
        return Error{Texts::tr("A number was expected, or nothing for no limit."), {}};
    }
    for (const Control *control : selected(context)) {
        const NumberLimits limits = numberLimits(*control);
        const bool isCrossed =
            isNumber && (isLeast ? limits.most && number > *limits.most : limits.least && number < *limits.least);
        if (isCrossed) {
            return Error{Texts::tr("The least number would be greater than the greatest of “%1”, so that none could be "
                                   "typed.")
                             .arg(control->name),
                         {}};
        }
    }
    return setControlSetting(context.form, context.selection.controls(),
                             isLeast ? QStringLiteral("least") : QStringLiteral("most"),
                             isNumber ? QJsonValue(number) : QJsonValue());
}

} // namespace

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<Setting> boxSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"formula", Controls, T("Formula"), T("Works out"),
         T("An SQL expression over the row's columns, such as price * (1 + tax)."), Lines, T("Change a formula"),
         isFormula, readFormula, writeFormula},
        {"totalHow", Controls, T("Total"), T("Works out"), T("Over all rows of the form."), Choice, T("Change a total"),
         isTotal, readTotal, writeTotal, totalChoices},
        {"totalOf", Controls, T("Total"), T("Of"), T("The column that it is worked out of."), Choice,
         T("Change a total"), isTotal, readTotalColumn, writeTotalColumn, totalColumns},
        {"choices", Controls, T("Behaviour"), T("Choices"),
         T("One a line. Where another value is stored than the words shown: S = Starboard."), Lines,
         T("Change the choices"), choosesFromFixed, readChoices, writeChoices},
        {"takesNew", Controls, T("Behaviour"), T("Takes others"),
         T("People may type words that are no choice; they are stored as they are typed."), Flag,
         T("Change the choices"), mayTakeNew, readTakesNew, writeTakesNew},
        {"several", Controls, T("Behaviour"), T("Several"),
         T("People may choose several; they are stored in one text, with commas between them."), Flag,
         T("Take one or several"), choosesOneOrMore, readSeveral, writeSeveral},
        {"prompt", Controls, T("Behaviour"), T("Prompt"), T("Faint words in the empty box, such as an example."),
         SettingEditor::Words, T("Change a prompt"), showsPrompt, readPrompt, writePrompt},
        {"locked", Controls, T("Behaviour"), T("Only shown"), T("People see the value and cannot change it."), Flag,
         T("Lock or unlock a control"), takesValues, readLocked, writeLocked},
        {"length", Controls, T("Behaviour"), T("At most"), T("How many letters may be typed. Empty: any number."),
         SettingEditor::Words, T("Change the most letters"), takesLetters, readLength, writeLength},
        {"decimals", Controls, T("Behaviour"), T("Decimals"),
         T("How many places stand behind the point. Empty: as many as are stored."), SettingEditor::Words,
         T("Change the decimals"), takesDecimals, readDecimals, writeDecimals},
        {"least", Controls, T("Behaviour"), T("Least"), T("No smaller number may be typed. Empty: no limit."),
         SettingEditor::Words, T("Change a limit"), takesNumbers, readLimit<true>, writeLimit<true>},
        {"most", Controls, T("Behaviour"), T("Greatest"), T("No greater number may be typed. Empty: no limit."),
         SettingEditor::Words, T("Change a limit"), takesNumbers, readLimit<false>, writeLimit<false>},
    };
}

#undef T

} // namespace nabblet

#include "core/kinds/settings/choices.h"

#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QSet>

namespace nabblet {

namespace {

const QString Apart = QStringLiteral(" = ");
const QString Between = QStringLiteral(", ");

bool storesNumbers(std::optional<ColumnType> type)
{
    return type == ColumnType::WholeNumber || type == ColumnType::DecimalNumber;
}

std::optional<QList<Choice>> readChoices(const QJsonValue &json)
{
    if (!json.isArray()) {
        return std::nullopt;
    }
    QList<Choice> choices;
    const QJsonArray stored = json.toArray();
    for (const auto &item : stored) {
        const QJsonObject object = item.toObject();
        const QVariant value = object.value(QLatin1String("value")).toVariant();
        choices.append({value, object.value(QLatin1String("words")).toString(value.toString())});
    }
    return choices;
}

QJsonValue writeChoices(const QList<Choice> &choices)
{
    if (choices.isEmpty()) {
        return QJsonValue::Undefined;
    }
    QJsonArray stored;
    for (const Choice &choice : choices) {
        QJsonObject object{{QStringLiteral("value"), QJsonValue::fromVariant(choice.value)}};
        if (choice.words != choice.value.toString()) {
            object.insert(QStringLiteral("words"), choice.words);
        }
        stored.append(object);
    }
    return stored;
}

const Column *columnOf(const Control &control, const Table *rows)
{
    return rows ? findColumn(*rows, control.column) : nullptr;
}

Result<Control> withChoices(const Control &control, const QString &typed, const Table *rows)
{
    const Column *column = columnOf(control, rows);
    const Result<QList<Choice>> choices =
        choicesFromLines(typed, column ? std::optional<ColumnType>(column->type) : std::nullopt);
    if (!choices) {
        return choices.error();
    }
    Control changed = control;
    setFixedChoices(changed, *choices);
    return changed;
}

// Values are stored with a comma between them, so none may hold one.
Result<Control> withSeveral(const Control &control, const QString &typed, const Table *rows)
{
    const Column *column = columnOf(control, rows);
    if (typed == FlagOn && column && column->type != ColumnType::Text) {
        return Error{Texts::tr("“%1” holds one value. Several are stored in a column of text.").arg(control.column),
                     {}};
    }
    for (const Choice &choice : fixedChoices(control)) {
        if (typed == FlagOn &&
            (severalParts(choice.value.toString()).size() != 1 || severalParts(choice.words).size() != 1)) {
            return Error{Texts::tr("“%1” holds a comma, with which several choices are kept apart. Write it "
                                   "without.")
                             .arg(choice.words),
                         {}};
        }
    }
    return flagTyped<setting::Several>(control, typed, rows);
}

bool choosesFromFixed(const Control &control)
{
    return !control.settings.has(setting::Choosing);
}

// Other words may be stored as well where what is stored is what is shown.
bool storesWhatItShows(const Control &control)
{
    const Lookup *lookup = control.settings.get(setting::Choosing);
    return !lookup || (lookup->valueColumns.size() == 1 && lookup->valueColumns == lookup->wordsColumns);
}

QList<SettingLine> linesOfChoices()
{
    return {{"choices", Texts::later("Behaviour"), Texts::later("Choices"),
             Texts::later("One a line. Where another value is stored than the words shown: S = Starboard."),
             LineEditor::Lines, Texts::later("Change the choices"), choiceLines, withChoices, nullptr, choosesFromFixed,
             true}};
}

QList<SettingLine> takesNewLines()
{
    return {{"takesNew", Texts::later("Behaviour"), Texts::later("Takes others"),
             Texts::later("People may type words that are no choice; they are stored as they are typed."),
             LineEditor::Flag, Texts::later("Change the choices"), flagInWords<setting::TakesNew>,
             flagTyped<setting::TakesNew>, nullptr, storesWhatItShows, true}};
}

QList<SettingLine> severalLines()
{
    return {{"several", Texts::later("Behaviour"), Texts::later("Several"),
             Texts::later("People may choose several; they are stored in one text, with commas between them."),
             LineEditor::Flag, Texts::later("Take one or several"), flagInWords<setting::Several>, withSeveral, nullptr,
             choosesFromFixed, true}};
}

} // namespace

namespace setting {

constinit const ControlSetting<QList<Choice>> Choices{"choices", readChoices, writeChoices, SettingPart::Choices,
                                                      linesOfChoices};
constinit const ControlSetting<bool> TakesNew = flagSetting("takesNew", SettingPart::Choices, takesNewLines);
constinit const ControlSetting<bool> Several = flagSetting("several", SettingPart::Choices, severalLines);

} // namespace setting

QString choiceLines(const Control &control)
{
    QStringList lines;
    const QList<Choice> choices = fixedChoices(control);
    for (const Choice &choice : choices) {
        const QString value = choice.value.toString();
        // Words that hold the sign themselves need their value before it, or they would be read as two parts.
        const bool isOne = value == choice.words && !value.contains(Apart);
        lines.append(isOne ? value : value + Apart + choice.words);
    }
    return lines.join(u'\n');
}

QString choiceWords(const Control &control, const QVariant &value)
{
    const QString stored = value.toString();
    for (const Choice &choice : fixedChoices(control)) {
        if (choice.value.toString() == stored) {
            return choice.words;
        }
    }
    return stored;
}

Result<QList<Choice>> choicesFromLines(const QString &text, std::optional<ColumnType> type)
{
    QList<Choice> choices;
    QSet<QString> stored;
    const QStringList lines = text.split(u'\n');
    for (qsizetype i = 0; i < lines.size(); ++i) {
        const QString line = lines.at(i).trimmed();
        if (line.isEmpty()) {
            continue;
        }
        const qsizetype tab = line.indexOf(u'\t');
        const qsizetype sign = tab >= 0 ? tab : line.indexOf(Apart);
        const QString value = sign < 0 ? line : line.left(sign).trimmed();
        const QString words = sign < 0 ? line : line.mid(sign + (tab >= 0 ? 1 : Apart.size())).trimmed();
        if (stored.contains(value)) {
            return Error{Texts::tr("Line %1: “%2” comes twice. Each stored value needs a line of its own.")
                             .arg(QString::number(i + 1), value),
                         {}};
        }
        bool isNumber = false;
        const double number = value.toDouble(&isNumber);
        if (storesNumbers(type) && !isNumber) {
            return Error{
                Texts::tr("Line %1: the column stores numbers. Write the number before the words, as in “1 = %2”.")
                    .arg(QString::number(i + 1), words),
                {}};
        }
        stored.insert(value);
        choices.append({storesNumbers(type) ? QVariant(number) : QVariant(value), words.isEmpty() ? value : words});
    }
    return choices;
}

QList<Choice> fixedChoices(const Control &control)
{
    return control.settings.value(setting::Choices);
}

void setFixedChoices(Control &control, const QList<Choice> &choices)
{
    control.settings.set(setting::Choices, choices);
}

bool takesNewChoices(const Control &control)
{
    return control.settings.value(setting::TakesNew);
}

bool takesSeveral(const Control &control)
{
    return control.settings.value(setting::Several);
}

QStringList severalParts(const QString &stored)
{
    return stored.split(Between, Qt::SkipEmptyParts);
}

QString severalText(const QStringList &parts)
{
    return parts.join(Between);
}

} // namespace nabblet

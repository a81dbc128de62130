#include "core/kinds/choice_lines.h"

#include "core/text/tr.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QSet>

NABBLET_TEXTS(Choices)

namespace nabblet {

namespace {

const QString Apart = QStringLiteral(" = ");

bool storesNumbers(std::optional<ColumnType> type)
{
    return type == ColumnType::WholeNumber || type == ColumnType::DecimalNumber;
}

} // namespace

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

void setFixedChoices(Control &control, const QList<Choice> &choices)
{
    if (choices.isEmpty()) {
        control.settings.remove(QStringLiteral("choices"));
        return;
    }
    QJsonArray stored;
    for (const Choice &choice : choices) {
        QJsonObject object{{QStringLiteral("value"), QJsonValue::fromVariant(choice.value)}};
        if (choice.words != choice.value.toString()) {
            object.insert(QStringLiteral("words"), choice.words);
        }
        stored.append(object);
    }
    control.settings.insert(QStringLiteral("choices"), stored);
}

} // namespace nabblet

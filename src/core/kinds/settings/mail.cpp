#include "core/kinds/settings/mail.h"

#include "core/actions/action_table.h"
#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

const QStringList &attachedNames() // in files
{
    static const QStringList all{QString(), QStringLiteral("pdf"), QStringLiteral("csv"), QStringLiteral("json")};
    return all;
}

std::optional<Mail> fromJson(const QJsonValue &json)
{
    if (!json.isObject()) {
        return std::nullopt;
    }
    const QJsonObject object = json.toObject();
    Mail mail{object.value(QStringLiteral("to")).toString(), object.value(QStringLiteral("subject")).toString(),
              object.value(QStringLiteral("text")).toString()};
    const qsizetype at = attachedNames().indexOf(object.value(QStringLiteral("attached")).toString());
    mail.attached = static_cast<Attached>(std::max<qsizetype>(0, at));
    return mail;
}

QJsonValue toJson(const Mail &mail)
{
    QJsonObject object;
    const auto put = [&](const QString &key, const QString &words) {
        if (!words.isEmpty()) {
            object.insert(key, words);
        }
    };
    put(QStringLiteral("to"), mail.to);
    put(QStringLiteral("subject"), mail.subject);
    put(QStringLiteral("text"), mail.text);
    put(QStringLiteral("attached"), attachedNames().at(static_cast<int>(mail.attached)));
    return object.isEmpty() ? QJsonValue(QJsonValue::Undefined) : QJsonValue(object);
}

bool sends(const Control &control)
{
    const QList<ButtonStep> steps = buttonStepsOf(control);
    return std::any_of(steps.begin(), steps.end(),
                       [](const ButtonStep &step) { return step.action == QLatin1String("send"); });
}

template <auto Part> QString words(const Control &control)
{
    return control.settings.value(setting::Message).*Part;
}

template <auto Part> Result<Control> typed(const Control &control, const QString &words, const Table *)
{
    Control changed = control;
    Mail mail = control.settings.value(setting::Message);
    mail.*Part = words;
    changed.settings.set(setting::Message, mail);
    return changed;
}

QList<SettingLine> lines()
{
    constexpr const char *Section = Texts::later("Message");
    constexpr const char *Step = Texts::later("Change what a button sends");
    return {
        {"mailTo", Section, Texts::later("To"),
         Texts::later("Addresses with commas between them; names of columns in braces are filled in: "
                      "{email}."),
         LineEditor::Words, Step, words<&Mail::to>, typed<&Mail::to>, nullptr, sends, false, true},
        {"mailSubject", Section, Texts::later("Subject"),
         Texts::later("With names of columns in braces: Visit to {asset_no}. {record} is the record in "
                      "words."),
         LineEditor::Words, Step, words<&Mail::subject>, typed<&Mail::subject>, nullptr, sends, false, true},
        {"mailText", Section, Texts::later("Words"), Texts::later("The message, with names of columns in braces."),
         LineEditor::Lines, Step, words<&Mail::text>, typed<&Mail::text>, nullptr, sends, false, true},
        {"mailAttached", Section, Texts::later("Attached"), Texts::later("The record as a file that goes along."),
         LineEditor::Choice, Step,
         [](const Control &control) {
             return attachedNames().at(static_cast<int>(control.settings.value(setting::Message).attached));
         },
         [](const Control &control, const QString &name, const Table *) -> Result<Control> {
             Control changed = control;
             Mail mail = control.settings.value(setting::Message);
             mail.attached = static_cast<Attached>(std::max<qsizetype>(0, attachedNames().indexOf(name)));
             changed.settings.set(setting::Message, mail);
             return changed;
         },
         [](const Control &, const Table *) {
             return QList<SettingChoice>{{attachedNames().at(0), Texts::tr("nothing")},
                                         {attachedNames().at(1), Texts::tr("the record as PDF")},
                                         {attachedNames().at(2), Texts::tr("the record as CSV")},
                                         {attachedNames().at(3), Texts::tr("the record as JSON")}};
         },
         sends},
    };
}

} // namespace

namespace setting {

constinit const ControlSetting<Mail> Message{"message", fromJson, toJson, SettingPart::Work, lines};

} // namespace setting

} // namespace nabblet

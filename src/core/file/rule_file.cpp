#include "core/file/rule_file.h"

#include "core/text/tr.h"

NABBLET_TEXTS(FormFile)

namespace nabblet {

void writeRules(JsonText &json, const Form &form, const QHash<ControlId, QString> &names)
{
    if (form.rules.isEmpty()) {
        return;
    }
    json.beginList("rules");
    for (const Rule &rule : form.rules) {
        QJsonArray on;
        for (const ControlId id : rule.on) {
            if (names.contains(id)) {
                on.append(names.value(id));
            }
        }
        json.beginObject(nullptr, JsonText::Layout::OneLine);
        json.value("when", rule.when);
        json.value("effect", rule.effect);
        json.value("on", QJsonValue(on));
        json.members(rule.unknown);
        json.endObject();
    }
    json.endList();
}

void readRules(Form &form, const QJsonArray &stored, const QString &base, const QHash<QString, ControlId> &ids,
               JsonMistakes &mistakes)
{
    for (int i = 0; i < stored.size(); ++i) {
        const QString pointer = base + u'/' + QString::number(i);
        JsonReader reader(stored.at(i).toObject(), pointer, &mistakes);
        Rule rule;
        rule.when = reader.text("when");
        rule.effect = reader.text("effect");
        const QJsonArray on = reader.list("on", true);
        for (int k = 0; k < on.size(); ++k) {
            const QString name = on.at(k).toString();
            if (!ids.contains(name)) {
                mistakes.report(pointer + QStringLiteral("/on/") + QString::number(k),
                                Texts::tr("the name of a control was expected, and none is called “%1”").arg(name));
            } else if (const ControlId id = ids.value(name); !rule.on.contains(id)) {
                rule.on.append(id);
            }
        }
        rule.unknown = reader.unknownKeys();
        form.rules.append(rule);
    }
}

} // namespace nabblet

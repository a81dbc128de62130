#include "core/file/rule_file.h"

#include "core/file/band_names.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

const QStringList &markNames()
{
    static const QStringList names{QStringLiteral("none"), QStringLiteral("steady"), QStringLiteral("watch"),
                                   QStringLiteral("alarm")};
    return names;
}

const QStringList &hiddenNames()
{
    static const QStringList names{QStringLiteral("kept"), QStringLiteral("emptied"), QStringLiteral("asked")};
    return names;
}

const QStringList &holdNames()
{
    static const QStringList names{QStringLiteral("follows"), QStringLiteral("until-typed"), QStringLiteral("at-first"),
                                   QStringLiteral("as-before")};
    return names;
}

QJsonObject markAndWords(Mark mark, const QString &words)
{
    QJsonObject object;
    if (mark != Mark::None) {
        object.insert(QStringLiteral("mark"), markNames().at(static_cast<int>(mark)));
    }
    if (!words.isEmpty()) {
        object.insert(QStringLiteral("words"), words);
    }
    return object;
}

void writeSide(JsonText &json, const char *key, const RuleSide &side)
{
    QJsonObject object = markAndWords(side.mark, side.words);
    if (!side.value.isEmpty()) {
        object.insert(QStringLiteral("value"), side.value);
    }
    if (!object.isEmpty()) {
        json.value(key, QJsonValue(object));
    }
}

RuleSide readSide(JsonReader &reader, const char *key, JsonMistakes &mistakes)
{
    JsonReader inside(reader.object(key), reader.pointerTo(QLatin1String(key)), &mistakes);
    RuleSide side;
    side.mark = static_cast<Mark>(inside.oneOf("mark", markNames(), 0));
    side.words = inside.text("words", QString());
    side.value = inside.text("value", QString());
    return side;
}

void writeAreas(JsonText &json, const Rule &rule, const QHash<ControlId, QString> &names)
{
    QJsonArray areas;
    for (const Area &area : rule.areas) {
        QJsonObject object;
        if (area.container == 0) {
            object.insert(QStringLiteral("band"), bandNames().at(static_cast<int>(area.band)));
        } else if (names.contains(area.container)) {
            object.insert(QStringLiteral("in"), names.value(area.container));
            object.insert(QStringLiteral("page"), area.page);
        }
        if (!object.isEmpty() && !areas.contains(object)) {
            areas.append(object);
        }
    }
    if (!areas.isEmpty()) {
        json.value("areas", QJsonValue(areas));
    }
}

void readAreas(Rule &rule, JsonReader &reader, const QHash<QString, ControlId> &ids, JsonMistakes &mistakes)
{
    const QJsonArray stored = reader.list("areas");
    for (int i = 0; i < stored.size(); ++i) {
        const QString pointer = reader.pointerTo(QStringLiteral("areas")) + u'/' + QString::number(i);
        const QJsonObject object = stored.at(i).toObject();
        const QString in = object.value(QStringLiteral("in")).toString();
        const qsizetype band = bandNames().indexOf(object.value(QStringLiteral("band")).toString());
        const int page = object.value(QStringLiteral("page")).toInt();
        Area area;
        if (ids.contains(in) && page >= 0) {
            area.container = ids.value(in);
            area.page = page;
        } else if (in.isEmpty() && band >= 0) {
            area.band = static_cast<BandRole>(band);
        } else {
            mistakes.report(pointer, Texts::tr("a band, or a page of a control, was expected"));
            continue;
        }
        if (!rule.areas.contains(area)) {
            rule.areas.append(area);
        }
    }
}

void writeWhatElse(JsonText &json, const Rule &rule)
{
    if (!rule.measured.isEmpty()) {
        json.value("measured", rule.measured);
    }
    if (!rule.steps.isEmpty()) {
        QJsonArray steps;
        for (const ScaleStep &step : rule.steps) {
            QJsonObject object = markAndWords(step.mark, step.words);
            if (step.below) {
                object.insert(QStringLiteral("below"), *step.below);
            }
            steps.append(object);
        }
        json.value("steps", QJsonValue(steps));
    }
    if (!rule.examples.isEmpty()) {
        json.value("examples", QJsonValue(QJsonArray::fromStringList(rule.examples)));
    }
    if (!rule.pattern.isEmpty()) {
        json.value("pattern", rule.pattern);
    }
    if (!rule.ready.isEmpty()) {
        json.value("ready", rule.ready);
    }
    if (rule.isOff) {
        json.value("off", true);
    }
    if (rule.givesWay) {
        json.value("givesWay", true);
    }
    if (rule.hidden != HiddenValue::Kept) {
        json.value("hidden", hiddenNames().at(static_cast<int>(rule.hidden)));
    }
    if (rule.hold != ValueHold::Follows) {
        json.value("hold", holdNames().at(static_cast<int>(rule.hold)));
    }
    if (rule.asks) {
        json.value("asks", true);
    }
}

void readWhatElse(Rule &rule, JsonReader &reader, JsonMistakes &mistakes)
{
    rule.measured = reader.text("measured", QString());
    const QJsonArray steps = reader.list("steps");
    for (int i = 0; i < steps.size(); ++i) {
        const QString pointer = reader.pointerTo(QStringLiteral("steps")) + u'/' + QString::number(i);
        JsonReader inside(steps.at(i).toObject(), pointer, &mistakes);
        ScaleStep step;
        const QJsonValue below = steps.at(i).toObject().value(QStringLiteral("below"));
        if (below.isDouble()) {
            step.below = below.toDouble();
        } else if (!below.isUndefined()) {
            mistakes.report(pointer + QStringLiteral("/below"), Texts::tr("a number was expected"));
        }
        step.mark = static_cast<Mark>(inside.oneOf("mark", markNames(), 0));
        step.words = inside.text("words", QString());
        rule.steps.append(step);
    }
    const QJsonArray examples = reader.list("examples");
    for (const QJsonValue &example : examples) {
        rule.examples.append(example.toString());
    }
    rule.pattern = reader.text("pattern", QString());
    rule.ready = reader.text("ready", QString());
    rule.isOff = reader.flag("off", false);
    rule.givesWay = reader.flag("givesWay", false);
    rule.hidden = static_cast<HiddenValue>(reader.oneOf("hidden", hiddenNames(), 0));
    rule.hold = static_cast<ValueHold>(reader.oneOf("hold", holdNames(), 0));
    rule.asks = reader.flag("asks", false);
}

} // namespace

void writeRules(JsonText &json, const Form &form, const QHash<ControlId, QString> &names)
{
    if (form.rules.isEmpty()) {
        return;
    }
    json.beginList("rules");
    for (const Rule &rule : form.rules) {
        QJsonArray on;
        for (const ControlId id : rule.on) {
            if (names.contains(id) && !on.contains(names.value(id))) {
                on.append(names.value(id));
            }
        }
        json.beginObject(nullptr, JsonText::Layout::OneLine);
        json.value("when", rule.when);
        json.value("effect", rule.effect);
        json.value("on", QJsonValue(on));
        writeAreas(json, rule, names);
        writeSide(json, "then", rule.then);
        writeSide(json, "otherwise", rule.otherwise);
        writeWhatElse(json, rule);
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
        readAreas(rule, reader, ids, mistakes);
        rule.then = readSide(reader, "then", mistakes);
        rule.otherwise = readSide(reader, "otherwise", mistakes);
        readWhatElse(rule, reader, mistakes);
        rule.unknown = reader.unknownKeys();
        form.rules.append(rule);
    }
}

} // namespace nabblet

#include "core/file/column_file.h"

#include <limits>

namespace nabblet {

namespace {

constexpr auto OneLine = JsonText::Layout::OneLine;
constexpr int MostDrafted = 100'000; // px

QStringList textsOf(const QJsonArray &stored)
{
    QStringList texts;
    for (const QJsonValue &each : stored) {
        texts.append(each.toString());
    }
    return texts;
}

} // namespace

void readBoundColumns(Form &form, const QJsonArray &stored, const QString &base, JsonMistakes &mistakes)
{
    for (int i = 0; i < stored.size(); ++i) {
        JsonReader reader(stored.at(i).toObject(), base + u'/' + QString::number(i), &mistakes);
        BoundColumn column;
        column.column = reader.text("column");
        column.declaredType = reader.text("type", QString());
        if (reader.has("length")) {
            column.length = reader.number("length", 0, std::numeric_limits<int>::max());
        }
        column.isRequired = reader.flag("required", false);
        column.linksTo = reader.text("linksTo", QString());
        column.table = reader.text("table", QString());
        column.place = reader.number("place", 0, std::numeric_limits<int>::max(), 0);
        column.comment = reader.text("comment", QString());
        column.startsWith = reader.text("startsWith", QString());
        column.choices = textsOf(reader.list("choices"));
        column.signs = textsOf(reader.list("signs"));
        if (reader.has("drafted")) {
            JsonReader drafted(reader.object("drafted"), base + u'/' + QString::number(i) + QLatin1String("/drafted"),
                               &mistakes);
            column.drafted = Drafted{drafted.text("kind"),
                                     drafted.text("caption", QString()),
                                     {drafted.number("width", 0, MostDrafted), drafted.number("height", 0, MostDrafted)}};
        }
        column.unknown = reader.unknownKeys();
        form.boundColumns.append(column);
    }
}

void writeBoundColumn(JsonText &json, const BoundColumn &column)
{
    json.beginObject(nullptr, OneLine);
    if (!column.table.isEmpty()) {
        json.value("table", column.table);
    }
    json.value("column", column.column);
    json.value("type", column.declaredType);
    if (column.length) {
        json.value("length", *column.length);
    }
    if (column.isRequired) {
        json.value("required", true);
    }
    if (!column.linksTo.isEmpty()) {
        json.value("linksTo", column.linksTo);
    }
    if (column.place > 0) {
        json.value("place", column.place);
    }
    if (!column.comment.isEmpty()) {
        json.value("comment", column.comment);
    }
    if (!column.startsWith.isEmpty()) {
        json.value("startsWith", column.startsWith);
    }
    if (!column.choices.isEmpty()) {
        json.value("choices", QJsonArray::fromStringList(column.choices));
    }
    if (!column.signs.isEmpty()) {
        json.value("signs", QJsonArray::fromStringList(column.signs));
    }
    if (column.drafted) {
        json.value("drafted", QJsonObject{{QStringLiteral("kind"), column.drafted->kind},
                                          {QStringLiteral("caption"), column.drafted->caption},
                                          {QStringLiteral("width"), column.drafted->size.width()},
                                          {QStringLiteral("height"), column.drafted->size.height()}});
    }
    json.members(column.unknown);
    json.endObject();
}

void writeLeftBe(JsonText &json, const Form &form, const QHash<ControlId, QString> &names)
{
    if (form.leftBe.isEmpty()) {
        return;
    }
    json.beginList("leftBe");
    for (const LeftBe &left : form.leftBe) {
        json.beginObject(nullptr, OneLine);
        json.value("check", left.check);
        if (left.control != 0) {
            json.value("control", names.value(left.control));
        }
        if (!left.about.isEmpty()) {
            json.value("about", left.about);
        }
        json.value("reason", left.reason);
        json.endObject();
    }
    json.endList();
}

void readLeftBe(Form &form, const QJsonArray &stored, const QString &base, const QHash<QString, ControlId> &ids,
                JsonMistakes &mistakes)
{
    for (int i = 0; i < stored.size(); ++i) {
        JsonReader reader(stored.at(i).toObject(), base + u'/' + QString::number(i), &mistakes);
        LeftBe left;
        left.check = reader.text("check");
        const QString control = reader.text("control", QString());
        left.control = ids.value(control);
        left.about = reader.text("about", QString());
        left.reason = reader.text("reason", QString());
        if (control.isEmpty() || left.control != 0) { // of a control that is gone there is nothing left to be
            form.leftBe.append(left);
        }
    }
}

void writeUndecided(JsonText &json, const Form &form)
{
    if (form.undecided.isEmpty()) {
        return;
    }
    json.beginList("undecided");
    for (const Undecided &each : form.undecided) {
        json.beginObject(nullptr, OneLine);
        if (!each.control.isEmpty()) {
            json.value("control", each.control);
        }
        json.value("key", each.key);
        json.value("ours", each.ours);
        json.value("theirs", each.theirs);
        json.endObject();
    }
    json.endList();
}

void readUndecided(Form &form, const QJsonArray &stored, const QString &base, JsonMistakes &mistakes)
{
    for (int i = 0; i < stored.size(); ++i) {
        const QJsonObject object = stored.at(i).toObject();
        JsonReader reader(object, base + u'/' + QString::number(i), &mistakes);
        form.undecided.append({reader.text("control", QString()), reader.text("key"),
                               object.value(QLatin1String("ours")), object.value(QLatin1String("theirs"))});
    }
}

} // namespace nabblet

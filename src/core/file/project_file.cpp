#include "core/file/project_file.h"

#include "core/file/json_reader.h"
#include "core/file/json_text.h"
#include "core/file/whole_file.h"
#include "core/text/json_names.h"
#include "core/text/tr.h"

#include <QDir>
#include <QFileInfo>
#include <QJsonArray>

namespace nabblet {

namespace {

constexpr int ProjectFileVersion = 1;

} // namespace

QByteArray writeProject(const Project &project)
{
    JsonText json;
    json.beginObject();
    json.value("project", std::max(ProjectFileVersion, project.fileVersion));
    json.value("name", project.name);
    json.beginObject("connection", JsonText::Layout::OneLine);
    json.value("kind", project.database.dialect);
    if (project.database.isEmpty()) { // not chosen yet
        json.value("file", QString());
    }
    for (auto part = project.database.parts.constBegin(); part != project.database.parts.constEnd(); ++part) {
        json.value(part.key().toUtf8().constData(), part.value());
    }
    json.members(project.unknownConnection);
    json.endObject();
    json.value("namingPattern", project.namingPattern);
    if (!project.startForm.isEmpty()) {
        json.value("startForm", project.startForm);
    }
    if (project.followsRenames) {
        json.value("followsRenames", true);
    }
    if (!project.words.isEmpty()) {
        json.beginObject("words");
        QStringList names = project.words.keys();
        names.sort();
        QJsonObject words;
        for (const QString &name : std::as_const(names)) {
            words.insert(name, project.words.value(name));
        }
        json.members(words);
        json.endObject();
    }
    if (!project.links.isEmpty()) {
        json.beginList("links");
        for (const TableLink &each : project.links) {
            json.beginObject(nullptr, JsonText::Layout::OneLine);
            json.value("table", each.table);
            json.value("columns", QJsonArray::fromStringList(each.link.columns));
            json.value("parent", each.link.parentTable);
            json.value("parentColumns", QJsonArray::fromStringList(each.link.parentColumns));
            json.endObject();
        }
        json.endList();
    }
    if (!project.sentences.isEmpty()) {
        json.beginList("sentences");
        for (const RuleSentence &each : project.sentences) {
            json.beginObject(nullptr, JsonText::Layout::OneLine);
            json.value("table", each.table);
            json.value("rule", each.rule);
            json.value("sentence", each.sentence);
            json.endObject();
        }
        json.endList();
    }
    if (!project.questions.isEmpty()) {
        json.beginList("questions");
        for (const KeptQuestion &each : project.questions) {
            json.beginObject(nullptr, JsonText::Layout::OneLine);
            json.members(questionToJson(each));
            json.endObject();
        }
        json.endList();
    }
    if (const QJsonObject mail = mailSetupToJson(project.mail); !mail.isEmpty()) {
        json.beginObject("mail", JsonText::Layout::OneLine);
        json.members(mail);
        json.endObject();
    }
    json.members(project.unknown);
    json.endObject();
    return json.toUtf8();
}

Result<Project> readProject(const QByteArray &text)
{
    const Result<QJsonObject> object = parseJsonObject(text);
    if (!object) {
        return object.error();
    }
    JsonMistakes mistakes;
    JsonReader reader(*object, QString(), &mistakes);
    Project project;
    project.fileVersion = reader.number("project", 1, std::numeric_limits<int>::max());
    project.name = reader.text("name");
    JsonReader connection(reader.object("connection", true), QStringLiteral("/connection"), &mistakes);
    project.database.dialect = connection.text("kind");
    if (project.database.dialect == QLatin1String("sqlite")) {
        if (const QString file = connection.text("file"); !file.isEmpty()) {
            project.database = addressOfFile(file);
        }
    }
    // Every other part that is a text belongs to the address, also those of databases that this version does not know.
    project.unknownConnection = connection.unknownKeys();
    for (const QString &name : project.unknownConnection.keys()) {
        if (project.unknownConnection.value(name).isString() && project.database.dialect != QLatin1String("sqlite")) {
            project.database.parts.insert(name, project.unknownConnection.take(name).toString());
        }
    }
    project.namingPattern = reader.text("namingPattern", project.namingPattern);
    project.startForm = reader.text("startForm", QString());
    project.followsRenames = reader.flag("followsRenames", false);
    const QJsonObject words = reader.object("words");
    for (auto word = words.begin(); word != words.end(); ++word) {
        project.words.insert(word.key().toLower(), word.value().toString());
    }
    int number = 0;
    for (const QJsonValue &each : reader.list("links")) {
        JsonReader link(each.toObject(), QStringLiteral("/links/%1").arg(number++), &mistakes);
        TableLink read;
        read.table = link.text("table");
        read.link.parentTable = link.text("parent");
        for (const QJsonValue &column : link.list("columns", true)) {
            read.link.columns.append(column.toString());
        }
        for (const QJsonValue &column : link.list("parentColumns", true)) {
            read.link.parentColumns.append(column.toString());
        }
        read.link.onDelete = LinkRule::Nothing;
        project.links.append(read);
    }
    number = 0;
    for (const QJsonValue &each : reader.list("sentences")) {
        JsonReader sentence(each.toObject(), QStringLiteral("/sentences/%1").arg(number++), &mistakes);
        project.sentences.append({sentence.text("table"), sentence.text("rule"), sentence.text("sentence")});
    }
    for (const QJsonValue &each : reader.list("questions")) {
        const KeptQuestion question = questionFromJson(each.toObject());
        if (!question.name.isEmpty()) {
            project.questions.append(question);
        }
    }
    project.mail = mailSetupFromJson(reader.object("mail"));
    project.unknown = reader.unknownKeys();
    if (!mistakes.isEmpty()) {
        return Error{mistakes.first(), {}};
    }
    return project;
}

Result<Project> loadProject(const QString &folder)
{
    const QString path = projectFilePath(folder);
    const Result<QByteArray> bytes = readWholeFile(path);
    if (!bytes) {
        return bytes.error();
    }
    Result<Project> project = readProject(*bytes);
    if (!project) {
        return Error{
            Texts::tr(
                "%1 is not a project that can be read: %2. Mend that place in a text editor or take an earlier copy.")
                .arg(path, project.error().sentence),
            project.error().detail};
    }
    return project;
}

Outcome saveProject(const QString &folder, const Project &project)
{
    return replaceWholeFile(projectFilePath(folder), writeProject(project));
}

QString projectFilePath(const QString &folder)
{
    return QDir(folder).filePath(QStringLiteral("project.nabblet"));
}

QString formsFolder(const QString &projectFolder)
{
    return QDir(projectFolder).filePath(QStringLiteral("forms"));
}

QStringList formFiles(const QString &projectFolder)
{
    return QDir(formsFolder(projectFolder)).entryList({QStringLiteral("*.nabform")}, QDir::Files, QDir::Name);
}

QString projectFolderOf(const QString &formPath)
{
    // The form's own folder, or the one around its folder of forms; further out, a project has nothing to do with it.
    QDir folder = QFileInfo(formPath).absoluteDir();
    if (folder.exists(QStringLiteral("project.nabblet"))) {
        return folder.absolutePath();
    }
    const bool isOuter = folder.cdUp() && folder.exists(QStringLiteral("project.nabblet"));
    return isOuter ? folder.absolutePath() : QString();
}

} // namespace nabblet

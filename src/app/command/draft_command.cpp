#include "app/command/draft_command.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "app/work/workspace.h"
#include "core/draft/draft.h"
#include "core/draft/plan_file.h"
#include "core/file/form_file.h"
#include "core/file/json_reader.h"
#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "core/looks/files/look_book.h"
#include "core/reconcile/memory.h"
#include "core/text/tr.h"
#include "data/profile/profiler.h"
#include "data/records/select_source.h"

#include <QDir>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QTextStream>

#include <unistd.h>

namespace nabblet {

namespace {

struct DraftCommand
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::DraftCommand)
};

// The choices of a call, besides the table.
struct Choices
{
    QJsonObject plan;        // what the flags and the plan file say
    QString children;        // "subforms", "buttons" or "none"
    bool isDeclared = false; // without looking at the stored values
    QString pattern;
    WordList words;
};

// The plan of a table with every choice made, and what is known of the values.
struct Prepared
{
    DraftPlan plan;
    std::optional<Profile> profile;
    Learned learned;
};

// known: what was learned for tables before this one.
Result<Prepared> prepare(const Workspace &workspace, const Table &table, const Choices &choices, Learned &known)
{
    const std::atomic<bool> goesOn{false};
    Prepared prepared;
    if (!choices.isDeclared) {
        if (!known.profiles.contains(table.name)) {
            const auto profile =
                profileTable(*workspace.connection, workspace.catalogue, table, goesOn, {}, &known.words);
            if (!profile) {
                return profile.error();
            }
            known.profiles.insert(table.name, **profile);
        }
        prepared.profile = known.profiles.value(table.name);
    }
    const Profile *profile = prepared.profile ? &*prepared.profile : nullptr;
    DraftPlan plan = planWithChildren(workspace.catalogue, table, profile, choices.words);
    if (!choices.pattern.isEmpty()) {
        plan.namingPattern = choices.pattern;
    }
    for (PlannedChild &child : plan.children) {
        child.isTaken = child.isTaken && choices.children != QLatin1String("none");
        child.place = choices.children == QLatin1String("buttons") ? ChildPlace::Button : ChildPlace::Subform;
    }
    const Result<DraftPlan> chosen = planFromJson(workspace.catalogue, plan, choices.plan);
    if (!chosen) {
        return chosen.error();
    }
    prepared.plan = *chosen;
    if (!choices.isDeclared) {
        const Result<bool> learned =
            learnChildren(*workspace.connection, workspace.catalogue, prepared.plan, known, goesOn);
        if (!learned) {
            return learned.error();
        }
        prepared.plan = withLearned(workspace.catalogue, prepared.plan, known);
        prepared.learned = known;
    }
    return prepared;
}

Form formOf(const Workspace &workspace, const Table &table, const Prepared &prepared, const TextMeasure &measure)
{
    return draftForm(workspace.catalogue, table, prepared.plan, prepared.profile ? &*prepared.profile : nullptr,
                     measure, prepared.learned.profiles);
}

Result<QJsonObject> planOfFile(const QString &path)
{
    const Result<QByteArray> text = readWholeFile(path);
    if (!text) {
        return text.error();
    }
    const Result<QJsonObject> object = parseJsonObject(*text);
    return object ? object
                  : Result<QJsonObject>(Error{
                        DraftCommand::tr("%1 is not a plan that can be read: %2.").arg(path, object.error().sentence),
                        {}});
}

// Drafts a form for every table and view into a project's folder. One that fails does not keep the others from it.
int draftAll(const Workspace &opened, const Choices &choices, const QString &folder, bool replaces)
{
    Workspace workspace = opened;
    if (!QDir().mkpath(formsFolder(folder))) {
        return fail({DraftCommand::tr("The folder %1 cannot be made. Choose another one, or ask for the right to write "
                                      "there.")
                         .arg(folder),
                     {}});
    }
    const Outcome project = ensureProject(workspace, formsFolder(folder) + QStringLiteral("/any.nabform"));
    if (!project) {
        return fail(project.error());
    }
    const Appearance appearance = usualAppearance(QString(), Theme::Light, workspace.looks);
    const bool showsProgress = isatty(STDERR_FILENO) == 1;
    QTextStream errors(stderr);
    QStringList failures;
    Learned known;
    NamePool names;
    int done = 0;
    const qsizetype all = workspace.catalogue.tables.size();
    for (qsizetype i = 0; i < all; ++i) {
        const Table &table = workspace.catalogue.tables.at(i);
        if (showsProgress) {
            errors << "\r\033[K" << DraftCommand::tr("%1 of %2: %3").arg(i + 1).arg(all).arg(table.name.simplified());
            errors.flush();
        }
        const QString path =
            formsFolder(folder) + u'/' + names.take(identifierFromText(table.name)) + QStringLiteral(".nabform");
        const auto note = [&](const QString &why) {
            failures.append(table.name.simplified() + QStringLiteral(": ") + why);
        };
        if (QFileInfo::exists(path) && !replaces) {
            note(DraftCommand::tr("%1 is there already; --replace writes it anew").arg(path));
            continue;
        }
        const Result<Prepared> prepared = prepare(workspace, table, choices, known);
        if (!prepared) {
            note(prepared.error().sentence);
            continue;
        }
        Form form = formOf(workspace, table, *prepared, appearance);
        form.name = QFileInfo(path).completeBaseName();
        form = withColumnsRemembered(form, workspace.catalogue, &known.profiles);
        const Outcome saved = saveForm(path, form);
        if (!saved) {
            note(saved.error().sentence);
            continue;
        }
        ++done;
    }
    if (showsProgress) {
        errors << "\r\033[K";
    }
    QTextStream(stdout) << counted(done, DraftCommand::tr("One form drafted."), DraftCommand::tr("%1 forms drafted."))
                        << '\n';
    if (failures.isEmpty()) {
        return ExitDone;
    }
    errors << counted(failures.size(), DraftCommand::tr("One table has no form:"),
                      DraftCommand::tr("%1 tables have no form:"))
           << '\n';
    for (const QString &failure : std::as_const(failures)) {
        errors << "  " << failure << '\n';
    }
    return ExitFailed;
}

// Turns a flag into a choice of the plan, if it was set.
void take(QJsonObject &plan, const QCommandLineParser &parser, const QCommandLineOption &option, const char *key)
{
    if (parser.isSet(option)) {
        plan.insert(QLatin1String(key), parser.value(option));
    }
}

} // namespace

int draftCommand(const QStringList &arguments)
{
    const QString command = QStringLiteral("draft");
    QCommandLineParser parser;
    parser.setApplicationDescription(DraftCommand::tr(
        "Drafts a form from a table or view and writes it to a file, or to the output; with --all, a form for every "
        "table and view into a project's folder."));
    parser.addPositionalArgument(QStringLiteral("DATABASE"), DraftCommand::tr("A database file."));
    parser.addPositionalArgument(QStringLiteral("TABLE"),
                                 DraftCommand::tr("The table or view whose rows the form shows."),
                                 QStringLiteral("[TABLE]"));
    const auto option = [](const char *name, const QString &help, const char *value = nullptr) {
        return QCommandLineOption(QString::fromLatin1(name), help, value ? QString::fromLatin1(value) : QString());
    };
    const QCommandLineOption output({QStringLiteral("o"), QStringLiteral("output")},
                                    DraftCommand::tr("Writes the form to this file; with --all, forms to this folder."),
                                    QStringLiteral("FILE"));
    const auto all = option("all", DraftCommand::tr("Drafts every table and view."));
    const auto replace = option("replace", DraftCommand::tr("With --all: writes forms anew that are there already."));
    const auto arrangement =
        option("arrangement", DraftCommand::tr("columnar (the usual one), stacked or tabular."), "WHICH");
    const auto stacked = option("stacked", DraftCommand::tr("The same as --arrangement stacked."));
    const auto tabular = option("tabular", DraftCommand::tr("The same as --arrangement tabular."));
    const auto columns = option(
        "columns", DraftCommand::tr("Columns of boxes, 1 to 4; by itself it chooses by the number of fields."), "N");
    const auto spacing = option("spacing", DraftCommand::tr("tight, comfortable or roomy."), "WHICH");
    const auto widths =
        option("widths", DraftCommand::tr("Box widths by the stored values, as declared, or all the same."), "WHICH");
    const auto declared = option(
        "declared", DraftCommand::tr("Sizes boxes by what the columns declare, without looking at the stored values."));
    const auto rows = option("rows", DraftCommand::tr("Rows that a tabular form shows."), "N");
    const auto repeat = option("repeat-captions", DraftCommand::tr("Tabular: captions over the boxes of every row."));
    const auto totals = option("totals", DraftCommand::tr("Tabular: totals of the number columns in the footer."));
    const auto look = option("look", DraftCommand::tr("The form's look."), "NAME");
    const auto title = option("title", DraftCommand::tr("The form's title."), "WORDS");
    const auto only = option("only", DraftCommand::tr("Only these columns, in this order, with commas."), "COLUMNS");
    const auto people = option("people", DraftCommand::tr("What people may do: see,add,change,delete."), "WHAT");
    const auto names =
        option("names", DraftCommand::tr("The pattern of control names, such as {kind}_{column}."), "PATTERN");
    const auto children = option(
        "children", DraftCommand::tr("Rows that belong to each record: subforms (the usual ones), buttons or none."),
        "WHICH");
    const auto select =
        option("select",
               DraftCommand::tr("The rows of a SELECT of your own, in place of a table's; no TABLE is given."), "SQL");
    const auto pattern = option(
        "pattern", DraftCommand::tr("A page with a title and the rails of so many columns, 1 to 4; no TABLE is given."),
        "N");
    const auto empty = option("empty", DraftCommand::tr("An empty form with a title; no TABLE is given."));
    const auto planOption = option("plan", DraftCommand::tr("A JSON file with choices; flags go before it."), "FILE");
    const auto printPlan = option(
        "print-plan", DraftCommand::tr("Writes the plan as JSON instead of the form, to be changed and given back."));
    parser.addOptions({output, all,      replace,  arrangement, stacked, tabular, columns,    spacing,
                       widths, declared, rows,     repeat,      totals,  look,    title,      only,
                       people, names,    children, select,      pattern, empty,   planOption, printPlan});
    if (const std::optional<int> code = parseCall(parser, command, arguments, 1, 2)) {
        return *code;
    }
    const bool isAll = parser.isSet(all);
    const bool isBlank = parser.isSet(pattern) || parser.isSet(empty);
    const int starts = static_cast<int>(isAll) + static_cast<int>(parser.isSet(select)) + static_cast<int>(isBlank) +
                       static_cast<int>(parser.positionalArguments().size() == 2);
    if (starts != 1) {
        return misunderstood(starts > 1 ? DraftCommand::tr("there is too much in the call: a table, --all, --select, "
                                                           "--pattern or --empty, one of them")
                                        : DraftCommand::tr("something is missing in the call: which table?"),
                             command);
    }
    if (parser.isSet(pattern) && (parser.value(pattern).toInt() < 1 || parser.value(pattern).toInt() > 4)) {
        return misunderstood(DraftCommand::tr("--pattern takes a number from 1 to 4"), command);
    }
    if (isAll && !parser.isSet(output)) {
        return misunderstood(DraftCommand::tr("say with -o which folder the forms go to"), command);
    }

    Choices choices;
    choices.isDeclared = parser.isSet(declared);
    choices.children = parser.isSet(children) ? parser.value(children) : QStringLiteral("subforms");
    if (!QStringList{QStringLiteral("subforms"), QStringLiteral("buttons"), QStringLiteral("none")}.contains(
            choices.children)) {
        return misunderstood(DraftCommand::tr("--children takes subforms, buttons or none"), command);
    }
    if (parser.isSet(planOption)) {
        const Result<QJsonObject> plan = planOfFile(parser.value(planOption));
        if (!plan) {
            return fail(plan.error());
        }
        choices.plan = *plan;
    }
    take(choices.plan, parser, arrangement, "arrangement");
    if (parser.isSet(stacked) || parser.isSet(tabular)) {
        choices.plan.insert(QLatin1String("arrangement"),
                            parser.isSet(tabular) ? QStringLiteral("tabular") : QStringLiteral("stacked"));
    }
    if (parser.isSet(columns)) {
        const int wanted = parser.value(columns).toInt();
        if (wanted < 1 || wanted > 4) {
            return misunderstood(DraftCommand::tr("--columns takes a number from 1 to 4"), command);
        }
        choices.plan.insert(QLatin1String("columnsOfBoxes"), wanted);
    }
    if (parser.isSet(rows)) {
        const int wanted = parser.value(rows).toInt();
        if (wanted < 1 || wanted > 200) {
            return misunderstood(DraftCommand::tr("--rows takes a number from 1 to 200"), command);
        }
        choices.plan.insert(QLatin1String("rowsShown"), wanted);
    }
    take(choices.plan, parser, spacing, "spacing");
    take(choices.plan, parser, widths, "widths");
    take(choices.plan, parser, look, "look");
    take(choices.plan, parser, title, "title");
    take(choices.plan, parser, names, "names");
    if (parser.isSet(repeat)) {
        choices.plan.insert(QLatin1String("repeatsCaptions"), true);
    }
    if (parser.isSet(totals)) {
        choices.plan.insert(QLatin1String("totals"), true);
    }
    if (parser.isSet(people)) {
        const QStringList may = parser.value(people).split(u',', Qt::SkipEmptyParts);
        QJsonObject object;
        for (const char *what : {"see", "add", "change", "delete"}) {
            object.insert(QLatin1String(what), may.contains(QLatin1String(what)));
        }
        choices.plan.insert(QLatin1String("people"), object);
    }

    Result<Workspace> workspace = openDatabase(addressNamed(parser.positionalArguments().first()));
    if (!workspace) {
        return fail(workspace.error());
    }
    // A project that the forms go to has its pattern of names and its words.
    const QString folder = isAll ? parser.value(output) : projectFolderOf(parser.value(output));
    if (!folder.isEmpty() && QFileInfo::exists(projectFilePath(folder))) {
        const Result<Project> project = loadProject(folder);
        if (!project) {
            return fail(project.error());
        }
        choices.pattern = project->namingPattern;
        choices.words = project->words;
    }
    if (isAll) {
        return draftAll(*workspace, choices, parser.value(output), parser.isSet(replace));
    }

    const auto give = [&](const Form &form) {
        if (!parser.isSet(output)) {
            QTextStream(stdout) << QString::fromUtf8(writeForm(form));
            return static_cast<int>(ExitDone);
        }
        // By the name of its file, and in a project that knows the database, so that it can be opened as it is.
        Form named = form;
        named.name = QFileInfo(parser.value(output)).completeBaseName();
        Outcome saved = saveForm(parser.value(output), named);
        if (saved && workspace) {
            Workspace own = *workspace;
            saved = ensureProject(own, QFileInfo(parser.value(output)).absoluteFilePath());
        }
        return saved ? static_cast<int>(ExitDone) : fail(saved.error());
    };
    if (isBlank) {
        const QString words = parser.isSet(title) ? parser.value(title) : DraftCommand::tr("New form");
        const Appearance appearance = usualAppearance(parser.value(look), Theme::Light);
        const QString own = lookNamed(parser.value(look)).name;
        return give(parser.isSet(empty) ? blankForm(words, own, appearance)
                                        : patternForm(words, parser.value(pattern).toInt(), own, appearance));
    }
    if (parser.isSet(select)) {
        const Result<Table> described = describeSelect(*workspace->connection, workspace->catalogue,
                                                       selectTableName(workspace->catalogue), parser.value(select));
        if (!described) {
            return fail(described.error());
        }
        workspace->catalogue.tables.append(*described);
    }
    const QString name =
        parser.isSet(select) ? selectTableName(workspace->catalogue) : parser.positionalArguments().at(1);
    const Table *table = findTable(workspace->catalogue, name);
    if (!table) {
        QStringList there;
        for (const Table &each : workspace->catalogue.tables) {
            there.append(each.name.simplified());
        }
        return fail({DraftCommand::tr("The database has no table or view “%1”. It has: %2.")
                         .arg(name, there.join(QStringLiteral(", "))),
                     {}});
    }
    if (parser.isSet(only)) {
        QJsonArray list;
        const QStringList wanted = parser.value(only).split(u',', Qt::SkipEmptyParts);
        for (const QString &column : wanted) {
            list.append(column.trimmed());
        }
        for (const Column &column : table->columns) {
            if (!wanted.contains(column.name)) {
                list.append(QJsonObject{{QStringLiteral("column"), column.name}, {QStringLiteral("taken"), false}});
            }
        }
        choices.plan.insert(QLatin1String("columns"), list);
    }
    Learned known;
    const Result<Prepared> prepared = prepare(*workspace, *table, choices, known);
    if (!prepared) {
        return fail(prepared.error());
    }
    if (parser.isSet(printPlan)) {
        QTextStream(stdout) << QString::fromUtf8(QJsonDocument(planToJson(prepared->plan)).toJson());
        return ExitDone;
    }
    const Form form =
        formOf(*workspace, *table, *prepared, usualAppearance(prepared->plan.look, Theme::Light, workspace->looks));
    return give(withColumnsRemembered(form, workspace->catalogue, &known.profiles));
}

} // namespace nabblet

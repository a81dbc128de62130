#include "app/command/check_command.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "app/work/project_uses.h"
#include "app/work/workspace.h"
#include "core/check/check_report.h"
#include "core/file/form_file.h"
#include "core/file/picture_file.h"
#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "data/profile/profiler.h"
#include "data/records/select_source.h"

#include <QCoreApplication>
#include <QTextStream>

#include <map>

namespace nabblet {

namespace {

struct CheckCommand
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::CheckCommand)
};

// The tables that forms show rows of, those of forms inside included.
void collectTables(const Form &form, QStringList &tables)
{
    if (form.select.isEmpty() && !form.rowsFrom.isEmpty() && !tables.contains(form.rowsFrom)) {
        tables.append(form.rowsFrom);
    }
    for (const Control &control : form.controls) {
        if (const Form *inner = control.inner.get()) {
            collectTables(*inner, tables);
        }
    }
}

// What is stored in them; what cannot be read is left out.
QHash<QString, Profile> profilesOf(const Workspace &workspace, const QList<CheckedForm> &forms)
{
    const std::atomic<bool> goesOn{false};
    QStringList tables;
    for (const CheckedForm &each : forms) {
        collectTables(each.form, tables);
    }
    QHash<QString, Profile> profiles;
    QHash<QString, ColumnProfile> words;
    for (const QString &name : std::as_const(tables)) {
        if (const Table *table = findTable(workspace.catalogue, name)) {
            const auto profile = profileTable(*workspace.connection, workspace.catalogue, *table, goesOn, {}, &words);
            if (profile && *profile) {
                profiles.insert(name, **profile);
            }
        }
    }
    return profiles;
}

} // namespace

int checkCommand(const QStringList &arguments)
{
    const QString command = QStringLiteral("check");
    QCommandLineParser parser;
    parser.setApplicationDescription(CheckCommand::tr(
        "Says what is wrong with a form, or with all forms of a project. Ends with 0 when nothing is to be fixed, with "
        "3 when something is, with 1 when it could not be found out."));
    parser.addPositionalArgument(QStringLiteral("FORM|PROJECT"),
                                 CheckCommand::tr("A .nabform file, or the folder of a project."));
    const QCommandLineOption database(QStringLiteral("database"),
                                      CheckCommand::tr("The database to hold them against, instead of the project's."),
                                      QStringLiteral("FILE"));
    const QCommandLineOption format(QStringLiteral("format"), CheckCommand::tr("text, json, sarif or junit."),
                                    QStringLiteral("WHICH"), QStringLiteral("text"));
    const QCommandLineOption output({QStringLiteral("o"), QStringLiteral("output")},
                                    CheckCommand::tr("Writes to this file instead of the output."),
                                    QStringLiteral("FILE"));
    const QCommandLineOption values(QStringLiteral("values"),
                                    CheckCommand::tr("Looks at the stored values, too: which of them boxes cut off."));
    const QCommandLineOption strict(QStringLiteral("strict"),
                                    CheckCommand::tr("Ends with 3 also when something is to be weighed."));
    parser.addOptions({database, format, output, values, strict});
    if (const std::optional<int> code = parseCall(parser, command, arguments, 1, 1)) {
        return *code;
    }
    const ReportFormat *report = reportFormatNamed(parser.value(format));
    if (!report) {
        return misunderstood(CheckCommand::tr("--format takes text, json, sarif or junit"), command);
    }
    const Result<NamedForms> named = formsNamed(parser.positionalArguments().first(), parser.value(database));
    if (!named) {
        return fail(named.error());
    }
    const Workspace *workspace = &named->workspace;

    CheckReport checked{QStringLiteral(NABBLET_VERSION), {}};
    bool hasFailed = false;
    for (const QString &file : named->files) {
        const Result<Form> form = loadForm(file);
        const Result<QByteArray> text = readWholeFile(file);
        if (!form || !text) {
            fail(form ? text.error() : form.error());
            hasFailed = true;
            continue;
        }
        checked.forms.append({file, *form, *text, {}});
    }
    const QHash<QString, Profile> profiles =
        parser.isSet(values) ? profilesOf(*workspace, checked.forms) : QHash<QString, Profile>();
    const std::optional<QStringList> names =
        named->folder.isEmpty() ? std::nullopt : std::optional(formNamesOf(named->folder));
    OpenedForms byOthers;
    const std::optional<QStringList> opened = byOthers.of(named->folder, workspace->project.startForm);
    std::map<QString, Appearance> looks; // fonts are measured once for each
    bool hasGrave = false;
    bool hasAny = false;
    for (CheckedForm &each : checked.forms) {
        auto look = looks.find(each.form.look);
        if (look == looks.end()) {
            look = looks.emplace(each.form.look, usualAppearance(each.form.look, Theme::Light, workspace->looks)).first;
        }
        const Result<Catalogue> catalogue = withSelects(*workspace->connection, workspace->catalogue, each.form);
        each.found = allFound({each.form,
                               catalogue ? *catalogue : workspace->catalogue,
                               look->second,
                               {},
                               workspace->looks,
                               parser.isSet(values) ? &profiles : nullptr,
                               names,
                               workspace->project.namingPattern,
                               opened});
        const FindingCounts counts = countsOf(each.found);
        hasGrave = hasGrave || counts.toFix > 0;
        hasAny = hasAny || counts.toFix + counts.toWeigh > 0;
        if (!catalogue) {
            fail(catalogue.error());
            hasFailed = true;
        }
    }
    const QByteArray text = report->write(checked);
    if (parser.isSet(output)) {
        const Outcome written = replaceWholeFile(parser.value(output), text);
        if (!written) {
            return fail(written.error());
        }
    } else {
        QTextStream(stdout) << QString::fromUtf8(text);
    }
    return hasFailed ? ExitFailed : hasGrave || (parser.isSet(strict) && hasAny) ? ExitFound : ExitDone;
}

} // namespace nabblet

#include "app/command/reconcile_command.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "app/work/reconciling.h"
#include "app/work/workspace.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/reconcile/memory.h"
#include "core/reconcile/proposals.h"
#include "core/text/tr.h"
#include "data/records/select_source.h"

#include <QCoreApplication>
#include <QTextStream>

#include <map>

namespace nabblet {

namespace {

struct ReconcileCommand
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::ReconcileCommand)
};

} // namespace

int reconcileCommand(const QStringList &arguments)
{
    const QString command = QStringLiteral("reconcile");
    QCommandLineParser parser;
    parser.setApplicationDescription(
        ReconcileCommand::tr("Says what changed in the tables of a form, or of all forms of a project, and what would "
                             "be done about it. Ends "
                             "with 0 when all forms are in step, with 3 when a person has to decide something."));
    parser.addPositionalArgument(QStringLiteral("FORM|PROJECT"),
                                 ReconcileCommand::tr("A .nabform file, or the folder of a project."));
    const QCommandLineOption database(QStringLiteral("database"),
                                      ReconcileCommand::tr("The database to go by, instead of the project's."),
                                      QStringLiteral("FILE"));
    const QCommandLineOption apply(
        QStringLiteral("apply"),
        ReconcileCommand::tr("certain: changes the forms by all that is certain, and writes down what all of them "
                             "should remember of their columns. Without, nothing is written."),
        QStringLiteral("WHAT"));
    parser.addOptions({database, apply});
    if (const std::optional<int> code = parseCall(parser, command, arguments, 1, 1)) {
        return *code;
    }
    if (parser.isSet(apply) && parser.value(apply) != QLatin1String("certain")) {
        return misunderstood(ReconcileCommand::tr("--apply takes certain"), command);
    }
    const Result<NamedForms> named = formsNamed(parser.positionalArguments().first(), parser.value(database));
    if (!named) {
        return fail(named.error());
    }
    const Workspace *workspace = &named->workspace;

    QTextStream out(stdout);
    StoredSamples samples; // each table is looked at once
    std::map<QString, Appearance> looks;
    int changed = 0;
    QStringList forPeople;
    bool hasFailed = false;
    for (const QString &file : named->files) {
        const Result<Form> form = loadForm(file);
        if (!form) {
            fail(form.error());
            hasFailed = true;
            continue;
        }
        const Result<Catalogue> selects = withSelects(*workspace->connection, workspace->catalogue, *form);
        const Catalogue catalogue = selects ? *selects : workspace->catalogue;
        const QStringList tables = parser.isSet(apply) ? tablesUsed(*form) + tablesToSample(*form, catalogue)
                                                       : tablesToSample(*form, catalogue);
        for (const QString &table : tables) {
            if (!samples.contains(table)) {
                samples.insert(readSamples(*workspace->connection, catalogue, {table}));
            }
        }
        const QList<TableChange> changes = tableChanges(*form, catalogue, samples);
        if (changes.isEmpty() && !parser.isSet(apply)) {
            continue;
        }
        auto look = looks.find(form->look);
        if (look == looks.end()) {
            look = looks.emplace(form->look, usualAppearance(form->look, Theme::Light, workspace->looks)).first;
        }
        const QHash<QString, Profile> profiles = profilesOf(samples);
        const ReconcileContext context{catalogue, look->second, workspace->project.namingPattern, &profiles,
                                       workspace->project.words};
        const QList<Proposal> proposals = proposalsFor(*form, changes, context);
        if (!proposals.isEmpty()) {
            out << file << '\n';
        }
        bool isForAPerson = false;
        for (const Proposal &proposal : proposals) {
            const bool isDone = proposal.change.isCertain && proposal.isTicked && !proposal.alternatives.isEmpty();
            const bool isOpen = !proposal.change.isCertain || (!proposal.isTicked && !proposal.alternatives.isEmpty());
            isForAPerson = isForAPerson || isOpen;
            out << "  " << proposal.sentence << '\n'
                << "    "
                << (isDone   ? ReconcileCommand::tr("certain: %1").arg(proposal.alternatives.first().words)
                    : isOpen ? ReconcileCommand::tr("for a person to decide%1")
                                   .arg(proposal.alternatives.isEmpty()
                                            ? QString()
                                            : QStringLiteral(": ") + proposal.alternatives.first().words + u'?')
                             : ReconcileCommand::tr("taken note of"))
                << '\n';
        }
        if (isForAPerson) {
            forPeople.append(file);
        }
        if (parser.isSet(apply)) {
            // A form that is in step comes to remember all that it uses.
            const Form after = proposals.isEmpty() ? withColumnsRemembered(*form, catalogue, &profiles)
                                                   : reconciledWhereCertain(*form, proposals, context);
            if (!(after == *form)) {
                const Outcome saved = saveForm(file, after);
                if (!saved) {
                    fail(saved.error());
                    hasFailed = true;
                    continue;
                }
                ++changed;
            }
        }
    }
    if (parser.isSet(apply)) {
        out << counted(changed, ReconcileCommand::tr("One form was changed."),
                       ReconcileCommand::tr("%1 forms were changed."))
            << '\n';
    }
    if (!forPeople.isEmpty()) {
        out << counted(forPeople.size(), ReconcileCommand::tr("One form needs a person:"),
                       ReconcileCommand::tr("%1 forms need a person:"))
            << '\n';
        for (const QString &file : std::as_const(forPeople)) {
            out << "  " << file << '\n';
        }
    }
    return hasFailed ? ExitFailed : forPeople.isEmpty() ? ExitDone : ExitFound;
}

} // namespace nabblet

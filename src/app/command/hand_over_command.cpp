#include "app/command/hand_over_command.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "app/work/hand_over_file.h"
#include "core/text/tr.h"
#include "data/sqlite/file_archive.h"

#include <QFileInfo>
#include <QTextStream>

namespace nabblet {

namespace {

struct HandOverCommand
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::HandOverCommand)
};

} // namespace

int handOverCommand(const QStringList &arguments)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(HandOverCommand::tr("Gives a project to those who work with its forms: checks all "
                                                         "of them, and puts them into one file that opens in "
                                                         "Entry alone, or into a folder with such a file. Handed over "
                                                         "again, the forms are replaced and the data stay."));
    parser.addPositionalArgument(QStringLiteral("PROJECT"), HandOverCommand::tr("The folder of a project."));
    parser.addPositionalArgument(QStringLiteral("FILE"),
                                 HandOverCommand::tr("Where to: one file, ending in .nabhand, or a folder."));
    const QCommandLineOption without(QStringLiteral("without-database"),
                                     HandOverCommand::tr("The forms work on the database where it is."));
    const QCommandLineOption back(QStringLiteral("back"),
                                  HandOverCommand::tr("Takes the last one back: nabblet hand-over --back FILE."));
    parser.addOptions({without, back});
    const QString command = QStringLiteral("hand-over");
    if (const std::optional<int> code = parseCall(parser, command, arguments, 1, 2)) {
        return *code;
    }
    QTextStream out(stdout);
    const auto tell = [&](const HandedOver &handed) {
        out << HandOverCommand::tr("version %1: %2").arg(handed.version).arg(handed.file) << '\n';
        for (const QString &change : handed.changes) {
            out << change << '\n';
        }
    };
    if (parser.isSet(back)) {
        const QString from = parser.positionalArguments().first();
        // The file that a folder is opened by stands for the folder.
        const bool isOfFolder = isHandedOver(from) && !isFileArchive(from);
        const Result<HandedOver> taken = !isHandedOver(from) ? takenBack(from)
                                         : isOfFolder        ? takenBack(QFileInfo(from).absolutePath())
                                                             : fileTakenBack(from);
        if (!taken) {
            return fail(taken.error());
        }
        tell(*taken);
        return ExitDone;
    }
    if (parser.positionalArguments().size() < 2) {
        return misunderstood(HandOverCommand::tr("something is missing in the call"), command);
    }
    const Result<Workspace> workspace = openProjectFolder(parser.positionalArguments().first());
    if (!workspace) {
        return fail(workspace.error());
    }
    const QStringList reasons = whyNotHandedOver(*workspace);
    if (!reasons.isEmpty()) {
        for (const QString &reason : reasons) {
            out << reason << '\n';
        }
        return ExitFound;
    }
    const QString to = parser.positionalArguments().at(1);
    const bool withDatabase = !parser.isSet(without);
    const Result<HandedOver> handed =
        isHandedOver(to) ? handOverAsFile(*workspace, to, withDatabase) : handOver(*workspace, to, withDatabase);
    if (!handed) {
        return fail(handed.error());
    }
    tell(*handed);
    return ExitDone;
}

} // namespace nabblet

#include "app/command/print_command.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "app/command/form_asked.h"
#include "app/command/interruption.h"
#include "core/text/tr.h"
#include "entry/print/print_to.h"

#include <QFileInfo>
#include <QTextStream>

namespace nabblet {

namespace {

struct PrintCommand
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::PrintCommand)
};

} // namespace

int printPages(const QStringList &arguments)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(
        PrintCommand::tr("Prints the records of a form on pages: PDF, or a picture of each page."));
    parser.addPositionalArgument(QStringLiteral("FORM"), PrintCommand::tr("A .nabform file."));
    const QCommandLineOption output({QStringLiteral("o"), QStringLiteral("output")},
                                    PrintCommand::tr("The file to write: .pdf, .png or .svg."), QStringLiteral("FILE"));
    const QCommandLineOption record(QStringLiteral("record"),
                                    PrintCommand::tr("Only the record with that number, from 1."), QStringLiteral("N"));
    const QCommandLineOption size(QStringLiteral("paper"), PrintCommand::tr("A4, A5, A3, Letter or Legal."),
                                  QStringLiteral("SIZE"));
    const QCommandLineOption landscape(QStringLiteral("landscape"), PrintCommand::tr("The long edge below."));
    const QCommandLineOption words(QStringLiteral("words"), PrintCommand::tr("Plain words, without boxes."));
    const QCommandLineOption pageEach(QStringLiteral("page-each"), PrintCommand::tr("Each record begins a page."));
    parser.addOptions({output, record, size, landscape, words, pageEach});
    addFormOptions(parser);
    if (const std::optional<int> code = parseCall(parser, QStringLiteral("print"), arguments, 1, 1)) {
        return *code;
    }
    const QString to = parser.value(output);
    if (!printEndings().contains(QFileInfo(to).suffix().toLower())) {
        return misunderstood(
            PrintCommand::tr("say with -o FILE where to print: a file that ends in .pdf, .png or .svg"),
            QStringLiteral("print"));
    }
    bool isNumber = true;
    const qlonglong number = parser.isSet(record) ? parser.value(record).toLongLong(&isNumber) : 1;
    if (!isNumber || number < 1) {
        return misunderstood(PrintCommand::tr("--record takes a number from 1"), QStringLiteral("print"));
    }
    const std::atomic<bool> &isInterrupted = interruption();
    Result<FormAsked> asked = formAsked(parser);
    if (!asked) {
        return fail(asked.error());
    }
    EntrySession &session = *asked->session;
    PaperSetup setup = paperOf(session.form());
    if (parser.isSet(size)) {
        const QList<PaperSize> &sizes = paperSizes();
        const auto found = std::find_if(sizes.begin(), sizes.end(), [&](const PaperSize &each) {
            return each.name.compare(parser.value(size), Qt::CaseInsensitive) == 0;
        });
        if (found == sizes.end()) {
            return misunderstood(PrintCommand::tr("--paper takes A4, A5, A3, Letter or Legal"),
                                 QStringLiteral("print"));
        }
        setup.size = found->name;
    }
    setup.isLandscape = setup.isLandscape || parser.isSet(landscape);
    setup.isPageEach = setup.isPageEach || parser.isSet(pageEach);
    setup.boxes = parser.isSet(words) ? PaperBoxes::AsWords : setup.boxes;
    if (parser.isSet(record)) {
        for (qlonglong at = 1; at < number; ++at) {
            if (!session.moves().goNext()) {
                return fail({PrintCommand::tr("There is no record %1.").arg(number), {}});
            }
        }
    }
    const Appearance appearance = usualAppearance(session.form().look, Theme::Light, asked->workspace.looks);
    PrintJob job(session, appearance, setup, parser.isSet(record) ? Printed::Record : Printed::All);
    if (const Outcome begun = job.begin(); !begun) {
        return fail(begun.error());
    }
    const Result<std::optional<int>> printed = printTo(job, to, [&](int page, int pages) {
        tellProgress(PrintCommand::tr("page %L1 of %L2").arg(page).arg(pages));
        return !isInterrupted;
    });
    endProgress();
    if (!printed) {
        return fail(printed.error());
    }
    if (!*printed) {
        fail({PrintCommand::tr("Given up; %1 is as it was.").arg(to), {}});
        return ExitInterrupted;
    }
    QTextStream(stdout) << counted(**printed, PrintCommand::tr("1 page"), PrintCommand::tr("%1 pages")) << '\n';
    return ExitDone;
}

} // namespace nabblet

#include "app/command/import_command.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "app/command/form_asked.h"
#include "app/command/interruption.h"
#include "core/file/whole_file.h"
#include "core/kinds/control_names.h"
#include "core/text/cells_from_file.h"
#include "core/text/tr.h"
#include "entry/cells/pasted_rows.h"

#include <QFileInfo>
#include <QTextStream>

namespace nabblet {

namespace {

struct ImportCommand
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::ImportCommand)
};

} // namespace

int importRows(const QStringList &arguments)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(ImportCommand::tr(
        "Puts the rows of a file into the rows of a form: .csv, .tsv or .jsonl with heads. All are tried "
        "first; all go in, in one transaction, or none."));
    parser.addPositionalArgument(QStringLiteral("FORM"), ImportCommand::tr("A .nabform file."));
    parser.addPositionalArgument(QStringLiteral("FILE"), ImportCommand::tr("The file with the rows."));
    const QCommandLineOption key(
        QStringLiteral("key"),
        ImportCommand::tr("The head by which rows are known that are there already; without it "
                          "all are added."),
        QStringLiteral("HEAD"));
    const QCommandLineOption leave(QStringLiteral("leave"),
                                   ImportCommand::tr("Rows that are there already stay as they are."));
    const QCommandLineOption partly(QStringLiteral("partly"),
                                    ImportCommand::tr("Put in those that can go in, and leave the others."));
    const QCommandLineOption tryOnly(QStringLiteral("try"), ImportCommand::tr("Only say what would come of it."));
    parser.addOptions({key, leave, partly, tryOnly});
    addFormOptions(parser);
    if (const std::optional<int> code = parseCall(parser, QStringLiteral("import"), arguments, 2, 2)) {
        return *code;
    }
    const QString path = parser.positionalArguments().at(1);
    const Result<QByteArray> bytes = readWholeFile(path);
    if (!bytes) {
        return fail(bytes.error());
    }
    const Result<Cells> cells = cellsFromFile(*bytes, QFileInfo(path).suffix());
    if (!cells) {
        return fail(cells.error());
    }
    const std::atomic<bool> &isInterrupted = interruption();
    const Result<FormAsked> asked = formAsked(parser);
    if (!asked) {
        return fail(asked.error());
    }
    EntrySession &session = *asked->session;
    const QStringList heads = cells->first();
    const QList<ControlId> boxes = boxesByHeads(session.form(), heads);
    ControlId keyBox = 0;
    if (parser.isSet(key)) {
        const qsizetype at = heads.indexOf(parser.value(key));
        if (at < 0 || boxes.at(at) == 0) {
            return fail(
                {ImportCommand::tr("“%1” is no head of the file that names a box of the form.").arg(parser.value(key)),
                 {}});
        }
        keyBox = boxes.at(at);
    }
    QTextStream out(stdout);
    for (qsizetype i = 0; i < heads.size(); ++i) {
        const Control *box = session.form().controls.find(boxes.at(i));
        if (!box) {
            out << ImportCommand::tr("“%1” goes nowhere, as no box is called so.").arg(heads.at(i)) << '\n';
        }
    }
    PastedRows rows = rowsFromCells(
        session, *cells, boxes, keyBox, parser.isSet(leave) ? RowsThere::Leave : RowsThere::Change,
        [&](qsizetype line) {
            tellProgress(ImportCommand::tr("row %L1 of %L2").arg(line).arg(cells->size() - 1));
            return !isInterrupted;
        },
        isWrittenForPeople(*bytes, QFileInfo(path).suffix()) ? QLocale() : QLocale::c());
    endProgress();
    if (const Outcome tried = isInterrupted ? Outcome(Done{}) : tryPasted(session, rows); !tried) {
        return fail(tried.error());
    }
    if (isInterrupted) {
        fail({ImportCommand::tr("Given up; nothing was put in."), {}});
        return ExitInterrupted;
    }
    for (const PastedRow &row : std::as_const(rows.rows)) {
        if (!row.mistake.isEmpty()) {
            out << ImportCommand::tr("row %1: %2").arg(row.line).arg(row.mistake) << '\n';
        }
    }
    const qsizetype good = rows.good();
    const qsizetype bad = rows.rows.size() - good;
    const bool goesIn = !parser.isSet(tryOnly) && good > 0 && (bad == 0 || parser.isSet(partly));
    if (goesIn) {
        if (const Outcome done = putIn(session, rows); !done) {
            return fail(done.error());
        }
    }
    out << (goesIn ? counted(good, ImportCommand::tr("1 row put in"), ImportCommand::tr("%1 rows put in"))
                   : counted(good, ImportCommand::tr("1 row would go in"), ImportCommand::tr("%1 rows would go in")))
        << ", " << counted(bad, ImportCommand::tr("1 would not"), ImportCommand::tr("%1 would not")) << ", "
        << counted(rows.left, ImportCommand::tr("1 left as it is"), ImportCommand::tr("%1 left as they are")) << '\n';
    return bad > 0 ? ExitFound : ExitDone;
}

} // namespace nabblet

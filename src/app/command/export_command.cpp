#include "app/command/export_command.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "app/command/form_asked.h"
#include "app/command/interruption.h"
#include "core/text/tr.h"
#include "data/export/row_file_formats.h"
#include "entry/export/rows_out.h"
#include "entry/session/entry_session.h"

#include <QTextStream>

namespace nabblet {

namespace {

struct ExportCommand
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::ExportCommand)
};

QString endings()
{
    QStringList all;
    for (const RowFileFormat &format : rowFileFormats()) {
        all.append(u'.' + QLatin1String(format.suffix));
    }
    return all.join(QStringLiteral(", "));
}

} // namespace

int exportRows(const QStringList &arguments)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(ExportCommand::tr("Writes the rows of a form into a file: what its boxes show, in "
                                                       "the order of the form. The file is whole or is not there."));
    parser.addPositionalArgument(QStringLiteral("FORM"), ExportCommand::tr("A .nabform file."));
    const QCommandLineOption output({QStringLiteral("o"), QStringLiteral("output")},
                                    ExportCommand::tr("The file to write: %1.").arg(endings()), QStringLiteral("FILE"));
    parser.addOption(output);
    addFormOptions(parser);
    if (const std::optional<int> code = parseCall(parser, QStringLiteral("export"), arguments, 1, 1)) {
        return *code;
    }
    if (!parser.isSet(output)) {
        return misunderstood(ExportCommand::tr("say where to write with -o FILE"), QStringLiteral("export"));
    }
    const QString to = parser.value(output);
    const RowFileFormat *format = rowFileFormatOf(to);
    if (!format) {
        return misunderstood(ExportCommand::tr("the file to write ends in one of %1").arg(endings()),
                             QStringLiteral("export"));
    }
    const std::atomic<bool> &isInterrupted = interruption();
    const Result<FormAsked> asked = formAsked(parser);
    if (!asked) {
        return fail(asked.error());
    }
    const EntrySession &session = *asked->session;
    const Result<RowsOut> rows = rowsOut(session.state());
    if (!rows) {
        return fail(rows.error());
    }
    const std::unique_ptr<RowFile> file = format->make(to);
    const Result<std::optional<qint64>> written =
        writeRows(*asked->workspace.connection, *rows, *file, &session, isInterrupted, [](qint64 count) {
            tellProgress(ExportCommand::tr("%L1 rows written").arg(count));
            return true;
        });
    endProgress();
    if (!written) {
        return fail(written.error());
    }
    if (!*written) {
        fail({ExportCommand::tr("Given up; %1 is as it was.").arg(to), {}});
        return ExitInterrupted;
    }
    QTextStream(stdout) << counted(**written, ExportCommand::tr("1 row"), ExportCommand::tr("%1 rows")) << '\n';
    return ExitDone;
}

} // namespace nabblet

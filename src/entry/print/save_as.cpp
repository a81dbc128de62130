#include "entry/print/save_as.h"

#include "core/text/tr.h"
#include "data/export/row_file_formats.h"
#include "entry/export/save_rows.h"
#include "entry/print/print_to.h"
#include "entry/session/entry_session.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QStandardPaths>

namespace nabblet {

bool askAndSaveAs(EntrySession &session, const Appearance &appearance, const QString &ending, QWidget *parent)
{
    const QString suffix = ending.trimmed().toLower();
    if (suffix.isEmpty() || !printEndings().contains(suffix)) {
        return askAndSaveRows(session, suffix, parent);
    }
    if (!session.moves().leave()) {
        return false;
    }
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    const QString name = (isTabular(session.form()) ? session.form().title : session.values().recordWords());
    const QString path = QFileDialog::getSaveFileName(
        parent, Texts::tr("Save as"), QDir(folder).filePath(QString(name).replace(u'/', u'-') + u'.' + suffix),
        QStringLiteral("*.") + suffix);
    if (path.isEmpty()) {
        return false;
    }
    PrintJob job(session, appearance, paperOf(session.form()),
                 isTabular(session.form()) ? Printed::All : Printed::Record);
    if (const Outcome begun = job.begin(); !begun) {
        Q_EMIT session.said(begun.error().sentence);
        return false;
    }
    const Result<std::optional<int>> printed =
        printTo(job, QFileInfo(path).suffix().isEmpty() ? path + u'.' + suffix : path, [](int, int) { return true; });
    Q_EMIT session.said(printed ? Texts::tr("Saved as %1.").arg(path) : printed.error().sentence);
    return printed.isOk();
}

} // namespace nabblet

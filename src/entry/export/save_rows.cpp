#include "entry/export/save_rows.h"

#include "core/text/tr.h"
#include "data/background/background_work.h"
#include "data/export/row_file_formats.h"
#include "entry/export/rows_out.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QDir>
#include <QEventLoop>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QStandardPaths>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr qint64 SavedUntilTold = 5000; // rows

// How far it is, with Cancel; shown only where it takes a while.
class ProgressSheet : public QDialog
{
public:
    ProgressSheet(const QString &file, std::optional<qint64> all, QWidget *parent) : QDialog(parent), m_all(all)
    {
        QVBoxLayout *column = begunSheet(*this, QStringLiteral("savingRows"), Texts::tr("Saving rows"), {});
        setModal(true);
        m_words = new QLabel(Texts::tr("Writing %1…").arg(QFileInfo(file).fileName()));
        m_words->setMinimumWidth(360);
        m_bar = new QProgressBar;
        m_bar->setRange(0, all && *all > 0 ? PerMille : 0);
        m_bar->setTextVisible(false);
        auto *buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
        connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
        column->addWidget(m_words);
        column->addWidget(m_bar);
        column->addWidget(buttons);
    }

    void tell(qint64 rows)
    {
        m_words->setText(Texts::tr("%L1 rows written").arg(rows));
        if (m_all && *m_all > 0) {
            m_bar->setValue(static_cast<int>(std::min<qint64>(PerMille, rows * PerMille / *m_all)));
        }
    }

private:
    static constexpr int PerMille = 1000;
    std::optional<qint64> m_all;
    QLabel *m_words;
    QProgressBar *m_bar;
};

QString whatBecame(const Result<std::optional<qint64>> &written, const QString &path)
{
    if (!written) {
        return written.error().sentence;
    }
    if (!*written) {
        return Texts::tr("Given up; nothing was saved.");
    }
    return counted(**written, Texts::tr("Saved 1 row as %1.").arg(path),
                   Texts::tr("Saved %2 rows as %1.").arg(path, QStringLiteral("%1")));
}

} // namespace

bool saveRows(EntrySession &session, const QString &path, QWidget *parent)
{
    const RowFileFormat *format = rowFileFormatOf(path);
    if (!format) {
        Q_EMIT session.said(Texts::tr("The ending of %1 names no kind of file that rows can be saved as.").arg(path));
        return false;
    }
    const Result<RowsOut> rows = rowsOut(session.state());
    if (!rows) {
        Q_EMIT session.said(rows.error().sentence);
        return false;
    }
    ProgressSheet sheet(path, session.place().count(), parent);
    QString sentence = Texts::tr("Given up; nothing was saved.");
    bool isSaved = false;
    if (rows->needsSession) {
        const std::unique_ptr<RowFile> file = format->make(path);
        const std::atomic<bool> goesOn{false};
        sheet.show();
        const Result<std::optional<qint64>> written =
            writeRows(session.state().connection, *rows, *file, &session, goesOn, [&](qint64 count) {
                sheet.tell(count);
                QCoreApplication::processEvents();
                return sheet.isVisible();
            });
        sentence = whatBecame(written, path);
        isSaved = written && *written;
        sheet.hide();
    } else {
        constexpr int Patience = 400; // ms before it is shown
        BackgroundWork work;
        bool isOver = false;
        QEventLoop wait;
        QObject::connect(&sheet, &QDialog::finished, &wait, &QEventLoop::quit);
        work.start(session.state().connection.address(),
                   [&, rows = *rows](const Connection &connection, const std::atomic<bool> &isCancelled,
                                     const BackgroundWork::Report &report) {
                       const std::unique_ptr<RowFile> file = format->make(path);
                       const Result<std::optional<qint64>> written =
                           writeRows(connection, rows, *file, nullptr, isCancelled, [&](qint64 count) {
                               if (count % SavedUntilTold == 0) {
                                   report([&sheet, count] { sheet.tell(count); });
                               }
                               return true;
                           });
                       report([&, said = whatBecame(written, path), isDone = written && *written] {
                           sentence = said;
                           isSaved = isDone;
                           isOver = true;
                           wait.quit();
                       });
                   });
        QTimer::singleShot(Patience, &sheet, [&] {
            if (!isOver) {
                sheet.show();
            }
        });
        if (!isOver) {
            wait.exec();
        }
        sheet.hide();
        work.giveUp();
    }
    Q_EMIT session.said(sentence);
    return isSaved;
}

bool askAndSaveRows(EntrySession &session, const QString &ending, QWidget *parent)
{
    if (!session.moves().leave()) {
        return false;
    }
    QStringList filters;
    for (const RowFileFormat &format : rowFileFormats()) {
        filters.append(QStringLiteral("%1 (*.%2)").arg(rowFileTitle(format), QLatin1String(format.suffix)));
    }
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    const QString name = QString(session.form().title).replace(u'/', u'-');
    const RowFileFormat *wanted = rowFileFormatOf(QStringLiteral("rows.") + ending);
    QString chosen = wanted ? filters.at(wanted - rowFileFormats().constData()) : filters.first();
    QString path = QFileDialog::getSaveFileName(
        parent, Texts::tr("Save the rows as"),
        QDir(folder).filePath(name + u'.' + QLatin1String((wanted ? *wanted : rowFileFormats().first()).suffix)),
        filters.join(QStringLiteral(";;")), &chosen);
    if (path.isEmpty()) {
        return false;
    }
    if (!rowFileFormatOf(path)) {
        path += u'.' + QLatin1String(rowFileFormats().at(std::max<qsizetype>(0, filters.indexOf(chosen))).suffix);
    }
    return saveRows(session, path, parent);
}

} // namespace nabblet

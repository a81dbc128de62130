#include "designer/recovery.h"

#include "core/file/form_file.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>

namespace nabblet {

QString recoveryPath(const QString &formPath, const QString &databaseFile)
{
    if (!formPath.isEmpty()) {
        const QFileInfo info(formPath);
        return info.absoluteDir().filePath(u'.' + info.fileName() + QStringLiteral(".unsaved"));
    }
    const QByteArray name = QCryptographicHash::hash(databaseFile.toUtf8(), QCryptographicHash::Sha1).toHex();
    return QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation))
        .filePath(QStringLiteral("unsaved/%1.nabform").arg(QString::fromLatin1(name)));
}

std::optional<Form> leftUnsaved(const QString &recoveryFile, const Form *saved)
{
    if (!QFile::exists(recoveryFile)) {
        return std::nullopt;
    }
    const Result<Form> form = loadForm(recoveryFile);
    if (!form || (saved && *form == *saved)) {
        return std::nullopt;
    }
    return *form;
}

Recovery::Recovery(FormDocument *document, QString databaseFile, QObject *parent)
    : QObject(parent), m_document(document), m_databaseFile(std::move(databaseFile))
{
    m_timer.setSingleShot(true);
    m_timer.setInterval(Delay * 1000);
    connect(&m_timer, &QTimer::timeout, this, &Recovery::keepNow);
    connect(document, &FormDocument::formChanged, this, [this] {
        if (!m_timer.isActive()) {
            m_timer.start(); // not put off by further changes
        }
    });
    connect(document, &FormDocument::changedChanged, this, [this] {
        if (!m_document->isChanged()) {
            forget();
        }
    });
}

QString Recovery::file() const
{
    return recoveryPath(m_document->path(), m_databaseFile);
}

void Recovery::forget()
{
    m_timer.stop();
    if (!m_written.isEmpty()) {
        QFile::remove(m_written);
        m_written.clear();
    }
    QFile::remove(file());
}

void Recovery::keepNow()
{
    if (!m_document->isChanged()) {
        return;
    }
    const QString path = file();
    const Outcome kept = saveForm(path, m_document->root());
    if (kept) {
        m_written = path;
        m_hasFailed = false;
    } else if (!m_hasFailed) {
        m_hasFailed = true;
        Q_EMIT failed(kept.error());
    }
}

} // namespace nabblet

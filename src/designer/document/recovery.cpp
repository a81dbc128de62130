#include "designer/document/recovery.h"

#include "core/file/form_file.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>

namespace nabblet {

QString recoveryPath(const QString &formPath, const QString &database)
{
    if (!formPath.isEmpty()) {
        const QFileInfo info(formPath);
        return info.absoluteDir().filePath(u'.' + info.fileName() + QStringLiteral(".unsaved"));
    }
    const QByteArray name = QCryptographicHash::hash(database.toUtf8(), QCryptographicHash::Sha1).toHex();
    return QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation))
        .filePath(QStringLiteral("unsaved/%1.nabform").arg(QString::fromLatin1(name)));
}

QList<LeftWork> leftUnsaved(const QString &recoveryFile, const Form *saved)
{
    QList<LeftWork> left;
    for (const QString &file : leftNear(recoveryFile)) {
        const Result<Form> form = loadForm(file);
        if (form && !(saved && *form == *saved)) {
            left.append({*form, file});
        }
    }
    return left;
}

Recovery::Recovery(FormDocument *document, QString database, QObject *parent)
    : QObject(parent), m_document(document), m_database(std::move(database))
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
    if (document->isChanged()) {
        m_timer.start(); // a form made just now, which nobody has changed yet
    }
}

void Recovery::forget()
{
    m_timer.stop();
    m_held.remove();
}

void Recovery::goOnIn(const QString &file)
{
    m_held.remove();
    m_held.hold(file);
}

void Recovery::keepNow()
{
    if (!m_document->isChanged()) {
        return;
    }
    const Outcome kept = saveForm(
        m_held.path().isEmpty() ? m_held.holdNear(recoveryPath(m_document->path(), m_database)) : m_held.path(),
        m_document->root());
    if (kept) {
        m_hasFailed = false;
    } else if (!m_hasFailed) {
        m_hasFailed = true;
        Q_EMIT failed(kept.error());
    }
}

} // namespace nabblet

#include "core/file/kept_apart.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>

namespace nabblet {

namespace {

constexpr int MostBeside = 99; // programs that work on the same thing at once

QString nameBeside(const QString &wanted, int number)
{
    return number == 1 ? wanted : wanted + QStringLiteral("-%1").arg(number);
}

std::unique_ptr<QLockFile> lockOf(const QString &path)
{
    auto lock = std::make_unique<QLockFile>(path + QStringLiteral(".lock"));
    lock->setStaleLockTime(0); // only that its program is gone makes it stale, not its age
    return lock;
}

} // namespace

HeldFile::HeldFile() = default;
HeldFile::~HeldFile() = default;

bool HeldFile::hold(const QString &path)
{
    QDir().mkpath(QFileInfo(path).absolutePath());
    std::unique_ptr<QLockFile> lock = lockOf(path);
    if (!lock->tryLock(0)) {
        return false;
    }
    m_lock = std::move(lock);
    m_path = path;
    return true;
}

QString HeldFile::holdNear(const QString &wanted)
{
    for (int i = 1; i <= MostBeside; ++i) {
        const QString path = nameBeside(wanted, i);
        if (path == m_path || (!QFile::exists(path) && hold(path))) {
            return path;
        }
    }
    // Where no lock can be had, as on some shared folders, the work is kept all the same.
    m_path = wanted;
    return m_path;
}

void HeldFile::remove()
{
    if (!m_path.isEmpty()) {
        QFile::remove(m_path);
        m_path.clear();
    }
    m_lock.reset();
}

QStringList leftNear(const QString &wanted)
{
    QStringList left;
    for (int i = 1; i <= MostBeside; ++i) {
        const QString path = nameBeside(wanted, i);
        if (!QFile::exists(path)) {
            continue;
        }
        const std::unique_ptr<QLockFile> lock = lockOf(path);
        if (lock->tryLock(0) || lock->error() == QLockFile::PermissionError) {
            left.append(path);
        }
    }
    return left;
}

} // namespace nabblet

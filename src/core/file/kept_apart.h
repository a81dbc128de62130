// Files that hold work which is not saved yet. Each program that runs keeps its own: what another one is still doing is
// neither offered nor overwritten nor deleted.
#pragma once

#include <QString>
#include <QStringList>

#include <memory>

class QLockFile;

namespace nabblet {

// A file of unsaved work that this program holds, for as long as the value lives.
class HeldFile
{
public:
    HeldFile();
    ~HeldFile();
    HeldFile(const HeldFile &) = delete;
    HeldFile &operator=(const HeldFile &) = delete;

    // Takes hold of `wanted`, or where another program has it or it holds work that was left there, of the first free
    // name beside it. Gives the file.
    QString holdNear(const QString &wanted);
    // Takes hold of exactly this file, with what it holds; false where another program has it.
    bool hold(const QString &path);
    const QString &path() const { return m_path; } // empty while none is held
    // Deletes the file and lets go of its name.
    void remove();

private:
    std::unique_ptr<QLockFile> m_lock;
    QString m_path;
};

// The files at `wanted` and beside it that hold work which no running program has, oldest name first.
QStringList leftNear(const QString &wanted);

} // namespace nabblet

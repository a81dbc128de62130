#include "core/looks/files/look_book.h"

#include "core/file/whole_file.h"
#include "core/looks/files/look_file.h"
#include "core/text/tr.h"

#include <QDir>
#include <QFile>
#include <QRegularExpression>

#include <algorithm>

// Resources of a static library are not found by themselves.
static void initReadyLooks()
{
    Q_INIT_RESOURCE(ready);
}

namespace nabblet {

namespace {

const QString Ending = QStringLiteral(".tokens.json");
const QString StylesFile = QStringLiteral("styles.tokens.json");

QByteArray readyFile(const QString &name)
{
    initReadyLooks();
    QFile file(QStringLiteral(":/nabblet/looks/") + name + Ending);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

Look readyLook(QLatin1String name)
{
    const Result<Look> look = readLook(readyFile(name), name, Look());
    return look ? *look : Look(); // a test reads each
}

// "Night watch" in night_watch.tokens.json.
QString fileNameFor(const QString &look)
{
    static const QRegularExpression others(QStringLiteral("[^\\p{L}\\p{N}]+"));
    const QString name = look.toLower().replace(others, QStringLiteral("_"));
    return (name == QLatin1String("styles") ? QStringLiteral("styles_look") : name) + Ending;
}

// Where the project keeps a look: the file that holds it, whatever it is called.
QString pathOf(const QString &projectFolder, const QString &look)
{
    const QDir folder(looksFolder(projectFolder));
    for (const QString &file : folder.entryList({u'*' + Ending}, QDir::Files)) {
        const Result<QByteArray> text = readWholeFile(folder.filePath(file));
        if (!text || file == StylesFile) {
            continue;
        }
        const Result<Look> read = readLook(*text, file.chopped(Ending.size()), usualLook());
        if (read && read->name == look) {
            return folder.filePath(file);
        }
    }
    return folder.filePath(fileNameFor(look));
}

template <typename T> QList<T> withOwn(QList<T> all, const QList<T> &own)
{
    for (const T &each : own) {
        const auto same = std::find_if(all.begin(), all.end(), [&](const T &other) { return other.name == each.name; });
        if (same != all.end()) {
            *same = each;
        } else {
            all.append(each);
        }
    }
    return all;
}

} // namespace

const Look &usualLook()
{
    static const Look look = readyLook(QLatin1String("harbour"));
    return look;
}

const QList<Look> &looks()
{
    static const QList<Look> table = [] {
        QList<Look> all{usualLook()};
        for (const char *name : {"chart_room", "quiet_office", "high_contrast", "large_print", "dense_table",
                                 "warm_paper", "night_watch"}) {
            all.append(readyLook(QLatin1String(name)));
        }
        return all;
    }();
    return table;
}

const Styles &readyStyles()
{
    static const Styles all = [] {
        const Result<Styles> styles = readStyles(readyFile(QStringLiteral("styles")));
        return styles ? *styles : Styles();
    }();
    return all;
}

QList<Look> allLooks(const LookBook &book)
{
    return withOwn(looks(), book.looks);
}

Styles allStyles(const LookBook &book)
{
    return withOwn(readyStyles(), book.styles);
}

const Look &lookNamed(const QString &name)
{
    if (name.isEmpty() || usualLook().name == name) { // as mostly, and the others need not be read for that
        return usualLook();
    }
    for (const Look &look : looks()) {
        if (look.name == name) {
            return look;
        }
    }
    return usualLook();
}

Look lookNamed(const LookBook &book, const QString &name)
{
    for (const Look &look : book.looks) {
        if (look.name == name) {
            return look;
        }
    }
    return lookNamed(name);
}

bool isLook(const LookBook &book, const QString &name)
{
    const auto isIt = [&](const Look &look) { return look.name == name; };
    return isIt(usualLook()) || std::any_of(book.looks.begin(), book.looks.end(), isIt) ||
           std::any_of(looks().begin(), looks().end(), isIt);
}

QString looksFolder(const QString &projectFolder)
{
    return QDir(projectFolder).filePath(QStringLiteral("looks"));
}

LookBook loadLookBook(const QString &projectFolder)
{
    LookBook book;
    const QDir folder(looksFolder(projectFolder));
    for (const QString &file : folder.entryList({u'*' + Ending}, QDir::Files, QDir::Name)) {
        const Result<QByteArray> text = readWholeFile(folder.filePath(file));
        const auto say = [&](const Error &error) {
            book.mistakes.append(Texts::tr("%1: %2").arg(file, error.sentence));
        };
        if (!text) {
            say(text.error());
        } else if (file == StylesFile) {
            const Result<Styles> styles = readStyles(*text);
            styles ? static_cast<void>(book.styles = *styles) : say(styles.error());
        } else {
            const Result<Look> look = readLook(*text, file.chopped(Ending.size()), usualLook());
            look ? book.looks.append(*look) : say(look.error());
        }
    }
    return book;
}

Outcome saveLook(const QString &projectFolder, const Look &look)
{
    return replaceWholeFile(pathOf(projectFolder, look.name), writeLook(look));
}

Outcome saveStyles(const QString &projectFolder, const Styles &styles)
{
    return replaceWholeFile(QDir(looksFolder(projectFolder)).filePath(StylesFile), writeStyles(styles));
}

Outcome removeLook(const QString &projectFolder, const QString &name)
{
    const QString path = pathOf(projectFolder, name);
    if (QFile::exists(path) && !QFile::remove(path)) {
        return Error{Texts::tr("%1 could not be removed. Look whether you may write there.").arg(path), {}};
    }
    return Done();
}

} // namespace nabblet

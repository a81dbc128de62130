#include "data/words/dictionaries.h"

#include "data/words/known_words.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QMutex>
#include <QStandardPaths>
#include <QStringDecoder>
#include <QStringEncoder>
#include <QThreadPool>

#include <hunspell/hunspell.hxx>

#include <memory>
#include <vector>

namespace nabblet {

namespace {

// A language with the dictionaries that know its words, read when it is first asked for one that it was never asked.
class Language
{
public:
    Language(const char *name, std::vector<const char *> files, bool hasCapitalNouns)
        : m_name(name), m_files(std::move(files)), m_hasCapitalNouns(hasCapitalNouns)
    {
    }
    // Another thread may have asked it last; it is waited for.
    ~Language() { const QMutexLocker lock(&m_mutex); }
    Language(const Language &) = delete;
    Language &operator=(const Language &) = delete;

    QString name() const { return QString::fromLatin1(m_name); }
    bool joins() const { return m_hasCapitalNouns; }

    bool knows(const QString &word)
    {
        const QMutexLocker lock(&m_mutex);
        if (const std::optional<bool> known = answers().find(word)) {
            return *known;
        }
        read();
        const bool isKnown = spells(word);
        answers().add(word, isKnown);
        return isKnown;
    }

    // Whether it was ever asked.
    bool hasAnswers()
    {
        const QMutexLocker lock(&m_mutex);
        return !answers().isEmpty();
    }

    void keepAnswers()
    {
        const QMutexLocker lock(&m_mutex);
        if (answers().isChanged()) {
            answers().save();
        }
    }

private:
    struct Dictionary
    {
        std::unique_ptr<Hunspell> words;
        QByteArray encoding;
    };

    bool spells(const QString &word) const
    {
        QString asNoun = word;
        if (!asNoun.isEmpty()) {
            asNoun[0] = asNoun.at(0).toUpper();
        }
        for (const Dictionary &each : m_dictionaries) {
            if (spells(each, word) || (m_hasCapitalNouns && spells(each, asNoun))) {
                return true;
            }
        }
        return false;
    }

    static bool spells(const Dictionary &dictionary, const QString &word)
    {
        const bool isUtf8 = dictionary.encoding == "UTF-8";
        const QByteArray bytes = isUtf8 ? word.toUtf8() : word.toLatin1();
        return dictionary.words->spell(bytes.toStdString());
    }

    // Those of other dictionaries than are installed now do not count.
    KnownWords &answers()
    {
        if (!m_answers) {
            QString of;
            for (const char *file : m_files) {
                const QFileInfo words(pathOf(file) + QStringLiteral(".dic"));
                of += words.exists() ? QStringLiteral("%1 %2 %3;")
                                           .arg(words.fileName())
                                           .arg(words.size())
                                           .arg(words.lastModified().toMSecsSinceEpoch())
                                     : QString();
            }
            const QString folder = QStandardPaths::writableLocation(QStandardPaths::GenericCacheLocation);
            m_answers = std::make_unique<KnownWords>(
                QDir(folder).filePath(QStringLiteral("nabblet/words-%1.json").arg(name())), of);
        }
        return *m_answers;
    }

    static QString pathOf(const char *file)
    {
        return QStringLiteral("/usr/share/hunspell/") + QString::fromLatin1(file);
    }

    void read()
    {
        if (m_isRead) {
            return;
        }
        m_isRead = true;
        for (const char *file : m_files) {
            const QString path = pathOf(file);
            const QByteArray rules = QFile::encodeName(path + QStringLiteral(".aff"));
            const QByteArray words = QFile::encodeName(path + QStringLiteral(".dic"));
            if (QFile::exists(path + QStringLiteral(".dic")) && QFile::exists(path + QStringLiteral(".aff"))) {
                Dictionary each{std::make_unique<Hunspell>(rules.constData(), words.constData()), {}};
                each.encoding = each.words->get_dict_encoding().c_str();
                m_dictionaries.push_back(std::move(each));
            }
        }
    }

    const char *m_name;
    std::vector<const char *> m_files;
    bool m_hasCapitalNouns; // which is also the language that writes its words together
    bool m_isRead = false;
    std::vector<Dictionary> m_dictionaries;
    std::unique_ptr<KnownWords> m_answers;
    QMutex m_mutex; // a dictionary answers one at a time
};

// What is read from the machine once, and does not change while the program runs.
const std::vector<std::shared_ptr<Language>> &languages()
{
    static const std::vector<std::shared_ptr<Language>> table{
        std::make_shared<Language>("en", std::vector<const char *>{"en_US", "en_GB"}, false),
        std::make_shared<Language>("de", std::vector<const char *>{"de_DE"}, true),
        std::make_shared<Language>("fr", std::vector<const char *>{"fr", "fr_FR"}, false),
        std::make_shared<Language>("es", std::vector<const char *>{"es_ES"}, false),
    };
    return table;
}

} // namespace

QList<Speller> installedSpellers()
{
    QList<Speller> spellers;
    for (const std::shared_ptr<Language> &language : languages()) {
        spellers.append(
            {language->name(), language->joins(), [language](const QString &word) { return language->knows(word); }});
    }
    return spellers;
}

void prepareDictionaries()
{
    QThreadPool::globalInstance()->start([] {
        if (!languages().front()->hasAnswers()) {
            languages().front()->knows(QStringLiteral("word"));
        }
    });
}

void keepAnswers()
{
    QThreadPool::globalInstance()->start([] {
        for (const std::shared_ptr<Language> &language : languages()) {
            language->keepAnswers();
        }
    });
}

} // namespace nabblet

#include "core/catalogue/parted_names.h"

#include "core/words/name_words.h"

#include <QHash>

#include <algorithm>
#include <iterator>

namespace nabblet {

namespace {

constexpr qsizetype LeastTelling = 4; // letters of a word that tells a language
constexpr qsizetype LeastAlone = 3;   // letters of a word that is evidence; of a table's whole name fewer do
constexpr double KnowsEnough = 0.5;   // the share of such words that settles it at once

// How many of the words a language knows.
double shareKnown(const QStringList &words, const Speller &speller)
{
    if (words.isEmpty() || !speller.knows) {
        return 0;
    }
    const auto known =
        std::count_if(words.begin(), words.end(), [&](const QString &word) { return speller.knows(word); });
    return static_cast<double>(known) / static_cast<double>(words.size());
}

Speller bestSpeller(const QStringList &words, const QList<Speller> &spellers)
{
    Speller best;
    double most = -1;
    for (const Speller &speller : spellers) {
        const double share = shareKnown(words, speller);
        if (share > most) {
            most = share;
            best = speller;
        }
        if (most >= KnowsEnough) {
            break;
        }
    }
    return best;
}

} // namespace

void partNames(Catalogue &catalogue, const QList<Speller> &spellers)
{
    QSet<QString> met;   // every word of the names
    QSet<QString> alone; // those that stand beside others in a name, or are a table's whole name
    const auto meet = [&](const QString &name, bool isTable) {
        const QStringList words = wordsOfName(name);
        for (const QString &word : words) {
            met.insert(word);
            const bool isLetters = std::all_of(word.begin(), word.end(), [](QChar c) { return c.isLetter(); });
            const bool isLong = word.size() >= LeastAlone || (isTable && words.size() == 1 && word.size() > 1);
            if (isLetters && isLong && (words.size() > 1 || isTable)) {
                alone.insert(word);
            }
        }
    };
    for (const Table &table : std::as_const(catalogue.tables)) {
        meet(table.name, true);
        for (const Column &column : table.columns) {
            meet(column.name, false);
        }
    }
    QStringList telling;
    std::copy_if(met.begin(), met.end(), std::back_inserter(telling),
                 [](const QString &word) { return word.size() >= LeastTelling; });
    const Speller speller = bestSpeller(telling, spellers);
    if (speller.joins) {
        return;
    }
    // A long word alone is evidence only where it cannot be parted itself: a table "orderdetails" is none.
    Vocabulary vocabulary{speller.knows, {}};
    QSet<QString> near;
    for (const QString &word : std::as_const(alone)) {
        if (partedWord(word, vocabulary).size() == 1) {
            near.insert(word);
        }
    }
    // Nor where the others part it ("tagid" beside "tag" and "id").
    QStringList inOrder(near.begin(), near.end());
    inOrder.sort(); // so that the same names are parted the same way every time
    for (const QString &word : std::as_const(inOrder)) {
        vocabulary.near = near;
        vocabulary.near.remove(word);
        const QStringList parts = partedWord(word, vocabulary);
        if (parts.size() > 1 && parts.last() == QLatin1String("id")) {
            near.remove(word);
        }
    }
    vocabulary.near = near;
    QHash<QString, QStringList> parted;
    for (const QString &word : std::as_const(met)) {
        const QStringList parts = partedWord(word, vocabulary);
        if (parts.size() > 1) {
            parted.insert(word, parts);
        }
    }
    const auto nameParted = [&](const QString &name) {
        QStringList result;
        bool isParted = false;
        for (const QString &word : writtenWords(name)) {
            const auto parts = parted.constFind(word.toLower());
            if (parts == parted.constEnd()) {
                result.append(word);
                continue;
            }
            isParted = true;
            qsizetype from = 0;
            for (const QString &part : *parts) {
                result.append(word.mid(from, part.size())); // capitals stay as they are written
                from += part.size();
            }
        }
        return isParted ? result.join(u'_') : QString();
    };
    for (Table &table : catalogue.tables) {
        table.parted = nameParted(table.name);
        for (Column &column : table.columns) {
            column.parted = nameParted(column.name);
        }
    }
}

} // namespace nabblet

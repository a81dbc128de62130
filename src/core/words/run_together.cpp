#include "core/words/run_together.h"

#include "core/words/name_words.h"
#include "core/words/word_set.h"

#include <QHash>
#include <QList>

#include <algorithm>

namespace nabblet {

namespace {

constexpr qsizetype LeastTogether = 4; // letters of what may be several words
constexpr qsizetype MostTogether = 40; // what is longer is no name that people made
constexpr qsizetype MostWords = 4;
constexpr qsizetype LeastByDictionary = 6; // letters of what a dictionary may part; less only words of other names
constexpr qsizetype LeastKnown = 3;        // letters of a word that only a dictionary knows

// What one word costs; words of other names are the best evidence, short words of a dictionary the weakest, for it
// knows many that nobody uses. Never is for what is no word.
constexpr double Near = 1;
constexpr double Long = 2;
constexpr double Short = 4;
constexpr double MostEach = 2.5; // what the words may cost, a word
constexpr double Never = 1000;

// Words that names of columns are often made of, in the languages whose names are parted.
const QSet<QString> &customary()
{
    static const QSet<QString> table = wordSet(
        "account address age amount area article at author balance bank bill birth book box by category city class "
        "client code color colour comment company contact cost count country county credit currency customer date day "
        "days debit default delivery department description detail discount due email employee end exchange expire "
        "expires family fax file first flag for from full gender given group home host hour hours id image in index "
        "info invoice is item items job key label language last latitude level line link list location long longitude "
        "mail max member message min mobile model modified month name net new next no note notes number of old on "
        "order out owner page parent part parts password path pay payment per percent phone photo picture place point "
        "position post postal price priority product project quantity rate reason receipt record reference region "
        "remark remarks report required sale sales second sell service set sex ship shipped shipping short size sort "
        "start state status stock store street sub sum supplier table target tax team template text time title to "
        "total town type unit units until update updated url user users value vat vendor version via view web week "
        "weight width year zip "
        // French and Spanish
        "nom prix date adresse ville pays client commande produit nombre fecha precio direccion ciudad pais cliente "
        "pedido producto codigo numero telefono apellido");
    return table;
}

} // namespace

QStringList partedWord(const QString &word, const Vocabulary &vocabulary)
{
    const QStringList whole{word};
    const bool isLetters = std::all_of(word.begin(), word.end(), [](QChar c) { return c.isLetter(); });
    if (word.size() < LeastTogether || word.size() > MostTogether || !isLetters || vocabulary.near.contains(word) ||
        customary().contains(word) || !spelledOut(word).isEmpty() || (vocabulary.knows && vocabulary.knows(word))) {
        return whole;
    }
    QHash<QString, double> costs;
    const auto cost = [&](const QString &part) {
        const auto known = costs.constFind(part);
        if (known != costs.constEnd()) {
            return *known;
        }
        // A short form of three letters is found in too many words to be believed beside a guess ("emp" in "template").
        const bool isShortForm = part.size() > 1 && !spelledOut(part).isEmpty();
        if (isShortForm && part.size() == 3 && !customary().contains(part) && !vocabulary.near.contains(part)) {
            costs.insert(part, MostEach);
            return MostEach;
        }
        const bool isNear = customary().contains(part) || isShortForm || vocabulary.near.contains(part);
        const bool isKnown = !isNear && word.size() >= LeastByDictionary && part.size() >= LeastKnown &&
                             vocabulary.knows && vocabulary.knows(part);
        const double each = isNear ? Near : !isKnown ? Never : part.size() > LeastKnown ? Long : Short;
        costs.insert(part, each);
        return each;
    };
    // The cheapest way to each place in the word, with so many words.
    struct Way
    {
        double cost = Never;
        qsizetype from = 0;
    };
    const qsizetype size = word.size();
    QList<QList<Way>> ways(MostWords + 1, QList<Way>(size + 1));
    ways[0][0].cost = 0;
    for (qsizetype count = 1; count <= MostWords; ++count) {
        for (qsizetype end = 2; end <= size; ++end) {
            for (qsizetype from = 0; from + 2 <= end; ++from) {
                const double before = ways.at(count - 1).at(from).cost;
                if (before >= Never) {
                    continue;
                }
                const double each = before + cost(word.mid(from, end - from));
                if (each < ways.at(count).at(end).cost) {
                    ways[count][end] = {each, from};
                }
            }
        }
    }
    qsizetype best = 0;
    for (qsizetype count = 2; count <= MostWords; ++count) {
        const double each = ways.at(count).at(size).cost;
        const bool isGoodEnough = each <= MostEach * static_cast<double>(count);
        if (isGoodEnough && (best == 0 || each < ways.at(best).at(size).cost)) {
            best = count;
        }
    }
    if (best == 0) {
        return whole;
    }
    QStringList parts;
    qsizetype end = size;
    for (qsizetype count = best; count > 0; --count) {
        const qsizetype from = ways.at(count).at(end).from;
        parts.prepend(word.mid(from, end - from));
        end = from;
    }
    return parts;
}

} // namespace nabblet

// What boxes look up in other tables: the words of rows that lookups point to, values of such rows, the choices of
// lists. Each is read once and kept as long as it may be the same. While something is painted nothing is read; what is
// missing then is read right after.
#pragma once

#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "data/records/looked_for.h"
#include "data/records/records.h"

#include <QHash>
#include <QList>
#include <QString>

#include <functional>

namespace nabblet {

class LookedUp
{
public:
    // missed: called when painting misses something, once until that was read.
    LookedUp(Connection connection, std::function<void()> missed);

    // The words of the row that a lookup points to; empty for none.
    QString words(const Lookup &lookup, const QVariantList &values);
    // The value that such a row has.
    QVariant value(const Followed &followed, const QVariantList &values);
    // Reads what is not known yet of these, together.
    void read(const QList<LookedFor> &wanted);
    // Those that are not known yet, each once.
    QList<LookedFor> unknown(const QList<LookedFor> &wanted) const;
    // Takes answers that were read elsewhere, in the order of the questions …
    void take(const QList<LookedFor> &wanted, const QList<LookedFound> &found);
    // … and whether these are the same as what is known.
    bool areAs(const QList<LookedFor> &wanted, const QList<LookedFound> &found) const;
    // What words() and value() ask for; nothing where a value is missing.
    std::optional<LookedFor> wordsWanted(const Lookup &lookup, const QVariantList &values);
    static std::optional<LookedFor> valueWanted(const Followed &followed, const QVariantList &values);
    // All choices of a lookup held to values, once somebody has read them; until choices are forgotten.
    const QList<LookupRow> *wholeChoices(const Lookup &lookup, const ColumnValues &held) const;
    void takeWhole(const Lookup &lookup, const ColumnValues &held, const QList<LookupRow> &rows);
    int choicesEdition() const { return m_choicesEdition; } // another after every forgetting
    static QString choicesKey(const Lookup &lookup, const ColumnValues &held);
    // What a row chosen from them is called is known.
    void know(const Lookup &lookup, const QVariantList &values, const QString &words);
    // Choices in their order, at most `most` of those whose words contain `part`: rows of a lookup held to values, or a
    // control's fixed ones. Read anew each time.
    QList<LookupRow> choices(const Control &control, const std::optional<Lookup> &lookup, const ColumnValues &held,
                             const QString &part, int most) const;
    // All the choices of an open list, as it shows them: the same until something is forgotten or they are held to
    // other values.
    QList<LookupRow> listRows(const Control &control, const ColumnValues &held);
    static constexpr int MostListed = 1000;
    // Whether reading the choices takes so long that it is done beside the interface.
    bool isLarge(const Lookup &lookup);

    // Rows that lookups point to may be others now; …
    void forgetRows();
    // … so may the choices of lists; …
    void forgetChoices();
    // … all of it, by another catalogue.
    void setCatalogue(const Catalogue &catalogue);

    // Between these nothing is read.
    void beginPainting() { ++m_paintings; }
    void endPainting() { --m_paintings; }
    bool isPainting() const { return m_paintings > 0; }
    // Has something read once the painting is over.
    void readSoon(const std::function<void()> &read);
    // What painting missed, to be read elsewhere; what cannot be is read at once.
    QList<LookedFor> takeMissing();
    // As take(); where together nothing could be read, each is asked for alone.
    void takeOrReadAlone(const QList<LookedFor> &wanted, const Result<QList<LookedFound>> &found);
    // Reads what painting missed; false when it missed nothing.
    bool readMissing();

private:
    Connection m_connection;
    Catalogue m_catalogue;
    std::function<void()> m_missed;
    QHash<QString, QString> m_words;
    QHash<QString, QVariant> m_values;
    QHash<QString, QList<LookupRow>> m_listRows;
    int m_choicesEdition = 0;
    QHash<QString, QList<LookupRow>> m_whole; // by choicesKey()
    QHash<QString, bool> m_areLarge;          // by table
    int m_paintings = 0;                      // under way
    QList<std::function<void()>> m_missing;
    QList<LookedFor> m_wanted; // missing too, to be read together

    void want(const LookedFor &wanted);
    void readAlone(const LookedFor &wanted);
};

} // namespace nabblet

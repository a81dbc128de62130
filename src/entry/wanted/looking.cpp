#include "entry/wanted/looking.h"

#include "data/records/records.h"

#include <QElapsedTimer>
#include <QSet>

#include <algorithm>

namespace nabblet {

Sought soughtIn(const EntryState &state, const RecordSource &rows, const QString &typed, int most)
{
    return {rows, typed.simplified(), searchedIn(state, typed), quickColumns(state), state.jumpLookup(), state.locale,
            most};
}

Outcome lookFor(const Connection &connection, const Sought &sought, const std::atomic<bool> &isCancelled,
                const std::function<void(const QList<Hit> &)> &tell)
{
    constexpr int Often = 60; // ms between what is told
    QList<Hit> found;
    QElapsedTimer told;
    int count = 0;
    const auto tellAll = [&] {
        if (!found.isEmpty()) {
            tell(found);
            found.clear();
        }
        told.start();
    };
    const auto note = [&](const Row &row) {
        Hit hit{row.key, {}, whereFound(connection, sought.rows, row, sought.terms, sought.locale), 2};
        const Result<QString> words =
            sought.naming ? lookupWords(connection, *sought.naming, row.key) : Result<QString>(QString());
        hit.words = words ? *words : QString();
        if (hit.words.startsWith(sought.typed, Qt::CaseInsensitive)) {
            hit.distance = 0;
        } else if (std::all_of(sought.terms.begin(), sought.terms.end(), [&](const SearchedTerm &term) {
                       return hit.words.contains(term.words, Qt::CaseInsensitive);
                   })) {
            hit.distance = 1;
        }
        if (hit.words.isEmpty()) {
            hit.words = hit.where.value(0);
            hit.where = hit.where.mid(1);
        }
        found.append(hit);
        ++count;
        if (!told.isValid() || told.elapsed() > Often) {
            tellAll();
        }
        return count < sought.most;
    };
    // What begins so in an index is there at once, as it is typed or in capital letters.
    for (const QString &column : sought.quick) {
        for (const QString &begins : QSet<QString>{sought.typed, sought.typed.toUpper()}) {
            const auto begun = rowsBeginning(connection, sought.rows, column, begins, 20);
            for (const Row &row : begun ? *begun : QList<Row>()) {
                note(row);
            }
        }
    }
    tellAll();
    count = 0;
    QList<SearchedWord> words;
    for (const SearchedTerm &term : sought.terms) {
        words.append(term.tests);
    }
    const Result<bool> searched = searchRows(connection, sought.rows, words, isCancelled, note);
    tellAll();
    return searched ? Outcome(Done{}) : Outcome(searched.error());
}

} // namespace nabblet

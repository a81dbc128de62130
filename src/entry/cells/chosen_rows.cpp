#include "entry/cells/chosen_rows.h"

#include "entry/session/entry_session.h"

#include <algorithm>

namespace nabblet {

namespace {

QString wordsOf(const RowKey &key)
{
    QStringList words;
    for (const QVariant &value : key) {
        words.append(QString::number(value.typeId()) + u':' + value.toString());
    }
    return words.join(QChar(0x1f));
}

} // namespace

bool ChosenRows::contains(const RowKey &key) const
{
    return !m_keys.isEmpty() && m_places.contains(wordsOf(key));
}

void ChosenRows::toggle(const RowKey &key)
{
    const QString words = wordsOf(key);
    const auto found = m_places.constFind(words);
    if (found == m_places.constEnd()) {
        m_places.insert(words, m_keys.size());
        m_keys.append(key);
        return;
    }
    const qsizetype at = *found;
    m_keys.removeAt(at);
    m_places.remove(words);
    for (qsizetype &place : m_places) {
        place -= place > at ? 1 : 0;
    }
}

void ChosenRows::setRange(const QList<Row> &rows, int from, int to)
{
    clear();
    const int last = std::min<int>(std::max(from, to), static_cast<int>(rows.size()) - 1);
    for (int row = std::max(0, std::min(from, to)); row <= last; ++row) {
        toggle(rows.at(row).key);
    }
}

Result<QList<Row>> ChosenRows::read(const EntrySession &session) const
{
    const EntryState &state = session.state();
    QList<Row> rows;
    for (const RowKey &key : m_keys) {
        const MaybeRow row = rowWithKey(state.connection, state.source, key);
        if (!row) {
            return row.error();
        }
        if (*row) {
            rows.append(**row);
        }
    }
    return rows;
}

} // namespace nabblet

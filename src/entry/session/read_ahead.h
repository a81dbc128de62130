// The records beside the one in hand, and what their boxes look up, read before somebody goes there: whoever goes on
// does not wait for a server that is far away. What was read so is looked at again once it is shown.
#pragma once

#include "data/background/steady_work.h"
#include "data/records/looked_for.h"
#include "data/records/records.h"

#include <QSet>

#include <optional>

namespace nabblet {

struct SessionParts;

class ReadAhead
{
public:
    explicit ReadAhead(SessionParts &parts);
    ~ReadAhead();

    // The record behind or before one; nothing where it is not known (yet).
    std::optional<Row> after(const RowKey &key) const;
    std::optional<Row> before(const RowKey &key) const;
    // Whether all that such a record looks up is known, too.
    bool knowsAllOf(const Row &row) const;
    // Reads beside the interface what is not known yet on both sides of the record in hand. Where the database is near,
    // nothing is.
    void readAround();
    // The first of the rows of this session, where they belong to a record of another that read them before it was gone
    // to; for once. lookAtRowsAgain() then has them looked at again.
    std::optional<QList<Row>> firstRows();
    void lookAtRowsAgain();
    bool knowsRowsBelow(const Row &row) const;
    // Rows that belong to records may be others now.
    void forgetBelow();
    // Has the record in hand, which was shown as it was read before, looked at again.
    void lookAgain();
    // Rows may be others now.
    void forget();
    // Reads beside the interface what painting missed. False where the database is near, so that it can be read at
    // once.
    bool readMissing();
    // Has work done on the connection that reads ahead; of what is to be done so only the last.
    void beside(const SteadyWork::Task &task);

private:
    struct Side
    {
        bool isAsked = false;
        bool isWhole = false; // there is no further record
    };

    bool isWanted() const;
    void post(const SteadyWork::Task &task, SteadyWork::Else otherwise = SteadyWork::Else::Undone);
    SteadyWork &work();
    qsizetype indexOf(const RowKey &key) const;
    void ask(bool isForward, int most);
    void take(bool isForward, int asked, const Result<QList<Row>> &rows);
    void lookUp(const QList<Row> &rows);
    void lookUp(const QList<LookedFor> &wanted, bool isMissed);
    void readChoices();
    void readBelow(const Row &row);
    static QString belowKey(ControlId control, const RecordSource &source);

    SessionParts &m_parts;
    QList<Row> m_rows; // neighbours, in their order
    Side m_back;
    Side m_on;
    int m_edition = 0;                  // of what is known
    QHash<QString, QList<Row>> m_below; // the first rows of subforms, by belowKey()
    QSet<QString> m_belowAsked;
    int m_belowEdition = 0;
    QSet<QString> m_choicesAsked;       // by what they are known under
    std::unique_ptr<SteadyWork> m_work; // last, so that it ends before what it reports to
};

} // namespace nabblet

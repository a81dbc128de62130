// Going among the records. Each saves first what was changed; when that is refused, it stays and answers false.
#pragma once

#include "data/records/records.h"

namespace nabblet {

struct SessionParts;

class RecordMoves
{
public:
    explicit RecordMoves(SessionParts &parts) : m_parts(parts) {}

    // Whether there may be another record that way; a new one stands behind all.
    bool canGoBack() const;
    bool canGoOn() const;
    bool canGoLast() const;

    bool goFirst();
    bool goPrevious();
    bool goNext();
    bool goLast();
    bool goTo(qint64 position); // from 0
    // To the record with that key, as RecordSource::keyColumns.
    bool goToKey(const QVariantList &key);
    // To one of the rows at hand.
    bool goToRow(int index);
    // To a blank record.
    bool add();
    // To a new record with all that the one in hand has, but for what may be there only once.
    bool addLike();
    // To the record at which the form opens.
    void goWhereItOpens();
    // Nowhere: a blank record is let go.
    bool leave();

private:
    bool mayGo();
    // isAhead: it was read before.
    bool show(const MaybeRow &row, const QString &nothingThere, bool isAhead = false);

    SessionParts &m_parts;
};

} // namespace nabblet

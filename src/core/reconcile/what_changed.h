// What changed in the tables of a form since it was in step with them: renamed told from dropped and added by evidence,
// with the reasons.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/draft/inner_forms.h"
#include "core/model/form.h"

#include <QHash>
#include <QList>
#include <QStringList>
#include <QVariantList>

namespace nabblet {

enum class ChangeKind {
    TableGone,
    TableRenamed,
    ColumnRenamed,
    ColumnSplit,
    ColumnsJoined,
    ColumnMoved, // to a table that the rows point to
    ColumnGone,
    TypeChanged,
    LengthChanged,
    RequiredChanged,
    StartChanged,
    ChoicesChanged,
    LinkChanged,
    ColumnNew,
};

struct TableChange
{
    ChangeKind kind = ChangeKind::ColumnGone;
    InnerPath path; // to the form that it is about
    QString table;
    QString column;      // as it was; of a new one, as it is
    QStringList columns; // of joined ones all, as they were
    QStringList now;     // what it is called now, or the parts that it became
    QString movedTo;     // the table where it is now
    QStringList reasons; // why it is taken for that, as sentences without a full stop
    bool isCertain = false;
    BoundColumn was;

    bool operator==(const TableChange &) const = default;
};

// Some rows of a table as they are stored now, for telling by values.
struct StoredSample
{
    QStringList columns;
    QList<QVariantList> rows;
};
using StoredSamples = QHash<QString, StoredSample>; // by table

// In the order in which people read a form: what concerns all of it first.
QList<TableChange> tableChanges(const Form &form, const Catalogue &now, const StoredSamples &samples = {});
// Whether a change says what became of a column of a table, and whether it says where a new one comes from.
bool explainsGone(const QList<TableChange> &changes, const QString &table, const QString &column);
bool explainsNew(const QList<TableChange> &changes, const QString &table, const QString &column);
// The tables of which a sample would tell more: those in which something is gone and something new.
QStringList tablesToSample(const Form &form, const Catalogue &now);
// One as a sentence.
QString changeInWords(const TableChange &change, const Catalogue &now);

} // namespace nabblet

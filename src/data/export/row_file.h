// A file of rows as it is written: heads first, then one row after the other, none of them kept.
#pragma once

#include "core/catalogue/column_type.h"
#include "core/result.h"

#include <QIODevice>
#include <QList>
#include <QString>
#include <QVariant>

#include <functional>
#include <memory>

namespace nabblet {

struct ExportColumn
{
    QString head;   // as people call it
    QString column; // as the database does; may be empty
    ColumnType type = ColumnType::Text;
    bool isWords = false; // cells are words that stand for a value, such as those of a lookup
};

struct ExportCell
{
    QVariant value; // as stored; invalid for a missing one
    QString words;  // as people see it; may be empty where the value speaks for itself
};

class RowFile
{
public:
    virtual ~RowFile() = default;

    bool isForReading = false; // people read it, not programs: every cell has its words

    // The error of each says why it cannot be written.
    virtual Outcome begin(const QString &title, const QList<ExportColumn> &columns) = 0;
    virtual Outcome row(const QList<ExportCell> &cells) = 0;
    // The file is whole under its name afterwards. Without it, nothing of that name is there or has changed.
    virtual Outcome end() = 0;
};

// A value so that other programs read it alike everywhere: numbers with a point, days as 2026-05-31, yes and no as 1
// and 0, bytes as base64.
QString plainText(const QVariant &value, ColumnType type);
// The same of a cell: its words where they stand for the value.
QString plainText(const ExportCell &cell, const ExportColumn &column);

// A file of text that takes its name only when it is whole. The error says that the place takes none.
std::unique_ptr<RowFile>
textRowFile(const QString &path, std::function<QByteArray(const QString &, const QList<ExportColumn> &)> begin,
            std::function<QByteArray(const QList<ExportCell> &, const QList<ExportColumn> &)> row,
            const QByteArray &end);

} // namespace nabblet

// What a form reads and writes: a table or view, the columns it binds and the key that names each row.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "core/result.h"

namespace nabblet {

struct RecordSource
{
    QString table;
    QStringList columns;         // read with each row, in this order
    QStringList keyColumns;      // name each row; rows are read in their order
    bool keyIsRowNumber = false; // the key is the database's own row number, not a column
    bool isWritable = true;
    QStringList generated; // columns among them that the database works out
    QStringList missing;   // columns the form binds and the table does not have
};

// The source of a form's rows. The error names what is gone and says what to do.
Result<RecordSource> recordSourceOf(const Form &form, const Catalogue &catalogue);

// The source of all columns of a table.
RecordSource recordSourceOf(const Table &table);

} // namespace nabblet

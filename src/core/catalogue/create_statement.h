// Reads what SQLite keeps only as text: the CHECKs inside a CREATE TABLE statement.
#pragma once

#include "core/catalogue/catalogue.h"

#include <QList>
#include <QString>

namespace nabblet {

// One word, name, literal or sign of an SQL text.
struct SqlToken
{
    enum Kind { Word, QuotedName, String, Number, Sign };
    Kind kind = Sign;
    QString text; // without quotes, doubled quotes undone
    qsizetype start = 0;
    qsizetype end = 0; // one past the last character
};

// Cuts an SQL text into tokens; comments and white space are left out. Never fails: a quote that is not closed ends
// with the text.
QList<SqlToken> sqlTokens(const QString &sql);

// Every CHECK of a CREATE TABLE statement, those of columns and those of the table, in their order.
QList<Check> checksOfCreateTable(const QString &statement);

// The values that an expression of the shape `column IN (literal, …)`, bracketed or not, with or without
// `OR column IS NULL` or `column IS NULL OR` around it, allows for that column. Empty for every other shape.
QVariantList choicesOfCheck(const QString &expression, const QString &column);

// The value of a default that is a plain text or number: 'on station', 0, -1.5. An invalid QVariant for anything that
// the database works out.
QVariant literalValue(const QString &expression);

// What a new record has in a column by its default: the literal, but nothing for a date or time that is none
// ('0000-00-00', 'NOW').
QVariant defaultValueOf(const Column &column);

// Whether the expression reads that column (by its name, quoted or not).
bool checkReadsColumn(const QString &expression, const QString &column);

} // namespace nabblet

// A place for what people write into a form as the question: tables of text in a file of their own, which goes with it.
#pragma once

#include "core/filter/question_form.h"
#include "core/result.h"
#include "data/dialect/connection.h"

#include <QTemporaryDir>

#include <memory>

namespace nabblet {

class AskedRows
{
public:
    // With one line of the question, blank.
    static Result<std::unique_ptr<AskedRows>> of(const QList<QuestionTable> &tables);

    const Connection &connection() const { return *m_connection; }
    // A further line; gives its number.
    Result<int> addLine() const;
    // Writes words into a line.
    Outcome write(int line, const QString &table, const QString &column, const QString &words) const;
    // What was written into each line, by table and column; only what is not blank.
    struct Line
    {
        int number = 0;
        QHash<QString, QHash<QString, QString>> words;
    };
    Result<QList<Line>> lines() const;

private:
    AskedRows() = default;

    QTemporaryDir m_folder;
    QList<QuestionTable> m_tables;
    std::optional<Connection> m_connection; // goes before its folder
};

} // namespace nabblet

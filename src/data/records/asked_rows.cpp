#include "data/records/asked_rows.h"

#include "core/text/tr.h"
#include "data/records/statement.h"

#include <QFile>

namespace nabblet {

Result<std::unique_ptr<AskedRows>> AskedRows::of(const QList<QuestionTable> &tables)
{
    std::unique_ptr<AskedRows> rows(new AskedRows);
    rows->m_tables = tables;
    const QString path = rows->m_folder.filePath(QStringLiteral("question.db"));
    QFile file(path);
    if (!rows->m_folder.isValid() || !file.open(QIODevice::WriteOnly)) {
        return Error{Texts::tr("There is no room for the question: no folder for temporary files can be written to."),
                     {}};
    }
    file.close();
    const Result<Connection> connection = Connection::open(addressOfFile(path));
    if (!connection) {
        return connection.error();
    }
    rows->m_connection = *connection;
    QStringList statements;
    for (const QuestionTable &table : tables) {
        QStringList columns{connection->quoted(QLatin1String(QuestionLine)) + QLatin1String(" INTEGER PRIMARY KEY")};
        for (const QString &column : table.columns) {
            columns.append(connection->quoted(column) + QLatin1String(" TEXT"));
        }
        statements.append(QStringLiteral("CREATE TABLE %1 (%2)")
                              .arg(connection->quotedTable(table.name), columns.join(QLatin1String(", "))));
    }
    for (const QString &statement : std::as_const(statements)) {
        const Running made(*connection, {statement, {}});
        if (!made.isGood) {
            return connection->explain(made.query.lastError());
        }
    }
    if (const Result<int> line = rows->addLine(); !line) {
        return line.error();
    }
    return rows;
}

Result<int> AskedRows::addLine() const
{
    const Result<QList<Line>> before = lines();
    if (!before) {
        return before.error();
    }
    const int number = before->isEmpty() ? 1 : before->last().number + 1;
    for (const QuestionTable &table : m_tables) {
        const Running added(*m_connection, {QStringLiteral("INSERT INTO %1 (%2) VALUES (?)")
                                                .arg(m_connection->quotedTable(table.name),
                                                     m_connection->quoted(QLatin1String(QuestionLine))),
                                            {number}});
        if (!added.isGood) {
            return m_connection->explain(added.query.lastError());
        }
    }
    return number;
}

Outcome AskedRows::write(int line, const QString &table, const QString &column, const QString &words) const
{
    const Running written(*m_connection, {QStringLiteral("UPDATE %1 SET %2 = ? WHERE %3 = ?")
                                              .arg(m_connection->quotedTable(table), m_connection->quoted(column),
                                                   m_connection->quoted(QLatin1String(QuestionLine))),
                                          {words, line}});
    return written.isGood ? Outcome(Done{}) : Outcome(m_connection->explain(written.query.lastError()));
}

Result<QList<AskedRows::Line>> AskedRows::lines() const
{
    QList<Line> lines;
    for (qsizetype i = 0; i < m_tables.size(); ++i) {
        const QuestionTable &table = m_tables.at(i);
        QStringList names{m_connection->quoted(QLatin1String(QuestionLine))};
        for (const QString &column : table.columns) {
            names.append(m_connection->quoted(column));
        }
        Running read(*m_connection, {QStringLiteral("SELECT %1 FROM %2 ORDER BY 1")
                                         .arg(names.join(QLatin1String(", ")), m_connection->quotedTable(table.name)),
                                     {}});
        if (!read.isGood) {
            return m_connection->explain(read.query.lastError());
        }
        while (read.query.next()) {
            const int number = read.query.value(0).toInt();
            if (i == 0) {
                lines.append(Line{number, {}});
            }
            for (Line &line : lines) {
                for (int c = 0; line.number == number && c < table.columns.size(); ++c) {
                    const QString words = read.query.value(c + 1).toString().trimmed();
                    if (!words.isEmpty()) {
                        line.words[table.name].insert(table.columns.at(c), words);
                    }
                }
            }
        }
    }
    return lines;
}

} // namespace nabblet

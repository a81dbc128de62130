// What a statement gave: its rows as values.
#pragma once

#include <QSqlResult>
#include <QVariant>

struct st_mysql_bind;
struct st_mysql_stmt;

namespace nabblet {

class MariadbDriver;

class MariadbResult : public QSqlResult
{
public:
    explicit MariadbResult(MariadbDriver *driver);
    ~MariadbResult() override;

    // Reads what is still to come, as another statement is to run on the same connection.
    void keepRest();
    // The connection goes.
    void forget();

protected:
    QVariant data(int field) override;
    bool isNull(int field) override;
    bool reset(const QString &sql) override;
    bool prepare(const QString &sql) override;
    bool exec() override;
    bool fetch(int row) override;
    bool fetchNext() override;
    bool fetchFirst() override;
    bool fetchLast() override;
    int size() override;
    int numRowsAffected() override;
    QSqlRecord record() const override;
    void detachFromResultSet() override;

private:
    struct Column;

    bool run(const QString &sql, const QVariantList &values);
    bool prepareColumns();
    bool readRow(QVariantList *row); // the next one; false at the end or with an error
    void end();

    MariadbDriver *m_driver;
    QString m_sql;
    st_mysql_stmt *m_statement = nullptr;
    std::vector<Column> m_columns;
    QList<QVariantList> m_rows; // those read and kept: all, or of a stream the one at hand and what was kept
    int m_firstKept = 0;        // the number of the first of them
    bool m_isStreaming = false;
    bool m_isInBlock = false; // it is part of a transaction
    int m_affected = -1;
};

} // namespace nabblet

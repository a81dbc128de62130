// What a statement gave: its rows as values.
#pragma once

#include <QSqlResult>
#include <QVariant>

#include <memory>

struct pg_result;

namespace nabblet {

class PostgresqlDriver;

// A value as the server reads it.
QByteArray postgresqlText(const QVariant &value);

class PostgresqlResult : public QSqlResult
{
public:
    explicit PostgresqlResult(PostgresqlDriver *driver);
    ~PostgresqlResult() override;

    // Reads what is still to come, as another statement is to run on the same connection.
    void keepRest();

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
    bool run(const QString &sql, const QVariantList &values);
    void end();
    // The part of the rows in which a row is, and which of it; nothing where there is none.
    const pg_result *partOf(int row, int *inPart) const;

    PostgresqlDriver *m_driver;
    QString m_sql;
    QList<std::shared_ptr<pg_result>> m_parts; // all rows in one, or one each
    int m_firstKept = 0;                       // the row of the first part
    bool m_isStreaming = false;
};

} // namespace nabblet

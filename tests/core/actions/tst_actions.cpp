// What buttons do, as values: steps in words and back, statements with values of a row.
#include "core/actions/action_table.h"
#include "core/actions/statement_values.h"

#include <QTest>

using namespace nabblet;

class TestActions : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    // Every action is read back by its title, its name, and with what it is told.
    void stepsAreReadBack()
    {
        QSet<QString> titles;
        for (const ButtonAction &action : buttonActions()) {
            titles.insert(buttonActionTitle(action).toLower());
            for (const QString &with : {QString(), QString("Details: more"), QString("a = b; c = d")}) {
                const ButtonStep step{action.name, with};
                const Result<ButtonStep> read = stepFromWords("  " + stepInWords(step) + " ");
                QVERIFY(read.isOk());
                QVERIFY2(*read == step, qPrintable(stepInWords(step)));
                QVERIFY(*stepFromWords(action.name + (with.isEmpty() ? QString() : ": " + with)) == step);
            }
            QVERIFY((action.with == nullptr) == (action.example == nullptr));
        }
        QCOMPARE(titles.size(), buttonActions().size()); // each can be told from the others
        QVERIFY(!stepFromWords("Dance").isOk());
        QVERIFY(!stepFromWords("").isOk());
    }

    void stepsAreStored()
    {
        Control button;
        QCOMPARE(buttonStepsOf(button).size(), 1);
        setButtonAction(button, buttonActionNamed("save"));
        button.settings.set(setting::Further, {{"print", {}}, {"go-to-page", "Details"}});
        const ControlSettings again = ControlSettings::fromJson(
            button.settings.toJson(), {&setting::Action, &setting::With, &setting::Further, &setting::Asks});
        Control read;
        read.settings = again;
        QVERIFY(buttonStepsOf(read) == buttonStepsOf(button));
        QCOMPARE(buttonStepsOf(read).last().with, QString("Details"));
        // Steps of a newer version are kept as they stand, and none of them is done.
        QJsonObject json = button.settings.toJson();
        json.insert("then", QJsonArray{QJsonObject{{"do", "sing"}}});
        read.settings = ControlSettings::fromJson(json, {&setting::Action, &setting::Further});
        QCOMPARE(buttonStepsOf(read).size(), 1);
        QCOMPARE(read.settings.toJson(), json);
    }

    void valuesOfStatements_data()
    {
        QTest::addColumn<QString>("statement");
        QTest::addColumn<QString>("sql"); // empty: refused
        QTest::addColumn<QString>("columns");
        const auto row = [](const char *statement, const char *sql, const char *columns) {
            QTest::newRow(statement) << QString(statement) << QString(sql) << QString(columns);
        };
        row("UPDATE buoy SET a = :a WHERE id = :id", "UPDATE buoy SET a = ? WHERE id = ?", "a id");
        row("SELECT ':no', \":no\", [:no], `:no` -- :no\n, :yes;", "SELECT ':no', \":no\", [:no], `:no` , ?", "yes");
        row("SELECT 'it''s :no' /* ; :no */ || :yes", "SELECT 'it''s :no'  || ?", "yes");
        row("SELECT :\"laid on\", '2'::int", "SELECT ?, '2'::int", "laid on");
        row("DELETE FROM a; DELETE FROM b", "", "");
        row(";", "", "");
        row("", "", "");
        row("-- nothing", "", "");
        row("SELECT 'open :no", "SELECT 'open :no", "");
        row("SELECT :größe", "SELECT ?", "größe");
    }
    void valuesOfStatements()
    {
        QFETCH(QString, statement);
        QFETCH(QString, sql);
        QFETCH(QString, columns);
        const Result<StatementValues> found = statementValues(statement);
        QCOMPARE(found.isOk(), !sql.isEmpty());
        if (found.isOk()) {
            QCOMPARE(found->sql, sql);
            QCOMPARE(found->columns.join(' '), columns);
        }
    }
};

QTEST_GUILESS_MAIN(TestActions)
#include "tst_actions.moc"

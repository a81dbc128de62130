// What is wrong with rules, each fault shown by a form that has it and by one that has not.
#include "core/arrange/grouping.h"
#include "core/check/rule_faults.h"
#include "core/kinds/settings/choices.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestRuleFaults : public QObject
{
    Q_OBJECT

    Form m_form = samples::columnOfFields(4);
    Table m_table;

    QString wrong(const QList<Rule> &rules, int number = 0) const
    {
        Form form = m_form;
        form.rules = rules;
        return wrongWithRules(form, m_table).value(number).join(' ');
    }
    static Rule value(const QString &expression, ControlId on)
    {
        Rule rule{.effect = "value", .on = {on}};
        rule.then.value = expression;
        return rule;
    }

private Q_SLOTS:
    void initTestCase()
    {
        for (int i = 0; i < 4; ++i) {
            m_table.columns.append(samples::column(QString("column_%1").arg(i), i == 1 ? "INTEGER" : "TEXT"));
        }
        m_table.columns[0].choices = {"on station", "adrift"};
        m_table.columns[3].isRequired = true;
    }

    void aSoundRuleHasNone()
    {
        QCOMPARE(wrong({{.when = "column_0 = 'adrift'", .effect = "shown", .on = {5}}}), QString());
        QCOMPARE(wrong({value("column_1 * 2", 5)}), QString());
    }

    void faults_data()
    {
        QTest::addColumn<QList<Rule>>("rules");
        QTest::addColumn<int>("number");
        QTest::addColumn<QString>("says");
        const Rule shown{.when = "column_0 = 'adrift'", .effect = "shown", .on = {5}};
        QTest::newRow("nothing") << QList<Rule>{{.when = "1", .effect = "shown"}} << 0 << "stands on nothing";
        QTest::newRow("no effect") << QList<Rule>{{.when = "1", .effect = "note", .on = {5}}} << 0 << "no effect";
        QTest::newRow("no mark") << QList<Rule>{{.when = "1", .effect = "marked", .on = {5}}} << 0 << "no effect";
        QTest::newRow("name") << QList<Rule>{{.when = "colum_0 = 1", .effect = "locked", .on = {5}}} << 0 << "colum_0";
        QTest::newRow("text with number")
            << QList<Rule>{{.when = "column_1 = 'x'", .effect = "locked", .on = {5}}} << 0 << "Column 1 holds numbers";
        QTest::newRow("no choice") << QList<Rule>{{.when = "column_0 = 'adrfit'", .effect = "locked", .on = {5}}} << 0
                                   << "“adrift”";
        QTest::newRow("hides its source")
            << QList<Rule>{{.when = "column_2 = 'a'", .effect = "shown", .on = {5}}} << 0 << "It hides Column 2";
        QTest::newRow("hides what is required")
            << QList<Rule>{{.when = "column_0 = 'adrift'", .effect = "shown", .on = {7}}} << 0 << "can hide Column 3";
        Rule opposite = shown;
        opposite.when = "column_0 <> 'adrift'";
        QTest::newRow("contradict") << QList<Rule>{shown, opposite} << 1 << "never shown";
        opposite.when = "NOT coalesce(column_0 = 'adrift', 0)";
        QTest::newRow("contradict by not") << QList<Rule>{shown, opposite} << 1 << "never shown";
        QTest::newRow("required and locked") << QList<Rule>{{.when = "column_1 > 1", .effect = "required", .on = {5}},
                                                            {.when = "column_1>1", .effect = "locked", .on = {5}}}
                                             << 1 << "required and locked";
        QTest::newRow("twin") << QList<Rule>{value("column_1 * 2 + 17", 5), value("column_1 * 2 + 19", 1)} << 1
                              << "one sign only";
        QTest::newRow("circle") << QList<Rule>{value("column_2", 1), value("column_0", 5)} << 0
                                << "Column 0 → Column 2";
        QTest::newRow("limits") << QList<Rule>{{.effect = "scale",
                                                .on = {5},
                                                .steps = {{12, Mark::Alarm}, {11, Mark::Watch}, {{}, Mark::Steady}}}}
                                << 0 << "limit 11 is not above";
        QTest::newRow("the same") << QList<Rule>{shown, shown} << 1 << "the same as rule 1";
    }
    void faults()
    {
        QFETCH(QList<Rule>, rules);
        QFETCH(int, number);
        QFETCH(QString, says);
        QVERIFY2(wrong(rules, number).contains(says), qPrintable(wrong(rules, number)));
        for (Rule &rule : rules) {
            rule.isOff = true; // what is switched off does no harm
        }
        QCOMPARE(wrong(rules, number), QString());
    }

    void aGroupThatHoldsItsSourceIsSaid()
    {
        const Grouped group = withContainer(m_form, {1, 5}, "group-box");
        Form form = group.form;
        form.rules = {{.when = "column_0 = 'adrift'", .effect = "shown", .on = {group.container}}};
        QVERIFY(wrongWithRules(form, m_table).value(0).join(' ').contains("It hides Column 0"));
    }
};

QTEST_APPLESS_MAIN(TestRuleFaults)
#include "tst_rule_faults.moc"

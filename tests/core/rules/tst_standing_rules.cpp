// What holds in a form without standing in its list of rules; rules taken from one form to another.
#include "core/edit/rule_clip.h"
#include "core/file/form_file.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/start_value.h"
#include "core/kinds/settings/typing.h"
#include "core/rules/standing_rules.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestStandingRules : public QObject
{
    Q_OBJECT

    Form m_form;
    Table m_table;

    void change(ControlId id, const std::function<void(Control &)> &how)
    {
        Control control = *m_form.controls.find(id);
        how(control);
        m_form.controls.replace(m_form.controls.indexOf(id), control);
    }
    QStringList sentences() const
    {
        QStringList all;
        for (const StandingRule &rule : standingRules(m_form, m_table)) {
            all.append(rule.sentence);
        }
        return all;
    }
    ControlId boxOf(const QString &column) const
    {
        for (const Control &control : m_form.controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }

private Q_SLOTS:
    void init()
    {
        QLocale::setDefault(QLocale::c());
        m_form = samples::columnOfFields(3);
        m_table = Table();
        m_table.name = m_form.rowsFrom;
        for (int i = 0; i < 3; ++i) {
            Column column;
            column.name = QString("column_%1").arg(i);
            column.type = ColumnType::Text;
            m_table.columns.append(column);
        }
    }

    void allThatHoldsIsSaid()
    {
        const ControlId first = boxOf("column_0");
        const ControlId second = boxOf("column_1");
        const ControlId third = boxOf("column_2");
        change(first, [](Control &control) {
            control.kind = "text-box";
            control.settings = {};
            control.settings.set(setting::Length, 12);
        });
        change(second, [](Control &control) {
            control.kind = "decimal-number";
            control.settings = {};
            control.settings.set(setting::Decimals, 1);
            control.settings.set(setting::Least, 0.0);
            control.settings.set(setting::Most, 99.9);
            setStartValue(control, StartValue{QVariant(4.5), {}});
        });
        change(third, [](Control &control) {
            control.kind = "formula";
            control.column.clear();
            control.settings = {};
            control.settings.set(setting::Formula, "column_1 * 2");
        });
        m_table.columns[0].isRequired = true;
        m_table.checks.append({QString(), "column_1 < 50"});
        const QList<StandingRule> all = standingRules(m_form, m_table);
        const QStringList said = sentences();
        const auto hasEnding = [&](const QString &end) {
            return std::count_if(said.begin(), said.end(), [&](const QString &each) { return each.endsWith(end); });
        };
        QCOMPARE(hasEnding(" takes at most 12 letters"), 1);
        QCOMPARE(hasEnding(" takes 1 decimal, from 0 to 99.9"), 1);
        QCOMPARE(hasEnding(" starts with 4.5"), 1);
        QCOMPARE(hasEnding(" shows column_1 * 2"), 1);
        QCOMPARE(hasEnding(" is required (by the table)"), 1);
        QVERIFY2(said.last().endsWith("must be less than 50 (by the table)"), qPrintable(said.last()));
        QCOMPARE(all.size(), 6);
        for (const StandingRule &rule : all) {
            QVERIFY(rule.sentence.startsWith(rule.subject));
            QVERIFY(rule.control != 0);
        }
        // Another formula stands in the form, and only there.
        const auto formula = std::find_if(all.begin(), all.end(),
                                          [](const StandingRule &rule) { return rule.kind == StandingKind::Formula; });
        const Form changed = withStandingExpression(m_form, *formula, "column_1 * 3");
        QCOMPARE(formulaOf(*changed.controls.find(third)), "column_1 * 3");
        QCOMPARE(*changed.controls.find(second), *m_form.controls.find(second));
    }

    void rulesComeOverTheClipboard()
    {
        const ControlId first = boxOf("column_0");
        const ControlId second = boxOf("column_1");
        const ControlId third = boxOf("column_2");
        Rule check{.when = "column_0 <= 12", .effect = "check", .on = {first}};
        check.then.words = "At most 12";
        check.asks = true;
        const Rule shown{.when = "column_0 = 'a' AND column_1 = 'b'", .effect = "shown", .on = {first, second}};
        m_form.rules = {check, shown};
        const Result<Form> clip = readRuleClip(ruleClipText(m_form, {0, 1}));
        QVERIFY(clip);
        QCOMPARE(clip->rules.size(), 2);

        // Where they stood, by names.
        const PastedRules again = withPastedRules(m_form, *clip, {});
        QCOMPARE(again.count, 2);
        QCOMPARE(again.form.rules.mid(2), m_form.rules);

        // On to others: what reads its own box alone reads the other's now, what reads more stays.
        const PastedRules others = withPastedRules(m_form, *clip, {second, third});
        QCOMPARE(others.count, 3);
        QCOMPARE(others.form.rules.at(2).when, "column_1 <= 12");
        QCOMPARE(others.form.rules.at(2).on, QList<ControlId>{second});
        QCOMPARE(others.form.rules.at(3).when, "column_2 <= 12");
        QVERIFY(others.form.rules.at(3).asks);
        QCOMPARE(others.form.rules.at(4).when, shown.when);
        QCOMPARE(others.form.rules.at(4).on, (QList<ControlId>{second, third}));
        QVERIFY(others.form.controls == m_form.controls);

        // By columns where the names are others; nowhere without either.
        Form renamed = m_form;
        renamed.rules.clear();
        for (int i = 0; i < renamed.controls.size(); ++i) {
            Control control = renamed.controls.at(i);
            control.name += "_else";
            renamed.controls.replace(i, control);
        }
        QCOMPARE(withPastedRules(renamed, *clip, {}).form.rules, m_form.rules);
        Form empty;
        QCOMPARE(withPastedRules(empty, *clip, {}).count, 0);
        QVERIFY(!readRuleClip(writeForm(renamed))); // a form without rules is none
        QVERIFY(!readRuleClip("something else"));
    }

    // A rule does not go on what its effect cannot be on.
    void onlyWhereTheyMayStand()
    {
        const ControlId first = boxOf("column_0");
        ControlId caption = 0;
        for (const Control &control : m_form.controls) {
            caption = control.captionFor == first ? control.id : caption;
        }
        QVERIFY(caption != 0);
        m_form.rules = {Rule{.when = {}, .effect = "required", .on = {first}}};
        const Result<Form> clip = readRuleClip(ruleClipText(m_form, {0}));
        QVERIFY(clip);
        QCOMPARE(withPastedRules(m_form, *clip, {caption}).count, 0);
        QCOMPARE(withPastedRules(m_form, *clip, {caption, boxOf("column_1")}).count, 1);
    }
};

QTEST_GUILESS_MAIN(TestStandingRules)
#include "tst_standing_rules.moc"

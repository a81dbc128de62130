// Rules of a form: how they are set, what they do, and that they stay with the controls they stand on.
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/formula/row_formulas.h"
#include "core/rules/rules.h"
#include "support/sample_forms.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestRules : public QObject
{
    Q_OBJECT

    const Form m_form = samples::columnOfFields(5);

    static Form with(const Form &form, const QList<ControlId> &controls, const QString &condition)
    {
        return *withCondition(form, controls, "locked", condition, nullptr);
    }
    static Shown inRow(const Form &form, ControlId id, const QHash<QString, QVariant> &row)
    {
        RowFormulas formulas(row.keys());
        Shown shown;
        shown.mayType = true;
        return withRules(form, RuleBook(form), *form.controls.find(id), shown, [&](const QString &expression) {
            return formulas.value(expression, [&](const QString &column) { return row.value(column); });
        });
    }

private Q_SLOTS:
    void oneConditionIsOneRule()
    {
        Form form = with(m_form, {1}, "a = 1");
        form = with(form, {3, 5}, "  a = 1\n");
        QCOMPARE(form.rules.size(), 1);
        QCOMPARE(form.rules.first().on, (QList<ControlId>{1, 3, 5}));
        form = with(form, {3}, "a = 2");
        QCOMPARE(form.rules.size(), 2);
        QCOMPARE(conditionOn(form, 1, "locked"), "a = 1");
        QCOMPARE(conditionOn(form, 3, "locked"), "a = 2");
        QCOMPARE(conditionOn(form, 7, "locked"), QString());
        QCOMPARE(conditionOn(form, 1, "another"), QString());
        form = with(with(form, {1, 3}, QString()), {5}, QString());
        QVERIFY(form == m_form);
    }

    void whatIsSetLastHolds()
    {
        QRandomGenerator random(5);
        Form form = m_form;
        QHash<ControlId, QString> wanted;
        for (int step = 0; step < 500; ++step) {
            const ControlId id = 1 + 2 * random.bounded(5);
            const QString condition = random.bounded(3) == 0 ? QString() : QString("a = %1").arg(random.bounded(3));
            form = with(form, {id}, condition);
            wanted.insert(id, condition);
            for (const auto &[control, when] : wanted.asKeyValueRange()) {
                QCOMPARE(conditionOn(form, control, "locked"), when);
            }
        }
    }

    void aConditionThatCannotBeReadIsRefused()
    {
        Table table;
        table.columns = {samples::column("a", "INTEGER")};
        QVERIFY(withCondition(m_form, {1}, "locked", "a > 1", &table).isOk());
        const Result<Form> refused = withCondition(m_form, {1}, "locked", "nobody > 1", &table);
        QVERIFY(!refused);
        QVERIFY2(refused.error().sentence.contains("nobody"), qPrintable(refused.error().sentence));
        QVERIFY(!withCondition(m_form, {1}, "locked", "a >", &table));
    }

    void lockedWhereItsConditionIsTrue_data()
    {
        QTest::addColumn<QString>("condition");
        QTest::addColumn<QVariant>("a");
        QTest::addColumn<bool>("mayType");
        QTest::newRow("true") << "a > 3" << QVariant(4) << false;
        QTest::newRow("false") << "a > 3" << QVariant(3) << true;
        QTest::newRow("neither") << "a > 3" << QVariant() << true;
        QTest::newRow("a small number") << "a" << QVariant(0.25) << false;
        QTest::newRow("nought") << "a" << QVariant(0) << true;
        QTest::newRow("words") << "a" << QVariant("closed") << true; // as SQL has it
        QTest::newRow("words that are a number") << "a" << QVariant("12") << false;
        QTest::newRow("not to be worked out") << "nobody = 1" << QVariant(1) << true;
    }
    void lockedWhereItsConditionIsTrue()
    {
        QFETCH(QString, condition);
        QFETCH(QVariant, a);
        QFETCH(bool, mayType);
        const Form form = with(m_form, {1}, condition);
        QCOMPARE(inRow(form, 1, {{"a", a}}).mayType, mayType);
        QCOMPARE(inRow(form, 3, {{"a", a}}).mayType, true);
    }

    // With its caption and all that stands in it; a condition that cannot be worked out hides nothing.
    void shownWhereItsConditionIsTrue()
    {
        const Grouped group = withContainer(m_form, {1, 3}, "group-box");
        const auto hidden = [&](const QString &condition, const QList<ControlId> &on) {
            const Form form = *withCondition(group.form, on, "shown", condition, nullptr);
            QList<ControlId> ids;
            for (const Control &control : form.controls) {
                if (inRow(form, control.id, {{"a", 1}}).isHidden) {
                    ids.append(control.id);
                }
            }
            std::sort(ids.begin(), ids.end());
            return ids;
        };
        QCOMPARE(hidden("a = 1", {5}), QList<ControlId>());
        QCOMPARE(hidden("a = 2", {5}), (QList<ControlId>{5, 6}));
        QCOMPARE(hidden("a = NULL", {6}), QList<ControlId>{6});
        QCOMPARE(hidden("a = 2", {group.container}), (QList<ControlId>{1, 2, 3, 4, group.container}));
        QCOMPARE(hidden("nobody = 2", {5}), QList<ControlId>());
    }

    void whatStandsInAContainerFollowsItsRules()
    {
        const Grouped group = withContainer(m_form, {1, 3}, "group-box");
        const Grouped pages = withContainer(group.form, {group.container}, "tab-pages");
        const Form form = with(pages.form, {pages.container}, "a = 1");
        for (const ControlId id : {1, 3, 5}) {
            QCOMPARE(inRow(form, id, {{"a", 1}}).mayType, id == 5);
            QCOMPARE(inRow(form, id, {{"a", 2}}).mayType, true);
        }
    }

    void effectsThatAreNotKnownDoNothingAndAreKept()
    {
        Form form = with(m_form, {1, 3}, "a = 1");
        form.rules.first().effect = "made to sparkle";
        form.rules.first().unknown = {{"with", "dull"}};
        QVERIFY(inRow(form, 1, {{"a", 1}}).mayType);
        const Result<Form> again = readForm(writeForm(form));
        QVERIFY2(again, again ? "" : qPrintable(again.error().sentence));
        QCOMPARE(writeForm(*again), writeForm(form));
        QCOMPARE(again->rules.first().unknown.value("with").toString(), "dull");
    }

    void aFileThatNamesNobodySaysWhere()
    {
        QByteArray text = writeForm(with(m_form, {1}, "a = 1"));
        text.replace("\"on\":[\"text_0\"]", "\"on\":[\"nobody\"]");
        text.replace("\"on\": [\"text_0\"]", "\"on\": [\"nobody\"]");
        const Result<Form> read = readForm(text);
        QVERIFY(!read);
        QVERIFY2(read.error().sentence.contains("/rules/0/on/0"), qPrintable(read.error().sentence));
    }

    // A number that is free again does not bring the rules, or the place in the tab order, of whoever had it.
    void whoIsDeletedLeavesNoRuleBehind()
    {
        Form form = with(m_form, {1, 9}, "a = 1");
        form = with(form, {7}, "a = 2");
        form.handOrder = {9, 7, 1};
        const Form left = deleteControls(form, {7, 9});
        QCOMPARE(left.rules.size(), 1);
        QCOMPARE(left.rules.first().on, QList<ControlId>{1});
        QCOMPARE(left.handOrder, QList<ControlId>{1});
    }

    // Nor do groups that are taken off and captions that are removed; what stood in a group goes on following its
    // rules.
    void whatGoesOtherwiseLeavesNoneEither()
    {
        const Grouped group = withContainer(m_form, {1, 3}, "group-box");
        const Form off = withoutContainer(with(group.form, {group.container, 1}, "a = 1"), group.container);
        QCOMPARE(off.rules.size(), 1);
        QSet<ControlId> on(off.rules.first().on.begin(), off.rules.first().on.end());
        QCOMPARE(on.size(), off.rules.first().on.size());
        QVERIFY(on.contains(1) && on.contains(3) && !on.contains(group.container));
        QVERIFY(!inRow(off, 3, {{"a", 1}}).mayType);
        const Form bare = deleteCaptionsOf(*withCondition(m_form, {2}, "shown", "a = 1", nullptr), {1});
        QVERIFY(!bare.controls.find(2));
        QVERIFY(bare.rules.isEmpty());
    }

    void copiesFollowTheSameRules()
    {
        const Form form = with(with(m_form, {1, 3}, "a = 1"), {5}, "a = 2");
        const Form clip = *readClip(clipText(form, {3}));
        QCOMPARE(clip.rules.size(), 1);
        const Pasted here = pasted(form, clip, {0, 200}, "{kind}_{column}");
        QCOMPARE(here.form.rules.size(), 2);
        QCOMPARE(here.form.rules.first().on.size(), 3);
        const Pasted elsewhere = pasted(m_form, clip, {0, 200}, "{kind}_{column}");
        int followed = 0;
        for (const ControlId id : elsewhere.controls) {
            followed += conditionOn(elsewhere.form, id, "locked") == "a = 1" ? 1 : 0;
        }
        QCOMPARE(followed, 1);
        QCOMPARE(elsewhere.form.rules.first().on.size(), 1);
    }
};

QTEST_APPLESS_MAIN(TestRules)
#include "tst_rules.moc"

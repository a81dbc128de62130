// What rules do: marks, scales, notes, values worked out, checks; that they come back from files; room given up.
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/windows/giving_way.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/rules/checking.h"
#include "core/rules/rule_sentence.h"
#include "core/rules/rules.h"
#include "core/rules/worked_out.h"
#include "support/sample_forms.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestEffects : public QObject
{
    Q_OBJECT

    const Form m_form = samples::columnOfFields(5);
    const QStringList m_columns{"column_0", "column_1", "column_2", "column_3", "column_4"};

    static Form with(Form form, const QList<Rule> &rules)
    {
        form.rules = rules;
        return form;
    }
    static WorksOut over(RowFormulas &formulas, const QHash<QString, QVariant> &row)
    {
        return [&formulas, row](const QString &expression) {
            return formulas.value(expression, [&](const QString &column) { return row.value(column); });
        };
    }
    Shown at(const Form &form, ControlId id, const QHash<QString, QVariant> &row) const
    {
        RowFormulas formulas(m_columns);
        Shown shown;
        shown.mayType = true;
        return withRules(form, RuleBook(form), *form.controls.find(id), shown, over(formulas, row));
    }
    static Rule scale()
    {
        return {.effect = "scale",
                .on = {1},
                .steps = {{11.5, Mark::Alarm, "change it"}, {12.0, Mark::Watch, {}}, {{}, Mark::Steady, {}}}};
    }
    static Rule value(const QString &expression, ControlId on, ValueHold hold = ValueHold::Follows)
    {
        Rule rule{.effect = "value", .on = {on}};
        rule.then.value = expression;
        rule.hold = hold;
        return rule;
    }

private Q_SLOTS:
    void aScaleMarksByItsLimits()
    {
        const Form form = with(m_form, {scale()});
        QCOMPARE(at(form, 1, {{"column_0", 11.49}}).mark, Mark::Alarm);
        QCOMPARE(at(form, 1, {{"column_0", 11.49}}).note, "change it");
        QCOMPARE(at(form, 1, {{"column_0", 11.5}}).mark, Mark::Watch);
        QCOMPARE(at(form, 1, {{"column_0", 12.0}}).mark, Mark::Steady);
        QCOMPARE(at(form, 1, {{"column_0", QVariant()}}).mark, Mark::None);
        QCOMPARE(at(form, 1, {{"column_0", "words"}}).mark, Mark::None);
        // Nor its caption, nor another box.
        QCOMPARE(at(form, 2, {{"column_0", 11.0}}).mark, Mark::None);
        QCOMPARE(at(form, 3, {{"column_0", 11.0}}).mark, Mark::None);
        Rule only = scale();
        only.when = "column_1 = 'on station'";
        QCOMPARE(at(with(m_form, {only}), 1, {{"column_0", 11.0}, {"column_1", "adrift"}}).mark, Mark::None);
        Rule off = scale();
        off.isOff = true;
        QCOMPARE(at(with(m_form, {off}), 1, {{"column_0", 11.0}}).mark, Mark::None);
    }

    void theGravestMarkStands()
    {
        Rule watch{.when = "1", .effect = "marked", .on = {1}};
        watch.then = {Mark::Watch, "watch it", {}};
        Rule alarm = watch;
        alarm.then = {Mark::Alarm, "alarm", {}};
        for (const QList<Rule> &rules : {QList<Rule>{watch, alarm}, QList<Rule>{alarm, watch}}) {
            QCOMPARE(at(with(m_form, rules), 1, {}).mark, Mark::Alarm);
            QCOMPARE(at(with(m_form, rules), 1, {}).note, "alarm");
        }
        watch.when = "0";
        watch.otherwise = {Mark::Steady, "fine", {}};
        QCOMPARE(at(with(m_form, {watch}), 1, {}).mark, Mark::Steady);
    }

    void whatIsHiddenIsNotRequired()
    {
        const Rule required{.when = "", .effect = "required", .on = {1}};
        const Rule shown{.when = "column_1 = 1", .effect = "shown", .on = {1}};
        QVERIFY(at(with(m_form, {required, shown}), 1, {{"column_1", 1}}).isRequired);
        QVERIFY(!at(with(m_form, {required, shown}), 1, {{"column_1", 0}}).isRequired);
        QVERIFY(!at(with(m_form, {shown, required}), 1, {{"column_1", 0}}).isRequired);
    }

    // Whatever the order of the rules, and whatever was there before.
    void valuesAreWorkedOutInOrder()
    {
        const QList<Rule> rules{value("column_3 + 1", 9), value("column_0 * 2", 3), value("column_2 + column_1", 7),
                                value("column_1 + 1", 5)};
        QList<int> order{0, 1, 2, 3};
        do {
            Form form = m_form;
            for (const int i : order) {
                form.rules.append(rules.at(i));
            }
            RowFormulas formulas(m_columns);
            const QHash<QString, QVariant> row{{"column_0", 5}, {"column_4", 99}};
            WorkingRow working{true, {"column_0"}, [&](const QString &column) { return row.value(column); }};
            QHash<QString, QVariant> got;
            for (const PutIn &put : valuesPutIn(form, formulas, working)) {
                QVERIFY(put.value && *put.value);
                got.insert(put.column, **put.value);
            }
            QCOMPARE(got.value("column_1").toInt(), 10);
            QCOMPARE(got.value("column_2").toInt(), 11);
            QCOMPARE(got.value("column_3").toInt(), 21);
            QCOMPARE(got.value("column_4").toInt(), 22);
        } while (std::next_permutation(order.begin(), order.end()));
    }

    void aStoredRecordChangesOnlyWhereItsSourceIsTyped()
    {
        const Form form = with(m_form, {value("column_0 * 2", 3), value("column_1 + 1", 5), value("column_3", 9)});
        RowFormulas formulas(m_columns);
        const auto changed = [&](const QSet<QString> &typed) {
            QStringList columns;
            WorkingRow working{false, typed, [](const QString &) { return QVariant(3); }};
            for (const PutIn &put : valuesPutIn(form, formulas, working)) {
                if (put.value) {
                    columns.append(put.column);
                }
            }
            columns.sort();
            return columns;
        };
        QCOMPARE(changed({}), QStringList());
        QCOMPARE(changed({"column_0"}), (QStringList{"column_1", "column_2"}));
        QCOMPARE(changed({"column_3"}), QStringList{"column_4"});
    }

    void whatWasTypedOverStays()
    {
        RowFormulas formulas(m_columns);
        const auto of = [&](ValueHold hold, bool isNew, const QSet<QString> &typed) {
            const Form form = with(m_form, {value("column_0 * 2", 3, hold)});
            WorkingRow working{isNew, typed, [](const QString &) { return QVariant(3); }};
            const QList<PutIn> put = valuesPutIn(form, formulas, working);
            return !put.isEmpty() && put.first().value.has_value();
        };
        QVERIFY(of(ValueHold::Follows, false, {"column_0", "column_1"}));
        QVERIFY(of(ValueHold::UntilTyped, false, {"column_0"}));
        QVERIFY(!of(ValueHold::UntilTyped, false, {"column_0", "column_1"}));
        QVERIFY(of(ValueHold::AtFirst, true, {}));
        QVERIFY(!of(ValueHold::AtFirst, true, {"column_1"}));
        QVERIFY(!of(ValueHold::AtFirst, false, {"column_0"}));
    }

    void circlesAreNamed()
    {
        RowFormulas formulas(m_columns);
        QCOMPARE(circleOf(with(m_form, {value("column_0", 3), value("column_1", 5)}), formulas), QStringList());
        QCOMPARE(circleOf(with(m_form, {value("column_1", 1), value("column_2", 3), value("column_0", 5)}), formulas),
                 (QStringList{"column_0", "column_1", "column_2", "column_0"}));
        QCOMPARE(circleOf(with(m_form, {value("column_0 + 1", 1)}), formulas), (QStringList{"column_0", "column_0"}));
        // One that only hangs on a circle is not in it.
        QCOMPARE(circleOf(with(m_form, {value("column_1", 7), value("column_2", 3), value("column_1", 5)}), formulas),
                 (QStringList{"column_1", "column_2", "column_1"}));
    }

    void anErrorIsSaidAndNoOldNumberStays()
    {
        RowFormulas formulas(m_columns);
        const Form form = with(m_form, {value("abs('x', 2)", 3), value("column_1 + 1", 5)});
        WorkingRow working{true, {}, [](const QString &) { return QVariant(3); }};
        const QList<PutIn> put = valuesPutIn(form, formulas, working);
        QVERIFY(put.first().value && !*put.first().value);
        QVERIFY(!put.first().value->error().sentence.isEmpty());
        QVERIFY(put.at(1).value && *put.at(1).value && (*put.at(1).value)->isNull());
    }

    void checksThatDoNotHoldAreSaid()
    {
        RowFormulas formulas(m_columns);
        Rule check{.when = "column_0 > 0", .effect = "check", .on = {}};
        check.then.words = "More than nothing, please";
        Rule asks{.when = "column_0 <= 12", .effect = "check", .on = {1}, .asks = true};
        const Form form = with(m_form, {check, asks});
        QVERIFY(unheldChecks(form, over(formulas, {{"column_0", 3}})).isEmpty());
        QVERIFY(unheldChecks(form, over(formulas, {{"column_0", QVariant()}})).isEmpty());
        const QList<Unheld> nothing = unheldChecks(form, over(formulas, {{"column_0", 0}}));
        QCOMPARE(nothing.size(), 1);
        QCOMPARE(nothing.first().sentence, "More than nothing, please");
        QCOMPARE(boxesOf(form, check, {"column_0"}), QList<ControlId>{1});
        const QList<Unheld> many = unheldChecks(form, over(formulas, {{"column_0", 13}}));
        QCOMPARE(many.size(), 1);
        QVERIFY(many.first().asks);
        QCOMPARE(many.first().sentence, "It must be that Column 0 is at most 12");
        QVERIFY(isAboutAlone(check, *form.controls.find(1), {"column_0"}));
        QVERIFY(!isAboutAlone(check, *form.controls.find(3), {"column_0"}));
        QVERIFY(!isAboutAlone(check, *form.controls.find(1), {"column_0", "column_1"}));
        // A check of the record stays when controls are deleted; one of a control goes with it.
        const Form left = deleteControls(form, {1});
        QCOMPARE(left.rules.size(), 1);
        QVERIFY(left.rules.first().on.isEmpty());
    }

    void allOfARuleComesBackFromItsFile()
    {
        QRandomGenerator random(61);
        for (int round = 0; round < 200; ++round) {
            Form form = m_form;
            for (int i = 0; i < 3; ++i) {
                const auto side = [&] {
                    return RuleSide{static_cast<Mark>(random.bounded(4)), random.bounded(2) ? "wörds \"q\"" : "",
                                    random.bounded(2) ? "a * 2" : ""};
                };
                Rule rule{.when = random.bounded(2) ? "a = 1" : "",
                          .effect = QLatin1String(effects().at(random.bounded(effects().size())).name),
                          .on = {1, 5},
                          .then = side(),
                          .otherwise = side(),
                          .measured = random.bounded(2) ? "julianday('now')" : "",
                          .steps = {},
                          .isOff = random.bounded(2) == 0,
                          .givesWay = random.bounded(2) == 0,
                          .hidden = static_cast<HiddenValue>(random.bounded(3)),
                          .hold = static_cast<ValueHold>(random.bounded(4)),
                          .asks = random.bounded(2) == 0,
                          .unknown = {}};
                for (int k = random.bounded(3); k > 0; --k) {
                    rule.steps.append({k * 0.1, static_cast<Mark>(random.bounded(4)), "w"});
                }
                rule.steps.append({{}, Mark::None, {}});
                form.rules.append(rule);
            }
            const Result<Form> again = readForm(writeForm(form));
            QVERIFY2(again, again ? "" : qPrintable(again.error().sentence));
            QVERIFY(again->rules == form.rules);
            for (const Rule &rule : again->rules) {
                QVERIFY(!ruleSentence(*again, rule).isEmpty());
            }
        }
    }

    void sentences_data()
    {
        QTest::addColumn<Rule>("rule");
        QTest::addColumn<QString>("sentence");
        QTest::newRow("scale") << scale() << "Column 0 is marked alarm below 11.5, watch to 12, else steady";
        QTest::newRow("shown") << Rule{.when = "column_1 = 'adrift'", .effect = "shown", .on = {1}}
                               << "Column 0 is shown when Column 1 is “adrift”";
        QTest::newRow("always") << Rule{.effect = "required", .on = {1, 3}} << "Column 0, Column 1 is required";
        QTest::newRow("value") << value("column_1 * 2", 5) << "Column 2 is column_1 * 2";
        QTest::newRow("newer") << Rule{.effect = "sparkles", .on = {1}} << "A rule of a newer version: sparkles";
    }
    void sentences()
    {
        QFETCH(Rule, rule);
        QFETCH(QString, sentence);
        QCOMPARE(ruleSentence(m_form, rule), sentence);
    }

    void whatIsBelowMovesUp()
    {
        const Form form = withRoomGivenUp(m_form, {3, 4});
        QCOMPARE(form.controls.find(1)->place, m_form.controls.find(1)->place);
        QCOMPARE(form.controls.find(5)->place, m_form.controls.find(3)->place);
        QCOMPARE(form.controls.find(9)->place, m_form.controls.find(7)->place);
        QCOMPARE(findBand(form, BandRole::Body)->height, findBand(m_form, BandRole::Body)->height - 32);
        // What stands beside keeps the room.
        QVERIFY(withRoomGivenUp(m_form, {3}).controls == m_form.controls);
        // The last one gives the room up to the end.
        QCOMPARE(findBand(withRoomGivenUp(m_form, {9, 10}), BandRole::Body)->height,
                 findBand(m_form, BandRole::Body)->height - 32);
    }

    void groupsBecomeLowerAndWhatIsBelowThemFollows()
    {
        const Grouped group = withContainer(m_form, {3, 5}, "group-box");
        const Form closed = withRoomGivenUp(group.form, {3, 4});
        const auto place = [](const Form &form, ControlId id) { return form.controls.find(id)->place; };
        QCOMPARE(place(closed, group.container).height(), place(group.form, group.container).height() - 32);
        QCOMPARE(place(closed, 7).y(), place(group.form, 7).y() - 32);
        QCOMPARE(place(closed, 5).y(), place(group.form, 3).y());
        const Form gone = withRoomGivenUp(group.form, {3, 4, 5, 6, group.container});
        QCOMPARE(place(gone, 1).y(), place(group.form, group.container).y()); // which stood below it
    }

    // Over chance forms: nothing in sight comes to overlap, nothing moves down, all keeps its order and its column.
    void givingWayKeepsTheForm()
    {
        QRandomGenerator random(7);
        for (int round = 0; round < 300; ++round) {
            Form form = samples::columnOfFields(8);
            for (int i = 0; i < form.controls.size(); ++i) {
                Control control = form.controls.at(i);
                control.captionFor = 0;
                control.place.translate(random.bounded(3) * 200, 0);
                control.place.setHeight(16 + 8 * random.bounded(8));
                form.controls.replace(i, control);
            }
            QSet<ControlId> hidden;
            for (const Control &control : form.controls) {
                if (random.bounded(3) == 0) {
                    hidden.insert(control.id);
                }
            }
            const Form closed = withRoomGivenUp(form, hidden);
            for (const Control &control : closed.controls) {
                if (hidden.contains(control.id)) {
                    continue;
                }
                const QRect before = form.controls.find(control.id)->place;
                QCOMPARE(control.place.x(), before.x());
                QVERIFY(control.place.y() <= before.y() && control.place.size() == before.size());
                for (const Control &other : closed.controls) {
                    if (other.id != control.id && !hidden.contains(other.id)) {
                        const QRect otherBefore = form.controls.find(other.id)->place;
                        QVERIFY(!overlap(control.place, other.place) || overlap(before, otherBefore));
                        QVERIFY(before.y() > otherBefore.y() || control.place.y() <= other.place.y());
                    }
                }
            }
        }
    }

    // A rule on a page or a band reaches all that stands there, at any depth, goes with it, and comes back from files.
    void pagesAndBandsAreRuled()
    {
        const Form plain = samples::columnOfFields(5);
        const auto idOf = [](const Form &form, const QString &column) {
            for (const Control &control : form.controls) {
                if (control.column == column) {
                    return control.id;
                }
            }
            return 0;
        };
        const auto [paged, tabs] =
            withContainer(plain, {idOf(plain, "column_0"), idOf(plain, "column_1")}, "tab-pages");
        Form form = moveControlsInto(paged, {idOf(paged, "column_2")}, {BandRole::Body, tabs, 2}, QPoint());
        const auto grouped = withContainer(form, {idOf(form, "column_2")}, "group-box");
        form = grouped.form;
        Rule rule{.when = "column_4 = 1", .effect = "shown"};
        rule.areas = {Area{BandRole::Body, tabs, 2}};
        form.rules = {rule};
        const auto hidden = [&](const Form &of, const QString &column, int value) {
            return at(of, idOf(of, column), {{"column_4", value}}).isHidden;
        };
        QVERIFY(!hidden(form, "column_2", 1));
        QVERIFY(hidden(form, "column_2", 0));
        for (const char *column : {"column_0", "column_1", "column_3", "column_4"}) {
            QVERIFY(!hidden(form, column, 0));
        }
        RowFormulas formulas(m_columns);
        const RuleBook book(form);
        QCOMPARE(pagesHidden(form, book, over(formulas, {{"column_4", 1}})), QSet<Area>());
        QCOMPARE(pagesHidden(form, book, over(formulas, {{"column_4", 0}})),
                 (QSet<Area>{Area{BandRole::Body, tabs, 2}}));
        QVERIFY(reachedBy(form, rule).contains(idOf(form, "column_2")));
        QVERIFY(!reachedBy(form, rule).contains(idOf(form, "column_0")));
        QVERIFY(ruleSentence(form, rule).contains("(page) is shown when"));

        // The form without the page has its members behind; with all pages gone, the first stays.
        const Form without = withoutPages(form, {Area{BandRole::Body, tabs, 2}});
        QCOMPARE(pagesOf(*without.controls.find(tabs)).size(), pagesOf(*form.controls.find(tabs)).size() - 1);
        QVERIFY(behindOtherPages(without, {{tabs, 2}}).contains(idOf(form, "column_2")));
        QCOMPARE(
            pagesOf(
                *withoutPages(form, {Area{BandRole::Body, tabs, 1}, Area{BandRole::Body, tabs, 2}}).controls.find(tabs))
                .size(),
            std::max<qsizetype>(1, pagesOf(*form.controls.find(tabs)).size() - 2));

        rule.areas.append(Area{BandRole::Header, 0, 0});
        form.rules = {rule};
        const Result<Form> again = readForm(writeForm(form));
        QVERIFY2(again.isOk(), again ? "" : qPrintable(again.error().sentence));
        QCOMPARE(writeForm(*again), writeForm(form));
        QCOMPARE(again->rules.first().areas.size(), 2);

        // What stood on the page keeps the rule when the pages are undone, and the rule goes with them when they do.
        const Form freed = withoutContainer(form, tabs);
        QVERIFY(freed.rules.first().on.contains(grouped.container));
        QCOMPARE(freed.rules.first().areas, (QList<Area>{Area{BandRole::Header, 0, 0}}));
        form.rules.first().areas.removeLast();
        QVERIFY(deleteControls(form, {tabs}).rules.isEmpty());
    }
};

QTEST_APPLESS_MAIN(TestEffects)
#include "tst_effects.moc"

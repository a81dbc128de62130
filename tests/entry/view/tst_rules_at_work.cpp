// Rules of a form at work: what they mark, work out, check, hide and ask, on the demonstration's tables, by keyboard
// and looked at from outside.
#include "core/edit/edits.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "data/dialect/trial_copy.h"
#include "entry/trial/rule_branches.h"
#include "entry/trial/test_record.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestRulesAtWork : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Connection> m_connection;
    Catalogue m_catalogue;
    std::unique_ptr<Appearance> m_appearance;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }

    ControlId add(const QString &kind, const QString &column)
    {
        Control control;
        control.id = nextControlId(m_form);
        control.kind = kind;
        control.name = column;
        control.column = column;
        control.place = QRect(QPoint(160, 8 + 40 * m_form.controls.size()), kindNamed(kind).usualSize);
        m_form.controls.append(control);
        return control.id;
    }
    Rule &rule(const char *effect, ControlId on, const QString &when = {})
    {
        m_form.rules.append(Rule{.when = when, .effect = QString::fromLatin1(effect), .on = {on}});
        return m_form.rules.last();
    }
    void blank(const QString &table)
    {
        m_form = Form();
        m_form.name = m_form.title = m_form.rowsFrom = table;
        m_form.bands = {Band{BandRole::Body, 500, {}}};
    }
    static Form rowsOf(const QString &table, const QStringList &columns)
    {
        Form rows;
        rows.name = rows.title = "rows";
        rows.rowsFrom = table;
        rows.rowsShown = 4;
        rows.bands = {Band{BandRole::Body, 32, {}}};
        for (const QString &column : columns) {
            Control box;
            box.id = nextControlId(rows);
            box.kind = column == "part_no" ? "text-box" : "decimal-number";
            box.name = box.column = column;
            box.place = QRect(8 + 100 * box.id, 4, 90, 24);
            rows.controls.append(box);
        }
        return rows;
    }
    static const Control &lastOf(const Form &form) { return form.controls.at(form.controls.size() - 1); }
    static void addRows(Form &form, const Form &rows, const QString &link)
    {
        Control control;
        control.id = nextControlId(form);
        control.kind = control.name = "subform";
        control.place = QRect(QPoint(160, 8 + 40 * form.controls.size()), kindNamed("subform").usualSize);
        control.inner = InnerForm(rows);
        setChildLink(control, {{link}, {link}});
        form.controls.append(control);
    }
    void open()
    {
        m_view.reset();
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        m_session->setLocale(QLocale::c());
        QVERIFY(m_session->start(Counting::No).isOk());
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        m_view->resize(900, 640);
        m_view->show();
        QVERIFY(QTest::qWaitForWindowActive(m_view.get()));
    }
    const Control &control(ControlId id) const { return *m_session->form().controls.find(id); }
    Shown shown(ControlId id) const { return m_session->values().shown(control(id)); }
    QLineEdit *line(ControlId id) const { return qobject_cast<QLineEdit *>(m_view->widgetFor(id)); }
    void retype(ControlId id, const QString &typed)
    {
        line(id)->setFocus();
        line(id)->selectAll();
        QTest::keyClicks(line(id), typed);
    }
    QStringList said() const
    {
        QStringList sentences;
        for (const QLabel *label : m_view->findChildren<QLabel *>(QStringLiteral("message"))) {
            sentences.append(label->text());
        }
        return sentences;
    }
    QPushButton *button(const QString &words) const
    {
        for (QPushButton *each : m_view->findChildren<QPushButton *>()) {
            if (each->text() == words && each->isVisible()) {
                return each;
            }
        }
        return nullptr;
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("rules%1.db").arg(++run));
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void cleanup()
    {
        m_view.reset();
        m_session.reset();
        m_connection.reset();
    }

    void aScaleMarksWhileOneTypes()
    {
        blank("visit");
        const ControlId battery = add("decimal-number", "battery_v");
        rule("scale", battery).steps = {
            {11.5, Mark::Alarm, "Change the battery"}, {12.0, Mark::Watch, {}}, {{}, Mark::Steady, {}}};
        open();
        retype(battery, "11.2");
        QCOMPARE(shown(battery).mark, Mark::Alarm);
        QCOMPARE(said(), QStringList("Change the battery"));
        QVERIFY(line(battery)->accessibleDescription().contains("alarm"));
        retype(battery, "11.7");
        QCOMPARE(shown(battery).mark, Mark::Watch);
        QTRY_COMPARE(said(), QStringList());
        retype(battery, "13");
        QCOMPARE(shown(battery).mark, Mark::Steady);
    }

    void valuesFollowWhatIsTyped()
    {
        blank("part_fitted");
        const ControlId quantity = add("decimal-number", "quantity");
        const ControlId price = add("decimal-number", "unit_price");
        rule("value", price).then.value = "round(quantity * 2.5, 2)";
        open();
        const QString before = shown(price).words;
        QVERIFY(line(price)->isReadOnly());
        QVERIFY(!m_session->state().isChanged()); // a stored record is not touched by looking at it
        retype(quantity, "7");
        QCOMPARE(shown(price).words.toDouble(), 17.5);
        QTest::keyClick(line(quantity), Qt::Key_Escape);
        m_session->typing().putBack(control(quantity));
        QCOMPARE(shown(price).words, before);
        QVERIFY(m_session->state().record.typed.isEmpty());
        retype(quantity, "8");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT quantity || ' ' || unit_price FROM part_fitted LIMIT 1"), "8 20");
        // An error stands in the place of a number.
        line(quantity)->selectAll();
        QTest::keyClick(line(quantity), Qt::Key_Delete);
        QVERIFY(shown(price).isMissing || shown(price).words.isEmpty());
    }

    void typedOverStaysWhereItMay()
    {
        blank("part_fitted");
        const ControlId quantity = add("decimal-number", "quantity");
        const ControlId price = add("decimal-number", "unit_price");
        Rule &value = rule("value", price);
        value.then.value = "quantity * 2";
        value.hold = ValueHold::UntilTyped;
        open();
        QVERIFY(!line(price)->isReadOnly());
        retype(quantity, "7");
        QCOMPARE(shown(price).words.toDouble(), 14);
        retype(price, "3");
        retype(quantity, "9");
        QCOMPARE(shown(price).words.toDouble(), 3);
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT quantity || ' ' || unit_price FROM part_fitted LIMIT 1"), "9 3");
    }

    void checksRefuseWithTheirSentence()
    {
        blank("visit");
        const ControlId hours = add("decimal-number", "hours");
        const ControlId lead = add("text-box", "crew_lead");
        rule("check", hours, "hours < 20").then.words = "No visit takes that long";
        Rule both{.when = "hours < 5 OR length(crew_lead) > 3", .effect = "check"};
        both.then.words = "Long visits need the whole name";
        m_form.rules.append(both);
        open();
        const QString stored = ask("SELECT hours FROM visit LIMIT 1");
        retype(hours, "25");
        QTest::keyClick(line(hours), Qt::Key_Tab);
        QTRY_VERIFY(said().contains("No visit takes that long")); // on leaving, as it reads that box alone
        retype(lead, "Bo");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(ask("SELECT hours FROM visit LIMIT 1"), stored);
        retype(hours, "6");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(m_session->state().messages.size(), 2); // at both boxes that it is about
        retype(lead, "Bodil");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT hours || crew_lead FROM visit LIMIT 1"), "6Bodil");
    }

    void whatIsCheckedOnLeavingIsRefusedOnSaving()
    {
        QRandomGenerator random(3);
        blank("visit");
        const ControlId hours = add("decimal-number", "hours");
        rule("check", hours, "hours < 9");
        rule("check", hours, "hours <> 4");
        open();
        for (int round = 0; round < 40; ++round) {
            m_session->typing().type(control(hours), QString::number(1 + random.bounded(14)));
            m_session->typing().boxLeft(control(hours));
            const bool isFine = m_session->state().messages.isEmpty();
            QCOMPARE(m_session->saving().save(), isFine);
        }
    }

    void aCheckAsksOnce()
    {
        blank("visit");
        const ControlId hours = add("decimal-number", "hours");
        Rule &check = rule("check", hours, "hours <= 12");
        check.then.words = "Hours over 12: is that so?";
        check.asks = true;
        open();
        retype(hours, "13");
        QVERIFY(!m_session->saving().save());
        QTRY_VERIFY(button("It is so, save"));
        QTest::mouseClick(button("Go back to it"), Qt::LeftButton);
        QTRY_COMPARE(m_session->state().record.question, Question::None);
        QCOMPARE(shown(hours).words.toDouble(), 13);
        QVERIFY(!m_session->saving().save());
        QTRY_VERIFY(button("It is so, save"));
        QTest::mouseClick(button("It is so, save"), Qt::LeftButton);
        QTRY_COMPARE(ask("SELECT hours FROM visit LIMIT 1").toDouble(), 13);
        retype(hours, "14"); // another value, another question
        QVERIFY(!m_session->saving().save());
    }

    void requiredBoxesSayWhatIsNeeded()
    {
        blank("buoy");
        const ControlId status = add("drop-down", "status");
        const ControlId remarks = add("text-box", "remarks");
        rule("required", remarks, "status = 'withdrawn'");
        open();
        m_session->typing().choose(control(remarks), QVariant());
        m_session->typing().choose(control(status), "withdrawn");
        QVERIFY(shown(remarks).isRequired);
        QVERIFY(!m_session->saving().save());
        QVERIFY(m_session->state().messages.first().sentence.contains("is needed"));
        m_session->typing().choose(control(status), "in depot");
        QVERIFY(!shown(remarks).isRequired);
        QVERIFY(m_session->saving().save());
    }

    void hiddenPartsGiveWayAndTheirValuesAreDealtWith()
    {
        blank("buoy");
        const ControlId status = add("drop-down", "status");
        const ControlId position = add("text-box", "position");
        const ControlId name = add("text-box", "name");
        Rule &shownWhen = rule("shown", position, "status = 'adrift'");
        shownWhen.givesWay = true;
        shownWhen.hidden = HiddenValue::Asked;
        open();
        m_session->typing().choose(control(status), "adrift");
        QTRY_VERIFY(line(position)->isVisible());
        const int y = line(name)->y();
        m_session->typing().type(control(position), "54 N");
        m_session->typing().choose(control(status), "in depot");
        QTRY_VERIFY(!line(position)->isVisible());
        QTRY_COMPARE(line(name)->y(), y - 40);
        QVERIFY(!m_session->saving().save());
        QTRY_VERIFY(button("Save it empty"));
        QTest::mouseClick(button("Save it empty"), Qt::LeftButton);
        QTRY_COMPARE(ask("SELECT coalesce(position, 'NULL') || status FROM buoy LIMIT 1"), "NULLin depot");
    }

    void nothingJumpsUnderTheHand()
    {
        blank("buoy");
        const ControlId position = add("text-box", "position");
        const ControlId name = add("text-box", "name");
        const ControlId remarks = add("text-box", "remarks");
        rule("shown", position, "name <> 'gone'").givesWay = true;
        open();
        const int y = line(name)->y();
        retype(name, "gone");
        QVERIFY(!line(position)->isVisible());
        QCOMPARE(line(name)->y(), y); // until the keyboard leaves it
        line(remarks)->setFocus();
        QTRY_COMPARE(line(name)->y(), y - 40);
        QVERIFY(line(remarks)->hasFocus());
    }

    void theStateHangsOnTheValuesAlone()
    {
        QRandomGenerator random(9);
        blank("visit");
        QList<ControlId> boxes{add("decimal-number", "hours"), add("decimal-number", "hourly_rate"),
                               add("decimal-number", "battery_v")};
        rule("shown", boxes.at(2), "hours > 3");
        rule("required", boxes.at(2), "hourly_rate > 40");
        rule("marked", boxes.at(1), "hours * hourly_rate > 200").then.mark = Mark::Watch;
        open();
        for (int round = 0; round < 30; ++round) {
            const QStringList values{QString::number(1 + random.bounded(8)), QString::number(20 + random.bounded(60)),
                                     QString::number(9 + random.bounded(5))};
            QList<Shown> first;
            for (const bool isTurned : {false, true}) {
                for (int i = 0; i < 3; ++i) {
                    const int at = isTurned ? 2 - i : i;
                    m_session->typing().type(control(boxes.at(at)), "1");
                    m_session->typing().type(control(boxes.at(at)), values.at(at));
                }
                QList<Shown> states;
                for (const ControlId id : boxes) {
                    Shown state = shown(id);
                    state.state = BoxState::Rest;
                    states.append(state);
                }
                QVERIFY(!isTurned || states == first);
                first = states;
            }
        }
    }

    void textsComeIntoTheirShape()
    {
        blank("buoy");
        const ControlId number = add("text-box", "asset_no");
        const ControlId name = add("text-box", "name");
        rule("shape", number).examples = {"NB-2104-D"};
        open();
        retype(number, "nb2104d");
        QCOMPARE(line(number)->text(), "NB-2104-D");
        retype(number, "nb-2104-d"); // with its signs, too
        QCOMPARE(line(number)->text(), "NB-2104-D");
        retype(number, "nb21");
        line(name)->setFocus();
        QTRY_VERIFY(said().contains("This is not written such as NB-2104-D"));
        QVERIFY(!m_session->saving().save());
        m_session->typing().type(control(number), "nb 7777 x"); // as pasted
        m_session->typing().boxLeft(control(number));
        QCOMPARE(shown(number).words, "NB-7777-X");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT asset_no FROM buoy ORDER BY buoy_id LIMIT 1"), "NB-7777-X");
    }

    void datesAreTypedLoosely()
    {
        blank("visit");
        const ControlId on = add("date", "visited_on");
        const ControlId at = add("time", "arrived_at");
        open();
        const auto typed = [&](const QString &words) {
            m_session->typing().type(control(on), words);
            m_session->typing().boxLeft(control(on));
            return m_session->state().value("visited_on").toString();
        };
        const QDate today = QDate::currentDate();
        QCOMPARE(typed("+3"), today.addDays(3).toString(Qt::ISODate));
        QCOMPARE(typed("-1m"), today.addMonths(-1).toString(Qt::ISODate));
        QCOMPARE(typed("today"), today.toString(Qt::ISODate));
        const QDate friday = QDate::fromString(typed("fri"), Qt::ISODate);
        QVERIFY(friday.dayOfWeek() == 5 && friday >= today && friday < today.addDays(7));
        QCOMPARE(typed("5/3"), QDate(today.year(), 3, 5).toString(Qt::ISODate));
        QVERIFY(!shown(on).words.contains('/'));
        m_session->typing().type(control(on), "soon");
        m_session->typing().boxLeft(control(on));
        QVERIFY(m_session->state().messages.first().sentence.contains("A date is needed"));
        // Up and Down step the part that the cursor is in.
        m_session->typing().type(control(on), "2024-01-31");
        m_session->typing().boxLeft(control(on));
        line(on)->setFocus();
        const QString words = line(on)->text();
        line(on)->setCursorPosition(words.indexOf("Jan") + 1);
        QTest::keyClick(line(on), Qt::Key_Up);
        QCOMPARE(m_session->state().value("visited_on").toString(), "2024-02-29");
        line(on)->setCursorPosition(line(on)->text().size());
        QTest::keyClick(line(on), Qt::Key_Down);
        QCOMPARE(m_session->state().value("visited_on").toString(), "2023-02-28");
        line(on)->setCursorPosition(0);
        QTest::keyClick(line(on), Qt::Key_Up);
        QCOMPARE(m_session->state().value("visited_on").toString(), "2023-03-01");
        m_session->typing().type(control(at), "10:20");
        line(at)->setFocus();
        line(at)->setCursorPosition(4);
        QTest::keyClick(line(at), Qt::Key_Up);
        QCOMPARE(line(at)->text(), "10:21");
        line(at)->setCursorPosition(0);
        QTest::keyClick(line(at), Qt::Key_Down);
        QCOMPARE(line(at)->text(), "09:21");
    }

    void newRecordsBeginAsTheLastOneSaved()
    {
        blank("visit");
        for (const char *column : {"buoy_id", "visited_on", "crew_lead", "hours"}) {
            add(qstrcmp(column, "hours") == 0 ? "decimal-number" : "text-box", column);
        }
        const ControlId lead = m_form.controls.at(2).id;
        rule("value", lead).hold = ValueHold::AsBefore;
        open();
        m_session->typing().type(control(lead), "Bodil");
        QVERIFY(m_session->saving().save());
        QVERIFY(m_session->moves().add());
        QCOMPARE(shown(lead).words, "Bodil");
        QVERIFY(!m_session->state().isChanged());
    }

    // Sums over the rows that belong to the record: with what is typed there and not saved, and after deleting; stored
    // with them or not at all.
    void sumsOverRowsThatBelong()
    {
        blank("visit");
        const ControlId remarks = add("text-box", "remarks");
        const ControlId total = add("formula", {});
        addRows(m_form, rowsOf("part_fitted", {"line_no", "part_no", "quantity", "unit_price"}), "visit_id");
        Control control = *m_form.controls.find(total);
        control.settings.set(setting::Formula, "(SELECT round(sum(quantity * unit_price), 2) FROM part_fitted)");
        m_form.controls.replace(m_form.controls.indexOf(total), control);
        rule("value", remarks).then.value = "(SELECT 'parts: ' || count(*) || ', ' || sum(quantity) FROM part_fitted)";
        open();
        const QString visit = ask("SELECT visit_id FROM part_fitted GROUP BY visit_id HAVING count(*) > 1 LIMIT 1");
        QVERIFY(m_session->moves().goToKey({visit.toInt()}));
        const auto asked = [&](const QString &sql) { return ask(sql + " FROM part_fitted WHERE visit_id = " + visit); };
        QTRY_COMPARE(shown(total).words.toDouble(), asked("SELECT round(sum(quantity * unit_price), 2)").toDouble());
        QVERIFY(!m_session->state().isChanged()); // by looking at it
        EntrySession *child = m_session->children().of(lastOf(m_session->form()));
        const double before = shown(total).words.toDouble();
        const Control &quantity = *child->form().controls.find(3);
        const Row first = *child->state().record.row;
        const double price = valueOf(child->state().source, first, "unit_price").toDouble();
        const double was = valueOf(child->state().source, first, "quantity").toDouble();
        child->typing().type(quantity, QString::number(was + 10));
        QVERIFY(qAbs(shown(total).words.toDouble() - before - 10 * price) < 0.01);
        QCOMPARE(shown(remarks).words,
                 QString("parts: %1, %2").arg(asked("SELECT count(*)")).arg(asked("SELECT sum(quantity) + 10")));
        QVERIFY(child->saving().save()); // with the record that it belongs to
        QCOMPARE(ask("SELECT remarks FROM visit WHERE visit_id = " + visit), shown(remarks).words);
        QCOMPARE(ask("SELECT remarks FROM visit WHERE visit_id = " + visit),
                 asked("SELECT 'parts: ' || count(*) || ', ' || sum(quantity)"));
        // A new row counts before it is saved, and one that is deleted does not.
        QVERIFY(child->moves().add());
        child->typing().type(*child->form().controls.find(1), "77");
        child->typing().type(*child->form().controls.find(2), ask("SELECT part_no FROM part LIMIT 1"));
        child->typing().type(quantity, "3");
        child->typing().type(*child->form().controls.find(4), "2");
        const double with = asked("SELECT round(sum(quantity * unit_price), 2) + 6").toDouble();
        QVERIFY(qAbs(shown(total).words.toDouble() - with) < 0.01);
        child->takingBack().takeBack();
        QVERIFY(qAbs(shown(total).words.toDouble() - with + 6) < 0.01);
        QVERIFY(child->saving().remove());
        QTRY_COMPARE(shown(total).words.toDouble(), asked("SELECT round(sum(quantity * unit_price), 2)").toDouble());
        QVERIFY(m_session->state().isChanged()); // the stored count is an old one now
        // What another program adds counts, too; so many that a sum would leave some out are said to be too many.
        QVERIFY(m_session->saving().save());
        ask("INSERT INTO part_fitted (visit_id, line_no, part_no, quantity, unit_price) SELECT " + visit +
            ", 900, part_no, 1, 5 FROM part LIMIT 1");
        m_session->noticeChanges();
        QCOMPARE(shown(total).words.toDouble(), asked("SELECT round(sum(quantity * unit_price), 2)").toDouble());
        ask("WITH RECURSIVE n(i) AS (SELECT 1000 UNION ALL SELECT i + 1 FROM n WHERE i < 6100) INSERT INTO part_fitted "
            "(visit_id, line_no, part_no, quantity, unit_price) SELECT " +
            visit + ", i, (SELECT part_no FROM part LIMIT 1), 1, 1 FROM n");
        m_session->noticeChanges();
        QCOMPARE(shown(total).words, "?");
        QVERIFY(said().join(' ').contains("too many to be summed up"));
        ask("DELETE FROM part_fitted WHERE line_no >= 1000");
        m_session->noticeChanges();
        QCOMPARE(shown(total).words.toDouble(), asked("SELECT round(sum(quantity * unit_price), 2)").toDouble());
        child->typing().type(quantity, "4");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT remarks FROM visit WHERE visit_id = " + visit),
                 asked("SELECT 'parts: ' || count(*) || ', ' || sum(quantity)"));
    }

    // The same over the rows of a subform inside a subform, of all its rows: with what is typed in the row in hand two
    // levels down, whichever that is, and stored at the top with it.
    void totalsUpTwoLevels()
    {
        blank("buoy");
        const ControlId remarks = add("text-box", "remarks");
        const ControlId total = add("formula", {});
        Form visits = rowsOf("visit", {"hours", "hourly_rate"});
        addRows(visits, rowsOf("part_fitted", {"line_no", "part_no", "quantity", "unit_price"}), "visit_id");
        addRows(m_form, visits, "buoy_id");
        Control control = *m_form.controls.find(total);
        control.settings.set(setting::Formula,
                             "(SELECT round(sum(quantity * unit_price), 2) FROM part_fitted) || ' in ' || "
                             "(SELECT count(*) FROM visit JOIN part_fitted USING (visit_id))");
        m_form.controls.replace(m_form.controls.indexOf(total), control);
        rule("value", remarks).then.value = "(SELECT count(*) || ' parts, ' || sum(quantity) FROM part_fitted)";
        open();
        const QString buoy = ask("SELECT buoy_id FROM visit JOIN part_fitted USING (visit_id) GROUP BY buoy_id HAVING "
                                 "count(DISTINCT visit_id) > 2 LIMIT 1");
        const auto asked = [&](const QString &what) {
            return ask("SELECT " + what + " FROM visit JOIN part_fitted USING (visit_id) WHERE buoy_id = " + buoy);
        };
        const QString stored = "round(sum(quantity * unit_price), 2) || ' in ' || count(*)";
        QVERIFY(m_session->moves().goToKey({buoy.toInt()}));
        EntrySession *visit = m_session->children().of(lastOf(m_session->form()));
        QTRY_COMPARE(shown(total).words, asked(stored));
        QVERIFY(!m_session->state().isChanged());
        for (const QString &key : ask("SELECT DISTINCT visit_id FROM part_fitted JOIN visit USING (visit_id) WHERE "
                                      "buoy_id = " +
                                      buoy + " ORDER BY 1 LIMIT 3")
                                      .split('\n')) {
            QVERIFY(visit->moves().goToKey({key.toInt()}));
            QTRY_COMPARE(shown(total).words, asked(stored));
            EntrySession *part = visit->children().of(lastOf(visit->form()));
            QVERIFY(part->state().hasRecord());
            const double quantity = part->state().value("quantity").toDouble();
            part->typing().type(*part->form().controls.find(3), QString::number(quantity + 10));
            const double price = part->state().value("unit_price").toDouble();
            const double sum = asked("sum(quantity * unit_price)").toDouble() + 10 * price;
            QVERIFY(qAbs(shown(total).words.section(' ', 0, 0).toDouble() - sum) < 0.01);
            const QString with = asked("count(*) || ' parts, ' || (sum(quantity) + 10)");
            QCOMPARE(shown(remarks).words, with);
            QVERIFY(m_session->saving().save());
            QCOMPARE(ask("SELECT remarks FROM buoy WHERE buoy_id = " + buoy), with);
            QCOMPARE(asked("count(*) || ' parts, ' || sum(quantity)"), with);
        }
        // In another record, as stored; the one in hand is not mixed up with it.
        const QString formula = formulaOf(this->control(total));
        const Row other = rowsAfter(*m_connection, m_session->state().source, std::nullopt, 1)->first();
        QCOMPARE(m_session->values().workedOutIn(other, formula)->toString(),
                 ask("SELECT " + stored +
                     " FROM visit JOIN part_fitted USING (visit_id) WHERE buoy_id = " + other.key.first().toString()));
        QCOMPARE(shown(total).words, asked(stored));
        // What another program takes away goes from the sum, too.
        ask("DELETE FROM part_fitted WHERE visit_id = (SELECT max(visit_id) FROM visit JOIN part_fitted USING "
            "(visit_id) WHERE buoy_id = " +
            buoy + ")");
        m_session->noticeChanges();
        QTRY_COMPARE(shown(total).words, asked(stored));
        QVERIFY(m_session->moves().goNext());
        QTRY_VERIFY(shown(total).words != asked(stored));
    }

    // Rows under one another each have their sum, not only the one in hand; it follows what is stored.
    void everyRowHasItsSum()
    {
        blank("visit");
        const ControlId total = add("formula", {});
        addRows(m_form, rowsOf("part_fitted", {"line_no", "part_no", "quantity", "unit_price"}), "visit_id");
        Control control = *m_form.controls.find(total);
        control.settings.set(setting::Formula, "(SELECT sum(quantity) FROM part_fitted)");
        m_form.controls.replace(m_form.controls.indexOf(total), control);
        open();
        const QList<Row> rows = *rowsAfter(*m_connection, m_session->state().source, std::nullopt, 60);
        const auto stored = [&](const Row &row) {
            return ask("SELECT sum(quantity) FROM part_fitted WHERE visit_id = " + row.key.first().toString());
        };
        const auto sum = [&](const Row &row) { return m_session->values().shownIn(this->control(total), row).words; };
        {
            const ControlValues::Painting painting(&m_session->values());
            QCOMPARE(sum(rows.at(7)), QString()); // nothing is read while one paints, …
        }
        QVERIFY(m_session->readMissing()); // … but soon after
        int withSome = 0;
        for (const Row &row : rows) {
            QCOMPARE(sum(row).toDouble(), stored(row).toDouble());
            withSome += sum(row).isEmpty() ? 0 : 1;
        }
        QVERIFY(withSome > 5);
        ask("UPDATE part_fitted SET quantity = quantity + 5");
        m_session->noticeChanges();
        for (const Row &row : rows) {
            QCOMPARE(sum(row).toDouble(), stored(row).toDouble());
        }
    }

    // All that is done in a trial stays in its copy, and the copy goes.
    void aTrialLeavesNothingBehind()
    {
        const QString before = ask("SELECT group_concat(quote(name) || status) FROM buoy");
        QString copied;
        {
            auto copy = TrialCopy::of(*m_connection);
            QVERIFY2(copy, copy ? "" : qPrintable(copy.error().sentence));
            copied = (*copy)->address().part("file");
            QVERIFY(copied != m_path && QFile::exists(copied));
            const Connection connection = *Connection::open((*copy)->address());
            blank("buoy");
            for (const char *column : {"asset_no", "name", "buoy_type", "status"}) {
                add("text-box", column);
            }
            add("drop-down", "fairway_id");
            add("drop-down", "contractor_id");
            EntrySession session(connection, m_catalogue, m_form);
            QVERIFY(session.start(Counting::No).isOk());
            session.typing().type(*m_form.controls.find(m_form.controls.at(1).id), "Tried");
            QVERIFY(session.saving().save());
            QVERIFY(session.moves().add());
            QVERIFY(fillWithLikelyValues(session) >= 4);
            QVERIFY2(
                session.saving().save(),
                qPrintable(session.state().messages.isEmpty() ? QString() : session.state().messages.first().sentence));
            QCOMPARE(samples::sqlite3(copied, "SELECT count(*) FROM buoy").toInt(),
                     ask("SELECT count(*) FROM buoy").toInt() + 1);
        }
        QVERIFY(!QFile::exists(copied));
        QCOMPARE(ask("SELECT group_concat(quote(name) || status) FROM buoy"), before);
        // One that a program left behind when it died is swept away by the next.
        const QString left = QDir::temp().filePath("nabblet-trial-999999999-left");
        QVERIFY(QDir().mkpath(left));
        QVERIFY(sweepTrialCopies() >= 1);
        QVERIFY(!QDir(left).exists());
    }

    // With nine of ten numbers taken, a likely one is one that is free.
    void aTestRecordHasAValueThatNobodyHas()
    {
        ask("CREATE TABLE berth (berth VARCHAR(2) PRIMARY KEY, remarks TEXT);"
            "WITH RECURSIVE n(i) AS (SELECT 0 UNION ALL SELECT i + 1 FROM n WHERE i < 8) "
            "INSERT INTO berth SELECT 'B' || i, 'Quay' FROM n");
        m_catalogue = *m_connection->readCatalogue();
        for (int round = 0; round < 20; ++round) {
            blank("berth");
            add("text-box", "berth");
            EntrySession session(*m_connection, m_catalogue, m_form);
            QVERIFY(session.start(Counting::No).isOk());
            QVERIFY(session.moves().add());
            QCOMPARE(fillWithLikelyValues(session), 1);
            QCOMPARE(session.state().value("berth").toString(), QString("B9"));
        }
    }

    void everySideOfARuleCanBeSeen()
    {
        blank("buoy");
        const ControlId status = add("text-box", "status");
        for (const char *column : {"asset_no", "name", "buoy_type", "position"}) {
            add("text-box", column);
        }
        add("drop-down", "fairway_id");
        add("drop-down", "contractor_id");
        const ControlId battery = add("decimal-number", "battery_v");
        rule("locked", status, "status = 'adrift'");
        rule("locked", status, "name LIKE 'Nobody%' AND battery_v > 99");
        rule("marked", status, "abs(battery_v) > 1000").then.mark = Mark::Watch;
        rule("scale", battery).steps = {{11.5, Mark::Alarm, {}}, {{}, Mark::Steady, {}}};
        open();
        RuleBranches branches(m_form);
        QCOMPARE(branches.all(), 8);
        for (int round = 0; round < 12 && !branches.missing().isEmpty(); ++round) {
            branches.look(*m_session);
            for (const RuleBranch &branch : branches.missing()) {
                if (m_session->state().isChanged()) {
                    m_session->takingBack().takeBack();
                }
                const Outcome gone = goToBranch(*m_session, branch);
                QVERIFY2(gone || branch.rule == 2, gone ? "" : qPrintable(gone.error().sentence));
                if (gone) {
                    QVERIFY2(branches.look(*m_session), qPrintable(branches.words(branch)));
                    break;
                }
            }
        }
        // What no comparison says cannot be made, and it says what would be needed.
        QCOMPARE(branches.missing(), (QList<RuleBranch>{{2, true, -1}}));
        QVERIFY(goToBranch(*m_session, branches.missing().first()).error().sentence.contains("abs(battery_v) > 1000"));
    }
};

QTEST_MAIN(TestRulesAtWork)
#include "tst_rules_at_work.moc"

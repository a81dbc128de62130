// Rows under one another and rows that belong to a record, at work: with the session alone and with real widgets.
#include "core/arrange/grouping.h"
#include "core/draft/draft.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "entry/editors/field_editor.h"
#include "entry/paint/form_painter.h"
#include "entry/records/record_strip.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"
#include "entry/view/rows_band.h"
#include "support/sample_database.h"
#include "support/when_open.h"

#include <QAbstractButton>
#include <QApplication>
#include <QDialog>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QRandomGenerator>
#include <QScreen>
#include <QTest>

using namespace nabblet;

class TestSubforms : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    int m_databases = 0;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<Connection> m_connection;
    Catalogue m_catalogue;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }

    static const Control *find(const Form &form, const QString &name)
    {
        for (const Control &control : form.controls) {
            if (control.column == name || (control.inner && control.inner.get()->rowsFrom == name)) {
                return &control;
            }
        }
        return nullptr;
    }

    // A form with a session, and a window when it is wanted.
    void begin(const QString &table, Arrangement arrangement, ChildPlace place = ChildPlace::Subform)
    {
        DraftPlan plan = planWithChildren(m_catalogue, *findTable(m_catalogue, table));
        plan.arrangement = arrangement;
        plan.hasTotals = true;
        for (PlannedChild &child : plan.children) {
            child.place = place;
            child.plan.hasTotals = true;
        }
        m_form = draftForm(m_catalogue, *findTable(m_catalogue, table), plan, nullptr, *m_appearance);
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        const Outcome started = m_session->start();
        QVERIFY2(started.isOk(), qPrintable(started.error().sentence));
        QTRY_VERIFY(m_session->place().map().has_value());
    }

    void show()
    {
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        m_view->resize(std::max(900, m_form.width + 20), shownHeight(m_form) + 80);
        m_view->show();
        m_view->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_view.get()));
    }

    EntrySession *rowsOf(const QString &table) { return m_session->children().of(*find(m_form, table)); }
    QWidget *box(const QString &column) const { return m_view->widgetFor(find(m_form, column)->id); }
    EntryView *innerView(const QString &table) const
    {
        return m_view->widgetFor(find(m_form, table)->id)->findChild<EntryView *>();
    }
    QWidget *innerBox(const QString &table, const QString &column) const
    {
        return innerView(table)->widgetFor(find(*find(m_form, table)->inner.get(), column)->id);
    }
    static void retype(QWidget *line, const QString &words)
    {
        line->setFocus();
        qobject_cast<QLineEdit *>(line)->selectAll();
        QTest::keyClicks(line, words);
    }

private Q_SLOTS:
    void init()
    {
        m_path = samples::fairwayDatabase(m_folder, QString("s%1.db").arg(++m_databases));
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
    }

    void cleanup()
    {
        m_view.reset();
        m_session.reset();
        m_connection.reset();
    }

    // ------------------------------------------------------------ the session

    void rowsFollowTheRecordInHand()
    {
        begin("visit", Arrangement::Columnar);
        EntrySession *parts = rowsOf("part_fitted");
        int rows = 0;
        for (int i = 0; i < 12; ++i) {
            const QString visit = m_session->state().value("visit_id").toString();
            QCOMPARE(QString::number(parts->rows().window().rows().size()),
                     ask("SELECT count(*) FROM part_fitted WHERE visit_id = " +
                         ask(QString("SELECT visit_id FROM visit ORDER BY visit_id LIMIT 1 OFFSET %1").arg(i))));
            rows += static_cast<int>(parts->rows().window().rows().size());
            QCOMPARE(parts->place().count().value_or(-1), parts->rows().window().rows().size());
            m_session->moves().goNext();
        }
        QVERIFY(rows > 0);
    }

    void aNewRowIsFilledWithItsParent()
    {
        begin("visit", Arrangement::Columnar);
        m_session->moves().goTo(2);
        const QString visit = ask("SELECT visit_id FROM visit ORDER BY visit_id LIMIT 1 OFFSET 2");
        EntrySession *parts = rowsOf("part_fitted");
        const Form &inner = parts->form();
        const auto before = parts->rows().window().rows().size();
        QVERIFY(parts->moves().add());
        parts->typing().type(*find(inner, "line_no"), "88");
        parts->typing().chooseRow(*find(inner, "part_no"), {ask("SELECT min(part_no) FROM part")});
        parts->typing().type(*find(inner, "unit_price"), "12.50");
        parts->typing().type(*find(inner, "quantity"), "2");
        QVERIFY2(parts->saving().save(),
                 qPrintable(parts->state().messages.isEmpty() ? "" : parts->state().messages.first().sentence));
        QCOMPARE(ask("SELECT visit_id || ' ' || line_cost FROM part_fitted WHERE line_no = 88"), visit + " 25");
        QCOMPARE(parts->rows().window().rows().size(), before + 1);
        QVERIFY(parts->rows().indexInHand() >= 0);
        // And taken back.
        QVERIFY(parts->takingBack().takeBack());
        QCOMPARE(ask("SELECT count(*) FROM part_fitted WHERE line_no = 88"), "0");
        QCOMPARE(parts->rows().window().rows().size(), before);
    }

    void totalsFollowEveryChange()
    {
        begin("visit", Arrangement::Columnar);
        m_session->moves().goTo(2);
        EntrySession *parts = rowsOf("part_fitted");
        const Control *total = nullptr;
        for (const Control &control : parts->form().controls) {
            total = totalOf(control) && totalOf(control)->column == "line_cost" ? &control : total;
        }
        QVERIFY(total);
        const auto stored = [&] {
            return ask(
                "SELECT printf('%.2f', sum(line_cost)) FROM part_fitted WHERE visit_id = (SELECT visit_id FROM visit "
                "ORDER BY visit_id LIMIT 1 OFFSET 2)");
        };
        QCOMPARE(parts->values().shown(*total).words, stored());
        const QString before = stored();
        parts->typing().type(*find(parts->form(), "quantity"), "40");
        QVERIFY(parts->saving().save());
        QVERIFY(stored() != before);
        QCOMPARE(parts->values().shown(*total).words, stored());
    }

    void leavingTheRecordSavesItsRowsAndARefusalKeepsIt()
    {
        begin("visit", Arrangement::Columnar);
        m_session->moves().goTo(2);
        EntrySession *parts = rowsOf("part_fitted");
        QVERIFY(!parts->rows().window().rows().isEmpty());
        const QVariant line = parts->state().value("line_no");
        parts->typing().type(*find(parts->form(), "quantity"), "-4");
        QVERIFY(m_session->hasUnsaved() && !m_session->state().isChanged());
        QVERIFY(!m_session->moves().goNext()); // the database refuses it, so nobody goes on
        QCOMPARE(m_session->position().value_or(-1), 2);
        QCOMPARE(parts->values().shown(*find(parts->form(), "quantity")).words, "-4");
        parts->typing().type(*find(parts->form(), "quantity"), "4");
        QVERIFY(m_session->moves().goNext());
        QCOMPARE(ask("SELECT quantity FROM part_fitted WHERE line_no = " + line.toString() +
                     " AND visit_id = (SELECT visit_id FROM visit ORDER BY visit_id LIMIT 1 OFFSET 2)"),
                 "4");
    }

    void aRecordThatIsNotStoredYetHasNoRows()
    {
        begin("visit", Arrangement::Columnar);
        EntrySession *parts = rowsOf("part_fitted");
        QVERIFY(m_session->moves().add());
        QCOMPARE(parts->rows().window().rows().size(), 0);
        QVERIFY(!parts->state().canAdd());
    }

    void oneChoiceWritesAllColumnsOfItsLink()
    {
        begin("part_claim", Arrangement::Columnar);
        const Control *fitted = find(m_form, "line_no");
        QVERIFY(fitted && lookupOf(*fitted)->columns.size() == 2);
        QVERIFY(!m_session->values().shown(*fitted).words.isEmpty());
        const QStringList other =
            ask("SELECT visit_id || ' ' || line_no FROM part_fitted WHERE visit_id > 100 LIMIT 1").split(' ');
        m_session->typing().chooseRow(*fitted, {other.at(0).toInt(), other.at(1).toInt()});
        QVERIFY(m_session->values().shown(*fitted).words.startsWith(other.join(' ')));
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT visit_id || ' ' || line_no FROM part_claim ORDER BY claim_id LIMIT 1"), other.join(' '));
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(ask("SELECT visit_id || ' ' || line_no FROM part_claim ORDER BY claim_id LIMIT 1") != other.join(' '));
    }

    void whatFollowsALookupChangesWithIt()
    {
        const Table &vessel = *findTable(m_catalogue, "vessel");
        DraftPlan plan = planDraft(vessel);
        for (PlannedColumn column : linkedColumns(m_catalogue, vessel, "operator_id")) {
            column.isTaken = column.column == "town";
            plan.columns.append(column);
        }
        m_form = draftForm(m_catalogue, vessel, plan, nullptr, *m_appearance);
        EntrySession session(*m_connection, m_catalogue, m_form);
        QVERIFY(session.start().isOk());
        const Control *town = nullptr;
        for (const Control &control : m_form.controls) {
            town = followedBy(control) ? &control : town;
        }
        const auto townOf = [&](const QVariant &contractor) {
            return ask("SELECT town FROM contractor WHERE contractor_id = " + contractor.toString());
        };
        QCOMPARE(session.values().shown(*town).words, townOf(session.state().value("operator_id")));
        const QString other = ask("SELECT contractor_id FROM contractor WHERE town <> '" +
                                  townOf(session.state().value("operator_id")) + "' LIMIT 1");
        session.typing().chooseRow(*find(m_form, "operator_id"), {other.toInt()});
        QCOMPARE(session.values().shown(*town).words, townOf(other)); // before it is saved
        QCOMPARE(session.values().shown(*town).state, BoxState::Locked);
        session.typing().type(*town, "Nowhere");
        QCOMPARE(session.state().changedCaptions(), QStringList("Operator"));
        session.takingBack().takeBack();
    }

    void rowsAreReadAStepAtATime()
    {
        begin("visit", Arrangement::Tabular);
        QCOMPARE(m_session->rows().window().rows().size(), RowWindow::Step);
        QVERIFY(m_session->rows().window().hasFirst() && !m_session->rows().window().hasLast());
        int reads = 0;
        while (!m_session->rows().window().hasLast() && reads < 20) {
            m_session->rows().readMoreAfter();
            ++reads;
        }
        QCOMPARE(QString::number(m_session->rows().window().rows().size()), ask("SELECT count(*) FROM visit"));
        // In the middle, with rows on both sides and the right numbers.
        m_session->rows().readAround(200);
        const RowWindow &window = m_session->rows().window();
        const qint64 first = window.firstNumber(m_session->place().count()).value_or(-1);
        QCOMPARE(window.rows().at(200 - first).key.first().toString(),
                 ask("SELECT visit_id FROM visit ORDER BY visit_id LIMIT 1 OFFSET 200"));
        m_session->rows().readMoreBefore();
        const qint64 now = window.firstNumber(m_session->place().count()).value_or(-1);
        QCOMPARE(window.rows().at(0).key.first().toString(),
                 ask(QString("SELECT visit_id FROM visit ORDER BY visit_id LIMIT 1 OFFSET %1").arg(now)));
        QVERIFY(m_session->moves().goToRow(3));
        QCOMPARE(m_session->position().value_or(-1), now + 3);
    }

    // Whatever takes another record into the place of the one in hand settles its rows first.
    void rowsThatAreTypedAreNeverDropped()
    {
        begin("visit", Arrangement::Columnar);
        m_session->typing().type(*find(m_form, "hours"), "3");
        QVERIFY(m_session->saving().save());
        m_session->moves().goTo(2);
        EntrySession *parts = rowsOf("part_fitted");
        const Control quantity = *find(parts->form(), "quantity");
        parts->typing().type(quantity, "-4");         // refused by the database
        QVERIFY(!m_session->takingBack().takeBack()); // would go back to the first visit
        QCOMPARE(m_session->position().value_or(-1), 2);
        QCOMPARE(parts->values().shown(quantity).words, "-4");
        QVERIFY(!m_session->saving().remove());
        QCOMPARE(parts->values().shown(quantity).words, "-4");
        // Nor does a changed design drop them.
        Form wider = m_form;
        for (int i = 0; i < wider.controls.size(); ++i) {
            Control control = wider.controls.at(i);
            if (control.inner) {
                Form inner = *control.inner.get();
                inner.title = "Parts";
                control.inner = InnerForm(inner);
                wider.controls.replace(i, control);
            }
        }
        QVERIFY(m_session->setForm(wider).isOk());
        QCOMPARE(rowsOf("part_fitted"), parts);
        QCOMPARE(parts->form().title, "Parts");
        QCOMPARE(parts->values().shown(quantity).words, "-4");
        Form without = m_form;
        without.controls.removeAt(without.controls.indexOf(find(m_form, "part_fitted")->id));
        QVERIFY(m_session->setForm(without).isOk());
        QVERIFY(m_session->setForm(m_form).isOk()); // undone
        QCOMPARE(rowsOf("part_fitted")->values().shown(quantity).words, "-4");
    }

    void whatIsUnsavedInTheRowsIsToldByTheRecord()
    {
        begin("visit", Arrangement::Columnar);
        m_session->moves().goTo(2);
        int told = 0;
        connect(m_session.get(), &EntrySession::pendingChanged, this, [&] { ++told; });
        EntrySession *parts = rowsOf("part_fitted");
        parts->typing().type(*find(parts->form(), "quantity"), "4");
        QVERIFY(told > 0 && m_session->hasUnsaved());
        QVERIFY(m_session->saving().save()); // of the record: its rows with it
        QVERIFY(!m_session->hasUnsaved());
    }

    // A record deleted through a SELECT comes back with the columns that the SELECT leaves out.
    void aRowOfASelectComesBackWhole()
    {
        Form form;
        form.rowsFrom = "few";
        form.select = "SELECT claim_id AS no, reason FROM part_claim";
        form.bands = {Band{BandRole::Body, 100, {}}};
        for (const char *column : {"no", "reason"}) {
            Control box;
            box.id = form.controls.size() + 1;
            box.kind = "text-box";
            box.name = box.column = column;
            box.place = QRect(0, 0, 100, 24);
            form.controls.append(box);
        }
        const QString before = ask("SELECT * FROM part_claim ORDER BY claim_id LIMIT 1");
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        QVERIFY(session.saving().remove());
        QVERIFY(ask("SELECT * FROM part_claim ORDER BY claim_id LIMIT 1") != before);
        QVERIFY(session.takingBack().takeBack());
        QCOMPARE(ask("SELECT * FROM part_claim ORDER BY claim_id LIMIT 1"), before);
    }

    void rowsThatPeopleMayOnlyAddStayUnseen()
    {
        DraftPlan plan = planWithChildren(m_catalogue, *findTable(m_catalogue, "visit"));
        plan.children.front().plan.people.see = false;
        m_form = draftForm(m_catalogue, *findTable(m_catalogue, "visit"), plan, nullptr, *m_appearance);
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        QVERIFY(m_session->start().isOk());
        QTRY_VERIFY(m_session->place().map().has_value());
        EntrySession *parts = rowsOf("part_fitted");
        for (int i = 0; i < 4; ++i) {
            QVERIFY(parts->state().isNew() && parts->rows().window().rows().isEmpty());
            m_session->moves().goNext();
        }
    }

    // ------------------------------------------------------------ the widgets

    void keysGoFromRowToRowAndSave()
    {
        begin("vessel", Arrangement::Tabular);
        show();
        m_view->focusFirst();
        QCOMPARE(QApplication::focusWidget(), box("name"));
        const QString first = qobject_cast<QLineEdit *>(box("name"))->text();
        retype(box("name"), "Grey Heron");
        QTest::keyClick(box("name"), Qt::Key_Down);
        QCOMPARE(ask("SELECT count(*) FROM vessel WHERE name = 'Grey Heron'"), "1");
        QCOMPARE(m_session->rows().indexInHand(), 1);
        QVERIFY(qobject_cast<QLineEdit *>(box("name"))->text() != first);
        QCOMPARE(QApplication::focusWidget(), box("name")); // the same box, a row below
        QTest::keyClick(box("name"), Qt::Key_Up);
        QCOMPARE(m_session->rows().indexInHand(), 0);
        // Tab leaves the last box for the first of the next row.
        box("in_service")->setFocus();
        QTest::keyClick(box("in_service"), Qt::Key_Tab);
        QCOMPARE(m_session->rows().indexInHand(), 1);
        QCOMPARE(QApplication::focusWidget(), box("name"));
        QTest::keyClick(box("name"), Qt::Key_Backtab);
        QCOMPARE(m_session->rows().indexInHand(), 0);
        QCOMPARE(QApplication::focusWidget(), box("in_service"));
    }

    void theBlankRowTakesANewRecord()
    {
        begin("vessel", Arrangement::Tabular);
        show();
        const int rows = static_cast<int>(m_session->rows().window().rows().size());
        auto *band = m_view->findChild<RowsBand *>();
        QCOMPARE(band->rowsInAll(), rows + 1);
        const QRect name = find(m_form, "name")->place;
        QTest::mouseClick(band, Qt::LeftButton, {}, QPoint(name.center().x(), band->yOf(rows) + name.center().y()));
        QVERIFY(m_session->state().isNew());
        QCOMPARE(QApplication::focusWidget(), box("name"));
        QTest::keyClicks(box("name"), "Sea Kale");
        m_session->typing().chooseRow(*find(m_form, "operator_id"), {1});
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT operator_id FROM vessel WHERE name = 'Sea Kale'"), "1");
        QCOMPARE(band->rowsInAll(), rows + 2);
        QCOMPARE(band->rowInHand(), rows);
        // Down from a filled new row saves it and begins the next.
        QVERIFY(m_session->moves().add());
        m_session->typing().type(*find(m_form, "name"), "Dulse");
        m_session->typing().chooseRow(*find(m_form, "operator_id"), {2});
        box("name")->setFocus();
        QTest::keyClick(box("name"), Qt::Key_Down);
        QCOMPARE(ask("SELECT operator_id FROM vessel WHERE name = 'Dulse'"), "2");
        QVERIFY(m_session->state().isNew() && !m_session->state().isChanged());
    }

    void aClickGoesToItsRowAndARefusalKeepsTheOldOne()
    {
        begin("vessel", Arrangement::Tabular);
        show();
        auto *band = m_view->findChild<RowsBand *>();
        const QRect name = find(m_form, "name")->place;
        const auto click = [&](int row) {
            QTest::mouseClick(band, Qt::LeftButton, {}, QPoint(name.center().x(), band->yOf(row) + name.center().y()));
        };
        click(2);
        QCOMPARE(m_session->rows().indexInHand(), 2);
        retype(box("name"), "");
        m_session->typing().type(*find(m_form, "name"), "");
        click(0);
        QCOMPARE(m_session->rows().indexInHand(), 2); // a name is needed
        QVERIFY(!m_session->state().messages.isEmpty());
        m_session->takingBack().takeBack();
        click(0);
        QCOMPARE(m_session->rows().indexInHand(), 0);
    }

    void tenThousandRowsAreScrolledThrough()
    {
        ask("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 10000) INSERT INTO vessel (name, "
            "operator_id) SELECT 'Hull ' || i, 1 FROM n");
        begin("vessel", Arrangement::Tabular);
        show();
        auto *bar = m_view->findChild<QScrollBar *>("rowBar");
        auto *band = m_view->findChild<RowsBand *>();
        QTRY_VERIFY(bar->maximum() > 9900);
        QVERIFY(m_session->rows().window().rows().size() < 200);
        bar->setValue(7000);
        const qint64 first = m_session->rows().window().firstNumber(m_session->place().count()).value_or(-1);
        QCOMPARE(first + band->top(), 7000);
        QCOMPARE(m_session->rows().window().rows().at(band->top()).key.first().toString(),
                 ask("SELECT vessel_id FROM vessel ORDER BY vessel_id LIMIT 1 OFFSET 7000"));
        QCOMPARE(m_session->rows().indexInHand(), -1); // the record in hand stays where it is, out of sight
        bar->setValue(bar->maximum());
        QTRY_VERIFY(m_session->rows().window().hasLast());
        m_session->moves().goLast();
        QCOMPARE(band->rowInHand(), static_cast<int>(m_session->rows().window().rows().size()) - 1);
    }

    // Only what comes into sight is painted; what stands on the screen is what painting all of it would give, wherever
    // the row in hand is and whatever is typed there.
    void scrollingLeavesNothingBehind()
    {
        QApplication::setCursorFlashTime(0);
        begin("visit", Arrangement::Tabular);
        show();
        auto *bar = m_view->findChild<QScrollBar *>("rowBar");
        QRandomGenerator random(16);
        const auto screen = [this] {
            do { // what painting missed is read
                QCoreApplication::processEvents();
            } while (m_session->readMissing());
            QCoreApplication::processEvents(); // and painted
            return m_view->screen()->grabWindow(m_view->winId()).toImage();
        };
        int moved = 0;
        for (int i = 0; i < 120; ++i) {
            const int before = bar->value();
            switch (random.bounded(6)) {
            case 0:
                m_session->moves().goToRow(random.bounded(20));
                break;
            case 1:
                QTest::keyClick(QApplication::focusWidget(), random.bounded(2) == 0 ? Qt::Key_Down : Qt::Key_Up);
                break;
            case 2:
                bar->setValue(bar->value() + random.bounded(-60, 60));
                break;
            default:
                bar->setValue(bar->value() + random.bounded(-4, 5));
            }
            moved += bar->value() != before ? 1 : 0;
            const QImage left = screen();
            m_view->update();
            for (QWidget *part : m_view->findChildren<QWidget *>()) {
                part->update();
            }
            const QImage whole = screen();
            QVERIFY(!whole.isNull());
            if (left != whole) {
                QFAIL(qPrintable(QString("step %1 left something behind").arg(i)));
            }
        }
        QVERIFY(moved > 60);
    }

    void theRowsOfARecordAreTypedInPlace()
    {
        begin("visit", Arrangement::Columnar);
        show();
        m_session->moves().goTo(2);
        EntrySession *parts = rowsOf("part_fitted");
        // What was typed in the record waits for what is typed among its rows, and is saved with it.
        retype(box("hours"), "3.25");
        retype(innerBox("part_fitted", "quantity"), "7");
        QVERIFY(m_session->state().isChanged());
        QVERIFY(parts->state().isChanged());
        QTest::keyClick(innerBox("part_fitted", "quantity"), Qt::Key_Down);
        QVERIFY(!parts->state().isChanged());
        QVERIFY(!m_session->state().isChanged());
        QCOMPARE(ask("SELECT quantity FROM part_fitted WHERE visit_id = 3 ORDER BY line_no LIMIT 1"), "7");
        QCOMPARE(ask("SELECT hours FROM visit WHERE visit_id = 3"), "3.25");
        // Page Down among the rows means the rows, not the record.
        QTest::keyClick(innerBox("part_fitted", "quantity"), Qt::Key_PageDown);
        QCOMPARE(m_session->position().value_or(-1), 2);
    }

    // Page keys with Ctrl mean the pages around the rows, and never another record or row.
    void pagesAreTurnedFromAmongTheRows()
    {
        begin("visit", Arrangement::Columnar);
        const ControlId remarks = find(m_form, "remarks")->id;
        const auto [paged, tabs] = withContainer(m_form, {remarks}, "tab-pages");
        m_session->setForm(m_form = paged);
        show();
        m_session->moves().goTo(2);
        innerBox("part_fitted", "quantity")->setFocus();
        const QString row = rowsOf("part_fitted")->values().recordWords();
        const auto press = [](int key) {
            QTest::keyClick(QApplication::focusWidget(), Qt::Key(key), Qt::ControlModifier);
        };
        press(Qt::Key_PageDown);
        QCOMPARE(frontPage(*m_form.controls.find(tabs), m_view->frontPages()), 2);
        press(Qt::Key_PageUp);
        QCOMPARE(frontPage(*m_form.controls.find(tabs), m_view->frontPages()), 1);
        QCOMPARE(m_session->position().value_or(-1), 2);
        QCOMPARE(rowsOf("part_fitted")->values().recordWords(), row);
    }

    // What was added last comes back at once, though going on has begun a blank row behind it.
    void aBlankRowIsNoStepOfItsOwn()
    {
        begin("visit", Arrangement::Columnar);
        show();
        m_session->moves().goTo(2);
        EntrySession *parts = rowsOf("part_fitted");
        const QString before = ask("SELECT * FROM part_fitted");
        QVERIFY(parts->moves().add());
        parts->typing().type(*find(parts->form(), "line_no"), "77");
        parts->typing().chooseRow(*find(parts->form(), "part_no"), {ask("SELECT min(part_no) FROM part")});
        parts->typing().type(*find(parts->form(), "unit_price"), "1");
        QVERIFY(parts->moves().add());
        QVERIFY(ask("SELECT * FROM part_fitted") != before);
        QVERIFY(parts->takingBack().takeBack());
        QCOMPARE(ask("SELECT * FROM part_fitted"), before);
    }

    void aRecordThatIsRefusedKeepsTheKeyboard()
    {
        begin("visit", Arrangement::Columnar);
        show();
        m_session->moves().goTo(2);
        retype(box("hours"), "-1");
        const QString before = ask("SELECT * FROM part_fitted WHERE visit_id = 3");
        retype(innerBox("part_fitted", "quantity"), "7");
        QTest::keyClick(innerBox("part_fitted", "quantity"), Qt::Key_Down);
        QTRY_COMPARE(QApplication::focusWidget(), box("hours"));
        QVERIFY(m_session->state().isChanged());
        QVERIFY(rowsOf("part_fitted")->state().isChanged());
        QCOMPARE(ask("SELECT * FROM part_fitted WHERE visit_id = 3"), before);
        m_session->takingBack().takeBack();
    }

    void aButtonOpensTheRowsOnTheirOwnForm()
    {
        begin("visit", Arrangement::Columnar, ChildPlace::Button);
        show();
        m_session->moves().goTo(2);
        auto *button = qobject_cast<QAbstractButton *>(box("part_fitted"));
        QVERIFY(button);
        button->click();
        auto *dialog = m_view->findChild<FormWindow *>();
        QVERIFY(dialog && dialog->isVisible());
        QCOMPARE(dialog->windowTitle(), "Part fitted");
        QVERIFY(dialog->findChild<RecordStrip *>()->isVisible()); // a form of its own has what belongs to one
        EntrySession *parts = rowsOf("part_fitted");
        QCOMPARE(QString::number(parts->rows().window().rows().size()),
                 ask("SELECT count(*) FROM part_fitted WHERE visit_id = 3"));
        parts->typing().type(*find(parts->form(), "quantity"), "9");
        const samples::WhenOpen saves(
            "question", [](QDialog *question) { question->findChild<QPushButton *>("answer0")->click(); });
        dialog->close();
        QVERIFY(!dialog->isVisible());
        QCOMPARE(ask("SELECT quantity FROM part_fitted WHERE visit_id = 3 ORDER BY line_no LIMIT 1"), "9");
    }

    void aChangedFormLetsGoOfItsRowsWithoutHarm()
    {
        begin("visit", Arrangement::Columnar);
        show();
        EntrySession *old = rowsOf("part_fitted");
        QPointer<EntrySession> watched(old);
        Form without = m_form;
        without.controls.removeAt(without.controls.indexOf(find(m_form, "part_fitted")->id));
        QVERIFY(m_session->setForm(without).isOk());
        m_view->setForm(without);
        QTRY_VERIFY(!watched);
        QVERIFY(m_session->setForm(m_form).isOk());
        m_view->setForm(m_form);
        QVERIFY(innerView("part_fitted"));
        QCOMPARE(innerView("part_fitted")->session(), rowsOf("part_fitted"));
    }

    // Every row looks the same painted as it does with the keyboard away from it.
    void rowsLookTheSameOnTheBoard()
    {
        begin("vessel", Arrangement::Tabular);
        show();
        box("name")->clearFocus();
        m_view->setFocus();
        auto *band = m_view->findChild<RowsBand *>();
        const QImage inEntry = band->grab().toImage().convertToFormat(QImage::Format_RGB32);
        QImage onBoard(band->size(), QImage::Format_RGB32);
        QPainter painter(&onBoard);
        const int top = findBand(m_form, BandRole::Header)->height;
        painter.translate(0, -top);
        paintForm(painter, m_form, m_session.get(), QSize(band->width(), top + band->height() + 32), *m_appearance);
        painter.end();
        const int rows = static_cast<int>(m_session->rows().window().rows().size());
        const QRect area(0, 0, band->width(), band->yOf(rows));
        QVERIFY(inEntry.copy(area) == onBoard.copy(area));
    }
};

QTEST_MAIN(TestSubforms)
#include "tst_subforms.moc"

// Scrolling areas, panes, the list of records beside a form, and forms whose window is kept in bounds.
#include "core/arrange/grouping.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/height_at_work.h"
#include "core/kinds/settings/lookup.h"
#include "entry/records/record_strip.h"
#include "entry/session/opened_form.h"
#include "entry/view/entry_view.h"
#include "entry/view/record_list.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QScrollBar>
#include <QTest>

using namespace nabblet;

class TestSurfaces : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<Connection> m_connection;
    Catalogue m_catalogue;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;

    ControlId field(const QString &column) const
    {
        for (const Control &control : m_form.controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }
    QWidget *box(const QString &column) const { return m_view->widgetFor(field(column)); }
    QRect inView(const QString &column) const
    {
        return QRect(box(column)->mapTo(m_view.get(), QPoint()), box(column)->size());
    }
    void open(QSize size)
    {
        m_view.reset();
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        QVERIFY(m_session->start().isOk());
        QTRY_VERIFY(m_session->place().map().has_value());
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        m_view->resize(size);
        m_view->show();
        m_view->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_view.get()));
    }
    QList<QScrollArea *> surfaces() const { return m_view->findChildren<QScrollArea *>("surface"); }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("surface%1.db").arg(++run));
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        m_form = draftColumnar(m_catalogue, *findTable(m_catalogue, "buoy"), *m_appearance);
    }
    void cleanup()
    {
        m_view.reset();
        m_session.reset();
    }

    // With room for all, a scrolling area is a group box like others; with less, it scrolls and the rest stays.
    void aScrollingAreaScrollsWhereThereIsNoRoom()
    {
        const ControlId last = field("depth_m");
        Grouped grouped =
            withContainer(m_form, {field("asset_no"), field("name"), field("buoy_type"), last}, "scroll-area");
        QVERIFY(grouped.container != 0);
        m_form = grouped.form;
        open({m_form.width + 100, formHeight(m_form) + 100});
        QCOMPARE(surfaces().size(), 1);
        QCOMPARE(surfaces().first()->verticalScrollBar()->maximum(), 0);
        const Control &area = *m_form.controls.find(grouped.container);
        for (const char *column : {"asset_no", "name", "depth_m"}) {
            const Control &control = *m_form.controls.find(field(column));
            QCOMPARE(inView(column).topLeft() - inView("fairway_id").topLeft(),
                     control.place.topLeft() - m_form.controls.find(field("fairway_id"))->place.topLeft());
            QVERIFY(area.place.contains(control.place));
        }
        // Lower than what it holds.
        Control lower = area;
        lower.place.setHeight(90);
        m_form.controls.replace(m_form.controls.indexOf(area.id), lower);
        m_view->setForm(m_form);
        QScrollArea *surface = surfaces().first();
        QVERIFY(surface->verticalScrollBar()->maximum() > 0);
        QVERIFY(!surface->viewport()->rect().contains(box("depth_m")->mapTo(surface->viewport(), QPoint())));
        box("depth_m")->setFocus();
        QVERIFY(surface->viewport()->rect().contains(box("depth_m")->mapTo(surface->viewport(), QPoint(2, 2))));
        // What is refused there says so beside its box.
        QTest::keyClicks(box("depth_m"), "x4");
        QVERIFY(!m_session->saving().save());
        auto *message = surface->findChild<QLabel *>("message");
        QVERIFY(message);
        m_session->takingBack().takeBack();
        // And back to a plain group box, with everything where it was.
        Control plain = lower;
        plain.kind = "group-box";
        m_form.controls.replace(m_form.controls.indexOf(area.id), plain);
        m_view->setForm(m_form);
        QCoreApplication::processEvents();
        QVERIFY(surfaces().isEmpty());
        QVERIFY(box("depth_m") && box("depth_m")->isVisible());
        QCOMPARE(qobject_cast<QLineEdit *>(box("name"))->text(), "Long Reach Entrance Port");
    }

    // As high at work as was said, however much room there is: the rest scrolls, and what stands below moves up.
    void aScrollingAreaIsAsHighAsSaid()
    {
        DraftOptions oneColumn; // so that nothing stands beside
        oneColumn.columnsOfBoxes = 1;
        m_form = draftColumnar(m_catalogue, *findTable(m_catalogue, "buoy"), *m_appearance, oneColumn);
        const Grouped grouped = withContainer(
            m_form, {field("asset_no"), field("name"), field("buoy_type"), field("fairway_id")}, "scroll-area");
        m_form = grouped.form;
        open({m_form.width + 100, formHeight(m_form) + 100});
        const int before = inView("contractor_id").y();
        QCOMPARE(surfaces().first()->verticalScrollBar()->maximum(), 0);
        Control area = *m_form.controls.find(grouped.container);
        const int whole = area.place.height();
        area.settings.set(setting::HeightAtWork, 96);
        m_form.controls.replace(m_form.controls.indexOf(area.id), area);
        m_view->setForm(m_form);
        QScrollArea *surface = surfaces().first();
        QVERIFY(surface->verticalScrollBar()->maximum() > 0);
        QVERIFY(inView("contractor_id").y() < before);
        QVERIFY(inView("contractor_id").y() >= before - (whole - 96));
        box("fairway_id")->setFocus();
        QVERIFY(surface->viewport()->rect().contains(box("fairway_id")->mapTo(surface->viewport(), QPoint(2, 2))));
        QTest::keyClick(box("fairway_id"), Qt::Key_Tab);
        QCOMPARE(QApplication::focusWidget(), box("contractor_id"));
    }

    // Held to the body's bottom, it gives way to a lower window before the whole form scrolls.
    void itFillsItsSpace()
    {
        m_form = samplesOfOneArea();
        open({m_form.width + 20, 700});
        QWidget *surface = surfaces().first();
        const int tall = surface->height();
        m_view->resize(m_view->width(), 500);
        QCoreApplication::processEvents();
        QCOMPARE(tall - surface->height(), 200);
        m_view->resize(m_view->width(), 900);
        QCoreApplication::processEvents();
        QCOMPARE(surface->height() - tall, 200);
        QVERIFY(narrowestWidth(m_form) < 200); // what has no room there scrolls
    }
    Form samplesOfOneArea() const
    {
        Form form;
        form.name = form.title = form.rowsFrom = "buoy";
        form.width = 480;
        form.bands = {Band{BandRole::Body, 400, {}}};
        const PlacedControl area = withNewControl(form, "scroll-area", Area(), QRect(16, 16, 448, 368), *m_appearance);
        form = area.form;
        for (const char *column : {"asset_no", "name", "position"}) {
            const PlacedControl placed =
                withNewControlBelow(form, "text-box", {BandRole::Body, area.control, 0}, *m_appearance);
            form = placed.form;
            Control control = *form.controls.find(placed.control);
            control.column = column;
            form.controls.replace(form.controls.indexOf(placed.control), control);
        }
        Control held = *form.controls.find(area.control);
        held.rides = {FixedRail::FormLeft, FixedRail::FormRight, FixedRail::BodyBottom, FixedRail::BodyTop};
        form.controls.replace(form.controls.indexOf(area.control), held);
        return form;
    }

    // A surface that goes takes nothing along that lies on it: others, dividers, tabs, boxes.
    void surfacesInsideOthersOutliveThem()
    {
        const QList<ControlId> inner{field("asset_no"), field("name")};
        for (const QString &kind : {QString("scroll-area"), QString("panes"), QString("tab-pages")}) {
            for (const bool areBothTaken : {false, true}) {
                const Grouped one = withContainer(m_form, inner, kind);
                const Grouped other = withContainer(one.form, {one.container, field("buoy_type")}, "scroll-area");
                const Grouped outer = withContainer(other.form, {other.container, field("depth_m")}, "panes");
                QVERIFY(one.container != 0 && other.container != 0 && outer.container != 0);
                const Form before = m_form;
                m_form = outer.form;
                open({m_form.width + 100, formHeight(m_form) + 100});
                m_form = withoutContainer(m_form, outer.container);
                m_form = areBothTaken ? withoutContainer(m_form, other.container) : m_form;
                m_view->setForm(m_form);
                box("name")->setFocus();
                QTest::keyClicks(box("name"), "x");
                QVERIFY(m_session->hasUnsaved());
                m_view->setForm(outer.form);
                m_view->setForm(before);
                QCOMPARE(surfaces().size(), 0);
                QVERIFY(box("name")->isVisible());
                m_form = before;
            }
        }
    }

    void manyControlsAreHeld()
    {
        constexpr int Many = 5000;
        Form form;
        form.name = form.title = form.rowsFrom = "buoy";
        form.width = 640;
        form.bands = {Band{BandRole::Body, 400, {}}};
        Control area;
        area.id = 1;
        area.kind = "scroll-area";
        area.name = "area";
        area.place = QRect(8, 8, 600, 380);
        form.controls.append(area);
        for (int i = 0; i < Many; ++i) {
            Control control;
            control.id = i + 2;
            control.kind = i % 2 == 0 ? "caption" : "text-box";
            control.name = QString("control_%1").arg(i);
            control.text = QString::number(i);
            control.column = i % 2 == 0 ? QString() : QString("name");
            control.container = 1;
            control.place = QRect(24 + (i % 5) * 110, 24 + i / 5 * 28, 100, 24);
            form.controls.append(control);
        }
        QCOMPARE(membersOf(form, {1}).size(), Many);
        const Form grown = withContainersGrown(form);
        QVERIFY(grown.controls.find(1)->place.contains(grown.controls.find(Many + 1)->place));
        QCOMPARE(tabSequence(form).size(), Many / 2);
        m_form = form;
        open({640, 480});
        QVERIFY(m_view->widgetFor(Many + 1));
        m_view->widgetFor(Many + 1)->setFocus();
        const QScrollArea *surface = surfaces().first();
        QVERIFY(surface->viewport()->rect().contains(
            m_view->widgetFor(Many + 1)->mapTo(surface->viewport(), QPoint(5, 5))));
    }

    void theDividerIsMovedByMouseAndKeys()
    {
        const Grouped grouped = withContainer(m_form, {field("asset_no"), field("name")}, "panes");
        m_form = grouped.form;
        const PlacedControl second =
            withNewControlBelow(m_form, "text-box", {BandRole::Body, grouped.container, SecondPane}, *m_appearance);
        m_form = second.form;
        open({m_form.width + 60, formHeight(m_form) + 100});
        QCOMPARE(surfaces().size(), 2);
        auto *divider = m_view->findChild<QWidget *>("divider");
        QVERIFY(divider && divider->isVisible());
        QScrollArea *left = surfaces().at(0);
        QScrollArea *right = surfaces().at(1);
        if (left->x() > right->x()) {
            std::swap(left, right);
        }
        const int before = left->width();
        const int all = left->width() + right->width();
        const QPoint at = divider->rect().center();
        QTest::mousePress(divider, Qt::LeftButton, {}, at);
        QTest::mouseMove(divider, at - QPoint(60, 0));
        QTest::mouseRelease(divider, Qt::LeftButton, {}, at - QPoint(60, 0));
        QCOMPARE(before - left->width(), 60);
        QCOMPARE(left->width() + right->width(), all);
        divider->setFocus();
        QTest::keyClick(divider, Qt::Key_Right);
        QCOMPARE(before - left->width(), 44);
        QVERIFY(left->horizontalScrollBar()->maximum() > 0); // the name has no room any more
        // Not further than the edge.
        for (int i = 0; i < 200; ++i) {
            QTest::keyClick(divider, Qt::Key_Left);
        }
        QVERIFY(left->width() > 10);
    }

    void theRecordListGoesAndFollows()
    {
        m_form.window.hasRecordList = true;
        m_form.window.listColumns = {"name", "status"};
        open({m_form.width + 300, 760});
        auto *list = m_view->findChild<RecordList *>("recordList");
        QVERIFY(list && list->isVisible());
        QTRY_VERIFY(list->rows()->place().map().has_value());
        QCOMPARE(list->rows()->place().count(), m_session->place().count());
        // The form goes where the list goes …
        QVERIFY(list->rows()->moves().goToRow(3));
        QCOMPARE(m_session->state().key(), list->rows()->state().key());
        QCOMPARE(qobject_cast<QLineEdit *>(box("name"))->text(),
                 samples::sqlite3(m_path, "SELECT name FROM buoy ORDER BY buoy_id LIMIT 1 OFFSET 3"));
        // … and the list where the form goes, far away as well.
        QVERIFY(m_session->moves().goLast());
        QCOMPARE(list->rows()->state().key(), m_session->state().key());
        QVERIFY(m_session->moves().goFirst());
        QCOMPARE(list->rows()->rows().indexInHand(), 0);
        // What cannot be saved keeps both where they are.
        m_session->typing().type(*m_form.controls.find(field("depth_m")), "-4");
        (void)list->rows()->moves().goToRow(2);
        QCOMPARE(list->rows()->state().key(), m_session->state().key());
        QVERIFY(m_session->state().isChanged());
        m_session->takingBack().takeBack();
        // What was saved stands in the list.
        m_session->typing().type(*m_form.controls.find(field("name")), "Painted anew");
        QVERIFY(m_session->saving().save());
        QCOMPARE(valueOf(list->rows()->state().source, list->rows()->rows().window().rows().first(), "name"),
                 QVariant("Painted anew"));
        // Nobody types in it.
        QVERIFY(!list->rows()->state().canAdd() && !list->rows()->state().canChange());
        // At the other side, or not at all.
        m_form.window.isListAtRight = true;
        m_view->setForm(m_form);
        QVERIFY(m_view->findChild<RecordList *>("recordList")->x() > 100);
        m_form.window.hasRecordList = false;
        m_view->setForm(m_form);
        QVERIFY(!m_view->findChild<RecordList *>("recordList"));
    }

    // One row in full below the rows: it goes along with the row in hand, and each shows what was saved in the other.
    void aRowIsShownInFull_data()
    {
        QTest::addColumn<int>("panel");
        QTest::newRow("below") << int(RowPanel::Below);
        QTest::newRow("in place") << int(RowPanel::InPlace);
        QTest::newRow("window") << int(RowPanel::OwnWindow);
    }
    void aRowIsShownInFull()
    {
        QFETCH(int, panel);
        const Form whole = m_form;
        DraftPlan plan = planDraft(*findTable(m_catalogue, "buoy"));
        plan.arrangement = Arrangement::Tabular;
        for (PlannedColumn &column : plan.columns) {
            column.isTaken = column.column == "asset_no" || column.column == "name";
        }
        m_form = draftForm(m_catalogue, *findTable(m_catalogue, "buoy"), plan, nullptr, *m_appearance);
        m_form.rowPanel = static_cast<RowPanel>(panel);
        m_form.rowForm = InnerForm(whole);
        QCOMPARE(*readForm(writeForm(m_form)), m_form);
        open({1000, 1200});
        EntrySession *row = m_session->row();
        QVERIFY(row && row->state().key() == m_session->state().key());
        QVERIFY(m_session->moves().goNext() && m_session->moves().goNext());
        QCOMPARE(row->state().key(), m_session->state().key());
        const auto nameIn = [](const Form &form) -> const Control & {
            for (const Control &control : form.controls) {
                if (control.column == "name") {
                    return control;
                }
            }
            qFatal("no name");
        };
        // Opened by the key, where it is not there already.
        box("name")->setFocus();
        QTest::keyClick(box("name"), Qt::Key_E, Qt::ControlModifier);
        const QList<EntryView *> views = m_view->window()->findChildren<EntryView *>();
        EntryView *rowView = nullptr;
        for (EntryView *each : views) {
            rowView = each->session() == row ? each : rowView;
        }
        QVERIFY(rowView && rowView->isVisible());
        QCOMPARE(box("name")->isVisible(), m_form.rowPanel != RowPanel::InPlace);
        // Columns that the rows do not show are typed there.
        const Control *depth = nullptr;
        for (const Control &control : whole.controls) {
            depth = control.column == "depth_m" ? &control : depth;
        }
        row->typing().type(*depth, "7.5");
        row->typing().type(nameIn(whole), "Painted anew");
        QVERIFY(m_session->hasUnsaved());
        QVERIFY(m_session->saving().save());
        QCOMPARE(samples::sqlite3(m_path, "SELECT name, depth_m FROM buoy ORDER BY buoy_id LIMIT 1 OFFSET 2"),
                 "Painted anew|7.5");
        QCOMPARE(m_session->state().value("name"), QVariant("Painted anew"));
        // What is refused there keeps the row in hand.
        row->typing().type(*depth, "-4");
        QVERIFY(!m_session->moves().goNext());
        QCOMPARE(row->state().key(), m_session->state().key());
        // Taking back means what was typed last, there as well as here.
        QVERIFY(m_session->takingBack().canTakeBack());
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(!row->state().isChanged() && !m_session->hasUnsaved());
        QVERIFY(row->takingBack().takeBack() && row->state().isChanged()); // once more brings it back
        QVERIFY(m_session->takingBack().takeBack());
        // What is typed in the rows stands there once it is saved.
        m_session->typing().type(nameIn(m_form), "And again");
        QVERIFY(m_session->saving().save());
        QCOMPARE(row->state().value("name"), QVariant("And again"));
        // What was saved there is taken back from here, by name.
        row->typing().type(*depth, "9.5");
        QVERIFY(m_session->saving().save());
        QVERIFY2(m_session->takingBack().words().contains("And again"), qPrintable(m_session->takingBack().words()));
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(samples::sqlite3(m_path, "SELECT depth_m FROM buoy ORDER BY buoy_id LIMIT 1 OFFSET 2"), "7.5");
        QCOMPARE(row->state().value("depth_m").toDouble(), 7.5);
        // The same key leads back to the rows.
        if (m_form.rowPanel != RowPanel::OwnWindow) {
            for (const Control &control : whole.controls) {
                if (control.column == "name") {
                    rowView->widgetFor(control.id)->setFocus();
                    QTest::keyClick(rowView->widgetFor(control.id), Qt::Key_E, Qt::ControlModifier);
                }
            }
            QTRY_VERIFY(m_view->isAncestorOf(QApplication::focusWidget()) &&
                        !rowView->isAncestorOf(QApplication::focusWidget()));
            QVERIFY(box("name")->isVisible());
        }
        QVERIFY(m_session->moves().goLast());
        QCOMPARE(row->state().key(), m_session->state().key());
        // A new row begun here is typed there.
        if (m_form.rowPanel == RowPanel::Below) {
            const int count = samples::sqlite3(m_path, "SELECT count(*) FROM buoy").toInt();
            QVERIFY(m_session->moves().add());
            QVERIFY(row->state().isNew());
            const QHash<QString, QString> typed{{"asset_no", "NB-9999-Z"}, {"name", "Quite new"}};
            for (const Control &control : whole.controls) {
                if (typed.contains(control.column)) {
                    row->typing().type(control, typed.value(control.column));
                } else if (lookupOf(control)) {
                    row->typing().chooseRow(control, row->values().choices(control, QString(), 1).first().values);
                }
            }
            QVERIFY(m_session->saving().save());
            QCOMPARE(samples::sqlite3(m_path, "SELECT count(*) FROM buoy").toInt(), count + 1);
            QCOMPARE(m_session->state().value("name"), QVariant("Quite new"));
        }
    }

    // Held to the rows of one parent, the list shows these and no others, and so do jump lists.
    void theListIsHeldToTheSameRows()
    {
        Form visits = draftColumnar(m_catalogue, *findTable(m_catalogue, "visit"), *m_appearance);
        visits.window.hasRecordList = true;
        visits.window.listColumns = {"visited_on"};
        Control opening;
        opening.id = nextControlId(m_form);
        opening.kind = "button";
        opening.name = "open_visits";
        opening.place = QRect(16, 400, 100, 32);
        opening.settings = samples::settingsOf({{"action", "open-form"}, {"opens", "visits"}});
        setChildLink(opening, {{"buoy_id"}, {"buoy_id"}});
        m_form.controls.append(opening);
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        m_session->setFormReader([&](const QString &) { return Result<Form>(visits); });
        QVERIFY(m_session->start().isOk());
        auto opened = formOpenedBy(opening, *m_session);
        QVERIFY(opened.isOk());
        m_session = std::move(*opened);
        m_form = visits;
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        auto *list = m_view->findChild<RecordList *>("recordList");
        QVERIFY(list);
        const int own = samples::sqlite3(m_path, "SELECT count(*) FROM visit WHERE buoy_id = 1").toInt();
        QVERIFY(own > 0);
        QTRY_COMPARE(list->rows()->place().count().value_or(-1), own);
        Control jump;
        jump.kind = "jump-list";
        QCOMPARE(m_session->values().choices(jump, QString(), 1000).size(), own);
    }

    // A session started after its form was shown gets its list all the same.
    void theListComesWithTheRecords()
    {
        m_form.window.hasRecordList = true;
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        QVERIFY(!m_view->findChild<RecordList *>("recordList"));
        QVERIFY(m_session->start().isOk());
        QVERIFY(m_view->findChild<RecordList *>("recordList"));
    }

    void furnitureIsShownOrNot()
    {
        m_form = withBand(withBand(m_form, BandRole::PageHeader), BandRole::PageFooter);
        m_form.window.hasRecordStrip = false;
        m_form.window.hasScrollBars = false;
        open({400, 300});
        QVERIFY(!m_view->findChild<RecordStrip *>()->isVisible());
        for (QScrollBar *bar : m_view->findChildren<QScrollBar *>()) {
            QVERIFY(!bar->isVisible());
        }
        // What is for printing is no part of the window.
        QCOMPARE(shownHeight(m_form), formHeight(withoutPageBands(m_form)));
        QVERIFY(formHeight(m_form) > shownHeight(m_form));
        m_form.window = WindowStyle();
        m_view->setForm(m_form);
        QVERIFY(m_view->findChild<RecordStrip *>()->isVisible());
    }
};

QTEST_MAIN(TestSurfaces)
#include "tst_surfaces.moc"

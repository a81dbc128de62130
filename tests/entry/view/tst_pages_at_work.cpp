// Tab pages and group boxes at work: pages turn, boxes on pages behind are made when first shown, the keyboard and
// messages get to them.
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/stretching.h"
#include "core/draft/draft.h"
#include "core/edit/placing.h"
#include "core/kinds/each/jump_list.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QLineEdit>
#include <QTabBar>
#include <QTest>

using namespace nabblet;

class TestPagesAtWork : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    Form m_form;
    ControlId m_tabs = 0;
    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;

    ControlId idOf(const QString &column) const
    {
        for (const Control &control : m_form.controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }
    QWidget *box(const QString &column) const { return m_view->widgetFor(idOf(column)); }
    int front() const { return frontPage(*m_form.controls.find(m_tabs), m_view->frontPages()); }
    void retype(const QString &column, const QString &words)
    {
        auto *line = qobject_cast<QLineEdit *>(box(column));
        line->setFocus();
        line->selectAll();
        QTest::keyClicks(line, words);
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("pages%1.db").arg(++run));
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        m_form = draftColumnar(catalogue, *findTable(catalogue, "buoy"), *m_appearance);
        const auto [paged, tabs] = withContainer(m_form, {idOf("asset_no"), idOf("name")}, "tab-pages");
        m_tabs = tabs;
        m_form = moveControlsInto(paged, {idOf("depth_m"), idOf("position")}, {BandRole::Body, tabs, 2}, QPoint());
        m_session = std::make_unique<EntrySession>(connection, catalogue, m_form);
        m_session->setLocale(QLocale::c());
        QVERIFY(m_session->start().isOk());
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        m_view->resize(1200, 900);
        m_view->show();
        m_view->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_view.get()));
    }

    void cleanup()
    {
        m_view.reset();
        m_session.reset();
    }

    void boxesBehindAreMadeWhenTheirPageIsFirstShown()
    {
        QVERIFY(box("asset_no")->isVisible());
        QVERIFY(!box("depth_m"));
        m_view->showPage(m_tabs, 2);
        QVERIFY(!box("asset_no")->isVisible());
        QVERIFY(box("depth_m")->isVisible());
        QCOMPARE(box("depth_m")->accessibleName(), "Depth (m)");
        const QWidget *made = box("depth_m");
        m_view->showPage(m_tabs, 1);
        QVERIFY(box("asset_no")->isVisible() && !made->isVisible());
        m_view->showPage(m_tabs, 2);
        QCOMPARE(box("depth_m"), made); // and kept
    }

    void aClickOnATabTurnsThePage()
    {
        auto *tabs = m_view->findChild<QTabBar *>("pageTabs");
        QVERIFY(tabs);
        QCOMPARE(tabs->count(), 2);
        QCOMPARE(tabs->tabText(1), "Page 2");
        box("asset_no")->setFocus();
        QTest::mouseClick(tabs, Qt::LeftButton, Qt::NoModifier, tabs->tabRect(1).center());
        QCOMPARE(front(), 2);
        // The keyboard goes along with the page.
        QTRY_VERIFY(QApplication::focusWidget() && QApplication::focusWidget()->isVisible());
        QVERIFY(QApplication::focusWidget() == box("depth_m") || QApplication::focusWidget() == box("position"));
    }

    void tabGoesThroughAllPagesAndBack()
    {
        const QList<ControlId> sequence = tabSequence(m_form);
        const qsizetype last = std::max(sequence.indexOf(idOf("asset_no")), sequence.indexOf(idOf("name")));
        m_view->widgetFor(sequence.at(last))->setFocus();
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
        QCOMPARE(front(), 2);
        QCOMPARE(QApplication::focusWidget(), m_view->widgetFor(sequence.at(last + 1)));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Backtab);
        QCOMPARE(front(), 1);
        QCOMPARE(QApplication::focusWidget(), m_view->widgetFor(sequence.at(last)));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_PageDown, Qt::ControlModifier);
        QCOMPARE(front(), 2);
        QVERIFY(m_view->isAncestorOf(QApplication::focusWidget()) && QApplication::focusWidget()->isVisible());
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_PageUp, Qt::ControlModifier);
        QCOMPARE(front(), 1);
    }

    void whatIsTypedOnAPageIsKeptAndSaved()
    {
        m_view->showPage(m_tabs, 2);
        retype("depth_m", "7.5");
        m_view->showPage(m_tabs, 1);
        retype("name", "North Patch");
        QVERIFY(m_session->saving().save());
        QCOMPARE(samples::sqlite3(m_path, "SELECT name, depth_m FROM buoy ORDER BY buoy_id LIMIT 1"),
                 "North Patch|7.5");
    }

    void aRefusedBoxComesToTheFront()
    {
        m_view->showPage(m_tabs, 2);
        retype("depth_m", "-4");
        m_view->showPage(m_tabs, 1);
        box("name")->setFocus();
        QVERIFY(!m_session->saving().save());
        QTRY_COMPARE(front(), 2);
        QCOMPARE(QApplication::focusWidget(), box("depth_m"));
        QCOMPARE(qobject_cast<QLineEdit *>(box("depth_m"))->text(), "-4");
    }

    // What was placed and is bound to no column yet is there, shows nothing, and takes nothing that would be lost.
    void whatIsNotBoundYetTakesNoWords()
    {
        Form form = m_form;
        QList<ControlId> placed;
        for (const Placeable &placeable : placeables()) {
            const PlacedControl one = withNewControlBelow(form, placeable.name, Area(), *m_appearance);
            form = one.form;
            placed += one.others + QList<ControlId>{one.control};
        }
        QVERIFY(m_session->setForm(form).isOk());
        m_view->setForm(form);
        for (const ControlId id : std::as_const(placed)) {
            const Control &control = *form.controls.find(id);
            QVERIFY2(!m_session->state().mayType(control) || isJumpList(control), qPrintable(control.kind));
            QVERIFY2(m_session->values().shown(control).isMissing || !takesValue(kindNamed(control.kind)),
                     qPrintable(control.kind));
            if (auto *line = qobject_cast<QLineEdit *>(m_view->widgetFor(id))) {
                QVERIFY2(isJumpList(control) || line->isReadOnly() || !line->isEnabled(), qPrintable(control.kind));
            }
        }
        retype("name", "North Patch");
        QVERIFY(m_session->saving().save());
        QCOMPARE(samples::sqlite3(m_path, "SELECT name FROM buoy ORDER BY buoy_id LIMIT 1"), "North Patch");
    }

    void aFrameStretchesWithWhatStretchesInIt()
    {
        const ControlId remarks = idOf("remarks");
        QVERIFY(m_form.controls.find(remarks)->rides.right == FixedRail::FormRight);
        const auto [grouped, box] = withContainer(m_form, {remarks}, "group-box");
        m_view->setForm(grouped);
        m_view->resize(1500, 900);
        QTRY_VERIFY(m_view->widgetFor(remarks)->width() > grouped.controls.find(remarks)->place.width());
        const Form wide = stretchedTo(grouped, 1400, 0);
        QVERIFY(wide.controls.find(box)->place.contains(wide.controls.find(remarks)->place));
    }

    // A rule takes a page away with its tab, and brings it back; the keyboard is never left on one that is not there.
    void rulesHidePages()
    {
        Rule rule{.when = "is_lit", .effect = "shown"};
        rule.areas = {Area{BandRole::Body, m_tabs, 2}};
        m_form.rules = {rule};
        QVERIFY(m_session->setForm(m_form));
        m_view->setForm(m_form);
        auto *tabs = m_view->findChild<QTabBar *>("pageTabs");
        const QString lit = samples::sqlite3(m_path, "SELECT buoy_id FROM buoy WHERE is_lit LIMIT 1");
        const QString dark = samples::sqlite3(m_path, "SELECT buoy_id FROM buoy WHERE NOT is_lit LIMIT 1");
        QVERIFY(m_session->moves().goToKey({lit.toInt()}));
        QTRY_COMPARE(tabs->count(), 2);
        m_view->showPage(m_tabs, 2);
        box("depth_m")->setFocus();
        QVERIFY(box("depth_m")->isVisible());
        QVERIFY(m_session->moves().goToKey({dark.toInt()}));
        QTRY_COMPARE(m_view->findChild<QTabBar *>("pageTabs")->count(), 1);
        QVERIFY(!box("depth_m")->isVisible());
        QVERIFY(box("asset_no")->isVisible()); // the page that is left is in front
        QVERIFY(QApplication::focusWidget() && QApplication::focusWidget()->isVisible());
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_PageDown, Qt::ControlModifier);
        QVERIFY(box("asset_no")->isVisible());
        m_view->bringToSight(idOf("depth_m"));
        QVERIFY(!box("depth_m")->isVisible());
        QVERIFY(m_session->moves().goToKey({lit.toInt()}));
        QTRY_COMPARE(m_view->findChild<QTabBar *>("pageTabs")->count(), 2);
        // Who types on the page that goes by it finishes there first.
        m_form.rules.first().when = "coalesce(depth_m, 9) > 4";
        QVERIFY(m_session->setForm(m_form));
        m_view->setForm(m_form);
        m_session->typing().type(*m_form.controls.find(idOf("depth_m")), "8");
        QVERIFY(m_session->saving().save());
        m_view->showPage(m_tabs, 2);
        QTRY_VERIFY(box("depth_m")->isVisible());
        retype("depth_m", "3");
        QVERIFY(box("depth_m")->isVisible() && box("depth_m")->hasFocus());
        QCOMPARE(m_view->findChild<QTabBar *>("pageTabs")->count(), 2);
        QVERIFY(m_session->saving().save());
        box("status")->setFocus();
        QTRY_VERIFY(!box("depth_m")->isVisible());
        QCOMPARE(m_view->findChild<QTabBar *>("pageTabs")->count(), 1);
        QCOMPARE(samples::sqlite3(m_path, "SELECT depth_m FROM buoy WHERE buoy_id = " + lit), "3");
    }

    void rulesHideBands()
    {
        Rule rule{.when = "is_lit", .effect = "shown"};
        rule.areas = {Area{BandRole::Header, 0, 0}};
        m_form.rules = {rule};
        QVERIFY(m_session->setForm(m_form));
        m_view->setForm(m_form);
        const auto hidden = [this] {
            int count = 0;
            const QSet<ControlId> all = m_session->values().hidden();
            for (const Control &control : m_form.controls) {
                count += control.band == BandRole::Header && all.contains(control.id) ? 1 : 0;
            }
            return count;
        };
        const QString dark = samples::sqlite3(m_path, "SELECT buoy_id FROM buoy WHERE NOT is_lit LIMIT 1");
        const QString lit = samples::sqlite3(m_path, "SELECT buoy_id FROM buoy WHERE is_lit LIMIT 1");
        QVERIFY(m_session->moves().goToKey({lit.toInt()}));
        QCOMPARE(hidden(), 0);
        QVERIFY(m_session->moves().goToKey({dark.toInt()}));
        QVERIFY(hidden() > 0);
        QCOMPARE(m_session->values().hidden().size(), hidden()); // and nothing else
    }
};

QTEST_MAIN(TestPagesAtWork)
#include "tst_pages_at_work.moc"

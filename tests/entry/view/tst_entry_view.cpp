// The form at work in real widgets, by keyboard and mouse.
#include "core/arrange/edges.h"
#include "core/arrange/moving.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/kinds/option_places.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QTest>
#include <QTreeWidget>

using namespace nabblet;

class TestEntryView : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    Form m_form;
    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    QWidget *box(const QString &column) const
    {
        for (const Control &control : m_form.controls) {
            if (control.column == column) {
                return m_view->widgetFor(control.id);
            }
        }
        return nullptr;
    }
    QLineEdit *line(const QString &column) const { return qobject_cast<QLineEdit *>(box(column)); }
    void retype(const QString &column, const QString &words)
    {
        box(column)->setFocus();
        line(column)->selectAll();
        QTest::keyClicks(box(column), words);
    }
    QStringList messages() const
    {
        QStringList sentences;
        for (const QLabel *label : m_view->findChildren<QLabel *>("message")) {
            if (label->isVisible()) {
                sentences.append(label->text());
            }
        }
        // With no room beside its box, what is said stands above the form, with the box's caption.
        const auto *notice = m_view->findChild<QWidget *>("notice");
        for (const QLabel *label : notice->isVisible() ? notice->findChildren<QLabel *>() : QList<QLabel *>()) {
            if (label->isVisible()) {
                sentences.append(label->text().mid(label->text().indexOf(": ") + 2));
            }
        }
        return sentences;
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("view%1.db").arg(++run));
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        m_form = draftColumnar(catalogue, *findTable(catalogue, "buoy"), *m_appearance);
        m_session = std::make_unique<EntrySession>(connection, catalogue, m_form);
        m_session->setLocale(QLocale::c());
        QVERIFY(m_session->start().isOk());
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        m_view->resize(1200, 760);
        m_view->show();
        m_view->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_view.get()));
    }

    void cleanup()
    {
        m_view.reset();
        m_session.reset();
    }

    void boxesShowTheRecord()
    {
        QCOMPARE(line("name")->text(), "Long Reach Entrance Port");
        QCOMPARE(line("buoy_type")->text(), "Lateral, port");
        QTest::keyClick(box("name"), Qt::Key_PageDown);
        QCOMPARE(line("name")->text(), "Long Reach Entrance Starboard");
    }

    // Narrower than designed, boxes give way down to the width at which nothing overlaps; from there on it scrolls.
    void aNarrowWindowShowsTheFormWhole()
    {
        Form form = m_form;
        for (int i = 0; i < form.controls.size(); ++i) {
            Control control = form.controls.at(i);
            if (control.column == "remarks") {
                control.rides.right = FixedRail::FormRight;
                form.controls.replace(i, control);
            }
        }
        form = setFormWidth(form, form.width + 600); // room that only the remarks use
        QVERIFY(leastWindowSize(form).width() < form.width - 400);
        m_view->setForm(form);
        const int least = leastWindowSize(form).width();
        auto *area = m_view->findChild<QScrollArea *>();
        const auto widthAt = [&](int width) {
            m_view->resize(m_view->width() + width - area->viewport()->width(), 760);
            QCoreApplication::processEvents();
            return box("remarks")->width();
        };
        const int designed = widthAt(form.width);
        QCOMPARE(widthAt(form.width - 40), designed - 40);
        QVERIFY(!area->horizontalScrollBar()->isVisible());
        QCOMPARE(widthAt(least - 40), designed - (form.width - least));
        QVERIFY(area->horizontalScrollBar()->isVisible());
        // The strip gives way, too: what has its keys goes, what is needed most stays.
        m_view->resize(400, 500);
        QCoreApplication::processEvents();
        QCOMPARE(m_view->width(), 400);
        QVERIFY(!m_view->findChild<QPushButton *>("goFirst")->isVisible());
        auto *save = m_view->findChild<QPushButton *>("mainAction");
        QVERIFY(save->isVisible() && save->geometry().right() < 400);
    }

    // Ctrl+Home and Ctrl+End go to the first and last record, but in a text of several lines to its own ends: whoever
    // goes on typing at the end of a remark stays in it.
    void aLongTextKeepsTheKeysThatItHas()
    {
        auto *remarks = qobject_cast<QPlainTextEdit *>(box("remarks"));
        QVERIFY(remarks);
        remarks->setFocus();
        QTest::keyClicks(remarks, "one");
        QTest::keyClick(remarks, Qt::Key_Return);
        QTest::keyClicks(remarks, "three");
        QTest::keyClick(remarks, Qt::Key_Home, Qt::ControlModifier);
        QTest::keyClicks(remarks, "a");
        QTest::keyClick(remarks, Qt::Key_End, Qt::ControlModifier);
        QTest::keyClicks(remarks, "!");
        QVERIFY(remarks->toPlainText().startsWith("a"));
        QVERIFY(remarks->toPlainText().endsWith("!"));
        QVERIFY(m_session->position() == 0);
        QVERIFY(m_session->state().isChanged());
        QTest::keyClick(box("name"), Qt::Key_End, Qt::ControlModifier);
        QVERIFY(m_session->position() != 0);
    }

    void typedWordsAreSavedByKeyboardAlone()
    {
        m_view->focusFirst();
        QCOMPARE(QApplication::focusWidget(), box("name"));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return); // as it reads: down the first column
        QCOMPARE(QApplication::focusWidget(), box("asset_no"));
        line("name")->setFocus();
        line("name")->selectAll();
        QTest::keyClicks(box("name"), "Gate");
        QVERIFY(m_session->state().isChanged());
        QTest::keyClick(box("name"), Qt::Key_PageDown);
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Gate");
    }

    void aRefusalStandsBesideItsBox()
    {
        retype("depth_m", "-4");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(messages(), QStringList("Depth (m) must be 0 or more"));
        const QLabel *label = m_view->findChild<QLabel *>("message");
        const QRect there = box("depth_m")->geometry();
        QVERIFY(label->geometry().intersects(there.adjusted(0, 0, 40, 30)) && !label->geometry().intersects(there));
        QCOMPARE(line("depth_m")->text(), "-4");
        retype("depth_m", "4");
        QVERIFY(messages().isEmpty());
    }

    void aChoiceIsNarrowedByTyping()
    {
        retype("fairway_id", "corm");
        auto *list = box("fairway_id")->findChild<QTreeWidget *>("choices");
        QVERIFY(list->isVisible());
        QCOMPARE(list->topLevelItemCount(), 1);
        QTest::keyClick(box("fairway_id"), Qt::Key_Return);
        QVERIFY(!list->isVisible());
        QCOMPARE(line("fairway_id")->text(), "Cormorant Ledge");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT fairway_id FROM buoy WHERE buoy_id = 1"), "5");
    }

    void aChoiceIsOpenedAndTakenByKeys()
    {
        box("fairway_id")->setFocus();
        QTest::keyClick(box("fairway_id"), Qt::Key_Down, Qt::AltModifier);
        auto *list = box("fairway_id")->findChild<QTreeWidget *>("choices");
        QVERIFY(list->isVisible());
        QCOMPARE(QString::number(list->topLevelItemCount()), ask("SELECT count(*) FROM fairway"));
        QTest::keyClick(box("fairway_id"), Qt::Key_Down);
        const QString chosen = list->currentItem()->text(0);
        QVERIFY(chosen != line("fairway_id")->text());
        QTest::keyClick(box("fairway_id"), Qt::Key_Return);
        QCOMPARE(line("fairway_id")->text(), chosen);
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT f.name FROM buoy JOIN fairway f USING (fairway_id) WHERE buoy_id = 1"), chosen);
    }

    void anOptionIsTakenByKeysAndByTheMouse()
    {
        QCOMPARE(ask("SELECT status FROM buoy WHERE buoy_id = 1"), "on station");
        QWidget *options = box("status");
        options->setFocus();
        QTest::keyClick(options, Qt::Key_Right);
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT status FROM buoy WHERE buoy_id = 1"), "adrift");
        QPoint last;
        for (const Control &control : m_session->form().controls) {
            last = control.column == "status" ? optionPlaces(control).at(3).center() : last;
        }
        QTest::mouseClick(options, Qt::LeftButton, {}, last);
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT status FROM buoy WHERE buoy_id = 1"), "withdrawn");
        // Nothing is chosen by Delete; the column does not take that, and says so.
        QTest::keyClick(options, Qt::Key_Delete);
        QVERIFY(!m_session->saving().save());
        QCOMPARE(ask("SELECT status FROM buoy WHERE buoy_id = 1"), "withdrawn");
    }

    void wordsThatAreNoChoiceAreKept()
    {
        retype("fairway_id", "nowhere at all");
        box("name")->setFocus();
        QCOMPARE(line("fairway_id")->text(), "nowhere at all");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(messages(),
                 QStringList("“nowhere at all” is not in the list, or is there more than once; choose one from it"));
        QCOMPARE(ask("SELECT fairway_id FROM buoy WHERE buoy_id = 1"), "1");
    }

    void aTickIsSetByTheSpaceBar()
    {
        const QString before = ask("SELECT is_lit FROM buoy WHERE buoy_id = 1");
        box("is_lit")->setFocus();
        QTest::keyClick(box("is_lit"), Qt::Key_Space);
        QVERIFY(m_session->saving().save());
        QVERIFY(ask("SELECT is_lit FROM buoy WHERE buoy_id = 1") != before);
    }

    void escapePutsOneBoxBack()
    {
        retype("depth_m", "7");
        retype("name", "Gate");
        QTest::keyClick(box("name"), Qt::Key_Escape);
        QCOMPARE(line("name")->text(), "Long Reach Entrance Port");
        QCOMPARE(line("depth_m")->text(), "7");
        QCOMPARE(m_session->state().changedCaptions(), QStringList("Depth (m)"));
    }

    void longTextTakesLines()
    {
        box("remarks")->setFocus();
        QTest::keyClick(box("remarks"), Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(box("remarks"), "one");
        QTest::keyClick(box("remarks"), Qt::Key_Return);
        QTest::keyClicks(box("remarks"), "two");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT remarks FROM buoy WHERE buoy_id = 1"), "one\ntwo");
    }

    void theStripMovesAndGoes()
    {
        QTRY_VERIFY(m_session->place().map().has_value());
        QTest::mouseClick(m_view->findChild<QPushButton *>("goLast"), Qt::LeftButton);
        auto *position = m_view->findChild<QLineEdit *>("position");
        QCOMPARE(position->text(), "212");
        position->setFocus();
        position->selectAll();
        QTest::keyClicks(position, "17");
        QTest::keyClick(position, Qt::Key_Return);
        QCOMPARE(*m_session->position(), 16);
        QTest::mouseClick(m_view->findChild<QPushButton *>("add"), Qt::LeftButton);
        QVERIFY(m_session->state().isNew());
        QCOMPARE(position->text(), "new");
    }

    void aChangedDesignMovesOnlyWhatChanged()
    {
        retype("name", "Typed");
        QWidget *const name = box("name");
        QWidget *const depth = box("depth_m");
        ControlId depthId = 0;
        for (const Control &control : m_form.controls) {
            depthId = control.column == "depth_m" ? control.id : depthId;
        }
        const QPoint before = depth->pos();
        m_form = moveControls(m_form, {depthId}, QPoint(0, 16));
        QVERIFY(m_session->setForm(m_form).isOk());
        m_view->setForm(m_form);
        QCOMPARE(box("name"), name);
        QCOMPARE(box("depth_m"), depth);
        QCOMPARE(depth->pos(), before + QPoint(0, 16));
        QCOMPARE(line("name")->text(), "Typed");
    }

    void aStretchedBoxFollowsTheWindow()
    {
        m_view->resize(1000, 760);
        const int before = box("remarks")->width();
        m_view->resize(1150, 760);
        QTRY_COMPARE(box("remarks")->width(), before + 150);
        m_view->resize(1000, 760);
        QTRY_COMPARE(box("remarks")->width(), before);
    }

    // In a window that is larger than it grows, it stands on ground, in the middle.
    void aFormGrowsNoFurtherThanItNeeds()
    {
        const int most = mostWindowSize(m_form).width();
        QVERIFY(most > m_form.width && most < 2400);
        m_view->resize(2400, 760);
        QCoreApplication::processEvents();
        const QRect remarks(box("remarks")->mapTo(m_view.get(), QPoint()), box("remarks")->size());
        QVERIFY(rightOf(remarks) <= (2400 + most) / 2 && remarks.x() >= (2400 - most) / 2);
        Form still = m_form;
        for (int i = 0; i < still.controls.size(); ++i) {
            Control control = still.controls.at(i);
            control.rides.right = control.rides.right == FixedRail::FormRight ? FixedRail::None : control.rides.right;
            still.controls.replace(i, control);
        }
        QCOMPARE(mostWindowSize(still).width(), still.width);
        m_view->setForm(still);
        QCoreApplication::processEvents();
        for (const Control &control : std::as_const(still.controls)) {
            if (control.column == "remarks") {
                QCOMPARE(box("remarks")->mapTo(m_view.get(), QPoint()).x(),
                         (2400 - still.width) / 2 + control.place.x());
            }
        }
    }

    void boxesTellTheirCaption() { QCOMPARE(box("depth_m")->accessibleName(), "Depth (m)"); }
};

QTEST_MAIN(TestEntryView)
#include "tst_entry_view.moc"

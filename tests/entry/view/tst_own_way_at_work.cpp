// A form as the person at it has it, rows that are chosen, and what is said at the right moment.
#include "entry/cells/together.h"
#include "entry/own_way/kept_own_way.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"
#include "entry/view/keys_here.h"
#include "entry/view/rows_band.h"
#include "support/form_at_work.h"
#include "support/when_open.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>
#include <QTest>
#include <QTreeWidget>

using namespace nabblet;

class TestOwnWayAtWork : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    samples::FormAtWork m_work;
    QStringList m_said;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    void open(const QString &table, Arrangement arrangement, bool withChildren = false)
    {
        m_work.open(m_path, table, arrangement, withChildren, *m_appearance);
        m_said.clear();
        connect(m_work.session.get(), &EntrySession::said, this,
                [this](const QString &sentence) { m_said.append(sentence); });
    }
    void press(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QTest::keyClick(QApplication::focusWidget(), static_cast<Qt::Key>(key), modifiers);
        QCoreApplication::processEvents();
    }
    QString labelBeside(const QString &column) const
    {
        for (const QLabel *label : m_work.view->findChildren<QLabel *>("message")) {
            if (label->property("control").value<ControlId>() == m_work.control(column)->id) {
                return label->text();
            }
        }
        return {};
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        QSettings().clear();
        m_path = samples::fairwayDatabase(m_folder, QString("own%1.db").arg(++run));
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void cleanup()
    {
        m_work.view.reset();
        m_work.session.reset();
        QSettings().clear();
    }

    // Shift and the arrows choose rows; one value goes down into them, and one step takes it back.
    void rowsAreChosenAndFilled()
    {
        open("vessel", Arrangement::Tabular);
        m_work.box("name")->setFocus();
        press(Qt::Key_Down, Qt::ShiftModifier);
        press(Qt::Key_Down, Qt::ShiftModifier);
        press(Qt::Key_Down, Qt::ShiftModifier);
        press(Qt::Key_Up, Qt::ShiftModifier);
        QCOMPARE(m_work.view->chosenRows().count(), 3);
        QVERIFY2(m_said.last().startsWith("3 rows are chosen"), qPrintable(m_said.last()));
        const QStringList names = ask("SELECT name FROM vessel ORDER BY vessel_id").split('\n');
        const Control *box = m_work.control("name");
        samples::WhenOpen question("question",
                                   [&](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        fillDown(*m_work.session, *box, m_work.view->chosenRows(), m_work.view.get());
        const QStringList now = ask("SELECT name FROM vessel ORDER BY vessel_id").split('\n');
        if (now != names) { // unless the table keeps names apart, which is said
            QCOMPARE(now.mid(0, 3), QStringList({names.at(0), names.at(0), names.at(0)}));
            QCOMPARE(now.mid(3), names.mid(3));
            QVERIFY(m_work.session->takingBack().takeBack());
        }
        QCOMPARE(ask("SELECT name FROM vessel ORDER BY vessel_id"), names.join('\n'));
        // They are let go of by Escape, and by going on.
        m_work.activate();
        m_work.box("name")->setFocus();
        press(Qt::Key_Escape);
        QVERIFY(m_work.view->chosenRows().isEmpty());
        press(Qt::Key_Up, Qt::ShiftModifier);
        QVERIFY(!m_work.view->chosenRows().isEmpty());
        press(Qt::Key_Down);
        QVERIFY(m_work.view->chosenRows().isEmpty());
    }

    // Chosen by the mouse, with gaps between; deleted together, and the keyboard is in a row that is there.
    void rowsAreDeletedTogether()
    {
        open("part_claim", Arrangement::Tabular);
        const QStringList keys = ask("SELECT rowid FROM part_claim ORDER BY 1").split('\n');
        auto *rows = m_work.view->findChild<RowsBand *>();
        const int x = rows->width() - 4; // behind the boxes
        const auto at = [&](int row) { return QPoint(x, rows->yOf(row) + rows->rowHeight() / 2); };
        QTest::mouseClick(rows, Qt::LeftButton, Qt::ControlModifier, at(2));
        QTest::mouseClick(rows, Qt::LeftButton, Qt::ControlModifier, at(4));
        QCOMPARE(m_work.view->chosenRows().count(), 3); // the one in hand as well
        QTest::mouseClick(rows, Qt::LeftButton, Qt::ControlModifier, at(4));
        QCOMPARE(m_work.view->chosenRows().count(), 2);
        samples::WhenOpen question("question",
                                   [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        m_work.view->askAndDelete();
        QCOMPARE(ask("SELECT count(*) FROM part_claim").toInt(), int(keys.size()) - 2);
        QVERIFY(m_work.session->state().hasRecord());
        QVERIFY(m_work.view->chosenRows().isEmpty());
        QVERIFY(m_work.session->takingBack().takeBack());
        QCOMPARE(ask("SELECT count(*) FROM part_claim").toInt(), int(keys.size()));
    }

    // With Ctrl, arrows go from box to box whatever a box does with them itself.
    void arrowsGoFromBoxToBox()
    {
        open("vessel", Arrangement::Tabular);
        const QList<ControlId> columns = columnsOfRows(m_work.form);
        QVERIFY(columns.size() > 3);
        const int row = m_work.session->rows().indexInHand();
        QWidget *first = QApplication::focusWidget();
        press(Qt::Key_Right, Qt::ControlModifier);
        QWidget *second = QApplication::focusWidget();
        QVERIFY(second != first);
        press(Qt::Key_Down, Qt::ControlModifier);
        QCOMPARE(m_work.session->rows().indexInHand(), row + 1);
        QCOMPARE(QApplication::focusWidget(), second);
        press(Qt::Key_Up, Qt::ControlModifier);
        press(Qt::Key_Left, Qt::ControlModifier);
        QCOMPARE(m_work.session->rows().indexInHand(), row);
        QCOMPARE(QApplication::focusWidget(), first);
        QVERIFY(!m_work.session->state().isChanged());
    }

    // Near the end of what a box takes, how much is left; nothing before, and nothing in a box that nobody types in.
    void lettersLeft()
    {
        open("buoy", Arrangement::Columnar);
        auto *box = qobject_cast<QLineEdit *>(m_work.box("asset_no")); // 12 letters
        box->setFocus();
        QCoreApplication::processEvents();
        QCOMPARE(labelBeside("asset_no"), QString());
        box->selectAll();
        QTest::keyClicks(box, "ABCD");
        QCOMPARE(labelBeside("asset_no"), QString());
        QTest::keyClicks(box, "EFGHIJ");
        QCOMPARE(labelBeside("asset_no"), QString("2 letters left"));
        QTest::keyClicks(box, "KL");
        QVERIFY2(labelBeside("asset_no").startsWith("full"), qPrintable(labelBeside("asset_no")));
        m_work.box("name")->setFocus();
        QTRY_COMPARE(labelBeside("asset_no"), QString());
    }

    // What others store comes into the boxes that nobody types in, is lit and said; what is typed stays, and saving
    // then overwrites nothing of theirs.
    void othersChangesArrive()
    {
        open("buoy", Arrangement::Columnar);
        m_work.session->typing().type(*m_work.control("depth_m"), "7.5");
        QCOMPARE(ask("UPDATE buoy SET name = 'Theirs', depth_m = depth_m WHERE buoy_id = 1"), QString());
        m_work.session->noticeChanges();
        QVERIFY(qobject_cast<QLineEdit *>(m_work.box("name"))->text().contains("Theirs"));
        QCOMPARE(m_work.session->state().value("depth_m").toDouble(), 7.5);
        QCOMPARE(m_work.view->findChildren<QWidget *>("lit").size(), 1);
        QVERIFY2(m_said.last().contains("Name"), qPrintable(m_said.join('|')));
        QVERIFY(m_work.session->saving().save());
        QCOMPARE(ask("SELECT name, depth_m FROM buoy WHERE buoy_id = 1"), QString("Theirs|7.5"));
        // In the box that is typed into, it is a matter to decide on at saving, as ever.
        m_work.session->typing().type(*m_work.control("depth_m"), "8.5");
        QCOMPARE(ask("UPDATE buoy SET depth_m = 3 WHERE buoy_id = 1"), QString());
        m_work.session->noticeChanges();
        QVERIFY(!m_work.session->saving().save());
        QCOMPARE(m_work.session->state().record.question, Question::ChangedMeanwhile);
        // What was done here itself is not news.
        QCOMPARE(ask("SELECT depth_m FROM buoy WHERE buoy_id = 1"), QString("3"));
        QTRY_VERIFY(m_work.view->findChildren<QWidget *>("lit").isEmpty());
    }

    // Pictures come from the clipboard, and are looked at large.
    void pictures()
    {
        open("buoy", Arrangement::Columnar);
        QImage image(40, 30, QImage::Format_RGB32);
        image.fill(Qt::red);
        QApplication::clipboard()->setImage(image);
        QWidget *box = m_work.box("photo");
        QVERIFY(box);
        box->setFocus();
        QTest::keyClick(box, Qt::Key_V, Qt::ControlModifier);
        QVERIFY(m_work.session->saving().save());
        QCOMPARE(ask("SELECT hex(substr(photo, 2, 3)) FROM buoy WHERE buoy_id = 1"), QString("504E47")); // "PNG"
        QString size;
        QString larger;
        samples::WhenOpen window("pictureWindow", [&](QDialog *dialog) {
            size = dialog->findChild<QLabel *>("pictureSize")->text();
            dialog->findChild<QPushButton *>("larger")->click();
            larger = dialog->findChild<QLabel *>("pictureSize")->text();
            dialog->reject();
        });
        QTest::keyClick(box, Qt::Key_F2);
        QCOMPARE(size, QString("40 × 30 points, shown at 100 %"));
        QCOMPARE(larger, QString("40 × 30 points, shown at 125 %"));
        // What is no picture stays out.
        QApplication::clipboard()->setText("words");
        QTest::keyClick(box, Qt::Key_V, Qt::ControlModifier);
        QVERIFY(!m_work.session->state().isChanged());
    }

    // A person's own way is seen while it is chosen, kept for this form, and taken off by one button.
    void ownWay()
    {
        open("vessel", Arrangement::Tabular);
        const QList<ControlId> columns = columnsOfRows(m_work.form);
        const Control year = *m_work.control("built_year");
        const int rowHeight = m_work.view->findChild<RowsBand *>()->rowHeight();
        qsizetype boxes = 0;
        int wider = 0;
        samples::WhenOpen sheet("ownWay", [&](QDialog *dialog) {
            auto *list = dialog->findChild<QTreeWidget *>("ownBoxes");
            boxes = list->topLevelItemCount();
            for (int i = 0; i < list->topLevelItemCount(); ++i) {
                if (list->topLevelItem(i)->data(0, Qt::UserRole).toString() == year.name) {
                    list->setCurrentItem(list->topLevelItem(i));
                }
            }
            const int before = m_work.box("built_year")->width();
            dialog->findChild<QPushButton *>("columnWider")->click();
            wider = m_work.box("built_year")->width() - before;
            dialog->findChild<QPushButton *>("columnLeft")->click();
            dialog->findChild<QWidget *>("compactRows")->setFocus();
            QTest::keyClick(dialog->findChild<QWidget *>("compactRows"), Qt::Key_Space);
            list->topLevelItem(list->topLevelItemCount() - 1)->setCheckState(0, Qt::Unchecked);
            dialog->findChild<QPushButton *>("keepOwnWay")->click();
        });
        m_work.view->askForOwnWay();
        QCOMPARE(boxes, columns.size());
        QCOMPARE(wider, 16);
        QVERIFY(m_work.view->findChild<RowsBand *>()->rowHeight() < rowHeight);
        QVERIFY(!m_work.view->widgetFor(columns.last()));
        const OwnWay kept = ownWayOf(*m_work.session);
        QCOMPARE(kept.widths.value(year.name), year.place.width() + 16);
        QVERIFY(kept.isCompact);
        // It is there when the form is opened again, …
        open("vessel", Arrangement::Tabular);
        QVERIFY(m_work.view->ownWay() == kept);
        QVERIFY(!m_work.view->widgetFor(columns.last()));
        // … Cancel changes nothing, …
        bool isThereAgain = false;
        samples::WhenOpen cancelled("ownWay", [&](QDialog *dialog) {
            dialog->findChild<QPushButton *>("asBuilt")->click();
            isThereAgain = m_work.view->widgetFor(columns.last()) != nullptr;
            dialog->reject();
        });
        m_work.view->askForOwnWay();
        QVERIFY(isThereAgain);
        QVERIFY(m_work.view->ownWay() == kept);
        // … and one button takes it off.
        samples::WhenOpen off("ownWay", [&](QDialog *dialog) {
            dialog->findChild<QPushButton *>("asBuilt")->click();
            dialog->findChild<QPushButton *>("keepOwnWay")->click();
        });
        m_work.view->askForOwnWay();
        QVERIFY(m_work.view->ownWay().isEmpty());
        QVERIFY(ownWayOf(*m_work.session).isEmpty());
        QCOMPARE(m_work.view->findChild<RowsBand *>()->rowHeight(), rowHeight);
    }

    // Edges between heads are dragged.
    void headsAreDragged()
    {
        open("vessel", Arrangement::Tabular);
        const Control *year = m_work.control("built_year");
        const Control *head = captionOf(m_work.form, year->id);
        QWidget *heads = nullptr;
        for (BandView *band : m_work.view->findChildren<BandView *>()) {
            heads = band->isVisible() && band != m_work.view->findChild<RowsBand *>() && !heads ? band : heads;
        }
        QVERIFY(heads && head);
        const QRect place = m_work.box("built_year")->geometry();
        const int edge = place.x() + place.width();
        const int nameWidth = m_work.box("name")->width();
        const int y = head->place.center().y();
        const int before = m_work.box("built_year")->width();
        QTest::mousePress(heads, Qt::LeftButton, Qt::NoModifier, {edge, y});
        QTest::mouseMove(heads, {edge + 33, y});
        QTest::mouseRelease(heads, Qt::LeftButton, Qt::NoModifier, {edge + 33, y});
        QCOMPARE(m_work.box("built_year")->width(), before + 33);
        QCOMPARE(m_work.box("name")->width(), nameWidth); // though the window stretched it
        QCOMPARE(ownWayOf(*m_work.session).widths.value(year->name), before + 33);
        QVERIFY(m_work.session->state().wanted.order.isEmpty()); // it was no press on a head
    }

    // A box that a new record cannot do without cannot be hidden; one of another form goes by that form.
    void whatIsNeededStays()
    {
        open("buoy", Arrangement::Columnar);
        int fixed = 0;
        samples::WhenOpen sheet("ownWay", [&](QDialog *dialog) {
            auto *list = dialog->findChild<QTreeWidget *>("ownBoxes");
            for (int i = 0; i < list->topLevelItemCount(); ++i) {
                fixed += list->topLevelItem(i)->flags().testFlag(Qt::ItemIsUserCheckable) ? 0 : 1;
            }
            dialog->findChild<QComboBox *>("ownCaptions")->setCurrentIndex(2);
            dialog->accept();
        });
        m_work.view->askForOwnWay();
        QVERIFY(fixed >= 2);
        QCOMPARE(m_work.view->ownWay().captions, OwnCaptions::Above);
        open("contractor", Arrangement::Columnar);
        QVERIFY(m_work.view->ownWay().isEmpty());
    }

    // The keys that work here, as a card.
    void keysAsACard()
    {
        open("vessel", Arrangement::Tabular);
        const QString card = keysCard(*m_work.view);
        QVERIFY(card.contains("Ctrl+P"));
        QVERIFY(card.contains("In the rows"));
        QVERIFY(card.contains("Keys of"));
        QCOMPARE(card.count("<tr>"), card.count("</tr>"));
    }

    // A window comes back to where it was, unless its form is another or no screen is there.
    void windowsComeBack()
    {
        open("contractor", Arrangement::Columnar);
        const auto window = [&] { return std::make_unique<FormWindow>(m_work.session.get(), *m_appearance, nullptr); };
        m_work.view.reset();
        auto first = window();
        first->begin();
        const QSize made = first->size();
        first->resize(made + QSize(40, 30));
        first->move(60, 50);
        QCoreApplication::processEvents();
        first->close();
        auto second = window();
        second->begin();
        QCOMPARE(second->size(), made + QSize(40, 30));
        QCOMPARE(second->pos(), QPoint(60, 50));
        second->move(5000, 5000);
        QCoreApplication::processEvents();
        second->close();
        auto third = window();
        third->begin();
        QVERIFY(third->screen()->geometry().contains(third->pos()));
        third->close();
    }
};

QTEST_MAIN(TestOwnWayAtWork)
#include "tst_own_way_at_work.moc"

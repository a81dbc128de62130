// The sheet “New form from data”, by mouse and by keyboard.
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/sorts/sorted_by.h"
#include "designer/new_form/arrangement_card.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/new_form/plan_columns.h"
#include "support/sample_database.h"
#include "support/when_open.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QSpinBox>
#include <QTest>
#include <QTimer>

using namespace nabblet;

class TestNewForm : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<NewFormDialog> m_dialog;

    QTreeWidget *tables() const { return m_dialog->findChild<QTreeWidget *>("tables"); }
    PlanColumns *columns() const { return m_dialog->findChild<PlanColumns *>(); }
    template <typename Widget> Widget *part(const char *name) const { return m_dialog->findChild<Widget *>(name); }
    QTreeWidgetItem *row(const QString &column) const
    {
        const auto found = columns()->findItems(column, Qt::MatchExactly);
        return found.isEmpty() ? nullptr : found.first();
    }
    const Control *boundTo(const QString &column) const
    {
        for (const Control &control : m_dialog->form().controls) {
            if (control.column == column) {
                return &control;
            }
        }
        return nullptr;
    }

private Q_SLOTS:
    void initTestCase() { m_path = samples::fairwayDatabase(m_folder); }

    void init()
    {
        const Connection connection = samples::opened(m_path);
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        m_dialog = std::make_unique<NewFormDialog>(connection, *connection.readCatalogue(), appearance, DraftOptions());
        m_dialog->show();
        m_dialog->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_dialog.get()));
    }

    void cleanup() { m_dialog.reset(); }

    void tablesTellTheirRows()
    {
        QTRY_COMPARE(tables()->topLevelItem(0)->text(1), QLocale().toString(212));
        QTRY_VERIFY(tables()->topLevelItem(11)->text(1).toInt() > 0); // views are counted last
    }

    void theFirstTableIsDraftedAtOnceAndEnterTakesIt()
    {
        QCOMPARE(m_dialog->form().rowsFrom, "buoy");
        QVERIFY(boundTo("name") && !boundTo("buoy_id"));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
        QCOMPARE(m_dialog->result(), int(QDialog::Accepted));
    }

    // A link that nobody declared is offered with its evidence, never taken unasked; ticked, the draft follows and what
    // was chosen stays.
    void aLikelyLinkIsTakenByATick()
    {
        const QString path = m_folder.filePath("queues.db");
        QCOMPARE(samples::sqlite3(path, "CREATE TABLE queues (id INTEGER PRIMARY KEY, name TEXT);"
                                        "CREATE TABLE ticket (id INTEGER PRIMARY KEY, subject TEXT, queue_id INTEGER);"
                                        "INSERT INTO queues VALUES (1, 'Repairs'), (2, 'Orders');"
                                        "INSERT INTO ticket VALUES (1, 'Chain', 1), (2, 'Paint', 2), (3, 'Lamp', 1);"),
                 QString());
        const Connection connection = samples::opened(path);
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        m_dialog = std::make_unique<NewFormDialog>(connection, *connection.readCatalogue(), appearance, DraftOptions());
        m_dialog->show();
        m_dialog->choose("ticket");
        auto *list = part<QListView>("likelyLinks");
        QTRY_COMPARE(list->model()->rowCount(), 1);
        QVERIFY(list->isVisible());
        const QModelIndex link = list->model()->index(0, 0);
        QVERIFY2(link.data().toString().contains("3 of 3 values"), qPrintable(link.data().toString()));
        QCOMPARE(link.data(Qt::CheckStateRole).toInt(), int(Qt::Unchecked));
        QCOMPARE(boundTo("queue_id")->kind, "whole-number");
        QVERIFY(m_dialog->takenLinks().isEmpty());
        row("subject")->setText(1, "What is it about");
        QVERIFY(list->model()->setData(link, Qt::Checked, Qt::CheckStateRole));
        QCOMPARE(boundTo("queue_id")->kind, "drop-down");
        QCOMPARE(lookupOf(*boundTo("queue_id"))->wordsColumns, QStringList("name"));
        QCOMPARE(captionOf(m_dialog->form(), boundTo("subject")->id)->text, "What is it about");
        QCOMPARE(m_dialog->takenLinks().size(), 1);
        // On the other side the tickets can be shown with each queue.
        m_dialog->choose("queues");
        QCOMPARE(m_dialog->plan().children.size(), size_t(1));
        m_dialog->choose("ticket");
        QVERIFY(list->model()->setData(list->model()->index(0, 0), Qt::Unchecked, Qt::CheckStateRole));
        QCOMPARE(boundTo("queue_id")->kind, "whole-number");
        // Taken while another table is in sight, it is there in the forms that are made at once.
        m_dialog->choose("queues");
        QVERIFY(list->model()->setData(list->model()->index(0, 0), Qt::Checked, Qt::CheckStateRole));
        source("ticket")->setCheckState(0, Qt::Checked);
        source("queues")->setCheckState(0, Qt::Checked);
        m_dialog->choose("queues");
        QTest::keyClick(m_dialog.get(), Qt::Key_Return);
        QTRY_COMPARE(m_dialog->result(), int(QDialog::Accepted));
        QCOMPARE(m_dialog->forms().size(), 2);
        QCOMPARE(m_dialog->forms().last().rowsFrom, "ticket");
        for (const Control &control : m_dialog->forms().last().controls) {
            QVERIFY(control.column != "queue_id" || control.kind == "drop-down");
        }
    }

    void theKeyboardFiltersAndWalks()
    {
        QTest::keyClicks(QApplication::focusWidget(), "part");
        QCOMPARE(m_dialog->form().rowsFrom, "part");
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Down);
        QCOMPARE(m_dialog->form().rowsFrom, "part_claim");
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Up);
        QCOMPARE(m_dialog->form().rowsFrom, "part");
        QTest::keyClicks(QApplication::focusWidget(), "zzz");
        QVERIFY(!part<QPushButton>("makeForm")->isEnabled());
    }

    // Whatever the window's size, the preview comes to rest: it does not go on between a size with a scroll bar and one
    // without.
    void thePreviewComesToRest()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        auto *picture = part<QWidget>("preview");
        for (const char *arrangement : {"tabular", "columnar"}) {
            m_dialog->choose("buoy");
            part<QAbstractButton>(arrangement)->click();
            int smaller = 0;
            for (int height = m_dialog->minimumSizeHint().height(); height < 1000; height += 3) {
                m_dialog->resize(m_dialog->width(), height);
                const auto settle = [&] {
                    for (int turn = 0; turn < 5; ++turn) {
                        QCoreApplication::processEvents();
                    }
                };
                settle();
                QList<QSize> sizes;
                for (int turn = 0; turn < 5; ++turn) {
                    settle();
                    sizes.append(picture->size());
                }
                QVERIFY2(std::all_of(sizes.begin(), sizes.end(), [&](QSize size) { return size == sizes.first(); }),
                         qPrintable(QString::number(height)));
                smaller += picture->width() < m_dialog->form().width ? 1 : 0;
            }
            QVERIFY(smaller > 0);
        }
    }

    void storedValuesRefineTheDraft()
    {
        m_dialog->choose("visit");
        QCOMPARE(boundTo("crew_lead")->kind, "text-box");
        QTRY_VERIFY(m_dialog->isProfiled());
        QCOMPARE(boundTo("crew_lead")->kind, "drop-down");
        QCOMPARE(row("crew_lead")->text(2), "Drop-down");
    }

    void ticksTakeAndLeave()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        row("photo")->setCheckState(0, Qt::Unchecked);
        QVERIFY(!boundTo("photo"));
        part<QPushButton>("takeRequired")->click();
        QVERIFY(boundTo("name") && boundTo("asset_no") && !boundTo("remarks"));
        part<QPushButton>("takeNone")->click();
        QCOMPARE(m_dialog->form().boundColumns.size(), 0);
        QCOMPARE(row("name")->text(2), "required!");
        part<QPushButton>("takeAll")->click();
        QVERIFY(boundTo("photo") && boundTo("buoy_id"));
    }

    void severalRowsAreTickedAtOnce()
    {
        columns()->setFocus();
        columns()->setCurrentItem(row("depth_m"));
        row("depth_m")->setSelected(true);
        row("laid_on")->setSelected(true);
        QTest::keyClick(columns(), Qt::Key_Space);
        QVERIFY(!boundTo("depth_m") && !boundTo("laid_on"));
        QTest::keyClick(columns(), Qt::Key_Space);
        QVERIFY(boundTo("depth_m") && boundTo("laid_on"));
    }

    void captionsAreEditedAndRowsMoved()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        row("depth_m")->setText(1, "Charted depth (m)");
        QCOMPARE(captionOf(m_dialog->form(), boundTo("depth_m")->id)->text, "Charted depth (m)");
        columns()->setFocus();
        columns()->clearSelection();
        columns()->setCurrentItem(row("asset_no"));
        const int before = columns()->indexOfTopLevelItem(row("asset_no"));
        QTest::keyClick(columns(), Qt::Key_Up, Qt::AltModifier);
        QCOMPARE(columns()->indexOfTopLevelItem(row("asset_no")), before - 1);
        QVERIFY(boundTo("asset_no")->place.y() < boundTo("name")->place.y());
        QTest::keyClick(columns(), Qt::Key_Down, Qt::AltModifier);
        QVERIFY(boundTo("asset_no")->place.y() > boundTo("name")->place.y());
    }

    QTreeWidgetItem *source(const QString &table) const
    {
        const auto found = tables()->findItems(table, Qt::MatchExactly);
        return found.isEmpty() ? nullptr : found.first();
    }

    // The width of a box is told, and typed by the keyboard; 0 leaves it to the draft again.
    void widthsAreToldAndSet()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        const int before = boundTo("name")->place.width();
        QCOMPARE(row("name")->text(3), QString::number(before));
        const auto type = [&](const QString &width) {
            columns()->setFocus();
            columns()->setCurrentItem(row("name"), 3);
            columns()->editItem(row("name"), 3);
            auto *box = columns()->findChild<QSpinBox *>();
            QVERIFY(box);
            QTest::keyClicks(box, width);
            QTest::keyClick(box, Qt::Key_Return);
            QTRY_VERIFY(!columns()->findChild<QSpinBox *>());
        };
        type("321");
        QCOMPARE(boundTo("name")->place.width(), 328);
        QCOMPARE(row("name")->text(3), "328");
        QVERIFY(m_dialog->isVisible());
        // Whatever else is chosen then.
        part<QComboBox>("widths")->setCurrentIndex(2);
        QCOMPARE(boundTo("name")->place.width(), 328);
        part<QComboBox>("widths")->setCurrentIndex(0);
        type("3"); // nothing is that narrow
        QCOMPARE(boundTo("name")->place.width(), 24);
        type("0");
        QCOMPARE(boundTo("name")->place.width(), before);
        // Looking at a width does not set it.
        type("");
        part<QComboBox>("widths")->setCurrentIndex(1);
        QCOMPARE(m_dialog->plan().columns.first().width, 0);
    }

    // Enter ends what is typed in the list; only then is it for the sheet.
    void enterEndsTypingInTheList()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        columns()->setFocus();
        columns()->setCurrentItem(row("name"), 1);
        columns()->editItem(row("name"), 1);
        auto *box = columns()->findChild<QLineEdit *>();
        QVERIFY(box);
        QTest::keyClicks(box, "Called");
        QTest::keyClick(box, Qt::Key_Return);
        QTRY_COMPARE(row("name")->text(1), "Called");
        QVERIFY(m_dialog->isVisible());
        QCOMPARE(captionOf(m_dialog->form(), boundTo("name")->id)->text, "Called");
        QTest::keyClick(columns(), Qt::Key_Return);
        QCOMPARE(m_dialog->result(), int(QDialog::Accepted));
    }

    // What was chosen for one table is there again after looking at others, also with its values looked through.
    void choicesAreKeptForEachTable()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        row("depth_m")->setText(1, "How deep");
        row("photo")->setCheckState(0, Qt::Unchecked);
        auto *title = part<QLineEdit>("planTitle");
        title->selectAll();
        QTest::keyClicks(title, "Our buoys");
        m_dialog->choose("vessel");
        QVERIFY(boundTo("name") && m_dialog->form().title != "Our buoys");
        row("name")->setText(1, "Called");
        m_dialog->start(NewFormDialog::From::Select);
        m_dialog->start(NewFormDialog::From::Nothing);
        m_dialog->choose("buoy");
        QCOMPARE(m_dialog->form().title, "Our buoys");
        QCOMPARE(captionOf(m_dialog->form(), boundTo("depth_m")->id)->text, "How deep");
        QVERIFY(!boundTo("photo"));
        QTRY_VERIFY(m_dialog->isProfiled());
        QCOMPARE(captionOf(m_dialog->form(), boundTo("depth_m")->id)->text, "How deep");
        m_dialog->choose("vessel");
        QCOMPARE(row("name")->text(1), "Called");
    }

    // Ticked tables each become a form, with what was chosen for them; the one in sight comes first.
    void severalTablesBecomeFormsAtOnce()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        source("contractor")->setCheckState(0, Qt::Checked);
        QCOMPARE(m_dialog->form().rowsFrom, "contractor"); // whose choices are in sight
        QCOMPARE(part<QPushButton>("makeForm")->text(), "Make form of contractor");
        QVERIFY(!part<QWidget>("tickedTables")->isVisible());
        row("phone")->setText(1, "Call");
        part<QAbstractButton>("stacked")->click();
        source("vessel")->setCheckState(0, Qt::Checked);
        part<QAbstractButton>("columnar")->click();
        source("fairway")->setCheckState(0, Qt::Checked);
        QVERIFY(part<QWidget>("tickedTables")->isVisible());
        QCOMPARE(part<QPushButton>("makeForm")->text(), "Make 3 forms");
        m_dialog->choose("vessel");
        QTest::keyClick(m_dialog.get(), Qt::Key_Return);
        QVERIFY(!part<QPushButton>("takeAll")->isEnabled()); // while they are made
        QTRY_COMPARE(m_dialog->result(), int(QDialog::Accepted));
        QStringList made;
        for (const Form &form : m_dialog->forms()) {
            made.append(form.rowsFrom);
        }
        QCOMPARE(made, QStringList({"vessel", "contractor", "fairway"}));
        const Form &contractor = m_dialog->forms().at(1);
        for (const Control &control : contractor.controls) {
            if (control.column == "phone") {
                QCOMPARE(captionOf(contractor, control.id)->text, "Call");
                QVERIFY(sitsAbove(*captionOf(contractor, control.id)));
            }
        }
    }

    // Two quick clicks on a tick are two clicks on a tick; where some are ticked, a double click makes nothing.
    void doubleClicksMakeOneFormOnly()
    {
        const auto at = [&](const QString &table) { return tables()->visualItemRect(source(table)); };
        const QPoint tick = at("part").topLeft() + QPoint(10, at("part").height() / 2);
        QTest::mouseClick(tables()->viewport(), Qt::LeftButton, {}, tick);
        QTest::mouseDClick(tables()->viewport(), Qt::LeftButton, {}, tick);
        QVERIFY(m_dialog->isVisible());
        source("part")->setCheckState(0, Qt::Checked);
        QTest::mouseDClick(tables()->viewport(), Qt::LeftButton, {}, at("vessel").center());
        QVERIFY(m_dialog->isVisible());
        source("part")->setCheckState(0, Qt::Unchecked);
        QTest::mouseDClick(tables()->viewport(), Qt::LeftButton, {}, at("vessel").center());
        QCOMPARE(m_dialog->result(), int(QDialog::Accepted));
        QCOMPARE(m_dialog->forms().size(), 1);
        QCOMPARE(m_dialog->forms().first().rowsFrom, "vessel");
    }

    // All that the filter leaves are ticked by one key.
    void allInSightAreTicked()
    {
        part<QLineEdit>("tableFilter")->setText("part");
        tables()->setFocus();
        QTest::keyClick(tables(), Qt::Key_A, Qt::ControlModifier);
        QCOMPARE(part<QPushButton>("makeForm")->text(), "Make 4 forms"); // three tables and a view
        part<QLineEdit>("tableFilter")->clear();
        QVERIFY(source("part_claim")->checkState(0) == Qt::Checked);
        QVERIFY(source("buoy")->checkState(0) == Qt::Unchecked);
    }

    void makingSeveralIsStoppedWithAllChoices()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        row("depth_m")->setText(1, "How deep");
        for (int i = 0; i < tables()->topLevelItemCount() - 3; ++i) {
            tables()->topLevelItem(i)->setCheckState(0, Qt::Checked);
        }
        m_dialog->choose("buoy");
        part<QPushButton>("makeForm")->click();
        part<QPushButton>("stopLearning")->click();
        QVERIFY(m_dialog->isVisible() && part<QPushButton>("takeAll")->isEnabled());
        QCOMPARE(row("depth_m")->text(1), "How deep");
        part<QPushButton>("untickTables")->click();
        QCOMPARE(part<QPushButton>("makeForm")->text(), "Make form");
        QTest::keyClick(m_dialog.get(), Qt::Key_Return);
        QCOMPARE(m_dialog->result(), int(QDialog::Accepted));
        QCOMPARE(m_dialog->forms().size(), 1);
        QCOMPARE(m_dialog->forms().first().rowsFrom, "buoy");
    }

    // One form of the tables ticked: rows inside one another, or joined.
    void tickedTablesBecomeOneForm()
    {
        source("part_fitted")->setCheckState(0, Qt::Checked);
        source("visit")->setCheckState(0, Qt::Checked);
        source("buoy")->setCheckState(0, Qt::Checked);
        part<QPushButton>("oneFormInside")->click();
        QCOMPARE(m_dialog->form().rowsFrom, "buoy");
        const Control *visits = subform(m_dialog->form(), "visit");
        QVERIFY(visits && subform(*visits->inner.get(), "part_fitted"));
        QVERIFY(!part<QWidget>("tickedTables")->isVisible());
        QCOMPARE(part<QPushButton>("makeForm")->text(), "Make form");

        source("visit")->setCheckState(0, Qt::Checked);
        source("buoy")->setCheckState(0, Qt::Checked);
        // Whatever the filter hides.
        part<QLineEdit>("tableFilter")->setText("vessel");
        QCOMPARE(part<QPushButton>("makeForm")->text(), "Make 2 forms");
        QVERIFY(part<QPushButton>("makeForm")->isEnabled());
        part<QPushButton>("oneFormJoined")->click();
        QVERIFY(part<QPushButton>("makeForm")->isEnabled());
        QVERIFY(part<QPlainTextEdit>("ownSelect")->toPlainText().contains("LEFT JOIN \"buoy\""));
        QCOMPARE(m_dialog->form().controls.isEmpty(), false);
        QVERIFY(boundTo("asset_no") && boundTo("crew_lead"));
        QVERIFY(!m_dialog->form().select.isEmpty());
        QTest::keyClick(part<QLineEdit>("planTitle"), Qt::Key_Return);
        QCOMPARE(m_dialog->result(), int(QDialog::Accepted));
    }

    void whatPeopleChoseSurvivesTheProfile()
    {
        m_dialog->choose("contractor");
        row("phone")->setText(1, "Call");
        row("logo")->setCheckState(0, Qt::Unchecked);
        QTRY_VERIFY(m_dialog->isProfiled());
        QCOMPARE(row("phone")->text(1), "Call");
        QVERIFY(!boundTo("logo"));
    }

    void theArrangementFollows()
    {
        QTRY_VERIFY(m_dialog->isProfiled());
        const Form columnar = m_dialog->form();
        QTest::mouseClick(part<QAbstractButton>("stacked"), Qt::LeftButton);
        QVERIFY(sitsAbove(*captionOf(m_dialog->form(), boundTo("name")->id)));
        QTest::mouseClick(part<QAbstractButton>("columnar"), Qt::LeftButton);
        QVERIFY(m_dialog->form() == columnar);
        part<QComboBox>("columnsOfBoxes")->setCurrentIndex(3);
        QCOMPARE(m_dialog->form().rails.size(), 3);
        part<QComboBox>("spacing")->setCurrentIndex(2);
        QVERIFY(findBand(m_dialog->form(), BandRole::Body)->height > 0);
        part<QComboBox>("look")->setCurrentIndex(1);
        QCOMPARE(m_dialog->form().look, "Chart room");
    }

    void peopleMayAndNames()
    {
        part<QCheckBox>("mayDelete")->click();
        QVERIFY(!m_dialog->form().permissions.remove && m_dialog->form().permissions.add);
        auto *pattern = part<QLineEdit>("namingPattern");
        pattern->selectAll();
        QTest::keyClicks(pattern, "{column}_box");
        QCOMPARE(boundTo("name")->name, "name_box");
        auto *title = part<QLineEdit>("planTitle");
        title->selectAll();
        QTest::keyClicks(title, "Buoy register");
        QCOMPARE(m_dialog->form().title, "Buoy register");
        QCOMPARE(m_dialog->form().name, "buoy_register");
        // Another table starts with people's rights as usual.
        m_dialog->choose("vessel");
        QVERIFY(m_dialog->form().permissions.remove);
        m_dialog->choose("parts_cost_by_buoy");
        QVERIFY(!m_dialog->form().permissions.add);
        QVERIFY(!part<QCheckBox>("mayAdd")->isEnabled());
    }

    void aTabularFormShowsItsRows()
    {
        m_dialog->choose("vessel");
        QTest::mouseClick(part<QAbstractButton>("tabular"), Qt::LeftButton);
        QVERIFY(isTabular(m_dialog->form()));
        QVERIFY(part<QSpinBox>("rowsShown")->isVisible() && !part<QComboBox>("columnsOfBoxes")->isVisible());
        part<QSpinBox>("rowsShown")->setValue(5);
        QCOMPARE(m_dialog->form().rowsShown, 5);
        QCOMPARE(captionOf(m_dialog->form(), boundTo("name")->id)->band, BandRole::Header);
        part<QCheckBox>("repeatCaptions")->click();
        QCOMPARE(captionOf(m_dialog->form(), boundTo("name")->id)->band, BandRole::Body);
        m_dialog->choose("part_fitted");
        part<QCheckBox>("totals")->click();
        QVERIFY(findBand(m_dialog->form(), BandRole::Footer));
    }

    QTreeWidget *children() const { return part<QTreeWidget>("childRows"); }
    QTreeWidgetItem *child(const QString &title) const
    {
        const auto found = children()->findItems(title, Qt::MatchExactly | Qt::MatchRecursive);
        return found.isEmpty() ? nullptr : found.first();
    }
    const Control *subform(const Form &form, const QString &table) const
    {
        for (const Control &control : form.controls) {
            if (control.inner && control.inner.get()->rowsFrom == table) {
                return &control;
            }
        }
        return nullptr;
    }

    void rowsThatBelongAreTakenAndLeft()
    {
        m_dialog->choose("visit");
        QTRY_VERIFY(m_dialog->isProfiled());
        QVERIFY(subform(m_dialog->form(), "part_fitted"));
        // Rows of rows, one deeper.
        QVERIFY(child("Part claim"));
        child("Part claim")->setCheckState(0, Qt::Checked);
        QTRY_VERIFY(subform(*subform(m_dialog->form(), "part_fitted")->inner.get(), "part_claim"));
        child("Part claim")->setCheckState(0, Qt::Unchecked);
        QTRY_VERIFY(!subform(*subform(m_dialog->form(), "part_fitted")->inner.get(), "part_claim"));
        // Their own title, and shown another way.
        child("Part fitted")->setText(0, "Parts");
        QTRY_VERIFY(child("Parts"));
        QCOMPARE(captionOf(m_dialog->form(), subform(m_dialog->form(), "part_fitted")->id)->text, "Parts");
        child("Parts")->setData(1, Qt::UserRole + 2, 3);
        QTRY_COMPARE(subform(m_dialog->form(), "part_fitted")->kind, "button");
        child("Parts")->setCheckState(0, Qt::Unchecked);
        QTRY_VERIFY(!subform(m_dialog->form(), "part_fitted"));
    }

    void theirColumnsAreChosenInTheSameList()
    {
        m_dialog->choose("visit");
        QTRY_VERIFY(m_dialog->isProfiled());
        auto *of = part<QComboBox>("columnsOf");
        QCOMPARE(of->count(), 2);
        of->setCurrentIndex(1);
        QVERIFY(row("unit_price") && !row("crew_lead"));
        row("unit_price")->setText(1, "Price");
        const Form &inner = *subform(m_dialog->form(), "part_fitted")->inner.get();
        bool isThere = false;
        for (const Control &control : inner.controls) {
            isThere = isThere || control.text == "Price";
        }
        QVERIFY(isThere);
        of->setCurrentIndex(0);
        QVERIFY(row("crew_lead"));
    }

    // The foot says when no rows can be added, and takes it back.
    void rowsThatLackARequiredColumnAreNamed()
    {
        m_dialog->choose("visit");
        QTRY_VERIFY(m_dialog->isProfiled());
        const auto foot = [this] {
            QString words;
            for (const QLabel *label : m_dialog->findChildren<QLabel *>()) {
                words += label->accessibleName().startsWith("What is true") ? label->text() : QString();
            }
            return words;
        };
        QVERIFY(foot().contains("Every required column") && !foot().contains("No rows"));
        part<QComboBox>("columnsOf")->setCurrentIndex(1);
        row("unit_price")->setCheckState(0, Qt::Unchecked);
        QTRY_VERIFY2(foot().contains("No rows can be added there: part_fitted.unit_price has no box"),
                     qPrintable(foot()));
        row("unit_price")->setCheckState(0, Qt::Checked);
        QTRY_VERIFY(!foot().contains("No rows"));
    }

    void aLinkIsMadeByHand()
    {
        m_dialog->choose("contractor");
        QTimer::singleShot(0, m_dialog.get(), [this] {
            auto *dialog = m_dialog->findChild<QDialog *>("linkByHand");
            dialog->findChild<QComboBox *>("linkTable")->setCurrentText("observer");
            QVERIFY(!dialog->findChild<QPushButton *>("takeLink")->isEnabled());
            dialog->findChild<QComboBox *>("linkChild0")->setCurrentText("town");
            dialog->findChild<QComboBox *>("linkParent0")->setCurrentText("town");
            dialog->findChild<QPushButton *>("takeLink")->click();
        });
        part<QPushButton>("linkByHandButton")->click();
        const Control *rows = subform(m_dialog->form(), "observer");
        QVERIFY(rows);
        QCOMPARE(childLinkOf(*rows).childColumns, QStringList("town"));
    }

    // Where names say nothing, the values do; nothing that was chosen is changed by it.
    void pairsAreProposedByWhatIsStored()
    {
        const QString path = m_folder.filePath("pairs.db");
        QCOMPARE(samples::sqlite3(path, "CREATE TABLE hull (nr TEXT PRIMARY KEY, maker TEXT);"
                                        "CREATE TABLE survey (id INTEGER PRIMARY KEY, day DATE, what TEXT, about TEXT);"
                                        "INSERT INTO hull VALUES ('A1', 'Holm'), ('B2', 'Rask');"
                                        "INSERT INTO survey VALUES (1, '2026-01-02', 'paint', 'A1'), "
                                        "(2, '2026-01-03', 'rivets', 'B2'), (3, '2026-01-04', 'paint', 'A1');"),
                 QString());
        const Connection connection = samples::opened(path);
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        m_dialog = std::make_unique<NewFormDialog>(connection, *connection.readCatalogue(), appearance, DraftOptions());
        m_dialog->show();
        m_dialog->choose("hull");
        QString said;
        QTimer::singleShot(0, m_dialog.get(), [&] {
            auto *dialog = m_dialog->findChild<QDialog *>("linkByHand");
            dialog->findChild<QComboBox *>("linkTable")->setCurrentText("survey");
            QTRY_COMPARE(dialog->findChild<QComboBox *>("linkChild0")->currentText(), "about");
            QCOMPARE(dialog->findChild<QComboBox *>("linkParent0")->currentText(), "nr");
            for (const QLabel *label : dialog->findChildren<QLabel *>("faint")) {
                said += label->text();
            }
            dialog->findChild<QPushButton *>("takeLink")->click();
        });
        part<QPushButton>("linkByHandButton")->click();
        QVERIFY2(said.contains("3 of 3 values"), qPrintable(said));
        const Control *rows = subform(m_dialog->form(), "survey");
        QVERIFY(rows);
        QCOMPARE(childLinkOf(*rows).childColumns, QStringList("about"));
    }

    // A table of a column's values is made from the sheet: they are chosen from it at once, what was chosen stays.
    void aTableOfChoicesIsMadeFromTheSheet()
    {
        const QString path = m_folder.filePath("choices.db");
        QCOMPARE(samples::sqlite3(path, "CREATE TABLE hull (nr INTEGER PRIMARY KEY, name TEXT, maker TEXT);"
                                        "INSERT INTO hull VALUES (1, 'Anna', 'Holm'), (2, 'Berta', 'Rask'), "
                                        "(3, 'Cilla', 'Holm');"),
                 QString());
        const Connection connection = samples::opened(path);
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        m_dialog = std::make_unique<NewFormDialog>(connection, *connection.readCatalogue(), appearance, DraftOptions());
        m_dialog->show();
        QTRY_VERIFY(m_dialog->isProfiled());
        row("name")->setText(1, "Called");
        QSignalSpy made(m_dialog.get(), &NewFormDialog::linkMade);
        samples::WhenOpen answer("choicesTable", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("choicesTableName")->setText("makers");
            dialog->findChild<QPushButton *>("makeChoicesTable")->click();
        });
        Q_EMIT columns()->choicesTableWanted("maker");
        QCOMPARE(made.size(), 1);
        QCOMPARE(samples::sqlite3(path, "SELECT count(*) FROM makers;").trimmed(), "2");
        QCOMPARE(boundTo("maker")->kind, "drop-down");
        QVERIFY(lookupOf(*boundTo("maker")));
        QCOMPARE(captionOf(m_dialog->form(), boundTo("name")->id)->text, "Called");
        QVERIFY(source("makers"));
    }

    // What is longer than its box is counted in the foot, box by box, and shown where asked.
    void longestValuesAreCountedAndShown()
    {
        m_dialog->choose("buoy");
        QTRY_VERIFY(m_dialog->isProfiled());
        columns()->setCurrentItem(row("name"), 3);
        row("name")->setData(3, Qt::UserRole + 6, 24); // its width, px
        const auto *truth = [this]() -> const QLabel * {
            for (const QLabel *label : m_dialog->findChildren<QLabel *>()) {
                if (label->accessibleName() == "What is true of the draft") {
                    return label;
                }
            }
            return nullptr;
        }();
        QVERIFY(truth);
        QCOMPARE(boundTo("name")->place.width(), 24);
        QVERIFY2(truth->text().contains("are longer"), qPrintable(truth->text()));
        QVERIFY2(truth->toolTip().contains("212 of Name"), qPrintable(truth->toolTip()));
        const QImage before = part<QWidget>("preview")->grab().toImage();
        part<QCheckBox>("longestValues")->click();
        QVERIFY(part<QWidget>("preview")->grab().toImage() != before);
        part<QCheckBox>("longestValues")->click();
        QCOMPARE(part<QWidget>("preview")->grab().toImage(), before);
    }

    void columnsOfTheLinkedRowAreTaken()
    {
        m_dialog->choose("vessel");
        QTRY_VERIFY(m_dialog->isProfiled());
        auto *menu = part<QMenu>("linkedMenu");
        Q_EMIT menu->aboutToShow();
        QAction *town = nullptr;
        for (QAction *lookup : menu->actions()) {
            for (QAction *column : lookup->menu()->actions()) {
                town = column->text() == "town" ? column : town;
            }
        }
        QVERIFY(town);
        town->setChecked(true);
        const auto followed = [&] {
            int count = 0;
            for (const Control &control : m_dialog->form().controls) {
                count += followedBy(control) ? 1 : 0;
            }
            return count;
        };
        QCOMPARE(followed(), 1);
        QTreeWidgetItem *linked = row(QString::fromUtf8("    → town"));
        QVERIFY(linked);
        QCOMPARE(columns()->indexOfTopLevelItem(linked), columns()->indexOfTopLevelItem(row("operator_id")) + 1);
        linked->setCheckState(0, Qt::Unchecked);
        QCOMPARE(followed(), 0);
    }

    void aSelectIsCheckedAsItIsTyped()
    {
        m_dialog->start(NewFormDialog::From::Select);
        auto *select = part<QPlainTextEdit>("ownSelect");
        auto *says = part<QLabel>("selectSays");
        QVERIFY(select->isVisible() && select->hasFocus());
        QVERIFY(!part<QPushButton>("makeForm")->isEnabled());
        QTest::keyClicks(select, "SELECT visit_id, battery_v, upper(crew_lead) AS lead FRO visit");
        QTRY_VERIFY(says->text().contains("not understood"));
        select->clear();
        QTest::keyClicks(select, "SELECT visit_id, battery_v, upper(crew_lead) AS lead FROM visit");
        QTRY_VERIFY(says->text().contains("3 columns, 2 can be written"));
        QVERIFY(says->text().contains("lead: worked out by the SELECT"));
        QVERIFY(part<QPushButton>("makeForm")->isEnabled());
        QVERIFY(!m_dialog->form().select.isEmpty());
        QVERIFY(isLocked(*boundTo("lead")) && !isLocked(*boundTo("battery_v")));
        QVERIFY(!m_dialog->form().permissions.add); // a visit needs more than that
        QTRY_VERIFY(m_dialog->isProfiled());
        // All that is said of it has room below it.
        select->setPlainText(
            "SELECT v.visit_id, v.crew_lead, upper(v.crew_lead) AS lead, b.name, b.asset_no FROM visit v "
            "JOIN buoy b ON b.buoy_id = v.buoy_id ORDER BY b.name DESC, v.visited_on");
        QTRY_VERIFY(says->text().contains("Sorted by"));
        QVERIFY(sortedBy(m_dialog->form()).isEmpty()); // it goes by a column that is not among those given
        select->setPlainText("SELECT visit_id, crew_lead FROM visit ORDER BY crew_lead DESC");
        QTRY_VERIFY(says->text().contains("Its order becomes that of the form"));
        QCOMPARE(sortedBy(m_dialog->form()).value(0).column, "crew_lead");
        QVERIFY(sortedBy(m_dialog->form()).value(0).isDescending);
        select->setPlainText(
            "SELECT v.visit_id, v.crew_lead, upper(v.crew_lead) AS lead, b.name, b.asset_no FROM visit v "
            "JOIN buoy b ON b.buoy_id = v.buoy_id ORDER BY b.name DESC, v.visited_on");
        QTRY_VERIFY(says->text().contains("not by the ORDER BY"));
        QTRY_VERIFY(says->height() >= says->heightForWidth(says->width()));
        QTRY_VERIFY(says->geometry().top() > select->geometry().bottom());
        QVERIFY(select->height() >= 3 * select->fontMetrics().height());
        QVERIFY(!part<QTreeWidget>("childRows")->isVisible()); // there are none, so the columns have its room
        // What is not understood any more makes no form, whatever is filtered meanwhile.
        select->setPlainText("SELECT");
        QTRY_VERIFY(!part<QPushButton>("makeForm")->isEnabled());
        part<QLineEdit>("tableFilter")->setText("own");
        QVERIFY(!part<QPushButton>("makeForm")->isEnabled());
        part<QLineEdit>("tableFilter")->clear();
        m_dialog->choose("buoy");
        QVERIFY(part<QPushButton>("makeForm")->isEnabled());
        QVERIFY(!select->isVisible());
        QVERIFY(m_dialog->form().select.isEmpty());
    }

    void aFormMayStartEmptyOrFromAPattern()
    {
        m_dialog->start(NewFormDialog::From::Nothing);
        QVERIFY(m_dialog->form().rowsFrom.isEmpty() && m_dialog->form().rails.isEmpty());
        QVERIFY(part<QPushButton>("makeForm")->isEnabled());
        m_dialog->start(NewFormDialog::From::Pattern);
        part<QComboBox>("columnsOfBoxes")->setCurrentIndex(3);
        QCOMPARE(m_dialog->form().rails.size(), 3);
        auto *title = part<QLineEdit>("planTitle");
        title->selectAll();
        QTest::keyClicks(title, "Moorings");
        QCOMPARE(m_dialog->form().title, "Moorings");
        m_dialog->choose("buoy");
        QVERIFY(boundTo("name"));
    }

    void lookingThroughTheValuesCanBeStopped()
    {
        m_dialog.reset(); // whose counting would hold the database
        samples::sqlite3(m_path,
                         "CREATE TABLE IF NOT EXISTS many (id INTEGER PRIMARY KEY, words TEXT); WITH RECURSIVE n(i) AS "
                         "(SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 90000) INSERT INTO many (words) SELECT "
                         "'word ' || i FROM n");
        init();
        m_dialog->choose("many");
        auto *stop = part<QPushButton>("stopLearning");
        QVERIFY(stop->isVisible());
        stop->click();
        QVERIFY(!stop->isVisible() && !part<QWidget>("learningProgress")->isVisible());
        QCoreApplication::processEvents(); // what was given up must not report any more
        QVERIFY(!m_dialog->isProfiled());
        QTRY_COMPARE(m_dialog->form().rowsFrom, "many");
        m_dialog.reset();
        samples::sqlite3(m_path, "DROP TABLE many");
    }

    // From opening the sheet to a form with everything chosen, without the mouse.
    void theKeyboardAloneDoesIt()
    {
        QTest::keyClicks(QApplication::focusWidget(), "vess");
        QCOMPARE(m_dialog->form().rowsFrom, "vessel");
        QTRY_VERIFY(m_dialog->isProfiled());
        const auto tabTo = [&](QWidget *wanted) {
            for (int i = 0; i < 60 && QApplication::focusWidget() != wanted; ++i) {
                QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
            }
            return QApplication::focusWidget() == wanted;
        };
        QVERIFY(tabTo(columns()));
        columns()->setCurrentItem(columns()->topLevelItem(0));
        QTest::keyClick(columns(), Qt::Key_Down);
        QTest::keyClick(columns(), Qt::Key_Space); // leaves the second column out
        QVERIFY(!boundTo("call_sign"));
        QTest::keyClick(columns(), Qt::Key_Up, Qt::AltModifier);
        QCOMPARE(columns()->topLevelItem(0)->text(0), "call_sign");
        QVERIFY(tabTo(part<QWidget>("takeAll")));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
        QVERIFY(boundTo("call_sign") && boundTo("vessel_id"));
        QVERIFY(tabTo(children()));
        children()->setCurrentItem(children()->topLevelItem(0));
        QTest::keyClick(children(), Qt::Key_Space);
        QTRY_VERIFY(subform(m_dialog->form(), "visit"));
        QVERIFY(tabTo(part<QWidget>("planTitle")));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(QApplication::focusWidget(), "Fleet");
        QVERIFY(tabTo(part<QWidget>("mayDelete")));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
        QVERIFY(tabTo(part<QWidget>("columnar")) || tabTo(part<QWidget>("stacked")));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Right);
        QVERIFY(tabTo(part<QWidget>("spacing")));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Down);
        QVERIFY(tabTo(part<QWidget>("planTitle")));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
        QCOMPARE(m_dialog->result(), int(QDialog::Accepted));
        QCOMPARE(m_dialog->form().title, "Fleet");
        QVERIFY(!m_dialog->form().permissions.remove);
        QVERIFY(m_dialog->plan().spacing == Spacing::Roomy);
    }

    void closingGivesUpWhatIsUnderWay()
    {
        for (const char *table : {"visit", "buoy", "part_fitted", "contractor"}) {
            m_dialog->choose(table);
        }
        // Must not be reached by the profiles: whatever they report goes nowhere, and the database can be taken away
        // and written at once.
        m_dialog.reset();
        QCoreApplication::processEvents();
        QCOMPARE(samples::sqlite3(m_path,
                                  "PRAGMA locking_mode = EXCLUSIVE; BEGIN EXCLUSIVE; DELETE FROM part_claim; COMMIT; "
                                  "SELECT count(*) FROM part_claim"),
                 QString("exclusive\n0"));
    }
};

QTEST_MAIN(TestNewForm)
#include "tst_new_form.moc"

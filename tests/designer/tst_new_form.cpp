// The sheet “New form from data”, by mouse and by keyboard.
#include "designer/arrangement_card.h"
#include "designer/new_form_dialog.h"
#include "designer/plan_columns.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>

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
        QCOMPARE(m_dialog->form().rowSource, "buoy");
        QVERIFY(boundTo("name") && !boundTo("buoy_id"));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
        QCOMPARE(m_dialog->result(), int(QDialog::Accepted));
    }

    void theKeyboardFiltersAndWalks()
    {
        QTest::keyClicks(QApplication::focusWidget(), "part");
        QCOMPARE(m_dialog->form().rowSource, "part");
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Down);
        QCOMPARE(m_dialog->form().rowSource, "part_claim");
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Up);
        QCOMPARE(m_dialog->form().rowSource, "part");
        QTest::keyClicks(QApplication::focusWidget(), "zzz");
        QVERIFY(!part<QPushButton>("makeForm")->isEnabled());
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
        columns()->setCurrentItem(row("name"));
        const int before = columns()->indexOfTopLevelItem(row("name"));
        QTest::keyClick(columns(), Qt::Key_Up, Qt::AltModifier);
        QCOMPARE(columns()->indexOfTopLevelItem(row("name")), before - 1);
        QVERIFY(boundTo("name")->place.y() < boundTo("asset_no")->place.y());
        QTest::keyClick(columns(), Qt::Key_Down, Qt::AltModifier);
        QVERIFY(boundTo("name")->place.y() > boundTo("asset_no")->place.y());
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

    void closingGivesUpWhatIsUnderWay()
    {
        for (const char *table : {"visit", "buoy", "part_fitted", "contractor"}) {
            m_dialog->choose(table);
        }
        m_dialog.reset(); // must not wait for the profiles nor be reached by them
        QCoreApplication::processEvents();
        QVERIFY(!m_dialog);
    }
};

QTEST_MAIN(TestNewForm)
#include "tst_new_form.moc"

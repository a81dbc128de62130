// The tables and columns of a database in the catalogue: what stands in its rows, what a filter shows, what is chosen.
#include "core/draft/draft.h"
#include "designer/panels/catalogue_model.h"
#include "designer/panels/catalogue_panel.h"

#include <QAbstractItemModelTester>
#include <QLineEdit>
#include <QSignalSpy>
#include <QTest>
#include <QTreeView>

using namespace nabblet;

class TestCataloguePanel : public QObject
{
    Q_OBJECT

    // TABLES tables of three columns each; each points to the first.
    static Catalogue madeUp(int tables)
    {
        Catalogue catalogue;
        for (int i = 0; i < tables; ++i) {
            Table table;
            table.name = QStringLiteral("table_%1").arg(i, 4, 10, QChar('0'));
            Column key;
            key.name = "id";
            key.type = ColumnType::WholeNumber;
            key.isRequired = key.numbersItself = true;
            Column name;
            name.name = QStringLiteral("name_%1").arg(i);
            name.isRequired = true;
            Column of;
            of.name = "belongs_to";
            of.type = ColumnType::WholeNumber;
            table.columns = {key, name, of};
            table.primaryKey = {"id"};
            table.foreignKeys = {ForeignKey{{"belongs_to"}, "table_0000", {"id"}, LinkRule::Keeps}};
            catalogue.tables.append(table);
        }
        return catalogue;
    }
    static QStringList namesBelow(const CatalogueModel &model, const QModelIndex &parent = {})
    {
        QStringList names;
        for (int i = 0; i < model.rowCount(parent); ++i) {
            names.append(model.index(i, 0, parent).data().toString());
        }
        return names;
    }

private Q_SLOTS:
    void theModelKeepsToItsRules()
    {
        CatalogueModel model;
        QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
        model.setCatalogue(madeUp(5));
        model.setPlaced("table_0001", {"name_1"}, {});
        model.setFilter("name_3");
        model.setFilter("");
        model.setCatalogue({});
        model.setFilter("x");
        QCOMPARE(model.rowCount(), 0);
        QVERIFY(!model.indexOf("table_0001").isValid());
        QVERIFY(model.tableOf({}).isEmpty() && model.columnOf({}).isEmpty());
    }

    void aFilterShowsTablesWholeAndColumnsOfOthers()
    {
        CatalogueModel model;
        model.setCatalogue(madeUp(12));
        model.setFilter("NAME_1"); // of 1, 10 and 11
        QCOMPARE(namesBelow(model), QStringList({"table_0001", "table_0010", "table_0011"}));
        QCOMPARE(namesBelow(model, model.index(1, 0)), QStringList({"name_10"}));
        QVERIFY(model.isThereForColumns(model.index(1, 0)));
        QCOMPARE(model.columnOf(model.index(0, 0, model.index(1, 0))), "name_10");
        QCOMPARE(model.tableOf(model.index(0, 0, model.index(1, 0))), "table_0010");
        model.setFilter("table_0003");
        QCOMPARE(namesBelow(model), QStringList({"table_0003"}));
        QCOMPARE(namesBelow(model, model.index(0, 0)), QStringList({"id", "name_3", "belongs_to"}));
        QVERIFY(!model.isThereForColumns(model.index(0, 0)));
    }

    void dotsAndNotesSayWhatAColumnIs()
    {
        CatalogueModel model;
        model.setCatalogue(madeUp(3));
        const auto dot = [&](const QString &table, const QString &column) {
            return model.indexOf(table, column).data(CatalogueModel::DotRole).toInt();
        };
        const auto notes = [&](const QString &column) {
            return model.indexOf("table_0001", column).data(CatalogueModel::NotesRole).toStringList();
        };
        model.setPlaced("table_0001", {"belongs_to"}, {});
        QCOMPARE(dot("table_0001", "belongs_to"), int(CatalogueModel::Placed));
        QCOMPARE(dot("table_0002", "belongs_to"), int(CatalogueModel::NotPlaced));
        QCOMPARE(dot("table_0001", "name_1"), int(CatalogueModel::RequiredNotPlaced));
        QCOMPARE(dot("table_0001", "id"), int(CatalogueModel::NotPlaced)); // numbers itself
        QCOMPARE(model.indexOf("table_0001").data(CatalogueModel::DotRole).toInt(), int(CatalogueModel::NoDot));
        model.setPlaced("table_0001", {}, {"name_1"}); // another record fills it
        QCOMPARE(dot("table_0001", "name_1"), int(CatalogueModel::NotPlaced));
        QCOMPARE(notes("id").first(), "number, key");
        QCOMPARE(notes("name_1").first(), "text, required");
        QCOMPARE(notes("belongs_to").first(), QString::fromUtf8("→ table_0000"));
    }

    void whatIsOpenAndChosenOutlivesFilterAndReading()
    {
        CataloguePanel panel;
        panel.setCatalogue(madeUp(40), "made_up.db");
        panel.resize(260, 500);
        panel.show();
        auto *tree = panel.findChild<QTreeView *>();
        auto *model = panel.findChild<CatalogueModel *>();
        auto *filter = panel.findChild<QLineEdit *>();
        QSignalSpy asked(&panel, &CataloguePanel::columnsActivated);
        const auto press = [&](const QString &column, Qt::KeyboardModifiers modifiers) {
            const QModelIndex index = model->indexOf("table_0007", column);
            tree->scrollTo(index);
            QTest::mouseClick(tree->viewport(), Qt::LeftButton, modifiers, tree->visualRect(index).center());
        };
        tree->expand(model->indexOf("table_0007"));
        press("belongs_to", {});
        press("name_7", Qt::ControlModifier);
        QTest::keyClicks(filter, "table_0007");
        QCOMPARE(model->rowCount(), 1);
        filter->clear();
        QVERIFY(tree->isExpanded(model->indexOf("table_0007")));
        tree->setFocus();
        Q_EMIT tree->activated(model->indexOf("table_0007", "name_7"));
        QCOMPARE(asked.size(), 1);
        QCOMPARE(asked.first().at(0).toString(), "table_0007");
        QCOMPARE(asked.first().at(1).toStringList(), QStringList({"belongs_to", "name_7"}));
        // Read anew, with a table more before it, the same table is open.
        panel.setCatalogue(madeUp(41), "made_up.db");
        QVERIFY(tree->isExpanded(model->indexOf("table_0007")));
        QVERIFY(!tree->isExpanded(model->indexOf("table_0008")));
    }

    void theFormsOwnTableIsOpenAndInSight()
    {
        CataloguePanel panel;
        panel.setCatalogue(madeUp(3000), "made_up.db");
        panel.resize(260, 500);
        panel.show();
        auto *tree = panel.findChild<QTreeView *>();
        auto *model = panel.findChild<CatalogueModel *>();
        Form form;
        form.rowsFrom = "table_2500";
        panel.setForm(form);
        const QModelIndex own = model->indexOf("table_2500");
        QVERIFY(tree->isExpanded(own));
        QTRY_VERIFY(tree->viewport()->rect().contains(tree->visualRect(own)));
        form.rowsFrom = "table_0001";
        panel.setForm(form);
        QVERIFY(!tree->isExpanded(own));
        QTRY_VERIFY(tree->viewport()->rect().contains(tree->visualRect(model->indexOf("table_0001"))));
        // What a filter finds in a thousand tables is open below each of them.
        QTest::keyClicks(panel.findChild<QLineEdit *>(), "name_2");
        QVERIFY(model->rowCount() > 1000);
        QVERIFY(tree->isExpanded(model->index(model->rowCount() - 1, 0)));
    }
};

QTEST_MAIN(TestCataloguePanel)
#include "tst_catalogue_panel.moc"

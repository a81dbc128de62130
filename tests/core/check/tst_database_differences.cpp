// What is different for a form on another database.
#include "core/check/database_differences.h"
#include "core/draft/draft.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestDatabaseDifferences : public QObject
{
    Q_OBJECT

    static Column column(const QString &name, const QString &type)
    {
        Column made;
        made.name = name;
        takeDeclaredType(made, type);
        return made;
    }
    static Catalogue catalogue()
    {
        Table place;
        place.name = "place";
        place.primaryKey = {"id"};
        place.columns = {column("id", "INTEGER"), column("name", "VARCHAR(60)"), column("laid_on", "DATE")};
        return {{place}};
    }

private Q_SLOTS:
    void nothingIsSaidOfTheSame()
    {
        const Catalogue now = catalogue();
        const Form form = draftColumnar(now, now.tables.first(), FixedTextMeasure());
        QCOMPARE(databaseDifferences(form, now, now), QStringList());
    }

    void whatIsNotThereOrOtherwiseIsSaid()
    {
        const Catalogue now = catalogue();
        const Form form = draftColumnar(now, now.tables.first(), FixedTextMeasure());
        QCOMPARE(databaseDifferences(form, now, {}), QStringList("There is no table “place” there."));
        Catalogue other = now;
        other.tables[0].columns.removeLast();
        QCOMPARE(databaseDifferences(form, now, other), QStringList("“place” has no column “laid_on” there."));
        other = now;
        other.tables[0].columns[2] = column("laid_on", "TEXT");
        other.tables[0].columns[1] = column("name", "VARCHAR(12)");
        QCOMPARE(databaseDifferences(form, now, other),
                 QStringList({"“place.name” takes 12 letters there, and 60 now.",
                              "“place.laid_on” holds text there, and dates now."}));
        // More room is no difference that matters; a column that nobody shows is none.
        other = now;
        other.tables[0].columns[1] = column("name", "VARCHAR(99)");
        other.tables[0].columns.append(column("further", "BLOB"));
        QCOMPARE(databaseDifferences(form, now, other), QStringList());
    }
};

QTEST_APPLESS_MAIN(TestDatabaseDifferences)
#include "tst_database_differences.moc"

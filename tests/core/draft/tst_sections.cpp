// A form of many fields in parts.
#include "core/arrange/containers.h"
#include "core/check/form_quality.h"
#include "core/draft/draft.h"
#include "core/draft/sections.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestSections : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    static Table wide()
    {
        Table table;
        table.name = "customers";
        const QList<QPair<const char *, const char *>> columns{
            {"name", "VARCHAR(40)"},      {"code", "CHAR(8)"},          {"street", "VARCHAR(40)"},
            {"town", "VARCHAR(30)"},      {"post_code", "VARCHAR(10)"}, {"phone", "VARCHAR(20)"},
            {"email", "VARCHAR(60)"},     {"smtp_host", "VARCHAR(40)"}, {"smtp_port", "INTEGER"},
            {"smtp_user", "VARCHAR(40)"}, {"joined", "DATE"},           {"left_on", "DATE"},
            {"discount", "DECIMAL(5,2)"}, {"balance", "DECIMAL(9,2)"},  {"colour", "VARCHAR(10)"},
            {"size", "INTEGER"},          {"weight", "INTEGER"},        {"grade", "INTEGER"},
            {"created_at", "DATETIME"},   {"changed_at", "DATETIME"},   {"is_open", "BOOLEAN"}};
        for (const auto &[name, type] : columns) {
            table.columns.append(samples::column(name, type));
        }
        return table;
    }

private Q_SLOTS:
    void whatBelongsTogetherIsOnePart()
    {
        const QList<Section> sections = sectionsOf(wide(), columnNames(wide()));
        QHash<QString, QStringList> byTitle;
        for (const Section &each : sections) {
            byTitle.insert(each.title, each.columns);
        }
        QVERIFY(byTitle.value(QString()).contains("name"));
        QCOMPARE(sections.first().title, QString());
        QCOMPARE(byTitle.value("Address"), QStringList({"street", "town", "post_code"}));
        QCOMPARE(byTitle.value("Contact"), QStringList({"phone", "email"}));
        QCOMPARE(byTitle.value("SMTP"), QStringList({"smtp_host", "smtp_port", "smtp_user"}));
        QCOMPARE(byTitle.value("Dates"), QStringList({"joined", "left_on"}));
        QCOMPARE(byTitle.value("Amounts"), QStringList({"discount", "balance"}));
        QCOMPARE(sections.last().columns, QStringList({"created_at", "changed_at"}));
    }

    // Whatever the names, nothing is lost, doubled or out of its order, and no part is a run of its own.
    void nothingIsLost()
    {
        QRandomGenerator random(11);
        const QStringList words{"name",    "snmp", "port", "date",   "town", "price",
                                "created", "flag", "x",    "street", "id"};
        for (int i = 0; i < 300; ++i) {
            Table table;
            table.name = "t";
            for (int n = random.bounded(90); n >= 0; --n) {
                const QString name = words.at(random.bounded(static_cast<int>(words.size()))) + '_' +
                                     words.at(random.bounded(static_cast<int>(words.size()))) + QString::number(n);
                table.columns.append(
                    samples::column(name, QStringList{"TEXT", "INTEGER", "DATE", "BOOLEAN"}.at(random.bounded(4))));
            }
            QStringList all;
            for (const Section &each : sectionsOf(table, columnNames(table))) {
                all += each.columns;
                QVERIFY(!each.columns.isEmpty() && each.columns.size() <= MostInOneRun);
                QStringList inOrder;
                for (const QString &column : columnNames(table)) {
                    if (each.columns.contains(column)) {
                        inOrder.append(column);
                    }
                }
                QCOMPARE(each.columns, inOrder);
            }
            QStringList wanted = columnNames(table);
            all.sort();
            wanted.sort();
            QCOMPARE(all, wanted);
        }
    }

    void aDraftOfManyHasHeadings_data()
    {
        QTest::addColumn<int>("sections");
        QTest::addColumn<int>("groups");
        QTest::addColumn<int>("pages");
        QTest::newRow("as suits") << int(Sections::AsSuits) << 7 << 0;
        QTest::newRow("none") << int(Sections::None) << 0 << 0;
        QTest::newRow("groups") << int(Sections::Groups) << 7 << 0;
        QTest::newRow("pages") << int(Sections::Pages) << 0 << 1;
    }
    void aDraftOfManyHasHeadings()
    {
        QFETCH(int, sections);
        QFETCH(int, groups);
        QFETCH(int, pages);
        const Table table = wide();
        for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked}) {
            DraftPlan plan = planDraft(table);
            plan.sections = static_cast<Sections>(sections);
            plan.arrangement = arrangement;
            const Form form = draftForm({{table}}, table, plan, nullptr, m_measure);
            const auto count = [&](const char *kind) {
                return std::count_if(form.controls.begin(), form.controls.end(),
                                     [&](const Control &control) { return control.kind == QLatin1String(kind); });
            };
            // Captions above make this one higher than a screen, so that it stands on pages unless told otherwise.
            const bool isHigh = arrangement == Arrangement::Stacked && plan.sections == Sections::AsSuits;
            QCOMPARE(int(count("group-box")), isHigh ? 0 : groups);
            QCOMPARE(int(count("tab-pages")), isHigh ? 1 : pages);
            // Everything stands inside its part, clear of all else, on the same rails.
            QCOMPARE(inNestingOrder(form).controls, form.controls);
            for (const Control &control : form.controls) {
                if (control.container != 0) {
                    QVERIFY2(roomOf(form, areaOf(control)).contains(control.place), qPrintable(control.name));
                }
            }
            const FormQuality quality = qualityOf(form, {{table}}, {}, m_measure);
            QCOMPARE(quality.offGrid, 0);
            QCOMPARE(quality.boxes, int(table.columns.size()));
            QCOMPARE(withContainersGrown(form), form);
        }
    }

    void aFormOfFewHasNone()
    {
        Table table = wide();
        table.columns = table.columns.mid(0, MostInOneRun);
        const Form form = draftForm({{table}}, table, planDraft(table), nullptr, m_measure);
        QVERIFY(std::none_of(form.controls.begin(), form.controls.end(),
                             [](const Control &control) { return control.kind == QLatin1String("group-box"); }));
    }
};

QTEST_APPLESS_MAIN(TestSections)
#include "tst_sections.moc"

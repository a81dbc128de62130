// The form with which a project begins.
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/draft/start_form.h"
#include "core/kinds/settings/child_link.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

namespace {

// Tables that point to those of smaller numbers by chance, some with a form each, some with two.
Catalogue tablesByChance(QRandomGenerator &random, int count)
{
    Catalogue catalogue;
    for (int i = 0; i < count; ++i) {
        Table table;
        table.name = QString("table_%1").arg(i);
        table.columns = {samples::column("id", "INTEGER", true)};
        table.primaryKey = {"id"};
        for (int links = random.bounded(3); links > 0 && i > 0; --links) {
            const QString column = QString("link_%1").arg(links);
            table.columns.append(samples::column(column, "INTEGER"));
            table.foreignKeys.append({{column}, QString("table_%1").arg(random.bounded(i)), {"id"}});
        }
        catalogue.tables.append(table);
    }
    return catalogue;
}

QList<FormToStart> formsByChance(QRandomGenerator &random, int count)
{
    QList<FormToStart> forms;
    for (int i = 0; i < count; ++i) {
        const QString table = random.bounded(8) == 0 ? QString() : QString("table_%1").arg(random.bounded(count));
        forms.append({QString("form_%1").arg(i), QString("Form %1").arg(i), table});
    }
    return forms;
}

QMap<QString, QRect> buttonsOf(const Form &form)
{
    QMap<QString, QRect> buttons;
    for (const Control &control : form.controls) {
        if (!projectFormOf(control).isEmpty()) {
            buttons.insert(projectFormOf(control), control.place);
        }
    }
    return buttons;
}

bool hasOverlaps(const Form &form)
{
    for (const Control &a : form.controls) {
        for (const Control &b : form.controls) {
            if (a.id < b.id && areaOf(a) == areaOf(b) && a.place.intersects(b.place)) {
                return true;
            }
        }
    }
    return false;
}

} // namespace

class TestStartForm : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    // Each form has one button, but the start itself; nothing lies over anything, all is inside.
    void everyFormHasAButton()
    {
        QRandomGenerator random(21);
        for (int run = 0; run < 60; ++run) {
            const int count = 1 + random.bounded(20);
            const Catalogue catalogue = tablesByChance(random, count);
            QList<FormToStart> forms = formsByChance(random, count);
            forms.append({"start", "Start", {}});
            const Form form = startForm({}, "start", "Depot", forms, catalogue, "Harbour", FixedTextMeasure());
            QCOMPARE(buttonsOf(form).size(), count);
            QVERIFY(!buttonsOf(form).contains("start"));
            QVERIFY(!hasOverlaps(form));
            for (const Control &control : form.controls) {
                QVERIFY(rightOf(control.place) <= form.width);
                QVERIFY(bottomOf(control.place) <= findBand(form, control.band)->height);
            }
            QCOMPARE(form.title, QString("Depot"));
            QVERIFY(form.rowsFrom.isEmpty());
        }
    }

    // Made anew, all that is there stays as it is; only what is new gets a button.
    void madeAnewItKeepsWhatIsThere()
    {
        QRandomGenerator random(22);
        for (int run = 0; run < 60; ++run) {
            const int count = 4 + random.bounded(12);
            const Catalogue catalogue = tablesByChance(random, count);
            const QList<FormToStart> forms = formsByChance(random, count);
            const QList<FormToStart> first = forms.mid(0, count / 2);
            Form before = startForm({}, "start", "Depot", first, catalogue, "Harbour", FixedTextMeasure());
            QVERIFY(startForm(before, "start", "Depot", first, catalogue, "Harbour", FixedTextMeasure()) == before);
            // A hand named a button otherwise, and the form, too.
            Control renamed = *std::find_if(before.controls.begin(), before.controls.end(),
                                            [](const Control &control) { return !projectFormOf(control).isEmpty(); });
            renamed.text = "By hand";
            before.controls.replace(before.controls.indexOf(renamed.id), renamed);
            before.title = "Mine";
            const Form after = startForm(before, "start", "Depot", forms, catalogue, "Harbour", FixedTextMeasure());
            QCOMPARE(buttonsOf(after).size(), count);
            QCOMPARE(after.title, QString("Mine"));
            QCOMPARE(after.controls.find(renamed.id)->text, QString("By hand"));
            QVERIFY(!hasOverlaps(after));
            for (const Control &control : before.controls) {
                QVERIFY(after.controls.find(control.id));
                QCOMPARE(after.controls.find(control.id)->place.x(), control.place.x());
                QCOMPARE(after.controls.find(control.id)->place.width(), control.place.width());
            }
        }
    }

    // What points to the same stands together under its name.
    void groupsGoByLinks()
    {
        Catalogue catalogue;
        for (const char *name : {"buoy", "visit", "claim"}) {
            Table table;
            table.name = name;
            table.columns = {samples::column("id", "INTEGER", true), samples::column("buoy_id", "INTEGER")};
            table.primaryKey = {"id"};
            if (table.name != "buoy") {
                table.foreignKeys.append({{"buoy_id"}, "buoy", {"id"}});
            }
            catalogue.tables.append(table);
        }
        const Form form =
            startForm({}, "start", "Depot",
                      {{"visits", "Visits", "visit"}, {"claims", "Claims", "claim"}, {"buoys", "Buoys", "buoy"}},
                      catalogue, "Harbour", FixedTextMeasure());
        QStringList groups;
        for (const Control &control : form.controls) {
            if (control.kind == "group-box") {
                groups.append(control.text);
            }
        }
        QCOMPARE(groups.size(), 1);
        QVERIFY2(groups.first().contains("uoy"), qPrintable(groups.first()));
        // Two of one title are told apart.
        const Form same = startForm({}, "start", "Depot", {{"buoy", "Buoy", "buoy"}, {"buoy_card", "Buoy", "buoy"}},
                                    catalogue, "Harbour", FixedTextMeasure());
        QStringList words;
        for (const Control &control : same.controls) {
            words += projectFormOf(control).isEmpty() ? QStringList() : QStringList{control.text};
        }
        QCOMPARE(words.size(), 2);
        QVERIFY(words.first() != words.last());
        const QMap<QString, QRect> buttons = buttonsOf(form);
        QVERIFY(buttons.value("buoys").y() < buttons.value("visits").y()); // the group's own first
    }
};

QTEST_GUILESS_MAIN(TestStartForm)
#include "tst_start_form.moc"

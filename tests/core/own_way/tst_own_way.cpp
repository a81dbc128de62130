// A person's own way of a form, as laws: over the demonstration's forms and rows made by chance.
#include "core/arrange/edges.h"
#include "core/file/form_file.h"
#include "core/kinds/kind.h"
#include "core/own_way/own_way.h"
#include "support/sample_forms.h"

#include <QDirIterator>
#include <QTest>

using namespace nabblet;

namespace {

QList<Form> demonstrationForms()
{
    QList<Form> forms;
    QDirIterator files(QStringLiteral(NABBLET_ROOT "/demo/fairway-depot/forms"), {"*.nabform"}, QDir::Files);
    while (files.hasNext()) {
        const Result<Form> form = loadForm(files.next());
        if (form) {
            forms.append(*form);
        }
    }
    return forms;
}

// Boxes side by side in the body, their heads above them, a sum under the last.
Form rowsOf(QRandomGenerator &random, int boxes)
{
    Form form = samples::columnOfFields(boxes);
    form.rowsShown = 5;
    form.rails.clear();
    form.bands = {Band{BandRole::Header, 56, {}}, Band{BandRole::Body, 40, {}}, Band{BandRole::Footer, 40, {}}};
    int x = 16;
    for (int i = 0; i < boxes; ++i) {
        Control box = *form.controls.find(2 * i + 1);
        Control head = *form.controls.find(2 * i + 2);
        box.rides = head.rides = {};
        box.place = QRect(x, 8, 40 + random.bounded(200), 24);
        head.band = BandRole::Header;
        head.place = QRect(x + 8, 32, box.place.width() - 8, 20);
        x = rightOf(box.place) + 4 + random.bounded(12);
        form.controls.replace(form.controls.indexOf(box.id), box);
        form.controls.replace(form.controls.indexOf(head.id), head);
    }
    form.width = x + 16;
    return form;
}

OwnWay wayByChance(QRandomGenerator &random, const Form &form)
{
    OwnWay way;
    QStringList names;
    for (const ControlId id : boxesToHide(form)) {
        names.append(form.controls.find(id)->name);
    }
    for (const QString &name : std::as_const(names)) {
        if (random.bounded(4) == 0) {
            way.hidden.append(name);
        }
        if (random.bounded(3) == 0) {
            way.widths.insert(name, 24 + random.bounded(300));
        }
        if (random.bounded(2) == 0) {
            way.order.insert(random.bounded(way.order.size() + 1), name);
        }
    }
    way.hidden.append("no_such_box");
    way.order.append("nor_this");
    way.isCompact = random.bounded(2) == 0;
    way.captions = static_cast<OwnCaptions>(random.bounded(3));
    return way;
}

} // namespace

class TestOwnWay : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void noWayIsTheFormAsBuilt()
    {
        const QList<Form> forms = demonstrationForms();
        QVERIFY(forms.size() > 3);
        for (const Form &form : forms) {
            QVERIFY(inOwnWay(form, {}, FixedTextMeasure()) == form);
        }
    }

    // What is written is read back; what is no such thing is no way.
    void writtenAndRead()
    {
        QRandomGenerator random(7);
        const Form form = rowsOf(random, 8);
        for (int i = 0; i < 50; ++i) {
            const OwnWay way = wayByChance(random, form);
            QVERIFY(readOwnWay(writtenOwnWay(way)) == way);
        }
        for (const char *odd : {"", "{", "[1,2]", R"({"hidden": 3, "order": {"a": 1}, "widths": [5]})",
                                R"({"widths": {"a": -5, "b": 1e9, "c": "x"}, "captions": "under"})"}) {
            QVERIFY2(readOwnWay(odd).isEmpty(), odd);
        }
    }

    // Rows: those hidden are gone with their heads, the others stand side by side in the order wanted, as wide as
    // wanted, heads over their boxes, nothing over anything else, all inside the form.
    void rowsStayInLine()
    {
        QRandomGenerator random(11);
        for (int run = 0; run < 200; ++run) {
            const Form form = rowsOf(random, 2 + random.bounded(9));
            const OwnWay way = wayByChance(random, form);
            const Form own = inOwnWay(form, way, FixedTextMeasure());
            const QList<ControlId> columns = columnsOfRows(own);
            int shown = 0;
            for (const ControlId id : columnsOfRows(form)) {
                const Control &built = *form.controls.find(id);
                const bool isHidden = way.hidden.contains(built.name);
                QCOMPARE(own.controls.find(id) == nullptr, isHidden);
                QCOMPARE(captionOf(own, id) == nullptr, isHidden);
                if (isHidden) {
                    continue;
                }
                ++shown;
                const Control &cell = *own.controls.find(id);
                QCOMPARE(cell.place.width(), way.widths.value(built.name, built.place.width()));
                QCOMPARE(captionOf(own, id)->place.x() - cell.place.x(), 8);
                QVERIFY(rightOf(cell.place) <= own.width);
                QVERIFY(cell.place.x() >= 16);
            }
            QCOMPARE(columns.size(), shown); // side by side: none lies over another
            qsizetype before = -1;
            for (const ControlId id : columns) {
                const qsizetype place = way.order.indexOf(own.controls.find(id)->name);
                if (place >= 0) {
                    QVERIFY(place > before);
                    before = place;
                }
            }
            if (way.isCompact && shown > 0) {
                QCOMPARE(findBand(own, BandRole::Body)->height, 26);
            }
        }
    }

    // Forms of one record: what is hidden is gone, everything else is there, and what did not lie over one another does
    // not now.
    void recordsStayWhole()
    {
        QRandomGenerator random(13);
        for (const Form &form : demonstrationForms()) {
            for (int run = 0; run < 20; ++run) {
                OwnWay way = wayByChance(random, form);
                way.captions = static_cast<OwnCaptions>(run % 3);
                way.hidden = run < 3 ? QStringList() : way.hidden;
                const Form own = inOwnWay(form, way, FixedTextMeasure());
                for (const Control &control : form.controls) {
                    const bool isGone = !own.controls.find(control.id);
                    const Control *box = control.captionFor != 0 ? form.controls.find(control.captionFor) : &control;
                    const bool isSum = isTabular(form) && control.band == BandRole::Footer; // goes with its column
                    const bool mayGo = isSum || (box && way.hidden.contains(box->name));
                    QVERIFY2(!isGone || mayGo, qPrintable(form.name + ": " + control.name));
                }
                for (const Control &a : own.controls) {
                    for (const Control &b : own.controls) {
                        if (a.id < b.id && areaOf(a) == areaOf(b) && !a.place.isEmpty() && !b.place.isEmpty() &&
                            a.place.intersects(b.place)) {
                            const Control &builtA = *form.controls.find(a.id);
                            const Control &builtB = *form.controls.find(b.id);
                            QVERIFY2(builtA.place.intersects(builtB.place),
                                     qPrintable(form.name + ": " + a.name + " over " + b.name + " in " +
                                                QString::number(run) + " by " + writtenOwnWay(way)));
                        }
                    }
                }
            }
        }
    }
};

QTEST_GUILESS_MAIN(TestOwnWay)
#include "tst_own_way.moc"

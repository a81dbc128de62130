// Forms as they stand on paper, as laws over the demonstration's forms.
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/file/form_file.h"
#include "core/kinds/kind.h"
#include "core/looks/pins/known_settings.h"
#include "core/paper/on_paper.h"
#include "core/paper/paper_setup.h"

#include <QDirIterator>
#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

namespace {

QList<Form> demonstrationForms()
{
    QList<Form> forms;
    QDirIterator files(QStringLiteral(NABBLET_ROOT "/demo/fairway-depot/forms"), {"*.nabform"}, QDir::Files);
    while (files.hasNext()) {
        if (const Result<Form> form = loadForm(files.next())) {
            forms.append(*form);
        }
    }
    return forms;
}

// What lies over something else in its area, as pairs of names.
QSet<QString> overlaps(const Form &form)
{
    QSet<QString> pairs;
    for (const Control &a : form.controls) {
        for (const Control &b : form.controls) {
            if (a.id < b.id && areaOf(a) == areaOf(b) && !a.place.isEmpty() && a.place.intersects(b.place)) {
                pairs.insert(a.name + " over " + b.name);
            }
        }
    }
    return pairs;
}

} // namespace

class TestPaper : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { QVERIFY(demonstrationForms().size() > 5); }

    // Nothing that shows a value is lost, nothing is to be turned to, nothing lies over anything that it did not.
    void nothingIsLost()
    {
        int pages = 0;
        for (const Form &form : demonstrationForms()) {
            const Form paper = asOnPaper(form);
            for (const Control &control : form.controls) {
                const bool isHolder = kindNamed(control.kind).holds == Holds::Pages;
                pages += isHolder ? 1 : 0;
                if (showsValue(control) && control.kind != "jump-list") {
                    QVERIFY2(paper.controls.find(control.id), qPrintable(form.name + ": " + control.name));
                }
            }
            for (const Control &control : paper.controls) {
                QVERIFY(kindNamed(control.kind).holds != Holds::Pages);
                QVERIFY(kindNamed(control.kind).editor != Editor::Button);
                const Band *band = findBand(paper, control.band);
                QVERIFY2(bottomOf(control.place) <= band->height, qPrintable(form.name + ": " + control.name));
            }
            for (const QString &pair : overlaps(paper)) {
                QVERIFY2(overlaps(form).contains(pair), qPrintable(form.name + ": " + pair));
            }
            QVERIFY(asOnPaper(paper) == paper);
        }
        QVERIFY(pages > 0);
    }

    // Whatever heights boxes need, they get them, and nothing comes to lie over anything else.
    void boxesGrow()
    {
        QRandomGenerator random(5);
        for (const Form &form : demonstrationForms()) {
            const Form paper = asOnPaper(form);
            for (int run = 0; run < 20; ++run) {
                QHash<ControlId, int> heights;
                for (const Control &control : paper.controls) {
                    if (showsValue(control) && random.bounded(3) == 0) {
                        heights.insert(control.id, control.place.height() + random.bounded(200));
                    }
                }
                const Form grown = withHeights(paper, heights);
                for (auto each = heights.begin(); each != heights.end(); ++each) {
                    QCOMPARE(grown.controls.find(each.key())->place.height(), each.value());
                }
                for (const QString &pair : overlaps(grown)) {
                    QVERIFY2(overlaps(paper).contains(pair), qPrintable(form.name + ": " + pair));
                }
            }
        }
    }

    // What rules hide is gone with its caption and its room.
    void hiddenPartsGo()
    {
        for (const Form &form : demonstrationForms()) {
            const Form paper = asOnPaper(form);
            for (const Control &control : paper.controls) {
                if (!showsValue(control)) {
                    continue;
                }
                const Form without = withoutHidden(paper, {control.id});
                QVERIFY(!without.controls.find(control.id));
                QVERIFY(!captionOf(without, control.id));
                QVERIFY(formHeight(without) <= formHeight(paper));
            }
        }
    }

    void paperLies()
    {
        PaperSetup setup;
        QCOMPARE(pageSize(setup), QSize(794, 1123)); // 210 × 297 mm of 96 px an inch
        setup.isLandscape = true;
        QCOMPARE(pageSize(setup), QSize(1123, 794));
        QVERIFY(QRect(QPoint(0, 0), pageSize(setup)).contains(pageRoom(setup)));
        setup.foot.clear();
        const int without = pageRoom(setup).height();
        setup.head = "{title}";
        QVERIFY(pageRoom(setup).height() < without);
        Form form;
        form = withPaper(form, setup);
        QVERIFY(paperOf(form) == setup);
        QVERIFY(withPaper(form, PaperSetup()).settings.toJson().isEmpty());
    }

    void wordsOfPages()
    {
        const PageWords words{"Visits", "NB-1", 3, 12, QDateTime(QDate(2026, 5, 31), QTime(9, 30))};
        QCOMPARE(pageLine("{title} | {record} | {page} / {pages}", words, QLocale::c()),
                 QStringList({"Visits", "NB-1", "3 / 12"}));
        QCOMPARE(pageLine("", words, QLocale::c()), QStringList({"", "", ""}));
        QCOMPARE(pageLine("{unknown}", words, QLocale::c()).first(), QString("{unknown}"));
        PageWords open = words;
        open.pages = 0;
        QCOMPARE(pageLine("{pages}", open, QLocale::c()).first(), QString::fromUtf8("…"));
    }
};

QTEST_GUILESS_MAIN(TestPaper)
#include "tst_paper.moc"

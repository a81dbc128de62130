#include "core/arrange/edges.h"
#include "core/arrange/snap.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestSnap : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    // A field of the form dragged by a distance.
    Snap dragged(const Form &form, ControlId id, QPoint by, std::optional<int> baseline = {}) const
    {
        const SnapIndex index(form, {id}, m_measure);
        const QRect place = placeOnForm(form, *form.controls.find(id)).translated(by);
        Snapping snapping;
        snapping.place = place;
        snapping.whole = place;
        snapping.baseline = baseline;
        snapping.bandTop = bandTop(form, BandRole::Body);
        return index.forMove(snapping);
    }
    static bool hasGuide(const Snap &snap, SnapKind kind, Qt::Orientation orientation)
    {
        return std::any_of(snap.guides.begin(), snap.guides.end(), [&](const SnapGuide &guide) {
            return guide.kind == kind && guide.orientation == orientation;
        });
    }

private Q_SLOTS:
    void railsComeFirst()
    {
        Form form = samples::columnOfFields(4);
        Control odd = *form.controls.find(3);
        odd.place.moveLeft(123); // an edge nearer than the rail at 120
        form.controls.replace(form.controls.indexOf(3), odd);
        const Snap snap = dragged(form, 7, QPoint(4, 40));
        QCOMPARE(snap.by.x(), -4);
        QVERIFY(hasGuide(snap, SnapKind::Rail, Qt::Vertical));
        QVERIFY(!hasGuide(snap, SnapKind::Edge, Qt::Vertical));
    }

    void edgesComeBeforeTheGrid()
    {
        Form form = samples::columnOfFields(3);
        form.rails.clear();
        Control odd = *form.controls.find(1);
        odd.place = QRect(205, 16, 100, 24);
        form.controls.replace(form.controls.indexOf(1), odd);
        // Left edge to left edge, off the grid as it is.
        const Snap snap = dragged(form, 5, QPoint(205 - 120 + 2, 90));
        QCOMPARE(snap.by.x(), -2);
        QVERIFY(hasGuide(snap, SnapKind::Edge, Qt::Vertical));
        // Far from anything: the grid.
        const Snap free = dragged(form, 5, QPoint(43, 203));
        QCOMPARE((120 + 43 + free.by.x()) % 8, 0);
        QCOMPARE((16 + 64 + 203 + free.by.y()) % 8, 0);
    }

    void equalGapsAreFound()
    {
        Form form = samples::columnOfFields(4);
        for (const auto &[id, y] : {std::pair{1, 16}, std::pair{3, 51}, std::pair{5, 300}, std::pair{7, 340}}) {
            Control box = *form.controls.find(id);
            box.place.moveTop(y);
            form.controls.replace(form.controls.indexOf(id), box);
            Control caption = *form.controls.find(id + 1);
            caption.place.moveTop(y);
            form.controls.replace(form.controls.indexOf(id + 1), caption);
        }
        // The gap between the first two is 11; below them the same gap is offered.
        const int wanted = 51 + 24 + 11;
        const Snap snap = dragged(form, 5, QPoint(0, wanted + 2 - 300));
        QCOMPARE(snap.by.y(), -2);
        QVERIFY(hasGuide(snap, SnapKind::Gap, Qt::Horizontal));
        for (const SnapGuide &guide : snap.guides) {
            QVERIFY(guide.kind != SnapKind::Gap || guide.size == 11);
        }
    }

    void textStandsOnOneLine()
    {
        Form form = samples::columnOfFields(2);
        Control tall = *form.controls.find(1);
        tall.place = QRect(300, 16, 60, 40);
        form.controls.replace(form.controls.indexOf(1), tall);
        form.controls.removeAt(form.controls.indexOf(2));
        const int baseline = *textBaseline(tall, m_measure);
        const int own = *textBaseline(*form.controls.find(3), m_measure);
        const int wanted = 16 + baseline - own;
        const Snap snap = dragged(form, 3, QPoint(0, wanted + 1 - 48), own);
        QCOMPARE(snap.by.y(), -1);
        QVERIFY(hasGuide(snap, SnapKind::Baseline, Qt::Horizontal));
    }

    void aResizedEdgeFindsOtherWidths()
    {
        Form form = samples::columnOfFields(2);
        Control other = *form.controls.find(1);
        other.place = QRect(24, 300, 147, 24);
        form.controls.replace(form.controls.indexOf(1), other);
        const SnapIndex index(form, {3}, m_measure);
        Snapping snapping;
        snapping.place = QRect(120, 104, 145, 24);
        snapping.whole = snapping.place;
        const Snap snap = index.forResize(snapping, Edge::Right);
        QCOMPARE(snap.by.x(), 2);
        QVERIFY(hasGuide(snap, SnapKind::Size, Qt::Vertical));
    }

    // For any form and any place: the answer is within reach, and asking from there again changes nothing.
    void snappingIsSteady()
    {
        int level = 0;
        QRandomGenerator random(21);
        for (int i = 0; i < 400; ++i) {
            Form form = samples::columnOfFields(10);
            for (int id = 1; id < 20; id += 2) {
                Control box = *form.controls.find(id);
                box.place = QRect(random.bounded(300), random.bounded(500), 30 + random.bounded(150), 24);
                form.controls.replace(form.controls.indexOf(id), box);
            }
            const QPoint by(random.bounded(-50, 200), random.bounded(-50, 200));
            const Snap snap = dragged(form, 5, by);
            QVERIFY(std::abs(snap.by.x()) <= 5 && std::abs(snap.by.y()) <= 5);
            // What stands level with another by an edge or a middle stays so; by the grid alone, it may have come
            // within reach of something better.
            const Snap again = dragged(form, 5, by + snap.by);
            if (hasGuide(snap, SnapKind::Edge, Qt::Horizontal) || hasGuide(snap, SnapKind::Centre, Qt::Horizontal)) {
                QCOMPARE(again.by.y(), 0);
                ++level;
            }
        }
        QVERIFY2(level > 50, qPrintable(QString::number(level))); // it was tried often enough to say something
    }
};

QTEST_GUILESS_MAIN(TestSnap)
#include "tst_snap.moc"

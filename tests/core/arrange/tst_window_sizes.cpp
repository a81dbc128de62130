#include "core/arrange/edges.h"
#include "core/arrange/grouping.h"
#include "core/arrange/operations.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/arrange/windows/at_work.h"
#include "core/arrange/windows/cells.h"
#include "core/arrange/windows/holding.h"
#include "core/arrange/windows/stretching.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/kinds/settings/height_at_work.h"
#include "support/sample_forms.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

// Windows of other sizes than a form was designed for, in both directions.
class TestWindowSizes : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    // A form of boxes without captions, 400 wide, the body 300 high between a header and a footer.
    static Form boxes(const QList<QRect> &places, const QString &kind = "long-text")
    {
        Form form;
        form.name = form.title = "boxes";
        form.width = 400;
        form.bands = {Band{BandRole::Header, 40, {}}, Band{BandRole::Body, 300, {}}, Band{BandRole::Footer, 48, {}}};
        for (const QRect &place : places) {
            Control control;
            control.id = form.controls.size() + 1;
            control.kind = kind;
            control.name = QString("box_%1").arg(control.id);
            control.role = "field";
            control.place = place;
            form.controls.append(control);
        }
        return form;
    }
    static QRect placeOf(const Form &form, ControlId id) { return form.controls.find(id)->place; }
    static Form held(const Form &form, ControlId id, Direction direction, Holding holding)
    {
        return withHolding(form, {id}, direction, holding);
    }
    // The form with so much more room.
    static Form grownBy(const Form &form, int width, int height)
    {
        return atSize(form, designedSize(form) + QSize(width, height));
    }
    static Form asCells(const Form &form, const QList<ControlId> &chosen = {})
    {
        const FixedTextMeasure measure;
        const ArrangeContext context{form, chosen, measure, {}};
        const ArrangeOperation *operation = findArrangeOperation("fill-as-cells");
        return operation->whyNot(context).isEmpty() ? operation->apply(context) : form;
    }

private Q_SLOTS:
    void eachHoldingDoesWhatItSays_data()
    {
        QTest::addColumn<int>("holding");
        QTest::addColumn<QRect>("wider");  // by 100
        QTest::addColumn<QRect>("higher"); // by 60
        const QRect place(40, 30, 120, 90);
        QTest::newRow("stays") << int(Holding::Stays) << place << place;
        QTest::newRow("moves") << int(Holding::Moves) << place.translated(100, 0) << place.translated(0, 60);
        QTest::newRow("stretches") << int(Holding::Stretches) << place.adjusted(0, 0, 100, 0)
                                   << place.adjusted(0, 0, 0, 60);
        // 40/400 and 160/400 of 100; 30/300 and 120/300 of 60
        QTest::newRow("keeps its share") << int(Holding::KeepsShare) << place.adjusted(10, 0, 40, 0)
                                         << place.adjusted(0, 6, 0, 24);
    }
    void eachHoldingDoesWhatItSays()
    {
        QFETCH(int, holding);
        QFETCH(QRect, wider);
        QFETCH(QRect, higher);
        const Form form = boxes({QRect(40, 30, 120, 90)});
        for (const Direction direction : {Direction::Across, Direction::Down}) {
            for (int before = 0; before < 4; ++before) { // whatever it did before
                const Form set = held(held(form, 1, direction, static_cast<Holding>(before)), 1, direction,
                                      static_cast<Holding>(holding));
                QCOMPARE(placeOf(set, 1), placeOf(form, 1));
                QCOMPARE(int(holdingOf(set, *set.controls.find(1), direction).value()), holding);
                const bool isAcross = direction == Direction::Across;
                QCOMPARE(placeOf(grownBy(set, isAcross ? 100 : 0, isAcross ? 0 : 60), 1), isAcross ? wider : higher);
                QCOMPARE(grownBy(set, 0, 0), set);
            }
        }
    }

    // A scrolling area lower at work than what is in it: what stands below moves up, unless something beside it is in
    // the way; what is in it keeps its place; and once is enough.
    void aScrollingAreaIsLowerAtWork()
    {
        Form form = settled(samples::columnOfFields(6), m_measure);
        const Grouped grouped = withContainer(form, {3, 5, 7}, "scroll-area");
        form = grouped.form;
        const ControlId area = grouped.container;
        QVERIFY(asHighAsAtWork(form) == form); // nobody said so
        Control changed = *form.controls.find(area);
        changed.settings.set(setting::HeightAtWork, 64);
        form.controls.replace(form.controls.indexOf(area), changed);
        const Form now = asHighAsAtWork(form);
        const auto placeIn = [](const Form &in, ControlId id) { return in.controls.find(id)->place; };
        const int by = placeIn(form, area).height() - 64;
        QVERIFY(by > 0);
        QCOMPARE(placeIn(now, area).height(), 64);
        QCOMPARE(placeIn(now, 7), placeIn(form, 7));
        QVERIFY(bottomOf(placeIn(now, 7)) > bottomOf(placeIn(now, area)));
        QCOMPARE(placeIn(now, 9).y(), placeIn(form, 9).y() - by);
        QCOMPARE(placeIn(now, 1), placeIn(form, 1));
        QCOMPARE(findBand(now, BandRole::Body)->height, findBand(form, BandRole::Body)->height - by);
        QVERIFY(asHighAsAtWork(now) == now);
        // Something beside it that reaches down as far keeps all below where it is.
        Control tall = *form.controls.find(1);
        tall.place =
            QRect(rightOf(placeIn(form, area)) + 40, placeIn(form, area).y(), 40, placeIn(form, area).height());
        tall.rides = {};
        form.controls.replace(form.controls.indexOf(1), tall);
        const Form beside = asHighAsAtWork(form);
        QCOMPARE(placeIn(beside, 9), placeIn(form, 9));
        QCOMPARE(placeIn(beside, area).height(), 64);
    }

    // In a window larger than the form it grows as far as the letters of its columns need, and else by half.
    void aFormGrowsAsFarAsItsValuesNeed()
    {
        Form form = samples::columnOfFields(2);
        form.width = 400;
        Control box = *form.controls.find(1);
        box.place.setWidth(120);
        box.rides.right = FixedRail::FormRight;
        box.rides.left = FixedRail::FormLeft;
        const auto most = [&](int letters, const QString &kind) {
            box.kind = kind;
            form.controls.replace(form.controls.indexOf(1), box);
            form.boundColumns = {BoundColumn{box.column, "VARCHAR", letters, false, {}, {}}};
            return mostWindowSize(form).width();
        };
        QCOMPARE(most(5, "text-box"), 400); // shown whole as it is
        const int twenty = most(20, "text-box");
        QVERIFY(twenty > 400 && twenty < 600);
        QVERIFY(most(25, "text-box") > twenty);
        QCOMPARE(most(4000, "text-box"), 600);
        QCOMPARE(most(5, "long-text"), 600); // nobody knows
    }

    void whatStandsBelowGoesAlong()
    {
        Form form = boxes({QRect(16, 16, 300, 80), QRect(16, 112, 300, 24), QRect(16, 0, 40, 16)});
        form = held(form, 1, Direction::Down, Holding::Stretches);
        const Form high = grownBy(form, 0, 50);
        QCOMPARE(placeOf(high, 1).height(), 130);
        QCOMPARE(placeOf(high, 2).y(), 162);
        QCOMPARE(placeOf(high, 3).y(), 0);
        QCOMPARE(findBand(high, BandRole::Header)->height, 40); // the body alone gets higher
        QCOMPARE(findBand(high, BandRole::Body)->height, 350);
    }

    void captionsGoWithTheirBoxes()
    {
        Form form = samples::columnOfFields(2);
        form = withHolding(form, {1}, Direction::Down, Holding::Moves);
        form = withHolding(form, {1}, Direction::Across, Holding::Moves);
        const Form large = grownBy(form, 80, 40);
        QCOMPARE(placeOf(large, 1).topLeft() - placeOf(form, 1).topLeft(), QPoint(80, 40));
        QCOMPARE(placeOf(large, 2).topLeft() - placeOf(form, 2).topLeft(), QPoint(80, 40));
        QCOMPARE(placeOf(large, 3), placeOf(form, 3));
    }

    void aLevelRailTakesWhatRidesItAlong()
    {
        const Form form = boxes({QRect(16, 40, 100, 24), QRect(200, 16, 100, 24), QRect(200, 64, 100, 80)});
        Form railed = withLevelRail(form, 40);
        const RailId rail = railed.levelRails.first().id;
        QCOMPARE(railed.controls.find(1)->rides.top, rail);
        QCOMPARE(railed.controls.find(2)->rides.bottom, rail);
        QCOMPARE(edgesOn(railed, rail), 2);
        QVERIFY(isLevelRail(railed, rail));
        const Form moved = moveRail(railed, rail, 72);
        QCOMPARE(placeOf(moved, 1).y(), 72);
        QCOMPARE(bottomOf(placeOf(moved, 2)), 72);
        QCOMPARE(placeOf(moved, 3), placeOf(form, 3));
        // What is moved off lets go, what comes to stand on it rides it.
        const Form off = moveControls(railed, {1}, {0, 8});
        QCOMPARE(off.controls.find(1)->rides.top, int(FixedRail::None));
        const Form on = moveControls(railed, {3}, {0, -24});
        QCOMPARE(on.controls.find(3)->rides.top, rail);
        QCOMPARE(edgesOn(withoutRail(railed, rail), rail), 0);
        const Form kept = withEdgesKept(form, {2, 1}, Edge::Top);
        QCOMPARE(placeOf(kept, 2).y(), 40);
        QCOMPARE(kept.controls.find(2)->rides.top, kept.controls.find(1)->rides.top);
    }

    void theBodysEdgeTakesAlongWhatIsHeldToIt()
    {
        Form form = boxes({QRect(16, 16, 100, 80), QRect(16, 200, 100, 24), QRect(200, 16, 100, 40)});
        form = held(form, 1, Direction::Down, Holding::Stretches);
        form = held(form, 2, Direction::Down, Holding::Moves);
        const Form higher = setBandHeight(form, BandRole::Body, 340);
        QCOMPARE(placeOf(higher, 1).height(), 120);
        QCOMPARE(placeOf(higher, 2).y(), 240);
        const Form lowest = setBandHeight(form, BandRole::Body, 0);
        QCOMPARE(findBand(lowest, BandRole::Body)->height, 228); // as far as the first can get lower
        QCOMPARE(setBandHeight(lowest, BandRole::Body, 300), form);
    }

    // Two rows held to the bottom that would grow over one another are found out, and a window is never so low.
    void clashesAreFoundInBothDirections()
    {
        Form form = boxes({QRect(16, 16, 300, 80), QRect(16, 104, 300, 80)});
        for (const ControlId id : {1, 2}) {
            form = held(form, id, Direction::Down, Holding::Stretches);
        }
        QCOMPARE(sizeReport(form, designedSize(form) + QSize(0, 60)).clashing, QList<ControlId>({1, 2}));
        QVERIFY(sizeReport(form, designedSize(form)).clashing.isEmpty());
        const Form one =
            held(boxes({QRect(16, 16, 300, 80), QRect(16, 200, 100, 24)}), 2, Direction::Down, Holding::Moves);
        QCOMPARE(lowestHeight(one), 40 + (16 + 80 + 24 + 76) + 48); // the second comes up to the first, below it 76
        QVERIFY(sizeReport(one, {400, lowestHeight(one) - 1}).clashing.contains(1));
        QCOMPARE(lowestHeight(boxes({QRect(16, 16, 300, 80)})), 40 + 96 + 48); // nothing held: the empty part goes
    }

    // Whatever is held to whatever: at its smallest, and at every size from there, nothing clashes that did not.
    void atTheLeastSizeNothingClashes()
    {
        QRandomGenerator random(41);
        for (int round = 0; round < 150; ++round) {
            QList<QRect> places;
            for (int i = 0; i < 6; ++i) {
                const int x = random.bounded(250);
                const int y = random.bounded(200);
                const int width = 24 + random.bounded(120);
                places.append(QRect(x, y, width, 16 + random.bounded(90)));
            }
            Form form = boxes(places);
            for (ControlId id = 1; id <= 6; ++id) {
                const int across = random.bounded(4);
                form = held(form, id, Direction::Across, static_cast<Holding>(across));
                form = held(form, id, Direction::Down, static_cast<Holding>(random.bounded(4)));
            }
            const QSize least = leastWindowSize(form);
            QVERIFY(least.width() <= form.width && least.height() <= shownHeight(form));
            QVERIFY(sizeReport(form, least).clashing.isEmpty());
            QCOMPARE(atSize(form, designedSize(form)), form);
        }
    }

    void fourBoxesFillTheWindow()
    {
        const Form form =
            boxes({QRect(20, 20, 90, 60), QRect(121, 24, 88, 62), QRect(18, 90, 92, 60), QRect(120, 92, 90, 58)});
        const Form cells = asCells(form);
        for (const QSize &more : {QSize(0, 0), QSize(200, 0), QSize(0, 200), QSize(317, 211), QSize(-120, -60)}) {
            const Form shown = grownBy(cells, more.width(), more.height());
            const int gapAcross = placeOf(shown, 2).x() - rightOf(placeOf(shown, 1));
            const int gapDown = placeOf(shown, 3).y() - bottomOf(placeOf(shown, 1));
            QVERIFY(gapAcross >= 7 && gapAcross <= 13 && gapDown >= 7 && gapDown <= 13);
            QCOMPARE(gapAcross, placeOf(cells, 2).x() - rightOf(placeOf(cells, 1))); // whatever the size
            QCOMPARE(gapDown, placeOf(cells, 3).y() - bottomOf(placeOf(cells, 1)));
            QCOMPARE(placeOf(shown, 1).topLeft(), QPoint(16, 16));
            QCOMPARE(rightOf(placeOf(shown, 4)), 400 + more.width() - 16);
            QCOMPARE(bottomOf(placeOf(shown, 4)), 300 + more.height() - 16);
            QCOMPARE(placeOf(shown, 1).height(), placeOf(shown, 2).height());
            QVERIFY(std::abs(placeOf(shown, 1).width() - placeOf(shown, 2).width()) <= 1);
            QCOMPARE(placeOf(shown, 2).y(), placeOf(shown, 1).y());
            QCOMPARE(placeOf(shown, 3).x(), placeOf(shown, 1).x());
        }
        QVERIFY(leastWindowSize(cells).width() < 250 && leastWindowSize(cells).height() < 250);
        QCOMPARE(asCells(cells).controls, cells.controls); // again changes nothing
    }

    // A grid with one that spans, one missing and captions; beside it something that stays.
    void cellsSpanAndStayEmpty()
    {
        const Form form = boxes({QRect(16, 100, 100, 40), QRect(124, 100, 100, 40), QRect(16, 148, 208, 40),
                                 QRect(124, 196, 100, 40), QRect(16, 16, 200, 24)});
        const Form cells = asCells(form, {1, 2, 3, 4});
        QCOMPARE(placeOf(cells, 5), placeOf(form, 5));
        const Form shown = grownBy(cells, 100, 90);
        QVERIFY(placeOf(shown, 1).y() >= bottomOf(placeOf(shown, 5)));
        QCOMPARE(placeOf(shown, 3).x(), placeOf(shown, 1).x());
        QCOMPARE(rightOf(placeOf(shown, 3)), rightOf(placeOf(shown, 2)));
        QCOMPARE(placeOf(shown, 4).x(), placeOf(shown, 2).x());
        QCOMPARE(placeOf(shown, 1).height(), placeOf(shown, 4).height());
        QCOMPARE(rightOf(placeOf(shown, 4)), 500 - 16);
        QCOMPARE(bottomOf(placeOf(shown, 4)), 390 - 16);
    }

    // Whatever is held, grouped, made cells of, moved and sized: nothing leaves its container, or its band.
    void nothingLeavesItsContainer()
    {
        for (int seed = 0; seed < 1500; ++seed) {
            QRandomGenerator random(static_cast<quint32>(seed));
            const auto below = [&](int bound) { return static_cast<int>(random.bounded(bound)); };
            QList<QRect> places;
            for (int i = 0; i < 6; ++i) {
                const int x = 8 * below(35);
                const int y = 8 * below(25);
                const int width = 24 + below(120);
                places.append(QRect(x, y, width, 16 + below(90)));
            }
            Form form = grownToHold(boxes(places));
            QStringList done;
            for (int step = 0; step < 14; ++step) {
                QList<ControlId> chosen;
                for (int i = below(3) + 1; i > 0; --i) {
                    const ControlId id = form.controls.at(below(form.controls.size())).id;
                    chosen.removeOne(id);
                    chosen.append(id);
                }
                QStringList ids;
                for (const ControlId id : chosen) {
                    ids.append(QString::number(id));
                }
                const Direction direction = below(2) == 0 ? Direction::Across : Direction::Down;
                const int what = below(12);
                const QPoint by(below(300) - 150, below(300) - 150);
                switch (what) {
                case 0:
                case 1:
                    form = withHolding(form, chosen, direction, static_cast<Holding>(below(4)));
                    break;
                case 2:
                    form = asCells(form, chosen);
                    break;
                case 3: {
                    const char *kinds[] = {"group-box", "panes", "tab-pages", "scroll-area"};
                    form = withContainer(form, chosen, kinds[below(4)]).form;
                    break;
                }
                case 4:
                    form = moveControls(form, chosen, by);
                    break;
                case 5: {
                    const QList<Area> areas = areasOf(form);
                    form = moveControlsInto(form, chosen, areas.at(below(int(areas.size()))), by);
                    break;
                }
                case 6:
                    form = resizeControls(form, {chosen.first()}, Edge::Right | Edge::Bottom, by);
                    break;
                case 7:
                    form = below(2) == 0
                               ? setFormWidth(form, form.width + by.x())
                               : setBandHeight(form, BandRole::Body, findBand(form, BandRole::Body)->height + by.y());
                    break;
                case 8: {
                    const QList<Area> areas = areasOf(form);
                    const char *kinds[] = {"line", "list", "button", "text-box", "panes", "subform"};
                    form =
                        withNewControlBelow(form, kinds[below(6)], areas.at(below(int(areas.size()))), m_measure).form;
                    break;
                }
                case 9:
                    form = withDivider(form, chosen.first(), by.x() + 150);
                    break;
                case 10: {
                    const QList<Area> areas = areasOf(form);
                    const Area area = areas.at(below(int(areas.size())));
                    const Form clip = clipOf(form, chosen);
                    form = pasted(form, clip, wayToFreePlace(form, clip, area, by), "{kind}_{column}", area).form;
                    break;
                }
                default:
                    form = withWayMade(form, chosen);
                }
                done.append(QString("%1(%2 %3,%4)").arg(what).arg(ids.join(' ')).arg(by.x()).arg(by.y()));
                for (const Control &control : form.controls) {
                    const QRect room = roomOf(form, areaOf(control));
                    const QRect around =
                        control.container != 0 ? room : QRect(0, 0, form.width, findBand(form, control.band)->height);
                    QVERIFY2(around.contains(control.place),
                             qPrintable(QString("seed %1, %2: %3").arg(seed).arg(control.id).arg(done.join(" "))));
                }
            }
        }
    }

    void cellsInAGroupGrowWithIt()
    {
        const Form form = boxes({QRect(40, 60, 60, 40), QRect(108, 60, 60, 40)});
        const Grouped grouped = withContainer(form, {1, 2}, "group-box");
        const Form cells = asCells(grouped.form, {grouped.container});
        const Form shown = grownBy(cells, 120, 60);
        const QRect group = placeOf(shown, grouped.container);
        QCOMPARE(group.width(), placeOf(cells, grouped.container).width() + 120);
        QCOMPARE(group.height(), placeOf(cells, grouped.container).height() + 60);
        QCOMPARE(placeOf(shown, 1).width(), placeOf(cells, 1).width() + 60);
        QCOMPARE(rightOf(group) - rightOf(placeOf(shown, 2)),
                 rightOf(placeOf(cells, grouped.container)) - rightOf(placeOf(cells, 2)));
        QCOMPARE(placeOf(shown, 2).height(), placeOf(cells, 2).height() + 60);
        QVERIFY(sizeReport(cells, designedSize(cells) + QSize(120, 60)).clashing.isEmpty());
    }
};

QTEST_APPLESS_MAIN(TestWindowSizes)
#include "tst_window_sizes.moc"

// The arrange operations as laws: over forms laid out by chance, with every operation of the table.
#include "core/arrange/edges.h"
#include "core/arrange/gaps.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/row_edits.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/arrange/tidy.h"
#include "core/edit/edits.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

namespace {

// Fields with captions put roughly into columns and rows, as by a hurried hand.
Form roughForm(QRandomGenerator &random, int fields, int columns, bool mayOverlap)
{
    Form form = samples::columnOfFields(fields);
    for (int i = 0; i < fields; ++i) {
        const int column = i % columns;
        const int row = i / columns;
        const int jitter = mayOverlap ? 20 : 9;
        // In braces the numbers are drawn in order, whatever the compiler.
        const QRect place{140 + column * 400 + random.bounded(jitter), 16 + row * 44 + random.bounded(jitter),
                          80 + random.bounded(120), 24 + (random.bounded(6) == 0 ? 10 : random.bounded(3))};
        Control box = *form.controls.find(2 * i + 1);
        box.place = place;
        box.rides = {};
        form.controls.replace(form.controls.indexOf(box.id), box);
        Control caption = *form.controls.find(2 * i + 2);
        caption.rides = {};
        caption.place.moveTopLeft({place.x() - CaptionGap - caption.place.width(), place.y() + random.bounded(4)});
        form.controls.replace(form.controls.indexOf(caption.id), caption);
    }
    form.rails.clear();
    return settled(form, FixedTextMeasure());
}

QList<ControlId> allOf(const Form &form)
{
    QList<ControlId> ids;
    for (const Control &control : form.controls) {
        ids.append(control.id);
    }
    return ids;
}

} // namespace

class TestArrange : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    ArrangeContext contextOf(const Form &form, const QList<ControlId> &selected) const
    {
        return {form, selected, m_measure, [](const Control &control, double share) {
                    return control.kind == "caption" ? 0 : 60 + static_cast<int>(100 * share) + control.id;
                }};
    }
    static QRect placeOf(const Form &form, ControlId id) { return form.controls.find(id)->place; }
    static Form applied(const ArrangeContext &context, const char *id)
    {
        const ArrangeOperation *operation = findArrangeOperation(id);
        if (!operation) {
            qFatal("no operation %s", id);
        }
        return operation->whyNot(context).isEmpty() ? operation->apply(context) : context.form;
    }

private Q_SLOTS:
    void theTableIsSound()
    {
        QSet<QString> ids;
        QSet<QString> titles;
        for (const ArrangeOperation &operation : arrangeOperations()) {
            QVERIFY2(!ids.contains(operation.id), qPrintable(operation.id));
            QVERIFY2(!titles.contains(operation.title), operation.title);
            ids.insert(operation.id);
            titles.insert(operation.title);
            QVERIFY(arrangeHelp(operation).endsWith('.'));
            QVERIFY(!arrangeTitle(operation).endsWith('.'));
        }
        QVERIFY(ids.size() > 40);
    }

    // The parts fill the place that was parted, a grid step apart, and are as wide as one another.
    void aPartedFieldFillsItsPlace()
    {
        for (int count = 2; count <= 6; ++count) {
            Form form = samples::columnOfFields(4);
            Control wide = *form.controls.find(3);
            wide.rides = {};
            wide.place.setWidth(300);
            form.controls.replace(form.controls.indexOf(3), wide);
            form.width = 600;
            ArrangeContext context = contextOf(form, {3});
            context.columns = count;
            const Form after = findArrangeOperation("split-field")->apply(context);
            QCOMPARE(after.controls.size(), form.controls.size() + count - 1);
            QList<QRect> parts{placeOf(after, 3)};
            for (const Control &control : after.controls) {
                if (!form.controls.find(control.id)) {
                    parts.append(control.place);
                    QVERIFY(control.column.isEmpty());
                    QCOMPARE(control.kind, wide.kind);
                }
            }
            std::sort(parts.begin(), parts.end(), [](const QRect &a, const QRect &b) { return a.x() < b.x(); });
            QCOMPARE(parts.first().x(), wide.place.x());
            QCOMPARE(rightOf(parts.last()), rightOf(wide.place));
            for (int i = 1; i < count; ++i) {
                QCOMPARE(parts.at(i).x() - rightOf(parts.at(i - 1)), form.grid.pitch);
                QVERIFY(std::abs(parts.at(i).width() - parts.at(0).width()) <= form.grid.pitch);
                QCOMPARE(parts.at(i).height(), wide.place.height());
            }
        }
        const Form four = samples::columnOfFields(4);
        ArrangeContext narrow = contextOf(four, {3});
        narrow.columns = 40;
        QVERIFY(!findArrangeOperation("split-field")->whyNot(narrow).isEmpty());
    }

    // A column that was inserted, on either side, and taken out again leaves the form as it was.
    void rowsAndColumnsAreTakenOut()
    {
        Form form = samples::columnOfFields(6);
        const Form without = applied(contextOf(form, {5}), "remove-row");
        QVERIFY(!without.controls.find(5) && !without.controls.find(6));
        QCOMPARE(placeOf(without, 7).y(), placeOf(form, 5).y()); // what stood below has its place
        QCOMPARE(placeOf(without, 3), placeOf(form, 3));
        const Form last = applied(contextOf(form, {11}), "remove-row");
        QCOMPARE(placeOf(last, 9), placeOf(form, 9));
        const Form two = flowed(form, allOf(form), 2, m_measure);
        const int first = placeOf(two, 1).x();
        const Form column = applied(contextOf(two, {1}), "remove-column");
        QCOMPARE(column.controls.size(), qsizetype(6));
        for (const Control &control : column.controls) {
            QVERIFY(isCaption(control) || control.place.x() <= first + 8);
        }
        QVERIFY(column.width < two.width);
    }

    void twoChangePlacesAndBack()
    {
        QRandomGenerator random(12);
        for (int run = 0; run < 50; ++run) {
            const Form form = samples::columnOfFields(5);
            const ControlId one = 1 + 2 * random.bounded(5);
            const ControlId other = 1 + (one + 1 + 2 * random.bounded(4)) % 10;
            const Form once = applied(contextOf(form, {one, other}), "change-places");
            QCOMPARE(once.controls.find(one)->place.topLeft(), form.controls.find(other)->place.topLeft());
            QCOMPARE(once.controls.find(other)->place.topLeft(), form.controls.find(one)->place.topLeft());
            QVERIFY(applied(contextOf(once, {one, other}), "change-places") == form);
        }
        const Form five = samples::columnOfFields(5);
        QVERIFY(!findArrangeOperation("change-places")->whyNot(contextOf(five, {1, 3, 5})).isEmpty());
    }

    // What stands in one row makes way as one, whatever is put on part of it.
    void rowsMakeWayAsAWhole()
    {
        QRandomGenerator random(15);
        for (int run = 0; run < 200; ++run) {
            Form form = samples::columnOfFields(12);
            form.rails.clear();
            form.width = 1300;
            for (int i = 0; i < 12; ++i) { // three columns, four rows
                Control box = *form.controls.find(2 * i + 1);
                box.rides = {};
                box.place = QRect(120 + 400 * (i % 3), 16 + 32 * (i / 3), 80 + random.bounded(120), 24);
                form.controls.replace(form.controls.indexOf(box.id), box);
            }
            form = withCaptionsInPlace(form, {2, 4, 6, 8, 10, 12, 14, 16, 18, 20, 22, 24});
            const ControlId put = 1 + 2 * random.bounded(12);
            Control moved = *form.controls.find(put);
            moved.place.moveTopLeft({120 + random.bounded(900), 16 + random.bounded(110)});
            moved.place.setHeight(24 + random.bounded(60));
            form.controls.replace(form.controls.indexOf(put), moved);
            form = withCaptionsInPlace(form, {put + 1});
            const Form after = withWayMade(form, {put});
            for (int i = 0; i < 12; ++i) {
                for (int j = i + 1; j < 12; ++j) {
                    const ControlId a = 2 * i + 1;
                    const ControlId b = 2 * j + 1;
                    if (i / 3 == j / 3 && a != put && b != put) {
                        QCOMPARE(placeOf(after, a).y(), placeOf(after, b).y());
                    }
                }
            }
        }
    }

    // Whatever is selected: nothing is lost, nothing leaves its band, names and bindings stay.
    void everyOperationKeepsWhatThereIs()
    {
        QRandomGenerator random(11);
        for (int i = 0; i < 60; ++i) {
            const Form form = roughForm(random, 3 + random.bounded(12), 1 + random.bounded(3), true);
            QList<ControlId> selected;
            for (int j = 0, count = random.bounded(6); j < count; ++j) {
                const ControlId id = 1 + random.bounded(form.controls.size());
                selected.removeOne(id);
                selected.append(id);
            }
            for (const ArrangeOperation &operation : arrangeOperations()) {
                const ArrangeContext context = contextOf(form, selected);
                // Groups come and go with controls of their own; they have a test of their own.
                if (!operation.whyNot(context).isEmpty() || operation.group == ArrangeGroup::Groups) {
                    continue;
                }
                const Form after = operation.apply(context);
                const bool takesAway = operation.id == "caption-remove" || operation.id.startsWith("remove-");
                const bool adds = operation.id == "split-field";
                QVERIFY2(takesAway || adds || after.controls.size() == form.controls.size(), qPrintable(operation.id));
                for (const Control &control : after.controls) {
                    const Control *before = form.controls.find(control.id);
                    QVERIFY2(before || adds, qPrintable(operation.id));
                    QVERIFY(!before || (control.name == before->name && control.column == before->column));
                    const Band *band = findBand(after, control.band);
                    QVERIFY2(control.place.x() >= 0 && control.place.y() >= 0, qPrintable(operation.id));
                    QVERIFY2(rightOf(control.place) <= after.width && bottomOf(control.place) <= band->height,
                             qPrintable(operation.id));
                    QVERIFY2(control.place.width() >= 8 && control.place.height() >= 8, qPrintable(operation.id));
                }
            }
        }
    }

    void whatIsIdempotentIs_data()
    {
        QTest::addColumn<QString>("id");
        for (const ArrangeOperation &operation : arrangeOperations()) {
            const bool isSteady = operation.id.startsWith("line-up") || operation.id.startsWith("match") ||
                                  operation.id.startsWith("gaps-even") || operation.id.startsWith("gaps-set") ||
                                  operation.id.startsWith("gaps-close") || operation.id.startsWith("grid") ||
                                  operation.id.startsWith("fit") || operation.id.startsWith("centre") ||
                                  operation.id == "tidy" || operation.id.startsWith("bring") ||
                                  operation.id.startsWith("send") || operation.id == "close-up-rows" ||
                                  operation.id.startsWith("caption-");
            if (isSteady && operation.id != "caption-attach") {
                QTest::newRow(qPrintable(operation.id)) << operation.id;
            }
        }
    }
    void whatIsIdempotentIs()
    {
        QFETCH(QString, id);
        QRandomGenerator random(7);
        int changes = 0;
        for (int i = 0; i < 500; ++i) {
            // One after the other, so that every compiler draws the same forms.
            const int fields = 4 + random.bounded(10);
            const int columns = 1 + random.bounded(3);
            const Form form = roughForm(random, fields, columns, i % 2 == 0);
            QList<ControlId> selected;
            for (int field = 0; field < 4; ++field) {
                selected.append(2 * field + 1 + (i % 5 == 0 ? 1 : 0));
            }
            const Form once = applied(contextOf(form, selected), qPrintable(id));
            const Form twice = applied(contextOf(once, selected), qPrintable(id));
            for (const Control &control : once.controls) {
                if (placeOf(twice, control.id) != control.place) {
                    qWarning() << i << control.name << control.place << placeOf(twice, control.id);
                }
                QCOMPARE(placeOf(twice, control.id), control.place);
            }
            changes += once == form ? 0 : 1;
        }
        QVERIFY(changes > 0 || id == "fit-words");
    }

    void liningUpGoesToTheLeadAndTakesCaptionsAlong()
    {
        QRandomGenerator random(3);
        const Form form = roughForm(random, 5, 1, false);
        const Form left = applied(contextOf(form, {1, 3, 5, 7}), "line-up-left");
        for (const ControlId id : {1, 3, 5}) {
            QCOMPARE(placeOf(left, id).x(), placeOf(form, 7).x());
            QCOMPARE(placeOf(left, id + 1).topLeft() - placeOf(left, id).topLeft(),
                     placeOf(form, id + 1).topLeft() - placeOf(form, id).topLeft());
        }
        QCOMPARE(placeOf(left, 9), placeOf(form, 9));
        // The other way round: captions selected take their boxes along.
        const Form tops = applied(contextOf(form, {2, 4}), "line-up-top");
        QCOMPARE(placeOf(tops, 2).y(), placeOf(form, 4).y());
        QCOMPARE(placeOf(tops, 1).topLeft() - placeOf(tops, 2).topLeft(),
                 placeOf(form, 1).topLeft() - placeOf(form, 2).topLeft());
    }

    void textOfAnySizeStandsOnOneLine()
    {
        Form form = samples::columnOfFields(2);
        Control tall = *form.controls.find(3);
        tall.place.setHeight(40);
        form.controls.replace(form.controls.indexOf(3), tall);
        const Form after = applied(contextOf(form, {1, 3}), "line-up-baselines");
        const auto baselineOf = [&](ControlId id) {
            return placeOf(after, id).y() + *textBaseline(*after.controls.find(id), m_measure);
        };
        QCOMPARE(baselineOf(1), baselineOf(3));
        QVERIFY(placeOf(after, 1).y() != placeOf(after, 3).y());
    }

    void matchingTakesTheSizeOfTheLeadOrAnExtreme()
    {
        QRandomGenerator random(4);
        const Form form = roughForm(random, 4, 1, false);
        const QList<ControlId> boxes{1, 3, 5, 7};
        int widest = 0;
        int narrowest = 1000;
        for (const ControlId id : boxes) {
            widest = std::max(widest, placeOf(form, id).width());
            narrowest = std::min(narrowest, placeOf(form, id).width());
        }
        for (const ControlId id : boxes) {
            QCOMPARE(placeOf(applied(contextOf(form, boxes), "match-width"), id).width(), placeOf(form, 7).width());
            QCOMPARE(placeOf(applied(contextOf(form, boxes), "match-widest"), id).width(), widest);
            QCOMPARE(placeOf(applied(contextOf(form, boxes), "match-narrowest"), id).width(), narrowest);
            QCOMPARE(placeOf(applied(contextOf(form, boxes), "match-size"), id).size(), placeOf(form, 7).size());
        }
    }

    // All gaps are the same to the pixel; what does not divide brings the last one nearer, and nothing else moves it.
    void evenGapsAreTheSame()
    {
        QRandomGenerator random(5);
        for (int i = 0; i < 200; ++i) {
            const Form form = roughForm(random, 3 + random.bounded(9), 1, false);
            const QList<ControlId> selected = allOf(form);
            const Form even = withEvenGaps(form, selected, Direction::Down);
            const auto sizes = [&](const Form &of) {
                QList<int> result;
                for (const Gap &gap : gapsOf(of, selected)) {
                    if (gap.direction == Direction::Down) {
                        result.append(gap.size);
                    }
                }
                return result;
            };
            const QList<int> before = sizes(form);
            const QList<int> after = sizes(even);
            QCOMPARE(after.size(), before.size());
            const int lost =
                std::accumulate(before.begin(), before.end(), 0) - std::accumulate(after.begin(), after.end(), 0);
            QVERIFY(lost >= 0 && lost < after.size());
            QCOMPARE(*std::max_element(after.begin(), after.end()), *std::min_element(after.begin(), after.end()));
            for (const Gap &gap : gapsOf(even, selected)) {
                QVERIFY(gap.direction == Direction::Across || !gap.isOdd);
            }
        }
    }

    // Lined up is lined up, also where a caption has no room at the lead's edge: then all of them go further.
    void liningUpNeverFails()
    {
        QRandomGenerator random(17);
        for (int i = 0; i < 200; ++i) {
            Form form = roughForm(random, 4, 1, false);
            Control lead = *form.controls.find(7);
            lead.place.moveTopLeft({static_cast<int>(random.bounded(60)), lead.place.y()});
            form.controls.replace(form.controls.indexOf(7), lead);
            form = deleteCaptionsOf(form, {7}); // it alone has no caption to make room for
            for (const auto &[id, edgeOf] : {std::pair<const char *, int (*)(const QRect &)>{
                                                 "line-up-left", [](const QRect &place) { return place.x(); }},
                                             {"line-up-right", [](const QRect &place) { return rightOf(place); }},
                                             {"line-up-top", [](const QRect &place) { return place.y(); }}}) {
                const Form after = applied(contextOf(form, {1, 3, 5, 7}), id);
                for (const ControlId each : {1, 3, 5}) {
                    QVERIFY2(edgeOf(placeOf(after, each)) == edgeOf(placeOf(after, 7)), id);
                    QVERIFY(captionOf(after, each)->place.x() >= 0);
                }
            }
        }
    }

    void gapsAreSetGrownAndShrunkTakingCaptionsAlong()
    {
        QRandomGenerator random(6);
        const Form form = roughForm(random, 4, 1, false);
        const Form set = withGaps(form, {1, 3, 5, 7}, Direction::Down, 11);
        for (const Gap &gap : gapsOf(set, {1, 3, 5, 7})) {
            QCOMPARE(gap.size, 11);
            QVERIFY(!gap.isOdd);
        }
        QCOMPARE(placeOf(set, 8).topLeft() - placeOf(set, 7).topLeft(),
                 placeOf(form, 8).topLeft() - placeOf(form, 7).topLeft());
        const Form grown = applied(contextOf(set, {1, 3, 5, 7}), "gaps-grow-down");
        QCOMPARE(gapsOf(grown, {1, 3, 5, 7}).first().size, 19);
        const Form shrunk = applied(contextOf(set, {1, 3, 5, 7}), "gaps-shrink-down");
        QCOMPARE(gapsOf(shrunk, {1, 3, 5, 7}).first().size, 3);
    }

    void theOddGapIsTold()
    {
        Form form = samples::columnOfFields(4);
        form = moveControls(form, {7}, QPoint(0, 3));
        const QList<Gap> gaps = gapsOf(form, {1, 3, 5, 7});
        QCOMPARE(gaps.size(), 3);
        QCOMPARE(gaps.at(0).size, 8);
        QVERIFY(!gaps.at(0).isOdd && !gaps.at(1).isOdd && gaps.at(2).isOdd);
        QCOMPARE(gaps.at(2).size, 11);
        QCOMPARE(gaps.at(2).space.height(), 11);
    }

    // Tidy and flow lose nothing, overlap nothing, put everything on the grid.
    void tidyAndFlowLeaveNoOverlap_data()
    {
        QTest::addColumn<QString>("id");
        for (const char *id : {"tidy", "flow-1", "flow-2", "flow-3"}) {
            QTest::newRow(id) << id;
        }
    }
    void tidyAndFlowLeaveNoOverlap()
    {
        QFETCH(QString, id);
        QRandomGenerator random(9);
        for (int i = 0; i < 150; ++i) {
            const Form form = roughForm(random, 2 + random.bounded(20), 1 + random.bounded(3), i % 2 == 0);
            const Form after = applied(contextOf(form, {}), qPrintable(id));
            QCOMPARE(after.controls.size(), form.controls.size());
            for (const Control &a : after.controls) {
                if (a.kind != "caption") {
                    QCOMPARE(a.place.x() % 8, 0);
                    QCOMPARE(a.place.y() % 8, 0);
                }
                for (const Control &b : after.controls) {
                    if (a.id < b.id && a.band == b.band) {
                        if (a.place.intersects(b.place)) {
                            qWarning() << i << a.name << a.place << b.name << b.place;
                        }
                        QVERIFY(!a.place.intersects(b.place));
                    }
                }
            }
        }
    }

    // The same when only some are chosen: the others are neither covered nor, but for making way below, disturbed.
    void flowOfSomeCoversNothing()
    {
        QRandomGenerator random(19);
        for (int i = 0; i < 150; ++i) {
            const Form form = roughForm(random, 8 + random.bounded(10), 2, false);
            QList<ControlId> some;
            for (int field = 0; field < 5; ++field) {
                some.append(2 * random.bounded(8) + 1);
            }
            const Form after = flowed(form, some, 1 + random.bounded(3), m_measure);
            QCOMPARE(after.controls.size(), form.controls.size());
            for (const Control &a : after.controls) {
                for (const Control &b : after.controls) {
                    const bool wasClear = !placeOf(form, a.id).intersects(placeOf(form, b.id));
                    if (a.id < b.id && a.band == b.band && wasClear && a.place.intersects(b.place)) {
                        qWarning() << i << a.name << a.place << b.name << b.place;
                    }
                    QVERIFY(a.id >= b.id || a.band != b.band || !wasClear || !a.place.intersects(b.place));
                }
            }
        }
    }

    // Rows, columns, fields and captions moved about on messy layouts put nothing on top of anything.
    void movingRowsAndFieldsCoversNothing_data()
    {
        QTest::addColumn<QString>("id");
        for (const ArrangeOperation &operation : arrangeOperations()) {
            const bool isMeant = (operation.group == ArrangeGroup::Rows && operation.id != "split-field") ||
                                 operation.id == "caption-beside" || operation.id == "caption-above";
            if (isMeant) {
                QTest::newRow(qPrintable(operation.id)) << operation.id;
            }
        }
    }
    void movingRowsAndFieldsCoversNothing()
    {
        QFETCH(QString, id);
        QRandomGenerator random(23);
        int changes = 0;
        for (int i = 0; i < 200; ++i) {
            Form form = roughForm(random, 6 + random.bounded(10), 1 + random.bounded(3), false);
            if (i % 3 == 0) { // a tall box among the others, with room made for it
                const QRect tall = placeOf(form, 3);
                form = withRoomDown(form, Area(), bottomOf(tall), 80);
                form = resizeControls(form, {3}, Edge::Bottom, QPoint(0, 70));
            }
            const QList<ControlId> chosen{2 * random.bounded(3) + 1, 2 * random.bounded(3) + 7};
            const Form after =
                applied(contextOf(form, i % 2 == 0 ? chosen : QList<ControlId>{chosen.first()}), qPrintable(id));
            changes += after == form ? 0 : 1;
            for (const Control &a : after.controls) {
                for (const Control &b : after.controls) {
                    const bool wasClear = !placeOf(form, a.id).intersects(placeOf(form, b.id));
                    if (a.id < b.id && a.band == b.band && wasClear && a.place.intersects(b.place)) {
                        qWarning() << i << chosen << a.name << placeOf(form, a.id) << a.place << b.name
                                   << placeOf(form, b.id) << b.place;
                        QVERIFY(!a.place.intersects(b.place));
                    }
                }
            }
        }
        QVERIFY(changes > 0);
    }

    void tidyLinesUpWhatNearlyDid()
    {
        QRandomGenerator random(10);
        for (int i = 0; i < 50; ++i) {
            const Form form = roughForm(random, 6, 1, false);
            const Form after = tidied(form, allOf(form), m_measure);
            QSet<int> lefts;
            for (const Control &control : after.controls) {
                if (control.kind != "caption") {
                    lefts.insert(control.place.x());
                }
            }
            QCOMPARE(lefts.size(), 1);
        }
    }

    void tidyOfSomeLeavesTheOthersWhereTheyAre()
    {
        QRandomGenerator random(12);
        for (int i = 0; i < 50; ++i) {
            const Form form = roughForm(random, 8, 2, false);
            const Form after = tidied(form, {1, 3, 5, 7}, m_measure);
            for (const ControlId id : {9, 10, 11, 12, 13, 14, 15, 16}) {
                QCOMPARE(placeOf(after, id), placeOf(form, id));
            }
        }
    }

    void flowPutsFieldsIntoColumnsInTheirOrder()
    {
        const Form form = samples::columnOfFields(6);
        const Form two = flowed(form, allOf(form), 2, m_measure);
        QSet<int> lefts;
        for (const ControlId id : {1, 3, 5, 7, 9, 11}) {
            lefts.insert(placeOf(two, id).x());
        }
        QCOMPARE(lefts.size(), 2);
        QVERIFY(placeOf(two, 7).x() > placeOf(two, 5).x());
        QCOMPARE(placeOf(two, 7).y(), placeOf(two, 1).y());
        // Both columns have rails that keep clear of their captions.
        QCOMPARE(two.rails.size(), 2);
        QVERIFY(findRail(two, two.controls.find(7)->rides.left)->isAutomatic);
        const Form one = flowed(two, allOf(two), 1, m_measure);
        QCOMPARE(one.rails.size(), 1);
        for (const ControlId id : {3, 5, 7, 9, 11}) {
            QCOMPARE(placeOf(one, id).x(), placeOf(one, 1).x());
        }
    }

    void aDropMakesWay()
    {
        const Form form = samples::columnOfFields(5);
        // The last field is put over the second one: the second and those below go down, into the room that it left.
        const Form put = moveControls(form, {9}, QPoint(0, placeOf(form, 3).y() - placeOf(form, 9).y()));
        const Form after = withWayMade(put, {9});
        QCOMPARE(placeOf(after, 9).y(), placeOf(form, 3).y());
        QCOMPARE(placeOf(after, 1), placeOf(form, 1));
        QCOMPARE(placeOf(after, 3).y(), placeOf(form, 5).y());
        QCOMPARE(placeOf(after, 5).y(), placeOf(form, 7).y());
        QCOMPARE(placeOf(after, 7).y(), placeOf(form, 9).y());
        QCOMPARE(placeOf(after, 4).y(), placeOf(after, 3).y());
        QVERIFY(withWayMade(form, {9}) == form);
    }

    void rowsAreInsertedSwappedAndClosedUp()
    {
        const Form form = samples::columnOfFields(4);
        const Form inserted = applied(contextOf(form, {3}), "insert-row-above");
        QCOMPARE(placeOf(inserted, 1), placeOf(form, 1));
        QCOMPARE(placeOf(inserted, 3).y(), placeOf(form, 3).y() + 32);
        QCOMPARE(findBand(inserted, BandRole::Body)->height, findBand(form, BandRole::Body)->height + 32);
        const Form closed = applied(contextOf(inserted, {}), "close-up-rows");
        for (const Control &control : form.controls) {
            QCOMPARE(placeOf(closed, control.id), control.place);
        }
        QCOMPARE(findBand(closed, BandRole::Body)->height, findBand(form, BandRole::Body)->height);
        const Form swapped = applied(contextOf(form, {1, 5}), "swap-rows");
        QCOMPARE(placeOf(swapped, 1).y(), placeOf(form, 5).y());
        QCOMPARE(placeOf(swapped, 5).y(), placeOf(form, 1).y());
        QCOMPARE(placeOf(swapped, 6).y(), placeOf(form, 2).y());
        const Form moved = applied(contextOf(form, {5}), "field-up");
        QCOMPARE(placeOf(moved, 5), placeOf(form, 3));
        QCOMPARE(placeOf(moved, 3), placeOf(form, 5));
        QVERIFY(!findArrangeOperation("row-up")->whyNot(contextOf(form, {1})).isEmpty());
        QVERIFY(!findArrangeOperation("close-up-rows")->whyNot(contextOf(form, {1})).isEmpty());
    }

    // Closing up after deleting from messy layouts keeps the order of rows and makes no overlap where there was none.
    void closingUpMessyLayoutsOverlapsNothing()
    {
        QRandomGenerator random(14);
        for (int i = 0; i < 100; ++i) {
            Form form = withTabOrder(roughForm(random, 12, 2, false), TabOrder::Rows);
            form = deleteControls(form, {5, 7, 1 + 2 * random.bounded(12)});
            const Form after = withRowsClosedUp(form, Area());
            QVERIFY(tabSequence(after) == tabSequence(form));
            for (const Control &a : after.controls) {
                for (const Control &b : after.controls) {
                    const bool wasClear = !placeOf(form, a.id).intersects(placeOf(form, b.id));
                    QVERIFY(a.id >= b.id || !wasClear || !a.place.intersects(b.place));
                }
            }
            QCOMPARE(emptyRowsHeight(after, Area()), 0);
        }
    }

    void captionsChangeTheirSeatAndMakeRoom()
    {
        const Form form = settled(samples::columnOfFields(3), m_measure);
        const Form above = applied(contextOf(form, {1, 3, 5}), "caption-above");
        for (const ControlId id : {1, 3, 5}) {
            QCOMPARE(bottomOf(placeOf(above, id + 1)), placeOf(above, id).y());
            QCOMPARE(placeOf(above, id + 1).x(), placeOf(above, id).x());
        }
        QVERIFY(!placeOf(above, 1).intersects(placeOf(above, 4)));
        const Form beside = applied(contextOf(above, {1, 3, 5}), "caption-beside");
        for (const ControlId id : {1, 3, 5}) {
            QCOMPARE(rightOf(placeOf(beside, id + 1)) + CaptionGap, placeOf(beside, id).x());
        }
        const Form loose = applied(contextOf(form, {1}), "caption-detach");
        QCOMPARE(loose.controls.find(2)->captionFor, 0);
        const Form attached = applied(contextOf(loose, {2, 1}), "caption-attach");
        QCOMPARE(attached.controls.find(2)->captionFor, 1);
        QCOMPARE(placeOf(attached, 2), placeOf(form, 2));
    }
};

QTEST_GUILESS_MAIN(TestArrange)
#include "tst_arrange.moc"

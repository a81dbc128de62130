// Group boxes and tab pages: what they hold goes with them, stays inside them, and is never lost.
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/row_edits.h"
#include "core/arrange/rows.h"
#include "core/arrange/tidy.h"
#include "core/arrange/windows/stretching.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/edit/form_texts.h"
#include "core/edit/placing.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/head_height.h"
#include "support/sample_forms.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

namespace {

const QString GroupBox = QStringLiteral("group-box");
const QString TabPages = QStringLiteral("tab-pages");

QList<ControlId> allOf(const Form &form)
{
    QList<ControlId> ids;
    for (const Control &control : form.controls) {
        ids.append(control.id);
    }
    return ids;
}

QRect placeOf(const Form &form, ControlId id)
{
    return form.controls.find(id)->place;
}

// A column of fields, some of them in containers, containers in containers.
Form nestedForm(QRandomGenerator &random, int fields)
{
    Form form = samples::columnOfFields(fields);
    for (int i = 0, count = 1 + random.bounded(3); i < count; ++i) {
        const QList<Area> areas = areasOf(form);
        const Area area = areas.at(random.bounded(areas.size()));
        QList<ControlId> chosen;
        for (const Arranged &item : arrangedIn(form, area)) {
            if (random.bounded(3) == 0) {
                chosen.append(item.control);
            }
        }
        form = withContainer(form, chosen, random.bounded(2) == 0 ? GroupBox : TabPages).form;
    }
    return form;
}

// What is wrong with the way things stand in their containers; empty where nothing is.
QString whatIsWrong(const Form &form)
{
    QSet<ControlId> seen;
    for (const Control &control : form.controls) {
        seen.insert(control.id);
        if (control.container == 0) {
            continue;
        }
        const Control *container = form.controls.find(control.container);
        if (!container || !seen.contains(control.container)) {
            return control.name + ": container missing or behind";
        }
        if (!areasIn(*container).contains(areaOf(control))) {
            return control.name + ": on no page, or in another band";
        }
        if (!roomOf(form, areaOf(control)).contains(control.place)) {
            return QStringLiteral("%1 sticks out of %2: %3,%4 %5x%6 in %7,%8 %9x%10")
                .arg(control.name, container->name)
                .arg(control.place.x())
                .arg(control.place.y())
                .arg(control.place.width())
                .arg(control.place.height())
                .arg(container->place.x())
                .arg(container->place.y())
                .arg(container->place.width())
                .arg(container->place.height());
        }
    }
    for (const Control &control : form.controls) {
        const Band *band = findBand(form, control.band);
        if (control.place.x() < 0 || control.place.y() < 0 || rightOf(control.place) > form.width ||
            bottomOf(control.place) > band->height) {
            return control.name + " is out of its band";
        }
    }
    return {};
}

// Pairs that lie over one another in the same area.
int overlaps(const Form &form)
{
    int count = 0;
    for (const Area &area : areasOf(form)) {
        const QList<Arranged> items = arrangedIn(form, area);
        for (qsizetype i = 0; i < items.size(); ++i) {
            for (qsizetype j = i + 1; j < items.size(); ++j) {
                count += overlap(items.at(i).whole, items.at(j).whole) ? 1 : 0;
            }
        }
    }
    return count;
}

} // namespace

class TestContainers : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    ArrangeContext contextOf(const Form &form, const QList<ControlId> &selected) const
    {
        return {form, selected, m_measure,
                [](const Control &control, double share) { return 60 + static_cast<int>(100 * share) + control.id; }};
    }

private Q_SLOTS:
    void aGroupBoxGoesAroundItsFieldsAndTheOthersMakeWay()
    {
        const Form form = samples::columnOfFields(6);
        const auto [grouped, box] = withContainer(form, {3, 5}, GroupBox);
        QVERIFY(box != 0);
        QCOMPARE(whatIsWrong(grouped), QString());
        QCOMPARE(overlaps(grouped), 0);
        for (const ControlId id : {3, 4, 5, 6}) { // captions come along
            QCOMPARE(grouped.controls.find(id)->container, box);
        }
        for (const ControlId id : {1, 2, 7, 8}) {
            QCOMPARE(grouped.controls.find(id)->container, 0);
        }
        QCOMPARE(grouped.controls.size(), form.controls.size() + 1);
        // The fields in it keep their distance to one another.
        QCOMPARE(placeOf(grouped, 5).topLeft() - placeOf(grouped, 3).topLeft(),
                 placeOf(form, 5).topLeft() - placeOf(form, 3).topLeft());
        QVERIFY(!whyNotGrouped(form, {}).isEmpty());
        QVERIFY(!whyNotGrouped(grouped, {1, 3}).isEmpty()); // of two areas
    }

    void aCaptionGroupedAloneTakesItsFieldAlong()
    {
        const Form form = samples::columnOfFields(3);
        const auto [grouped, box] = withContainer(form, {4}, TabPages); // the caption of 3
        QVERIFY(form.controls.find(4)->captionFor == 3);
        QCOMPARE(grouped.controls.find(3)->container, box);
        QCOMPARE(grouped.controls.find(4)->container, box);
        QCOMPARE(whatIsWrong(grouped), QString());
    }

    // A head in another band follows its box sideways; a caption in a container that its box is not in stays there.
    void whatStandsInAnotherAreaIsNotPushedDown()
    {
        Form form = samples::columnOfFields(4);
        Band header;
        header.role = BandRole::Header;
        header.height = 100;
        form.bands.prepend(header);
        Control head = *form.controls.find(6);
        head.band = BandRole::Header;
        head.place.moveTop(40);
        form.controls.replace(form.controls.indexOf(6), head);
        const auto [grouped, box] = withContainer(form, {3}, GroupBox);
        Form crooked = grouped; // as a file from elsewhere may be
        Control caption = *crooked.controls.find(8);
        caption.container = box;
        caption.page = areasIn(*crooked.controls.find(box)).first().page;
        caption.place.moveTopLeft(placeOf(crooked, 4).topLeft());
        crooked.controls.replace(crooked.controls.indexOf(8), caption);
        crooked = inNestingOrder(crooked);
        const QRect headBefore = placeOf(crooked, 6);
        const QRect captionBefore = placeOf(crooked, 8);
        const Form grown = moveControls(crooked, {3}, {0, 200}); // 5 and 7 make way for the box that grows
        QVERIFY(placeOf(grown, 5).y() > placeOf(crooked, 5).y());
        QVERIFY(placeOf(grown, 7).y() > placeOf(crooked, 7).y());
        QCOMPARE(placeOf(grown, 6).y(), headBefore.y());
        QCOMPARE(placeOf(grown, 8), captionBefore);
        QCOMPARE(whatIsWrong(grown), QString());
        const Form moved = moveControls(grown, {7}, {40, 200});
        QCOMPARE(placeOf(moved, 8).y(), captionBefore.y());
        QCOMPARE(whatIsWrong(moved), QString());
    }

    void whatIsTakenOffStaysWhereItStood()
    {
        QRandomGenerator random(5);
        for (int i = 0; i < 30; ++i) {
            const Form form = samples::columnOfFields(3 + random.bounded(6));
            QList<ControlId> chosen;
            for (int field = 0; field < form.controls.size() / 2; ++field) {
                if (random.bounded(2) == 0) {
                    chosen.append(2 * field + 1);
                }
            }
            const auto [grouped, box] = withContainer(form, chosen, GroupBox);
            if (box == 0) {
                continue;
            }
            const Form off = withoutContainer(grouped, box);
            QCOMPARE(off.controls.size(), form.controls.size());
            for (const Control &control : off.controls) {
                QCOMPARE(control.container, 0);
                QCOMPARE(control.place, placeOf(grouped, control.id));
            }
        }
    }

    void pagesComeUnderOneAnotherWhenTheyAreTakenOff()
    {
        Form form = samples::columnOfFields(4);
        const auto [paged, tabs] = withContainer(form, {1, 3}, TabPages);
        form = moveControlsInto(paged, {5, 7}, {BandRole::Body, tabs, 2}, QPoint(0, -60));
        QCOMPARE(whatIsWrong(form), QString());
        QCOMPARE(form.controls.find(5)->page, 2);
        QCOMPARE(form.controls.find(6)->page, 2);
        const Form off = withoutContainer(form, tabs);
        QCOMPARE(off.controls.size(), 8);
        QCOMPARE(overlaps(off), 0);
        QVERIFY(placeOf(off, 5).y() > placeOf(off, 3).y());
    }

    void aContainerTakesWhatItHoldsAlong()
    {
        const auto [form, box] = withContainer(samples::columnOfFields(4), {3, 5}, GroupBox);
        const Form moved = moveControls(form, {box}, QPoint(24, 16));
        for (const ControlId id : {3, 4, 5, 6, box}) {
            QCOMPARE(placeOf(moved, id).topLeft(), placeOf(form, id).topLeft() + QPoint(24, 16));
        }
        QCOMPARE(placeOf(moved, 1), placeOf(form, 1));
        // Selected with what it holds, it still moves once.
        QCOMPARE(moveControls(form, {3, box, 5}, QPoint(24, 16)).controls.find(3)->place, placeOf(moved, 3));
        const Form gone = deleteControls(form, {box});
        QCOMPARE(gone.controls.size(), form.controls.size() - 5);
        QVERIFY(!gone.controls.find(3));
        // Into another band, all of it goes.
        const Form elsewhere = moveControlsInto(withBand(form, BandRole::Footer), {box}, {BandRole::Footer, 0, 0}, {});
        for (const ControlId id : {3, 4, 5, 6, box}) {
            QCOMPARE(elsewhere.controls.find(id)->band, BandRole::Footer);
        }
        QCOMPARE(elsewhere.controls.find(3)->container, box);
        QCOMPARE(whatIsWrong(elsewhere), QString());
    }

    void aContainerNeverGoesIntoItself()
    {
        const auto [inner, box] = withContainer(samples::columnOfFields(4), {3, 5}, GroupBox);
        const auto [form, outer] = withContainer(inner, {box}, GroupBox);
        QCOMPARE(form.controls.find(box)->container, outer);
        QCOMPARE(moveControlsInto(form, {outer}, {BandRole::Body, box, 0}, QPoint(8, 8)), form);
        Form broken = form; // by hand, in a file
        Control around = *form.controls.find(outer);
        around.container = box;
        broken.controls.replace(broken.controls.indexOf(outer), around);
        const Form mended = inNestingOrder(broken);
        QCOMPARE(mended.controls.size(), form.controls.size());
        QCOMPARE(tabSequence(mended).size(), tabSequence(form).size());
    }

    void membersStayInsideAndTheContainerGrows()
    {
        const auto [form, box] = withContainer(samples::columnOfFields(4), {3, 5}, GroupBox);
        const Form right = moveControls(form, {3}, QPoint(400, 0));
        QCOMPARE(whatIsWrong(right), QString());
        QVERIFY(placeOf(right, box).width() > placeOf(form, box).width());
        const Form left = moveControls(form, {3}, QPoint(-4000, -4000));
        QCOMPARE(whatIsWrong(left), QString());
        QVERIFY(placeOf(left, 4).x() >= placeOf(left, box).x());
        // Its own edges stop at what it holds.
        const Form squeezed =
            resizeControls(form, {box}, Edge::Left | Edge::Top | Edge::Right | Edge::Bottom, QPoint(200, 200));
        QCOMPARE(whatIsWrong(squeezed), QString());
        const Form narrow = resizeControls(form, {box}, Edge::Right | Edge::Bottom, QPoint(-2000, -2000));
        QCOMPARE(whatIsWrong(narrow), QString());
        // A field that grows pushes the edge, and the edge what stands below.
        const Form tall = resizeControls(form, {5}, Edge::Bottom, QPoint(0, 120));
        QCOMPARE(whatIsWrong(tall), QString());
        QCOMPARE(overlaps(tall), 0);
        QVERIFY(placeOf(tall, 7).y() > placeOf(form, 7).y());
    }

    // Every arrange operation, whatever is selected: nothing is lost, everything stays inside what it is in.
    void everyOperationKeepsThingsInTheirContainers()
    {
        QRandomGenerator random(21);
        QSet<QString> ran;
        for (int i = 0; i < 60; ++i) {
            const Form form = nestedForm(random, 4 + random.bounded(8));
            QCOMPARE(whatIsWrong(form), QString());
            QCOMPARE(overlaps(form), 0);
            QList<ControlId> selected;
            const QList<ControlId> ids = allOf(form);
            for (int j = 0, count = 1 + random.bounded(4); j < count; ++j) {
                const ControlId id = ids.at(random.bounded(ids.size()));
                selected.removeOne(id);
                selected.append(id);
            }
            for (const ArrangeOperation &operation : arrangeOperations()) {
                const ArrangeContext context = contextOf(form, selected);
                if (!operation.whyNot(context).isEmpty()) {
                    continue;
                }
                ran.insert(operation.id);
                const Form after = operation.apply(context);
                QVERIFY2(whatIsWrong(after).isEmpty(), qPrintable(operation.id + ": " + whatIsWrong(after)));
                for (const Control &control : form.controls) {
                    const bool mayGo =
                        operation.id == "caption-remove" || operation.id == "page-remove" ||
                        operation.id.startsWith("remove-") ||
                        ((operation.id == "take-group-off" || operation.id == "as-tabular") && holdsOthers(control));
                    QVERIFY2(mayGo || after.controls.find(control.id), qPrintable(operation.id + " " + control.name));
                }
                if (operation.group == ArrangeGroup::Groups || operation.id == "tidy" ||
                    operation.id.startsWith("flow") || operation.id.startsWith("spread")) {
                    QVERIFY2(overlaps(after) == 0, qPrintable(operation.id));
                }
            }
        }
        QVERIFY2(ran.size() > 50, qPrintable(QString::number(ran.size())));
    }

    // One arrangement made of another, again and again, and captions up and down: all stays inside what it is in.
    void arrangementsKeepThingsInTheirContainers()
    {
        QRandomGenerator random(29);
        const QList<QString> ids{
            "caption-above", "caption-beside", "as-stacked", "as-columnar",          "as-groups",
            "flow-across",   "remove-column",  "remove-row", "insert-column-behind", "split-field"};
        for (int i = 0; i < 1500; ++i) {
            Form form = nestedForm(random, 4 + random.bounded(8));
            QStringList done;
            for (int step = 0; step < 4; ++step) {
                const QString id = ids.at(random.bounded(ids.size()));
                QList<ControlId> selected;
                const QList<ControlId> all = allOf(form);
                for (int j = 0, count = random.bounded(4); j < count && !all.isEmpty(); ++j) {
                    const ControlId chosen = all.at(random.bounded(all.size()));
                    selected.removeOne(chosen);
                    selected.append(chosen);
                }
                const ArrangeContext context = contextOf(form, selected);
                const ArrangeOperation *operation = findArrangeOperation(id);
                if (operation->whyNot(context).isEmpty()) {
                    form = operation->apply(context);
                    done.append(id);
                    QVERIFY2(whatIsWrong(form).isEmpty(),
                             qPrintable(QString("%1: %2: %3").arg(i).arg(done.join(", "), whatIsWrong(form))));
                }
            }
        }
    }

    // A form by hand with all that there is: groups, pages, rows, wide boxes.
    void aFormByHandIsArrangedAnew()
    {
        const Result<Form> read = loadForm(NABBLET_ROOT "/demo/fairway-depot/forms/buoy_register.nabform");
        QVERIFY(read.isOk());
        const Form form = settled(*read, m_measure);
        const int before = overlaps(form);
        for (const char *id : {"as-stacked", "as-columnar", "as-groups", "flow-across", "flow-2", "tidy"}) {
            const ArrangeOperation *operation = findArrangeOperation(id);
            const ArrangeContext context = contextOf(form, {});
            const Form after = operation->whyNot(context).isEmpty() ? operation->apply(context) : form;
            QVERIFY2(overlaps(after) <= before, id);
            QVERIFY2(whatIsWrong(after).isEmpty(), qPrintable(id + whatIsWrong(after)));
        }
    }

    // A rule of a group goes on for what stood in it, when rows have no place for the group.
    void rulesOfAGroupOutliveIt()
    {
        Form form = settled(samples::columnOfFields(4), m_measure);
        const auto [grouped, box] = withContainer(form, {3, 5}, GroupBox);
        form = grouped;
        Rule rule;
        rule.on = {box};
        form.rules.append(rule);
        const Form rows = findArrangeOperation("as-tabular")->apply(contextOf(form, {}));
        QVERIFY(isTabular(rows) && !rows.controls.find(box));
        QCOMPARE(rows.rules.size(), 1);
        QVERIFY(rows.rules.first().on.contains(3) && rows.rules.first().on.contains(5));
        QVERIFY(!rows.rules.first().on.contains(box));
    }

    // Boxes of all pages begin at one place, on a rail that stands clear of the longest caption of them all.
    void pagesShareACaptionRail()
    {
        Form form = settled(samples::columnOfFields(6), m_measure);
        const auto [paged, tabs] = withContainer(form, {3, 5}, "tab-pages");
        form = moveControlsInto(paged, {7, 9}, {BandRole::Body, tabs, 2}, QPoint(24, 0));
        const ArrangeOperation *operation = findArrangeOperation("pages-on-one-rail");
        QVERIFY(!operation->whyNot(contextOf(form, {1})).isEmpty());
        QVERIFY(operation->whyNot(contextOf(form, {3})).isEmpty());
        Form after = operation->apply(contextOf(form, {3}));
        QCOMPARE(whatIsWrong(after), QString());
        QCOMPARE(overlaps(after), 0);
        const auto isOnOne = [&] {
            const int start = placeOf(after, 3).x();
            const RailId rail = after.controls.find(3)->rides.left;
            return placeOf(after, 5).x() == start && placeOf(after, 7).x() == start && placeOf(after, 9).x() == start &&
                   after.controls.find(9)->rides.left == rail && findRail(after, rail)->isAutomatic;
        };
        QVERIFY(isOnOne());
        QCOMPARE(operation->apply(contextOf(after, {3})), after); // once is enough
        // A longer caption on one page moves the boxes of both.
        Control caption = *captionOf(after, 9);
        caption.text = "A caption that is much longer than all others there";
        after.controls.replace(after.controls.indexOf(caption.id), caption);
        const int before = placeOf(after, 3).x();
        after = settled(after, m_measure);
        QVERIFY(isOnOne());
        QVERIFY(placeOf(after, 3).x() > before);
    }

    void tidyingWithContainersIsIdempotent()
    {
        QRandomGenerator random(8);
        for (int i = 0; i < 40; ++i) {
            const Form form = nestedForm(random, 4 + random.bounded(8));
            const Form once = tidied(form, allOf(form), m_measure);
            QCOMPARE(tidied(once, allOf(once), m_measure), once);
            QCOMPARE(whatIsWrong(once), QString());
        }
    }

    void aGroupIsTidiedAndFlowedByItself()
    {
        Form form = settled(samples::columnOfFields(8), m_measure);
        const auto [grouped, box] = withContainer(form, {3, 5, 7, 9}, GroupBox);
        form = moveControls(grouped, {5}, QPoint(3, 2));
        const Form tidy = findArrangeOperation("tidy")->apply(contextOf(form, {box}));
        QCOMPARE(placeOf(tidy, 5).x(), placeOf(tidy, 3).x());
        QCOMPARE(placeOf(tidy, 13), placeOf(form, 13));
        const Form flow = findArrangeOperation("flow-2")->apply(contextOf(grouped, {box}));
        QCOMPARE(whatIsWrong(flow), QString());
        QCOMPARE(overlaps(flow), 0);
        QCOMPARE(placeOf(flow, 3).y(), placeOf(flow, 7).y()); // two and two
        QVERIFY(placeOf(flow, box).height() < placeOf(grouped, box).height());
    }

    void tabVisitsEverythingOnceAndKeepsContainersTogether()
    {
        QRandomGenerator random(13);
        for (int i = 0; i < 40; ++i) {
            Form form = nestedForm(random, 3 + random.bounded(10));
            for (const TabOrder order : {TabOrder::Rows, TabOrder::Columns}) {
                form = withTabOrder(form, order);
                const QList<ControlId> sequence = tabSequence(form);
                QCOMPARE(QSet<ControlId>(sequence.begin(), sequence.end()).size(), sequence.size());
                int stops = 0;
                for (const Control &control : form.controls) {
                    stops += kindNamed(control.kind).editor != Editor::None ? 1 : 0;
                }
                QCOMPARE(sequence.size(), stops);
                for (const Area &area : areasOf(form)) {
                    if (area.container == 0) {
                        continue;
                    }
                    const QSet<ControlId> inside = membersOf(form, {area.container});
                    int changes = 0; // from in to out and back, along the order
                    bool wasInside = false;
                    for (const ControlId id : sequence) {
                        changes += inside.contains(id) != wasInside ? 1 : 0;
                        wasInside = inside.contains(id);
                    }
                    QVERIFY(changes <= 2);
                }
            }
        }
    }

    void aCopyBringsAllThatIsInIt()
    {
        const auto [inner, box] = withContainer(samples::columnOfFields(4), {3, 5}, GroupBox);
        const auto [form, tabs] = withContainer(inner, {box, 7}, TabPages);
        const Result<Form> clip = readClip(clipText(form, {tabs}));
        QVERIFY(clip.isOk());
        const Pasted copies = pasted(form, *clip, QPoint(16, 16), QStringLiteral("{kind}_{column}"));
        QCOMPARE(copies.controls.size(), 8); // tabs, box, three fields with captions
        QCOMPARE(whatIsWrong(copies.form), QString());
        int insideCopies = 0;
        for (const ControlId id : copies.controls) {
            const Control &copy = *copies.form.controls.find(id);
            insideCopies += copies.controls.contains(copy.container) ? 1 : 0;
        }
        QCOMPARE(insideCopies, 7);
        // A field from a group, pasted elsewhere, stands by itself; pasted into a group, in there.
        const Form single = clipOf(form, {3});
        QCOMPARE(single.controls.find(3)->container, 0);
        const Pasted into =
            pasted(form, single, QPoint(), QStringLiteral("{kind}_{column}"), {BandRole::Body, tabs, 2});
        QCOMPARE(into.form.controls.find(into.controls.first())->page, 2);
        QCOMPARE(whatIsWrong(into.form), QString());
    }

    void pagesComeAndGo()
    {
        const auto [form, tabs] = withContainer(samples::columnOfFields(4), {1, 3}, TabPages);
        const auto titles = [&, id = tabs](const Form &of) {
            QStringList list;
            for (const Page &page : pagesOf(*of.controls.find(id))) {
                list.append(page.title);
            }
            return list;
        };
        const Form three = withPage(form, tabs, 1, QStringLiteral("Visits"));
        QCOMPARE(titles(three), QStringList({"Page 1", "Visits", "Page 2"}));
        QCOMPARE(titles(withPageMoved(three, tabs, 1, 2)), QStringList({"Visits", "Page 2", "Page 1"}));
        QCOMPARE(titles(withPageTitle(three, tabs, 2, QStringLiteral(" Moorings  and chains "))),
                 QStringList({"Page 1", "Visits", "Moorings and chains"}));
        QCOMPARE(titles(withPageTitle(three, tabs, 2, QString())), titles(three));
        const Form without = withoutPage(three, tabs, 1);
        QCOMPARE(titles(without), QStringList({"Visits", "Page 2"}));
        QVERIFY(!without.controls.find(1) && !without.controls.find(4)); // with what stood on it
        QCOMPARE(withoutPage(withoutPage(without, tabs, 2), tabs, 3).controls.size(),
                 withoutPage(without, tabs, 2).controls.size()); // the last page stays
        QCOMPARE(frontPage(*three.controls.find(tabs), {}), 1);
        QCOMPARE(frontPage(*three.controls.find(tabs), {{tabs, 3}}), 3);
        QCOMPARE(frontPage(*three.controls.find(tabs), {{tabs, 99}}), 1);
        QCOMPARE(pageFurtherOn(*three.controls.find(tabs), {}, -1), 2); // the last, before the first
        QCOMPARE(pageFurtherOn(*three.controls.find(tabs), {{tabs, 2}}, 1), 1);
        QCOMPARE(pageFurtherOn(*three.controls.find(tabs), {}, 1), 3);
        QCOMPARE(behindOtherPages(three, {{tabs, 3}}), QSet<ControlId>({1, 2, 3, 4}));
        QCOMPARE(showing(three, 3, {{tabs, 3}}).value(tabs), 1);
        // The titles are among the words of the form.
        QList<FormText> words = formTexts(three);
        for (FormText &text : words) {
            text.words = text.part == TextPart::Page && text.number == 3 ? QStringLiteral("Calls") : text.words;
        }
        QCOMPARE(titles(withFormTexts(three, words, m_measure)), QStringList({"Page 1", "Calls", "Page 2"}));
    }

    void everyTabCanBeHit()
    {
        Control tabs = *withContainer(samples::columnOfFields(2), {1}, TabPages).form.controls.find(5);
        QList<Page> pages;
        for (int i = 1; i <= 20; ++i) {
            pages.append({i, QStringLiteral("A page with a long title %1").arg(i)});
        }
        setPages(tabs, pages);
        tabs.place.setWidth(800);
        const QList<QRect> places = tabPlaces(tabs);
        for (qsizetype i = 0; i < places.size(); ++i) {
            QVERIFY(places.at(i).width() >= 24 && rightOf(places.at(i)) <= 800);
            QCOMPARE(tabAt(tabs, places.at(i).center()), pages.at(i).id);
        }
        QCOMPARE(tabAt(tabs, QPoint(10, UsualHead + 10)), 0);
    }

    void railsReachIntoContainers()
    {
        // The automatic rail of the captions moves the boxes inside and outside alike, and the frame goes along.
        const auto [form, box] = withContainer(samples::columnOfFields(4), {3, 5}, GroupBox);
        Control caption = *form.controls.find(4);
        QVERIFY(caption.rides.right >= FixedRail::FirstFree);
        const Form longer =
            setCaptionText(form, 4, QStringLiteral("A caption a good deal longer than it was"), m_measure);
        QVERIFY(placeOf(longer, 3).x() > placeOf(form, 3).x());
        QCOMPARE(placeOf(longer, 1).x(), placeOf(longer, 3).x());
        QCOMPARE(whatIsWrong(longer), QString());
        // In a wider window, a box that holds to the right edge stays inside its frame only when that stretches too;
        // a frame that goes along whole takes what nothing holds with it.
        Form held = form;
        Control frame = *held.controls.find(box);
        frame.rides = {FixedRail::None, FixedRail::FormRight, FixedRail::None};
        held.controls.replace(held.controls.indexOf(box), frame);
        for (const ControlId id : {3, 4, 5, 6}) {
            Control free = *held.controls.find(id);
            free.rides = {};
            held.controls.replace(held.controls.indexOf(id), free);
        }
        const Form wide = stretchedTo(held, held.width + 100, 0);
        for (const ControlId id : {3, 4, 5, 6, box}) {
            QCOMPARE(placeOf(wide, id).x(), placeOf(held, id).x() + 100);
        }
        QCOMPARE(placeOf(setFormWidth(held, held.width + 100), 3), placeOf(wide, 3));
    }

    // However narrow a form is asked to be, what goes with its right edge leaves neither it nor its container.
    void aNarrowFormTakesNothingBeyondItsLeftEdge()
    {
        QRandomGenerator random(200023);
        for (int run = 0; run < 500; ++run) {
            Form form = nestedForm(random, 2 + random.bounded(6));
            for (int i = 0; i < form.controls.size(); ++i) {
                Control control = form.controls.at(i);
                if (random.bounded(holdsOthers(control) ? 2 : 6) == 0) {
                    control.rides.right = FixedRail::FormRight;
                    control.rides.left = random.bounded(2) == 0 ? FixedRail::FormLeft : FixedRail::None;
                    form.controls.replace(i, control);
                }
            }
            const Form narrow = setFormWidth(form, random.bounded(form.width + 100));
            QCOMPARE(whatIsWrong(narrow), QString());
            for (const Control &control : narrow.controls) {
                QVERIFY2(control.place.x() >= 0, qPrintable(control.name));
            }
        }
    }

    // Captions grow and shrink, their rail moves, and nothing leaves the container that it stands in.
    void captionsOfAnyLengthLeaveAllInItsContainer()
    {
        QRandomGenerator random(30448);
        for (int run = 0; run < 1000; ++run) {
            Form form = nestedForm(random, 2 + random.bounded(6));
            for (int placed = random.bounded(3); placed > 0; --placed) {
                const QStringList kinds{"button", GroupBox, "text-box", "line"};
                const QList<Area> areas = areasOf(form);
                const QString kind = kinds.at(random.bounded(kinds.size()));
                const Area area = areas.at(random.bounded(areas.size()));
                // In braces the numbers are drawn in order, whatever the compiler.
                const QRect place{random.bounded(2) == 0 ? form.rails.first().position : random.bounded(40) * 8,
                                  random.bounded(40) * 8, 0, 0};
                form = withNewControl(form, kind, area, place, m_measure).form;
                const Control last = form.controls.at(form.controls.size() - 1);
                if (!isCaption(last) && random.bounded(2) == 0) {
                    form = withContainer(form, {last.id}, GroupBox).form;
                }
            }
            for (int step = 0; step < 6; ++step) {
                const Control control = form.controls.at(random.bounded(form.controls.size()));
                if (!isCaption(control)) {
                    continue;
                }
                form = setCaptionText(form, control.id, QString(1 + random.bounded(30), u'x'), m_measure);
                if (random.bounded(3) == 0) { // all of them
                    for (const Control &each : form.controls) {
                        form = isCaption(each) ? setCaptionText(form, each.id, QStringLiteral("x"), m_measure) : form;
                    }
                }
                for (const Control &each : form.controls) {
                    const QString where = QString("run %1, step %2, %3").arg(run).arg(step).arg(each.name);
                    QVERIFY2(each.container == 0 || roomOf(form, areaOf(each)).contains(each.place), qPrintable(where));
                }
                const Form again = settled(form, m_measure);
                for (const Control &each : form.controls) { // it has come to rest
                    const QRect &place = placeOf(again, each.id);
                    QVERIFY2(place == each.place, qPrintable(QString("run %1, step %2, %3 from %4 to %5")
                                                                 .arg(run)
                                                                 .arg(step)
                                                                 .arg(each.name)
                                                                 .arg(each.place.x())
                                                                 .arg(place.x())));
                }
            }
        }
    }

    // A box held to the form's right edge, dropped into a group in a group that is not held there, stays inside both.
    void whatIsHeldToTheRightStaysInAContainerThatIsNot()
    {
        const Form start = samples::columnOfFields(4);
        const auto [grouped, inner] = withContainer(start, {3}, GroupBox);
        const auto [nested, outer] = withContainer(grouped, {inner}, GroupBox);
        Form form = nested;
        for (const ControlId id : {5, 7}) {
            Control held = *form.controls.find(id);
            held.rides.right = FixedRail::FormRight;
            held.place.setRight(form.width - 1);
            form.controls.replace(form.controls.indexOf(id), held);
        }
        Control beside = *form.controls.find(7); // what keeps the groups from reaching the edge
        beside.rides = {};
        beside.place = QRect(rightOf(placeOf(form, outer)) + 16, placeOf(form, outer).y(), 160, 24);
        form.controls.replace(form.controls.indexOf(7), beside);
        form = grownToHold(form);
        QCOMPARE(whatIsWrong(form), QString());
        const Form dropped = moveControlsInto(form, {5}, areasIn(*form.controls.find(inner)).first(), {120, 0});
        QCOMPARE(dropped.controls.find(5)->container, inner);
        QVERIFY(dropped.width > form.width);
        QCOMPARE(whatIsWrong(dropped), QString());
        QCOMPARE(whatIsWrong(setFormWidth(dropped, dropped.width + 80)), QString());
    }

    void onlyWhatIsTogetherOnAPageCanClash()
    {
        Form form = samples::columnOfFields(4);
        const auto [paged, tabs] = withContainer(form, {1, 3}, TabPages);
        form = moveControlsInto(paged, {5}, {BandRole::Body, tabs, 2},
                                placeOf(paged, 1).topLeft() - placeOf(paged, 5).topLeft());
        QCOMPARE(placeOf(form, 5).topLeft(), placeOf(form, 1).topLeft()); // one over the other, on two pages
        QCOMPARE(overlaps(form), 0);
        QVERIFY(sizeReport(form, designedSize(form)).clashing.isEmpty());
        QVERIFY(lyingUnder(form, {5}).isEmpty());
        QCOMPARE(withWayMade(form, {5}), form);
    }

    void roomOpensAndClosesInAGroup()
    {
        const auto [form, box] = withContainer(samples::columnOfFields(5), {3, 5, 7}, GroupBox);
        const Form opened = findArrangeOperation("insert-row-above")->apply(contextOf(form, {5}));
        QCOMPARE(placeOf(opened, 3), placeOf(form, 3));
        QVERIFY(placeOf(opened, 5).y() > placeOf(form, 5).y());
        QCOMPARE(placeOf(opened, box).height() - placeOf(form, box).height(),
                 placeOf(opened, 5).y() - placeOf(form, 5).y());
        QCOMPARE(overlaps(opened), 0);
        const Form closed = findArrangeOperation("close-up-rows")->apply(contextOf(opened, {}));
        QCOMPARE(placeOf(closed, box), placeOf(form, box));
        QCOMPARE(placeOf(closed, 5), placeOf(form, 5));
        QCOMPARE(emptyRowsHeight(closed), 0);
        QCOMPARE(whatIsWrong(closed), QString());
    }

    void centringIsInTheGroup()
    {
        const auto [form, box] = withContainer(samples::columnOfFields(3), {3}, GroupBox);
        const Form wide = resizeControls(form, {box}, Edge::Right | Edge::Bottom, QPoint(240, 120));
        const Form across = findArrangeOperation("centre-across")->apply(contextOf(wide, {3}));
        const Form down = findArrangeOperation("centre-down")->apply(contextOf(across, {3}));
        const QRect room = roomOf(down, {BandRole::Body, box, 0});
        const QRect whole = arrangedOf(down, {3}).first().whole;
        QVERIFY(std::abs((whole.x() - room.x()) - (rightOf(room) - rightOf(whole))) <= 1);
        QVERIFY(std::abs((whole.y() - room.y()) - (bottomOf(room) - bottomOf(whole))) <= 1);
    }

    // What rides a rail of its own in a container that rides another stays inside, whichever of them moves.
    void ridersStayInsideContainersThatRide()
    {
        for (const bool ridesLeft : {false, true}) {
            for (const bool isNested : {false, true}) {
                Form form = samples::columnOfFields(1);
                form.width = 600;
                form.bands = {Band{BandRole::Body, 400, {}}};
                form.rails = {Rail{FixedRail::FirstFree, "inner", 40, Hold::Start, false, 0, Rail::ByPlace, {}},
                              Rail{FixedRail::FirstFree + 1, "outer", 400, Hold::Start, false, 0, Rail::ByPlace, {}},
                              Rail{FixedRail::FirstFree + 2, "left", 16, Hold::Start, false, 0, Rail::ByPlace, {}}};
                Control group;
                group.id = nextControlId(form);
                group.kind = GroupBox;
                group.name = "group";
                group.place = QRect(16, 200, 384, 160);
                group.rides.right = FixedRail::FirstFree + 1;
                group.rides.left = ridesLeft ? FixedRail::FirstFree + 2 : FixedRail::None;
                form.controls.append(group);
                Control around = group;
                ControlId holder = group.id;
                if (isNested) {
                    around.id = nextControlId(form);
                    around.name = "around";
                    around.container = group.id;
                    around.rides = {};
                    around.place = QRect(24, 232, 300, 100);
                    form.controls.append(around);
                    holder = around.id;
                }
                Control line;
                line.id = nextControlId(form);
                line.kind = "line";
                line.name = "line";
                line.container = holder;
                line.place = QRect(40, 264, 100, 8);
                line.rides.left = FixedRail::FirstFree;
                form.controls.append(line);
                QCOMPARE(whatIsWrong(form), QString());
                for (const RailId rail : {0, 1, 2}) {
                    for (const int by : {4, 30, 200, -8}) {
                        const RailId id = FixedRail::FirstFree + rail;
                        const Form moved = moveRail(form, id, railPosition(form, id) + by);
                        QCOMPARE(whatIsWrong(moved), QString());
                        QCOMPARE(railPosition(moved, id), std::max(0, railPosition(form, id) + by));
                    }
                }
            }
        }
    }

    // A head in a group goes all the way with the group, though its box does not stand there.
    void aHeadInAGroupGoesWithTheGroup()
    {
        for (const bool hasBoxAlong : {false, true}) {
            Form form = samples::columnOfFields(2);
            form.bands.prepend(Band{BandRole::Header, 120, {}});
            Control group;
            group.id = nextControlId(form);
            group.kind = GroupBox;
            group.name = "group";
            group.band = BandRole::Header;
            group.place = QRect(16, 16, 200, 80);
            form.controls.append(group);
            const ControlId field = captionOf(form, 1) ? 1 : 2;
            Control head = *captionOf(form, field);
            head.band = BandRole::Header;
            head.container = group.id;
            head.place = QRect(24, 48, 60, 24);
            form.controls.replace(form.controls.indexOf(head.id), head);
            const QList<ControlId> moved = hasBoxAlong ? QList<ControlId>{group.id, field} : QList<ControlId>{group.id};
            const Form there = moveControls(form, moved, QPoint(8, 40));
            QCOMPARE(placeOf(there, group.id).topLeft(), QPoint(24, 56));
            QCOMPARE(placeOf(there, head.id).topLeft(), QPoint(32, 88));
            const Form inBody = moveControlsInto(form, moved, Area(), QPoint(0, 200));
            QVERIFY(roomOf(inBody, areaOf(*inBody.controls.find(head.id))).contains(placeOf(inBody, head.id)));
            QCOMPARE(inBody.controls.find(head.id)->container, group.id);
        }
    }

    void keysMoveIntoAndOutOfAGroup()
    {
        const auto [form, box] = withContainer(settled(samples::columnOfFields(5), m_measure), {3, 5}, GroupBox);
        const ArrangeOperation &into = *findArrangeOperation("move-into-group");
        const ArrangeOperation &out = *findArrangeOperation("move-out-of-group");
        // Led by the group itself, or by something in it.
        for (const ControlId lead : {box, ControlId(3)}) {
            const Form moved = into.apply(contextOf(form, {1, 7, lead}));
            for (const ControlId id : {1, 2, 7, 8}) {
                QCOMPARE(moved.controls.find(id)->container, box);
            }
            QCOMPARE(whatIsWrong(moved), QString());
            QCOMPARE(overlaps(moved), 0);
            QVERIFY(placeOf(moved, 1).y() > placeOf(moved, 5).y());
            QCOMPARE(placeOf(moved, 7).topLeft() - placeOf(moved, 1).topLeft(),
                     placeOf(form, 7).topLeft() - placeOf(form, 1).topLeft());
        }
        const Form freed = out.apply(contextOf(form, {5}));
        QCOMPARE(freed.controls.find(5)->container, 0);
        QCOMPARE(freed.controls.find(6)->container, 0);
        QCOMPARE(freed.controls.find(3)->container, box);
        QCOMPARE(overlaps(freed), 0);
        QVERIFY(!into.whyNot(contextOf(form, {3})).isEmpty());
        QVERIFY(!into.whyNot(contextOf(form, {3, 5})).isEmpty());
        QVERIFY(!into.whyNot(contextOf(form, {})).isEmpty());
        QVERIFY(!out.whyNot(contextOf(form, {1})).isEmpty());
        QVERIFY(!into.whyNot(contextOf(form, {box, 3})).isEmpty()); // a group never goes into itself
    }

    void frontAndBackKeepContainersUnderWhatTheyHold()
    {
        const auto [form, box] = withContainer(samples::columnOfFields(4), {3, 5}, GroupBox);
        for (const char *id : {"bring-to-front", "send-to-back"}) {
            for (const ControlId control : {ControlId(3), box, ControlId(1)}) {
                const Form after = findArrangeOperation(id)->apply(contextOf(form, {control}));
                QCOMPARE(whatIsWrong(after), QString());
                QCOMPARE(after.controls.size(), form.controls.size());
            }
        }
        const Form front = findArrangeOperation("bring-to-front")->apply(contextOf(form, {3}));
        QVERIFY(front.controls.indexOf(3) > front.controls.indexOf(5));
    }

    void aFormWithContainersComesBackFromItsFile()
    {
        QRandomGenerator random(17);
        for (int i = 0; i < 20; ++i) {
            const Form form = nestedForm(random, 3 + random.bounded(6));
            const QByteArray text = writeForm(form);
            const Result<Form> read = readForm(text);
            QVERIFY2(read.isOk(), qPrintable(read.isOk() ? QString() : read.error().sentence));
            QCOMPARE(writeForm(*read), text);
            QCOMPARE(areasOf(*read).size(), areasOf(form).size());
        }
    }

    void aFileWithContainersThatCannotBeSaysWhere_data()
    {
        QTest::addColumn<QByteArray>("from");
        QTest::addColumn<QByteArray>("to");
        QTest::addColumn<QString>("pointer");
        QTest::newRow("nobody") << QByteArray("\"container\": \"group\"") << QByteArray("\"container\": \"nobody\"")
                                << QStringLiteral("/controls/");
        QTest::newRow("a box") << QByteArray("\"container\": \"group\"") << QByteArray("\"container\": \"field_1\"")
                               << QStringLiteral("/container");
        QTest::newRow("no page") << QByteArray("\"container\": \"group\"")
                                 << QByteArray("\"container\": \"group\", \"page\": 4") << QStringLiteral("/container");
    }
    void aFileWithContainersThatCannotBeSaysWhere()
    {
        QFETCH(QByteArray, from);
        QFETCH(QByteArray, to);
        QFETCH(QString, pointer);
        Form form = samples::columnOfFields(3);
        form = renameControl(withContainer(form, {3}, GroupBox).form, 1, QStringLiteral("field_1"));
        QByteArray text = writeForm(form);
        QVERIFY(readForm(text).isOk());
        const qsizetype at = text.indexOf(from);
        QVERIFY(at > 0);
        text.replace(at, from.size(), to);
        const Result<Form> read = readForm(text);
        QVERIFY(!read.isOk());
        QVERIFY2((read.error().sentence + read.error().detail).contains(pointer),
                 qPrintable(read.error().sentence + read.error().detail));
    }

    void fiveThousandStandInOne()
    {
        Form form = samples::columnOfFields(2500);
        const auto [grouped, box] = withContainer(form, allOf(form), GroupBox);
        QCOMPARE(membersOf(grouped, {box}).size(), 5000);
        QCOMPARE(whatIsWrong(grouped), QString());
        const Form moved = moveControls(grouped, {box}, QPoint(8, 8));
        QCOMPARE(placeOf(moved, 4999).topLeft(), placeOf(grouped, 4999).topLeft() + QPoint(8, 8));
        QCOMPARE(tabSequence(grouped).size(), 2500);
        QCOMPARE(withoutContainer(grouped, box).controls.size(), 5000);
    }
};

QTEST_APPLESS_MAIN(TestContainers)
#include "tst_containers.moc"

// Tabular drafts, rows that belong to each record, lookups over several columns, columns of linked rows, plans as JSON.
#include "core/arrange/containers.h"
#include "core/arrange/moving.h"
#include "core/arrange/rows.h"
#include "core/check/form_quality.h"
#include "core/draft/captions.h"
#include "core/draft/draft.h"
#include "core/draft/field_kinds.h"
#include "core/draft/plan_file.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/settings/typing.h"
#include "support/orders.h"

#include <QTest>

using namespace nabblet;

class TestDraftChildren : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    const Catalogue m_orders = samples::orders();

    const Table &table(const QString &name) const { return *findTable(m_orders, name); }
    Form drafted(const DraftPlan &plan) const
    {
        return draftForm(m_orders, table(plan.table), plan, nullptr, m_measure);
    }
    static const Control *boundTo(const Form &form, const QString &column)
    {
        for (const Control &control : form.controls) {
            if (control.column == column) {
                return &control;
            }
        }
        return nullptr;
    }
    static QList<const Control *> ofKind(const Form &form, const QString &kind)
    {
        QList<const Control *> found;
        for (const Control &control : form.controls) {
            if (control.kind == kind) {
                found.append(&control);
            }
        }
        return found;
    }
    static const PlannedChild *childOf(const DraftPlan &plan, const QString &table)
    {
        for (const PlannedChild &child : plan.children) {
            if (child.plan.table == table) {
                return &child;
            }
        }
        return nullptr;
    }

    // A catalogue with tables that all must have a host: one of each kind.
    static Catalogue hosts(const QStringList &children, int columns = 1, const QString &type = "VARCHAR(20)")
    {
        Table host;
        host.name = "host";
        host.columns = {samples::column("host_id", "INTEGER"), samples::column("name", "VARCHAR(40)", true)};
        host.columns[0].numbersItself = true;
        host.primaryKey = {"host_id"};
        Catalogue catalogue{{host}};
        for (const QString &name : children) {
            Table child;
            child.name = name;
            child.columns = {samples::column("id", "INTEGER"), samples::column("host_id", "INTEGER", true)};
            child.columns[0].numbersItself = true;
            child.primaryKey = {"id"};
            for (int i = 0; i < columns; ++i) {
                child.columns.append(samples::column(QString("part_%1").arg(QChar('a' + i)), type));
            }
            child.foreignKeys = {{{"host_id"}, "host", {"host_id"}}};
            catalogue.tables.append(child);
        }
        return catalogue;
    }
    static QStringList takenOf(const Catalogue &catalogue)
    {
        QStringList taken;
        for (const PlannedChild &child : planWithChildren(catalogue, catalogue.tables.first()).children) {
            if (child.isTaken) {
                taken.append(child.plan.table);
            }
        }
        return taken;
    }

private Q_SLOTS:
    void headsStandOverTheirBoxesOnTheSameRails()
    {
        for (const Spacing spacing : {Spacing::Tight, Spacing::Comfortable, Spacing::Roomy}) {
            DraftPlan plan = planDraft(table("purchase_line"));
            plan.arrangement = Arrangement::Tabular;
            plan.spacing = spacing;
            const Form form = drafted(plan);
            QCOMPARE(form.rowsShown, 12);
            const Control *before = nullptr;
            for (const PlannedColumn &column : plan.columns) {
                const Control *box = boundTo(form, column.column);
                const Control *head = captionOf(form, box->id);
                QCOMPARE(box->band, BandRole::Body);
                QCOMPARE(box->place.height(), 24);
                QCOMPARE(head->band, BandRole::Header);
                QVERIFY(head->place.x() >= box->place.x() && head->place.right() <= box->place.right());
                QVERIFY(head->rides.left == box->rides.left || head->rides.right == box->rides.right);
                QCOMPARE(findRail(form, box->rides.left)->position, box->place.x());
                if (before) {
                    // Boxes abut when tight, else they are evenly apart; each ends on the rail that the next starts on.
                    const int gap = box->place.x() - before->place.x() - before->place.width();
                    QCOMPARE(gap, spacing == Spacing::Tight ? 0 : spacing == Spacing::Comfortable ? 4 : 8);
                    QCOMPARE(before->rides.right, box->rides.left);
                }
                before = box;
            }
            QCOMPARE(overlaps(form), 0);
        }
    }

    void captionsMayStandInEachRow()
    {
        DraftPlan plan = planDraft(table("purchase_line"));
        plan.arrangement = Arrangement::Tabular;
        plan.repeatsCaptions = true;
        plan.rowsShown = 5;
        const Form form = drafted(plan);
        QCOMPARE(form.rowsShown, 5);
        for (const Control &control : form.controls) {
            QVERIFY(control.captionFor == 0 || control.band == BandRole::Body);
        }
        QVERIFY(findBand(form, BandRole::Body)->height > 40);
        QCOMPARE(overlaps(form), 0);
    }

    void totalsAddUpWhatCanBeAdded()
    {
        DraftPlan plan = planDraft(table("purchase_line"));
        plan.arrangement = Arrangement::Tabular;
        QVERIFY(!findBand(drafted(plan), BandRole::Footer));
        plan.hasTotals = true;
        const Form form = drafted(plan);
        QStringList columns;
        for (const Control *total : ofKind(form, "total")) {
            QCOMPARE(total->band, BandRole::Footer);
            columns.append(totalOf(*total)->column);
            QCOMPARE(total->place.x(), boundTo(form, totalOf(*total)->column)->place.x());
        }
        columns.sort();
        QCOMPARE(columns, QStringList({"amount", "quantity"})); // no price of one, no number of a line
    }

    void noTabularFormIsWiderThanItMayBe()
    {
        Table wide;
        wide.name = "wide";
        for (int i = 0; i < 300; ++i) {
            wide.columns.append(samples::column(QString("column_%1").arg(i), i % 3 ? "VARCHAR(40)" : "DECIMAL(8,2)"));
        }
        DraftPlan plan = planDraft(wide);
        for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked, Arrangement::Tabular}) {
            plan.arrangement = arrangement;
            const Form form = draftForm({{wide}}, wide, plan, nullptr, m_measure);
            QVERIFY2(form.width <= 1200, qPrintable(QString::number(form.width)));
            QCOMPARE(overlaps(form), 0);
            QCOMPARE(form.boundColumns.size(), 300);
        }
    }

    void rowsThatBelongAreTakenAndOthersOffered()
    {
        const DraftPlan purchase = planWithChildren(m_orders, table("purchase"));
        QVERIFY(childOf(purchase, "purchase_line")->isTaken); // part of its key
        QVERIFY(childOf(purchase, "purchase_tag")->isTaken);  // only ties two tables together
        const DraftPlan customer = planWithChildren(m_orders, table("customer"));
        QCOMPARE(customer.children.size(), size_t(2));
        QVERIFY(customer.children[0].isTaken && !customer.children[1].isTaken); // who pays is no owner
        QCOMPARE(customer.children[0].plan.title, "Purchase (customer)");
        QCOMPARE(customer.children[1].plan.title, "Purchase (paid by)");
        QVERIFY(!childOf(planWithChildren(m_orders, table("tag")), "claim"));
    }

    // What programs keep for themselves, says nothing by itself or is no line is offered, not taken.
    void onlyWhatPeopleLookForIsTaken()
    {
        QCOMPARE(takenOf(hosts({"contact", "audit_log", "host_sessions", "caches"})), QStringList("contact"));
        QCOMPARE(takenOf(hosts({"readings"}, 2, "INTEGER")), QStringList());
        QCOMPARE(takenOf(hosts({"readings"}, 2, "DATE")), QStringList("readings"));
        QCOMPARE(takenOf(hosts({"settings"}, 18)), QStringList("settings"));
        QCOMPARE(takenOf(hosts({"settings"}, 19)), QStringList());
    }

    // Subforms that would be higher than a screen under one another stand on pages, all of them in it.
    void tallSubformsStandOnPages()
    {
        const Catalogue catalogue = hosts({"contact", "address", "visit"}, 16);
        const Table &host = catalogue.tables.first();
        DraftPlan plan = planWithChildren(catalogue, host);
        for (PlannedChild &child : plan.children) {
            child.usualRows = 8;
        }
        const Form form = draftForm(catalogue, host, plan, nullptr, m_measure);
        QCOMPARE(ofKind(form, "tab-pages").size(), 1);
        const Control &pages = *ofKind(form, "tab-pages").first();
        QCOMPARE(pagesOf(pages).size(), 3);
        QSet<int> used;
        for (const Control *rows : ofKind(form, "subform")) {
            QCOMPARE(rows->container, pages.id);
            QVERIFY(roomOf(form, areaOf(*rows)).contains(rows->place));
            used.insert(rows->page);
        }
        QCOMPARE(used.size(), 3);
        plan.sections = Sections::None;
        QVERIFY(ofKind(draftForm(catalogue, host, plan, nullptr, m_measure), "tab-pages").isEmpty());
    }

    void whatTheRowsLackIsNamed()
    {
        DraftPlan plan = planWithChildren(m_orders, table("purchase"));
        QCOMPARE(uncoveredInRows(m_orders, plan), QStringList());
        const auto child = std::find_if(plan.children.begin(), plan.children.end(),
                                        [](const PlannedChild &each) { return each.plan.table == "purchase_line"; });
        for (PlannedColumn &column : child->plan.columns) {
            column.isTaken = column.isTaken && column.column != "article";
        }
        QCOMPARE(uncoveredInRows(m_orders, plan), QStringList("purchase_line.article"));
        child->plan.people.add = false; // nobody adds any, so that nothing lacks
        QCOMPARE(uncoveredInRows(m_orders, plan), QStringList());
        child->plan.people.add = true;
        child->isTaken = false;
        QCOMPARE(uncoveredInRows(m_orders, plan), QStringList());
    }

    void linkColumnsAreLeftOutAndFilled()
    {
        const DraftPlan plan = planWithChildren(m_orders, table("purchase"));
        const PlannedChild &lines = *childOf(plan, "purchase_line");
        QCOMPARE(lines.plan.filledColumns, QStringList("purchase_no"));
        QCOMPARE(uncoveredColumns(lines.plan, table("purchase_line")), QStringList());
        const Form form = drafted(plan);
        const QList<const Control *> subforms = ofKind(form, "subform");
        QCOMPARE(subforms.size(), 2);
        const Control *control = nullptr;
        for (const Control *subform : subforms) {
            control = subform->inner.get()->rowsFrom == "purchase_line" ? subform : control;
        }
        const Form &inner = *control->inner.get();
        QVERIFY(!boundTo(inner, "purchase_no") && boundTo(inner, "article"));
        QCOMPARE(childLinkOf(*control).childColumns, QStringList("purchase_no"));
        QVERIFY(isTabular(inner));
        QVERIFY(columnsNeeded(*control).contains("purchase_no"));
        QCOMPARE(captionOf(form, control->id)->text, "Purchase line");
        QCOMPARE(overlaps(form), 0);
        QCOMPARE(overlaps(inner), 0);
    }

    void aTableThatOnlyTiesTwoIsAListOfTheFarSide()
    {
        QVERIFY(isJunction(table("purchase_tag")) && !isJunction(table("purchase_line")));
        const DraftPlan plan = planWithChildren(m_orders, table("purchase"));
        const PlannedChild &tags = *childOf(plan, "purchase_tag");
        QCOMPARE(tags.plan.title, "Tag");
        const Form form = drafted(plan);
        for (const Control *subform : ofKind(form, "subform")) {
            if (subform->inner.get()->rowsFrom == "purchase_tag") {
                const Form &inner = *subform->inner.get();
                const Control *far = boundTo(inner, "tag_id");
                QCOMPARE(lookupOf(*far)->wordsColumns, QStringList("label"));
                QCOMPARE(inner.boundColumns.size(), 1);
            }
        }
    }

    void rowsOfRowsComeAsTheyAreAskedFor()
    {
        DraftPlan plan = planWithChildren(m_orders, table("customer"));
        PlannedChild &purchases = plan.children.front();
        for (PlannedChild &child : purchases.plan.children) {
            child.isTaken = child.plan.table == "purchase_line";
            completeChild(m_orders, child);
        }
        Form form = drafted(plan);
        const Form &inner = *ofKind(form, "subform").first()->inner.get();
        const Control *deep = ofKind(inner, "subform").first();
        QCOMPARE(deep->band, BandRole::Footer); // follows the row in hand of a tabular form
        QCOMPARE(deep->inner.get()->rowsFrom, "purchase_line");
        // The same on a form of its own.
        purchases.place = ChildPlace::Button;
        form = drafted(plan);
        const Control *button = ofKind(form, "button").first();
        QCOMPARE(button->band, BandRole::Footer);
        QCOMPARE(button->text, QString::fromUtf8("Purchase (customer)…"));
        QVERIFY(!ofKind(*button->inner.get(), "caption").isEmpty());
        QCOMPARE(ofKind(form, "subform").size(), 0);
        QCOMPARE(overlaps(form), 0);
    }

    void aLinkMadeByHandIsOneToo()
    {
        DraftPlan plan = planDraft(table("tag"));
        plan.children.push_back(childByHand(m_orders, "customer", {{"name"}, {"label"}}));
        const Form form = drafted(plan);
        const Control *subform = ofKind(form, "subform").first();
        QCOMPARE(childLinkOf(*subform).parentColumns, QStringList("label"));
        QVERIFY(!boundTo(*subform->inner.get(), "name") && boundTo(*subform->inner.get(), "phone"));
    }

    void aLinkOverSeveralColumnsIsOneLookupThatWritesAll()
    {
        QCOMPARE(ledLink(table("claim"), "line_no")->parentTable, "purchase_line");
        QVERIFY(!ledLink(table("claim"), "purchase_no"));
        QCOMPARE(leaderOf(table("claim"), "purchase_no"), "line_no");
        const DraftPlan plan = planDraft(table("claim"));
        QCOMPARE(uncoveredColumns(plan, table("claim")), QStringList());
        const Form form = drafted(plan);
        QVERIFY(!boundTo(form, "purchase_no"));
        const Control *control = boundTo(form, "line_no");
        QCOMPARE(lookupOf(*control)->columns, QStringList({"purchase_no", "line_no"}));
        QCOMPARE(lookupOf(*control)->valueColumns, QStringList({"purchase_no", "line_no"}));
        QCOMPARE(columnsWritten(*control).size(), 2);
        QCOMPARE(form.boundColumns.size(), 3);
        // Without its box, what it writes is missing.
        DraftPlan without = plan;
        for (PlannedColumn &column : without.columns) {
            column.isTaken = column.isTaken && column.column != "line_no";
        }
        QCOMPARE(uncoveredColumns(without, table("claim")).size(), 2);
    }

    // Two links that end in the same column are two lookups, each led by a column of its own.
    void linksThatShareAColumnBothBecomeLookups()
    {
        Table place;
        place.name = "place";
        place.columns = {samples::column("site", "INTEGER", true), samples::column("no", "INTEGER", true),
                         samples::column("name", "TEXT", true)};
        place.primaryKey = {"site", "no"};
        Table move;
        move.name = "move";
        move.columns = {samples::column("origin", "INTEGER", true), samples::column("goal", "INTEGER", true),
                        samples::column("site", "INTEGER", true)};
        move.foreignKeys = {ForeignKey{{"origin", "site"}, "place", {"no", "site"}},
                            ForeignKey{{"goal", "site"}, "place", {"no", "site"}}};
        const Catalogue catalogue{{place, move}};
        QCOMPARE(ledLink(move, "site"), &move.foreignKeys.at(0));
        QCOMPARE(ledLink(move, "goal"), &move.foreignKeys.at(1));
        QVERIFY(!ledLink(move, "origin"));
        QCOMPARE(leaderOf(move, "origin"), "site");
        const Form form = draftForm(catalogue, move, planDraft(move), nullptr, m_measure);
        QCOMPARE(qualityOf(form, catalogue, {}, m_measure).linksWithoutLookup, 0);
        QCOMPARE(qualityOf(form, catalogue, {}, m_measure).requiredMissing, 0);
        Form raw = form;
        const int index = raw.controls.indexOf(boundTo(form, "goal")->id);
        Control control = raw.controls.at(index);
        control.settings.remove(setting::Choosing);
        raw.controls.replace(index, control);
        QCOMPARE(qualityOf(raw, catalogue, {}, m_measure).linksWithoutLookup, 1);
    }

    void columnsOfTheLinkedRowFollowIt()
    {
        DraftPlan plan = planDraft(table("purchase"));
        const QList<PlannedColumn> linked = linkedColumns(m_orders, table("purchase"), "customer_id");
        QCOMPARE(linked.size(), 2);
        QCOMPARE(linked.last().column, "phone");
        QCOMPARE(linked.last().caption, "Customer phone");
        PlannedColumn phone = linked.last();
        phone.isTaken = true;
        plan.columns.insert(1, phone);
        const Form form = drafted(plan);
        const Control *shown = nullptr;
        for (const Control &control : form.controls) {
            shown = followedBy(control) ? &control : shown;
        }
        QVERIFY(shown && isLocked(*shown) && shown->column.isEmpty());
        QCOMPARE(followedBy(*shown)->columns, QStringList("customer_id"));
        QCOMPARE(columnsNeeded(*shown), QStringList("customer_id"));
        QCOMPARE(columnsWritten(*shown), QStringList());
        QVERIFY(linkedColumns(m_orders, table("purchase"), "remarks").isEmpty());
    }

    void aLinkToATableThatIsGoneIsAPlainBox()
    {
        Table table = samples::orders().tables.at(2);
        const Form form = draftForm({{table}}, table, planDraft(table), nullptr, m_measure);
        QCOMPARE(boundTo(form, "customer_id")->kind, "whole-number");
    }

    void aFormInsideAFormSurvivesItsFile()
    {
        DraftPlan plan = planWithChildren(m_orders, table("purchase"));
        plan.arrangement = Arrangement::Tabular;
        plan.hasTotals = true;
        const Form form = drafted(plan);
        const Result<Form> read = readForm(writeForm(form));
        QVERIFY2(read.isOk(), qPrintable(read.error().sentence));
        QCOMPARE(writeForm(*read), writeForm(form));
        QVERIFY(read->controls.at(3) == form.controls.at(3));
        // A mistake deep inside is told by its place.
        QByteArray text = writeForm(form);
        text.replace("\"column\": \"article\"", "\"column\": 7");
        const Result<Form> wrong = readForm(text);
        QVERIFY(!wrong && wrong.error().sentence.contains("/form/"));
    }

    void formsAreNotNestedWithoutEnd()
    {
        Form form = samples::columnOfFields(1);
        for (int depth = 0; depth < 12; ++depth) {
            Form outer = samples::columnOfFields(1);
            Control control = outer.controls.at(0);
            control.kind = "subform";
            control.inner = InnerForm(form);
            outer.controls.replace(0, control);
            form = outer;
        }
        const Result<Form> read = readForm(writeForm(form));
        QVERIFY(!read && read.error().sentence.contains("8 deep"));
    }

    // Whatever is chosen comes back from its JSON.
    void plansComeBackFromJson()
    {
        DraftPlan plan = planWithChildren(m_orders, table("purchase"));
        plan.arrangement = Arrangement::Stacked;
        plan.columnsOfBoxes = 3;
        plan.spacing = Spacing::Roomy;
        plan.widths = BoxWidths::AllTheSame;
        plan.people = {true, false, true, false};
        plan.rowsShown = 7;
        plan.repeatsCaptions = plan.hasTotals = true;
        plan.title = QString::fromUtf8("Käufe");
        plan.namingPattern = "{column}_{kind}";
        std::swap(plan.columns[0], plan.columns[2]);
        plan.columns[1].caption = "Other words";
        plan.columns[1].isTaken = false;
        PlannedColumn phone = linkedColumns(m_orders, table("purchase"), "customer_id").last();
        phone.isTaken = true;
        plan.columns.append(phone);
        plan.children[0].place = ChildPlace::Button;
        const DraftPlan start = planWithChildren(m_orders, table("purchase"));
        QVERIFY(!(start == plan));
        const Result<DraftPlan> back = planFromJson(m_orders, start, planToJson(plan));
        QVERIFY2(back.isOk(), qPrintable(back.error().sentence));
        QVERIFY(*back == plan);
    }

    void whatAPlanDoesNotKnowIsSaid()
    {
        const DraftPlan plan = planWithChildren(m_orders, table("purchase"));
        const auto sentence = [&](const QJsonObject &choices) {
            const Result<DraftPlan> made = planFromJson(m_orders, plan, choices);
            return made ? QString() : made.error().sentence;
        };
        QVERIFY(sentence({{"colour", "red"}}).contains("colour"));
        QVERIFY(sentence({{"arrangement", "round"}}).contains("columnar, stacked, tabular"));
        QVERIFY(sentence({{"columns", QJsonArray{"nothing"}}}).contains("nothing"));
        QVERIFY(sentence({{"columns", QJsonArray{QJsonObject{{"column", "remarks"}, {"shownAs", "cloud"}}}}})
                    .contains("cloud"));
        QVERIFY(sentence({{"children", QJsonArray{QJsonObject{{"table", "tag"}}}}}).contains("tag"));
        QCOMPARE(sentence({{"title", "Fine"}}), QString());
    }

    void fieldsAddedLaterTakeTheNextFreePlace()
    {
        const Table &purchase = table("purchase");
        Form form = setRowsFrom(patternForm("Page", 2, "Harbour", m_measure), "purchase");
        QCOMPARE(form.rails.size(), 2);
        for (const Column &column : purchase.columns) {
            form = withField(form, m_orders, purchase, column.name, "{kind}_{column}", m_measure);
            QCOMPARE(overlaps(form), 0);
        }
        QCOMPARE(form.boundColumns.size(), 5);
        QSet<int> lefts;
        for (const Column &column : purchase.columns) {
            const Control *box = boundTo(form, column.name);
            lefts.insert(box->place.x());
            QVERIFY(captionOf(form, box->id)->place.right() < box->place.x());
        }
        QCOMPARE(lefts.size(), 2); // both columns of the pattern, in turn
        QVERIFY(withField(form, m_orders, purchase, "no such column", "{column}", m_measure) == form);
        const Form blank = setRowsFrom(blankForm("Empty", "Harbour", m_measure), "purchase");
        QVERIFY(blank.rails.isEmpty());
        QCOMPARE(withField(blank, m_orders, purchase, "remarks", "{column}", m_measure).rails.size(), 1);
    }

    void aPatternRenamesEveryControlOnce()
    {
        const Form form = drafted(planWithChildren(m_orders, table("purchase")));
        const Form renamed = renamedByPattern(form, "{column}-{kind}");
        QSet<QString> names;
        for (const Control &control : renamed.controls) {
            names.insert(control.name);
        }
        QCOMPARE(names.size(), renamed.controls.size());
        QCOMPARE(boundTo(renamed, "customer_id")->name, "customer_id_drop");
        const Form &inner = *ofKind(renamed, "subform").first()->inner.get();
        QVERIFY(inner.controls.at(0).name.endsWith(kindNamed(inner.controls.at(0).kind).shortName));
        QVERIFY(renamedByPattern(renamed, "{column}-{kind}") == renamed);
        // A pattern that tells nothing apart still gives every control a name of its own.
        const Form same = renamedByPattern(form, "box");
        names.clear();
        for (const Control &control : same.controls) {
            names.insert(control.name);
        }
        QCOMPARE(names.size(), same.controls.size());
    }

    void headsMoveSidewaysWithTheirBoxes()
    {
        DraftPlan plan = planDraft(table("purchase_line"));
        plan.arrangement = Arrangement::Tabular;
        const Form form = drafted(plan);
        const Control *box = boundTo(form, "article");
        const Control *head = captionOf(form, box->id);
        const Form moved = moveControls(form, {box->id}, QPoint(8, 12));
        QCOMPARE(moved.controls.find(box->id)->place.topLeft(), box->place.topLeft() + QPoint(8, 12));
        QCOMPARE(moved.controls.find(head->id)->place.topLeft(), head->place.topLeft() + QPoint(8, 0));
    }

    // Each figure can be other than good.
    void flawsAreCounted()
    {
        const DraftPlan plan = planDraft(table("claim"));
        const Form good = drafted(plan);
        const auto quality = [&](const Form &form) { return qualityOf(form, m_orders, {}, m_measure); };
        QCOMPARE(quality(good).overlaps + quality(good).offGrid + quality(good).cutCaptions +
                     quality(good).requiredMissing + quality(good).linksWithoutLookup +
                     quality(good).typeableIdentities + quality(good).backwardTabs,
                 0);
        const auto changed = [&](const QString &column, auto change) {
            Form form = good;
            const int index = form.controls.indexOf(boundTo(form, column)->id);
            Control control = form.controls.at(index);
            change(control);
            form.controls.replace(index, control);
            return quality(form);
        };
        QCOMPARE(changed("reason", [&](Control &c) { c.place.moveTop(boundTo(good, "line_no")->place.y()); }).overlaps >
                     0,
                 true);
        QCOMPARE(changed("reason", [](Control &c) { c.place.translate(3, 0); }).offGrid, 2);
        QCOMPARE(changed("line_no", [](Control &c) { c.settings.remove(setting::Choosing); }).linksWithoutLookup, 1);
        QCOMPARE(changed("reason", [](Control &c) { c.column.clear(); }).requiredMissing, 1);
        QCOMPARE(changed("reason", [](Control &c) { c.column = "claim_id"; }).typeableIdentities, 1);
        Form cut = good;
        for (int i = 0; i < cut.controls.size(); ++i) {
            Control caption = cut.controls.at(i);
            if (caption.captionFor != 0) {
                caption.place.setWidth(3);
                cut.controls.replace(i, caption);
                break;
            }
        }
        QCOMPARE(quality(cut).cutCaptions, 1);
        Form backwards = good;
        backwards.tabOrder = TabOrder::ByHand;
        for (const ControlId id : tabSequence(good)) {
            backwards.handOrder.prepend(id);
        }
        QVERIFY(quality(backwards).backwardTabs > 0);
        // Values that do not fit.
        Profile profile;
        profile.table = "tag";
        for (int i = 0; i < 10; ++i) {
            profile.columns["label"].add(i < 9 ? QString("short") : QString(60, 'm'));
        }
        DraftPlan tag = planDraft(table("tag"));
        const FormQuality fit = qualityOf(drafted(tag), m_orders, {{"tag", profile}}, m_measure);
        QCOMPARE(fit.values, 10);
        QCOMPARE(fit.fitting, 9);
        QCOMPARE(fit.leastFit, 0.9);
        QCOMPARE(fit.leastFitBox, "tag.label");
    }

    void captionsKnowPrefixesCommentsAndTheProjectsWords()
    {
        QCOMPARE(sharedPrefix({"cust_name", "cust_city", "cust_no"}), "cust_");
        QCOMPARE(sharedPrefix({"custName", "custCity", "custNo"}), "cust");
        QCOMPARE(sharedPrefix({"name", "nation", "nap"}), QString());
        QCOMPARE(sharedPrefix({"a_1", "a_2", "a_3"}), QString()); // leaves no word
        Table table;
        table.name = "t_cust";
        for (const char *name : {"cust_name", "cust_city", "cust_vat_no", "cust_chiefContact"}) {
            table.columns.append(samples::column(name, "TEXT"));
        }
        table.columns[1].comment = "Town of the customer";
        const auto captions = [&](const WordList &words) {
            QStringList result;
            for (const PlannedColumn &column : planDraft(table, nullptr, words).columns) {
                result.append(column.caption);
            }
            result.sort();
            return result;
        };
        QCOMPARE(captions({}), QStringList({"Chief contact", "Name", "Town of the customer", "VAT number"}));
        QCOMPARE(captions({{"cust_city", "Place"}, {"chief", "main"}}),
                 QStringList({"Main contact", "Name", "Place", "VAT number"}));
        table.columns[1].comment = "0 = no; 1 = yes. See the manual."; // no caption
        QVERIFY(captions({}).contains("City"));
    }

    // A choice that writes a whole key is called by its table where the last part of the key says less, else by that.
    void choicesOfWholeKeysAreCalledByWhatTheyAre()
    {
        const auto called = [](const char *part, const char *parent) {
            Table table;
            table.name = "note";
            table.columns = {samples::column("firm_no", "INTEGER"), samples::column(part, "INTEGER")};
            table.foreignKeys = {{{"firm_no", part}, parent, {"firm_no", "no"}}};
            return captionOfColumn(table, part, {});
        };
        QCOMPARE(called("line_no", "order_lines"), "Order line");
        QCOMPARE(called("manager_id", "employees"), "Manager");
        QCOMPARE(called("line_no", "lines"), "Line");
    }

    void numbersKeepWithinTheirType()
    {
        QCOMPARE(*readDeclaredType("SMALLINT").most, 32767.0);
        QCOMPARE(*readDeclaredType("TINYINT UNSIGNED").most, 255.0);
        QCOMPARE(*readDeclaredType("DECIMAL(5,1)").most, 9999.9);
        QVERIFY(!readDeclaredType("INTEGER").most && !readDeclaredType("BIGINT").least);
        const Form form = drafted(planDraft(table("purchase_line")));
        const Control *quantity = boundTo(form, "quantity");
        const Kind &kind = kindNamed(quantity->kind);
        QVERIFY(kind.read(*quantity, "999999.99", QLocale::c()).isOk());
        QVERIFY(!kind.read(*quantity, "1000000", QLocale::c()).isOk());
        QVERIFY(kind.read(*quantity, "-1000000", QLocale::c()).error().sentence.contains("least"));
    }

    void anOptionSetUpToFourElseADropDown()
    {
        Column column = samples::column("state", "TEXT");
        Table table;
        table.name = "t";
        column.choices = {"a", "b", "c", "d"};
        table.columns = {column};
        QCOMPARE(kindForColumn(table, column), "option-set");
        column.choices.append("e");
        QCOMPARE(kindForColumn(table, column), "drop-down");
        // In a row of one line, a drop-down even so.
        DraftPlan plan = planDraft(table);
        plan.arrangement = Arrangement::Tabular;
        QCOMPARE(boundTo(draftForm({{table}}, table, plan, nullptr, m_measure), "state")->kind, "drop-down");
    }

    // Rows taken unasked are left where a record has too many; those that somebody wanted stay.
    void tooManyRowsAreNotTakenUnasked()
    {
        DraftPlan plan = planWithChildren(m_orders, table("purchase"));
        const PlannedChild *lines = childOf(plan, "purchase_line");
        QVERIFY(lines && lines->isTaken);
        Learned learned;
        learned.usualRows.insert(learnedKey("purchase_line", lines->link), MostRowsUnasked);
        QVERIFY(childOf(withLearned(m_orders, plan, learned), "purchase_line")->isTaken);
        learned.usualRows.insert(learnedKey("purchase_line", lines->link), MostRowsUnasked + 1);
        const DraftPlan left = withLearned(m_orders, plan, learned);
        QVERIFY(!childOf(left, "purchase_line")->isTaken);
        QCOMPARE(childOf(left, "purchase_line")->usualRows, MostRowsUnasked + 1);
        for (PlannedChild &child : plan.children) {
            child.isUnasked = false;
        }
        QVERIFY(childOf(withLearned(m_orders, plan, learned), "purchase_line")->isTaken);
    }
};

QTEST_APPLESS_MAIN(TestDraftChildren)
#include "tst_draft_children.moc"

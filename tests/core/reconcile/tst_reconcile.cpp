// A table changes under a form: what became of each column is told with reasons, followed in every use, and all else
// stays as somebody made it.
#include "core/arrange/moving.h"
#include "core/catalogue/value_signs.h"
#include "core/check/findings.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/reconcile/column_uses.h"
#include "core/reconcile/draft_again.h"
#include "core/reconcile/memory.h"
#include "core/reconcile/proposals.h"
#include "core/sorts/sorted_by.h"
#include "support/orders.h"

#include <QTest>

using namespace nabblet;

class TestReconcile : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    Catalogue m_before;
    Catalogue m_now;
    StoredSamples m_samples;

    static Table &tableOf(Catalogue &catalogue, const char *name)
    {
        for (Table &table : catalogue.tables) {
            if (table.name == QLatin1String(name)) {
                return table;
            }
        }
        qFatal("no table %s", name);
    }
    static Column &columnOf(Table &table, const char *name)
    {
        for (Column &column : table.columns) {
            if (column.name == QLatin1String(name)) {
                return column;
            }
        }
        qFatal("no column %s", name);
    }
    static void rename(Table &table, const char *from, const char *to)
    {
        columnOf(table, from).name = QLatin1String(to);
        const auto in = [&](QStringList &names) {
            for (QString &name : names) {
                name = name == QLatin1String(from) ? QString(QLatin1String(to)) : name;
            }
        };
        in(table.primaryKey);
        for (ForeignKey &link : table.foreignKeys) {
            in(link.columns);
        }
    }
    Form draft(const char *table, const QHash<QString, Profile> *profiles = nullptr) const
    {
        const Table &rows = *findTable(m_before, table);
        return withColumnsRemembered(
            draftForm(m_before, rows, planWithChildren(m_before, rows, nullptr), nullptr, m_measure), m_before,
            profiles);
    }
    ReconcileContext context() const { return {m_now, m_measure}; }
    QList<Proposal> proposals(const Form &form) const
    {
        return proposalsFor(form, tableChanges(form, m_now, m_samples), context());
    }
    Form followed(const Form &form) const { return reconciled(form, proposals(form), {}, context()); }
    static const Control *boxOf(const Form &form, const char *column)
    {
        for (const Control &control : form.controls) {
            if (control.column == QLatin1String(column)) {
                return &control;
            }
        }
        return nullptr;
    }
    // What a reconcile must never do: leave what is gone bound, touch what it was not about, or be needed twice.
    void keepsTheLaws(const Form &before, const Form &after)
    {
        const QList<TableChange> left = tableChanges(after, m_now, m_samples);
        QVERIFY2(left.isEmpty(), left.isEmpty() ? "" : qPrintable(changeInWords(left.first(), m_now)));
        QCOMPARE(followed(after), after);
        const QList<Found> found = allFound({after, m_now, m_measure});
        for (const Found &each : found) {
            QVERIFY2(QLatin1String(each.check->name) != QLatin1String("gone columns") &&
                         QLatin1String(each.check->name) != QLatin1String("out of step") &&
                         QLatin1String(each.check->name) != QLatin1String("covered"),
                     qPrintable(each.finding.sentence));
        }
        QCOMPARE(after.title, before.title);
        const Result<Form> read = readForm(writeForm(after));
        QVERIFY(read);
        QCOMPARE(writeForm(*read), writeForm(after));
    }
    void stays(const Form &before, const Form &after, const char *column)
    {
        const Control *was = boxOf(before, column);
        const Control *is = boxOf(after, column);
        QVERIFY(was && is);
        QCOMPARE(is->place, was->place);
        QCOMPARE(is->settings, was->settings);
        QCOMPARE(is->name, was->name);
    }

private Q_SLOTS:
    void init()
    {
        m_before = samples::orders();
        m_now = m_before;
        m_samples.clear();
    }

    void anUnchangedTableChangesNothing()
    {
        for (const Table &table : std::as_const(m_before.tables)) {
            const Form form = draft(qPrintable(table.name));
            QVERIFY(!form.boundColumns.isEmpty());
            QCOMPARE(tableChanges(form, m_now).size(), 0);
            QCOMPARE(followed(form), form);
            QCOMPARE(withColumnsRemembered(form, m_now), form);
        }
    }

    void everyUseIsRemembered()
    {
        const Form form = draft("purchase");
        QVERIFY(remembered(form, "purchase", "customer_id"));
        QVERIFY(remembered(form, "customer", "name")); // what the lookup shows
        QVERIFY(remembered(form, "customer", "customer_id"));
        QCOMPARE(remembered(form, "purchase", "ordered_on")->place, 4);
        bool hasInner = false;
        for (const Control &control : form.controls) {
            if (const Form *inner = control.inner.get()) {
                hasInner = true;
                QVERIFY(!inner->boundColumns.isEmpty());
                QVERIFY(remembered(*inner, inner->rowsFrom, "purchase_no") ||
                        remembered(form, inner->rowsFrom, "purchase_no"));
            }
        }
        QVERIFY(hasInner);
    }

    void renamedIsToldFromDroppedAndAdded_data()
    {
        QTest::addColumn<QString>("to");
        QTest::addColumn<bool>("isElsewhere"); // it went to the end of the table
        QTest::addColumn<bool>("hasComment");
        QTest::addColumn<bool>("isCertain");
        QTest::newRow("a like name in its place") << "note_text" << false << false << false;
        QTest::newRow("with words in common") << "order_remarks" << false << false << true;
        QTest::newRow("its comment") << "memo" << true << true << true;
        QTest::newRow("another name in its place") << "memo" << false << false << false;
    }
    void renamedIsToldFromDroppedAndAdded()
    {
        QFETCH(QString, to);
        QFETCH(bool, isElsewhere);
        QFETCH(bool, hasComment);
        QFETCH(bool, isCertain);
        if (hasComment) {
            columnOf(tableOf(m_before, "purchase"), "remarks").comment = "What the customer asked for";
            m_now = m_before;
        }
        const Form form = draft("purchase");
        Table &table = tableOf(m_now, "purchase");
        rename(table, "remarks", qPrintable(to));
        if (isElsewhere) {
            table.columns.move(table.columns.size() - 1, 1);
        }
        const QList<TableChange> changes = tableChanges(form, m_now);
        QCOMPARE(changes.size(), 1);
        QCOMPARE(changes.first().kind, ChangeKind::ColumnRenamed);
        QCOMPARE(changes.first().now, QStringList{to});
        QVERIFY(!changes.first().reasons.isEmpty());
        QCOMPARE(changes.first().isCertain, isCertain);
        const Form after = followed(form);
        QVERIFY(boxOf(after, qPrintable(to)));
        // It stays where it was, but for the room that the captions of all need now.
        QCOMPARE(boxOf(after, qPrintable(to))->place.size(), boxOf(form, "remarks")->place.size());
        QCOMPARE(boxOf(after, qPrintable(to))->place.top(), boxOf(form, "remarks")->place.top());
        QVERIFY(!boxOf(after, "remarks"));
        QCOMPARE(boxOf(after, "ordered_on")->settings, boxOf(form, "ordered_on")->settings);
        keepsTheLaws(form, after);
    }

    void valuesTellWhatNamesDoNot()
    {
        QHash<QString, Profile> profiles;
        ColumnProfile &values = profiles["customer"].columns["phone"];
        StoredSample &sample = m_samples["customer"];
        sample.columns = {"customer_id", "name", "contact", "zone"};
        for (int i = 0; i < 20; ++i) {
            const QString number = QString("0%1 55%2").arg(100 + i).arg(i * 37);
            values.add(number);
            sample.rows.append({i, "Somebody", number, QString("zone %1").arg(i)});
        }
        const Form form = draft("customer", &profiles);
        QVERIFY(!remembered(form, "customer", "phone")->signs.isEmpty());
        Table &table = tableOf(m_now, "customer");
        rename(table, "phone", "zone");
        Column contact = samples::column("contact", "VARCHAR(20)");
        table.columns.insert(1, contact);
        // By place it would be the one, by values the other.
        const QList<TableChange> changes = tableChanges(form, m_now, m_samples);
        QCOMPARE(changes.first().kind, ChangeKind::ColumnRenamed);
        QCOMPARE(changes.first().now, QStringList{"contact"});
        QCOMPARE(changes.last().kind, ChangeKind::ColumnNew);
        QCOMPARE(changes.last().column, QString("zone"));
        keepsTheLaws(form, followed(form));
    }

    void partedIntoTwo()
    {
        QHash<QString, Profile> profiles;
        StoredSample &sample = m_samples["customer"];
        sample.columns = {"customer_id", "first_name", "last_name", "phone"};
        for (int i = 0; i < 30; ++i) {
            const QString first = QString("Mara%1").arg(i);
            const QString last = QString("Skerry%1").arg(i % 7);
            profiles["customer"].columns["name"].add(first + ' ' + last);
            sample.rows.append({i, first, last, "1"});
        }
        Form form = draft("customer", &profiles);
        const Control *phone = boxOf(form, "phone");
        form = setCaptionText(form, captionOf(form, phone->id)->id, "Call", m_measure); // handwork
        Table &table = tableOf(m_now, "customer");
        rename(table, "name", "last_name");
        table.columns.insert(1, samples::column("first_name", "VARCHAR(30)", true));
        const QList<TableChange> changes = tableChanges(form, m_now, m_samples);
        QCOMPARE(changes.size(), 1);
        QCOMPARE(changes.first().kind, ChangeKind::ColumnSplit);
        QVERIFY(changes.first().isCertain);
        const Form after = followed(form);
        const Control *first = boxOf(after, "first_name");
        const Control *last = boxOf(after, "last_name");
        QVERIFY(first && last);
        QCOMPARE(first->place.top(), boxOf(form, "name")->place.top());
        QVERIFY(last->place.top() > first->place.top());
        QCOMPARE(last->place.left(), first->place.left());
        QVERIFY(captionOf(after, first->id) && captionOf(after, last->id));
        QCOMPARE(captionOf(after, boxOf(after, "phone")->id)->text, QString("Call"));
        // The rows below made way, and show both parts where they showed the whole.
        for (const Control &control : after.controls) {
            if (control.kind == QLatin1String("subform")) {
                QVERIFY(control.place.top() >= last->place.top() + last->place.height());
                for (const Control &inside : control.inner.get()->controls) {
                    if (const auto lookup = lookupOf(inside); lookup && lookup->table == QLatin1String("customer")) {
                        QCOMPARE(lookup->wordsColumns, (QStringList{"first_name", "last_name"}));
                    }
                }
            }
        }
        const auto marginOf = [](const Form &of) {
            int lowest = 0;
            for (const Control &control : of.controls) {
                lowest = control.band == BandRole::Body ? std::max(lowest, control.place.y() + control.place.height())
                                                        : lowest;
            }
            return findBand(of, BandRole::Body)->height - lowest;
        };
        QCOMPARE(marginOf(after), marginOf(form)); // as much space below as before
        keepsTheLaws(form, after);
    }

    // A new column that is still blank is no part of anything.
    void aRenamedOneBesideABlankOneIsNotParted()
    {
        QHash<QString, Profile> profiles;
        StoredSample &sample = m_samples["customer"];
        sample.columns = {"customer_id", "full_name", "phone", "colour"};
        for (int i = 0; i < 30; ++i) {
            const QString name = QString("Mara%1 Skerry").arg(i);
            profiles["customer"].columns["name"].add(name);
            sample.rows.append({i, name, "1", QVariant()});
        }
        const Form form = draft("customer", &profiles);
        Table &table = tableOf(m_now, "customer");
        rename(table, "name", "full_name");
        table.columns.append(samples::column("colour", "VARCHAR(20)"));
        const QList<TableChange> changes = tableChanges(form, m_now, m_samples);
        QCOMPARE(changes.size(), 2);
        QCOMPARE(changes.first().kind, ChangeKind::ColumnRenamed);
        QCOMPARE(changes.last().kind, ChangeKind::ColumnNew);
    }

    void twoBecameOne()
    {
        Table &old = tableOf(m_before, "customer");
        rename(old, "name", "first_name");
        old.columns.insert(2, samples::column("last_name", "VARCHAR(30)", true));
        QHash<QString, Profile> profiles;
        StoredSample &sample = m_samples["customer"];
        sample.columns = {"customer_id", "full_name", "phone"};
        for (int i = 0; i < 30; ++i) {
            const QString first = QString("Mara%1").arg(i);
            const QString last = QString("Skerry%1").arg(i % 7);
            profiles["customer"].columns["first_name"].add(first);
            profiles["customer"].columns["last_name"].add(last);
            sample.rows.append({i, first + ' ' + last, "1"});
        }
        const Form form = draft("customer", &profiles);
        m_now = m_before;
        Table &table = tableOf(m_now, "customer");
        table.columns.removeAt(2);
        rename(table, "first_name", "full_name");
        const QList<TableChange> changes = tableChanges(form, m_now, m_samples);
        QVERIFY2(changes.size() == 1, qPrintable(changeInWords(changes.last(), m_now)));
        QCOMPARE(changes.first().kind, ChangeKind::ColumnsJoined);
        const Form after = followed(form);
        QVERIFY(boxOf(after, "full_name") && !boxOf(after, "first_name") && !boxOf(after, "last_name"));
        keepsTheLaws(form, after);
    }

    void goneIsAskedAbout()
    {
        const Form form = draft("purchase");
        Table &table = tableOf(m_now, "purchase");
        table.columns.removeAt(4); // remarks
        const QList<Proposal> all = proposals(form);
        QCOMPARE(all.size(), 1);
        QCOMPARE(all.first().change.kind, ChangeKind::ColumnGone);
        QVERIFY(!all.first().isTicked); // nothing is taken away unasked
        QVERIFY(boxOf(reconciledWhereCertain(form, all, context()), "remarks"));
        const Form kept = reconciled(form, all, {}, context());
        QCOMPARE(tableChanges(kept, m_now).size(), 1); // it is asked about again
        const Form after = reconciled(form, all, {{true, 0}}, context());
        QVERIFY(!boxOf(after, "remarks"));
        stays(form, after, "ordered_on");
        keepsTheLaws(form, after);
    }

    // A row that had nothing else in it closes up; one with something else stays.
    void whatIsTakenAwayClosesUp()
    {
        const Table &rows = *findTable(m_before, "purchase");
        DraftPlan plan = planDraft(rows);
        plan.columnsOfBoxes = 1;
        const Form form = withColumnsRemembered(draftForm(m_before, rows, plan, nullptr, m_measure), m_before);
        Table &table = tableOf(m_now, "purchase");
        table.columns.removeAt(3); // ordered_on, with remarks below it
        const Form after = reconciled(form, proposals(form), {{true, 0}}, context());
        QVERIFY(!boxOf(after, "ordered_on"));
        const int closed = boxOf(form, "remarks")->place.top() - boxOf(after, "remarks")->place.top();
        const bool stoodAbove = boxOf(form, "ordered_on")->place.top() < boxOf(form, "remarks")->place.top();
        QVERIFY2(stoodAbove ? closed > 0 : closed == 0, qPrintable(QString::number(closed)));
        QCOMPARE(boxOf(after, "customer_id")->place.top(), boxOf(form, "customer_id")->place.top());
        keepsTheLaws(form, after);
    }

    void everyUseFollowsANewName()
    {
        Form form = draft("purchase");
        form.settings.set(setting::Sorted, {{"remarks", true, {}}});
        form.window.listColumns = {"remarks", "ordered_on"};
        Rule rule;
        rule.effect = "marked";
        rule.when = "length(remarks) > 3 AND \"remarks\" <> 'remarks' -- remarks";
        rule.on = {boxOf(form, "remarks")->id};
        form.rules = {rule};
        Control worked;
        worked.id = nextControlId(form);
        worked.kind = "formula";
        worked.name = "formula_1";
        worked.place = QRect(16, 900, 96, 24);
        worked.settings.set(setting::Formula, "upper(remarks) || (SELECT sum(quantity) FROM purchase_line)");
        form.controls.append(worked);
        const Form after = withColumnRenamed(form, "purchase", "remarks", "order note");
        QCOMPARE(sortedBy(after).first().column, QString("order note"));
        QCOMPARE(after.window.listColumns.first(), QString("order note"));
        QVERIFY2(after.rules.first().when.startsWith("length(\"order note\") > 3 AND \"order note\" <> 'remarks'"),
                 qPrintable(after.rules.first().when));
        const QString formula = formulaOf(*after.controls.find(worked.id));
        QVERIFY2(formula.startsWith("upper(\"order note\")") && formula.contains("sum(quantity)"), qPrintable(formula));
        // And back: nothing else was touched.
        QCOMPARE(withColumnRenamed(after, "purchase", "order note", "remarks").window, form.window);
        // Of the rows that belong to it.
        const Form lines = withColumnRenamed(form, "purchase_line", "quantity", "pieces");
        QVERIFY(formulaOf(*lines.controls.find(worked.id)).contains("sum(pieces)"));
        for (const Control &control : lines.controls) {
            if (const Form *inner = control.inner.get(); inner && inner->rowsFrom == QLatin1String("purchase_line")) {
                QVERIFY(boxOf(*inner, "pieces"));
            }
        }
        // What a lookup shows of another table.
        const Form named = withColumnRenamed(form, "customer", "name", "full_name");
        QCOMPARE(lookupOf(*boxOf(named, "customer_id"))->wordsColumns, QStringList{"full_name"});
    }

    void aTableOfAnotherName()
    {
        const Form form = draft("purchase");
        tableOf(m_now, "customer").name = "client";
        for (Table &table : m_now.tables) {
            for (ForeignKey &link : table.foreignKeys) {
                link.parentTable = link.parentTable == QLatin1String("customer") ? QString("client") : link.parentTable;
            }
        }
        const Form after = followed(form);
        QCOMPARE(lookupOf(*boxOf(after, "customer_id"))->table, QString("client"));
        const Form again = followed(after); // the link's own name is taken note of at the latest then
        keepsTheLaws(form, again);
        const Form own = draft("customer");
        const Form ownAfter = followed(own);
        QCOMPARE(ownAfter.rowsFrom, QString("client"));
        keepsTheLaws(own, ownAfter);
    }

    void whatElseChanges_data()
    {
        QTest::addColumn<int>("what");
        for (int i = 0; i < 6; ++i) {
            QTest::addRow("%d", i) << i;
        }
    }
    void whatElseChanges()
    {
        QFETCH(int, what);
        Form form = draft("customer");
        Table &table = tableOf(m_now, "customer");
        ChangeKind kind = ChangeKind::TypeChanged;
        switch (what) {
        case 0: {
            Column &phone = columnOf(table, "phone");
            takeDeclaredType(phone, "BOOLEAN");
            phone.length.reset();
            break;
        }
        case 1:
            takeDeclaredType(columnOf(table, "name"), "VARCHAR(40)");
            kind = ChangeKind::LengthChanged;
            break;
        case 2:
            columnOf(table, "phone").isRequired = true;
            kind = ChangeKind::RequiredChanged;
            break;
        case 3:
            columnOf(table, "phone").choices = {"landline", "mobile"};
            kind = ChangeKind::ChoicesChanged;
            break;
        case 4:
            table.foreignKeys = {ForeignKey{{"phone"}, "tag", {"tag_id"}}};
            kind = ChangeKind::LinkChanged;
            break;
        case 5:
            table.columns.append(samples::column("town", "VARCHAR(40)", true));
            kind = ChangeKind::ColumnNew;
            break;
        }
        const QList<Proposal> all = proposals(form);
        QCOMPARE(all.size(), 1);
        QCOMPARE(all.first().change.kind, kind);
        QVERIFY(!all.first().sentence.isEmpty());
        QVERIFY(all.first().change.isCertain);
        const Form after = followed(form);
        QVERIFY(after != form);
        if (kind != ChangeKind::LengthChanged) {
            stays(form, after, "name");
        }
        if (what == 0) {
            QCOMPARE(boxOf(after, "phone")->kind, QString("tick-box"));
        } else if (what == 3) {
            QCOMPARE(fixedChoices(*boxOf(after, "phone")).size(), 2);
        } else if (what == 4) {
            QCOMPARE(lookupOf(*boxOf(after, "phone"))->table, QString("tag"));
        } else if (what == 5) {
            QVERIFY(boxOf(after, "town")); // as nothing could be added without it
        }
        keepsTheLaws(form, after);
        // The same one by one, as a finding.
        QCOMPARE(QLatin1String(formChecks().at(1).name), QLatin1String("out of step"));
        const QList<Found> found = foundBy(formChecks().at(1), {form, m_now, m_measure});
        QCOMPARE(found.size(), 1);
        const Form byMend = mended({form, m_now, m_measure}, found.first());
        QCOMPARE(tableChanges(byMend, m_now).size(), 0);
        // Only taken note of.
        const Form noted = mended({form, m_now, m_measure}, found.first(), found.first().finding.mends.size() - 1);
        QCOMPARE(tableChanges(noted, m_now).size(), 0);
        QCOMPARE(noted.controls, form.controls);
    }

    void newColumnsThatAreLeftOutAreNotAskedAboutAgain()
    {
        const Form form = draft("customer");
        tableOf(m_now, "customer").columns.append(samples::column("town", "VARCHAR(40)"));
        QCOMPARE(proposals(form).size(), 1);
        QVERIFY(!proposals(form).first().isTicked);
        const Form after = followed(form);
        QVERIFY(!boxOf(after, "town"));
        QCOMPARE(after.controls, form.controls);
        QCOMPARE(tableChanges(after, m_now).size(), 0);
    }

    // Nobody was asked: it is met again.
    void whatWasNotAskedStaysOpen()
    {
        const Form form = draft("customer");
        tableOf(m_now, "customer").columns.append(samples::column("town", "VARCHAR(40)"));
        const Form after = reconciledWhereCertain(form, proposals(form), context());
        QCOMPARE(after.controls, form.controls);
        QCOMPARE(tableChanges(after, m_now).size(), 1);
        QCOMPARE(reconciledWhereCertain(after, proposals(after), context()), after);
    }

    // Several at once, in any order of the columns.
    // A draft of today, the draft that the form came from and the form as it is: three ways.
    void draftedAgainLeavesHandworkAlone()
    {
        const Form drafted = draft("customer");
        const auto again = [&](const Form &form, const QHash<QString, Profile> *profiles = nullptr) {
            const ReconcileContext now{m_now, m_measure, QStringLiteral("{kind}_{column}"), profiles};
            return draftedAgain(form, tableChanges(form, m_now, m_samples), now);
        };
        const QList<Proposal> none = again(drafted);
        QVERIFY2(none.isEmpty(), none.isEmpty() ? "" : qPrintable(none.first().sentence));
        // What a hand did is no change of the draft.
        Form byHand = setCaptionText(drafted, captionOf(drafted, boxOf(drafted, "name")->id)->id, "Called", m_measure);
        byHand = resizeControls(byHand, {boxOf(drafted, "name")->id}, Edge::Right, QPoint(80, 0));
        QVERIFY(again(byHand).isEmpty());

        // The project now calls it otherwise.
        ReconcileContext words{m_now, m_measure};
        words.words = {{"name", "Full name"}};
        const QList<Proposal> captions = draftedAgain(drafted, {}, words);
        QCOMPARE(captions.size(), 1);
        QVERIFY(captions.first().isTicked);
        const Form called = reconciled(drafted, captions, {}, words);
        QCOMPARE(captionOf(called, boxOf(called, "name")->id)->text, QString("Full name"));
        QVERIFY(draftedAgain(called, {}, words).isEmpty()); // twice is once
        QCOMPARE(boxOf(called, "name")->place.size(), boxOf(drafted, "name")->place.size());
        const QList<Proposal> offered = draftedAgain(byHand, {}, words);
        QCOMPARE(offered.size(), 1);
        QVERIFY(!offered.first().isTicked); // somebody wrote it
        QCOMPARE(reconciled(byHand, offered, {}, words), withColumnsAsNow(byHand, m_now));

        // Long values have come in since.
        Profile profile;
        profile.table = "customer";
        ColumnProfile &values = profile.columns["name"];
        values.values = 500;
        values.lengths.insert(60, {500, QString(60, u'm')});
        const QHash<QString, Profile> profiles{{"customer", profile}};
        const QList<Proposal> sizes = again(drafted, &profiles);
        QVERIFY(!sizes.isEmpty());
        const Form wider = reconciled(drafted, sizes, {}, {m_now, m_measure, "{kind}_{column}", &profiles});
        QVERIFY(boxOf(wider, "name")->place.width() > boxOf(drafted, "name")->place.width());
        keepsTheLaws(drafted, wider);
        const QList<Proposal> sizedByHand = again(byHand, &profiles);
        QVERIFY(!sizedByHand.isEmpty() && !sizedByHand.first().isTicked);

        // A box that somebody took away is offered, and a new column comes as a draft would have it.
        const Form without = withColumnsRemembered(deleteControls(drafted, {boxOf(drafted, "name")->id}), m_now);
        const QList<Proposal> back = again(without);
        QCOMPARE(back.size(), 1);
        QVERIFY(!back.first().isTicked);
        QVERIFY(boxOf(reconciled(without, back, {{true, 0}}, context()), "name"));
        Column fresh;
        fresh.name = "nickname";
        fresh.declaredType = "VARCHAR(20)";
        fresh.type = ColumnType::Text;
        fresh.length = 20;
        tableOf(m_now, "customer").columns.append(fresh);
        const QList<Proposal> grown = again(drafted);
        QCOMPARE(grown.size(), 1);
        QVERIFY(grown.first().isTicked);
        const Form withIt = reconciled(drafted, grown, {}, context());
        QVERIFY(boxOf(withIt, "nickname"));
        QVERIFY(again(withIt).isEmpty());
    }

    void severalAtOnce()
    {
        const Form form = draft("purchase_line");
        Table &table = tableOf(m_now, "purchase_line");
        rename(table, "article", "article_code");
        rename(table, "quantity", "quantity_ordered");
        takeDeclaredType(columnOf(table, "unit_price"), "DECIMAL(12,4)");
        table.columns.move(2, 4);
        QList<TableChange> changes = tableChanges(form, m_now);
        int renamed = 0;
        for (const TableChange &change : std::as_const(changes)) {
            renamed += change.kind == ChangeKind::ColumnRenamed ? 1 : 0;
        }
        QCOMPARE(renamed, 2);
        const Form after = followed(form);
        QVERIFY(boxOf(after, "article_code") && boxOf(after, "quantity_ordered"));
        keepsTheLaws(form, after);
    }
};

QTEST_GUILESS_MAIN(TestReconcile)
#include "tst_reconcile.moc"

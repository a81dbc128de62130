// Forms put together: nothing is lost, nothing is broken, and what both changed is asked about.
#include "core/arrange/moving.h"
#include "core/check/findings.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/kinds/settings/typing.h"
#include "core/merge/form_differences.h"
#include "core/merge/form_merge.h"
#include "support/orders.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestFormMerge : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    const Catalogue m_orders = samples::orders();

    // As it comes out of a file, so that numbers of controls go by their order.
    Form draft(const char *table) const
    {
        const Table &rows = *findTable(m_orders, table);
        return *readForm(
            writeForm(draftForm(m_orders, rows, planWithChildren(m_orders, rows, nullptr), nullptr, m_measure)));
    }
    static const Control *boxOf(const Form &form, const char *column)
    {
        for (const Control &control : form.controls) {
            if (control.column == QLatin1String(column)) {
                return &control;
            }
        }
        return nullptr;
    }
    static MergedForm merged(const Form &base, const Form &ours, const Form &theirs)
    {
        const Result<MergedForm> result = mergedForms(writeForm(base), writeForm(ours), writeForm(theirs));
        if (!result) {
            qFatal("%s", qPrintable(result.error().sentence));
        }
        return *result;
    }
    // One of many small changes that people make.
    Form edited(const Form &form, QRandomGenerator &random) const
    {
        const int count = form.controls.size();
        const Control control = form.controls.at(random.bounded(count));
        switch (random.bounded(7)) {
        case 0:
            return moveControls(form, {control.id}, QPoint(8 * random.bounded(4), 8 * random.bounded(4)));
        case 1:
            return resizeControls(form, {control.id}, Edge::Right, QPoint(8, 0));
        case 2:
            return deleteControls(form, {control.id});
        case 3:
            return withSettings(form, {control.id},
                                [](ControlSettings &settings) { settings.set(setting::Locked, true); });
        case 4:
            return isCaption(control)
                       ? setCaptionText(form, control.id, QString("Words %1").arg(random.bounded(9)), m_measure)
                       : form;
        case 5: {
            Form titled = form;
            titled.title = QString("Title %1").arg(random.bounded(9));
            return titled;
        }
        default: {
            Form ruled = form;
            Rule rule;
            rule.effect = "locked";
            rule.when = QString("purchase_no > %1").arg(random.bounded(9));
            rule.on = {control.id};
            ruled.rules.append(rule);
            return isCaption(control) ? form : ruled;
        }
        }
    }

private Q_SLOTS:
    void oneSideAloneIsTaken()
    {
        QRandomGenerator random(7);
        for (int round = 0; round < 40; ++round) {
            const Form base = draft("purchase");
            const Form changed = *readForm(writeForm(edited(edited(base, random), random)));
            QCOMPARE(writeForm(merged(base, changed, base).form), writeForm(changed));
            QCOMPARE(writeForm(merged(base, base, changed).form), writeForm(changed));
            QCOMPARE(writeForm(merged(base, changed, changed).form), writeForm(changed));
            QCOMPARE(merged(base, changed, base).undecided, 0);
        }
    }

    void bothSidesAreTaken()
    {
        const Form base = draft("purchase");
        const ControlId date = boxOf(base, "ordered_on")->id;
        const Form ours = moveControls(base, {date}, QPoint(0, 8));
        Form theirs = resizeControls(base, {date}, Edge::Right, QPoint(16, 0));
        theirs = withSettings(theirs, {boxOf(base, "remarks")->id},
                              [](ControlSettings &settings) { settings.set(setting::Locked, true); });
        theirs.title = "Orders";
        for (const bool turned : {false, true}) {
            const MergedForm both = turned ? merged(base, theirs, ours) : merged(base, ours, theirs);
            QCOMPARE(both.undecided, 0);
            QCOMPARE(both.form.title, QString("Orders"));
            const Control *box = boxOf(both.form, "ordered_on");
            QCOMPARE(box->place.top(), boxOf(base, "ordered_on")->place.top() + 8);
            QCOMPARE(box->place.width(), boxOf(base, "ordered_on")->place.width() + 16);
            QVERIFY(isLocked(*boxOf(both.form, "remarks")));
        }
    }

    void newOnesOfBothStandThere()
    {
        const Form base = deleteControls(
            draft("purchase"), {boxOf(draft("purchase"), "remarks")->id, boxOf(draft("purchase"), "paid_by")->id});
        const Table &rows = *findTable(m_orders, "purchase");
        const Form ours = withField(base, m_orders, rows, "remarks", "{kind}_{column}", m_measure);
        const Form theirs = withField(base, m_orders, rows, "paid_by", "{kind}_{column}", m_measure);
        const MergedForm both = merged(base, ours, theirs);
        QVERIFY(boxOf(both.form, "remarks") && boxOf(both.form, "paid_by"));
        QVERIFY(captionOf(both.form, boxOf(both.form, "remarks")->id));
        QVERIFY(captionOf(both.form, boxOf(both.form, "paid_by")->id));
    }

    void whatBothChangedIsAskedAbout()
    {
        const Form base = draft("purchase");
        const ControlId date = boxOf(base, "ordered_on")->id;
        const ControlId caption = captionOf(base, date)->id;
        const Form ours = setCaptionText(base, caption, "Ordered", m_measure);
        const Form theirs = setCaptionText(base, caption, "Day", m_measure);
        const MergedForm both = merged(base, ours, theirs);
        QVERIFY(both.undecided >= 1);
        QCOMPARE(captionOf(both.form, boxOf(both.form, "ordered_on")->id)->text, QString("Ordered"));
        // It is found, and decided either way; it comes through a file.
        const Form stored = *readForm(writeForm(both.form));
        QCOMPARE(stored.undecided, both.form.undecided);
        const CheckContext context{stored, m_orders, m_measure};
        QList<Found> open = foundBy(formChecks().first(), context);
        QCOMPARE(open.size(), both.undecided);
        QVERIFY2(open.first().finding.sentence.contains("Day") || open.first().finding.sentence.contains("place"),
                 qPrintable(open.first().finding.sentence));
        Form mine = stored;
        Form other = stored;
        while (!mine.undecided.isEmpty()) {
            mine = *withDecided(mine, 0, Side::Ours);
        }
        while (!other.undecided.isEmpty()) {
            other = *withDecided(other, 0, Side::Theirs);
        }
        QCOMPARE(captionOf(mine, boxOf(mine, "ordered_on")->id)->text, QString("Ordered"));
        QCOMPARE(captionOf(other, boxOf(other, "ordered_on")->id)->text, QString("Day"));
        QCOMPARE(boxOf(other, "ordered_on")->id, boxOf(stored, "ordered_on")->id); // steps of undo go by it
        QVERIFY(allFound({mine, m_orders, m_measure}).isEmpty());
    }

    void takenAwayAndChangedIsAskedAbout()
    {
        const Form base = draft("purchase");
        const ControlId box = boxOf(base, "remarks")->id;
        const Form ours = deleteControls(base, {box});
        const Form theirs =
            withSettings(base, {box}, [](ControlSettings &settings) { settings.set(setting::Locked, true); });
        for (const bool turned : {false, true}) {
            const MergedForm both = turned ? merged(base, theirs, ours) : merged(base, ours, theirs);
            QCOMPARE(both.undecided, 1);
            QVERIFY(boxOf(both.form, "remarks")); // nothing is lost
            const Form gone = *withDecided(both.form, 0, turned ? Side::Theirs : Side::Ours);
            QVERIFY(!boxOf(gone, "remarks"));
            const Form kept = *withDecided(both.form, 0, turned ? Side::Ours : Side::Theirs);
            QVERIFY(boxOf(kept, "remarks") && isLocked(*boxOf(kept, "remarks")));
            QVERIFY(kept.undecided.isEmpty() && gone.undecided.isEmpty());
        }
    }

    void formsInsideArePutTogetherToo()
    {
        const Form base = draft("purchase");
        const auto inside = [](const Form &form) {
            for (const Control &control : form.controls) {
                if (control.inner) {
                    return control;
                }
            }
            return Control();
        };
        const auto withInside = [&](const Form &form, const Form &inner) {
            Form result = form;
            Control holder = inside(form);
            holder.inner = InnerForm(inner);
            result.controls.replace(result.controls.indexOf(holder.id), holder);
            return result;
        };
        const Form inner = *inside(base).inner.get();
        const Form ours = withInside(base, moveControls(inner, {boxOf(inner, "article")->id}, QPoint(8, 0)));
        const Form theirs =
            withInside(base, withSettings(inner, {boxOf(inner, "quantity")->id}, [](ControlSettings &settings) {
                           settings.set(setting::Prompt, QString("How many"));
                       }));
        const MergedForm both = merged(base, ours, theirs);
        QCOMPARE(both.undecided, 0);
        const Form result = *inside(both.form).inner.get();
        QCOMPARE(boxOf(result, "article")->place.left(), boxOf(inner, "article")->place.left() + 8);
        QCOMPARE(promptOf(*boxOf(result, "quantity")), QString("How many"));
    }

    // A form inside is let go on one side and changed on the other; a group that rules are about is taken off.
    void whatLeadsNowhereBreaksNothing()
    {
        const Form base = draft("purchase");
        Form ours = base;
        Form theirs = base;
        for (int i = 0; i < base.controls.size(); ++i) {
            Control control = base.controls.at(i);
            if (control.inner) {
                Form inner = *control.inner.get();
                inner.title = "Other rows";
                Control other = control;
                other.inner = InnerForm(inner);
                theirs.controls.replace(i, other);
                control.inner = {};
                ours.controls.replace(i, control);
            }
        }
        for (const bool turned : {false, true}) {
            const MergedForm both = turned ? merged(base, theirs, ours) : merged(base, ours, theirs);
            QVERIFY(both.undecided >= 1);
            QVERIFY(std::any_of(both.form.controls.begin(), both.form.controls.end(), [](const Control &control) {
                return control.inner && control.inner.get()->title == QLatin1String("Other rows");
            })); // nothing is lost
        }
        Form grouped = base;
        Control group;
        group.id = nextControlId(base);
        group.kind = "group-box";
        group.name = "group_more";
        group.place = QRect(16, 900, 200, 100);
        grouped.controls.append(group);
        grouped = *readForm(writeForm(grouped));
        Form ruled = grouped;
        Rule rule;
        rule.effect = "shown";
        rule.when = "purchase_no > 3";
        rule.areas = {{BandRole::Body, ruled.controls.at(ruled.controls.size() - 1).id, 0}};
        ruled.rules.append(rule);
        QVERIFY(mergedForms(writeForm(grouped), writeForm(base), writeForm(ruled)));
    }

    // Whatever two people do: never a broken file, and every control of each that the other did not take away is there.
    void nothingIsBrokenAndNothingIsLost()
    {
        QRandomGenerator random(11);
        for (int round = 0; round < 150; ++round) {
            const Form base = draft(round % 2 ? "purchase" : "purchase_line");
            Form ours = base;
            Form theirs = base;
            for (int i = 0; i < 1 + round % 6; ++i) {
                ours = *readForm(writeForm(edited(ours, random)));
                theirs = *readForm(writeForm(edited(theirs, random)));
            }
            const MergedForm both = merged(base, ours, theirs);
            const Result<Form> read = readForm(writeForm(both.form));
            QVERIFY(read);
            QCOMPARE(writeForm(*read), writeForm(both.form));
            QSet<QString> names;
            for (const Control &control : both.form.controls) {
                names.insert(control.name);
            }
            const auto namesOf = [](const Form &form) {
                QSet<QString> all;
                for (const Control &control : form.controls) {
                    all.insert(control.name);
                }
                return all;
            };
            for (const QString &name : namesOf(ours)) {
                QVERIFY(names.contains(name) || (namesOf(base).contains(name) && !namesOf(theirs).contains(name)));
            }
            for (const QString &name : namesOf(theirs)) {
                QVERIFY(names.contains(name) || (namesOf(base).contains(name) && !namesOf(ours).contains(name)));
            }
            // The other way round the same is there, and as much is asked about.
            const MergedForm turned = merged(base, theirs, ours);
            QCOMPARE(turned.undecided, both.undecided);
            QCOMPARE(namesOf(turned.form), names);
        }
    }

    void brokenFilesAreSaid()
    {
        const QByteArray form = writeForm(draft("tag"));
        QVERIFY(mergedForms("{", form, form).error().sentence.contains("base"));
        QVERIFY(!mergedForms(form, "no form", form));
        QVERIFY(mergedForms("", form, form)); // new on both sides
    }

    void differencesInSentences()
    {
        const Form base = draft("purchase");
        QVERIFY(formDifferences(base, base).isEmpty());
        Form after = moveControls(base, {boxOf(base, "ordered_on")->id}, QPoint(0, 8));
        after = deleteControls(after, {boxOf(base, "remarks")->id});
        after.title = "Orders";
        const QString all = formDifferences(base, after).join('\n');
        QVERIFY2(all.contains("title"), qPrintable(all));
        QVERIFY2(all.contains("moved by 0, 8 px"), qPrintable(all));
        QVERIFY2(all.contains("is gone"), qPrintable(all));
        QVERIFY(controlsThatDiffer(after, base).contains(boxOf(after, "ordered_on")->id));
        QVERIFY(formInLines(after).size() > after.controls.size());
        // Whatever is edited is said.
        QRandomGenerator random(3);
        for (int round = 0; round < 100; ++round) {
            const Form changed = edited(base, random);
            QCOMPARE(formDifferences(base, changed).isEmpty(), changed == base);
        }
    }
};

QTEST_GUILESS_MAIN(TestFormMerge)
#include "tst_form_merge.moc"

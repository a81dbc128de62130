// What may be wrong with a form: each check finds what it is for, says which control, and finds nothing on a draft.
#include "core/check/checks.h"
#include "core/draft/draft.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "support/orders.h"

#include <QSet>
#include <QTest>

using namespace nabblet;

class TestChecks : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    const Catalogue m_orders = samples::orders();

    Form draft(const char *table) const
    {
        const Table &rows = *findTable(m_orders, table);
        return draftForm(m_orders, rows, planDraft(rows), nullptr, m_measure);
    }
    QList<Finding> found(const char *check, const Form &form) const
    {
        return findings(check, {form, m_orders, m_measure});
    }
    // The draft with one control changed.
    template <typename Change> static Form changed(Form form, const char *column, Change change)
    {
        for (int i = 0; i < form.controls.size(); ++i) {
            Control control = form.controls.at(i);
            if (control.column == column) {
                change(control);
                form.controls.replace(i, control);
            }
        }
        return form;
    }

private Q_SLOTS:
    void checksHaveNamesOfTheirOwn()
    {
        QSet<QString> names;
        for (const FormCheck &check : formChecks()) {
            names.insert(check.name);
        }
        QCOMPARE(names.size(), formChecks().size());
        QVERIFY(found("no such check", draft("purchase")).isEmpty());
    }

    void aDraftHasNothingWrong()
    {
        for (const char *table : {"customer", "purchase", "purchase_line", "claim", "tag"}) {
            for (const FormCheck &check : formChecks()) {
                const QList<Finding> all = check.find({draft(table), m_orders, m_measure});
                QVERIFY2(all.isEmpty(), qPrintable(all.isEmpty() ? QString() : all.first().sentence));
            }
        }
    }

    void captionsWithoutRoom()
    {
        Form form = draft("customer");
        const Control *caption = nullptr;
        for (const Control &control : form.controls) {
            caption = isCaption(control) && control.captionFor != 0 ? &control : caption;
        }
        Control cut = *caption;
        cut.place.setWidth(5);
        form.controls.replace(form.controls.indexOf(cut.id), cut);
        QCOMPARE(found("cut captions", form).size(), 1);
        QCOMPARE(found("cut captions", form).first().control, cut.id);
        cut = *draft("customer").controls.find(cut.id);
        cut.place.moveLeft(form.width - 4);
        form.controls.replace(form.controls.indexOf(cut.id), cut);
        QVERIFY(found("cut captions", form).first().sentence.contains("stands out"));
    }

    void columnsThatNothingFills()
    {
        Form form = draft("purchase_line");
        form = changed(form, "article", [](Control &control) { control.column.clear(); });
        const QList<Finding> all = found("missing columns", form);
        QCOMPARE(all.size(), 1);
        QVERIFY(all.first().sentence.contains("article"));
        QVERIFY(findings("missing columns", {form, m_orders, m_measure, {"article"}}).isEmpty()); // it fills itself
        form.permissions.add = false;
        QVERIFY(found("missing columns", form).isEmpty());
    }

    void linksTypedRaw()
    {
        const Form form = changed(draft("purchase"), "customer_id",
                                  [](Control &control) { control.settings.remove(setting::Choosing); });
        QCOMPARE(found("typed links", form).size(), 1);
        QVERIFY(found("typed links", form).first().sentence.contains("customer"));
    }

    void numbersTypedThatNumberThemselves()
    {
        DraftPlan plan = planDraft(*findTable(m_orders, "customer"));
        for (PlannedColumn &column : plan.columns) {
            column.isTaken = true;
        }
        Form form = draftForm(m_orders, *findTable(m_orders, "customer"), plan, nullptr, m_measure);
        form = changed(form, "customer_id", [](Control &control) { control.settings.set(setting::Locked, false); });
        QCOMPARE(found("typed identities", form).size(), 1);
        form = changed(form, "customer_id", [](Control &control) { control.settings.set(setting::Locked, true); });
        QVERIFY(found("typed identities", form).isEmpty());
    }

    void aColumnIsTypedOnce()
    {
        Form form = draft("customer");
        Control again;
        for (const Control &control : form.controls) {
            again = !control.column.isEmpty() ? control : again;
        }
        again.id = nextControlId(form);
        again.name = "again";
        form.controls.append(again);
        QCOMPARE(found("typed twice", form).size(), 1);
        QCOMPARE(found("typed twice", form).first().control, again.id);
        QVERIFY(found("typed twice", form).first().sentence.contains("again"));
        again.settings.set(setting::Locked, true); // which only shows it
        form.controls.replace(form.controls.indexOf(again.id), again);
        QVERIFY(found("typed twice", form).isEmpty());
    }

    void conditionsOverColumnsThatAreGone()
    {
        Form form = draft("purchase");
        const ControlId box = form.controls.at(0).id;
        form.rules = {{.when = "1 = 1", .effect = "locked", .on = {box}}};
        QVERIFY(found("wrong rules", form).isEmpty());
        form.rules.append({"nobody > 3", "locked", {box}, {}});
        QCOMPARE(found("wrong rules", form).size(), 1);
        QCOMPARE(found("wrong rules", form).first().control, box);
        QVERIFY(found("wrong rules", form).first().sentence.contains("nobody"));
    }
};

QTEST_GUILESS_MAIN(TestChecks)
#include "tst_checks.moc"

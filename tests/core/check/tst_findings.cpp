// Each finding made once, seen, mended and gone; those left be; those of forms inside; and what reports say of them.
#include "core/arrange/moving.h"
#include "core/check/check_report.h"
#include "core/check/findings.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/looks/pins/look_pin.h"
#include "support/orders.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTest>
#include <QXmlStreamReader>

using namespace nabblet;

class TestFindings : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    Catalogue m_orders = samples::orders();
    QHash<QString, Profile> m_profiles;

    Form draft(const char *table) const
    {
        const Table &rows = *findTable(m_orders, table);
        return draftForm(m_orders, rows, planDraft(rows), nullptr, m_measure);
    }
    CheckContext contextOf(const Form &form) const
    {
        return {form, m_orders, m_measure, {}, {}, &m_profiles, QStringList{"start"}};
    }
    QList<Found> found(const char *check, const Form &form) const
    {
        for (const FormCheck &each : formChecks()) {
            if (QLatin1String(each.name) == QLatin1String(check)) {
                return foundBy(each, contextOf(form));
            }
        }
        return {};
    }
    static const Control &boxOf(const Form &form, const char *column)
    {
        for (const Control &control : form.controls) {
            if (control.column == QLatin1String(column)) {
                return control;
            }
        }
        qFatal("no box of %s", column);
    }
    template <typename Change> static Form changed(const Form &form, ControlId id, Change change)
    {
        Form result = form;
        Control control = *form.controls.find(id);
        change(control);
        result.controls.replace(form.controls.indexOf(id), control);
        return result;
    }
    // What is broken is found once; its first mend takes it away and leaves nothing else to fix behind.
    void isFoundAndMended(const char *check, const Form &sound, const Form &broken)
    {
        QCOMPARE(found(check, sound).size(), 0);
        const QList<Found> all = found(check, broken);
        QVERIFY2(all.size() == 1, qPrintable(QString("%1: %2").arg(check).arg(all.size())));
        QVERIFY(!all.first().finding.sentence.isEmpty());
        QVERIFY2(!all.first().finding.mends.isEmpty(), check);
        const Form after = mended(contextOf(broken), all.first());
        QVERIFY(after != broken);
        QCOMPARE(found(check, after).size(), 0);
        QCOMPARE(allMended(contextOf(broken), *all.first().check), after);
    }

private Q_SLOTS:
    void aDraftHasNothing()
    {
        for (const char *table : {"customer", "purchase", "purchase_line", "claim", "tag"}) {
            const QList<Found> all = allFound(contextOf(draft(table)));
            QVERIFY2(all.isEmpty(), all.isEmpty() ? "" : qPrintable(all.first().finding.sentence));
        }
    }

    void tablesAndColumnsThatAreGone()
    {
        Form form = draft("customer");
        const Control box = boxOf(form, "name");
        isFoundAndMended("gone columns", form,
                         changed(form, box.id, [](Control &control) { control.column = "gone"; }));
        form.rowsFrom = "nowhere"; // and nothing is remembered by which it would be known again
        form.boundColumns.clear();
        QCOMPARE(found("gone tables", form).size(), 1);
        QCOMPARE(found("gone columns", form).size(), 0); // it is said once
        Form lookups = draft("purchase");
        const Control lookup = boxOf(lookups, "customer_id");
        const Form broken = changed(lookups, lookup.id, [](Control &control) {
            Lookup changed = *lookupOf(control);
            changed.wordsColumns = {"no_such"};
            setLookup(control, changed);
        });
        isFoundAndMended("gone columns", lookups, broken);
    }

    void whatIsNeededHasABox()
    {
        const Form form = draft("purchase_line");
        isFoundAndMended("missing columns", form, deleteControls(form, {boxOf(form, "article").id}));
        isFoundAndMended("locked needed", form, changed(form, boxOf(form, "article").id, [](Control &control) {
                             control.settings.set(setting::Locked, true);
                         }));
    }

    void boxesSuitTheirColumns()
    {
        const Form form = draft("purchase");
        isFoundAndMended("typed links", form, changed(form, boxOf(form, "customer_id").id, [](Control &control) {
                             control.kind = "text-box";
                             control.settings.remove(setting::Choosing);
                         }));
        const Form customer = draft("customer");
        isFoundAndMended("odd types", customer, changed(customer, boxOf(customer, "name").id, [](Control &control) {
                             control.kind = "tick-box";
                             control.settings = {};
                         }));
        isFoundAndMended("typed twice", customer, [&] {
            Form twice = customer;
            Control again = boxOf(customer, "name");
            again.id = nextControlId(customer);
            again.name = "again";
            again.place.translate(0, 400);
            twice.controls.append(again);
            return twice;
        }());
    }

    void whereThingsStand()
    {
        const Form form = draft("purchase");
        const Control box = boxOf(form, "ordered_on");
        isFoundAndMended("off grid", form,
                         changed(form, box.id, [](Control &control) { control.place.adjust(0, 3, 0, 3); }));
        isFoundAndMended("nearly in line", form,
                         changed(form, box.id, [](Control &control) { control.place.translate(3, 0); }));
        isFoundAndMended("out of place", form,
                         changed(form, box.id, [&](Control &control) { control.place.moveLeft(form.width - 10); }));
        isFoundAndMended("small targets", form,
                         changed(form, box.id, [](Control &control) { control.place.setHeight(12); }));
        isFoundAndMended("cut captions", form, changed(form, captionOf(form, box.id)->id, [](Control &control) {
                             control.place.setLeft(control.place.right() - 6);
                         }));
        const Control first = boxOf(form, "ordered_on");
        const Control *other = nullptr;
        for (const Control &control : form.controls) {
            other = !control.column.isEmpty() && control.id != first.id ? &control : other;
        }
        isFoundAndMended("covered", form,
                         changed(form, first.id, [&](Control &control) { control.place = other->place; }));
        Form turned = form;
        QList<ControlId> order;
        for (const Control &control : form.controls) {
            order.prepend(control.id);
        }
        turned = withHandOrder(form, order);
        QVERIFY(!found("backward tabs", turned).isEmpty());
        QVERIFY(found("backward tabs", mended(contextOf(turned), found("backward tabs", turned).first())).isEmpty());
    }

    void valuesThatAreCut()
    {
        Form form = draft("customer");
        Profile profile;
        profile.table = "customer";
        for (int i = 0; i < 100; ++i) {
            profile.columns["name"].add(QString(i < 12 ? 60 : 8, 'x'));
        }
        m_profiles.insert("customer", profile);
        const Control box = boxOf(form, "name");
        const Form narrow = changed(form, box.id, [](Control &control) { control.place.setWidth(96); });
        const QList<Found> all = found("cut values", narrow);
        QCOMPARE(all.size(), 1);
        QVERIFY2(all.first().finding.sentence.contains("12 of 100"), qPrintable(all.first().finding.sentence));
        const Form after = mended(contextOf(narrow), all.first());
        QCOMPARE(found("cut values", after).size(), 0);
        QCOMPARE(found("covered", after).size(), 0); // what was in the way made way
        m_profiles.clear();
    }

    void namesAndWords()
    {
        const Form form = draft("customer");
        const Control box = boxOf(form, "name");
        isFoundAndMended("nameless boxes", form, deleteCaptionsOf(form, {box.id}));
        Form twice = form;
        Control copy = *captionOf(form, box.id);
        copy.id = nextControlId(form);
        copy.captionFor = 0;
        copy.place.translate(0, 400);
        twice.controls.append(copy);
        isFoundAndMended("equal names", form, twice);
        const Form alike = changed(form, captionOf(form, box.id)->id, [&](Control &control) {
            for (const Control &other : form.controls) {
                control.text =
                    isCaption(other) && other.captionFor != 0 && other.captionFor != box.id ? other.text : control.text;
            }
        });
        QCOMPARE(found("equal captions", alike).size(), 1);
    }

    void buttonsAndSubforms()
    {
        Form form = draft("customer");
        Control button;
        button.id = nextControlId(form);
        button.kind = "button";
        button.name = "button_idle";
        button.text = "Press";
        button.place = QRect(16, 600, 96, 32);
        Form idle = form;
        idle.controls.append(button);
        isFoundAndMended("idle buttons", form, idle);
        button.settings.set(setting::Opens, "elsewhere");
        Form lost = form;
        lost.controls.append(button);
        QVERIFY(found("idle buttons", lost).first().finding.sentence.contains("elsewhere"));
        Control subform;
        subform.id = nextControlId(form);
        subform.kind = "subform";
        subform.name = "subform_purchases";
        subform.place = QRect(16, 600, 400, 160);
        subform.inner = InnerForm(draft("purchase"));
        setChildLink(subform, {{"customer_id"}, {"customer_id"}});
        Form linked = form;
        linked.controls.append(subform);
        isFoundAndMended("loose subforms", linked,
                         changed(linked, subform.id, [](Control &control) { setChildLink(control, {}); }));
    }

    void gapsWithinARow()
    {
        Form form = draft("customer");
        for (const int x : {16, 120, 224, 328}) {
            Control button;
            button.id = nextControlId(form);
            button.kind = "button";
            button.name = "button_" + QString::number(x);
            button.text = button.name;
            button.settings.set(setting::Opens, "start");
            button.place = QRect(x, 600, 96, 32);
            form.controls.append(button);
        }
        const ControlId third = form.controls.at(form.controls.size() - 2).id;
        isFoundAndMended("unequal gaps", form,
                         changed(form, third, [](Control &control) { control.place.translate(5, 0); }));
        // What stands far off was put there.
        QCOMPARE(found("unequal gaps", changed(form, form.controls.at(form.controls.size() - 1).id,
                                               [](Control &control) { control.place.translate(200, 0); }))
                     .size(),
                 0);
    }

    void choicesInAnOrderThatShows()
    {
        const Form form = draft("purchase");
        isFoundAndMended("unseen orders", form, changed(form, boxOf(form, "customer_id").id, [](Control &control) {
                             Lookup lookup = *lookupOf(control);
                             lookup.sort = {"-customer_id"};
                             setLookup(control, lookup);
                         }));
        QCOMPARE(found("unseen orders", changed(form, boxOf(form, "customer_id").id,
                                                [](Control &control) {
                                                    Lookup lookup = *lookupOf(control);
                                                    lookup.sort = {'-' +
                                                                   lookup.wordsColumns.first()}; // backwards, but seen
                                                    setLookup(control, lookup);
                                                }))
                     .size(),
                 0);
    }

    void formsThatNothingOpens()
    {
        const Form form = draft("customer");
        CheckContext context = contextOf(form);
        context.forms = QStringList{"start", form.name};
        QCOMPARE(findings("unreached forms", context).size(), 0); // it is not known where people begin
        context.opened = QStringList{"start"};
        QCOMPARE(findings("unreached forms", context).size(), 1);
        context.opened = QStringList{"start", form.name};
        QCOMPARE(findings("unreached forms", context).size(), 0);
    }

    void selectsThatRepeatRowsOrTakeLong()
    {
        Form form = draft("customer");
        form.select = "SELECT * FROM customer JOIN purchase USING (customer_id)";
        Catalogue catalogue = m_orders;
        const auto foundWith = [&](bool repeats, int milliseconds) {
            for (Table &table : catalogue.tables) {
                if (table.name == form.rowsFrom) {
                    table.repeatsKey = repeats;
                    table.milliseconds = milliseconds;
                }
            }
            return findings("slow selects", {form, catalogue, m_measure});
        };
        QCOMPARE(foundWith(false, 40).size(), 0);
        QCOMPARE(foundWith(false, 4000).size(), 1);
        const QList<Finding> repeated = foundWith(true, 40);
        QCOMPARE(repeated.size(), 1);
        form = repeated.first().mends.first().mended({form, catalogue, m_measure});
        QVERIFY(!form.permissions.add && !form.permissions.change);
        QCOMPARE(foundWith(true, 40).size(), 0);
    }

    void formsInsideAreLookedAtToo()
    {
        Form form = draft("customer");
        Form inner = draft("purchase_line");
        inner = deleteControls(inner, {boxOf(inner, "article").id});
        Control subform;
        subform.id = nextControlId(form);
        subform.kind = "subform";
        subform.name = "subform_lines";
        subform.place = QRect(16, 600, 400, 160);
        subform.inner = InnerForm(inner);
        form.controls.append(subform);
        const QList<Found> all = found("missing columns", form);
        QCOMPARE(all.size(), 1);
        QCOMPARE(all.first().path, InnerPath{subform.id});
        const Form after = mended(contextOf(form), all.first());
        QCOMPARE(found("missing columns", after).size(), 0);
        QVERIFY(after.controls.find(subform.id)->inner != subform.inner);
    }

    void leftBeForAReason()
    {
        const Form form = draft("purchase");
        const Form moved =
            changed(form, boxOf(form, "ordered_on").id, [](Control &control) { control.place.adjust(0, 3, 0, 3); });
        const Found one = found("off grid", moved).first();
        const Form left = withLeftBe(moved, one, "It lines up with the paper form.");
        QVERIFY(found("off grid", left).first().isLeft);
        QCOMPARE(countsOf(allFound(contextOf(left))).toWeigh, 0);
        QCOMPARE(allMended(contextOf(left), *one.check), left); // nor is it put right
        // It goes into the file and comes back.
        const Result<Form> read = readForm(writeForm(left));
        QVERIFY(read);
        QCOMPARE(read->leftBe.size(), 1);
        QCOMPARE(read->leftBe.first().reason, QString("It lines up with the paper form."));
        QVERIFY(found("off grid", *read).first().isLeft);
        // It goes with its control: another one may get that number.
        QVERIFY(deleteControls(left, {one.finding.control}).leftBe.isEmpty());
        QVERIFY(!found("off grid", withLeftBe(left, one, {})).first().isLeft);
        QCOMPARE(withLeftBe(left, one, {}), moved);
    }

    void reports()
    {
        Form form = draft("customer");
        form = changed(form, boxOf(form, "name").id, [](Control &control) { control.column = "gone"; });
        CheckedForm checked{"forms/customer \"x\".nabform", form, writeForm(form), allFound(contextOf(form))};
        const CheckReport report{"1.0", {checked}};
        QVERIFY(!checked.found.isEmpty());
        const QByteArray text = reportFormatNamed("text")->write(report);
        QVERIFY(text.contains("to fix"));
        const QJsonObject json = QJsonDocument::fromJson(reportFormatNamed("json")->write(report)).object();
        QCOMPARE(json["forms"].toArray().first()["findings"].toArray().size(), checked.found.size());
        const QJsonObject sarif = QJsonDocument::fromJson(reportFormatNamed("sarif")->write(report)).object();
        QCOMPARE(sarif["version"].toString(), QString("2.1.0"));
        const QJsonObject run = sarif["runs"].toArray().first().toObject();
        QCOMPARE(run["results"].toArray().size(), checked.found.size());
        const QJsonArray rules = run["tool"]["driver"]["rules"].toArray();
        QCOMPARE(rules.size(), formChecks().size());
        for (const QJsonValue &result : run["results"].toArray()) {
            bool isRule = false;
            for (const QJsonValue &rule : rules) {
                isRule = isRule || rule["id"] == result["ruleId"];
            }
            QVERIFY(isRule);
            const int line = result["locations"][0]["physicalLocation"]["region"]["startLine"].toInt();
            QVERIFY(line >= 1 && line <= checked.text.count('\n') + 1);
        }
        QXmlStreamReader xml(reportFormatNamed("junit")->write(report));
        int cases = 0;
        int failures = 0;
        while (!xml.atEnd()) {
            xml.readNext();
            cases += xml.isStartElement() && xml.name() == QLatin1String("testcase") ? 1 : 0;
            failures += xml.isStartElement() && xml.name() == QLatin1String("failure") ? 1 : 0;
        }
        QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
        QCOMPARE(cases, formChecks().size());
        QVERIFY(failures >= 1);
    }

    // The law: whatever is broken, putting right never makes a form worse than it was.
    void mendingNeverAddsWhatIsToFix()
    {
        for (const char *table : {"customer", "purchase", "purchase_line"}) {
            for (int seed = 0; seed < 12; ++seed) {
                Form form = draft(table);
                for (int i = 0; i < form.controls.size(); ++i) {
                    const int kind = (seed * 7 + i * 5) % 11;
                    form = changed(form, form.controls.at(i).id, [&](Control &control) {
                        kind == 0   ? control.place.translate(3, 0)
                        : kind == 1 ? control.place.adjust(0, 0, -20, 0)
                        : kind == 2 ? control.place.translate(0, -13)
                                    : void();
                        control.place.setSize(control.place.size().expandedTo(QSize(8, 8)));
                        control.place.moveTo(std::max(0, control.place.x()), std::max(0, control.place.y()));
                    });
                }
                for (const FormCheck &check : formChecks()) {
                    const int before = countsOf(allFound(contextOf(form))).toFix;
                    const Form after = allMended(contextOf(form), check);
                    const QList<Found> left = allFound(contextOf(after));
                    QVERIFY2(countsOf(left).toFix <= before,
                             qPrintable(QString("%1 %2 %3: %4")
                                            .arg(table)
                                            .arg(seed)
                                            .arg(check.name)
                                            .arg(left.isEmpty() ? QString() : left.first().finding.sentence)));
                }
            }
        }
    }
};

QTEST_GUILESS_MAIN(TestFindings)
#include "tst_findings.moc"

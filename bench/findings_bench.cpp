// What the findings cost while a form is designed, and the command over many forms.
#include "measure.h"

#include "core/arrange/moving.h"
#include "core/check/findings.h"
#include "designer/document/form_document.h"
#include "designer/findings/findings_watch.h"

namespace nabblet {

namespace {

constexpr int Controls = 2000;
constexpr int Forms = 500;

// The table that formOf() drafts from.
Catalogue tableOf(const Form &form)
{
    Table table;
    table.name = form.rowsFrom;
    for (const BoundColumn &bound : form.boundColumns) {
        Column column;
        column.name = bound.column;
        takeDeclaredType(column, bound.declaredType);
        table.columns.append(column);
    }
    return {{table}};
}

} // namespace

QList<Measured> findingsBench()
{
    const Form form = formOf(Controls);
    const Catalogue catalogue = tableOf(form);
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    FormDocument document(form);
    FindingsWatch watch;
    FindingsWatch::Known known;
    known.catalogue = catalogue;
    watch.setKnown(known);
    watch.setDocument(&document, &appearance);
    watch.lookNow();

    // A change of the form with somebody looking, and without.
    QList<double> alone;
    QList<double> watched;
    const auto nudge = [&](FormDocument &of, int step) {
        const Control &control = form.controls.at(step % form.controls.size());
        const Form moved = moveControls(of.form(), {control.id}, QPoint(step % 2 ? 8 : -8, 0));
        return workingMilliseconds([&] { of.apply("move", moved); });
    };
    FormDocument unwatched(form);
    for (int i = 0; i < 60; ++i) {
        alone.append(nudge(unwatched, i));
        watched.append(nudge(document, i));
    }
    const double more = quantile(watched, 0.99) - quantile(alone, 0.99);
    QList<Measured> results{{QString("a key or a drag on %1 controls, what findings add").arg(form.controls.size()),
                             QString("%1 ms (99th percentile; %2 and %3)")
                                 .arg(number(more), number(quantile(watched, 0.99)), number(quantile(alone, 0.99))),
                             "5 ms",
                             more < 5,
                             {{"more_ms", more}}}};

    // Once nothing is pressed any more: the longest that one turn of the event loop takes.
    QList<double> turns;
    double whole = 0;
    const CheckContext context{form, catalogue, appearance};
    for (const FormCheck &check : formChecks()) {
        QList<double> times;
        for (int i = 0; i < 5; ++i) {
            times.append(workingMilliseconds([&] { foundBy(check, context); }));
        }
        turns.append(quantile(times, 0.5));
        whole += turns.last();
    }
    results.append(
        under(QString("one check of %1 controls, the longest").arg(form.controls.size()), turns, 30, 1, "longest"));
    results.append({QString("all checks of %1 controls").arg(form.controls.size()),
                    QString("%1 ms").arg(number(whole)),
                    "-",
                    true,
                    {{"all_ms", whole}}});

    // Forms as a project has them.
    const Form small = formOf(40);
    const Catalogue own = tableOf(small);
    const double many = workingMilliseconds([&] {
        for (int i = 0; i < Forms; ++i) {
            allFound({small, own, appearance});
        }
    });
    results.append({QString("all checks of %1 forms of %2 controls").arg(Forms).arg(small.controls.size()),
                    QString("%1 ms").arg(number(many)),
                    "1000 ms",
                    many < 1000,
                    {{"many_ms", many}}});
    return results;
}

} // namespace nabblet

// Rows under one another while they are scrolled: a million visits, each with the words of two lookups, five scales and
// the picture of its buoy.
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "data/dialect/connection.h"
#include "data/records/records.h"
#include "entry/view/entry_view.h"
#include "measure.h"

#include <QScrollBar>

#include <memory>

namespace nabblet {

namespace {

constexpr int Turns = 600;

// Tabular, with lookups as the draft has them, a picture at the end and a scale on each of five boxes.
Form manyVisits(const Catalogue &catalogue, const TextMeasure &measure)
{
    const Table &visit = *findTable(catalogue, "visit");
    DraftPlan plan = planDraft(visit);
    plan.arrangement = Arrangement::Tabular;
    Form form = setRowsFrom(draftForm(catalogue, visit, plan, nullptr, measure), "visits",
                            "SELECT visit.*, buoy.photo AS photo FROM visit JOIN buoy ON buoy.buoy_id = visit.buoy_id");
    Control picture;
    picture.id = 9000;
    picture.kind = "picture-box";
    picture.name = picture.column = "photo";
    picture.place = QRect(form.width, 0, 48, 24);
    form.width += 64;
    form.controls.append(picture);
    for (const char *column : {"battery_v", "hours", "hourly_rate", "labour_cost", "crew_lead"}) {
        for (const Control &control : std::as_const(form.controls)) {
            if (control.column == column) {
                Rule scale{.effect = "scale", .on = {control.id}};
                scale.measured = control.kind.endsWith("number") ? QString() : "length(crew_lead)";
                scale.steps = {{2, Mark::Alarm, {}}, {11.8, Mark::Watch, {}}, {{}, Mark::Steady, {}}};
                form.rules.append(scale);
            }
        }
    }
    return form;
}

} // namespace

// database: one that demo/grow made.
QList<Measured> rowsBench(const QString &database)
{
    const auto connection = Connection::open(addressOfFile(database));
    const auto catalogue = connection ? connection->readCatalogue() : Result<Catalogue>(connection.error());
    if (!catalogue) {
        return {{"rows scrolled", catalogue.error().sentence, "", false, {}}};
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const Form form = manyVisits(*catalogue, appearance);
    EntrySession session(*connection, *catalogue, form);
    if (const Outcome started = session.start(Counting::No); !started) {
        return {{"rows scrolled", started.error().sentence, "", false, {}}};
    }
    EntryView view(&session, appearance);
    view.resize(1280, 720);
    view.show();
    QApplication::processEvents();
    auto *bar = view.findChild<QScrollBar *>("rowBar");
    QList<double> work;
    QList<double> clock;
    for (int i = 0; i < Turns; ++i) {
        double took = 0;
        clock.append(milliseconds([&] {
            took = workingMilliseconds([&] {
                bar->setValue(bar->value() + 3);
                QApplication::processEvents();
            });
        }));
        work.append(took);
    }
    return {under(QString("scrolling visits with lookups, %1 scales and a picture a row").arg(form.rules.size()), work,
                  1000.0 / 60, 0.99,
                  QString("99th percentile at work; by the clock %1, median %2")
                      .arg(number(quantile(clock, 0.99)), number(quantile(clock, 0.5))))};
}

} // namespace nabblet

// Rules at work: a key typed in a form with many of them, opening it, scrolling rows with scales, counting over a large
// table.
#include "data/dialect/connection.h"
#include "data/records/rule_counts.h"
#include "entry/view/entry_view.h"
#include "measure.h"

#include <QDir>
#include <QFile>
#include <QKeyEvent>
#include <QLineEdit>
#include <QProcess>
#include <QScrollBar>

#include <memory>

namespace nabblet {

namespace {

constexpr int Boxes = 60;
constexpr int Rules = 200;
constexpr int OfOneBox = 50;
constexpr int Rows = 4000;
constexpr int ScalesARow = 5;

QString madeDatabase(const QString &folder)
{
    const QString path = QDir(folder).absoluteFilePath("rules.db");
    QFile::remove(path);
    QStringList columns;
    QStringList values;
    for (int i = 0; i < Boxes; ++i) {
        columns.append(QString("c%1 DECIMAL(8,2)").arg(i));
        values.append(QString("(i * %1) % 97").arg(i + 3));
    }
    QProcess client;
    client.start("sqlite3", {"-bail", path});
    client.write(QString("CREATE TABLE ruled (id INTEGER PRIMARY KEY, %1); WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL "
                         "SELECT i + 1 FROM n WHERE i < %2) INSERT INTO ruled SELECT i, %3 FROM n;")
                     .arg(columns.join(", "))
                     .arg(Rows)
                     .arg(values.join(", "))
                     .toUtf8());
    client.closeWriteChannel();
    client.waitForFinished(60000);
    return path;
}

Form ruledForm(int boxes, int rowsShown)
{
    Form form;
    form.name = form.title = form.rowsFrom = "ruled";
    form.rowsShown = rowsShown;
    form.width = 1200;
    form.bands = {Band{BandRole::Body, rowsShown > 0 ? 32 : 640, {}}};
    for (int i = 0; i < boxes; ++i) {
        Control box;
        box.id = i + 1;
        box.kind = "decimal-number";
        box.name = box.column = QString("c%1").arg(i);
        box.place =
            rowsShown > 0 ? QRect(16 + i * 110, 4, 96, 24) : QRect(16 + (i % 10) * 116, 16 + (i / 10) * 40, 100, 24);
        form.controls.append(box);
    }
    return form;
}

// Rules of each kind, a quarter of them reading the first box.
QList<Rule> rulesFor(int boxes)
{
    static const QStringList Effects{"shown", "locked", "required", "marked", "scale", "note", "check"};
    QList<Rule> rules;
    for (int i = 0; i < Rules; ++i) {
        Rule rule;
        rule.effect = Effects.at(i % Effects.size());
        rule.on = {2 + i % (boxes - 1)};
        rule.when = QString("c%1 + c%2 > %3").arg(i < OfOneBox ? 0 : 1 + i % (boxes - 1)).arg(i % boxes).arg(-i);
        rule.then.mark = Mark::Watch;
        rule.then.words = "Look here";
        rule.steps = {{20, Mark::Alarm, {}}, {50, Mark::Watch, {}}, {{}, Mark::Steady, {}}};
        if (rule.effect != "scale") {
            rule.steps.clear();
        }
        rules.append(rule);
    }
    return rules;
}

// What was done 300 times: the time that it was at work, and that of the clock, which counts other programs in.
struct Timed
{
    QList<double> work;
    QList<double> clock;
};

Timed timed(const std::function<void(int)> &turn)
{
    Timed times;
    for (int i = 0; i < 300; ++i) {
        double work = 0;
        times.clock.append(milliseconds([&] { work = workingMilliseconds([&] { turn(i); }); }));
        times.work.append(work);
    }
    return times;
}

QString byTheClock(const Timed &times)
{
    return QString("99th percentile at work; by the clock %1, median %2")
        .arg(number(quantile(times.clock, 0.99)), number(quantile(times.clock, 0.5)));
}

} // namespace

// database: one that demo/grow made.
QList<Measured> rulesBench(const QString &folder, const QString &database)
{
    const auto connection = Connection::open(addressOfFile(madeDatabase(folder)));
    const auto catalogue = connection ? connection->readCatalogue() : Result<Catalogue>(connection.error());
    if (!catalogue) {
        return {{"rules", catalogue.error().sentence, "", false, {}}};
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    std::unique_ptr<EntrySession> session;
    std::unique_ptr<EntryView> view;
    const auto open = [&](const Form &form) {
        view.reset();
        session = std::make_unique<EntrySession>(*connection, *catalogue, form);
        (void)session->start(Counting::No);
        view = std::make_unique<EntryView>(session.get(), appearance);
        view->resize(1280, 720);
        view->show();
        QApplication::processEvents();
    };
    Form plain = ruledForm(Boxes, 0);
    Form ruled = plain;
    ruled.rules = rulesFor(Boxes);
    open(plain); // once, for what is only made the first time
    QList<double> more;
    for (int i = 0; i < 9; ++i) {
        const double without = milliseconds([&] { open(plain); });
        more.append(milliseconds([&] { open(ruled); }) - without);
    }
    const auto typing = [&](const Form &form) {
        open(form);
        auto *line = qobject_cast<QLineEdit *>(view->widgetFor(1));
        line->setFocus();
        return timed([&](int i) {
            line->selectAll();
            QKeyEvent key(QEvent::KeyPress, Qt::Key_0 + i % 10, Qt::NoModifier, QString::number(i % 10));
            QApplication::sendEvent(line, &key);
            QApplication::processEvents(); // paints what asked for it
        });
    };
    const auto scrolling = [&](const Form &form) {
        open(form);
        auto *bar = view->findChild<QScrollBar *>("rowBar");
        return timed([&](int) {
            bar->setValue(bar->value() + 3);
            QApplication::processEvents();
        });
    };
    const Timed typedPlain = typing(plain);
    const Timed typed = typing(ruled);
    Form rows = ruledForm(10, 20);
    const Timed scrolledPlain = scrolling(rows);
    for (int i = 0; i < ScalesARow; ++i) {
        Rule scale{.effect = "scale", .on = {i + 1}};
        scale.steps = {{20, Mark::Alarm, {}}, {50, Mark::Watch, {}}, {{}, Mark::Steady, {}}};
        rows.rules.append(scale);
    }
    const Timed scrolled = scrolling(rows);
    view.reset();
    session.reset();
    QList<Measured> all{
        under(QString("a key in a form with %1 rules, %2 of them on that box").arg(Rules).arg(OfOneBox), typed.work, 16,
              0.99, byTheClock(typed)),
        under(QString("opening a form with %1 rules, more than without").arg(Rules), more, 30, 0.5, "median"),
        under(QString("scrolling rows with %1 scales a row").arg(ScalesARow), scrolled.work, 1000.0 / 60, 0.99,
              byTheClock(scrolled)),
        {"the same without rules: a key, scrolling",
         QString("%1, %2 ms").arg(number(quantile(typedPlain.work, 0.99)), number(quantile(scrolledPlain.work, 0.99))),
         "to compare with",
         true,
         {}}};

    const auto large = Connection::open(addressOfFile(database));
    const auto tables = large ? large->readCatalogue() : Result<Catalogue>(large.error());
    const Table *visit = tables ? findTable(*tables, "visit") : nullptr;
    if (!visit) {
        return all;
    }
    CountWanted wanted;
    wanted.condition = "hours * hourly_rate > 200 AND battery_v < 12";
    RecordSource source = recordSourceOf(*visit);
    QElapsedTimer clock;
    clock.start();
    QList<double> first;
    const std::atomic<bool> isCancelled = false;
    qint64 counted = 0;
    Form visits;
    visits.rowsFrom = visit->name;
    (void)countForRules(*large, source, visits, *tables, {wanted}, isCancelled, [&](const RuleCounts &counts) {
        if (first.isEmpty()) {
            first.append(static_cast<double>(clock.nsecsElapsed()) / 1e6);
        }
        counted = counts.rows;
    });
    all.append(under(QString("the first count of a rule over %1 rows").arg(counted), first, 100, 0.5, "of a sample"));
    all.append(
        {"all of them", QString("%1 s").arg(number(clock.elapsed() / 1000.0)), "beside the interface", true, {}});
    return all;
}

} // namespace nabblet

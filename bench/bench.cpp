// Measures what the program must reach. Called by bench/run.
#include "measure.h"

#include "app/work/workspace.h"
#include "core/check/form_quality.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "data/profile/profiler.h"
#include "designer/board/board.h"
#include "designer/new_form/new_form_dialog.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"

#include <QAbstractButton>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QKeyEvent>
#include <QProcess>
#include <QSqlQuery>
#include <QTextStream>

#include <algorithm>
#include <functional>

using namespace nabblet;

namespace {

Measured start(const QString &folder)
{
    const QString depot = QDir(folder).absoluteFilePath("depot");
    QList<double> own;
    QList<double> empty;
    QList<double> ratios;
    for (int i = 0; i < 11; ++i) {
        const double theirs = milliseconds([] { QProcess::execute(NABBLET_EMPTY, QStringList()); });
        const double ours = milliseconds([&] { QProcess::execute(NABBLET_PROGRAM, {"--quit-when-shown", depot}); });
        if (i > 0) { // the first pair warms the caches
            empty.append(theirs);
            own.append(ours);
            ratios.append(ours / theirs);
        }
    }
    const double ratio = quantile(ratios, 0.5);
    return {"start to first painted window with the demonstration form",
            QString("%1 times (%2 ms : %3 ms)")
                .arg(number(ratio), number(quantile(own, 0.5)), number(quantile(empty, 0.5))),
            "4 times an empty window",
            ratio <= 4,
            {{"ratio_median", ratio},
             {"own_ms", quantile(own, 0.5)},
             {"empty_ms", quantile(empty, 0.5)},
             {"runs", ratios.size()}}};
}

Measured draft()
{
    Table table;
    table.name = "wide";
    for (int i = 0; i < 300; ++i) {
        Column column;
        column.name = QString("column_number_%1").arg(i);
        column.declaredType = "VARCHAR(40)";
        column.length = 40;
        table.columns.append(column);
    }
    const Catalogue catalogue{{table}};
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    return under("draft of a table of 300 columns",
                 repeated(100, [&] { (void)draftColumnar(catalogue, table, appearance); }), 20, 0.99,
                 "99th percentile");
}

QList<Measured> files(const QString &folder)
{
    const Form form = formOf(2000);
    const QString path = QDir(folder).filePath("large.nabform");
    const QList<double> saving = repeated(40, [&] { (void)saveForm(path, form); });
    const QList<double> loading = repeated(40, [&] { (void)loadForm(path); });
    const auto count = QString::number(form.controls.size());
    return {under("load a form of " + count + " controls", loading, 25, 0.5, "median"),
            under("save a form of " + count + " controls", saving, 25, 0.5, "median")};
}

QList<Measured> edits()
{
    const Form form = formOf(2000);
    FormDocument document(form);
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    Board board(&document, nullptr, appearance);
    board.resize(1280, 800);
    board.show();
    board.setZoom(100); // a wide form is fitted, which draws all of it
    QElapsedTimer timer;
    timer.start();
    while (timer.elapsed() < 500) {
        QApplication::processEvents();
    }
    QList<double> editing;
    QList<double> undoing;
    for (int i = 0; i < 400; ++i) {
        const ControlId id = form.controls.at(2 * (i % 40) + 1).id;
        board.select({id});
        QApplication::processEvents();
        editing.append(milliseconds([&] {
            QKeyEvent press(QEvent::KeyPress, i % 2 ? Qt::Key_Up : Qt::Key_Down, Qt::ControlModifier);
            QApplication::sendEvent(&board, &press);
            QApplication::processEvents();
        }));
    }
    while (document.steps()->canUndo()) {
        undoing.append(milliseconds([&] {
            document.steps()->undo();
            QApplication::processEvents();
        }));
    }
    const auto count = QString::number(form.controls.size());
    return {under("one edit on " + count + " controls, redraw included", editing, 16, 0.99, "99th percentile"),
            under("one undo on " + count + " controls, redraw included", undoing, 16, 0.99, "99th percentile")};
}

Measured entry(const QString &folder)
{
    const QString file = QDir(folder).absoluteFilePath("million.db");
    Result<Workspace> workspace = openDatabase(addressNamed(file));
    if (!workspace) {
        return {"open Entry on a million rows and go to the last", workspace.error().sentence, "-", false, {}};
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const Form form = draftColumnar(workspace->catalogue, *findTable(workspace->catalogue, "visit"), appearance);
    QList<double> own;
    QList<double> driver;
    QList<double> over;
    for (int i = 0; i < 11; ++i) {
        const double queries = milliseconds([&] {
            for (const char *direction : {"ASC", "DESC"}) {
                QSqlQuery query(workspace->connection->database());
                query.setForwardOnly(true);
                query.exec(QString("SELECT * FROM visit ORDER BY visit_id %1 LIMIT 1").arg(direction));
                query.next();
                for (int column = 0; column < 14; ++column) {
                    (void)query.value(column);
                }
            }
        });
        std::unique_ptr<EntrySession> session;
        std::unique_ptr<EntryView> view;
        const double opened = milliseconds([&] {
            session = std::make_unique<EntrySession>(*workspace->connection, workspace->catalogue, form);
            (void)session->start();
            view = std::make_unique<EntryView>(session.get(), appearance);
            view->resize(1200, 700);
            view->show();
            QApplication::processEvents();
            session->moves().goLast();
            QApplication::processEvents();
        });
        if (i > 0) {
            driver.append(queries);
            own.append(opened);
            over.append(opened - 1.5 * queries);
        }
        view.reset();
        session.reset();
    }
    const double excess = quantile(over, 0.5);
    return {"open Entry on a million rows and go to the last",
            QString("%1 ms; the driver alone %2 ms").arg(number(quantile(own, 0.5)), number(quantile(driver, 0.5))),
            "1.5 times the driver + 60 ms",
            excess <= 60,
            {{"own_ms", quantile(own, 0.5)},
             {"driver_ms", quantile(driver, 0.5)},
             {"own_max_ms", quantile(own, 1)},
             {"runs", own.size()}}};
}

// A database of so many tables, made with the sqlite3 client.
QString madeDatabase(const QString &file, const QString &sql)
{
    if (!QFile::exists(file)) {
        QProcess client;
        client.start("sqlite3", {file});
        client.write(sql.toUtf8());
        client.closeWriteChannel();
        client.waitForFinished(120000);
    }
    return file;
}

Measured sheet(const QString &folder)
{
    Result<Workspace> workspace = openDatabase(addressNamed(QDir(folder).absoluteFilePath("million.db")));
    if (!workspace) {
        return {"sheet open to first preview, visit with a million rows", workspace.error().sentence, "-", false, {}};
    }
    // The table that the sheet shows first is visit, with the parts that were fitted.
    QList<Table> &tables = workspace->catalogue.tables;
    std::stable_partition(tables.begin(), tables.end(), [](const Table &table) { return table.name == "visit"; });
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const QList<double> opening = repeated(9, [&] {
        NewFormDialog dialog(*workspace->connection, workspace->catalogue, appearance, {});
        dialog.show();
        QApplication::processEvents();
        dialog.grab();
    });
    return under("sheet open to first preview, visit with a million rows", opening, 300, 0.5, "median");
}

Measured preview(const QString &folder)
{
    QStringList columns;
    for (int i = 0; i < 60; ++i) {
        columns.append(QString("field_number_%1 %2")
                           .arg(i)
                           .arg(i % 3 == 0   ? "VARCHAR(40)"
                                : i % 3 == 1 ? "INTEGER"
                                             : "DATE"));
    }
    const QString file =
        madeDatabase(QDir(folder).absoluteFilePath("sixty.db"),
                     "CREATE TABLE sixty (id INTEGER PRIMARY KEY, " + columns.join(", ") +
                         "); INSERT INTO sixty (id) SELECT value FROM generate_series(1, 500);"
                         "CREATE TABLE sixty_line (sixty_id INTEGER NOT NULL REFERENCES sixty, line INTEGER "
                         "NOT NULL, what TEXT, price DECIMAL(8,2), PRIMARY KEY (sixty_id, line));"
                         "INSERT INTO sixty_line SELECT value, 1, 'thing', 2.5 FROM generate_series(1, 500);");
    Result<Workspace> workspace = openDatabase(addressNamed(file));
    if (!workspace) {
        return {"preview after a changed choice, 60 columns", workspace.error().sentence, "-", false, {}};
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    NewFormDialog dialog(*workspace->connection, workspace->catalogue, appearance, {});
    dialog.show();
    QElapsedTimer timer;
    timer.start();
    while (!dialog.isProfiled() && timer.elapsed() < 5000) {
        QApplication::processEvents();
    }
    auto *spacing = dialog.findChild<QComboBox *>("spacing");
    auto *columnsOfBoxes = dialog.findChild<QComboBox *>("columnsOfBoxes");
    const QList<QAbstractButton *> arrangements{dialog.findChild<QAbstractButton *>("stacked"),
                                                dialog.findChild<QAbstractButton *>("tabular"),
                                                dialog.findChild<QAbstractButton *>("columnar")};
    int turn = 0;
    const QList<double> changing = repeated(60, [&] {
        ++turn;
        // In turn another arrangement, another spacing, another number of columns; rows of each below it all.
        if (turn % 3 == 0) {
            arrangements.at(turn / 3 % 3)->click();
        } else if (turn % 3 == 1) {
            spacing->setCurrentIndex(turn / 3 % 3);
        } else {
            columnsOfBoxes->setCurrentIndex(1 + turn / 3 % 4);
        }
        QApplication::processEvents();
    });
    return under("preview after a changed choice, 60 columns", changing, 33, 0.9, "90th percentile");
}

Measured allForms(const QString &folder)
{
    QString sql = "BEGIN;";
    for (int i = 0; i < 200; ++i) {
        sql += QString("CREATE TABLE table_%1 (id INTEGER PRIMARY KEY, name VARCHAR(40) NOT NULL, town VARCHAR(40), "
                       "post_code VARCHAR(12), joined_on DATE, amount DECIMAL(8,2), remarks TEXT, owner_id INTEGER NOT "
                       "NULL REFERENCES table_%2);"
                       "INSERT INTO table_%1 SELECT value, 'Name ' || value, 'Town ' || value % 9, 'NB' || value, "
                       "'2026-01-01', value * 1.5, NULL, value FROM generate_series(1, 300);")
                   .arg(QString::number(i), QString::number(i / 3));
    }
    const QString file = madeDatabase(QDir(folder).absoluteFilePath("many.db"), sql + "COMMIT;");
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    qsizetype forms = 0;
    const QList<double> drafting = repeated(3, [&] {
        forms = 0;
        const Result<Workspace> workspace = openDatabase(addressNamed(file));
        const std::atomic<bool> goesOn{false};
        for (const Table &table : workspace->catalogue.tables) {
            const auto profile = profileTable(*workspace->connection, workspace->catalogue, table, goesOn);
            DraftPlan plan = planWithChildren(workspace->catalogue, table, &**profile);
            Learned learned;
            (void)learnChildren(*workspace->connection, workspace->catalogue, plan, learned, goesOn);
            plan = withLearned(workspace->catalogue, plan, learned);
            forms += draftForm(workspace->catalogue, table, plan, &**profile, appearance, learned.profiles)
                             .controls.isEmpty()
                         ? 0
                         : 1;
        }
    });
    return under(QString("draft of all forms of a database of %1 tables, profiles included").arg(forms), drafting, 5000,
                 0.5, "median");
}

// How good the drafts of the demonstration are, all three arrangements of every table.
Measured quality(const QString &folder)
{
    const QString work = "flaws of all drafts of the demonstration; least share that fits a box";
    const Result<Workspace> workspace = openDatabase(addressNamed(QDir(folder).absoluteFilePath("depot/fairway.db")));
    if (!workspace) {
        return {work, workspace.error().sentence, "-", false, {}};
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const std::atomic<bool> goesOn{false};
    FormQuality sum;
    Learned learned;
    for (const Table &table : workspace->catalogue.tables) {
        const Profile profile = **profileTable(*workspace->connection, workspace->catalogue, table, goesOn);
        learned.profiles.insert(table.name, profile);
        DraftPlan plan = planWithChildren(workspace->catalogue, table, &profile);
        (void)learnChildren(*workspace->connection, workspace->catalogue, plan, learned, goesOn);
        plan = withLearned(workspace->catalogue, plan, learned);
        for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked, Arrangement::Tabular}) {
            plan.arrangement = arrangement;
            sum += qualityOf(draftForm(workspace->catalogue, table, plan, &profile, appearance, learned.profiles),
                             workspace->catalogue, learned.profiles, appearance);
        }
    }
    const int flaws = sum.overlaps + sum.offGrid + sum.cutCaptions + sum.requiredMissing + sum.linksWithoutLookup +
                      sum.typeableIdentities + sum.backwardTabs;
    return {work,
            QString("%1 in %2 boxes; %3 %").arg(flaws).arg(sum.boxes).arg(sum.leastFit * 100, 0, 'f', 2),
            "0; at least 98 %",
            flaws == 0 && sum.leastFit >= 0.98,
            {{"flaws", flaws}, {"boxes", sum.boxes}, {"leastFit", sum.leastFit}}};
}

} // namespace

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    QApplication::setStyle(QStringLiteral("Fusion"));
    if (argc < 2) {
        QTextStream(stderr)
            << "usage: nabblet-bench FOLDER [board|lookups|rules|looks|findings|entry|rows|paper|servers [ROWS]|tidy [DATABASE…]|start]\n";
        return 2;
    }
    QApplication::setFont(desktopFont());
    const QString folder = QString::fromLocal8Bit(argv[1]);
    // A second word asks for one part alone: "board", "lookups", "tidy" or "start".
    const QString part = argc > 2 ? QString::fromLocal8Bit(argv[2]) : QString();
    QList<Measured> all;
    if (part.isEmpty() || part == "board") {
        all += boardBench(folder);
        all += pagesBench(folder);
    }
    if (part.isEmpty() || part == "lookups") {
        all += lookupsBench(QDir(folder).filePath("million.db"));
    }
    if (part.isEmpty() || part == "rules") {
        all += rulesBench(folder, QDir(folder).filePath("million.db"));
    }
    if (part.isEmpty() || part == "looks") {
        all += looksBench();
    }
    if (part.isEmpty() || part == "findings") {
        all += findingsBench();
    }
    if (part.isEmpty() || part == "entry") {
        all += entryBench(QDir(folder).filePath("depot"), QDir(folder).filePath("million.db"));
    }
    if (part.isEmpty() || part == "rows") {
        all += rowsBench(QDir(folder).filePath("million.db"));
    }
    if (part.isEmpty() || part == "paper") {
        all += paperBench(QDir(folder).filePath("depot"), QDir(folder).filePath("million.db"));
    }
    if (part == "servers") { // with how many rows, 1,000,000 where it is not said
        const qint64 rows = application.arguments().value(3).toLongLong();
        all += serversBench(rows > 0 ? rows : 1'000'000);
    }
    if (part.isEmpty() || part == "tidy") { // of the demonstration's tables, or of the databases named
        QStringList databases = application.arguments().mid(3);
        if (databases.isEmpty()) {
            databases.append(QDir(folder).filePath("depot/fairway.db"));
        }
        all.append(tidyBench(databases));
    }
    if (part.isEmpty() || part == "start") {
        all.append(start(folder));
    }
    if (part.isEmpty()) {
        all.append(draft());
        all += files(folder);
        all += edits();
        all += {entry(folder), sheet(folder), preview(folder), allForms(folder), quality(folder)};
    }

    QTextStream out(stdout);
    QJsonArray json;
    out << QString("%1 %2 %3").arg("work", -72).arg("measured", -44).arg("bound") << '\n';
    for (const Measured &one : all) {
        out << QString("%1 %2 %3 %4")
                   .arg(one.work, -72)
                   .arg(one.figure, -44)
                   .arg(one.bound, -30)
                   .arg(one.isWithin ? "yes" : "NO")
            << '\n';
        QJsonObject object = one.figures;
        object.insert("work", one.work);
        object.insert("within", one.isWithin);
        json.append(object);
    }
    QFile file(QDir(folder).filePath("result.json"));
    if (file.open(QIODevice::WriteOnly)) {
        file.write(QJsonDocument(json).toJson());
        out << "as JSON: " << file.fileName() << '\n';
    }
    return 0;
}

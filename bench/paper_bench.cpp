// Printing beside the bare painter, and rows written into a file beside the bare driver that reads them.
#include "measure.h"

#include "core/file/form_file.h"
#include "entry/print/print_job.h"
#include "entry/print/print_to.h"
#include "entry/session/entry_session.h"

#include <QDir>
#include <QPainter>
#include <QPdfWriter>
#include <QProcess>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTextStream>

namespace nabblet {

namespace {

// The pages of a job that is laid out, painted once more and nothing else.
double barePainting(PrintJob &job, const QString &path)
{
    return milliseconds([&] {
        QPdfWriter writer(path);
        writer.setResolution(96);
        writer.setPageSize(QPageSize(job.pageSize() * 0.75, {}, QPageSize::ExactMatch));
        writer.setPageMargins({});
        QPainter painter(&writer);
        for (int page = 0; page < job.pages(); ++page) {
            if (page > 0) {
                writer.newPage();
            }
            job.paint(painter, page);
        }
    });
}

Measured printing(const QString &depot)
{
    const Result<Form> form = loadForm(QDir(depot).filePath("forms/buoy_register.nabform"));
    const auto connection = Connection::open(addressOfFile(QDir(depot).filePath("fairway.db")));
    if (!form || !connection) {
        return {"the register on paper", "it cannot be opened", "", false, {}};
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    EntrySession session(*connection, *connection->readCatalogue(), *form);
    (void)session.start();
    const QTemporaryDir place;
    QList<double> whole;
    QList<double> bare;
    int pages = 0;
    for (int i = 0; i < 3; ++i) {
        PrintJob job(session, appearance, paperOf(*form), Printed::All);
        whole.append(milliseconds([&] {
            (void)job.begin();
            const auto printed = printTo(job, place.filePath("register.pdf"), [](int, int) { return true; });
            pages = printed && *printed ? **printed : 0;
        }));
        bare.append(barePainting(job, place.filePath("bare.pdf")));
    }
    const double time = quantile(whole, 0.5);
    const double painted = quantile(bare, 0.5);
    return {QString("the register on %1 pages of PDF, rows two deep").arg(pages),
            QString("%1 pages a second; the bare painter %2")
                .arg(number(pages / time * 1000), number(pages / painted * 1000)),
            "no less than a quarter of the bare painter's",
            pages > 0 && time <= 4 * painted,
            {{"ms", time}, {"bare_ms", painted}, {"pages", pages}}};
}

Measured exporting(const QString &depot, const QString &million)
{
    // The demonstration's forms on the larger database.
    const QTemporaryDir place;
    QDir(place.path()).mkpath("forms");
    for (const char *file : {"project.nabblet", "forms/visits.nabform"}) {
        QFile::copy(QDir(depot).filePath(file), place.filePath(file));
    }
    QFile::link(QFileInfo(million).absoluteFilePath(), place.filePath("fairway.db"));
    QList<double> whole;
    QList<double> bare;
    for (int i = 0; i < 3; ++i) {
        whole.append(milliseconds([&] {
            QProcess::execute(NABBLET_PROGRAM,
                              {"export", place.filePath("forms/visits.nabform"), "-o", place.filePath("visits.csv")});
        }));
        bare.append(milliseconds([&] {
            const auto connection = Connection::open(addressOfFile(million));
            QSqlQuery query(connection->database());
            query.setForwardOnly(true);
            query.exec("SELECT v.*, b.asset_no, s.name FROM visit v LEFT JOIN buoy b USING (buoy_id) "
                       "LEFT JOIN vessel s USING (vessel_id) ORDER BY visit_id");
            QFile file(place.filePath("bare.csv"));
            (void)file.open(QIODevice::WriteOnly);
            QTextStream out(&file);
            while (query.next()) {
                for (int column = 0; column < 11; ++column) {
                    out << query.value(column).toString() << ',';
                }
                out << '\n';
            }
        }));
    }
    const double time = quantile(whole, 0.5);
    const double read = quantile(bare, 0.5);
    const qint64 size = QFileInfo(place.filePath("visits.csv")).size();
    return {"1,000,000 visits with two lookups to CSV, the whole program",
            QString("%1 s, %2 MB; the bare driver %3 s")
                .arg(number(time / 1000))
                .arg(size / 1000000)
                .arg(number(read / 1000)),
            "twice the bare driver's time",
            size > 1000000 && time <= 2 * read,
            {{"ms", time}, {"bare_ms", read}}};
}

} // namespace

QList<Measured> paperBench(const QString &depot, const QString &million)
{
    return {printing(depot), exporting(depot, million)};
}

} // namespace nabblet

// A form of 2,000 controls on 20 tab pages: opened on the board and in Entry, and turned from page to page.
#include "core/arrange/containers.h"
#include "core/arrange/rails.h"
#include "core/kinds/holders/tab_pages.h"
#include "data/dialect/connection.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "entry/view/entry_view.h"
#include "measure.h"

#include <QDir>
#include <QFile>
#include <QProcess>

#include <memory>

namespace nabblet {

namespace {

constexpr int Controls = 2000;
constexpr int Pages = 20;
constexpr int Columns = 4;

// The drafted form with its fields on pages, four beside one another.
Form pagedForm()
{
    Form form = formOf(Controls);
    form.rails.clear();
    form.name = "paged";
    Control tabs;
    tabs.id = nextControlId(form);
    tabs.kind = "tab-pages";
    tabs.role = "heading";
    tabs.name = "pages";
    QList<Page> pages;
    for (int i = 1; i <= Pages; ++i) {
        pages.append({i, QString("Page %1").arg(i)});
    }
    setPages(tabs, pages);
    tabs.place = QRect(16, 16, 1560, 480);
    form.controls.append(tabs);
    int field = 0;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        if (control.column.isEmpty()) {
            continue;
        }
        const int onPage = field % (Controls / 2 / Pages);
        const QPoint at(176 + (onPage % Columns) * 360, 64 + (onPage / Columns) * 32);
        const auto stand = [&](Control each, const QRect &place) {
            each.container = tabs.id;
            each.page = 1 + field / (Controls / 2 / Pages);
            each.rides = {};
            each.place = place;
            form.controls.replace(form.controls.indexOf(each.id), each);
        };
        if (const Control *caption = captionOf(form, control.id)) {
            stand(*caption, QRect(at - QPoint(136, 0), QSize(128, 24)));
        }
        stand(control, QRect(at, QSize(160, 24)));
        ++field;
    }
    form.width = 1600;
    for (Band &band : form.bands) {
        band.height = band.role == BandRole::Body ? 512 : band.height;
    }
    return inNestingOrder(form);
}

// A database with one row of that form's table, made with the sqlite3 client.
QString madeDatabase(const QString &folder, const Form &form)
{
    const QString path = QDir(folder).absoluteFilePath("paged.db");
    QFile::remove(path);
    QStringList columns{"id INTEGER PRIMARY KEY"};
    for (const BoundColumn &column : form.boundColumns) {
        columns.append(column.column + ' ' + column.declaredType);
    }
    QProcess client;
    client.start("sqlite3", {"-bail", path});
    client.write(QString("CREATE TABLE wide (%1); INSERT INTO wide (id) VALUES (1);").arg(columns.join(", ")).toUtf8());
    client.closeWriteChannel();
    client.waitForFinished(60000);
    return path;
}

} // namespace

QList<Measured> pagesBench(const QString &folder)
{
    const Form form = pagedForm();
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const ControlId tabs = form.controls.find(1)->container;
    QList<double> boards;
    QList<double> turnedOnBoard;
    for (int i = 0; i < 7; ++i) {
        FormDocument document(form);
        std::unique_ptr<Board> board;
        boards.append(milliseconds([&] {
            board = std::make_unique<Board>(&document, nullptr, appearance);
            board->resize(1280, 800);
            board->show();
            board->setZoom(100);
            QApplication::processEvents();
            board->viewport()->repaint();
        }));
        for (int page = 2; page <= Pages; ++page) {
            turnedOnBoard.append(milliseconds([&] {
                setFrontPage(*board, tabs, page);
                board->viewport()->repaint();
            }));
        }
    }
    const auto connection = Connection::open(addressOfFile(madeDatabase(folder, form)));
    const auto catalogue = connection ? connection->readCatalogue() : Result<Catalogue>(connection.error());
    if (!catalogue) {
        return {{"a form of 20 pages in Entry", catalogue.error().sentence, "", false, {}}};
    }
    QList<double> opened;
    QList<double> turned;
    for (int i = 0; i < 5; ++i) {
        std::unique_ptr<EntrySession> session;
        std::unique_ptr<EntryView> view;
        opened.append(milliseconds([&] {
            session = std::make_unique<EntrySession>(*connection, *catalogue, form);
            (void)session->start();
            view = std::make_unique<EntryView>(session.get(), appearance);
            view->resize(1280, 700);
            view->show();
            QApplication::processEvents();
        }));
        for (int page = 2; page <= Pages; ++page) {
            turned.append(milliseconds([&] {
                view->showPage(tabs, page);
                QApplication::processEvents();
            }));
        }
        view.reset();
        session.reset();
    }
    const QString what = QString("a form of %1 controls on %2 pages").arg(form.controls.size()).arg(Pages);
    return {under("opening " + what + " on the board", boards, 300, 0.5, "median"),
            under("turning to another page on the board", turnedOnBoard, 50, 0.99, "99th percentile"),
            under("opening " + what + " in Entry", opened, 300, 0.5, "median"),
            under("turning to a page for the first time in Entry", turned, 50, 0.99, "99th percentile")};
}

} // namespace nabblet

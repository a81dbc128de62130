// A drop-down whose choices are the rows of a large table: opened, and narrowed by typing, while the window goes on
// working.
#include "core/kinds/settings/lookup.h"
#include "data/dialect/connection.h"
#include "entry/view/entry_view.h"
#include "measure.h"

#include <QApplication>
#include <QJsonArray>
#include <QKeyEvent>
#include <QLineEdit>
#include <QTreeWidget>

namespace nabblet {

namespace {

void press(QWidget *widget, int key, const QString &text = {})
{
    QKeyEvent down(QEvent::KeyPress, key, Qt::NoModifier, text);
    QApplication::sendEvent(widget, &down);
}

} // namespace

// database: one that demo/grow made.
QList<Measured> lookupsBench(const QString &database)
{
    const auto connection = Connection::open(addressOfFile(database));
    const auto catalogue = connection ? connection->readCatalogue() : Result<Catalogue>(connection.error());
    if (!catalogue) {
        return {{"a lookup of many rows", catalogue.error().sentence, "", false, {}}};
    }
    Form form;
    form.name = form.title = "claims";
    form.rowsFrom = "part_claim";
    form.bands = {Band{BandRole::Body, 200, {}}};
    Control box;
    box.id = 1;
    box.kind = "drop-down";
    box.name = "drop_visit";
    box.column = "visit_id";
    box.place = QRect(100, 20, 240, 24);
    setLookup(box, {"visit", {"visit_id"}, {"crew_lead", "visited_on"}, {"visit_id"}});
    form.controls.append(box);
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    EntrySession session(*connection, *catalogue, form);
    (void)session.start(Counting::No);
    if (!session.state().hasRecord()) {
        (void)session.moves().add();
    }
    EntryView view(&session, appearance);
    view.resize(600, 300);
    view.show();
    QApplication::processEvents();
    auto *line = qobject_cast<QLineEdit *>(view.widgetFor(1));
    auto *list = line->findChild<QTreeWidget *>("choices");
    line->setFocus();
    QList<double> opened;
    QList<double> filled;
    QList<double> narrowed;
    double longestTurn = 0; // that the interface was away at a time
    const auto waitForRows = [&](const std::function<bool()> &isThere) {
        QElapsedTimer all;
        all.start();
        while (!isThere() && all.elapsed() < 20000) {
            longestTurn = std::max(longestTurn, milliseconds([] { QApplication::processEvents(); }));
        }
    };
    constexpr int Full = 200;
    for (int i = 0; i < 5; ++i) {
        line->setText(QString());
        opened.append(milliseconds([&] {
            press(line, Qt::Key_F4);
            QApplication::processEvents();
        }));
        filled.append(milliseconds([&] { waitForRows([&] { return list->topLevelItemCount() >= Full; }); }));
        narrowed.append(milliseconds([&] {
            press(line, Qt::Key_M, "m");
            press(line, Qt::Key_E, "e");
            press(line, Qt::Key_R, "r");
            waitForRows([&] {
                return list->topLevelItemCount() > 0 &&
                       list->topLevelItem(0)->text(0).startsWith("mer", Qt::CaseInsensitive);
            });
        }));
        list->hide();
    }
    const QString rows = QString::number(
        catalogue->tables.size() > 0 ? estimatedRows(*connection, *findTable(*catalogue, "visit"))->value_or(0) : 0);
    return {under(QString("a lookup of %1 rows opens").arg(rows), opened, 100, 1, "longest"),
            under(QString("the interface is away at most, while %1 rows are read").arg(rows), {longestTurn}, 100, 1,
                  "longest"),
            under("its first 200 rows are there", filled, 5000, 0.5, "median"),
            under("three letters typed narrow it", narrowed, 5000, 0.5, "median")};
}

} // namespace nabblet

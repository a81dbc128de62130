// What the board shows is what Entry shows: each kind of control, in each of its states, pixel by pixel.
#include "core/actions/action_table.h"
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/settings/typing.h"
#include "core/looks/files/look_book.h"
#include "core/looks/pins/look_pin.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/paint/board_painter.h"
#include "entry/paint/picture_painter.h"
#include "entry/view/band_view.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QBuffer>
#include <QJsonArray>
#include <QPainter>
#include <QTest>

using namespace nabblet;

class TestSamePixels : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;

    static QImage boardPicture(Board &board, const Form &form, const Control &control)
    {
        QImage whole(form.width, formHeight(form), QImage::Format_RGB32);
        QPainter painter(&whole);
        paintFormOf(painter, board.scene());
        while (board.scene().session && board.scene().session->readMissing()) {
            paintFormOf(painter, board.scene());
        }
        return whole.copy(placeOnForm(form, control));
    }

    // Each control that shows a value, in the first three records.
    static void compareRecords(EntrySession &session, Board &board, const EntryView &view, const Form &form)
    {
        const Appearance &appearance = board.scene().appearance;
        for (int record = 0; record < 3; ++record) {
            if (QWidget *focused = QApplication::focusWidget()) {
                focused->clearFocus();
            }
            for (const Control &control : form.controls) {
                QWidget *widget = view.widgetFor(control.id);
                if (!showsValue(control)) {
                    continue;
                }
                QVERIFY2(widget, qPrintable(control.name));
                QCOMPARE(widget->size(), control.place.size());
                QImage inEntry(control.place.size(), QImage::Format_RGB32);
                inEntry.fill(appearance.colour(control.band == BandRole::Body ? Ink::Paper : Ink::BandTint));
                widget->render(&inEntry, QPoint(), QRegion(), QWidget::DrawChildren);
                const QImage onBoard = boardPicture(board, form, control);
                if (inEntry != onBoard) {
                    inEntry.save(QDir::temp().filePath("nabblet-entry.png"));
                    onBoard.save(QDir::temp().filePath("nabblet-board.png"));
                }
                QVERIFY2(inEntry == onBoard,
                         qPrintable(control.name + " differs in record " + QString::number(record)));
            }
            session.moves().goNext();
        }
    }

private Q_SLOTS:
    void initTestCase() { m_path = samples::fairwayDatabase(m_folder); }

    void everyKindLooksTheSame_data()
    {
        QTest::addColumn<QString>("table");
        QTest::addColumn<int>("theme");
        for (const char *table : {"buoy", "visit", "contractor", "observer", "part_claim", "vessel"}) {
            QTest::addRow("%s light", table) << QString(table) << int(Theme::Light);
            QTest::addRow("%s dark", table) << QString(table) << int(Theme::Dark);
        }
    }

    void everyKindLooksTheSame()
    {
        QFETCH(QString, table);
        QFETCH(int, theme);
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Appearance appearance(looks().first(), static_cast<Theme>(theme), QApplication::font());
        // Wide enough for the strip below, so that nothing is stretched further in Entry.
        const Form form = setFormWidth(draftColumnar(catalogue, *findTable(catalogue, table), appearance), 1200);
        EntrySession session(connection, catalogue, form);
        QVERIFY(session.start().isOk());
        FormDocument document(form);
        Board board(&document, &session, appearance);
        EntryView view(&session, appearance);
        view.resize(form.width, formHeight(form) + 200);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        compareRecords(session, board, view, form);
    }

    // Kinds that no draft makes, with marks, alignments and several lines.
    void kindsThatArePlacedLookTheSame()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        Form form;
        form.name = form.title = form.rowsFrom = "buoy";
        form.width = 1200;
        form.bands = {Band{BandRole::Body, 700, {}}};
        const QJsonObject contractors{
            {"table", "contractor"}, {"value", "contractor_id"}, {"words", QJsonArray{"name"}}};
        const QJsonObject states{
            {"choices", QJsonArray{QJsonObject{{"value", "on station"}}, QJsonObject{{"value", "adrift"}}}}};
        QJsonObject several = states;
        several.insert("several", true);
        struct Placed
        {
            const char *kind;
            const char *column;
            QJsonObject settings;
        };
        const QList<Placed> placed{
            {"switch", "is_lit", {}},
            {"list", "status", states},
            {"list", "status", several},
            {"list", "contractor_id", {{"lookup", contractors}}},
            {"formula", "", {{"formula", "depth_m * 1000"}, {"thousands", true}, {"after", "mm"}}},
            {"row-words", "", {{"formula", "name || ', ' || status"}, {"align", "right"}}},
            {"jump-list", "", {{"prompt", "Go to"}}},
            {"decimal-number", "depth_m", {{"before", "about"}, {"after", "m"}}},
            {"decimal-number", "depth_m", {{"align", "centre"}}},
            {"decimal-number", "depth_m", {{"arrows", true}, {"after", "m"}}},
            {"text-box", "name", {{"align", "right"}}},
            {"date", "laid_on", {{"dates", "weekday"}, {"after", "UTC"}}},
            {"drop-down", "contractor_id", {{"lookup", contractors}, {"before", "by"}}},
        };
        for (const Placed &each : placed) {
            const PlacedControl made = withNewControlBelow(form, each.kind, Area(), appearance);
            form = made.form;
            Control control = *form.controls.find(made.control);
            control.column = each.column;
            control.place.setWidth(200);
            QJsonObject settings = control.settings.toJson();
            for (auto setting = each.settings.begin(); setting != each.settings.end(); ++setting) {
                settings.insert(setting.key(), setting.value());
            }
            control.settings = samples::settingsOf(settings);
            form.controls.replace(form.controls.indexOf(made.control), control);
        }
        EntrySession session(connection, catalogue, form);
        QVERIFY(session.start().isOk());
        FormDocument document(form);
        Board board(&document, &session, appearance);
        EntryView view(&session, appearance);
        view.resize(form.width, formHeight(form) + 200);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        compareRecords(session, board, view, form);
    }

    // Every kind there is, at rest and locked: a new kind comes under this by standing in the table of kinds.
    void everyKindOfTheTableLooksTheSame_data()
    {
        QTest::addColumn<QString>("kind");
        QTest::addColumn<bool>("isLocked");
        QTest::addColumn<int>("height"); // px; 0: as is usual
        constexpr int OneLine = 24;
        for (const Kind &kind : kinds()) {
            QTest::newRow(qPrintable(kind.name)) << kind.name << false << 0;
            QTest::newRow(qPrintable(kind.name + " locked")) << kind.name << true << 0;
            if (takesValue(kind)) { // as in rows under one another
                QTest::newRow(qPrintable(kind.name + " low")) << kind.name << false << OneLine;
            }
        }
    }
    void everyKindOfTheTableLooksTheSame()
    {
        QFETCH(QString, kind);
        QFETCH(bool, isLocked);
        QFETCH(int, height);
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        Form form;
        form.name = form.title = form.rowsFrom = "visit";
        form.width = 1200;
        form.bands = {Band{BandRole::Body, 640, {}}};
        form.window.hasRecordStrip = false;
        const PlacedControl made = withNewControlBelow(form, kind, Area(), appearance);
        form = made.form;
        Control control = *form.controls.find(made.control);
        const Kind &placed = kindNamed(kind);
        for (const char *column :
             {"crew_lead", "hours", "visited_on", "arrived_at", "reported_at", "lamp_works", "vessel_id", "remarks"}) {
            const Column *own = findColumn(*findTable(catalogue, "visit"), column);
            if (placed.binds.contains(own->type) && control.column.isEmpty()) {
                control.column = column;
            }
        }
        control.settings.set(setting::Locked, isLocked);
        if (height > 0) {
            control.place.setHeight(height);
        }
        if (kind == "total") {
            setTotal(control, {TotalKind::Sum, "hours"});
            control.column.clear();
        } else if (kind == "formula") {
            control.column.clear();
            control.settings.set(setting::Formula, "hours * 2");
        } else if (placed.editor == Editor::Rows) {
            control.inner = InnerForm(draftForm(
                catalogue, *findTable(catalogue, "part_fitted"),
                [&] {
                    DraftPlan plan = planDraft(*findTable(catalogue, "part_fitted"), nullptr);
                    plan.arrangement = Arrangement::Tabular;
                    return plan;
                }(),
                nullptr, appearance));
            control.place.setSize({control.inner.get()->width + 2, shownHeight(*control.inner.get()) + 2});
            setChildLink(control, {{"visit_id"}, {"visit_id"}});
        }
        if (placed.editor == Editor::Button) {
            control.settings.set(setting::Action, QString("close")); // of use at any time
        }
        form.controls.replace(form.controls.indexOf(made.control), control);
        EntrySession session(connection, catalogue, form);
        QVERIFY(session.start(Counting::No).isOk()); // nothing comes later
        FormDocument document(form);
        Board board(&document, &session, appearance);
        EntryView view(&session, appearance);
        view.resize(form.width, formHeight(form) + 200);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        const QWidget *widget = view.widgetFor(control.id);
        BandView *band = nullptr;
        for (BandView *each : view.findChildren<BandView *>()) {
            const bool isInside = widget && widget->isAncestorOf(each);
            band = !band && each->height() >= 400 && !isInside ? each : band; // the body
        }
        QVERIFY(band);
        for (int record = 0; record < 3; ++record) {
            if (QWidget *focused = QApplication::focusWidget()) {
                focused->clearFocus();
            }
            QCoreApplication::processEvents();
            while (session.readMissing()) {
            }
            QImage inEntry(control.place.size(), QImage::Format_RGB32);
            band->render(&inEntry, QPoint(), QRegion(control.place), QWidget::DrawChildren);
            const QImage onBoard = boardPicture(board, form, control);
            if (inEntry != onBoard) {
                inEntry.save(QDir::temp().filePath("nabblet-entry.png"));
                onBoard.save(QDir::temp().filePath("nabblet-board.png"));
            }
            QVERIFY2(inEntry == onBoard, qPrintable(kind + " differs in record " + QString::number(record)));
            session.moves().goNext();
        }
    }

    // Every kind with every part of a look pinned, one at a time, and with all of them, on paper and on a dark ground.
    void everyKindWithEveryPinLooksTheSame_data()
    {
        QTest::addColumn<QString>("kind");
        QTest::addColumn<bool>("isOnDark");
        for (const Kind &kind : kinds()) {
            QTest::newRow(qPrintable(kind.name)) << kind.name << false;
            QTest::newRow(qPrintable(kind.name + " on a dark ground")) << kind.name << true;
        }
    }
    void everyKindWithEveryPinLooksTheSame()
    {
        QFETCH(QString, kind);
        QFETCH(bool, isOnDark);
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        LookBook book;
        book.styles = readyStyles();
        const Appearance appearance(lookNamed("Warm paper"), Theme::Light, QApplication::font(), book);
        const QList<QPair<QString, QJsonValue>> pins{
            {"style", "Note paper"}, {"fill", "#ffe9a8"}, {"fill", "#12324a"}, {"textColour", "#7a1010"},
            {"outline", "#2040a0"},  {"lineWeight", 3},   {"lineWeight", 0},   {"edge", "inset"},
            {"edge", "raised"},      {"edge", "shadow"},  {"corner", 10},      {"family", "DejaVu Serif"},
            {"textSize", 120},       {"textWeight", 700}, {"slanted", true},   {"underlined", true},
            {"padding", 15},         {"align", "centre"}};
        Form form;
        form.name = form.title = form.rowsFrom = "visit";
        form.width = 1200;
        form.window.hasRecordStrip = false;
        form.bands = {Band{BandRole::Body, 200, {}}};
        if (isOnDark) {
            form.bands.first().settings.set(setting::Fill, TwoSided{0x203040, {}});
        }
        const Kind &placed = kindNamed(kind);
        QJsonObject all;
        QList<ControlId> made;
        for (qsizetype i = 0; i <= pins.size(); ++i) {
            const PlacedControl one = withNewControlBelow(form, kind, Area(), appearance);
            form = one.form;
            Control control = *form.controls.find(one.control);
            control.settings = ControlSettings();
            for (const char *column : {"crew_lead", "hours", "visited_on", "arrived_at", "lamp_works", "remarks"}) {
                const Column *own = findColumn(*findTable(catalogue, "visit"), column);
                if (placed.binds.contains(own->type) && control.column.isEmpty()) {
                    control.column = column;
                }
            }
            QJsonObject settings;
            if (i < pins.size()) {
                settings.insert(pins.at(i).first, pins.at(i).second);
                all.insert(pins.at(i).first, pins.at(i).second);
            } else {
                settings = all; // together
            }
            if (placed.editor == Editor::Button) {
                settings.insert("action", "close");
                control.text = "Close";
            } else if (kind == "formula" || kind == "row-words") {
                settings.insert("formula", "hours * 2");
            } else if (kind == "list" || kind == "option-set") {
                settings.insert("choices", QJsonArray{QJsonObject{{"value", "a"}}, QJsonObject{{"value", "b"}}});
            }
            control.settings = samples::settingsOf(settings);
            form.controls.replace(form.controls.indexOf(control.id), control);
            made.append(control.id);
        }
        EntrySession session(connection, catalogue, form);
        QVERIFY(session.start(Counting::No).isOk());
        FormDocument document(form);
        Board board(&document, &session, appearance);
        EntryView view(&session, appearance);
        view.resize(form.width, formHeight(form) + 200);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        BandView *band = nullptr;
        for (BandView *each : view.findChildren<BandView *>()) {
            band = !band && each->height() >= 150 ? each : band;
        }
        QVERIFY(band);
        if (QWidget *focused = QApplication::focusWidget()) {
            focused->clearFocus();
        }
        QCoreApplication::processEvents();
        while (session.readMissing()) {
        }
        QImage plain;
        int different = 0;
        for (qsizetype i = 0; i < made.size(); ++i) {
            const Control &control = *form.controls.find(made.at(i));
            QImage inEntry(control.place.size(), QImage::Format_RGB32);
            band->render(&inEntry, QPoint(), QRegion(control.place), QWidget::DrawChildren);
            const QImage onBoard = boardPicture(board, form, control);
            if (inEntry != onBoard) {
                inEntry.save(QDir::temp().filePath("nabblet-entry.png"));
                onBoard.save(QDir::temp().filePath("nabblet-board.png"));
            }
            QVERIFY2(inEntry == onBoard,
                     qPrintable(kind + (i < pins.size() ? " with " + pins.at(i).first : QString(" with all"))));
            different += i > 0 && onBoard != plain ? 1 : 0;
            plain = onBoard;
        }
        QVERIFY2(different >= 2, qPrintable(kind)); // what is pinned is seen
    }

    // A box that was refused is painted by its widget as its kind draws it.
    void refusedBoxesArePaintedAsTheirKindDrawsThem()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        const Form form = setFormWidth(draftColumnar(catalogue, *findTable(catalogue, "visit"), appearance), 1200);
        EntrySession session(connection, catalogue, form);
        QVERIFY(session.start().isOk());
        EntryView view(&session, appearance);
        view.resize(form.width, formHeight(form) + 200);
        view.show();
        int compared = 0;
        for (const Control &control : form.controls) {
            if (kindNamed(control.kind).editor != Editor::Line || !session.state().mayType(control) ||
                control.kind == "text-box") {
                continue;
            }
            session.typing().type(control, "no such value");
            session.typing().boxLeft(control);
            const Shown shown = session.values().shown(control);
            QCOMPARE(shown.state, BoxState::Refused);
            if (QWidget *focused = QApplication::focusWidget()) {
                focused->clearFocus();
            }
            QImage inEntry(control.place.size(), QImage::Format_RGB32);
            inEntry.fill(Qt::white);
            view.widgetFor(control.id)->render(&inEntry, QPoint(), QRegion(), QWidget::DrawChildren);
            QImage drawn = inEntry;
            drawn.fill(Qt::white);
            QPainter painter(&drawn);
            paintPicture(painter, kindNamed(control.kind).draw(control, shown, appearance.look()), QPoint(0, 0),
                         appearance);
            painter.end();
            QVERIFY2(inEntry == drawn, qPrintable(control.name));
            ++compared;
        }
        QVERIFY(compared >= 4);
    }

    // Containers are painted by their band; in each of the pages, board and Entry show the same.
    void containersLookTheSame()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        Form form = setFormWidth(draftColumnar(catalogue, *findTable(catalogue, "buoy"), appearance), 1200);
        const auto fieldOf = [&](const char *column) {
            for (const Control &control : form.controls) {
                if (control.column == QLatin1String(column)) {
                    return control.id;
                }
            }
            return ControlId(0);
        };
        const ControlId depth = fieldOf("depth_m");
        const ControlId laid = fieldOf("laid_on");
        const auto [grouped, box] = withContainer(form, {fieldOf("asset_no"), fieldOf("name")}, "group-box");
        const auto [paged, tabs] = withContainer(grouped, {depth}, "tab-pages");
        form = moveControlsInto(paged, {laid}, {BandRole::Body, tabs, 2}, QPoint());
        EntrySession session(connection, catalogue, form);
        QVERIFY(session.start().isOk());
        FormDocument document(form);
        Board board(&document, &session, appearance);
        EntryView view(&session, appearance);
        view.resize(form.width, formHeight(form) + 200);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        for (const int page : {1, 2, 1}) {
            setFrontPage(board, tabs, page);
            view.showPage(tabs, page);
            if (QWidget *focused = QApplication::focusWidget()) {
                focused->clearFocus();
            }
            QCOMPARE(view.widgetFor(depth)->isVisibleTo(&view), page == 1);
            QCOMPARE(view.widgetFor(laid) && view.widgetFor(laid)->isVisibleTo(&view), page == 2);
            for (const ControlId id : {box, tabs}) {
                const Control &control = *form.controls.find(id);
                QWidget *band = view.widgetFor(depth)->parentWidget();
                QImage inEntry(control.place.size(), QImage::Format_RGB32);
                band->render(&inEntry, QPoint(), QRegion(control.place), QWidget::DrawChildren);
                const QImage onBoard = boardPicture(board, form, control);
                QVERIFY2(inEntry == onBoard, qPrintable(control.name + " differs on page " + QString::number(page)));
            }
        }
    }

    // Pictures on grounds lie in Entry where they lie on the board, of a band as of the whole form.
    void groundPicturesLookTheSame()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        QImage drawn(96, 40, QImage::Format_RGB32);
        for (int y = 0; y < drawn.height(); ++y) {
            for (int x = 0; x < drawn.width(); ++x) {
                drawn.setPixelColor(x, y, QColor((x * 7) % 256, (y * 5) % 256, 90));
            }
        }
        QByteArray bytes;
        QBuffer buffer(&bytes);
        QVERIFY(drawn.save(&buffer, "PNG"));
        for (const bool isOfForm : {false, true}) {
            for (const GroundFit fit : {GroundFit::TopLeft, GroundFit::Tiled, GroundFit::Top}) {
                Form form = draftColumnar(catalogue, *findTable(catalogue, "buoy"), appearance);
                const GroundPicture picture{{bytes, {}}, fit, 60};
                if (isOfForm) {
                    form.settings.set(setting::GroundImage, picture);
                }
                for (Band &band : form.bands) {
                    if (!isOfForm) {
                        band.settings.set(setting::GroundImage, picture);
                    }
                }
                EntrySession session(connection, catalogue, form);
                QVERIFY(session.start().isOk());
                FormDocument document(form);
                Board board(&document, &session, appearance);
                EntryView view(&session, appearance);
                view.resize(form.width, formHeight(form) + 200);
                view.show();
                QVERIFY(QTest::qWaitForWindowExposed(&view));
                Control corner; // the left edge of the body, where nothing stands
                corner.place = QRect(0, 0, 14, 40);
                QWidget *band = nullptr;
                for (const Control &control : form.controls) {
                    QWidget *widget = view.widgetFor(control.id);
                    band = widget && control.band == BandRole::Body && !band ? widget->parentWidget() : band;
                }
                QVERIFY(band);
                QImage inEntry(corner.place.size(), QImage::Format_RGB32);
                band->render(&inEntry, QPoint(), QRegion(corner.place), QWidget::DrawWindowBackground);
                const QImage onBoard = boardPicture(board, form, corner);
                QVERIFY2(inEntry == onBoard, qPrintable(QString("%1 %2").arg(isOfForm).arg(static_cast<int>(fit))));
                if (fit == GroundFit::Tiled) {
                    QVERIFY(onBoard.pixelColor(3, 3) != onBoard.pixelColor(9, 3)); // it is there at all
                }
            }
        }
    }

    void everyKindIsMet()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        QSet<QString> met;
        for (const char *table : {"buoy", "visit", "contractor", "observer", "part_claim", "vessel"}) {
            const Form form = draftColumnar(catalogue, *findTable(catalogue, table), FixedTextMeasure());
            for (const Control &control : form.controls) {
                met.insert(control.kind);
            }
        }
        met.unite({"switch", "list", "formula", "row-words", "jump-list"}); // below
        met.unite({"total", "subform", "button"}); // of forms with rows that belong to them: tst_subforms
        met.unite({"group-box", "tab-pages", "line", "frame", "panes",
                   "scroll-area"}); // below; what takes no value is painted by its band
        for (const Kind &kind : kinds()) {
            QVERIFY2(met.contains(kind.name), qPrintable(kind.name));
        }
    }
};

QTEST_MAIN(TestSamePixels)
#include "tst_same_pixels.moc"

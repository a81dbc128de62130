// The board at work: dragging, snapping, arranging, rails, steps of undo.
#include "measure.h"

#include "app/window/main_window.h"
#include "core/arrange/arranged.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/snap.h"
#include "core/file/form_file.h"
#include "designer/board/board.h"
#include "designer/board/scene/mark_places.h"

#include <QDir>
#include <QFile>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QUndoStack>

#include <cmath>
#include <malloc.h>

namespace nabblet {

namespace {

constexpr int Controls = 2000;
constexpr int Selected = 200;

QList<ControlId> firstBoxes(const Form &form, int count)
{
    QList<ControlId> boxes;
    for (const Control &control : form.controls) {
        if (!control.column.isEmpty() && boxes.size() < count) {
            boxes.append(control.id);
        }
    }
    return boxes;
}

void sendMouse(Board &board, QEvent::Type type, QPoint at, Qt::MouseButtons buttons)
{
    QMouseEvent event(type, QPointF(at), QPointF(board.viewport()->mapToGlobal(at)),
                      type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton, buttons, Qt::NoModifier);
    QApplication::sendEvent(board.viewport(), &event);
}

Measured dragging()
{
    const Form form = formOf(Controls);
    FormDocument document(form);
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    Board board(&document, nullptr, appearance);
    board.resize(1280, 800);
    board.show();
    board.setZoom(100); // a wide form is fitted, which draws all of it
    QApplication::processEvents();
    const QList<ControlId> boxes = firstBoxes(form, Selected);
    board.select(boxes);
    const QPoint from = board.scene().viewportRectOf(boxes.at(4)).center();
    sendMouse(board, QEvent::MouseButtonPress, from, Qt::LeftButton);
    sendMouse(board, QEvent::MouseMove, from + QPoint(20, 20), Qt::LeftButton);
    QApplication::processEvents();
    QList<double> times;
    for (int i = 0; i < 300; ++i) {
        const QPoint at = from + QPoint(20 + (i * 7) % 150, 20 + (i * 11) % 170);
        times.append(milliseconds([&] {
            sendMouse(board, QEvent::MouseMove, at, Qt::LeftButton);
            board.viewport()->repaint();
        }));
    }
    return under(QString("one mouse move dragging %1 of %2 controls, snap, pills and repaint")
                     .arg(Selected)
                     .arg(form.controls.size()),
                 times, 16, 0.99, "99th percentile");
}

QList<Measured> snapping()
{
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    QList<Measured> results;
    double smallest = 0;
    for (const int count : {200, 2000, 20000}) {
        const Form form = formOf(count);
        const QList<ControlId> moving{firstBoxes(form, 1)};
        const QList<double> preparing =
            repeated(count > 2000 ? 5 : 20, [&] { (void)SnapIndex(form, moving, appearance); });
        const SnapIndex index(form, moving, appearance);
        Snapping snapping;
        snapping.place = placeOnForm(form, *form.controls.find(moving.first()));
        snapping.whole = snapping.place;
        QList<double> asking;
        for (int i = 0; i < 2000; ++i) {
            Snapping asked = snapping;
            asked.place.translate(i % 300, (i * 13) % 900);
            asked.whole = asked.place;
            asking.append(milliseconds([&] { (void)index.forMove(asked); }));
        }
        results.append(under(QString("the snap answer among %1 controls").arg(form.controls.size()), asking, 0.2, 0.99,
                             "99th percentile"));
        // n log n: so many times the work of the smallest form, with as much again for what the caches cost.
        const double median = quantile(preparing, 0.5);
        if (count == 200) {
            smallest = median;
            continue;
        }
        const double times = median / smallest;
        const double grown = count / 200.0;
        const double bound = 2 * grown * std::log2(static_cast<double>(count)) / std::log2(200.0);
        results.append({QString("preparing to snap among %1, times that among 200").arg(count),
                        QString("%1 times (%2 ms)").arg(number(times), number(median)),
                        QString("%1 times").arg(number(bound)),
                        times < bound,
                        {{"times", times}, {"median_ms", median}}});
    }
    return results;
}

enum class Arranging { SomeOfIt, OnPages, Anew };

// What makes another arrangement of the form works on all of it, whatever is selected, and what goes into groups and
// out of them moves what stands around; they have the bound of tidy and flow on a whole form, as everything on pages
// has.
Measured arranging(Arranging which)
{
    const Form form = formOf(Controls, which == Arranging::OnPages ? Sections::AsSuits : Sections::None);
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const QList<ControlId> boxes = firstBoxes(form, Selected);
    const ArrangeContext context{form, boxes, appearance, [](const Control &, double) { return 120; }};
    double worst = 0;
    QString slowest;
    for (const ArrangeOperation &operation : arrangeOperations()) {
        // On a form in parts everything is measured, on the plain one what makes it anew apart from the rest.
        const Arranging own = operation.id.startsWith("as-") ? Arranging::Anew : Arranging::SomeOfIt;
        if ((own != which && which != Arranging::OnPages) || !operation.whyNot(context).isEmpty()) {
            continue;
        }
        const double time = quantile(repeated(7, [&] { (void)operation.apply(context); }), 0.5);
        if (time > worst) {
            worst = time;
            slowest = operation.id;
        }
    }
    const double bound = which == Arranging::SomeOfIt ? 5 : 60;
    const QString work = which == Arranging::Anew      ? "the slowest new arrangement of %2 controls (%1)"
                         : which == Arranging::OnPages ? "the slowest of all on %2 controls on pages (%1)"
                                                       : "the slowest arrange operation (%1)";
    return {work.contains("%2") ? work.arg(slowest).arg(form.controls.size()) : work.arg(slowest),
            QString("%1 ms (median)").arg(number(worst)),
            QString("%1 ms").arg(bound),
            worst < bound,
            {{"median_ms", worst}, {"operation", slowest}}};
}

Measured railMoving()
{
    // One rail that a thousand edges ride.
    Form form;
    form.width = 480;
    form.bands = {Band{BandRole::Body, 500 * 32 + 32, {}}};
    Rail rail;
    rail.id = FixedRail::FirstFree;
    rail.name = "captions";
    rail.position = 160;
    rail.isAutomatic = true;
    rail.captionsFrom = 16;
    form.rails = {rail};
    for (int i = 0; i < 500; ++i) {
        Control box;
        box.id = 2 * i + 1;
        box.kind = "text-box";
        box.role = "field";
        box.name = QString("text_%1").arg(i);
        box.place = QRect(160, 16 + i * 32, 200, 24);
        box.rides.left = rail.id;
        form.controls.append(box);
        Control caption;
        caption.id = 2 * i + 2;
        caption.kind = caption.role = "caption";
        caption.name = QString("caption_%1").arg(i);
        caption.text = QString("Caption %1").arg(i);
        caption.captionFor = box.id;
        caption.place = QRect(72, 16 + i * 32, 80, 24);
        caption.rides.right = rail.id;
        form.controls.append(caption);
    }
    FormDocument document(form);
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    Board board(&document, nullptr, appearance);
    board.resize(1280, 800);
    board.show();
    board.setZoom(100); // a wide form is fitted, which draws all of it
    QApplication::processEvents();
    const QPoint knob = railKnob(board.scene(), rail.id);
    sendMouse(board, QEvent::MouseButtonPress, knob, Qt::LeftButton);
    QList<double> times;
    for (int i = 0; i < 200; ++i) {
        times.append(milliseconds([&] {
            sendMouse(board, QEvent::MouseMove, knob + QPoint(8 + (i % 20) * 8, 0), Qt::LeftButton);
            board.viewport()->repaint();
        }));
    }
    return under("moving an automatic rail that 1,000 edges ride, repaint included", times, 16, 0.99,
                 "99th percentile");
}

// The memory that the program has taken and not given back, MiB.
double memory()
{
    const struct mallinfo2 info = mallinfo2();
    return static_cast<double>(info.uordblks + info.hblkhd) / (1024.0 * 1024.0);
}

Measured steps()
{
    const Form form = formOf(Controls);
    FormDocument document(form);
    const QList<ControlId> boxes = firstBoxes(form, Selected);
    const double before = memory();
    for (int i = 0; i < 1000; ++i) {
        document.apply("Move", moveControls(document.form(), boxes, QPoint(i % 2 == 0 ? 8 : -8, 0)));
    }
    const double taken = memory() - before;
    return {QString("1,000 steps of undo, each moving %1 of %2 controls").arg(Selected).arg(form.controls.size()),
            QString("%1 MiB").arg(number(taken)),
            "64 MiB",
            taken < 64 && document.steps()->count() == 1000,
            {{"mib", taken}, {"steps", document.steps()->count()}}};
}

// One edit in the whole window: board, strip, outline, inspector and status follow it.
Measured editingInTheWindow(const QString &folder)
{
    Form form = formOf(Controls);
    form.name = "large";
    form.rowsFrom.clear(); // the board alone is measured, not the database
    form.boundColumns.clear();
    const QString path = QDir(folder).absoluteFilePath("depot/forms/large.nabform");
    if (!saveForm(path, form)) {
        return {"one edit in the window", "the form could not be written", "", false, {}};
    }
    MainWindow window;
    window.resize(1280, 800);
    window.show();
    window.filing().openPath(path);
    Board *board = window.board();
    QList<double> times;
    for (int i = 0; i < 200; ++i) {
        const ControlId id = form.controls.at(2 * (i % 20) + 1).id;
        times.append(milliseconds([&] {
            board->select({id});
            QKeyEvent press(QEvent::KeyPress, i % 2 ? Qt::Key_Up : Qt::Key_Down, Qt::ControlModifier);
            QApplication::sendEvent(board, &press);
            QApplication::processEvents();
        }));
    }
    window.document()->steps()->setClean();
    QFile::remove(path);
    return under(QString("selecting and moving one of %1 controls in the whole window").arg(form.controls.size()),
                 times, 33, 0.99, "99th percentile");
}

} // namespace

QList<Measured> boardBench(const QString &folder)
{
    QList<Measured> all{dragging()};
    all += snapping();
    all += {arranging(Arranging::SomeOfIt),
            arranging(Arranging::OnPages),
            arranging(Arranging::Anew),
            railMoving(),
            steps(),
            editingInTheWindow(folder)};
    return all;
}

} // namespace nabblet

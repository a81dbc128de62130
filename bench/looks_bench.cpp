// Looks on the board: another look on a large form, and parts pinned at many of its controls.
#include "measure.h"

#include "core/edit/look_edits.h"
#include "core/looks/files/look_book.h"
#include "core/looks/pins/look_pin.h"
#include "designer/board/board.h"

namespace nabblet {

namespace {

constexpr int Controls = 2000;
constexpr int Dressed = 200;

} // namespace

QList<Measured> looksBench()
{
    const Form form = formOf(Controls);
    FormDocument document(form);
    const Appearance usual(looks().first(), Theme::Light, QApplication::font());
    Board board(&document, nullptr, usual);
    board.resize(1280, 800);
    board.show();
    board.setZoom(100);
    QApplication::processEvents();
    QList<double> turning;
    for (int i = 0; i < 60; ++i) {
        const Look &look = looks().at(i % looks().size());
        turning.append(workingMilliseconds([&] {
            board.setAppearance(Appearance(look, Theme::Light, QApplication::font()));
            board.viewport()->repaint();
        }));
    }
    QList<Measured> results{
        under(QString("another look on %1 controls, until all is repainted").arg(form.controls.size()), turning, 50,
              0.99, "99th percentile")};
    // Each of them differently, none of them as the look says.
    board.setAppearance(usual);
    board.zoomToForm(); // all of it is drawn
    QApplication::processEvents();
    const auto drawing = [&] { return repeated(15, [&] { board.viewport()->repaint(); }); };
    const double before = quantile(drawing(), 0.5);
    int at = 0;
    QList<ControlId> boxes;
    for (const Control &control : form.controls) {
        if (!control.column.isEmpty() && boxes.size() < Dressed) {
            boxes.append(control.id);
        }
    }
    Form dressed = form;
    for (const ControlId id : boxes) {
        Control control = *dressed.controls.find(id);
        control.settings.set(setting::Fill, TwoSided{static_cast<Colour>(0xE0E0C0 + at), {}});
        control.settings.set(setting::Corner, at % 12);
        dressed.controls.replace(dressed.controls.indexOf(id), control);
        ++at;
    }
    document.apply("pin", dressed);
    const double first = workingMilliseconds([&] { board.viewport()->repaint(); });
    const double after = quantile(drawing(), 0.5);
    const double share = 100 * (after - before) / before;
    results.append({QString("drawing %1 controls, %2 of them pinned differently, beside none")
                        .arg(form.controls.size())
                        .arg(boxes.size()),
                    QString("%1 % more (%2 and %3 ms; the first time %4 ms)")
                        .arg(number(share), number(before), number(after), number(first)),
                    "10 %",
                    share <= 10,
                    {{"more", share}, {"before", before}, {"after", after}, {"first", first}}});
    return results;
}

} // namespace nabblet

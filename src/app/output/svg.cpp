// A drawing that stays sharp at any size.
#include "app/output/output_format.h"

#include <QPainter>
#include <QSvgGenerator>

namespace nabblet {

namespace {

bool paint(QWidget &view, QIODevice &to)
{
    QSvgGenerator drawing;
    drawing.setOutputDevice(&to);
    drawing.setSize(view.size());
    drawing.setViewBox(view.rect());
    drawing.setTitle(view.windowTitle());
    QPainter painter(&drawing);
    view.render(&painter);
    return painter.end();
}

} // namespace

OutputFormat svgFormat()
{
    return {"svg", paint};
}

} // namespace nabblet

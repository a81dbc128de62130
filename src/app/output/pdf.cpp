// A page as large as the form.
#include "app/output/output_format.h"

#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>

namespace nabblet {

namespace {

bool paint(QWidget &view, QIODevice &to)
{
    constexpr int Resolution = 96; // px an inch, so that a pixel is a logical one
    constexpr double PointsPerPixel = 72.0 / Resolution;
    QPdfWriter page(&to);
    page.setResolution(Resolution);
    page.setPageSize(QPageSize(QSizeF(view.size()) * PointsPerPixel, QPageSize::Point));
    page.setPageMargins(QMarginsF());
    QPainter painter(&page);
    view.render(&painter);
    return painter.end();
}

} // namespace

OutputFormat pdfFormat()
{
    return {"pdf", paint};
}

} // namespace nabblet

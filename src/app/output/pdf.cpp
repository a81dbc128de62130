// A page as large as the form.
#include "app/output/output_format.h"
#include "core/text/tr.h"

#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QSaveFile>

NABBLET_TEXTS(CommandLine)

namespace nabblet {

Outcome writePdf(QWidget &view, const QString &path)
{
    constexpr int Resolution = 96; // px an inch, so that a pixel is a logical one
    constexpr double PointsPerPixel = 72.0 / Resolution;
    QSaveFile file(path);
    if (file.open(QIODevice::WriteOnly)) {
        QPdfWriter page(&file);
        page.setResolution(Resolution);
        page.setPageSize(QPageSize(QSizeF(view.size()) * PointsPerPixel, QPageSize::Point));
        page.setPageMargins(QMarginsF());
        QPainter painter(&page);
        view.render(&painter);
        painter.end();
    }
    if (!file.isOpen() || !file.commit()) {
        return Error{Texts::tr("%1 cannot be written. Choose another place.").arg(path), {}};
    }
    return Done{};
}

} // namespace nabblet

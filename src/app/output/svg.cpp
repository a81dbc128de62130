// A drawing that stays sharp at any size.
#include "app/output/output_format.h"
#include "core/text/tr.h"

#include <QPainter>
#include <QSaveFile>
#include <QSvgGenerator>

NABBLET_TEXTS(CommandLine)

namespace nabblet {

Outcome writeSvg(QWidget &view, const QString &path)
{
    QSaveFile file(path);
    if (file.open(QIODevice::WriteOnly)) {
        QSvgGenerator drawing;
        drawing.setOutputDevice(&file);
        drawing.setSize(view.size());
        drawing.setViewBox(view.rect());
        drawing.setTitle(view.windowTitle());
        QPainter painter(&drawing);
        view.render(&painter);
        painter.end();
    }
    if (!file.isOpen() || !file.commit()) {
        return Error{Texts::tr("%1 cannot be written. Choose another place.").arg(path), {}};
    }
    return Done{};
}

} // namespace nabblet

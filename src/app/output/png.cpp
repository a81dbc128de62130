// A picture in pixels.
#include "app/output/output_format.h"
#include "core/text/tr.h"

#include <QPixmap>

NABBLET_TEXTS(CommandLine)

namespace nabblet {

Outcome writePng(QWidget &view, const QString &path)
{
    if (!view.grab().save(path, "PNG")) {
        return Error{Texts::tr("%1 cannot be written. Choose another place.").arg(path), {}};
    }
    return Done{};
}

} // namespace nabblet

// A picture in pixels.
#include "app/output/output_format.h"

#include <QPixmap>

namespace nabblet {

namespace {

bool paint(QWidget &view, QIODevice &to)
{
    return view.grab().save(&to, "PNG");
}

} // namespace

OutputFormat pngFormat()
{
    return {"png", paint};
}

} // namespace nabblet

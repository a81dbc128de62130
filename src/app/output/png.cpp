// A picture in pixels.
#include "app/output/output_format.h"

#include <QPixmap>

namespace nabblet {

bool paintPng(QWidget &view, QIODevice &to)
{
    return view.grab().save(&to, "PNG");
}

} // namespace nabblet

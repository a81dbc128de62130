// A picture in pixels, small, for mail.
#include "app/output/output_format.h"

#include <QPixmap>

namespace nabblet {

namespace {

constexpr int Quality = 92; // of 100; below, the edges of letters get a halo

bool paint(QWidget &view, QIODevice &to)
{
    return view.grab().save(&to, "JPEG", Quality);
}

} // namespace

OutputFormat jpegFormat()
{
    return {"jpg", paint};
}

} // namespace nabblet

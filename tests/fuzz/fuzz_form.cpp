// Form files from strangers: whatever the bytes are, reading them gives a form or a sentence; a form that was read is
// written and read again as the same bytes, laid out at several window sizes and painted, without harm.
#include "core/arrange/containers.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/window_size.h"
#include "core/file/form_file.h"
#include "entry/paint/form_painter.h"

#include <QApplication>
#include <QPainter>

#include <cstdint>
#include <cstdio>
#include <cstdlib>

using namespace nabblet;

namespace {

constexpr int MostPainted = 60; // controls; painting thousands would tell nothing more

void demand(bool holds, const char *what)
{
    if (!holds) {
        std::fprintf(stderr, "broken: %s\n", what);
        std::abort();
    }
}

} // namespace

extern "C" int LLVMFuzzerInitialize(int *argc, char ***argv)
{
    qputenv("QT_QPA_PLATFORM", "offscreen");
    static int count = 1;
    static QApplication application(count, *argv);
    (void)argc;
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t *data, std::size_t size)
{
    const Result<Form> form = readForm(QByteArray(reinterpret_cast<const char *>(data), static_cast<qsizetype>(size)));
    if (!form) {
        demand(!form.error().sentence.isEmpty(), "an error without a sentence");
        return 0;
    }
    const QByteArray written = writeForm(*form);
    const Result<Form> again = readForm(written);
    demand(again.isOk(), "what was written cannot be read");
    demand(writeForm(*again) == written, "what was read is not what was written");
    (void)tabSequence(*form);
    (void)leastWindowSize(*form);
    (void)grownToHold(inNestingOrder(*form));
    if (form->controls.size() <= MostPainted) {
        static const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        for (const QSize room : {QSize(320, 240), QSize(90, 400)}) {
            QImage image(room, QImage::Format_RGB32);
            QPainter painter(&image);
            paintForm(painter, *form, nullptr, room, appearance);
        }
    }
    return 0;
}

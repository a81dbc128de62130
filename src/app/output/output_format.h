// The files into which a form can be painted, in one table: a format is one file beside this one and one line below.
#pragma once

#include "core/result.h"

#include <QIODevice>
#include <QList>
#include <QWidget>

#define NABBLET_OUTPUT_FORMATS(FORMAT)                                                                                 \
    FORMAT(pngFormat)                                                                                                  \
    FORMAT(jpegFormat)                                                                                                 \
    FORMAT(svgFormat)                                                                                                  \
    FORMAT(pdfFormat)

namespace nabblet {

struct OutputFormat
{
    const char *suffix; // of its files, by which it is chosen
    // Paints a view as it is shown; false where it could not be written.
    bool (*paint)(QWidget &view, QIODevice &to);
};

const QList<OutputFormat> &outputFormats();
// The format of a file by its name, or nullptr.
const OutputFormat *outputFormatOf(const QString &path);
// What can be chosen, for people: ".png, .svg or .pdf".
QString outputSuffixes();

// Writes a view into a file, the whole of it or nothing; the error says that the place takes none.
Outcome writeView(QWidget &view, const OutputFormat &format, const QString &path);

#define NABBLET_DECLARE(format) OutputFormat format();
NABBLET_OUTPUT_FORMATS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet

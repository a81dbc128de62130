// The files into which a form can be painted, in one table: a format is one file beside this one and one line there.
#pragma once

#include "core/result.h"

#include <QList>
#include <QWidget>

namespace nabblet {

struct OutputFormat
{
    const char *suffix; // of its files, by which it is chosen
    // Paints a view as it is shown into a file; the error says why it could not.
    Outcome (*write)(QWidget &view, const QString &path);
};

const QList<OutputFormat> &outputFormats();
// The format of a file by its name, or nullptr.
const OutputFormat *outputFormatOf(const QString &path);
// What can be chosen, for people: ".png, .svg or .pdf".
QString outputSuffixes();

Outcome writePng(QWidget &view, const QString &path);
Outcome writeSvg(QWidget &view, const QString &path);
Outcome writePdf(QWidget &view, const QString &path);

} // namespace nabblet

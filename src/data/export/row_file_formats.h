// The files that rows can be written into, in one table: a format is one file in each/ and one line below.
#pragma once

#include "data/export/row_file.h"

#define NABBLET_ROW_FILE_FORMATS(FORMAT)                                                                               \
    FORMAT(csvRows)                                                                                                    \
    FORMAT(tsvRows)                                                                                                    \
    FORMAT(jsonLinesRows)                                                                                              \
    FORMAT(xlsxRows)                                                                                                   \
    FORMAT(htmlRows)

namespace nabblet {

struct RowFileFormat
{
    const char *suffix; // of its files, by which it is chosen
    const char *title;  // in English; rowFileTitle() translates it
    std::unique_ptr<RowFile> (*make)(const QString &path);
};

const QList<RowFileFormat> &rowFileFormats();
// The format of a file by its name, or nullptr.
const RowFileFormat *rowFileFormatOf(const QString &path);
QString rowFileTitle(const RowFileFormat &format);

#define NABBLET_DECLARE(format) RowFileFormat format();
NABBLET_ROW_FILE_FORMATS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet

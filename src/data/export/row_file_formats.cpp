#include "data/export/row_file_formats.h"

#include "core/text/tr.h"

#include <QFileInfo>

#include <algorithm>

namespace nabblet {

const QList<RowFileFormat> &rowFileFormats()
{
#define NABBLET_ENTRY(format) format(),
    static const QList<RowFileFormat> formats{NABBLET_ROW_FILE_FORMATS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return formats;
}

const RowFileFormat *rowFileFormatOf(const QString &path)
{
    const QString suffix = QFileInfo(path).suffix();
    const QList<RowFileFormat> &all = rowFileFormats();
    const auto found = std::find_if(all.begin(), all.end(), [&](const RowFileFormat &format) {
        return suffix.compare(QLatin1String(format.suffix), Qt::CaseInsensitive) == 0;
    });
    return found == all.end() ? nullptr : &*found;
}

QString rowFileTitle(const RowFileFormat &format)
{
    return Texts::tr(format.title);
}

} // namespace nabblet

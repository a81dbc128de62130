#include "app/output/output_format.h"

#include "core/text/tr.h"

#include <QFileInfo>
#include <QSaveFile>

#include <algorithm>

namespace nabblet {

const QList<OutputFormat> &outputFormats()
{
#define NABBLET_ENTRY(format) format(),
    static const QList<OutputFormat> formats{NABBLET_OUTPUT_FORMATS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return formats;
}

const OutputFormat *outputFormatOf(const QString &path)
{
    const QString suffix = QFileInfo(path).suffix();
    const QList<OutputFormat> &all = outputFormats();
    const auto found = std::find_if(all.begin(), all.end(), [&](const OutputFormat &format) {
        return suffix.compare(QLatin1String(format.suffix), Qt::CaseInsensitive) == 0;
    });
    return found == all.end() ? nullptr : &*found;
}

QString outputSuffixes()
{
    QStringList suffixes;
    for (const OutputFormat &format : outputFormats()) {
        suffixes.append(u'.' + QLatin1String(format.suffix));
    }
    const QString last = suffixes.takeLast();
    return Texts::tr("%1 or %2", "file endings").arg(suffixes.join(QStringLiteral(", ")), last);
}

Outcome writeView(QWidget &view, const OutputFormat &format, const QString &path)
{
    QSaveFile file(path);
    const bool isWritten = file.open(QIODevice::WriteOnly) && format.paint(view, file) && file.commit();
    return isWritten ? Outcome(Done{})
                     : Outcome(Error{Texts::tr("%1 cannot be written. Choose another place.").arg(path), {}});
}

} // namespace nabblet

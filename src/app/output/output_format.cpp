#include "app/output/output_format.h"

#include "core/text/tr.h"

#include <QFileInfo>

#include <algorithm>

NABBLET_TEXTS(CommandLine)

namespace nabblet {

const QList<OutputFormat> &outputFormats()
{
    static const QList<OutputFormat> formats{
        {"png", writePng},
        {"svg", writeSvg},
        {"pdf", writePdf},
    };
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

} // namespace nabblet

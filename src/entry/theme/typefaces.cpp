#include "entry/theme/typefaces.h"

#include <QFontDatabase>

namespace nabblet {

const QStringList &typefaces()
{
    static const QStringList all = [] {
        QStringList names;
        for (const QString &family : QFontDatabase::families()) {
            const qsizetype maker = family.indexOf(QLatin1String(" [")); // the same family of two makers
            const QString name = maker > 0 ? family.left(maker) : family;
            if (!QFontDatabase::isPrivateFamily(family) && !names.contains(name)) {
                names.append(name);
            }
        }
        names.sort(Qt::CaseInsensitive);
        return names;
    }();
    return all;
}

bool isTypeface(const QString &family)
{
    return typefaces().contains(family, Qt::CaseInsensitive);
}

} // namespace nabblet

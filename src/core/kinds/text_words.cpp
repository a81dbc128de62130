#include "core/kinds/text_words.h"

#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

namespace nabblet {

Result<QVariant> readText(const Control &control, const QString &typed)
{
    if (typed.isEmpty()) {
        return QVariant();
    }
    const std::optional<int> limit = lengthLimit(control);
    // Databases count characters, QString counts UTF-16 units.
    const qsizetype length = typed.toUcs4().size();
    if (limit && length > *limit) {
        return Error{Texts::tr("At most %1 characters fit here; these are %2").arg(*limit).arg(length), {}};
    }
    return QVariant(typed);
}

QString wordsAsStored(const Control &, const QVariant &value, const QLocale &)
{
    return value.toString();
}

Result<QVariant> readNothing(const Control &, const QString &, const QLocale &)
{
    return QVariant();
}

} // namespace nabblet

#include "core/catalogue/profile.h"

#include <algorithm>

namespace nabblet {

namespace {

bool isWebAddress(const QString &text)
{
    return (text.startsWith(QLatin1String("http://")) || text.startsWith(QLatin1String("https://"))) &&
           !text.contains(u' ');
}

bool isMailAddress(const QString &text)
{
    const qsizetype at = text.indexOf(u'@');
    return at > 0 && text.indexOf(u'@', at + 1) < 0 && text.indexOf(u'.', at) > at + 1 && !text.contains(u' ');
}

bool isMostly(qint64 some, qint64 all)
{
    return some > 0 && some * 10 >= all * 9;
}

} // namespace

bool startsAsImage(const QByteArray &bytes)
{
    return bytes.startsWith("\x89PNG") || bytes.startsWith("\xFF\xD8\xFF") || bytes.startsWith("GIF8") ||
           bytes.startsWith("BM") || bytes.startsWith("<svg") || bytes.startsWith("<?xml");
}

void ColumnProfile::add(const QVariant &value)
{
    if (value.isNull()) {
        ++nulls;
        return;
    }
    ++values;
    if (value.typeId() == QMetaType::QByteArray) {
        images += startsAsImage(value.toByteArray()) ? 1 : 0;
        hasMoreDistinct = true;
        return;
    }
    const QString text = value.toString();
    int lineCount = 0;
    QStringView longest;
    for (const QStringView line : QStringView(text).split(u'\n')) {
        ++lineCount;
        longest = line.size() > longest.size() ? line : longest;
    }
    LengthGroup &group = lengths[static_cast<int>(longest.size())];
    if (group.count++ == 0) {
        group.example = longest.toString();
    }
    ++lines[lineCount];
    if (!hasMoreDistinct) {
        ++distinct[text];
        if (distinct.size() > MostDistinct) {
            hasMoreDistinct = true;
            distinct.clear();
        }
    }
    webAddresses += isWebAddress(text) ? 1 : 0;
    mailAddresses += isMailAddress(text) ? 1 : 0;
}

int linesFor(const ColumnProfile &profile, double share)
{
    qint64 kept = 0;
    for (auto it = profile.lines.begin(); it != profile.lines.end(); ++it) {
        kept += it.value();
        if (static_cast<double>(kept) >= share * static_cast<double>(profile.values)) {
            return it.key();
        }
    }
    return 1;
}

bool holdsAddresses(const ColumnProfile &profile)
{
    return isMostly(profile.webAddresses + profile.mailAddresses, profile.values);
}

bool holdsImages(const ColumnProfile &profile)
{
    return isMostly(profile.images, profile.values);
}

} // namespace nabblet

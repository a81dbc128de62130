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

// Whether bytes are text in UTF-8, as far as they go: the last letter may be cut.
bool readsAsText(const QByteArray &bytes)
{
    if (bytes.isEmpty() || startsAsImage(bytes)) {
        return false;
    }
    const QString text = QString::fromUtf8(bytes);
    for (qsizetype i = 0; i < text.size(); ++i) {
        const QChar c = text.at(i);
        const bool isCutEnd = c == QChar::ReplacementCharacter && i + 1 == text.size();
        const bool isBreak = c == u'\n' || c == u'\r' || c == u'\t';
        if ((c == QChar::ReplacementCharacter && !isCutEnd) || (c.unicode() < 32 && !isBreak)) {
            return false;
        }
    }
    return true;
}

} // namespace

bool holdsTexts(const ColumnProfile &profile)
{
    return isMostly(profile.texts, profile.values);
}

bool startsAsImage(const QByteArray &bytes)
{
    return bytes.startsWith("\x89PNG") || bytes.startsWith("\xFF\xD8\xFF") || bytes.startsWith("GIF8") ||
           bytes.startsWith("BM") || bytes.startsWith("<svg") || bytes.startsWith("<?xml");
}

void ColumnProfile::add(const QVariant &value)
{
    // A blank text takes no room and says nothing, as NULL does.
    if (value.isNull() || (value.typeId() == QMetaType::QString && value.toString().isEmpty())) {
        ++nulls;
        return;
    }
    ++values;
    if (value.typeId() == QMetaType::QByteArray) {
        images += startsAsImage(value.toByteArray()) ? 1 : 0;
        texts += readsAsText(value.toByteArray()) ? 1 : 0;
        hasMoreDistinct = true;
        return;
    }
    ++texts;
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

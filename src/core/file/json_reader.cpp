#include "core/file/json_reader.h"

#include "core/text/tr.h"

#include <QJsonArray>
#include <QJsonDocument>

#include <algorithm>
#include <cmath>

namespace nabblet {

void JsonMistakes::report(const QString &pointer, const QString &expected)
{
    if (!m_first) {
        m_first = Texts::tr("at %1: %2").arg(pointer.isEmpty() ? QStringLiteral("/") : pointer, expected);
    }
}

JsonReader::JsonReader(QJsonObject object, QString pointer, JsonMistakes *mistakes)
    : m_object(std::move(object)), m_pointer(std::move(pointer)), m_mistakes(mistakes)
{
}

bool JsonReader::has(const char *key) const
{
    return m_object.contains(QLatin1String(key));
}

QString JsonReader::pointerTo(const QString &key) const
{
    QString escaped = key;
    escaped.replace(u'~', QLatin1String("~0")).replace(u'/', QLatin1String("~1"));
    return m_pointer + u'/' + escaped;
}

// Looks a key up and reports it when it is required and not there. describe() gives what was expected, in words.
template <typename Describe> QJsonValue JsonReader::take(const char *key, bool isRequired, Describe describe)
{
    m_asked.append(QLatin1String(key));
    const QJsonValue value = m_object.value(QLatin1String(key));
    m_found += value.isUndefined() ? 0 : 1;
    if (value.isUndefined() && isRequired) {
        m_mistakes->report(pointerTo(QString::fromLatin1(key)),
                           Texts::tr("%1 was expected, but there is nothing").arg(describe()));
    }
    return value;
}

template <typename Describe> void JsonReader::expected(const char *key, Describe describe)
{
    m_mistakes->report(pointerTo(QString::fromLatin1(key)), Texts::tr("%1 was expected").arg(describe()));
}

QString JsonReader::text(const char *key, std::optional<QString> fallback)
{
    const auto describe = [] { return Texts::tr("a text"); };
    const QJsonValue value = take(key, !fallback, describe);
    if (!value.isUndefined() && !value.isString()) {
        expected(key, describe);
    }
    return value.isString() ? value.toString() : fallback.value_or(QString());
}

int JsonReader::number(const char *key, int least, int most, std::optional<int> fallback)
{
    const auto describe = [&] { return Texts::tr("a whole number from %1 to %2").arg(least).arg(most); };
    const QJsonValue value = take(key, !fallback, describe);
    if (value.isUndefined()) {
        return fallback.value_or(least);
    }
    const double number = value.toDouble(std::nan(""));
    if (!value.isDouble() || number != std::floor(number) || number < least || number > most) {
        expected(key, describe);
        return fallback.value_or(least);
    }
    return static_cast<int>(number);
}

bool JsonReader::flag(const char *key, bool fallback)
{
    const auto describe = [] { return Texts::tr("true or false"); };
    const QJsonValue value = take(key, false, describe);
    if (!value.isUndefined() && !value.isBool()) {
        expected(key, describe);
    }
    return value.toBool(fallback);
}

QJsonObject JsonReader::object(const char *key, bool isRequired)
{
    const auto describe = [] { return Texts::tr("an object"); };
    const QJsonValue value = take(key, isRequired, describe);
    if (!value.isUndefined() && !value.isObject()) {
        expected(key, describe);
    }
    return value.toObject();
}

QJsonArray JsonReader::list(const char *key, bool isRequired)
{
    const auto describe = [] { return Texts::tr("a list"); };
    const QJsonValue value = take(key, isRequired, describe);
    if (!value.isUndefined() && !value.isArray()) {
        expected(key, describe);
    }
    return value.toArray();
}

int JsonReader::oneOf(const char *key, const QStringList &words, std::optional<int> fallback)
{
    const auto describe = [&] { return Texts::tr("one of %1").arg(words.join(QLatin1String(", "))); };
    const QJsonValue value = take(key, !fallback, describe);
    if (value.isUndefined()) {
        return fallback.value_or(0);
    }
    const qsizetype index = words.indexOf(value.toString());
    if (!value.isString() || index < 0) {
        expected(key, describe);
        return fallback.value_or(0);
    }
    return static_cast<int>(index);
}

QJsonObject JsonReader::unknownKeys() const
{
    QJsonObject unknown;
    if (m_found == m_object.size()) {
        return unknown;
    }
    for (auto it = m_object.begin(); it != m_object.end(); ++it) {
        const QString key = it.key();
        if (std::none_of(m_asked.begin(), m_asked.end(), [&](QLatin1String asked) { return asked == key; })) {
            unknown.insert(key, it.value());
        }
    }
    return unknown;
}

Result<QJsonObject> parseJsonObject(const QByteArray &text)
{
    QJsonParseError parseError;
    const QJsonDocument document = QJsonDocument::fromJson(text, &parseError);
    if (parseError.error != QJsonParseError::NoError) {
        const qsizetype before = std::min<qsizetype>(parseError.offset, text.size());
        const qsizetype line = text.left(before).count('\n') + 1;
        return Error{Texts::tr("the JSON text breaks off in line %1").arg(line), parseError.errorString()};
    }
    if (!document.isObject()) {
        return Error{Texts::tr("at /: an object was expected"), {}};
    }
    return document.object();
}

} // namespace nabblet

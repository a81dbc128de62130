#include "core/file/json_text.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QLocale>

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

bool isPlain(QChar c)
{
    return c.unicode() >= 0x20 && c.unicode() < 0x7F && c != u'"' && c != u'\\';
}

void appendEscaped(QByteArray &text, QChar c)
{
    switch (c.unicode()) {
    case u'"':
        text += "\\\"";
        break;
    case u'\\':
        text += "\\\\";
        break;
    case u'\n':
        text += "\\n";
        break;
    case u'\t':
        text += "\\t";
        break;
    case u'\r':
        text += "\\r";
        break;
    default:
        if (c.unicode() < 0x20 || c.isSurrogate()) {
            // Surrogates are escaped one by one, so that half a pair, which UTF-8 cannot hold, survives too.
            text += "\\u" + QByteArray::number(c.unicode(), 16).rightJustified(4, '0');
        } else {
            text += QStringView(&c, 1).toUtf8();
        }
    }
}

void appendQuoted(QByteArray &text, const QString &value)
{
    text += '"';
    if (std::all_of(value.begin(), value.end(), isPlain)) {
        text += value.toLatin1();
    } else {
        for (const QChar c : value) {
            appendEscaped(text, c);
        }
    }
    text += '"';
}

void appendValue(QByteArray &text, const QJsonValue &value)
{
    switch (value.type()) {
    case QJsonValue::Bool:
        text += value.toBool() ? "true" : "false";
        break;
    case QJsonValue::Double: {
        const qint64 whole = value.toInteger(std::numeric_limits<qint64>::min());
        text += whole != std::numeric_limits<qint64>::min()
                    ? QByteArray::number(whole)
                    : QByteArray::number(value.toDouble(), 'g', QLocale::FloatingPointShortest);
        break;
    }
    case QJsonValue::String:
        appendQuoted(text, value.toString());
        break;
    case QJsonValue::Array: {
        text += '[';
        const char *separator = "";
        const QJsonArray items = value.toArray();
        for (const auto &item : items) {
            text += separator;
            appendValue(text, item);
            separator = ", ";
        }
        text += ']';
        break;
    }
    case QJsonValue::Object: {
        text += '{';
        const char *separator = "";
        const QJsonObject object = value.toObject();
        for (auto it = object.begin(); it != object.end(); ++it) {
            text += separator;
            appendQuoted(text, it.key());
            text += ": ";
            appendValue(text, it.value());
            separator = ", ";
        }
        text += '}';
        break;
    }
    default:
        text += "null";
    }
}

} // namespace

void JsonText::startMember()
{
    if (m_levels.isEmpty()) {
        return;
    }
    Level &level = m_levels.last();
    if (!level.isEmpty) {
        m_text += level.isOneLine || level.continues ? ", " : ",";
    }
    if (!level.isOneLine && !level.continues) {
        m_text += '\n';
        m_text.append(2 * m_levels.size(), ' ');
    }
    level.isEmpty = false;
}

void JsonText::startMember(const char *key)
{
    startMember();
    if (key) {
        m_text += '"';
        m_text += key;
        m_text += "\": ";
    }
}

void JsonText::open(const char *key, char bracket, Layout layout)
{
    startMember(key);
    m_text += bracket;
    const bool isInOneLine = !m_levels.isEmpty() && m_levels.last().isOneLine;
    m_levels.append({layout == Layout::OneLine || isInOneLine, true, false});
}

void JsonText::close(char bracket)
{
    const Level level = m_levels.takeLast();
    if (!level.isOneLine && !level.isEmpty) {
        m_text += '\n';
        m_text.append(2 * m_levels.size(), ' ');
    }
    m_text += bracket;
}

void JsonText::beginObject(const char *key, Layout layout)
{
    open(key, '{', layout);
}

void JsonText::beginMember(const QString &key)
{
    startMember();
    appendQuoted(m_text, key);
    m_text += ": {";
    m_levels.append({m_levels.last().isOneLine, true, false});
}

void JsonText::endObject()
{
    close('}');
}

void JsonText::beginList(const char *key, Layout layout)
{
    open(key, '[', layout);
}

void JsonText::endList()
{
    close(']');
}

void JsonText::value(const char *key, const QString &text)
{
    startMember(key);
    appendQuoted(m_text, text);
}

void JsonText::value(const char *key, int number)
{
    startMember(key);
    m_text += QByteArray::number(number);
}

void JsonText::value(const char *key, bool flag)
{
    startMember(key);
    m_text += flag ? "true" : "false";
}

void JsonText::value(const char *key, const QJsonValue &value)
{
    startMember(key);
    appendValue(m_text, value);
}

void JsonText::item(int number)
{
    startMember();
    m_text += QByteArray::number(number);
}

void JsonText::members(const QJsonObject &object)
{
    for (auto it = object.begin(); it != object.end(); ++it) {
        startMember();
        appendQuoted(m_text, it.key());
        m_text += ": ";
        appendValue(m_text, it.value());
    }
}

} // namespace nabblet

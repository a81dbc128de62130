#include "core/file/json_text.h"

#include <QJsonArray>
#include <QJsonObject>

namespace nabblet {

namespace {

void appendQuoted(QString &text, const QString &value)
{
    text += u'"';
    for (const QChar c : value) {
        switch (c.unicode()) {
        case u'"':
            text += QLatin1String("\\\"");
            break;
        case u'\\':
            text += QLatin1String("\\\\");
            break;
        case u'\n':
            text += QLatin1String("\\n");
            break;
        case u'\t':
            text += QLatin1String("\\t");
            break;
        case u'\r':
            text += QLatin1String("\\r");
            break;
        default:
            if (c.unicode() < 0x20 || c.isSurrogate()) {
                // Surrogates are escaped one by one, so that half a pair, which UTF-8 cannot hold, survives too.
                text += QStringLiteral("\\u%1").arg(static_cast<int>(c.unicode()), 4, 16, QLatin1Char('0'));
            } else {
                text += c;
            }
        }
    }
    text += u'"';
}

void appendValue(QString &text, const QJsonValue &value)
{
    switch (value.type()) {
    case QJsonValue::Bool:
        text += QLatin1String(value.toBool() ? "true" : "false");
        break;
    case QJsonValue::Double: {
        const qint64 whole = value.toInteger(std::numeric_limits<qint64>::min());
        text += whole != std::numeric_limits<qint64>::min()
                    ? QString::number(whole)
                    : QString::number(value.toDouble(), 'g', QLocale::FloatingPointShortest);
        break;
    }
    case QJsonValue::String:
        appendQuoted(text, value.toString());
        break;
    case QJsonValue::Array: {
        text += u'[';
        bool isFirst = true;
        const QJsonArray items = value.toArray();
        for (const QJsonValue &item : items) {
            text += QLatin1String(isFirst ? "" : ", ");
            appendValue(text, item);
            isFirst = false;
        }
        text += u']';
        break;
    }
    case QJsonValue::Object: {
        text += u'{';
        bool isFirst = true;
        const QJsonObject object = value.toObject();
        for (auto it = object.begin(); it != object.end(); ++it) {
            text += QLatin1String(isFirst ? "" : ", ");
            appendQuoted(text, it.key());
            text += QLatin1String(": ");
            appendValue(text, it.value());
            isFirst = false;
        }
        text += u'}';
        break;
    }
    default:
        text += QLatin1String("null");
    }
}

} // namespace

void JsonText::startMember(const QString &key)
{
    if (!m_levels.isEmpty()) {
        Level &level = m_levels.last();
        if (!level.isEmpty) {
            m_text += QLatin1String(level.isOneLine ? ", " : ",");
        }
        if (!level.isOneLine) {
            m_text += u'\n' + QString(2 * m_levels.size(), u' ');
        }
        level.isEmpty = false;
    }
    if (!key.isEmpty()) {
        appendQuoted(m_text, key);
        m_text += QLatin1String(": ");
    }
}

void JsonText::open(const QString &key, QChar bracket, Layout layout)
{
    startMember(key);
    m_text += bracket;
    const bool isInOneLine = !m_levels.isEmpty() && m_levels.last().isOneLine;
    m_levels.append({layout == Layout::OneLine || isInOneLine, true});
}

void JsonText::close(QChar bracket)
{
    const Level level = m_levels.takeLast();
    if (!level.isOneLine && !level.isEmpty) {
        m_text += u'\n' + QString(2 * m_levels.size(), u' ');
    }
    m_text += bracket;
}

void JsonText::beginObject(const QString &key, Layout layout)
{
    open(key, u'{', layout);
}

void JsonText::endObject()
{
    close(u'}');
}

void JsonText::beginList(const QString &key, Layout layout)
{
    open(key, u'[', layout);
}

void JsonText::endList()
{
    close(u']');
}

void JsonText::value(const QString &key, const QJsonValue &value)
{
    startMember(key);
    appendValue(m_text, value);
}

void JsonText::item(const QJsonValue &value)
{
    startMember({});
    appendValue(m_text, value);
}

void JsonText::members(const QJsonObject &object)
{
    for (auto it = object.begin(); it != object.end(); ++it) {
        value(it.key(), it.value());
    }
}

} // namespace nabblet

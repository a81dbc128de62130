// What is typed and not saved, as text that can be kept and taken up again.
#include "data/dialect/raw_text.h"
#include "entry/session/entry_session.h"

#include <QJsonArray>

namespace nabblet {

namespace {

QString key(const char *name)
{
    return QString::fromLatin1(name);
}

// Values with their types: whole numbers as texts, since JSON's numbers are not exact beyond 2^53.
QJsonValue asJson(const QVariant &value)
{
    if (value.isNull()) {
        return QJsonValue();
    }
    if (isRawText(value)) {
        return QJsonObject{{key("rawText"), QString::fromLatin1(value.value<RawText>().bytes.toBase64())}};
    }
    switch (value.typeId()) {
    case QMetaType::QByteArray:
        return QJsonObject{{key("bytes"), QString::fromLatin1(value.toByteArray().toBase64())}};
    case QMetaType::Bool:
    case QMetaType::Int:
    case QMetaType::UInt:
    case QMetaType::LongLong:
        return QJsonObject{{key("whole"), QString::number(value.toLongLong())}};
    case QMetaType::Double:
        return QJsonObject{{key("number"), QString::number(value.toDouble(), 'g', QLocale::FloatingPointShortest)}};
    default:
        return value.toString();
    }
}

QVariant fromJson(const QJsonValue &json)
{
    if (json.isString()) {
        return json.toString();
    }
    const QJsonObject typed = json.toObject();
    if (typed.contains(key("whole"))) {
        return QVariant(typed.value(key("whole")).toString().toLongLong());
    }
    if (typed.contains(key("number"))) {
        return QVariant(typed.value(key("number")).toString().toDouble());
    }
    if (typed.contains(key("bytes"))) {
        return QByteArray::fromBase64(typed.value(key("bytes")).toString().toLatin1());
    }
    if (typed.contains(key("rawText"))) {
        return QVariant::fromValue(RawText{QByteArray::fromBase64(typed.value(key("rawText")).toString().toLatin1())});
    }
    return {};
}

QJsonArray asJson(const QVariantList &values)
{
    QJsonArray array;
    for (const QVariant &value : values) {
        array.append(asJson(value));
    }
    return array;
}

QVariantList valuesFrom(const QJsonValue &json)
{
    QVariantList values;
    for (const QJsonValue &each : json.toArray()) {
        values.append(fromJson(each));
    }
    return values;
}

} // namespace

QJsonObject EntrySession::typedAsJson() const
{
    QJsonObject typed{{key("record"), recordWords()}, {key("new"), m_state.record.isNew}};
    if (m_state.record.row && !m_state.record.isNew) {
        typed.insert(key("key"), asJson(m_state.record.row->key));
        typed.insert(key("columns"), QJsonArray::fromStringList(m_state.source.columns));
        typed.insert(key("asRead"), asJson(m_state.record.row->values));
    }
    QJsonObject boxes;
    for (auto pending = m_state.record.typed.constBegin(); pending != m_state.record.typed.constEnd(); ++pending) {
        boxes.insert(pending.key(), QJsonObject{{key("value"), asJson(pending->value)},
                                                {key("words"), pending->words},
                                                {key("mistake"), pending->mistake}});
    }
    typed.insert(key("typed"), boxes);
    QJsonObject rows;
    for (const auto &[id, child] : m_children) {
        const Control *control = m_state.form.controls.find(id);
        if (control && child->hasUnsaved()) {
            rows.insert(control->name, child->typedAsJson());
        }
    }
    typed.insert(key("rows"), rows);
    if (m_rowSession && m_rowSession->hasUnsaved()) {
        typed.insert(key("wholeRow"), m_rowSession->typedAsJson());
    }
    return typed;
}

bool EntrySession::takeTyped(const QJsonObject &typed)
{
    if (!m_state.isStarted || !leave()) {
        return false;
    }
    const QJsonObject boxes = typed.value(key("typed")).toObject();
    if (typed.value(key("new")).toBool()) {
        if (!m_state.record.isNew && !add()) {
            return false;
        }
    } else if (!typed.contains(key("key"))) {
        return boxes.isEmpty();
    } else if (!goToKey(valuesFrom(typed.value(key("key"))))) {
        return false;
    }
    for (auto box = boxes.constBegin(); box != boxes.constEnd(); ++box) {
        const QJsonObject kept = box.value().toObject();
        m_state.record.typed.insert(box.key(),
                                    TypedValue{fromJson(kept.value(key("value"))), kept.value(key("words")).toString(),
                                               kept.value(key("mistake")).toString()});
    }
    if (m_state.record.row && !m_state.record.isNew && !m_state.record.typed.isEmpty()) {
        // As it was read then, so that saving notices what others changed since.
        RecordSource before;
        for (const QJsonValue &column : typed.value(key("columns")).toArray()) {
            before.columns.append(column.toString());
        }
        m_state.record.row = remapped({m_state.record.row->key, valuesFrom(typed.value(key("asRead")))}, before);
    }
    bool isWhole = true;
    const QJsonObject rows = typed.value(key("rows")).toObject();
    for (const Control &control : m_state.form.controls) {
        if (rows.contains(control.name)) {
            EntrySession *child = childOf(control);
            isWhole = child && child->takeTyped(rows.value(control.name).toObject()) && isWhole;
        }
    }
    if (typed.contains(key("wholeRow"))) {
        isWhole = rowSession() && rowSession()->takeTyped(typed.value(key("wholeRow")).toObject()) && isWhole;
    }
    Q_EMIT recordChanged();
    Q_EMIT pendingChanged();
    return isWhole;
}

} // namespace nabblet

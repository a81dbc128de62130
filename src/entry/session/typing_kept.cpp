// What is typed and not saved, as text that can be kept and taken up again.
#include "data/dialect/raw_text.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"
#include "entry/session/typing.h"

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

QJsonObject Typing::asJson() const
{
    const EntryState &state = m_parts.state;
    const RecordInHand &record = state.record;
    QJsonObject kept{{key("record"), m_parts.values.recordWords()}, {key("new"), record.isNew}};
    if (state.key()) {
        kept.insert(key("key"), nabblet::asJson(record.row->key));
        kept.insert(key("columns"), QJsonArray::fromStringList(state.source.columns));
        kept.insert(key("asRead"), nabblet::asJson(record.row->values));
    }
    QJsonObject boxes;
    for (auto pending = record.typed.constBegin(); pending != record.typed.constEnd(); ++pending) {
        if (pending->isWorkedOut) {
            continue; // worked out anew
        }
        boxes.insert(pending.key(), QJsonObject{{key("value"), nabblet::asJson(pending->value)},
                                                {key("words"), pending->words},
                                                {key("mistake"), pending->mistake}});
    }
    kept.insert(key("typed"), boxes);
    QJsonObject rows;
    for (const Control &control : state.form.controls) {
        if (const EntrySession *child = m_parts.children.made(control.id); child && child->hasUnsaved()) {
            rows.insert(control.name, child->typing().asJson());
        }
    }
    kept.insert(key("rows"), rows);
    if (const EntrySession *row = m_parts.row.made(); row && row->hasUnsaved()) {
        kept.insert(key("wholeRow"), row->typing().asJson());
    }
    return kept;
}

bool Typing::takeUp(const QJsonObject &kept)
{
    const EntryState &state = m_parts.state;
    if (!state.isStarted || !m_parts.moves.leave()) {
        return false;
    }
    const QJsonObject boxes = kept.value(key("typed")).toObject();
    if (kept.value(key("new")).toBool()) {
        if (!state.record.isNew && !m_parts.moves.add()) {
            return false;
        }
    } else if (!kept.contains(key("key"))) {
        return boxes.isEmpty();
    } else if (!m_parts.moves.goToKey(valuesFrom(kept.value(key("key"))))) {
        return false;
    }
    for (auto box = boxes.constBegin(); box != boxes.constEnd(); ++box) {
        const QJsonObject each = box.value().toObject();
        m_parts.changes.setTyped(box.key(),
                                 TypedValue{fromJson(each.value(key("value"))), each.value(key("words")).toString(),
                                            each.value(key("mistake")).toString()});
    }
    m_parts.workingOut.bringUpToDate();
    if (state.key() && state.isChanged()) {
        // As it was read then, so that saving notices what others changed since.
        QStringList columns;
        for (const QJsonValue &column : kept.value(key("columns")).toArray()) {
            columns.append(column.toString());
        }
        const Row asRead{state.record.row->key, valuesFrom(kept.value(key("asRead")))};
        m_parts.changes.setRow(state.remapped(asRead, columns));
    }
    bool isWhole = true;
    const QJsonObject rows = kept.value(key("rows")).toObject();
    for (const Control &control : state.form.controls) {
        if (rows.contains(control.name)) {
            EntrySession *child = m_parts.children.of(control);
            isWhole = child && child->typing().takeUp(rows.value(control.name).toObject()) && isWhole;
        }
    }
    if (kept.contains(key("wholeRow"))) {
        EntrySession *row = m_parts.row.get();
        isWhole = row && row->typing().takeUp(kept.value(key("wholeRow")).toObject()) && isWhole;
    }
    Q_EMIT m_parts.session.recordChanged();
    Q_EMIT m_parts.session.pendingChanged();
    return isWhole;
}

} // namespace nabblet

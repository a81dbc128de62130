// Values as they are bound to statements of servers.
#pragma once

#include <QByteArray>
#include <QString>
#include <QVariant>

namespace nabblet {

// As Qt's drivers have it: a text or bytes that are nothing at all are NULL, empty ones are not.
inline bool isMissing(const QVariant &value)
{
    return value.isNull() || (value.typeId() == QMetaType::QString && value.toString().isNull()) ||
           (value.typeId() == QMetaType::QByteArray && value.toByteArray().isNull());
}

} // namespace nabblet

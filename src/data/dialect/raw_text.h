// Text that is stored in no encoding that can be read, byte for byte: shown as well as it can be, compared and given
// back exactly as it stands.
#pragma once

#include <QByteArray>
#include <QMetaType>
#include <QVariant>

namespace nabblet {

struct RawText
{
    QByteArray bytes;

    bool operator==(const RawText &) const = default;
};

// Makes QVariant::toString() know it. May be called any number of times.
void registerRawText();

bool isRawText(const QVariant &value);

} // namespace nabblet

Q_DECLARE_METATYPE(nabblet::RawText)

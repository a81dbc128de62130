#include "data/dialect/raw_text.h"

#include <QString>

namespace nabblet {

void registerRawText()
{
    if (!QMetaType::hasRegisteredConverterFunction<RawText, QString>()) {
        QMetaType::registerConverter<RawText, QString>(
            [](const RawText &text) { return QString::fromUtf8(text.bytes); });
    }
}

bool isRawText(const QVariant &value)
{
    return value.typeId() == qMetaTypeId<RawText>();
}

} // namespace nabblet

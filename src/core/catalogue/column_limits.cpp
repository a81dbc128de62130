#include "core/catalogue/column_limits.h"

#include "core/text/number_words.h"
#include "core/text/tr.h"

#include <cmath>

namespace nabblet {

QString whyItDoesNotFit(const Column &column, const QVariant &value, const QLocale &locale)
{
    if (value.isNull() || value.typeId() == QMetaType::QByteArray) {
        return {};
    }
    if (column.type == ColumnType::Text && column.length) {
        const qsizetype letters = value.toString().toUcs4().size();
        return letters > *column.length
                   ? Texts::tr("At most %L1 letters go here; these are %L2").arg(*column.length).arg(letters)
                   : QString();
    }
    const bool isNumber = value.typeId() == QMetaType::LongLong || value.typeId() == QMetaType::Int ||
                          value.typeId() == QMetaType::Double;
    if (!isNumber) {
        return {};
    }
    const double number = value.toDouble();
    if (column.type == ColumnType::WholeNumber && number != std::floor(number)) {
        return Texts::tr("A whole number is needed here: leave out the decimals");
    }
    if (column.least && number < *column.least) {
        return Texts::tr("%1 is the least that goes here").arg(numberInWords(*column.least, 0, locale));
    }
    if (column.most && number > *column.most) {
        return Texts::tr("%1 is the most that goes here").arg(numberInWords(*column.most, 0, locale));
    }
    if (column.type == ColumnType::DecimalNumber && column.decimals) {
        // By its shortest decimal writing, as a person typed it: 0.1 has one decimal, however it is held.
        const QString written = QString::number(number, 'f', QLocale::FloatingPointShortest);
        const qsizetype point = written.indexOf(u'.');
        const qsizetype decimals = point < 0 ? 0 : written.size() - point - 1;
        if (decimals > *column.decimals) {
            return *column.decimals == 0 ? Texts::tr("Leave out the decimals here")
                   : *column.decimals == 1
                       ? Texts::tr("At most one digit goes behind the point here")
                       : Texts::tr("At most %L1 digits go behind the point here").arg(*column.decimals);
        }
    }
    return {};
}

} // namespace nabblet

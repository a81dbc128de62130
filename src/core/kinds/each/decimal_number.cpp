#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/text/number_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    return numberBox(control, shown, look);
}

QString words(const Control &control, const QVariant &value, const QLocale &locale)
{
    return numberInWords(value, decimalPlaces(control).value_or(0), locale, thousandsOf(control));
}

Result<QVariant> read(const Control &control, const QString &typed, const QLocale &locale)
{
    const NumberLimits limits = numberLimits(control);
    return withinLimits(readDecimalNumber(typed, locale, thousandsOf(control)), limits.least, limits.most, locale);
}

} // namespace

Kind decimalNumberKind()
{
    return {QStringLiteral("decimal-number"),
            Texts::later("Decimal number"),
            QStringLiteral("number"),
            Editor::Line,
            {ColumnType::DecimalNumber, ColumnType::WholeNumber, ColumnType::Text},
            QSize(88, 24),
            valueSettings() + lineSettings() +
                QList<const AnySetting *>{&setting::Prompt, &setting::Decimals, &setting::Least, &setting::Most,
                                          &setting::PartsThousands, &setting::Arrows},
            draw,
            words,
            read};
}

} // namespace nabblet

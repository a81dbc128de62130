#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/dates.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/text/date_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    return openingBox(control, shown, look, GlyphShape::Calendar);
}

QString words(const Control &control, const QVariant &value, const QLocale &locale)
{
    return dateInWords(value, locale, dateShapeOf(control));
}

Result<QVariant> read(const Control &, const QString &typed, const QLocale &locale)
{
    return readDate(typed, locale);
}

} // namespace

Kind dateKind()
{
    return {QStringLiteral("date"),
            Texts::later("Date"),
            QStringLiteral("date"),
            Editor::Line,
            {ColumnType::Date, ColumnType::Text},
            QSize(112, 24),
            valueSettings() + lineSettings() + QList<const AnySetting *>{&setting::Prompt, &setting::Dates},
            draw,
            words,
            read};
}

} // namespace nabblet

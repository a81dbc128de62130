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
    return dateTimeInWords(value, locale, dateShapeOf(control));
}

Result<QVariant> read(const Control &, const QString &typed, const QLocale &locale)
{
    return readDateTime(typed, locale);
}

} // namespace

Kind dateTimeKind()
{
    return {QStringLiteral("date-time"),
            Texts::later("Date and time"),
            QStringLiteral("moment"),
            Editor::Line,
            {ColumnType::DateTime, ColumnType::Text},
            QSize(152, 24),
            valueSettings() + lineSettings() + QList<const AnySetting *>{&setting::Prompt, &setting::Dates},
            draw,
            words,
            read};
}

} // namespace nabblet

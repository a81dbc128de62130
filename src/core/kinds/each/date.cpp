#include "core/kinds/kind_table.h"

#include "core/kinds/box_parts.h"
#include "core/text/date_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown)
{
    return openingBox(control, shown, GlyphShape::Calendar);
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
            QT_TRANSLATE_NOOP("Kinds", "Date"),
            QStringLiteral("date"),
            Editor::Line,
            {ColumnType::Date, ColumnType::Text},
            QSize(112, 24),
            draw,
            words,
            read};
}

} // namespace nabblet

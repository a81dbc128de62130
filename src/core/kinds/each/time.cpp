#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/text/date_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    return lineBox(control, shown, look, false);
}

QString words(const Control &, const QVariant &value, const QLocale &locale)
{
    return timeInWords(value, locale);
}

Result<QVariant> read(const Control &, const QString &typed, const QLocale &locale)
{
    return readTime(typed, locale);
}

} // namespace

Kind timeKind()
{
    return {QStringLiteral("time"),
            Texts::later("Time"),
            QStringLiteral("time"),
            Editor::Line,
            {ColumnType::Time, ColumnType::Text},
            QSize(72, 24),
            valueSettings() + lineSettings() + QList<const AnySetting *>{&setting::Prompt},
            draw,
            words,
            read};
}

} // namespace nabblet

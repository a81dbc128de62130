#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    return lineBox(control, shown, look, false);
}

Result<QVariant> read(const Control &control, const QString &typed, const QLocale &)
{
    return readText(control, typed);
}

} // namespace

Kind textBoxKind()
{
    return {QStringLiteral("text-box"),
            Texts::later("Text box"),
            QStringLiteral("text"),
            Editor::Line,
            {ColumnType::Text, ColumnType::WholeNumber, ColumnType::DecimalNumber, ColumnType::Date, ColumnType::Time,
             ColumnType::DateTime},
            QSize(160, 24),
            valueSettings() + lineSettings() + QList<const AnySetting *>{&setting::Prompt, &setting::Length},
            draw,
            wordsAsStored,
            read};
}

} // namespace nabblet

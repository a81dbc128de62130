#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    TextStroke text = boxText(control, shown, look, false);
    const int padding = longTextPadding(control, paddingOf(look));
    text.rect.adjust(0, padding, 0, -padding);
    text.wraps = true;
    return {boxOutline(control, shown, look), text};
}

Result<QVariant> read(const Control &control, const QString &typed, const QLocale &)
{
    return readText(control, typed);
}

} // namespace

Kind longTextKind()
{
    return {QStringLiteral("long-text"),
            Texts::later("Long text"),
            QStringLiteral("notes"),
            Editor::LongText,
            {ColumnType::Text},
            QSize(320, 72),
            valueSettings() + QList<const AnySetting *>{&setting::Prompt, &setting::Length},
            draw,
            wordsAsStored,
            read};
}

} // namespace nabblet

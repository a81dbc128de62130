#include "core/kinds/kind_table.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown)
{
    TextStroke text = boxText(control, shown, TextAlign::Left);
    if (!shown.words.isEmpty()) {
        text.ink = Ink::LinkText;
        text.isUnderlined = true;
    }
    Picture picture = boxWithMarks(control, shown);
    picture.append(text);
    return picture;
}

Result<QVariant> read(const Control &control, const QString &typed, const QLocale &)
{
    return readText(control, typed);
}

} // namespace

Kind linkKind()
{
    return {QStringLiteral("link"),
            QT_TRANSLATE_NOOP("Kinds", "Link"),
            QStringLiteral("link"),
            Editor::Line,
            {ColumnType::Text},
            QSize(240, 24),
            draw,
            wordsAsStored,
            read};
}

} // namespace nabblet

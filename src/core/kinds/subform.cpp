#include "core/kinds/kind_table.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

// The frame. What stands in it is a form of its own, painted by whoever knows its rows.
Picture draw(const Control &control, const Shown &shown)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.fill = Ink::Paper;
    box.outline = shown.state == BoxState::Focused ? Ink::Accent : Ink::FieldOutline;
    return {box};
}

} // namespace

Kind subformKind()
{
    return {QStringLiteral("subform"),
            QT_TRANSLATE_NOOP("Kinds", "Subform"),
            QStringLiteral("rows"),
            Editor::Rows,
            {},
            QSize(480, 160),
            draw,
            wordsAsStored,
            readNothing};
}

} // namespace nabblet

#include "core/kinds/kind_table.h"

#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

// A thin line through the middle, level or upright, whichever way it is longer.
Picture draw(const Control &control, const Shown &)
{
    const QSize size = control.place.size();
    BoxStroke line;
    line.rect = size.width() >= size.height() ? QRect(0, size.height() / 2, size.width(), 1)
                                              : QRect(size.width() / 2, 0, 1, size.height());
    line.fill = line.outline = Ink::FieldOutline;
    line.radius = 0;
    return {line};
}

} // namespace

Kind lineKind()
{
    return {QStringLiteral("line"),
            QT_TRANSLATE_NOOP("Kinds", "Line"),
            QStringLiteral("line"),
            Editor::None,
            {},
            QSize(240, 8),
            {},
            draw,
            wordsAsStored,
            readNothing};
}

} // namespace nabblet

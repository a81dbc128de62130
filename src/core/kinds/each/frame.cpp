#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

// An outline through which the form shows; it holds nothing, and what stands on it stays where it is.
Picture draw(const Control &control, const Shown &, const Look &look)
{
    return {groupFrame(QRect(QPoint(0, 0), control.place.size()), look)};
}

} // namespace

Kind frameKind()
{
    Kind kind{QStringLiteral("frame"),
              Texts::later("Frame"),
              QStringLiteral("frame"),
              Editor::None,
              {},
              QSize(240, 120),
              {},
              draw,
              wordsAsStored,
              readNothing};
    kind.casing = Casing::Frame;
    kind.hasWords = false;
    return kind;
}

} // namespace nabblet

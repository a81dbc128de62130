#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/head_height.h"
#include "core/kinds/settings/height_at_work.h"
#include "core/kinds/text_words.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Inside = 8; // px kept free inside the frame

// A thin frame through which the form shows, its heading inside at the top.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    if (!isFramed(control)) {
        return {};
    }
    const BoxStroke frame = groupFrame(QRect(QPoint(0, 0), control.place.size()), look);
    TextStroke heading;
    heading.rect =
        QRect(Inside, 0, control.place.width() - 2 * Inside, std::min(headHeight(control), control.place.height()));
    heading.text = shown.words;
    heading.role = TextRole::Heading;
    heading.ink = Ink::HeadingText;
    heading.align = alignIn(control, look, TextAlign::Left);
    return {frame, heading};
}

Insets insets(const Control &control, int)
{
    if (!isFramed(control)) {
        return {};
    }
    return {Inside, control.text.isEmpty() ? Inside : headHeight(control), Inside, Inside};
}

} // namespace

Kind scrollAreaKind()
{
    Kind kind = groupBoxKind();
    kind.name = QStringLiteral("scroll-area");
    kind.title = Texts::later("Scrolling area");
    kind.shortName = QStringLiteral("area");
    kind.scrolls = true;
    kind.settings.append(&setting::HeightAtWork);
    return kind;
}

Kind groupBoxKind()
{
    Kind kind{QStringLiteral("group-box"),
              Texts::later("Group box"),
              QStringLiteral("group"),
              Editor::None,
              {},
              QSize(320, 160),
              {&setting::Framed, &setting::Align, &setting::HeadHeight},
              draw,
              wordsAsStored,
              readNothing,
              Holds::Controls,
              insets};
    kind.casing = Casing::Frame;
    kind.role = TextRole::Heading;
    return kind;
}

} // namespace nabblet

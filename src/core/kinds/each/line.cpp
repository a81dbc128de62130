#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/text_words.h"
#include "core/look_settings/look_setting_table.h"

#include <algorithm>

namespace nabblet {

namespace {

// A thin line through the middle, level or upright, whichever way it is longer.
Picture draw(const Control &control, const Shown &, const Look &look)
{
    const QSize size = control.place.size();
    const int weight = std::max(1, lookFigure(look, groupLine()));
    BoxStroke line;
    line.rect = size.width() >= size.height() ? QRect(0, (size.height() - weight + 1) / 2, size.width(), weight)
                                              : QRect((size.width() - weight + 1) / 2, 0, weight, size.height());
    line.fill = line.outline = Ink::GroupOutline;
    line.isOutlined = false;
    line.radius = 0;
    return {line};
}

} // namespace

Kind lineKind()
{
    Kind kind{
        QStringLiteral("line"), Texts::later("Line"), QStringLiteral("line"), Editor::None, {}, QSize(240, 8), {}, draw,
        wordsAsStored,          readNothing};
    kind.casing = Casing::None;
    kind.hasWords = false;
    kind.takesGround = false;
    return kind;
}

} // namespace nabblet

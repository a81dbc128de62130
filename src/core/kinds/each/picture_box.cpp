#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    const QRect whole(QPoint(0, 0), control.place.size());
    if (const QByteArray fixed = fixedImage(control); !fixed.isEmpty()) {
        return {ImageStroke{whole, fixed}}; // a logo lies on the band without a box
    }
    Picture picture{boxOutline(control, shown, look)};
    const QRect inside = whole.adjusted(4, 4, -4, -4);
    if (shown.image.isEmpty()) {
        QRect sign(0, 0, 24, 24);
        sign.moveCenter(inside.center());
        picture.append(GlyphStroke{sign, GlyphShape::Landscape, Ink::Faint});
    } else {
        picture.append(ImageStroke{inside, shown.image});
    }
    return picture;
}

} // namespace

Kind pictureBoxKind()
{
    Kind kind{QStringLiteral("picture"),
              Texts::later("Picture"),
              QStringLiteral("picture"),
              Editor::Image,
              {ColumnType::Binary},
              QSize(120, 96),
              {&setting::Locked, &setting::Follows, &setting::Image},
              draw,
              wordsAsStored,
              readNothing};
    kind.hasWords = false;
    return kind;
}

} // namespace nabblet

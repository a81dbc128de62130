#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/text_words.h"
#include "core/text/number_words.h"

#include <cmath>

namespace nabblet {

namespace {

// A figure that nobody types: words on the band, no box to invite typing; a line above as under a column of figures.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    const QSize size = control.place.size();
    BoxStroke line;
    line.rect = QRect(0, 0, size.width(), 1);
    line.fill = line.outline = Ink::CaptionText;
    line.radius = 0;
    line.isOutlined = false;
    TextStroke text;
    text.rect = QRect(paddingOf(look), 0, size.width() - 2 * paddingOf(look), size.height());
    text.text = shown.words;
    text.role = TextRole::Caption;
    text.ink = Ink::FieldText;
    text.align = alignIn(control, look, true);
    return {line, text};
}

QString words(const Control &control, const QVariant &value, const QLocale &locale)
{
    // Sums of fractions carry noise far behind the point; a total shows as many places as its column.
    const int places = decimalPlaces(control).value_or(value.typeId() == QMetaType::Double ? 2 : 0);
    if (value.typeId() == QMetaType::Double) {
        const double scale = std::pow(10.0, places);
        return numberInWords(std::round(value.toDouble() * scale) / scale, places, locale, thousandsOf(control));
    }
    return numberInWords(value, places, locale, thousandsOf(control));
}

} // namespace

Kind totalKind()
{
    Kind kind{QStringLiteral("total"),
              Texts::later("Total"),
              QStringLiteral("total"),
              Editor::None,
              {},
              QSize(96, 24),
              {&setting::WorksOut, &setting::Decimals, &setting::PartsThousands, &setting::Align},
              draw,
              words,
              readNothing};
    kind.isWorkedOut = true;
    kind.casing = Casing::None;
    kind.role = TextRole::Caption;
    return kind;
}

} // namespace nabblet

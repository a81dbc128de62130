#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/option_places.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"

#include <algorithm>
#include <numeric>

namespace nabblet {

namespace {

// A round box for each option, filled for the one that is on; side by side, or under one another where the control is
// tall.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    Picture picture;
    const QList<Choice> choices = fixedChoices(control);
    if (choices.isEmpty()) {
        return lineBox(control, shown, look, false); // nothing to choose from yet
    }
    const QList<QRect> places = optionPlaces(control);
    const int side = signScaled(control, OptionSign);
    for (qsizetype i = 0; i < choices.size(); ++i) {
        const QRect place = places.at(i);
        Control round = control;
        round.place = QRect(0, 0, side, side);
        BoxStroke box = boxOutline(round, shown, look);
        box.rect = QRect(place.x(), place.y() + (place.height() - side) / 2, side, side);
        box.radius = side / 2;
        box.outlineWidth = 1;
        picture.append(box);
        if (!shown.isMissing && choices.at(i).words == shown.words) {
            BoxStroke dot;
            const int around = signScaled(control, 4);
            dot.rect = box.rect.marginsRemoved(QMargins(around, around, around, around));
            dot.radius = dot.rect.width() / 2;
            dot.fill = dot.outline = Ink::Accent;
            picture.append(dot);
        }
        TextStroke words;
        words.rect = place.adjusted(side + OptionSignGap, 0, 0, 0);
        words.text = choices.at(i).words;
        words.ink = Ink::FieldText;
        picture.append(words);
    }
    if (shown.state == BoxState::Focused) {
        BoxStroke line;
        line.rect = QRect(0, control.place.height() - 2, control.place.width(), 2);
        line.fill = line.outline = Ink::Accent;
        line.radius = 0;
        picture.append(line);
    }
    return picture;
}

QString words(const Control &control, const QVariant &value, const QLocale &)
{
    return choiceWords(control, value);
}

} // namespace

QList<QRect> optionPlaces(const Control &control)
{
    const QList<Choice> choices = fixedChoices(control);
    const int count = static_cast<int>(choices.size());
    const QSize size = control.place.size();
    const int oneLine = signScaled(control, OptionLine);
    if (count == 0) {
        return {};
    }
    const int lines = std::clamp(size.height() / oneLine, 1, count);
    const int columns = (count + lines - 1) / lines;
    const int lineHeight = lines == 1 ? size.height() : oneLine;
    // Each column is as wide as its share of the letters asks for.
    QList<int> letters(columns, 0);
    for (int i = 0; i < count; ++i) {
        int &widest = letters[i % columns];
        widest = std::max(widest, static_cast<int>(choices.at(i).words.size()) + OptionLetters);
    }
    const int all = std::accumulate(letters.begin(), letters.end(), 0);
    QList<QRect> places;
    int x = 0;
    for (int i = 0; i < count; ++i) {
        x = i % columns == 0 ? 0 : x;
        const int width = size.width() * letters.at(i % columns) / all;
        places.append(QRect(x, i / columns * oneLine, width, lineHeight));
        x += width;
    }
    return places;
}

Kind optionSetKind()
{
    Kind kind{QStringLiteral("option-set"),
              Texts::later("Option set"),
              QStringLiteral("options"),
              Editor::Options,
              {ColumnType::Text, ColumnType::WholeNumber},
              QSize(240, 24),
              valueSettings() + QList<const AnySetting *>{&setting::Choices, &setting::Choosing, &setting::SignScale},
              draw,
              words,
              readNothing};
    kind.casing = Casing::Sign;
    return kind;
}

} // namespace nabblet

#include "designer/colours/lately_colours.h"

#include "core/looks/colour_words.h"

#include <QSettings>

namespace nabblet {

namespace {

constexpr int MostKept = 9;
const QString Key = QStringLiteral("colours/lately");

} // namespace

QList<Colour> coloursTakenLately()
{
    QList<Colour> colours;
    const QStringList stored = QSettings().value(Key).toStringList();
    for (const QString &words : stored) {
        if (const Result<Colour> colour = readColour(words)) {
            colours.append(*colour);
        }
    }
    return colours;
}

void noteColourTaken(Colour colour)
{
    QStringList stored = QSettings().value(Key).toStringList();
    stored.removeAll(colourInWords(colour));
    stored.prepend(colourInWords(colour));
    QSettings().setValue(Key, QStringList(stored.mid(0, MostKept)));
}

} // namespace nabblet

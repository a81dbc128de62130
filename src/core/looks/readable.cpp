#include "core/looks/readable.h"

#include "core/looks/oklch.h"

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

double leastContrast(const QList<Colour> &grounds, Colour colour)
{
    double least = 21;
    for (const Colour ground : grounds) {
        least = std::min(least, contrast(colour, ground));
    }
    return least;
}

// The lightness nearest to that of a colour at which it can be read, upwards or downwards; nothing where there is none.
std::optional<Colour> readableTowards(const QList<Colour> &grounds, const Oklch &from, double ratio, double end)
{
    Oklch at = from;
    at.lightness = end;
    if (leastContrast(grounds, fromOklch(at)) < ratio) {
        return std::nullopt;
    }
    double near = from.lightness; // cannot be read there, but at `far`
    double far = end;
    constexpr double Close = 0.001;
    while (std::abs(far - near) > Close) {
        at.lightness = (near + far) / 2;
        (leastContrast(grounds, fromOklch(at)) < ratio ? near : far) = at.lightness;
    }
    at.lightness = far;
    return fromOklch(at);
}

QList<ReadablePair> pairsOf(std::initializer_list<Ink> inks, std::initializer_list<Ink> grounds, double ratio)
{
    QList<ReadablePair> pairs;
    for (const Ink ink : inks) {
        for (const Ink ground : grounds) {
            pairs.append({ink, ground, ratio});
        }
    }
    return pairs;
}

} // namespace

Colour readableOn(const QList<Colour> &grounds, Colour wanted, double ratio)
{
    if (leastContrast(grounds, wanted) >= ratio) {
        return wanted;
    }
    const Oklch from = toOklch(wanted);
    const std::optional<Colour> darker = readableTowards(grounds, from, ratio, 0);
    const std::optional<Colour> lighter = readableTowards(grounds, from, ratio, 1);
    if (darker && lighter) {
        return difference(*darker, wanted) <= difference(*lighter, wanted) ? *darker : *lighter;
    }
    if (darker || lighter) {
        return darker ? *darker : *lighter;
    }
    constexpr Colour Black = 0x000000;
    constexpr Colour White = 0xFFFFFF;
    return leastContrast(grounds, Black) >= leastContrast(grounds, White) ? Black : White;
}

const QList<ReadablePair> &readablePairs()
{
    using enum Ink;
    // Words first, then what is seen by its edge.
    static const QList<ReadablePair> all =
        pairsOf({CaptionText}, {Paper, BandTint, ChosenFill, RowTint, GroupFill, FieldFill, LockedFill}, TextContrast) +
        pairsOf({TitleText, HeadingText}, {Paper, BandTint, ChosenFill, GroupFill}, TextContrast) +
        pairsOf({FieldText}, {FieldFill, LockedFill, ChosenFill, Paper, BandTint, RowTint}, TextContrast) +
        pairsOf({MarkText}, {AlarmFill, WatchFill}, TextContrast) +
        pairsOf({Faint}, {FieldFill, Paper, BandTint, ButtonFill}, TextContrast) +
        pairsOf({ButtonText}, {ButtonFill}, TextContrast) + pairsOf({AccentText}, {Accent}, TextContrast) +
        pairsOf({LinkText}, {FieldFill, LockedFill}, TextContrast) +
        pairsOf({Alarm, Watch}, {Paper, FieldFill, BandTint}, TextContrast) +
        pairsOf({Steady, Accent}, {Paper, FieldFill, BandTint}, EdgeContrast) +
        pairsOf({Alarm}, {AlarmFill}, EdgeContrast) + pairsOf({Watch}, {WatchFill}, EdgeContrast) +
        pairsOf({FieldOutline}, {Paper, BandTint, FieldFill, RowTint}, EdgeContrast) +
        pairsOf({ButtonOutline}, {Paper, BandTint}, EdgeContrast);
    return all;
}

QList<ReadablePair> unreadablePairs(const Look &look, Theme theme)
{
    QList<ReadablePair> wrong;
    for (const ReadablePair &pair : readablePairs()) {
        if (contrast(colour(look, theme, pair.ink), colour(look, theme, pair.ground)) < pair.ratio) {
            wrong.append(pair);
        }
    }
    return wrong;
}

Look madeReadable(Look look, const QList<Ink> &keep)
{
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (const ReadablePair &pair : readablePairs()) {
            if (keep.contains(pair.ink)) {
                continue;
            }
            // All grounds of an ink together, so that what helps on one does not harm on another.
            QList<Colour> grounds;
            double ratio = 0;
            for (const ReadablePair &other : readablePairs()) {
                if (other.ink == pair.ink) {
                    grounds.append(colour(look, theme, other.ground));
                    ratio = std::max(ratio, other.ratio);
                }
            }
            setColour(look, theme, pair.ink, readableOn(grounds, colour(look, theme, pair.ink), ratio));
        }
    }
    return look;
}

} // namespace nabblet

#include "core/looks/pins/look_pin.h"

#include "core/kinds/kind.h"
#include "core/looks/colour_words.h"
#include "core/text/tr.h"

#include <QJsonObject>

namespace nabblet {

namespace {

const QString Between = QStringLiteral(" / ");

// The place of the stroke between two colours: not one of those inside brackets, where CSS has them too.
qsizetype strokeIn(const QString &words)
{
    int depth = 0;
    for (qsizetype i = 0; i < words.size(); ++i) {
        depth += words.at(i) == u'(' ? 1 : words.at(i) == u')' ? -1 : 0;
        if (depth == 0 && words.at(i) == u'/') {
            return i;
        }
    }
    return -1;
}

} // namespace

std::optional<TwoSided> readTwoSided(const QJsonValue &json)
{
    const QJsonObject sides = json.toObject();
    const Result<Colour> light =
        readColour(json.isString() ? json.toString() : sides.value(QLatin1String("light")).toString());
    if (!light) {
        return std::nullopt;
    }
    TwoSided colour{*light, std::nullopt};
    if (sides.contains(QLatin1String("dark"))) {
        const Result<Colour> dark = readColour(sides.value(QLatin1String("dark")).toString());
        if (!dark) {
            return std::nullopt;
        }
        colour.dark = *dark;
    }
    return colour;
}

QJsonValue writeTwoSided(const TwoSided &colour)
{
    const QString light = colourInWords(colour.light);
    return colour.dark ? QJsonValue(QJsonObject{{QStringLiteral("light"), light},
                                                {QStringLiteral("dark"), colourInWords(*colour.dark)}})
                       : QJsonValue(light);
}

Result<TwoSided> readTwoSidedWords(const QString &typed)
{
    const qsizetype stroke = strokeIn(typed);
    const Result<Colour> light = readColour(stroke < 0 ? typed : typed.left(stroke));
    if (!light) {
        return light.error();
    }
    TwoSided colour{*light, std::nullopt};
    if (stroke >= 0) {
        const Result<Colour> dark = readColour(typed.mid(stroke + 1));
        if (!dark) {
            return dark.error();
        }
        colour.dark = *dark;
    }
    return colour;
}

Result<ControlSettings> withColourTyped(ControlSettings settings, const ControlSetting<TwoSided> &setting,
                                        const QString &typed)
{
    settings.remove(setting);
    if (!typed.trimmed().isEmpty()) {
        const Result<TwoSided> colour = readTwoSidedWords(typed);
        if (!colour) {
            return colour.error();
        }
        settings.set(setting, *colour);
    }
    return settings;
}

QString twoSidedInWords(const TwoSided &colour)
{
    return colourInWords(colour.light) + (colour.dark ? Between + colourInWords(*colour.dark) : QString());
}

TextRole roleOf(const Control &control)
{
    return textRoleNamed(control.role, kindNamed(control.kind).role);
}

QList<SettingChoice> yesNoOrLook(const Control &, const Table *)
{
    return {{QString(), Texts::tr("as the look says")},
            {FlagOn, Texts::tr("yes")},
            {QStringLiteral("no"), Texts::tr("no")}};
}

bool showsWords(const Control &control)
{
    return kindNamed(control.kind).hasWords;
}

bool hasBox(const Control &control)
{
    return kindNamed(control.kind).casing != Casing::None;
}

bool takesFill(const Control &control)
{
    return kindNamed(control.kind).casing == Casing::Box;
}

bool mayHaveGround(const Control &control)
{
    return kindNamed(control.kind).takesGround;
}

} // namespace nabblet

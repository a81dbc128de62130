// Styles as a file of design tokens: a group for each, named by it, with a token for each part that it pins.
#include "core/file/json_reader.h"
#include "core/look_settings/look_setting.h"
#include "core/looks/colour_words.h"
#include "core/looks/files/look_book.h"
#include "core/looks/files/token_tree.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include <cmath>

namespace nabblet {

namespace {

const QString Group = QStringLiteral("style");

bool isOurs(PinToken token) // kept among the extensions, as the format has no type for it
{
    return token == PinToken::Word || token == PinToken::Flag;
}

const char *typeOf(PinToken token)
{
    switch (token) {
    case PinToken::Paint:
        return "color";
    case PinToken::Length:
    case PinToken::Share:
        return "dimension";
    case PinToken::Weight:
        return "fontWeight";
    case PinToken::Family:
        return "fontFamily";
    case PinToken::Word:
    case PinToken::Flag:
        break;
    }
    return "";
}

// What a setting has in a form file as a token, and back.
QJsonObject tokenOf(PinToken token, const QJsonValue &value)
{
    QJsonObject result{{QStringLiteral("$type"), QLatin1String(typeOf(token))}};
    if (token == PinToken::Paint) {
        const TwoSided colour = readTwoSided(value).value_or(TwoSided());
        result.insert(QStringLiteral("$value"), colourToken(colour.light));
        if (colour.dark) {
            const QJsonObject ours{{QStringLiteral("dark"), colourInWords(*colour.dark)}};
            result.insert(QStringLiteral("$extensions"), QJsonObject{{TokenExtension, ours}});
        }
    } else if (token == PinToken::Length) {
        result.insert(QStringLiteral("$value"), lengthToken(value.toInt()));
    } else if (token == PinToken::Share) {
        result.insert(QStringLiteral("$value"), lengthToken(value.toInt() / 100.0, true));
    } else {
        result.insert(QStringLiteral("$value"), value);
    }
    return result;
}

Result<QJsonValue> valueOf(PinToken token, const QJsonObject &stored)
{
    const QJsonValue value = stored.value(QLatin1String("$value"));
    if (token == PinToken::Paint) {
        const Result<Colour> light = readColourToken(value);
        if (!light) {
            return light.error();
        }
        TwoSided colour{*light, std::nullopt};
        const QJsonValue dark = stored.value(QLatin1String("$extensions"))
                                    .toObject()
                                    .value(TokenExtension)
                                    .toObject()
                                    .value(QLatin1String("dark"));
        if (dark.isString()) {
            const Result<Colour> read = readColour(dark.toString());
            if (!read) {
                return read.error();
            }
            colour.dark = *read;
        }
        return writeTwoSided(colour);
    }
    if (token == PinToken::Length || token == PinToken::Share) {
        const Result<TokenLength> length = readLengthToken(value);
        if (!length) {
            return length.error();
        }
        return QJsonValue(
            static_cast<int>(std::lround(token == PinToken::Share ? 100 * length->value : length->value)));
    }
    return value;
}

const LookPin *pinNamed(const QString &name)
{
    for (const LookPin *pin : lookPins()) {
        if (name == QLatin1String(pin->setting->name)) {
            return pin;
        }
    }
    return nullptr;
}

QList<const AnySetting *> pinnable()
{
    QList<const AnySetting *> all;
    for (const LookPin *pin : lookPins()) {
        all.append(pin->setting);
    }
    return all;
}

} // namespace

QByteArray writeStyles(const Styles &styles)
{
    QJsonObject group;
    for (const Style &style : styles) {
        const QJsonObject pins = style.pins.toJson();
        QJsonObject tokens;
        QJsonObject ours;
        for (auto it = pins.begin(); it != pins.end(); ++it) {
            const LookPin *pin = pinNamed(it.key());
            if (!pin) {
                tokens.insert(it.key(), it.value()); // a newer version's, as it was read
            } else if (isOurs(pin->token)) {
                ours.insert(it.key(), it.value());
            } else {
                tokens.insert(it.key(), tokenOf(pin->token, it.value()));
            }
        }
        if (!ours.isEmpty()) {
            tokens.insert(QStringLiteral("$extensions"), QJsonObject{{TokenExtension, ours}});
        }
        group.insert(style.name, tokens);
    }
    return TokenTree(QJsonObject{{Group, group}}).toText();
}

Result<Styles> readStyles(const QByteArray &text)
{
    const Result<QJsonObject> root = parseJsonObject(text);
    if (!root) {
        return root.error();
    }
    Styles styles;
    const QJsonObject group = root->value(Group).toObject();
    for (auto style = group.begin(); style != group.end(); ++style) {
        const QJsonObject tokens = style.value().toObject();
        QJsonObject pins = tokens.value(QLatin1String("$extensions")).toObject().value(TokenExtension).toObject();
        for (auto it = tokens.begin(); it != tokens.end(); ++it) {
            const LookPin *pin = pinNamed(it.key());
            if (it.key().startsWith(u'$')) {
                continue;
            }
            if (!pin) {
                pins.insert(it.key(), it.value());
                continue;
            }
            const Result<QJsonValue> value = valueOf(pin->token, it.value().toObject());
            if (!value) {
                return Error{Texts::tr("The style “%1”, %2: %3").arg(style.key(), it.key(), value.error().sentence),
                             {}};
            }
            pins.insert(it.key(), *value);
        }
        styles.append({style.key(), ControlSettings::fromJson(pins, pinnable())});
    }
    return styles;
}

} // namespace nabblet

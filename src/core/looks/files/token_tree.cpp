#include "core/looks/files/token_tree.h"

#include "core/file/json_text.h"
#include "core/looks/colour_words.h"
#include "core/text/tr.h"

#include <QJsonArray>

#include <algorithm>
#include <array>
#include <cmath>

namespace nabblet {

namespace {

const QString Value = QStringLiteral("$value");
const QString Type = QStringLiteral("$type");
const QString Extensions = QStringLiteral("$extensions");

QJsonObject objectAt(const QJsonObject &root, const QString &path)
{
    QJsonObject at = root;
    const QStringList steps = path.split(u'.', Qt::SkipEmptyParts);
    for (const QString &step : steps) {
        at = at.value(step).toObject();
    }
    return at;
}

QJsonObject withObjectAt(const QJsonObject &root, const QStringList &steps, const QJsonObject &object)
{
    if (steps.isEmpty()) {
        return object;
    }
    QJsonObject changed = root;
    changed.insert(steps.first(), withObjectAt(root.value(steps.first()).toObject(), steps.mid(1), object));
    return changed;
}

QStringList stepsOf(const QString &path)
{
    return path.split(u'.', Qt::SkipEmptyParts);
}

void writeGroup(JsonText &text, const QJsonObject &group)
{
    // What says what the file is stands first.
    QStringList keys = group.keys();
    std::stable_sort(keys.begin(), keys.end(),
                     [](const QString &a, const QString &b) { return a.startsWith(u'$') && !b.startsWith(u'$'); });
    for (const QString &key : std::as_const(keys)) {
        const QJsonValue value = group.value(key);
        const QJsonObject object = value.toObject();
        if (value.isObject() && !key.startsWith(u'$') && !object.contains(Value)) {
            text.beginMember(key);
            writeGroup(text, object);
            text.endObject();
        } else {
            text.members({{key, value}});
        }
    }
}

} // namespace

QJsonValue TokenTree::value(const QString &path) const
{
    constexpr int MostAliases = 20;
    QString at = path;
    for (int i = 0; i < MostAliases; ++i) {
        const QJsonValue value = objectAt(m_root, at).value(Value);
        const QString words = value.toString();
        if (!words.startsWith(u'{') || !words.endsWith(u'}')) {
            return value;
        }
        at = words.mid(1, words.size() - 2);
    }
    return QJsonValue(QJsonValue::Undefined);
}

QJsonValue TokenTree::extension(const QString &path, const QString &key) const
{
    return objectAt(m_root, path).value(Extensions).toObject().value(TokenExtension).toObject().value(key);
}

void TokenTree::set(const QString &path, const QString &type, const QJsonValue &value)
{
    QJsonObject token = objectAt(m_root, path);
    token.insert(Type, type);
    token.insert(Value, value);
    m_root = withObjectAt(m_root, stepsOf(path), token);
}

void TokenTree::setExtension(const QString &path, const QString &key, const QJsonValue &value)
{
    QJsonObject at = objectAt(m_root, path);
    QJsonObject extensions = at.value(Extensions).toObject();
    QJsonObject ours = extensions.value(TokenExtension).toObject();
    ours.insert(key, value); // an undefined one takes the key away
    if (ours.isEmpty()) {
        extensions.remove(TokenExtension);
    } else {
        extensions.insert(TokenExtension, ours);
    }
    if (extensions.isEmpty()) {
        at.remove(Extensions);
    } else {
        at.insert(Extensions, extensions);
    }
    m_root = withObjectAt(m_root, stepsOf(path), at);
}

void TokenTree::remove(const QString &path)
{
    const QStringList steps = stepsOf(path);
    QJsonObject group = objectAt(m_root, steps.mid(0, steps.size() - 1).join(u'.'));
    group.remove(steps.last());
    m_root = withObjectAt(m_root, steps.mid(0, steps.size() - 1), group);
}

QStringList TokenTree::names(const QString &path) const
{
    QStringList names = objectAt(m_root, path).keys();
    names.removeIf([](const QString &name) { return name.startsWith(u'$'); });
    return names;
}

QByteArray TokenTree::toText() const
{
    JsonText text;
    text.beginObject();
    writeGroup(text, m_root);
    text.endObject();
    return text.toUtf8();
}

namespace {

// How colours are mostly written: three numbers from 0 to 1. Nothing where they are something else.
std::optional<Colour> ofShares(const QJsonArray &components)
{
    std::array<double, 3> shares{};
    bool areAll = components.size() == 3;
    for (qsizetype i = 0; i < 3 && areAll; ++i) {
        shares.at(static_cast<std::size_t>(i)) = components.at(i).toDouble();
        areAll = components.at(i).isDouble();
    }
    return areAll ? std::optional(colourOfShares(shares)) : std::nullopt;
}

} // namespace

Result<Colour> readColourToken(const QJsonValue &value)
{
    if (value.isString()) {
        return readColour(value.toString());
    }
    const QJsonObject object = value.toObject();
    const QString space = object.value(QLatin1String("colorSpace")).toString();
    const QString hex = object.value(QLatin1String("hex")).toString();
    QStringList parts;
    const QJsonArray components = object.value(QLatin1String("components")).toArray();
    if (const std::optional<Colour> plain = space == QLatin1String("srgb") ? ofShares(components) : std::nullopt) {
        return *plain;
    }
    for (const auto &part : components) {
        parts.append(part.isString() ? part.toString() : QString::number(part.toDouble(), 'g', 12));
    }
    const QString all = parts.join(u' ');
    const Result<Colour> colour = space == QLatin1String("srgb") ? readColour(QStringLiteral("color(srgb %1)").arg(all))
                                                                 : readColour(QStringLiteral("%1(%2)").arg(space, all));
    if (!colour && !hex.isEmpty()) {
        return readColour(hex); // a space that this program does not know
    }
    return colour;
}

QJsonValue colourToken(Colour colour)
{
    QJsonArray components;
    for (const int shift : {16, 8, 0}) {
        constexpr double Places = 10000;
        components.append(std::round(((colour >> shift) & 0xFF) / 255.0 * Places) / Places);
    }
    return QJsonObject{{QStringLiteral("colorSpace"), QStringLiteral("srgb")},
                       {QStringLiteral("components"), components},
                       {QStringLiteral("hex"), colourInWords(colour)}};
}

Result<TokenLength> readLengthToken(const QJsonValue &value)
{
    QString unit;
    double number = 0;
    bool isNumber = false;
    if (value.isString()) { // as the format was before
        const QString words = value.toString().trimmed();
        unit = words.endsWith(QLatin1String("rem")) ? QStringLiteral("rem") : words.right(2);
        number = words.chopped(unit.size()).toDouble(&isNumber);
    } else {
        const QJsonObject object = value.toObject();
        unit = object.value(QLatin1String("unit")).toString();
        number = object.value(QLatin1String("value")).toDouble();
        isNumber = object.value(QLatin1String("value")).isDouble();
    }
    if (!isNumber || (unit != QLatin1String("px") && unit != QLatin1String("rem"))) {
        return Error{Texts::tr("a length was expected, such as { \"value\": 3, \"unit\": \"px\" }"), {}};
    }
    return TokenLength{number, unit == QLatin1String("rem")};
}

QJsonValue lengthToken(double value, bool isRelative)
{
    return QJsonObject{{QStringLiteral("value"), value},
                       {QStringLiteral("unit"), isRelative ? QStringLiteral("rem") : QStringLiteral("px")}};
}

} // namespace nabblet

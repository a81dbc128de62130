#include "core/looks/files/look_file.h"

#include "core/file/json_reader.h"
#include "core/look_settings/look_setting_table.h"
#include "core/looks/ink_names.h"
#include "core/text/tr.h"

#include <QJsonArray>

#include <cmath>

namespace nabblet {

namespace {

constexpr int LeastPercent = 50; // of the desktop's text
constexpr int MostPercent = 400;

QString inkPath(Theme theme, Ink ink)
{
    return QStringLiteral("color.%1.%2")
        .arg(theme == Theme::Light ? QStringLiteral("light") : QStringLiteral("dark"),
             QLatin1String(inkName(ink).token));
}

QString typePath(TextRole role)
{
    return QStringLiteral("type.") + QLatin1String(textRoleToken(role));
}

bool isExtension(const LookSetting &setting)
{
    return setting.path[0] == '$';
}

// The family of the desktop's own typeface, as CSS calls it.
const QString DesktopFamily = QStringLiteral("system-ui");

Error wrongToken(const QString &path, const QString &expected)
{
    return Error{Texts::tr("The look's token %1: %2").arg(path, expected), {}};
}

Result<TextStyle> readType(const TokenTree &tree, const QString &path, TextStyle style)
{
    const QJsonValue value = tree.value(path);
    if (!value.isUndefined() && !value.isObject()) {
        return wrongToken(path, Texts::tr("a typography was expected, with fontFamily, fontSize and fontWeight"));
    }
    const QJsonObject parts = value.toObject();
    const QJsonValue family = parts.value(QLatin1String("fontFamily"));
    if (!family.isUndefined()) {
        const QString named = family.isArray() ? family.toArray().first().toString() : family.toString();
        style.family = named == DesktopFamily ? QString() : named;
    }
    if (const QJsonValue size = parts.value(QLatin1String("fontSize")); !size.isUndefined()) {
        const Result<TokenLength> length = readLengthToken(size);
        if (!length) {
            return wrongToken(path, length.error().sentence);
        }
        constexpr double UsualText = 16; // px, what CSS takes a rem for
        const double percent = 100 * (length->isRelative ? length->value : length->value / UsualText);
        if (percent < LeastPercent || percent > MostPercent) {
            return wrongToken(path, Texts::tr("a size from 0.5 to 4 rem was expected"));
        }
        style.percent = static_cast<int>(std::lround(percent));
    }
    if (const QJsonValue weight = parts.value(QLatin1String("fontWeight")); !weight.isUndefined()) {
        const int number = weight.toInt(weight.toString() == QLatin1String("bold")     ? 700
                                        : weight.toString() == QLatin1String("normal") ? 400
                                                                                       : 0);
        if (number < 1 || number > 1000) {
            return wrongToken(path, Texts::tr("a weight from 1 to 1000 was expected"));
        }
        style.weight = number;
    }
    style.isSlanted = tree.extension(path, QStringLiteral("slanted")).toBool(style.isSlanted);
    style.isUnderlined = tree.extension(path, QStringLiteral("underlined")).toBool(style.isUnderlined);
    return style;
}

void writeType(TokenTree &tree, const QString &path, const TextStyle &style)
{
    const Result<TextStyle> before = readType(tree, path, TextStyle{0, 0});
    if (before && *before == style) {
        return;
    }
    QJsonObject parts = tree.value(path).toObject();
    parts.insert(QStringLiteral("fontFamily"), style.family.isEmpty() ? DesktopFamily : style.family);
    parts.insert(QStringLiteral("fontSize"), lengthToken(style.percent / 100.0, true));
    parts.insert(QStringLiteral("fontWeight"), style.weight);
    if (!parts.contains(QLatin1String("letterSpacing"))) { // the format wants both
        parts.insert(QStringLiteral("letterSpacing"), lengthToken(0));
        parts.insert(QStringLiteral("lineHeight"), 1.2);
    }
    tree.set(path, QStringLiteral("typography"), parts);
    const auto flag = [](bool isOn) { return isOn ? QJsonValue(true) : QJsonValue(QJsonValue::Undefined); };
    tree.setExtension(path, QStringLiteral("slanted"), flag(style.isSlanted));
    tree.setExtension(path, QStringLiteral("underlined"), flag(style.isUnderlined));
}

// Edges go by the format's stroke styles; a shadow is ours.
constexpr std::array<const char *, 4> StrokeStyles{"solid", "inset", "outset", "solid"};

bool isEdge(const LookSetting &setting)
{
    return !setting.choices.isEmpty() && !isExtension(setting);
}

Result<int> readFigure(const TokenTree &tree, const LookSetting &setting, int otherwise)
{
    const QString path = QLatin1String(setting.path);
    const auto numberOf = [&](const QString &name) -> Result<int> {
        for (qsizetype i = 0; i < setting.choices.size(); ++i) {
            if (name == QLatin1String(setting.choices.at(i).name)) {
                return static_cast<int>(i);
            }
        }
        QStringList names;
        for (const LookChoice &choice : setting.choices) {
            names.append(QLatin1String(choice.name));
        }
        return wrongToken(path, Texts::tr("one of %1 was expected").arg(names.join(QLatin1String(", "))));
    };
    if (isExtension(setting)) {
        const QJsonValue stored = tree.extension({}, path.mid(1));
        return stored.isUndefined() ? otherwise : numberOf(stored.toString());
    }
    const QJsonValue value = tree.value(path);
    if (value.isUndefined()) {
        return otherwise;
    }
    if (isEdge(setting)) {
        if (tree.extension(path, QStringLiteral("shadow")).toBool()) {
            return static_cast<int>(EdgeShape::Shadow);
        }
        for (std::size_t i = 0; i < StrokeStyles.size(); ++i) {
            if (value.toString() == QLatin1String(StrokeStyles.at(i))) {
                return static_cast<int>(i);
            }
        }
        return wrongToken(path, Texts::tr("one of %1 was expected").arg(QStringLiteral("solid, inset, outset")));
    }
    const Result<TokenLength> length = readLengthToken(value);
    if (!length || length->isRelative || length->value < setting.least || length->value > setting.most) {
        return wrongToken(path,
                          Texts::tr("a length from %1 to %2 px was expected").arg(setting.least).arg(setting.most));
    }
    return static_cast<int>(std::lround(length->value));
}

void writeFigure(TokenTree &tree, const LookSetting &setting, int figure)
{
    const QString path = QLatin1String(setting.path);
    constexpr int None = -1000;
    const Result<int> before = readFigure(tree, setting, None);
    if (before && *before == figure) {
        return;
    }
    if (isExtension(setting)) {
        tree.setExtension({}, path.mid(1), QLatin1String(setting.choices.at(figure).name));
    } else if (isEdge(setting)) {
        tree.set(path, QStringLiteral("strokeStyle"), QLatin1String(StrokeStyles.at(static_cast<std::size_t>(figure))));
        tree.setExtension(path, QStringLiteral("shadow"),
                          figure == static_cast<int>(EdgeShape::Shadow) ? QJsonValue(true)
                                                                        : QJsonValue(QJsonValue::Undefined));
    } else {
        tree.set(path, QStringLiteral("dimension"), lengthToken(figure));
    }
}

} // namespace

Result<Look> readLook(const QByteArray &text, const QString &name, const Look &otherwise)
{
    const Result<QJsonObject> root = parseJsonObject(text);
    if (!root) {
        return root.error();
    }
    const TokenTree tree(*root);
    Look look = otherwise;
    look.stored = *root;
    look.name = tree.extension({}, QStringLiteral("name")).toString(name).simplified();
    look.about = root->value(QLatin1String("$description")).toString();
    if (look.name.isEmpty()) {
        look.name = name;
    }
    for (int i = 0; i < TextRoleCount; ++i) {
        const TextRole role = static_cast<TextRole>(i);
        const Result<TextStyle> style = readType(tree, typePath(role), textStyle(otherwise, role));
        if (!style) {
            return style.error();
        }
        look.texts.at(static_cast<std::size_t>(i)) = *style;
    }
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (int i = 0; i < InkCount; ++i) {
            const QString path = inkPath(theme, static_cast<Ink>(i));
            const QJsonValue value = tree.value(path);
            if (value.isUndefined()) {
                continue;
            }
            const Result<Colour> colour = readColourToken(value);
            if (!colour) {
                return wrongToken(path, colour.error().sentence);
            }
            setColour(look, theme, static_cast<Ink>(i), *colour);
        }
    }
    for (const LookSetting *setting : lookSettings()) {
        const Result<int> figure = readFigure(tree, *setting, lookFigure(otherwise, *setting));
        if (!figure) {
            return figure.error();
        }
        if (*figure == setting->usual) {
            look.figures.remove(QLatin1String(setting->name));
        } else {
            look.figures.insert(QLatin1String(setting->name), *figure);
        }
    }
    return look;
}

QByteArray writeLook(const Look &look)
{
    TokenTree tree(look.stored);
    if (look.stored.value(QLatin1String("$description")).toString() != look.about) {
        QJsonObject root = tree.root();
        root.insert(QStringLiteral("$description"), look.about);
        tree = TokenTree(root);
    }
    tree.setExtension({}, QStringLiteral("name"), look.name);
    for (int i = 0; i < TextRoleCount; ++i) {
        writeType(tree, typePath(static_cast<TextRole>(i)), textStyle(look, static_cast<TextRole>(i)));
    }
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (int i = 0; i < InkCount; ++i) {
            const QString path = inkPath(theme, static_cast<Ink>(i));
            const Colour now = colour(look, theme, static_cast<Ink>(i));
            const Result<Colour> before = readColourToken(tree.value(path));
            if (!before || *before != now) {
                tree.set(path, QStringLiteral("color"), colourToken(now));
            }
        }
    }
    for (const LookSetting *setting : lookSettings()) {
        writeFigure(tree, *setting, lookFigure(look, *setting));
    }
    return tree.toText();
}

} // namespace nabblet

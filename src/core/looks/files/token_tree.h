// A file of design tokens (Design Tokens Format Module 2025.10 of the Design Tokens Community Group) as a tree of JSON:
// tokens are read and set by their paths, aliases followed, everything else left as it is.
#pragma once

#include "core/looks/sides.h"
#include "core/result.h"

#include <QByteArray>
#include <QJsonObject>
#include <QString>

#include <optional>

namespace nabblet {

// Under this name stands what is ours alone, as the format wants it.
inline const QString TokenExtension = QStringLiteral("org.nabblet");

class TokenTree
{
public:
    explicit TokenTree(QJsonObject root = {}) : m_root(std::move(root)) {}

    const QJsonObject &root() const { return m_root; }
    // The value of a token, such as color.light.paper; of one that is an alias, that of the token it names. Undefined
    // where there is none, or where aliases go in a circle.
    QJsonValue value(const QString &path) const;
    // What is ours at a token or a group; at the whole file with an empty path.
    QJsonValue extension(const QString &path, const QString &key) const;

    void set(const QString &path, const QString &type, const QJsonValue &value);
    // An undefined value takes it away.
    void setExtension(const QString &path, const QString &key, const QJsonValue &value);
    void remove(const QString &path);
    // The names of the groups and tokens in a group.
    QStringList names(const QString &path) const;

    // One token a line, groups indented.
    QByteArray toText() const;

private:
    QJsonObject m_root;
};

// Values of tokens. The errors say what was expected.
Result<Colour> readColourToken(const QJsonValue &value);
QJsonValue colourToken(Colour colour);
// A length in px, or with the unit rem in hundredths of the desktop's text size.
struct TokenLength
{
    double value = 0;
    bool isRelative = false;
};
Result<TokenLength> readLengthToken(const QJsonValue &value);
QJsonValue lengthToken(double value, bool isRelative = false);

} // namespace nabblet

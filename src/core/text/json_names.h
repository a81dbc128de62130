// Names in JSON: keys written as plain letters, and lists of names.
#pragma once

#include <QJsonArray>
#include <QJsonValue>
#include <QString>
#include <QStringList>

namespace nabblet {

// A key of an object, from plain ASCII letters.
inline QString key(const char *name)
{
    return QString::fromLatin1(name);
}

// The names in a list; what is no text reads as an empty one, what is no list as none.
inline QStringList namesOf(const QJsonValue &value)
{
    QStringList names;
    const QJsonArray list = value.toArray();
    for (const auto &name : list) {
        names.append(name.toString());
    }
    return names;
}

inline QJsonArray listOf(const QStringList &names)
{
    return QJsonArray::fromStringList(names);
}

} // namespace nabblet

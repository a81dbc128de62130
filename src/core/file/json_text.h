// Writes JSON with the keys in the order given and chosen objects on one line, so that files read well and a small
// change is a small diff. (QJsonDocument sorts keys and breaks every line.)
#pragma once

#include <QByteArray>
#include <QJsonValue>
#include <QList>
#include <QString>

namespace nabblet {

class JsonText
{
public:
    enum class Layout { Lines, OneLine };

    JsonText() { m_text.reserve(1 << 16); }

    // Starts an object or a list; inside an object with a key, inside a list or at the top with none. Keys are plain
    // ASCII.
    void beginObject(const char *key = nullptr, Layout layout = Layout::Lines);
    // The same inside an object with a key of any letters.
    void beginMember(const QString &key);
    void endObject();
    void beginList(const char *key = nullptr, Layout layout = Layout::Lines);
    void endList();
    void value(const char *key, const QString &text);
    void value(const char *key, const char *text) = delete; // would be taken for a flag
    void value(const char *key, int number);
    void value(const char *key, bool flag);
    // A value of any shape; an object or list in it goes on one line.
    void value(const char *key, const QJsonValue &value);
    void item(int number);
    // What follows stays on the line of the member before it, until endLine().
    void continueLine() { m_levels.last().continues = true; }
    void endLine() { m_levels.last().continues = false; }

    // Writes every key of an object as it stands, for keys that a newer version wrote.
    void members(const QJsonObject &object);

    // The whole text in UTF-8, ending in a line break.
    QByteArray toUtf8() const { return m_text + '\n'; }

private:
    struct Level
    {
        bool isOneLine = false;
        bool isEmpty = true;
        bool continues = false;
    };
    void startMember();
    void startMember(const char *key);
    void open(const char *key, char bracket, Layout layout);
    void close(char bracket);

    QByteArray m_text;
    QList<Level> m_levels;
};

} // namespace nabblet

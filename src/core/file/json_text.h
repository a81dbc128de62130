// Writes JSON with the keys in the order given and chosen objects on one line, so that files read well and a small
// change is a small diff. (QJsonDocument sorts keys and breaks every line.)
#pragma once

#include <QJsonValue>
#include <QString>

namespace nabblet {

class JsonText
{
public:
    enum class Layout { Lines, OneLine };

    // Starts an object or a list; inside an object with a key, inside a list or at the top with none.
    void beginObject(const QString &key = {}, Layout layout = Layout::Lines);
    void endObject();
    void beginList(const QString &key = {}, Layout layout = Layout::Lines);
    void endList();
    // Writes a value of any shape; an object or list in it goes on one line.
    void value(const QString &key, const QJsonValue &value);
    void item(const QJsonValue &value);
    // Writes every key of an object as it stands, for keys that a newer version wrote.
    void members(const QJsonObject &object);

    // The whole text in UTF-8, ending in a line break.
    QByteArray toUtf8() const { return (m_text + u'\n').toUtf8(); }

private:
    struct Level
    {
        bool isOneLine = false;
        bool isEmpty = true;
    };
    void startMember(const QString &key);
    void open(const QString &key, QChar bracket, Layout layout);
    void close(QChar bracket);

    QString m_text;
    QList<Level> m_levels;
};

} // namespace nabblet

// Reads JSON objects key by key and says where and what when something is not as expected.
#pragma once

#include "core/result.h"

#include <QJsonObject>
#include <QString>
#include <QVarLengthArray>

#include <optional>

namespace nabblet {

// The greatest coordinate that a file may hold, px: some 260 metres, far from where sums overflow.
constexpr int FarthestPlace = 1000000;

// Collects the first mistake found in a file, with the JSON pointer (RFC 6901) of its place.
class JsonMistakes
{
public:
    void report(const QString &pointer, const QString &expected);
    bool isEmpty() const { return !m_first.has_value(); }
    // "at /controls/3/place/width: a whole number was expected"
    QString first() const { return m_first.value_or(QString()); }

private:
    std::optional<QString> m_first;
};

// One object of a file. Each question names a key; keys nobody asked for are given by unknownKeys().
class JsonReader
{
public:
    JsonReader(QJsonObject object, QString pointer, JsonMistakes *mistakes);

    bool has(const char *key) const;
    QString pointerTo(const QString &key) const;

    // A required key, or with a fallback an optional one.
    QString text(const char *key, std::optional<QString> fallback = {});
    int number(const char *key, int least, int most, std::optional<int> fallback = {});
    bool flag(const char *key, bool fallback);
    QJsonObject object(const char *key, bool isRequired = false);
    QJsonArray list(const char *key, bool isRequired = false);
    // One of the words, as its index.
    int oneOf(const char *key, const QStringList &words, std::optional<int> fallback = {});

    // What was not asked for.
    QJsonObject unknownKeys() const;

private:
    QJsonObject m_object;
    QString m_pointer;
    JsonMistakes *m_mistakes;
    QVarLengthArray<QLatin1String, 16> m_asked;
    qsizetype m_found = 0; // keys asked for that are there

    template <typename Describe> QJsonValue take(const char *key, bool isRequired, Describe describe);
    template <typename Describe> void expected(const char *key, Describe describe);
};

// Parses a whole file to its top object. The error says in which line a JSON text breaks off.
Result<QJsonObject> parseJsonObject(const QByteArray &text);

} // namespace nabblet

// What a dictionary said of words, kept from one run to the next: the names of a database are asked for at every start,
// and reading the dictionary only to hear the same again takes longer than everything else then.
#pragma once

#include <QHash>
#include <QString>

#include <optional>

namespace nabblet {

class KnownWords
{
public:
    // file: where the answers are kept, JSON: {"of": …, "known": […], "unknown": […]}. of: names the dictionaries that
    // gave them; answers of others are let go. A file that cannot be read is one without answers.
    KnownWords(QString file, QString of);

    std::optional<bool> find(const QString &word) const;
    void add(const QString &word, bool isKnown);
    bool isEmpty() const { return m_answers.isEmpty(); }
    bool isChanged() const { return m_isChanged; } // since it was read or saved
    // Nothing but time is lost where it cannot be written.
    void save();

private:
    QString m_file;
    QString m_of;
    QHash<QString, bool> m_answers;
    bool m_isChanged = false;
};

} // namespace nabblet

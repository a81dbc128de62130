#include "data/words/known_words.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QSaveFile>

namespace nabblet {

namespace {

constexpr qsizetype MostWords = 50000; // of so many databases, that those of years ago are asked again

} // namespace

KnownWords::KnownWords(QString file, QString of) : m_file(std::move(file)), m_of(std::move(of))
{
    QFile kept(m_file);
    if (!kept.open(QIODevice::ReadOnly)) {
        return;
    }
    const QJsonObject object = QJsonDocument::fromJson(kept.readAll()).object();
    if (object.value(QLatin1String("of")).toString() != m_of) {
        return;
    }
    for (const bool isKnown : {true, false}) {
        const QJsonArray words = object.value(isKnown ? QLatin1String("known") : QLatin1String("unknown")).toArray();
        for (const QJsonValue &word : words) {
            m_answers.insert(word.toString(), isKnown);
        }
    }
}

std::optional<bool> KnownWords::find(const QString &word) const
{
    const auto found = m_answers.constFind(word);
    return found == m_answers.constEnd() ? std::nullopt : std::optional(*found);
}

void KnownWords::add(const QString &word, bool isKnown)
{
    if (m_answers.size() >= MostWords) {
        m_answers.clear();
    }
    m_answers.insert(word, isKnown);
    m_isChanged = true;
}

void KnownWords::save()
{
    m_isChanged = false;
    QDir().mkpath(QFileInfo(m_file).absolutePath());
    QSaveFile kept(m_file);
    if (!kept.open(QIODevice::WriteOnly)) {
        return;
    }
    QJsonArray known;
    QJsonArray unknown;
    for (auto [word, isKnown] : m_answers.asKeyValueRange()) {
        (isKnown ? known : unknown).append(word);
    }
    kept.write(QJsonDocument(QJsonObject{{QStringLiteral("of"), m_of},
                                         {QStringLiteral("known"), known},
                                         {QStringLiteral("unknown"), unknown}})
                   .toJson(QJsonDocument::Compact));
    kept.commit();
}

} // namespace nabblet

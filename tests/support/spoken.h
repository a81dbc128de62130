// The program's words in another language for as long as it lives, and which of those asked for have no translation.
#pragma once

#include "entry/language/language.h"

#include <QApplication>
#include <QSet>
#include <QSettings>
#include <QTranslator>

namespace nabblet::samples {

class Spoken
{
public:
    explicit Spoken(const QString &language)
    {
        if (language == QLatin1String("en")) {
            return;
        }
        setChosenLanguage(language);
        const QList<QTranslator *> before = qApp->findChildren<QTranslator *>();
        (void)useLanguage(*qApp);
        setChosenLanguage({});
        for (QTranslator *each : qApp->findChildren<QTranslator *>()) {
            if (!before.contains(each)) {
                m_own.append(each);
            }
        }
        m_listener = std::make_unique<Listener>(m_own);
        QCoreApplication::installTranslator(m_listener.get()); // the last one is asked first
    }
    ~Spoken()
    {
        m_listener.reset();
        qDeleteAll(m_own);
    }
    Spoken(const Spoken &) = delete;
    Spoken &operator=(const Spoken &) = delete;

    // "context: text" of each that was asked for and is not translated.
    QStringList missing() const
    {
        return m_listener ? QStringList(m_listener->missing.begin(), m_listener->missing.end()) : QStringList();
    }

private:
    class Listener : public QTranslator
    {
    public:
        explicit Listener(const QList<QTranslator *> &own) : m_all(own) {}
        bool isEmpty() const override { return false; }
        QString translate(const char *context, const char *text, const char *comment, int n) const override
        {
            for (const QTranslator *each : m_all) {
                if (const QString found = each->translate(context, text, comment, n); !found.isNull()) {
                    return {}; // the next one says it
                }
            }
            // Qt's own contexts begin with Q; the program's are Texts and the classes of its namespace.
            if (*text && *context != 'Q') {
                missing.insert(QString("%1: %2").arg(context, text));
            }
            return {};
        }
        mutable QSet<QString> missing;

    private:
        QList<QTranslator *> m_all;
    };

    QList<QTranslator *> m_own;
    std::unique_ptr<Listener> m_listener;
};

} // namespace nabblet::samples

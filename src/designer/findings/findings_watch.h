// Keeps what the checks find in a form up to date while it is designed: a moment after each change, one check a turn of
// the event loop, so that no key or drag waits for them.
#pragma once

#include "core/check/findings.h"
#include "designer/document/form_document.h"

#include <QObject>
#include <QPointer>
#include <QTimer>

#include <functional>

namespace nabblet {

class FindingsWatch : public QObject
{
    Q_OBJECT

public:
    // What the checks need to know besides the form.
    struct Known
    {
        Catalogue catalogue;
        LookBook looks;
        std::optional<QStringList> forms;
        QString namingPattern;
        QHash<QString, Profile> profiles;
        std::optional<QStringList> opened;
        std::function<std::optional<QStringList>()> readOpened; // called before a look; none: they stay as they are
    };

    explicit FindingsWatch(QObject *parent = nullptr);

    // The form that is looked at; nullptr for none. measure: outlives that.
    void setDocument(FormDocument *document, const TextMeasure *measure);
    const Known &known() const { return m_known; }
    void setKnown(const Known &known);

    const QList<Found> &found() const { return m_found; }
    // Whether they are those of the form as it is now.
    bool isUpToDate() const { return !m_pause.isActive() && !m_turn.isActive(); }
    // What the checks are given now.
    std::optional<CheckContext> context() const;
    // Looks at once and whole, where somebody waits for it.
    void lookNow();

Q_SIGNALS:
    void changed();

private:
    void lookSoon();
    void begin();
    void lookAtNext();

    QPointer<FormDocument> m_document;
    const TextMeasure *m_measure = nullptr;
    Known m_known;
    QList<Found> m_found;
    QList<Found> m_gathered;
    qsizetype m_next = 0; // the check to look at next
    QTimer m_pause;
    QTimer m_turn;
};

} // namespace nabblet

#include "designer/findings/findings_watch.h"

namespace nabblet {

namespace {

constexpr int Pause = 250; // ms without a change before the checks begin

} // namespace

FindingsWatch::FindingsWatch(QObject *parent) : QObject(parent)
{
    m_pause.setSingleShot(true);
    m_pause.setInterval(Pause);
    m_turn.setInterval(0);
    connect(&m_pause, &QTimer::timeout, this, &FindingsWatch::begin);
    connect(&m_turn, &QTimer::timeout, this, &FindingsWatch::lookAtNext);
}

void FindingsWatch::setDocument(FormDocument *document, const TextMeasure *measure)
{
    if (m_document) {
        disconnect(m_document, nullptr, this, nullptr);
    }
    const bool isOther = m_document != document;
    m_document = document;
    m_measure = measure;
    if (document && isOther) {
        connect(document, &FormDocument::formChanged, this, &FindingsWatch::lookSoon);
    }
    if (isOther || !document) {
        m_found.clear();
        Q_EMIT changed();
    }
    lookSoon();
}

void FindingsWatch::setKnown(const Known &known)
{
    m_known = known;
    lookSoon();
}

std::optional<CheckContext> FindingsWatch::context() const
{
    if (!m_document || !m_measure) {
        return {};
    }
    return CheckContext{m_document->root(), m_known.catalogue,     *m_measure,    {}, m_known.looks, &m_known.profiles,
                        m_known.forms,      m_known.namingPattern, m_known.opened};
}

void FindingsWatch::lookSoon()
{
    m_turn.stop();
    if (context()) {
        m_pause.start();
    } else {
        m_pause.stop();
    }
}

void FindingsWatch::begin()
{
    if (m_known.readOpened) {
        m_known.opened = m_known.readOpened();
    }
    m_gathered.clear();
    m_next = 0;
    m_turn.start();
}

void FindingsWatch::lookAtNext()
{
    const std::optional<CheckContext> now = context();
    if (!now) {
        m_turn.stop();
        return;
    }
    if (m_next < formChecks().size()) {
        m_gathered += foundBy(formChecks().at(m_next++), *now);
        return;
    }
    m_turn.stop();
    sortFindings(m_gathered);
    m_found = m_gathered;
    Q_EMIT changed();
}

void FindingsWatch::lookNow()
{
    if (isUpToDate()) {
        return;
    }
    m_pause.stop();
    begin();
    while (m_turn.isActive()) {
        lookAtNext();
    }
}

} // namespace nabblet

#include "entry/mail/waiting_sender.h"

#include "core/text/tr.h"
#include "data/mail/outbox.h"
#include "entry/mail/send_sheet.h"

#include <QThread>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LongestPause = 30 * 60 * 1000; // ms

} // namespace

// What one go of trying has to do, and what came of it; of the thread while it runs.
struct WaitingSender::Round
{
    QList<WaitingMail> mails;
    QStringList passwords; // of each
    QStringList sentTo;
    bool hasFailed = false;
    std::atomic<bool> isCancelled{false};
};

WaitingSender::WaitingSender(std::function<QString(const MailSetup &)> password, QObject *parent, int first)
    : QObject(parent), m_password(std::move(password)), m_pause(first)
{
    m_timer.setSingleShot(true);
    connect(&m_timer, &QTimer::timeout, this, &WaitingSender::tryAll);
    m_timer.start(m_pause);
}

WaitingSender::~WaitingSender()
{
    if (m_thread) {
        m_round->isCancelled = true;
        m_thread->wait();
    }
}

void WaitingSender::tryAll()
{
    m_round = std::make_shared<Round>();
    const QList<WaitingMail> all = Outbox(outboxFolder()).waiting();
    for (const WaitingMail &each : all) {
        if (!each.isInDoubt) {
            m_round->mails.append(each);
            m_round->passwords.append(each.setup.user.isEmpty() || !m_password ? QString() : m_password(each.setup));
        }
    }
    if (m_round->mails.isEmpty()) {
        m_timer.start(m_pause);
        return;
    }
    m_thread.reset(QThread::create([round = m_round] {
        const Outbox outbox(outboxFolder());
        for (qsizetype i = 0; i < round->mails.size() && !round->isCancelled; ++i) {
            const Sending sending = outbox.send(round->mails.at(i), round->passwords.at(i), round->isCancelled);
            if (sending.outcome == Sending::Sent) {
                round->sentTo.append(round->mails.at(i).to);
            } else {
                round->hasFailed = true;
            }
        }
    }));
    connect(m_thread.get(), &QThread::finished, this, &WaitingSender::finished);
    m_thread->start();
}

void WaitingSender::finished()
{
    m_thread->wait();
    m_thread.reset();
    if (!m_round->sentTo.isEmpty()) {
        m_round->sentTo.removeDuplicates();
        Q_EMIT said(Texts::tr("Sent what waited for %1.").arg(m_round->sentTo.join(QStringLiteral("; "))));
    }
    if (m_round->hasFailed) {
        m_pause = std::min(2 * m_pause, LongestPause);
    }
    m_timer.start(m_pause);
}

} // namespace nabblet

// Messages that wait are tried again by themselves: a while after the program started, then after longer and longer
// pauses, one after another and beside the interface. What may have been sent before is left to a person.
#pragma once

#include "core/mail/mail_setup.h"

#include <QObject>
#include <QTimer>

#include <atomic>
#include <functional>
#include <memory>

class QThread;

namespace nabblet {

class WaitingSender : public QObject
{
    Q_OBJECT

public:
    // password: of a setup's user. first: ms until messages are tried for the first time.
    explicit WaitingSender(std::function<QString(const MailSetup &)> password, QObject *parent = nullptr,
                           int first = 15000);
    ~WaitingSender() override;

Q_SIGNALS:
    void said(const QString &sentence);

private:
    void tryAll();
    void finished();

    struct Round;

    std::function<QString(const MailSetup &)> m_password;
    QTimer m_timer;
    int m_pause; // ms
    std::shared_ptr<Round> m_round;
    std::unique_ptr<QThread> m_thread;
};

} // namespace nabblet

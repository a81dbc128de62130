// What is asked of the records that a form shows, above it: each part as words that can be changed and taken away, how
// many records there are, and what was kept to be asked again.
#pragma once

#include "core/filter/filter.h"

#include <QWidget>

class QLabel;

namespace nabblet {

class EntrySession;
class WrapLayout;

class WantedBar : public QWidget
{
    Q_OBJECT

public:
    // session: stays the caller's. Hidden while nothing is asked.
    explicit WantedBar(EntrySession *session, QWidget *parent = nullptr);

    // Asks the records so; says what it came to, and why nothing comes of it.
    void want(const Wanted &wanted);

Q_SIGNALS:
    void said(const QString &sentence);
    void keepRequested();
    void heightChanged();

private:
    void showWanted();
    void showCount();
    QWidget *chip(const QString &words, const QString &help, const std::function<void()> &change,
                  const std::function<void()> &away);
    void changePart(int line, int part);

    EntrySession *m_session;
    WrapLayout *m_chips;
    QLabel *m_count = nullptr;
};

} // namespace nabblet

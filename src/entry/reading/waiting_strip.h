// The window goes on painting while a database is waited for: after a moment a strip says so and offers to stop. Keys
// that are pressed meanwhile are not lost, they come when the wait is over.
#pragma once

#include <QElapsedTimer>
#include <QList>
#include <QObject>
#include <QPointer>

#include <memory>
#include <vector>

class QFrame;
class QWidget;

namespace nabblet {

class WaitingStrip : public QObject
{
    Q_OBJECT

public:
    static constexpr int ShownAfter = 150; // ms

    // Takes effect for all waits of the interface's thread while it lives. One at a time.
    explicit WaitingStrip(QObject *parent = nullptr);
    ~WaitingStrip() override;

    bool isShown() const { return m_strip != nullptr; }

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    bool goOn(qint64 waited);
    void show();
    void end();

    QPointer<QFrame> m_strip;
    bool m_isWaiting = false;
    bool m_isStopped = false;
    struct Later // a key or a shortcut that comes when the wait is over
    {
        QPointer<QObject> to; // of a shortcut; a key goes where the keyboard is by then
        bool isKey = false;
        std::unique_ptr<QEvent> event;
    };
    std::vector<Later> m_later;
    QPointer<QWidget> m_toClose;
};

} // namespace nabblet

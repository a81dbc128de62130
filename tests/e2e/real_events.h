// Real mouse and key events for a real window, sent through the X server by xdotool. A script runs in a thread of its
// own, so that sheets and questions, which keep the window waiting, can be answered like a person answers them.
#pragma once

#include <QApplication>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QPoint>
#include <QProcess>
#include <QThread>
#include <QWidget>

#include <functional>
#include <stdexcept>

namespace nabblet::e2e {

class Failed : public std::runtime_error
{
public:
    explicit Failed(const QString &what) : std::runtime_error(what.toStdString()) {}
};

// Runs a function in the window's thread and gives what it gives.
template <typename Function> auto inWindow(Function function)
{
    using Value = decltype(function());
    if constexpr (std::is_void_v<Value>) {
        QMetaObject::invokeMethod(qApp, function, Qt::BlockingQueuedConnection);
    } else {
        Value value{};
        QMetaObject::invokeMethod(
            qApp, [&] { value = function(); }, Qt::BlockingQueuedConnection);
        return value;
    }
}

// Waits until a condition, asked in the window's thread, holds.
inline void waitFor(const QString &what, const std::function<bool()> &condition, int milliseconds = 40000)
{
    QElapsedTimer timer;
    timer.start();
    while (!inWindow([&] { return condition(); })) {
        if (timer.elapsed() > milliseconds) {
            const QString keyboard = inWindow([] {
                const QWidget *with = QApplication::focusWidget();
                return with ? QString::fromLatin1(with->metaObject()->className()) + u' ' + with->objectName()
                            : QStringLiteral("nothing");
            });
            throw Failed(QStringLiteral("waited in vain: %1 (with the keyboard: %2)").arg(what, keyboard));
        }
        QThread::msleep(10);
    }
}

inline void check(bool holds, const QString &what)
{
    if (!holds) {
        throw Failed(what);
    }
}

inline void xdotool(const QStringList &arguments)
{
    QProcess process;
    process.start(QStringLiteral("xdotool"), arguments);
    if (!process.waitForFinished(30000) || process.exitCode() != 0) {
        throw Failed(QStringLiteral("xdotool ") + arguments.join(u' ') + u' ' +
                     QString::fromLocal8Bit(process.readAllStandardError()));
    }
}

// A small window manager for a display that has none, so that sheets and questions get the keyboard as on a desktop.
// To be made before the application; gone with the object.
class WindowManager
{
public:
    WindowManager()
    {
        m_process.start(QStringLiteral("openbox"), {QStringLiteral("--sm-disable")});
        // It manages windows once it tells how many desktops there are.
        for (int i = 0; i < 500 && QProcess::execute(QStringLiteral("sh"),
                                                     {QStringLiteral("-c"),
                                                      QStringLiteral("xdotool get_num_desktops >/dev/null 2>&1")}) != 0;
             ++i) {
            QThread::msleep(10);
        }
    }
    ~WindowManager()
    {
        m_process.terminate();
        m_process.waitForFinished();
    }

private:
    QProcess m_process;
};

inline void pointTo(QPoint onScreen)
{
    xdotool({QStringLiteral("mousemove"), QString::number(onScreen.x()), QString::number(onScreen.y())});
}

inline void click(QPoint onScreen, const QString &withKey = {}, int times = 1)
{
    pointTo(onScreen);
    if (!withKey.isEmpty()) {
        xdotool({QStringLiteral("keydown"), withKey});
    }
    xdotool({QStringLiteral("click"), QStringLiteral("--repeat"), QString::number(times), QStringLiteral("--delay"),
             QStringLiteral("60"), QStringLiteral("1")});
    if (!withKey.isEmpty()) {
        xdotool({QStringLiteral("keyup"), withKey});
    }
}

inline void drag(QPoint from, QPoint to)
{
    pointTo(from);
    xdotool({QStringLiteral("mousedown"), QStringLiteral("1")});
    for (int i = 1; i <= 5; ++i) {
        pointTo(from + (to - from) * i / 5);
    }
    xdotool({QStringLiteral("mouseup"), QStringLiteral("1")});
}

inline void press(const QString &keys)
{
    xdotool({QStringLiteral("key"), QStringLiteral("--clearmodifiers"), keys});
}

inline void typeWords(const QString &words)
{
    xdotool({QStringLiteral("type"), QStringLiteral("--delay"), QStringLiteral("15"), QStringLiteral("--"), words});
}

// The same in place of what stands in the line with the keyboard, until it stands there: on a machine that is busy, a
// key may come before the line does.
inline void typeWhole(const QString &words)
{
    const auto stands = [&] {
        return inWindow([&] {
            const auto *line = qobject_cast<QLineEdit *>(QApplication::focusWidget());
            return line && line->text() == words;
        });
    };
    for (int attempt = 0; attempt < 3 && !stands(); ++attempt) {
        xdotool({QStringLiteral("key"), QStringLiteral("--clearmodifiers"), QStringLiteral("ctrl+a")});
        typeWords(words);
        QElapsedTimer timer;
        timer.start();
        while (!stands() && timer.elapsed() < 5000) {
            QThread::msleep(10);
        }
    }
}

// The middle of a widget on the screen, once its window is the active one and stands still: a window manager places new
// windows when it gets to it.
inline QPoint middleOf(const std::function<QWidget *()> &find, const QString &what)
{
    constexpr int Looks = 5; // at the same place, one after the other
    int same = 0;
    QPoint last;
    waitFor(what, [&] {
        QWidget *widget = find();
        if (!widget || !widget->isVisible() || !widget->isActiveWindow()) {
            same = 0;
            return false;
        }
        const QPoint now = widget->mapToGlobal(widget->rect().center());
        same = now == last ? same + 1 : 0;
        last = now;
        return same >= Looks;
    });
    return inWindow([&] { return find()->mapToGlobal(find()->rect().center()); });
}

} // namespace nabblet::e2e

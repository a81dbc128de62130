// What happens in a window while a database is waited for.
#include "data/dialect/waiting.h"
#include "entry/reading/waiting_strip.h"

#include <QAction>
#include <QApplication>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>
#include <QTimer>
#include <QVBoxLayout>

using namespace nabblet;

class TestWaitingStrip : public QObject
{
    Q_OBJECT

    std::unique_ptr<QWidget> m_window;
    QLineEdit *m_line = nullptr;
    int m_commands = 0;

    // A wait of so many ms, with something done in the window in the middle of it. Whether it was not given up.
    static bool waitFor(int ms, const std::function<void()> &meanwhile)
    {
        QElapsedTimer clock;
        clock.start();
        bool isDone = false;
        Wait wait;
        while (clock.elapsed() < ms) {
            QThread::msleep(5);
            if (!wait.goOn()) {
                return false;
            }
            if (!isDone && clock.elapsed() > ms / 2) {
                isDone = true;
                meanwhile();
            }
        }
        return true;
    }

private Q_SLOTS:
    void init()
    {
        m_commands = 0;
        m_window = std::make_unique<QWidget>();
        auto *column = new QVBoxLayout(m_window.get());
        m_line = new QLineEdit;
        column->addWidget(m_line);
        auto *command = new QAction(m_window.get());
        command->setShortcut(QKeySequence(QStringLiteral("Ctrl+S")));
        connect(command, &QAction::triggered, this, [this] {
            QVERIFY2(!isWaiting(), "in the middle of a statement");
            ++m_commands;
        });
        m_window->addAction(command);
        m_window->show();
        m_window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_window.get()));
        m_line->setFocus();
    }

    void shortWaitsShowNothing()
    {
        const WaitingStrip strip;
        bool wasShown = true;
        QVERIFY(waitFor(100, [&] { wasShown = strip.isShown(); }));
        QVERIFY(!wasShown);
    }

    // Letters and commands come when the wait is over, in their order and each once; timers come again.
    void whatIsPressedComesAfterwards()
    {
        const WaitingStrip strip;
        int ticks = 0;
        bool tickedWithin = false;
        QTimer timer;
        connect(&timer, &QTimer::timeout, this, [&] {
            ++ticks;
            tickedWithin = tickedWithin || isWaiting();
        });
        timer.start(1);
        bool wasShown = false;
        QVERIFY(waitFor(500, [&] {
            wasShown = strip.isShown();
            QTest::keyClicks(m_line, "ab");
            QTest::keyClick(m_window.get(), Qt::Key_S, Qt::ControlModifier);
            QTest::keyClicks(m_line, "c");
            QCOMPARE(m_line->text(), QString());
        }));
        QVERIFY(wasShown);
        QVERIFY(!strip.isShown());
        QCOMPARE(m_commands, 0);
        QTRY_COMPARE(m_line->text(), "abc");
        QTRY_COMPARE(m_commands, 1);
        QTRY_VERIFY(ticks > 0);
        QVERIFY(!tickedWithin);
    }

    // Escape and Stop give it up. What was typed before is not taken back by the Escape that stopped.
    void escapeStopsAndTakesNothingBack()
    {
        const WaitingStrip strip;
        m_line->setText("typed");
        int escapes = 0;
        auto *escape = new QAction(m_window.get());
        connect(escape, &QAction::triggered, this, [&] { ++escapes; });
        QVERIFY(!waitFor(800, [&] { QTest::keyClick(m_line, Qt::Key_Escape); }));
        QApplication::processEvents();
        QCOMPARE(m_line->text(), "typed");
        QCOMPARE(escapes, 0);
        QVERIFY(!waitFor(800, [&] { m_window->findChild<QPushButton *>("stopWaiting")->click(); }));
        QVERIFY(!strip.isShown());
    }

    void closingStopsAndClosesAfterwards()
    {
        const WaitingStrip strip;
        QVERIFY(!waitFor(800, [&] {
            m_window->close();
            QVERIFY(m_window->isVisible());
        }));
        QTRY_VERIFY(!m_window->isVisible());
    }
};

QTEST_MAIN(TestWaitingStrip)
#include "tst_waiting_strip.moc"

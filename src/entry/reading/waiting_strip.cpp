#include "entry/reading/waiting_strip.h"

#include "data/dialect/waiting.h"

#include <QApplication>
#include <QFrame>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>

namespace nabblet {

namespace {

constexpr int AtOnce = 10;     // ms of events between looks for the answer
constexpr int FromBottom = 88; // px, above the record strip

// The window that the person looks at.
QWidget *windowInSight()
{
    if (QWidget *active = QApplication::activeWindow()) {
        return active;
    }
    for (QWidget *window : QApplication::topLevelWidgets()) {
        if (window->isVisible() && window->isWindow() && !(window->windowFlags() & Qt::ToolTip)) {
            return window;
        }
    }
    return nullptr;
}

bool isOf(const QObject *watched, const QWidget *strip)
{
    const auto *widget = qobject_cast<const QWidget *>(watched);
    return widget && strip && (widget == strip || strip->isAncestorOf(widget));
}

} // namespace

WaitingStrip::WaitingStrip(QObject *parent) : QObject(parent)
{
    setWhileWaiting({[this](qint64 waited) { return goOn(waited); }, [this] { end(); }});
}

WaitingStrip::~WaitingStrip()
{
    setWhileWaiting({});
}

bool WaitingStrip::goOn(qint64 waited)
{
    if (waited < ShownAfter) {
        return true;
    }
    if (!m_isWaiting) {
        m_isWaiting = true;
        m_isStopped = false;
        qApp->installEventFilter(this);
        show();
    }
    QCoreApplication::processEvents(QEventLoop::AllEvents, AtOnce);
    return !m_isStopped;
}

void WaitingStrip::show()
{
    QWidget *window = windowInSight();
    if (!window) {
        return;
    }
    m_strip = new QFrame(window);
    m_strip->setObjectName(QStringLiteral("waiting"));
    m_strip->setAutoFillBackground(true);
    m_strip->setFrameShape(QFrame::StyledPanel);
    auto *row = new QHBoxLayout(m_strip);
    row->setContentsMargins(12, 6, 6, 6);
    row->setSpacing(12);
    auto *words = new QLabel(tr("Waiting for the database…"));
    words->setObjectName(QStringLiteral("waitingWords"));
    row->addWidget(words);
    auto *stop = new QPushButton(tr("Stop"));
    stop->setObjectName(QStringLiteral("stopWaiting"));
    stop->setFocusPolicy(Qt::NoFocus); // the keyboard stays where it is
    connect(stop, &QPushButton::clicked, this, [this] { m_isStopped = true; });
    row->addWidget(stop);
    m_strip->adjustSize();
    m_strip->move((window->width() - m_strip->width()) / 2, window->height() - m_strip->height() - FromBottom);
    m_strip->show();
    m_strip->raise();
}

void WaitingStrip::end()
{
    if (!m_isWaiting) {
        return;
    }
    m_isWaiting = false;
    qApp->removeEventFilter(this);
    delete m_strip;
    // What was typed meanwhile goes where the keyboard is by then.
    for (Later &each : m_later) {
        QObject *keyboard = QApplication::focusWidget() ? QApplication::focusWidget() : QApplication::activeWindow();
        if (QObject *to = each.isKey ? keyboard : each.to.data()) {
            QCoreApplication::postEvent(to, each.event.release());
        }
    }
    m_later.clear();
    if (m_toClose) {
        QMetaObject::invokeMethod(m_toClose, &QWidget::close, Qt::QueuedConnection);
        m_toClose = nullptr;
    }
}

// Only painting goes on, and the strip itself. Timers come again; nothing that could ask the database is let through.
bool WaitingStrip::eventFilter(QObject *watched, QEvent *event)
{
    if (isOf(watched, m_strip)) {
        return false;
    }
    switch (event->type()) {
    case QEvent::KeyPress:
    case QEvent::KeyRelease:
        if (!watched->isWidgetType()) { // its window passes it on from here
            return false;
        }
        if (static_cast<QKeyEvent *>(event)->key() == Qt::Key_Escape) { // stops, and takes back nothing that was typed
            m_isStopped = true;
            return true;
        }
        m_later.push_back({nullptr, true, std::unique_ptr<QEvent>(event->clone())});
        return true;
    case QEvent::Shortcut: // to whatever has it, also what is no widget: a command in the middle of a statement
        m_later.push_back({watched, false, std::unique_ptr<QEvent>(event->clone())});
        return true;
    case QEvent::MouseButtonPress:
    case QEvent::MouseButtonRelease:
    case QEvent::MouseButtonDblClick:
    case QEvent::MouseMove:
    case QEvent::Wheel:
    case QEvent::ContextMenu:
    case QEvent::DragEnter:
    case QEvent::Drop:
    case QEvent::TouchBegin:
    case QEvent::TouchUpdate:
    case QEvent::TouchEnd:
    case QEvent::InputMethod:
        return watched->isWidgetType();
    case QEvent::Timer:
        return true;
    case QEvent::Close:
        if (auto *window = qobject_cast<QWidget *>(watched); window && window->isWindow()) {
            m_toClose = window;
            m_isStopped = true;
            event->ignore();
            return true;
        }
        return false;
    default:
        return false;
    }
}

} // namespace nabblet

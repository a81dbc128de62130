#include "app/entry_window.h"

#include "app/unsaved_record.h"
#include "entry/entry_view.h"
#include "entry/theme.h"

#include <QApplication>
#include <QCloseEvent>
#include <QMenuBar>
#include <QScreen>
#include <QStatusBar>
#include <QVBoxLayout>

namespace nabblet {

EntryWindow::EntryWindow(const Workspace &workspace, const Form &form, QWidget *parent)
    : QMainWindow(parent), m_appearance(lookNamed(form.look), themeOfPalette(QApplication::palette()), desktopFont())
{
    QApplication::setFont(desktopFont());
    QApplication::setPalette(panelPalette(m_appearance.theme()));
    qApp->setStyleSheet(panelStyle(m_appearance.theme()));
    setWindowTitle(form.title);
    m_session = std::make_unique<EntrySession>(*workspace.connection, workspace.catalogue, form);
    m_session->setFormReader(formReaderOf(workspace.projectFolder));
    m_view = new EntryView(m_session.get(), m_appearance);
    connect(m_view, &EntryView::closeRequested, this, &EntryWindow::close, Qt::QueuedConnection);
    auto *ground = new QWidget;
    ground->setObjectName(QStringLiteral("ground"));
    ground->setAttribute(Qt::WA_StyledBackground);
    auto *column = new QVBoxLayout(ground);
    column->setContentsMargins(8, 8, 8, 8);
    column->addWidget(m_view);
    setCentralWidget(ground);
    connect(m_session.get(), &EntrySession::said, this,
            [this](const QString &sentence) { statusBar()->showMessage(sentence, 15000); });

    QMenu *records = menuBar()->addMenu(tr("&Records"));
    const auto add = [&](const QString &words, const QString &keys, auto action) {
        records->addAction(words, this, action)->setShortcut(QKeySequence(keys));
    };
    add(tr("&Save"), tr("Ctrl+S"), [this] { m_session->save(); });
    add(tr("&Take back"), tr("Ctrl+Backspace"), [this] { m_session->takeBack(); });
    records->addSeparator();
    add(tr("&First"), tr("Ctrl+Home"), [this] { m_session->goFirst(); });
    add(tr("&Previous"), tr("PgUp"), [this] { m_session->goPrevious(); });
    add(tr("&Next"), tr("PgDown"), [this] { m_session->goNext(); });
    add(tr("&Last"), tr("Ctrl+End"), [this] { m_session->goLast(); });
    add(tr("&Find…"), tr("Ctrl+F"), [this] { m_view->askAndFind(); });
    records->addSeparator();
    add(tr("&Add"), tr("Ctrl+N"), [this] {
        if (m_session->add()) {
            m_view->focusFirst();
        }
    });
    add(tr("&Delete…"), tr("Ctrl+Del"), [this] { m_view->askAndDelete(); });
    records->addSeparator();
    add(tr("&Close"), tr("Ctrl+W"), [this] { close(); });

    // As large as the form, and in the middle of the screen that the person looks at.
    const QRect screen = (QGuiApplication::screenAt(QCursor::pos()) ? QGuiApplication::screenAt(QCursor::pos())
                                                                    : QGuiApplication::primaryScreen())
                             ->availableGeometry();
    const WindowStyle &style = form.window;
    constexpr int Around = 32; // px beside the form
    constexpr int RoomForStrip = 900;
    const int list = style.hasRecordList ? style.listWidth : 0;
    const int across =
        (style.hasRecordStrip && !style.isFixed ? std::max(form.width, RoomForStrip) : form.width) + list;
    const QSize wanted(across + Around, shownHeight(form) + (style.hasRecordStrip ? 120 : 76));
    resize(wanted.boundedTo(screen.size()));
    if (style.isFixed) {
        setFixedSize(size());
        setWindowFlag(Qt::WindowMaximizeButtonHint, false);
        setWindowFlag(Qt::WindowMinimizeButtonHint, false);
    } else if (form.leastWidth > 0) {
        setMinimumWidth(std::min(form.leastWidth + list + Around, screen.width()));
    }
    move(screen.center() - QPoint(width() / 2, height() / 2));
}

EntryWindow::~EntryWindow()
{
    delete m_view;
}

Outcome EntryWindow::start()
{
    // A form without rows has buttons that lead to others.
    const bool hasRows = !m_session->form().rowSource.isEmpty();
    Outcome started = hasRows ? m_session->start() : Outcome(Done{});
    m_view->focusFirst();
    return started;
}

void EntryWindow::closeEvent(QCloseEvent *event)
{
    event->setAccepted(mayLeaveRecord(m_session.get(), this));
}

} // namespace nabblet

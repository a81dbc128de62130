#include "entry/view/form_window.h"
#include "core/edit/scaled_form.h"
#include "entry/theme/announce.h"
#include "entry/theme/entry_zoom.h"
#include "entry/theme/window_place.h"

#include "core/arrange/windows/at_work.h"
#include "core/form_settings/titled_by_record.h"
#include "entry/reading/database_watch.h"
#include "entry/records/unsaved_record.h"
#include "entry/view/entry_view.h"
#include "entry/view/record_commands.h"

#include <QApplication>
#include <QCloseEvent>
#include <QKeyEvent>
#include <QMenuBar>
#include <QScreen>
#include <QStatusBar>
#include <QStyle>
#include <QVBoxLayout>

#include <algorithm>
#include <functional>

namespace nabblet {

namespace {

constexpr int Margin = 8;       // px around the form
constexpr int StatusRoom = 30;  // px
constexpr int WindowFrame = 44; // px that the desktop's frame may take at top and bottom
constexpr int SaidFor = 15000;  // ms

QRect screenFor(const QWidget *parent)
{
    const QScreen *screen = parent ? parent->screen() : QGuiApplication::screenAt(QCursor::pos());
    return (screen ? screen : QGuiApplication::primaryScreen())->availableGeometry();
}

} // namespace

FormWindow::FormWindow(EntrySession *session, const Appearance &appearance, QWidget *parent)
    : QMainWindow(parent), m_session(session), m_appearance(appearance.zoomed(entryZoom())), m_view(nullptr)
{
    nameWindow();
    if (parent) {
        setWindowFlag(Qt::Dialog); // over its parent, in front of it
        setAttribute(Qt::WA_DeleteOnClose);
        setWindowModality(Qt::WindowModal);
    }
    m_view = new EntryView(session, m_appearance);
    connect(m_view, &EntryView::closeRequested, this, &FormWindow::close, Qt::QueuedConnection);
    auto *ground = new QWidget;
    ground->setObjectName(QStringLiteral("ground"));
    ground->setAttribute(Qt::WA_StyledBackground);
    auto *column = new QVBoxLayout(ground);
    column->setContentsMargins(Margin, Margin, Margin, Margin);
    column->addWidget(m_view);
    setCentralWidget(ground);
    connect(m_view, &EntryView::said, this, [this](const QString &sentence) {
        statusBar()->showMessage(sentence, SaidFor);
        announce(statusBar(), sentence);
    });
    connect(session, &EntrySession::recordChanged, this, &FormWindow::nameWindow);
    // There from the beginning, so that nothing moves when it speaks.
    statusBar()->setSizeGripEnabled(false);
    makeRecordsMenu();
    makeViewMenu();

    takeUsualSize();
}

FormWindow::FormWindow(std::unique_ptr<EntrySession> session, const Appearance &appearance, QWidget *parent)
    : FormWindow(session.get(), appearance, parent)
{
    m_owned = std::move(session);
}

// As large as the form is with what stands around it, at the zoom at which it is shown, or as the screen is. A window that
// somebody gave another size only grows.
void FormWindow::takeUsualSize()
{
    const double by = m_view->zoom() / 100.0;
    const Form form = asHighAsAtWork(scaledForm(m_session->form(), by, by, OnGrid::No));
    const WindowStyle &own = form.window;
    const int list = own.hasRecordList ? own.listWidth : 0;
    const int strip = own.hasRecordStrip && !form.rowsFrom.isEmpty() ? m_view->stripHeight() : 0;
    const int across = (strip > 0 && !own.isFixed ? std::max(form.width, m_view->stripWidth()) : form.width) + list;
    QSize wanted(across + 2 * Margin,
                 shownHeight(form) + strip + 2 * Margin + menuBar()->sizeHint().height() + StatusRoom);
    const QRect screen = screenFor(isVisible() ? this : parentWidget());
    const bool scrolls = isTabular(form) || wanted.height() > screen.height() - WindowFrame;
    wanted += QSize(scrolls ? style()->pixelMetric(QStyle::PM_ScrollBarExtent) : 0, 0);
    const QSize usual = wanted.boundedTo(screen.size() - QSize(0, WindowFrame));
    setMinimumSize(0, 0);
    setMaximumSize(QWIDGETSIZE_MAX, QWIDGETSIZE_MAX);
    if (!isVisible() || size() == m_usualSize) {
        resize(usual);
    } else if (!isMaximized() && !isFullScreen()) {
        resize(size().expandedTo(usual));
    }
    m_usualSize = usual;
    if (own.isFixed) {
        setFixedSize(usual);
        if (!isVisible()) { // changed later, they would hide it
            setWindowFlag(Qt::WindowMaximizeButtonHint, false);
            setWindowFlag(Qt::WindowMinimizeButtonHint, false);
        }
    } else {
        // As pinned; what was worked out scrolls below it.
        const QSize around(list + 2 * Margin, wanted.height() - shownHeight(form));
        if (form.leastWidth > 0) {
            setMinimumWidth(std::min(form.leastWidth + around.width(), screen.width()));
        }
        if (form.leastHeight > 0) {
            setMinimumHeight(std::min(form.leastHeight + around.height(), screen.height() - WindowFrame));
        }
    }
    if (isVisible() && !isMaximized() && !isFullScreen()) { // what grew does not leave the screen
        const QPoint corner(std::min(x(), screen.right() + 1 - frameGeometry().width()),
                            std::min(y(), screen.bottom() + 1 - frameGeometry().height()));
        move(std::max(corner.x(), screen.x()), std::max(corner.y(), screen.y()));
    }
}

FormWindow::~FormWindow()
{
    delete m_view; // before the session that it shows
}

void FormWindow::nameWindow()
{
    const Form &form = m_session->form();
    const QString record = isTitledByRecord(form) ? m_session->values().recordWords() : QString();
    setWindowTitle(record.isEmpty() ? form.title : tr("%1 – %2").arg(record, form.title));
}

// How large it is shown is the person's own, and stays so for the next window.
void FormWindow::makeViewMenu()
{
    QMenu *view = menuBar()->addMenu(tr("&View"));
    const auto add = [&](const QString &words, const QKeySequence &key, const std::function<int()> &wanted) {
        QAction *action = view->addAction(words, this, [this, wanted] {
            const int percent = wanted();
            setEntryZoom(percent);
            m_view->setZoom(percent);
            takeUsualSize();
            statusBar()->showMessage(tr("Shown at %1 %.").arg(m_view->zoom()), SaidFor);
        });
        action->setShortcut(key);
    };
    add(tr("&Larger"), QKeySequence::ZoomIn, [this] { return entryZoomAfter(m_view->zoom(), 1); });
    add(tr("&Smaller"), QKeySequence::ZoomOut, [this] { return entryZoomAfter(m_view->zoom(), -1); });
    add(tr("&As it was made"), QKeySequence(QStringLiteral("Ctrl+0")), [] { return 100; });
}

void FormWindow::makeRecordsMenu()
{
    QMenu *records = menuBar()->addMenu(tr("&Records"));
    const auto add = [&](const QString &words, const QString &keys, auto action, std::function<bool()> isOfUse) {
        QAction *made = records->addAction(words, this, action);
        made->setShortcut(QKeySequence(keys));
        // Greyed only while the menu is open: the keys always arrive, and the form says why nothing comes of them.
        connect(records, &QMenu::aboutToShow, made, [made, isOfUse] { made->setEnabled(isOfUse()); });
        connect(records, &QMenu::aboutToHide, made, [made] { made->setEnabled(true); });
    };
    const auto always = [] { return true; };
    if (!m_session->form().rowsFrom.isEmpty()) {
        add(
            tr("&Save"), tr("Ctrl+S"), [this] { m_session->saving().save(); },
            [this] { return m_session->hasUnsaved(); });
    }
    const bool hasRows = !m_session->form().rowsFrom.isEmpty();
    for (const RecordCommand &each : recordCommands()) {
        if (!hasRows && !each.isWithoutRows) {
            continue;
        }
        if (hasRows && (each.beginsPart || &each == &recordCommands().first())) {
            records->addSeparator();
        }
        add(
            recordCommandTitle(each), QString::fromLatin1(each.keys),
            [this, &each] { runRecordCommand(each, *m_view); },
            [this, isOfUse = each.isOfUse] { return !isOfUse || isOfUse(*m_view); });
    }
    records->addSeparator();
    add(
        tr("&Close"), tr("Ctrl+W"), [this] { close(); }, always);
}

void FormWindow::begin()
{
    // Placed before it is shown, with room for a frame: the desktop then puts its frame where this says, and the title
    // stays on the screen.
    const QRect screen = screenFor(parentWidget());
    const QRect over = parentWidget() ? parentWidget()->window()->frameGeometry() : screen;
    QRect own(QPoint(), size() + QSize(0, WindowFrame));
    own.moveCenter(over.center());
    own.moveLeft(std::clamp(own.x(), screen.x(), std::max(screen.x(), screen.right() - own.width())));
    own.moveTop(std::clamp(own.y(), screen.y(), std::max(screen.y(), screen.bottom() - own.height())));
    move(own.topLeft());
    const Form &form = m_session->form();
    if (form.window.isFixed) {
        const QSize fixed = size();
        (void)restorePlace(*this, placeName(), placeEdition());
        setFixedSize(fixed);
    } else {
        (void)restorePlace(*this, placeName(), placeEdition());
    }
    show();
    m_view->focusFirst();
}

// A place belongs to a form; where its own size was changed meanwhile, or how large it is shown, it begins anew.
QString FormWindow::placeName() const
{
    const Form &form = m_session->form();
    return QStringLiteral("form ") + form.name + u' ' + form.rowsFrom;
}

QString FormWindow::placeEdition() const
{
    const Form &form = m_session->form();
    return QStringLiteral("%1x%2 %3").arg(form.width).arg(shownHeight(form)).arg(m_view->zoom());
}

void FormWindow::keyPressEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Escape && parentWidget()) {
        close();
    } else {
        QMainWindow::keyPressEvent(event);
    }
}

void FormWindow::closeEvent(QCloseEvent *event)
{
    event->setAccepted(mayLeaveRecord(m_session, this));
    if (event->isAccepted()) {
        keepPlace(*this, placeName(), placeEdition());
        Q_EMIT closed();
    }
}

} // namespace nabblet

#include "entry/form_window.h"

#include "entry/entry_view.h"

#include <QScreen>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LeastWidth = 480; // px, room for the record strip
constexpr int Around = 24;      // px beside the form
constexpr int StripHeight = 64; // px below it

} // namespace

FormWindow::FormWindow(EntrySession *session, const Appearance &appearance, QWidget *parent)
    : QDialog(parent), m_session(session), m_view(new EntryView(session, appearance, this))
{
    setWindowTitle(session->form().title);
    setAttribute(Qt::WA_DeleteOnClose);
    setWindowModality(Qt::WindowModal);
    auto *layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_view);
    const QSize wanted(std::max(LeastWidth, session->form().width + Around),
                       shownHeight(session->form()) + StripHeight);
    const QRect screen = parent->screen()->availableGeometry();
    resize(wanted.boundedTo(screen.size() - QSize(Around, Around)));
    connect(m_view, &EntryView::closeRequested, this, &FormWindow::reject, Qt::QueuedConnection);
}

FormWindow::FormWindow(std::unique_ptr<EntrySession> session, const Appearance &appearance, QWidget *parent)
    : FormWindow(session.get(), appearance, parent)
{
    m_owned = std::move(session);
}

FormWindow::~FormWindow()
{
    delete m_view; // before the session that it shows
}

void FormWindow::begin()
{
    show();
    const QRect over = parentWidget()->window()->frameGeometry();
    const QRect screen = parentWidget()->screen()->availableGeometry();
    QRect own = frameGeometry();
    own.moveCenter(over.center());
    own.moveLeft(std::clamp(own.x(), screen.x(), std::max(screen.x(), screen.right() - own.width())));
    own.moveTop(std::clamp(own.y(), screen.y(), std::max(screen.y(), screen.bottom() - own.height())));
    move(own.topLeft());
    m_view->focusFirst();
}

void FormWindow::reject()
{
    if (m_session->leave()) {
        QDialog::reject();
    }
}

} // namespace nabblet

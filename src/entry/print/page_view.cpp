#include "entry/print/page_view.h"

#include <QKeyEvent>
#include <QPaintEvent>
#include <QPainter>
#include <QScrollBar>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Gap = 16;         // px between pages and around them
constexpr int PicturesKept = 8; // pages
constexpr int LeastWide = 120;  // px

} // namespace

PageView::PageView(QWidget *parent) : QAbstractScrollArea(parent), m_pictures(PicturesKept)
{
    setObjectName(QStringLiteral("pages"));
    setAccessibleName(tr("Pages"));
    setFocusPolicy(Qt::StrongFocus);
    setFrameShape(QFrame::NoFrame);
    viewport()->setAutoFillBackground(false);
}

void PageView::setJob(PrintJob *job)
{
    m_job = job;
    m_pictures.clear();
    arrange();
    verticalScrollBar()->setValue(0);
    viewport()->update();
}

void PageView::setZoom(int percent)
{
    const int page = pageInSight();
    m_zoom = percent;
    m_pictures.clear();
    arrange();
    goToPage(page);
    viewport()->update();
}

QSize PageView::shownSize() const
{
    if (!m_job) {
        return {};
    }
    const QSize page = m_job->pageSize();
    const double by = m_zoom > 0 ? m_zoom / 100.0
                                 : static_cast<double>(std::max(LeastWide, viewport()->width() - 2 * Gap)) /
                                       std::max(1, page.width());
    return (QSizeF(page) * by).toSize();
}

int PageView::pitch() const
{
    return std::max(1, shownSize().height() + Gap);
}

void PageView::arrange()
{
    const QSize page = shownSize();
    const qint64 whole = m_job ? qint64(m_job->pages()) * pitch() + Gap : 0;
    constexpr qint64 Most = std::numeric_limits<int>::max() / 2;
    verticalScrollBar()->setRange(0, static_cast<int>(std::clamp<qint64>(whole - viewport()->height(), 0, Most)));
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(std::max(1, pitch() / 12));
    horizontalScrollBar()->setRange(0, std::max(0, page.width() + 2 * Gap - viewport()->width()));
    horizontalScrollBar()->setPageStep(viewport()->width());
}

void PageView::pagesAdded()
{
    arrange();
    viewport()->update();
}

int PageView::pageInSight() const
{
    const int middle = verticalScrollBar()->value() + viewport()->height() / 3;
    return m_job ? std::clamp(middle / pitch(), 0, std::max(0, m_job->pages() - 1)) : 0;
}

void PageView::goToPage(int page)
{
    verticalScrollBar()->setValue(page * pitch());
}

const QPixmap &PageView::picture(int page)
{
    if (!m_pictures.contains(page)) {
        const QSize size = shownSize();
        auto *made = new QPixmap(size * devicePixelRatioF());
        made->setDevicePixelRatio(devicePixelRatioF());
        made->fill(Qt::white);
        QPainter painter(made);
        painter.setRenderHint(QPainter::Antialiasing);
        const double by = static_cast<double>(size.width()) / m_job->pageSize().width();
        painter.scale(by, by);
        m_job->paint(painter, page);
        painter.end();
        m_pictures.insert(page, made);
    }
    return *m_pictures.object(page);
}

void PageView::paintEvent(QPaintEvent *)
{
    QPainter painter(viewport());
    painter.fillRect(viewport()->rect(), palette().color(QPalette::Mid));
    if (!m_job) {
        return;
    }
    const QSize size = shownSize();
    const int top = verticalScrollBar()->value();
    const int x = std::max(Gap, (viewport()->width() - size.width()) / 2) - horizontalScrollBar()->value();
    const int first = std::max(0, (top - Gap) / pitch());
    for (int page = first; page < m_job->pages(); ++page) {
        const int y = Gap + page * pitch() - top;
        if (y > viewport()->height()) {
            break;
        }
        painter.drawPixmap(x, y, picture(page));
        painter.setPen(palette().color(QPalette::Dark));
        painter.drawRect(QRect(QPoint(x, y), size).adjusted(-1, -1, 0, 0));
    }
}

void PageView::resizeEvent(QResizeEvent *event)
{
    QAbstractScrollArea::resizeEvent(event);
    const int page = pageInSight();
    if (m_zoom == 0) {
        m_pictures.clear();
    }
    arrange();
    if (event->oldSize().width() != event->size().width() && event->oldSize().isValid()) {
        goToPage(page);
    }
}

void PageView::scrollContentsBy(int, int)
{
    viewport()->update();
    Q_EMIT pageInSightChanged();
}

void PageView::keyPressEvent(QKeyEvent *event)
{
    switch (event->key()) {
    case Qt::Key_PageDown:
        goToPage(pageInSight() + 1);
        break;
    case Qt::Key_PageUp:
        goToPage(std::max(0, pageInSight() - 1));
        break;
    case Qt::Key_Home:
        goToPage(0);
        break;
    case Qt::Key_End:
        verticalScrollBar()->setValue(verticalScrollBar()->maximum());
        break;
    default:
        QAbstractScrollArea::keyPressEvent(event);
    }
}

} // namespace nabblet

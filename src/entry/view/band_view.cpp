#include "entry/view/band_view.h"

#include "entry/paint/picture_painter.h"

#include <QMouseEvent>
#include <QPaintEvent>
#include <QPainter>

namespace nabblet {

BandView::BandView(BandRole role, const Appearance *appearance, QWidget *parent, Extent extent)
    : QWidget(parent), m_role(role), m_isPart(extent == Extent::Part), m_appearance(appearance)
{
    setAttribute(Qt::WA_OpaquePaintEvent);
}

void BandView::setPainted(const QList<Control> &controls)
{
    m_painted = controls;
    update();
}

void BandView::mousePressEvent(QMouseEvent *event)
{
    const QPoint at = event->pos() + QPoint(m_shift, 0) + m_origin;
    if (event->button() != Qt::LeftButton || !pressed || !pressed(at)) {
        QWidget::mousePressEvent(event);
    }
}

void BandView::setGround(const Ground &ground)
{
    if (!(ground == m_ground)) {
        m_ground = ground;
        update();
    }
}

void BandView::setOrigin(QPoint origin)
{
    if (origin != m_origin) {
        m_origin = origin;
        update();
    }
}

void BandView::setShift(int shift)
{
    if (shift != m_shift) {
        scroll(m_shift - shift, 0);
        m_shift = shift;
        update();
    }
}

void BandView::setPicture(const std::optional<BandPicture> &picture, const QRect &form)
{
    if (picture != m_picture || (picture && form != m_form)) {
        m_picture = picture;
        m_form = form;
        update();
    }
}

void BandView::paintGround(QPainter &painter) const
{
    if (m_isPart) {
        painter.fillRect(rect(), colourOf(m_ground, *m_appearance)); // the lines are the band's
        return;
    }
    paintBand(painter, m_role, m_ground, rect(), *m_appearance);
    if (m_picture) {
        paintGroundPicture(painter, *m_picture, rect(), m_form, *m_appearance);
    }
}

void BandView::paintEvent(QPaintEvent *event)
{
    QPainter painter(this);
    paintGround(painter);
    for (const Control &control : m_painted) {
        const QPoint by = QPoint(-m_shift, 0) - m_origin;
        if (control.place.translated(by).intersects(event->rect())) {
            paintControl(painter, control, shown ? shown(control) : shownBlank(control), by, *m_appearance,
                         groundUnder ? groundUnder(control) : m_ground);
        }
    }
}

} // namespace nabblet

#include "entry/band_view.h"

#include "entry/picture_painter.h"

#include <QPaintEvent>
#include <QPainter>

namespace nabblet {

BandView::BandView(BandRole role, const Appearance *appearance, QWidget *parent)
    : QWidget(parent), m_role(role), m_appearance(appearance)
{
    setAttribute(Qt::WA_OpaquePaintEvent);
}

void BandView::setPainted(const QList<Control> &controls)
{
    m_painted = controls;
    update();
}

void BandView::setTone(BandTone tone)
{
    if (tone != m_tone) {
        m_tone = tone;
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

void BandView::paintEvent(QPaintEvent *event)
{
    QPainter painter(this);
    paintBand(painter, m_role, m_tone, rect(), *m_appearance);
    for (const Control &control : m_painted) {
        if (control.place.translated(-m_shift, 0).intersects(event->rect())) {
            paintControl(painter, control, shown ? shown(control) : shownBlank(control), QPoint(-m_shift, 0),
                         *m_appearance);
        }
    }
}

} // namespace nabblet

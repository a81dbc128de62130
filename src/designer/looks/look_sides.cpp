#include "designer/looks/look_sides.h"

#include "entry/paint/form_painter.h"

#include <QApplication>
#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Between = 6;    // px between the two
constexpr int MostSide = 170; // px high at most, each
constexpr double LeastScale = 0.34;

} // namespace

LookSides::LookSides(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("lookSides"));
    setAccessibleName(tr("The form, light and dark"));
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

void LookSides::showForm(const Form &form, EntrySession *session, const Look &look, const LookBook &book)
{
    m_form = form;
    m_session = session;
    m_light = std::make_unique<Appearance>(look, Theme::Light, QApplication::font(), book);
    m_dark = std::make_unique<Appearance>(look, Theme::Dark, QApplication::font(), book);
    setFixedHeight(heightForWidth(width()));
    update();
}

int LookSides::heightForWidth(int width) const
{
    const double scale = std::max(LeastScale, width / std::max(1.0, static_cast<double>(m_form.width)));
    return 2 * std::min(MostSide, static_cast<int>(shownHeight(m_form) * scale)) + Between;
}

QSize LookSides::sizeHint() const
{
    return {200, heightForWidth(200)};
}

void LookSides::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    setFixedHeight(heightForWidth(width()));
}

void LookSides::paintEvent(QPaintEvent *)
{
    if (!m_light) {
        return;
    }
    QPainter painter(this);
    const double scale = std::max(LeastScale, width() / std::max(1.0, static_cast<double>(m_form.width)));
    const int high = (height() - Between) / 2;
    int y = 0;
    for (const Appearance *appearance : {m_light.get(), m_dark.get()}) {
        painter.save();
        painter.setClipRect(0, y, width(), high);
        painter.translate(0, y);
        painter.scale(scale, scale);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        paintForm(painter, m_form, m_session, QSize(m_form.width, shownHeight(m_form)), *appearance);
        painter.restore();
        painter.setPen(palette().color(QPalette::Mid));
        painter.drawRect(0, y, width() - 1, high - 1);
        y += high + Between;
    }
}

} // namespace nabblet

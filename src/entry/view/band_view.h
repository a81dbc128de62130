// One band of a form at work: paints its ground and the controls that take no value, holds the widgets of the others.
#pragma once

#include "core/kinds/kind.h"
#include "core/looks/dressing/ground_picture.h"
#include "core/model/form.h"
#include "entry/theme/appearance.h"

#include <QWidget>

#include <functional>

namespace nabblet {

class BandView : public QWidget
{
    Q_OBJECT

public:
    // Whether the view is of the whole band or of a part that scrolls by itself.
    enum class Extent { Whole, Part };
    BandView(BandRole role, const Appearance *appearance, QWidget *parent, Extent extent = Extent::Whole);

    // The controls that are painted and not widgets, stretched to the window.
    void setPainted(const QList<Control> &controls);
    // Where something painted is pressed, in the band; whether that meant anything.
    std::function<bool(QPoint at)> pressed;
    // What they show; blank while it is not said.
    std::function<Shown(const Control &)> shown;
    // The point of the band that lies at this view's top left corner, for a part of the band that scrolls by itself.
    void setOrigin(QPoint origin);
    // Moves what is painted to the left, when the body below is scrolled sideways.
    void setShift(int shift);
    int shift() const { return m_shift; }
    void setGround(const Ground &ground);
    const Ground &ground() const { return m_ground; }
    // The picture on its ground. form: the whole form's place, px from this view's top left corner.
    void setPicture(const std::optional<BandPicture> &picture, const QRect &form);
    // What each of the painted ones stands on; what the view itself has while it is not said.
    std::function<Ground(const Control &)> groundUnder;

protected:
    const Appearance &appearance() const { return *m_appearance; }
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void paintGround(QPainter &painter) const;
    bool hasPicture() const { return m_picture.has_value(); }

private:
    BandRole m_role;
    bool m_isPart;
    Ground m_ground;
    std::optional<BandPicture> m_picture;
    QRect m_form;
    const Appearance *m_appearance;
    QList<Control> m_painted;
    int m_shift = 0;
    QPoint m_origin;
};

} // namespace nabblet

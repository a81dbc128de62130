// Where any colour is picked: a strip of hues, and above it all strengths and lightnesses of the one chosen.
#pragma once

#include "core/looks/oklch.h"

#include <QWidget>

namespace nabblet {

class ColourPlane : public QWidget
{
    Q_OBJECT

public:
    explicit ColourPlane(QWidget *parent = nullptr);

    Colour colour() const { return fromOklch(m_at); }
    void setColour(Colour colour);
    QSize sizeHint() const override;

Q_SIGNALS:
    void moved(nabblet::Colour colour); // while it is dragged, or by the keyboard
    void taken(nabblet::Colour colour); // let go, or Enter

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    void mouseReleaseEvent(QMouseEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    QRect field() const;
    QRect strip() const;
    void goTo(QPointF point);

    Oklch m_at{0.6, 0.1, 200};
    bool m_isOnStrip = false;
    QPixmap m_picture; // of the field
    double m_pictureHue = -1;
};

} // namespace nabblet

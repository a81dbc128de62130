// Widgets that paint their control's picture in every state and hand keys and presses on to their editor.
#pragma once

#include "entry/editors/told_choices.h"

#include <QAbstractButton>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

#include <functional>

namespace nabblet {

class PaintedButton : public QAbstractButton
{
public:
    explicit PaintedButton(QWidget *parent) : QAbstractButton(parent) { setFocusPolicy(Qt::StrongFocus); }

    std::function<void(QPainter &, bool hasFocus)> paint;
    std::function<bool(int key)> pressKey; // whether the key was of use; may be empty

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        paint(painter, hasFocus());
    }
    void keyPressEvent(QKeyEvent *event) override
    {
        if (!pressKey || !pressKey(event->key())) {
            QAbstractButton::keyPressEvent(event);
        }
    }
};

class PaintedBox : public QWidget
{
public:
    explicit PaintedBox(QWidget *parent) : QWidget(parent)
    {
        setFocusPolicy(Qt::StrongFocus);
        tellChoicesOfPaintedBoxes();
    }

    std::function<void(QPainter &, bool hasFocus)> paint;
    std::function<void(QPoint)> press;
    std::function<bool(const QKeyEvent &)> pressKey; // whether the key was of use
    std::function<bool(int lines)> scroll;           // whether there was anything to scroll; may be empty
    ToldChoices told;                                // to screen readers

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        paint(painter, hasFocus());
    }
    void mousePressEvent(QMouseEvent *event) override { press(event->pos()); }
    void keyPressEvent(QKeyEvent *event) override
    {
        if (!pressKey(*event)) {
            QWidget::keyPressEvent(event);
        }
    }
    void wheelEvent(QWheelEvent *event) override
    {
        constexpr int LinesANotch = 3;
        constexpr int Notch = 120; // eighths of a degree
        const int lines = -event->angleDelta().y() * LinesANotch / Notch;
        event->setAccepted(scroll && scroll(lines));
    }
    void focusInEvent(QFocusEvent *) override { update(); }
    void focusOutEvent(QFocusEvent *) override { update(); }
};

} // namespace nabblet

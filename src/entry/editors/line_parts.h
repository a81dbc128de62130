// A line of text in a form's box, at rest painted as a picture.
#pragma once

#include "entry/editors/field_editor.h"

#include <QLineEdit>

namespace nabblet {

// Whether a key is a letter with Alt held: meant for a menu or a button, never a part of what is typed.
bool isAltLetter(const QKeyEvent &event);

// The line edit inside a box. It asks its owner to paint the box and tells it when the sign at the right end is
// pressed.
class BoxLine : public QLineEdit
{
    Q_OBJECT

public:
    BoxLine(QWidget *parent, int signWidth);
    // The width of the sign at the right end, px; 0 for none.
    void setSignWidth(int width) { m_signWidth = width; }

    // Keeps the room of a control's marks free and puts the text where its picture has it, in its colours.
    void showMarks(const Control &control, const Shown &shown, const Appearance &appearance, bool isNumber);

    // Paints the picture at rest, or the box only.
    std::function<void(QPainter &, bool hasFocus)> paint;

Q_SIGNALS:
    void openRequested();           // the sign, Alt+Down or F4
    void signPressed(bool isUpper); // its upper or its lower half
    void focusEntered();
    void focusLeft();
    void stepRequested(int by); // Up and Down

protected:
    void initStyleOption(QStyleOptionFrame *option) const override;
    void paintEvent(QPaintEvent *event) override;
    void focusInEvent(QFocusEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;

private:
    bool isOnSign(QPointF at) const;

    int m_signWidth;
};

// Colours of a line edit on a form, in which the box is painted by the picture and not by Qt.
QPalette boxPalette(const Appearance &appearance, const Shown &shown);

} // namespace nabblet

#include "entry/editors/line_parts.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/marks.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QStyleOptionFrame>

namespace nabblet {

namespace {

constexpr int QtLineMargin = 2; // what QLineEdit itself keeps free on either side, px

} // namespace

BoxLine::BoxLine(QWidget *parent, int signWidth) : QLineEdit(parent), m_signWidth(signWidth)
{
    setFrame(false);
    setAttribute(Qt::WA_MacShowFocusRect, false);
    setMouseTracking(true);
}

void BoxLine::showMarks(const Control &control, const Shown &shown, const Appearance &appearance, bool isNumber)
{
    const bool isBesideMark = markAfterWidth(control) > 0;
    const int padding = appearance.padding();
    const int right = m_signWidth > 0 ? m_signWidth + (isBesideMark ? padding : 0) : padding;
    const int atBegin = markBeforeWidth(control) + padding - QtLineMargin;
    const int atEnd = markAfterWidth(control) + right - QtLineMargin;
    isRightToLeft() ? setTextMargins(atEnd, 0, atBegin, 0) : setTextMargins(atBegin, 0, atEnd, 0);
    const QPalette colours = boxPalette(appearance, shown);
    if (palette() != colours) {
        setPalette(colours);
    }
    const TextAlign align = alignIn(control, appearance.look(), isNumber);
    setAlignment((align == TextAlign::Left     ? Qt::AlignLeft
                  : align == TextAlign::Centre ? Qt::AlignHCenter
                                               : Qt::AlignRight) |
                 Qt::AlignVCenter);
}

// The box is painted by the picture; Qt must not lay its own ground over it, whatever style the application uses.
void BoxLine::initStyleOption(QStyleOptionFrame *option) const
{
    QLineEdit::initStyleOption(option);
    option->lineWidth = 0;
    option->palette.setBrush(QPalette::Base, Qt::transparent);
}

void BoxLine::paintEvent(QPaintEvent *event)
{
    {
        QPainter painter(this);
        paint(painter, hasFocus());
    }
    if (hasFocus()) {
        QLineEdit::paintEvent(event);
    }
}

void BoxLine::focusInEvent(QFocusEvent *event)
{
    QLineEdit::focusInEvent(event);
    Q_EMIT focusEntered();
    update();
}

void BoxLine::focusOutEvent(QFocusEvent *event)
{
    QLineEdit::focusOutEvent(event);
    Q_EMIT focusLeft();
    update();
}

bool isAltLetter(const QKeyEvent &event)
{
    const bool isPlainAlt = (event.modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier)) == Qt::AltModifier;
    return isPlainAlt && !event.text().isEmpty() && event.text().front().isPrint();
}

void BoxLine::keyPressEvent(QKeyEvent *event)
{
    const bool opens =
        event->key() == Qt::Key_F4 || (event->key() == Qt::Key_Down && event->modifiers().testFlag(Qt::AltModifier));
    if (m_signWidth > 0 && opens) {
        Q_EMIT openRequested();
    } else if ((event->key() == Qt::Key_Up || event->key() == Qt::Key_Down) && event->modifiers() == Qt::NoModifier) {
        Q_EMIT stepRequested(event->key() == Qt::Key_Up ? 1 : -1);
    } else if (isAltLetter(*event)) {
        event->ignore();
    } else {
        QLineEdit::keyPressEvent(event);
    }
}

// The sign stands at the end of the box, where reading ends.
bool BoxLine::isOnSign(QPointF at) const
{
    return m_signWidth > 0 && (isRightToLeft() ? at.x() < m_signWidth : at.x() >= width() - m_signWidth);
}

void BoxLine::mousePressEvent(QMouseEvent *event)
{
    QLineEdit::mousePressEvent(event);
    if (event->button() == Qt::LeftButton && isOnSign(event->position())) {
        Q_EMIT signPressed(event->position().y() < height() / 2.0);
        Q_EMIT openRequested();
    }
}

void BoxLine::mouseMoveEvent(QMouseEvent *event)
{
    setCursor(isOnSign(event->position()) ? Qt::ArrowCursor : Qt::IBeamCursor);
    QLineEdit::mouseMoveEvent(event);
}

QPalette boxPalette(const Appearance &appearance, const Shown &shown)
{
    QPalette palette;
    palette.setColor(QPalette::Base, Qt::transparent);
    palette.setColor(QPalette::Window, Qt::transparent);
    const Ink words = boxText(Control(), shown, appearance.look(), false).ink; // as the picture has them
    palette.setColor(QPalette::Text, appearance.colour(words == Ink::Faint ? Ink::FieldText : words));
    palette.setColor(QPalette::PlaceholderText, appearance.colour(words == Ink::MarkText ? Ink::MarkText : Ink::Faint));
    palette.setColor(QPalette::Highlight, appearance.colour(Ink::Accent));
    palette.setColor(QPalette::HighlightedText, appearance.colour(Ink::AccentText));
    return palette;
}

} // namespace nabblet

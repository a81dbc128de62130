#include "designer/settings/lines_editor.h"

#include <QKeyEvent>

namespace nabblet {

LinesEditor::LinesEditor(QWidget *parent) : QPlainTextEdit(parent)
{
    constexpr int Lines = 6;
    setFrameShape(QFrame::NoFrame); // the style sheet draws one
    setTabChangesFocus(true);
    setLineWrapMode(QPlainTextEdit::NoWrap);
    setFixedHeight(Lines * fontMetrics().lineSpacing() + 12);
}

void LinesEditor::setLines(const QString &lines, const QString &placeholder)
{
    if (hasFocus() && document()->isModified()) {
        return;
    }
    m_before = lines;
    setPlainText(lines);
    setPlaceholderText(placeholder);
    document()->setModified(false);
}

void LinesEditor::take()
{
    if (document()->isModified() && toPlainText() != m_before) {
        Q_EMIT edited(toPlainText());
    }
}

void LinesEditor::focusOutEvent(QFocusEvent *event)
{
    QPlainTextEdit::focusOutEvent(event);
    take();
}

void LinesEditor::keyPressEvent(QKeyEvent *event)
{
    const bool isEnter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (isEnter && event->modifiers().testFlag(Qt::ControlModifier)) {
        take();
    } else if (event->key() == Qt::Key_Escape) {
        setPlainText(m_before);
        document()->setModified(false);
    } else {
        QPlainTextEdit::keyPressEvent(event);
    }
}

} // namespace nabblet

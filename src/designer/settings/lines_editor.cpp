#include "designer/settings/lines_editor.h"

#include <QKeyEvent>

#include <algorithm>

namespace nabblet {

LinesEditor::LinesEditor(QWidget *parent) : QPlainTextEdit(parent)
{
    setFrameShape(QFrame::NoFrame); // the style sheet draws one
    setTabChangesFocus(true);
    setLineWrapMode(QPlainTextEdit::NoWrap);
    connect(this, &QPlainTextEdit::blockCountChanged, this, &LinesEditor::fitHeight);
    fitHeight();
}

// As high as its lines and the next one, within reason.
void LinesEditor::fitHeight()
{
    constexpr int Fewest = 2;
    constexpr int Most = 8;
    constexpr int Around = 12; // px
    setFixedHeight(std::clamp(blockCount() + 1, Fewest, Most) * fontMetrics().lineSpacing() + Around);
}

void LinesEditor::setLines(const QString &lines, const QString &placeholder)
{
    if (hasFocus() && document()->isModified()) {
        return;
    }
    setPlaceholderText(placeholder);
    if (lines == m_before && lines == toPlainText()) {
        return; // laying it out anew takes its time
    }
    m_before = lines;
    setPlainText(lines);
    document()->setModified(false);
}

void LinesEditor::take()
{
    if (document()->isModified() && toPlainText() != m_before) {
        Q_EMIT edited(toPlainText());
    }
}

// Ctrl+Enter is a key of the menus, too; at work on lines, it takes them.
bool LinesEditor::event(QEvent *event)
{
    if (event->type() == QEvent::ShortcutOverride) {
        const auto *key = static_cast<const QKeyEvent *>(event);
        const bool isEnter = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter;
        if (isEnter && key->modifiers().testFlag(Qt::ControlModifier)) {
            event->accept();
            return true;
        }
    }
    return QPlainTextEdit::event(event);
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

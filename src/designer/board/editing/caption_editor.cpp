#include "designer/board/editing/caption_editor.h"

#include <QKeyEvent>
#include <QTextBlock>
#include <QTextDocument>

#include <algorithm>

namespace nabblet {

CaptionEditor::CaptionEditor(const QString &words, const QRect &place, Qt::Alignment alignment, const QFont &font,
                             const Appearance &appearance, QWidget *parent)
    : QPlainTextEdit(parent), m_place(place), m_alignment(alignment)
{
    setObjectName(QStringLiteral("captionEditor"));
    setAccessibleName(tr("Words of the caption"));
    setFont(font);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setLineWrapMode(QPlainTextEdit::NoWrap);
    setTabChangesFocus(true);
    QPalette palette;
    palette.setColor(QPalette::Base, appearance.colour(Ink::FieldFill));
    palette.setColor(QPalette::Text, appearance.colour(Ink::FieldText));
    palette.setColor(QPalette::Highlight, appearance.colour(Ink::Accent));
    palette.setColor(QPalette::HighlightedText, appearance.colour(Ink::AccentText));
    setPalette(palette);
    document()->setDocumentMargin(0);
    setPlainText(words);
    QTextOption option = document()->defaultTextOption();
    option.setAlignment(alignment);
    document()->setDefaultTextOption(option);
    connect(this, &QPlainTextEdit::textChanged, this, &CaptionEditor::fit);
    fit();
    selectAll();
}

void CaptionEditor::fit()
{
    const QFontMetrics metrics(font());
    int widest = 0;
    const QStringList lines = toPlainText().split(u'\n');
    for (const QString &line : lines) {
        widest = std::max(widest, metrics.horizontalAdvance(line));
    }
    const int width = std::max(m_place.width(), widest) + 12;
    const int textHeight = static_cast<int>(lines.size()) * metrics.lineSpacing();
    const int height = std::max(m_place.height(), textHeight + 4);
    const int x = m_alignment & Qt::AlignRight ? m_place.x() + m_place.width() + 6 - width : m_place.x() - 6;
    const int above = std::max(0, (height - textHeight) / 2);
    setViewportMargins(6, above, 6, 0);
    setGeometry(std::max(0, x), m_place.y(), width, height);
}

bool CaptionEditor::event(QEvent *event)
{
    if (event->type() == QEvent::ShortcutOverride) {
        event->accept(); // every key belongs to the words
        return true;
    }
    return QPlainTextEdit::event(event);
}

void CaptionEditor::keyPressEvent(QKeyEvent *event)
{
    const bool isEnter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (event->key() == Qt::Key_Escape) {
        Q_EMIT finished(false);
    } else if (isEnter && !event->modifiers().testFlag(Qt::ShiftModifier)) {
        m_isEnded = true;
        Q_EMIT finished(true);
    } else {
        QPlainTextEdit::keyPressEvent(event);
    }
}

void CaptionEditor::focusOutEvent(QFocusEvent *event)
{
    QPlainTextEdit::focusOutEvent(event);
    if (event->reason() != Qt::PopupFocusReason) {
        Q_EMIT finished(true);
    }
}

} // namespace nabblet

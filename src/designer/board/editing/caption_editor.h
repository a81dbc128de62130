// The words of a caption being edited where they stand. Enter takes them, Shift+Enter begins a further line, Escape
// leaves them as they were.
#pragma once

#include "entry/theme/appearance.h"

#include <QPlainTextEdit>

namespace nabblet {

class CaptionEditor : public QPlainTextEdit
{
    Q_OBJECT

public:
    // place: of the caption in the parent; the editor grows with its words, leftwards where the words end on the right.
    CaptionEditor(const QString &words, const QRect &place, Qt::Alignment alignment, const QFont &font,
                  const Appearance &appearance, QWidget *parent);

    // Whether Enter ended it, and not a click elsewhere.
    bool endedByEnter() const { return m_isEnded; }

Q_SIGNALS:
    // keep: whether the words are to be taken.
    void finished(bool keep);

protected:
    void keyPressEvent(QKeyEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;
    bool event(QEvent *event) override;

private:
    void fit();

    bool m_isEnded = false;
    QRect m_place;
    Qt::Alignment m_alignment;
};

} // namespace nabblet

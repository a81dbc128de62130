// Several lines of a setting, taken when the keyboard leaves them or with Ctrl+Enter; Escape puts back what was there.
#pragma once

#include <QPlainTextEdit>

namespace nabblet {

class LinesEditor : public QPlainTextEdit
{
    Q_OBJECT

public:
    explicit LinesEditor(QWidget *parent = nullptr);

    // Shows other lines, unless someone is at work on them.
    void setLines(const QString &lines, const QString &placeholder);

Q_SIGNALS:
    void edited(const QString &lines);

protected:
    bool event(QEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    void take();
    void fitHeight();

    QString m_before;
};

} // namespace nabblet

// The arrange strip above the board: the commands that are used all day in sight, with a preview under the pointer; all
// others one click further. As many stand there as there is room for.
#pragma once

#include "designer/panels/arrange_actions.h"

#include <QWidget>

class QSpinBox;

namespace nabblet {

class ArrangeStrip : public QWidget
{
    Q_OBJECT

public:
    explicit ArrangeStrip(ArrangeActions *actions, QWidget *parent = nullptr);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    // What stands side by side and comes or goes together. The least important goes first.
    struct Part
    {
        QWidget *widget = nullptr;
        int importance = 0;
    };
    QWidget *partOf(const QStringList &ids, QWidget *behind);
    QWidget *everything();

    ArrangeActions *m_actions;
    QList<Part> m_parts;
    QWidget *m_everything = nullptr;
};

} // namespace nabblet

// The arrange strip: every arrange command that fits beside the board, in sight, with a preview under the pointer.
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

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    QWidget *titleOf(ArrangeGroup group);

    ArrangeActions *m_actions;
};

} // namespace nabblet

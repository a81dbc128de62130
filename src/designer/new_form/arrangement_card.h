// A drawn card that stands for an arrangement of a form.
#pragma once

#include "core/draft/draft_plan.h"
#include "entry/theme/theme.h"

#include <QAbstractButton>

namespace nabblet {

class ArrangementCard : public QAbstractButton
{
public:
    ArrangementCard(Arrangement arrangement, Theme theme, QWidget *parent = nullptr);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    Arrangement m_arrangement;
    Theme m_theme;
};

} // namespace nabblet

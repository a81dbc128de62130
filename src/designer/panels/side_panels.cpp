#include "designer/panels/side_panels.h"

#include <QStackedWidget>
#include <QTabBar>
#include <QVBoxLayout>

namespace nabblet {

SidePanels::SidePanels(QWidget *parent) : QWidget(parent), m_tabs(new QTabBar), m_stack(new QStackedWidget)
{
    setObjectName(QStringLiteral("sidePanels"));
    setAttribute(Qt::WA_StyledBackground);
    m_tabs->setObjectName(QStringLiteral("panelTabs"));
    m_tabs->setAccessibleName(tr("Panels"));
    m_tabs->setDrawBase(false);
    m_tabs->setExpanding(true);
    m_tabs->setElideMode(Qt::ElideNone);
    m_tabs->setUsesScrollButtons(false);
    m_tabs->setFocusPolicy(Qt::TabFocus);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_tabs);
    column->addWidget(m_stack, 1);
    connect(m_tabs, &QTabBar::currentChanged, m_stack, &QStackedWidget::setCurrentIndex);
}

void SidePanels::addPanel(Panel *panel, Comes comes)
{
    panel->hideTitle();
    m_stack->addWidget(panel);
    const int tab = m_tabs->addTab(panel->title());
    m_tabs->setTabToolTip(tab, panel->title());
    if (comes == Comes::ToFront) {
        m_tabs->setCurrentIndex(tab);
    }
}

void SidePanels::removePanel(Panel *panel)
{
    const int at = m_stack->indexOf(panel);
    if (at >= 0) {
        m_stack->removeWidget(panel);
        m_tabs->removeTab(at);
        m_stack->setCurrentIndex(m_tabs->currentIndex());
    }
    delete panel;
}

void SidePanels::showPanel(Panel *panel)
{
    m_tabs->setCurrentIndex(m_stack->indexOf(panel));
}

int SidePanels::widthOfTabs() const
{
    return m_tabs->sizeHint().width();
}

} // namespace nabblet

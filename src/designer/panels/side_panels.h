// Panels in one place, one of them in sight, with a tab for each above them.
#pragma once

#include "designer/panels/panel.h"

class QStackedWidget;
class QTabBar;

namespace nabblet {

class SidePanels : public QWidget
{
    Q_OBJECT

public:
    explicit SidePanels(QWidget *parent = nullptr);

    // Its title goes on a tab. Brought to the front where asked; else the first stays there.
    enum class Comes { Behind, ToFront };
    void addPanel(Panel *panel, Comes comes = Comes::Behind);
    // Takes one away again and deletes it.
    void removePanel(Panel *panel);
    void showPanel(Panel *panel);
    // How wide it has to be for the words of its tabs, px.
    int widthOfTabs() const;

private:
    QTabBar *m_tabs;
    QStackedWidget *m_stack;
};

} // namespace nabblet

#include "designer/rules/tab_chain.h"

#include <QLayout>
#include <QWidget>

namespace nabblet {

namespace {

void collect(const QLayout *layout, QList<QWidget *> &stops)
{
    for (int i = 0; layout && i < layout->count(); ++i) {
        QWidget *widget = layout->itemAt(i)->widget();
        if (!widget) {
            collect(layout->itemAt(i)->layout(), stops);
        } else if (widget->focusPolicy() & Qt::TabFocus) {
            stops.append(widget);
        } else {
            collect(widget->layout(), stops);
        }
    }
}

} // namespace

QWidget *tabAnchor(QWidget *parent)
{
    auto *anchor = new QWidget(parent);
    anchor->setFocusPolicy(Qt::ClickFocus); // Qt orders nothing that takes no focus at all
    anchor->hide();
    return anchor;
}

void putBehind(QWidget *anchor, const QLayout *lines)
{
    QList<QWidget *> stops;
    collect(lines, stops);
    for (QWidget *stop : std::as_const(stops)) {
        QWidget::setTabOrder(anchor, stop);
        anchor = stop;
    }
}

} // namespace nabblet

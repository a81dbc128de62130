#include "designer/panels/inner_form_bar.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace nabblet {

InnerFormBar::InnerFormBar(QWidget *parent) : QWidget(parent), m_way(new QLabel), m_back(new QPushButton)
{
    setObjectName(QStringLiteral("innerFormBar"));
    setAttribute(Qt::WA_StyledBackground);
    auto *line = new QHBoxLayout(this);
    line->setContentsMargins(12, 4, 8, 4);
    line->addWidget(m_way, 1);
    line->addWidget(m_back);
    m_back->setObjectName(QStringLiteral("backToOuterForm"));
    connect(m_back, &QPushButton::clicked, this, &InnerFormBar::backRequested);
    hide();
}

void InnerFormBar::showTitles(const QStringList &titles)
{
    setVisible(titles.size() > 1);
    if (titles.size() < 2) {
        return;
    }
    m_way->setText(tr("Inside %1").arg(titles.join(QStringLiteral("  ›  "))));
    m_back->setText(tr("Back to %1").arg(titles.at(titles.size() - 2)));
}

} // namespace nabblet

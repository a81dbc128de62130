#include "designer/panels/panel.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace nabblet {

Panel::Panel(const QString &title, QWidget *parent) : QWidget(parent), m_title(new QLabel(title)), m_note(new QLabel)
{
    setObjectName(QStringLiteral("panel"));
    setAttribute(Qt::WA_StyledBackground);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(1, 1, 1, 1);
    column->setSpacing(0);
    auto *head = m_headFrame = new QWidget;
    head->setObjectName(QStringLiteral("panelHead"));
    head->setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(head);
    row->setContentsMargins(10, 8, 10, 8);
    head->setMinimumHeight(33); // px, as with a button in it: heads beside one another are of one height
    m_title->setObjectName(QStringLiteral("panelTitle"));
    m_note->setObjectName(QStringLiteral("faint"));
    row->addWidget(m_title);
    row->addStretch();
    row->addWidget(m_note);
    m_head = row;
    column->addWidget(head);
    m_contents = new QVBoxLayout;
    m_contents->setContentsMargins(10, 8, 10, 8);
    m_contents->setSpacing(6);
    column->addLayout(m_contents, 1);
}

QString Panel::title() const
{
    return m_title->text();
}

void Panel::hideTitle()
{
    m_title->hide();
    m_note->hide();
    m_headFrame->setVisible(m_hasHeadWidget);
}

void Panel::setTitle(const QString &title)
{
    m_title->setText(title);
}

void Panel::setNote(const QString &note)
{
    m_note->setText(note);
}

void Panel::addToHead(QWidget *widget)
{
    m_hasHeadWidget = true;
    m_head->setContentsMargins(10, 5, 8, 4);
    const bool isFixed = widget->sizePolicy().horizontalPolicy() == QSizePolicy::Fixed;
    if (isFixed) {
        m_head->addStretch(1);
    }
    m_head->addWidget(widget, isFixed ? 0 : 1);
}

} // namespace nabblet

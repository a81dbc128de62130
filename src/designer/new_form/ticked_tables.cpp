#include "designer/new_form/ticked_tables.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace nabblet {

TickedTables::TickedTables(QWidget *parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("tickedTables"));
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 6, 0, 0);
    column->setSpacing(4);
    auto *head = new QHBoxLayout;
    m_count = new QLabel;
    m_count->setObjectName(QStringLiteral("faint"));
    const auto button = [&](const QString &words, const QString &hint, const char *name) {
        auto *made = new QPushButton(words);
        made->setObjectName(QString::fromLatin1(name));
        made->setAutoDefault(false);
        made->setToolTip(hint);
        return made;
    };
    auto *untick = button(tr("Untick"), tr("Makes one form again, of the table that is chosen"), "untickTables");
    head->addWidget(m_count, 1);
    head->addWidget(untick);
    column->addLayout(head);
    auto *inside =
        button(tr("One form, rows inside"),
               tr("One form of the tables ticked: the rows of one, with those that belong to each inside it"),
               "oneFormInside");
    auto *joined = button(tr("One form, joined"),
                          tr("One form of the tables ticked: the rows of one, with what they point to, by a SELECT"),
                          "oneFormJoined");
    column->addWidget(inside);
    column->addWidget(joined);
    connect(inside, &QPushButton::clicked, this, &TickedTables::insideWanted);
    connect(joined, &QPushButton::clicked, this, &TickedTables::joinedWanted);
    connect(untick, &QPushButton::clicked, this, &TickedTables::untickedWanted);
    hide();
}

void TickedTables::show(qsizetype ticked)
{
    m_count->setText(tr("%1 ticked").arg(ticked));
    setVisible(ticked >= 2);
}

} // namespace nabblet

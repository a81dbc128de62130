#include "designer/panels/arrange_strip.h"

#include <QEvent>
#include <QGridLayout>
#include <QMenu>
#include <QSpinBox>
#include <QToolButton>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int Columns = 3;
constexpr int ButtonSize = 25; // px

struct Section
{
    ArrangeGroup group;
    QStringList ids;
};

// What stands on the strip; everything else is in the menus.
const QList<Section> &sections()
{
    const auto id = [](const char *text) { return QString::fromLatin1(text); };
    static const QList<Section> All{
        {ArrangeGroup::LineUp,
         {id("line-up-left"), id("line-up-right"), id("line-up-centres"), id("line-up-top"), id("line-up-middles"),
          id("line-up-bottom"), id("line-up-baselines")}},
        {ArrangeGroup::Match, {id("match-width"), id("match-height"), id("match-size")}},
        {ArrangeGroup::Gaps,
         {id("gaps-even-across"), id("gaps-even-down"), id("gaps-shrink-across"), id("gaps-grow-across"),
          id("gaps-shrink-down"), id("gaps-grow-down"), id("gaps-set-across"), id("gaps-set-down")}},
        {ArrangeGroup::Fit, {id("fit-all"), id("fit-free-space")}},
        {ArrangeGroup::Grid, {id("grid-corners"), id("grid-both")}},
        {ArrangeGroup::Rows, {id("field-up"), id("field-down"), id("insert-row-above")}},
        {ArrangeGroup::Groups, {id("group-box"), id("tab-pages"), id("take-group-off")}},
        {ArrangeGroup::Whole, {id("tidy"), id("flow-columns")}},
    };
    return All;
}

} // namespace

ArrangeStrip::ArrangeStrip(ArrangeActions *actions, QWidget *parent) : QWidget(parent), m_actions(actions)
{
    setObjectName(QStringLiteral("arrangeStrip"));
    setAttribute(Qt::WA_StyledBackground);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(6, 6, 6, 6);
    column->setSpacing(3);
    for (const Section &section : sections()) {
        column->addWidget(titleOf(section.group));
        auto *grid = new QGridLayout;
        grid->setSpacing(3);
        for (int i = 0; i < Columns; ++i) {
            grid->setColumnMinimumWidth(i, ButtonSize);
        }
        grid->setAlignment(Qt::AlignLeft);
        int place = 0;
        for (const QString &id : section.ids) {
            auto *button = new QToolButton;
            button->setDefaultAction(m_actions->action(id));
            button->setObjectName(QStringLiteral("arrange-") + id);
            button->setAccessibleName(m_actions->action(id)->text());
            button->setFixedSize(ButtonSize, ButtonSize);
            button->setIconSize(QSize(16, 16));
            button->setFocusPolicy(Qt::TabFocus);
            button->installEventFilter(this);
            grid->addWidget(button, place / Columns, place % Columns);
            ++place;
        }
        column->addLayout(grid);
        if (section.group == ArrangeGroup::Gaps) {
            auto *gap = new QSpinBox;
            gap->setObjectName(QStringLiteral("gapSize"));
            gap->setAccessibleName(tr("Gap to set"));
            gap->setToolTip(tr("The gap that “Set gaps” gives, px"));
            gap->setRange(0, 999);
            gap->setValue(m_actions->gap());
            gap->setSuffix(tr(" px"));
            gap->setButtonSymbols(QAbstractSpinBox::NoButtons);
            gap->setAlignment(Qt::AlignCenter);
            connect(gap, &QSpinBox::valueChanged, m_actions, &ArrangeActions::setGap);
            column->addWidget(gap);
        } else if (section.group == ArrangeGroup::Whole) {
            auto *count = new QSpinBox;
            count->setObjectName(QStringLiteral("flowColumns"));
            count->setAccessibleName(tr("Columns to flow into"));
            count->setToolTip(tr("How many columns “Flow into columns” makes"));
            count->setRange(1, 6);
            count->setValue(m_actions->columns());
            count->setSuffix(tr(" col."));
            count->setButtonSymbols(QAbstractSpinBox::NoButtons);
            count->setAlignment(Qt::AlignCenter);
            connect(count, &QSpinBox::valueChanged, m_actions, &ArrangeActions::setColumns);
            column->addWidget(count);
        }
        column->addSpacing(4);
    }
    // What needs no button of its own is one click further.
    for (const ArrangeGroup group : {ArrangeGroup::Captions, ArrangeGroup::Centre, ArrangeGroup::Order}) {
        column->addWidget(titleOf(group));
    }
    column->addStretch();
}

// The heading of a part, which opens a menu of everything in it.
QWidget *ArrangeStrip::titleOf(ArrangeGroup group)
{
    auto *title = new QToolButton;
    title->setObjectName(QStringLiteral("stripTitle"));
    title->setText(group == ArrangeGroup::Match  ? tr("Match")
                   : group == ArrangeGroup::Rows ? tr("Rows")
                                                 : arrangeGroupTitle(group));
    title->setToolTip(tr("Everything under “%1”").arg(arrangeGroupTitle(group)));
    title->setPopupMode(QToolButton::InstantPopup);
    title->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    title->setFocusPolicy(Qt::TabFocus);
    auto *menu = new QMenu(title);
    menu->setToolTipsVisible(true);
    menu->addActions(m_actions->actionsOf(group));
    connect(menu, &QMenu::aboutToHide, m_actions, &ArrangeActions::endPreview);
    title->setMenu(menu);
    return title;
}

bool ArrangeStrip::eventFilter(QObject *watched, QEvent *event)
{
    if (auto *button = qobject_cast<QToolButton *>(watched)) {
        if (event->type() == QEvent::Enter || event->type() == QEvent::FocusIn) {
            m_actions->preview(button->defaultAction()->objectName());
        } else if (event->type() == QEvent::Leave || event->type() == QEvent::FocusOut) {
            m_actions->endPreview();
        }
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace nabblet

#include "app/parts/top_bar.h"

#include "app/work/form_names.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenuBar>
#include <QPushButton>
#include <QStyle>

namespace nabblet {

namespace {

QPushButton *part(const QString &words, const char *name, bool isChoice)
{
    auto *button = new QPushButton(words);
    button->setObjectName(QString::fromLatin1(name));
    button->setCheckable(isChoice);
    button->setCursor(Qt::ArrowCursor);
    button->setFocusPolicy(Qt::TabFocus);
    return button;
}

QWidget *frameAround(const QList<QWidget *> &parts)
{
    auto *frame = new QWidget;
    frame->setObjectName(QStringLiteral("barSwitch"));
    frame->setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(frame);
    row->setContentsMargins(1, 1, 1, 1);
    row->setSpacing(0);
    for (QWidget *widget : parts) {
        row->addWidget(widget);
    }
    return frame;
}

} // namespace

TopBar::TopBar(QWidget *parent)
    : QWidget(parent), m_menus(new QMenuBar), m_names(new FormNames), m_sides(nullptr),
      m_design(part(tr("Design"), "design", true)), m_rules(part(tr("Rules"), "rulesSide", true)),
      m_entry(part(tr("Entry"), "entrySide", true)), m_trial(part(tr("Trial"), "trialSide", true)),
      m_previous(part(QStringLiteral("‹"), "previousValues", false)), m_record(part(tr("Record"), "showRecord", true)),
      m_next(part(QStringLiteral("›"), "nextValues", false)),
      m_longest(part(tr("Longest values"), "showLongest", true)), m_blank(part(tr("Blank"), "showBlank", true))
{
    setObjectName(QStringLiteral("bar"));
    setAttribute(Qt::WA_StyledBackground);
    auto *sides = new QButtonGroup(this);
    sides->addButton(m_design);
    sides->addButton(m_rules);
    sides->addButton(m_entry);
    sides->addButton(m_trial);
    m_design->setChecked(true);
    m_design->setToolTip(tr("Arrange the form (F5)"));
    m_rules->setToolTip(tr("What is worked out, checked, marked and shown by a condition (F6)"));
    m_trial->setToolTip(tr("Try the form on a copy of the database; nothing of it is kept (F7)"));
    m_entry->setToolTip(tr("Work with records in it (F5)"));

    auto *values = new QButtonGroup(this);
    values->addButton(m_record);
    values->addButton(m_longest);
    values->addButton(m_blank);
    m_record->setChecked(true);
    m_previous->setAccessibleName(tr("Previous record"));
    m_next->setAccessibleName(tr("Next record"));
    m_previous->setToolTip(tr("Show the previous record's values on the board"));
    m_next->setToolTip(tr("Show the next record's values on the board"));
    m_longest->setToolTip(tr("Show the longest stored value of each column"));
    m_blank->setToolTip(tr("Show the boxes empty"));
    m_values = new QWidget;
    QSizePolicy keepsItsRoom = m_values->sizePolicy(); // so that the switch stays under the mouse
    keepsItsRoom.setRetainSizeWhenHidden(true);
    m_values->setSizePolicy(keepsItsRoom);
    auto *right = new QHBoxLayout(m_values);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(8);
    m_show = new QLabel(tr("Show"));
    m_show->setObjectName(QStringLiteral("barFaint"));
    m_show->setMinimumWidth(1); // the first to give way: what stands behind it says what it is by itself
    right->addStretch();
    right->addWidget(m_show);
    right->addWidget(frameAround({m_previous, m_record, m_next, m_longest, m_blank}));

    m_found = new QPushButton;
    m_found->setObjectName(QStringLiteral("foundCount"));
    m_found->setCursor(Qt::ArrowCursor);
    QSizePolicy keepsItToo = m_found->sizePolicy();
    keepsItToo.setRetainSizeWhenHidden(true);
    m_found->setSizePolicy(keepsItToo);
    setFound(0, 0);
    m_sides = frameAround({m_design, m_rules, m_entry, m_trial});
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(6, 5, 10, 5);
    row->setSpacing(10);
    row->addWidget(m_menus, 0, Qt::AlignVCenter);
    row->addStretch(1);
    row->addWidget(m_names, 40);
    row->addStretch(1);
    row->addWidget(m_sides);
    row->addWidget(m_found);
    row->addStretch(1);
    row->addWidget(m_values);

    connect(m_design, &QPushButton::clicked, this, &TopBar::designRequested);
    connect(m_rules, &QPushButton::clicked, this, &TopBar::rulesRequested);
    connect(m_entry, &QPushButton::clicked, this, &TopBar::entryRequested);
    connect(m_trial, &QPushButton::clicked, this, &TopBar::trialRequested);
    connect(m_previous, &QPushButton::clicked, this, &TopBar::previousRequested);
    connect(m_next, &QPushButton::clicked, this, &TopBar::nextRequested);
    connect(m_record, &QPushButton::clicked, this, &TopBar::valuesRequested);
    connect(m_longest, &QPushButton::clicked, this, &TopBar::longestRequested);
    connect(m_blank, &QPushButton::clicked, this, &TopBar::blankRequested);
    connect(m_found, &QPushButton::clicked, this, &TopBar::findingsRequested);
}

void TopBar::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    fitShow();
}

bool TopBar::event(QEvent *event)
{
    const bool isDone = QWidget::event(event);
    if (event->type() == QEvent::LayoutRequest) { // other words somewhere in the bar
        fitShow();
    }
    return isDone;
}

void TopBar::fitShow()
{
    constexpr int WhereShown = 1 + 8; // px that it takes of the least width: its own, and the space behind it
    const int least = layout()->minimumSize().width() - (m_show->isHidden() ? 0 : WhereShown);
    m_show->setVisible(least + m_show->sizeHint().width() + WhereShown <= width());
}

void TopBar::setHasForm(bool hasForm)
{
    m_names->setVisible(hasForm);
    m_sides->setVisible(hasForm);
    m_hasForm = hasForm;
    m_values->setVisible(hasForm && m_design->isChecked());
    m_found->setVisible(hasForm && m_design->isChecked());
}

void TopBar::setNames(const QString &project, const QString &form, bool isUnsaved)
{
    m_names->setNames(project, form, isUnsaved);
}

void TopBar::setSide(Side side)
{
    m_design->setChecked(side == Side::Design);
    m_rules->setChecked(side == Side::Rules);
    m_entry->setChecked(side == Side::Entry);
    m_trial->setChecked(side == Side::Trial);
    m_values->setVisible(m_hasForm && side == Side::Design);
    m_found->setVisible(m_hasForm && side == Side::Design);
}

void TopBar::setFound(int toFix, int toWeigh)
{
    const int all = toFix + toWeigh;
    m_found->setText(QString::number(all));
    const QString words = all == 0 ? tr("Nothing was found in the form")
                                   : tr("Found in the form: %1 to fix, %2 to weigh").arg(toFix).arg(toWeigh);
    m_found->setToolTip(tr("%1 (Ctrl+Shift+F)").arg(words));
    m_found->setAccessibleName(words);
    const QString degree = toFix > 0 ? QStringLiteral("fix")
                           : all > 0 ? QStringLiteral("weigh")
                                     : QStringLiteral("none");
    if (m_found->property("degree").toString() != degree) {
        m_found->setProperty("degree", degree);
        m_found->style()->unpolish(m_found);
        m_found->style()->polish(m_found);
    }
}

void TopBar::setRecord(const QString &words, bool canStep, const QString &why)
{
    m_record->setText(words);
    m_previous->setEnabled(canStep);
    m_next->setEnabled(canStep);
    m_record->setToolTip(canStep ? tr("Show a record's values on the board") : why);
}

void TopBar::setValues(BoardValues values)
{
    m_record->setChecked(values == BoardValues::Record);
    m_longest->setChecked(values == BoardValues::Longest);
    m_blank->setChecked(values == BoardValues::Blank);
}

} // namespace nabblet

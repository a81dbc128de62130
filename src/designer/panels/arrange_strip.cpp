#include "designer/panels/arrange_strip.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QMenu>
#include <QSpinBox>
#include <QToolButton>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int ButtonSize = 26; // px
constexpr int Between = 5;     // px between two parts, on both sides of the line
constexpr int Margin = 5;      // px

struct Section
{
    int importance; // the most important is the last to go where there is no room
    QStringList ids;
};

// What stands on the strip, in its order; everything else is in the menu at its end and in the menus of the window.
const QList<Section> &sections()
{
    const auto id = [](const char *text) { return QString::fromLatin1(text); };
    static const QList<Section> All{
        {9,
         {id("line-up-left"), id("line-up-centres"), id("line-up-right"), id("line-up-top"), id("line-up-middles"),
          id("line-up-bottom")}},
        {8, {id("match-width"), id("match-height")}},
        {7, {id("gaps-even-across"), id("gaps-even-down")}},
        {4, {id("gaps-set-across"), id("gaps-set-down")}},
        {3, {id("fit-all"), id("fit-free-space")}},
        {1, {id("grid-both")}},
        {2, {id("insert-row-above"), id("close-up-rows")}},
        {5, {id("group-box"), id("fill-as-cells")}},
        {6, {id("tidy"), id("flow-columns")}},
    };
    return All;
}

QSpinBox *numberBox(const char *name, const QString &words, const QString &help, const QString &suffix, int least,
                    int most, int value)
{
    auto *box = new QSpinBox;
    box->setObjectName(QString::fromLatin1(name));
    box->setAccessibleName(words);
    box->setToolTip(help);
    box->setRange(least, most);
    box->setValue(value);
    box->setSuffix(suffix);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    box->setAlignment(Qt::AlignCenter);
    box->setFixedWidth(box->fontMetrics().horizontalAdvance(QString::number(most) + suffix) + 12);
    return box;
}

} // namespace

ArrangeStrip::ArrangeStrip(ArrangeActions *actions, QWidget *parent) : QWidget(parent), m_actions(actions)
{
    setWhatsThis(tr("What lines up, sizes and spaces the selected controls. The control selected last leads: the "
                    "others go by it."));
    setObjectName(QStringLiteral("arrangeStrip"));
    setAttribute(Qt::WA_StyledBackground);
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(Margin, Margin, Margin, Margin);
    row->setSpacing(0);
    for (const Section &section : sections()) {
        QSpinBox *number = nullptr;
        if (section.ids.contains(QLatin1String("gaps-set-across"))) {
            number = numberBox("gapSize", tr("Gap to set"), tr("The gap that “Set gaps” gives, px"), tr(" px"), 0, 999,
                               m_actions->gap());
            connect(number, &QSpinBox::valueChanged, m_actions, &ArrangeActions::setGap);
        } else if (section.ids.contains(QLatin1String("flow-columns"))) {
            number =
                numberBox("flowColumns", tr("Columns to flow into"), tr("How many columns “Flow into columns” makes"),
                          tr(" col."), 1, 6, m_actions->columns());
            connect(number, &QSpinBox::valueChanged, m_actions, &ArrangeActions::setColumns);
        }
        QWidget *part = partOf(section.ids, number);
        m_parts.append({part, section.importance});
        row->addWidget(part);
    }
    row->addStretch();
    m_everything = everything();
    row->addWidget(m_everything);
}

QWidget *ArrangeStrip::partOf(const QStringList &ids, QWidget *behind)
{
    auto *part = new QWidget;
    part->setObjectName(QStringLiteral("stripPart"));
    part->setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(part);
    row->setContentsMargins(0, 0, Between, 0);
    row->setSpacing(2);
    for (const QString &id : ids) {
        auto *button = new QToolButton;
        button->setDefaultAction(m_actions->action(id));
        button->setObjectName(QStringLiteral("arrange-") + id);
        button->setAccessibleName(m_actions->action(id)->text());
        button->setFixedSize(ButtonSize, ButtonSize);
        button->setIconSize(QSize(16, 16));
        button->setFocusPolicy(Qt::TabFocus);
        button->installEventFilter(this);
        row->addWidget(button);
    }
    if (behind) {
        row->addWidget(behind);
    }
    row->addSpacing(Between);
    return part;
}

// The menu of all commands, by what they are about.
QWidget *ArrangeStrip::everything()
{
    auto *button = new QToolButton;
    button->setObjectName(QStringLiteral("stripMore"));
    button->setText(tr("More"));
    button->setToolTip(tr("Everything that arranges"));
    button->setPopupMode(QToolButton::InstantPopup);
    button->setFocusPolicy(Qt::TabFocus);
    button->setFixedHeight(ButtonSize);
    auto *menu = new QMenu(button);
    for (const ArrangeGroup group : arrangeGroups()) {
        QMenu *part = menu->addMenu(arrangeGroupTitle(group));
        part->setToolTipsVisible(true);
        part->addActions(m_actions->actionsOf(group));
        connect(part, &QMenu::aboutToHide, m_actions, &ArrangeActions::endPreview);
    }
    button->setMenu(menu);
    return button;
}

QSize ArrangeStrip::sizeHint() const
{
    int width = 2 * Margin + m_everything->sizeHint().width();
    for (const Part &part : m_parts) {
        width += part.widget->sizeHint().width();
    }
    return {width, ButtonSize + 2 * Margin};
}

QSize ArrangeStrip::minimumSizeHint() const
{
    return {2 * Margin + m_everything->sizeHint().width(), ButtonSize + 2 * Margin};
}

void ArrangeStrip::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    QList<Part> parts = m_parts;
    std::stable_sort(parts.begin(), parts.end(),
                     [](const Part &a, const Part &b) { return a.importance > b.importance; });
    int room = width() - minimumSizeHint().width();
    for (const Part &part : std::as_const(parts)) {
        room -= part.widget->sizeHint().width();
        part.widget->setVisible(room >= 0);
    }
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

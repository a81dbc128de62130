#include "designer/panels/palette.h"

#include "core/edit/placing.h"
#include "designer/board/scene/kind_drag.h"

#include <QLineEdit>
#include <QListWidget>
#include <QScrollBar>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

// A list whose items are dragged as kinds.
class KindList : public QListWidget
{
protected:
    QStringList mimeTypes() const override { return {kindDragFormat()}; }
    QMimeData *mimeData(const QList<QListWidgetItem *> &items) const override
    {
        if (items.isEmpty()) {
            return nullptr;
        }
        auto *mime = new QMimeData;
        mime->setData(kindDragFormat(), items.first()->data(Qt::UserRole).toString().toUtf8());
        return mime;
    }
    Qt::DropActions supportedDropActions() const override { return Qt::CopyAction; }
};

} // namespace

Palette::Palette(QWidget *parent) : Panel(tr("Controls"), parent), m_filter(new QLineEdit), m_list(new KindList)
{
    setWhatsThis(tr("The controls that a form can have, to be placed on it."));
    m_filter->setObjectName(QStringLiteral("kindFilter"));
    m_filter->setPlaceholderText(tr("Filter"));
    m_filter->setAccessibleName(tr("Filter controls"));
    m_list->setObjectName(QStringLiteral("kindList"));
    m_list->setAccessibleName(tr("Controls to place"));
    m_list->setFlow(QListView::LeftToRight);
    m_list->setWrapping(true);
    m_list->setResizeMode(QListView::Adjust);
    m_list->setMovement(QListView::Static);
    m_list->setSpacing(1);
    m_list->setDragEnabled(true);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setToolTip(tr("A click takes one up: draw it on the form then, or click there. Enter puts it into the next "
                          "free place."));
    for (const Placeable &placeable : placeables()) {
        add(placeable);
    }
    contents()->setContentsMargins(6, 4, 4, 4);
    addToHead(m_filter);
    contents()->addWidget(m_list, 1);
    connect(m_filter, &QLineEdit::textChanged, this, &Palette::filter);
    connect(m_filter, &QLineEdit::returnPressed, this, [this] {
        for (int i = 0; i < m_list->count(); ++i) {
            if (!m_list->item(i)->isHidden()) {
                Q_EMIT kindPlaced(m_list->item(i)->data(Qt::UserRole).toString());
                return;
            }
        }
    });
    connect(m_list, &QListWidget::itemClicked, this,
            [this](const QListWidgetItem *item) { Q_EMIT kindTaken(item->data(Qt::UserRole).toString()); });
    connect(m_list, &QListWidget::itemActivated, this,
            [this](const QListWidgetItem *item) { Q_EMIT kindPlaced(item->data(Qt::UserRole).toString()); });
}

void Palette::add(const Placeable &placeable)
{
    const QFontMetrics metrics = m_list->fontMetrics();
    constexpr int Beside = 12; // px around the words
    const int most = std::max(120, m_list->viewport()->width() - Beside);
    auto *item = new QListWidgetItem(metrics.elidedText(placeable.title, Qt::ElideRight, most - Beside), m_list);
    item->setData(Qt::UserRole, placeable.name);
    item->setData(Qt::AccessibleTextRole, placeable.title);
    item->setToolTip(item->text() == placeable.title ? QString() : placeable.title);
    item->setTextAlignment(Qt::AlignCenter);
    // As wide as its words: short names leave room for long ones, and all are in sight.
    item->setSizeHint(QSize(metrics.horizontalAdvance(item->text()) + Beside, metrics.height() + 4));
}

void Palette::showEvent(QShowEvent *event)
{
    Panel::showEvent(event);
    refreshMore();
}

void Palette::refreshMore()
{
    if (!isVisible()) {
        return; // it asks when it comes into sight
    }
    const QList<Placeable> more = m_more ? m_more() : QList<Placeable>();
    while (m_list->count() > placeables().size()) {
        delete m_list->takeItem(m_list->count() - 1);
    }
    for (const Placeable &placeable : more) {
        add(placeable);
    }
    filter(m_filter->text());
    fitList();
}

void Palette::setTakenUp(const QString &kind)
{
    for (int i = 0; i < m_list->count(); ++i) {
        m_list->item(i)->setSelected(!kind.isEmpty() && m_list->item(i)->data(Qt::UserRole).toString() == kind);
    }
}

void Palette::focusList()
{
    m_list->setFocus();
    if (!m_list->currentItem()) {
        m_list->setCurrentRow(0);
    }
}

void Palette::resizeEvent(QResizeEvent *event)
{
    Panel::resizeEvent(event);
    fitList();
}

// As high as its kinds need at this width, so that none is below the fold.
void Palette::fitList()
{
    constexpr int Highest = 380; // px; where a window is lower, the list scrolls
    contents()->activate();
    m_list->doItemsLayout();
    int bottom = 0;
    for (int i = 0; i < m_list->count(); ++i) {
        bottom =
            std::max(bottom, m_list->visualItemRect(m_list->item(i)).bottom() + m_list->verticalScrollBar()->value());
    }
    m_list->setMinimumHeight(std::min(Highest, bottom + 6));
}

void Palette::filter(const QString &part)
{
    for (int i = 0; i < m_list->count(); ++i) {
        m_list->item(i)->setHidden(!m_list->item(i)->text().contains(part.trimmed(), Qt::CaseInsensitive));
    }
}

} // namespace nabblet

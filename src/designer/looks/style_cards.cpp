#include "designer/looks/style_cards.h"

#include "core/looks/pins/look_pin.h"
#include "entry/paint/picture_painter.h"
#include "entry/theme/theme.h"

#include <QAbstractListModel>
#include <QApplication>
#include <QPainter>
#include <QStyledItemDelegate>

namespace nabblet {

namespace {

constexpr int StyleHeight = 36; // px
constexpr int InUseRole = Qt::UserRole;
constexpr int AppearanceRole = Qt::UserRole + 1;

class StyleCardDelegate : public QStyledItemDelegate
{
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    QSize sizeHint(const QStyleOptionViewItem &, const QModelIndex &) const override { return {160, StyleHeight}; }

    void paint(QPainter *painter, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const auto appearance = index.data(AppearanceRole).value<const Appearance *>();
        const PanelColours &colours = panelColours(themeOfPalette(QApplication::palette()));
        const bool isSelected = option.state & QStyle::State_Selected;
        const bool isAt = isSelected || (option.state & QStyle::State_MouseOver);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const QRect card = option.rect.adjusted(1, 2, -1, -2);
        painter->setBrush(appearance->colour(Ink::Paper));
        painter->setPen(QPen(isAt ? colours.accent : colours.panelLine, isSelected ? 2 : 1));
        painter->drawRoundedRect(QRectF(card).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
        painter->setRenderHint(QPainter::Antialiasing, false);
        painter->setClipRect(card.adjusted(2, 2, -2, -2));
        const QString inUse = index.data(InUseRole).toString();
        const int room = inUse.isEmpty() ? 0 : option.fontMetrics.horizontalAdvance(inUse) + 10;
        Control sample;
        sample.kind = QStringLiteral("caption");
        sample.settings.set(setting::Style, index.data().toString());
        sample.text = index.data().toString();
        sample.place = QRect(6, 4, card.width() - 12 - room, card.height() - 8);
        Shown shown = shownBlank(sample);
        shown.words = sample.text;
        paintControl(*painter, sample, shown, card.topLeft(), *appearance, {});
        painter->setFont(option.font);
        painter->setPen(appearance->colour(Ink::Faint));
        painter->drawText(card.adjusted(0, 0, -6, 0), Qt::AlignRight | Qt::AlignVCenter, inUse);
        painter->restore();
    }
};

} // namespace

class StyleCards::Model : public QAbstractListModel
{
public:
    using QAbstractListModel::QAbstractListModel;

    int rowCount(const QModelIndex &parent = {}) const override
    {
        return parent.isValid() ? 0 : static_cast<int>(names.size());
    }
    QVariant data(const QModelIndex &index, int role) const override
    {
        if (!index.isValid() || index.row() >= names.size()) {
            return {};
        }
        const QString name = names.at(index.row());
        const QString words =
            uses.value(name) > 0 ? StyleCards::tr("%1 ×", "times used").arg(uses.value(name)) : QString();
        switch (role) {
        case Qt::DisplayRole:
            return name;
        case Qt::AccessibleTextRole:
            return words.isEmpty() ? name : name + QStringLiteral(", ") + words;
        case InUseRole:
            return words;
        case AppearanceRole:
            return QVariant::fromValue(shownIn.get());
        default:
            return {};
        }
    }
    void take(const Appearance &appearance, const QHash<QString, int> &counts)
    {
        QStringList now;
        for (const Style &style : appearance.styles()) {
            now.append(style.name);
        }
        beginResetModel();
        shownIn = std::make_shared<const Appearance>(appearance);
        names = now;
        uses = counts;
        endResetModel();
    }

    std::shared_ptr<const Appearance> shownIn;
    QStringList names;
    QHash<QString, int> uses;
};

StyleCards::StyleCards(QWidget *parent) : QListView(parent), m_model(new Model(this))
{
    setObjectName(QStringLiteral("styleCards"));
    setAccessibleName(tr("Styles"));
    setToolTip(tr("A double click gives the style to what is selected."));
    setModel(m_model);
    setItemDelegate(new StyleCardDelegate(this));
    setMouseTracking(true);
    setFrameShape(QFrame::NoFrame);
    setUniformItemSizes(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(this, &QListView::activated, this,
            [this](const QModelIndex &index) { Q_EMIT taken(index.data().toString()); });
}

void StyleCards::showStyles(const Appearance &appearance, const QHash<QString, int> &inUse)
{
    const QString before = current();
    m_model->take(appearance, inUse);
    const qsizetype at = m_model->names.indexOf(before);
    if (at >= 0) {
        setCurrentIndex(m_model->index(static_cast<int>(at)));
    }
    setFixedHeight(StyleHeight * m_model->rowCount() + 2);
}

QString StyleCards::current() const
{
    return currentIndex().data().toString();
}

void StyleCards::currentChanged(const QModelIndex &current, const QModelIndex &previous)
{
    QListView::currentChanged(current, previous);
    Q_EMIT currentMoved();
}

} // namespace nabblet

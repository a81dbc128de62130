#include "designer/looks/look_cards.h"

#include "core/text/tr.h"
#include "entry/paint/picture_painter.h"
#include "entry/theme/theme.h"

#include <QAbstractListModel>
#include <QApplication>
#include <QPainter>
#include <QStyledItemDelegate>

namespace nabblet {

namespace {

constexpr int CardHeight = 58; // px
constexpr int SampleHeight = 32;

constexpr int FollowsRole = Qt::UserRole;
constexpr int IsCurrentRole = Qt::UserRole + 1;
constexpr int LookRole = Qt::UserRole + 2;

// A corner of a form in a look: a title, a box, a button.
void paintSample(QPainter &painter, const QRect &place, const Look &look, Theme theme, const QFont &font)
{
    const Appearance appearance(look, theme, font);
    painter.save();
    painter.setClipRect(place, Qt::IntersectClip);
    paintBand(painter, BandRole::Body, {}, place, appearance);
    paintBand(painter, BandRole::Header, Ground{Ink::BandTint, std::nullopt},
              QRect(place.topLeft(), QSize(30, place.height())), appearance);
    painter.setFont(appearance.font(TextRole::Title));
    painter.setPen(appearance.colour(Ink::TitleText));
    painter.drawText(QRect(place.x(), place.y(), 30, place.height()), Qt::AlignCenter, QStringLiteral("a"));
    Control box;
    box.kind = QStringLiteral("text-box");
    box.place = QRect(36, 7, std::max(20, place.width() - 66), 18);
    Shown shown;
    paintControl(painter, box, shown, place.topLeft(), appearance, {});
    Control button;
    button.kind = QStringLiteral("button");
    button.place = QRect(place.width() - 26, 7, 20, 18);
    paintControl(painter, button, shown, place.topLeft(), appearance, {});
    painter.fillRect(place.x() + 40, place.y() + 11, 2, 10, appearance.colour(Ink::Accent));
    painter.restore();
}

class CardDelegate : public QStyledItemDelegate
{
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    QSize sizeHint(const QStyleOptionViewItem &, const QModelIndex &) const override { return {160, CardHeight}; }

    void paint(QPainter *painter, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const auto look = index.data(LookRole).value<const Look *>();
        const bool isCurrent = index.data(IsCurrentRole).toBool();
        const PanelColours &colours = panelColours(themeOfPalette(QApplication::palette()));
        const QRect card = option.rect.adjusted(1, 2, -1, -2);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const bool isAt = (option.state & QStyle::State_MouseOver) ||
                          ((option.state & QStyle::State_HasFocus) && (option.state & QStyle::State_Selected));
        painter->setBrush(isCurrent ? colours.accentTint : colours.field);
        painter->setPen(QPen(isAt || isCurrent ? colours.accent : colours.panelLine, isCurrent ? 2 : 1));
        painter->drawRoundedRect(QRectF(card).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
        painter->setRenderHint(QPainter::Antialiasing, false);
        const QRect sample = card.adjusted(3, 3, -3, 0);
        const QRect light(sample.topLeft(), QSize(sample.width() / 2, SampleHeight - 4));
        paintSample(*painter, light, *look, Theme::Light, option.font);
        paintSample(*painter, QRect(light.right() + 1, light.y(), sample.width() - light.width(), light.height()),
                    *look, Theme::Dark, option.font);
        const QRect words(card.x() + 6, card.y() + SampleHeight, card.width() - 12, card.height() - SampleHeight);
        const QString follows = index.data(FollowsRole).toString();
        const int width = option.fontMetrics.horizontalAdvance(follows);
        painter->setPen(colours.faintText);
        painter->drawText(words, Qt::AlignRight | Qt::AlignVCenter, follows);
        painter->setPen(colours.text);
        QFont font = option.font;
        font.setBold(isCurrent);
        painter->setFont(font);
        const int room = words.width() - width - 6;
        painter->drawText(words.adjusted(0, 0, -width - 6, 0), Qt::AlignLeft | Qt::AlignVCenter,
                          QFontMetrics(font).elidedText(look->name, Qt::ElideRight, room));
        painter->restore();
    }
};

} // namespace

class LookCards::Model : public QAbstractListModel
{
public:
    using QAbstractListModel::QAbstractListModel;

    int rowCount(const QModelIndex &parent = {}) const override
    {
        return parent.isValid() ? 0 : static_cast<int>(looks.size());
    }
    QVariant data(const QModelIndex &index, int role) const override
    {
        if (!index.isValid() || index.row() >= looks.size()) {
            return {};
        }
        const Look &look = looks.at(index.row());
        const int count = follows.value(look.name);
        const QString words =
            count == 0 ? QString() : counted(count, LookCards::tr("1 form"), LookCards::tr("%1 forms"));
        switch (role) {
        case Qt::DisplayRole:
            return look.name;
        case Qt::AccessibleTextRole:
            return words.isEmpty() ? look.name : look.name + QStringLiteral(", ") + words;
        case Qt::ToolTipRole:
            return look.about;
        case FollowsRole:
            return words;
        case IsCurrentRole:
            return look.name == current;
        case LookRole:
            return QVariant::fromValue(&look);
        default:
            return {};
        }
    }
    void take(const QList<Look> &all, const QString &now, const QHash<QString, int> &counts)
    {
        beginResetModel();
        looks = all;
        current = now;
        follows = counts;
        endResetModel();
    }

    QList<Look> looks;
    QString current;
    QHash<QString, int> follows;
};

LookCards::LookCards(QWidget *parent) : QListView(parent), m_model(new Model(this))
{
    setObjectName(QStringLiteral("lookCards"));
    setAccessibleName(tr("Looks"));
    setModel(m_model);
    setItemDelegate(new CardDelegate(this));
    setMouseTracking(true);
    setFrameShape(QFrame::NoFrame);
    setUniformItemSizes(true);
    setVerticalScrollMode(ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(this, &QListView::entered, this,
            [this](const QModelIndex &index) { Q_EMIT tried(index.data().toString()); });
    const auto take = [this](const QModelIndex &index) { Q_EMIT taken(index.data().toString()); };
    connect(this, &QListView::clicked, this, take);
    connect(this, &QListView::activated, this, take);
}

void LookCards::showLooks(const QList<Look> &looks, const QString &current, const QHash<QString, int> &follows)
{
    m_isShowing = true;
    m_model->take(looks, current, follows);
    for (int row = 0; row < m_model->rowCount(); ++row) {
        if (looks.at(row).name == current) {
            setCurrentIndex(m_model->index(row));
        }
    }
    setFixedHeight(CardHeight * static_cast<int>(looks.size()) + 2);
    m_isShowing = false;
}

void LookCards::currentChanged(const QModelIndex &current, const QModelIndex &previous)
{
    QListView::currentChanged(current, previous);
    if (!m_isShowing && hasFocus()) {
        Q_EMIT tried(current.data().toString());
    }
}

void LookCards::leaveEvent(QEvent *event)
{
    QListView::leaveEvent(event);
    Q_EMIT tried(QString());
}

void LookCards::focusOutEvent(QFocusEvent *event)
{
    QListView::focusOutEvent(event);
    Q_EMIT tried(QString());
}

} // namespace nabblet

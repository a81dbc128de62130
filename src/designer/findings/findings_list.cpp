#include "designer/findings/findings_list.h"

#include "core/text/tr.h"

#include <QKeyEvent>
#include <QPainter>
#include <QStyledItemDelegate>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Margin = 10;   // px at both ends of a line
constexpr int SignSize = 10; // px
constexpr int Behind = 10;   // px between parts of a line

QString degreeWords(const Found &found)
{
    return found.isLeft                      ? Texts::tr("left be")
           : found.degree() == Degree::ToFix ? Texts::tr("to fix")
                                             : Texts::tr("to weigh");
}

// A sign of its degree, the sentence, and the degree in words.
class FindingDelegate : public QStyledItemDelegate
{
public:
    explicit FindingDelegate(QObject *parent) : QStyledItemDelegate(parent) {}

    Theme theme = Theme::Light;

    QSize sizeHint(const QStyleOptionViewItem &option, const QModelIndex &) const override
    {
        return {200, option.fontMetrics.height() + 10};
    }

    void paint(QPainter *painter, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const auto *model = static_cast<const FindingsModel *>(index.model());
        const Found &found = model->findings().at(index.row());
        const PanelColours &colours = panelColours(theme);
        const bool isChosen = option.state.testFlag(QStyle::State_Selected);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        if (isChosen) {
            painter->fillRect(option.rect, colours.accentTint);
        }
        const QRect line = option.rect.adjusted(Margin, 0, -Margin, 0);
        const QRectF sign(line.x(), line.center().y() - SignSize / 2.0 + 0.5, SignSize, SignSize);
        const bool isGrave = found.degree() == Degree::ToFix;
        const QColor colour = found.isLeft ? colours.faintText : isGrave ? colours.alarm : colours.oddText;
        painter->setPen(QPen(colour, 1.5));
        painter->setBrush(found.isLeft ? QBrush(Qt::NoBrush) : QBrush(colour));
        // To fix is a square, to weigh a ring: not told by colour alone.
        if (isGrave && !found.isLeft) {
            painter->drawRoundedRect(sign, 2, 2);
        } else {
            painter->setBrush(found.isLeft ? QBrush(Qt::NoBrush) : QBrush(colours.odd));
            painter->drawEllipse(sign.adjusted(1, 1, -1, -1));
        }
        const QString degree = degreeWords(found);
        const int degreeWidth = option.fontMetrics.horizontalAdvance(degree);
        painter->setPen(colours.faintText);
        painter->drawText(line, Qt::AlignRight | Qt::AlignVCenter, degree);
        const QRect words = line.adjusted(SignSize + Behind, 0, -degreeWidth - Behind, 0);
        painter->setPen(found.isLeft ? colours.faintText : colours.text);
        painter->drawText(words, Qt::AlignLeft | Qt::AlignVCenter,
                          option.fontMetrics.elidedText(found.finding.sentence, Qt::ElideRight, words.width()));
        if (isChosen && option.state.testFlag(QStyle::State_HasFocus)) {
            painter->setPen(QPen(colours.accent, 1));
            painter->setBrush(Qt::NoBrush);
            painter->drawRect(QRectF(option.rect).adjusted(0.5, 0.5, -0.5, -0.5));
        }
        painter->restore();
    }
};

} // namespace

void FindingsModel::setFindings(const QList<Found> &findings)
{
    beginResetModel();
    m_findings = findings;
    endResetModel();
}

int FindingsModel::rowCount(const QModelIndex &parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_findings.size());
}

QVariant FindingsModel::data(const QModelIndex &index, int role) const
{
    if (!index.isValid() || index.row() >= m_findings.size()) {
        return {};
    }
    const Found &found = m_findings.at(index.row());
    switch (role) {
    case Qt::DisplayRole:
        return found.finding.sentence;
    case Qt::ToolTipRole:
        return found.isLeft ? Texts::tr("%1 Left be: %2").arg(found.finding.sentence, found.reason)
                            : found.finding.sentence;
    case Qt::AccessibleTextRole:
        return degreeWords(found) + QStringLiteral(": ") + found.finding.sentence;
    default:
        return {};
    }
}

FindingsList::FindingsList(QWidget *parent) : QListView(parent), m_model(new FindingsModel(this))
{
    setObjectName(QStringLiteral("findings"));
    setAccessibleName(Texts::tr("Findings"));
    setModel(m_model);
    setItemDelegate(new FindingDelegate(this));
    setUniformItemSizes(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setSelectionMode(QAbstractItemView::SingleSelection);
    connect(this, &QListView::activated, this, &FindingsList::mendRequested);
}

void FindingsList::setFindings(const QList<Found> &findings)
{
    const Found *now = current();
    const QString key = now ? keyOf(*now) : QString();
    const int row = currentIndex().row();
    m_isSetting = true;
    m_model->setFindings(findings);
    int chosen = -1;
    for (int i = 0; i < findings.size() && !key.isEmpty(); ++i) {
        chosen = keyOf(findings.at(i)) == key ? i : chosen;
    }
    if (chosen < 0 && row >= 0) {
        chosen = std::min(row, static_cast<int>(findings.size()) - 1);
    }
    if (chosen >= 0) {
        setCurrentIndex(m_model->index(chosen));
    }
    m_isSetting = false;
}

void FindingsList::setTheme(Theme theme)
{
    static_cast<FindingDelegate *>(itemDelegate())->theme = theme;
    viewport()->update();
}

const Found *FindingsList::current() const
{
    const int row = currentIndex().row();
    return row >= 0 && row < m_model->findings().size() ? &m_model->findings().at(row) : nullptr;
}

void FindingsList::setCurrent(int row)
{
    setCurrentIndex(m_model->index(row));
}

void FindingsList::currentChanged(const QModelIndex &current, const QModelIndex &previous)
{
    QListView::currentChanged(current, previous);
    if (current.isValid() && !selectionModel()->isSelected(current)) { // where the keyboard comes in
        selectionModel()->select(current, QItemSelectionModel::ClearAndSelect);
    }
    if (!m_isSetting) {
        Q_EMIT currentFindingChanged();
    }
}

void FindingsList::keyPressEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        Q_EMIT mendRequested();
        return;
    }
    QListView::keyPressEvent(event);
}

} // namespace nabblet

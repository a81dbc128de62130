#include "designer/rules/rule_list.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QPainter>
#include <QScrollBar>
#include <QStyledItemDelegate>
#include <QTextLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Beside = 12; // px left and right of the words
constexpr int Above = 7;   // and above and below them
constexpr int Between = 2; // px between sentence and warning
constexpr int CountsGap = 16;

class RuleDelegate : public QStyledItemDelegate
{
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    Theme theme = Theme::Light;

    void paint(QPainter *painter, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const auto line = index.data(RuleListModel::LineRole).value<RuleLine>();
        const PanelColours &colours = panelColours(theme);
        const bool isChosen = option.state.testFlag(QStyle::State_Selected);
        painter->save();
        if (isChosen) {
            painter->fillRect(option.rect, colours.accentTint);
            painter->fillRect(option.rect.x(), option.rect.y(), 3, option.rect.height(), colours.accent);
        }
        painter->setPen(colours.panelLine);
        painter->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());
        const int counts = countsWidth(option, line);
        const QRect room = option.rect.adjusted(Beside, Above, -Beside - counts, -Above);
        painter->setPen(line.isOff || line.rule < 0 ? colours.faintText : colours.text);
        QTextLayout layout;
        const int height = layOut(layout, option, line, room.width());
        layout.draw(painter, room.topLeft());
        painter->setPen(colours.faintText);
        painter->setFont(option.font);
        painter->drawText(option.rect.adjusted(0, Above, -Beside, 0), Qt::AlignRight | Qt::AlignTop, line.counts);
        if (!line.warning.isEmpty()) {
            painter->setPen(line.isGrave ? colours.alarm : colours.oddText);
            painter->drawText(QRect(room.x(), room.y() + height + Between, option.rect.width() - 2 * Beside, 10'000),
                              Qt::TextWordWrap, warningWords(line));
        }
        if (!line.untried.isEmpty()) {
            const int below = line.warning.isEmpty()
                                  ? 0
                                  : Between + wordsHeight(option, warningWords(line), option.rect.width() - 2 * Beside);
            painter->setPen(colours.faintText);
            painter->drawText(
                QRect(room.x(), room.y() + height + below + Between, option.rect.width() - 2 * Beside, 10'000),
                Qt::TextWordWrap, line.untried);
        }
        painter->restore();
    }

    QSize sizeHint(const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const auto line = index.data(RuleListModel::LineRole).value<RuleLine>();
        const auto *view = qobject_cast<const QListView *>(option.widget);
        // As if the scroll bar were there: it comes with the last of the rows, after they were measured.
        const int width = view ? view->width() - view->verticalScrollBar()->sizeHint().width() : 400;
        QTextLayout layout;
        int height = layOut(layout, option, line, width - 2 * Beside - countsWidth(option, line));
        for (const QString &words : {line.warning.isEmpty() ? QString() : warningWords(line), line.untried}) {
            height += words.isEmpty() ? 0 : Between + wordsHeight(option, words, width - 2 * Beside);
        }
        return {width, height + 2 * Above};
    }

private:
    static int wordsHeight(const QStyleOptionViewItem &option, const QString &words, int width)
    {
        return option.fontMetrics.boundingRect(QRect(0, 0, width, 10'000), Qt::TextWordWrap, words).height();
    }

    static QString warningWords(const RuleLine &line) { return QStringLiteral("▲ ") + line.warning; }

    static int countsWidth(const QStyleOptionViewItem &option, const RuleLine &line)
    {
        return line.counts.isEmpty() ? 0 : option.fontMetrics.horizontalAdvance(line.counts) + CountsGap;
    }

    // The sentence with what it is about in bold, on as many lines as it needs; gives their height.
    static int layOut(QTextLayout &layout, const QStyleOptionViewItem &option, const RuleLine &line, int width)
    {
        layout.setFont(option.font);
        layout.setText(line.sentence);
        if (!line.subject.isEmpty() && line.sentence.startsWith(line.subject)) {
            QTextLayout::FormatRange bold;
            bold.start = 0;
            bold.length = static_cast<int>(line.subject.size());
            bold.format.setFontWeight(QFont::DemiBold);
            layout.setFormats({bold});
        }
        layout.beginLayout();
        qreal y = 0;
        for (QTextLine each = layout.createLine(); each.isValid(); each = layout.createLine()) {
            each.setLineWidth(std::max(60, width));
            each.setPosition({0, y});
            y += each.height();
        }
        layout.endLayout();
        return static_cast<int>(y);
    }
};

} // namespace

void RuleListModel::setLines(const QList<RuleLine> &lines)
{
    if (lines.size() == m_lines.size()) {
        for (int i = 0; i < lines.size(); ++i) {
            if (!(lines.at(i) == m_lines.at(i))) {
                m_lines[i] = lines.at(i);
                Q_EMIT dataChanged(index(i), index(i));
            }
        }
        return;
    }
    beginResetModel();
    m_lines = lines;
    endResetModel();
}

int RuleListModel::rowCount(const QModelIndex &parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_lines.size());
}

QVariant RuleListModel::data(const QModelIndex &index, int role) const
{
    if (index.row() < 0 || index.row() >= m_lines.size()) {
        return {};
    }
    const RuleLine &line = m_lines.at(index.row());
    switch (role) {
    case LineRole:
        return QVariant::fromValue(line);
    case Qt::DisplayRole:
        return line.sentence;
    case Qt::AccessibleTextRole: {
        QStringList parts{line.sentence};
        parts += line.counts.isEmpty() ? QStringList() : QStringList{line.counts};
        parts += line.warning.isEmpty() ? QStringList() : QStringList{line.warning};
        parts += line.untried.isEmpty() ? QStringList() : QStringList{line.untried};
        parts += line.isOff ? QStringList{tr("switched off")} : QStringList();
        return parts.join(QStringLiteral(". "));
    }
    default:
        return {};
    }
}

RuleList::RuleList(QWidget *parent) : QListView(parent), m_model(new RuleListModel(this))
{
    setObjectName(QStringLiteral("rules"));
    setAccessibleName(tr("Rules of this form"));
    setModel(m_model);
    setItemDelegate(new RuleDelegate(this));
    setFrameShape(QFrame::NoFrame);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setResizeMode(QListView::Adjust);
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
}

void RuleList::setLines(const QList<RuleLine> &lines)
{
    const int was = current();
    const bool wasInSight = was >= 0 && viewport()->rect().intersects(visualRect(currentIndex()));
    m_model->setLines(lines);
    scheduleDelayedItemsLayout();
    if (wasInSight && current() >= 0) {
        scrollTo(currentIndex()); // whose sentence may be longer now
    }
    if (current() < 0 && was >= 0) {
        setCurrent(std::min(was, static_cast<int>(lines.size()) - 1));
    }
}

void RuleList::setTheme(Theme theme)
{
    static_cast<RuleDelegate *>(itemDelegate())->theme = theme;
    viewport()->update();
}

void RuleList::setCurrent(int line)
{
    setCurrentIndex(m_model->index(line));
}

QList<int> RuleList::chosen() const
{
    QList<int> lines;
    for (const QModelIndex &index : selectedIndexes()) {
        lines.append(index.row());
    }
    std::sort(lines.begin(), lines.end());
    return lines;
}

void RuleList::keyPressEvent(QKeyEvent *event)
{
    if (event == QKeySequence::Copy) {
        Q_EMIT copyRequested();
    } else if (event == QKeySequence::Paste) {
        Q_EMIT pasteRequested();
    } else if (event == QKeySequence::Delete) {
        Q_EMIT deleteRequested();
    } else if (event->key() == Qt::Key_Insert && event->modifiers() == Qt::NoModifier) {
        Q_EMIT addRequested();
    } else if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        Q_EMIT editRequested();
    } else {
        QListView::keyPressEvent(event);
        return;
    }
    event->accept();
}

void RuleList::contextMenuEvent(QContextMenuEvent *event)
{
    QMenu menu(this);
    QAction *copy = menu.addAction(tr("Copy"), QKeySequence::Copy, this, &RuleList::copyRequested);
    menu.addAction(tr("Paste"), QKeySequence::Paste, this, &RuleList::pasteRequested);
    QAction *remove = menu.addAction(tr("Delete"), QKeySequence::Delete, this, &RuleList::deleteRequested);
    const QList<int> lines = chosen();
    const bool hasRules =
        std::any_of(lines.begin(), lines.end(), [this](int line) { return m_model->lines().at(line).rule >= 0; });
    copy->setEnabled(hasRules);
    remove->setEnabled(hasRules);
    menu.exec(event->globalPos());
}

void RuleList::currentChanged(const QModelIndex &current, const QModelIndex &previous)
{
    QListView::currentChanged(current, previous);
    Q_EMIT currentLineChanged(current.row());
}

} // namespace nabblet

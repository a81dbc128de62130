#include "entry/editors/choice_list.h"

#include "core/kinds/settings/lookup.h"
#include "entry/editors/popup_place.h"

#include <QCursor>
#include <QHeaderView>
#include <QScrollBar>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostLines = 10;      // of the open list, without scrolling
constexpr int BetweenColumns = 26; // px
constexpr int ColumnsLook = 60;    // rows by whose words a column is made wide enough

} // namespace

ChoiceList::ChoiceList(QWidget *box) : QTreeWidget(box), m_box(box)
{
    setWindowFlags(Qt::ToolTip);
    setObjectName(QStringLiteral("choices"));
    setFocusPolicy(Qt::NoFocus);
    setFrameShape(QFrame::Box);
    setMouseTracking(true);
    setRootIsDecorated(false);
    setUniformRowHeights(true);
    setAllColumnsShowFocus(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    header()->setStretchLastSection(true);
    header()->setSectionsClickable(false);
    connect(this, &QTreeWidget::itemClicked, this, [this] {
        if (const std::optional<LookupRow> row = current()) {
            Q_EMIT taken(*row);
        }
    });
    // A list that opens or scrolls under a mouse at rest is not chosen from.
    connect(this, &QTreeWidget::itemEntered, this, [this](QTreeWidgetItem *item) {
        if (const QPoint at = QCursor::pos(); at != m_mouseAt) {
            m_mouseAt = at;
            setCurrentItem(item);
        }
    });
}

void ChoiceList::open(const QList<LookupRow> &rows, const std::optional<Lookup> &lookup, const QString &words,
                      bool isTyped)
{
    m_isReading = false;
    m_rows = rows;
    clear();
    setFont(m_box->font());
    const QList<LookupColumn> also = lookup ? lookup->also : QList<LookupColumn>();
    QStringList headings{lookup ? lookup->heading : QString()};
    for (const LookupColumn &column : also) {
        headings.append(column.heading);
    }
    setColumnCount(static_cast<int>(headings.size()));
    setHeaderLabels(headings);
    setHeaderHidden(std::all_of(headings.begin(), headings.end(), [](const QString &each) { return each.isEmpty(); }));
    QList<QTreeWidgetItem *> items;
    items.reserve(rows.size());
    QTreeWidgetItem *wanted = nullptr;
    for (const LookupRow &row : rows) {
        items.append(new QTreeWidgetItem(QStringList(row.words) + row.also));
        if (row.words == words) {
            wanted = items.last();
        }
    }
    addTopLevelItems(items);
    if (rows.isEmpty()) {
        hide();
        return;
    }
    if (!wanted && isTyped) {
        wanted = items.first();
    }
    setCurrentItem(wanted);
    QList<int> widths;
    for (int i = 0; i < headings.size(); ++i) {
        const int asked = i == 0 ? 0 : also.at(i - 1).width;
        int needed = isHeaderHidden() ? 0 : fontMetrics().horizontalAdvance(headings.at(i)) + BetweenColumns;
        for (int r = 0; asked == 0 && r < std::min<int>(ColumnsLook, static_cast<int>(items.size())); ++r) {
            needed = std::max(needed, fontMetrics().horizontalAdvance(items.at(r)->text(i)) + BetweenColumns);
        }
        widths.append(asked > 0 ? asked : needed);
        setColumnWidth(i, widths.last());
    }
    const int all = std::accumulate(widths.begin(), widths.end(), 0) + 8;
    const bool scrolls = rows.size() > MostLines;
    resize(std::max(m_box->width(), all + (scrolls ? verticalScrollBar()->sizeHint().width() : 0) + 2 * frameWidth()),
           height());
    if (all < m_box->width() && !also.isEmpty()) {
        setColumnWidth(0, widths.first() + m_box->width() - all);
    }
    showBelow(std::min<int>(MostLines, static_cast<int>(rows.size())));
    if (wanted) {
        scrollToItem(wanted);
    }
}

void ChoiceList::openReading()
{
    m_isReading = true;
    m_rows.clear();
    clear();
    setColumnCount(1);
    setHeaderHidden(true);
    auto *note = new QTreeWidgetItem(this, {tr("Reading the choices…")});
    note->setFlags(Qt::NoItemFlags);
    resize(std::max(m_box->width(), 160), height());
    showBelow(1);
}

std::optional<LookupRow> ChoiceList::current() const
{
    const int row = indexOfTopLevelItem(currentItem());
    return row >= 0 && row < m_rows.size() ? std::optional(m_rows.at(row)) : std::nullopt;
}

void ChoiceList::step(int by)
{
    const int count = topLevelItemCount();
    if (count > 0 && !m_isReading) {
        const int row = std::clamp(indexOfTopLevelItem(currentItem()) + by, 0, count - 1);
        setCurrentItem(topLevelItem(row));
    }
}

// Below the box, or above it where the screen ends.
void ChoiceList::showBelow(int lines)
{
    const int head = isHeaderHidden() ? 0 : header()->sizeHint().height();
    m_mouseAt = QCursor::pos();
    resize(width(), lines * sizeHintForRow(0) + head + 2 * frameWidth());
    move(popupPlace(m_box, size()));
    show();
}

} // namespace nabblet

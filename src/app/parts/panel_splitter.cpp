#include "app/parts/panel_splitter.h"

#include <QApplication>
#include <QHash>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>

namespace nabblet {

// The line between two panels. A press and release without a drag folds the panel that it belongs to.
class PanelHandle : public QSplitterHandle
{
public:
    explicit PanelHandle(PanelSplitter *splitter) : QSplitterHandle(Qt::Horizontal, splitter), m_splitter(splitter)
    {
        setAttribute(Qt::WA_Hover);
    }

protected:
    void mousePressEvent(QMouseEvent *event) override
    {
        m_pressedAt = event->globalPosition().toPoint();
        m_isDragged = false;
        QSplitterHandle::mousePressEvent(event);
    }
    void mouseMoveEvent(QMouseEvent *event) override
    {
        m_isDragged = m_isDragged || (event->globalPosition().toPoint() - m_pressedAt).manhattanLength() >=
                                         QApplication::startDragDistance();
        if (m_isDragged) {
            QSplitterHandle::mouseMoveEvent(event);
        }
    }
    void mouseReleaseEvent(QMouseEvent *event) override
    {
        QSplitterHandle::mouseReleaseEvent(event);
        const int panel = m_splitter->panelOfHandle(this);
        if (!m_isDragged && panel >= 0 && event->button() == Qt::LeftButton) {
            m_splitter->setFolded(panel, !m_splitter->isFolded(panel));
        }
    }
    void paintEvent(QPaintEvent *event) override
    {
        const int panel = m_splitter->panelOfHandle(this);
        if (panel < 0) {
            QSplitterHandle::paintEvent(event);
            return;
        }
        // An arrow to where the panel goes.
        const bool isBefore = m_splitter->m_folding.value(panel).handle > panel;
        const bool pointsLeft = isBefore != m_splitter->isFolded(panel);
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        QColor ink = palette().color(QPalette::WindowText);
        ink.setAlphaF(underMouse() ? 0.9F : 0.45F);
        painter.setPen(QPen(ink, 1.5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        const QPointF middle = QRectF(rect()).center();
        const qreal tip = pointsLeft ? -1.5 : 1.5;
        QPainterPath arrow(middle + QPointF(-tip, -4));
        arrow.lineTo(middle + QPointF(tip, 0));
        arrow.lineTo(middle + QPointF(-tip, 4));
        painter.drawPath(arrow);
    }

private:
    PanelSplitter *m_splitter;
    QPoint m_pressedAt;
    bool m_isDragged = false;
};

PanelSplitter::PanelSplitter(QWidget *parent) : QSplitter(Qt::Horizontal, parent)
{
    connect(this, &QSplitter::splitterMoved, this, &PanelSplitter::noticeWidths);
}

QSplitterHandle *PanelSplitter::createHandle()
{
    return new PanelHandle(this);
}

void PanelSplitter::addPanel(QWidget *panel, const QString &name, Qt::LayoutDirection side)
{
    const int index = count();
    addWidget(panel);
    setCollapsible(index, !name.isEmpty());
    if (!name.isEmpty()) { // the handle of a widget stands at its left
        m_folding.insert(index, {name, side == Qt::RightToLeft ? index + 1 : index, 0, false});
    }
}

void PanelSplitter::begin(const QList<int> &widths, const QList<int> &folded)
{
    QList<int> now = widths;
    for (auto [panel, folding] : m_folding.asKeyValueRange()) {
        folding.width = widths.value(panel);
        folding.isFolded = folded.contains(panel);
        now[panel] = folding.isFolded ? 0 : now.at(panel);
    }
    setSizes(now);
    nameHandles();
}

bool PanelSplitter::isFolded(int panel) const
{
    return m_folding.value(panel).isFolded;
}

QList<int> PanelSplitter::folded() const
{
    QList<int> all;
    for (const auto &[panel, folding] : m_folding.asKeyValueRange()) {
        if (folding.isFolded) {
            all.append(panel);
        }
    }
    return all;
}

// A panel dragged to nothing is folded as well.
void PanelSplitter::noticeWidths()
{
    const QList<int> now = sizes();
    for (auto [panel, folding] : m_folding.asKeyValueRange()) {
        folding.isFolded = now.value(panel) == 0;
        folding.width = folding.isFolded ? folding.width : now.value(panel);
    }
    nameHandles();
    Q_EMIT foldedChanged();
}

void PanelSplitter::setFolded(int panel, bool isToFold)
{
    const auto folding = m_folding.find(panel);
    if (folding == m_folding.end() || isToFold == isFolded(panel)) {
        return;
    }
    QList<int> now = sizes();
    // What becomes free, and what is needed, is the board's.
    const auto board = std::find_if(now.begin(), now.end(), [&](const int &size) {
        return !m_folding.contains(static_cast<int>(&size - now.constData()));
    });
    if (board == now.end()) {
        return;
    }
    const int width = isToFold ? now.at(panel) : std::max(folding->width, widget(panel)->minimumWidth());
    folding->width = width;
    folding->isFolded = isToFold;
    *board += isToFold ? width : -width;
    now[panel] = isToFold ? 0 : width;
    setSizes(now);
    nameHandles();
    Q_EMIT foldedChanged();
}

void PanelSplitter::setWidthOf(int panel, int width)
{
    QList<int> widths = sizes();
    for (int other = 0; other < widths.size(); ++other) {
        if (!m_folding.contains(other)) {
            widths[other] += widths.at(panel) - width;
            widths[panel] = width;
            setSizes(widths);
            return;
        }
    }
}

void PanelSplitter::foldAll()
{
    const QList<int> panels = m_folding.keys();
    const bool areFolded = std::all_of(panels.begin(), panels.end(), [&](int panel) { return isFolded(panel); });
    for (const int panel : panels) {
        setFolded(panel, !areFolded);
    }
}

int PanelSplitter::panelOfHandle(const QSplitterHandle *wanted) const
{
    for (const auto &[panel, folding] : m_folding.asKeyValueRange()) {
        if (folding.handle < count() && handle(folding.handle) == wanted) {
            return panel;
        }
    }
    return -1;
}

void PanelSplitter::nameHandles()
{
    constexpr int Around = 6; // px; with the board alone, its lines are the frame
    const int margin = folded().size() == m_folding.size() ? 0 : Around;
    setContentsMargins(margin, margin, margin, margin);
    for (const auto &[panel, folding] : m_folding.asKeyValueRange()) {
        if (QSplitterHandle *line = folding.handle < count() ? handle(folding.handle) : nullptr) {
            const QString words = (isFolded(panel) ? tr("Unfold the %1") : tr("Fold the %1")).arg(folding.name);
            line->setToolTip(words);
            line->setAccessibleName(words);
            line->update();
        }
    }
}

} // namespace nabblet

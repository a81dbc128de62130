// The row of the designer's panels with the board among them. A panel is folded and unfolded by a click on the line
// beside it, and its width is set by dragging that.
#pragma once

#include <QHash>
#include <QSplitter>

namespace nabblet {

class PanelSplitter : public QSplitter
{
    Q_OBJECT

public:
    explicit PanelSplitter(QWidget *parent = nullptr);

    // Adds a panel; what never folds, such as the board, has no name. side: where the line stands that folds it.
    void addPanel(QWidget *panel, const QString &name = {}, Qt::LayoutDirection side = Qt::RightToLeft);
    // widths: of all panels, px; those named, by their numbers, begin folded.
    void begin(const QList<int> &widths, const QList<int> &folded);
    bool isFolded(int panel) const;
    QList<int> folded() const;
    void setFolded(int panel, bool isFolded);
    // As wide as this, px, at the cost of what never folds.
    int widthOf(int panel) const { return sizes().at(panel); }
    void setWidthOf(int panel, int width);
    // All that fold at once: unfolds them where all are folded.
    void foldAll();

Q_SIGNALS:
    void foldedChanged();

protected:
    QSplitterHandle *createHandle() override;

private:
    struct Folding
    {
        QString name;
        int handle = 0; // the line that folds it
        int width = 0;  // px, before it was folded
        bool isFolded = false;
    };
    friend class PanelHandle;
    int panelOfHandle(const QSplitterHandle *handle) const;
    void noticeWidths();
    void nameHandles();

    QHash<int, Folding> m_folding; // by the panel
};

} // namespace nabblet

// The columns of a draft as a list: tick, caption, what it is shown as, how wide; dragged or moved with Alt+Up and
// Alt+Down into the order of the form. Several rows at once with Shift and Ctrl; Space ticks them all.
#pragma once

#include "core/draft/draft_plan.h"
#include "entry/theme/theme.h"

#include <QTreeWidget>

namespace nabblet {

class PlanColumns : public QTreeWidget
{
    Q_OBJECT

public:
    explicit PlanColumns(QWidget *parent = nullptr);

    void show(const Table &table, const QList<PlannedColumn> &columns);
    // What the person made of the columns shown.
    QList<PlannedColumn> columns() const;
    // How wide the boxes came out, px, by key; those without one are not told. Nothing is changed by it.
    void showWidths(const QHash<QString, int> &widths);
    static QString keyOf(const QString &through, const QString &column) { return through + u'\n' + column; }
    void setTheme(Theme theme);

    enum class Take { All, None, OnlyRequired };
    void take(Take which);

Q_SIGNALS:
    void changed();
    // A short table of the values of a text column is to be made, to choose from.
    void choicesTableWanted(const QString &column);

protected:
    void keyPressEvent(QKeyEvent *event) override;
    void dropEvent(QDropEvent *event) override;
    void contextMenuEvent(QContextMenuEvent *event) override;

private:
    void moveSelected(int by);
    void refreshMarks();

    Table m_table;
    Theme m_theme = Theme::Light;
    bool m_isShowing = false;
};

} // namespace nabblet

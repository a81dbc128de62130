// The commands that a person keeps at hand, in a row over the board: none until someone puts one there.
#pragma once

#include <QSet>
#include <QStringList>
#include <QWidget>

class QAction;
class QHBoxLayout;
class QMenu;
class QMenuBar;
class QToolButton;

namespace nabblet {

class AtHandRow : public QWidget
{
    Q_OBJECT

public:
    // menus: in which all commands stand, and at whose entries a right click keeps one at hand; outlives this.
    explicit AtHandRow(QMenuBar *menus, QWidget *parent = nullptr);

    bool has(const QAction *command) const;
    // Keeps a command, as the last one, or takes it away again; kept per person.
    void keep(const QAction *command);
    void takeAway(const QAction *command);
    // The row as the menus are now; fill a menu with what stands in it and what its use suggests.
    void refresh();
    void fill(QMenu *menu);

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    QList<QAction *> commands() const;
    QAction *named(const QString &name) const;
    void store(const QStringList &names);
    void askAt(QAction *command, QPoint global);
    void moveTo(const QString &name, int place);
    void watchMenus();

    QMenuBar *m_menus;
    QHBoxLayout *m_line;
    QStringList m_names;
    QList<QToolButton *> m_buttons; // as they stand
    QPoint m_pressed;               // where a button was pressed that may be dragged
    QSet<QMenu *> m_watched;
};

} // namespace nabblet

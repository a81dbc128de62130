// "Find a command": every command by name, with its key and, where it cannot apply, why.
#pragma once

#include <QDialog>

class QAction;
class QLineEdit;
class QListWidget;
class QMenuBar;

namespace nabblet {

struct FoundCommand
{
    QAction *action;
    QString path; // the menu it stands in
};

// Every command of a menu bar, submenus too, in its order. Menus that fill themselves when they open do so before, or
// are taken as they are: filling them anew ends the commands that they had.
enum class MenusAre { Filled, AsTheyAre };
QList<FoundCommand> commandsOf(const QMenuBar *menus, MenusAre are = MenusAre::Filled);

class CommandFinder : public QDialog
{
    Q_OBJECT

public:
    CommandFinder(const QList<FoundCommand> &commands, QWidget *parent);

    // The command taken, or nullptr.
    QAction *chosen() const { return m_chosen; }

Q_SIGNALS:
    // The command is to stand over the board, or not any more.
    void keepRequested(const QAction *command);

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    void fill(const QString &words);
    void take();
    void keepCurrent();

    QList<FoundCommand> m_commands;
    QLineEdit *m_words;
    QListWidget *m_list;
    QAction *m_chosen = nullptr;
};

} // namespace nabblet

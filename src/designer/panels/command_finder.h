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

// Every command of a menu bar, submenus too, in its order.
QList<FoundCommand> commandsOf(const QMenuBar *menus);

class CommandFinder : public QDialog
{
    Q_OBJECT

public:
    CommandFinder(const QList<FoundCommand> &commands, QWidget *parent);

    // The command taken, or nullptr.
    QAction *chosen() const { return m_chosen; }

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    void fill(const QString &words);
    void take();

    QList<FoundCommand> m_commands;
    QLineEdit *m_words;
    QListWidget *m_list;
    QAction *m_chosen = nullptr;
};

} // namespace nabblet

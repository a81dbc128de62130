// The commands of the window's menus: which there are, and which can be given now.
#pragma once

#include <QHash>
#include <QKeySequence>
#include <QList>
#include <QObject>
#include <QString>

#include <functional>

class QAction;
class QMenu;
class QMenuBar;

namespace nabblet {

// What a command is called, and by which name it is found again in any language of the program.
struct CommandWords
{
    // english: marked with Texts::later.
    CommandWords(const char *english);
    // Put together of parts, with a name of its own.
    CommandWords(const QString &words, const QString &ownName) : shown(words), name(ownName) {}

    QString shown;
    QString name;
};

// When a command can be given.
enum class When { Always, WithForm, InDesign, WithControl, InEntry, WithDatabase };

class Commands : public QObject
{
    Q_OBJECT

public:
    explicit Commands(QMenuBar *bar);

    QMenuBar *bar() const { return m_bar; }
    QAction *add(QMenu *menu, const CommandWords &words, const QKeySequence &keys, const std::function<void()> &run,
                 When when);
    // One that is done again and again while its key is held: going on, zooming, undoing.
    QAction *addRepeating(QMenu *menu, const CommandWords &words, const QKeySequence &keys,
                          const std::function<void()> &run, When when);
    // Run at each refresh: what commands say of how things stand.
    void follow(const std::function<void()> &show) { m_followers.append(show); }
    QList<QAction *> of(When when) const { return m_actions.value(when); }
    // Whether a key is that of a command, by its object name.
    bool isKeyOf(const char *command, const QKeySequence &pressed) const;

    // How things stand.
    struct State
    {
        bool hasForm = false;
        bool isEntry = false;
        bool isRules = false;
        bool hasControl = false; // is one selected
        bool hasDatabase = false;
    };
    void refresh(const State &state);

private:
    QMenuBar *m_bar;
    QHash<When, QList<QAction *>> m_actions;
    QList<std::function<void()>> m_followers;
};

// Keys as they are written, "Ctrl+K".
inline QKeySequence keys(const char *text)
{
    return QKeySequence(QString::fromLatin1(text));
}

} // namespace nabblet

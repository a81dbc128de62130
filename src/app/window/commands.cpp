#include "app/window/commands.h"

#include "core/text/tr.h"

#include <QAction>
#include <QMenu>
#include <QMenuBar>

namespace nabblet {

CommandWords::CommandWords(const char *english) : shown(Texts::tr(english)), name(QString::fromUtf8(english)) {}

Commands::Commands(QMenuBar *bar) : m_bar(bar) {}

QAction *Commands::add(QMenu *menu, const CommandWords &words, const QKeySequence &shortcut,
                       const std::function<void()> &run, When when)
{
    QAction *action = menu->addAction(words.shown);
    connect(action, &QAction::triggered, this, run);
    action->setShortcut(shortcut);
    action->setProperty("command", words.shown); // what it is called, whatever its text says of the moment
    action->setProperty("name", words.name);
    action->setAutoRepeat(false); // a key held a moment too long does a thing once
    m_actions[when].append(action);
    return action;
}

QAction *Commands::addRepeating(QMenu *menu, const CommandWords &words, const QKeySequence &shortcut,
                                const std::function<void()> &run, When when)
{
    QAction *action = add(menu, words, shortcut, run, when);
    action->setAutoRepeat(true);
    return action;
}

bool Commands::isKeyOf(const char *command, const QKeySequence &pressed) const
{
    const auto *action = m_bar->findChild<QAction *>(QString::fromLatin1(command));
    return action && action->shortcuts().contains(pressed);
}

void Commands::refresh(const State &state)
{
    const bool inDesign = state.hasForm && !state.isEntry && !state.isRules;
    const auto enable = [this](When when, bool isOn, const QString &whyNot = {}) {
        for (QAction *action : m_actions.value(when)) {
            action->setEnabled(isOn);
            if (!whyNot.isEmpty()) {
                action->setProperty("whyNot", isOn ? QString() : whyNot);
            }
        }
    };
    enable(When::WithForm, state.hasForm);
    enable(When::InDesign, inDesign);
    enable(When::WithControl, inDesign && state.hasControl, tr("Select a control first."));
    enable(When::InEntry, state.isEntry);
    enable(When::WithDatabase, state.hasDatabase);
    for (const std::function<void()> &show : std::as_const(m_followers)) {
        show();
    }
}

} // namespace nabblet

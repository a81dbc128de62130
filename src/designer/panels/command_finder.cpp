#include "designer/panels/command_finder.h"

#include <QAction>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

QString plain(QString words)
{
    words.remove(u'&');
    while (words.endsWith(QChar(0x2026))) {
        words.chop(1);
    }
    return words;
}

void collect(const QList<QAction *> &actions, const QString &path, MenusAre are, QList<FoundCommand> &found)
{
    for (QAction *action : actions) {
        if (action->menu()) {
            if (are == MenusAre::Filled) {
                Q_EMIT action->menu()->aboutToShow();
            }
            collect(action->menu()->actions(),
                    path.isEmpty() ? plain(action->text()) : path + QStringLiteral(" › ") + plain(action->text()), are,
                    found);
        } else if (!action->isSeparator() && !action->text().isEmpty()) {
            found.append({action, path});
        }
    }
}

} // namespace

QList<FoundCommand> commandsOf(const QMenuBar *menus, MenusAre are)
{
    QList<FoundCommand> found;
    collect(menus->actions(), {}, are, found);
    return found;
}

CommandFinder::CommandFinder(const QList<FoundCommand> &commands, QWidget *parent)
    : QDialog(parent), m_commands(commands), m_words(new QLineEdit), m_list(new QListWidget)
{
    setObjectName(QStringLiteral("commandFinder"));
    setWindowTitle(tr("Find a command"));
    resize(660, 440);
    auto *column = new QVBoxLayout(this);
    m_words->setObjectName(QStringLiteral("commandWords"));
    m_words->setPlaceholderText(tr("What do you want to do?"));
    m_words->setAccessibleName(tr("Command"));
    m_words->installEventFilter(this);
    m_list->setObjectName(QStringLiteral("commandList"));
    m_list->setAccessibleName(tr("Commands"));
    m_list->setUniformItemSizes(true);
    m_list->setTextElideMode(Qt::ElideRight);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(m_words);
    column->addWidget(m_list, 1);
    auto *keep = new QPushButton(tr("Keep it at hand, or take it away (Ctrl+Enter)"));
    keep->setObjectName(QStringLiteral("keepAtHand"));
    keep->setToolTip(tr("In the row over the board"));
    keep->setAutoDefault(false);
    column->addWidget(keep, 0, Qt::AlignLeft);
    connect(keep, &QPushButton::clicked, this, &CommandFinder::keepCurrent);
    connect(m_words, &QLineEdit::textChanged, this, &CommandFinder::fill);
    connect(m_list, &QListWidget::itemActivated, this, &CommandFinder::take);
    fill({});
}

// Commands that hold every word typed, in any order: what can be done now first, and of that what begins with them.
void CommandFinder::fill(const QString &words)
{
    m_list->clear();
    const QStringList parts = words.simplified().split(u' ', Qt::SkipEmptyParts);
    struct Turn
    {
        bool isOff;
        bool isFirst;
    };
    for (const Turn &turn : {Turn{false, true}, Turn{false, false}, Turn{true, true}, Turn{true, false}}) {
        for (int i = 0; i < m_commands.size(); ++i) {
            const FoundCommand &command = m_commands.at(i);
            const QString title = plain(command.action->text());
            const QString all = title + u' ' + command.path + u' ' + command.action->statusTip();
            const bool holds = std::all_of(parts.begin(), parts.end(), [&](const QString &part) {
                return all.contains(part, Qt::CaseInsensitive);
            });
            const bool begins = parts.isEmpty() || title.startsWith(parts.first(), Qt::CaseInsensitive);
            const bool isOff = !command.action->isEnabled();
            if (!holds || begins != turn.isFirst || isOff != turn.isOff) {
                continue;
            }
            const QString keys = command.action->shortcut().toString(QKeySequence::NativeText);
            const QString why = command.action->property("whyNot").toString();
            auto *item = new QListWidgetItem;
            item->setData(Qt::UserRole, i);
            item->setToolTip(command.action->statusTip());
            item->setData(Qt::AccessibleTextRole, title);
            m_list->addItem(item);
            auto *row = new QWidget;
            auto *line = new QHBoxLayout(row);
            line->setContentsMargins(6, 0, 6, 0);
            auto *name = new QLabel(title);
            name->setEnabled(!isOff);
            auto *note = new QLabel(isOff ? (why.isEmpty() ? tr("not now") : why) : command.path);
            note->setObjectName(QStringLiteral("faint"));
            auto *key = new QLabel(keys);
            key->setObjectName(QStringLiteral("faint"));
            line->addWidget(name);
            line->addWidget(note, 1, Qt::AlignRight);
            line->addWidget(key);
            row->setAttribute(Qt::WA_TransparentForMouseEvents);
            m_list->setItemWidget(item, row);
            item->setSizeHint(QSize(0, 26));
        }
    }
    m_list->setCurrentRow(0);
}

void CommandFinder::take()
{
    const QListWidgetItem *item = m_list->currentItem();
    if (!item) {
        return;
    }
    QAction *action = m_commands.at(item->data(Qt::UserRole).toInt()).action;
    if (action->isEnabled()) {
        m_chosen = action;
        accept();
    }
}

void CommandFinder::keepCurrent()
{
    if (const QListWidgetItem *item = m_list->currentItem()) {
        Q_EMIT keepRequested(m_commands.at(item->data(Qt::UserRole).toInt()).action);
    }
}

bool CommandFinder::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_words && event->type() == QEvent::KeyPress) {
        switch (static_cast<QKeyEvent *>(event)->key()) {
        case Qt::Key_Down:
            m_list->setCurrentRow(std::min(m_list->count() - 1, m_list->currentRow() + 1));
            return true;
        case Qt::Key_Up:
            m_list->setCurrentRow(std::max(0, m_list->currentRow() - 1));
            return true;
        case Qt::Key_Return:
        case Qt::Key_Enter:
            static_cast<QKeyEvent *>(event)->modifiers().testFlag(Qt::ControlModifier) ? keepCurrent() : take();
            return true;
        default:
            break;
        }
    }
    return QDialog::eventFilter(watched, event);
}

} // namespace nabblet

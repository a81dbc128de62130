#include "app/parts/at_hand_row.h"

#include "designer/panels/command_finder.h"

#include <QAction>
#include <QApplication>
#include <QHBoxLayout>
#include <QMenu>
#include <QMenuBar>
#include <QMouseEvent>
#include <QSettings>
#include <QToolButton>

#include <algorithm>

namespace nabblet {

namespace {

const QString Kept = QStringLiteral("atHand/commands");
const QString Used = QStringLiteral("atHand/used/");
constexpr int Suggested = 3;  // commands at most
constexpr int OftenUsed = 10; // times, before a command is suggested

// By which a command is found again: its text may say more than its name, such as what is undone.
QString nameOf(const QAction *command)
{
    const QString own = command->objectName();
    return own.isEmpty() ? command->property("name").toString() : own;
}

// The words of a command without the sign of its letter.
QString wordsOf(const QAction *command)
{
    QString words = command->property("command").toString();
    words = words.isEmpty() ? command->text() : words;
    return words.remove(u'&');
}

} // namespace

AtHandRow::AtHandRow(QMenuBar *menus, QWidget *parent) : QWidget(parent), m_menus(menus), m_line(new QHBoxLayout(this))
{
    setObjectName(QStringLiteral("atHand"));
    setAccessibleName(tr("Commands at hand"));
    setAttribute(Qt::WA_StyledBackground);
    m_line->setContentsMargins(6, 4, 6, 4);
    m_line->setSpacing(4);
    m_line->addStretch();
    m_names = QSettings().value(Kept).toStringList();
    hide();
}

QList<QAction *> AtHandRow::commands() const
{
    QList<QAction *> all;
    for (const FoundCommand &found : commandsOf(m_menus, MenusAre::AsTheyAre)) {
        if (!nameOf(found.action).isEmpty()) {
            all.append(found.action);
        }
    }
    return all;
}

QAction *AtHandRow::named(const QString &name) const
{
    const QList<QAction *> all = commands();
    const auto found = std::find_if(all.begin(), all.end(), [&](QAction *each) { return nameOf(each) == name; });
    return found == all.end() ? nullptr : *found;
}

bool AtHandRow::has(const QAction *command) const
{
    return m_names.contains(nameOf(command));
}

void AtHandRow::keep(const QAction *command)
{
    if (!has(command) && !nameOf(command).isEmpty()) {
        store(m_names + QStringList{nameOf(command)});
    }
}

void AtHandRow::takeAway(const QAction *command)
{
    QStringList names = m_names;
    names.removeAll(nameOf(command));
    store(names);
}

void AtHandRow::moveTo(const QString &name, int place)
{
    QStringList names = m_names;
    names.removeAll(name);
    names.insert(std::clamp<qsizetype>(place, 0, names.size()), name);
    store(names);
}

void AtHandRow::store(const QStringList &names)
{
    m_names = names;
    QSettings().setValue(Kept, names);
    refresh();
}

void AtHandRow::refresh()
{
    watchMenus();
    QStringList shown;
    for (const QToolButton *button : std::as_const(m_buttons)) {
        shown.append(button->property("command").toString());
    }
    if (shown == m_names) {
        return;
    }
    for (QToolButton *button : std::as_const(m_buttons)) {
        button->deleteLater(); // it may be the one that was pressed
    }
    m_buttons.clear();
    for (const QString &name : std::as_const(m_names)) {
        auto *button = new QToolButton;
        button->setProperty("command", name);
        button->setToolButtonStyle(Qt::ToolButtonTextOnly);
        button->setFocusPolicy(Qt::TabFocus);
        if (QAction *command = named(name)) {
            button->setDefaultAction(command);
            button->setText(wordsOf(command));
            const QString key = command->shortcut().toString(QKeySequence::NativeText);
            button->setToolTip(key.isEmpty() ? wordsOf(command) : tr("%1 (%2)").arg(wordsOf(command), key));
            connect(command, &QAction::changed, button, [button, command] { button->setText(wordsOf(command)); });
        } else {
            button->setText(name);
            button->setEnabled(false);
        }
        button->installEventFilter(this);
        m_line->insertWidget(static_cast<int>(m_buttons.size()), button);
        m_buttons.append(button);
    }
    setVisible(!m_names.isEmpty());
}

void AtHandRow::fill(QMenu *menu)
{
    menu->clear();
    for (const QString &name : std::as_const(m_names)) {
        if (QAction *command = named(name)) {
            QAction *entry = menu->addAction(tr("Take away: %1").arg(wordsOf(command)));
            connect(entry, &QAction::triggered, this, [this, command] { takeAway(command); });
        }
    }
    QList<QPair<int, QAction *>> often;
    for (QAction *command : commands()) {
        const int used = QSettings().value(Used + nameOf(command)).toInt();
        if (used >= OftenUsed && !has(command)) {
            often.append({used, command});
        }
    }
    std::stable_sort(often.begin(), often.end(), [](const auto &a, const auto &b) { return a.first > b.first; });
    if (!often.isEmpty()) {
        menu->addSection(tr("Often used"));
    }
    for (const auto &[used, command] : often.mid(0, Suggested)) {
        QAction *entry = menu->addAction(tr("Keep: %1").arg(wordsOf(command)));
        connect(entry, &QAction::triggered, this, [this, wanted = command] { keep(wanted); });
    }
    if (menu->isEmpty()) {
        menu->addAction(tr("None yet: a right click on a command of a menu keeps it"))->setEnabled(false);
    }
}

void AtHandRow::askAt(QAction *command, QPoint global)
{
    QMenu menu;
    const bool isKept = has(command);
    QAction *turn = menu.addAction(isKept ? tr("Take it away from the row") : tr("Keep it at hand, over the board"));
    turn->setObjectName(QStringLiteral("turnAtHand"));
    if (menu.exec(global) == turn) {
        isKept ? takeAway(command) : keep(command);
    }
}

// Each menu once, and each of its commands, to count how often it is used.
void AtHandRow::watchMenus()
{
    for (QMenu *menu : m_menus->findChildren<QMenu *>()) {
        if (m_watched.contains(menu)) {
            continue;
        }
        m_watched.insert(menu);
        menu->installEventFilter(this);
        connect(menu, &QObject::destroyed, this, [this, menu] { m_watched.remove(menu); });
        connect(menu, &QMenu::triggered, this, [](const QAction *command) {
            if (const QString name = nameOf(command); !name.isEmpty()) {
                QSettings settings;
                settings.setValue(Used + name, settings.value(Used + name).toInt() + 1);
            }
        });
    }
}

bool AtHandRow::eventFilter(QObject *watched, QEvent *event)
{
    const auto type = event->type();
    if (type != QEvent::MouseButtonPress && type != QEvent::MouseButtonRelease && type != QEvent::MouseMove) {
        return QWidget::eventFilter(watched, event);
    }
    auto *mouse = static_cast<QMouseEvent *>(event);
    if (auto *menu = qobject_cast<QMenu *>(watched)) {
        if (mouse->button() != Qt::RightButton) {
            return false;
        }
        QAction *command = menu->actionAt(mouse->position().toPoint());
        if (type == QEvent::MouseButtonRelease && command && !command->menu() && !command->isSeparator() &&
            !nameOf(command).isEmpty()) {
            askAt(command, mouse->globalPosition().toPoint());
        }
        return true; // a right click does nothing else in a menu
    }
    auto *button = qobject_cast<QToolButton *>(watched);
    if (!button) {
        return false;
    }
    if (mouse->button() == Qt::RightButton) {
        if (type == QEvent::MouseButtonRelease && button->defaultAction()) {
            askAt(button->defaultAction(), mouse->globalPosition().toPoint());
        }
        return true;
    }
    if (type == QEvent::MouseButtonPress) {
        m_pressed = mouse->globalPosition().toPoint();
        return false;
    }
    const QPoint now = mouse->globalPosition().toPoint();
    const bool isDragged = (now - m_pressed).manhattanLength() >= QApplication::startDragDistance();
    if (type == QEvent::MouseMove) {
        return isDragged && mouse->buttons().testFlag(Qt::LeftButton);
    }
    if (!isDragged) {
        return false;
    }
    // Let go elsewhere in the row: it stands there from now on.
    const int x = mapFromGlobal(now).x();
    int place = 0;
    for (const QToolButton *other : std::as_const(m_buttons)) {
        place += other != button && other->geometry().center().x() < x ? 1 : 0;
    }
    button->setDown(false);
    moveTo(button->property("command").toString(), place);
    return true;
}

} // namespace nabblet

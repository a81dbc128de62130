#include "designer/panels/arrange_actions.h"

#include "designer/panels/arrange_icons.h"
#include "entry/theme/theme.h"

#include <QWidget>

namespace nabblet {

ArrangeActions::ArrangeActions(QWidget *parent) : QObject(parent)
{
    for (const ArrangeOperation &operation : arrangeOperations()) {
        auto *action = new QAction(arrangeTitle(operation), this);
        action->setObjectName(operation.id);
        action->setData(operation.id);
        action->setShortcut(QKeySequence(QString::fromLatin1(operation.keys)));
        action->setStatusTip(arrangeHelp(operation));
        parent->addAction(action);
        connect(action, &QAction::triggered, this, [this, &operation] { run(operation); });
        connect(action, &QAction::hovered, this, [this, id = operation.id] { preview(id); });
        m_actions.append(action);
    }
    m_later.setSingleShot(true);
    m_later.setInterval(0);
    connect(&m_later, &QTimer::timeout, this, &ArrangeActions::refreshNow);
    setTheme(Theme::Light);
    refreshNow();
}

void ArrangeActions::setBoard(Board *board)
{
    if (m_board) {
        disconnect(m_board, nullptr, this, nullptr);
    }
    m_board = board;
    if (board) {
        // The board tells of its form by its selection, too.
        connect(board, &Board::selectionChanged, this, &ArrangeActions::refresh);
    }
    refresh();
}

void ArrangeActions::setTheme(Theme theme)
{
    const PanelColours &colours = panelColours(theme);
    for (QAction *action : std::as_const(m_actions)) {
        const ArrangeOperation *operation = findArrangeOperation(action->objectName());
        const QIcon icon = arrangeIcon(*operation, {colours.text, colours.accent, colours.panelLine});
        if (!icon.isNull()) {
            action->setIcon(icon);
            action->setIconVisibleInMenu(true);
        }
    }
}

void ArrangeActions::setEnabled(bool isEnabled)
{
    m_isEnabled = isEnabled;
    refresh();
}

QAction *ArrangeActions::action(const QString &id) const
{
    for (QAction *action : m_actions) {
        if (action->objectName() == id) {
            return action;
        }
    }
    return nullptr;
}

QList<QAction *> ArrangeActions::actionsOf(ArrangeGroup group) const
{
    QList<QAction *> result;
    for (qsizetype i = 0; i < m_actions.size(); ++i) {
        if (arrangeOperations().at(i).group == group) {
            result.append(m_actions.at(i));
        }
    }
    return result;
}

ArrangeContext ArrangeActions::context() const
{
    return {m_board->document()->form(),
            m_board->selection().controls(),
            m_board->scene().appearance,
            m_boxWidth,
            m_gap,
            m_columns,
            m_board->scene().fronts};
}

void ArrangeActions::run(const ArrangeOperation &operation)
{
    if (!m_board) {
        return;
    }
    m_board->endPreview();
    const ArrangeContext now = context();
    const QString why = operation.whyNot(now);
    if (why.isEmpty()) {
        const Form before = now.form;
        m_board->document()->apply(arrangeTitle(operation), operation.apply(now));
        if (operation.id.startsWith(QLatin1String("gaps-even"))) {
            // Where pixels were left over, the last one came nearer by them.
            const Form &after = m_board->document()->form();
            const QSize lost =
                boundsOf(arrangedOf(before, now.selected)).size() - boundsOf(arrangedOf(after, now.selected)).size();
            if (const int pixels = std::max(lost.width(), lost.height()); pixels > 0) {
                Q_EMIT m_board->said(
                    tr("The gaps are the same; the last one came nearer by %1 px, which did not divide.").arg(pixels));
            }
        }
        if (operation.group == ArrangeGroup::Groups) {
            selectGrouped(before);
        }
    } else {
        Q_EMIT m_board->said(why);
    }
}

// A new container is selected; where one was taken off, what was in it.
void ArrangeActions::selectGrouped(const Form &before)
{
    const Form &after = m_board->document()->form();
    QList<ControlId> freed;
    for (const Control &control : after.controls) {
        const Control *old = before.controls.find(control.id);
        if (!old && holdsOthers(control)) {
            m_board->select({control.id});
            return;
        }
        const bool isFreed = old && old->container != 0 && !after.controls.find(old->container);
        if (isFreed && control.captionFor == 0) {
            freed.append(control.id);
        }
    }
    if (!freed.isEmpty()) {
        m_board->select(freed);
    }
}

void ArrangeActions::preview(const QString &id)
{
    const ArrangeOperation *operation = findArrangeOperation(id);
    if (!m_board || !m_isEnabled || !operation) {
        return;
    }
    const ArrangeContext now = context();
    if (operation->whyNot(now).isEmpty()) {
        m_board->preview(operation->apply(now));
    } else {
        m_board->endPreview();
    }
}

void ArrangeActions::endPreview()
{
    if (m_board) {
        m_board->endPreview();
    }
}

void ArrangeActions::refreshNow()
{
    const QString notHere = tr("Open a form in Design first.");
    const bool isHere = m_board && m_isEnabled;
    const std::optional<ArrangeContext> now = isHere ? std::optional(context()) : std::nullopt;
    for (qsizetype i = 0; i < m_actions.size(); ++i) {
        const ArrangeOperation &operation = arrangeOperations().at(i);
        QAction *action = m_actions.at(i);
        const QString why = now ? operation.whyNot(*now) : notHere;
        action->setEnabled(why.isEmpty());
        const QString keys = action->shortcut().toString(QKeySequence::NativeText);
        const QString title = keys.isEmpty() ? action->text() : tr("%1 (%2)").arg(action->text(), keys);
        action->setToolTip(
            QStringLiteral("<b>%1</b><br>%2%3")
                .arg(title.toHtmlEscaped(), arrangeHelp(operation).toHtmlEscaped(),
                     why.isEmpty() ? QString() : QStringLiteral("<br><i>%1</i>").arg(why.toHtmlEscaped())));
        action->setProperty("whyNot", why);
    }
}

} // namespace nabblet

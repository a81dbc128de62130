#include "designer/panels/arrange_actions.h"

#include "designer/panels/arrange_icons.h"
#include "entry/theme/theme.h"

#include <QWidget>

namespace nabblet {

namespace {

// Keys by command. On the board itself, arrows with Alt line up.
QKeySequence keysFor(const QString &id)
{
    static const QHash<QString, const char *> Keys{
        {QStringLiteral("line-up-left"), "Alt+Left"},
        {QStringLiteral("line-up-right"), "Alt+Right"},
        {QStringLiteral("line-up-top"), "Alt+Up"},
        {QStringLiteral("line-up-bottom"), "Alt+Down"},
        {QStringLiteral("line-up-centres"), "Ctrl+Alt+C"},
        {QStringLiteral("line-up-middles"), "Ctrl+Alt+M"},
        {QStringLiteral("line-up-baselines"), "Ctrl+Alt+B"},
        {QStringLiteral("match-width"), "Ctrl+Alt+W"},
        {QStringLiteral("match-height"), "Ctrl+Alt+H"},
        {QStringLiteral("match-size"), "Ctrl+Alt+S"},
        {QStringLiteral("gaps-even-across"), "Ctrl+Alt+A"},
        {QStringLiteral("gaps-even-down"), "Ctrl+Alt+D"},
        {QStringLiteral("gaps-shrink-across"), "Ctrl+Alt+Left"},
        {QStringLiteral("gaps-grow-across"), "Ctrl+Alt+Right"},
        {QStringLiteral("gaps-shrink-down"), "Ctrl+Alt+Up"},
        {QStringLiteral("gaps-grow-down"), "Ctrl+Alt+Down"},
        {QStringLiteral("fit-all"), "Ctrl+Alt+F"},
        {QStringLiteral("fit-free-space"), "Ctrl+Alt+E"},
        {QStringLiteral("grid-both"), "Ctrl+Alt+G"},
        {QStringLiteral("bring-to-front"), "Ctrl+Alt+PgUp"},
        {QStringLiteral("send-to-back"), "Ctrl+Alt+PgDown"},
        {QStringLiteral("caption-beside"), "Ctrl+Alt+L"},
        {QStringLiteral("caption-above"), "Ctrl+Alt+O"},
        {QStringLiteral("field-up"), "Ctrl+Alt+Shift+Up"},
        {QStringLiteral("field-down"), "Ctrl+Alt+Shift+Down"},
        {QStringLiteral("field-left"), "Ctrl+Alt+Shift+Left"},
        {QStringLiteral("field-right"), "Ctrl+Alt+Shift+Right"},
        {QStringLiteral("insert-row-above"), "Ctrl+Alt+I"},
        {QStringLiteral("insert-row-below"), "Ctrl+Alt+Shift+I"},
        {QStringLiteral("close-up-rows"), "Ctrl+Alt+X"},
        {QStringLiteral("group-box"), "Ctrl+G"},
        {QStringLiteral("take-group-off"), "Ctrl+Shift+G"},
        {QStringLiteral("tab-pages"), "Ctrl+Alt+P"},
        {QStringLiteral("move-into-group"), "Ctrl+Alt+Shift+G"},
        {QStringLiteral("move-out-of-group"), "Ctrl+Alt+Shift+U"},
        {QStringLiteral("page-add"), "Ctrl+Alt+Shift+P"},
        {QStringLiteral("tidy"), "Ctrl+Alt+T"},
        {QStringLiteral("flow-1"), "Ctrl+Alt+1"},
        {QStringLiteral("flow-2"), "Ctrl+Alt+2"},
        {QStringLiteral("flow-3"), "Ctrl+Alt+3"},
    };
    const char *keys = Keys.value(id);
    return keys ? QKeySequence(QString::fromLatin1(keys)) : QKeySequence();
}

} // namespace

ArrangeActions::ArrangeActions(QWidget *parent) : QObject(parent)
{
    for (const ArrangeOperation &operation : arrangeOperations()) {
        auto *action = new QAction(arrangeTitle(operation), this);
        action->setObjectName(operation.id);
        action->setData(operation.id);
        action->setShortcut(keysFor(operation.id));
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
        const QIcon icon = arrangeIcon(action->objectName(), {colours.text, colours.accent, colours.panelLine});
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
            m_board->appearance(),
            m_boxWidth,
            m_gap,
            m_columns,
            m_board->frontPages()};
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

#include "entry/theme/named_lists.h"

#include <QAbstractItemView>
#include <QAccessible>
#include <QAccessibleWidget>
#include <QComboBox>

namespace nabblet {

namespace {

class NamedList : public QAccessibleWidget
{
public:
    explicit NamedList(QComboBox *list) : QAccessibleWidget(list, QAccessible::ComboBox), m_list(list) {}

    QString text(QAccessible::Text what) const override
    {
        if (what == QAccessible::Value) {
            return m_list->currentText();
        }
        const QString words = QAccessibleWidget::text(what); // its own name, or its label's
        return words.isEmpty() && what == QAccessible::Name ? m_list->currentText() : words;
    }
    QAccessible::State state() const override
    {
        QAccessible::State state = QAccessibleWidget::state();
        state.expandable = true;
        state.expanded = m_list->view()->isVisible();
        return state;
    }
    QStringList actionNames() const override { return {showMenuAction(), pressAction()}; }
    void doAction(const QString &action) override
    {
        if (action == showMenuAction() || action == pressAction()) {
            m_list->showPopup();
        }
    }

private:
    QComboBox *m_list;
};

QAccessibleInterface *makeInterface(const QString &, QObject *object)
{
    auto *list = qobject_cast<QComboBox *>(object);
    return list && !list->isEditable() ? new NamedList(list) : nullptr;
}

} // namespace

void nameDropDownLists()
{
    static const bool isInstalled = [] {
        QAccessible::installFactory(makeInterface);
        return true;
    }();
    Q_UNUSED(isInstalled)
}

} // namespace nabblet

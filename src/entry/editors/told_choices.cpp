#include "entry/editors/told_choices.h"

#include "entry/editors/painted_widgets.h"

#include <QAccessibleWidget>

namespace nabblet {

namespace {

QList<ToldChoice> choicesOf(const PaintedBox &box)
{
    return box.told.all ? box.told.all() : QList<ToldChoice>();
}

class AccessibleChoice : public QAccessibleInterface, public QAccessibleActionInterface
{
public:
    AccessibleChoice(PaintedBox *box, int index) : m_box(box), m_index(index) {}

    bool isValid() const override { return choice().has_value(); }
    QObject *object() const override { return nullptr; }
    QWindow *window() const override { return m_box->window()->windowHandle(); }
    QAccessibleInterface *parent() const override { return QAccessible::queryAccessibleInterface(m_box); }
    QAccessibleInterface *child(int) const override { return nullptr; }
    QAccessibleInterface *childAt(int, int) const override { return nullptr; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface *) const override { return -1; }
    QAccessible::Role role() const override { return m_box->told.role; }

    QString text(QAccessible::Text what) const override
    {
        const std::optional<ToldChoice> own = choice();
        return what == QAccessible::Name && own ? own->words : QString();
    }
    void setText(QAccessible::Text, const QString &) override {}
    QRect rect() const override
    {
        const std::optional<ToldChoice> own = choice();
        return own && !own->place.isEmpty() ? own->place.translated(m_box->mapToGlobal(QPoint())) : QRect();
    }
    QAccessible::State state() const override
    {
        const std::optional<ToldChoice> own = choice();
        const bool isRadio = role() == QAccessible::RadioButton;
        QAccessible::State state;
        state.checkable = isRadio;
        state.checked = isRadio && own && own->isChosen;
        state.selectable = !isRadio;
        state.selected = !isRadio && own && own->isChosen;
        state.invisible = !own || own->place.isEmpty();
        state.disabled = !m_box->isEnabled();
        return state;
    }

    void *interface_cast(QAccessible::InterfaceType type) override
    {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface *>(this) : nullptr;
    }
    QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString &action) override
    {
        if (action == pressAction() && isValid()) {
            m_box->told.choose(m_index);
        }
    }
    QStringList keyBindingsForAction(const QString &) const override { return {}; }

private:
    std::optional<ToldChoice> choice() const
    {
        const QList<ToldChoice> all = choicesOf(*m_box);
        return m_index < all.size() ? std::optional(all.at(m_index)) : std::nullopt;
    }

    PaintedBox *m_box; // outlives this: its interface lets go of those of its choices
    int m_index;
};

class AccessibleChoices : public QAccessibleWidget
{
public:
    explicit AccessibleChoices(PaintedBox *box) : QAccessibleWidget(box, QAccessible::Grouping), m_box(box) {}
    ~AccessibleChoices() override
    {
        for (const QAccessible::Id id : std::as_const(m_made)) {
            QAccessible::deleteAccessibleInterface(id);
        }
    }

    int childCount() const override { return static_cast<int>(choicesOf(*m_box).size()); }
    QAccessibleInterface *child(int index) const override
    {
        if (index < 0 || index >= childCount()) {
            return nullptr;
        }
        while (m_made.size() <= index) {
            auto *made = new AccessibleChoice(m_box, static_cast<int>(m_made.size()));
            m_made.append(QAccessible::registerAccessibleInterface(made));
        }
        return QAccessible::accessibleInterface(m_made.at(index));
    }
    int indexOfChild(const QAccessibleInterface *child) const override
    {
        return static_cast<int>(m_made.indexOf(QAccessible::uniqueId(const_cast<QAccessibleInterface *>(child))));
    }
    QAccessibleInterface *childAt(int x, int y) const override
    {
        const QList<ToldChoice> choices = choicesOf(*m_box);
        for (int i = 0; i < choices.size(); ++i) {
            if (choices.at(i).place.contains(m_box->mapFromGlobal(QPoint(x, y)))) {
                return child(i);
            }
        }
        return nullptr;
    }
    QString text(QAccessible::Text what) const override
    {
        if (what != QAccessible::Value) {
            return QAccessibleWidget::text(what);
        }
        QStringList chosen;
        const QList<ToldChoice> choices = choicesOf(*m_box);
        for (const ToldChoice &choice : choices) {
            if (choice.isChosen) {
                chosen.append(choice.words);
            }
        }
        return chosen.join(QStringLiteral(", "));
    }

private:
    PaintedBox *m_box;
    mutable QList<QAccessible::Id> m_made;
};

QAccessibleInterface *makeInterface(const QString &, QObject *object)
{
    auto *box = dynamic_cast<PaintedBox *>(object);
    return box && box->told.all ? new AccessibleChoices(box) : nullptr;
}

} // namespace

void tellChoicesOfPaintedBoxes()
{
    static const bool isInstalled = [] {
        QAccessible::installFactory(makeInterface);
        return true;
    }();
    Q_UNUSED(isInstalled)
}

void tellChosen(QWidget *box)
{
    const auto *painted = dynamic_cast<const PaintedBox *>(box);
    if (!QAccessible::isActive() || !painted) {
        return;
    }
    QAccessibleInterface *whole = QAccessible::queryAccessibleInterface(box);
    const QList<ToldChoice> all = choicesOf(*painted);
    for (int i = 0; whole && i < all.size(); ++i) {
        if (all.at(i).isChosen) {
            QAccessible::State changed;
            changed.checked = true;
            QAccessibleStateChangeEvent event(whole->child(i), changed);
            QAccessible::updateAccessibility(&event);
        }
    }
}

} // namespace nabblet

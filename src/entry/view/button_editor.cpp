// Buttons: each does its action on the form that it stands on.
#include "core/actions/action_table.h"
#include "core/kinds/settings/button_picture.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"
#include "entry/session/opened_form.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"

#include <QPointer>

namespace nabblet {

namespace {

class ButtonEditor : public FieldEditor, private FormAtWork
{
public:
    ButtonEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_button(new PaintedButton(parent))
    {
        m_button->paint = [this](QPainter &painter, bool hasFocus) {
            Shown shown = session().values().shown(this->control());
            shown.state = !m_button->isEnabled() ? BoxState::Locked : hasFocus ? BoxState::Focused : BoxState::Rest;
            paintAtRest(painter, shown);
        };
        m_button->pressKey = [this](int key) {
            const bool isEnter = key == Qt::Key_Return || key == Qt::Key_Enter;
            if (isEnter) {
                m_button->click();
            }
            return isEnter;
        };
        QObject::connect(m_button, &QAbstractButton::clicked, m_button,
                         [this] { buttonActionOf(this->control()).work(*this); });
        QObject::connect(m_button, &QAbstractButton::pressed, m_button, [this] { m_button->update(); });
    }
    ~ButtonEditor() override { delete m_window; }

    QWidget *widget() override { return m_button; }
    void refresh() override
    {
        const bool isAlone = pictureSideOf(control()) == PictureSide::Alone;
        m_button->setText(isAlone ? QString() : control().text);
        const QString does = buttonActionTitle(buttonActionOf(control()));
        m_button->setToolTip(isAlone && !control().text.isEmpty() ? control().text : does);
        m_button->setAccessibleName(control().text.isEmpty() ? does : control().text);
        m_button->setEnabled(buttonActionOf(control()).isOfUse(*this));
        m_button->update();
    }

private:
    EntryView *view() const
    {
        for (QWidget *above = m_button->parentWidget(); above; above = above->parentWidget()) {
            if (auto *found = qobject_cast<EntryView *>(above)) {
                return found;
            }
        }
        return nullptr;
    }

    bool hasRecord() const override { return session().state().hasRecord(); }
    bool hasUnsaved() const override { return session().hasUnsaved(); }
    bool canGoBack() const override { return session().moves().canGoBack(); }
    bool canGoOn() const override { return session().moves().canGoOn(); }
    bool canGoLast() const override { return session().moves().canGoLast(); }
    bool canAdd() const override { return session().state().canAdd(); }
    bool canDelete() const override { return session().state().canDelete(); }
    bool canTakeBack() const override { return session().takingBack().canTakeBack(); }
    bool canFind() const override { return session().state().jumpLookup().has_value(); }

    void goFirst() override { (void)session().moves().goFirst(); }
    void goPrevious() override { (void)session().moves().goPrevious(); }
    void goNext() override { (void)session().moves().goNext(); }
    void goLast() override { (void)session().moves().goLast(); }
    void find() override { view()->askAndFind(); }
    void add() override { view()->addRecord(); }
    void save() override { (void)session().saving().save(); }
    void takeBack() override { (void)session().takingBack().takeBack(); }
    void remove() override { view()->askAndDelete(); }
    void close() override { Q_EMIT view()->closeRequested(); }

    // Rows belong to a stored record, so what was typed in it is saved first.
    void openRows() override
    {
        if (!control().inner || !session().saving().save() || session().state().isNew()) {
            return;
        }
        if (!m_window) {
            m_window = new FormWindow(session().children().of(control()), *context().appearance, m_button->window());
        }
        m_window->begin();
    }

    // The other form may change what stands here, and shows what was typed here only when it is saved.
    void openForm() override
    {
        if (!session().saving().save()) {
            return;
        }
        Result<std::unique_ptr<EntrySession>> other = formOpenedBy(control(), session());
        if (!other) {
            Q_EMIT session().said(other.error().sentence);
            return;
        }
        const Appearance &own = *context().appearance;
        const Appearance appearance((*other)->form().look, own.theme(), own.base(), own.book());
        m_window = new FormWindow(std::move(*other), appearance, m_button->window());
        QObject::connect(m_window, &FormWindow::closed, m_button, [this] { session().readAgain(); });
        m_window->begin();
    }

    PaintedButton *m_button;
    QPointer<FormWindow> m_window;
};

} // namespace

std::unique_ptr<FieldEditor> makeButtonEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<ButtonEditor>(context, control, parent);
}

} // namespace nabblet

// Buttons: each does its action on the form that it stands on.
#include "core/kinds/button_actions.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"
#include "entry/session/opened_form.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"

#include <QPointer>

namespace nabblet {

namespace {

class ButtonEditor : public FieldEditor
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
        QObject::connect(m_button, &QAbstractButton::clicked, m_button, [this] { work(); });
        QObject::connect(m_button, &QAbstractButton::pressed, m_button, [this] { m_button->update(); });
    }
    ~ButtonEditor() override { delete m_window; }

    QWidget *widget() override { return m_button; }
    void refresh() override
    {
        m_button->setText(control().text);
        m_button->setToolTip(buttonActionTitle(buttonActionOf(control())));
        m_button->setEnabled(isOfUse());
        m_button->update();
    }

private:
    bool isOfUse() const
    {
        switch (buttonActionOf(control())) {
        case ButtonAction::Nothing:
            return false;
        case ButtonAction::Close:
        case ButtonAction::OpenForm:
            return true;
        case ButtonAction::First:
        case ButtonAction::Previous:
        case ButtonAction::Next:
        case ButtonAction::Last:
        case ButtonAction::OpenRows:
            return session().state().hasRecord();
        case ButtonAction::Find:
            return session().state().jumpLookup().has_value();
        case ButtonAction::New:
            return session().state().canAdd();
        case ButtonAction::Save:
            return session().hasUnsaved();
        case ButtonAction::TakeBack:
            return session().takingBack().canTakeBack();
        case ButtonAction::Delete:
            return session().state().canDelete();
        }
        return false;
    }

    EntryView *view() const
    {
        for (QWidget *above = m_button->parentWidget(); above; above = above->parentWidget()) {
            if (auto *found = qobject_cast<EntryView *>(above)) {
                return found;
            }
        }
        return nullptr;
    }

    void work()
    {
        EntryView *form = view();
        switch (buttonActionOf(control())) {
        case ButtonAction::Nothing:
            break;
        case ButtonAction::First:
            (void)session().moves().goFirst();
            break;
        case ButtonAction::Previous:
            (void)session().moves().goPrevious();
            break;
        case ButtonAction::Next:
            (void)session().moves().goNext();
            break;
        case ButtonAction::Last:
            (void)session().moves().goLast();
            break;
        case ButtonAction::Find:
            form->askAndFind();
            break;
        case ButtonAction::New:
            form->addRecord();
            break;
        case ButtonAction::Save:
            (void)session().saving().save();
            break;
        case ButtonAction::TakeBack:
            (void)session().takingBack().takeBack();
            break;
        case ButtonAction::Delete:
            form->askAndDelete();
            break;
        case ButtonAction::Close:
            Q_EMIT form->closeRequested();
            break;
        case ButtonAction::OpenForm:
            openForm();
            break;
        case ButtonAction::OpenRows:
            openRows();
            break;
        }
    }

    // Rows belong to a stored record, so what was typed in it is saved first.
    void openRows()
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
    void openForm()
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
        const Appearance appearance(lookNamed((*other)->form().look), own.theme(), own.font(TextRole::Field));
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

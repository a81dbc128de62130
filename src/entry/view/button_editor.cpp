// Buttons: each does its action on the form that it stands on.
#include "core/actions/action_table.h"
#include "core/kinds/settings/button_picture.h"
#include "entry/actions/filled_in.h"
#include "entry/actions/own_actions.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"
#include "entry/mail/send_sheet.h"
#include "entry/print/print_window.h"
#include "entry/print/save_as.h"
#include "entry/session/opened_form.h"
#include "entry/theme/ask.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"

#include <QPointer>
#include <QShortcut>

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
        QObject::connect(m_button, &QAbstractButton::clicked, m_button, [this] {
            m_said.clear();
            work();
        });
        QObject::connect(context.session, &EntrySession::said, m_button,
                         [this](const QString &sentence) { m_said = sentence; });
        QObject::connect(m_button, &QAbstractButton::pressed, m_button, [this] { m_button->update(); });
    }
    ~ButtonEditor() override
    {
        delete m_window;
        delete m_shortcut;
    }

    QWidget *widget() override { return m_button; }
    void refresh() override
    {
        const bool isAlone = pictureSideOf(control()) == PictureSide::Alone;
        m_button->setText(isAlone ? QString() : control().text);
        const QString does = buttonActionTitle(buttonActionOf(control()));
        m_button->setToolTip(isAlone && !control().text.isEmpty() ? control().text : does);
        m_button->setAccessibleName(control().text.isEmpty() ? does : control().text);
        const bool isLocked = session().values().shown(control()).state == BoxState::Locked; // by a rule
        m_button->setEnabled(buttonActionOf(control()).isOfUse(*this) && !isLocked);
        refreshKey();
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
    // Without rows of its own, in those of the forms that it opens.
    bool canFind() const override
    {
        return session().form().rowsFrom.isEmpty() || session().state().jumpLookup().has_value();
    }

    bool goFirst() override { return session().moves().goFirst(); }
    bool goPrevious() override { return session().moves().goPrevious(); }
    bool goNext() override { return session().moves().goNext(); }
    bool goLast() override { return session().moves().goLast(); }
    bool find() override { return view()->askAndFind(); }
    bool add() override { return view()->addRecord(); }
    bool save() override { return session().saving().save(); }
    bool takeBack() override { return session().takingBack().takeBack(); }
    bool remove() override { return view()->askAndDelete(); }
    bool close() override
    {
        Q_EMIT view()->closeRequested();
        return true;
    }
    bool send() override { return sendMessage(session(), control(), *context().appearance, view()); }
    bool print() override
    {
        showPrintWindow(session(), *context().appearance, view());
        return true;
    }
    bool saveAs(const QString &ending) override
    {
        return askAndSaveAs(session(), *context().appearance, ending, view());
    }
    bool readAgain() override
    {
        session().noticeChanges();
        return true;
    }
    bool putIn(const QString &values) override { return putInValues(session(), values); }
    bool workOut(const QString &boxes) override { return workOutAgain(session(), boxes); }
    bool goToPage(const QString &title) override
    {
        if (view()->showPageCalled(title)) {
            return true;
        }
        Q_EMIT session().said(EntrySession::tr("The form has no page “%1” now.").arg(title));
        return false;
    }
    bool addRow(const QString &rows) override
    {
        if (!session().saving().save() || view()->addRowTo(rows)) {
            return session().state().hasRecord() && !session().state().isNew();
        }
        Q_EMIT session().said(rows.isEmpty() ? EntrySession::tr("The form has no rows that one could be added to.")
                                             : EntrySession::tr("The form has no rows “%1”.").arg(rows));
        return false;
    }
    bool openLink(const QString &address) override { return openAddress(session(), address, view()); }
    bool runStatement(const QString &sql) override { return nabblet::runStatement(session(), sql, view()); }
    bool runProgram(const QString &call) override { return nabblet::runProgram(session(), call, view()); }

    // One step after the other, up to the first that is not done, which says why itself.
    void work()
    {
        const Control button = control(); // a step may close what it stands on
        const QPointer<QWidget> alive(m_button);
        const QString question = button.settings.value(setting::Asks);
        if (!question.isEmpty() && ask({button.text.isEmpty() ? EntrySession::tr("Really?") : button.text,
                                        filledIn(question, session()),
                                        {},
                                        {EntrySession::tr("Yes"), EntrySession::tr("No")},
                                        0,
                                        1},
                                       view()) != 0) {
            return;
        }
        const QList<ButtonStep> steps = buttonStepsOf(button);
        for (const ButtonStep &step : steps) {
            if (!alive) {
                return;
            }
            const bool isDone = buttonActionNamed(step.action).work(*this, step.with);
            if (!isDone && alive && steps.size() > 1) {
                const QString why = m_said.isEmpty() ? QString() : u' ' + m_said;
                Q_EMIT session().said(
                    EntrySession::tr("“%1” could not be done; what comes behind it was left.").arg(stepInWords(step)) +
                    why);
            }
            if (!isDone) {
                return;
            }
        }
    }

    // The key that presses it, wherever the keyboard is on the form.
    void refreshKey()
    {
        const QString key = control().settings.value(setting::Key);
        if (key == m_key) {
            return;
        }
        m_key = key;
        delete m_shortcut;
        if (EntryView *whole = key.isEmpty() ? nullptr : view()) {
            m_shortcut = new QShortcut(QKeySequence(key), whole);
            m_shortcut->setContext(Qt::WidgetWithChildrenShortcut);
            QObject::connect(m_shortcut, &QShortcut::activated, m_button, [this] {
                if (m_button->isEnabled()) {
                    m_button->click();
                }
            });
        }
    }

    // Rows belong to a stored record, so what was typed in it is saved first.
    bool openRows() override
    {
        if (!control().inner || !session().saving().save() || session().state().isNew()) {
            return false;
        }
        if (!m_window) {
            m_window = new FormWindow(session().children().of(control()), *context().appearance, m_button->window());
        }
        m_window->begin();
        return true;
    }

    // The other form may change what stands here, and shows what was typed here only when it is saved.
    bool openForm() override
    {
        if (!session().saving().save()) {
            return false;
        }
        Result<std::unique_ptr<EntrySession>> other = formOpenedBy(control(), session());
        if (!other) {
            Q_EMIT session().said(other.error().sentence);
            return false;
        }
        const Appearance &own = *context().appearance;
        const Appearance appearance((*other)->form().look, own.theme(), own.base(), own.book());
        m_window = new FormWindow(std::move(*other), appearance, m_button->window());
        QObject::connect(m_window, &FormWindow::closed, m_button, [this] { session().readAgain(); });
        m_window->begin();
        return true;
    }

    PaintedButton *m_button;
    QPointer<QShortcut> m_shortcut;
    QString m_key;
    QString m_said; // last, by the session
    QPointer<FormWindow> m_window;
};

} // namespace

std::unique_ptr<FieldEditor> makeButtonEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<ButtonEditor>(context, control, parent);
}

} // namespace nabblet

// Buttons that open the rows that belong to the record in hand on a form of their own.
#include "entry/editors/field_editor.h"
#include "entry/entry_view.h"

#include <QAbstractButton>
#include <QDialog>
#include <QPainter>
#include <QPointer>
#include <QVBoxLayout>

namespace nabblet {

namespace {

class OpenerButton : public QAbstractButton
{
public:
    explicit OpenerButton(QWidget *parent) : QAbstractButton(parent) { setFocusPolicy(Qt::StrongFocus); }
    std::function<void(QPainter &, bool hasFocus)> paint;

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        paint(painter, hasFocus());
    }
};

// The window of the rows. It closes only when what was typed in it is saved or let go.
class RowsWindow : public QDialog
{
public:
    RowsWindow(EntrySession *session, const Appearance &appearance, QWidget *parent)
        : QDialog(parent), m_session(session)
    {
        setWindowTitle(session->form().title);
        setAttribute(Qt::WA_DeleteOnClose);
        auto *layout = new QVBoxLayout(this);
        layout->setContentsMargins(0, 0, 0, 0);
        m_view = new EntryView(session, appearance, this);
        layout->addWidget(m_view);
        resize(std::max(480, session->form().width + 24), std::min(640, shownHeight(session->form()) + 64));
    }
    void begin() { m_view->focusFirst(); }

protected:
    void reject() override
    {
        if (m_session->leave()) {
            QDialog::reject();
        }
    }

private:
    EntrySession *m_session;
    EntryView *m_view;
};

class OpenerEditor : public FieldEditor
{
public:
    OpenerEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_button(new OpenerButton(parent))
    {
        m_button->paint = [this](QPainter &painter, bool hasFocus) {
            Shown shown = session().shown(this->control());
            shown.state = !m_button->isEnabled() ? BoxState::Locked : hasFocus ? BoxState::Focused : BoxState::Rest;
            paintAtRest(painter, shown);
        };
        QObject::connect(m_button, &QAbstractButton::clicked, m_button, [this] { open(); });
    }
    ~OpenerEditor() override { delete m_window; }

    QWidget *widget() override { return m_button; }
    void refresh() override
    {
        m_button->setText(control().text);
        m_button->setEnabled(session().hasRecord());
        m_button->update();
    }

private:
    void open()
    {
        // Rows belong to a stored record, so what was typed in it is saved first.
        if (!control().inner || !session().save() || session().isNew()) {
            return;
        }
        if (!m_window) {
            EntrySession *rows = session().childOf(control());
            m_window = new RowsWindow(rows, *context().appearance, m_button->window());
            m_window->setWindowModality(Qt::WindowModal);
        }
        m_window->show();
        m_window->begin();
    }

    OpenerButton *m_button;
    QPointer<RowsWindow> m_window;
};

} // namespace

std::unique_ptr<FieldEditor> makeOpenerEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<OpenerEditor>(context, control, parent);
}

} // namespace nabblet

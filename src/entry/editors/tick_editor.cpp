// Tick boxes and switches: a click or Space turns them, Delete makes them neither yes nor no.
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"

namespace nabblet {

namespace {

class TickEditor : public FieldEditor
{
public:
    TickEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_button(new PaintedButton(parent))
    {
        m_button->setCheckable(true);
        m_button->paint = [this](QPainter &painter, bool hasFocus) { paintAtRest(painter, shownNow(hasFocus)); };
        QObject::connect(m_button, &QAbstractButton::clicked, m_button, [this] {
            const bool isOn = session().values().shown(this->control()).isOn;
            session().typing().choose(this->control(), QVariant(isOn ? 0 : 1));
            refresh();
        });
        m_button->pressKey = [this](int key) {
            const bool isTakenAway = key == Qt::Key_Delete || key == Qt::Key_Backspace;
            if (isTakenAway) { // back to neither yes nor no
                session().typing().choose(this->control(), QVariant());
                refresh();
            }
            const bool isYes = key == Qt::Key_1 || key == Qt::Key_Y;
            if (isYes || key == Qt::Key_0 || key == Qt::Key_N) { // as people type a column of them
                session().typing().choose(this->control(), QVariant(isYes ? 1 : 0));
                refresh();
                return true;
            }
            return isTakenAway;
        };
    }

    QWidget *widget() override { return m_button; }

    void refresh() override
    {
        m_button->setFocusPolicy(session().values().mayType(control()) ? Qt::StrongFocus : Qt::ClickFocus);
        m_button->setChecked(session().values().shown(control()).isOn);
        m_button->update();
    }

private:
    PaintedButton *m_button;
};

} // namespace

std::unique_ptr<FieldEditor> makeTickEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<TickEditor>(context, control, parent);
}

} // namespace nabblet

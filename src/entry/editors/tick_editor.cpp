// Tick boxes and switches: a click or Space turns them, Delete makes them neither yes nor no.
#include "entry/editors/field_editor.h"

#include <QAbstractButton>
#include <QKeyEvent>
#include <QPainter>

namespace nabblet {

namespace {

class TickButton : public QAbstractButton
{
public:
    explicit TickButton(QWidget *parent) : QAbstractButton(parent)
    {
        setFocusPolicy(Qt::StrongFocus);
        setCheckable(true);
    }

    std::function<void(QPainter &, bool hasFocus)> paint;
    std::function<void()> takeAway;

protected:
    void keyPressEvent(QKeyEvent *event) override
    {
        if (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace) {
            takeAway();
        } else {
            QAbstractButton::keyPressEvent(event);
        }
    }
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        paint(painter, hasFocus());
    }
};

class TickEditor : public FieldEditor
{
public:
    TickEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_button(new TickButton(parent))
    {
        m_button->paint = [this](QPainter &painter, bool hasFocus) { paintAtRest(painter, shownNow(hasFocus)); };
        QObject::connect(m_button, &QAbstractButton::clicked, m_button, [this] {
            const bool isOn = session().shown(this->control()).isOn;
            session().choose(this->control(), QVariant(isOn ? 0 : 1));
            refresh();
        });
        // Back to neither yes nor no.
        m_button->takeAway = [this] {
            session().choose(this->control(), QVariant());
            refresh();
        };
    }

    QWidget *widget() override { return m_button; }

    void refresh() override
    {
        m_button->setEnabled(true);
        m_button->setChecked(session().shown(control()).isOn);
        m_button->update();
    }

private:
    TickButton *m_button;
};

} // namespace

std::unique_ptr<FieldEditor> makeTickEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<TickEditor>(context, control, parent);
}

} // namespace nabblet

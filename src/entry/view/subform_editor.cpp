// Subforms: the rows that belong to the record in hand, a form within the form.
#include "entry/editors/field_editor.h"
#include "entry/paint/form_painter.h"
#include "entry/view/entry_view.h"

#include <QPainter>
#include <QScopedValueRollback>
#include <QVBoxLayout>

namespace nabblet {

namespace {

// The frame's line, over the form inside, as on the board.
class FrameLine : public QWidget
{
public:
    explicit FrameLine(QWidget *parent) : QWidget(parent)
    {
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setFocusPolicy(Qt::NoFocus);
    }

    std::function<void(QPainter &)> paintLine;

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        paintLine(painter);
    }
};

class SubformFrame : public QWidget
{
public:
    explicit SubformFrame(QWidget *parent) : QWidget(parent), m_line(new FrameLine(this))
    {
        setFocusPolicy(Qt::NoFocus);
    }
    std::function<void(QPainter &)> paint;
    FrameLine *line() const { return m_line; }
    void raiseLine() { m_line->raise(); }

protected:
    void resizeEvent(QResizeEvent *event) override
    {
        QWidget::resizeEvent(event);
        m_line->setGeometry(rect());
    }
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        paint(painter);
    }

private:
    FrameLine *m_line;
};

class SubformEditor : public FieldEditor
{
public:
    SubformEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_frame(new SubformFrame(parent))
    {
        m_frame->paint = [this](QPainter &painter) {
            Shown shown;
            paintAtRest(painter, shown);
        };
        m_frame->line()->paintLine = [this](QPainter &painter) {
            if (this->control().inner) { // else there is nothing that could have reached its corners
                paintSubformFrame(painter, m_frame->rect(), *appearance());
            }
        };
        auto *layout = new QVBoxLayout(m_frame);
        layout->setContentsMargins(1, 1, 1, 1);
        layout->setSpacing(0);
    }

    QWidget *widget() override { return m_frame; }
    bool isOneBox() const override { return false; }

    void refresh() override
    {
        // The form around is shown anew while the one inside is made and reads its rows.
        if (m_isMaking) {
            return;
        }
        const QScopedValueRollback<bool> making(m_isMaking, true);
        EntrySession *rows = session().children().of(control());
        if (m_view && m_view->session() == rows && m_form == rows->form()) {
            return; // follows its own session
        }
        delete m_view;
        m_view = nullptr;
        if (rows) {
            m_form = rows->form();
            m_view = new EntryView(rows, *context().appearance, m_frame,
                                   isTabular(rows->form()) ? Furniture::None : Furniture::RecordStrip);
            m_frame->layout()->addWidget(m_view);
            m_frame->raiseLine();
            QObject::connect(m_view, &EntryView::parentRefused, m_frame, [this] {
                for (QWidget *above = m_frame->parentWidget(); above; above = above->parentWidget()) {
                    if (auto *view = qobject_cast<EntryView *>(above)) {
                        view->focusFirstRefused();
                        return;
                    }
                }
            });
        }
    }

private:
    SubformFrame *m_frame;
    EntryView *m_view = nullptr;
    bool m_isMaking = false;
    Form m_form; // that it shows
};

} // namespace

std::unique_ptr<FieldEditor> makeSubformEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<SubformEditor>(context, control, parent);
}

} // namespace nabblet

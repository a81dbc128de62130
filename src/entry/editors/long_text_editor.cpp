#include "core/kinds/box_parts.h"
#include "entry/editors/line_parts.h"

#include <QPainter>
#include <QPlainTextEdit>

namespace nabblet {

namespace {

class LongTextBox : public QPlainTextEdit
{
public:
    explicit LongTextBox(QWidget *parent) : QPlainTextEdit(parent)
    {
        setFrameShape(QFrame::NoFrame);
        setTabChangesFocus(true);
        viewport()->setAutoFillBackground(false);
        setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    }

    std::function<void(QPainter &, bool hasFocus)> paint;

    // The empty space above and below the lines; left and right it is that of every box.
    void setPadding(int padding)
    {
        document()->setDocumentMargin(padding);
        setViewportMargins(BoxPadding - padding, 0, BoxPadding - padding, 0);
    }

protected:
    void paintEvent(QPaintEvent *event) override
    {
        {
            QPainter painter(viewport());
            painter.translate(-viewport()->pos());
            paint(painter, hasFocus());
        }
        if (hasFocus()) {
            QPlainTextEdit::paintEvent(event);
        }
    }
    void focusInEvent(QFocusEvent *event) override
    {
        QPlainTextEdit::focusInEvent(event);
        setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
        viewport()->update();
    }
    void focusOutEvent(QFocusEvent *event) override
    {
        QPlainTextEdit::focusOutEvent(event);
        setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        viewport()->update();
    }
};

class LongTextEditor : public FieldEditor
{
public:
    LongTextEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_box(new LongTextBox(parent))
    {
        m_box->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        m_box->setPalette(boxPalette(*context.appearance, Shown()));
        m_box->paint = [this](QPainter &painter, bool hasFocus) {
            const Shown shown = shownNow(hasFocus);
            if (hasFocus) {
                paintBox(painter, shown);
            } else {
                paintAtRest(painter, shown);
            }
        };
        QObject::connect(m_box, &QPlainTextEdit::textChanged, m_box, [this] {
            if (!m_isRefreshing) {
                session().type(this->control(), m_box->toPlainText());
            }
        });
    }

    QWidget *widget() override { return m_box; }

    void refresh() override
    {
        const Shown shown = session().shown(control());
        if (m_box->toPlainText() != shown.words) {
            m_isRefreshing = true;
            m_box->setPlainText(shown.words);
            m_isRefreshing = false;
        }
        m_box->setPadding(longTextPadding(control()));
        m_box->setReadOnly(!session().isEditable(control()));
        m_box->viewport()->update();
    }

private:
    LongTextBox *m_box;
    bool m_isRefreshing = false;
};

} // namespace

std::unique_ptr<FieldEditor> makeLongTextEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<LongTextEditor>(context, control, parent);
}

} // namespace nabblet

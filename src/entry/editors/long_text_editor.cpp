#include "core/kinds/box_parts.h"
#include "entry/editors/line_parts.h"

#include <QPainter>
#include <QPlainTextEdit>
#include <QTextDocument>

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
    void setPadding(int padding, int beside)
    {
        document()->setDocumentMargin(padding);
        setViewportMargins(beside - padding, 0, beside - padding, 0);
    }

protected:
    // Beside the lines, where a low box has its edges; the rest is the viewport's.
    bool event(QEvent *event) override
    {
        if (event->type() == QEvent::Paint) {
            QPainter painter(this);
            painter.setClipRegion(QRegion(rect()) - viewport()->geometry());
            paint(painter, hasFocus());
            return true;
        }
        return QPlainTextEdit::event(event);
    }
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
    void keyPressEvent(QKeyEvent *event) override
    {
        isAltLetter(*event) ? event->ignore() : QPlainTextEdit::keyPressEvent(event);
    }
    void focusInEvent(QFocusEvent *event) override
    {
        QPlainTextEdit::focusInEvent(event);
        setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
        update();
        viewport()->update();
    }
    void focusOutEvent(QFocusEvent *event) override
    {
        QPlainTextEdit::focusOutEvent(event);
        setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        update();
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
        m_box->paint = [this](QPainter &painter, bool hasFocus) {
            const Shown shown = shownNow(hasFocus);
            if (hasFocus) {
                paintBox(painter, shown);
            } else {
                paintAtRest(painter, shown);
            }
        };
        // The box says that its text changed also when only its layout did, and when the program put the text there:
        // what a person typed is what differs from what was put there last.
        QObject::connect(m_box, &QPlainTextEdit::textChanged, m_box, [this] {
            const QString text = textNow();
            if (text != m_put) {
                m_put = m_wanted = text;
                session().typing().type(this->control(), withOwnLineEnds(text));
            }
        });
    }

    QWidget *widget() override { return m_box; }

    void refresh() override
    {
        const Shown shown = session().values().shown(control());
        const QString wanted = withPlainLineEnds(shown.words);
        if (!m_isFilled || m_wanted != wanted) {
            const QSignalBlocker blocker(m_box);
            m_isFilled = true;
            m_wanted = wanted;
            m_hasCarriageReturns = shown.words.contains(QLatin1String("\r\n"));
            m_box->setPlainText(wanted);
            m_put = textNow(); // signs that the box does not keep are no typing either
        }
        const auto own = appearance();
        const int beside = own->padding();
        const int padding = longTextPadding(control(), beside);
        if (QPair<int, int>(padding, beside) != m_padding) {
            m_padding = {padding, beside};
            m_box->setPadding(padding, beside);
        }
        if (const QPalette colours = boxPalette(*own, shown); m_box->palette() != colours) {
            m_box->setPalette(colours);
        }
        m_box->setReadOnly(!shown.mayType);
        m_box->setFocusPolicy(m_box->isReadOnly() ? Qt::ClickFocus
                                                  : Qt::StrongFocus); // Tab passes by what is only shown
        m_box->update();
        m_box->viewport()->update();
    }

private:
    static QString withPlainLineEnds(QString text) { return text.replace(QLatin1String("\r\n"), QLatin1String("\n")); }

    // As it stands in the box, with blanks that do not break, which toPlainText() makes plain ones.
    QString textNow() const
    {
        QString text = m_box->document()->toRawText();
        return text.replace(QChar::ParagraphSeparator, u'\n').replace(QChar::LineSeparator, u'\n');
    }

    // Lines end as they did in what is stored.
    QString withOwnLineEnds(QString text) const
    {
        return m_hasCarriageReturns ? text.replace(u'\n', QLatin1String("\r\n")) : text;
    }

    LongTextBox *m_box;
    QString m_put;    // what the program put into the box last, as it stands there
    QString m_wanted; // … and as it was wanted
    bool m_isFilled = false;
    bool m_hasCarriageReturns = false;
    QPair<int, int> m_padding{-1, -1};
};

} // namespace

std::unique_ptr<FieldEditor> makeLongTextEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<LongTextEditor>(context, control, parent);
}

} // namespace nabblet

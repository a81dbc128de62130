// Drop-downs: fixed choices, or the rows of another table. Typing narrows the list; what is typed and matches nothing
// is kept and reported, never dropped.
#include "core/kinds/box_parts.h"
#include "entry/editors/line_parts.h"

#include <QApplication>
#include <QKeyEvent>
#include <QListWidget>
#include <QScreen>

namespace nabblet {

namespace {

constexpr int MostChoices = 200; // shown at once; typing narrows down to the rest
constexpr int MostLines = 10;    // of the open list, without scrolling
constexpr int ValueRole = Qt::UserRole;

class ChoiceEditor : public QObject, public FieldEditor
{
public:
    ChoiceEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_line(new BoxLine(parent, BoxButtonWidth)), m_list(new QListWidget(m_line))
    {
        m_line->setPalette(boxPalette(*context.appearance, Shown()));
        m_line->paint = [this](QPainter &painter, bool hasFocus) {
            Shown shown = shownNow(hasFocus);
            if (hasFocus) {
                shown.words.clear();
                shown.isMissing = false;
            }
            paintAtRest(painter, shown);
        };
        // A window of its own that never takes the focus: keys stay with the line.
        m_list->setWindowFlags(Qt::ToolTip);
        m_list->setObjectName(QStringLiteral("choices"));
        m_list->setFocusPolicy(Qt::NoFocus);
        m_list->setFrameShape(QFrame::Box);
        m_list->setMouseTracking(true);
        m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        QObject::connect(m_list, &QListWidget::itemClicked, m_line, [this](QListWidgetItem *item) { take(item); });
        QObject::connect(m_list, &QListWidget::itemEntered, m_list,
                         [this](QListWidgetItem *item) { m_list->setCurrentItem(item); });
        QObject::connect(m_line, &QLineEdit::textEdited, m_line, [this](const QString &words) {
            m_hasTyped = true;
            session().type(this->control(), words);
            open(words);
        });
        QObject::connect(m_line, &BoxLine::openRequested, m_line,
                         [this] { m_list->isVisible() ? m_list->hide() : open(QString()); });
        QObject::connect(m_line, &BoxLine::stepRequested, m_line, [this](int by) { step(-by); });
        QObject::connect(m_line, &BoxLine::focusLeft, m_line, [this] {
            m_list->hide();
            settle();
        });
        m_line->installEventFilter(this);
    }

    QWidget *widget() override { return m_line; }

    void refresh() override
    {
        const Shown shown = session().shown(control());
        if (m_line->text() != shown.words) {
            m_line->setText(shown.words);
            m_line->setCursorPosition(0);
        }
        m_line->setReadOnly(!session().isEditable(control()));
        m_line->update();
    }

    bool eventFilter(QObject *, QEvent *event) override
    {
        if (event->type() == QEvent::KeyPress && m_list->isVisible()) {
            const int pressed = static_cast<QKeyEvent *>(event)->key();
            if (pressed == Qt::Key_Return || pressed == Qt::Key_Enter) {
                take(m_list->currentItem());
                return true;
            }
            if (pressed == Qt::Key_Tab && m_list->currentItem() && m_hasTyped && !takesNewChoices(control())) {
                take(m_list->currentItem());
                return false;
            }
        }
        if (event->type() == QEvent::ShortcutOverride && m_list->isVisible() &&
            static_cast<QKeyEvent *>(event)->key() == Qt::Key_Escape) {
            m_list->hide();
            event->accept();
            return true;
        }
        if (event->type() == QEvent::Hide) {
            m_list->hide();
        }
        return false;
    }

private:
    QList<LookupRow> choices(const QString &part) const
    {
        if (const std::optional<Lookup> lookup = lookupOf(control())) {
            const auto rows =
                lookupRows(session().connection(), *lookup, part, MostChoices, session().fixedChoiceValues(*lookup));
            return rows ? *rows : QList<LookupRow>();
        }
        QList<LookupRow> rows;
        for (const Choice &choice : fixedChoices(control())) {
            if (part.isEmpty() || choice.words.contains(part, Qt::CaseInsensitive)) {
                rows.append({{choice.value}, choice.words});
            }
        }
        return rows;
    }

    void open(const QString &part)
    {
        if (m_line->isReadOnly()) {
            return;
        }
        m_list->clear();
        m_list->setFont(m_line->font());
        const QList<LookupRow> rows = choices(part);
        for (const LookupRow &row : rows) {
            auto *item = new QListWidgetItem(row.words, m_list);
            item->setData(ValueRole, row.values);
            if (row.words == m_line->text() || (m_list->count() == 1 && !part.isEmpty())) {
                m_list->setCurrentItem(item);
            }
        }
        if (rows.isEmpty()) {
            m_list->hide();
            return;
        }
        const int lineHeight = m_list->sizeHintForRow(0);
        const int lines = std::min<int>(MostLines, static_cast<int>(rows.size()));
        const int widest = m_list->sizeHintForColumn(0) + 24;
        m_list->resize(std::max(m_line->width(), widest), lines * lineHeight + 2 * m_list->frameWidth());
        QPoint at = m_line->mapToGlobal(QPoint(0, m_line->height() + 1));
        const QRect screen = m_line->screen()->availableGeometry();
        if (at.y() + m_list->height() > screen.bottom()) {
            at.setY(m_line->mapToGlobal(QPoint(0, -1 - m_list->height())).y());
        }
        m_list->move(at);
        m_list->show();
        m_list->scrollToItem(m_list->currentItem());
    }

    // Up and Down walk through the open list, or through the choices themselves.
    void step(int by)
    {
        if (m_line->isReadOnly()) {
            return;
        }
        if (!m_list->isVisible()) {
            open(QString());
        }
        const int row = std::clamp(m_list->currentRow() + by, 0, m_list->count() - 1);
        m_list->setCurrentRow(row);
    }

    void take(const QListWidgetItem *item)
    {
        if (!item) {
            return;
        }
        const QString words = item->text();
        session().chooseRow(control(), item->data(ValueRole).toList());
        m_hasTyped = false;
        m_line->setText(words);
        m_line->selectAll(); // what is typed next replaces it
        m_list->hide();
    }

    // Typed words become a choice when they are the whole or the only beginning of one.
    void settle()
    {
        if (!m_hasTyped) {
            return;
        }
        m_hasTyped = false;
        const QString typed = m_line->text().trimmed();
        if (typed.isEmpty()) {
            session().chooseRow(control(), {});
            return;
        }
        QList<LookupRow> fitting;
        for (const LookupRow &row : choices(typed)) {
            if (row.words.compare(typed, Qt::CaseInsensitive) == 0) {
                fitting = {row};
                break;
            }
            fitting.append(row);
        }
        const bool isWhole = fitting.size() == 1 && fitting.first().words.compare(typed, Qt::CaseInsensitive) == 0;
        if (fitting.size() == 1 && (isWhole || !takesNewChoices(control()))) {
            session().chooseRow(control(), fitting.first().values);
            m_line->setText(fitting.first().words);
        }
    }

    BoxLine *m_line;
    QListWidget *m_list;
    bool m_hasTyped = false;
};

} // namespace

std::unique_ptr<FieldEditor> makeChoiceEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<ChoiceEditor>(context, control, parent);
}

} // namespace nabblet

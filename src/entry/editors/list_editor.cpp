// Open lists: one of the lines, or several where the control takes them. Up and Down choose, with several they move and
// Space ticks; letters go to the line that begins with them; Delete chooses none.
#include "core/kinds/list_lines.h"
#include "core/kinds/settings/choices.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"

#include <QElapsedTimer>

#include <algorithm>

namespace nabblet {

namespace {

constexpr qint64 LettersBelongTogether = 1000; // ms between the letters of one beginning

class ListEditor : public FieldEditor
{
public:
    ListEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_box(new PaintedBox(parent))
    {
        m_box->paint = [this](QPainter &painter, bool hasFocus) { paintAtRest(painter, scrolled(shownNow(hasFocus))); };
        m_box->press = [this](QPoint at) {
            const int line = listLineAt(this->control(), scrolled(session().values().shown(this->control())),
                                        appearance()->look(), at);
            if (line >= 0) {
                m_cursor = line;
                choose(line);
            }
        };
        m_box->pressKey = [this](const QKeyEvent &key) { return pressKey(key); };
        m_box->told = {QAccessible::ListItem, [this] { return told(); }, [this](int line) { choose(line); }};
        m_box->scroll = [this](int by) { return scrollTo(firstNow() + by); };
    }

    QWidget *widget() override { return m_box; }

    void refresh() override
    {
        if (const int line = chosenLine(); line != m_lastChosen) {
            m_lastChosen = m_cursor = line;
            m_first = -1; // another record: what it has is shown
        }
        m_box->setFocusPolicy(session().values().mayType(control()) ? Qt::StrongFocus : Qt::ClickFocus);
        m_box->update();
    }

private:
    QStringList lines() const { return listLines(control(), session().values().shown(control())); }

    QList<ToldChoice> told() const
    {
        const Shown shown = session().values().shown(control());
        const QStringList words = listLines(control(), shown);
        const QList<int> chosen = chosenLines(control(), shown);
        QList<ToldChoice> told;
        for (int line = 0; line < words.size(); ++line) {
            told.append({words.at(line), listLinePlace(control(), scrolled(shown), appearance()->look(), line),
                         chosen.contains(line)});
        }
        return told;
    }

    Shown scrolled(Shown shown) const
    {
        shown.firstLine = m_first;
        shown.cursorLine = m_cursor;
        return shown;
    }

    // The first of those chosen, or -1.
    int chosenLine() const
    {
        const QList<int> chosen = chosenLines(control(), session().values().shown(control()));
        return chosen.isEmpty() ? -1 : chosen.first();
    }

    int firstNow() const
    {
        return firstLineInSight(control(), scrolled(session().values().shown(control())), appearance()->look());
    }

    bool scrollTo(int first)
    {
        const int most =
            std::max(0, static_cast<int>(lines().size()) - listLinesInSight(control(), appearance()->look()));
        const int wanted = std::clamp(first, 0, most);
        const bool isMoved = wanted != firstNow();
        m_first = wanted;
        m_box->update();
        return isMoved;
    }

    void bringToSight(int line)
    {
        const int inSight = listLinesInSight(control(), appearance()->look());
        if (line < firstNow()) {
            scrollTo(line);
        } else if (line >= firstNow() + inSight) {
            scrollTo(line - inSight + 1);
        }
    }

    void choose(int line)
    {
        if (!session().values().mayType(control())) {
            return;
        }
        const QList<LookupRow> rows = session().values().listRows(control()); // those that are painted
        if (line < 0 || line >= rows.size()) {
            return;
        }
        m_first = firstNow(); // what is pressed stays where it is
        if (!takesSeveral(control())) {
            session().typing().chooseRow(control(), rows.at(line).values);
        } else {
            toggle(rows, line);
        }
        m_lastChosen = chosenLine();
        m_box->update();
        tellChosen(m_box);
    }

    // Puts a line's value in or takes it out. Values that are no line any more stay, behind the others.
    void toggle(const QList<LookupRow> &rows, int line)
    {
        QStringList stored = severalParts(session().state().value(control().column).toString());
        const QString own = rows.at(line).values.value(0).toString();
        if (!stored.removeOne(own)) {
            stored.append(own);
        }
        QStringList inOrder;
        for (const LookupRow &row : rows) {
            const QString value = row.values.value(0).toString();
            if (stored.removeOne(value)) {
                inOrder.append(value);
            }
        }
        const QString text = severalText(inOrder + stored);
        session().typing().choose(control(), text.isEmpty() ? QVariant() : QVariant(text));
    }

    void moveTo(int line)
    {
        const int count = static_cast<int>(lines().size());
        if (count == 0) {
            return;
        }
        m_cursor = std::clamp(line, 0, count - 1);
        bringToSight(m_cursor);
        if (!takesSeveral(control())) {
            choose(m_cursor);
        }
        m_box->update();
    }

    bool pressKey(const QKeyEvent &key)
    {
        switch (key.key()) {
        case Qt::Key_Down:
            moveTo(m_cursor + 1);
            return true;
        case Qt::Key_Up:
            moveTo(m_cursor < 0 ? 0 : m_cursor - 1);
            return true;
        case Qt::Key_Home:
            moveTo(0);
            return true;
        case Qt::Key_End:
            moveTo(static_cast<int>(lines().size()) - 1);
            return true;
        case Qt::Key_Space:
            choose(std::max(0, m_cursor));
            return true;
        case Qt::Key_Delete:
        case Qt::Key_Backspace:
            session().typing().choose(control(), QVariant());
            m_box->update();
            return true;
        default:
            return goToLetters(key.text());
        }
    }

    bool goToLetters(const QString &typed)
    {
        if (typed.isEmpty() || !typed.front().isPrint() || typed.front().isSpace()) {
            return false;
        }
        const bool goesOn = m_sinceLetter.isValid() && m_sinceLetter.elapsed() < LettersBelongTogether;
        m_letters = (goesOn ? m_letters : QString()) + typed;
        m_sinceLetter.start();
        const QStringList all = lines();
        for (int i = 0; i < all.size(); ++i) {
            if (all.at(i).startsWith(m_letters, Qt::CaseInsensitive)) {
                moveTo(i);
                break;
            }
        }
        return true;
    }

    PaintedBox *m_box;
    int m_first = -1; // as Shown::firstLine
    int m_cursor = -1;
    int m_lastChosen = -1;
    QString m_letters;
    QElapsedTimer m_sinceLetter;
};

} // namespace

std::unique_ptr<FieldEditor> makeListEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<ListEditor>(context, control, parent);
}

} // namespace nabblet

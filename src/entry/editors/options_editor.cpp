// Option sets: one of a few, all in sight. A click or the arrow keys choose, Delete chooses none.
#include "core/kinds/option_places.h"
#include "core/kinds/settings/choices.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/painted_widgets.h"

#include <QElapsedTimer>
#include <QStyle>

namespace nabblet {

namespace {

class OptionsEditor : public FieldEditor
{
public:
    OptionsEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_box(new PaintedBox(parent))
    {
        m_box->paint = [this](QPainter &painter, bool hasFocus) { paintAtRest(painter, shownNow(hasFocus)); };
        m_box->press = [this](QPoint at) {
            const QList<QRect> places = placesInBox();
            for (int i = 0; i < places.size(); ++i) {
                if (places.at(i).contains(at)) {
                    choose(i);
                }
            }
        };
        m_box->pressKey = [this](const QKeyEvent &key) { return step(key.key()) || letter(key); };
        m_box->told = {QAccessible::RadioButton, [this] { return told(); }, [this](int index) { choose(index); }};
    }

    QWidget *widget() override { return m_box; }
    void refresh() override
    {
        m_box->setFocusPolicy(session().values().mayType(control()) ? Qt::StrongFocus : Qt::ClickFocus);
        m_box->update();
    }

private:
    int chosen() const
    {
        const QList<Choice> choices = fixedChoices(control());
        const QVariant value = session().state().value(control().column);
        for (int i = 0; i < choices.size(); ++i) {
            if (!value.isNull() && choices.at(i).value.toString() == value.toString()) {
                return i;
            }
        }
        return -1;
    }

    QList<QRect> placesInBox() const
    {
        QList<QRect> places = optionPlaces(control());
        for (QRect &place : places) {
            place = QStyle::visualRect(m_box->layoutDirection(), m_box->rect(), place);
        }
        return places;
    }

    QList<ToldChoice> told() const
    {
        const QList<Choice> choices = fixedChoices(control());
        const QList<QRect> places = placesInBox();
        QList<ToldChoice> told;
        for (int i = 0; i < choices.size(); ++i) {
            told.append({choices.at(i).words, places.value(i), i == chosen()});
        }
        return told;
    }

    void choose(int index)
    {
        const QList<Choice> choices = fixedChoices(control());
        if (index >= 0 && index < choices.size()) {
            session().typing().choose(control(), choices.at(index).value);
            m_box->update();
            tellChosen(m_box);
        }
    }

    bool step(int key)
    {
        const int count = static_cast<int>(fixedChoices(control()).size());
        const int now = chosen();
        switch (key) {
        case Qt::Key_Right:
        case Qt::Key_Down:
            choose(std::min(count - 1, now + 1));
            return true;
        case Qt::Key_Left:
        case Qt::Key_Up:
            choose(std::max(0, now - 1));
            return true;
        case Qt::Key_Space:
            choose(now < 0 ? 0 : (now + 1) % count);
            return true;
        case Qt::Key_Delete:
        case Qt::Key_Backspace:
            session().typing().choose(control(), QVariant());
            m_box->update();
            return true;
        default:
            return false;
        }
    }

    // A letter chooses the next option that begins with it; with letters typed on, the one that begins with all of
    // them.
    bool letter(const QKeyEvent &key)
    {
        constexpr int Pause = 1000; // ms, after which letters begin anew
        const bool isPlain = !(key.modifiers() & (Qt::ControlModifier | Qt::AltModifier));
        if (!isPlain || key.text().isEmpty() || !key.text().front().isPrint()) {
            return false;
        }
        const bool goesOn = m_since.isValid() && m_since.elapsed() < Pause;
        QString typed = (goesOn ? m_letters : QString()) + key.text();
        const QList<Choice> choices = fixedChoices(control());
        const int count = static_cast<int>(choices.size());
        const auto firstFrom = [&](int from, const QString &begins) {
            for (int i = 0; i < count; ++i) {
                const int at = (from + i) % count;
                if (choices.at(at).words.startsWith(begins, Qt::CaseInsensitive)) {
                    return at;
                }
            }
            return -1;
        };
        int next = goesOn && count > 0 ? firstFrom(0, typed) : -1;
        if (next < 0 && count > 0) { // begins anew
            typed = key.text();
            next = firstFrom(std::max(0, chosen() + 1), typed);
        }
        m_letters = typed;
        m_since.start();
        if (next >= 0) {
            choose(next);
        }
        return true;
    }

    PaintedBox *m_box;
    QString m_letters;     // typed one after the other, …
    QElapsedTimer m_since; // … the last one then
};

} // namespace

std::unique_ptr<FieldEditor> makeOptionsEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<OptionsEditor>(context, control, parent);
}

} // namespace nabblet

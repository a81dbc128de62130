// New controls from the palette, and one kind made of another.
#include "core/actions/action_table.h"
#include "core/actions/button_rows.h"
#include "core/arrange/edges.h"
#include "core/arrange/grouping.h"
#include "core/arrange/rails.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/file/form_file.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/kinds/usual_words.h"
#include "support/sample_forms.h"

#include <QJsonArray>
#include <QTest>

using namespace nabblet;

class TestPlacing : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    static const Control &control(const Form &form, ControlId id) { return *form.controls.find(id); }

private Q_SLOTS:
    void everyKindIsPlacedInEveryArea_data()
    {
        QTest::addColumn<QString>("kind");
        for (const Placeable &placeable : placeables()) {
            QTest::newRow(qPrintable(placeable.name)) << placeable.name;
        }
    }
    void everyKindIsPlacedInEveryArea()
    {
        QFETCH(QString, kind);
        const auto [grouped, box] = withContainer(settled(samples::columnOfFields(4), m_measure), {3, 5}, "group-box");
        const auto [form, tabs] = withContainer(grouped, {7}, "tab-pages");
        QVERIFY(box != 0 && tabs != 0);
        for (const Area &area : areasOf(form)) {
            const QRect room = roomOf(form, area);
            for (const QPoint at : {room.topLeft(), room.center(), QPoint(-50, -50)}) {
                const PlacedControl placed = withNewControl(form, kind, area, QRect(at, QSize()), m_measure);
                const Control &made = control(placed.form, placed.control);
                QCOMPARE(made.kind, buttonRowNamed(kind) ? QString("button") : kind);
                QCOMPARE(areaOf(made), area);
                QVERIFY(!form.controls.find(placed.control));
                QVERIFY(roomOf(placed.form, area).contains(made.place));
                const Control *caption = captionOf(placed.form, placed.control);
                const bool hasRows = kindNamed(made.kind).editor == Editor::Rows;
                QCOMPARE(caption != nullptr, (showsValue(made) && !isJumpList(made)) || hasRows);
                if (caption) {
                    QVERIFY(roomOf(placed.form, area).contains(caption->place));
                    QCOMPARE(sitsAbove(*caption), hasRows);
                    QVERIFY(hasRows ? bottomOf(caption->place) <= made.place.y()
                                    : rightOf(caption->place) + CaptionGap == made.place.x());
                }
                // Nothing that was there is covered or lost.
                for (const Control &old : form.controls) {
                    const Control &now = control(placed.form, old.id);
                    QCOMPARE(now.name, old.name);
                    QVERIFY(areaOf(now) != area || !overlap(now.place, made.place));
                }
                QVERIFY(readForm(writeForm(placed.form)).isOk());
            }
            const PlacedControl below = withNewControlBelow(form, kind, area, m_measure);
            for (const Control &old : form.controls) {
                const bool isOfArea = areaOf(old) == area;
                QVERIFY(!isOfArea || control(below.form, below.control).place.y() >= bottomOf(old.place) ||
                        areaOf(old).band != area.band);
            }
        }
    }

    void aRowOfButtonsIsOfOneSize()
    {
        for (const ButtonRow &row : buttonRows()) {
            for (const int width : {0, 560}) {
                const Form form = settled(samples::columnOfFields(2), m_measure);
                const PlacedControl placed =
                    withNewControl(form, row.name, Area(), QRect(16, 200, width, 40), m_measure);
                const QList<ControlId> ids = QList<ControlId>{placed.control} + placed.others;
                QCOMPARE(ids.size(), row.actions.size());
                QSet<QString> names;
                for (qsizetype i = 0; i < ids.size(); ++i) {
                    const Control &button = control(placed.form, ids.at(i));
                    const Control &first = control(placed.form, ids.first());
                    QCOMPARE(button.place.size(), first.place.size());
                    QCOMPARE(button.place.y(), first.place.y());
                    QCOMPARE(buttonActionOf(button).name, row.actions.at(i));
                    QCOMPARE(button.text, buttonActionCaption(buttonActionNamed(row.actions.at(i))));
                    QVERIFY(button.place.width() >= m_measure.width(button.text, TextRole::Button));
                    names.insert(button.name);
                    if (i > 0) {
                        QCOMPARE(button.place.x() - rightOf(control(placed.form, ids.at(i - 1)).place),
                                 form.grid.pitch);
                    }
                }
                QCOMPARE(names.size(), ids.size());
            }
        }
    }

    // On the grid with a margin, on no rail, whatever was clicked; and the same with other actions.
    void aRowOfButtonsStandsByItself()
    {
        for (const QPoint at : {QPoint(0, 203), QPoint(41, 200), QPoint(900, 200)}) {
            Form form = settled(samples::columnOfFields(2), m_measure);
            form.width = 900;
            const PlacedControl placed =
                withNewControl(form, "buttons-of-record", Area(), QRect(at, QSize()), m_measure);
            QList<ControlId> row = QList<ControlId>{placed.control} + placed.others;
            const PlacedControl fewer = withActionsOfRow(placed.form, row, {"save", "close", "go-next"}, m_measure);
            QCOMPARE(fewer.others.size(), 2);
            QCOMPARE(control(fewer.form, fewer.control).place.topLeft(),
                     control(placed.form, placed.control).place.topLeft());
            QCOMPARE(fewer.form.controls.size(), form.controls.size() + 3);
            for (const PlacedControl &each : {placed, fewer}) {
                for (const ControlId id : QList<ControlId>{each.control} + each.others) {
                    const Control &button = control(each.form, id);
                    QVERIFY(button.rides == Rides());
                    QVERIFY(button.place.x() % 8 == 0 && button.place.y() % 8 == 0);
                    QVERIFY(button.place.x() >= 16 && rightOf(button.place) <= each.form.width);
                }
            }
            const PlacedControl none = withActionsOfRow(placed.form, row, {}, m_measure);
            QVERIFY(none.form == placed.form); // one button stays at least
        }
    }

    void everyActionIsWrittenAndRead()
    {
        for (const ButtonAction &action : buttonActions()) {
            Control button;
            button.kind = "button";
            setButtonAction(button, action);
            QCOMPARE(buttonActionOf(button).name, action.name);
            QVERIFY(!buttonActionTitle(action).isEmpty() && !buttonActionCaption(action).isEmpty());
        }
    }

    void choicesAreTypedOneALine()
    {
        Control box;
        box.kind = "drop-down";
        const Result<QList<Choice>> read =
            choicesFromLines("  Red \n\nS = Lateral, starboard\nP\tLateral, port\na = b = c\n", std::nullopt);
        QVERIFY(read.isOk());
        QCOMPARE(read->size(), 4);
        setFixedChoices(box, *read);
        const QList<Choice> stored = fixedChoices(box);
        QCOMPARE(stored.at(0).words, "Red");
        QCOMPARE(stored.at(1).value.toString(), "S");
        QCOMPARE(stored.at(1).words, "Lateral, starboard");
        QCOMPARE(stored.at(2).words, "Lateral, port");
        QCOMPARE(stored.at(3).words, "b = c");
        // Written as lines and read again, they are the same.
        Control again = box;
        setFixedChoices(again, *choicesFromLines(choiceLines(box), std::nullopt));
        QCOMPARE(again, box);
        // Numbers are stored as numbers, and a line that gives none says so.
        setFixedChoices(box, *choicesFromLines("1 = On station\n2 = In depot", ColumnType::WholeNumber));
        QCOMPARE(fixedChoices(box).at(1).value, QVariant(2.0));
        QVERIFY(
            choicesFromLines("1 = On station\nIn depot", ColumnType::WholeNumber).error().sentence.contains("Line 2"));
        QVERIFY(choicesFromLines("a\nb\na", ColumnType::Text).error().sentence.contains("Line 3"));
        setFixedChoices(box, {});
        QVERIFY(!box.settings.has(setting::Choices));
    }

    void aDrawnControlHasTheSizeDrawn()
    {
        const Form form = samples::columnOfFields(2);
        const PlacedControl placed = withNewControl(form, "long-text", Area(), QRect(200, 120, 240, 64), m_measure);
        QCOMPARE(control(placed.form, placed.control).place, QRect(200, 120, 240, 64));
        QCOMPARE(control(placed.form, placed.control).name, "notes");
        QVERIFY(control(placed.form, placed.control).column.isEmpty());
    }

    void kindsThatShareAColumnCanTakeTurns()
    {
        Form form = samples::columnOfFields(2);
        Control box = control(form, 1);
        QVERIFY(kindsFor(box, ColumnType::Text).contains("long-text"));
        QVERIFY(!kindsFor(box, ColumnType::Text).contains("picture"));
        QVERIFY(kindsFor(box, ColumnType::Text).contains("option-set"));
        Control linked = box;
        setLookup(linked, {"buoy", {"buoy_id"}, {"name"}, {box.column}});
        QVERIFY(!kindsFor(linked, ColumnType::Text).contains("option-set")); // more than stand on a form
        QVERIFY(!kindsFor(box, ColumnType::Text).contains("caption"));
        QVERIFY(kindsFor(box, ColumnType::WholeNumber).contains("tick-box") ||
                !kindNamed("tick-box").binds.contains(ColumnType::WholeNumber));
        QCOMPARE(kindsFor(control(form, 2), std::nullopt), QStringList{"caption"});
        box.settings.set(setting::Prompt, "e.g. red");
        form.controls.replace(form.controls.indexOf(1), box);
        const Form longer = withKind(form, {1}, "long-text");
        QCOMPARE(control(longer, 1).kind, "long-text");
        QCOMPARE(control(longer, 1).column, box.column);
        QVERIFY(hasNameOfItsKind(box) && control(longer, 1).name == "notes_0"); // as nobody gave it one
        QCOMPARE(control(longer, 1).place.topLeft(), box.place.topLeft());
        QCOMPARE(control(longer, 1).settings.value(setting::Prompt), "e.g. red");
        QCOMPARE(captionOf(longer, 1)->text, captionOf(form, 1)->text);
        QVERIFY(!overlap(control(longer, 1).place, control(longer, 3).place)); // it got higher; the next made way
        // Choices go with kinds that choose, and only with them.
        Control choosing = control(form, 3);
        choosing.kind = "option-set";
        setFixedChoices(choosing, {{"a", "A"}});
        form.controls.replace(form.controls.indexOf(3), choosing);
        QVERIFY(control(withKind(form, {3}, "drop-down"), 3).settings.has(setting::Choices));
        QVERIFY(!control(withKind(form, {3}, "text-box"), 3).settings.has(setting::Choices));
        QCOMPARE(withKind(form, {1}, "text-box"), form);
    }
};

QTEST_APPLESS_MAIN(TestPlacing)
#include "tst_placing.moc"

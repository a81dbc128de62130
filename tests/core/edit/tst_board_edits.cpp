// What the board's mouse, keys and menus call besides the arrange operations: rails, windows of other widths, sizes in
// words, clips, bands, tab order, fields put at a place, all the words of a form.
#include "core/arrange/edges.h"
#include "core/arrange/operations.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rows.h"
#include "core/arrange/units.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/edit/form_texts.h"
#include "core/edit/placing.h"
#include "core/edit/typed_words.h"
#include "core/file/form_file.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/usual_words.h"
#include "support/orders.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestBoardEdits : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    static QRect placeOf(const Form &form, ControlId id) { return form.controls.find(id)->place; }
    static int size(const char *typed, int current = 100, Unit unit = Unit::Pixels, int pitch = 8)
    {
        const Result<int> read = readSize(typed, current, unit, pitch);
        return read ? *read : -12345;
    }

private Q_SLOTS:
    void sizesAreReadWithArithmetic()
    {
        QCOMPARE(size("120"), 120);
        QCOMPARE(size("+8"), 108);
        QCOMPARE(size("-8"), 92);
        QCOMPARE(size("\u22128"), 92);
        QCOMPARE(size("*2"), 200);
        QCOMPARE(size("/3"), 33);
        QCOMPARE(size("100+8*2"), 116);
        QCOMPARE(size("1in"), 96);
        QCOMPARE(size("25.4mm"), 96);
        QCOMPARE(size("2,54 cm"), 96);
        QCOMPARE(size("3 steps"), 24);
        QCOMPARE(size("2", 0, Unit::Inches), 192);
        QCOMPARE(size("2", 0, Unit::GridSteps, 10), 20);
        QCOMPARE(size("+1mm", 100, Unit::Pixels), 104);
        for (const char *wrong : {"", "wide", "12 furlongs", "*", "1//2", "/0", "12px px", "999999999"}) {
            QVERIFY2(!readSize(wrong, 100, Unit::Pixels, 8), wrong);
        }
    }

    // What is shown in a unit reads back as the same size.
    void sizesInWordsReadBack()
    {
        for (const Unit unit : {Unit::Pixels, Unit::Millimetres, Unit::Inches, Unit::GridSteps}) {
            for (int pixels = 0; pixels < 2000; pixels += 7) {
                const QString words = sizeInWords(pixels, unit, 8, QLocale::c());
                const Result<int> read = readSize(words, 0, unit, 8);
                QVERIFY2(read, qPrintable(words));
                const int tolerance = unit == Unit::GridSteps ? 1 : unit == Unit::Inches ? 1 : 0;
                QVERIFY2(qAbs(*read - pixels) <= tolerance, qPrintable(words));
            }
        }
    }

    void keptEdgesStayLinedUp()
    {
        Form form = withoutRail(samples::columnOfFields(4), FixedRail::FirstFree);
        form = moveControls(form, {3}, QPoint(17, 0));
        form = withEdgesKept(form, {1, 3, 5}, Edge::Left);
        QCOMPARE(form.rails.size(), 1);
        const RailId rail = form.rails.first().id;
        for (const ControlId id : {1, 3, 5}) {
            QCOMPARE(placeOf(form, id).x(), form.rails.first().position);
            QCOMPARE(form.controls.find(id)->rides.left, rail);
            QCOMPARE(form.controls.find(id + 1)->rides.right, rail);
        }
        QVERIFY(form.controls.find(7)->rides.left != rail);
        const Form moved = moveRail(form, rail, form.rails.first().position + 24);
        for (const ControlId id : {1, 2, 3, 4, 5, 6}) {
            QCOMPARE(placeOf(moved, id), placeOf(form, id).translated(24, 0));
        }
        // Deleted, the edges stay where they are.
        const Form without = withoutRail(moved, rail);
        QVERIFY(without.rails.isEmpty());
        for (const Control &control : moved.controls) {
            QCOMPARE(placeOf(without, control.id), control.place);
            QVERIFY(without.controls.find(control.id)->rides.left != rail);
        }
        QCOMPARE(edgesOn(form, rail), 6);
        QCOMPARE(railsRidden(form, {1}), QList<RailId>{rail});
    }

    void railsAreNamedApart()
    {
        Form form = withRail(withRail(samples::columnOfFields(2), 200), 300);
        QCOMPARE(form.rails.size(), 3);
        const RailId last = form.rails.last().id;
        form = withRailRenamed(form, last, "captions");
        QVERIFY(findRail(form, last)->name != "captions");
        QCOMPARE(withRailRenamed(form, last, "  "), form);
        // What stands where a rail is made rides it.
        const Form made = withRail(samples::columnOfFields(2), 280);
        QCOMPARE(made.controls.find(1)->rides.right, made.rails.last().id);
    }

    void anAutomaticRailFollowsItsCaptionsAgain()
    {
        Form form = samples::columnOfFields(2);
        form = withRailAutomatic(form, FixedRail::FirstFree, false, m_measure);
        QVERIFY(!form.rails.first().isAutomatic);
        form = withRailAutomatic(form, FixedRail::FirstFree, true, m_measure);
        form = setCaptionText(form, 2, QString(40, 'w'), m_measure);
        QVERIFY(placeOf(form, 2).x() >= 0);
        QCOMPARE(rightOf(placeOf(form, 2)) + CaptionGap, placeOf(form, 1).x());
    }

    void aFormShowsWhatHappensAtOtherWidths()
    {
        Form form = samples::columnOfFields(2);
        Control wide = *form.controls.find(3);
        wide.place.setWidth(480 - 16 - wide.place.x());
        wide.rides.right = FixedRail::FormRight;
        form.controls.replace(form.controls.indexOf(3), wide);
        const SizeReport wider = sizeReport(form, {600, shownHeight(form)});
        QCOMPARE(wider.stretching, QList<ControlId>{3});
        QVERIFY(wider.moving.isEmpty() && wider.clashing.isEmpty());
        QCOMPARE(placeOf(atSize(form, {600, shownHeight(form)}), 3).width(), wide.place.width() + 120);
        // The first box does not give way: the form is safe down to its right edge.
        const int least = narrowestWidth(form);
        QCOMPARE(least, rightOf(placeOf(form, 1)));
        QVERIFY(sizeReport(form, {least, shownHeight(form)}).clashing.isEmpty());
        QVERIFY(sizeReport(form, {least - 1, shownHeight(form)}).clashing.contains(1));
        QCOMPARE(leastWindowSize(form).width(), least);
        form.leastWidth = 300;
        QCOMPARE(leastWindowSize(form).width(), 300);
        QCOMPARE(atSize(form, {form.width, shownHeight(form)}), form);
    }

    void aClipIsAFormOfItsOwn()
    {
        const Form form = samples::columnOfFields(4);
        const QByteArray text = clipText(form, {3, 5});
        const Result<Form> clip = readClip(text);
        QVERIFY(clip);
        QCOMPARE(clip->controls.size(), 4);
        const Pasted result = pasted(form, *clip, QPoint(0, 160), "{kind}_{column}");
        QCOMPARE(result.controls.size(), 4);
        QSet<QString> names;
        QSet<ControlId> ids;
        for (const Control &control : result.form.controls) {
            names.insert(control.name);
            ids.insert(control.id);
        }
        QCOMPARE(names.size(), result.form.controls.size());
        QCOMPARE(ids.size(), result.form.controls.size());
        for (const Control &control : form.controls) {
            QCOMPARE(*result.form.controls.find(control.id), control);
        }
        const Control *copy = result.form.controls.find(result.controls.first());
        QCOMPARE(copy->place, placeOf(form, 3).translated(0, 160));
        QCOMPARE(copy->rides.left, int(FixedRail::FirstFree));
        QCOMPARE(captionOf(result.form, copy->id)->captionFor, copy->id);
        QVERIFY(!readClip("something else"));
        // Into a form without that band or those rails.
        Form other;
        other.bands = {Band{BandRole::Body, 40, {}}};
        other.width = 100;
        const Pasted there = pasted(other, *clip, QPoint(), "{kind}_{column}");
        QVERIFY(there.form.width >= rightOf(placeOf(there.form, there.controls.first())));
        QCOMPARE(there.form.controls.find(there.controls.first())->rides.left, int(FixedRail::None));
    }

    void bandsComeGoAndPush()
    {
        const Form form = samples::columnOfFields(3);
        const Form footed = withBand(form, BandRole::Footer);
        QVERIFY(findBand(footed, BandRole::Footer));
        QCOMPARE(footed.bands.last().role, BandRole::Footer);
        QCOMPARE(withoutBand(footed, BandRole::Footer), form);
        QCOMPARE(withoutBand(form, BandRole::Body), form);
        const Band *body = findBand(form, BandRole::Body);
        QCOMPARE(findBand(setBandHeight(form, BandRole::Body, 10), BandRole::Body)->height, bottomOf(placeOf(form, 5)));
        const Form pushed = setBandHeight(form, BandRole::Body, bottomOf(placeOf(form, 5)) - 10, Crowding::Pushes);
        QCOMPARE(placeOf(pushed, 1).y(), placeOf(form, 1).y() - 10);
        QCOMPARE(findBand(pushed, BandRole::Body)->height, bottomOf(placeOf(form, 5)) - 10);
        const Form roomy = setBandHeight(setFormWidth(form, 900), BandRole::Body, body->height + 400);
        const Form trim = trimmed(roomy);
        QCOMPARE(findBand(trim, BandRole::Body)->height, bottomOf(placeOf(form, 5)) + 16);
        QCOMPARE(trim.width, rightOf(placeOf(form, 1)) + 16);
        QCOMPARE(trimmed(trim), trim);
        for (const Control &control : form.controls) {
            QCOMPARE(placeOf(trim, control.id), control.place);
        }
    }

    void anOrderByHandIsKeptAndSaved()
    {
        Form form = withHandOrder(samples::columnOfFields(4), {7, 1});
        QCOMPARE(tabSequence(form), QList<ControlId>({7, 1, 3, 5}));
        const Result<Form> read = readForm(writeForm(form));
        QVERIFY(read);
        QCOMPARE(tabSequence(*read), QList<ControlId>({7, 1, 3, 5}));
        // To the front and back again: the order by hand does not follow the pile.
        form = moveControls(form, {7}, QPoint(0, 40));
        QCOMPARE(tabSequence(form).first(), 7);
        QCOMPARE(tabSequence(withTabOrder(form, TabOrder::Rows)), QList<ControlId>({1, 3, 5, 7}));
    }

    void theTracingSheetAndTheSmallestWidthAreSaved()
    {
        Form form = samples::columnOfFields(1);
        form.leastWidth = 320;
        form.tracing = {"paper.png", QPoint(-12, 8), 45, 60};
        const Result<Form> read = readForm(writeForm(form));
        QVERIFY(read);
        QCOMPARE(*read, form);
    }

    void fieldsArePutWithRoomForTheirCaptions()
    {
        const Catalogue catalogue = samples::orders();
        const Table *table = findTable(catalogue, "purchase_line");
        Form form = blankForm("Lines", "Harbour", m_measure);
        form.rowsFrom = table->name;
        FieldTarget target;
        target.at = QPoint(2, 21); // hard against the left edge
        const AddedFields added = withFields(form, catalogue, *table, {"quantity", "article", "unit_price"}, target,
                                             nullptr, "{kind}_{column}", m_measure);
        QCOMPARE(added.fields.size(), 3);
        int y = -1;
        for (const ControlId id : added.fields) {
            const Control *box = added.form.controls.find(id);
            const Control *caption = captionOf(added.form, id);
            QVERIFY(caption->place.x() >= 0);
            QCOMPARE(rightOf(caption->place) + CaptionGap, box->place.x());
            QVERIFY(caption->place.width() >= m_measure.width(caption->text, TextRole::Caption));
            QVERIFY(box->place.y() > y);
            y = box->place.y();
            QCOMPARE(box->place.x(), placeOf(added.form, added.fields.first()).x());
            QVERIFY(std::any_of(added.form.boundColumns.begin(), added.form.boundColumns.end(),
                                [&](const BoundColumn &bound) { return bound.column == box->column; }));
        }
        QCOMPARE(added.form.controls.find(added.fields.first())->column, "quantity"); // in the order chosen
        QVERIFY(withFields(added.form, catalogue, *table, {"quantity"}, target, nullptr, "{kind}_{column}", m_measure)
                    .fields.isEmpty());
        // Dropped on one that is there: it makes way, and the new one takes up column and rail.
        FieldTarget between;
        between.at = placeOf(added.form, added.fields.at(1)).topLeft() + QPoint(5, 2);
        const AddedFields one =
            withFields(added.form, catalogue, *table, {"amount"}, between, nullptr, "{kind}_{column}", m_measure);
        const Control *amount = one.form.controls.find(one.fields.first());
        QCOMPARE(amount->place.topLeft(), placeOf(added.form, added.fields.at(1)).topLeft());
        QCOMPARE(amount->rides.left, added.form.controls.find(added.fields.first())->rides.left);
        for (const Control &a : one.form.controls) {
            for (const Control &b : one.form.controls) {
                QVERIFY(a.id >= b.id || a.band != b.band || !a.place.intersects(b.place));
            }
        }
        // By a double click: the next free place after the lead.
        FieldTarget after;
        after.after = added.fields.first();
        const AddedFields next =
            withFields(added.form, catalogue, *table, {"amount"}, after, nullptr, "{kind}_{column}", m_measure);
        const QRect there = placeOf(next.form, next.fields.first());
        QCOMPARE(there.x(), placeOf(added.form, added.fields.first()).x());
        QVERIFY(there.y() > placeOf(added.form, added.fields.last()).y());
    }

    void aBoxIsBoundElsewhereWithoutLosingItsPlace()
    {
        const Catalogue catalogue = samples::orders();
        const Table *table = findTable(catalogue, "customer");
        const Form form = draftColumnar(catalogue, *table, m_measure);
        const auto boundTo = [](const Form &in, const QString &column) {
            for (const Control &control : in.controls) {
                if (control.column == column) {
                    return control;
                }
            }
            return Control();
        };
        const Form without = deleteControls(form, {boundTo(form, "phone").id});
        const Control name = boundTo(without, "name");
        const Form rebound =
            withColumnChanged(without, catalogue, *table, name.id, "phone", "{kind}_{column}", m_measure);
        const Control phone = boundTo(rebound, "phone");
        QCOMPARE(phone.id, name.id);
        QCOMPARE(phone.place, name.place);
        QCOMPARE(phone.name, "text_phone");
        QCOMPARE(captionOf(rebound, phone.id)->text, "Phone");
        QCOMPARE(rebound.boundColumns.size(), without.boundColumns.size());
        QVERIFY(withColumnChanged(form, catalogue, *table, name.id, "no such column", "{column}", m_measure) == form);
    }

    void allWordsAreEditedAtOnce()
    {
        Form form = samples::columnOfFields(2);
        Control options = *form.controls.find(3);
        options.kind = "option-set";
        options.settings =
            samples::settingsOf({{"choices", QJsonArray{QJsonObject{{"value", "a"}, {"words", "first"}},
                                                        QJsonObject{{"value", "b"}, {"words", "second"}}}}});
        form.controls.replace(form.controls.indexOf(3), options);
        QList<FormText> texts = formTexts(form);
        QCOMPARE(texts.size(), 5); // the title of the window is one of them
        for (FormText &text : texts) {
            text.words = withCapital(withoutEndMarks(text.words + " x:"));
        }
        const Form edited = withFormTexts(form, texts, m_measure);
        QCOMPARE(edited.controls.find(2)->text, "Column 0 x");
        QCOMPARE(fixedChoices(*edited.controls.find(3)).at(1).words, "Second x");
        QCOMPARE(fixedChoices(*edited.controls.find(3)).at(1).value.toString(), "b");
        QCOMPARE(withFormTexts(form, formTexts(form), m_measure), form);
    }

    void aCaptionOfSeveralLinesCoversNothing()
    {
        const Form form = settled(samples::columnOfFields(3), m_measure);
        const Form tall = setCaptionText(form, 2, "One line\nand another\nand a third", m_measure);
        QVERIFY(placeOf(tall, 2).height() >= 3 * m_measure.lineHeight(TextRole::Caption));
        for (const Control &other : tall.controls) {
            QVERIFY(other.id == 2 || other.id == 1 || !other.place.intersects(placeOf(tall, 2)));
        }
        const Form back = setCaptionText(tall, 2, "Short", m_measure);
        QCOMPARE(placeOf(back, 2).height(), 24);
    }

    void controlsMoveToOtherBands()
    {
        const Form form = samples::columnOfFields(3);
        const Form moved = moveControlsInto(form, {1}, {BandRole::Header, 0, 0}, QPoint(0, -70));
        QVERIFY(moved.controls.find(1)->band == BandRole::Header && moved.controls.find(2)->band == BandRole::Header);
        QCOMPARE(placeOf(moved, 1).y(), 56 + 16 - 70);
        QCOMPARE(moved.controls.find(3)->band, BandRole::Body);
    }

    // Words typed for several go one to each; choices stand behind a colon; what has no caption is prompted.
    void wordsAreTypedForSeveral()
    {
        Form form = samples::columnOfFields(0);
        QList<ControlId> made;
        for (const char *kind : {"text-box", "drop-down", "button", "text-box"}) {
            const PlacedControl placed = withNewControlBelow(form, kind, Area(), m_measure);
            form = placed.form;
            made.append(placed.control);
            QVERIFY(wantsWords(form, *form.controls.find(placed.control)));
        }
        form = deleteCaptionsOf(form, {made.last()});
        const Form typed = withTypedWords(form, made, " Ship name ;Colour: red, dark green ;Save; e.g. 12", m_measure);
        QCOMPARE(captionOf(typed, made.at(0))->text, "Ship name");
        QCOMPARE(typed.controls.find(made.at(0))->name, "text_ship_name"); // by its words, as it shows no column
        QCOMPARE(captionOf(typed, made.at(1))->text, "Colour");
        QCOMPARE(choiceLines(*typed.controls.find(made.at(1))), "red\ndark green");
        QCOMPARE(typed.controls.find(made.at(2))->text, "Save");
        QCOMPARE(typedWordsOf(typed, *typed.controls.find(made.at(3))), "e.g. 12");
        QVERIFY(!wantsWords(typed, *typed.controls.find(made.at(0))));
        // A colon is a colon where nothing is chosen; fewer words than controls leave the rest.
        const Form few = withTypedWords(typed, made, "At: noon;;", m_measure);
        QCOMPARE(captionOf(few, made.at(0))->text, "At: noon");
        QCOMPARE(captionOf(few, made.at(1))->text, "Colour");
        QCOMPARE(few.controls.find(made.at(2))->text, "Save");
    }

    // Several of a kind fill what is drawn, alike to the pixel, or follow one another.
    void severalArePlacedAtOnce()
    {
        const Form form = samples::columnOfFields(0);
        for (const char *kind : {"frame", "text-box", "button", "long-text"}) {
            for (int count = 2; count <= 12; ++count) {
                const QRect drawn(40, 40, 480, 300);
                const PlacedControl all = withNewControls(form, kind, count, Area(), drawn, m_measure);
                QList<ControlId> made{all.control};
                made += all.others;
                QCOMPARE(made.size(), count);
                for (const ControlId id : made) {
                    const QRect place = placeOf(all.form, id);
                    QVERIFY(drawn.adjusted(-8, -8, 8, 8).contains(place));
                    for (const ControlId other : made) {
                        QVERIFY(other == id || !overlap(place, placeOf(all.form, other)));
                    }
                    QVERIFY(std::abs(place.width() - placeOf(all.form, all.control).width()) <= 1);
                    QVERIFY(std::abs(place.height() - placeOf(all.form, all.control).height()) <= 1);
                }
                const PlacedControl row = withNewControls(form, kind, count, Area(), QRect(40, 40, 0, 0), m_measure);
                const bool isButton = QLatin1String(kind) == QLatin1String("button");
                for (const ControlId id : row.others) {
                    const QPoint off = placeOf(row.form, id).topLeft() - placeOf(row.form, row.control).topLeft();
                    QCOMPARE(isButton ? off.y() : off.x(), 0);
                }
            }
        }
    }

    // Wherever it is to go, a copy stands clear of all that was there, in its column where that is free.
    void copiesFindFreePlaces()
    {
        QRandomGenerator random(5);
        for (int round = 0; round < 100; ++round) {
            const Form form = samples::columnOfFields(3 + round % 5);
            const ControlId model = 1 + 2 * static_cast<int>(random.bounded(3));
            const Form clip = clipOf(form, {model});
            const int x = static_cast<int>(random.bounded(400));
            const int y = static_cast<int>(random.bounded(400));
            for (const QPoint way : {wayToFreePlace(form, clip, Area(), QPoint(x, y) - QPoint(200, 200)),
                                     wayBelow(form, clip, Area(), {model}, placeOf(form, model).x()),
                                     wayToPoint(form, clip, Area(), QPoint(x, y))}) {
                const Pasted copies = pasted(form, clip, way, "{kind}_{column}");
                for (const ControlId id : copies.controls) {
                    for (const Control &control : form.controls) {
                        QVERIFY(!overlap(placeOf(copies.form, id), control.place));
                    }
                }
            }
            const Pasted below =
                pasted(form, clip, wayBelow(form, clip, Area(), {model}, placeOf(form, model).x()), "{kind}");
            QCOMPARE(placeOf(below.form, below.controls.first()).x(), placeOf(form, model).x());
            QCOMPARE(below.form.controls.find(below.controls.first())->rides, form.controls.find(model)->rides);
        }
    }

    void bandsAreTitledAndClosed()
    {
        Form form = samples::columnOfFields(1);
        form = withoutBand(form, BandRole::Header);
        form.title = "Ships";
        const Form titled = withTitledHeader(form, m_measure);
        const Control &title = titled.controls.at(titled.controls.size() - 1);
        QVERIFY(title.band == BandRole::Header && title.text == "Ships" && title.role == "title");
        QVERIFY(findBand(titled, BandRole::Header)->height >= bottomOf(title.place));
        QCOMPARE(withTitledHeader(titled, m_measure), titled);
        // The heading goes with the title while it is the same.
        const Form renamed = withTitle(titled, "Vessels", m_measure);
        QCOMPARE(renamed.controls.find(title.id)->text, "Vessels");
        const Form own = setCaptionText(renamed, title.id, "All vessels", m_measure);
        QCOMPARE(withTitle(own, "Boats", m_measure).controls.find(title.id)->text, "All vessels");
        // A band that is emptied goes, one that was empty stays.
        QVERIFY(!findBand(withEmptiedBandsClosed(titled, deleteControls(titled, {title.id})), BandRole::Header));
        const Form footed = withBand(form, BandRole::Footer);
        QVERIFY(findBand(withEmptiedBandsClosed(footed, deleteControls(footed, {1})), BandRole::Footer));
    }

    void aBoxGoesWithoutItsCaption()
    {
        const Form form = samples::columnOfFields(2);
        const Form without = deleteBoxesOnly(form, {1});
        QVERIFY(!without.controls.find(1));
        QVERIFY(without.controls.find(2) && without.controls.find(2)->captionFor == 0);
    }

    void theKindInANameFollowsTheKind()
    {
        Form form = samples::columnOfFields(1);
        Control box = form.controls.at(0);
        box.name = "text_" + box.column;
        form.controls.replace(0, box);
        QCOMPARE(withKind(form, {1}, "long-text").controls.at(0).name, "notes_" + box.column);
        box.name = "texts_of_mine";
        form.controls.replace(0, box);
        QCOMPARE(withKind(form, {1}, "long-text").controls.at(0).name, "texts_of_mine");
    }

    void aLookIsCopied()
    {
        Form form = samples::columnOfFields(2);
        Control note = *form.controls.find(2);
        note.role = "note";
        form.controls.replace(form.controls.indexOf(2), note);
        const Form after = withLookOf(form, 2, {4});
        QCOMPARE(after.controls.find(4)->role, "note");
        QCOMPARE(after.controls.find(4)->text, form.controls.find(4)->text);
    }
};

QTEST_GUILESS_MAIN(TestBoardEdits)
#include "tst_board_edits.moc"

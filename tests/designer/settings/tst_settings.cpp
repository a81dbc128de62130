// Every setting of the inspector's table, so that a new one is covered from its first day; and the selection it is of.
#include "core/arrange/edges.h"
#include "core/arrange/grouping.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/typing.h"
#include "designer/board/scene/column_drag.h"
#include "designer/settings/inspector.h"
#include "designer/settings/lines_editor.h"
#include "designer/settings/settings.h"
#include "entry/theme/named_lists.h"
#include "support/orders.h"

#include <QAccessible>
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QSignalSpy>
#include <QTest>

using namespace nabblet;

class TestSettings : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    Catalogue m_catalogue;
    Form m_form;

    static Selection selectionFor(SettingOf of)
    {
        Selection selection;
        if (of == SettingOf::Controls) {
            selection.set({3, 1});
        } else if (of == SettingOf::Band) {
            selection.setBand(BandRole::Body);
        } else if (of == SettingOf::Rail) {
            selection.setRail(FixedRail::FirstFree);
        }
        return selection;
    }
    static const Setting &named(const char *name)
    {
        for (const Setting &setting : settings()) {
            if (QString(setting.name) == name) {
                return setting;
            }
        }
        qFatal("no setting %s", name);
    }
    SettingContext contextOf(const Form &form, const Selection &selection, Unit unit = Unit::Pixels) const
    {
        return {form, selection, unit, m_measure, &m_catalogue, "{kind}_{column}"};
    }
    std::optional<QString> read(const Form &form, const char *name, const Selection &selection) const
    {
        return named(name).read(contextOf(form, selection));
    }
    Result<Form> written(const char *name, const Selection &selection, const QString &typed) const
    {
        return named(name).write(contextOf(m_form, selection), typed);
    }

private Q_SLOTS:
    void init()
    {
        m_catalogue = samples::orders();
        m_form = settled(samples::columnOfFields(4), m_measure);
        m_form.tracing = {"sheet.png", QPoint(4, 8), 100, 35};
    }

    void everySettingHasWordsOfItsOwn()
    {
        QSet<QString> names;
        for (const Setting &setting : settings()) {
            QVERIFY2(!names.contains(setting.name), setting.name);
            names.insert(setting.name);
            QVERIFY2(settingText(setting.help).endsWith('.'), setting.name);
            QVERIFY2(!settingText(setting.caption).isEmpty() && !settingText(setting.section).isEmpty(), setting.name);
            QVERIFY2(setting.editor != SettingEditor::Choice || setting.choices, setting.name);
            QVERIFY2(setting.editor == SettingEditor::Shown || setting.isOnlyRead || *setting.step != '\0',
                     setting.name);
        }
    }

    // What a setting reads, written back, changes nothing.
    void writingWhatIsReadChangesNothing()
    {
        for (const Setting &setting : settings()) {
            const Selection selection =
                setting.applies(contextOf(m_form, selectionFor(setting.of))) ? selectionFor(setting.of) : Selection();
            if (setting.editor == SettingEditor::Shown || !setting.applies(contextOf(m_form, selection)) ||
                QString(setting.name) == "tracingFile") {
                continue;
            }
            SettingContext context = contextOf(m_form, selection);
            const std::optional<QString> now = setting.read(context);
            if (!now || (setting.of == SettingOf::Controls && selection.isEmpty())) {
                continue; // mixed, or of nothing
            }
            if (setting.editor == SettingEditor::Words && now->isEmpty()) {
                continue;
            }
            const Result<Form> same = setting.write(context, *now);
            QVERIFY2(same, setting.name);
            QVERIFY2(*same == m_form, setting.name);
        }
    }

    void containersHaveSettingsOfTheirOwn()
    {
        const auto [grouped, box] = withContainer(m_form, {3}, "group-box");
        const auto [paged, tabs] = withContainer(grouped, {5}, "tab-pages");
        m_form = paged;
        Selection group;
        group.set({box});
        QVERIFY(!named("role").applies(contextOf(m_form, group))); // a heading looks like headings
        QVERIFY(!named("pages").applies(contextOf(m_form, group)));
        QCOMPARE(read(m_form, "held", group).value_or("mixed"), "2");
        m_form = *written("heading", group, "Position");
        QCOMPARE(m_form.controls.find(box)->text, "Position");
        QVERIFY(written("heading", group, "")); // it may go without
        m_form = *written("framed", group, "");
        QVERIFY(!isFramed(*m_form.controls.find(box)));
        QCOMPARE(read(m_form, "framed", group).value_or("mixed"), "");
        QVERIFY(isFramed(*written("framed", group, "yes")->controls.find(box)));
        Selection pages;
        pages.set({tabs});
        QVERIFY(!named("heading").applies(contextOf(m_form, pages)));
        QCOMPARE(read(m_form, "pages", pages).value_or("mixed"), "Page 1 | Page 2");
        m_form = *written("pages", pages, "General | Visits | Photos");
        QCOMPARE(pagesOf(*m_form.controls.find(tabs)).size(), 3);
        QCOMPARE(m_form.controls.find(5)->page, pagesOf(*m_form.controls.find(tabs)).first().id);
        QVERIFY(!written("pages", pages, "General | | Photos"));
        const Result<Form> fewer = written("pages", pages, "General");
        QVERIFY(!fewer && fewer.error().sentence.contains("fewer")); // nothing goes unseen
    }

    void linesAreTakenWhenTheKeyboardLeavesThem()
    {
        LinesEditor editor;
        editor.show();
        QSignalSpy edited(&editor, &LinesEditor::edited);
        editor.setLines("A\nB", "");
        QTest::keyClicks(&editor, "x");
        editor.setLines("other", ""); // nobody is at work on them: the window has no keyboard yet
        QCOMPARE(editor.toPlainText(), "other");
        editor.setFocus();
        QTRY_VERIFY(editor.hasFocus());
        QTest::keyClicks(&editor, "y");
        editor.setLines("a refresh meanwhile", "");
        QVERIFY(editor.toPlainText().contains('y')); // what is typed stays
        QTest::keyClick(&editor, Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(edited.size(), 1);
        QVERIFY(edited.first().first().toString().contains('y'));
        QTest::keyClick(&editor, Qt::Key_Escape);
        QCOMPARE(editor.toPlainText(), "other");
        editor.clearFocus();
        QCOMPARE(edited.size(), 1);
    }

    void choicesAreTypedForWhatChooses()
    {
        Selection one;
        one.set({1});
        const Setting &choices = named("choices");
        QVERIFY(!choices.applies(contextOf(m_form, one))); // a text box chooses nothing
        m_form = *written("kind", one, "option-set");
        QVERIFY(choices.applies(contextOf(m_form, one)));
        m_form = *written("choices", one, "A = First\nB = Second");
        QCOMPARE(fixedChoices(*m_form.controls.find(1)).at(1).words, "Second");
        QCOMPARE(read(m_form, "choices", one).value_or("mixed"), "A = First\nB = Second");
        const Result<Form> twice = written("choices", one, "A\nA");
        QVERIFY(!twice && twice.error().sentence.contains("twice"));
        m_form = *written("kind", one, "drop-down");
        m_form = *written("takesNew", one, "yes");
        QVERIFY(takesNewChoices(*m_form.controls.find(1)));
        QVERIFY(!written("kind", one, "subform")); // what cannot be says so
    }

    void whatMayBeTypedHasLimits()
    {
        Selection one;
        one.set({1});
        m_form = *written("length", one, "12");
        QCOMPARE(lengthLimit(*m_form.controls.find(1)), std::optional<int>(12));
        QCOMPARE(read(m_form, "length", one).value_or("mixed"), "12");
        QVERIFY(!written("length", one, "0") && !written("length", one, "many"));
        QVERIFY(!lengthLimit(*written("length", one, "")->controls.find(1)));
        QVERIFY(!named("least").applies(contextOf(m_form, one)));
        Control number = *m_form.controls.find(1);
        number.kind = "decimal-number";
        m_form.controls.replace(m_form.controls.indexOf(1), number);
        QVERIFY(named("least").applies(contextOf(m_form, one)) && !named("length").applies(contextOf(m_form, one)));
        m_form = *written("least", one, "-2.5");
        m_form = *written("most", one, "99");
        QCOMPARE(numberLimits(*m_form.controls.find(1)).least, std::optional<double>(-2.5));
        QVERIFY(!written("least", one, "100")); // none could be typed
        QVERIFY(!written("most", one, "-3"));
        m_form = *written("decimals", one, "1");
        QCOMPARE(decimalPlaces(*m_form.controls.find(1)), std::optional<int>(1));
        QVERIFY(!written("decimals", one, "11"));
    }

    // Boxes are selected with their captions, groups and lines as a rule; the settings of boxes are there all the same
    // and concern the boxes alone.
    void whatShowsNoValueKeepsNoSettingAway()
    {
        Selection several;
        several.set({1, 2}); // a box and its caption
        QVERIFY(named("length").applies(contextOf(m_form, several)));
        m_form = *written("length", several, "12");
        QCOMPARE(lengthLimit(*m_form.controls.find(1)), std::optional<int>(12));
        QVERIFY(!lengthLimit(*m_form.controls.find(2)));
        QCOMPARE(read(m_form, "length", several).value_or("mixed"), "12");
        Control other = *m_form.controls.find(3);
        other.kind = "line";
        m_form.controls.replace(m_form.controls.indexOf(3), other);
        several.set({1, 2, 3});
        QVERIFY(named("locked").applies(contextOf(m_form, several)));
        other.kind = "date"; // another box, which has no such limit
        m_form.controls.replace(m_form.controls.indexOf(3), other);
        QVERIFY(!named("length").applies(contextOf(m_form, several)));
        QVERIFY(named("locked").applies(contextOf(m_form, several)));
        several.set({2});
        QVERIFY(!named("locked").applies(contextOf(m_form, several)));
    }

    // Every choice there is, taken, is what is read then.
    void everyChoiceCanBeTaken()
    {
        int taken = 0;
        for (const Setting &setting : settings()) {
            if (setting.editor != SettingEditor::Choice || QString(setting.name) == "column") {
                continue;
            }
            const Selection selection = selectionFor(setting.of);
            if (!setting.applies(contextOf(m_form, selection))) {
                continue; // below, of controls of its own
            }
            for (const SettingChoice &choice : setting.choices(contextOf(m_form, selection))) {
                const Result<Form> edited = setting.write(contextOf(m_form, selection), choice.value);
                QVERIFY2(edited, setting.name);
                QCOMPARE(setting.read(contextOf(*edited, selection)).value_or("mixed"), choice.value);
                ++taken;
            }
        }
        QVERIFY(taken > 20);
    }

    void sizesApplyToAllThatAreSelectedEachFromItsOwn()
    {
        const Selection both = selectionFor(SettingOf::Controls);
        QVERIFY(!read(m_form, "placeTop", both)); // mixed
        QCOMPARE(*read(m_form, "placeWidth", both), "160 px");
        const Result<Form> lower = written("placeTop", both, "+8");
        QVERIFY(lower);
        for (const ControlId id : {1, 3}) {
            QCOMPARE(lower->controls.find(id)->place.y(), m_form.controls.find(id)->place.y() + 8);
            QCOMPARE(lower->controls.find(id + 1)->place.y(), m_form.controls.find(id + 1)->place.y() + 8);
        }
        const Result<Form> wide = written("placeWidth", both, "2in");
        QCOMPARE(wide->controls.find(1)->place.width(), 192);
        QCOMPARE(wide->controls.find(3)->place.width(), 192);
        for (const char *wrong : {"-5000", "nowhere", ""}) {
            const Result<Form> refused = written("placeLeft", both, wrong);
            QVERIFY2(!refused && !refused.error().sentence.isEmpty(), wrong);
        }
        QVERIFY(!written("placeWidth", both, "2"));
    }

    void namesAndWordsAreChecked()
    {
        Selection one;
        one.set({1});
        QVERIFY(!written("controlName", one, "text_1")); // another control's
        QVERIFY(!written("controlName", one, "  "));
        QCOMPARE(written("controlName", one, "The First")->controls.find(1)->name, "the_first");
        QVERIFY(!written("captionWords", one, " "));
        const Selection both = selectionFor(SettingOf::Controls);
        const Result<Form> captions = written("captionWords", both, "Same");
        QCOMPARE(captions->controls.find(2)->text, "Same");
        QCOMPARE(captions->controls.find(4)->text, "Same");
        QVERIFY(!written("formName", Selection(), ""));
        QCOMPARE(written("formName", Selection(), "Sea Marks")->name, "sea_marks");
        SettingContext context = contextOf(m_form, Selection());
        context.formNames = {"buoys", "visits"};
        QVERIFY(!named("formName").write(context, "visits"));
        context.isInside = true; // forms inside are no files
        QVERIFY(named("formName").write(context, "visits"));
        context.isInside = false;
        context.savedAs = "buoys"; // the file's name stays, whatever is typed
        QVERIFY(!named("formName").write(context, "sea_marks"));
        QVERIFY(named("formName").write(context, "buoys"));
        QVERIFY(!written("railName", selectionFor(SettingOf::Rail), ""));
        QVERIFY(!written("gridPitch", Selection(), "0"));
        QVERIFY(!written("formWidth", Selection(), "20")); // controls stand there
        QVERIFY(written("formWidth", Selection(), "900"));
        QCOMPARE(written("leastWidth", Selection(), "300")->leastWidth, 300);
        QCOMPARE(written("leastWidth", Selection(), "")->leastWidth, 0);
    }

    void theTracingSheetIsMovedScaledAndTakenAway()
    {
        QCOMPARE(written("tracingLeft", Selection(), "-20")->tracing.at, QPoint(-20, 8));
        QCOMPARE(written("tracingTop", Selection(), "+4")->tracing.at, QPoint(4, 12));
        QCOMPARE(written("tracingScale", Selection(), "250 %")->tracing.percent, 250);
        QVERIFY(!written("tracingStrength", Selection(), "0"));
        QVERIFY(written("tracingFile", Selection(), "")->tracing.file.isEmpty());
        QVERIFY(!written("tracingFile", Selection(), "other.png"));
    }

    // A unit, a currency and arrows take no room from what stands in the box.
    void aBoxMakesRoomForItsUnit()
    {
        Control box = *m_form.controls.find(1);
        box.kind = "decimal-number";
        m_form.controls.replace(m_form.controls.indexOf(1), box);
        Selection selection;
        selection.set({1});
        const auto room = [](const Form &form) {
            const Control &each = *form.controls.find(1);
            return boxText(each, Shown(), Look(), true, hasArrows(each) ? BoxButtonWidth - UsualPadding : 0)
                .rect.width();
        };
        const int before = room(m_form);
        for (const auto &[name, typed] : {std::pair{"after", "metres"}, std::pair{"before", "EUR"},
                                          std::pair{"arrows", "yes"}, std::pair{"after", "m³/h"}}) {
            const Result<Form> changed = written(name, selection, typed);
            QVERIFY2(changed.isOk(), name);
            m_form = *changed;
            QVERIFY2(room(m_form) >= before, name);
            QVERIFY(room(m_form) <= before + 4 * 8);
        }
        m_form = *written("after", selection, ""); // what was made wider stays so
        QVERIFY(room(m_form) >= before);
    }

    void everySettingGoesByItsLabel()
    {
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        nameDropDownLists();
        FormDocument document(m_form);
        Inspector inspector(&document, &appearance);
        inspector.QWidget::show();
        inspector.show(selectionFor(SettingOf::Controls));
        int lists = 0;
        const auto all = inspector.findChildren<QComboBox *>();
        for (QComboBox *list : all) {
            QAccessibleInterface *told = QAccessible::queryAccessibleInterface(list);
            QCOMPARE(told->role(), QAccessible::ComboBox);
            QCOMPARE(told->text(QAccessible::Name), list->accessibleName());
            QVERIFY(!list->accessibleName().isEmpty());
            QCOMPARE(told->text(QAccessible::Value), list->currentText());
            ++lists;
        }
        QVERIFY(lists > 5);
    }

    void theInspectorShowsWhatIsSelected()
    {
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        FormDocument document(m_form);
        Inspector inspector(&document, &appearance);
        inspector.QWidget::show();
        const auto isShown = [&](const char *name) {
            const auto *editor = inspector.findChild<QWidget *>(name);
            return editor && editor->isVisible();
        };
        QVERIFY(isShown("formTitle") && !isShown("placeLeft") && !isShown("railName"));
        inspector.show(selectionFor(SettingOf::Rail));
        QVERIFY(isShown("railName") && !isShown("formTitle"));
        inspector.show(selectionFor(SettingOf::Band));
        QVERIFY(isShown("bandHeight") && !isShown("railName"));
        inspector.show(selectionFor(SettingOf::Controls));
        QVERIFY(isShown("placeLeft") && !isShown("controlName")); // a name is for one
        // One edit changes all selected, in one step.
        auto *locked = inspector.findChild<QCheckBox *>("locked");
        locked->click();
        QVERIFY(isLocked(*document.form().controls.find(1)) && isLocked(*document.form().controls.find(3)));
        QCOMPARE(document.steps()->count(), 1);
        // Mixed shows as mixed.
        document.apply("x",
                       withSettings(document.form(), {1}, [](ControlSettings &all) { all.remove(setting::Locked); }));
        inspector.show(selectionFor(SettingOf::Controls));
        QCOMPARE(locked->checkState(), Qt::PartiallyChecked);
        QCOMPARE(inspector.findChild<QLineEdit *>("placeTop")->placeholderText(), "mixed");
        auto *role = inspector.findChild<QComboBox *>("role");
        QCOMPARE(role->currentData().toString(), "field");
    }

    // Whatever was selected before: settings stand in the order of their table, and Tab goes through them like that.
    void settingsKeepTheirOrder()
    {
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        FormDocument document(m_form);
        Inspector inspector(&document, &appearance);
        inspector.resize(300, 4000);
        inspector.QWidget::show();
        inspector.activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(&inspector));
        Form tall = m_form;
        tall.controls.replace(0, [&] {
            Control control = tall.controls.at(0);
            control.kind = "whole-number";
            return control;
        }());
        document.apply("x", tall);
        for (const SettingOf of : {SettingOf::Band, SettingOf::Controls, SettingOf::Form, SettingOf::Controls,
                                   SettingOf::Rail, SettingOf::Form}) {
            inspector.show(selectionFor(of));
            if (of == SettingOf::Controls) { // more of them for one
                Selection one;
                one.set({1});
                inspector.show(one);
            }
            QCoreApplication::processEvents();
            QStringList wanted;
            int above = -1;
            for (const Setting &setting : settings()) {
                const auto *editor = inspector.findChild<QWidget *>(setting.name);
                if (!editor || !editor->isVisible()) {
                    continue;
                }
                wanted.append(setting.name);
                const int top = editor->mapTo(&inspector, QPoint()).y();
                QVERIFY2(top > above, setting.name);
                above = top;
            }
            QVERIFY(wanted.size() > 1);
            QStringList stops;
            inspector.findChild<QLineEdit *>("settingSearch")->setFocus(Qt::TabFocusReason);
            for (int i = 0; i < 300; ++i) {
                QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
                const QWidget *at = QApplication::focusWidget();
                if (!at || at->objectName() == "settingSearch") {
                    break;
                }
                QString name;
                for (const QWidget *each = at; each && name.isEmpty(); each = each->parentWidget()) {
                    name = wanted.contains(each->objectName()) ? each->objectName() : QString();
                }
                if (!name.isEmpty() && !stops.contains(name)) {
                    stops.append(name);
                }
            }
            QVERIFY(stops.size() > wanted.size() / 2); // what cannot be changed is no stop
            QStringList passed = wanted;
            passed.removeIf([&](const QString &name) { return !stops.contains(name); });
            QCOMPARE(stops, passed);
        }
    }

    void selectionsAreMadeOfFormsAndPoints()
    {
        QCOMPARE(controlsBetween(m_form, 1, 5), QList<ControlId>({1, 3, 5}));
        QCOMPARE(controlsBetween(m_form, 5, 1), QList<ControlId>({5, 3, 1}));
        QCOMPARE(controlsBetween(m_form, 2, 4), QList<ControlId>({1, 3})); // captions stand for their fields
        QCOMPARE(captionsAmong(m_form, {1, 4}), QList<ControlId>({2, 4}));
        QCOMPARE(boxesAmong(m_form, {1, 4}), QList<ControlId>({1, 3}));
        QCOMPARE(captionsAmong(m_form, {}).size(), 4);
        QCOMPARE(controlsOfKind(m_form, "caption").size(), 4);
        QVERIFY(controlsInBand(m_form, BandRole::Header).isEmpty());
        QCOMPARE(controlsInBand(m_form, BandRole::Body).size(), 8);
        // A thin control is hit beside its edge, where nothing else is.
        Form thin = m_form;
        Control line = *thin.controls.find(7);
        line.place = QRect(300, 100, 100, 1);
        thin.controls.replace(thin.controls.indexOf(7), line);
        QCOMPARE(controlAt(thin, QPoint(350, 56 + 103), 4), 7);
        QCOMPARE(controlAt(thin, QPoint(350, 56 + 120), 4), 0);
        Selection selection;
        selection.set({1, 3});
        selection.setBand(BandRole::Body);
        QVERIFY(selection.isEmpty() && selection.band());
        selection.toggle(3);
        QVERIFY(!selection.band());
        selection.setRail(999);
        selection.keepOnly(m_form);
        QCOMPARE(selection.rail(), int(FixedRail::None));
    }

    void draggedColumnsComeThrough()
    {
        const std::unique_ptr<QMimeData> data(columnMimeData({"odd \"table\"", {"b", "a", "ö"}}));
        const DraggedColumns there = columnsFrom(data.get());
        QCOMPARE(there.table, "odd \"table\"");
        QCOMPARE(there.columns, QStringList({"b", "a", "ö"}));
        QMimeData other;
        other.setText("words");
        QVERIFY(columnsFrom(&other).columns.isEmpty());
    }
};

QTEST_MAIN(TestSettings)
#include "tst_settings.moc"

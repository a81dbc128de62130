// Looks and styles in the whole window: chosen, changed, tried, taken back, kept in the project; by mouse and by keys.
#include "app/parts/at_hand_row.h"
#include "app/window/main_window.h"
#include "app/work/look_view.h"
#include "app/work/open_work.h"
#include "core/actions/action_table.h"
#include "core/edit/placing.h"
#include "core/file/form_file.h"
#include "core/looks/files/look_book.h"
#include "core/looks/pins/look_pin.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/modes/copying_look_mode.h"
#include "designer/colours/colour_editor.h"
#include "designer/colours/colour_picker.h"
#include "designer/looks/look_cards.h"
#include "designer/looks/looks_panel.h"
#include "designer/looks/style_cards.h"
#include "entry/theme/entry_zoom.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"

#include <QAction>
#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSettings>
#include <QSignalSpy>
#include <QSpinBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <QToolButton>

using namespace nabblet;

class TestLooksWindow : public QObject
{
    Q_OBJECT

    std::unique_ptr<QTemporaryDir> m_folder;
    std::unique_ptr<MainWindow> m_window;

    FormDocument *document() const { return m_window->document(); }
    const Form &form() const { return document()->form(); }
    Board *board() const { return m_window->board(); }
    template <typename Widget> Widget *part(const char *name) const
    {
        auto *widget = m_window->findChild<Widget *>(name);
        if (!widget) {
            qFatal("no %s", name);
        }
        return widget;
    }
    ControlId boundTo(const QString &column) const
    {
        for (const Control &control : form().controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }
    const Control &control(const QString &column) const { return *form().controls.find(boundTo(column)); }
    LookBook stored() const { return loadLookBook(m_folder->path()); }
    void showPanel()
    {
        m_window->showLooks(true);
        QVERIFY(part<LookCards>("lookCards")->isVisible());
    }
    // Types into the question for words that comes up next.
    static void answerWords(const QStringList &typed)
    {
        auto *timer = new QTimer(qApp);
        auto left = std::make_shared<QStringList>(typed);
        connect(timer, &QTimer::timeout, timer, [timer, left] {
            auto *dialog = qobject_cast<QInputDialog *>(QApplication::activeModalWidget());
            if (dialog && !left->isEmpty()) {
                dialog->setTextValue(left->takeFirst());
                dialog->accept();
            }
            if (left->isEmpty()) {
                timer->deleteLater();
            }
        });
        timer->start(5);
    }

private Q_SLOTS:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        m_folder = std::make_unique<QTemporaryDir>();
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder->filePath("settings"));
    }
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        samples::fairwayDatabase(*m_folder);
        QDir().mkpath(m_folder->filePath("forms"));
        QVERIFY(QFile::copy(NABBLET_ROOT "/demo/fairway-depot/project.nabblet", m_folder->filePath("project.nabblet")));
        for (const char *name : {"buoy", "vessel", "part"}) {
            Form form = *loadForm(QString(NABBLET_ROOT "/demo/fairway-depot/forms/%1.nabform").arg(name));
            form.look = "Harbour";
            QVERIFY(saveForm(m_folder->filePath(QString("forms/%1.nabform").arg(name)), form).isOk());
        }
        setEntryZoom(100);
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        m_window->filing().openPath(m_folder->filePath("forms/buoy.nabform"));
        QVERIFY(document());
        m_window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_window.get()));
    }
    void cleanup()
    {
        QTimer timer;
        connect(&timer, &QTimer::timeout, [] {
            if (auto *box = QApplication::activeModalWidget()) {
                if (auto *button = box->findChild<QPushButton *>("answer1")) {
                    button->click();
                }
            }
        });
        timer.start(5);
        m_window->close();
        m_window.reset();
    }

    // A card under the mouse is tried on the board and put back; a click takes it, undo gives it back.
    void looksAreTriedAndTaken()
    {
        showPanel();
        auto *cards = part<LookCards>("lookCards");
        QCOMPARE(cards->model()->rowCount(), 8);
        const Form before = form();
        const auto place = [&](const QString &name) {
            for (int row = 0; row < cards->model()->rowCount(); ++row) {
                if (cards->model()->index(row, 0).data().toString() == name) {
                    return cards->visualRect(cards->model()->index(row, 0)).center();
                }
            }
            return QPoint();
        };
        Q_EMIT cards->tried("High contrast");
        QVERIFY(board()->scene().preview);
        QCOMPARE(board()->scene().appearance.lookName(), QString("High contrast"));
        QVERIFY(form() == before);
        Q_EMIT cards->tried(QString());
        QVERIFY(!board()->scene().preview);
        QCOMPARE(board()->scene().appearance.lookName(), QString("Harbour"));
        QTest::mouseClick(cards->viewport(), Qt::LeftButton, {}, place("High contrast"));
        QCOMPARE(form().look, QString("High contrast"));
        QCOMPARE(m_window->appearance().lookName(), QString("High contrast"));
        document()->steps()->undo();
        QVERIFY(form() == before);
        QCOMPARE(m_window->appearance().lookName(), QString("Harbour"));
        document()->steps()->redo();
        QCOMPARE(form().look, QString("High contrast"));
        // By keys alone.
        cards->setFocus();
        cards->setCurrentIndex(cards->model()->index(0, 0));
        QTest::keyClick(cards, Qt::Key_Down);
        QVERIFY(board()->scene().preview);
        QTest::keyClick(cards, Qt::Key_Return);
        QCOMPARE(form().look, cards->model()->index(1, 0).data().toString());
    }

    // What a look says is changed for all forms that have it, written at once and taken back.
    void changesOfALookAreWrittenAndTakenBack()
    {
        showPanel();
        QVERIFY(part<QLabel>("lookFollows")->text().contains("3"));
        auto *size = part<QSpinBox>("titleSize");
        size->setValue(200);
        QCOMPARE(stored().looks.size(), 1);
        QCOMPARE(stored().looks.first().texts.at(0).percent, 200);
        QCOMPARE(textStyle(m_window->appearance().look(), TextRole::Title).percent, 200);
        auto *corner = part<QSpinBox>("fieldCorner");
        corner->setValue(9);
        QCOMPARE(stored().looks.first().figures.value("fieldCorner"), 9);
        document()->steps()->undo();
        QCOMPARE(stored().looks.first().figures.value("fieldCorner", 3), 3);
        QCOMPARE(corner->value(), 3);
        document()->steps()->undo();
        QCOMPARE(stored().looks.size(), 0);
        QCOMPARE(size->value(), 160);
        QCOMPARE(textStyle(m_window->appearance().look(), TextRole::Title).percent, 160);
        document()->steps()->redo();
        QCOMPARE(stored().looks.first().texts.at(0).percent, 200);
        part<QPushButton>("lookGiveBack")->click();
        QCOMPARE(stored().looks.size(), 0);
    }

    void theMainColourRemakesAll()
    {
        showPanel();
        auto *main = part<ColourEditor>("lookMain");
        Q_EMIT main->edited("#8a1f5c");
        const Look &look = m_window->appearance().look();
        QCOMPARE(colour(look, Theme::Light, Ink::Accent), Colour(0x8A1F5C));
        QVERIFY(stored().looks.size() == 1);
        Q_EMIT main->edited("nonsense");
        QCOMPARE(colour(m_window->appearance().look(), Theme::Light, Ink::Accent), Colour(0x8A1F5C));
    }

    // A form may get a look of its own; the others keep theirs.
    void aFormIsTakenOut()
    {
        showPanel();
        part<QPushButton>("lookTakeOut")->click();
        const QString own = form().look;
        QVERIFY(own.startsWith("Harbour for "));
        QVERIFY(part<QLabel>("lookFollows")->text().contains("this form alone"));
        part<QSpinBox>("titleSize")->setValue(90);
        QCOMPARE(stored().looks.size(), 1);
        QCOMPARE(stored().looks.first().name, own);
        QCOMPARE(textStyle(lookNamed(stored(), "Harbour"), TextRole::Title).percent, 160);
    }

    // A colour that cannot be read is said, with a way to the nearest that can.
    void whatCannotBeReadIsSaidAndMended()
    {
        showPanel();
        QVERIFY(!part<QWidget>("lookUnreadable")->isVisible());
        Look look = m_window->appearance().look();
        setColour(look, Theme::Light, Ink::CaptionText, 0xE8E8E8);
        m_window->lookView().change(look, "Change a colour of a look");
        QVERIFY(part<QWidget>("lookUnreadable")->isVisible());
        part<QPushButton>("lookMend")->click();
        QVERIFY(!part<QWidget>("lookUnreadable")->isVisible());
        QVERIFY(colour(m_window->appearance().look(), Theme::Light, Ink::CaptionText) != 0xE8E8E8);
    }

    // Parts pinned in the inspector, for several at once, mixed, given back.
    void partsArePinnedAndGivenBack()
    {
        board()->select({boundTo("asset_no"), boundTo("name")});
        auto *fill = part<ColourEditor>("fill");
        Q_EMIT fill->edited("gold");
        QCOMPARE(control("name").settings.get(setting::Fill)->light, Colour(0xFFD700));
        QCOMPARE(control("asset_no").settings.get(setting::Fill)->light, Colour(0xFFD700));
        QVERIFY(part<QToolButton>("fillGiveBack")->isVisibleTo(m_window.get()));
        board()->select({boundTo("name"), boundTo("depth_m")});
        QCOMPARE(part<ColourEditor>("fill")->line()->placeholderText(), QString("mixed"));
        part<QToolButton>("fillGiveBack")->click();
        QVERIFY(!control("name").settings.has(setting::Fill));
        QVERIFY(control("asset_no").settings.has(setting::Fill));
        QVERIFY(!part<QToolButton>("fillGiveBack")->isVisibleTo(m_window.get()));
        // Nonsense is refused below the line and stays there.
        auto *line = part<ColourEditor>("fill")->line();
        line->setFocus();
        line->selectAll();
        QTest::keyClicks(line, "no colour");
        QTest::keyClick(line, Qt::Key_Return);
        QVERIFY(!control("name").settings.has(setting::Fill));
        QCOMPARE(line->text(), QString("no colour"));
    }

    // Words that are hard to read where they stand: said, with the nearest that can be read.
    void hardWordsAreSaid()
    {
        board()->select({boundTo("name")});
        Q_EMIT part<ColourEditor>("textColour")->edited("#dddddd");
        QLabel *mistake = nullptr;
        for (QLabel *label : m_window->findChildren<QLabel *>("mistake")) {
            mistake = label->isVisibleTo(m_window.get()) && label->text().contains("Hard to read") ? label : mistake;
        }
        QVERIFY(mistake);
        const qsizetype from = mistake->text().indexOf("href=\"") + 6;
        Q_EMIT mistake->linkActivated(mistake->text().mid(from, mistake->text().indexOf('"', from) - from));
        QVERIFY(control("name").settings.get(setting::TextColour)->light != 0xDDDDDD);
        QVERIFY(!mistake->isVisibleTo(m_window.get()) || !mistake->text().contains("Hard to read"));
    }

    // Kept under a name, given by a key, changed for all that have it, renamed, taken away; written and taken back.
    void stylesAreKeptAndFollowed()
    {
        showPanel();
        board()->select({boundTo("name")});
        Q_EMIT part<ColourEditor>("fill")->edited("#fff3c2");
        answerWords({"a.b", "Depot yellow"}); // the first is no name
        m_window->lookView().keepAsStyle(board()->selection().controls(), m_window.get());
        QCOMPARE(control("name").settings.value(setting::Style), QString("Depot yellow"));
        QVERIFY(!control("name").settings.has(setting::Fill));
        QCOMPARE(stored().styles.size(), 1);
        board()->select({boundTo("depth_m")});
        Q_EMIT m_window->findChild<LooksPanel *>()->styleGiven("Depot yellow");
        QCOMPARE(control("depth_m").settings.value(setting::Style), QString("Depot yellow"));
        // Another fill at one of them, taken over: the other follows.
        Q_EMIT part<ColourEditor>("fill")->edited("#c2f3ff");
        Q_EMIT m_window->findChild<LooksPanel *>()->styleTakenOver("Depot yellow");
        QCOMPARE(stored().styles.first().pins.get(setting::Fill)->light, Colour(0xC2F3FF));
        const auto own = m_window->appearance().dressedFor(control("name"), {});
        QCOMPARE(colour(own->look(), Theme::Light, Ink::FieldFill), Colour(0xC2F3FF));
        document()->steps()->undo();
        QCOMPARE(stored().styles.first().pins.get(setting::Fill)->light, Colour(0xFFF3C2));
        answerWords({"Depot sand"});
        m_window->lookView().renameStyle("Depot yellow", m_window.get());
        QCOMPARE(control("name").settings.value(setting::Style), QString("Depot sand"));
        Q_EMIT m_window->findChild<LooksPanel *>()->styleSought("Depot sand");
        QCOMPARE(board()->selection().controls().size(), 2);
        m_window->lookView().removeStyle("Depot sand");
        QCOMPARE(stored().styles.size(), 0);
        while (document()->steps()->canUndo()) {
            document()->steps()->undo();
        }
        QCOMPARE(stored().styles.size(), 0);
        QVERIFY(!control("name").settings.has(setting::Style));
    }

    void typeIsChangedByKeys()
    {
        board()->select({boundTo("name")});
        board()->setFocus();
        QTest::keyClick(board(), Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(control("name").settings.value(setting::TextWeight), 700);
        QTest::keyClick(board(), Qt::Key_BracketRight, Qt::ControlModifier);
        QTest::keyClick(board(), Qt::Key_BracketRight, Qt::ControlModifier);
        QCOMPARE(control("name").settings.value(setting::TextSize), 120);
        QTest::keyClick(board(), Qt::Key_BracketLeft, Qt::ControlModifier);
        QCOMPARE(control("name").settings.value(setting::TextSize), 110);
        QTest::keyClick(board(), Qt::Key_I, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(control("name").settings.value(setting::Slanted));
        QTest::keyClick(board(), Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(control("name").settings.value(setting::TextWeight), 400);
        QTest::keyClick(board(), Qt::Key_0, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(!isDressed(control("name")));
    }

    // The picker: what is tried is seen and put back, what is chosen is pinned and stands among the last ones.
    void coloursArePicked()
    {
        board()->select({boundTo("name")});
        const Form before = form();
        auto *fill = part<ColourEditor>("fill");
        fill->findChild<QToolButton *>("swatch")->click();
        auto *picker = m_window->findChild<ColourPicker *>("colourPicker");
        QVERIFY(picker);
        auto *line = picker->findChild<QLineEdit *>("colourWords");
        line->selectAll();
        QTest::keyClicks(line, "rgb(200 30 60)");
        QVERIFY(board()->scene().preview);
        QVERIFY(form() == before);
        QTest::keyClick(line, Qt::Key_Return);
        QCOMPARE(control("name").settings.get(setting::Fill)->light, Colour(0xC81E3C));
        QVERIFY(!board()->scene().preview);
    }

    // Commands kept at hand: none at first, by a right click in a menu or from the list of commands, in the order in
    // which they are dragged, there again in the next window.
    void commandsAreKeptAtHand()
    {
        AtHandRow &row = m_window->atHand();
        QVERIFY(!row.isVisibleTo(m_window.get()));
        auto *looks = part<QAction>("looksAction");
        row.keep(looks);
        QVERIFY(row.isVisibleTo(m_window.get()) && row.has(looks));
        QMenu *menu = nullptr;
        QAction *bold = nullptr;
        for (QMenu *each : m_window->findChildren<QMenu *>()) {
            for (QAction *action : each->actions()) {
                if (action->text() == "&Bold") {
                    menu = each;
                    bold = action;
                }
            }
        }
        QVERIFY(menu);
        QTimer::singleShot(50, [] {
            QWidget *asking = QApplication::activePopupWidget();
            for (QAction *action : asking ? asking->actions() : QList<QAction *>()) {
                if (action->objectName() == "turnAtHand") {
                    QTest::mouseClick(asking, Qt::LeftButton, {},
                                      static_cast<QMenu *>(asking)->actionGeometry(action).center());
                    return;
                }
            }
        });
        menu->popup(QPoint(100, 100));
        QTest::mouseClick(menu, Qt::RightButton, {}, menu->actionGeometry(bold).center());
        menu->close();
        QVERIFY(row.has(bold));
        const auto words = [&] {
            QList<QToolButton *> buttons = row.findChildren<QToolButton *>(Qt::FindDirectChildrenOnly);
            std::sort(buttons.begin(), buttons.end(), [](auto *a, auto *b) { return a->x() < b->x(); });
            QStringList all;
            for (QToolButton *button : buttons) {
                all.append(button->text());
            }
            return all;
        };
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QTRY_COMPARE(words(), (QStringList{"Looks and styles", "Bold"}));
        // The second dragged before the first.
        auto *second = row.findChildren<QToolButton *>(Qt::FindDirectChildrenOnly).last();
        QTest::mousePress(second, Qt::LeftButton, {}, QPoint(5, 5));
        QTest::mouseMove(second, QPoint(-200, 5));
        QTest::mouseRelease(second, Qt::LeftButton, {}, QPoint(-200, 5));
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QTRY_COMPARE(words(), (QStringList{"Bold", "Looks and styles"}));
        QVERIFY(!part<QAction>("looksAction")->isChecked()); // dragging gives no command
        MainWindow next;
        QVERIFY(next.atHand().has(next.findChild<QAction *>("looksAction")));
        row.takeAway(looks);
        row.takeAway(bold);
        QVERIFY(!row.isVisibleTo(m_window.get()));
    }

    // The board as others see it: greys stay, colours that they do not tell apart change.
    void theBoardIsSeenByOthers()
    {
        const QImage usual = board()->viewport()->grab().toImage();
        board()->setSight(Sight::WithoutRed);
        const QImage seen = board()->viewport()->grab().toImage();
        QVERIFY(usual != seen);
        QCOMPARE(usual.size(), seen.size());
        board()->setSight(Sight::Usual);
        QVERIFY(board()->viewport()->grab().toImage() == usual);
    }

    // Drawings on buttons, with words and alone; then screen readers and the mouse are told the words.
    void buttonsHaveDrawings()
    {
        m_window->filing().openPath(m_folder->filePath("forms/part.nabform"));
        const PlacedControl placed =
            withNewControlBelow(form(), "button", {BandRole::Body, 0, 0}, m_window->appearance());
        Form changed = placed.form;
        Control button = *changed.controls.find(placed.control);
        setButtonAction(button, buttonActionNamed("save"));
        button.text = "Keep";
        changed.controls.replace(changed.controls.indexOf(button.id), button);
        document()->apply("button", changed);
        const auto picture = [&] {
            return pictureOf(*form().controls.find(button.id), shownBlank(button), looks().first());
        };
        const auto drawings = [&] {
            int count = 0;
            for (const Stroke &stroke : picture()) {
                count += std::holds_alternative<DrawingStroke>(stroke) ? 1 : 0;
            }
            return count;
        };
        QCOMPARE(drawings(), 0);
        board()->select({button.id});
        auto *drawing = part<QComboBox>("drawing");
        drawing->setCurrentIndex(drawing->findData("own"));
        Q_EMIT drawing->activated(drawing->currentIndex());
        QCOMPARE(drawings(), 1);
        QCOMPARE(picture().size(), 3);
        auto *side = part<QComboBox>("pictureSide");
        side->setCurrentIndex(side->findData("alone"));
        Q_EMIT side->activated(side->currentIndex());
        QCOMPARE(picture().size(), 2);
        m_window->showEntry();
        QWidget *widget = m_window->entryView()->widgetFor(button.id);
        QCOMPARE(widget->accessibleName(), QString("Keep"));
        QCOMPARE(widget->toolTip(), QString("Keep"));
    }

    // Another program changes a look meanwhile: it is shown, and our steps put back only what they changed.
    void looksOfOtherProgramsAreTakenOver()
    {
        Look own = looks().first();
        own.texts.at(1).percent = 111;
        QVERIFY(saveLook(m_folder->path(), own).isOk());
        QTRY_COMPARE(textStyle(m_window->appearance().look(), TextRole::Caption).percent, 111);
        Look other = looks().at(2);
        other.name = "From elsewhere";
        QVERIFY(saveLook(m_folder->path(), other).isOk());
        QTRY_COMPARE(m_window->work().workspace().looks.looks.size(), 2);
        // Our own writing is no other program's.
        QSignalSpy changed(&m_window->work(), &OpenWork::looksChanged);
        m_window->lookView().change(own, "as it is");
        own.texts.at(1).percent = 112;
        m_window->lookView().change(own, "larger");
        const qsizetype times = changed.size();
        QVERIFY(loadLookBook(m_folder->path()).looks == m_window->work().workspace().looks.looks);
        QCoreApplication::processEvents();
        QCOMPARE(changed.size(), times);
        // A broken file changes nothing and is said.
        QSignalSpy said(&m_window->work(), &OpenWork::said);
        QFile broken(m_folder->filePath("looks/broken.tokens.json"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("{");
        broken.close();
        QTRY_VERIFY(!said.isEmpty());
        QCOMPARE(m_window->work().workspace().looks.looks.size(), 2);
    }

    // A look goes over the clipboard into another form.
    void looksAreCopiedAcrossForms()
    {
        board()->select({boundTo("name")});
        Q_EMIT part<ColourEditor>("fill")->edited("#c2f3ff");
        beginCopyLook(*board(), LookCopies::Once);
        board()->endMode();
        document()->steps()->undo(); // so that closing asks nothing
        m_window->filing().openPath(m_folder->filePath("forms/vessel.nabform"));
        ControlId first = 0;
        for (const Control &control : form().controls) {
            first = first == 0 && !control.column.isEmpty() ? control.id : first;
        }
        board()->select({first});
        board()->setFocus();
        QTest::keyClick(board(), Qt::Key_V, Qt::ControlModifier | Qt::AltModifier | Qt::ShiftModifier);
        QCOMPARE(form().controls.find(first)->settings.get(setting::Fill)->light, Colour(0xC2F3FF));
    }

    // A person's zoom at work: boxes and words larger, nothing lost, the keyboard where it was; the design untouched.
    void peopleHaveFormsLarger()
    {
        m_window->showEntry();
        EntryView *view = m_window->entryView();
        QWidget *name = view->widgetFor(boundTo("name"));
        QTRY_VERIFY(name->isVisible());
        name->setFocus();
        QTest::keyClicks(name, "x");
        const QSize before = name->size();
        const int font = name->fontInfo().pixelSize();
        const Form designed = form();
        for (int i = 0; i < 4; ++i) {
            QTest::keyClick(view, Qt::Key_Plus, Qt::ControlModifier);
        }
        QCOMPARE(view->zoom(), 150);
        name = view->widgetFor(boundTo("name"));
        QVERIFY(name->width() >= before.width() * 3 / 2 - 1);
        QVERIFY(name->fontInfo().pixelSize() > font);
        QCOMPARE(QApplication::focusWidget(), name);
        QVERIFY(qobject_cast<QLineEdit *>(name)->text().contains('x'));
        QVERIFY(form() == designed);
        QCOMPARE(entryZoom(), 150);
        QTest::keyClick(view, Qt::Key_1, Qt::ControlModifier);
        QCOMPARE(view->zoom(), 100);
        QCOMPARE(view->widgetFor(boundTo("name"))->size(), before);
        m_window->session()->takingBack().takeBack();
    }
};

QTEST_MAIN(TestLooksWindow)
#include "tst_looks_window.moc"

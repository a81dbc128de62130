// How many actions common tasks take, counted by doing them with real events in the real window, from the open window
// to the saved form; the result is checked. One action is a click, a double click, a drag, a key or a run of one arrow
// key, a text typed, a choice from a list (opening and picking together); each level of a menu counts one. Looking
// counts nothing.
#include "app/window/main_window.h"
#include "core/actions/action_table.h"
#include "core/arrange/edges.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/mail.h"
#include "core/kinds/settings/typing.h"
#include "designer/board/board.h"
#include "designer/board/scene/mark_places.h"
#include "designer/new_form/rows_dialog.h"
#include "designer/panels/catalogue_model.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/settings/inspector.h"
#include "support/sample_database.h"
#include "support/when_open.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>
#include <QTabBar>
#include <QTemporaryDir>
#include <QTest>
#include <QTextStream>
#include <QTimer>
#include <QTreeView>
#include <QTreeWidget>

#include <algorithm>
#include <functional>
#include <memory>

using namespace nabblet;

namespace {

struct Failed
{
    QString why;
};

void check(bool isTrue, const QString &why)
{
    if (!isTrue) {
        throw Failed{why};
    }
}

// Hands on a window of its own, over a project of its own, that count what they do.
class Hands
{
public:
    explicit Hands(const Form &form = {})
    {
        QDir().mkpath(inProject("forms"));
        QFile::rename(samples::fairwayDatabase(m_folder), inProject("fairway.db"));
        QFile::copy(NABBLET_ROOT "/demo/fairway-depot/project.nabblet", inProject("project.nabblet"));
        for (const char *other : {"visits", "vessel"}) {
            QFile::copy(QString(NABBLET_ROOT "/demo/fairway-depot/forms/%1.nabform").arg(other),
                        inProject(QString("forms/%1.nabform").arg(other)));
        }
        m_path = inProject("forms/" + form.name + ".nabform");
        check(bool(saveForm(m_path, form)), "the form cannot be written");
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        m_window->filing().openPath(m_path);
        check(m_window->board(), "the form did not open");
        m_window->activateWindow();
        check(QTest::qWaitForWindowActive(m_window.get()), "the window has not the keyboard");
        board()->setFocus();
        settle();
    }
    ~Hands() { settle(); }

    int count() const { return m_count; }
    void beginHere() { m_count = 0; } // what was done until now belongs to another task
    Board *board() const { return m_window->board(); }
    const Form &form() const { return m_window->document()->form(); }

    QString inProject(const QString &path) const { return m_folder.filePath("depot/" + path); }
    QString besideProject(const QString &path) const { return m_folder.filePath(path); }

    // The form as it is stored, once it is saved.
    Form saved()
    {
        key(Qt::Key_S, Qt::ControlModifier);
        check(!m_window->document()->isChanged(), "it is not saved");
        const Result<Form> form = loadForm(m_path);
        check(form.isOk(), "what was saved cannot be read");
        return *form;
    }

    // One that is stored under a name of its own.
    Form savedAs(const QString &name)
    {
        check(!m_window->document()->isChanged(), "it is not saved");
        const Result<Form> form = loadForm(inProject("forms/" + name + ".nabform"));
        check(form.isOk(), "what was saved cannot be read");
        return *form;
    }

    // An entry of the menu that a click with the right button on a table brings.
    void chooseInMenuOf(const QString &table, const QString &entry)
    {
        m_count += 2; // the click, and the entry
        auto *tree = m_window->findChild<CataloguePanel *>()->findChild<QTreeView *>();
        const QModelIndex found = m_window->findChild<CatalogueModel *>()->indexOf(table);
        check(found.isValid(), "no table " + table);
        tree->scrollTo(found);
        const QPoint at = tree->visualRect(found).center();
        QTimer timer;
        QObject::connect(&timer, &QTimer::timeout, [&] {
            if (auto *menu = qobject_cast<QMenu *>(QApplication::activePopupWidget())) {
                timer.stop();
                for (QAction *action : menu->actions()) {
                    if (action->text() == entry) {
                        QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
                        return;
                    }
                }
                menu->close();
            }
        });
        timer.start(5);
        QContextMenuEvent asked(QContextMenuEvent::Mouse, at, tree->viewport()->mapToGlobal(at));
        QApplication::sendEvent(tree->viewport(), &asked);
        settle();
    }

    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        ++m_count;
        QWidget *focus = QApplication::focusWidget();
        QTest::keyClick(focus ? focus : m_window.get(), key, modifiers);
        settle();
    }
    void type(const QString &text)
    {
        ++m_count;
        for (const QChar letter : text) {
            QWidget *focus = QApplication::focusWidget();
            QTest::keyClicks(focus ? focus : m_window.get(), QString(letter));
        }
        settle();
    }
    void press(QWidget *widget, QPoint at = {}, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        ++m_count;
        check(widget && widget->isVisible(), "what is to be clicked is not in sight");
        const bool isTick = qobject_cast<QCheckBox *>(widget); // by its box
        const QPoint middle = isTick ? QPoint(8, widget->height() / 2) : widget->rect().center();
        QTest::mouseClick(widget, Qt::LeftButton, modifiers, at.isNull() ? middle : at);
        settle();
    }
    void clickBoard(QPoint onForm, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        press(board()->viewport(), board()->scene().toViewport(onForm), modifiers);
    }
    void dragBoard(QPoint from, QPoint to)
    {
        ++m_count;
        QWidget *view = board()->viewport();
        QTest::mousePress(view, Qt::LeftButton, {}, board()->scene().toViewport(from));
        for (int i = 1; i <= 4; ++i) {
            const QPoint at = from + (to - from) * i / 4;
            QMouseEvent move(QEvent::MouseMove, board()->scene().toViewport(at),
                             view->mapToGlobal(board()->scene().toViewport(at)), Qt::LeftButton, Qt::LeftButton, {});
            QApplication::sendEvent(view, &move);
        }
        QTest::mouseRelease(view, Qt::LeftButton, {}, board()->scene().toViewport(to));
        settle();
    }
    // A panel at the left brought to the front.
    void tab(const QString &title)
    {
        auto *tabs = m_window->findChild<QTabBar *>("panelTabs");
        for (int i = 0; i < tabs->count(); ++i) {
            if (tabs->tabText(i) == title) {
                return press(tabs, tabs->tabRect(i).center());
            }
        }
        throw Failed{"no panel " + title};
    }
    QPoint placeOfKind(const QString &title) const
    {
        auto *list = m_window->findChild<QListWidget *>("kindList");
        for (int i = 0; i < list->count(); ++i) { // by its whole words, however much of them is in sight
            if (list->item(i)->data(Qt::AccessibleTextRole).toString() == title) {
                return list->visualItemRect(list->item(i)).center();
            }
        }
        QStringList there;
        for (int i = 0; i < list->count(); ++i) {
            there.append(list->item(i)->data(Qt::AccessibleTextRole).toString());
        }
        throw Failed{"no kind " + title + " among " + there.join(", ")};
    }
    void takeKind(const QString &title)
    {
        press(m_window->findChild<QListWidget *>("kindList")->viewport(), placeOfKind(title));
    }
    void doubleClickKind(const QString &title)
    {
        ++m_count;
        auto *view = m_window->findChild<QListWidget *>("kindList")->viewport();
        const QPoint at = placeOfKind(title);
        QTest::mouseClick(view, Qt::LeftButton, {}, at);
        QTest::mouseDClick(view, Qt::LeftButton, {}, at);
        settle();
    }
    // A file dragged from elsewhere on to the form.
    void dropFile(const QString &path, QPoint onForm)
    {
        ++m_count;
        QMimeData mime;
        mime.setUrls({QUrl::fromLocalFile(path)});
        const QPoint at = board()->scene().toViewport(onForm);
        QDragEnterEvent enter(at, Qt::CopyAction, &mime, Qt::LeftButton, {});
        QApplication::sendEvent(board()->viewport(), &enter);
        check(enter.isAccepted(), "the file is not taken");
        QDragMoveEvent move(at, Qt::CopyAction, &mime, Qt::LeftButton, {});
        QApplication::sendEvent(board()->viewport(), &move);
        QDropEvent drop(at, Qt::CopyAction, &mime, Qt::LeftButton, {});
        QApplication::sendEvent(board()->viewport(), &drop);
        settle();
    }
    QString file(const QString &name) const { return m_folder.filePath(name); }
    // A setting of the inspector chosen from its list.
    void choose(const char *setting, const QString &words)
    {
        ++m_count;
        auto *box = m_window->findChild<Inspector *>()->findChild<QComboBox *>(setting);
        check(box && box->isVisible(), QString("no setting %1 in sight").arg(setting));
        const int at = box->findText(words);
        check(at >= 0, "no choice " + words);
        box->setCurrentIndex(at);
        Q_EMIT box->activated(at);
        settle();
    }
    void clickColumn(const QString &table, const QString &column, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        auto *tree = m_window->findChild<CataloguePanel *>()->findChild<QTreeView *>();
        const QModelIndex found = m_window->findChild<CatalogueModel *>()->indexOf(table, column);
        check(found.isValid(), "no column " + column);
        press(tree->viewport(), tree->visualRect(found).center(), modifiers);
    }
    // One of the buttons that are asked about.
    QWidget *rowButton(const QString &words) const
    {
        const auto boxes = part<QWidget>("buttonRowChoice")->findChildren<QCheckBox *>();
        for (QCheckBox *box : boxes) {
            if (box->text() == words) {
                return box;
            }
        }
        throw Failed{"nobody asks about " + words};
    }
    // By the menus: each level is an action.
    void menu(const QStringList &way)
    {
        QList<QAction *> actions = m_window->findChild<QMenuBar *>()->actions();
        for (const QString &part : way) {
            ++m_count;
            QAction *found = nullptr;
            for (QAction *each : actions) {
                found = !found && QString(each->text()).remove('&').startsWith(part) ? each : found;
            }
            check(found && found->isEnabled(), "no “" + part + "” in the menus");
            if (found->menu()) {
                actions = found->menu()->actions();
            } else {
                found->trigger();
            }
        }
        settle();
    }
    // The form at work, from where the task begins.
    void atWork()
    {
        m_window->showEntry();
        settle();
    }
    template <typename T> T *part(const char *name) const { return m_window->findChild<T *>(name); }
    // Something done in a dialog that keeps the window waiting; what opens it and what is done in it count.
    void inDialog(const QString &name, const std::function<void()> &open, const std::function<void(QDialog *)> &act)
    {
        QString why;
        const samples::WhenOpen waiting(name, [&](QDialog *dialog) {
            try {
                act(dialog);
            } catch (const Failed &failed) { // which must not go through the event loop
                why = failed.why;
                dialog->reject();
            }
        });
        open();
        check(why.isEmpty(), why);
        m_window->activateWindow();
        check(QTest::qWaitForWindowActive(m_window.get()), "the window has not the keyboard again");
        settle();
    }

private:
    static void settle()
    {
        for (int i = 0; i < 3; ++i) {
            QCoreApplication::sendPostedEvents();
            QCoreApplication::processEvents();
        }
    }

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<MainWindow> m_window;
    int m_count = 0;
};

Form emptyForm()
{
    Form form;
    form.name = "window";
    form.title = "Window";
    form.width = 640;
    form.bands = {Band{BandRole::Body, 400, {}}};
    return form;
}

QList<const Control *> ofKind(const Form &form, const QString &kind)
{
    QList<const Control *> found;
    for (const Control &control : form.controls) {
        if (control.kind == kind) {
            found.append(&control);
        }
    }
    return found;
}

// Two like buttons in a row, five captions, two text boxes, a drop-down with three typed choices, an open list with
// two, two options; all lined up.
int aDialog()
{
    Hands hands(emptyForm());
    for (const char *kind : {"Text box", "Text box", "Drop-down", "List", "Option set", "Button", "Button"}) {
        hands.doubleClickKind(kind);
    }
    hands.key(Qt::Key_A, Qt::ControlModifier);
    hands.type("Name;Town;Colour: red, green, black;Size: small, large;Paid: yes, no;Save;Close");
    hands.key(Qt::Key_Return);
    hands.key(Qt::Key_T, Qt::ControlModifier | Qt::AltModifier);
    const Form form = hands.saved();
    check(ofKind(form, "caption").size() == 5, "five captions");
    check(ofKind(form, "caption").at(1)->text == "Town", "their words");
    check(fixedChoices(*ofKind(form, "drop-down").first()).size() == 3, "three choices");
    check(fixedChoices(*ofKind(form, "list").first()).size() == 2, "two in the list");
    check(fixedChoices(*ofKind(form, "option-set").first()).size() == 2, "two options");
    const QList<const Control *> buttons = ofKind(form, "button");
    check(buttons.size() == 2 && buttons.at(0)->place.y() == buttons.at(1)->place.y() &&
              buttons.at(0)->place.size() == buttons.at(1)->place.size() && buttons.at(1)->text == "Close",
          "like buttons in a row");
    const int left = ofKind(form, "text-box").first()->place.x();
    for (const char *kind : {"text-box", "drop-down", "list", "option-set"}) {
        for (const Control *control : ofKind(form, kind)) {
            check(control->place.x() == left, QString("%1 is not lined up").arg(control->name));
        }
    }
    return hands.count();
}

// Stacked, without rows: a picture on top, three boxes with prompts and no captions.
int aSignIn()
{
    Hands hands(emptyForm());
    for (const char *kind : {"Picture", "Text box", "Text box", "Text box"}) {
        hands.doubleClickKind(kind);
    }
    hands.key(Qt::Key_A, Qt::ControlModifier);
    hands.key(Qt::Key_X, Qt::ControlModifier | Qt::AltModifier | Qt::ShiftModifier);
    hands.type("Your name;Your town;Your key");
    hands.key(Qt::Key_Return);
    const Form form = hands.saved();
    check(ofKind(form, "caption").isEmpty(), "no captions");
    const QList<const Control *> boxes = ofKind(form, "text-box");
    check(boxes.size() == 3 && boxes.at(0)->settings.value(setting::Prompt) == "Your name" &&
              boxes.at(2)->settings.value(setting::Prompt) == "Your key",
          "three prompts");
    check(ofKind(form, "picture").first()->place.y() < boxes.first()->place.y() &&
              boxes.at(0)->place.x() == boxes.at(2)->place.x(),
          "stacked");
    return hands.count();
}

// Four boxes as a 2 by 2 grid that fills the window and grows with it both ways.
int fourCells()
{
    Hands hands(emptyForm());
    hands.takeKind("Frame");
    hands.type("4");
    hands.dragBoard({40, 40}, {440, 320});
    hands.key(Qt::Key_J, Qt::ControlModifier | Qt::AltModifier);
    const Form form = hands.saved();
    const Form large = atSize(form, designedSize(form) + QSize(200, 160));
    check(form.controls.size() == 4, "four");
    const QRect first = large.controls.at(0).place;
    const QRect last = large.controls.at(3).place;
    check(first.topLeft() == QPoint(16, 16) && rightOf(last) == large.width - 16, "it fills the window");
    check(last.x() > rightOf(first) && last.y() > bottomOf(first) &&
              first.width() > form.controls.at(0).place.width() + 90 &&
              first.height() > form.controls.at(0).place.height() + 70,
          "it grows both ways");
    return hands.count();
}

// Empty form, rows attached, eight fields in one block, header and footer, title, both bands in one colour.
int aForm()
{
    Hands hands(emptyForm());
    hands.inDialog(
        "rowsDialog", [&] { hands.press(hands.part<QWidget>("boardRows")); },
        [&](QDialog *dialog) {
            auto *tables = dialog->findChild<QTreeWidget *>();
            const QList<QTreeWidgetItem *> found = tables->findItems("buoy", Qt::MatchExactly);
            check(!found.isEmpty(), "no such table");
            hands.press(tables->viewport(), tables->visualItemRect(found.first()).center());
            hands.key(Qt::Key_Return);
        });
    hands.clickColumn("buoy", "asset_no");
    hands.clickColumn("buoy", "laid_on", Qt::ShiftModifier);
    hands.key(Qt::Key_Return);
    for (const BandRole role : {BandRole::Header, BandRole::Footer}) {
        hands.press(hands.board()->viewport(), bandAdder(hands.board()->scene(), role).center());
        hands.choose("bandTone", "a stronger tint");
    }
    const Form form = hands.saved();
    int fields = 0;
    for (const Control &control : form.controls) {
        fields += control.column.isEmpty() ? 0 : 1;
    }
    check(form.rowsFrom == "buoy" && fields == 8, QString("eight fields, not %1").arg(fields));
    check(findBand(form, BandRole::Header)->tone == BandTone::Strong &&
              findBand(form, BandRole::Footer)->tone == BandTone::Strong,
          "both bands in one colour");
    check(std::any_of(form.controls.begin(), form.controls.end(),
                      [&](const Control &control) { return control.text == form.title && control.role == "title"; }),
          "the title");
    return hands.count();
}

// Three buttons, two held to the top right corner, one to the bottom right, the smallest size pinned.
int buttonsInCorners()
{
    Hands hands(emptyForm());
    hands.takeKind("Button");
    hands.type("2");
    hands.clickBoard({440, 16});
    hands.choose("holdsAcross", "moves");
    hands.takeKind("Button");
    hands.clickBoard({520, 344});
    hands.choose("holdsAcross", "moves");
    hands.choose("holdsDown", "moves");
    hands.press(hands.part<QWidget>("pinSmallest"));
    const Form form = hands.saved();
    const Form large = atSize(form, designedSize(form) + QSize(100, 80));
    for (int i = 0; i < 3; ++i) {
        const QPoint by = large.controls.at(i).place.topLeft() - form.controls.at(i).place.topLeft();
        check(by == QPoint(100, i == 2 ? 80 : 0), QString("button %1 goes %2, %3").arg(i).arg(by.x()).arg(by.y()));
    }
    check(form.leastWidth > 0 && form.leastHeight > 0, "pinned");
    return hands.count();
}

// Fixed window, two panes one above the other, 2 by 2 tick boxes in the upper.
int fixedPanes()
{
    Hands hands(emptyForm());
    hands.choose("windowSize", "fixed");
    hands.takeKind("Panes");
    hands.dragBoard({16, 16}, {624, 384});
    hands.press(hands.part<QWidget>("stacked"));
    hands.takeKind("Tick box");
    hands.type("4");
    hands.dragBoard({40, 40}, {400, 120});
    const Form form = hands.saved();
    const QList<const Control *> boxes = ofKind(form, "tick-box");
    check(form.window.isFixed && boxes.size() == 4, "four in a fixed window");
    check(std::all_of(boxes.begin(), boxes.end(),
                      [](const Control *box) { return box->container != 0 && box->page == FirstPane; }),
          "in the upper pane");
    check(boxes.at(0)->place.y() == boxes.at(1)->place.y() && boxes.at(0)->place.x() == boxes.at(2)->place.x() &&
              boxes.at(3)->place.y() > boxes.at(1)->place.y(),
          "2 by 2");
    return hands.count();
}

// A one-record form on all columns of a table.
int oneRecordForm()
{
    Hands hands(emptyForm());
    hands.tab("Catalogue");
    hands.chooseInMenuOf("vessel", "New form, captions beside the boxes");
    hands.key(Qt::Key_S, Qt::ControlModifier);
    const Form form = hands.savedAs("vessel");
    int fields = 0;
    for (const Control &control : form.controls) {
        fields += control.column.isEmpty() ? 0 : 1;
    }
    check(form.rowsFrom == "vessel" && fields >= 4, "all columns");
    return hands.count();
}

// Three pages of three fields each, a window without strip, its title, four record buttons evenly spaced.
int threePages()
{
    Hands hands(emptyForm());
    hands.press(hands.part<QWidget>("recordStrip"));
    hands.press(hands.part<QLineEdit>("formTitle"));
    hands.key(Qt::Key_A, Qt::ControlModifier);
    hands.type("Three pages");
    hands.takeKind("Tab pages");
    hands.dragBoard({24, 24}, {616, 320});
    hands.key(Qt::Key_P, Qt::ControlModifier | Qt::AltModifier | Qt::ShiftModifier);
    for (int page = 0; page < 3; ++page) {
        if (page > 0) {
            hands.key(Qt::Key_PageDown, Qt::ControlModifier);
        }
        hands.takeKind("Text box");
        hands.type("3");
        hands.clickBoard({160, 88});
    }
    hands.doubleClickKind("Record buttons");
    for (const char *without : {"Take back", "Delete"}) {
        hands.press(hands.rowButton(without));
    }
    const Form form = hands.saved();
    QMap<int, int> onPage;
    for (const Control *box : ofKind(form, "text-box")) {
        ++onPage[box->page];
    }
    check(onPage.size() == 3 && onPage.values() == QList<int>({3, 3, 3}), "three of three");
    check(!form.window.hasRecordStrip, "no strip");
    check(form.title == "Three pages", "the title is " + form.title);
    const QList<const Control *> buttons = ofKind(form, "button");
    check(buttons.size() == 4, "four record buttons");
    for (int i = 2; i < buttons.size(); ++i) {
        check(buttons.at(i)->place.x() - rightOf(buttons.at(i - 1)->place) ==
                  buttons.at(1)->place.x() - rightOf(buttons.at(0)->place),
              "evenly spaced");
    }
    return hands.count();
}

Form drafted(const QString &table)
{
    QTemporaryDir folder;
    const Connection connection = samples::opened(samples::fairwayDatabase(folder));
    const Catalogue catalogue = *connection.readCatalogue();
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    Form form = draftColumnar(catalogue, *findTable(catalogue, table), appearance);
    form.name = table;
    return form;
}

const Control *showing(const Form &form, const QString &column)
{
    for (const Control &control : form.controls) {
        if (control.column == column) {
            return &control;
        }
    }
    throw Failed{"nothing shows " + column};
}

// Drafted form: captions above, three fields moved, a button that opens another form; a menu form with two buttons.
int formAndMenu()
{
    Hands hands(drafted("contractor"));
    hands.key(Qt::Key_A, Qt::ControlModifier);
    hands.key(Qt::Key_O, Qt::ControlModifier | Qt::AltModifier);
    const Form before = hands.form();
    for (const char *column : {"website", "phone", "country"}) {
        const QPoint at = placeOnForm(hands.form(), *showing(hands.form(), column)).center();
        hands.dragBoard(at, at + QPoint(16, 40));
    }
    hands.tab("Controls");
    hands.doubleClickKind("Button to “Visits”");
    const Form form = hands.saved();
    for (const char *column : {"website", "phone", "country"}) {
        check(showing(form, column)->place.topLeft() != showing(before, column)->place.topLeft(), "three are moved");
    }
    for (const Control *caption : ofKind(form, "caption")) {
        const Control *box = form.controls.find(caption->captionFor);
        check(!box || bottomOf(caption->place) <= box->place.y(), "captions above");
    }
    const QList<const Control *> opening = ofKind(form, "button");
    check(opening.size() == 1 && buttonActionOf(*opening.first()).name == "open-form" &&
              projectFormOf(*opening.first()) == "visits" && opening.first()->text == "Visits",
          "a button that opens the visits");
    hands.inDialog(
        "newForm", [&] { hands.key(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier); },
        [&](QDialog *dialog) {
            auto *sources = dialog->findChild<QTreeWidget *>("tables");
            const QList<QTreeWidgetItem *> found = sources->findItems("Empty form", Qt::MatchExactly);
            check(!found.isEmpty(), "no empty form");
            hands.press(sources->viewport(), sources->visualItemRect(found.first()).center());
            hands.key(Qt::Key_Return);
        });
    hands.doubleClickKind("Button to “Visits”");
    hands.doubleClickKind("Button to “Contractor”");
    hands.key(Qt::Key_S, Qt::ControlModifier);
    const Form menu = hands.savedAs(hands.form().name);
    check(ofKind(menu, "button").size() == 2 && menu.rowsFrom.isEmpty(), "a menu form with two buttons");
    return hands.count();
}

// Drafted form: a search button in the header, two columns, notes across both, a logo.
int searchAndLogo()
{
    Hands hands(drafted("contractor"));
    hands.key(Qt::Key_2, Qt::ControlModifier | Qt::AltModifier);
    hands.tab("Controls");
    hands.takeKind("Button");
    hands.clickBoard({hands.form().width - 200, 16});
    hands.choose("action", "Find a record");
    QImage logo(40, 40, QImage::Format_RGB32);
    logo.fill(Qt::darkGreen);
    check(logo.save(hands.file("logo.png")), "no picture");
    hands.dropFile(hands.file("logo.png"), {hands.form().width - 80, 8});
    const Form form = hands.saved();
    const Control *button = ofKind(form, "button").value(0);
    check(button && button->band == BandRole::Header && buttonActionOf(*button).name == "find", "a search button");
    const Control *notes = showing(form, "remarks");
    int columns = 0;
    QSet<int> starts;
    for (const Control &control : form.controls) {
        starts += control.column.isEmpty() || control.kind == "picture" ? notes->place.x() : control.place.x();
    }
    columns = static_cast<int>(starts.size());
    check(columns >= 2 && rightOf(notes->place) > form.width - 40 && notes->place.width() > form.width / 2,
          "two columns, notes across both");
    check(std::any_of(form.controls.begin(), form.controls.end(),
                      [](const Control &control) {
                          return control.band == BandRole::Header && !fixedImage(control).isEmpty();
                      }),
          "a logo");
    return hands.count();
}

// A button that sends the record in hand to the address in its row.
int sendButton()
{
    Hands hands(drafted("contractor"));
    hands.tab("Controls");
    hands.doubleClickKind("Button");
    hands.choose("action", "Send a message");
    const Form form = hands.saved();
    const Control *button = ofKind(form, "button").value(0);
    check(button && buttonActionOf(*button).name == "send", "a button that sends");
    const Mail mail = button->settings.value(setting::Message);
    check(mail.to == "{email}" && mail.subject == "{record}" && mail.attached == Attached::Pdf, "to the row's address");
    return hands.count();
}

// A form with a button for each of the others.
int startFormMade()
{
    Hands hands(drafted("contractor"));
    hands.menu({"File", "Make a start form"});
    const Form form = hands.form();
    check(form.rowsFrom.isEmpty() && ofKind(form, "button").size() >= 3, "a start form");
    return hands.count();
}

// All records that are shown, printed.
int printed()
{
    Hands hands(drafted("contractor"));
    hands.atWork();
    int pages = 0;
    hands.inDialog(
        "printWindow", [&] { hands.key(Qt::Key_P, Qt::ControlModifier); },
        [&](QDialog *dialog) {
            for (const auto *button : dialog->findChildren<QPushButton *>()) {
                pages += button->text().remove('&').startsWith("Print") && button->isEnabled() ? 1 : 0;
            }
            dialog->reject();
        });
    check(pages > 0, "a window with a button that prints");
    return hands.count() + 1; // which is pressed
}

// The project handed over, for the first time and to where it is proposed.
int handedOver()
{
    Hands hands(drafted("contractor"));
    hands.menu({"File", "Make a start form"});
    hands.key(Qt::Key_S, Qt::ControlModifier);
    hands.beginHere();
    QString told;
    const samples::WhenOpen answer("question", [&](QDialog *dialog) {
        for (const auto *label : dialog->findChildren<QLabel *>()) {
            told += label->text();
        }
        dialog->accept();
    });
    hands.inDialog(
        "handOver", [&] { hands.key(Qt::Key_E, Qt::ControlModifier | Qt::AltModifier | Qt::ShiftModifier); },
        [&](QDialog *sheet) { hands.press(sheet->findChild<QPushButton *>("takeHandOver")); });
    check(told.contains("Handed over, version 1"), "told: " + told);
    check(QFile::exists(hands.besideProject("fairway_depot.nabhand")), "what people open");
    return hands.count();
}

struct Task
{
    const char *words;
    int before;
    int most;
    int (*run)();
};

const QList<Task> &tasks()
{
    static const QList<Task> all{
        {"two buttons, five captioned boxes with choices, lined up", 46, 20, aDialog},
        {"a picture and three boxes with prompts, stacked", 28, 12, aSignIn},
        {"a 2 by 2 grid that fills the window and grows", 0, 5, fourCells},
        {"a fixed window, two panes, 2 by 2 tick boxes", 0, 9, fixedPanes},
        {"one-record form on all columns of a table", 6, 4, oneRecordForm},
        {"three pages of three, title, no strip, record buttons", 35, 22, threePages},
        {"rows, eight fields, header, footer, title, colours", 22, 12, aForm},
        {"captions above, three moved, a button; a menu form", 34, 18, formAndMenu},
        {"search button, two columns, notes across, logo", 14, 9, searchAndLogo},
        {"three buttons in two corners, smallest size pinned", 0, 12, buttonsInCorners},
        {"a button that sends the record to its address", 18, 4, sendButton},
        {"a start form for all forms of the project", 0, 2, startFormMade},
        {"what is shown, printed", 0, 2, printed},
        {"the project handed over to its users", 0, 2, handedOver},
    };
    return all;
}

} // namespace

int main(int argc, char **argv)
{
    QApplication app(argc, argv);
    QTemporaryDir settings;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    QSettings().setValue("windowSizes", true);
    QTextStream out(stdout);
    out << QString("%1  %2  %3  %4\n").arg("task", -58).arg("before", 6).arg("now", 4).arg("most", 4);
    bool isGood = true;
    for (const Task &task : tasks()) {
        QString now;
        try {
            const int count = task.run();
            now = QString::number(count);
            isGood = isGood && count <= task.most;
        } catch (const Failed &failed) {
            now = "fails: " + failed.why;
            isGood = false;
        }
        out << QString("%1  %2  %3  %4\n")
                   .arg(task.words, -58)
                   .arg(task.before == 0 ? QString("–") : QString::number(task.before), 6)
                   .arg(now, 4)
                   .arg(task.most, 4);
        out.flush();
    }
    return isGood ? 0 : 1;
}

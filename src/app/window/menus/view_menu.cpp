// What is shown, and how.
#include "app/parts/at_hand_row.h"
#include "app/parts/status_line.h"
#include "app/parts/trial_page.h"
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "app/work/findings_view.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/modes/tracing_mode.h"

#include "entry/language/language.h"
#include "entry/theme/entry_zoom.h"
#include "entry/view/entry_view.h"
#include <QActionGroup>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QStatusBar>

namespace nabblet {

namespace {

// On the board that of the form; at work that of the person, who keeps it. by: steps; 0 for the actual size.
void zoom(MainWindow &window, int by)
{
    if (EntryView *view = window.isAtWork() ? window.entryView() : nullptr) {
        setEntryZoom(by == 0 ? 100 : entryZoomAfter(view->zoom(), by));
        view->setZoom(entryZoom());
    } else if (Board *board = window.isAtWork() || window.isRules() ? nullptr : window.board()) {
        const int now = board->scene().zoom;
        board->setZoom(by == 0 ? 100 : by > 0 ? zoomAbove(now) : zoomBelow(now));
    }
}

} // namespace

void makeViewMenu(Commands &commands, MainWindow &window)
{
    QMenu *view = commands.bar()->addMenu(Texts::tr("&View"));
    QAction *turn = commands.add(
        view, Texts::later("&Entry"), QKeySequence(Qt::Key_F5),
        [&window] { window.isEntry() ? window.showDesign() : window.showEntry(); }, When::WithForm);
    QAction *rules = commands.add(
        view, Texts::later("&Rules"), QKeySequence(Qt::Key_F6),
        [&window] { window.isRules() ? window.showDesign() : window.showRules(); }, When::WithForm);
    QAction *trial = commands.add(
        view, Texts::later("&Trial"), QKeySequence(Qt::Key_F7),
        [&window] { window.isTrial() ? window.endTrial() : window.showTrial(); }, When::WithForm);
    QAction *fill = commands.add(
        view, Texts::later("Te&st record"), QKeySequence(Qt::Key_F8), [&window] { window.trialPage()->fillRecord(); },
        When::Always);
    QAction *branch = commands.add(
        view, Texts::later("Ne&xt side of a rule"), keys("Shift+F8"),
        [&window] { window.trialPage()->goToNextBranch(); }, When::Always);
    QAction *find = commands.add(
        view, Texts::later("&Find a command…"), keys("Ctrl+K"), [&window] { window.findCommand(); }, When::Always);
    view->addSeparator();
    commands.addRepeating(
        view, Texts::later("Zoom &in"), QKeySequence::ZoomIn, [&window] { zoom(window, 1); }, When::WithForm);
    commands.addRepeating(
        view, Texts::later("Zoom &out"), QKeySequence::ZoomOut, [&window] { zoom(window, -1); }, When::WithForm);
    commands.add(
        view, Texts::later("A&ctual size"), keys("Ctrl+1"), [&window] { zoom(window, 0); }, When::WithForm);
    QAction *whole = commands.add(
        view, Texts::later("&Whole form"), keys("Ctrl+0"), [&window] { window.board()->zoomToForm(); }, When::InDesign);
    // The same from the figure at the bottom of the window.
    auto *zooms = new QMenu(window.status()->zoom());
    zooms->addAction(whole);
    for (const int percent : {50, 75, 100, 125, 150, 200, 400}) {
        zooms->addAction(Texts::tr("%1 %").arg(percent), &window, [&window, percent] {
            if (window.board()) {
                window.board()->setZoom(percent);
            }
        });
    }
    window.status()->zoom()->setMenu(zooms);
    window.status()->zoom()->setToolTip(Texts::tr("How large the form is shown"));
    QMenu *units = view->addMenu(Texts::tr("&Unit"));
    auto *unitGroup = new QActionGroup(&window);
    for (const auto &[unit, words] :
         {std::pair{Unit::Pixels, Texts::later("&Pixels")}, std::pair{Unit::Millimetres, Texts::later("&Millimetres")},
          std::pair{Unit::Inches, Texts::later("&Inches")}, std::pair{Unit::GridSteps, Texts::later("&Grid steps")}}) {
        QAction *action = commands.add(
            units, words, QKeySequence(), [&window, wanted = unit] { window.setUnit(wanted); }, When::Always);
        action->setCheckable(true);
        action->setChecked(unit == window.unit());
        unitGroup->addAction(action);
    }
    QMenu *grid = view->addMenu(Texts::tr("&Grid"));
    for (const auto &[marks, words] :
         {std::pair{GridMarks::Dots, Texts::later("&Dots")}, std::pair{GridMarks::Lines, Texts::later("&Lines")},
          std::pair{GridMarks::None, Texts::later("&Nothing")}}) {
        commands.add(
            grid, words, QKeySequence(),
            [&window, wanted = marks] {
                Form form = window.document()->form();
                form.grid.marks = wanted;
                window.document()->apply(Texts::tr("Change the grid"), form);
            },
            When::InDesign);
    }
    QMenu *values = view->addMenu(Texts::tr("&Values on the board"));
    commands.add(
        values, Texts::later("A &record"), keys("Ctrl+Shift+1"), [&window] { window.showValues(BoardValues::Record); },
        When::InDesign);
    commands.add(
        values, Texts::later("&Longest values"), keys("Ctrl+Shift+2"),
        [&window] { window.showValues(BoardValues::Longest); }, When::InDesign);
    commands.add(
        values, Texts::later("&Blank"), keys("Ctrl+Shift+3"), [&window] { window.showValues(BoardValues::Blank); },
        When::InDesign);
    QAction *rows = commands.add(
        view, Texts::later("&Stored rows"), keys("Ctrl+Shift+R"),
        [&window] { window.showRowsTable(!window.showsRowsTable()); }, When::InDesign);
    rows->setCheckable(true);
    rows->setObjectName(QStringLiteral("storedRowsAction"));
    QAction *found = commands.add(
        view, Texts::later("Fin&dings"), keys("Ctrl+Shift+F"),
        [&window] { window.showFindings(!window.showsFindings()); }, When::InDesign);
    found->setCheckable(true);
    found->setObjectName(QStringLiteral("findingsAction"));
    commands.addRepeating(
        view, Texts::later("Ne&xt finding"), keys("Ctrl+J"), [&window] { window.findings().step(1); }, When::InDesign);
    commands.addRepeating(
        view, Texts::later("Previous fi&nding"), keys("Ctrl+Shift+J"), [&window] { window.findings().step(-1); },
        When::InDesign);
    commands.add(
        view, Texts::later("&Tracing sheet…"), QKeySequence(), [&window] { window.chooseTracing(); }, When::InDesign);
    QAction *tracing = commands.add(
        view, Texts::later("Mo&ve the tracing sheet"), QKeySequence(),
        [&window] { setMovesTracing(*window.board(), window.board()->scene().use() != MouseUse::MovingTracing); },
        When::InDesign);
    tracing->setCheckable(true);
    QAction *sizes = commands.add(
        view, Texts::later("&Window sizes"), keys("Ctrl+Shift+W"),
        [&window] { window.showWindowSizes(!window.showsWindowSizes()); }, When::InDesign);
    sizes->setCheckable(true);
    QMenu *sights = view->addMenu(Texts::tr("Colours as &others see them"));
    auto *sightGroup = new QActionGroup(&window);
    QList<QPair<Sight, QAction *>> sightActions;
    for (const auto &[sight, words] : {std::pair{Sight::Usual, Texts::later("&Most people")},
                                       std::pair{Sight::WithoutGreen, Texts::later("Without &green")},
                                       std::pair{Sight::WithoutRed, Texts::later("Without &red")},
                                       std::pair{Sight::WithoutBlue, Texts::later("Without &blue")}}) {
        QAction *action = commands.add(
            sights, words, QKeySequence(), [&window, wanted = sight] { window.board()->setSight(wanted); },
            When::InDesign);
        action->setCheckable(true);
        sightGroup->addAction(action);
        sightActions.append({sight, action});
    }
    QMenu *atHand = view->addMenu(Texts::tr("Commands at &hand"));
    QObject::connect(atHand, &QMenu::aboutToShow, &window, [&window, atHand] { window.atHand().fill(atHand); });
    view->addSeparator();
    commands.add(
        view, Texts::later("&Board alone, or with its panels"), QKeySequence(Qt::Key_F9),
        [&window] { window.foldPanels(); }, When::InDesign);
    commands.add(
        view, Texts::later("Go to the &catalogue"), keys("Ctrl+Shift+C"),
        [&window] { window.goTo(MainWindow::Place::Catalogue); }, When::InDesign);
    commands.add(
        view, Texts::later("Go to the &board"), keys("Ctrl+B"), [&window] { window.goTo(MainWindow::Place::Board); },
        When::InDesign);
    commands.add(
        view, Texts::later("Go to the i&nspector"), keys("Ctrl+I"),
        [&window] { window.goTo(MainWindow::Place::Inspector); }, When::InDesign);
    commands.add(
        view, Texts::later("Go to the co&ntrols"), keys("Ctrl+Shift+P"),
        [&window] { window.goTo(MainWindow::Place::Controls); }, When::InDesign);
    commands.add(
        view, Texts::later("Go to the o&utline"), keys("Ctrl+Shift+O"),
        [&window] { window.goTo(MainWindow::Place::Outline); }, When::InDesign);
    view->addSeparator();
    find->setObjectName(QStringLiteral("findCommand"));
    auto *themes = new QActionGroup(&window);
    const QList<QPair<ThemeChoice, QString>> choices{{ThemeChoice::AsDesktop, Texts::tr("Colours as on the &desktop")},
                                                     {ThemeChoice::Light, Texts::tr("&Light colours")},
                                                     {ThemeChoice::Dark, Texts::tr("D&ark colours")}};
    for (const auto &[choice, words] : choices) {
        QAction *action =
            view->addAction(words, &window, [&window, wanted = choice] { window.setThemeChoice(wanted); });
        action->setCheckable(true);
        action->setChecked(choice == window.themeChoice());
        themes->addAction(action);
    }
    QMenu *language = view->addMenu(Texts::tr("Language of the pro&gram"));
    auto *languageGroup = new QActionGroup(&window);
    const auto addLanguage = [&](const QString &words, const QString &code) {
        QAction *action = language->addAction(words, &window, [&window, code] {
            setChosenLanguage(code);
            window.statusBar()->showMessage(Texts::tr("The program speaks so from its next start on."), 15000);
        });
        action->setCheckable(true);
        action->setChecked(code == chosenLanguage());
        languageGroup->addAction(action);
    };
    addLanguage(Texts::tr("As on the &desktop"), QString());
    for (const Language &each : languages()) {
        addLanguage(QString::fromUtf8(each.name), QLatin1String(each.code));
    }
    commands.follow([&window, sightActions] {
        for (const auto &[sight, action] : sightActions) {
            action->setChecked(sight == (window.board() ? window.board()->scene().sight : Sight::Usual));
        }
    });
    commands.follow([&window, turn, rules, trial, fill, branch, rows, found, tracing, sizes] {
        trial->setText(window.isTrial() ? Texts::tr("End the &trial") : Texts::tr("&Trial"));
        fill->setEnabled(window.isTrial());
        branch->setEnabled(window.isTrial());
        rules->setText(window.isRules() ? Texts::tr("Back to the boa&rd") : Texts::tr("&Rules"));
        turn->setText(window.isEntry() ? Texts::tr("&Design") : Texts::tr("&Entry"));
        rows->setChecked(window.showsRowsTable());
        found->setChecked(window.showsFindings());
        tracing->setChecked(window.board() && window.board()->scene().use() == MouseUse::MovingTracing);
        sizes->setChecked(window.showsWindowSizes());
    });
}

} // namespace nabblet

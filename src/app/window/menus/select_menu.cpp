// What is selected.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "core/arrange/rows.h"
#include "core/file/band_names.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/commands/selection_commands.h"

#include <QMenu>
#include <QMenuBar>

namespace nabblet {

void makeSelectMenu(Commands &commands, MainWindow &window)
{
    QMenu *menu = commands.bar()->addMenu(Texts::tr("&Select"));
    const auto choose = [&commands,
                         &window](const char *words, const QKeySequence &shortcut, QMenu *to,
                                  const std::function<QList<ControlId>(const Form &, const Selection &)> &which) {
        commands.add(
            to, words, shortcut,
            [&window, which] { window.board()->select(which(window.document()->form(), window.board()->selection())); },
            When::InDesign);
    };
    commands.add(
        menu, Texts::later("&All"), QKeySequence::SelectAll, [&window] { selectAll(*window.board()); }, When::InDesign);
    choose(Texts::later("All of this &kind"), keys("Ctrl+Shift+A"), menu,
           [](const Form &form, const Selection &selection) {
               const Control *lead = form.controls.find(selection.lead());
               return lead ? controlsOfKind(form, lead->kind) : QList<ControlId>();
           });
    choose(Texts::later("The ro&w"), keys("Ctrl+Alt+Shift+W"), menu,
           [](const Form &form, const Selection &selection) { return controlsOfRow(form, selection.lead()); });
    choose(Texts::later("The colu&mn"), keys("Ctrl+Alt+Shift+M"), menu,
           [](const Form &form, const Selection &selection) { return controlsOfColumn(form, selection.lead()); });
    choose(Texts::later("All of this &band"), keys("Ctrl+Shift+B"), menu,
           [](const Form &form, const Selection &selection) {
               const Control *lead = form.controls.find(selection.lead());
               return controlsInBand(form, lead ? lead->band : selection.band().value_or(BandRole::Body));
           });
    choose(Texts::later("&Captions only"), keys("Ctrl+Alt+Shift+C"), menu,
           [](const Form &form, const Selection &selection) { return captionsAmong(form, selection.controls()); });
    choose(Texts::later("Bo&xes only"), keys("Ctrl+Alt+Shift+B"), menu,
           [](const Form &form, const Selection &selection) { return boxesAmong(form, selection.controls()); });
    choose(Texts::later("What lies &under"), keys("Ctrl+U"), menu, [](const Form &form, const Selection &selection) {
        const Control *lead = form.controls.find(selection.lead());
        if (!lead) {
            return QList<ControlId>();
        }
        const QList<ControlId> pile = controlsAt(form, placeOnForm(form, *lead).center(), 0);
        return pile.isEmpty() ? selection.controls()
                              : QList<ControlId>{pile.at((pile.indexOf(lead->id) + 1) % pile.size())};
    });
    menu->addSeparator();
    commands.addRepeating(
        menu, Texts::later("&Next"), QKeySequence(), [&window] { selectNext(*window.board(), 1, Walk::Alone); },
        When::InDesign);
    commands.addRepeating(
        menu, Texts::later("&Previous"), QKeySequence(), [&window] { selectNext(*window.board(), -1, Walk::Alone); },
        When::InDesign);
    commands.addRepeating(
        menu, Texts::later("Add the next"), keys("Shift+PgDown"),
        [&window] { selectNext(*window.board(), 1, Walk::Adding); }, When::InDesign);
    commands.addRepeating(
        menu, Texts::later("Add the previous"), keys("Shift+PgUp"),
        [&window] { selectNext(*window.board(), -1, Walk::Adding); }, When::InDesign);
    commands.add(
        menu, Texts::later("&Outwards"), QKeySequence(), [&window] { selectOutwards(*window.board()); },
        When::InDesign);
    commands.addRepeating(
        menu, Texts::later("Next page in front"), keys("Ctrl+PgDown"), [&window] { turnPage(*window.board(), 1); },
        When::InDesign);
    commands.addRepeating(
        menu, Texts::later("Page before in front"), keys("Ctrl+PgUp"), [&window] { turnPage(*window.board(), -1); },
        When::InDesign);
    menu->addSeparator();
    const auto selectBand = [&commands, &window, menu](const CommandWords &words, BandRole role) {
        commands.add(
            menu, words, QKeySequence(),
            [&window, role] {
                Selection wanted;
                wanted.setBand(role);
                window.board()->setSelection(wanted);
            },
            When::InDesign);
    };
    for (const BandRole role : AllBands) {
        selectBand({Texts::tr("The band: %1").arg(withinSentence(bandTitle(role))),
                    QStringLiteral("band ") + bandNames().at(static_cast<int>(role))},
                   role);
    }
    commands.add(
        menu, Texts::later("The for&m"), QKeySequence(), [&window] { window.board()->setSelection(Selection()); },
        When::InDesign);
}

} // namespace nabblet

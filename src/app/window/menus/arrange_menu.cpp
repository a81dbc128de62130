// How the selection, the bands and the tab order are arranged.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "core/arrange/rail_edits.h"
#include "core/draft/inner_forms.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/file/band_names.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/modes/placing_mode.h"
#include "designer/board/modes/tab_order_mode.h"
#include "designer/panels/arrange_actions.h"

#include <QMenu>
#include <QMenuBar>

namespace nabblet {

void makeArrangeMenu(Commands &commands, MainWindow &window)
{
    QMenu *menu = commands.bar()->addMenu(Texts::tr("&Arrange"));
    const auto apply = [&window](const QString &step, const std::function<Form(const Form &)> &edit) {
        return [&window, step, edit] { window.document()->apply(step, edit(window.document()->form())); };
    };
    for (const ArrangeGroup group : arrangeGroups()) {
        QMenu *part = menu->addMenu(arrangeGroupTitle(group));
        part->setToolTipsVisible(true);
        part->addActions(window.arrange()->actionsOf(group));
        QObject::connect(part, &QMenu::aboutToHide, window.arrange(), &ArrangeActions::endPreview);
    }
    menu->addSeparator();
    const auto keep = [&window](Edge edge) {
        return [&window, edge] {
            window.document()->apply(
                Texts::tr("Keep lined up"),
                withEdgesKept(window.document()->form(), window.board()->selection().controls(), edge));
        };
    };
    commands
        .add(menu, Texts::later("&Keep left edges lined up"), keys("Ctrl+Alt+R"), keep(Edge::Left), When::WithControl)
        ->setStatusTip(Texts::tr("Left edges go where the lead's is and stay together on a rail."));
    commands
        .add(menu, Texts::later("Keep &right edges lined up"), keys("Ctrl+Alt+Shift+R"), keep(Edge::Right),
             When::WithControl)
        ->setStatusTip(Texts::tr("Right edges go where the lead's is and stay together on a rail."));
    commands.add(menu, Texts::later("Keep &top edges lined up"), QKeySequence(), keep(Edge::Top), When::WithControl)
        ->setStatusTip(Texts::tr("Top edges go where the lead's is and stay together on a level rail."));
    commands
        .add(menu, Texts::later("Keep &bottom edges lined up"), QKeySequence(), keep(Edge::Bottom), When::WithControl)
        ->setStatusTip(Texts::tr("Bottom edges go where the lead's is and stay together on a level rail."));
    menu->addSeparator();
    commands
        .add(
            menu, Texts::later("Go into the s&ubform"), keys("Ctrl+Return"),
            [&window] { window.enterInnerForm(window.board()->selection().lead()); }, When::WithControl)
        ->setStatusTip(Texts::tr("Designs the form of the rows that the selected subform shows."));
    commands
        .add(
            menu, Texts::later("Go into the form of one ro&w"), QKeySequence(),
            [&window] { window.enterInnerForm(RowFormStep); }, When::InDesign)
        ->setStatusTip(Texts::tr("Designs the form on which a tabular form shows one row in full."));
    commands.add(
        menu, Texts::later("Bac&k to the outer form"), keys("Ctrl+Shift+Return"),
        [&window] { window.leaveInnerForm(); }, When::InDesign);
    QMenu *place = menu->addMenu(Texts::tr("P&lace a control"));
    for (const Placeable &placeable : placeables()) {
        commands.add(
            place, {placeable.title, placeable.name}, QKeySequence(),
            [&window, name = placeable.name] { placeInNextFreePlace(*window.board(), name); }, When::InDesign);
    }
    QMenu *bands = menu->addMenu(Texts::tr("&Bands and form"));
    for (const BandRole role : AllBands) {
        if (role == BandRole::Body) {
            continue;
        }
        const QString title = withinSentence(bandTitle(role));
        const QString &name = bandNames().at(static_cast<int>(role));
        const QString adding = Texts::tr("Add the %1").arg(title);
        const QString removing = Texts::tr("Remove the %1").arg(title);
        commands.add(
            bands, {adding, QStringLiteral("add ") + name}, QKeySequence(),
            [&window, role] { addBand(*window.board(), role); }, When::InDesign);
        commands.add(bands, {removing, QStringLiteral("remove ") + name}, QKeySequence(),
                     apply(removing, [role](const Form &form) { return withoutBand(form, role); }), When::InDesign);
    }
    commands.add(bands, Texts::later("&Trim the form to its content"), keys("Ctrl+Alt+Y"),
                 apply(Texts::tr("Trim the form"), [](const Form &form) { return trimmed(form); }), When::InDesign);
    QMenu *order = menu->addMenu(Texts::tr("Tab &order"));
    QAction *tabOrder = commands.add(
        order, Texts::later("&Show and set by hand"), keys("Ctrl+T"),
        [&window] { setShowsTabOrder(*window.board(), window.board()->scene().use() != MouseUse::OrderingTabs); },
        When::InDesign);
    tabOrder->setCheckable(true);
    commands
        .addRepeating(
            order, Texts::later("&Earlier"), keys("Ctrl+Shift+,"), [&window] { moveInTabOrder(*window.board(), -1); },
            When::WithControl)
        ->setStatusTip(Texts::tr("The lead is visited by Tab one place earlier."));
    commands
        .addRepeating(
            order, Texts::later("&Later"), keys("Ctrl+Shift+."), [&window] { moveInTabOrder(*window.board(), 1); },
            When::WithControl)
        ->setStatusTip(Texts::tr("The lead is visited by Tab one place later."));
    commands.add(order, Texts::later("As it &reads"), QKeySequence(),
                 apply(Texts::tr("Tab order as it reads"),
                       [](const Form &form) { return withTabOrder(form, TabOrder::Reading); }),
                 When::InDesign);
    commands.add(
        order, Texts::later("By r&ows"), QKeySequence(),
        apply(Texts::tr("Tab order by rows"), [](const Form &form) { return withTabOrder(form, TabOrder::Rows); }),
        When::InDesign);
    commands.add(order, Texts::later("By &columns"), QKeySequence(),
                 apply(Texts::tr("Tab order by columns"),
                       [](const Form &form) { return withTabOrder(form, TabOrder::Columns); }),
                 When::InDesign);
    commands.follow([&window, tabOrder] {
        tabOrder->setChecked(window.board() && window.board()->scene().use() == MouseUse::OrderingTabs);
    });
}

} // namespace nabblet

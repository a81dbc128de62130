// How things look: the looks of the project, styles, and what is pinned at what is selected.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "app/work/look_view.h"
#include "core/edit/look_edits.h"
#include "core/edit/type_fit.h"
#include "core/kinds/settings/marks.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/modes/copying_look_mode.h"
#include "designer/document/form_document.h"
#include "designer/document/look_clipboard.h"

#include <QMenu>
#include <QMenuBar>

#include <algorithm>
#include <array>

namespace nabblet {

namespace {

constexpr int KeyedStyles = 9;

// What a control looks like now, by its look, its style and its pins.
TextStyle typeOf(MainWindow &window, const Control &control)
{
    const Appearance &all = window.appearance();
    const auto own = all.dressedFor(control, groundUnder(window.document()->form(), control, all.styles()));
    return textStyle(own->look(), roleOf(control));
}

using Change = std::function<void(const Control &control, ControlSettings &pins)>;

void changePins(MainWindow &window, const QString &step, const Change &change)
{
    FormDocument *document = window.document();
    document->apply(
        step, withPinsChanged(document->form(), window.board()->selection().controls(), change, window.appearance()));
}

void turn(MainWindow &window, const QString &step, const ControlSetting<bool> &flag, bool TextStyle::*part)
{
    FormDocument *document = window.document();
    document->apply(step,
                    withFlagTurned(
                        document->form(), window.board()->selection().controls(), flag,
                        [&](const Control &control) { return typeOf(window, control).*part; }, window.appearance()));
}

constexpr int Bold = 700;

void turnBold(MainWindow &window)
{
    constexpr int LeastBold = 600;
    const Form &form = window.document()->form();
    bool areAllBold = true;
    for (const ControlId id : window.board()->selection().controls()) {
        const Control *control = form.controls.find(id);
        areAllBold = areAllBold && (!control || !showsWords(*control) || typeOf(window, *control).weight >= LeastBold);
    }
    changePins(window, areAllBold ? Texts::tr("Not bold") : Texts::tr("Bold"),
               [areAllBold](const Control &control, ControlSettings &pins) {
                   constexpr int Plain = 400;
                   if (showsWords(control)) {
                       pins.set(setting::TextWeight, areAllBold ? Plain : Bold);
                   }
               });
}

// The next larger or smaller of the sizes that are usual, in percent of the desktop's text.
void stepSize(MainWindow &window, int by)
{
    static constexpr std::array Sizes{50,  60,  70,  80,  90,  100, 110, 120, 130,
                                      140, 160, 180, 200, 225, 250, 300, 350, 400};
    changePins(window, by > 0 ? Texts::tr("Larger letters") : Texts::tr("Smaller letters"),
               [&window, by](const Control &control, ControlSettings &pins) {
                   if (!showsWords(control)) {
                       return;
                   }
                   const int now = typeOf(window, control).percent;
                   int wanted = now;
                   if (by > 0) {
                       const auto next = std::upper_bound(Sizes.begin(), Sizes.end(), now);
                       wanted = next == Sizes.end() ? now : *next;
                   } else {
                       const auto next = std::lower_bound(Sizes.begin(), Sizes.end(), now);
                       wanted = next == Sizes.begin() ? now : *std::prev(next);
                   }
                   pins.set(setting::TextSize, wanted);
               });
}

void align(MainWindow &window, TextAlign side)
{
    changePins(window, Texts::tr("Change an alignment"), [side](const Control &control, ControlSettings &pins) {
        if (kindNamed(control.kind).settings.contains(&setting::Align)) {
            pins.set(setting::Align, side);
        }
    });
}

} // namespace

void makeLookMenu(Commands &commands, MainWindow &window)
{
    QMenu *menu = commands.bar()->addMenu(Texts::tr("&Look"));
    QAction *looks = commands.add(
        menu, Texts::later("&Looks and styles"), keys("Ctrl+Shift+K"),
        [&window] { window.showLooks(!window.showsLooks()); }, When::InDesign);
    looks->setObjectName(QStringLiteral("looksAction"));
    looks->setCheckable(true);
    menu->addSeparator();
    commands.add(
        menu, Texts::later("&Bold"), keys("Ctrl+Shift+T"), [&window] { turnBold(window); }, When::WithControl);
    commands.add(
        menu, Texts::later("&Slanted"), keys("Ctrl+Shift+I"),
        [&window] { turn(window, Texts::tr("Slanted"), setting::Slanted, &TextStyle::isSlanted); }, When::WithControl);
    commands.add(
        menu, Texts::later("&Underlined"), keys("Ctrl+Shift+U"),
        [&window] { turn(window, Texts::tr("Underlined"), setting::Underlined, &TextStyle::isUnderlined); },
        When::WithControl);
    commands.addRepeating(
        menu, Texts::later("Lar&ger letters"), keys("Ctrl+]"), [&window] { stepSize(window, 1); }, When::WithControl);
    commands.addRepeating(
        menu, Texts::later("S&maller letters"), keys("Ctrl+["), [&window] { stepSize(window, -1); }, When::WithControl);
    commands.add(
        menu, Texts::later("Words to the le&ft"), keys("Ctrl+Alt+7"), [&window] { align(window, TextAlign::Left); },
        When::WithControl);
    commands.add(
        menu, Texts::later("Words in the mi&ddle"), keys("Ctrl+Alt+8"), [&window] { align(window, TextAlign::Centre); },
        When::WithControl);
    commands.add(
        menu, Texts::later("Words to the &right"), keys("Ctrl+Alt+9"), [&window] { align(window, TextAlign::Right); },
        When::WithControl);
    menu->addSeparator();
    commands.add(
        menu, Texts::later("&Copy the look"), keys("Ctrl+Alt+K"),
        [&window] { beginCopyLook(*window.board(), LookCopies::Once); }, When::WithControl);
    commands.add(
        menu, Texts::later("Copy the look many &times"), keys("Ctrl+Alt+Shift+K"),
        [&window] { beginCopyLook(*window.board(), LookCopies::UntilEscape); }, When::WithControl);
    QAction *paste = commands.add(
        menu, Texts::later("&Paste the look"), keys("Ctrl+Alt+Shift+V"),
        [&window] {
            const Form &form = window.document()->form();
            const QList<ControlId> selected = window.board()->selection().controls();
            window.document()->apply(Texts::tr("Paste a look"),
                                     withRoomForType(withLookOfClipboard(form, selected), selected, window.appearance(),
                                                     {form, window.appearance()}));
        },
        When::WithControl);
    commands.add(
        menu, Texts::later("&As the look says"), keys("Ctrl+Alt+0"),
        [&window] {
            window.document()->apply(Texts::tr("As the look says"),
                                     withoutPinsAndStyle(window.document()->form(),
                                                         window.board()->selection().controls(), window.appearance()));
        },
        When::WithControl);
    menu->addSeparator();
    QMenu *styles = menu->addMenu(Texts::tr("St&yle"));
    QList<QAction *> keyed;
    for (int i = 0; i < KeyedStyles; ++i) {
        keyed.append(commands.add(
            styles, {Texts::tr("Style %1").arg(i + 1), QStringLiteral("style %1").arg(i + 1)},
            QKeySequence(QStringLiteral("Ctrl+Alt+Shift+%1").arg(i + 1)),
            [&window, i] {
                const Styles &all = window.appearance().styles();
                if (i < all.size()) {
                    window.document()->apply(Texts::tr("Take the style “%1”").arg(all.at(i).name),
                                             withStyle(window.document()->form(),
                                                       window.board()->selection().controls(), all.at(i).name,
                                                       window.appearance()));
                }
            },
            When::WithControl));
    }
    commands.add(
        menu, Texts::later("&Keep as a style…"), keys("Ctrl+Shift+E"),
        [&window] { window.lookView().keepAsStyle(window.board()->selection().controls(), &window); },
        When::WithControl);
    commands.add(
        menu, Texts::later("Where styles are &used…"), QKeySequence(), [&window] { window.uses().showStyles(); },
        When::InDesign);
    commands.follow([&window, looks, keyed, paste] {
        paste->setEnabled(paste->isEnabled() && clipboardHasLook());
        looks->setChecked(window.showsLooks());
        const Styles &all = window.appearance().styles();
        for (int i = 0; i < KeyedStyles; ++i) {
            keyed.at(i)->setVisible(i < all.size());
            if (i < all.size()) {
                keyed.at(i)->setText(all.at(i).name);
            }
        }
    });
}

} // namespace nabblet

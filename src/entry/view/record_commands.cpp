#include "entry/view/record_commands.h"

#include "core/text/tr.h"
#include "entry/cells/import_sheet.h"
#include "entry/cells/together.h"
#include "entry/export/save_rows.h"
#include "entry/mail/send_sheet.h"
#include "entry/print/print_window.h"
#include "entry/records/what_i_did.h"
#include "entry/view/entry_view.h"
#include "entry/view/keys_here.h"
#include "entry/view/lookup_form.h"

namespace nabblet {

namespace {

bool hasBox(const EntryView &view)
{
    return view.viewInHand()->boxInHand() != nullptr;
}

bool hasChosen(const EntryView &view)
{
    return !view.viewInHand()->chosenRows().isEmpty();
}

bool hasWanted(const EntryView &view)
{
    return !view.session()->state().wanted.isEmpty();
}

void sayUnless(EntryView &view, bool isDone, const QString &sentence)
{
    if (!isDone) {
        Q_EMIT view.session()->said(sentence);
    }
}

// Something done with the box that has the keyboard.
template <typename Do> void withBox(EntryView &view, Do act)
{
    EntryView *at = view.viewInHand();
    if (const Control *box = at->boxInHand()) {
        act(*at->session(), *box);
    } else {
        Q_EMIT view.session()->said(Texts::tr("Go into a box first."));
    }
}

} // namespace

const QList<RecordCommand> &recordCommands()
{
    static const QList<RecordCommand> all{
        {"goFirst", Texts::later("&First"), "Ctrl+Home", [](EntryView &view) { view.session()->moves().goFirst(); },
         [](const EntryView &view) { return view.session()->moves().canGoBack(); }},
        {"goPrevious", Texts::later("&Previous"), "PgUp", [](EntryView &view) { view.session()->moves().goPrevious(); },
         [](const EntryView &view) { return view.session()->moves().canGoBack(); }, true},
        {"goNext", Texts::later("&Next"), "PgDown", [](EntryView &view) { view.session()->moves().goNext(); },
         [](const EntryView &view) { return view.session()->moves().canGoOn(); }, true},
        {"goLast", Texts::later("&Last"), "Ctrl+End", [](EntryView &view) { view.session()->moves().goLast(); },
         [](const EntryView &view) { return view.session()->moves().canGoLast(); }},
        {"toList", Texts::later("To the &list of records"), "Ctrl+L",
         [](EntryView &view) {
             sayUnless(view, view.focusRecordList(), Texts::tr("This form has no list of records beside it."));
         }},
        {"findRecord", Texts::later("F&ind…"), "Ctrl+F", [](EntryView &view) { view.askAndFind(); }, nullptr, false,
         true, true},
        {"askBox", Texts::later("&Only with such a value…"), "F3", [](EntryView &view) { view.askAboutBox(); }, hasBox},
        {"askForm", Texts::later("Look for by the for&m…"), "Ctrl+F3", [](EntryView &view) { view.askForm(); }},
        {"keptQuestions", Texts::later("&Kept questions…"), "Ctrl+Shift+F3",
         [](EntryView &view) { view.showKeptQuestions(); }},
        {"allRecords", Texts::later("&All records again"), "Shift+F3", [](EntryView &view) { view.want({}); },
         hasWanted},
        {"sortUp", Texts::later("Sort &by this box"), "Ctrl+Shift+Up", [](EntryView &view) { view.sortByBox(false); },
         hasBox},
        {"sortDown", Texts::later("Sort by this box, the last first"), "Ctrl+Shift+Down",
         [](EntryView &view) { view.sortByBox(true); }, hasBox},
        {"repeatBox", Texts::later("&Repeat from the record before"), "F11",
         [](EntryView &view) {
             withBox(view, [&view](EntrySession &session, const Control &box) {
                 sayUnless(view, session.typing().repeat(box),
                           Texts::tr("There is no record before, or nothing to be typed here."));
             });
         },
         hasBox, false, true},
        {"repeatBlank", Texts::later("Repeat in all blank boxes"), "Shift+F11",
         [](EntryView &view) {
             sayUnless(view, view.viewInHand()->session()->typing().repeatBlank(),
                       Texts::tr("There is no record before, or no box is blank."));
         }},
        {"putInToday", Texts::later("Put in to&day"), "F12",
         [](EntryView &view) {
             withBox(view, [&view](EntrySession &session, const Control &box) {
                 sayUnless(view, session.typing().putInToday(box), Texts::tr("This box takes no date."));
             });
         },
         hasBox},
        {"putInNow", Texts::later("Put in the time no&w"), "Shift+F12",
         [](EntryView &view) {
             withBox(view, [&view](EntrySession &session, const Control &box) {
                 sayUnless(view, session.typing().putInNow(box), Texts::tr("This box takes no date and no time."));
             });
         },
         hasBox},
        {"keepForNext", Texts::later("Keep this value for ne&w records"), "Ctrl+Alt+P",
         [](EntryView &view) {
             withBox(view, [&view](EntrySession &session, const Control &box) {
                 const bool keeps = !session.state().keptForNext.contains(box.column);
                 session.typing().keepForNext(box, keeps);
                 Q_EMIT view.session()->said((keeps ? Texts::tr("New records take over “%1” from the one before.")
                                                    : Texts::tr("New records do not take over “%1” any more."))
                                                 .arg(session.state().captionFor(box.column)));
             });
         },
         hasBox},
        {"openLookedUp", Texts::later("&Open what this box shows…"), "Ctrl+Alt+O",
         [](EntryView &view) { openRowLookedUp(view); }, hasBox},
        {"addLookedUp", Texts::later("Add to the &choices of this box…"), "Ctrl+Alt+A",
         [](EntryView &view) { addRowLookedUp(view); }, hasBox},
        {"addRecord", Texts::later("Add &new"), "Ctrl+N", [](EntryView &view) { view.addRecord(); },
         [](const EntryView &view) { return view.session()->state().canAdd(); }, false, true},
        {"addLike", Texts::later("Add one l&ike this"), "Ctrl+Alt+N", [](EntryView &view) { view.addLike(); },
         [](const EntryView &view) { return view.session()->state().canAdd(); }},
        {"changeTogether", Texts::later("Chan&ge this box in all chosen or shown…"), "Ctrl+Alt+G",
         [](EntryView &view) {
             EntryView *at = view.viewInHand();
             if (const Control *box = at->boxInHand()) {
                 changeTogether(*at->session(), *box, at->chosenRows(), &view);
             } else {
                 Q_EMIT view.session()->said(Texts::tr("Go into a box first."));
             }
         },
         hasBox},
        {"fillDown", Texts::later("&Fill down in the chosen rows…"), "Ctrl+Alt+F",
         [](EntryView &view) {
             EntryView *at = view.viewInHand();
             if (const Control *box = at->boxInHand()) {
                 fillDown(*at->session(), *box, at->chosenRows(), &view);
             } else {
                 Q_EMIT view.session()->said(Texts::tr("Go into a box first."));
             }
         },
         hasChosen},
        {"chooseRow", Texts::later("Choose this row as well"), "Ctrl+Space",
         [](EntryView &view) { view.viewInHand()->chooseRowInHand(); }},
        {"deleteTogether", Texts::later("Delete all shown…"), "",
         [](EntryView &view) { (void)deleteTogether(*view.session(), {}, &view); }, hasWanted},
        {"deleteRecord", Texts::later("D&elete…"), "Ctrl+Del", [](EntryView &view) { view.askAndDelete(); },
         [](const EntryView &view) { return view.session()->state().canDelete(); }},
        {"takeBack", Texts::later("&Take back"), "Ctrl+Backspace",
         [](EntryView &view) { view.session()->takingBack().takeBack(); },
         [](const EntryView &view) { return view.session()->takingBack().canTakeBack(); }},
        {"copyCells", Texts::later("&Copy as cells"), "Ctrl+Alt+C",
         [](EntryView &view) { view.viewInHand()->copyCells(); }},
        {"print", Texts::later("&Print…"), "Ctrl+P",
         [](EntryView &view) { showPrintWindow(*view.session(), view.appearance(), &view); }, nullptr, false, true},
        {"saveRows", Texts::later("Save the rows as a &file…"), "Ctrl+Alt+S",
         [](EntryView &view) { (void)askAndSaveRows(*view.viewInHand()->session(), {}, &view); }},
        {"importRows", Texts::later("Rows from a f&ile…"), "Ctrl+Alt+I",
         [](EntryView &view) { askAndImport(*view.viewInHand()->session(), &view); }},
        {"outbox", Texts::later("Messages that wai&t…"), "",
         [](EntryView &view) { showOutbox(*view.session(), &view); }, nullptr, false, false, true},
        {"whatIDid", Texts::later("What I &did…"), "Ctrl+Alt+Backspace",
         [](EntryView &view) { showWhatIDid(*view.session(), &view); }},
        {"ownWay", Texts::later("M&y own way of this form…"), "Ctrl+Alt+W",
         [](EntryView &view) { view.viewInHand()->askForOwnWay(); }, nullptr, false, true},
        {"keysHere", Texts::later("Keys that work here…"), "F1", [](EntryView &view) { showKeysHere(view); }, nullptr,
         false, false, true},
    };
    return all;
}

void runRecordCommand(const RecordCommand &command, EntryView &view)
{
    if (view.isAsking()) {
        Q_EMIT view.session()->said(Texts::tr("Enter shows the records that are asked for, Escape goes back to them."));
    } else {
        command.run(view);
    }
}

QString recordCommandTitle(const RecordCommand &command)
{
    return Texts::tr(command.title);
}

QKeySequence recordCommandKeys(const RecordCommand &command)
{
    return QKeySequence(QString::fromLatin1(command.keys));
}

} // namespace nabblet

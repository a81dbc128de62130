#include "entry/view/keys_here.h"

#include "core/kinds/control_names.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "entry/theme/sheet.h"
#include "entry/view/entry_view.h"
#include "entry/view/key_list.h"
#include "entry/view/record_commands.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace nabblet {

namespace {

Keys keysOfBox(const Control &box)
{
    const Editor editor = kindNamed(box.kind).editor;
    Keys keys;
    const auto add = [&](const QString &key, const QString &does) { keys.append({key, does}); };
    const bool isMoment = box.kind.startsWith(QLatin1String("date")) || box.kind == QLatin1String("time");
    const bool isNumber = box.kind == QLatin1String("whole-number") || box.kind == QLatin1String("decimal-number");
    if (isMoment) {
        add(QStringLiteral("5/3, fri, +14"), Texts::tr("a day of this year, the next such day, days from today"));
        add(Texts::tr("Up, Down"), Texts::tr("the part in which the cursor is, one on or back"));
        if (box.kind != QLatin1String("time")) {
            add(QStringLiteral("F4"), Texts::tr("opens the calendar"));
        }
    }
    if (isNumber) {
        add(QStringLiteral("12*3.5"), Texts::tr("a sum is worked out when the box is left"));
        add(Texts::tr("Up, Down"), Texts::tr("one more or less"));
    }
    if (editor == Editor::Choice || lookupOf(box)) {
        add(Texts::tr("Letters"), Texts::tr("narrow the choices down"));
        add(QStringLiteral("F4"), Texts::tr("opens the list; Enter takes a choice and goes on"));
    }
    if (editor == Editor::Tick) {
        add(Texts::tr("Space"), Texts::tr("ticks it or takes the tick away"));
    }
    if (editor == Editor::LongText) {
        add(Texts::tr("Enter"), Texts::tr("a new line; Tab goes on"));
        add(QStringLiteral("F2"), Texts::tr("opens it in a window of its own"));
    } else {
        add(Texts::tr("Tab, Enter"), Texts::tr("goes on to the next box; Shift+Tab goes back"));
    }
    if (editor == Editor::Image) {
        add(QStringLiteral("F2"), Texts::tr("shows the picture large; + and − there"));
        add(QStringLiteral("Ctrl+V"), Texts::tr("puts in the picture from the clipboard"));
    }
    if (box.kind == QLatin1String("link")) {
        add(Texts::tr("Ctrl+Enter"), Texts::tr("opens what the address leads to"));
    }
    add(Texts::tr("Esc"), Texts::tr("puts this box back as it is stored"));
    return keys;
}

QList<KeyGroup> keysFor(const EntryView &view)
{
    QList<KeyGroup> groups;
    const EntryView *at = view.viewInHand();
    if (const Control *box = at->boxInHand()) {
        groups.append({Texts::tr("In “%1”").arg(calledFor(at->session()->form(), *box)), keysOfBox(*box)});
    }
    if (isTabular(at->session()->form())) {
        groups.append(
            {Texts::tr("In the rows"),
             {{Texts::tr("Up, Down"), Texts::tr("the row above or below")},
              {Texts::tr("Ctrl+arrows"), Texts::tr("the box above, below or beside, whatever the box is")},
              {Texts::tr("Shift+Up, Shift+Down"), Texts::tr("choose several rows; Escape lets go of them")},
              {Texts::tr("PgUp, PgDown"), Texts::tr("as many rows as are in sight")},
              {Texts::tr("Ctrl+V"), Texts::tr("rows that were copied from a sheet of cells come in, after a look")},
              {Texts::tr("a click on a head"), Texts::tr("sorts by it, and once more the other way round")}}});
    }
    Keys keys{{QKeySequence(QKeySequence::Save).toString(QKeySequence::NativeText), Texts::tr("Save")}};
    for (const RecordCommand &each : recordCommands()) {
        const QString pressed = recordCommandKeys(each).toString(QKeySequence::NativeText);
        if (!pressed.isEmpty()) {
            keys.append({pressed, recordCommandTitle(each).remove(u'&').remove(QStringLiteral("…"))});
        }
    }
    groups.append({Texts::tr("On the whole form"), keys});
    return groups;
}

} // namespace

QString keysCard(const EntryView &view)
{
    return keyCard(Texts::tr("Keys of “%1”").arg(view.session()->form().title), keysFor(view));
}

void showKeysHere(EntryView &view)
{
    QDialog sheet(&view);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("keysHere"), Texts::tr("Keys that work here"), {640, 600});
    QTreeWidget *list = makeKeyList(keysFor(view), sheet.windowTitle());
    auto *buttons = new QDialogButtonBox;
    QPushButton *print = buttons->addButton(Texts::tr("&Print them…"), QDialogButtonBox::ActionRole);
    print->setObjectName(QStringLiteral("printKeys"));
    print->setAutoDefault(false);
    QObject::connect(print, &QPushButton::clicked, &sheet, [&] {
        printKeyCard(Texts::tr("Keys of “%1”").arg(view.session()->form().title), keysFor(view), &sheet);
    });
    buttons->addButton(Texts::tr("Close"), QDialogButtonBox::RejectRole);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    column->addWidget(list, 1);
    column->addWidget(buttons);
    list->setFocus();
    sheet.exec();
}

} // namespace nabblet

// What buttons do, in one table: an action is one line there, and one in entry/button_work.
#pragma once

#include "core/model/control.h"

#include <QList>
#include <QString>

namespace nabblet {

enum class ButtonAction {
    Nothing,
    First,
    Previous,
    Next,
    Last,
    New,
    Save,
    TakeBack,
    Delete,
    Find,
    Close,
    OpenForm, // another form of the project, at the matching record
    OpenRows, // the rows that belong to the record, on the form inside the button
};

struct ButtonActionEntry
{
    ButtonAction action = ButtonAction::Nothing;
    QString name;        // in files: "go-next"
    const char *title;   // in English: what it does, for whoever chooses; buttonActionTitle() translates
    const char *caption; // in English: what stands on the button; buttonActionCaption() translates
};

// All of them, in the order in which they stand on a row of buttons.
const QList<ButtonActionEntry> &buttonActions();
const ButtonActionEntry &entryOf(ButtonAction action);
QString buttonActionTitle(ButtonAction action);
QString buttonActionCaption(ButtonAction action);

// What a button does. One that holds a form opens its rows unless it says otherwise.
ButtonAction buttonActionOf(const Control &button);
void setButtonAction(Control &button, ButtonAction action);

namespace setting {

extern const ControlSetting<ButtonAction> Action;

} // namespace setting

// The buttons that are placed together: those for going through the records, and those for the record in hand.
struct ButtonRow
{
    QString name;      // as a thing to place: "buttons-to-go"
    const char *title; // in English; buttonRowTitle() translates
    QList<ButtonAction> actions;
};
const QList<ButtonRow> &buttonRows();
const ButtonRow *buttonRowNamed(const QString &name); // or nullptr
QString buttonRowTitle(const ButtonRow &row);

} // namespace nabblet

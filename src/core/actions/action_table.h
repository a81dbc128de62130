// Every action, in the order in which people choose among them: the functions that give each, one a file in each/. A
// new action is added here, once.
#pragma once

#include "core/actions/button_action.h"
#include "core/model/control.h"
#include "core/result.h"

#include <QList>
#include <QString>

#define NABBLET_ACTIONS(ACTION)                                                                                        \
    ACTION(noAction)                                                                                                   \
    ACTION(goFirstAction)                                                                                              \
    ACTION(goPreviousAction)                                                                                           \
    ACTION(goNextAction)                                                                                               \
    ACTION(goLastAction)                                                                                               \
    ACTION(findAction)                                                                                                 \
    ACTION(newRecordAction)                                                                                            \
    ACTION(saveAction)                                                                                                 \
    ACTION(saveAndCloseAction)                                                                                         \
    ACTION(takeBackAction)                                                                                             \
    ACTION(deleteAction)                                                                                               \
    ACTION(closeAction)                                                                                                \
    ACTION(openFormAction)                                                                                             \
    ACTION(openRowsAction)                                                                                             \
    ACTION(sendAction)                                                                                                 \
    ACTION(printAction)                                                                                                \
    ACTION(saveAsAction)                                                                                               \
    ACTION(putInAction)                                                                                                \
    ACTION(workOutAction)                                                                                              \
    ACTION(readAgainAction)                                                                                            \
    ACTION(goToPageAction)                                                                                             \
    ACTION(addRowAction)                                                                                               \
    ACTION(openLinkAction)                                                                                             \
    ACTION(runStatementAction)                                                                                         \
    ACTION(runProgramAction)

namespace nabblet {

#define NABBLET_DECLARE(action) ButtonAction action();
NABBLET_ACTIONS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

const QList<ButtonAction> &buttonActions();
// The action with that name, or the one that does nothing.
const ButtonAction &buttonActionNamed(const QString &name);
QString buttonActionTitle(const ButtonAction &action);
QString buttonActionCaption(const ButtonAction &action);

// What a button does. One that holds a form opens its rows unless it says otherwise.
const ButtonAction &buttonActionOf(const Control &button);
void setButtonAction(Control &button, const ButtonAction &action);

// One thing after the other that a button does.
struct ButtonStep
{
    QString action; // by its name
    QString with;   // what it is told

    bool operator==(const ButtonStep &) const = default;
};
// What a button does, from the first to the last.
QList<ButtonStep> buttonStepsOf(const Control &button);
// A step as builders write it: "Save the record", "Go to a page of the form: Details". Read by the title or the name.
QString stepInWords(const ButtonStep &step);
Result<ButtonStep> stepFromWords(const QString &words);

namespace setting {

extern const ControlSetting<QString> Action;            // by its name
extern const ControlSetting<QString> With;              // what it is told
extern const ControlSetting<QString> Asks;              // a question that comes before, or empty
extern const ControlSetting<QString> Key;               // that presses the button: "Ctrl+Shift+1"
extern const ControlSetting<QList<ButtonStep>> Further; // what it does behind its action

} // namespace setting

} // namespace nabblet

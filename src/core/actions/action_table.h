// Every action, in the order in which people choose among them: the functions that give each, one a file in each/. A
// new action is added here, once.
#pragma once

#include "core/actions/button_action.h"
#include "core/model/control.h"

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
    ACTION(openRowsAction)

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

namespace setting {

extern const ControlSetting<QString> Action; // by its name

} // namespace setting

} // namespace nabblet

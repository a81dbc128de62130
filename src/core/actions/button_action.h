// What a button does.
#pragma once

#include "core/actions/form_at_work.h"

#include <QString>

namespace nabblet {

// What a button must have for an action, besides the action.
enum class ActionNeeds {
    Nothing,
    ProjectForm, // the name of another form of the project
    InnerForm,   // a form inside the button
};

struct ButtonAction
{
    QString name;        // in files: "go-next"
    const char *title;   // in English: what it does, for whoever chooses; buttonActionTitle() translates
    const char *caption; // in English: what stands on the button; buttonActionCaption() translates
    const char *drawing; // its line drawing, in the strokes of DrawingStroke; empty for none
    bool (*isOfUse)(const FormAtWork &form);
    // Gives whether it was done; with: what the button says for it.
    bool (*work)(FormAtWork &form, const QString &with);
    ActionNeeds needs = ActionNeeds::Nothing;
    const char *with = nullptr;     // in English: what it wants to be told, such as a page; nullptr for nothing
    const char *example = nullptr;  // in English: how that is written
    bool isToldWordsOfForm = false; // captions and titles of the form, which are others in other languages
};

} // namespace nabblet

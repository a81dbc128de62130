// The outline of a form as a value: the form, its bands with what stands in them, its rails. What can be done in it – a
// new name, another place – are functions of the form.
#pragma once

#include "core/arrange/containers.h"
#include "core/model/form.h"

#include <QList>
#include <QString>

#include <optional>

namespace nabblet {

struct OutlineNode
{
    enum Sort { TheForm, ABand, TheRails, ARail, AControl, APage } sort = TheForm;
    int id = 0;         // of the band's role, the rail, the control, or the control whose page it is
    int page = 0;       // of tab pages
    QString title;      // as it is shown, and renamed
    QString words;      // of a control: what people read there
    QString saidAloud;  // for screen readers; empty: the title
    bool holds = false; // whether what is dropped here goes into it
    QList<OutlineNode> inside;

    bool operator==(const OutlineNode &other) const;
};

// Fields stand in their tab order; what Tab does not visit comes behind. Captions are not told apart from their fields.
OutlineNode outlineOf(const Form &form);

// An edit with the name of its step.
struct OutlineEdit
{
    QString step;
    Form form;
};

// The form with another name for a node; nothing where the node has none.
std::optional<OutlineEdit> renamed(const Form &form, const OutlineNode &node, const QString &title);

// The form with controls dropped on a node, or in it before another control (0: at its end). Where they are in it
// already, the tab order becomes that; else they go into it, below what stands there.
std::optional<OutlineEdit> dropped(const Form &form, const QList<ControlId> &controls, const OutlineNode &on,
                                   ControlId before);

} // namespace nabblet

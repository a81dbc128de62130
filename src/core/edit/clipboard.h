// Controls taken from one form and put on another, as open text: a clip is a small form in the form file's own JSON, so
// that it can be read, kept and edited anywhere.
#pragma once

#include "core/arrange/containers.h"
#include "core/model/form.h"
#include "core/result.h"

#include <QByteArray>
#include <QPoint>

namespace nabblet {

// A form of the controls named, with their captions, the rails they ride and the columns they are bound to.
Form clipOf(const Form &form, const QList<ControlId> &controls);

QByteArray clipText(const Form &form, const QList<ControlId> &controls);
Result<Form> readClip(const QByteArray &text);

struct Pasted
{
    Form form;
    QList<ControlId> controls; // the new ones, in the order of the clip
};

// Puts the controls of a clip on a form, moved by a distance from where they stood; into the body where the form has
// not their band, or into a container, at its corner where they would stand outside it. They get new names by the
// pattern and ride the form's rails of the same name, or those they stand on.
Pasted pasted(const Form &form, const Form &clip, QPoint distance, const QString &namingPattern, const Area &into = {});

} // namespace nabblet

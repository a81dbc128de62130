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

// How far a clip goes from where it stood, px, so that it stands clear of all else in an area: moved by a distance, and
// down from there as far as it takes.
QPoint wayToFreePlace(const Form &form, const Form &clip, const Area &into, QPoint distance);
// The same from below these controls, with its first box at x; or with its top left corner at a point.
QPoint wayBelow(const Form &form, const Form &clip, const Area &into, const QList<ControlId> &controls, int x);
QPoint wayToPoint(const Form &form, const Form &clip, const Area &into, QPoint point);
// The place of its first box, relative to its band.
QRect firstBoxOf(const Form &clip);
// Of controls that came together, those that stand in none of the others.
QList<ControlId> outermostOf(const Form &form, const QList<ControlId> &controls);

} // namespace nabblet

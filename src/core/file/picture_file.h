// Picture files that become part of a form, and those that a form refers to.
#pragma once

#include "core/kinds/settings/fixed_picture.h"
#include "core/model/form.h"
#include "core/result.h"

#include <QByteArray>
#include <QDir>

namespace nabblet {

// The bytes of a picture for a form. The error says why it cannot be read, or that it is too large: every copy of the
// form carries it.
Result<QByteArray> readPictureForForm(const QString &path);

// A picture for a form that is saved in a folder: by reference where the file is inside the project, else as part of
// the form. An empty path gives none.
Result<FixedPicture> pictureFromFile(const QString &path, const QString &formFolder, const QString &projectFolder);

// A form with the pictures read to which it refers from its folder, in the forms inside too. What cannot be read stays
// without.
Form withPicturesRead(const Form &form, const QDir &folder);
// A form with the pictures as a part of it whose files are not where it refers to, seen from a folder: nothing is lost
// where a form is saved elsewhere.
Form withPicturesKept(const Form &form, const QDir &folder);
// The same with all pictures as a part of it, for taking it anywhere.
Form withPicturesInside(const Form &form);

} // namespace nabblet

#include "core/file/picture_file.h"

#include "core/file/whole_file.h"
#include "core/looks/dressing/ground_picture.h"
#include "core/text/tr.h"

#include <QFileInfo>

#include <functional>

namespace nabblet {

namespace {

using PictureChange = std::function<FixedPicture(const FixedPicture &)>;

ControlSettings withGroundChanged(ControlSettings settings, const PictureChange &change)
{
    if (const GroundPicture *ground = settings.get(setting::GroundImage); ground && !ground->picture.file.isEmpty()) {
        GroundPicture changed = *ground;
        changed.picture = change(ground->picture);
        settings.set(setting::GroundImage, changed);
    }
    return settings;
}

// All pictures by reference of a form changed, in the forms inside too.
Form withPicturesChanged(const Form &form, const PictureChange &change)
{
    Form result = form;
    result.settings = withGroundChanged(form.settings, change);
    for (Band &band : result.bands) {
        band.settings = withGroundChanged(band.settings, change);
    }
    // A list of its own: what refers to the same file counts as equal, whatever was read from it.
    result.controls = {};
    for (int i = 0; i < form.controls.size(); ++i) {
        const FixedPicture *picture = form.controls.at(i).settings.get(setting::Image);
        const bool refers = picture && !picture->file.isEmpty();
        if (!refers && !form.controls.at(i).inner) {
            result.controls.appendShared(form.controls, i);
            continue;
        }
        Control control = form.controls.at(i);
        if (refers) {
            control.settings.set(setting::Image, change(*picture));
        }
        if (const Form *inner = control.inner.get()) {
            control.inner = InnerForm(withPicturesChanged(*inner, change));
        }
        result.controls.append(control);
    }
    if (form.rowForm) {
        result.rowForm = InnerForm(withPicturesChanged(*form.rowForm.get(), change));
    }
    return result;
}

} // namespace

Result<QByteArray> readPictureForForm(const QString &path)
{
    constexpr qsizetype Largest = 2 * 1024 * 1024; // bytes
    Result<QByteArray> read = readWholeFile(path);
    if (read && read->size() > Largest) {
        return Error{Texts::tr("%1 is too large to be part of a form: at most 2 MB. Make it smaller first.").arg(path),
                     {}};
    }
    return read;
}

Result<FixedPicture> pictureFromFile(const QString &path, const QString &formFolder, const QString &projectFolder)
{
    if (path.isEmpty()) {
        return FixedPicture();
    }
    const Result<QByteArray> image = readPictureForForm(path);
    if (!image) {
        return image.error();
    }
    const QString project = QFileInfo(projectFolder).canonicalFilePath();
    const bool isInside =
        !formFolder.isEmpty() && !project.isEmpty() && QFileInfo(path).canonicalFilePath().startsWith(project + u'/');
    return FixedPicture{*image, isInside ? QDir(formFolder).relativeFilePath(path) : QString()};
}

Form withPicturesRead(const Form &form, const QDir &folder)
{
    return withPicturesChanged(form, [&](const FixedPicture &picture) {
        const Result<QByteArray> image = QDir::isRelativePath(picture.file)
                                             ? readPictureForForm(folder.filePath(picture.file))
                                             : Result<QByteArray>(QByteArray());
        return FixedPicture{image ? *image : QByteArray(), picture.file};
    });
}

Form withPicturesKept(const Form &form, const QDir &folder)
{
    return withPicturesChanged(form, [&](const FixedPicture &picture) {
        const bool isLost = !picture.image.isEmpty() && !QFileInfo::exists(folder.filePath(picture.file));
        return isLost ? FixedPicture{picture.image, {}} : picture;
    });
}

Form withPicturesInside(const Form &form)
{
    return withPicturesChanged(form, [](const FixedPicture &picture) {
        return picture.image.isEmpty() ? picture : FixedPicture{picture.image, {}};
    });
}

} // namespace nabblet

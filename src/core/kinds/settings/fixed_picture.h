// A picture of the builder's, such as a logo: part of the form, or a file of the project to which the form refers.
#pragma once

#include "core/model/control.h"

#include <QByteArray>

namespace nabblet {

struct FixedPicture
{
    QByteArray image; // encoded; empty for none, or where its file is not there
    QString file;     // as seen from the form's folder; empty where the picture is part of the form

    bool isEmpty() const { return image.isEmpty() && file.isEmpty(); }
    bool operator==(const FixedPicture &) const = default;
};

// In files: the picture in base64, or {"file": "../pictures/logo.png"}.
std::optional<FixedPicture> readFixedPicture(const QJsonValue &json);
QJsonValue writeFixedPicture(const FixedPicture &picture); // Undefined for none
// What it is, for builders: how large, and where it is kept.
QString fixedPictureInWords(const FixedPicture &picture);

// Of a control: the encoded picture; empty where the control shows a column.
QByteArray fixedImage(const Control &control);
bool hasFixedPicture(const Control &control);

namespace setting {

extern const ControlSetting<FixedPicture> Image;

} // namespace setting

} // namespace nabblet

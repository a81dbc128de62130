#include "core/file/picture_file.h"

#include "core/file/whole_file.h"
#include "core/text/tr.h"

namespace nabblet {

NABBLET_TEXTS(PictureFile)

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

} // namespace nabblet

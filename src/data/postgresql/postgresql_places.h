// Places for values: "?" as statements of this program have them, "$1" as the server takes them.
#pragma once

#include <QString>

namespace nabblet {

// Every question mark outside texts, names and comments becomes the next place; two of them in a row are one that means
// itself, as an operator of JSON does.
QString withNumberedPlaces(const QString &sql);
// A text of the builder's own with its question marks doubled, so that they mean themselves.
QString withPlainQuestionMarks(const QString &sql);

} // namespace nabblet

// What the colours of a look are called, in its file and for people.
#pragma once

#include "core/model/look.h"

#include <QString>

namespace nabblet {

struct InkName
{
    const char *token; // in files: color.light.paper
    const char *words; // in English
    const char *group; // in English, where it stands in a list of colours
};

const InkName &inkName(Ink ink);

// A text of these in the language of the person.
QString lookText(const char *english);
// What a role of text is called for people, in English.
const char *textRoleWords(TextRole role);

} // namespace nabblet

// What a look sets besides colours and kinds of type (core/model/look.h): figures for all that is painted in it, such
// as how round corners are. Some are a choice among a few, as its number.
#pragma once

#include "core/model/look.h"

#include <initializer_list>

namespace nabblet {

// A choice: its name in files, and in English for people.
struct LookChoice
{
    const char *name;
    const char *words;
};

struct LookSetting
{
    const char *name;  // in a look
    const char *path;  // its token in a look's file; one that begins with $ is kept among the extensions
    const char *words; // in English, as `help`
    const char *help;
    int usual; // where a look does not set it
    int least;
    int most;
    QList<LookChoice> choices = {}; // empty: a number of px
};

// What a look sets, within the setting's limits.
int lookFigure(const Look &look, const LookSetting &setting);

// How the edge of a box, a button or a group stands out from its ground.
enum class EdgeShape { Flat, Inset, Raised, Shadow };
// The edge of that number.
EdgeShape edgeFigure(const Look &look, const LookSetting &setting);

} // namespace nabblet

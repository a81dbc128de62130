// What a button sends, as its builder writes it: names of columns in braces are filled in.
#pragma once

#include "core/model/control.h"

namespace nabblet {

enum class Attached { Nothing, Pdf, Csv, Json };

struct Mail
{
    QString to;      // addresses with commas between them
    QString subject; // …
    QString text;
    Attached attached = Attached::Nothing; // the record

    bool operator==(const Mail &) const = default;
};

namespace setting {

extern const ControlSetting<Mail> Message;

} // namespace setting

} // namespace nabblet

// The sheet on which a person says how they want a form.
#pragma once

#include "core/own_way/own_way.h"

#include <functional>
#include <optional>

class QWidget;

namespace nabblet {

struct OwnWayAsked
{
    Form built; // the form as it was built
    OwnWay now;
    std::function<QString(const Control &)> whyNotHidden; // why a box must be there; empty where it need not
    std::function<void(const OwnWay &)> show;             // shows the form so while the sheet is open
};

// What the person wants; nothing where they went back.
std::optional<OwnWay> askForOwnWay(const OwnWayAsked &asked, QWidget *parent);

} // namespace nabblet

#include "designer/board/scene/hold_signs.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

QString words(Direction direction, std::optional<Holding> holding)
{
    const bool isAcross = direction == Direction::Across;
    if (!holding) {
        return isAcross ? Texts::tr("When the window gets wider: as its rails do. Click to have it stay.")
                        : Texts::tr("When the window gets higher: as its rails do. Click to have it stay.");
    }
    switch (*holding) {
    case Holding::Stays:
        return isAcross ? Texts::tr("When the window gets wider, it stays. Click to have it move.")
                        : Texts::tr("When the window gets higher, it stays. Click to have it move.");
    case Holding::Moves:
        return isAcross ? Texts::tr("It moves with the right edge. Click to have it stretch.")
                        : Texts::tr("It moves with the bottom. Click to have it stretch.");
    case Holding::Stretches:
        return isAcross ? Texts::tr("It gets wider with the window. Click to have it keep its share.")
                        : Texts::tr("It gets higher with the window. Click to have it keep its share.");
    case Holding::KeepsShare:
        return isAcross ? Texts::tr("It keeps its share of the width. Click to have it stay.")
                        : Texts::tr("It keeps its share of the height. Click to have it stay.");
    }
    return {};
}

Holding next(std::optional<Holding> holding)
{
    if (!holding) {
        return Holding::Stays;
    }
    switch (*holding) {
    case Holding::Stays:
        return Holding::Moves;
    case Holding::Moves:
        return Holding::Stretches;
    case Holding::Stretches:
        return Holding::KeepsShare;
    case Holding::KeepsShare:
        break;
    }
    return Holding::Stays;
}

} // namespace

QString holdingWords(const Form &form, ControlId control, Direction direction)
{
    const Control *found = form.controls.find(control);
    return found ? words(direction, holdingOf(form, *found, direction)) : QString();
}

Form withNextHolding(const Form &form, const QList<ControlId> &controls, ControlId lead, Direction direction)
{
    const Control *found = form.controls.find(lead);
    return found ? withHolding(form, controls, direction, next(holdingOf(form, *found, direction))) : form;
}

} // namespace nabblet

#include "designer/board/drags/drag_kinds.h"

namespace nabblet {

namespace {

struct DragOfHit
{
    Hit::Kind hit;
    DragMaker make;
};

// One line for each thing that a press takes hold of.
constexpr DragOfHit Drags[] = {
    {Hit::Control, makeControlsDrag},  {Hit::CaptionHandle, makeCaptionDrag}, {Hit::Handle, makeResizeDrag},
    {Hit::RailKnob, makeRailDrag},     {Hit::Ruler, makeNewRailDrag},         {Hit::SideRuler, makeNewRailDrag},
    {Hit::Placing, makePlacingDrag},   {Hit::Tracing, makeTracingDrag},       {Hit::Divider, makeDividerDrag},
    {Hit::FormEdge, makeFormEdgeDrag}, {Hit::BandEdge, makeBandEdgeDrag},     {Hit::TabBadge, makeTabNumberDrag},
    {Hit::Inside, makeBoxDrag},        {Hit::Nothing, makeBoxDrag},           {Hit::GapPill, makePillPress},
    {Hit::Spine, makeSpinePress},
};

} // namespace

std::unique_ptr<BoardDrag> makeDrag(BoardHost &board, const Hit &hit, QPoint inViewport,
                                    Qt::KeyboardModifiers modifiers)
{
    for (const DragOfHit &drag : Drags) {
        if (drag.hit == hit.kind) {
            return drag.make(board, hit, inViewport, modifiers);
        }
    }
    return nullptr;
}

} // namespace nabblet

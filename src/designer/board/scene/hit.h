// What is under the mouse on the board.
#pragma once

#include "designer/board/scene/board_scene.h"

namespace nabblet {

struct Hit
{
    enum Kind {
        Nothing,
        Control,
        Inside, // a container, between what stands in it
        Handle,
        CaptionHandle,
        HoldSign,
        GapPill,
        TabBadge,
        RailKnob,
        Ruler,
        SideRuler,
        BandEdge,
        FormEdge,
        Spine,
        AddBand,
        Divider,
        Tracing,
        Placing // a new control is being put down
    } kind = Nothing;
    ControlId control = 0;
    Edges edges;
    RailId rail = FixedRail::None;
    BandRole band = BandRole::Body;
    int pill = -1;
    Direction direction = Direction::Across; // of a hold sign
};

// at: px in the viewport.
Hit hitAt(const BoardScene &scene, QPoint at);
// How near the mouse must come to what is thin or small, px on the form.
int hitSlack(const BoardScene &scene);
// How the pointer says what a press there would begin.
Qt::CursorShape cursorOver(const BoardScene &scene, const Hit &hit);
// What it is and what can be done with it, in a sentence; empty where nothing needs saying.
QString wordsOver(const BoardScene &scene, const Hit &hit);

} // namespace nabblet

// The picture of a control as a value: a list of strokes that the board and Entry both paint (entry/picture_painter).
// Coordinates are px from the control's top left corner.
#pragma once

#include "core/kinds/settings/marks.h"
#include "core/look_settings/look_setting.h"

#include <QByteArray>
#include <QList>
#include <QRect>
#include <QString>

#include <variant>

namespace nabblet {

struct BoxStroke // a filled, outlined box
{
    QRect rect;
    Ink fill = Ink::FieldFill;
    Ink outline = Ink::FieldOutline;
    int radius = 3;
    int outlineWidth = 1;   // 0: without a line around it
    bool isFilled = true;   // else the ground shows through
    bool isOutlined = true; // else without a line around it
    EdgeShape edge = EdgeShape::Flat;
    bool operator==(const BoxStroke &) const = default;
};

struct TextStroke
{
    QRect rect;
    QString text;
    TextRole role = TextRole::Field;
    Ink ink = Ink::FieldText;
    TextAlign align = TextAlign::Left;
    bool wraps = false; // several lines from the top, else one line in the middle
    bool isUnderlined = false;
    bool operator==(const TextStroke &) const = default;
};

enum class GlyphShape { DropArrow, Tick, Calendar, Clock, Landscape, Search, Follow, Steps };

struct GlyphStroke
{
    QRect rect;
    GlyphShape shape = GlyphShape::DropArrow;
    Ink ink = Ink::FieldText;
    bool operator==(const GlyphStroke &) const = default;
};

// Lines on a field of 16 by 16, fitted into the rectangle: M and L with a point, Z back to the first, O with a middle
// and a radius for a circle.
struct DrawingStroke
{
    QRect rect;
    QByteArray path;
    Ink ink = Ink::ButtonText;
    bool operator==(const DrawingStroke &) const = default;
};

struct ImageStroke // an encoded image, fitted into the rectangle without distortion
{
    QRect rect;
    QByteArray data;
    bool operator==(const ImageStroke &) const = default;
};

using Stroke = std::variant<BoxStroke, TextStroke, GlyphStroke, ImageStroke, DrawingStroke>;
using Picture = QList<Stroke>;

} // namespace nabblet

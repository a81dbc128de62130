// A look: a named set of text styles and colours, by role.
#pragma once

#include <QHash>
#include <QJsonObject>
#include <QList>
#include <QString>

#include <array>

namespace nabblet {

// What a piece of text is for; a look gives each its size and weight.
enum class TextRole { Title, Caption, Field, Note, Button, Heading };
constexpr int TextRoleCount = 6;

// What a colour is for. Pictures of controls name colours by these, never by value.
enum class Ink {
    Paper,        // ground of the body band
    BandTint,     // ground of header and footer
    BandLine,     // line between bands
    FieldFill,    // ground of a box
    FieldOutline, // line around a box
    LockedFill,   // ground of a box that cannot be changed
    FieldText,
    CaptionText,
    TitleText,
    Faint,      // prompts, missing values
    Accent,     // ticks, focus, selection, the main action
    AccentText, // on Accent
    LinkText,
    Alarm, // refused values: text and edge
    AlarmFill,
    ChosenFill, // ground of what is chosen in a list
    Watch,      // the edge of what is to be watched, and words about it
    WatchFill,
    Steady,      // the edge of what is as it should be
    HeadingText, // of group boxes and pages
    ButtonFill,
    ButtonOutline,
    ButtonText,
    GroupFill, // ground of a group box, a page or a caption that has one
    GroupOutline,
    RowTint,  // ground of every other row
    Shade,    // what is lower: shadows, the dark side of raised and inset edges
    MarkText, // in boxes that are refused or marked
};
constexpr int InkCount = 28;

enum class Theme { Light, Dark };

using Colour = quint32; // 0xRRGGBB

struct TextStyle
{
    int percent = 100;   // of the desktop's text size
    int weight = 400;    // as in CSS: 400 plain, 600 half bold, 700 bold
    QString family = {}; // empty: the desktop's
    bool isSlanted = false;
    bool isUnderlined = false;

    bool operator==(const TextStyle &) const = default;
};

struct Look
{
    QString name;
    QString about; // what it is for, in a sentence
    std::array<TextStyle, TextRoleCount> texts;
    std::array<Colour, InkCount> light{};
    std::array<Colour, InkCount> dark{};
    QHash<QString, int> figures = {}; // of look settings, by their names: core/look_settings
    // Of a look made for one control: it lays a ground, or draws an outline, where its kind has none of its own.
    bool laysGround = false;
    bool drawsOutline = false;
    int zoom = 100;             // percent, by which a person has all of it larger; figures and sizes are so already
    bool isRightToLeft = false; // pictures are drawn the other way round
    int alignsAs = -1;  // where its words stand by its style, as TextAlign; -1: as its kind and the figures have it
    QJsonObject stored; // the file that it was read from, whose other tokens are kept for saving

    bool operator==(const Look &) const = default;
};

const TextStyle &textStyle(const Look &look, TextRole role);
Colour colour(const Look &look, Theme theme, Ink ink);
void setColour(Look &look, Theme theme, Ink ink, Colour colour);
// A size of a look as a person wants it: px or percent at their zoom.
inline int zoomed(const Look &look, int size)
{
    return (size * look.zoom + 50) / 100;
}

// The contrast of two colours, from 1 to 21 (WCAG 2.1, "contrast ratio").
double contrast(Colour a, Colour b);

// What a role of text is called in files.
const char *textRoleToken(TextRole role);
// Reads a control's look role as it stands in a file; what is not known reads as fallback.
TextRole textRoleNamed(const QString &name, TextRole fallback);

} // namespace nabblet

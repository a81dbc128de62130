// A look: a named set of text styles and colours, by role.
#pragma once

#include <QHash>
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
    Steady, // the edge of what is as it should be
};
constexpr int InkCount = 19;

enum class Theme { Light, Dark };

using Colour = quint32; // 0xRRGGBB

struct TextStyle
{
    int percent = 100; // of the desktop's text size
    int weight = 400;  // as in CSS: 400 plain, 600 half bold, 700 bold
};

struct Look
{
    QString name;
    std::array<TextStyle, TextRoleCount> texts;
    std::array<Colour, InkCount> light{};
    std::array<Colour, InkCount> dark{};
    QHash<QString, int> figures = {}; // of look settings, by their names: core/look_settings
};

// Every look that comes with the program. The first is the usual one.
const QList<Look> &looks();
// The look with that name, or the usual one.
const Look &lookNamed(const QString &name);

TextStyle textStyle(const Look &look, TextRole role);
Colour colour(const Look &look, Theme theme, Ink ink);

// The contrast of two colours, from 1 to 21 (WCAG 2.1, "contrast ratio").
double contrast(Colour a, Colour b);

// Reads a control's look role as it stands in a file; what is not known reads as fallback.
TextRole textRoleNamed(const QString &name, TextRole fallback);

} // namespace nabblet

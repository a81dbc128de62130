#include "core/looks/ink_names.h"

#include "core/text/tr.h"

namespace nabblet {

const InkName &inkName(Ink ink)
{
    static constexpr std::array<InkName, InkCount> All{{
        {"paper", Texts::later("Body"), Texts::later("Grounds")},
        {"band", Texts::later("Header and footer"), Texts::later("Grounds")},
        {"bandLine", Texts::later("Line between bands"), Texts::later("Edges")},
        {"field", Texts::later("Boxes"), Texts::later("Grounds")},
        {"fieldOutline", Texts::later("Line around boxes"), Texts::later("Edges")},
        {"lockedField", Texts::later("Boxes that are locked"), Texts::later("Grounds")},
        {"fieldText", Texts::later("Words in boxes"), Texts::later("Words")},
        {"captionText", Texts::later("Captions"), Texts::later("Words")},
        {"titleText", Texts::later("Titles"), Texts::later("Words")},
        {"faint", Texts::later("Prompts and notes"), Texts::later("Words")},
        {"accent", Texts::later("Main colour"), Texts::later("Marks")},
        {"accentText", Texts::later("Words on the main colour"), Texts::later("Words")},
        {"linkText", Texts::later("Links"), Texts::later("Words")},
        {"alarm", Texts::later("Alarm and refused"), Texts::later("Marks")},
        {"alarmField", Texts::later("Boxes with an alarm"), Texts::later("Grounds")},
        {"chosen", Texts::later("What is chosen, stronger bands"), Texts::later("Grounds")},
        {"watch", Texts::later("To be watched"), Texts::later("Marks")},
        {"watchField", Texts::later("Boxes to be watched"), Texts::later("Grounds")},
        {"steady", Texts::later("As it should be"), Texts::later("Marks")},
        {"headingText", Texts::later("Headings of groups"), Texts::later("Words")},
        {"button", Texts::later("Buttons"), Texts::later("Grounds")},
        {"buttonOutline", Texts::later("Line around buttons"), Texts::later("Edges")},
        {"buttonText", Texts::later("Words on buttons"), Texts::later("Words")},
        {"group", Texts::later("Groups with a ground"), Texts::later("Grounds")},
        {"groupOutline", Texts::later("Frame of groups"), Texts::later("Edges")},
        {"rowTint", Texts::later("Every other row"), Texts::later("Grounds")},
        {"shade", Texts::later("Shadows"), Texts::later("Edges")},
        {"markText", Texts::later("Words in marked boxes"), Texts::later("Words")},
    }};
    return All.at(static_cast<std::size_t>(ink));
}

const char *textRoleWords(TextRole role)
{
    static constexpr std::array<const char *, TextRoleCount> All{Texts::later("Title"),  Texts::later("Caption"),
                                                                 Texts::later("Box"),    Texts::later("Note"),
                                                                 Texts::later("Button"), Texts::later("Heading")};
    return All.at(static_cast<std::size_t>(role));
}

QString lookText(const char *english)
{
    return Texts::tr(english);
}

} // namespace nabblet

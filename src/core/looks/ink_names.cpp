#include "core/looks/ink_names.h"

#include "core/text/tr.h"

NABBLET_TEXTS(Looks)

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Looks", text)

const InkName &inkName(Ink ink)
{
    static constexpr std::array<InkName, InkCount> All{{
        {"paper", T("Body"), T("Grounds")},
        {"band", T("Header and footer"), T("Grounds")},
        {"bandLine", T("Line between bands"), T("Edges")},
        {"field", T("Boxes"), T("Grounds")},
        {"fieldOutline", T("Line around boxes"), T("Edges")},
        {"lockedField", T("Boxes that are locked"), T("Grounds")},
        {"fieldText", T("Words in boxes"), T("Words")},
        {"captionText", T("Captions"), T("Words")},
        {"titleText", T("Titles"), T("Words")},
        {"faint", T("Prompts and notes"), T("Words")},
        {"accent", T("Main colour"), T("Marks")},
        {"accentText", T("Words on the main colour"), T("Words")},
        {"linkText", T("Links"), T("Words")},
        {"alarm", T("Alarm and refused"), T("Marks")},
        {"alarmField", T("Boxes with an alarm"), T("Grounds")},
        {"chosen", T("What is chosen, stronger bands"), T("Grounds")},
        {"watch", T("To be watched"), T("Marks")},
        {"watchField", T("Boxes to be watched"), T("Grounds")},
        {"steady", T("As it should be"), T("Marks")},
        {"headingText", T("Headings of groups"), T("Words")},
        {"button", T("Buttons"), T("Grounds")},
        {"buttonOutline", T("Line around buttons"), T("Edges")},
        {"buttonText", T("Words on buttons"), T("Words")},
        {"group", T("Groups with a ground"), T("Grounds")},
        {"groupOutline", T("Frame of groups"), T("Edges")},
        {"rowTint", T("Every other row"), T("Grounds")},
        {"shade", T("Shadows"), T("Edges")},
        {"markText", T("Words in marked boxes"), T("Words")},
    }};
    return All.at(static_cast<std::size_t>(ink));
}

const char *textRoleWords(TextRole role)
{
    static constexpr std::array<const char *, TextRoleCount> All{T("Title"), T("Caption"), T("Box"),
                                                                 T("Note"),  T("Button"),  T("Heading")};
    return All.at(static_cast<std::size_t>(role));
}

#undef T

QString lookText(const char *english)
{
    return Texts::tr(english);
}

} // namespace nabblet

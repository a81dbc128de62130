#include "core/kinds/kind_table.h"

#include "core/kinds/settings/child_link.h"
#include "core/kinds/text_words.h"
#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostCorner = 6; // px; rows stand in the corners

// The frame. What stands in it is a form of its own, painted by whoever knows its rows.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.fill = Ink::Paper;
    box.outline = shown.state == BoxState::Focused ? Ink::Accent : Ink::FieldOutline;
    box.radius = std::min(lookFigure(look, fieldCorner()), MostCorner);
    if (control.inner) {
        return {box};
    }
    TextStroke words;
    words.rect = box.rect;
    words.text = Texts::tr("Rows of: choose a table among the settings");
    words.ink = Ink::Faint;
    words.align = TextAlign::Centre;
    return {box, words};
}

} // namespace

Kind subformKind()
{
    Kind kind{QStringLiteral("subform"),
              Texts::later("Subform"),
              QStringLiteral("rows"),
              Editor::Rows,
              {},
              QSize(480, 160),
              {&setting::Opens, &setting::Link},
              draw,
              wordsAsStored,
              readNothing};
    kind.hasWords = false;
    kind.takesGround = false;
    return kind;
}

} // namespace nabblet

#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

// What a formula gives of the row, without a box around it: the heading that names the record, a line of an address.
// While there is no formula, the box shows where it stands.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    if (formulaOf(control).isEmpty()) {
        return lineBox(control, shown, look, false);
    }
    TextStroke words = boxText(control, shown, look, false);
    words.role = textRoleNamed(control.role, TextRole::Field);
    return {words};
}

} // namespace

Kind rowWordsKind()
{
    Kind kind{QStringLiteral("row-words"),
              Texts::later("Words of the row"),
              QStringLiteral("words"),
              Editor::Line,
              {},
              QSize(160, 24),
              {&setting::Formula, &setting::Align},
              draw,
              wordsAsStored,
              readNothing};
    kind.isWorkedOut = true;
    kind.casing = Casing::None;
    return kind;
}

} // namespace nabblet

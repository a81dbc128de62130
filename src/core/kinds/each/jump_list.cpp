#include "core/kinds/each/jump_list.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/kind_table.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    return openingBox(control, shown, look, GlyphShape::Search);
}

} // namespace

bool isJumpList(const Control &control)
{
    return control.kind == QLatin1String("jump-list");
}

Kind jumpListKind()
{
    Kind kind{QStringLiteral("jump-list"),
              Texts::later("Jump list"),
              QStringLiteral("jump"),
              Editor::Choice,
              {},
              QSize(240, 24),
              QList<const AnySetting *>{&setting::Choosing, &setting::Prompt} + lineSettings(),
              draw,
              wordsAsStored,
              readNothing};
    kind.isWorkedOut = true;
    return kind;
}

} // namespace nabblet

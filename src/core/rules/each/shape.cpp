#include "core/rules/effects.h"

#include "core/rules/ready_shapes.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QString says(const RuleWords &words)
{
    const Rule &rule = words.rule;
    if (const ReadyShape *ready = readyShape(rule.ready)) {
        return Texts::tr("%1 is written as: %2").arg(words.on, readyShapeTitle(*ready));
    }
    const QString how = !rule.pattern.trimmed().isEmpty() ? rule.pattern.trimmed()
                        : rule.examples.isEmpty()         ? QStringLiteral("…")
                                                          : rule.examples.join(Texts::tr(" or "));
    return Texts::tr("%1 is written like %2").arg(words.on, how);
}

} // namespace

// How a text is written; core/rules/shapes tries it.
Effect shapeEffect()
{
    return {"shape",
            Texts::later("Written like"),
            Texts::later("One or two examples show how the text is written: NB-2104-D."),
            RuleSides::None,
            [](const Kind &kind) { return kind.editor == Editor::Line && kind.binds.contains(ColumnType::Text); },
            [](Shown &, const RuleAt &) {},
            says};
}

} // namespace nabblet

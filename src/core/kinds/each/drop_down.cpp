#include "core/kinds/kind_table.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    return openingBox(control, shown, look, GlyphShape::DropArrow);
}

QString words(const Control &control, const QVariant &value, const QLocale &)
{
    return choiceWords(control, value);
}

// Words that are no choice are refused here; the choices of a lookup are found by the editor, which asks the database.
Result<QVariant> read(const Control &control, const QString &typed, const QLocale &)
{
    const QString wanted = typed.trimmed();
    if (wanted.isEmpty()) {
        return QVariant();
    }
    for (const Choice &choice : fixedChoices(control)) {
        if (choice.words.compare(wanted, Qt::CaseInsensitive) == 0) {
            return choice.value;
        }
    }
    if (takesNewChoices(control)) {
        return QVariant(wanted);
    }
    return Error{Texts::tr("“%1” is not in the list, or is there more than once; choose one from it").arg(wanted), {}};
}

} // namespace

Kind dropDownKind()
{
    return {QStringLiteral("drop-down"),
            Texts::later("Drop-down"),
            QStringLiteral("drop"),
            Editor::Choice,
            {ColumnType::Text, ColumnType::WholeNumber, ColumnType::DecimalNumber, ColumnType::Date, ColumnType::YesNo},
            QSize(160, 24),
            valueSettings() + lineSettings() +
                QList<const AnySetting *>{&setting::Choices, &setting::TakesNew, &setting::Choosing, &setting::Prompt},
            draw,
            words,
            read};
}

} // namespace nabblet

// Settings of subforms: whose rows they show, and how those belong to the record.
#include "core/draft/draft.h"
#include "core/draft/inner_forms.h"
#include "core/edit/edits.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"
#include "designer/settings/column_pairs.h"
#include "designer/settings/setting_parts.h"

namespace nabblet {

using namespace setting_parts;

namespace {

bool isSubform(const Context &context)
{
    return isOne(context) && areAllKinds(context, [](const Kind &kind) { return kind.editor == Editor::Rows; });
}

const Control &subform(const Context &context)
{
    return *selected(context).first();
}

bool hasRows(const Context &context)
{
    return isSubform(context) && subform(context).inner;
}

const Table *innerTable(const Context &context)
{
    const Form *inner = subform(context).inner.get();
    return inner && context.catalogue ? findTable(*context.catalogue, inner->rowsFrom) : nullptr;
}

bool isDraftedHere(const Context &context)
{
    return hasRows(context) && projectFormOf(subform(context)).isEmpty() && innerTable(context);
}

// ---------------------------------------------------------------- whose rows

// A value of the setting is a table's name, and for links that the database declares the columns of the link.
Words readRowsOf(const Context &context)
{
    const Form *inner = subform(context).inner.get();
    if (!inner) {
        return QString();
    }
    const QString linked = learnedKey(inner->rowsFrom, childLinkOf(subform(context)));
    const Table *own = rowsTable(context);
    for (const PlannedChild &child : own ? plannedChildren(*context.catalogue, *own) : std::vector<PlannedChild>()) {
        if (learnedKey(child.plan.table, child.link) == linked) {
            return linked;
        }
    }
    return inner->rowsFrom;
}

QList<SettingChoice> rowsChoices(const Context &context)
{
    QList<SettingChoice> choices{{QString(), Texts::tr("None yet")}};
    if (const Table *own = rowsTable(context)) {
        for (const PlannedChild &child : plannedChildren(*context.catalogue, *own)) {
            choices.append(
                {learnedKey(child.plan.table, child.link),
                 Texts::tr("%1, by %2").arg(child.plan.title, child.link.childColumns.join(QStringLiteral(", ")))});
        }
    }
    for (const Table &table : context.catalogue ? context.catalogue->tables : QList<Table>()) {
        choices.append({table.name, Texts::tr("%1, by hand").arg(table.name.simplified())});
    }
    return choices;
}

PlannedChild childNamed(const Context &context, const QString &wanted)
{
    if (const Table *own = rowsTable(context)) {
        for (PlannedChild &child : plannedChildren(*context.catalogue, *own)) {
            if (learnedKey(child.plan.table, child.link) == wanted) {
                child.isTaken = true;
                completeChild(*context.catalogue, child);
                return child;
            }
        }
    }
    return childByHand(*context.catalogue, wanted, {});
}

Result<Form> writeRowsOf(const Context &context, const QString &typed)
{
    if (!context.catalogue || typed.isEmpty()) {
        return withSelectedChanged(context, [](Control &control) {
            control.inner = InnerForm();
            control.settings.remove(setting::Opens);
            control.settings.remove(setting::Link);
        });
    }
    const PlannedChild child = childNamed(context, typed);
    return withRowsOf(context.form, subform(context).id, child, *context.catalogue, context.namingPattern,
                      context.measure);
}

// ---------------------------------------------------------------- how they are shown and linked

Words readShownAs(const Context &context)
{
    const Form *inner = subform(context).inner.get();
    return QString::number(inner && isTabular(*inner) ? 1 : 0);
}

QList<SettingChoice> shownChoices(const Context &)
{
    return {{QStringLiteral("1"), Texts::tr("several rows")}, {QStringLiteral("0"), Texts::tr("one at a time")}};
}

Result<Form> writeShownAs(const Context &context, const QString &typed)
{
    const Table *table = innerTable(context);
    if (!table) {
        return Error{Texts::tr("The table of these rows is not there any more."), {}};
    }
    PlannedChild child = childByHand(*context.catalogue, table->name, childLinkOf(subform(context)));
    child.plan.arrangement = typed == QLatin1String("1") ? Arrangement::Tabular : Arrangement::Columnar;
    return withRowsOf(context.form, subform(context).id, child, *context.catalogue, context.namingPattern,
                      context.measure);
}

Words readLinked(const Context &context)
{
    const ChildLink link = childLinkOf(subform(context));
    return pairsInWords(link.childColumns, link.parentColumns);
}

Result<Form> writeLinked(const Context &context, const QString &typed)
{
    const Result<ColumnPairs> pairs = readPairs(typed, innerTable(context), rowsTable(context));
    if (!pairs) {
        return pairs.error();
    }
    return withSelectedChanged(context, [&](Control &control) {
        setChildLink(control, {pairs->first, pairs->second});
    });
}

Words readFormFile(const Context &context)
{
    return projectFormOf(subform(context));
}

QList<SettingChoice> formChoices(const Context &context)
{
    QList<SettingChoice> choices{{QString(), Texts::tr("kept in this one")}};
    for (const QString &name : context.formNames) {
        if (name != context.form.name) {
            choices.append({name, name});
        }
    }
    return choices;
}

Result<Form> writeFormFile(const Context &context, const QString &typed)
{
    if (typed.isEmpty()) { // what it showed stays, as a part of this form from now on
        return withSettings(context.form, context.selection.controls(),
                            [](ControlSettings &settings) { settings.remove(setting::Opens); });
    }
    const Result<Form> inner = context.readForm ? context.readForm(typed) : Result<Form>(Error());
    if (!inner) {
        return inner.error();
    }
    const Form form = withSelectedChanged(context, [&](Control &control) {
        control.inner = InnerForm(*inner);
        control.settings.set(setting::Opens, typed);
        // Linked as the database says, until someone says otherwise.
        if (const Table *own = rowsTable(context); own && childLinkOf(control).childColumns.isEmpty()) {
            for (const PlannedChild &child : plannedChildren(*context.catalogue, *own)) {
                if (child.plan.table == inner->rowsFrom) {
                    setChildLink(control, child.link);
                    break;
                }
            }
        }
    });
    return withRowsCaption(form, subform(context).id, inner->title, context.measure);
}

} // namespace

QList<Setting> subformSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    const char *step = Texts::later("Change what a subform shows");
    return {
        {"rowsOf", Controls, Texts::later("Rows"), Texts::later("Rows of"),
         Texts::later("The table whose rows it shows with each record."), Choice, step, isSubform, readRowsOf,
         writeRowsOf, rowsChoices},
        {"rowsForm", Controls, Texts::later("Rows"), Texts::later("Their form"),
         Texts::later("Kept in this form, or a form of the project with a file of its own, which others may show too."),
         Choice, step, isSubform, readFormFile, writeFormFile, formChoices},
        {"shownAs", Controls, Texts::later("Rows"), Texts::later("Shown as"),
         Texts::later("Rows under one another, or one at a time. Their form is drafted anew."), Choice, step,
         isDraftedHere, readShownAs, writeShownAs, shownChoices},
        {"linkedBy", Controls, Texts::later("Rows"), Texts::later("Linked by"),
         Texts::later(
             "Which column of the rows holds which column here: buoy_id = buoy_id. New rows get it by themselves."),
         SettingEditor::Words, step, hasRows, readLinked, writeLinked},
    };
}

} // namespace nabblet

// Settings of group boxes and tab pages.
#include "core/arrange/grouping.h"
#include "core/arrange/units.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

namespace nabblet {

using namespace setting_parts;

namespace {

bool isContainer(const Context &context)
{
    return anyControl(context, holdsOthers);
}

template <Holds wanted> bool areAll(const Context &context)
{
    const QList<const Control *> controls = selected(context);
    return !controls.isEmpty() && std::all_of(controls.begin(), controls.end(), [](const Control *control) {
        return kindNamed(control->kind).holds == wanted;
    });
}

Words readHeading(const Context &context)
{
    return common(context, [](const Control &c) { return c.text; });
}

Result<Form> writeHeading(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (const Control *control : selected(context)) {
        form = setCaptionText(form, control->id, typed.trimmed(), context.measure);
    }
    return form;
}

bool isOnePages(const Context &context)
{
    return isOne(context) && areAll<Holds::Pages>(context);
}

// Titles one after the other with a bar between them.
Words readPages(const Context &context)
{
    return common(context, [](const Control &c) {
        QStringList titles;
        for (const Page &page : pagesOf(c)) {
            titles.append(page.title);
        }
        return titles.join(QStringLiteral(" | "));
    });
}

Result<Form> writePages(const Context &context, const QString &typed)
{
    const Control *control = selected(context).first();
    const QList<Page> pages = pagesOf(*control);
    QStringList titles = typed.split(u'|');
    for (QString &title : titles) {
        title = title.simplified();
        if (title.isEmpty()) {
            return Error{Texts::tr("Every page needs a title; a bar | stands between two of them."), {}};
        }
    }
    if (titles.size() < pages.size()) {
        return Error{Texts::tr("These are fewer titles than pages. A page goes by “Remove the page”, with what stands "
                               "on it."),
                     {}};
    }
    Form form = context.form;
    for (qsizetype i = 0; i < titles.size(); ++i) {
        form = i < pages.size() ? withPageTitle(form, control->id, pages.at(i).id, titles.at(i))
                                : withPage(form, control->id, 0, titles.at(i));
    }
    return form;
}

bool isPanes(const Context &context)
{
    return areAll<Holds::Panes>(context);
}

Words readStacked(const Context &context)
{
    return common(context, [](const Control &c) { return areStacked(c) ? Yes : QString(); });
}

// What stands in the second pane goes below the first, or beside it.
Result<Form> writeStacked(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (const Control *control : selected(context)) {
        if (areStacked(*control) != (typed == Yes)) {
            form = withPanesTurned(form, control->id);
        }
    }
    return form;
}

Words readDivider(const Context &context)
{
    return common(context,
                  [&](const Control &c) { return sizeInWords(dividerOf(c), context.unit, context.form.grid.pitch); });
}

Result<Form> writeDivider(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (const Control *control : selected(context)) {
        const Result<int> at = readSize(typed, dividerOf(*control), context.unit, form.grid.pitch);
        if (!at) {
            return at.error();
        }
        form = withDivider(form, control->id, *at);
    }
    return form;
}

Words readHeld(const Context &context)
{
    QSet<ControlId> ids;
    for (const Control *control : selected(context)) {
        ids.insert(control->id);
    }
    return QString::number(membersOf(context.form, ids).size());
}

} // namespace

QList<Setting> containerSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"heading", Controls, Texts::later("Group"), Texts::later("Heading"),
         Texts::later("The words at the top of the frame; it may go without."), SettingEditor::Words,
         Texts::later("Change a heading"), areAll<Holds::Controls>, readHeading, writeHeading},
        {"pages", Controls, Texts::later("Group"), Texts::later("Pages"),
         Texts::later("The titles of the pages, with a bar | between them; one more title makes one more page."),
         SettingEditor::Words, Texts::later("Change pages"), isOnePages, readPages, writePages},
        {"stacked", Controls, Texts::later("Group"), Texts::later("One above"),
         Texts::later("The panes stand one above the other, not side by side."), Flag, Texts::later("Turn the panes"),
         isPanes, readStacked, writeStacked},
        {"divider", Controls, Texts::later("Group"), Texts::later("Divider at"),
         Texts::later("From the edge of the first pane. At work people move it."), SettingEditor::Words,
         Texts::later("Move the divider"), isPanes, readDivider, writeDivider},
        {"held", Controls, Texts::later("Group"), Texts::later("Holds"), Texts::later("How many controls are in it."),
         Shown, "", isContainer, readHeld, writeNothing},
    };
}

} // namespace nabblet

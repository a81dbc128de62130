// Settings of group boxes and tab pages.
#include "core/arrange/grouping.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/setting_parts.h"

NABBLET_TEXTS(Settings)

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

Words readFramed(const Context &context)
{
    return common(context, [](const Control &c) { return isFramed(c) ? Yes : QString(); });
}

Result<Form> writeFramed(const Context &context, const QString &typed)
{
    return setControlSetting(context.form, context.selection.controls(), QStringLiteral("framed"),
                             typed == Yes ? QJsonValue() : QJsonValue(false));
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

Words readHeld(const Context &context)
{
    QSet<ControlId> ids;
    for (const Control *control : selected(context)) {
        ids.insert(control->id);
    }
    return QString::number(membersOf(context.form, ids).size());
}

} // namespace

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<Setting> containerSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"heading", Controls, T("Group"), T("Heading"), T("The words at the top of the frame; it may go without."),
         SettingEditor::Words, T("Change a heading"), areAll<Holds::Controls>, readHeading, writeHeading},
        {"framed", Controls, T("Group"), T("Frame"), T("Without a frame it only holds together what is in it."), Flag,
         T("Change a frame"), areAll<Holds::Controls>, readFramed, writeFramed},
        {"pages", Controls, T("Group"), T("Pages"),
         T("The titles of the pages, with a bar | between them; one more title makes one more page."),
         SettingEditor::Words, T("Change pages"), isOnePages, readPages, writePages},
        {"held", Controls, T("Group"), T("Holds"), T("How many controls are in it."), Shown, "", isContainer, readHeld,
         writeNothing},
    };
}

#undef T

} // namespace nabblet

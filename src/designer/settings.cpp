#include "designer/settings.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/grouping.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/window_size.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <QFileInfo>

#include <algorithm>

NABBLET_TEXTS(Settings)

namespace nabblet {

namespace {

using Context = SettingContext;
using Words = std::optional<QString>;

const QString Yes = QStringLiteral("yes");

QList<const Control *> selected(const Context &context)
{
    QList<const Control *> controls;
    for (const ControlId id : context.selection.controls()) {
        if (const Control *control = context.form.controls.find(id)) {
            controls.append(control);
        }
    }
    return controls;
}

// The words that all have, or nothing when they differ.
template <typename Get> Words common(const Context &context, Get get)
{
    Words first;
    for (const Control *control : selected(context)) {
        const QString words = get(*control);
        if (first && *first != words) {
            return std::nullopt;
        }
        first = words;
    }
    return first.value_or(QString());
}

const Control *captionAt(const Form &form, const Control &control)
{
    return control.kind == QLatin1String("caption") ? &control : captionOf(form, control.id);
}

bool always(const Context &)
{
    return true;
}

bool isOne(const Context &context)
{
    return context.selection.controls().size() == 1;
}

template <typename Test> bool anyControl(const Context &context, Test test)
{
    const QList<const Control *> controls = selected(context);
    return std::any_of(controls.begin(), controls.end(), [&](const Control *control) { return test(*control); });
}

// ---------------------------------------------------------------- bound to

bool canBind(const Context &context)
{
    return isOne(context) && anyControl(context, [](const Control &c) { return !kindNamed(c.kind).binds.isEmpty(); });
}

bool isSomething(const Context &context)
{
    return anyControl(context, [](const Control &c) { return c.kind != QLatin1String("caption"); });
}

Words readColumn(const Context &context)
{
    return common(context, [](const Control &c) { return c.column; });
}

QList<SettingChoice> columnChoices(const Context &context)
{
    QList<SettingChoice> choices;
    const Table *table = context.catalogue ? findTable(*context.catalogue, context.form.rowSource) : nullptr;
    const QString now = readColumn(context).value_or(QString());
    bool isThere = false;
    if (table) {
        for (const Column &column : table->columns) {
            choices.append({column.name, column.name.simplified()});
            isThere = isThere || column.name == now;
        }
    }
    if (!isThere) {
        choices.prepend({now, now.isEmpty() ? Texts::tr("none") : now});
    }
    return choices;
}

Result<Form> writeColumn(const Context &context, const QString &typed)
{
    const Table *table = context.catalogue ? findTable(*context.catalogue, context.form.rowSource) : nullptr;
    if (!table || !findColumn(*table, typed)) {
        return Error{Texts::tr("The form's rows have no column “%1”.").arg(typed), {}};
    }
    return withColumnChanged(context.form, *context.catalogue, *table, context.selection.lead(), typed,
                             context.namingPattern, context.measure);
}

Words readKind(const Context &context)
{
    return common(context, [](const Control &c) { return kindTitle(kindNamed(c.kind)); });
}

Result<Form> writeNothing(const Context &context, const QString &)
{
    return context.form;
}

// ---------------------------------------------------------------- caption

bool hasWords(const Context &context)
{
    return anyControl(context, [&](const Control &c) { return captionAt(context.form, c) != nullptr; });
}

Words readCaption(const Context &context)
{
    return common(context, [&](const Control &c) {
        const Control *caption = captionAt(context.form, c);
        return caption ? QString(caption->text).replace(u'\n', QChar(0x21b5)) : QString();
    });
}

Result<Form> writeCaption(const Context &context, const QString &typed)
{
    const QString words = QString(typed).replace(QChar(0x21b5), u'\n').trimmed();
    if (words.isEmpty()) {
        return Error{Texts::tr("A caption needs words. To be without one, remove it."), {}};
    }
    Form form = context.form;
    for (const Control *control : selected(context)) {
        if (const Control *caption = captionAt(context.form, *control)) {
            form = setCaptionText(form, caption->id, words, context.measure);
        }
    }
    return form;
}

// ---------------------------------------------------------------- containers

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

// ---------------------------------------------------------------- place

int figureOf(const Control &control, int which)
{
    const QRect &place = control.place;
    return which == 0 ? place.x() : which == 1 ? place.y() : which == 2 ? place.width() : place.height();
}

template <int which> Words readPlace(const Context &context)
{
    return common(context, [&](const Control &c) {
        return sizeInWords(figureOf(c, which), context.unit, context.form.grid.pitch);
    });
}

template <int which> Result<Form> writePlace(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (const Control *control : selected(context)) {
        const Control *now = form.controls.find(control->id);
        QRect place = now->place;
        const Result<int> size = readSize(typed, figureOf(*now, which), context.unit, form.grid.pitch);
        if (!size) {
            return size.error();
        }
        const int least = which < 2 ? 0 : 8;
        if (*size < least) {
            return Error{which < 2 ? Texts::tr("That would be outside of the band.")
                                   : Texts::tr("No control is smaller than %1 px.").arg(least),
                         {}};
        }
        if (which == 0) {
            place.moveLeft(*size);
        } else if (which == 1) {
            place.moveTop(*size);
        } else if (which == 2) {
            place.setWidth(*size);
        } else {
            place.setHeight(*size);
        }
        form = placeControl(form, control->id, place);
    }
    return form;
}

RailId Rides::*edgeOf(int which)
{
    return which == 0 ? &Rides::left : which == 1 ? &Rides::right : &Rides::bottom;
}

template <int which> Words readRide(const Context &context)
{
    return common(context, [](const Control &c) { return QString::number(c.rides.*edgeOf(which)); });
}

template <int which> QList<SettingChoice> rideChoices(const Context &context)
{
    QList<SettingChoice> choices{{QString::number(FixedRail::None), Texts::tr("free")}};
    if (which == 0) {
        choices.append({QString::number(FixedRail::FormLeft), Texts::tr("form's left edge")});
    }
    if (which == 1) {
        choices.append({QString::number(FixedRail::FormRight), Texts::tr("form's right edge")});
    }
    if (which == 2) {
        choices.append({QString::number(FixedRail::BodyBottom), Texts::tr("body's bottom edge")});
        return choices;
    }
    for (const Rail &rail : context.form.rails) {
        choices.append({QString::number(rail.id), rail.name});
    }
    return choices;
}

template <int which> Result<Form> writeRide(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (const ControlId id : context.selection.controls()) {
        const int index = form.controls.indexOf(id);
        if (index >= 0) {
            Control control = form.controls.at(index);
            control.rides.*edgeOf(which) = typed.toInt();
            form.controls.replace(index, control);
        }
    }
    return form;
}

// ---------------------------------------------------------------- look and behaviour

Words readRole(const Context &context)
{
    return common(context, [](const Control &c) { return c.role; });
}

// A container's heading has the look of headings.
bool hasRole(const Context &context)
{
    return !anyControl(context, holdsOthers);
}

QList<SettingChoice> roleChoices(const Context &)
{
    return {{QStringLiteral("title"), Texts::tr("Title")},
            {QStringLiteral("caption"), Texts::tr("Caption")},
            {QStringLiteral("field"), Texts::tr("Field")},
            {QStringLiteral("note"), Texts::tr("Note")},
            {QStringLiteral("button"), Texts::tr("Button")}};
}

Result<Form> writeRole(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (const ControlId id : context.selection.controls()) {
        const int index = form.controls.indexOf(id);
        if (index >= 0) {
            Control control = form.controls.at(index);
            control.role = typed;
            form.controls.replace(index, control);
        }
    }
    return settled(form, context.measure);
}

bool takesValues(const Context &context)
{
    return anyControl(context, [](const Control &c) { return takesValue(kindNamed(c.kind)); });
}

Words readPrompt(const Context &context)
{
    return common(context, [](const Control &c) { return promptOf(c); });
}

Result<Form> writePrompt(const Context &context, const QString &typed)
{
    return setControlSetting(context.form, context.selection.controls(), QStringLiteral("prompt"),
                             typed.isEmpty() ? QJsonValue() : QJsonValue(typed));
}

Words readLocked(const Context &context)
{
    return common(context, [](const Control &c) { return isLocked(c) ? Yes : QString(); });
}

Result<Form> writeLocked(const Context &context, const QString &typed)
{
    return setControlSetting(context.form, context.selection.controls(), QStringLiteral("locked"),
                             typed == Yes ? QJsonValue(true) : QJsonValue());
}

Words readName(const Context &context)
{
    return common(context, [](const Control &c) { return c.name; });
}

Result<Form> writeName(const Context &context, const QString &typed)
{
    const QString name = identifierFromText(typed);
    if (typed.trimmed().isEmpty()) {
        return Error{Texts::tr("A control needs a name."), {}};
    }
    for (const Control &control : context.form.controls) {
        if (control.id != context.selection.lead() && control.name == name) {
            return Error{Texts::tr("“%1” is the name of another control.").arg(name), {}};
        }
    }
    return renameControl(context.form, context.selection.lead(), typed);
}

// ---------------------------------------------------------------- band

Words readBandHeight(const Context &context)
{
    const Band *band = findBand(context.form, *context.selection.band());
    return sizeInWords(band ? band->height : 0, context.unit, context.form.grid.pitch);
}

Result<Form> writeBandHeight(const Context &context, const QString &typed)
{
    const Band *band = findBand(context.form, *context.selection.band());
    const Result<int> size = readSize(typed, band->height, context.unit, context.form.grid.pitch);
    if (!size) {
        return size.error();
    }
    return setBandHeight(context.form, band->role, *size);
}

Words readBandControls(const Context &context)
{
    return QString::number(controlsInBand(context.form, *context.selection.band()).size());
}

// ---------------------------------------------------------------- rail

Words readRailName(const Context &context)
{
    const Rail *rail = findRail(context.form, context.selection.rail());
    return rail ? rail->name : QString();
}

Result<Form> writeRailName(const Context &context, const QString &typed)
{
    if (typed.trimmed().isEmpty()) {
        return Error{Texts::tr("A rail needs a name."), {}};
    }
    return withRailRenamed(context.form, context.selection.rail(), typed);
}

Words readRailPlace(const Context &context)
{
    return sizeInWords(railPosition(context.form, context.selection.rail()), context.unit, context.form.grid.pitch);
}

Result<Form> writeRailPlace(const Context &context, const QString &typed)
{
    const int now = railPosition(context.form, context.selection.rail());
    const Result<int> at = readSize(typed, now, context.unit, context.form.grid.pitch);
    if (!at) {
        return at.error();
    }
    if (*at < 0) {
        return Error{Texts::tr("That would be left of the form."), {}};
    }
    return moveRail(context.form, context.selection.rail(), *at);
}

Words readHold(const Context &context)
{
    const Rail *rail = findRail(context.form, context.selection.rail());
    return QString::number(rail ? static_cast<int>(rail->hold) : 0);
}

QList<SettingChoice> holdChoices(const Context &)
{
    return {{QStringLiteral("0"), Texts::tr("to the left")},
            {QStringLiteral("1"), Texts::tr("to the right")},
            {QStringLiteral("2"), Texts::tr("its share of the width")}};
}

Result<Form> writeHold(const Context &context, const QString &typed)
{
    return withRailHold(context.form, context.selection.rail(), static_cast<Hold>(typed.toInt()));
}

Words readAutomatic(const Context &context)
{
    const Rail *rail = findRail(context.form, context.selection.rail());
    return rail && rail->isAutomatic ? Yes : QString();
}

Result<Form> writeAutomatic(const Context &context, const QString &typed)
{
    return withRailAutomatic(context.form, context.selection.rail(), typed == Yes, context.measure);
}

Words readEdges(const Context &context)
{
    return QString::number(edgesOn(context.form, context.selection.rail()));
}

// ---------------------------------------------------------------- form

Words readTitle(const Context &context)
{
    return context.form.title;
}

Result<Form> writeTitle(const Context &context, const QString &typed)
{
    Form form = context.form;
    form.title = typed.trimmed();
    return form;
}

Words readFormName(const Context &context)
{
    return context.form.name;
}

Result<Form> writeFormName(const Context &context, const QString &typed)
{
    if (typed.trimmed().isEmpty()) {
        return Error{Texts::tr("A form needs a name to be saved under."), {}};
    }
    Form form = context.form;
    form.name = identifierFromText(typed);
    return form;
}

Words readRows(const Context &context)
{
    return context.form.rowSource.isEmpty() ? Texts::tr("none yet")
           : context.form.select.isEmpty()  ? context.form.rowSource.simplified()
                                            : Texts::tr("own SELECT");
}

Words readWidth(const Context &context)
{
    return sizeInWords(context.form.width, context.unit, context.form.grid.pitch);
}

Result<Form> writeWidth(const Context &context, const QString &typed)
{
    const Result<int> width = readSize(typed, context.form.width, context.unit, context.form.grid.pitch);
    if (!width) {
        return width.error();
    }
    const Form form = setFormWidth(context.form, *width);
    if (form.width != *width) {
        return Error{Texts::tr("The form cannot be narrower than %1: controls stand there.")
                         .arg(sizeInWords(form.width, context.unit, form.grid.pitch)),
                     {}};
    }
    return form;
}

Words readLeastWidth(const Context &context)
{
    return context.form.leastWidth > 0 ? sizeInWords(context.form.leastWidth, context.unit, context.form.grid.pitch)
                                       : QString();
}

Result<Form> writeLeastWidth(const Context &context, const QString &typed)
{
    Form form = context.form;
    if (typed.trimmed().isEmpty()) {
        form.leastWidth = 0;
        return form;
    }
    const Result<int> width = readSize(typed, leastWindowWidth(form), context.unit, form.grid.pitch);
    if (!width) {
        return width.error();
    }
    if (*width < 8) {
        return Error{Texts::tr("No window is as narrow as that."), {}};
    }
    form.leastWidth = *width;
    return form;
}

Words readPitch(const Context &context)
{
    // In its own steps a pitch would always be one.
    return sizeInWords(context.form.grid.pitch, context.unit == Unit::GridSteps ? Unit::Pixels : context.unit,
                       context.form.grid.pitch);
}

Result<Form> writePitch(const Context &context, const QString &typed)
{
    const Unit unit = context.unit == Unit::GridSteps ? Unit::Pixels : context.unit;
    const Result<int> pitch = readSize(typed, context.form.grid.pitch, unit, context.form.grid.pitch);
    if (!pitch) {
        return pitch.error();
    }
    if (*pitch < 1 || *pitch > 200) {
        return Error{Texts::tr("The pitch is from 1 to 200 px."), {}};
    }
    Form form = context.form;
    form.grid.pitch = *pitch;
    return form;
}

Words readMarks(const Context &context)
{
    return QString::number(static_cast<int>(context.form.grid.marks));
}

QList<SettingChoice> marksChoices(const Context &)
{
    return {{QStringLiteral("0"), Texts::tr("Dots")},
            {QStringLiteral("1"), Texts::tr("Lines")},
            {QStringLiteral("2"), Texts::tr("Nothing")}};
}

Result<Form> writeMarks(const Context &context, const QString &typed)
{
    Form form = context.form;
    form.grid.marks = static_cast<GridMarks>(typed.toInt());
    return form;
}

Words readTabOrder(const Context &context)
{
    return QString::number(static_cast<int>(context.form.tabOrder));
}

QList<SettingChoice> tabOrderChoices(const Context &)
{
    return {{QStringLiteral("0"), Texts::tr("by rows")},
            {QStringLiteral("1"), Texts::tr("by columns")},
            {QStringLiteral("2"), Texts::tr("by hand")}};
}

Result<Form> writeTabOrder(const Context &context, const QString &typed)
{
    return withTabOrder(context.form, static_cast<TabOrder>(typed.toInt()));
}

bool hasTracing(const Context &context)
{
    return !context.form.tracing.file.isEmpty();
}

Words readTracing(const Context &context)
{
    return QFileInfo(context.form.tracing.file).fileName();
}

Result<Form> writeTracing(const Context &context, const QString &typed)
{
    if (!typed.trimmed().isEmpty()) {
        return Error{Texts::tr("Choose another sheet in the View menu; clear this to take the sheet away."), {}};
    }
    Form form = context.form;
    form.tracing = {};
    return form;
}

template <bool isAcross> Words readTracingPlace(const Context &context)
{
    const QPoint at = context.form.tracing.at;
    return sizeInWords(isAcross ? at.x() : at.y(), context.unit, context.form.grid.pitch);
}

template <bool isAcross> Result<Form> writeTracingPlace(const Context &context, const QString &typed)
{
    Form form = context.form;
    const QPoint at = form.tracing.at;
    // A minus sign at the front is a place left of the form here, not a step from where the sheet is.
    const bool isNegative = typed.trimmed().startsWith(u'-');
    const Result<int> size = isNegative ? readSize(typed, 0, context.unit, form.grid.pitch)
                                        : readSize(typed, isAcross ? at.x() : at.y(), context.unit, form.grid.pitch);
    if (!size) {
        return size.error();
    }
    form.tracing.at = isAcross ? QPoint(*size, at.y()) : QPoint(at.x(), *size);
    return form;
}

template <bool isScale> Words readPercent(const Context &context)
{
    return Texts::tr("%1 %").arg(isScale ? context.form.tracing.percent : context.form.tracing.strength);
}

template <bool isScale> Result<Form> writePercent(const Context &context, const QString &typed)
{
    bool isNumber = false;
    const int percent = QString(typed).remove(u'%').trimmed().toInt(&isNumber);
    const int most = isScale ? 1000 : 100;
    if (!isNumber || percent < 1 || percent > most) {
        return Error{Texts::tr("A whole number from 1 to %1 was expected.").arg(most), {}};
    }
    Form form = context.form;
    (isScale ? form.tracing.percent : form.tracing.strength) = percent;
    return form;
}

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

} // namespace

const QList<Setting> &settings()
{
    using enum SettingOf;
    using enum SettingEditor;
    static const QList<Setting> Table{
        {"column", Controls, T("Bound to"), T("Column"), T("The column whose value the box shows and writes."), Choice,
         T("Change what a box is bound to"), canBind, readColumn, writeColumn, columnChoices},
        {"kind", Controls, T("Bound to"), T("Kind"), T("What sort of control this is."), Shown, "", always, readKind,
         writeNothing},
        {"captionWords", Controls, T("Caption"), T("Words"),
         T("What stands beside the box. A double click on the form edits it there."), SettingEditor::Words,
         T("Change a caption"), hasWords, readCaption, writeCaption},
        {"heading", Controls, T("Group"), T("Heading"), T("The words at the top of the frame; it may go without."),
         SettingEditor::Words, T("Change a heading"), areAll<Holds::Controls>, readHeading, writeHeading},
        {"framed", Controls, T("Group"), T("Frame"), T("Without a frame it only holds together what is in it."), Flag,
         T("Change a frame"), areAll<Holds::Controls>, readFramed, writeFramed},
        {"pages", Controls, T("Group"), T("Pages"),
         T("The titles of the pages, with a bar | between them; one more title makes one more page."),
         SettingEditor::Words, T("Change pages"), isOnePages, readPages, writePages},
        {"held", Controls, T("Group"), T("Holds"), T("How many controls are in it."), Shown, "", isContainer, readHeld,
         writeNothing},
        {"placeLeft", Controls, T("Place"), T("Left"),
         T("From the form's left edge. +8 moves on, 12mm and 1in do as well, *2 and /2 too."), SettingEditor::Words,
         T("Move by number"), always, readPlace<0>, writePlace<0>},
        {"placeTop", Controls, T("Place"), T("Top"), T("From the band's top edge. Arithmetic as for Left."),
         SettingEditor::Words, T("Move by number"), always, readPlace<1>, writePlace<1>},
        {"placeWidth", Controls, T("Place"), T("Width"), T("How wide it is. Arithmetic as for Left."),
         SettingEditor::Words, T("Resize by number"), isSomething, readPlace<2>, writePlace<2>},
        {"placeHeight", Controls, T("Place"), T("Height"), T("How high it is. Arithmetic as for Left."),
         SettingEditor::Words, T("Resize by number"), isSomething, readPlace<3>, writePlace<3>},
        {"ridesLeft", Controls, T("Place"), T("Left rides"),
         T("The rail that the left edge keeps to, however the rail or the window moves."), Choice, T("Change a hold"),
         always, readRide<0>, writeRide<0>, rideChoices<0>},
        {"ridesRight", Controls, T("Place"), T("Right rides"),
         T("The rail that the right edge keeps to. With both edges held, the box stretches."), Choice,
         T("Change a hold"), always, readRide<1>, writeRide<1>, rideChoices<1>},
        {"ridesBottom", Controls, T("Place"), T("Bottom rides"),
         T("Held to the body's bottom edge, the box grows with the window's height."), Choice, T("Change a hold"),
         isSomething, readRide<2>, writeRide<2>, rideChoices<2>},
        {"role", Controls, T("Look"), T("Role"), T("Which of the look's fonts and colours it has."), Choice,
         T("Change a look"), hasRole, readRole, writeRole, roleChoices},
        {"prompt", Controls, T("Behaviour"), T("Prompt"), T("Faint words in the empty box, such as an example."),
         SettingEditor::Words, T("Change a prompt"), takesValues, readPrompt, writePrompt},
        {"locked", Controls, T("Behaviour"), T("Only shown"), T("People see the value and cannot change it."), Flag,
         T("Lock or unlock a control"), takesValues, readLocked, writeLocked},
        {"controlName", Controls, T("Name"), T("Name"), T("What formulas and the file call this control."),
         SettingEditor::Words, T("Rename a control"), isOne, readName, writeName},

        {"bandHeight", SettingOf::Band, T("Size"), T("Height"), T("The band's height. It stops at the lowest control."),
         SettingEditor::Words, T("Change a band's height"), always, readBandHeight, writeBandHeight},
        {"bandControls", SettingOf::Band, T("Size"), T("Controls"), T("How many controls stand in the band."), Shown,
         "", always, readBandControls, writeNothing},

        {"railName", SettingOf::Rail, T("Rail"), T("Name"), T("What the rail is called here and in the file."),
         SettingEditor::Words, T("Rename a rail"), always, readRailName, writeRailName},
        {"railPlace", SettingOf::Rail, T("Rail"), T("At"), T("From the form's left edge. All edges on it go along."),
         SettingEditor::Words, T("Move a rail"), always, readRailPlace, writeRailPlace},
        {"railHold", SettingOf::Rail, T("Rail"), T("Holds"), T("How the rail moves when the window gets wider."),
         Choice, T("Change a rail's hold"), always, readHold, writeHold, holdChoices},
        {"railAutomatic", SettingOf::Rail, T("Rail"), T("Automatic"),
         T("The rail stands just clear of the longest caption that ends on it."), Flag, T("Change a rail"), always,
         readAutomatic, writeAutomatic},
        {"railEdges", SettingOf::Rail, T("Rail"), T("Edges on it"), T("How many edges ride the rail."), Shown, "",
         always, readEdges, writeNothing},

        {"formTitle", SettingOf::Form, T("Window"), T("Title"),
         T("The words in the window's title bar. The saved name stays as it is."), SettingEditor::Words,
         T("Change the window's title"), always, readTitle, writeTitle},
        {"formName", SettingOf::Form, T("Window"), T("Name"), T("What the form is saved and found as."),
         SettingEditor::Words, T("Rename the form"), always, readFormName, writeFormName},
        {"rowSource", SettingOf::Form, T("Rows"), T("Rows from"),
         T("The table or view that the form shows and writes."), Shown, "", always, readRows, writeNothing},
        {"formWidth", SettingOf::Form, T("Size"), T("Width"), T("The form's width. It stops at the rightmost control."),
         SettingEditor::Words, T("Change the form's width"), always, readWidth, writeWidth},
        {"leastWidth", SettingOf::Form, T("Size"), T("Smallest"),
         T("The narrowest its window may get. Empty: as narrow as nothing overlaps."), SettingEditor::Words,
         T("Pin the smallest width"), always, readLeastWidth, writeLeastWidth},
        {"tabOrder", SettingOf::Form, T("Size"), T("Tab goes"), T("The order in which Tab visits the fields."), Choice,
         T("Change the tab order"), always, readTabOrder, writeTabOrder, tabOrderChoices},
        {"gridPitch", SettingOf::Form, T("Grid"), T("Pitch"),
         T("The distance between grid lines. What is dragged lands on them."), SettingEditor::Words,
         T("Change the grid"), always, readPitch, writePitch},
        {"gridMarks", SettingOf::Form, T("Grid"), T("Shown as"),
         T("How the grid is drawn. It works even when it is not drawn."), Choice, T("Change the grid"), always,
         readMarks, writeMarks, marksChoices},
        {"tracingFile", SettingOf::Form, T("Tracing sheet"), T("Sheet"),
         T("The picture under the form. Clear this to take it away."), SettingEditor::Words,
         T("Change the tracing sheet"), hasTracing, readTracing, writeTracing},
        {"tracingLeft", SettingOf::Form, T("Tracing sheet"), T("Left"), T("Where its left edge lies on the form."),
         SettingEditor::Words, T("Move the tracing sheet"), hasTracing, readTracingPlace<true>,
         writeTracingPlace<true>},
        {"tracingTop", SettingOf::Form, T("Tracing sheet"), T("Top"), T("Where its top edge lies on the form."),
         SettingEditor::Words, T("Move the tracing sheet"), hasTracing, readTracingPlace<false>,
         writeTracingPlace<false>},
        {"tracingScale", SettingOf::Form, T("Tracing sheet"), T("Scale"), T("Its size, of its own size."),
         SettingEditor::Words, T("Scale the tracing sheet"), hasTracing, readPercent<true>, writePercent<true>},
        {"tracingStrength", SettingOf::Form, T("Tracing sheet"), T("Strength"), T("How strongly it shows through."),
         SettingEditor::Words, T("Change the tracing sheet"), hasTracing, readPercent<false>, writePercent<false>},
    };
    return Table;
}

#undef T

QString settingText(const char *text)
{
    return Texts::tr(text);
}

} // namespace nabblet

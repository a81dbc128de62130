// Settings of controls: what they are bound to, their words, place, look and behaviour.
#include "core/arrange/edges.h"
#include "core/arrange/moving.h"
#include "core/arrange/rails.h"
#include "core/arrange/windows/holding.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

namespace nabblet {

using namespace setting_parts;

namespace {

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
    const Table *table = context.catalogue ? findTable(*context.catalogue, context.form.rowsFrom) : nullptr;
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
    const Table *table = context.catalogue ? findTable(*context.catalogue, context.form.rowsFrom) : nullptr;
    if (!table || !findColumn(*table, typed)) {
        return Error{Texts::tr("The form's rows have no column “%1”.").arg(typed), {}};
    }
    return withColumnChanged(context.form, *context.catalogue, *table, context.selection.lead(), typed,
                             context.namingPattern, context.measure);
}

Words readKind(const Context &context)
{
    return common(context, [](const Control &c) { return c.kind; });
}

// The kinds that all that is selected can become.
QList<SettingChoice> kindChoices(const Context &context)
{
    const Table *table = context.catalogue ? findTable(*context.catalogue, context.form.rowsFrom) : nullptr;
    std::optional<QStringList> names;
    for (const Control *control : selected(context)) {
        const Column *column = table ? findColumn(*table, control->column) : nullptr;
        const QStringList possible =
            kindsFor(*control, column ? std::optional<ColumnType>(column->type) : std::nullopt);
        if (!names) {
            names = possible;
        } else {
            names->removeIf([&](const QString &name) { return !possible.contains(name); });
        }
    }
    QList<SettingChoice> choices;
    const QStringList wanted = names.value_or(QStringList());
    for (const QString &name : wanted) {
        choices.append({name, kindTitle(kindNamed(name))});
    }
    return choices;
}

Result<Form> writeKind(const Context &context, const QString &typed)
{
    const QList<SettingChoice> choices = kindChoices(context);
    const bool isPossible =
        std::any_of(choices.begin(), choices.end(), [&](const SettingChoice &choice) { return choice.value == typed; });
    if (!isPossible) {
        return Error{Texts::tr("What is selected cannot become a %1: its column holds something else, or there is "
                               "nothing to choose from.")
                         .arg(withinSentence(kindTitle(kindNamed(typed)))),
                     {}};
    }
    return withKind(context.form, context.selection.controls(), typed);
}

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

enum RideEdge { LeftEdge, RightEdge, TopEdge, BottomEdge };

RailId Rides::*edgeOf(int which)
{
    switch (which) {
    case LeftEdge:
        return &Rides::left;
    case RightEdge:
        return &Rides::right;
    case TopEdge:
        return &Rides::top;
    default:
        return &Rides::bottom;
    }
}

template <int which> Words readRide(const Context &context)
{
    return common(context, [](const Control &c) { return QString::number(c.rides.*edgeOf(which)); });
}

template <int which> QList<SettingChoice> rideChoices(const Context &context)
{
    QList<SettingChoice> choices{{QString::number(FixedRail::None), Texts::tr("free")}};
    switch (which) {
    case LeftEdge:
        choices.append({QString::number(FixedRail::FormLeft), Texts::tr("left edge")});
        break;
    case RightEdge:
        choices.append({QString::number(FixedRail::FormRight), Texts::tr("right edge")});
        break;
    case TopEdge:
        choices.append({QString::number(FixedRail::BodyTop), Texts::tr("top")});
        break;
    default:
        choices.append({QString::number(FixedRail::BodyBottom), Texts::tr("bottom")});
        break;
    }
    const bool isLevel = which == TopEdge || which == BottomEdge;
    for (const Rail &rail : isLevel ? context.form.levelRails : context.form.rails) {
        choices.append({QString::number(rail.id), rail.name});
    }
    return choices;
}

bool isInBody(const Context &context)
{
    return isSomething(context) && !anyControl(context, [](const Control &c) { return c.band != BandRole::Body; }) &&
           !isTabular(context.form);
}

// What happens to what is selected when the window gets wider, or higher.
constexpr const char *ByItsRails = "rails";

template <Direction direction> Words readHolding(const Context &context)
{
    return common(context, [&](const Control &c) {
        const std::optional<Holding> holding = holdingOf(context.form, c, direction);
        return holding ? QString::number(static_cast<int>(*holding)) : QString::fromLatin1(ByItsRails);
    });
}

template <Direction direction> QList<SettingChoice> holdingChoices(const Context &context)
{
    const auto value = [](Holding holding) { return QString::number(static_cast<int>(holding)); };
    QList<SettingChoice> choices{{value(Holding::Stays), Texts::tr("stays")},
                                 {value(Holding::Moves), Texts::tr("moves")},
                                 {value(Holding::Stretches), Texts::tr("stretches")},
                                 {value(Holding::KeepsShare), Texts::tr("its share")}};
    if (readHolding<direction>(context) == QLatin1String(ByItsRails)) {
        choices.append({QString::fromLatin1(ByItsRails), Texts::tr("as its rails")});
    }
    return choices;
}

template <Direction direction> Result<Form> writeHolding(const Context &context, const QString &typed)
{
    bool isNumber = false;
    const int holding = typed.toInt(&isNumber);
    return isNumber ? withHolding(context.form, context.selection.controls(), direction, static_cast<Holding>(holding))
                    : context.form;
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

} // namespace

QList<Setting> controlWordSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"column", Controls, Texts::later("Bound to"), Texts::later("Column"),
         Texts::later("The column whose value the box shows and writes."), Choice,
         Texts::later("Change what a box is bound to"), canBind, readColumn, writeColumn, columnChoices},
        {"kind", Controls, Texts::later("Bound to"), Texts::later("Kind"),
         Texts::later("What sort of control this is; it keeps its column, caption, name and place."), Choice,
         Texts::later("Change a kind"), always, readKind, writeKind, kindChoices},
        {"captionWords", Controls, Texts::later("Caption"), Texts::later("Words"),
         Texts::later("What stands beside the box. A double click on the form edits it there."), SettingEditor::Words,
         Texts::later("Change a caption"), hasWords, readCaption, writeCaption},
    };
}

QList<Setting> controlPlaceSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"placeLeft", Controls, Texts::later("Place"), Texts::later("Left"),
         Texts::later("From the form's left edge. +8 moves on, 12mm and 1in do as well, *2 and /2 too."),
         SettingEditor::Words, Texts::later("Move by number"), always, readPlace<0>, writePlace<0>},
        {"placeTop", Controls, Texts::later("Place"), Texts::later("Top"),
         Texts::later("From the band's top edge. Arithmetic as for Left."), SettingEditor::Words,
         Texts::later("Move by number"), always, readPlace<1>, writePlace<1>},
        {"placeWidth", Controls, Texts::later("Place"), Texts::later("Width"),
         Texts::later("How wide it is. Arithmetic as for Left."), SettingEditor::Words,
         Texts::later("Resize by number"), isSomething, readPlace<2>, writePlace<2>},
        {"placeHeight", Controls, Texts::later("Place"), Texts::later("Height"),
         Texts::later("How high it is. Arithmetic as for Left."), SettingEditor::Words,
         Texts::later("Resize by number"), isSomething, readPlace<3>, writePlace<3>},
        {"holdsAcross", Controls, Texts::later("Place"), Texts::later("Wider"),
         Texts::later(
             "What it does when the window gets wider: it stays at the left, moves with the right edge, stretches "
             "between "
             "both, or keeps its share of the width."),
         Choice, Texts::later("Change a hold"), always, readHolding<Direction::Across>, writeHolding<Direction::Across>,
         holdingChoices<Direction::Across>},
        {"holdsDown", Controls, Texts::later("Place"), Texts::later("Higher"),
         Texts::later(
             "What it does when the window gets higher: it stays at the top, moves with the bottom, stretches between "
             "both, or keeps its share of the height."),
         Choice, Texts::later("Change a hold"), isInBody, readHolding<Direction::Down>, writeHolding<Direction::Down>,
         holdingChoices<Direction::Down>},
        {"ridesLeft", Controls, Texts::later("Place"), Texts::later("Left rides"),
         Texts::later("The rail that the left edge keeps to, however the rail or the window moves."), Choice,
         Texts::later("Change a hold"), always, readRide<LeftEdge>, writeRide<LeftEdge>, rideChoices<LeftEdge>},
        {"ridesRight", Controls, Texts::later("Place"), Texts::later("Right rides"),
         Texts::later(
             "The rail that the right edge keeps to. With the left edge free it moves, with both held it stretches."),
         Choice, Texts::later("Change a hold"), always, readRide<RightEdge>, writeRide<RightEdge>,
         rideChoices<RightEdge>},
        {"ridesTop", Controls, Texts::later("Place"), Texts::later("Top rides"),
         Texts::later("The level rail that the top edge keeps to."), Choice, Texts::later("Change a hold"), isInBody,
         readRide<TopEdge>, writeRide<TopEdge>, rideChoices<TopEdge>},
        {"ridesBottom", Controls, Texts::later("Place"), Texts::later("Bottom rides"),
         Texts::later(
             "The level rail that the bottom edge keeps to. With the top edge free it moves, with both held it "
             "stretches."),
         Choice, Texts::later("Change a hold"), isInBody, readRide<BottomEdge>, writeRide<BottomEdge>,
         rideChoices<BottomEdge>},
        {"role", Controls, Texts::later("Look"), Texts::later("Role"),
         Texts::later("Which of the look's fonts and colours it has."), Choice, Texts::later("Change a look"), hasRole,
         readRole, writeRole, roleChoices},
    };
}

QList<Setting> controlNameSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"controlName", Controls, Texts::later("Name"), Texts::later("Name"),
         Texts::later("What formulas and the file call this control."), SettingEditor::Words,
         Texts::later("Rename a control"), isOne, readName, writeName},
    };
}

} // namespace nabblet

// Settings of bands and of rails.
#include "core/arrange/moving.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

namespace nabblet {

using namespace setting_parts;

namespace {

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

Words readTone(const Context &context)
{
    const Band *band = findBand(context.form, *context.selection.band());
    return QString::number(band ? static_cast<int>(band->tone) : 0);
}

QList<SettingChoice> toneChoices(const Context &)
{
    return {{QStringLiteral("0"), Texts::tr("as is usual")},
            {QStringLiteral("1"), Texts::tr("paper")},
            {QStringLiteral("2"), Texts::tr("a light tint")},
            {QStringLiteral("3"), Texts::tr("a stronger tint")}};
}

Result<Form> writeTone(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (Band &band : form.bands) {
        if (band.role == *context.selection.band()) {
            band.tone = static_cast<BandTone>(typed.toInt());
        }
    }
    return form;
}

Words readBandControls(const Context &context)
{
    return QString::number(controlsInBand(context.form, *context.selection.band()).size());
}

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
        return Error{isLevelRail(context.form, context.selection.rail()) ? Texts::tr("That would be above the body.")
                                                                         : Texts::tr("That would be left of the form."),
                     {}};
    }
    return moveRail(context.form, context.selection.rail(), *at);
}

Words readHold(const Context &context)
{
    const Rail *rail = findRail(context.form, context.selection.rail());
    return QString::number(rail ? static_cast<int>(rail->hold) : 0);
}

QList<SettingChoice> holdChoices(const Context &context)
{
    const bool isLevel = isLevelRail(context.form, context.selection.rail());
    return {
        {QStringLiteral("0"), isLevel ? Texts::tr("to the top") : Texts::tr("to the left")},
        {QStringLiteral("1"), isLevel ? Texts::tr("to the bottom") : Texts::tr("to the right")},
        {QStringLiteral("2"), isLevel ? Texts::tr("its share of the height") : Texts::tr("its share of the width")}};
}

Result<Form> writeHold(const Context &context, const QString &typed)
{
    return withRailHold(context.form, context.selection.rail(), static_cast<Hold>(typed.toInt()));
}

bool isUpright(const Context &context)
{
    return !isLevelRail(context.form, context.selection.rail());
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

} // namespace

QList<Setting> bandAndRailSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"bandHeight", SettingOf::Band, Texts::later("Size"), Texts::later("Height"),
         Texts::later("The band's height. It stops at the lowest control."), SettingEditor::Words,
         Texts::later("Change a band's height"), always, readBandHeight, writeBandHeight},
        {"bandTone", SettingOf::Band, Texts::later("Look"), Texts::later("Colour"),
         Texts::later("The band's ground, one of the look's."), Choice, Texts::later("Change a band's colour"), always,
         readTone, writeTone, toneChoices},
        {"bandControls", SettingOf::Band, Texts::later("Size"), Texts::later("Controls"),
         Texts::later("How many controls stand in the band."), Shown, "", always, readBandControls, writeNothing},
        {"railName", SettingOf::Rail, Texts::later("Rail"), Texts::later("Name"),
         Texts::later("What the rail is called here and in the file."), SettingEditor::Words,
         Texts::later("Rename a rail"), always, readRailName, writeRailName},
        {"railPlace", SettingOf::Rail, Texts::later("Rail"), Texts::later("At"),
         Texts::later("From the form's left edge, or from the body's top. All edges on it go along."),
         SettingEditor::Words, Texts::later("Move a rail"), always, readRailPlace, writeRailPlace},
        {"railHold", SettingOf::Rail, Texts::later("Rail"), Texts::later("Holds"),
         Texts::later("How the rail moves when the window gets wider, or higher."), Choice,
         Texts::later("Change a rail's hold"), always, readHold, writeHold, holdChoices},
        {"railAutomatic", SettingOf::Rail, Texts::later("Rail"), Texts::later("Automatic"),
         Texts::later("The rail stands just clear of the longest caption that ends on it."), Flag,
         Texts::later("Change a rail"), isUpright, readAutomatic, writeAutomatic},
        {"railEdges", SettingOf::Rail, Texts::later("Rail"), Texts::later("Edges on it"),
         Texts::later("How many edges ride the rail."), Shown, "", always, readEdges, writeNothing},
    };
}

} // namespace nabblet

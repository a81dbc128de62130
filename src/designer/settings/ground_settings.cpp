// Settings of the look of bands, of the form as a whole and of what stands in them: colours, pictures, the style of
// what is inside.
#include "core/arrange/containers.h"
#include "core/edit/look_edits.h"
#include "core/looks/colour_words.h"
#include "core/looks/dressing/ground_picture.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/tr.h"
#include "designer/settings/choice_lists.h"
#include "designer/settings/setting_parts.h"

namespace nabblet {

using namespace setting_parts;

namespace {

Words readBandFill(const Context &context)
{
    const Band *band = findBand(context.form, *context.selection.band());
    const TwoSided *fill = band ? band->settings.get(setting::Fill) : nullptr;
    return fill ? twoSidedInWords(*fill) : QString();
}

Result<Form> writeBandFill(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (Band &band : form.bands) {
        if (band.role != *context.selection.band()) {
            continue;
        }
        const Result<ControlSettings> settings = withColourTyped(band.settings, setting::Fill, typed);
        if (!settings) {
            return settings.error();
        }
        band.settings = *settings;
    }
    return form;
}

Words bandFillSaid(const Context &context)
{
    Form form = context.form;
    for (Band &band : form.bands) {
        band.settings.remove(setting::Fill);
    }
    const Ground ground = groundOfBand(form, *context.selection.band(), context.appearance->styles());
    return colourInWords(ground.in(context.appearance->look(), context.appearance->theme()));
}

// The settings of the band that is selected, or else of the form.
const ControlSettings *settingsShown(const Context &context)
{
    if (!context.selection.band()) {
        return &context.form.settings;
    }
    const Band *band = findBand(context.form, *context.selection.band());
    return band ? &band->settings : nullptr;
}

GroundPicture pictureShown(const Context &context)
{
    const ControlSettings *settings = settingsShown(context);
    return settings ? settings->value(setting::GroundImage) : GroundPicture();
}

Form withPicture(const Context &context, const GroundPicture &picture)
{
    Form form = context.form;
    if (!context.selection.band()) {
        form.settings.set(setting::GroundImage, picture);
        return form;
    }
    for (Band &band : form.bands) {
        if (band.role == *context.selection.band()) {
            band.settings.set(setting::GroundImage, picture);
        }
    }
    return form;
}

Words readGroundPicture(const Context &context)
{
    return fixedPictureInWords(pictureShown(context).picture);
}

Result<Form> writeGroundPicture(const Context &context, const QString &path)
{
    GroundPicture changed = pictureShown(context);
    const Result<FixedPicture> picture = chosenPicture(context, path);
    if (!picture) {
        return picture.error();
    }
    changed.picture = *picture;
    return withPicture(context, changed);
}

bool hasGroundPicture(const Context &context)
{
    return !pictureShown(context).picture.isEmpty();
}

bool hasGroundPictureByReference(const Context &context)
{
    return !pictureShown(context).picture.file.isEmpty();
}

Words readGroundFit(const Context &context)
{
    return groundFitNames().at(static_cast<int>(pictureShown(context).fit));
}

Result<Form> writeGroundFit(const Context &context, const QString &typed)
{
    GroundPicture changed = pictureShown(context);
    changed.fit = static_cast<GroundFit>(std::max<qsizetype>(0, groundFitNames().indexOf(typed)));
    return withPicture(context, changed);
}

QList<SettingChoice> groundFits(const Context &)
{
    const QStringList words{Texts::tr("scaled to cover all"),
                            Texts::tr("scaled to be seen whole"),
                            Texts::tr("tiled"),
                            Texts::tr("in the top left corner"),
                            Texts::tr("at the top"),
                            Texts::tr("in the top right corner"),
                            Texts::tr("at the left"),
                            Texts::tr("in the middle"),
                            Texts::tr("at the right"),
                            Texts::tr("in the bottom left corner"),
                            Texts::tr("at the bottom"),
                            Texts::tr("in the bottom right corner")};
    QList<SettingChoice> choices;
    for (qsizetype i = 0; i < words.size(); ++i) {
        choices.append({groundFitNames().at(i), words.at(i)});
    }
    return choices;
}

Words readGroundStrength(const Context &context)
{
    return Texts::tr("%1 %").arg(pictureShown(context).strength);
}

Result<Form> writeGroundStrength(const Context &context, const QString &typed)
{
    QString digits = typed;
    bool isNumber = false;
    const int percent = digits.remove(u'%').trimmed().toInt(&isNumber);
    if (!isNumber || percent < 1 || percent > 100) {
        return Error{Texts::tr("How strong a picture is lies between 1 and 100 %."), {}};
    }
    GroundPicture changed = pictureShown(context);
    changed.strength = percent;
    return withPicture(context, changed);
}

Words readGroundKept(const Context &context)
{
    return pictureShown(context).picture.file.isEmpty() ? Yes : QString();
}

Result<Form> writeGroundKept(const Context &context, const QString &)
{
    GroundPicture changed = pictureShown(context);
    if (changed.picture.image.isEmpty()) {
        return Error{Texts::tr("%1 is not there, so it cannot become part of the form.").arg(changed.picture.file), {}};
    }
    changed.picture.file.clear();
    return withPicture(context, changed);
}

// All that stands in what is selected: containers, a band, or the whole form.
QList<ControlId> inside(const Context &context)
{
    const QList<ControlId> selection = context.selection.controls();
    const QSet<ControlId> members = membersOf(context.form, {selection.begin(), selection.end()});
    QList<ControlId> all;
    for (const Control &control : context.form.controls) {
        const bool isInside = !selection.isEmpty()       ? members.contains(control.id)
                              : context.selection.band() ? control.band == *context.selection.band()
                                                         : true;
        if (isInside) {
            all.append(control.id);
        }
    }
    return all;
}

bool holdsSomething(const Context &context)
{
    const bool areContainers = context.selection.controls().isEmpty() || anyControl(context, holdsOthers);
    return areContainers && !inside(context).isEmpty();
}

Words readStyleInside(const Context &context)
{
    Words first;
    for (const ControlId id : inside(context)) {
        const QString style = context.form.controls.find(id)->settings.value(setting::Style);
        if (first && *first != style) {
            return std::nullopt;
        }
        first = style;
    }
    return first.value_or(QString());
}

Result<Form> writeStyleInside(const Context &context, const QString &typed)
{
    return withStyleBeneath(context.form, inside(context), typed, context.measure);
}

QList<SettingChoice> stylesInside(const Context &context)
{
    return styleChoices(context.appearance->styles(), readStyleInside(context).value_or(QString()));
}

} // namespace

QList<Setting> groundSettings()
{
    using enum SettingEditor;
    Setting fill{
        "bandFill",
        SettingOf::Band,
        Texts::later("Look"),
        Texts::later("Fill"),
        Texts::later("The band's ground, whatever the look says. Words stay readable on it. Two colours with a stroke "
                     "between them: light / dark."),
        ColourBox,
        Texts::later("Change a band's colour")};
    fill.applies = always;
    fill.read = readBandFill;
    fill.write = writeBandFill;
    fill.said = bandFillSaid;
    QList<Setting> all{fill};
    for (const SettingOf of : {SettingOf::Band, SettingOf::Form}) {
        const bool isBand = of == SettingOf::Band;
        all.append(
            {isBand ? "bandPicture" : "formPicture", of, Texts::later("Look"), Texts::later("Picture"),
             isBand ? Texts::later(
                          "A picture on the band's ground. One inside the project's folder stays a file of its own.")
                    : Texts::later("A picture on the ground of all bands without a ground of their own. One inside the "
                                   "project's folder stays a file of its own."),
             File, Texts::later("Change a ground picture"), always, readGroundPicture, writeGroundPicture});
        all.append({isBand ? "bandPictureFit" : "formPictureFit", of, Texts::later("Look"), Texts::later("It lies"),
                    Texts::later("Scaled, tiled, or in its own size at an edge."), Choice,
                    Texts::later("Change a ground picture"), hasGroundPicture, readGroundFit, writeGroundFit,
                    groundFits});
        all.append({isBand ? "bandPictureStrength" : "formPictureStrength", of, Texts::later("Look"),
                    Texts::later("Strength"),
                    Texts::later("How strong it is; 100 % is as it is. Faint ones leave the words on them readable."),
                    SettingEditor::Words, Texts::later("Change a ground picture"), hasGroundPicture, readGroundStrength,
                    writeGroundStrength});
        all.append({isBand ? "bandPictureKept" : "formPictureKept", of, Texts::later("Look"),
                    Texts::later("In the form"),
                    Texts::later("Makes the picture a part of the form, which needs its file no longer."), Flag,
                    Texts::later("Take a picture into the form"), hasGroundPictureByReference, readGroundKept,
                    writeGroundKept});
    }
    for (const SettingOf of : {SettingOf::Controls, SettingOf::Band, SettingOf::Form}) {
        const char *name = of == SettingOf::Controls ? "styleInside"
                           : of == SettingOf::Band   ? "bandStyleInside"
                                                     : "formStyleInside";
        all.append({name, of, Texts::later("Look"), Texts::later("Style inside"),
                    Texts::later("The style of all that stands in it. What is put there later has it as well."), Style,
                    Texts::later("Change the style inside"), holdsSomething, readStyleInside, writeStyleInside,
                    stylesInside});
    }
    return all;
}

} // namespace nabblet

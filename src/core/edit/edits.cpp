#include "core/edit/edits.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/moving.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/arrange/windows/window_size.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/usual_words.h"
#include "core/model/changed_controls.h"
#include "core/text/caption_words.h"

#include <QSet>

#include <algorithm>
#include <limits>

namespace nabblet {

Form deleteBoxesOnly(const Form &form, const QList<ControlId> &controls)
{
    Form detached = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        if (Control caption = form.controls.at(i); caption.captionFor != 0 && controls.contains(caption.captionFor)) {
            caption.captionFor = 0;
            detached.controls.replace(i, caption);
        }
    }
    return deleteControls(detached, controls);
}

Form withEmptiedBandsClosed(const Form &before, const Form &after)
{
    Form result = after;
    for (const BandRole role : {BandRole::Header, BandRole::Footer}) {
        const auto stands = [&](const Form &form) {
            return std::any_of(form.controls.begin(), form.controls.end(),
                               [&](const Control &control) { return control.band == role; });
        };
        if (findBand(after, role) && stands(before) && !stands(after)) {
            result = withoutBand(result, role);
        }
    }
    return result;
}

Form withTitle(const Form &form, const QString &title, const TextMeasure &measure)
{
    Form result = form;
    result.title = title;
    for (const Control &control : form.controls) {
        const bool isHeading = isCaption(control) && control.captionFor == 0 && control.role == QLatin1String("title");
        if (isHeading && control.text == form.title && !title.isEmpty()) {
            return setCaptionText(result, control.id, title, measure);
        }
    }
    return result;
}

Form withNameByWords(const Form &form, ControlId id, const QString &pattern)
{
    const int index = form.controls.indexOf(id);
    if (index < 0 || identifierFromText(form.controls.at(index).text).isEmpty()) {
        return form;
    }
    const Control &words = form.controls.at(index);
    const Control *field = words.captionFor != 0 ? form.controls.find(words.captionFor) : nullptr;
    const bool isOwn = !field && isNamedByItsWords(words);
    const bool isOfField = field && field->column.isEmpty() && hasNameOfItsKind(*field);
    if (!isOfField && (!isOwn || !hasNameOfItsKind(words))) {
        return form;
    }
    const QString name = identifierFromText(words.text);
    Form result = form;
    const QList<ControlId> named = isOfField ? QList<ControlId>{field->id, id} : QList<ControlId>{id};
    for (const ControlId each : named) {
        Control control = *result.controls.find(each);
        control.name = NamePool(controlNames(result, each))
                           .take(nameFromPattern(pattern, kindNamed(control.kind).shortName, name));
        result.controls.replace(result.controls.indexOf(each), control);
    }
    return result;
}

Form withWords(const Form &form, const QHash<ControlId, QString> &words, const TextMeasure &measure)
{
    QList<ControlId> taller;
    const Form renamed = changed(form, QSet<ControlId>(words.keyBegin(), words.keyEnd()), [&](Control control) {
        const QString text = words.value(control.id);
        const auto linesBefore = control.text.count(u'\n') + 1;
        const auto lines = static_cast<int>(text.count(u'\n')) + 1;
        control.text = text;
        if (lines == linesBefore || control.kind != QLatin1String("caption")) {
            return control;
        }
        // As high as its lines need; above its box, it grows upwards.
        const TextRole role = textRoleNamed(control.role, TextRole::Caption);
        const int usual = kindNamed(control.kind).usualSize.height();
        const int height =
            lines == 1 ? usual
                       : onGridAtOrAfter(lines * measure.of(control)->lineHeight(role), std::max(1, form.grid.pitch));
        const int more = height - control.place.height();
        if (more > 0) {
            taller.append(control.id);
        }
        control.place.setHeight(height);
        if (sitsAbove(control)) {
            control.place.moveTop(std::max(0, control.place.y() - more));
        }
        return control;
    });
    const Form result = settled(renamed, measure);
    // What the words would cover makes way.
    return taller.isEmpty() ? result : withWayMade(result, taller);
}

Form setCaptionText(const Form &form, ControlId caption, const QString &text, const TextMeasure &measure)
{
    const Control *before = form.controls.find(caption);
    const Form result = withWords(form, {{caption, text}}, measure);
    return before && before->text != text ? withNameByWords(result, caption) : result;
}

Form renameControl(const Form &form, ControlId id, const QString &name)
{
    const QString sound = NamePool(controlNames(form, id)).take(identifierFromText(name));
    return changed(form, {id}, [&](Control control) {
        control.name = sound;
        return control;
    });
}

Form withSettings(const Form &form, const QList<ControlId> &controls,
                  const std::function<void(ControlSettings &settings)> &change)
{
    return changed(form, setOf(controls), [&](Control control) {
        change(control.settings);
        return control;
    });
}

Form setRowsFrom(const Form &form, const QString &name, const QString &select)
{
    Form result = form;
    result.rowsFrom = name;
    result.select = select;
    return result;
}

Form renamedByPattern(const Form &form, const QString &pattern)
{
    QHash<ControlId, QString> baseOf;
    for (const Control &control : form.controls) {
        const std::optional<Followed> followed = followedBy(control);
        const std::optional<Total> total = totalOf(control);
        const QString base = !control.column.isEmpty()    ? control.column
                             : followed                   ? followed->columns.last() + u'_' + followed->column
                             : control.inner              ? control.inner.get()->rowsFrom
                             : total                      ? total->column
                             : isNamedByItsWords(control) ? identifierFromText(control.text)
                                                          : QString();
        baseOf.insert(control.id, base);
    }
    // What keeps its name has it first.
    QStringList kept;
    for (const Control &control : form.controls) {
        const QString base = control.captionFor != 0 ? baseOf.value(control.captionFor) : baseOf.value(control.id);
        if (base.isEmpty()) {
            kept.append(control.name);
        }
    }
    NamePool names(kept);
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        const QString base = control.captionFor != 0 ? baseOf.value(control.captionFor) : baseOf.value(control.id);
        if (!base.isEmpty()) {
            control.name = names.take(nameFromPattern(pattern, kindNamed(control.kind).shortName, base));
        }
        if (control.inner) {
            control.inner = InnerForm(renamedByPattern(*control.inner.get(), pattern));
        }
        result.controls.replace(i, control);
    }
    return result;
}

Form deleteCaptionsOf(const Form &form, const QList<ControlId> &controls)
{
    const ControlSet named = setOf(controls);
    Form result = form;
    ControlSet gone;
    for (int i = result.controls.size() - 1; i >= 0; --i) {
        const Control &control = result.controls.at(i);
        const bool isNamed = named.contains(control.id) || named.contains(control.captionFor);
        if (control.kind == QLatin1String("caption") && isNamed) {
            gone.insert(control.id);
            result.controls.removeAt(i);
        }
    }
    forget(result, gone);
    return result;
}

Form setBandHeight(const Form &form, BandRole role, int height, Crowding crowding)
{
    if (crowding == Crowding::StopsAt && role == BandRole::Body) {
        return setBodyHeight(form, height);
    }
    Form result = form;
    for (Band &band : result.bands) {
        if (band.role == role) {
            band.height = std::max(height, 0);
        }
    }
    if (crowding == Crowding::StopsAt) {
        return grownToHold(result);
    }
    int highest = std::numeric_limits<int>::max();
    int lowest = 0;
    for (const Control &control : form.controls) {
        if (control.band == role) {
            highest = std::min(highest, control.place.y());
            lowest = std::max(lowest, bottomOf(control.place));
        }
    }
    const int by = std::min(std::max(0, lowest - std::max(height, 0)), highest);
    for (int i = 0; by > 0 && i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (control.band == role) {
            control.place.translate(0, -by);
            result.controls.replace(i, control);
        }
    }
    return grownToHold(result);
}

Form withBand(const Form &form, BandRole role)
{
    constexpr int UsualHeight = 48; // px
    if (findBand(form, role)) {
        return form;
    }
    Form result = form;
    result.bands.append(Band{role, UsualHeight, {}});
    std::sort(result.bands.begin(), result.bands.end(), [](const Band &a, const Band &b) { return a.role < b.role; });
    return result;
}

Form withTitledHeader(const Form &form, const TextMeasure &measure)
{
    if (findBand(form, BandRole::Header)) {
        return form;
    }
    constexpr int Margin = 16; // px
    Form result = withBand(form, BandRole::Header);
    Control title;
    title.id = nextControlId(result);
    title.kind = QStringLiteral("caption");
    title.role = QStringLiteral("title");
    title.name = NamePool(controlNames(result)).take(QStringLiteral("title"));
    title.band = BandRole::Header;
    title.text = form.title.isEmpty() ? form.name : form.title;
    const int height = onGridAtOrAfter(measure.lineHeight(TextRole::Title), std::max(1, form.grid.pitch));
    title.place = QRect(Margin, std::max(0, (findBand(result, BandRole::Header)->height - height) / 2),
                        captionWidth(title, measure), height);
    result.controls.append(title);
    return grownToHold(result);
}

Form withAddedBand(const Form &form, BandRole role, const TextMeasure &measure)
{
    return role == BandRole::Header ? withTitledHeader(form, measure) : withBand(form, role);
}

Form withoutBand(const Form &form, BandRole role)
{
    if (role == BandRole::Body) {
        return form;
    }
    QList<ControlId> leaving;
    for (const Control &control : form.controls) {
        if (control.band == role) {
            leaving.append(control.id);
        }
    }
    Form result = leaving.isEmpty() ? form : deleteControls(form, leaving);
    result.bands.removeIf([&](const Band &band) { return band.role == role; });
    return result;
}

Form trimmed(const Form &form)
{
    int left = std::numeric_limits<int>::max();
    int right = 0;
    for (const Control &control : form.controls) {
        left = std::min(left, control.place.x());
        // What stretches to the form's edge follows the edge; it counts with its least width.
        right = std::max(right, rightOf(control.place));
    }
    Form result = form;
    for (Band &band : result.bands) {
        int top = std::numeric_limits<int>::max();
        int bottom = 0;
        for (const Control &control : form.controls) {
            if (control.band == band.role) {
                top = std::min(top, control.place.y());
                bottom = std::max(bottom, bottomOf(control.place));
            }
        }
        if (bottom > 0) {
            band.height = std::min(band.height, bottom + std::min(top, 2 * form.grid.pitch));
        }
    }
    if (right == 0) {
        return result;
    }
    // The controls keep their places, so holds at the right edge keep their new distance.
    result.width = std::min(form.width, right + std::min(left, 2 * form.grid.pitch));
    return result;
}

Form withTabOrder(const Form &form, TabOrder order)
{
    Form result = form;
    result.tabOrder = order;
    if (order != TabOrder::ByHand) {
        result.handOrder.clear();
    }
    return result;
}

Form withHandOrder(const Form &form, const QList<ControlId> &order)
{
    Form result = form;
    result.tabOrder = TabOrder::ByHand;
    result.handOrder = order;
    return result;
}

Form withLookOf(const Form &form, ControlId from, const QList<ControlId> &to)
{
    const Control *model = form.controls.find(from);
    if (!model) {
        return form;
    }
    const Control source = *model;
    return changed(form, setOf(to), [&](Control control) {
        if (control.id == source.id) {
            return control;
        }
        control.role = source.role;
        control.settings.takeAll(SettingPart::Look, source.settings);
        return control;
    });
}

} // namespace nabblet

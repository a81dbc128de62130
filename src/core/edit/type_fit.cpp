#include "core/edit/type_fit.h"

#include "core/arrange/arranged.h"
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/edit/scaled_form.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/scaled_parts.h"
#include "core/kinds/settings/button_picture.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/head_height.h"
#include "core/looks/pins/look_pin.h"

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

// Whether it shows one line of letters, or the few lines of a caption, for which it has to be high enough.
bool isOfLines(const Control &control)
{
    const Editor editor = kindNamed(control.kind).editor;
    return isCaption(control) || control.kind == QLatin1String("total") || editor == Editor::Line ||
           editor == Editor::Choice || editor == Editor::Button || editor == Editor::Tick;
}

// How much wider letters are than they were.
double wider(const TextMeasure &before, const TextMeasure &now)
{
    const QString sample = QStringLiteral("The quick brown fox 0123456789, NB-2014-C");
    return now.width(sample, TextRole::Field) /
           std::max(1.0, static_cast<double>(before.width(sample, TextRole::Field)));
}

double higher(const TextMeasure &before, const TextMeasure &now)
{
    return now.lineHeight(TextRole::Field) / std::max(1.0, static_cast<double>(before.lineHeight(TextRole::Field)));
}

// Boxes in which words of the rows stand, which nobody can measure all of.
bool holdsWords(const Control &control)
{
    const Editor editor = kindNamed(control.kind).editor;
    return editor == Editor::Line || editor == Editor::Choice || editor == Editor::LongText ||
           editor == Editor::Options || editor == Editor::List;
}

// A heading or tabs as high as larger letters need, in the measure of the usual ones.
void giveHeadRoom(Control &control, const TextMeasure &own, const TextMeasure &old, int pitch)
{
    constexpr int UsualLine = 18; // px
    const int line = own.lineHeight(TextRole::Heading);
    if (hasHead(control) && line > old.lineHeight(TextRole::Heading)) {
        const int needed = onGridAtOrAfter(line * UsualHead / UsualLine, pitch);
        setHeadHeight(control, std::max(headHeight(control), needed));
    }
}

Control withRoom(const Control &control, const Control &was, int pitch, const TextMeasure &measure,
                 const TextMeasure &before)
{
    const auto own = measure.of(control);
    Control roomy = control;
    giveHeadRoom(roomy, *own, *before.of(was), pitch);
    if (holdsWords(control)) {
        const auto old = before.of(was);
        const int inside = was.place.width() - 2 * old->padding();
        const double more = wider(*old, *own);
        const int width = static_cast<int>(std::ceil(inside * more)) + 2 * own->padding();
        constexpr int Least = 2; // px that nobody misses
        // Back in the smaller letters, what was rounded up on the way is let go.
        if (width > control.place.width() + (more < 1 ? std::max(Least, pitch / 2) : Least)) {
            roomy.place.setWidth(onGridAtOrAfter(control.place.x() + width, pitch) - control.place.x());
        }
        const int height = static_cast<int>(std::ceil(was.place.height() * higher(*old, *own)));
        if (kindNamed(control.kind).editor == Editor::LongText && height > control.place.height() + Least) {
            roomy.place.setHeight(onGridAtOrAfter(height, pitch));
        }
    }
    if (!isOfLines(control)) {
        return roomy;
    }
    const int lines = isCaption(control) ? static_cast<int>(control.text.count(u'\n')) + 1 : 1;
    constexpr int AroundLine = 4; // px, the edges of a box
    const int needed = lines * own->lineHeight(roleOf(control)) + (isCaption(control) ? 0 : AroundLine);
    if (control.place.height() < needed) {
        const int height = onGridAtOrAfter(needed, pitch);
        if (isCaption(control) && sitsAbove(control)) {
            roomy.place.moveTop(std::max(0, control.place.y() - (height - control.place.height())));
        }
        roomy.place.setHeight(height);
    }
    const bool showsNoWords = pictureSideOf(control) == PictureSide::Alone;
    if (kindNamed(control.kind).editor == Editor::Button && !showsNoWords) {
        const int words = own->width(control.text, TextRole::Button) + 2 * own->padding();
        roomy.place.setWidth(std::max(control.place.width(), onGridAtOrAfter(words, pitch)));
    }
    return roomy;
}

// As wide as there is room beside it: rows do not give way to letters, what does not fit shows that it is cut.
int widthWithin(const Form &form, const Control &control, int wanted)
{
    constexpr int Gap = 8; // px
    int end = form.width;
    if (const Control *holder = form.controls.find(control.container)) {
        end = holder->place.x() + holder->place.width();
    }
    for (const Control &other : form.controls) {
        const bool isBeside = other.id != control.id && areaOf(other) == areaOf(control) &&
                              other.place.x() >= control.place.x() + control.place.width() &&
                              other.place.y() < control.place.y() + control.place.height() &&
                              control.place.y() < other.place.y() + other.place.height();
        end = isBeside ? std::min(end, other.place.x()) : end;
    }
    return std::max(control.place.width(), std::min(wanted, end - Gap - control.place.x()));
}

} // namespace

Form withRoomForType(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure,
                     const TypeBefore &before)
{
    const int pitch = std::max(1, form.grid.pitch);
    Form result = form;
    QList<ControlId> grown;
    for (const ControlId id : controls) {
        const int index = result.controls.indexOf(id);
        if (index < 0) {
            continue;
        }
        const Control now = result.controls.at(index);
        const Control *was = before.form.controls.find(id);
        Control roomy = withRoom(now, was ? *was : now, pitch, measure, before.measure);
        roomy.place.setWidth(widthWithin(result, now, roomy.place.width()));
        if (roomy.place != now.place) {
            result.controls.replace(index, withRidesSince(result, now.place, roomy));
            grown.append(id);
        } else if (!(roomy == now)) { // its head
            result.controls.replace(index, roomy);
            result = withMembersInside(result);
            grown.append(id);
        }
    }
    if (!grown.isEmpty()) {
        result = withWayMade(grownToHold(result), grown, lyingUnder(form, grown));
    }
    return settled(result, measure);
}

namespace {

// How far the rows of the body stand apart, most of them, px.
int rowsApart(const Form &form)
{
    QList<int> tops;
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Body && !isCaption(control)) {
            tops.append(control.place.y());
        }
    }
    std::sort(tops.begin(), tops.end());
    QHash<int, int> often;
    int most = 32; // as drafts have them
    for (qsizetype i = 1; i < tops.size(); ++i) {
        const int apart = tops.at(i) - tops.at(i - 1);
        if (apart > 0 && ++often[apart] > often.value(most)) {
            most = apart;
        }
    }
    return most;
}

// All controls, in the forms inside too.
Form withRoomForAll(const Form &form, const TextMeasure &measure, const TypeBefore &before)
{
    QList<ControlId> all;
    Form result = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        all.append(control.id);
        if (const Form *inner = control.inner.get()) {
            const Control *was = before.form.controls.find(control.id);
            const Form *innerBefore = was ? was->inner.get() : nullptr;
            const Form roomy = withRoomForAll(*inner, measure, {innerBefore ? *innerBefore : *inner, before.measure});
            if (!(roomy == *inner)) {
                control.inner = InnerForm(roomy);
                result.controls.replace(i, control);
            }
        }
    }
    return withRoomForType(result, all, measure, before);
}

} // namespace

Form withRoomForType(const Form &form, const TextMeasure &measure, const TypeBefore &before)
{
    constexpr double SameAgain = 0.02; // a difference that needs no other arrangement
    const double across = wider(before.measure, measure);
    const double down = higher(before.measure, measure);
    const int pitch = std::max(1, form.grid.pitch);
    const int apart = rowsApart(form);
    const bool isOther = std::abs(across - 1) > SameAgain || std::abs(down - 1) > SameAgain;
    // So that rows stay as evenly apart as they are: from one grid line to another.
    const double even = std::max(1.0, std::round(down * apart / pitch)) * pitch / apart;
    return withRoomForAll(isOther ? scaledForm(form, across, even, OnGrid::Yes) : form, measure, before);
}

} // namespace nabblet

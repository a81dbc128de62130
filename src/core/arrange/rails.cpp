#include "core/arrange/rails.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/kinds/kind.h"

#include <QStringList>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LeastWidth = 8; // px; no control is stretched to less

// A control after the rails it rides moved by these distances.
Control followed(Control control, int leftBy, int rightBy)
{
    const bool leftRides = control.rides.left != FixedRail::None;
    const bool rightRides = control.rides.right != FixedRail::None;
    if (leftRides && rightRides) {
        const int left = control.place.x() + leftBy;
        const int right = std::max(rightOf(control.place) + rightBy, left + LeastWidth);
        control.place = QRect(left, control.place.y(), right - left, control.place.height());
    } else if (leftRides || rightRides) {
        control.place.translate(leftRides ? leftBy : rightBy, 0);
    }
    return control;
}

bool isTitleOrText(const Control &control)
{
    return control.kind == QLatin1String("caption");
}

// Opens (or closes, with a negative distance) space at x through the whole form.
void openSpace(Form &form, RailId at, int x, int distance)
{
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        const bool endsThere = control.rides.right == at;
        const bool startsBehind = control.place.x() >= x;
        if (startsBehind || endsThere) {
            control.place.translate(distance, 0);
        } else if (control.rides.right != FixedRail::None && railPosition(form, control.rides.right) > x) {
            control.place.setWidth(std::max(LeastWidth, control.place.width() + distance));
        }
        form.controls.replace(i, control);
    }
    for (Rail &rail : form.rails) {
        if (rail.id == at || rail.position > x) {
            rail.position += distance;
        }
        if (rail.id != at && rail.isAutomatic && rail.captionsFrom >= x) {
            rail.captionsFrom += distance;
        }
    }
    form.width += distance;
}

} // namespace

int railPosition(const Form &form, RailId rail)
{
    switch (rail) {
    case FixedRail::FormLeft:
        return 0;
    case FixedRail::FormRight:
        return form.width;
    case FixedRail::BodyBottom: {
        const Band *body = findBand(form, BandRole::Body);
        return body ? body->height : 0;
    }
    default: {
        const Rail *own = findRail(form, rail);
        return own ? own->position : 0;
    }
    }
}

Form moveRail(const Form &form, RailId id, int position)
{
    Form result = form;
    int distance = 0;
    for (Rail &rail : result.rails) {
        if (rail.id == id) {
            distance = std::max(position, 0) - rail.position;
            if (rail.isAutomatic) {
                distance = std::max(distance, -rail.captionsFrom);
                rail.captionsFrom += distance;
            }
            rail.position += distance;
        }
    }
    if (distance == 0) {
        return form;
    }
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &control = result.controls.at(i);
        const int leftBy = control.rides.left == id ? distance : 0;
        const int rightBy = control.rides.right == id ? distance : 0;
        if (leftBy != 0 || rightBy != 0) {
            result.controls.replace(i, followed(control, leftBy, rightBy));
        }
    }
    return grownToHold(result);
}

int captionWidth(const Control &caption, const TextMeasure &measure)
{
    const TextRole role = textRoleNamed(caption.role, TextRole::Caption);
    int widest = 0;
    for (const QString &line : caption.text.split(u'\n')) {
        widest = std::max(widest, measure.width(line, role));
    }
    return std::max(widest + 1, LeastWidth);
}

Form settled(const Form &form, const TextMeasure &measure)
{
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &control = result.controls.at(i);
        if (!isTitleOrText(control)) {
            continue;
        }
        const int width = captionWidth(control, measure);
        if (width == control.place.width()) {
            continue;
        }
        Control caption = control;
        if (caption.rides.right != FixedRail::None || (caption.captionFor != 0 && !sitsAbove(caption))) {
            caption.place.setLeft(rightOf(control.place) - width);
        } else {
            caption.place.setWidth(width);
        }
        result.controls.replace(i, caption);
    }

    QList<RailId> automatic;
    for (const Rail &rail : result.rails) {
        if (rail.isAutomatic) {
            automatic.append(rail.id);
        }
    }
    std::sort(automatic.begin(), automatic.end(),
              [&](RailId a, RailId b) { return railPosition(result, a) < railPosition(result, b); });
    for (const RailId id : automatic) {
        const Rail rail = *findRail(result, id);
        int needed = -1;
        for (const Control &control : result.controls) {
            if (control.rides.right == id && isTitleOrText(control)) {
                const int gap = std::max(0, rail.position - rightOf(control.place));
                needed = std::max(needed, rail.captionsFrom + control.place.width() + gap);
            }
        }
        const int wanted = onGridAtOrAfter(needed, std::max(1, result.grid.pitch));
        if (needed >= 0 && wanted != rail.position) {
            openSpace(result, id, rail.position, wanted - rail.position);
        }
    }
    int beyond = 0; // px that a caption which no rail keeps clear sticks out at the left
    for (const Control &control : result.controls) {
        beyond = std::max(beyond, isTitleOrText(control) ? -control.place.x() : 0);
    }
    if (beyond > 0) {
        openSpace(result, FixedRail::FormLeft, -beyond, onGridAtOrAfter(beyond, std::max(1, form.grid.pitch)));
    }
    return grownToHold(result);
}

Form stretchedTo(const Form &form, int width, int bodyHeight, Narrowing narrowing)
{
    Form result = form;
    result.width = narrowing == Narrowing::Allowed ? std::max(LeastWidth, width) : std::max(form.width, width);
    int extraHeight = 0;
    for (Band &band : result.bands) {
        if (band.role == BandRole::Body) {
            extraHeight = std::max(0, bodyHeight - band.height);
            band.height += extraHeight;
        }
    }
    const int extra = result.width - form.width;
    if (extra == 0 && extraHeight == 0) {
        return form;
    }
    const auto movedBy = [&](RailId id) {
        if (id == FixedRail::FormRight) {
            return extra;
        }
        const Rail *rail = findRail(form, id);
        if (!rail || rail->hold == Hold::Left || form.width == 0) {
            return 0;
        }
        if (rail->hold == Hold::Right) {
            return extra;
        }
        return static_cast<int>(qRound(static_cast<double>(rail->position) * extra / form.width));
    };
    for (Rail &rail : result.rails) {
        rail.position += movedBy(rail.id);
    }
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = followed(result.controls.at(i), movedBy(result.controls.at(i).rides.left),
                                   movedBy(result.controls.at(i).rides.right));
        if (control.rides.bottom == FixedRail::BodyBottom && control.band == BandRole::Body) {
            control.place.setHeight(control.place.height() + extraHeight);
        }
        result.controls.replace(i, control);
    }
    return result;
}

Control withRidesByPlace(const Form &form, const Control &control)
{
    Control result = control;
    const bool isFieldCaption = control.captionFor != 0 && !sitsAbove(control);
    const auto railAt = [&](int edge, RailId before) {
        for (const Rail &rail : form.rails) {
            if (rail.position == edge) {
                return rail.id;
            }
        }
        // A hold on the form's own edges is a wish about the window's size, not about a line to stand on.
        return before < FixedRail::FirstFree ? before : FixedRail::None;
    };
    if (isFieldCaption) {
        result.rides.right = railAt(rightOf(control.place) + CaptionGap, control.rides.right);
        return result;
    }
    result.rides.left = railAt(control.place.x(), control.rides.left);
    if (control.kind != QLatin1String("caption")) {
        result.rides.right = railAt(rightOf(control.place), control.rides.right);
    }
    return result;
}

Form grownToHold(const Form &form)
{
    Form result = form;
    for (const Control &control : form.controls) {
        result.width = std::max(result.width, rightOf(control.place));
        for (Band &band : result.bands) {
            if (band.role == control.band) {
                band.height = std::max(band.height, control.place.y() + control.place.height());
            }
        }
    }
    if (result.width == form.width) {
        return result;
    }
    // What rides the form's right edge goes with it.
    const int distance = result.width - form.width;
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &control = result.controls.at(i);
        if (control.rides.right == FixedRail::FormRight) {
            result.controls.replace(i, followed(control, 0, distance));
        }
    }
    return result;
}

} // namespace nabblet

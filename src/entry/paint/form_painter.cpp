#include "entry/paint/form_painter.h"

#include "core/arrange/containers.h"
#include "core/arrange/windows/stretching.h"
#include "entry/paint/picture_painter.h"
#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

namespace {

constexpr qreal FaintOpacity = 0.35;

constexpr int RowMarkLeft = 5; // px from the form's left edge
constexpr int RowMarkWidth = 4;

Shown shownBy(const Form &form, const Control &control, EntrySession *session, const ShownInstead &instead)
{
    Shown shown = session && session->state().hasRecord() ? session->values().shown(control) : shownBlank(control);
    if (instead) {
        instead(form, control, shown);
    }
    return shown;
}

void paintRows(QPainter &painter, const Form &form, EntrySession *session, const QRect &area, int rowHeight,
               const Appearance &appearance, const ShownInstead &instead)
{
    const Styles &styles = appearance.styles();
    const Ground band = groundOfBand(form, BandRole::Body, styles);
    painter.save();
    painter.setClipRect(area, Qt::IntersectClip);
    const QList<Row> rows = session ? session->rows().window().rows() : QList<Row>();
    const int inHand = session ? session->rows().indexInHand() : 0;
    const int last = static_cast<int>(rows.size()); // the blank row for a new record stands behind the last
    const bool hasBlank = !session || session->state().canAdd();
    for (int i = 0; i < last + (hasBlank ? 1 : 0); ++i) {
        const QRect place(area.x(), area.y() + i * rowHeight, area.width(), rowHeight);
        if (place.y() > area.bottom()) {
            break;
        }
        const Ground ground = groundOfRow(form, band, i, appearance.look());
        if (!(ground == band) && !pictureOfBand(form, BandRole::Body)) {
            painter.fillRect(place, colourOf(ground, appearance));
        }
        for (const Control &control : form.controls) {
            if (control.band == BandRole::Body) {
                Shown shown = i == last     ? shownBlank(control)
                              : i == inHand ? session->values().shown(control)
                                            : session->values().shownIn(control, rows.at(i));
                if (instead && i != last) {
                    instead(form, control, shown);
                }
                paintControl(painter, control, shown, place.topLeft(), appearance, ground);
            }
        }
        if (i == inHand && i < last) {
            paintRowMark(painter, place, session->state().isChanged(), appearance);
        } else if (i == last) {
            paintNewRowMark(painter, place, appearance);
        }
    }
    painter.restore();
}

} // namespace

void paintRowMark(QPainter &painter, const QRect &rect, bool isChanged, const Appearance &appearance)
{
    painter.fillRect(rect.x() + RowMarkLeft, rect.y() + 2, RowMarkWidth, rect.height() - 4,
                     isChanged ? panelColours(appearance.theme()).rail : appearance.colour(Ink::Accent));
}

void paintNewRowMark(QPainter &painter, const QRect &rect, const Appearance &appearance)
{
    const QPoint middle(rect.x() + RowMarkLeft + RowMarkWidth / 2, rect.y() + rect.height() / 2);
    painter.fillRect(middle.x() - 4, middle.y() - 1, 9, 1, appearance.colour(Ink::CaptionText));
    painter.fillRect(middle.x(), middle.y() - 5, 1, 9, appearance.colour(Ink::CaptionText));
}

void paintForm(QPainter &painter, const Form &whole, EntrySession *session, QSize size, const Appearance &appearance,
               const ShownInstead &instead)
{
    const ControlValues::Painting painting(session ? &session->values() : nullptr);
    const Form asDesigned = withoutPageBands(whole);
    const Band *designedBody = findBand(asDesigned, BandRole::Body);
    const int rowHeight = designedBody ? designedBody->height : 0;
    const int bodyHeight = std::max(rowHeight, size.height() - (formHeight(asDesigned) - rowHeight));
    const bool isRepeated = isTabular(asDesigned) && rowHeight > 0;
    const Form form =
        withoutPagesBehind(stretchedTo(asDesigned, size.width(), isRepeated ? rowHeight : bodyHeight), {});
    int y = 0;
    for (const Band &band : form.bands) {
        const bool isBody = band.role == BandRole::Body;
        const QRect area(0, y, form.width, isBody ? bodyHeight : band.height);
        paintBand(painter, band.role, groundOfBand(form, band.role, appearance.styles()), area, appearance);
        if (const auto picture = pictureOfBand(form, band.role)) {
            paintGroundPicture(painter, *picture, area, QRect(QPoint(0, 0), size), appearance);
        }
        if (isBody && isRepeated) {
            paintRows(painter, form, session, area, rowHeight, appearance, instead);
        } else {
            for (const Control &control : form.controls) {
                if (control.band == band.role) {
                    paintControlWithRows(painter, control, shownBy(form, control, session, instead), session,
                                         area.topLeft(), appearance, groundUnder(form, control, appearance.styles()),
                                         instead);
                }
            }
        }
        y += area.height();
    }
}

void paintControlWithRows(QPainter &painter, const Control &control, const Shown &shown, EntrySession *session,
                          QPoint origin, const Appearance &appearance, const Ground &ground,
                          const ShownInstead &instead)
{
    const qreal opacity = painter.opacity();
    painter.setOpacity(shown.isFaint ? FaintOpacity * opacity : opacity);
    paintControl(painter, control, shown, origin, appearance, ground);
    if (shown.isHidden || !control.inner || kindNamed(control.kind).editor != Editor::Rows) {
        painter.setOpacity(opacity);
        return;
    }
    const QRect inside = control.place.translated(origin).adjusted(1, 1, -1, -1);
    painter.save();
    painter.setClipRect(inside, Qt::IntersectClip);
    painter.translate(inside.topLeft());
    paintForm(painter, *control.inner.get(), session ? session->children().toPaint(control) : nullptr, inside.size(),
              appearance, instead);
    painter.restore();
    const auto own = appearance.dressedFor(control, ground);
    paintSubformFrame(painter, control.place.translated(origin), *own);
    painter.setOpacity(opacity);
}

// Over what reached its rounded corners.
void paintSubformFrame(QPainter &painter, const QRect &place, const Appearance &appearance)
{
    Control frame;
    frame.place = QRect(QPoint(0, 0), place.size());
    frame.kind = QStringLiteral("subform");
    Picture line = kindNamed(frame.kind).draw(frame, Shown(), appearance.look());
    auto &box = std::get<BoxStroke>(line.first());
    box.isFilled = false;
    paintPicture(painter, {box}, place.topLeft(), appearance);
}

} // namespace nabblet

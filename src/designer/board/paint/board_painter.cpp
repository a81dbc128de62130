#include "designer/board/paint/board_painter.h"

#include "core/arrange/containers.h"
#include "core/arrange/rows.h"
#include "core/kinds/holders/tab_pages.h"
#include "designer/board/paint/board_marks.h"
#include "designer/board/scene/board_measures.h"
#include "entry/paint/form_painter.h"
#include "entry/paint/picture_painter.h"
#include "entry/theme/theme.h"

#include <QPainter>
#include <QRegion>

namespace nabblet {

namespace {

EntrySession *sessionOfRows(const BoardScene &scene)
{
    return scene.values == BoardValues::Blank ? nullptr : scene.session.data();
}

void paintBands(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    const QRect whole(0, 0, form.width, formHeight(form));
    for (const Band &band : form.bands) {
        const QRect place(0, bandTop(form, band.role), form.width, band.height);
        paintBand(painter, band.role, groundOfBand(form, band.role, scene.appearance.styles()), place,
                  scene.appearance);
        if (const auto picture = pictureOfBand(form, band.role)) {
            paintGroundPicture(painter, *picture, place, whole, scene.appearance);
        }
    }
}

} // namespace

void paintFormOf(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    paintBands(painter, scene);
    const Form inSight = scene.inSight(form);
    for (const Control &control : inSight.controls) {
        paintControlWithRows(painter, control, scene.shownOf(control), sessionOfRows(scene),
                             QPoint(0, bandTop(form, control.band)), scene.appearance,
                             groundUnder(form, control, scene.appearance.styles()));
    }
}

void paintSelectingBox(QPainter &painter, const BoardScene &scene)
{
    if (!scene.drag || !scene.drag->isBox || !scene.drag->isMoving) {
        return;
    }
    const QColor accent = panelColours(scene.appearance.theme()).accent;
    const bool isRightwards = scene.drag->now.x() >= scene.drag->start.x();
    QColor tint = accent;
    tint.setAlpha(28);
    painter.setBrush(tint);
    painter.setPen(QPen(accent, 1, isRightwards ? Qt::SolidLine : Qt::DashLine));
    painter.drawRect(scene.toViewport(QRect(scene.drag->start, scene.drag->now).normalized()));
}

void BoardPainter::paint(QPainter &painter, const QRegion &exposed, qreal ratio)
{
    const Form &form = m_scene.shownForm();
    const QRect dirty = exposed.boundingRect();
    paintGround(painter, dirty, ratio);
    paintRails(painter, m_scene);
    painter.save();
    painter.setClipRect(QRect(QPoint(LeftSide - 2, RulerHeight), m_scene.size), Qt::IntersectClip);
    painter.translate(m_scene.toViewport(QPoint(0, 0)));
    painter.scale(m_scene.zoom / 100.0, m_scene.zoom / 100.0);
    m_painted = 0;
    const QSet<ControlId> behind = behindOtherPages(form, m_scene.fronts);
    for (const Control &control : form.controls) {
        if (behind.contains(control.id)) {
            continue;
        }
        const QRect place = placeOnForm(form, control);
        if (exposed.intersects(m_scene.toViewport(place).adjusted(-1, -1, 1, 1))) {
            paintShown(painter, control, place, ratio);
            ++m_painted;
        }
    }
    painter.restore();
    paintOverlaps(painter, m_scene);
    paintRuleSigns(painter, m_scene);
    paintFound(painter, m_scene);
    painter.setPen(panelColours(m_scene.appearance.theme()).panelLine);
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(m_scene.toViewport(QRect(0, 0, form.width, formHeight(form))).adjusted(-1, -1, 0, 0));
    paintContainers(painter, m_scene);
    paintTrial(painter, m_scene);
    paintChanges(painter, m_scene);
    paintSelection(painter, m_scene);
    paintGuides(painter, m_scene);
    paintPills(painter, m_scene);
    paintTabOrder(painter, m_scene);
    paintTracingFrame(painter, m_scene);
    paintSelectingBox(painter, m_scene);
    if (dirty.x() < LeftSide) {
        paintSpine(painter, m_scene);
        paintSideRuler(painter, m_scene);
    }
    if (dirty.y() < RulerHeight) {
        paintRuler(painter, m_scene);
    }
}

// The table, the paper and the grid, which stay the same while controls change: painted once and kept.
void BoardPainter::paintGround(QPainter &painter, const QRect &dirty, qreal ratio)
{
    const Form &form = m_scene.shownForm();
    const KeptGround now{form.width,
                         form.bands,
                         form.settings,
                         form.grid,
                         form.tracing,
                         m_scene.tracing.cacheKey(),
                         m_scene.toViewport(QPoint(0, 0)),
                         m_scene.zoom,
                         m_scene.size};
    if (m_ground.isNull() || !(now == m_groundShows)) {
        m_ground = QPixmap(m_scene.size * ratio);
        m_ground.setDevicePixelRatio(ratio);
        m_groundShows = now;
        QPainter own(&m_ground);
        const QRect all(QPoint(0, 0), m_scene.size);
        own.fillRect(all, panelColours(m_scene.appearance.theme()).board);
        own.save();
        own.translate(now.origin);
        own.scale(m_scene.zoom / 100.0, m_scene.zoom / 100.0);
        paintBands(own, m_scene);
        own.restore();
        paintTracing(own, m_scene);
        const QPoint end = m_scene.toForm(all.bottomRight() + QPoint(1, 1)) + QPoint(1, 1);
        paintGrid(own, m_scene, QRect(m_scene.toForm(all.topLeft()), end));
    }
    const qreal kept = m_ground.devicePixelRatio();
    painter.drawPixmap(QRectF(dirty), m_ground, QRectF(QPointF(dirty.topLeft()) * kept, QSizeF(dirty.size()) * kept));
}

// A control at its place on the form. While something is dragged at full size, from the picture kept of it.
void BoardPainter::paintShown(QPainter &painter, const Control &control, const QRect &place, qreal ratio)
{
    constexpr int Spare = 4; // px around, for what a kind draws beyond its edges
    EntrySession *session = sessionOfRows(m_scene);
    const Shown shown = m_scene.shownOf(control);
    const Ground ground = groundUnder(m_scene.shownForm(), control, m_scene.appearance.styles());
    const bool isKept = m_scene.drag && m_scene.drag->isMoving && m_scene.zoom == 100 && !control.inner;
    if (!isKept) {
        paintControlWithRows(painter, control, shown, session, QPoint(0, place.y() - control.place.y()),
                             m_scene.appearance, ground);
        return;
    }
    Control still = control;
    still.place.moveTopLeft(QPoint(Spare, Spare));
    still.rides = {};
    KeptControl &kept = m_controls[control.id];
    if (kept.pixmap.isNull() || !(kept.control == still) || !(kept.shown == shown) || !(kept.ground == ground)) {
        kept = {still, shown, ground, QPixmap((still.place.size() + QSize(2 * Spare, 2 * Spare)) * ratio)};
        kept.pixmap.setDevicePixelRatio(ratio);
        kept.pixmap.fill(Qt::transparent);
        QPainter own(&kept.pixmap);
        paintControlWithRows(own, still, shown, session, QPoint(0, 0), m_scene.appearance, ground);
    }
    painter.drawPixmap(place.topLeft() - QPoint(Spare, Spare), kept.pixmap);
}

} // namespace nabblet

// Draws the board: the ground, the controls with their values, the marks. Keeps pictures of what stays the same while
// something else changes.
#pragma once

#include "designer/board/scene/board_scene.h"

#include <QPixmap>

class QPainter;
class QRegion;

namespace nabblet {

class BoardPainter
{
public:
    // scene: what is drawn, now and later; stays the caller's.
    explicit BoardPainter(const BoardScene &scene) : m_scene(scene) {}

    // exposed: the part of the viewport that is to be drawn, px. ratio: device pixels of one of them.
    void paint(QPainter &painter, const QRegion &exposed, qreal ratio);

    // The kept pictures are of another look, or of other values.
    void forgetGround() { m_ground = QPixmap(); }
    void forgetControls() { m_controls.clear(); }

    // How many controls the last painting drew; for measuring.
    int paintedControls() const { return m_painted; }

private:
    void paintGround(QPainter &painter, const QRect &dirty, qreal ratio);
    void paintShown(QPainter &painter, const Control &control, const QRect &place, qreal ratio);

    // A control as painted last, so that what only moves under a drag is not drawn anew at each step.
    struct KeptControl
    {
        Control control;
        Shown shown;
        nabblet::Ground ground;
        QPixmap pixmap;
    };
    // What the kept ground shows; it is painted anew when that differs.
    struct KeptGround
    {
        int width = 0;
        QList<Band> bands;
        ControlSettings settings;
        Grid grid;
        TracingSheet tracing;
        qint64 tracingPicture = 0;
        QPoint origin;
        int zoom = 0;
        QSize size;
        bool operator==(const KeptGround &) const = default;
    };

    const BoardScene &m_scene;
    QHash<ControlId, KeptControl> m_controls;
    QPixmap m_ground;
    KeptGround m_groundShows;
    int m_painted = 0;
};

// The form alone, without rulers, marks and selection.
void paintFormOf(QPainter &painter, const BoardScene &scene);

} // namespace nabblet

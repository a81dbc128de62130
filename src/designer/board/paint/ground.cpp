#include "designer/board/paint/board_marks.h"

#include "core/arrange/edges.h"
#include "core/arrange/rows.h"
#include "designer/board/scene/mark_places.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>
#include <vector>

namespace nabblet {

// The grid's marks stand at least this far apart on the screen; with a finer grid, only every second, fifth, … shows.
void paintGrid(QPainter &painter, const BoardScene &scene, const QRect &exposed)
{
    const Form &form = scene.shownForm();
    constexpr double LeastApart = 6;
    constexpr int Major = 10; // every tenth mark stands out
    if (form.grid.marks == GridMarks::None) {
        return;
    }
    const QRect area = exposed.intersected(QRect(0, 0, form.width, formHeight(form)));
    if (area.isEmpty()) {
        return;
    }
    const double scale = scene.zoom / 100.0;
    int step = std::max(1, form.grid.pitch);
    for (const int factor : {1, 2, 5, 10, 20, 50, 100}) {
        step = std::max(1, form.grid.pitch) * factor;
        if (step * scale >= LeastApart) {
            break;
        }
    }
    QColor minor = panelColours(scene.appearance.theme()).gridMark;
    QColor major = panelColours(scene.appearance.theme()).faintText;
    const bool isDots = form.grid.marks == GridMarks::Dots;
    major.setAlpha(isDots ? 190 : 70);
    std::vector<QPoint> minorDots;
    std::vector<QPoint> majorDots;
    QList<QLine> minorLines;
    QList<QLine> majorLines;
    for (const Band &band : form.bands) {
        const int top = bandTop(form, band.role);
        const QRect part = area.intersected(QRect(0, top, form.width, band.height));
        if (part.isEmpty()) {
            continue;
        }
        const int firstX = part.x() / step * step;
        const int firstY = (part.y() - top) / step * step;
        if (isDots) {
            for (int y = firstY; y < part.y() - top + part.height(); y += step) {
                for (int x = firstX; x < part.x() + part.width(); x += step) {
                    const bool isMajor = x % (step * Major) == 0 && y % (step * Major) == 0;
                    (isMajor ? majorDots : minorDots).push_back(scene.toViewport(QPoint(x, y + top)));
                }
            }
            continue;
        }
        const QRect shown = scene.toViewport(part);
        for (int y = firstY; y < part.y() - top + part.height(); y += step) {
            const int at = scene.toViewport(QPoint(0, y + top)).y();
            (y % (step * Major) == 0 ? majorLines : minorLines).append(QLine(shown.left(), at, shown.right(), at));
        }
        for (int x = firstX; x < part.x() + part.width(); x += step) {
            const int at = scene.toViewport(QPoint(x, 0)).x();
            (x % (step * Major) == 0 ? majorLines : minorLines).append(QLine(at, shown.top(), at, shown.bottom()));
        }
    }
    if (!isDots) {
        minor.setAlpha(90);
    }
    painter.setPen(minor);
    painter.drawPoints(minorDots.data(), static_cast<int>(minorDots.size()));
    painter.drawLines(minorLines);
    painter.setPen(major);
    painter.drawPoints(majorDots.data(), static_cast<int>(majorDots.size()));
    painter.drawLines(majorLines);
}

void paintTracing(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    if (scene.tracing.isNull()) {
        return;
    }
    painter.save();
    painter.setClipRect(scene.toViewport(QRect(0, 0, form.width, formHeight(form))));
    painter.setOpacity(form.tracing.strength / 100.0);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawPixmap(scene.toViewport(QRect(form.tracing.at, scene.tracing.size() * form.tracing.percent / 100)),
                       scene.tracing);
    painter.restore();
}

// While the sheet is being moved, its outline shows where it lies, beyond the form too.
void paintTracingFrame(QPainter &painter, const BoardScene &scene)
{
    const QRect sheet = tracingRect(scene);
    if (scene.use() != MouseUse::MovingTracing || sheet.isEmpty()) {
        return;
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(panelColours(scene.appearance.theme()).accent, 2, Qt::DashLine));
    painter.drawRect(sheet.adjusted(0, 0, -1, -1));
}

} // namespace nabblet

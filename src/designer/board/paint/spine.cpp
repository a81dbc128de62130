#include "designer/board/paint/board_marks.h"

#include "core/arrange/rows.h"
#include "core/text/band_titles.h"
#include "designer/board/scene/board_measures.h"
#include "designer/board/scene/mark_places.h"
#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

void paintSpine(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    const PanelColours &colours = panelColours(scene.appearance.theme());
    painter.fillRect(QRect(0, RulerHeight, SpineWidth, scene.size.height()), colours.board);
    QFont font = rulerFont(scene.appearance);
    font.setLetterSpacing(QFont::AbsoluteSpacing, 1);
    for (const Band &band : form.bands) {
        const QRect shown = scene.toViewport(QRect(0, bandTop(form, band.role), form.width, band.height));
        const QRect label(3, shown.y(), SpineWidth - 5, shown.height() - 1);
        const QRect seen = label.intersected(QRect(0, RulerHeight, SpineWidth, scene.size.height() - RulerHeight));
        const bool isSelected = scene.selection.band() == band.role;
        painter.setFont(font);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(isSelected ? colours.accent : colours.bar);
        painter.drawRoundedRect(label, 3, 3);
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.save();
        const QString title = bandTitle(band.role);
        const int length = QFontMetrics(font).horizontalAdvance(title);
        QRect room = seen;
        for (const BandRole role : {BandRole::Header, BandRole::Footer}) { // a sign there does not share its place
            const QRect adder = band.role == BandRole::Body ? bandAdder(scene, role) : QRect();
            const bool isInTheWay = std::abs(adder.center().y() - seen.center().y()) < (adder.height() + length) / 2;
            if (!adder.isNull() && isInTheWay) {
                role == BandRole::Header ? room.setTop(bottomOf(adder)) : room.setBottom(adder.top() - 1);
            }
        }
        painter.translate(label.center().x() + 1, room.center().y());
        painter.rotate(-90);
        painter.setPen(isSelected ? colours.accentText : colours.barText);
        if (length < room.height()) {
            painter.drawText(QRect(-100, -10, 200, 20), Qt::AlignCenter, title);
        }
        painter.restore();
        // The edge by which the band is resized.
        const int edge = shown.y() + shown.height();
        const int middle = shown.center().x();
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(colours.faintText);
        painter.drawRoundedRect(QRect(middle - 20, edge - 2, 40, 4), 2, 2);
        painter.setRenderHint(QPainter::Antialiasing, false);
    }
    // A quiet sign where a header or footer can be added.
    for (const BandRole role : {BandRole::Header, BandRole::Footer}) {
        if (const QRect adder = bandAdder(scene, role);
            !adder.isNull() && !scene.drag && !scene.preview && !scene.trial) {
            QColor ink = scene.selection.band() == BandRole::Body ? colours.accentText : colours.barText;
            ink.setAlpha(190);
            painter.setPen(QPen(ink, 1.4));
            const QPoint centre = adder.center();
            painter.drawLine(centre - QPoint(4, 0), centre + QPoint(4, 0));
            painter.drawLine(centre - QPoint(0, 4), centre + QPoint(0, 4));
        }
    }
}

} // namespace nabblet

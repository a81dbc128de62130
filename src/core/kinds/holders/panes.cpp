#include "core/kinds/holders/panes.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/kind_table.h"
#include "core/kinds/text_words.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Inside = 8; // px kept free inside the frame

// A frame with a line between the two, and a grip in the middle of it, as it can be moved at work.
Picture draw(const Control &control, const Shown &, const Look &look)
{
    const QSize size = control.place.size();
    const int at = dividerOf(control);
    const bool isStacked = areStacked(control);
    const BoxStroke frame = groupFrame(QRect(QPoint(0, 0), size), look);
    BoxStroke line;
    line.rect = isStacked ? QRect(0, at, size.width(), 1) : QRect(at, 0, 1, size.height());
    line.fill = line.outline = Ink::GroupOutline;
    line.radius = 0;
    constexpr int GripWidth = 5;
    const int gripLength = std::min(28, isStacked ? size.width() : size.height());
    BoxStroke grip;
    grip.rect = isStacked ? QRect((size.width() - gripLength) / 2, at - GripWidth / 2, gripLength, GripWidth)
                          : QRect(at - GripWidth / 2, (size.height() - gripLength) / 2, GripWidth, gripLength);
    grip.fill = grip.outline = Ink::GroupOutline;
    grip.radius = 2;
    return {frame, line, grip};
}

Insets insets(const Control &control, int pane)
{
    const QSize size = control.place.size();
    const int at = dividerOf(control);
    Insets all{Inside, Inside, Inside, Inside};
    if (pane == SecondPane) {
        (areStacked(control) ? all.top : all.left) += at;
    } else if (pane == FirstPane) {
        areStacked(control) ? all.bottom += size.height() - at : all.right += size.width() - at;
    }
    return all;
}

} // namespace

namespace setting {

namespace {

constinit const ControlSetting<bool> Stacked = flagSetting("stacked");
constinit const ControlSetting<int> Divider = wholeNumberSetting("divider");

} // namespace

} // namespace setting

bool areStacked(const Control &panes)
{
    return panes.settings.value(setting::Stacked);
}

void setStacked(Control &panes, bool areStacked)
{
    panes.settings.set(setting::Stacked, areStacked);
}

int dividerOf(const Control &panes)
{
    const int length = areStacked(panes) ? panes.place.height() : panes.place.width();
    const int wanted = panes.settings.value(setting::Divider, length / 2);
    return std::clamp(wanted, std::min(LeastPane, length / 2), std::max(length - LeastPane, length / 2));
}

void setDivider(Control &panes, int divider)
{
    panes.settings.set(setting::Divider, divider);
}

void centreDivider(Control &panes)
{
    panes.settings.remove(setting::Divider);
}

void pinDivider(Control &control)
{
    if (control.kind == QLatin1String("panes")) {
        setDivider(control, dividerOf(control));
    }
}

Kind panesKind()
{
    Kind kind{QStringLiteral("panes"),
              Texts::later("Panes"),
              QStringLiteral("panes"),
              Editor::None,
              {},
              QSize(480, 200),
              {&setting::Stacked, &setting::Divider},
              draw,
              wordsAsStored,
              readNothing,
              Holds::Panes,
              insets};
    kind.scrolls = true;
    kind.casing = Casing::Frame;
    kind.hasWords = false;
    return kind;
}

} // namespace nabblet

#include "designer/rules/spread_chart.h"

#include "entry/theme/theme.h"

#include <QKeyEvent>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

constexpr int MostBars = 56;
constexpr int Side = 8;
constexpr int Head = 22; // px above the bars, for the words
constexpr int Foot = 24; // px below them, for the figures
constexpr int Near = 6;  // px within which a limit is taken hold of

} // namespace

SpreadChart::SpreadChart(QWidget *parent) : QWidget(parent), m_appearance(usualLook(), Theme::Light, QFont())
{
    setObjectName(QStringLiteral("spread"));
    setAccessibleName(tr("What is stored, and where the limits are"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void SpreadChart::setAppearance(const Appearance &appearance)
{
    m_appearance = appearance;
    update();
}

void SpreadChart::setNumbers(const QList<double> &numbers)
{
    m_numbers = numbers;
    std::sort(m_numbers.begin(), m_numbers.end());
    update();
}

void SpreadChart::setSteps(const QList<ScaleStep> &steps, const QStringList &words)
{
    m_steps = steps;
    m_words = words;
    m_chosen = std::clamp(m_chosen, 0, std::max(0, static_cast<int>(steps.size()) - 2));
    update();
}

QRect SpreadChart::plot() const
{
    return rect().adjusted(Side, Head, -Side, -Foot);
}

// The ends of the scale: of what is stored and of the limits, with some room for a limit beyond either.
double SpreadChart::least() const
{
    double value = m_numbers.isEmpty() ? 0 : m_numbers.first();
    for (const ScaleStep &step : m_steps) {
        value = step.below ? std::min(value, *step.below) : value;
    }
    return value;
}

double SpreadChart::most() const
{
    double value = m_numbers.isEmpty() ? 1 : m_numbers.last();
    for (const ScaleStep &step : m_steps) {
        value = step.below ? std::max(value, *step.below) : value;
    }
    return value > least() ? value : least() + 1;
}

int SpreadChart::xOf(double value) const
{
    const double share = (value - least()) / (most() - least());
    return plot().x() + static_cast<int>(std::lround(share * (plot().width() - 1)));
}

double SpreadChart::valueAt(int x) const
{
    const double share = std::clamp(static_cast<double>(x - plot().x()) / std::max(1, plot().width() - 1), 0.0, 1.0);
    return least() + share * (most() - least());
}

// To figures that a person would name: about a two-hundredth of the span.
double SpreadChart::rounded(double value) const
{
    const double step = std::pow(10.0, std::floor(std::log10((most() - least()) / 100.0)));
    const double steps = std::round(value / step);
    return step >= 1 ? steps * step : steps / std::round(1.0 / step);
}

int SpreadChart::stepOfBar(double value) const
{
    for (int i = 0; i < m_steps.size(); ++i) {
        if (!m_steps.at(i).below || value < *m_steps.at(i).below) {
            return i;
        }
    }
    return -1;
}

int SpreadChart::limitNear(int x) const
{
    int nearest = -1;
    for (int i = 0; i < m_steps.size(); ++i) {
        if (m_steps.at(i).below) {
            const int away = std::abs(xOf(*m_steps.at(i).below) - x);
            if (away <= Near && (nearest < 0 || away < std::abs(xOf(*m_steps.at(nearest).below) - x))) {
                nearest = i;
            }
        }
    }
    return nearest;
}

void SpreadChart::move(int step, double to)
{
    // Limits do not pass one another.
    const double from = step > 0 && m_steps.at(step - 1).below ? *m_steps.at(step - 1).below : to;
    const double until = step + 1 < m_steps.size() && m_steps.at(step + 1).below ? *m_steps.at(step + 1).below : to;
    const double limit = std::clamp(to, std::min(from, until), std::max(from, until));
    if (m_steps.at(step).below != limit) {
        Q_EMIT limitMoved(step, limit);
    }
}

void SpreadChart::paintEvent(QPaintEvent *)
{
    QPainter painter(this);
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QRect area = plot();
    // A bar for each value that there is, where they lie on even steps, such as tenths.
    double finest = most() - least();
    for (qsizetype i = 1; i < m_numbers.size(); ++i) {
        const double apart = m_numbers.at(i) - m_numbers.at(i - 1);
        finest = apart > 1e-9 ? std::min(finest, apart) : finest;
    }
    const int Bars = static_cast<int>(std::clamp(std::round((most() - least()) / finest) + 1, 8.0, 1.0 * MostBars));
    QList<int> bars(Bars, 0);
    for (const double number : std::as_const(m_numbers)) {
        const int bar = static_cast<int>((number - least()) / (most() - least()) * Bars);
        ++bars[std::clamp(bar, 0, Bars - 1)];
    }
    const int highest = std::max(1, *std::max_element(bars.begin(), bars.end()));
    const auto inkOf = [&](int step) {
        const Mark mark = step < 0 ? Mark::None : m_steps.at(step).mark;
        return mark == Mark::Alarm    ? m_appearance.colour(Ink::Alarm)
               : mark == Mark::Watch  ? m_appearance.colour(Ink::Watch)
               : mark == Mark::Steady ? m_appearance.colour(Ink::Steady)
                                      : colours.faintText;
    };
    for (int i = 0; i < Bars; ++i) {
        const int left = area.x() + area.width() * i / Bars;
        const int right = area.x() + area.width() * (i + 1) / Bars;
        const int height = bars.at(i) == 0
                               ? 0
                               : std::max(2, static_cast<int>(std::lround(1.0 * area.height() * bars.at(i) / highest)));
        QColor fill = inkOf(stepOfBar(least() + (i + 0.5) * (most() - least()) / Bars));
        fill.setAlphaF(0.55F);
        painter.fillRect(left, area.bottom() + 1 - height, right - left - 1, height, fill);
    }
    painter.setPen(colours.panelLine);
    painter.drawLine(area.bottomLeft() + QPoint(0, 1), area.bottomRight() + QPoint(0, 1));
    painter.setFont(font());
    // The words of each part in the middle of it, where there is room.
    int from = area.x();
    for (int i = 0; i < m_steps.size(); ++i) {
        const int until = m_steps.at(i).below ? xOf(*m_steps.at(i).below) : area.right();
        const QString words = m_words.value(i);
        const int width = painter.fontMetrics().horizontalAdvance(words);
        const int middle = std::clamp((from + until) / 2, area.x() + width / 2, area.right() - width / 2);
        if (until - from >= width / 2) {
            painter.setPen(inkOf(i));
            painter.drawText(QRect(middle - width / 2 - 2, 2, width + 4, Head - 6), Qt::AlignCenter, words);
        }
        from = until;
    }
    for (int i = 0; i < m_steps.size(); ++i) {
        if (!m_steps.at(i).below) {
            continue;
        }
        const int x = xOf(*m_steps.at(i).below);
        const bool isChosen = hasFocus() && i == m_chosen;
        painter.fillRect(x - 1, Head - 6, 2, area.height() + 12, isChosen ? colours.accent : colours.text);
        const QString figure = QLocale().toString(*m_steps.at(i).below, 'g', 10);
        const int width = painter.fontMetrics().horizontalAdvance(figure) + 10;
        const QRect box(std::clamp(x - width / 2, 0, this->width() - width), height() - Foot + 5, width, Foot - 6);
        painter.setPen(isChosen ? colours.accent : colours.panelLine);
        painter.setBrush(colours.field);
        painter.drawRoundedRect(box.adjusted(0, 0, -1, -1), 3, 3);
        painter.setPen(colours.text);
        painter.drawText(box, Qt::AlignCenter, figure);
    }
    if (m_numbers.isEmpty()) {
        painter.setPen(colours.faintText);
        painter.drawText(area, Qt::AlignCenter, tr("No numbers are stored here yet"));
    }
}

void SpreadChart::mousePressEvent(QMouseEvent *event)
{
    m_held = limitNear(static_cast<int>(event->position().x()));
    m_chosen = m_held >= 0 ? m_held : m_chosen;
    update();
}

void SpreadChart::mouseMoveEvent(QMouseEvent *event)
{
    const int x = static_cast<int>(event->position().x());
    if (m_held >= 0) {
        move(m_held, rounded(valueAt(x)));
    } else {
        setCursor(limitNear(x) >= 0 ? Qt::SplitHCursor : Qt::ArrowCursor);
    }
}

void SpreadChart::mouseReleaseEvent(QMouseEvent *)
{
    m_held = -1;
}

// Up and Down choose a limit, Left and Right move it.
void SpreadChart::keyPressEvent(QKeyEvent *event)
{
    const int limits = static_cast<int>(
        std::count_if(m_steps.begin(), m_steps.end(), [](const ScaleStep &step) { return step.below.has_value(); }));
    const bool isAlong = event->key() == Qt::Key_Left || event->key() == Qt::Key_Right;
    const bool isOther = event->key() == Qt::Key_Up || event->key() == Qt::Key_Down;
    if (limits == 0 || (!isAlong && !isOther)) {
        QWidget::keyPressEvent(event);
        return;
    }
    if (isOther) {
        m_chosen = std::clamp(m_chosen + (event->key() == Qt::Key_Up ? 1 : -1), 0, limits - 1);
        update();
        return;
    }
    const double step = (most() - least()) / 100.0;
    move(m_chosen, rounded(*m_steps.at(m_chosen).below + (event->key() == Qt::Key_Right ? step : -step)));
}

} // namespace nabblet

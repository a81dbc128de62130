#include "designer/new_form/arrangement_card.h"

#include "core/text/tr.h"

#include <QFontMetrics>
#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int WordsFrom = 78; // px, behind the picture
constexpr int AtEnd = 10;     // px

} // namespace

ArrangementCard::ArrangementCard(Arrangement arrangement, Theme theme, QWidget *parent)
    : QAbstractButton(parent), m_arrangement(arrangement), m_theme(theme)
{
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::StrongFocus);
    switch (arrangement) {
    case Arrangement::Columnar:
        setText(Texts::tr("Columnar"));
        setToolTip(Texts::tr("captions beside"));
        break;
    case Arrangement::Stacked:
        setText(Texts::tr("Stacked"));
        setToolTip(Texts::tr("captions above"));
        break;
    case Arrangement::Tabular:
        setText(Texts::tr("Tabular"));
        setToolTip(Texts::tr("many records"));
        break;
    }
    setAccessibleName(text() + u' ' + toolTip());
}

// With room for its words, in whatever language and typeface.
QSize ArrangementCard::sizeHint() const
{
    QFont bold = font();
    bold.setWeight(QFont::DemiBold);
    const int words =
        std::max(QFontMetrics(bold).horizontalAdvance(text()), fontMetrics().horizontalAdvance(toolTip()));
    return {std::max(184, WordsFrom + words + AtEnd), 58};
}

void ArrangementCard::paintEvent(QPaintEvent *)
{
    const PanelColours &colours = panelColours(m_theme);
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(isChecked() ? colours.accentTint : colours.field);
    painter.setPen(QPen(isChecked() || hasFocus() ? colours.accent : colours.panelLine, isChecked() ? 2 : 1));
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 4, 4);

    painter.setRenderHint(QPainter::Antialiasing, false);
    const auto caption = [&](int x, int y, int width) { painter.fillRect(x, y, width, 4, colours.faintText); };
    const auto box = [&](int x, int y, int width) {
        painter.setPen(colours.accent);
        painter.setBrush(colours.field);
        painter.drawRect(x, y, width, 8);
    };
    for (int i = 0; i < 3; ++i) {
        if (m_arrangement == Arrangement::Columnar) {
            caption(14 + (i % 2) * 4, 14 + i * 12, 16 - (i % 2) * 4);
            box(34, 12 + i * 12, 28 - i * 5);
        } else if (m_arrangement == Arrangement::Tabular) {
            caption(14 + i * 18, 11, 12);
            for (int line = 0; line < 3; ++line) {
                box(14 + i * 18, 18 + line * 10, 18);
            }
        } else if (i < 2) {
            caption(14, 10 + i * 20, 18);
            box(14, 17 + i * 20, 26 + i * 10);
            caption(48 + i * 10, 10 + i * 20, 12);
            box(48 + i * 10, 17 + i * 20, 16 - i * 6);
        }
    }
    QFont bold = font();
    bold.setWeight(QFont::DemiBold);
    painter.setFont(bold);
    painter.setPen(isEnabled() ? colours.text : colours.faintText);
    painter.drawText(QRect(WordsFrom, 9, width() - WordsFrom - 4, 20), Qt::AlignLeft | Qt::AlignVCenter, text());
    painter.setFont(font());
    painter.setPen(colours.faintText);
    painter.drawText(QRect(WordsFrom, 28, width() - WordsFrom - 4, 20), Qt::AlignLeft | Qt::AlignVCenter, toolTip());
}

} // namespace nabblet

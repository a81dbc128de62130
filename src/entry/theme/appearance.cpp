#include "entry/theme/appearance.h"

namespace nabblet {

Appearance::Appearance(const Look &look, Theme theme, const QFont &base) : m_look(look), m_theme(theme)
{
    for (int i = 0; i < TextRoleCount; ++i) {
        const TextStyle style = textStyle(look, static_cast<TextRole>(i));
        QFont font = base;
        if (base.pointSizeF() > 0) {
            font.setPointSizeF(base.pointSizeF() * style.percent / 100.0);
        } else {
            font.setPixelSize(qRound(base.pixelSize() * style.percent / 100.0));
        }
        font.setWeight(static_cast<QFont::Weight>(style.weight));
        m_fonts.push_back(font);
        m_metrics.emplace_back(font);
    }
}

QColor Appearance::colour(Ink ink) const
{
    return QColor::fromRgb(nabblet::colour(m_look, m_theme, ink));
}

int Appearance::width(const QString &text, TextRole role) const
{
    constexpr int MostKept = 20000;
    QHash<QString, int> &known = m_widths.at(static_cast<std::size_t>(role));
    const auto found = known.constFind(text);
    if (found != known.constEnd()) {
        return *found;
    }
    if (known.size() >= MostKept) {
        known.clear();
    }
    return *known.insert(text, metrics(role).horizontalAdvance(text));
}

int Appearance::lineHeight(TextRole role) const
{
    return metrics(role).lineSpacing();
}

} // namespace nabblet

// A look made concrete: fonts and colours for one theme and one desktop font. The board and Entry paint with the same.
#pragma once

#include "core/kinds/kind.h"
#include "core/look_settings/look_setting.h"
#include "core/text/text_measure.h"

#include <QColor>
#include <QFont>
#include <QFontMetrics>

#include <QHash>

#include <array>
#include <vector>

namespace nabblet {

class Appearance : public TextMeasure
{
public:
    // base: the desktop's font, to whose size the look's text styles relate.
    Appearance(const Look &look, Theme theme, const QFont &base);

    QColor colour(Ink ink) const;
    const QFont &font(TextRole role) const { return m_fonts.at(static_cast<std::size_t>(role)); }
    const QFontMetrics &metrics(TextRole role) const { return m_metrics.at(static_cast<std::size_t>(role)); }
    Theme theme() const { return m_theme; }
    const QString &lookName() const { return m_look.name; }
    int figure(const LookSetting &setting) const { return lookFigure(m_look, setting); }

    int width(const QString &text, TextRole role) const override;
    int lineHeight(TextRole role) const override;
    int ascent(TextRole role) const override { return metrics(role).ascent(); }

private:
    Look m_look;
    Theme m_theme;
    std::vector<QFont> m_fonts;
    std::vector<QFontMetrics> m_metrics;
    // Widths asked for before; measuring words is slow, and the same words are measured at every step.
    mutable std::array<QHash<QString, int>, TextRoleCount> m_widths;
};

} // namespace nabblet

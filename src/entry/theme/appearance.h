// A look made concrete: fonts and colours for one theme and one desktop font. The board and Entry paint with the same.
#pragma once

#include "core/kinds/kind.h"
#include "core/look_settings/look_setting.h"
#include "core/looks/files/look_book.h"
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
    // base: the desktop's font, to whose size the look's text styles relate. book: the looks and styles of the project.
    Appearance(const Look &look, Theme theme, const QFont &base, LookBook book = {});
    // The same for a look by name, of the project or of the program.
    Appearance(const QString &look, Theme theme, const QFont &base, const LookBook &book);

    // The appearance of one control that stands on a ground: with its style and what is pinned at it. This one where
    // there is nothing of the kind; it lives as long as this one then.
    std::shared_ptr<const Appearance> dressedFor(const Control &control, const Ground &ground) const;
    std::shared_ptr<const TextMeasure> of(const Control &control) const override { return dressedFor(control, {}); }
    // The same with all of it larger or smaller, percent; forms are shown at the same zoom.
    Appearance zoomed(int percent) const;
    // The same for a form that is read from right to left, or from left to right.
    Appearance turned(bool isRightToLeft) const;
    int zoom() const { return m_look.zoom; }
    const Look &look() const { return m_look; }
    const Styles &styles() const { return m_styles; }
    const QFont &base() const { return m_base; }
    const LookBook &book() const { return m_book; }

    QColor colour(Ink ink) const;
    const QFont &font(TextRole role) const { return m_fonts.at(static_cast<std::size_t>(role)); }
    const QFontMetrics &metrics(TextRole role) const { return m_metrics.at(static_cast<std::size_t>(role)); }
    Theme theme() const { return m_theme; }
    const QString &lookName() const { return m_look.name; }
    int figure(const LookSetting &setting) const { return lookFigure(m_look, setting); }

    int width(const QString &text, TextRole role) const override;
    int lineHeight(TextRole role) const override;
    int ascent(TextRole role) const override { return metrics(role).ascent(); }
    int padding() const override;
    int rowSpacing() const override;
    int boxSpacing() const override;

private:
    // That of a control: the same but for its look.
    Appearance(const Appearance &form, const Look &look);
    void makeFonts();

    // What was made for a control, and by what it is found again. The settings are kept, so that they stay where they
    // are in memory.
    struct Dressed
    {
        ControlSettings settings;
        QString kind;
        QString role;
        Ground ground;
        std::shared_ptr<const Appearance> appearance;
    };

    Look m_plain; // before it was zoomed
    Look m_look;
    Theme m_theme;
    QFont m_base;
    LookBook m_book;
    Styles m_styles; // all of them
    mutable QMultiHash<size_t, Dressed> m_dressed;
    mutable QHash<QByteArray, std::shared_ptr<const Appearance>> m_alike; // by what they look like
    std::vector<QFont> m_fonts;
    std::vector<QFontMetrics> m_metrics;
    // Widths asked for before; measuring words is slow, and the same words are measured at every step.
    mutable std::array<QHash<QString, int>, TextRoleCount> m_widths;
};

} // namespace nabblet

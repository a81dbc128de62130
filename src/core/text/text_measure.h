// How wide words are. Core sizes captions and boxes with this and knows nothing of fonts; the interface hands in one
// that measures with real fonts (entry/text_painter.h), tests hand in FixedTextMeasure.
#pragma once

#include "core/model/control.h"
#include "core/model/look.h"

#include <QString>

#include <memory>

namespace nabblet {

class TextMeasure
{
public:
    virtual ~TextMeasure() = default;
    // The width of one line of text, px, rounded up.
    virtual int width(const QString &text, TextRole role) const = 0;
    // The distance from one line of text to the next, px.
    virtual int lineHeight(TextRole role) const = 0;
    // The distance from the top of a line to the line that its letters stand on, px.
    virtual int ascent(TextRole role) const = 0;
    // What is left free in boxes left and right of the words, px.
    virtual int padding() const { return 7; }
    // How much further apart than usual the rows of tabular forms stand, px.
    virtual int rowSpacing() const { return 0; }
    // How much further apart than usual boxes stand one below the other, px.
    virtual int boxSpacing() const { return 0; }
    // The same for what one control looks like, with its style and what is pinned at it.
    virtual std::shared_ptr<const TextMeasure> of(const Control &) const
    {
        return {std::shared_ptr<const TextMeasure>(), this}; // whose owner is the caller's
    }
};

// Every character as wide as every other.
class FixedTextMeasure : public TextMeasure
{
public:
    explicit FixedTextMeasure(int characterWidth = 7, int height = 16) : m_character(characterWidth), m_height(height)
    {
    }
    int width(const QString &text, TextRole) const override { return static_cast<int>(text.size()) * m_character; }
    int lineHeight(TextRole) const override { return m_height; }
    int ascent(TextRole) const override { return m_height * 3 / 4; }

private:
    int m_character;
    int m_height;
};

} // namespace nabblet

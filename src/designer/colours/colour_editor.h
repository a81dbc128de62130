// A colour in the inspector: a swatch that opens the colours to choose from, and the colour in words beside it.
#pragma once

#include "core/looks/sides.h"

#include <QWidget>

#include <functional>

class QLineEdit;
class QToolButton;

namespace nabblet {

struct ColourSource;

class ColourEditor : public QWidget
{
    Q_OBJECT

public:
    explicit ColourEditor(QWidget *parent = nullptr);
    ~ColourEditor() override;

    // The colour in words, or an empty text for none; said: what stands there where there is none, in words.
    void showWords(const QString &words, const QString &said, bool isMixed);
    // Where the colours to choose from come from, asked for when they are opened.
    std::function<ColourSource()> source;
    QLineEdit *line() const { return m_line; }

Q_SIGNALS:
    void edited(const QString &typed);
    // Tried while the mouse is over it; an empty text puts back what was.
    void tried(const QString &typed);

private:
    void open();

    QToolButton *m_swatch;
    QLineEdit *m_line;
    QString m_shown;
};

} // namespace nabblet

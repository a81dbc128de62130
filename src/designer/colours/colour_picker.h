// What comes down from a colour's swatch: the colours to choose from, a field to pick any other one, a line to type
// one, and a dropper that takes one from the screen of the program. What the mouse or the keyboard is at is tried at
// once.
#pragma once

#include "designer/colours/colour_source.h"

#include <QFrame>

#include <functional>
#include <optional>

class QLabel;
class QLineEdit;
class QVBoxLayout;

namespace nabblet {

class ColourPlane;

class ColourPicker : public QFrame
{
    Q_OBJECT

public:
    // now: the colour in words that stands there, or an empty text. Deletes itself when it closes.
    ColourPicker(const ColourSource &source, const QString &now, QWidget *parent);
    void openBelow(QWidget *box);

Q_SIGNALS:
    void chosen(const QString &words);
    void tried(const QString &words); // an empty text: what was before

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
    void hideEvent(QHideEvent *event) override;

private:
    void addSwatches(QVBoxLayout *column, const QString &title, const QList<ColourInUse> &colours);
    void take(const QString &words);
    void pickFromScreen();

    ColourPlane *m_plane;
    QLineEdit *m_line;
    QLabel *m_mistake;
    bool m_isTaken = false;
};

// Lets the next click anywhere on the windows of the program take the colour that is seen there. done: with the colour,
// or with nothing where Escape was pressed.
void pickColourFromScreen(QWidget *parent, const std::function<void(std::optional<Colour>)> &done);

} // namespace nabblet

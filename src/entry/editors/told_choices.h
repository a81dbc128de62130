// What a screen reader is told of a widget that paints several choices itself: each of them is a thing of its own, with
// its words, its place and whether it is chosen, and can be chosen.
#pragma once

#include <QAccessible>
#include <QList>
#include <QRect>
#include <QString>

#include <functional>

class QWidget;

namespace nabblet {

struct ToldChoice
{
    QString words;
    QRect place; // px, in the widget; empty for one out of sight
    bool isChosen = false;
};

struct ToldChoices
{
    QAccessible::Role role = QAccessible::RadioButton; // of each
    std::function<QList<ToldChoice>()> all;            // may be empty: there are none
    std::function<void(int)> choose;
};

// Has screen readers told of the choices of every PaintedBox that has some. To be called before the first is made.
void tellChoicesOfPaintedBoxes();
// Says which are chosen now.
void tellChosen(QWidget *box);

} // namespace nabblet

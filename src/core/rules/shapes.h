// How a text must be written: by examples, by a regular expression, or by one of the ready shapes.
#pragma once

#include "core/model/rule.h"

#include <QString>
#include <QStringList>

namespace nabblet {

// A run of an example: fixed signs as they stand, or so many letters or figures.
struct ShapePart
{
    enum Kind { Fixed, Figures, Capitals, SmallLetters, Letters };
    Kind kind = Fixed;
    QString text; // of a fixed part
    int least = 0;
    int most = 0;

    bool operator==(const ShapePart &) const = default;
};
using Shape = QList<ShapePart>;

// The shapes that examples show: "NB-2104-D" is two capitals, a dash, four figures, a dash and a capital. Examples of
// the same run of parts become one shape: what differs in length may be as long as any of them, and letters that are
// the same in all of several examples are fixed.
QList<Shape> shapesFrom(const QStringList &examples);
// A shape in words: "NB, “-”, 4 figures, “-”, 1 capital".
QString shapeInWords(const Shape &shape);

// The regular expression (PCRE) of a rule's shape; empty where it says nothing.
QString patternOf(const Rule &shape);
// Why a pattern is none, with the place; empty where it is one.
QString patternMistake(const QString &pattern);

// Whether a text has the shape, its check digits included. A blank one always has, as has any where the shape says
// nothing.
bool hasShape(const Rule &shape, const QString &text);
// What a text must look like, for the sentence beside the box: "such as NB-2104-D".
QString shapeHint(const Rule &shape);

// The text as it goes on being typed: fixed signs that can only come next are put in, letters take the case of the
// example. As it is where it leaves the shape.
QString whileTyped(const Rule &shape, const QString &text);
// A whole text brought into the shape, as it was pasted or typed without its signs: "nb2104d" becomes "NB-2104-D". As
// it is where that is not possible.
QString broughtIntoShape(const Rule &shape, const QString &text);

} // namespace nabblet

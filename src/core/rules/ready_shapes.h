// Shapes that come with the program: numbers and codes that are written alike everywhere.
#pragma once

#include <QList>
#include <QString>

namespace nabblet {

struct ReadyShape
{
    const char *name;  // in files
    const char *title; // for people, in English
    const char *example;
    const char *pattern; // PCRE, of the whole text
    // Check digits, for a text that has the pattern; nullptr for none.
    bool (*isRight)(const QString &text) = nullptr;
    // The text as it is usually written, for one that has the pattern; nullptr: as it stands.
    QString (*usual)(const QString &text) = nullptr;
};

const QList<ReadyShape> &readyShapes();
// The one with that name, or nullptr.
const ReadyShape *readyShape(const QString &name);
QString readyShapeTitle(const ReadyShape &shape);

} // namespace nabblet

// Rows of a file as cells: comma-separated values, tab-separated ones, JSON lines.
#pragma once

#include "core/result.h"
#include "core/text/cells.h"

namespace nabblet {

// Reads the bytes of a file with heads in its first row; of JSON lines the names of members are the heads. suffix: the
// ending of its name. In UTF-8, else in Latin-1. The error says what is wrong, and in which line.
Result<Cells> cellsFromFile(const QByteArray &bytes, const QString &suffix);
// Whether figures in it are written as people of a country write them: where semicolons part the fields, since commas
// are in the figures. In all other files they have a point.
bool isWrittenForPeople(const QByteArray &bytes, const QString &suffix);

} // namespace nabblet

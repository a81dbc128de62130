// The fields of a form of many, parted into what belongs together, each part under words of its own.
#pragma once

#include "core/catalogue/catalogue.h"

#include <QList>
#include <QString>
#include <QStringList>

namespace nabblet {

constexpr qsizetype MostInOneRun = 18; // fields; a form of more is parted unless someone wants it otherwise

struct Section
{
    QString title; // empty for the record itself: what names it and tells it apart
    QStringList columns;

    bool operator==(const Section &) const = default;
};

// Parts columns, in their order: what names the record; then those whose names begin alike; address, contact, dates,
// amounts, links, yes or no; the rest; and last what only bookkeeping needs. No part has fewer than two columns and
// none more than MostInOneRun; every column is in exactly one. A single part means that there is nothing to part.
QList<Section> sectionsOf(const Table &table, const QStringList &columns);

} // namespace nabblet

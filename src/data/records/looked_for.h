// What boxes of a record look up in other tables, asked for together: one statement for as many rows of as many tables
// as there are, so that a server far away is asked once.
#pragma once

#include "core/kinds/settings/lookup.h"
#include "data/dialect/connection.h"

#include <QList>
#include <QVariantList>

#include <optional>

namespace nabblet {

// One of these: the words of the row that a lookup points to, or a value of a row.
struct LookedFor
{
    std::optional<Lookup> lookup = {};
    std::optional<Followed> followed = {};
    QVariantList values;     // by which the row is found; none of them NULL
    bool tellsApart = false; // whether other rows have the same words is asked for, too
};

struct LookedFound
{
    QString words;
    QVariant value;
    bool areThereOthers = false; // of the same words
};

// As many answers as there are questions, in their order. The error is that of the whole; which of them it is about is
// not known.
Result<QList<LookedFound>> lookTogether(const Connection &connection, const QList<LookedFor> &wanted);

} // namespace nabblet

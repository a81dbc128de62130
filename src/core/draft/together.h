// One form from several tables, by the links between them.
#pragma once

#include "core/draft/draft_plan.h"
#include "core/result.h"

#include <functional>

namespace nabblet {

// The plan of one form on them all: the rows of one table with those of the others inside it, at any depth; what rows
// only point to is in their drop-downs. Fails where no links lead from one of them to all others.
Result<DraftPlan> planTogether(const Catalogue &catalogue, const QStringList &tables, const WordList &words = {});

using QuoteName = std::function<QString(const QString &)>;

// The SELECT that gives the rows of the table that points to all others, each with what it points to; columns of other
// tables that would have the name of one that is there get their table's name in front. Fails where rows would come
// more than once, since two of the tables have several rows each for one of a third.
Result<QString> selectTogether(const Catalogue &catalogue, const QStringList &tables, const QuoteName &quoted);

} // namespace nabblet

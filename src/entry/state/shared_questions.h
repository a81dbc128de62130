// Questions that all who work with a project ask again and again.
#pragma once

#include "core/filter/filter.h"
#include "core/result.h"

#include <functional>

namespace nabblet {

// Where questions are kept for all who work with a project; each function may be empty, where there is none.
struct SharedQuestions
{
    std::function<QList<KeptQuestion>()> all;
    std::function<Outcome(const QList<KeptQuestion> &questions)> write;
};

} // namespace nabblet

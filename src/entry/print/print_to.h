// Pages into files: one PDF, or a picture of each page.
#pragma once

#include "core/result.h"
#include "entry/print/print_job.h"

#include <functional>

namespace nabblet {

// Tells how many pages are written, of how many that are known so far; gives whether to go on.
using PagesPrinted = std::function<bool(int page, int pages)>;

// The endings of the files that pages can be printed into: "pdf", "png", "svg".
const QStringList &printEndings();

// Prints all of a job that has begun into a file, whole or not at all, by its ending; of more pages than one, pictures
// are numbered: "visits-1.png", "visits-2.png". Gives the number of pages; nothing where it was given up.
Result<std::optional<int>> printTo(PrintJob &job, const QString &path, const PagesPrinted &printed);

} // namespace nabblet

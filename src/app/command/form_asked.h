// The form that a command works with: opened on its database, narrowed down to what a kept question asks for.
#pragma once

#include "app/work/workspace.h"
#include "entry/session/entry_session.h"

#include <QCommandLineParser>

#include <memory>

namespace nabblet {

struct FormAsked
{
    Workspace workspace;
    std::unique_ptr<EntrySession> session; // at its first record
};

// --question and --database.
void addFormOptions(QCommandLineParser &parser);
// The form named first in a call. The error says what cannot be opened or asked.
Result<FormAsked> formAsked(const QCommandLineParser &parser);

} // namespace nabblet

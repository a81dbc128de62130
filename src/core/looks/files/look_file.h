// Looks as files of design tokens: looks/*.tokens.json of a project. docs/looks.md says which tokens there are.
#pragma once

#include "core/looks/files/token_tree.h"
#include "core/model/look.h"
#include "core/result.h"

#include <QByteArray>

namespace nabblet {

// Reads a look; what its file does not say is as `otherwise` has it. Tokens that are not ours are kept for saving.
// name: what it is called where its file does not say. The error names the token that cannot be.
Result<Look> readLook(const QByteArray &text, const QString &name, const Look &otherwise);
// Tokens whose values did not change stay as they were written, aliases and notations of colours too.
QByteArray writeLook(const Look &look);

} // namespace nabblet

// A project handed over as one file: an SQLite archive with the forms, and where the database goes along, that database
// itself. So what people type stays in the one file, and another version of the forms replaces all of them at once.
#pragma once

#include "app/work/hand_over.h"

namespace nabblet {

// As handOver(), into one file, which is there as a whole or not at all.
Result<HandedOver> handOverAsFile(const Workspace &workspace, const QString &file, bool withDatabase,
                                  const GoesOn &goesOn = {});
// What was handed over last in such a file, where there is anything.
std::optional<HandedOver> handedOverAs(const QString &file);
// As takenBack().
Result<HandedOver> fileTakenBack(const QString &file);

// The folder on this computer in which its forms stand now: those of its version, whatever was there before.
Result<QString> unpackedHandedOver(const QString &file);

} // namespace nabblet

// What people can have done with the records of a form and with the box in hand: one table for the menus of every
// window with a form at work.
#pragma once

#include <QKeySequence>
#include <QList>
#include <QString>

#include <functional>

namespace nabblet {

class EntryView;

struct RecordCommand
{
    const char *name;  // of its action
    const char *title; // in English; recordCommandTitle() translates it
    const char *keys;
    void (*run)(EntryView &view);
    bool (*isOfUse)(const EntryView &view) = nullptr; // always, where it is not said
    bool isRepeated = false;                          // goes on while its key is held
    bool beginsPart = false;                          // a line stands before it
    bool isWithoutRows = false;                       // is there on a form that shows no rows, too
};

const QList<RecordCommand> &recordCommands();
// Has one done; while the form is the question, nothing is done with its records.
void runRecordCommand(const RecordCommand &command, EntryView &view);
QString recordCommandTitle(const RecordCommand &command);
QKeySequence recordCommandKeys(const RecordCommand &command);

} // namespace nabblet

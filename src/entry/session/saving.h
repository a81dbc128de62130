// Saving and deleting the record in hand, and what becomes of changes that others made meanwhile.
#pragma once

#include "data/records/writing.h"
#include "entry/state/entry_state.h"

namespace nabblet {

struct SessionParts;

class Saving
{
public:
    explicit Saving(SessionParts &parts) : m_parts(parts) {}

    // Saves the record with what was typed in the rows that belong to it: all of it, or nothing.
    bool save();
    // Saves the record alone.
    bool saveOwn();
    // What deleting the record in hand would do, as sentences for the question that is asked before.
    QString deletionWords() const;
    bool remove();

    // Answers to EntryState::record's question.
    bool keepMine();
    void takeTheirs();
    // What others changed meanwhile is taken, with these values over it by column, and saved.
    bool settle(const QHash<QString, TypedValue> &mine);
    // The same to what checks and hidden values ask about; what is agreed to is saved then.
    enum class Answer { Yes, Emptied, GoBack };
    bool answer(Answer answer);

    // Says what came of a write; true when it is done.
    bool take(const Written &written);

private:
    struct Saved // written, and not yet taken for saved
    {
        Saving *saving = nullptr;
        Written written;
        bool wasNew = false;
        Row before;
        QStringList captions;
    };
    // Whether what was written had been kept when the server went away; nothing where that cannot be found out.
    static std::optional<bool> wasKept(const QList<Saved> &saved);
    bool saveOnce();
    // Whether the last try failed as others were writing the same just then, here or in rows that belong to it.
    bool wasContended() const;
    bool writeAll(QList<Saved> &saved);
    bool writeOwn(QList<Saved> &saved);
    bool isAgreed();
    bool refuse(const QList<FieldMessage> &messages);
    bool refuseToDelete(const QString &sentence);
    void takeSaved(const Saved &saved);

    SessionParts &m_parts;
    bool m_isContended = false; // the last write
};

} // namespace nabblet

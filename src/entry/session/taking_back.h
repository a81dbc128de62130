// Taking back: what was typed, and brought back again; else the last thing that was saved or deleted.
#pragma once

#include "entry/state/last_step.h"

#include <optional>

namespace nabblet {

struct SessionParts;

class TakingBack
{
public:
    explicit TakingBack(SessionParts &parts) : m_parts(parts) {}

    // Puts the record back as it is stored; called again at once, brings what was typed back. With nothing typed and
    // nothing let go, takes the last saved step back.
    bool takeBack();
    bool canTakeBack() const;
    // What it would do, in words: "Take back the changes", "Take back: saved “Mussel Scar”".
    QString words() const;

    // That was done last.
    void remember(const LastStep &step);
    void forgetStep() { m_lastStep.reset(); }
    // Other rows are there now.
    void forget();

private:
    struct LetGo // what was typed and put back
    {
        QHash<QString, TypedValue> typed;
        bool wasNew = false;
        RowKey key;
    };
    bool canPutBack() const;
    bool canBringTypedBack() const;
    bool putBack();
    bool bringTypedBack();
    bool takeStepBack();

    SessionParts &m_parts;
    std::optional<LastStep> m_lastStep;
    std::optional<LetGo> m_letGo;
};

} // namespace nabblet

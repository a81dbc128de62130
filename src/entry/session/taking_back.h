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
    // What was done last was done elsewhere: it is not for this to take back before that.
    void forgetStep() { m_isLast = false; }
    // What was let go cannot be brought back any more.
    void forgetLetGo() { m_letGo.reset(); }
    // All that was done here, the last behind; and one of them taken back, where the record is still as it left it.
    const QList<LastStep> &steps() const { return m_steps; }
    bool takeBack(qsizetype step);
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
    bool takeStepBack(qsizetype number);
    const LastStep *lastStep() const { return m_isLast && !m_steps.isEmpty() ? &m_steps.last() : nullptr; }

    static constexpr qsizetype MostSteps = 200;
    SessionParts &m_parts;
    QList<LastStep> m_steps;
    bool m_isLast = false; // nothing was done elsewhere since
    std::optional<LetGo> m_letGo;
};

} // namespace nabblet

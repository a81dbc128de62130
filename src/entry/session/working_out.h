// What the rules of a form put into the record in hand, brought up to date by what people type; and what its checks and
// required boxes say before the record is saved.
#pragma once

#include "entry/state/entry_state.h"

namespace nabblet {

struct SessionParts;

class WorkingOut
{
public:
    explicit WorkingOut(SessionParts &parts) : m_parts(parts) {}

    // Puts in what the rules have for the record as it is now, and takes away what they have not any more.
    void bringUpToDate();
    // In a new record, what the record saved last has, where a rule says so.
    void beginAsBefore();
    void rememberSaved();

    // What was typed into a box, brought into its shape where it can be; as it is where not.
    QString inShape(const Control &control, const QString &words) const;
    // The same while it goes on being typed: signs that can only come next, the case of the example.
    QString whileTyped(const Control &control, const QString &words) const;

    // What is wrong in one box by the checks that are about it alone, what it asks first; nothing for a box that is
    // fine.
    std::optional<FieldMessage> wrongAt(const Control &control) const;
    // What stands in the way of saving: required boxes that are blank, checks that refuse.
    QList<FieldMessage> whatIsWrong() const;
    // What checks ask about, without what was agreed to with the same values.
    QList<Asked> whatIsAsked() const;
    // The boxes that a check that asks is about.
    QList<FieldMessage> askedBeside() const;
    // Columns that are saved empty, as their boxes are hidden.
    QStringList emptied() const;
    // Hidden boxes with values of which it is not said what becomes of them.
    QStringList hiddenAskedAbout() const; // by their captions

private:
    QString aboutOf(const Rule &rule) const;
    std::optional<FieldMessage> outOfShape(const Control &control) const;

    SessionParts &m_parts;
    QHash<QString, QVariant> m_savedLast; // by column
};

} // namespace nabblet

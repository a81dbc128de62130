// A form being designed: its value, its steps of undo, and the file it belongs to.
#pragma once

#include "core/draft/inner_forms.h"
#include "core/model/form.h"
#include "core/result.h"

#include <QObject>
#include <QUndoStack>

namespace nabblet {

class FormDocument : public QObject
{
    Q_OBJECT

public:
    explicit FormDocument(Form form, QString path = {}, QObject *parent = nullptr);

    // The form at hand: the document's own, or one inside it that is being designed.
    const Form &form() const { return m_form; }
    // The document's own, with all that is inside.
    const Form &root() const { return m_root; }
    // The way from there to the form at hand; one that leads nowhere is followed as far as it leads.
    const InnerPath &focus() const { return m_focus; }
    void setFocus(const InnerPath &focus);
    QUndoStack *steps() { return &m_steps; }

    // Takes an edited form as the next step of undo, named for people ("Move 3 controls"). Nothing happens when it
    // equals the form at hand. Steps that follow one another with the same merge key become one.
    void apply(const QString &stepName, const Form &edited, const QString &mergeKey = {});

    // Where the form is saved; empty while it never was.
    const QString &path() const { return m_path; }
    // Where the picture of the tracing sheet is; empty without one.
    QString tracingPath() const;
    bool isChanged() const { return !m_steps.isClean(); }
    // Saves to a path and remembers it. On an error the form stays unsaved and the path as it was.
    Outcome saveTo(const QString &path);
    // Takes what the form is to remember of its columns: no step of undo, nothing that shows. root: the document's own
    // form, otherwise as it is.
    void takeRemembered(const Form &root);
    // Marks a form that was never saved as unsaved from the start.
    void markUnsaved() { m_steps.resetClean(); }

Q_SIGNALS:
    // The form at hand changed, or another one came to hand; then focusChanged comes first.
    void formChanged(const nabblet::Form &before, const nabblet::Form &after);
    void focusChanged();
    void changedChanged();

private:
    friend class FormStep;
    void setForm(const Form &form);

    Form m_root;
    InnerPath m_focus;
    Form m_form; // the one at hand
    QString m_path;
    QUndoStack m_steps;
};

} // namespace nabblet

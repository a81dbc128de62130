// A form being designed: its value, its steps of undo, and the file it belongs to.
#pragma once

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

    const Form &form() const { return m_form; }
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
    // Marks a form that was never saved as unsaved from the start.
    void markUnsaved() { m_steps.resetClean(); }

Q_SIGNALS:
    void formChanged(const nabblet::Form &before, const nabblet::Form &after);
    void changedChanged();

private:
    friend class FormStep;
    void setForm(const Form &form);

    Form m_form;
    QString m_path;
    QUndoStack m_steps;
};

} // namespace nabblet

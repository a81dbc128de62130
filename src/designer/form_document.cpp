#include "designer/form_document.h"

#include "core/file/form_file.h"

namespace nabblet {

// A step keeps the form before and after as values; what did not change is shared between all of them.
class FormStep : public QUndoCommand
{
public:
    FormStep(FormDocument *document, const QString &name, Form before, Form after, QString mergeKey)
        : QUndoCommand(name), m_document(document), m_before(std::move(before)), m_after(std::move(after)),
          m_mergeKey(std::move(mergeKey))
    {
    }

    void undo() override { m_document->setForm(m_before); }
    void redo() override { m_document->setForm(m_after); }
    int id() const override { return m_mergeKey.isEmpty() ? -1 : 1; }

    bool mergeWith(const QUndoCommand *next) override
    {
        const auto *step = static_cast<const FormStep *>(next);
        if (step->m_mergeKey != m_mergeKey) {
            return false;
        }
        m_after = step->m_after;
        setObsolete(m_after == m_before);
        return true;
    }

private:
    FormDocument *m_document;
    Form m_before;
    Form m_after;
    QString m_mergeKey;
};

FormDocument::FormDocument(Form form, QString path, QObject *parent)
    : QObject(parent), m_form(std::move(form)), m_path(std::move(path))
{
    connect(&m_steps, &QUndoStack::cleanChanged, this, &FormDocument::changedChanged);
}

void FormDocument::apply(const QString &stepName, const Form &edited, const QString &mergeKey)
{
    if (!(edited == m_form)) {
        m_steps.push(new FormStep(this, stepName, m_form, edited, mergeKey));
    }
}

void FormDocument::setForm(const Form &form)
{
    const Form before = m_form;
    m_form = form;
    Q_EMIT formChanged(before, m_form);
}

Outcome FormDocument::saveTo(const QString &path)
{
    const Outcome saved = saveForm(path, m_form);
    if (saved) {
        m_path = path;
        m_steps.setClean();
        Q_EMIT changedChanged();
    }
    return saved;
}

} // namespace nabblet

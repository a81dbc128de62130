#include "designer/document/form_document.h"

#include "core/file/form_file.h"

#include <optional>

#include <QDir>
#include <QFileInfo>

namespace nabblet {

namespace {

// What a step of undo moved of one control.
struct PlaceChange
{
    int index;
    QRect before;
    QRect after;
    Rides ridesBefore;
    Rides ridesAfter;
};

// Two forms whose controls differ in nothing but where they stand, as most steps leave them: what moved. Nothing where
// they differ in more.
std::optional<QList<PlaceChange>> placeChanges(const Form &before, const Form &after)
{
    if (before.controls.size() != after.controls.size()) {
        return std::nullopt;
    }
    QList<PlaceChange> changes;
    for (int i = 0; i < before.controls.size(); ++i) {
        if (before.controls.sharesWith(after.controls, i)) {
            continue;
        }
        const Control &old = before.controls.at(i);
        Control now = after.controls.at(i);
        const PlaceChange change{i, old.place, now.place, old.rides, now.rides};
        now.place = old.place;
        now.rides = old.rides;
        if (!(now == old)) {
            return std::nullopt;
        }
        changes.append(change);
    }
    changes.squeeze();
    return changes;
}

Form withoutControls(Form form)
{
    form.controls = ControlList();
    return form;
}

} // namespace

// A step keeps the form before and after as values; what did not change is shared between all of them. Where controls
// only moved, it keeps where they stood and stand instead of the controls, which takes a fraction of the memory.
class FormStep : public QUndoCommand
{
public:
    FormStep(FormDocument *document, const QString &name, const Form &before, const Form &after, QString mergeKey)
        : QUndoCommand(name), m_document(document), m_focus(document->focus()), m_mergeKey(std::move(mergeKey))
    {
        keep(before, after);
    }

    void undo() override { takeSide(Side::Before); }
    void redo() override { takeSide(Side::After); }
    int id() const override { return m_mergeKey.isEmpty() ? -1 : 1; }

    bool mergeWith(const QUndoCommand *next) override
    {
        const auto *step = static_cast<const FormStep *>(next);
        if (step->m_mergeKey != m_mergeKey || step->m_focus != m_focus) {
            return false;
        }
        // The next step is done already: the document holds what it gives.
        const Form after = m_document->form();
        const Form before = asBefore(step->formAt(Side::Before));
        keep(before, after);
        setObsolete(after == before);
        return true;
    }

private:
    enum class Side { Before, After };

    // A step inside another form brings that to hand.
    void takeSide(Side side)
    {
        m_document->setFocus(m_focus);
        m_document->setForm(formAt(side));
    }

    void keep(const Form &before, const Form &after)
    {
        m_changes = placeChanges(before, after);
        m_before = m_changes ? withoutControls(before) : before;
        m_after = m_changes ? withoutControls(after) : after;
        m_before.controls.dropIndex(); // which is found again when one of them comes back
        m_after.controls.dropIndex();
    }

    // The form on one side of the step, the document holding the other.
    Form formAt(Side side) const
    {
        Form form = side == Side::Before ? m_before : m_after;
        return m_changes ? moved(form, m_document->form().controls, side) : form;
    }

    // The form before this step, from what it gave.
    Form asBefore(const Form &given) const
    {
        return m_changes ? moved(m_before, given.controls, Side::Before) : m_before;
    }

    Form moved(Form form, const ControlList &controls, Side side) const
    {
        form.controls = controls;
        for (const PlaceChange &change : *m_changes) {
            Control control = controls.at(change.index);
            control.place = side == Side::Before ? change.before : change.after;
            control.rides = side == Side::Before ? change.ridesBefore : change.ridesAfter;
            form.controls.replace(change.index, control);
        }
        return form;
    }

    FormDocument *m_document;
    InnerPath m_focus; // the form it changed
    Form m_before;     // without controls where m_changes says what moved
    Form m_after;
    std::optional<QList<PlaceChange>> m_changes;
    QString m_mergeKey;
};

FormDocument::FormDocument(Form form, QString path, QObject *parent)
    : QObject(parent), m_root(std::move(form)), m_form(m_root), m_path(std::move(path))
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
    m_root = withInnerAt(m_root, m_focus, form);
    Q_EMIT formChanged(before, m_form);
}

void FormDocument::setFocus(const InnerPath &focus)
{
    const InnerPath sound = soundPath(m_root, focus);
    if ((sound.isEmpty() && m_focus.isEmpty()) || sound == m_focus) {
        return;
    }
    const Form before = m_form;
    m_focus = sound;
    m_form = *innerAt(m_root, m_focus);
    Q_EMIT focusChanged();
    Q_EMIT formChanged(before, m_form);
}

namespace {

// Where a sheet is that a form saved there names.
QString sheetPath(const QString &file, const QString &formPath)
{
    return file.isEmpty() || formPath.isEmpty() ? file : QFileInfo(formPath).absoluteDir().absoluteFilePath(file);
}

} // namespace

QString FormDocument::tracingPath() const
{
    return sheetPath(m_form.tracing.file, m_path);
}

void FormDocument::takeRemembered(const Form &root)
{
    m_root = root;
    if (const Form *inner = innerAt(m_root, m_focus)) {
        m_form = *inner;
    }
}

Outcome FormDocument::saveTo(const QString &path)
{
    // A tracing sheet in the project's folder, or beside the form, is named from the form's file, so that the folder
    // may be moved. The forms inside have none of their own.
    const QDir folder = QFileInfo(path).absoluteDir();
    const QString sheet = sheetPath(m_root.tracing.file, m_path);
    QDir project = folder;
    project.cdUp();
    const bool isInside = sheet.startsWith(folder.path() + u'/') ||
                          (folder.dirName() == QLatin1String("forms") && sheet.startsWith(project.path() + u'/'));
    Form stored = m_root;
    if (!sheet.isEmpty()) {
        stored.tracing.file = isInside ? folder.relativeFilePath(sheet) : sheet;
    }
    // A form goes by the name of its file, by which buttons and subforms find it.
    stored.name = QFileInfo(path).completeBaseName();
    const Outcome saved = saveForm(path, stored);
    if (saved) {
        m_path = path;
        m_root.tracing.file = stored.tracing.file; // as it is called from where the form is now
        m_root.name = stored.name;
        if (m_focus.isEmpty()) {
            m_form = m_root;
        }
        m_steps.setClean();
        Q_EMIT changedChanged();
    }
    return saved;
}

} // namespace nabblet

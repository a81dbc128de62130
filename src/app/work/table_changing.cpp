#include "app/work/table_changing.h"

#include "app/work/project_uses.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/check/form_quality.h"
#include "core/draft/draft.h"
#include "core/edit/placing.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind.h"
#include "core/reconcile/column_uses.h"
#include "core/text/tr.h"
#include "designer/document/form_document.h"
#include "designer/panels/choices_table_dialog.h"
#include "designer/panels/new_column_dialog.h"
#include "entry/theme/ask.h"

#include <QSet>

namespace nabblet {

const Table *TableChanging::tableToChange(const QString &name)
{
    const Workspace &workspace = m_work->workspace();
    const Table *table = workspace.connection ? findTable(workspace.catalogue, name) : nullptr;
    if (!workspace.connection) {
        Q_EMIT said(tr("No database is open, so there is no table to change."));
    } else if (name.isEmpty()) {
        Q_EMIT said(tr("The form has no rows yet: choose a table for them first."));
    } else if (!table) {
        Q_EMIT said(tr("The rows of this form come from a SELECT; columns are added to tables, from the catalogue."));
    } else if (table->kind != TableKind::Table) {
        Q_EMIT said(tr("“%1” is a view; columns are added to tables.").arg(name.simplified()));
    } else if (workspace.connection->isReadOnly()) {
        Q_EMIT said(tr("The database can only be read, so its tables cannot be changed."));
    } else {
        return table;
    }
    return nullptr;
}

bool TableChanging::readAgain()
{
    const Outcome read = m_work->readDatabaseAgain();
    if (!read) {
        Q_EMIT failed(read.error());
    }
    return read.isOk();
}

void TableChanging::addColumn(const QString &name)
{
    const Table *table = tableToChange(name);
    if (!table) {
        return;
    }
    NewColumnDialog dialog(*m_work->workspace().connection, *table, m_window);
    if (dialog.exec() != QDialog::Accepted || !readAgain()) {
        return;
    }
    Q_EMIT columnAdded(name, dialog.column());
    Q_EMIT said(tr("“%1” has a column “%2” now.").arg(name.simplified(), dialog.column()));
}

void TableChanging::makeChoicesTable(const QString &name, const QString &column)
{
    const Table *table = tableToChange(name);
    if (!table) {
        return;
    }
    const Workspace &workspace = m_work->workspace();
    ChoicesTableDialog dialog(*workspace.connection, workspace.catalogue, *table, column, m_window);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    if (const Outcome kept = m_work->addLinks({dialog.link()}); !kept) {
        Q_EMIT failed(kept.error());
    }
    if (!readAgain()) { // with the link
        return;
    }
    // The box of that column, where the form has one, is chosen from the table from now on.
    FormDocument *document = m_work->document();
    const Table *linked = findTable(m_work->workspace().catalogue, name);
    const Column *own = linked ? findColumn(*linked, column) : nullptr;
    if (document && own && document->form().rowsFrom == name) {
        Form form = document->form();
        const Control drafted =
            draftField(m_work->workspace().catalogue, *linked, *own, QStringLiteral("drop-down"), nullptr);
        for (const Control &control : document->form().controls) {
            if (control.column != column || !takesValue(kindNamed(control.kind))) {
                continue;
            }
            form = withKind(form, {control.id}, drafted.kind);
            Control changed = *form.controls.find(control.id);
            changed.settings = drafted.settings;
            // Room for the arrow that opens the list, where nothing stands in the way.
            Control wider = changed;
            wider.place.setWidth(onGridAtOrAfter(changed.place.width() + BoxButtonWidth, form.grid.pitch));
            Form tried = form;
            tried.controls.replace(form.controls.indexOf(control.id), wider);
            const bool isFree = changed.rides.right == FixedRail::None && overlaps(tried) == overlaps(form) &&
                                rightOf(wider.place) <= form.width;
            form.controls.replace(form.controls.indexOf(control.id), isFree ? wider : changed);
        }
        document->apply(tr("Choose %1 from a table").arg(column.simplified()), form);
    }
    Q_EMIT said(tr("The table “%1” was made; “%2” is chosen from it.")
                    .arg(dialog.link().link.parentTable, column.simplified()));
}

void TableChanging::renameInForms(const QString &table, const QString &column)
{
    FormDocument *document = m_work->document();
    if (!document) {
        return;
    }
    const QString folder = m_work->workspace().projectFolder;
    const QString atHand = m_work->nameAtHand();
    const QList<ProjectUse> uses = usesOfColumn(folder, document->root(), atHand, table, column);
    if (uses.isEmpty()) {
        Q_EMIT said(tr("No form of this project uses “%1”.").arg(column.simplified()));
        return;
    }
    QSet<QString> forms;
    for (const ProjectUse &use : uses) {
        forms.insert(use.form);
    }
    const std::optional<QString> typed = askForWords(
        m_window, tr("Call it otherwise in all forms"),
        tr("What is “%1” of “%2” called from now on? %3 The table itself stays as it is.")
            .arg(column.simplified(), table.simplified(),
                 counted(uses.size(), tr("One place follows."),
                         tr("%1 places follow, in %2.")
                             .arg(QStringLiteral("%1"), counted(forms.size(), tr("one form"), tr("%1 forms"))))),
        column);
    const QString to = typed.value_or(QString()).trimmed();
    if (to.isEmpty() || to == column || m_work->document() != document) {
        return;
    }
    const RenamedColumn renamed = renameColumnInForms(folder, atHand, table, column, to);
    document->setFocus({});
    document->apply(tr("Call “%1” “%2”").arg(column.simplified(), to),
                    withColumnRenamed(document->root(), table, column, to));
    if (!renamed.failures.isEmpty()) {
        Q_EMIT failed({renamed.failures.join(u'\n'), {}});
    }
    Q_EMIT said(
        counted(renamed.forms,
                tr("“%1” is called “%2” here and in one other form, which is saved.").arg(column.simplified(), to),
                tr("“%1” is called “%2” here and in %3 other forms, which are saved.")
                    .arg(column.simplified(), to, QStringLiteral("%1"))));
}

} // namespace nabblet

#include "app/window/uses_view.h"

#include "app/parts/uses_dialog.h"
#include "app/work/filing.h"
#include "app/work/open_work.h"
#include "core/file/project_file.h"

#include <QDir>

namespace nabblet {

UsesView::UsesView(OpenWork *work, Filing *filing, QWidget *window)
    : QObject(window), m_work(work), m_filing(filing), m_window(window)
{
}

void UsesView::showColumn(const QString &table, const QString &column)
{
    if (m_work->document()) {
        show(tr("Where %1 is used").arg(column.isEmpty() ? table : table + u'.' + column),
             usesOfColumn(m_work->workspace().projectFolder, m_work->document()->root(), m_work->nameAtHand(), table,
                          column));
    }
}

void UsesView::showForm()
{
    if (m_work->document()) {
        const QString name = m_work->nameAtHand();
        show(tr("Where this form is used"), usesOfForm(m_work->workspace().projectFolder, m_work->document()->root(),
                                                       name, name.isEmpty() ? m_work->document()->root().name : name));
    }
}

void UsesView::showStyles()
{
    if (m_work->document()) {
        show(tr("Where styles are used"),
             usesOfStyles(m_work->workspace().projectFolder, m_work->document()->root(), m_work->nameAtHand()));
    }
}

void UsesView::show(const QString &title, const QList<ProjectUse> &uses)
{
    UsesDialog dialog(title, uses, m_window);
    const std::optional<ProjectUse> use =
        dialog.exec() == QDialog::Accepted ? dialog.chosen() : std::optional<ProjectUse>();
    if (!use) {
        return;
    }
    if (!use->form.isEmpty()) {
        if (!m_filing->mayLetGo()) {
            return;
        }
        m_filing->openForm(
            QDir(formsFolder(m_work->workspace().projectFolder)).filePath(use->form + QStringLiteral(".nabform")));
    }
    if (m_work->document()) {
        Q_EMIT goRequested(use->path, use->control);
    }
}

} // namespace nabblet

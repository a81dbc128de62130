#include "app/project_names.h"

#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"

#include <QFileInfo>

namespace nabblet {

Renamed renameForms(const QString &projectFolder, const QString &pattern, const QString &exceptPath)
{
    Renamed renamed;
    const QStringList files = formFiles(projectFolder);
    for (const QString &file : files) {
        const QString path = formsFolder(projectFolder) + u'/' + file;
        if (!exceptPath.isEmpty() && QFileInfo(path) == QFileInfo(exceptPath)) {
            continue;
        }
        const Result<Form> form = loadForm(path);
        if (!form) {
            renamed.failures.append(form.error().sentence);
            continue;
        }
        const Form anew = renamedByPattern(*form, pattern);
        if (anew == *form) {
            continue;
        }
        const Outcome saved = saveForm(path, anew);
        if (saved) {
            ++renamed.forms;
        } else {
            renamed.failures.append(saved.error().sentence);
        }
    }
    return renamed;
}

} // namespace nabblet

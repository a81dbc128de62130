#include "entry/theme/sheet.h"

#include <QDialog>
#include <QVBoxLayout>

namespace nabblet {

QVBoxLayout *begunSheet(QDialog &sheet, const QString &name, const QString &title, QSize size)
{
    sheet.setObjectName(name);
    sheet.setWindowTitle(title);
    if (size.isValid()) {
        sheet.resize(size);
    }
    auto *column = new QVBoxLayout(&sheet);
    column->setContentsMargins(16, 14, 16, 14);
    column->setSpacing(8);
    return column;
}

} // namespace nabblet

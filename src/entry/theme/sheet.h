// How the sheets of Entry begin, so that all have the same edges.
#pragma once

#include <QSize>

class QDialog;
class QString;
class QVBoxLayout;

namespace nabblet {

// Names and titles a sheet, gives it a size (none: as large as it needs) and the column that its parts stand in.
QVBoxLayout *begunSheet(QDialog &sheet, const QString &name, const QString &title, QSize size);

} // namespace nabblet

#include "designer/panels/looking_line.h"

#include <QLineEdit>

namespace nabblet {

void clearOnceTyped(QLineEdit *line)
{
    QObject::connect(line, &QLineEdit::textChanged, line, [line] { line->setClearButtonEnabled(true); });
}

} // namespace nabblet

// Where a person had a window, so that it comes back there: kept on this computer.
#pragma once

class QString;
class QWidget;

namespace nabblet {

// Puts a window where it was under that name, and gives whether it was anywhere that is still on a screen. What the
// window was like is told apart by `edition`: one that was made otherwise meanwhile begins anew.
bool restorePlace(QWidget &window, const QString &name, const QString &edition);
void keepPlace(const QWidget &window, const QString &name, const QString &edition);

} // namespace nabblet

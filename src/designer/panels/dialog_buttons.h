// The row of buttons at the foot of a dialog: Cancel, and the one that takes what it shows, which Enter presses.
#pragma once

#include <QDialog>

class QHBoxLayout;
class QPushButton;

namespace nabblet {

struct DialogButtons
{
    QHBoxLayout *row = nullptr; // to be put at the foot; what stands left of the buttons may be inserted at its front
    QPushButton *take = nullptr;
};

// Makes them for a dialog and connects them to accept() and reject(). words and name: of the button that takes.
DialogButtons makeDialogButtons(QDialog *dialog, const QString &words, const char *name);

} // namespace nabblet

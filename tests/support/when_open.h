// Sheets and dialogs that keep the window waiting, answered from outside.
#pragma once

#include <QApplication>
#include <QDialog>
#include <QTimer>

#include <functional>

namespace nabblet::samples {

// Does something with a sheet or dialog as soon as it is open.
struct WhenOpen
{
    QTimer timer;
    WhenOpen(const QString &name, const std::function<void(QDialog *)> &act)
    {
        QObject::connect(&timer, &QTimer::timeout, [this, name, act] {
            auto *dialog = qobject_cast<QDialog *>(QApplication::activeModalWidget());
            if (dialog && dialog->objectName() == name) {
                timer.stop();
                act(dialog);
            }
        });
        timer.start(5);
    }
};

} // namespace nabblet::samples

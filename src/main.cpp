#include "app/command/command_line.h"

#include <QApplication>

int main(int argc, char **argv)
{
    nabblet::prepareEnvironment(argc, argv);
    QApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("Nabblet"));
    QApplication::setApplicationName(QStringLiteral("Nabblet"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    return nabblet::runCommandLine(application);
}

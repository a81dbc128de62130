#include "app/command/command_line.h"
#include "entry/language/language.h"

#include <QApplication>
#include <QIcon>

int main(int argc, char **argv)
{
    nabblet::prepareEnvironment(argc, argv);
    QApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("Nabblet"));
    QApplication::setApplicationName(QStringLiteral("Nabblet"));
    QApplication::setDesktopFileName(QStringLiteral("net.nabblet.Nabblet"));
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/icon.svg")));
    QApplication::setStyle(QStringLiteral("Fusion"));
    nabblet::useLanguage(application);
    return nabblet::runCommandLine(application);
}

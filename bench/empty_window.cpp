// A QMainWindow with nothing in it, closed once it is painted: the measure for the start of the program.
#include <QApplication>
#include <QMainWindow>
#include <QTimer>

namespace {

class Window : public QMainWindow
{
protected:
    void paintEvent(QPaintEvent *event) override
    {
        QMainWindow::paintEvent(event);
        QTimer::singleShot(0, qApp, &QCoreApplication::quit);
    }
};

} // namespace

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    Window window;
    window.resize(1280, 800);
    window.show();
    return QApplication::exec();
}

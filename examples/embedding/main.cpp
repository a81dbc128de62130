// A form of Nabblet in a window of one's own: embedding FORM [DATABASE].
#include <nabblet/form_view.h>

#include <QApplication>
#include <QMainWindow>
#include <QStatusBar>
#include <QTextStream>
#include <QToolBar>

int main(int argc, char **argv)
{
    QApplication app(argc, argv);
    QMainWindow window;
    auto *form = new nabblet::FormView(&window);
    if (!form->open(app.arguments().value(1), app.arguments().value(2))) {
        QTextStream(stderr) << form->error() << '\n';
        return 1;
    }
    window.setCentralWidget(form);
    QToolBar *bar = window.addToolBar("Records");
    bar->addAction("Previous", form, &nabblet::FormView::goPrevious);
    bar->addAction("Next", form, &nabblet::FormView::goNext);
    bar->addAction("Save", form, &nabblet::FormView::save);
    QObject::connect(form, &nabblet::FormView::said, window.statusBar(),
                     [&](const QString &sentence) { window.statusBar()->showMessage(sentence); });
    QObject::connect(form, &nabblet::FormView::saved, [](const QVariantList &key) {
        QTextStream(stdout) << "saved " << key.value(0).toString() << '\n';
    });
    QObject::connect(form, &nabblet::FormView::refused,
                     [](const QString &sentence) { QTextStream(stdout) << "refused: " << sentence << '\n'; });
    window.resize(1100, 700);
    window.show();
    return app.exec();
}

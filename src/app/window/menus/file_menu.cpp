// Opening and saving.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "core/file/project_file.h"
#include "core/text/tr.h"

#include <QDir>
#include <QFileInfo>
#include <QMenu>
#include <QMenuBar>

namespace nabblet {

namespace {

void fillForms(QMenu &menu, MainWindow &window)
{
    menu.clear();
    const QString project = window.work().workspace().projectFolder;
    const QStringList files = project.isEmpty() ? QStringList() : formFiles(project);
    for (const QString &file : files) {
        const QString path = QDir(formsFolder(project)).filePath(file);
        QAction *action = menu.addAction(QFileInfo(file).completeBaseName(), &window, [&window, path] {
            if (window.filing().mayLetGo()) {
                window.filing().openForm(path);
            }
        });
        action->setCheckable(true);
        action->setChecked(window.document() && window.document()->path() == path);
    }
    if (files.isEmpty()) {
        menu.addAction(Texts::tr("None yet"))->setEnabled(false);
    }
}

} // namespace

void makeFileMenu(Commands &commands, MainWindow &window)
{
    QMenu *file = commands.bar()->addMenu(Texts::tr("&File"));
    commands.add(
        file, Texts::later("&New form from data…"), keys("Ctrl+Shift+N"), [&window] { window.filing().newForm(); },
        When::WithDatabase);
    commands.add(
        file, Texts::later("New form &without a database"), QKeySequence(),
        [&window] { window.filing().newBlankForm(); }, When::Always);
    commands.add(
        file, Texts::later("&Open…"), QKeySequence::Open, [&window] { window.filing().open(); }, When::Always);
    commands.add(
        file, Texts::later("Open a database on a ser&ver…"), keys("Ctrl+Alt+Shift+O"),
        [&window] { window.filing().openOnServer(); }, When::Always);
    commands.add(
        file, Texts::later("Open the &demonstration"), QKeySequence(),
        [&window] { window.filing().openDemonstration(); }, When::Always);
    QMenu *forms = file->addMenu(Texts::tr("&Forms of this project"));
    QObject::connect(forms, &QMenu::aboutToShow, &window, [&window, forms] { fillForms(*forms, window); });
    QAction *again = commands.add(
        file, Texts::later("Read the data&base again"), keys("Ctrl+Shift+D"),
        [&window] { window.filing().readDatabaseAgain(); }, When::Always);
    QAction *move = commands.add(
        file, Texts::later("&Move the project to another database…"), QKeySequence(),
        [&window] { window.filing().moveProject(); }, When::Always);
    QAction *start = commands.add(
        file, Texts::later("Ma&ke a start form"), QKeySequence(), [&window] { window.filing().makeStartForm(); },
        When::Always);
    QAction *hand = commands.add(
        file, Texts::later("&Hand over…"), keys("Ctrl+Alt+Shift+E"), [&window] { window.filing().handOverProject(); },
        When::Always);
    QAction *mail = commands.add(
        file, Texts::later("Ma&il of the project…"), QKeySequence(), [&window] { window.filing().setUpMail(); },
        When::Always);
    file->addSeparator();
    QAction *save = commands.add(
        file, Texts::later("&Save form"), QKeySequence::Save,
        [&window] {
            if (window.isAtWork() && window.session()) {
                window.session()->saving().save();
            } else {
                window.filing().save();
            }
        },
        When::WithForm);
    commands.add(
        file, Texts::later("Save form &as…"), keys("Ctrl+Shift+S"), [&window] { window.filing().saveAs(); },
        When::InDesign);
    commands.add(
        file, Texts::later("&Rename form…"), QKeySequence(), [&window] { window.filing().renameForm(); },
        When::InDesign);
    commands.add(
        file, Texts::later("Where this form is &used…"), QKeySequence(), [&window] { window.uses().showForm(); },
        When::WithForm);
    file->addSeparator();
    commands.add(
        file, Texts::later("&Quit"), keys("Ctrl+Q"), [&window] { window.close(); }, When::Always);
    commands.follow([&window, again, move, mail, start, hand, save] {
        const Workspace &workspace = window.work().workspace();
        again->setEnabled(workspace.connection || !workspace.projectFolder.isEmpty());
        move->setEnabled(!workspace.projectFolder.isEmpty());
        for (QAction *ofProject : {mail, start, hand}) {
            ofProject->setEnabled(!workspace.projectFolder.isEmpty());
        }
        save->setText(window.isAtWork() ? Texts::tr("&Save record") : Texts::tr("&Save form"));
    });
}

} // namespace nabblet

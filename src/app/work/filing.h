// Opening and saving, with the questions they ask: which file, what becomes of unsaved work, where a database went.
#pragma once

#include "app/work/open_work.h"
#include "core/draft/draft.h"
#include "entry/theme/appearance.h"

class QWidget;

namespace nabblet {

class Filing : public QObject
{
    Q_OBJECT

public:
    // measure: of the form's letters, for drafts. All three stay the caller's.
    Filing(OpenWork *work, const Appearance *appearance, QWidget *window);

    // Opens a project, a database or a form. A bare database goes straight to a new form.
    void openPath(const QString &path);
    // A form of the project.
    void openForm(const QString &path);
    // Asks for a file.
    void open();
    // Asks where on a server a database is.
    void openOnServer();
    void openDemonstration();
    // Has the project work on another database, a file or one on a server, after saying what is different there.
    void moveProject();
    // A form with a button for each form of the project, made or brought up to date, which the project starts with.
    void makeStartForm();
    // Gives the project to those who work with its forms, into a folder that is asked for.
    void handOverProject();
    // Asks how the forms of the project send messages.
    void setUpMail();
    // The sheet that makes a form from data, with a table chosen.
    void newForm(const QString &table = {});
    // Makes a form from a table without asking, as its draft stands.
    void newFormFromTable(const QString &table, Arrangement arrangement = Arrangement::Columnar);
    // An empty form that belongs to no database.
    void newBlankForm();
    // Asked for by a person: everything is read anew, whether or not something seems to have changed.
    void readDatabaseAgain();
    // Offers unsaved work that an earlier run left of forms that were never saved. True when it was taken up.
    bool offerUnsaved();

    bool save();
    bool saveAs();
    // The form's name is that of its file, by which buttons and subforms of other forms find it.
    void renameForm();
    // Whether what is at hand may go: saved, or let go by the person.
    bool mayLetGo();

Q_SIGNALS:
    void asking();       // what is typed and still open is to be taken first
    void entryWanted();  // what there is to see, is in Entry
    void usedChanged();  // the list of what was used lately
    void namesChanged(); // of the form, or of the forms of the project
    void said(const QString &sentence);
    void failed(const nabblet::Error &error);

private:
    Workspace withDatabaseFound(Workspace workspace);
    void openServer(const DatabaseAddress &address, const QString &why);
    std::optional<DatabaseAddress> askForDatabase(const QString &title);
    void offerTypedRecord();
    QStringList namesTaken(const QString &folder) const;
    void saveNewForms(const QList<Form> &forms);
    bool saveTo(const QString &path);

    OpenWork *m_work;
    const Appearance *m_appearance;
    QWidget *m_window;
};

} // namespace nabblet

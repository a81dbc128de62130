// What the window works on: a project or a database, the form at hand, and the records it shows. Knows nothing of how
// it is shown; asks nobody.
#pragma once

#include "app/work/workspace.h"
#include "designer/document/form_document.h"
#include "designer/document/recovery.h"
#include "entry/reading/database_watch.h"
#include "entry/records/record_recovery.h"
#include "entry/session/entry_session.h"

#include <QFileSystemWatcher>

#include <memory>

namespace nabblet {

class OpenWork : public QObject
{
    Q_OBJECT

public:
    using QObject::QObject;
    ~OpenWork() override;

    const Workspace &workspace() const { return m_workspace; }
    // The form at hand, what keeps its unsaved work, and the records it shows; nullptr without one.
    FormDocument *document() const { return m_document.get(); }
    Recovery *recovery() const { return m_recovery.get(); }
    EntrySession *session() const { return m_session.get(); }
    // The session of the rows of the form inside that is being designed.
    EntrySession *sessionInFocus() const;
    // The tables of the database, and with them the SELECT that the form's rows come from.
    const Catalogue &shownCatalogue() const;
    // Where the forms of the project are, or of the database's folder; empty without either.
    QString folderForForms() const;
    // The name of the file of the form at hand; empty where it has none yet.
    QString nameAtHand() const;

    // Works on another project or database, with no form at hand.
    void open(const Workspace &workspace);
    // Takes a form to hand. isNew: it was never saved.
    void take(const Form &form, const QString &path, bool isNew);
    // No form is at hand any more.
    void close();

    // Saves the form at hand, and makes a project where there is none. The error of the second part is its own, for the
    // form is saved then.
    struct Saved
    {
        Outcome form;
        Outcome project;
        bool madeProject = false;
    };
    Saved saveTo(const QString &path);
    // Reads tables, columns and links anew; what is shown follows.
    Outcome readDatabaseAgain();
    // The form that the project begins with.
    Outcome setStartForm(const QString &name);
    // How the forms of the project send messages from now on.
    Outcome setMail(const MailSetup &mail);
    // Links that the database does not declare, known to the project from now on.
    Outcome addLinks(const QList<TableLink> &links);
    // What is stored in a table, once that is known.
    void takeProfile(const Profile &profile) { m_profiles.insert(profile.table, profile); }
    // What the project says where a rule of a table is not kept; an empty sentence: what the program finds.
    Outcome setSentence(const RuleSentence &sentence);
    // The pattern by which the project names controls.
    Outcome setNamingPattern(const QString &pattern);
    // Whether the project follows renamed columns and tables without asking.
    Outcome setFollowsRenames(bool follows);

    // The looks and styles of the project are these from now on. What changed is written, where there is a project;
    // what could not be is said and stays as it is shown.
    void putLooks(const LookBook &book);

    // Tables, columns or links are these now.
    void setCatalogue(const Catalogue &catalogue);
    // The records follow another form than before: its columns, its rows, what is looked up.
    Outcome followForm();

Q_SIGNALS:
    void opened();
    void closing(); // the form at hand is about to go
    void taken();   // another is at hand
    void catalogueTaken(const nabblet::Catalogue &catalogue);
    void said(const QString &sentence);
    void failed(const nabblet::Error &error);
    void recordChanged();
    void looksChanged();    // the project's, or which of them the form has
    void databaseChanged(); // is there, or is not any more

private:
    void watchDatabase();
    void watchLooks();

    Workspace m_workspace;
    std::unique_ptr<FormDocument> m_document;
    QHash<QString, Profile> m_profiles; // of tables, as far as they are known
    std::unique_ptr<Recovery> m_recovery;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<RecordRecovery> m_typedRecovery;
    std::unique_ptr<DatabaseWatch> m_watch;
    std::unique_ptr<QFileSystemWatcher> m_lookWatch;
};

} // namespace nabblet

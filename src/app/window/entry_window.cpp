#include "app/window/entry_window.h"

#include "entry/language/spoken_form.h"
#include "entry/reading/database_watch.h"
#include "entry/records/record_recovery.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"

#include <QApplication>
#include <QStatusBar>

namespace nabblet {

namespace {

Appearance appearanceOf(const Workspace &workspace, const Form &form)
{
    const Theme theme = themeOfPalette(QApplication::palette());
    QApplication::setFont(desktopFont());
    QApplication::setPalette(panelPalette(theme));
    qApp->setStyleSheet(panelStyle(theme));
    return {form.look, theme, desktopFont(), workspace.looks};
}

std::unique_ptr<EntrySession> sessionOf(const Workspace &workspace, const Form &form)
{
    auto session = std::make_unique<EntrySession>(*workspace.connection, workspace.catalogue,
                                                  inPersonsLanguage(form, appearanceOf(workspace, form)));
    session->setFormReader(readingInPersonsLanguage(formReaderOf(workspace.projectFolder), workspace.looks));
    session->setFormFinder(formFinderOf(workspace.projectFolder));
    session->setSharedQuestions(sharedQuestionsOf(workspace.projectFolder));
    session->setMailSender(mailSenderOf(workspace.projectFolder));
    return session;
}

} // namespace

EntryWindow::EntryWindow(const Workspace &workspace, const Form &form, const QString &formPath, QWidget *parent)
    : FormWindow(sessionOf(workspace, form), appearanceOf(workspace, form), parent), m_formPath(formPath)
{
    m_typedRecovery = std::make_unique<RecordRecovery>(session(), formPath);
    auto *watch = new DatabaseWatch(*workspace.connection, this);
    connect(watch, &DatabaseWatch::dataChanged, session(), &EntrySession::noticeChanges);
    connect(watch, &DatabaseWatch::catalogueChanged, this, [this, project = workspace.project](const Catalogue &now) {
        const Outcome taken = session()->setCatalogue(asKnownTo(project, now));
        if (!taken) {
            statusBar()->showMessage(taken.error().sentence);
        }
    });
    connect(watch, &DatabaseWatch::availabilityChanged, this, [this](const QString &sentence) {
        session()->availabilityChanged(sentence);
        statusBar()->showMessage(sentence);
    });
    if (workspace.connection->isReadOnly()) {
        statusBar()->showMessage(tr("The database can only be read: records can be looked at, not changed."));
    }
}

EntryWindow::~EntryWindow() = default;

void EntryWindow::offerTypedRecord()
{
    offerTyped(session(), m_formPath, this);
}

Outcome EntryWindow::start()
{
    // A form without rows has buttons that lead to others.
    if (session()->form().rowsFrom.isEmpty()) {
        return Done{};
    }
    const Outcome started = session()->start();
    if (started) {
        session()->moves().goWhereItOpens();
    }
    return started;
}

} // namespace nabblet

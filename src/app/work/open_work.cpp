#include "app/work/open_work.h"

#include "app/work/project_names.h"
#include "core/draft/inner_forms.h"
#include "core/file/project_file.h"
#include "core/looks/files/look_file.h"
#include "core/reconcile/memory.h"
#include "data/profile/learn_catalogue.h"
#include "entry/language/spoken_form.h"

#include <QDir>
#include <QFileInfo>

#include <algorithm>
#include <utility>

namespace nabblet {

OpenWork::~OpenWork() = default;

EntrySession *OpenWork::sessionInFocus() const
{
    EntrySession *session = m_session.get();
    for (const ControlId id : m_document->focus()) {
        if (id == RowFormStep) {
            session = session ? session->row() : nullptr;
            continue;
        }
        const Control *control = session ? session->form().controls.find(id) : nullptr;
        session = control ? session->children().of(*control) : nullptr;
    }
    return session;
}

const Catalogue &OpenWork::shownCatalogue() const
{
    const bool hasSelect = m_session && m_document && !m_document->form().select.isEmpty();
    return hasSelect ? m_session->state().catalogue : m_workspace.catalogue;
}

QString OpenWork::folderForForms() const
{
    const QString file = m_workspace.address.part("file");
    return !m_workspace.projectFolder.isEmpty() ? formsFolder(m_workspace.projectFolder)
           : !file.isEmpty()                    ? QFileInfo(file).absoluteDir().filePath(QStringLiteral("forms"))
                                                : QString();
}

void OpenWork::open(const Workspace &workspace)
{
    close();
    m_workspace = workspace;
    m_profiles.clear();
    watchDatabase();
    watchLooks();
    Q_EMIT opened();
}

void OpenWork::take(const Form &form, const QString &path, bool isNew)
{
    close();
    m_document = std::make_unique<FormDocument>(form, path);
    if (isNew) {
        m_document->markUnsaved();
    }
    m_recovery = std::make_unique<Recovery>(m_document.get(), addressKey(m_workspace.address));
    connect(m_recovery.get(), &Recovery::failed, this, [this](const Error &error) { Q_EMIT said(error.sentence); });
    if (m_workspace.connection) {
        m_session = std::make_unique<EntrySession>(*m_workspace.connection, m_workspace.catalogue, form);
        m_session->setFormReader(readingInPersonsLanguage(formReaderOf(m_workspace.projectFolder), m_workspace.looks));
        m_session->setFormFinder(formFinderOf(m_workspace.projectFolder));
        m_session->setSharedQuestions(sharedQuestionsOf(m_workspace.projectFolder));
        m_session->setMailSender(mailSenderOf(m_workspace.projectFolder));
        m_typedRecovery = std::make_unique<RecordRecovery>(m_session.get(), path);
        connect(m_session.get(), &EntrySession::said, this, &OpenWork::said);
        connect(m_session.get(), &EntrySession::recordChanged, this, &OpenWork::recordChanged);
        connect(m_session.get(), &EntrySession::positionChanged, this, &OpenWork::recordChanged);
        connect(m_session.get(), &EntrySession::pendingChanged, this, &OpenWork::recordChanged);
        const Outcome started = form.rowsFrom.isEmpty() ? Outcome(Done{}) : m_session->start();
        if (!started) {
            Q_EMIT failed(started.error());
        }
    }
    Q_EMIT taken();
}

void OpenWork::close()
{
    Q_EMIT closing();
    m_typedRecovery.reset();
    m_session.reset();
    m_recovery.reset();
    m_document.reset();
}

OpenWork::Saved OpenWork::saveTo(const QString &path)
{
    if (m_workspace.connection && m_document->isChanged()) {
        m_document->takeRemembered(withColumnsRemembered(m_document->root(), shownCatalogue(), &m_profiles));
    }
    const Outcome form = m_document->saveTo(path);
    if (!form) {
        return {form, Done{}};
    }
    const bool hadProject = !m_workspace.projectFolder.isEmpty();
    const LookBook taken = m_workspace.looks; // before there was a project to keep them
    const Outcome project = ensureProject(m_workspace, path);
    if (!hadProject && project && !(taken == LookBook())) {
        putLooks(taken);
    }
    return {form, project, !hadProject && project.isOk()};
}

namespace {

// Writes what differs between two states of a project's looks.
Outcome writeLooks(const QString &folder, const LookBook &before, const LookBook &after)
{
    Outcome outcome = Done{};
    const auto keep = [&](const Outcome &each) { outcome = outcome ? each : outcome; };
    for (const Look &look : after.looks) {
        if (!before.looks.contains(look)) {
            keep(saveLook(folder, look));
        }
    }
    for (const Look &look : before.looks) {
        const bool isThere = std::any_of(after.looks.begin(), after.looks.end(),
                                         [&](const Look &other) { return other.name == look.name; });
        if (!isThere) {
            keep(removeLook(folder, look.name));
        }
    }
    if (before.styles != after.styles) {
        keep(saveStyles(folder, after.styles));
    }
    return outcome;
}

} // namespace

// What other programs and other windows make of the looks meanwhile is taken over; our own writing changes nothing.
void OpenWork::watchLooks()
{
    m_lookWatch.reset();
    if (m_workspace.projectFolder.isEmpty()) {
        return;
    }
    m_lookWatch = std::make_unique<QFileSystemWatcher>();
    const QString project = m_workspace.projectFolder;
    const auto watch = [this, project] {
        for (const QString &folder : {project, looksFolder(project)}) { // which may come later
            if (QFileInfo::exists(folder) && !m_lookWatch->directories().contains(folder)) {
                m_lookWatch->addPath(folder);
            }
        }
        // A file that is written in place changes no folder.
        const QDir looks(looksFolder(project));
        for (const QString &file : looks.entryList(QDir::Files)) {
            if (!m_lookWatch->files().contains(looks.filePath(file))) {
                m_lookWatch->addPath(looks.filePath(file));
            }
        }
    };
    watch();
    const auto read = [this, project, watch] {
        watch();
        const LookBook now = loadLookBook(project);
        if (now.mistakes != m_workspace.looks.mistakes && !now.mistakes.isEmpty()) {
            Q_EMIT said(now.mistakes.first());
        }
        m_workspace.looks.mistakes = now.mistakes;
        const bool isOther = now.looks != m_workspace.looks.looks || now.styles != m_workspace.looks.styles;
        if (isOther && now.mistakes.isEmpty()) { // half written, or wrong: what was read before stays
            m_workspace.looks = now;
            Q_EMIT looksChanged();
        }
    };
    connect(m_lookWatch.get(), &QFileSystemWatcher::directoryChanged, this, read);
    connect(m_lookWatch.get(), &QFileSystemWatcher::fileChanged, this, read);
}

void OpenWork::putLooks(const LookBook &book)
{
    const LookBook before = std::exchange(m_workspace.looks, book);
    if (!m_workspace.projectFolder.isEmpty()) {
        if (const Outcome written = writeLooks(m_workspace.projectFolder, before, book); !written) {
            Q_EMIT failed(written.error());
        }
        // As it is read again, so that our own writing is not taken for another program's.
        for (Look &look : m_workspace.looks.looks) {
            if (const Result<Look> stored = readLook(writeLook(look), look.name, usualLook())) {
                look = *stored;
            }
        }
    }
    Q_EMIT looksChanged();
}

Outcome OpenWork::setNamingPattern(const QString &pattern)
{
    m_workspace.project.namingPattern = pattern;
    return m_workspace.projectFolder.isEmpty() ? Outcome(Done{}) : saveProjectOf(m_workspace);
}

QString OpenWork::nameAtHand() const
{
    return m_document ? QFileInfo(m_document->path()).completeBaseName() : QString();
}

Outcome OpenWork::setFollowsRenames(bool follows)
{
    m_workspace.project.followsRenames = follows;
    return m_workspace.projectFolder.isEmpty() ? Outcome(Done{}) : saveProjectOf(m_workspace);
}

Outcome OpenWork::setStartForm(const QString &name)
{
    m_workspace.project.startForm = name;
    return m_workspace.projectFolder.isEmpty() ? Outcome(Done{}) : saveProjectOf(m_workspace);
}

Outcome OpenWork::setMail(const MailSetup &mail)
{
    m_workspace.project.mail = mail;
    return m_workspace.projectFolder.isEmpty() ? Outcome(Done{}) : saveProjectOf(m_workspace);
}

Outcome OpenWork::readDatabaseAgain()
{
    if (!m_workspace.connection) {
        return Done{};
    }
    const Result<Catalogue> catalogue = learnCatalogue(*m_workspace.connection);
    if (!catalogue) {
        return catalogue.error();
    }
    if (m_watch) {
        m_watch->takeNote(); // it is not told once more as somebody else's doing
    }
    setCatalogue(*catalogue);
    return Done{};
}

Outcome OpenWork::addLinks(const QList<TableLink> &links)
{
    QList<TableLink> &known = m_workspace.project.links;
    const qsizetype before = known.size();
    for (const TableLink &link : links) {
        if (!known.contains(link)) {
            known.append(link);
        }
    }
    if (known.size() == before) {
        return Done{};
    }
    m_workspace.catalogue = withLinks(m_workspace.catalogue, known);
    return m_workspace.projectFolder.isEmpty() ? Outcome(Done{}) : saveProjectOf(m_workspace);
}

Outcome OpenWork::setSentence(const RuleSentence &sentence)
{
    QList<RuleSentence> &known = m_workspace.project.sentences;
    known.removeIf(
        [&](const RuleSentence &each) { return each.table == sentence.table && each.rule == sentence.rule; });
    if (!sentence.sentence.isEmpty()) {
        known.append(sentence);
    }
    m_workspace.catalogue = withSentences(m_workspace.catalogue, {sentence}); // an empty one is as good as none
    if (m_session) {
        if (const Outcome taken = m_session->setCatalogue(m_workspace.catalogue); !taken) {
            Q_EMIT said(taken.error().sentence);
        }
    }
    return m_workspace.projectFolder.isEmpty() ? Outcome(Done{}) : saveProjectOf(m_workspace);
}

// ---------------------------------------------------------------- what others do to the database

void OpenWork::watchDatabase()
{
    m_watch.reset();
    if (!m_workspace.connection) {
        return;
    }
    m_watch = std::make_unique<DatabaseWatch>(*m_workspace.connection);
    connect(m_watch.get(), &DatabaseWatch::catalogueChanged, this, &OpenWork::setCatalogue);
    connect(m_watch.get(), &DatabaseWatch::dataChanged, this, [this] {
        if (m_session) {
            m_session->noticeChanges();
        }
    });
    connect(m_watch.get(), &DatabaseWatch::availabilityChanged, this, [this](const QString &sentence) {
        if (m_session) {
            m_session->availabilityChanged(sentence);
        }
        Q_EMIT databaseChanged();
        Q_EMIT said(sentence);
    });
}

void OpenWork::setCatalogue(const Catalogue &catalogue)
{
    m_workspace.catalogue = asKnownTo(m_workspace.project, catalogue);
    if (m_session) {
        const Outcome taken = m_session->setCatalogue(m_workspace.catalogue);
        Q_EMIT said(taken ? tr("The tables of the database were changed; what is shown follows.")
                          : taken.error().sentence);
    }
    Q_EMIT catalogueTaken(m_workspace.catalogue);
}

Outcome OpenWork::followForm()
{
    const bool hasRows = m_session && !m_document->root().rowsFrom.isEmpty();
    return hasRows ? m_session->setForm(m_document->root()) : Outcome(Done{});
}

} // namespace nabblet

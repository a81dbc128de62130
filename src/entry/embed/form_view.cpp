#include "entry/embed/form_view.h"

#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/model/written_address.h"
#include "data/profile/learn_catalogue.h"
#include "entry/language/spoken_form.h"
#include "entry/reading/database_watch.h"
#include "entry/session/entry_session.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"
#include "entry/view/record_commands.h"

#include <QAction>
#include <QDir>
#include <QFileInfo>
#include <QVBoxLayout>

namespace nabblet {

struct FormView::Inside
{
    QString error;
    std::unique_ptr<EntrySession> session;
    std::unique_ptr<DatabaseWatch> watch; // goes before the session
    EntryView *view = nullptr;
    qsizetype steps = 0;       // done in the session
    QVariantList lastKey = {}; // of the record in hand
};

namespace {

FormReader readerOf(const QString &projectFolder)
{
    return [projectFolder](const QString &name) -> Result<Form> {
        return loadForm(QDir(formsFolder(projectFolder)).filePath(name + QStringLiteral(".nabform")));
    };
}

} // namespace

FormView::FormView(QWidget *parent) : QWidget(parent), m_inside(std::make_unique<Inside>())
{
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    // The keys of records work while the keyboard is in the form, and nowhere else in the application.
    const auto add = [this](const QKeySequence &keys, const QString &words, const std::function<void()> &run) {
        auto *action = new QAction(words, this);
        action->setShortcut(keys);
        action->setShortcutContext(Qt::WidgetWithChildrenShortcut);
        connect(action, &QAction::triggered, this, [this, run] {
            if (m_inside->view) {
                run();
            }
        });
        addAction(action);
    };
    for (const RecordCommand &each : recordCommands()) {
        add(recordCommandKeys(each), recordCommandTitle(each).remove(u'&'),
            [this, &each] { runRecordCommand(each, *m_inside->view); });
    }
    add(QKeySequence::Save, tr("Save"), [this] { save(); });
}

FormView::~FormView()
{
    delete m_inside->view; // before the session that it shows
}

bool FormView::open(const QString &formFile, const QString &database)
{
    const auto fail = [this](const QString &sentence) {
        m_inside->error = sentence;
        return false;
    };
    const Result<Form> form = loadForm(formFile);
    if (!form) {
        return fail(form.error().sentence);
    }
    const QString folder = projectFolderOf(QFileInfo(formFile).absoluteFilePath());
    Project project;
    if (!folder.isEmpty()) {
        const Result<Project> read = loadProject(folder);
        if (!read) {
            return fail(read.error().sentence);
        }
        project = *read;
    }
    DatabaseAddress address = project.database;
    if (!database.isEmpty()) {
        const std::optional<WrittenAddress> written = readServerAddress(database);
        address = written ? written->address : addressOfFile(QFileInfo(database).absoluteFilePath());
    } else if (address.isEmpty()) {
        return fail(tr("%1 belongs to no project with a database; say which database it works on.").arg(formFile));
    } else if (address.parts.contains(QStringLiteral("file"))) {
        address = addressOfFile(QDir(folder).absoluteFilePath(address.parts.value(QStringLiteral("file"))));
    }
    const Result<Connection> connection = Connection::open(address);
    if (!connection) {
        return fail(connection.error().sentence);
    }
    const Result<Catalogue> catalogue = learnCatalogue(*connection);
    if (!catalogue) {
        return fail(catalogue.error().sentence);
    }
    const Theme theme = themeOfPalette(palette());
    const LookBook looks = folder.isEmpty() ? LookBook() : loadLookBook(folder);
    const Appearance appearance(form->look, theme, font(), looks);
    auto session = std::make_unique<EntrySession>(*connection, asKnownTo(project, *catalogue),
                                                  inPersonsLanguage(*form, appearance));
    session->setLocale(locale());
    if (!folder.isEmpty()) {
        session->setFormReader(readingInPersonsLanguage(readerOf(folder), looks));
    }
    if (const Outcome started = session->start(); !started) {
        return fail(started.error().sentence);
    }
    auto *view = new EntryView(session.get(), appearance);
    setStyleSheet(panelStyle(theme));
    delete m_inside->view;
    m_inside->watch.reset();
    m_inside->session = std::move(session);
    m_inside->view = view;
    m_inside->error.clear();
    m_inside->steps = 0;
    layout()->addWidget(view);
    EntrySession *now = m_inside->session.get();
    m_inside->lastKey = key();
    connect(now, &EntrySession::said, this, &FormView::said);
    connect(now, &EntrySession::refused, this, [this, now] {
        const QList<FieldMessage> messages = now->state().messages;
        Q_EMIT refused(messages.isEmpty() ? QString() : messages.first().sentence);
    });
    connect(now, &EntrySession::recordChanged, this, [this, now] {
        const QList<LastStep> &steps = now->takingBack().steps();
        if (steps.size() > m_inside->steps) {
            const LastStep &last = steps.last();
            last.kind == LastStep::Deleted ? Q_EMIT deleted(m_inside->lastKey) : Q_EMIT saved(last.after.key);
        }
        m_inside->steps = steps.size();
        m_inside->lastKey = key();
        Q_EMIT recordChanged();
    });
    m_inside->watch = std::make_unique<DatabaseWatch>(*connection);
    connect(m_inside->watch.get(), &DatabaseWatch::dataChanged, now, &EntrySession::noticeChanges);
    now->moves().goWhereItOpens();
    view->focusFirst();
    setFocusProxy(view);
    return true;
}

QString FormView::error() const
{
    return m_inside->error;
}

QVariantList FormView::key() const
{
    return m_inside->session ? m_inside->session->state().key().value_or(QVariantList()) : QVariantList();
}

QVariant FormView::value(const QString &column) const
{
    return m_inside->session ? m_inside->session->state().value(column) : QVariant();
}

bool FormView::hasUnsaved() const
{
    return m_inside->session && m_inside->session->hasUnsaved();
}

bool FormView::goToKey(const QVariantList &key)
{
    return m_inside->session && m_inside->session->moves().goToKey(key);
}

bool FormView::goNext()
{
    return m_inside->session && m_inside->session->moves().goNext();
}

bool FormView::goPrevious()
{
    return m_inside->session && m_inside->session->moves().goPrevious();
}

bool FormView::addRecord()
{
    return m_inside->session && m_inside->session->moves().add();
}

bool FormView::save()
{
    return m_inside->session && m_inside->session->saving().save();
}

} // namespace nabblet

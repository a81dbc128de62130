#include "app/work/reconciling.h"

#include "app/work/open_work.h"
#include "core/reconcile/draft_again.h"
#include "core/reconcile/memory.h"
#include "core/text/tr.h"
#include "data/profile/profiler.h"
#include "data/records/row_sample.h"
#include "designer/reconcile/reconcile_dialog.h"

namespace nabblet {

namespace {

constexpr int MostSampled = 2000; // rows of a table

} // namespace

StoredSamples readSamples(const Connection &connection, const Catalogue &catalogue, const QStringList &tables)
{
    StoredSamples samples;
    for (const QString &name : tables) {
        const Table *table = findTable(catalogue, name);
        const auto sample =
            table ? sampleRows(connection, recordSourceOf(*table), {}, {}, MostSampled) : Result<RowSample>(Error{});
        if (sample) {
            samples.insert(name, {sample->columns, sample->rows});
        }
    }
    return samples;
}

Reconciling::Reconciling(OpenWork *work, QObject *parent) : QObject(parent), m_work(work)
{
    connect(work, &OpenWork::closing, this, [this] {
        m_background.giveUp();
        m_following.giveUp();
    });
}

void Reconciling::learn(Depth depth, QWidget *parent, const std::function<void(const Learnt &learnt)> &then)
{
    m_background.giveUp();
    const FormDocument *document = m_work->document();
    if (!document || !m_work->workspace().connection) {
        Q_EMIT said(tr("There is no database to hold the form against."));
        return;
    }
    Q_EMIT said(tr("Looking at what is stored…"));
    m_background.start(
        m_work->workspace().address,
        [this, form = document->root(), catalogue = m_work->shownCatalogue(), depth, then,
         window = QPointer<QWidget>(parent)](const Connection &connection, const std::atomic<bool> &isGivenUp,
                                             const BackgroundWork::Report &report) {
            Learnt learnt{form, {}, {}};
            const StoredSamples samples = readSamples(connection, catalogue, tablesToSample(form, catalogue));
            learnt.changes = tableChanges(form, catalogue, samples);
            QHash<QString, ColumnProfile> words;
            const QStringList tables = depth == Depth::Values ? tablesUsed(form) : QStringList();
            for (const QString &name : tables) {
                const Table *table = findTable(catalogue, name);
                const auto profile = table ? profileTable(connection, catalogue, *table, isGivenUp, {}, &words)
                                           : Result<std::optional<Profile>>(std::nullopt);
                if (profile && *profile) {
                    learnt.profiles.insert(name, **profile);
                }
            }
            report([this, learnt, then, window] {
                const FormDocument *now = m_work->document();
                if (!window) {
                    return;
                }
                if (!now || !(now->root() == learnt.form)) {
                    Q_EMIT said(tr("The form was changed meanwhile; ask for it again."));
                    return;
                }
                then(learnt);
            });
        });
}

void Reconciling::begin(const Appearance &appearance, QWidget *parent)
{
    learn(Depth::Changes, parent, [this, appearance, window = QPointer<QWidget>(parent)](const Learnt &learnt) {
        openSheet(appearance, learnt, false, window);
    });
}

void Reconciling::beginDraft(const Appearance &appearance, QWidget *parent)
{
    learn(Depth::Values, parent, [this, appearance, window = QPointer<QWidget>(parent)](const Learnt &learnt) {
        openSheet(appearance, learnt, true, window);
    });
}

void Reconciling::openSheet(const Appearance &appearance, const Learnt &learnt, bool isDraft, QWidget *parent)
{
    FormDocument *document = m_work->document();
    const Workspace &workspace = m_work->workspace();
    const Catalogue catalogue = m_work->shownCatalogue();
    const ReconcileContext context{catalogue, appearance, workspace.project.namingPattern, &learnt.profiles,
                                   workspace.project.words};
    const QList<Proposal> proposals = isDraft ? draftedAgain(learnt.form, learnt.changes, context)
                                              : proposalsFor(learnt.form, learnt.changes, context);
    ReconcileDialog sheet(
        learnt.form, proposals,
        {*workspace.connection, catalogue, appearance, workspace.project.namingPattern, learnt.profiles,
         workspace.project.words,
         workspace.projectFolder.isEmpty() ? std::nullopt : std::optional(workspace.project.followsRenames)},
        isDraft ? ReconcileDialog::Purpose::DraftAgain : ReconcileDialog::Purpose::IntoStep, parent);
    Q_EMIT said(QString());
    if (sheet.exec() != QDialog::Accepted || m_work->document() != document) {
        return;
    }
    if (!isDraft && sheet.followsRenames() != workspace.project.followsRenames) {
        if (const Outcome saved = m_work->setFollowsRenames(sheet.followsRenames()); !saved) {
            Q_EMIT said(saved.error().sentence);
        }
    }
    if (sheet.after() == document->root()) {
        return;
    }
    document->setFocus({});
    document->apply(isDraft ? tr("Draft again") : tr("Bring into step with the tables"), sheet.after());
    Q_EMIT said(counted(sheet.proposals().size(), tr("1 change was looked at."), tr("%1 changes were looked at.")));
}

void Reconciling::followRenames(const Appearance &appearance)
{
    m_following.giveUp();
    const FormDocument *document = m_work->document();
    const Workspace &workspace = m_work->workspace();
    if (!document || !workspace.connection || !workspace.project.followsRenames) {
        return;
    }
    const Catalogue catalogue = m_work->shownCatalogue();
    if (tableChanges(document->root(), catalogue).isEmpty()) {
        return;
    }
    m_following.start(workspace.address, [this, form = document->root(), catalogue,
                                          appearance](const Connection &connection, const std::atomic<bool> &,
                                                      const BackgroundWork::Report &report) {
        const StoredSamples samples = readSamples(connection, catalogue, tablesToSample(form, catalogue));
        QList<TableChange> changes = tableChanges(form, catalogue, samples);
        changes.removeIf([](const TableChange &change) {
            return !change.isCertain ||
                   (change.kind != ChangeKind::ColumnRenamed && change.kind != ChangeKind::TableRenamed);
        });
        report([this, form, changes, catalogue, appearance] {
            FormDocument *now = m_work->document();
            if (!now || changes.isEmpty() || !(now->root() == form)) {
                return;
            }
            const ReconcileContext context{catalogue, appearance, m_work->workspace().project.namingPattern};
            Form after = form;
            for (const TableChange &change : changes) {
                after = withChangeTaken(after, change, 0, context);
            }
            now->setFocus({});
            now->apply(tr("Follow what was renamed"), after);
            Q_EMIT said(counted(
                changes.size(),
                tr("What was renamed in the tables was followed: %1.").arg(changeInWords(changes.first(), catalogue)),
                tr("%1 renames in the tables were followed; undo takes that back.")));
        });
    });
}

} // namespace nabblet

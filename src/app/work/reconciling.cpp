#include "app/work/reconciling.h"

#include "app/work/open_work.h"
#include "core/text/tr.h"
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
    connect(work, &OpenWork::closing, this, [this] { m_background.giveUp(); });
}

void Reconciling::begin(const Appearance &appearance, QWidget *parent)
{
    m_background.giveUp();
    const FormDocument *document = m_work->document();
    if (!document || !m_work->workspace().connection) {
        Q_EMIT said(tr("There is no database to hold the form against."));
        return;
    }
    Q_EMIT said(tr("Looking at what is stored…"));
    m_background.start(m_work->workspace().address,
                       [this, form = document->root(), catalogue = m_work->shownCatalogue(), appearance,
                        window = QPointer<QWidget>(parent)](const Connection &connection, const std::atomic<bool> &,
                                                            const BackgroundWork::Report &report) {
                           const StoredSamples samples =
                               readSamples(connection, catalogue, tablesToSample(form, catalogue));
                           const QList<TableChange> changes = tableChanges(form, catalogue, samples);
                           report([this, form, changes, appearance, window] {
                               if (window) {
                                   openSheet(appearance, form, changes, window);
                               }
                           });
                       });
}

void Reconciling::openSheet(const Appearance &appearance, const Form &form, const QList<TableChange> &changes,
                            QWidget *parent)
{
    FormDocument *document = m_work->document();
    if (!document || !(document->root() == form)) {
        Q_EMIT said(tr("The form was changed meanwhile; ask for it again."));
        return;
    }
    ReconcileDialog sheet(form, changes,
                          {*m_work->workspace().connection, m_work->shownCatalogue(), appearance,
                           m_work->workspace().project.namingPattern},
                          parent);
    if (sheet.exec() != QDialog::Accepted || m_work->document() != document) {
        return;
    }
    document->setFocus({});
    document->apply(tr("Bring into step with the tables"), sheet.after());
    Q_EMIT said(counted(sheet.proposals().size(), tr("1 change was looked at."), tr("%1 changes were looked at.")));
}

} // namespace nabblet

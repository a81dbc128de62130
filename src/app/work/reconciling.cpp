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
    const Catalogue catalogue = m_work->shownCatalogue();
    const QStringList tables = tablesToSample(document->root(), catalogue);
    if (tables.isEmpty()) { // nothing would be told better by values
        openSheet(appearance, {}, parent);
        return;
    }
    Q_EMIT said(tr("Looking at what is stored…"));
    m_background.start(m_work->workspace().address,
                       [this, catalogue, tables, appearance,
                        window = QPointer<QWidget>(parent)](const Connection &connection, const std::atomic<bool> &,
                                                            const BackgroundWork::Report &report) {
                           const StoredSamples samples = readSamples(connection, catalogue, tables);
                           report([this, samples, appearance, window] {
                               if (window) {
                                   openSheet(appearance, samples, window);
                               }
                           });
                       });
}

void Reconciling::openSheet(const Appearance &appearance, const StoredSamples &samples, QWidget *parent)
{
    FormDocument *document = m_work->document();
    if (!document) {
        return;
    }
    const Form before = document->root();
    ReconcileDialog sheet(before,
                          {*m_work->workspace().connection,
                           m_work->shownCatalogue(),
                           appearance,
                           m_work->workspace().project.namingPattern,
                           {},
                           samples},
                          parent);
    if (sheet.exec() != QDialog::Accepted || m_work->document() != document) {
        return;
    }
    document->setFocus({});
    document->apply(tr("Bring into step with the tables"), sheet.after());
    Q_EMIT said(counted(sheet.proposals().size(), tr("1 change was looked at."), tr("%1 changes were looked at.")));
}

} // namespace nabblet

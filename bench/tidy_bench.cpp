// How much of an arrangement tidy gives back after every control was moved somewhat: figures, not times. Over the
// drafts of the demonstration's tables and of those of other databases.
#include "measure.h"

#include "core/arrange/operations.h"
#include "core/arrange/tidy.h"
#include "data/dialect/connection.h"
#include "data/profile/learn_catalogue.h"
#include "data/profile/profiler.h"
#include "support/rough_forms.h"
#include "support/tidiness.h"

#include <QTextStream>

namespace nabblet {

using namespace samples;

namespace {

constexpr int RoughEach = 3; // times that each draft is made rough

} // namespace

Measured tidyBench(const QStringList &databases)
{
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const std::atomic<bool> goesOn{false};
    Regained regainedOfAll;
    Tidiness tidinessOfAll;
    int forms = 0;
    int inOrder = 0;
    int steady = 0;
    for (const QString &path : databases) {
        const Result<Connection> connection = Connection::open(addressOfFile(path));
        if (!connection) {
            continue;
        }
        const Result<Catalogue> catalogue = learnCatalogue(*connection);
        for (const Table &table : catalogue->tables) {
            const auto profile = profileTable(*connection, *catalogue, table, goesOn);
            DraftPlan plan = planDraft(table);
            for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked, Arrangement::Tabular}) {
                plan.arrangement = arrangement;
                const Form draft = draftForm(*catalogue, table, plan, profile ? &**profile : nullptr, appearance);
                QRandomGenerator random(static_cast<quint32>(qHash(table.name)) + static_cast<quint32>(arrangement));
                for (int i = 0; i < RoughEach; ++i) {
                    const Form rough = samples::jittered(draft, random);
                    const Form tidy = tidied(rough, allOf(rough), appearance);
                    const Regained back = regained(draft, tidy);
                    Tidiness left = tidinessOf(tidy);
                    left.nearMisses = std::max(0, left.nearMisses - tidinessOf(draft).nearMisses);
                    if (qEnvironmentVariableIsSet("TIDY_SHOW") &&
                        (back.edges < back.edgesOf || back.rows < back.rowsOf || left.overlaps > 0 ||
                         left.nearMisses > 0 || back.rowsJoined > 0)) {
                        QTextStream(stderr)
                            << path.section('/', -1) << ' ' << table.name << ' ' << int(arrangement) << " edges "
                            << back.edges << '/' << back.edgesOf << " rows " << back.rows << '/' << back.rowsOf
                            << " joined " << back.rowsJoined << " overlaps " << left.overlaps << " near "
                            << left.nearMisses << " gaps " << left.unequalGaps << '\n';
                    }
                    regainedOfAll += back;
                    tidinessOfAll += left;
                    inOrder += back.isOrderKept ? 1 : 0;
                    steady += tidied(tidy, allOf(tidy), appearance) == tidy ? 1 : 0;
                    ++forms;
                }
            }
        }
    }
    const double edges = 100.0 * regainedOfAll.edges / std::max(1, regainedOfAll.edgesOf);
    const double rows = 100.0 * regainedOfAll.rows / std::max(1, regainedOfAll.rowsOf);
    const bool isWithin = edges >= 98 && rows >= 98 && tidinessOfAll.overlaps == 0;
    return {QString("tidy of %1 rough forms: pairs on one left edge, in one row").arg(forms),
            QString("%1 %, %2 %; %3 overlaps, %4 near misses")
                .arg(edges, 0, 'f', 1)
                .arg(rows, 0, 'f', 1)
                .arg(tidinessOfAll.overlaps)
                .arg(tidinessOfAll.nearMisses),
            "98 %, no overlap",
            isWithin,
            {{"edges", edges},
             {"rows", rows},
             {"rows_joined", regainedOfAll.rowsJoined},
             {"overlaps", tidinessOfAll.overlaps},
             {"near_misses", tidinessOfAll.nearMisses},
             {"unequal_gaps", tidinessOfAll.unequalGaps},
             {"in_order", inOrder},
             {"steady", steady},
             {"forms", forms}}};
}

} // namespace nabblet

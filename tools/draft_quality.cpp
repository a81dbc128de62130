// How good drafts are over a whole database: see tools/draft-quality.
#include "app/work/workspace.h"
#include "core/check/form_quality.h"
#include "core/check/form_sense.h"
#include "core/draft/draft.h"
#include "core/model/look.h"
#include "data/profile/learn_catalogue.h"
#include "data/profile/link_evidence.h"
#include "data/profile/profiler.h"
#include "data/words/dictionaries.h"
#include "entry/theme/appearance.h"
#include "entry/theme/theme.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QTextStream>

using namespace nabblet;

namespace {

struct Line
{
    QString name;
    FormQuality quality;
    double milliseconds = 0;
};

const QStringList Heads{"form",    "boxes",    "overlap",          "offgrid", "cut",   "fits %", "least %",
                        "missing", "unlinked", "ident.",           "back",    "lefts", "rights", "l/col",
                        "width",   "ms",       "least-fitting box"};

QString row(const QStringList &cells)
{
    QString text = cells.first().leftJustified(36, ' ', true);
    for (int i = 1; i + 1 < cells.size(); ++i) {
        text += cells.at(i).rightJustified(9);
    }
    return text + "  " + cells.last();
}

QString cellsOf(const Line &line)
{
    const FormQuality &q = line.quality;
    const auto percent = [](double share) { return QString::number(share * 100, 'f', 2); };
    const double fits = q.values == 0 ? 1 : static_cast<double>(q.fitting) / static_cast<double>(q.values);
    QStringList cells{line.name};
    for (const int figure : {q.boxes, q.overlaps, q.offGrid, q.cutCaptions}) {
        cells.append(QString::number(figure));
    }
    cells << percent(fits) << percent(q.leastFit);
    for (const int figure : {q.requiredMissing, q.linksWithoutLookup, q.typeableIdentities, q.backwardTabs, q.leftEdges,
                             q.rightEdges, q.mostLeftEdges, q.width}) {
        cells.append(QString::number(figure));
    }
    cells << QString::number(line.milliseconds, 'f', 1) << q.leastFitBox;
    return row(cells);
}

} // namespace

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    QTextStream out(stdout);
    QTextStream errors(stderr);
    const QStringList arguments = QApplication::arguments();
    const Result<Connection> connection = Connection::open(addressNamed(arguments.value(1)));
    if (!connection) {
        errors << connection.error().sentence << '\n';
        return 1;
    }
    QElapsedTimer reading;
    reading.start();
    Result<Catalogue> catalogue = learnCatalogue(*connection);
    const double readIn = static_cast<double>(reading.nsecsElapsed()) / 1e6;
    if (!catalogue) {
        errors << catalogue.error().sentence << '\n';
        return 1;
    }
    const bool sumsOnly = arguments.contains("--sum");
    const Appearance appearance(looks().first(), Theme::Light, desktopFont());
    const std::atomic<bool> goesOn{false};
    // Drafts as after the links that are offered were taken, where every value bears them out.
    reading.restart();
    QList<TableLink> links;
    const QList<FoundLink> offered = findLinks(*connection, *catalogue, goesOn);
    for (const FoundLink &each : offered) {
        if (each.evidence.values > 0 && each.evidence.found == each.evidence.values) {
            links.append(each.link.link);
        }
    }
    const double foundIn = static_cast<double>(reading.nsecsElapsed()) / 1e6;
    catalogue = withLinks(*catalogue, links);
    struct Way
    {
        const char *name;
        Arrangement arrangement;
    };
    const QList<Way> ways{
        {"columnar", Arrangement::Columnar}, {"stacked", Arrangement::Stacked}, {"tabular", Arrangement::Tabular}};
    const QList<Speller> spellers = installedSpellers();
    const auto knows = [&](const QString &word) {
        return std::any_of(spellers.begin(), spellers.end(),
                           [&](const Speller &speller) { return speller.knows(word); });
    };
    FormSense sense;
    QHash<QString, Line> sums;
    Learned learned;
    int failures = 0;
    out << row(Heads) << '\n';
    for (const Table &table : catalogue->tables) {
        QElapsedTimer clock;
        clock.start();
        if (!learned.profiles.contains(table.name)) {
            const auto profile = profileTable(*connection, *catalogue, table, goesOn, {}, &learned.words);
            if (!profile) {
                errors << table.name << ": " << profile.error().sentence << '\n';
                ++failures;
                continue;
            }
            learned.profiles.insert(table.name, **profile);
        }
        const Profile profile = learned.profiles.value(table.name); // its own: learning more moves the others
        DraftPlan plan = planWithChildren(*catalogue, table, &profile);
        const Result<bool> children = learnChildren(*connection, *catalogue, plan, learned, goesOn);
        if (!children) {
            errors << table.name << ": " << children.error().sentence << '\n';
            ++failures;
        }
        plan = withLearned(*catalogue, plan, learned);
        const double before = static_cast<double>(clock.nsecsElapsed()) / 1e6; // looking through the values, once
        for (const Way &way : ways) {
            plan.arrangement = way.arrangement;
            clock.restart();
            const Form form = draftForm(*catalogue, table, plan, &profile, appearance, learned.profiles);
            Line line;
            line.milliseconds = static_cast<double>(clock.nsecsElapsed()) / 1e6 + before / ways.size();
            line.name = table.name.simplified() + ' ' + way.name;
            if (way.arrangement == Arrangement::Columnar) {
                sense += senseOf(form, {*catalogue, learned.profiles, appearance, knows});
            }
            line.quality = qualityOf(form, *catalogue, learned.profiles, appearance);
            if (!sumsOnly) {
                out << cellsOf(line) << '\n';
                out.flush();
            }
            for (const QString &sum : {QString::fromLatin1(way.name), QStringLiteral("all")}) {
                sums[sum].name = "= " + sum;
                sums[sum].quality += line.quality;
                sums[sum].milliseconds += line.milliseconds;
            }
        }
    }
    for (const char *sum : {"columnar", "stacked", "tabular", "all"}) {
        out << cellsOf(sums[sum]) << '\n';
    }
    // Sense, counted over the columnar forms alone; the others are made of the same plan.
    const QList<QPair<const char *, QStringList>> figures{
        {"lookups that show a code for a name", sense.codesForNames},
        {"forms whose first box names nothing", sense.firstBoxes},
        {"words of captions that nobody knows", sense.strangeWords},
        {"boxes three times too large", sense.oversized},
        {"forms of many fields without headings", sense.withoutHeading},
        {"forms higher than two screens", sense.tallForms}};
    out << QString::number(links.size()).rightJustified(5) << " links that every value bears out, of " << offered.size()
        << " offered\n";
    out << QString::number(readIn, 'f', 0).rightJustified(5) << " ms to read the catalogue with its words and names, "
        << QString::number(foundIn, 'f', 0) << " ms to look for links in " << catalogue->tables.size() << " tables\n";
    for (const auto &[name, found] : figures) {
        out << QString::number(found.size()).rightJustified(5) << ' ' << name;
        out << (found.isEmpty() ? QString() : ": " + found.mid(0, sumsOnly ? 8 : found.size()).join(", ")) << '\n';
    }
    const FormQuality &all = sums["all"].quality;
    const bool isGood = failures == 0 && all.overlaps == 0 && all.offGrid == 0 && all.cutCaptions == 0 &&
                        all.requiredMissing == 0 && all.linksWithoutLookup == 0 && all.typeableIdentities == 0 &&
                        all.leastFit >= 0.98;
    return isGood ? 0 : 1;
}

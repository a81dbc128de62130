// Tidy on rough work, as a law: the drafts of the demonstration and of odd databases, every control moved somewhat by
// chance, come back with their rows and columns; fields scattered freely end in order, too.
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/operations.h"
#include "core/arrange/rows.h"
#include "core/arrange/tidy.h"
#include "core/draft/draft.h"
#include "data/profile/profiler.h"
#include "support/odd_databases.h"
#include "support/rough_forms.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"
#include "support/tidiness.h"

#include <QTest>

using namespace nabblet;
using namespace nabblet::samples;

class TestRoughWork : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    const FixedTextMeasure m_measure;

    Form tidy(const Form &form) const { return tidied(form, allOf(form), m_measure); }

    // Draws each draft of a database rough, and looks at what tidy makes of it.
    void tryDraftsOf(const QString &path, const QString &name)
    {
        const Connection connection = samples::opened(path);
        const Catalogue catalogue = *connection.readCatalogue();
        const std::atomic<bool> goesOn{false};
        QRandomGenerator random(20261128);
        for (const Table &table : catalogue.tables) {
            const auto profile = profileTable(connection, catalogue, table, goesOn);
            DraftPlan plan = planDraft(table);
            for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked, Arrangement::Tabular}) {
                plan.arrangement = arrangement;
                const Form draft = draftForm(catalogue, table, plan, &**profile, m_measure);
                const int times = draft.controls.size() < 100 ? 5 : 1;
                for (int i = 0; i < times; ++i) {
                    const Form now = tidy(samples::jittered(draft, random));
                    const QString which =
                        QString("%1, %2 %3, time %4").arg(name, table.name).arg(int(arrangement)).arg(i);
                    const Regained back = regained(draft, now);
                    const Tidiness left = tidinessOf(now);
                    QVERIFY2(left.overlaps == 0, qPrintable(which));
                    QVERIFY2(left.unequalGaps == 0, qPrintable(which));
                    QVERIFY2(left.nearMisses <= tidinessOf(draft).nearMisses, qPrintable(which));
                    QVERIFY2(tidy(now) == now, qPrintable(which));
                    if (arrangement != Arrangement::Tabular) {
                        QVERIFY2(back.edges == back.edgesOf, qPrintable(which));
                        QVERIFY2(back.rows == back.rowsOf, qPrintable(which));
                        QVERIFY2(back.isOrderKept || back.rowsJoined > 0, qPrintable(which));
                    }
                    m_all += back;
                    ++m_forms;
                }
            }
        }
    }
    Regained m_all;
    int m_forms = 0;

    void tryFlowing(const Form &form, const QString &name, FlowWay way = FlowWay::Down) const
    {
        // Rails of captions come and go with the columns, under other names.
        const auto areAlike = [](const Form &a, const Form &b) {
            return a.width == b.width && a.bands == b.bands &&
                   std::equal(a.controls.begin(), a.controls.end(), b.controls.begin(), b.controls.end(),
                              [](const Control &one, const Control &other) {
                                  return one.id == other.id && one.place == other.place;
                              });
        };
        const auto flow = [&](const Form &before, int columns) {
            return flowed(before, allOf(before), columns, m_measure, way);
        };
        for (int n = 1; n <= 4; ++n) {
            const QString which = QString("%1 into %2").arg(name).arg(n);
            const Form once = flow(form, n);
            QVERIFY2(tabSequence(once) == tabSequence(form), qPrintable(which));
            QVERIFY2(tidinessOf(once).overlaps == 0, qPrintable(which));
            QVERIFY2(flow(once, n) == once, qPrintable(which));
            // Where each column has one field alone, nothing says any more how far apart they stood.
            const auto fields = std::count_if(form.controls.begin(), form.controls.end(), [](const Control &control) {
                return takesValue(kindNamed(control.kind));
            });
            for (int m = 1; m <= 4 && m < fields; ++m) {
                QVERIFY2(areAlike(flow(flow(once, m), n), once), qPrintable(which + QString(" by %1").arg(m)));
            }
        }
    }

    // One arrangement turned into another: nothing lost or covered, captions where they belong, and doing it again does
    // nothing more.
    void tryArrangements(const Form &form, const QString &name) const
    {
        const auto turned = [&](const Form &before, const char *how) {
            const ArrangeOperation *operation = findArrangeOperation(how);
            ArrangeContext context{before, {}, m_measure, {}};
            return operation->whyNot(context).isEmpty() ? operation->apply(context) : before;
        };
        QList<std::pair<QString, Form>> reached{{name, form}};
        for (const char *first : {"as-stacked", "as-tabular", "as-columnar"}) {
            for (const char *second : {"as-columnar", "as-stacked", "as-tabular"}) {
                reached.append({name + ' ' + first, turned(form, first)});
                reached.append({name + ' ' + first + ' ' + second, turned(reached.last().second, second)});
            }
        }
        for (const auto &[which, now] : reached) {
            QVERIFY2(tidinessOf(now).overlaps <= tidinessOf(form).overlaps, qPrintable(which));
            for (const Control &before : form.controls) {
                const Control *control = now.controls.find(before.id);
                const bool mayGo = holdsOthers(before) && which.contains("tabular");
                QVERIFY2(control || mayGo, qPrintable(which + ' ' + before.name));
                if (!control) {
                    continue;
                }
                QVERIFY(control->name == before.name && control->column == before.column &&
                        control->text == before.text && control->captionFor == before.captionFor);
                const QRect room = roomOf(now, areaOf(*control));
                QVERIFY2(room.contains(control->place), qPrintable(which + ' ' + before.name));
                const Control *box = now.controls.find(control->captionFor);
                if (!isCaption(*control) || !box || which == name) {
                    continue;
                }
                const bool isSeated = which.endsWith("tabular")    ? control->band == BandRole::Header
                                      : which.endsWith("columnar") ? rightOf(control->place) <= box->place.x()
                                                                   : bottomOf(control->place) <= box->place.y();
                QVERIFY2(isSeated, qPrintable(which + ' ' + before.name));
            }
            if (which.endsWith("tabular")) {
                QVERIFY2(isTabular(now), qPrintable(which));
            } else if (which != name) {
                QVERIFY2(!isTabular(now), qPrintable(which));
            }
            if (which.endsWith("stacked")) { // the room of the captions is given back
                int leftmost = now.width;
                for (const Control &control : now.controls) {
                    leftmost = control.band == BandRole::Body ? std::min(leftmost, control.place.x()) : leftmost;
                }
                QVERIFY2(leftmost <= 16, qPrintable(which));
                if (which.contains("as-tabular ")) { // and there is a margin at the right
                    for (const Control &control : now.controls) {
                        QVERIFY2(control.band != BandRole::Body || rightOf(control.place) <= now.width - 8,
                                 qPrintable(which));
                    }
                }
            }
        }
        const Form grouped = turned(form, "as-groups");
        QVERIFY2(tidinessOf(grouped).overlaps == 0, qPrintable(name + " as groups"));
    }

private Q_SLOTS:
    void draftsComeBack()
    {
        tryDraftsOf(samples::fairwayDatabase(m_folder), "the demonstration");
        if (QTest::currentTestFailed()) {
            return;
        }
        int number = 0;
        for (const samples::OddDatabase &odd : samples::oddDatabases()) {
            const QString path = m_folder.filePath(QString("odd%1.db").arg(++number));
            samples::sqlite3(path, "PRAGMA user_version = 1;" + odd.sql);
            tryDraftsOf(path, odd.name);
            if (QTest::currentTestFailed()) {
                return;
            }
        }
        QVERIFY(m_forms > 200);
        QVERIFY2(m_all.edges >= 0.98 * m_all.edgesOf,
                 qPrintable(QString("%1 of %2").arg(m_all.edges).arg(m_all.edgesOf)));
        QVERIFY2(m_all.rows >= 0.98 * m_all.rowsOf, qPrintable(QString("%1 of %2").arg(m_all.rows).arg(m_all.rowsOf)));
    }

    // Flowing goes by the order in which a form reads, which it keeps; so flowing again changes nothing, and other
    // numbers of columns in between do not either.
    void flowingKeepsTheOrder_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::newRow("the demonstration") << QString();
        for (const samples::OddDatabase &odd : samples::oddDatabases()) {
            QTest::newRow(odd.name) << odd.sql;
        }
    }
    void flowingKeepsTheOrder()
    {
        QFETCH(QString, sql);
        const QString path = m_folder.filePath(QString("flow%1.db").arg(qHash(QString(QTest::currentDataTag()))));
        if (sql.isEmpty()) {
            QVERIFY(QFile::copy(samples::fairwayDatabase(m_folder, "flow.db"), path));
        } else {
            samples::sqlite3(path, "PRAGMA user_version = 1;" + sql);
        }
        const Connection connection = samples::opened(path);
        const Catalogue catalogue = *connection.readCatalogue();
        const std::atomic<bool> goesOn{false};
        QRandomGenerator random(28);
        for (const Table &table : catalogue.tables) {
            const auto profile = profileTable(connection, catalogue, table, goesOn);
            DraftPlan plan = planDraft(table);
            for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked}) {
                plan.arrangement = arrangement;
                const Form draft = draftForm(catalogue, table, plan, &**profile, m_measure);
                if (draft.controls.size() > 100) {
                    continue; // slow, and no other law
                }
                tryFlowing(draft, QString("%1 %2").arg(table.name).arg(int(arrangement)));
                tryFlowing(draft, QString("%1 %2 across").arg(table.name).arg(int(arrangement)), FlowWay::Across);
                tryArrangements(draft, QString("%1 %2").arg(table.name).arg(int(arrangement)));
                tryFlowing(tidy(samples::jittered(draft, random)),
                           QString("%1 %2, put roughly and tidied").arg(table.name).arg(int(arrangement)));
                if (QTest::currentTestFailed()) {
                    return;
                }
            }
        }
    }

    // Twelve fields anywhere, a few over others.
    void scatteredFieldsEndInOrder()
    {
        QRandomGenerator random(12);
        for (int run = 0; run < 300; ++run) {
            Form form = samples::columnOfFields(12);
            form.rails.clear();
            form.width = 900;
            form.bands.last().height = 700;
            for (int i = 0; i < form.controls.size(); ++i) {
                Control control = form.controls.at(i);
                control.rides = {};
                if (!isCaption(control)) {
                    control.place.moveTopLeft({120 + random.bounded(600), 20 + random.bounded(600)});
                    control.place.setWidth(40 + random.bounded(140));
                } else { // where hurried hands leave captions
                    const QRect box = form.controls.find(control.captionFor)->place;
                    control.place.moveTopLeft({std::max(0, box.x() - 8 - control.place.width() + random.bounded(12)),
                                               std::max(0, box.y() + random.bounded(9) - 4)});
                }
                form.controls.replace(i, control);
            }
            const Form now = tidy(form);
            const Tidiness left = tidinessOf(now);
            const QByteArray which = QByteArray::number(run);
            QVERIFY2(left.overlaps == 0, which);
            QVERIFY2(left.nearMisses == 0, which);
            QVERIFY2(left.unequalGaps == 0, which);
            QVERIFY2(tidy(now) == now, which);
        }
    }
};

QTEST_GUILESS_MAIN(TestRoughWork)
#include "tst_rough_work.moc"

// Work at a form: how many keys a record takes beyond the letters of its values, and how long people wait for records
// that they ask for.
#include "measure.h"

#include "core/file/form_file.h"
#include "core/filter/filter_words.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "data/records/records.h"
#include "entry/view/entry_view.h"
#include "entry/wanted/asking.h"
#include "entry/wanted/searching.h"

#include <QDebug>
#include <QDir>
#include <QFile>
#include <QKeyEvent>
#include <QLineEdit>
#include <QRegularExpression>
#include <QSet>
#include <QSqlQuery>
#include <QTemporaryDir>

namespace nabblet {

namespace {

void press(QWidget *widget, int key, Qt::KeyboardModifiers modifiers = {}, const QString &text = {})
{
    QKeyEvent down(QEvent::KeyPress, key, modifiers, text);
    QApplication::sendEvent(widget, &down);
    QKeyEvent up(QEvent::KeyRelease, key, modifiers, text);
    QApplication::sendEvent(widget, &up);
}

struct Typed
{
    int boxes = 0;
    int keys = 0; // beyond letters
    int records = 0;
    int wrong = 0; // values that were not stored as they were meant, and records that were not stored
};

// Words of the same shape that nobody has: other figures, or other letters at the end.
QString another(const QString &words, int number)
{
    static const QRegularExpression figures("\\d+");
    QString result = words;
    const QRegularExpressionMatch match = figures.match(words);
    if (match.hasMatch() && match.capturedLength() >= 3) {
        const QString other =
            QString::number(number).rightJustified(match.capturedLength(), u'7').right(match.capturedLength());
        return result.replace(match.capturedStart(), match.capturedLength(), other);
    }
    return result.left(std::max<qsizetype>(1, words.size() - 2)) +
           QString::number(number % 100).rightJustified(2, u'0');
}

// One record typed by keyboard alone, made up of a stored one; what is unique gets a tail.
void typeRecord(EntryView &view, EntrySession &session, const Row &like, int number, Typed &typed)
{
    const Table *table = session.state().table();
    QHash<QString, QString> meant; // words, by column
    if (!session.moves().add()) {
        return;
    }
    view.focusFirst();
    ++typed.keys; // Ctrl+N
    QSet<const QWidget *> seen;
    for (;;) {
        const Control *box = view.viewInHand() == &view ? view.boxInHand() : nullptr;
        QWidget *widget = QApplication::focusWidget();
        if (!box || !widget || seen.contains(widget)) {
            break;
        }
        seen.insert(widget);
        const Editor editor = kindNamed(box->kind).editor;
        QString words = session.values().shownIn(*box, like).words;
        const bool isOnce = std::any_of(table->uniqueKeys.begin(), table->uniqueKeys.end(),
                                        [&](const UniqueKey &key) { return key.columns.contains(box->column); }) ||
                            table->primaryKey.contains(box->column);
        if (isOnce && editor == Editor::Line) {
            words = another(words, number);
        }
        ++typed.boxes;
        if (editor == Editor::Tick) {
            const bool isOn = session.values().shownIn(*box, like).isOn;
            press(widget, isOn ? Qt::Key_1 : Qt::Key_0, {}, isOn ? "1" : "0");
        } else if (editor == Editor::LongText) {
            for (const QChar letter : words.isEmpty() ? QString("seen") : words.simplified()) {
                press(widget, 0, {}, letter);
            }
        } else if (editor != Editor::Image && editor != Editor::Button) {
            if (auto *line = qobject_cast<QLineEdit *>(widget); line && !line->text().isEmpty()) {
                line->selectAll(); // as coming by Tab does
            }
            for (const QChar letter : words) {
                press(widget, 0, {}, letter);
            }
            meant.insert(box->column, words);
        }
        press(widget, Qt::Key_Tab); // on to the next
        ++typed.keys;
        QApplication::processEvents();
    }
    ++typed.keys; // Ctrl+S
    ++typed.records;
    if (!session.saving().save()) {
        ++typed.wrong;
        qWarning().noquote() << session.form().name << session.state().messages.value(0).sentence;
        session.takingBack().takeBack();
        return;
    }
    // In rows, going on from the last box has saved it already and begun the next.
    const Row stored = session.takingBack().steps().isEmpty() ? Row() : session.takingBack().steps().last().after;
    for (auto each = meant.begin(); each != meant.end(); ++each) {
        const Control *box = session.state().controlFor(each.key());
        const bool isWrong = session.values().shownIn(*box, stored).words != each.value();
        typed.wrong += isWrong ? 1 : 0;
        if (isWrong) {
            qWarning().noquote() << session.form().name << each.key() << "meant" << each.value() << "is"
                                 << session.values().shownIn(*box, stored).words;
        }
    }
}

Measured keys(const QString &depot)
{
    Typed all;
    const QTemporaryDir copy; // what is entered must not be there the next time
    const QString database = copy.filePath("fairway.db");
    QFile::copy(depot + "/fairway.db", database);
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    for (const char *name : {"buoy", "visit", "vessel", "contractor", "observer", "part"}) {
        const auto form = loadForm(depot + "/forms/" + name + ".nabform");
        const auto connection = Connection::open(addressOfFile(database));
        const auto catalogue = connection ? connection->readCatalogue() : Result<Catalogue>(connection.error());
        if (!form || !catalogue) {
            return {"keys beyond letters", form ? catalogue.error().sentence : form.error().sentence, "", false, {}};
        }
        EntrySession session(*connection, *catalogue, *form);
        session.setLocale(QLocale::c());
        (void)session.start(Counting::No);
        EntryView view(&session, appearance);
        view.resize(1200, 900);
        view.show();
        view.activateWindow();
        QApplication::processEvents();
        const auto rows = rowsAfter(session.state().connection, session.state().source, {}, 10);
        int number = 100;
        for (const Row &row : rows ? *rows : QList<Row>()) {
            typeRecord(view, session, row, number++, all);
        }
    }
    const double perBox = all.boxes ? static_cast<double>(all.keys - 2 * all.records) / all.boxes : 99;
    return {QString("keys beyond letters: %1 records of six forms").arg(all.records),
            QString("%1 a box, 2 a record; %2 of %3 values wrong").arg(number(perBox)).arg(all.wrong).arg(all.boxes),
            "1 a box, none wrong",
            perBox <= 1 && all.wrong == 0,
            {{"per_box", perBox}, {"boxes", all.boxes}, {"wrong", all.wrong}}};
}

double residentMegabytes()
{
    QFile status("/proc/self/statm");
    (void)status.open(QIODevice::ReadOnly);
    return status.readAll().split(' ').value(1).toDouble() * 4096 / 1e6;
}

} // namespace

// depot: the demonstration. million: a database that demo/grow made.
QList<Measured> entryBench(const QString &depot, const QString &million)
{
    QList<Measured> results{keys(depot)};
    const auto connection = Connection::open(addressOfFile(million));
    const auto catalogue = connection ? connection->readCatalogue() : Result<Catalogue>(connection.error());
    if (!catalogue) {
        results.append({"records asked for", catalogue.error().sentence, "", false, {}});
        return results;
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    const Table &visit = *findTable(*catalogue, "visit");
    const Form form = draftForm(*catalogue, visit, planDraft(visit), nullptr, appearance);
    EntrySession session(*connection, *catalogue, form);
    (void)session.start(Counting::No);
    const auto rows = countRows(session.state().connection, session.state().source);

    // A filter by an indexed value, beside the bare query.
    QList<double> bare;
    QList<double> asked;
    const Control *buoy = session.state().controlFor("buoy_id");
    for (int i = 1; i <= 20; ++i) {
        bare.append(milliseconds([&] {
            QSqlQuery query(connection->database());
            query.prepare("SELECT * FROM visit WHERE buoy_id = ? ORDER BY visit_id LIMIT 1");
            query.addBindValue(i);
            query.exec();
            query.next();
        }));
        asked.append(milliseconds([&] {
            (void)session.want({Filter{{{*partForValue(*buoy, nullptr, i, QString::number(i))}}}, {}});
        }));
    }
    (void)session.want({});
    const double bareTime = quantile(bare, 0.5);
    const double askedTime = quantile(asked, 0.5);
    results.append({QString("a filter by an indexed value of %L1 rows, first record").arg(rows ? *rows : 0),
                    QString("%1 ms; the bare query %2 ms").arg(number(askedTime), number(bareTime)),
                    "1.3 × bare + 60 ms",
                    askedTime <= 1.3 * bareTime + 60,
                    {{"ms", askedTime}, {"bare_ms", bareTime}}});

    // What is found at once by an indexed column, until the first hit is known.
    const Table &buoys = *findTable(*catalogue, "buoy");
    const Form buoyForm = draftForm(*catalogue, buoys, planDraft(buoys), nullptr, appearance);
    EntrySession buoySession(*connection, *catalogue, buoyForm);
    (void)buoySession.start(Counting::No);
    const auto source = buoySession.state().wantedSource();
    const QStringList quick = quickColumns(buoySession.state());
    const QString begins =
        valueOf(buoySession.state().source, *buoySession.state().record.row, quick.value(0)).toString().left(5);
    results.append(under("the first hit of a search, by an indexed column",
                         repeated(20,
                                  [&] {
                                      const auto terms = searchedIn(buoySession.state(), begins);
                                      const auto found =
                                          rowsBeginning(*connection, *source, quick.value(0), begins, 20);
                                      if (found && !found->isEmpty()) {
                                          (void)whereFound(*connection, *source, found->first(), terms, QLocale::c());
                                      }
                                  }),
                         50, 0.99, "99th percentile"));

    // Stepping on and on keeps nothing.
    EntryView view(&session, appearance);
    view.resize(1200, 800);
    view.show();
    double early = 0;
    for (int i = 0; i < 10'000; ++i) {
        if (!session.moves().goNext()) {
            (void)session.moves().goFirst();
        }
        QApplication::processEvents();
        early = i == 99 ? residentMegabytes() : early;
    }
    const double late = residentMegabytes();
    results.append({"memory after 10,000 steps, to that after 100",
                    QString("%1 MB, %2 MB").arg(number(late), number(early)),
                    "1.05",
                    late <= 1.05 * early,
                    {{"late_mb", late}, {"early_mb", early}}});
    return results;
}

} // namespace nabblet

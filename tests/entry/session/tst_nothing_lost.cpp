// What people do with rough hands: nothing hangs, nothing that is said is untrue, nothing that was typed is lost.
#include "core/arrange/moving.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/kinds/list_lines.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/text/caption_words.h"
#include "data/records/select_source.h"
#include "entry/paint/form_painter.h"
#include "entry/reading/database_watch.h"
#include "entry/records/record_recovery.h"
#include "entry/records/record_strip.h"
#include "entry/records/unsaved_record.h"
#include "entry/theme/ask.h"
#include "entry/view/entry_view.h"
#include "entry/view/rows_band.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"
#include "support/when_open.h"

#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QSqlDriver>
#include <QSqlQuery>
#include <QStandardPaths>
#include <QTest>

#include <sqlite3.h>

using namespace nabblet;

class TestNothingLost : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<Connection> m_connection;
    Catalogue m_catalogue;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;
    QString m_said;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    void database(const QString &sql)
    {
        static int made = 0;
        m_path = m_folder.filePath(QString("n%1.db").arg(++made));
        const QString said = ask(sql);
        QVERIFY2(said.isEmpty(), qPrintable(said));
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
    }
    void fairway()
    {
        static int made = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("f%1.db").arg(++made));
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
    }
    void draft(const QString &table, Arrangement arrangement = Arrangement::Columnar,
               Arrangement children = Arrangement::Tabular)
    {
        DraftPlan plan = planWithChildren(m_catalogue, *findTable(m_catalogue, table));
        plan.arrangement = arrangement;
        for (PlannedChild &child : plan.children) {
            child.isTaken = true;
            child.plan.arrangement = children;
        }
        m_form = draftForm(m_catalogue, *findTable(m_catalogue, table), plan, nullptr, *m_appearance);
    }
    void start()
    {
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        m_session->setLocale(QLocale::c());
        connect(m_session.get(), &EntrySession::said, this, [this](const QString &words) { m_said = words; });
        const Outcome started = m_session->start();
        QVERIFY2(started.isOk(), started.isOk() ? "" : qPrintable(started.error().sentence));
    }
    void show()
    {
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        m_view->resize(std::max(900, m_form.width + 20), shownHeight(m_form) + 80);
        m_view->show();
        m_view->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_view.get()));
    }
    static const Control *find(const Form &form, const QString &name)
    {
        for (const Control &control : form.controls) {
            if (control.column == name || (control.inner && control.inner.get()->rowsFrom == name)) {
                return &control;
            }
        }
        qFatal("nothing for %s", qPrintable(name));
    }
    const Control &field(const QString &column) const { return *find(m_form, column); }
    EntrySession *rowsOf(const QString &table) { return m_session->children().of(field(table)); }
    QWidget *box(const QString &column) const { return m_view->widgetFor(field(column).id); }
    QString words(const QString &column) const { return m_session->values().shown(field(column)).words; }
    static void retype(QWidget *line, const QString &typed)
    {
        line->setFocus();
        qobject_cast<QLineEdit *>(line)->selectAll();
        QTest::keyClicks(line, typed);
    }
    QStringList sentences() const
    {
        QStringList all;
        for (const FieldMessage &message : m_session->state().messages) {
            all.append(message.sentence);
        }
        return all;
    }
    Control added(Form &form, const QString &kind, const QString &column, const QJsonObject &settings = {}) const
    {
        Control control;
        control.id = nextControlId(form);
        control.kind = kind;
        control.name = kind + QString::number(control.id);
        control.column = column;
        control.settings = samples::settingsOf(settings);
        control.place = QRect(QPoint(160, 8 + 48 * form.controls.size()), kindNamed(kind).usualSize);
        form.controls.append(control);
        return control;
    }
    static Form blank(const QString &table)
    {
        Form form;
        form.name = form.title = form.rowsFrom = table;
        form.bands = {Band{BandRole::Body, 600, {}}};
        return form;
    }

private Q_SLOTS:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void cleanup()
    {
        m_view.reset();
        m_session.reset();
        m_connection.reset();
        m_said.clear();
    }

    // ------------------------------------------------------------ what a program sets is never what a person typed

    // A long text on the form for one child record once set itself as typed, over and over.
    void longTextInRowsOfOneRecordComesToRest()
    {
        fairway();
        draft("buoy", Arrangement::Columnar, Arrangement::Columnar);
        start();
        show();
        QSignalSpy typed(m_session.get(), &EntrySession::pendingChanged);
        for (int i = 0; i < 20; ++i) {
            m_session->moves().goNext();
            QCoreApplication::processEvents();
        }
        QVERIFY(!m_session->hasUnsaved());
        QVERIFY2(typed.size() < 100, qPrintable(QString::number(typed.size())));
    }

    void longTextIsLeftAsItIs_data()
    {
        QTest::addColumn<QString>("stored");
        QTest::newRow("carriage returns") << "one\r\ntwo\r\n";
        QTest::newRow("blanks that do not break") << QString("12%1V").arg(QChar(0xa0));
        QTest::newRow("old line ends") << "one\rtwo";
        QTest::newRow("separators") << QString("a%1b%2c").arg(QChar(0x2028)).arg(QChar(0x2029));
        QTest::newRow("a NUL") << QString("a%1b").arg(QChar(0));
        QTest::newRow("tabs and blanks") << "  a\t b  ";
    }
    void longTextIsLeftAsItIs()
    {
        QFETCH(QString, stored);
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, note TEXT, name TEXT)");
        QSqlQuery insert(m_connection->database());
        insert.prepare("INSERT INTO t VALUES (1, ?, 'x')");
        insert.addBindValue(stored);
        QVERIFY(insert.exec());
        const QString before = ask("SELECT hex(note) FROM t");
        m_form = blank("t");
        const ControlId note = added(m_form, "long-text", "note").id;
        added(m_form, "text-box", "name");
        start();
        show();
        QCoreApplication::processEvents();
        QVERIFY(!m_session->state().isChanged());
        retype(box("name"), "y");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT hex(note) FROM t"), before);
        QCOMPARE(ask("SELECT name FROM t"), "y");
        // What is typed behind it keeps what stands before, where the box can hold it.
        auto *text = qobject_cast<QPlainTextEdit *>(m_view->widgetFor(note));
        text->setFocus();
        text->moveCursor(QTextCursor::End);
        QTest::keyClicks(text, "!");
        QVERIFY(m_session->state().isChanged());
        QVERIFY(m_session->saving().save());
        if (stored.contains("\r\n") || stored.contains(QChar(0xa0))) {
            QCOMPARE(ask("SELECT hex(note) FROM t"), before + "21");
        }
    }

    // ------------------------------------------------------------ painting reads nothing

    void paintingReadsNothing()
    {
        fairway();
        draft("buoy");
        start();
        QVERIFY(m_session->moves().goNext());
        sqlite3 *handle = *static_cast<sqlite3 *const *>(m_connection->database().driver()->handle().constData());
        int statements = 0;
        const auto count = [](unsigned, void *counter, void *, void *) { return ++*static_cast<int *>(counter), 0; };
        QTRY_VERIFY(m_session->place().map().has_value());
        const_cast<ControlValues &>(m_session->values()).lookedUp().forgetRows();
        sqlite3_trace_v2(handle, SQLITE_TRACE_STMT, count, &statements);
        QImage image(m_form.width, shownHeight(m_form), QImage::Format_RGB32);
        {
            QPainter painter(&image);
            paintForm(painter, m_form, m_session.get(), image.size(), *m_appearance);
        }
        QCOMPARE(statements, 0);
        QSignalSpy read(m_session.get(), &EntrySession::valuesRead);
        QTRY_VERIFY(!read.isEmpty()); // what it missed comes by itself
        QVERIFY(statements > 0);
        while (m_session->readMissing()) {
        }
        QCoreApplication::processEvents();
        statements = 0;
        QImage again = image;
        {
            QPainter painter(&again);
            paintForm(painter, m_form, m_session.get(), image.size(), *m_appearance);
        }
        QCOMPARE(statements, 0);
        QVERIFY(again != image);
        QVERIFY(!m_session->readMissing()); // nothing was missing any more
        sqlite3_trace_v2(handle, 0, nullptr, nullptr);
    }

    // ------------------------------------------------------------ deleting

    void whatGoesAlongIsSaidAndComesBack()
    {
        fairway();
        draft("visit");
        const QString visit =
            ask("SELECT visit_id FROM part_fitted WHERE visit_id NOT IN (SELECT visit_id FROM part_claim) "
                "GROUP BY visit_id HAVING count(*) = 3 LIMIT 1");
        const QString before = ask("SELECT * FROM part_fitted; SELECT * FROM visit");
        start();
        QVERIFY(m_session->moves().goToKey({visit.toLongLong()}));
        QVERIFY2(m_session->saving().deletionWords().contains("3 rows of “Part fitted”"),
                 qPrintable(m_session->saving().deletionWords()));
        QVERIFY(m_session->saving().remove());
        QCOMPARE(ask("SELECT count(*) FROM part_fitted WHERE visit_id = " + visit), "0");
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT * FROM part_fitted; SELECT * FROM visit"), before);
        QCOMPARE(m_session->state().value("visit_id").toString(), visit);
    }

    // ------------------------------------------------------------ rows that leave

    void anEmptyTableSaysSoInTheStrip()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT NOT NULL)");
        draft("t");
        start();
        RecordStrip strip(m_session.get());
        strip.resize(900, 40);
        strip.show();
        const auto isUsable = [&](const char *name) { return strip.findChild<QPushButton *>(name)->isEnabled(); };
        const QList<const char *> moves{"goFirst", "goPrevious", "goNext", "goLast"};
        QTRY_VERIFY(std::none_of(moves.begin(), moves.end(), isUsable)); // once they are counted
        const auto labels = strip.findChildren<QLabel *>();
        QCoreApplication::processEvents();
        for (const QLabel *label : labels) { // whole words, where there is room
            QVERIFY2(!label->isVisible() || label->text().isEmpty() || label->width() >= label->sizeHint().width(),
                     qPrintable(label->text()));
        }
        QVERIFY(std::any_of(labels.begin(), labels.end(),
                            [](const QLabel *each) { return each->text() == "no records yet"; }));
    }

    // Whatever it says, and however narrow it is, no word in it is cut.
    void theStripMakesRoomForWhatItSays_data()
    {
        QTest::addColumn<int>("width");
        for (const int width : {420, 600, 800, 900, 1000, 1280}) {
            QTest::addRow("%d px", width) << width;
        }
    }
    void theStripMakesRoomForWhatItSays()
    {
        QFETCH(int, width);
        fairway();
        draft("contractor");
        start();
        RecordStrip strip(m_session.get());
        strip.resize(width, 40);
        strip.show();
        m_session->typing().type(field("name"), "Another");
        QCoreApplication::processEvents();
        const auto *state = strip.findChild<QLabel *>("unsaved");
        QCOMPARE(state->text(), "Changed, not saved");
        QVERIFY(state->width() >= state->sizeHint().width());
        QVERIFY(state->geometry().right() < strip.width());
        m_session->takingBack().takeBack();
    }

    void aRowThatLeavesItsRowsIsSaid()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, town TEXT); "
                 "INSERT INTO t VALUES (1, 'a', 'x'), (2, 'b', 'x')");
        m_form = blank("own_select");
        m_form.select = "SELECT id, name, town FROM t WHERE town = 'x'";
        added(m_form, "text-box", "name");
        added(m_form, "text-box", "town");
        start();
        m_session->typing().type(field("town"), "y");
        QVERIFY(m_session->saving().save());
        QVERIFY(m_session->state().messages.size() == 1 && m_session->state().messages.first().isNote);
        QVERIFY2(m_said.contains("does not belong to the rows of this form any more"), qPrintable(m_said));
        QCOMPARE(words("town"), "y"); // as stored, not as it was
        QCOMPARE(ask("SELECT town FROM t WHERE id = 1"), "y");
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT town FROM t WHERE id = 1"), "x");
        QCOMPARE(words("town"), "x");
        m_session->typing().type(field("town"), "z");
        QVERIFY(m_session->moves().goNext()); // saved on leaving
        QCOMPARE(words("name"), "b");
        QVERIFY(!m_session->moves().goPrevious()); // the other is not among the rows
    }

    // ------------------------------------------------------------ lists and lookups

    void theLineThatIsPressedIsTheOneChosen()
    {
        database(
            "CREATE TABLE c (id INTEGER PRIMARY KEY, name TEXT); CREATE TABLE t (id INTEGER PRIMARY KEY, c INTEGER);"
            "INSERT INTO c VALUES (1, 'ash'), (2, 'birch'), (3, 'cedar'); INSERT INTO t VALUES (1, NULL)");
        m_form = blank("t");
        const Control list =
            added(m_form, "list", "c",
                  {{"lookup", QJsonObject{{"table", "c"}, {"value", "id"}, {"words", QJsonArray{"name"}}}}});
        start();
        show();
        m_view->grab();
        ask("INSERT INTO c VALUES (4, 'alder'), (5, 'acer')"); // someone adds above
        QWidget *widget = m_view->widgetFor(list.id);
        QTest::mouseClick(widget, Qt::LeftButton, {}, QPoint(20, 2 + ListLine + 4)); // the second line, as painted
        QCOMPARE(m_session->state().value("c").toInt(), 2);
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT c FROM t"), "2");
    }

    void choicesOfTheSameWordsAreToldApart()
    {
        database("CREATE TABLE p (id INTEGER PRIMARY KEY, name TEXT, town TEXT); CREATE TABLE t (id INTEGER PRIMARY "
                 "KEY, p INTEGER, q INTEGER);"
                 "INSERT INTO p VALUES (11, 'Ann Berg', 'Oban'), (12, 'Ann Berg', 'Wick'), (13, 'Bo', 'Wick'); INSERT "
                 "INTO t VALUES (1, 12, 12)");
        m_form = blank("t");
        const QJsonObject byKey{
            {"lookup", QJsonObject{{"table", "p"}, {"value", "id"}, {"words", QJsonArray{"name"}}}}};
        const Control plain = added(m_form, "drop-down", "p", byKey);
        Control town = added(m_form, "drop-down", "q", byKey);
        Lookup lookup = *lookupOf(town);
        lookup.also = {{"town", 0, {}}};
        setLookup(town, lookup);
        m_form.controls.replace(m_form.controls.indexOf(town.id), town);
        start();
        QCOMPARE(words("p"), "Ann Berg (12)");
        QCOMPARE(words("q"), "Ann Berg (Wick)");
        show();
        retype(box("p"), "Ann Berg");
        box("q")->setFocus();
        QVERIFY(!m_session->saving().save()); // which one is not said
        retype(box("p"), "Ann Berg (11)");
        box("q")->setFocus();
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT p FROM t"), "11");
        retype(box("p"), "13"); // by what is stored of it
        box("q")->setFocus();
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT p FROM t"), "13");
    }

    void lookupsDoNotTakeEachOthersWords()
    {
        database("CREATE TABLE p (id INTEGER PRIMARY KEY, code INTEGER, name TEXT); CREATE TABLE t (id INTEGER PRIMARY "
                 "KEY, a INTEGER, b INTEGER, c INTEGER);"
                 "INSERT INTO p VALUES (1, 2, 'one'), (2, 1, 'two'); INSERT INTO t VALUES (1, 1, 1, 1)");
        m_form = blank("t");
        added(m_form, "drop-down", "a",
              {{"lookup", QJsonObject{{"table", "p"}, {"value", "id"}, {"words", QJsonArray{"name"}}}}});
        added(m_form, "drop-down", "b",
              {{"lookup", QJsonObject{{"table", "p"}, {"value", "code"}, {"words", QJsonArray{"name"}}}}});
        Control third =
            added(m_form, "drop-down", "c",
                  {{"lookup", QJsonObject{{"table", "p"}, {"value", "id"}, {"words", QJsonArray{"name"}}}}});
        Lookup own = *lookupOf(third);
        own.table.clear();
        own.select = "SELECT id, upper(name) AS name FROM p";
        setLookup(third, own);
        m_form.controls.replace(m_form.controls.indexOf(third.id), third);
        start();
        QCOMPARE(words("a"), "one");
        QCOMPARE(words("b"), "two");
        QCOMPARE(words("c"), "ONE");
    }

    // Nor values that follow a row of the same table by another of its columns.
    void followedValuesAreTheirOwn()
    {
        database("CREATE TABLE p (id INTEGER PRIMARY KEY, code INTEGER, name TEXT);"
                 "CREATE TABLE t (id INTEGER PRIMARY KEY, a INTEGER, b INTEGER);"
                 "INSERT INTO p VALUES (1, 2, 'one'), (2, 1, 'two'); INSERT INTO t VALUES (1, 1, 1)");
        m_form = blank("t");
        const auto following = [&](const char *by, const char *key) {
            Control control = added(m_form, "text-box", "");
            setFollowed(control, {{by}, "p", {key}, "name"});
            m_form.controls.replace(m_form.controls.indexOf(control.id), control);
            return control;
        };
        const Control first = following("a", "id");
        const Control second = following("b", "code");
        start();
        QCOMPARE(m_session->values().shown(first).words, "one");
        QCOMPARE(m_session->values().shown(second).words, "two");
    }

    void newWordsAreCompletedBeforeTheyAreTaken()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, who TEXT, n TEXT); INSERT INTO t VALUES (1, NULL, NULL)");
        m_form = blank("t");
        added(m_form, "drop-down", "who",
              {{"choices", QJsonArray{QJsonObject{{"value", "Tobin Ferrer"}, {"words", "Tobin Ferrer"}}}},
               {"takesNew", true}});
        added(m_form, "text-box", "n");
        start();
        show();
        retype(box("who"), "Tob");
        box("n")->setFocus();
        QCOMPARE(m_session->state().value("who").toString(), "Tobin Ferrer");
        retype(box("who"), "Tob");
        QTest::keyClick(box("who"), Qt::Key_Delete); // no, just that
        box("n")->setFocus();
        QCOMPARE(m_session->state().value("who").toString(), "Tob");
    }

    // ------------------------------------------------------------ typed work outlives changes of the form

    // What was saved is taken back as it was, though the form shows other columns since, or other rows.
    void takingBackOutlivesChangesOfTheForm()
    {
        fairway();
        draft("buoy");
        const QString all = "SELECT group_concat(quote(name) || quote(depth_m) || quote(remarks)) FROM buoy";
        const QString before = ask(all);
        QList<Form> others;
        for (const QString &column : {QString("asset_no"), QString("name"), QString("depth_m"), QString("remarks")}) {
            others.append(deleteControls(m_form, {field(column).id}));
        }
        Form fewer = m_form;
        for (const Control &control : m_form.controls) {
            fewer = control.column == "name" || control.column.isEmpty() ? fewer : deleteControls(fewer, {control.id});
        }
        others.append(fewer);
        for (const Form &other : std::as_const(others)) {
            for (const bool isWider : {false, true}) { // the form shows more or fewer columns than when it was saved
                start();
                QVERIFY(m_session->setForm(isWider ? other : m_form).isOk());
                m_session->typing().type(field("name"), "Changed");
                m_session->typing().type(field("depth_m"), "3.5");
                QVERIFY(m_session->saving().save());
                QVERIFY(ask(all) != before || isWider);
                QVERIFY(m_session->setForm(isWider ? m_form : other).isOk());
                if (m_session->takingBack().canTakeBack()) {
                    QVERIFY(m_session->takingBack().takeBack());
                }
                QCOMPARE(ask(all), before);
                QCOMPARE(m_session->state().record.row->values.size(), m_session->state().source.columns.size());
                const bool hasName = m_session->state().source.columns.contains("name");
                QCOMPARE(m_session->state().value("name").toString(),
                         hasName ? ask("SELECT name FROM buoy LIMIT 1") : QString());
            }
        }
        start();
        m_session->typing().type(field("name"), "Changed");
        QVERIFY(m_session->saving().save());
        QVERIFY(m_session->setForm(setRowsFrom(m_form, "vessel")).isOk());
        QVERIFY(!m_session->takingBack().canTakeBack());
        const QString vessels = ask("SELECT * FROM vessel");
        QVERIFY(!m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT * FROM vessel"), vessels);
    }

    void typedWorkOutlivesEveryChangeOfTheForm()
    {
        fairway();
        draft("buoy");
        start();
        QVERIFY(m_session->moves().goNext());
        m_session->typing().type(field("name"), "Typed");
        // Shown as rows and back.
        Form rows = m_form;
        rows.rowsShown = 5;
        QVERIFY(m_session->setForm(rows).isOk());
        QCOMPARE(words("name"), "Typed");
        QVERIFY(m_session->setForm(m_form).isOk());
        QCOMPARE(words("name"), "Typed");
        // Other rows, and back.
        Form other = setRowsFrom(m_form, "vessel");
        QVERIFY(m_session->setForm(other).isOk());
        QCOMPARE(m_session->typing().rowsSetAside(), QStringList("Buoy"));
        QVERIFY(!m_session->hasUnsaved());
        QVERIFY(m_session->setForm(m_form).isOk());
        QVERIFY(m_session->typing().rowsSetAside().isEmpty());
        QCOMPARE(words("name"), "Typed");
        // Its box gone: it is saved all the same, and named.
        Form without = deleteControls(m_form, {field("name").id});
        QVERIFY(m_session->setForm(without).isOk());
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 2"), "Typed");
        QVERIFY2(m_said.contains(": Name."), qPrintable(m_said));
    }

    // A change of the form between reading and saving does not hide what someone else wrote meanwhile.
    void aChangedFormDoesNotHideAConflict()
    {
        fairway();
        draft("buoy");
        start();
        m_session->typing().type(field("name"), "Mine");
        ask("UPDATE buoy SET name = 'Theirs' WHERE buoy_id = 1");
        Form other = m_form;
        added(other, "text-box", "buoy_id");
        QVERIFY(m_session->setForm(other).isOk());
        m_session->noticeChanges();
        QVERIFY(!m_session->saving().save());
        QCOMPARE(m_session->state().record.question, Question::ChangedMeanwhile);
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Theirs");
    }

    void anotherLinkIsFollowedAtOnce()
    {
        fairway();
        draft("buoy");
        start();
        m_session->moves().goToKey({5});
        Form other = m_form;
        Control rows = field("visit");
        setChildLink(rows, {{"vessel_id"}, {"fairway_id"}});
        other.controls.replace(other.controls.indexOf(rows.id), rows);
        QVERIFY(m_session->setForm(other).isOk());
        QCOMPARE(QString::number(m_session->children().of(rows)->rows().window().rows().size()),
                 ask("SELECT min(64, count(*)) FROM visit WHERE vessel_id = (SELECT fairway_id FROM buoy WHERE buoy_id "
                     "= 5)"));
    }

    // ------------------------------------------------------------ a record with its rows: all of it or nothing

    void aRecordIsSavedWithItsRowsOrNotAtAll()
    {
        fairway();
        draft("visit");
        start();
        m_session->moves().goToKey({3});
        EntrySession *parts = rowsOf("part_fitted");
        QVERIFY(parts->state().hasRecord());
        const QString before = ask("SELECT * FROM visit; SELECT * FROM part_fitted");
        parts->typing().type(*find(parts->form(), "quantity"), "-4"); // the database refuses it
        m_session->typing().type(field("crew_lead"), "Somebody");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(ask("SELECT * FROM visit; SELECT * FROM part_fitted"), before);
        QVERIFY(m_session->state().isChanged());
        QCOMPARE(words("crew_lead"), "Somebody");
        QCOMPARE(parts->values().shown(*find(parts->form(), "quantity")).words, "-4");
        parts->typing().type(*find(parts->form(), "quantity"), "4");
        QVERIFY(m_session->saving().save());
        QVERIFY(!m_session->hasUnsaved());
        QCOMPARE(ask("SELECT crew_lead FROM visit WHERE visit_id = 3"), "Somebody");
        QCOMPARE(ask("SELECT quantity FROM part_fitted WHERE visit_id = 3 ORDER BY line_no LIMIT 1"), "4");
    }

    void goingOnSavesARecordWithItsRowsOrNeither_data()
    {
        QTest::addColumn<QString>("quantity");
        QTest::addColumn<QString>("hours");
        QTest::addColumn<bool>("isByRow");
        for (const bool isByRow : {true, false}) {
            const char *by = isByRow ? "to another row" : "to another record";
            QTest::addRow("%s, the row is refused", by) << "-4"
                                                        << "2" << isByRow;
            QTest::addRow("%s, the record is refused", by) << "4"
                                                           << "-2" << isByRow;
        }
    }
    void goingOnSavesARecordWithItsRowsOrNeither()
    {
        QFETCH(QString, quantity);
        QFETCH(QString, hours);
        QFETCH(bool, isByRow);
        fairway();
        draft("visit");
        start();
        m_session->moves().goToKey({3});
        EntrySession *parts = rowsOf("part_fitted");
        const QString before = ask("SELECT * FROM visit; SELECT * FROM part_fitted");
        parts->typing().type(*find(parts->form(), "quantity"), quantity);
        m_session->typing().type(field("hours"), hours);
        const auto goOn = [&] { return isByRow ? parts->moves().add() : m_session->moves().goNext(); };
        QVERIFY(!goOn());
        QCOMPARE(ask("SELECT * FROM visit; SELECT * FROM part_fitted"), before);
        QCOMPARE(words("hours"), hours);
        QCOMPARE(parts->values().shown(*find(parts->form(), "quantity")).words, quantity);
        parts->typing().type(*find(parts->form(), "quantity"), "4");
        m_session->typing().type(field("hours"), "2");
        QVERIFY2(goOn(), qPrintable(m_said));
        QCOMPARE(ask("SELECT hours FROM visit WHERE visit_id = 3"), "2");
        QCOMPARE(ask("SELECT quantity FROM part_fitted WHERE visit_id = 3 ORDER BY line_no LIMIT 1"), "4");
    }

    // A column that is asked for and is not there any more leaves the record as it was read; it can still be deleted
    // once the columns are known anew, and nothing is written by a row that does not fit its columns.
    void aRecordFitsItsColumnsWhateverHappens()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, town TEXT, street TEXT);"
                 "INSERT INTO t VALUES (1, 'Ann', 'x', 's'), (2, 'Bob', 'y', 't');");
        draft("t");
        const Form whole = m_form;
        m_form = deleteControls(whole, {field("town").id, field("street").id});
        start();
        QCOMPARE(ask("ALTER TABLE t RENAME COLUMN town TO place"), "");
        QVERIFY(!m_session->setForm(whole)); // the catalogue is that of before
        const EntryState &state = m_session->state();
        QVERIFY(state.record.row);
        QCOMPARE(state.record.row->values.size(), state.source.columns.size());
        QCOMPARE(state.value("name"), QVariant("Ann"));
        QVERIFY(!m_session->saving().remove());
        QCOMPARE(ask("SELECT count(*) FROM t"), "2");
        QVERIFY(m_session->setCatalogue(*m_connection->readCatalogue()));
        QVERIFY(m_session->saving().remove());
        QCOMPARE(ask("SELECT group_concat(name) FROM t"), "Bob");
    }

    // What is typed in its rows is saved before a record is deleted; if the database takes the record away by that,
    // no other one is deleted in its place.
    void noOtherRecordIsDeletedThanTheOneAskedFor()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT);"
                 "CREATE TABLE v (id INTEGER PRIMARY KEY, t INTEGER NOT NULL REFERENCES t (id) ON DELETE CASCADE, "
                 "words TEXT);"
                 "CREATE TRIGGER goes AFTER UPDATE ON v WHEN NEW.words = 'go' "
                 "BEGIN DELETE FROM t WHERE id = NEW.t; END;"
                 "INSERT INTO t VALUES (1, 'Ann'), (2, 'Bob'), (3, 'Cyd');"
                 "INSERT INTO v VALUES (1, 1, 'old'), (2, 2, 'other');");
        draft("t");
        start();
        EntrySession *rows = rowsOf("v");
        QVERIFY(rows && rows->state().hasRecord());
        rows->typing().type(*find(rows->form(), "words"), "go");
        m_session->saving().remove();
        QCOMPARE(ask("SELECT group_concat(name) FROM t"), "Bob,Cyd");
        QCOMPARE(ask("SELECT group_concat(words) FROM v"), "other");
    }

    void whatTheDatabaseChangesByItselfIsNobodyElsesWork()
    {
        database(
            "CREATE TABLE a (id INTEGER PRIMARY KEY, name TEXT, total INTEGER); CREATE TABLE b (id INTEGER PRIMARY "
            "KEY, a_id INTEGER NOT NULL REFERENCES a, n INTEGER, t TEXT); CREATE TRIGGER t AFTER UPDATE ON b BEGIN "
            "UPDATE a "
            "SET total = (SELECT sum(n) FROM b WHERE a_id = new.a_id) WHERE id = new.a_id; END;"
            "INSERT INTO a VALUES (1, 'one', 5); INSERT INTO b VALUES (1, 1, 5, 'x')");
        draft("a");
        start();
        EntrySession *b = rowsOf("b");
        const Control n = *find(b->form(), "n");
        b->typing().type(n, "6");
        QVERIFY(b->saving().save());
        QCOMPARE(words("total"), "6"); // shown as it is stored now
        m_session->typing().type(field("name"), "two");
        b->typing().type(n, "7");
        QVERIFY2(b->moves().add(), qPrintable(m_said)); // the record is saved along, before the trigger
        QCOMPARE(words("total"), "7");
        m_session->typing().type(field("name"), "three");
        QVERIFY2(m_session->saving().save(), qPrintable(m_said));
        QCOMPARE(ask("SELECT * FROM a; SELECT * FROM b"), "1|three|7\n1|1|7|x");
    }

    void rowsFollowAKeyThatIsChangedWithThem()
    {
        database("CREATE TABLE a (code TEXT PRIMARY KEY NOT NULL, name TEXT); CREATE TABLE b (id INTEGER PRIMARY KEY, "
                 "code TEXT NOT NULL REFERENCES a ON UPDATE CASCADE, n INTEGER);"
                 "INSERT INTO a VALUES ('x', 'one'); INSERT INTO b VALUES (1, 'x', 5)");
        m_form = blank("a");
        added(m_form, "text-box", "code");
        Form inner = blank("b");
        inner.rowsShown = 4;
        const Control n = added(inner, "whole-number", "n");
        Control rows = added(m_form, "subform", {});
        rows.inner = InnerForm(inner);
        setChildLink(rows, {{"code"}, {"code"}});
        m_form.controls.replace(m_form.controls.indexOf(rows.id), rows);
        start();
        EntrySession *b = m_session->children().of(rows);
        b->typing().type(n, "6");
        m_session->typing().type(field("code"), "y");
        QVERIFY2(m_session->saving().save(), qPrintable(m_said));
        QCOMPARE(ask("SELECT * FROM a; SELECT * FROM b"), "y|one\n1|y|6");
        QVERIFY(b->moves().add());
        b->typing().type(n, "7");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT code FROM b WHERE n = 7"), "y");
    }

    void savingInTheRowsIsSeenByTheWhole()
    {
        fairway();
        draft("visit");
        start();
        m_session->moves().goToKey({3});
        EntrySession *parts = rowsOf("part_fitted");
        parts->typing().type(*find(parts->form(), "quantity"), "4");
        QVERIFY(m_session->hasUnsaved());
        QSignalSpy told(m_session.get(), &EntrySession::pendingChanged);
        QVERIFY(parts->saving().save());
        QVERIFY(!m_session->hasUnsaved());
        QVERIFY(!told.isEmpty()); // so that the strip is told
    }

    // ------------------------------------------------------------ the keyboard stays where the person put it

    void mendingOneBoxOfTwoLeavesTheKeyboardThere()
    {
        fairway();
        draft("contractor");
        start();
        show();
        retype(box("agreement_from"), "bad");
        retype(box("agreement_until"), "worse");
        box("name")->setFocus();
        QVERIFY(!m_session->saving().save());
        QTRY_COMPARE(QApplication::focusWidget(), box("agreement_from")); // once, to the first
        retype(QApplication::focusWidget(), "1 May 2026");
        QCOMPARE(QApplication::focusWidget(), box("agreement_from"));
        QCOMPARE(qobject_cast<QLineEdit *>(box("agreement_from"))->text(), "1 May 2026");
        QCOMPARE(qobject_cast<QLineEdit *>(box("agreement_until"))->text(), "worse");
    }

    void theFirstRefusalHasItsWords()
    {
        fairway();
        draft("visit", Arrangement::Tabular);
        start();
        show();
        retype(box("hours"), "-1");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(sentences(), QStringList("Hours must be more than 0"));
        QCoreApplication::processEvents();
        QStringList seen;
        for (const QLabel *label : m_view->findChildren<QLabel *>()) {
            if (label->isVisible() && label->text().contains("must be")) {
                seen.append(label->text());
                for (const Control &other : m_form.controls) { // it covers no box
                    const QWidget *widget = m_view->widgetFor(other.id);
                    QVERIFY(!widget || !widget->isVisible() ||
                            !QRect(widget->mapToGlobal(QPoint()), widget->size())
                                 .intersects(QRect(label->mapToGlobal(QPoint()), label->size())));
                }
            }
        }
        QCOMPARE(seen.size(), 1);
        QVERIFY(!m_said.contains(".."));
    }

    void aWrongValueIsSaidOnLeavingItsBox()
    {
        fairway();
        draft("visit");
        start();
        show();
        retype(box("battery_v"), "12.44");
        QVERIFY(sentences().isEmpty()); // not while it is typed
        box("hours")->setFocus();
        QTRY_COMPARE(sentences(), QStringList("At most one digit goes behind the point here"));
        QCOMPARE(QApplication::focusWidget(), box("hours"));
        QVERIFY(!m_session->saving().save());
        QCOMPARE(ask("SELECT count(*) FROM visit WHERE battery_v = 12.44"), "0");
    }

    void aNewRowIsInSightWithTheKeyboardInIt()
    {
        fairway();
        draft("visit", Arrangement::Tabular);
        start();
        show();
        m_view->resize(m_view->width(), 240);
        QTRY_VERIFY(m_session->place().map().has_value());
        m_view->addRecord();
        QVERIFY(m_session->state().isNew());
        const QWidget *focused = QApplication::focusWidget();
        QVERIFY(focused && m_view->isAncestorOf(focused));
        const QRect seen(m_view->findChild<RowsBand *>()->mapToGlobal(QPoint()),
                         m_view->findChild<RowsBand *>()->size());
        QVERIFY(seen.contains(QRect(focused->mapToGlobal(QPoint()), focused->size())));
    }

    void tabStopsOnlyWherePeopleType()
    {
        fairway();
        draft("visit");
        for (int i = 0; i < m_form.controls.size(); ++i) {
            Control control = m_form.controls.at(i);
            if (control.column == "crew_lead") {
                control.settings.set(setting::Locked, true);
                m_form.controls.replace(i, control);
            }
        }
        start();
        m_session->moves().goToKey({3});
        show();
        m_view->focusFirst();
        QSet<QWidget *> met;
        for (int i = 0; i < 80; ++i) {
            QWidget *focused = QApplication::focusWidget();
            QVERIFY(focused && focused->isVisible());
            QVERIFY(focused != box("crew_lead") && focused != box("labour_cost"));
            met.insert(focused);
            if (focused->parentWidget() == m_view->findChild<RecordStrip *>()) {
                break;
            }
            QTest::keyClick(focused, Qt::Key_Tab);
        }
        const auto *inner = box("part_fitted")->findChild<EntryView *>();
        QVERIFY(met.contains(inner->widgetFor(find(inner->session()->form(), "quantity")->id)));
        QVERIFY(QApplication::focusWidget()->parentWidget() == m_view->findChild<RecordStrip *>());
    }

    // ------------------------------------------------------------ others at work on the same database

    void whatOthersDoIsNoticed()
    {
        fairway();
        draft("buoy");
        start();
        QTRY_COMPARE(m_session->place().count().value_or(0), 212);
        DatabaseWatch watch(*m_connection);
        connect(&watch, &DatabaseWatch::dataChanged, m_session.get(), &EntrySession::noticeChanges);
        connect(&watch, &DatabaseWatch::catalogueChanged, m_session.get(), &EntrySession::setCatalogue);
        QCOMPARE(ask("INSERT INTO buoy (asset_no, name, buoy_type, fairway_id, contractor_id) "
                     "SELECT 'ZZ-1', 'New', buoy_type, fairway_id, contractor_id FROM buoy LIMIT 1"),
                 QString());
        ask("UPDATE buoy SET name = 'Renamed' WHERE buoy_id = 1");
        watch.look();
        QCOMPARE(words("name"), "Renamed");
        QTRY_COMPARE(m_session->place().count().value_or(0), 213);
        m_session->typing().type(field("depth_m"), "3");
        QVERIFY(m_session->saving().save());
        QSignalSpy own(&watch, &DatabaseWatch::dataChanged);
        watch.look();
        QVERIFY(own.isEmpty()); // what is written here is no news
    }

    // In rows as well as by single records: the strip says how many there are now.
    void theCountFollowsOthersInRows()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT); INSERT INTO t VALUES (1, 'a'), (2, 'b')");
        draft("t", Arrangement::Tabular);
        start();
        show();
        RecordStrip strip(m_session.get());
        const auto telling = [&] {
            QString all;
            for (const QLabel *label : strip.findChildren<QLabel *>()) {
                all += label->text() + ' ';
            }
            return all;
        };
        QTRY_VERIFY2(telling().contains("of 2"), qPrintable(telling()));
        DatabaseWatch watch(*m_connection);
        connect(&watch, &DatabaseWatch::dataChanged, m_session.get(), &EntrySession::noticeChanges);
        ask("INSERT INTO t VALUES (3, 'c')");
        watch.look();
        QTRY_VERIFY2(telling().contains("of 3"), qPrintable(telling()));
        ask("DELETE FROM t WHERE id > 1");
        watch.look();
        QTRY_VERIFY2(telling().contains("of 1"), qPrintable(telling()));
    }

    // Rows that no count comes to the end of: neither closing nor another form waits for it.
    void nothingWaitsForACountOnClosing()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT); INSERT INTO t VALUES (1, 'a');"
                 "CREATE VIEW endless AS WITH RECURSIVE n(id) AS (SELECT 1 UNION ALL SELECT id + 1 FROM n) SELECT id "
                 "FROM n");
        m_form = blank("endless");
        added(m_form, "text-box", "id");
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        (void)m_session->start(); // it may say that it takes too long
        QVERIFY(!m_session->place().count() || *m_session->place().count() <= 1000);
        m_session.reset();
        m_form = blank("t");
        added(m_form, "text-box", "name");
        start();
        QTRY_COMPARE(m_session->place().count().value_or(0), 1);
    }

    // The rows of a list on the form are kept by all that they are held to: here, the record above.
    void aListFollowsTheRecordThatItIsHeldTo()
    {
        database("CREATE TABLE p (id INTEGER PRIMARY KEY, kind TEXT); INSERT INTO p VALUES (1, 'x'), (2, 'y');"
                 "CREATE TABLE c (code TEXT PRIMARY KEY, kind TEXT, title TEXT);"
                 "INSERT INTO c VALUES ('a', 'x', 'for x'), ('b', 'y', 'for y');"
                 "CREATE TABLE t (id INTEGER PRIMARY KEY, p_id INTEGER REFERENCES p(id), kind TEXT, code TEXT);"
                 "INSERT INTO t VALUES (1, 1, 'x', 'a'), (2, 2, 'y', 'b')");
        m_form = blank("t");
        added(m_form, "text-box", "kind");
        const Control list =
            added(m_form, "list", "code",
                  {{"lookup", QJsonObject{{"table", "c"}, {"value", "code"}, {"words", QJsonArray{"title"}}}}});
        Control narrowed = list;
        Lookup lookup = *lookupOf(list);
        lookup.filterColumns = QStringList{"kind"};
        lookup.filterBy = QStringList{"kind"};
        setLookup(narrowed, lookup);
        m_form.controls.replace(m_form.controls.indexOf(list.id), narrowed);
        start();
        QCOMPARE(m_session->values().shown(narrowed).lines, QStringList{"for x"});
        m_session->moves().goNext();
        QCOMPARE(m_session->values().shown(narrowed).lines, QStringList{"for y"});
        m_session->typing().type(field("kind"), "x");
        QCOMPARE(m_session->values().shown(narrowed).lines, QStringList{"for x"});
    }

    // A column may be called as people please: a sign in front of it is part of its name.
    void columnsThatBeginWithASignSortAndShow()
    {
        database(
            "CREATE TABLE c (code INTEGER PRIMARY KEY, \"-n\" INTEGER, \"+n\" INTEGER, title TEXT);"
            "INSERT INTO c VALUES (1, 3, 1, 'one'), (2, 1, 2, 'two'), (3, 2, 3, 'three');"
            "CREATE TABLE own_select (id INTEGER PRIMARY KEY, code INTEGER); INSERT INTO own_select VALUES (1, 2)");
        m_form = blank("own_select");
        Control list =
            added(m_form, "list", "code",
                  {{"lookup", QJsonObject{{"table", "c"}, {"value", "code"}, {"words", QJsonArray{"title"}}}}});
        const auto sorted = [&](const ChoiceOrder &by) {
            Lookup lookup = *lookupOf(list);
            lookup.sort = QStringList{written(by)};
            setLookup(list, lookup);
            m_form.controls.replace(m_form.controls.indexOf(list.id), list);
            m_session.reset();
            start();
            return m_session->values().shown(list).lines;
        };
        QCOMPARE(sorted({"-n", false}), QStringList({"two", "three", "one"}));
        QCOMPARE(sorted({"-n", true}), QStringList({"one", "three", "two"}));
        QCOMPARE(sorted({"+n", false}), QStringList({"one", "two", "three"}));
        QCOMPARE(sorted({"+n", true}), QStringList({"three", "two", "one"}));
        QCOMPARE(sorted({"title", true}), QStringList({"two", "three", "one"}));
        // A table of the name that rows of one's own SELECT go by is still that table.
        QCOMPARE(m_session->values().shown(list).chosenLines.value_or(QList<int>()).size(), 1);
        QVERIFY(selectTableName(m_catalogue) != "own_select");
    }

    void aRenamedColumnIsSaidAndShowsNothing()
    {
        fairway();
        draft("contractor");
        start();
        DatabaseWatch watch(*m_connection);
        connect(&watch, &DatabaseWatch::catalogueChanged, m_session.get(), &EntrySession::setCatalogue);
        QVERIFY(words("town") != "");
        m_session->typing().type(field("name"), "Kept");
        ask("ALTER TABLE contractor RENAME COLUMN town TO place");
        watch.look();
        QCOMPARE(words("town"), QString());
        QVERIFY2(sentences().join(' ').contains("no column “town”"), qPrintable(sentences().join(' ')));
        QCOMPARE(words("name"), "Kept");
        QVERIFY(m_session->moves().goNext());
        QCOMPARE(words("town"), QString());
        QCOMPARE(ask("SELECT name FROM contractor ORDER BY contractor_id LIMIT 1"), "Kept");
        ask("ALTER TABLE contractor RENAME COLUMN place TO town");
        watch.look();
        QVERIFY(words("town") != "");
    }

    void aDatabaseThatGoesAwayIsSaid()
    {
        database("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT); INSERT INTO t VALUES (1, 'a')");
        draft("t");
        start();
        DatabaseWatch watch(*m_connection);
        connect(&watch, &DatabaseWatch::availabilityChanged, m_session.get(), &EntrySession::availabilityChanged);
        m_session->typing().type(field("name"), "b");
        QVERIFY(QFile::rename(m_path, m_path + ".away"));
        watch.look();
        QVERIFY2(sentences().join(' ').contains("not there any more"), qPrintable(sentences().join(' ')));
        QCOMPARE(words("name"), "b");
        QVERIFY(QFile::rename(m_path + ".away", m_path));
        watch.look();
        QVERIFY2(m_session->saving().save(), qPrintable(m_said));
        QCOMPARE(ask("SELECT name FROM t"), "b");
    }

    // ------------------------------------------------------------ questions

    // A question that comes up while a person types is not answered by what they type.
    void typingDoesNotAnswerAQuestion()
    {
        bool wasOpen = false;
        QTimer hand;
        connect(&hand, &QTimer::timeout, this, [&] {
            QWidget *box = QApplication::activeModalWidget();
            if (!box || !QApplication::focusWidget()) {
                return;
            }
            hand.stop();
            for (const char letter : QByteArray("a space and s, l and more")) {
                QTest::keyClick(QApplication::focusWidget(),
                                letter == ' ' ? Qt::Key_Space : Qt::Key(QChar::toUpper(letter)), Qt::NoModifier);
            }
            QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return); // the end of what was typed
            wasOpen = box->isVisible();
            auto *patient = new QTimer(box); // then a key is an answer
            connect(patient, &QTimer::timeout, box, [box] {
                if (QApplication::focusWidget() && box->isVisible()) {
                    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
                }
            });
            patient->start(100);
        });
        hand.start(5);
        QCOMPARE(nabblet::ask({"T", "Save?", "It is lost otherwise.", {"Save", "Let it go"}, 0, 1}, nullptr), 0);
        QVERIFY(wasOpen);
    }

    // ------------------------------------------------------------ where among the records

    void thePlaceIsKnownAgainAfterGoingByKey()
    {
        fairway();
        draft("buoy");
        start();
        QVERIFY(m_session->moves().goToKey({50}));
        QTRY_COMPARE(m_session->position().value_or(-1), 49);
    }

    // ------------------------------------------------------------ a crash

    // What a person lets go is not offered again.
    void whatIsLetGoIsNotOfferedAgain()
    {
        fairway();
        draft("visit");
        start();
        m_session->moves().goToKey({3});
        RecordRecovery recovery(m_session.get(), "let go");
        m_session->typing().type(field("crew_lead"), "Half typ");
        EntrySession *parts = rowsOf("part_fitted");
        parts->typing().type(*find(parts->form(), "quantity"), "7.5");
        recovery.keepNow();
        QVERIFY(QFile::exists(typedPath(*m_session, "let go")));
        const samples::WhenOpen letsGo(
            "question", [](QDialog *question) { question->findChild<QPushButton *>("answer1")->click(); });
        QVERIFY(mayLeaveRecord(m_session.get(), nullptr));
        QVERIFY(!m_session->hasUnsaved());
        QVERIFY(!QFile::exists(typedPath(*m_session, "let go")));
        QCOMPARE(ask("SELECT count(*) FROM visit WHERE crew_lead = 'Half typ'"), "0");
    }

    void aRecordThatWasTypedOutlivesACrash()
    {
        fairway();
        draft("visit");
        start();
        m_session->moves().goToKey({3});
        const QString before = ask("SELECT * FROM visit; SELECT * FROM part_fitted");
        {
            auto recovery = std::make_unique<RecordRecovery>(m_session.get(), "form");
            m_session->typing().type(field("crew_lead"), "Half typ");
            m_session->typing().type(field("hours"), "not a number");
            EntrySession *parts = rowsOf("part_fitted");
            parts->typing().type(*find(parts->form(), "quantity"), "7.5");
            recovery->keepNow();
            EntrySession other(*m_connection, m_catalogue, m_form);
            QVERIFY(other.start().isOk());
            QVERIFY(!offerTyped(&other, "form", nullptr)); // held: nobody else is offered it
            // The program ends without a word: the file stays, its holder is gone.
        }
        start();
        QString asked;
        const samples::WhenOpen takeUp("question", [&](QDialog *question) {
            asked = question->property("text").toString();
            question->findChild<QPushButton *>("answer0")->click();
        });
        QVERIFY(offerTyped(m_session.get(), "form", nullptr));
        QVERIFY2(asked.contains("was not saved"), qPrintable(asked));
        QCOMPARE(m_session->state().value("visit_id").toInt(), 3);
        QCOMPARE(words("crew_lead"), "Half typ");
        QCOMPARE(words("hours"), "not a number");
        QCOMPARE(rowsOf("part_fitted")->state().value("quantity").toDouble(), 7.5);
        QCOMPARE(ask("SELECT * FROM visit; SELECT * FROM part_fitted"), before);
        QVERIFY(!m_session->saving().save()); // the number is still none
        m_session->typing().type(field("hours"), "2");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT crew_lead, hours FROM visit WHERE visit_id = 3"), "Half typ|2");
        QVERIFY(leftNear(typedPath(*m_session, "form")).isEmpty());
    }
};

QTEST_MAIN(TestNothingLost)
#include "tst_nothing_lost.moc"

// Every kind of control at work on the demonstration's tables: what it shows, what it writes, by keyboard and mouse.
#include "core/actions/action_table.h"
#include "core/arrange/rows.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/form_settings/form_setting_table.h"
#include "core/kinds/list_lines.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/numbers.h"
#include "core/rules/rules.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"
#include "support/when_open.h"

#include <QAbstractButton>
#include <QAccessible>
#include <QApplication>
#include <QBuffer>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>
#include <QTimer>
#include <QTreeWidget>

using namespace nabblet;

class TestControlsAtWork : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Connection> m_connection;
    Catalogue m_catalogue;
    std::unique_ptr<Appearance> m_appearance;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }

    // A form of a table with one control of each kind and column given, and a text box for each of the other columns.
    Form blankForm(const QString &table) const
    {
        Form form;
        form.name = form.title = form.rowsFrom = table;
        form.bands = {Band{BandRole::Header, 64, {}}, Band{BandRole::Body, 600, {}}};
        return form;
    }
    ControlId add(const QString &kind, const QString &column, const QJsonObject &settings = {},
                  BandRole band = BandRole::Body)
    {
        Control control;
        control.id = nextControlId(m_form);
        control.kind = kind;
        control.name = kind + u'_' + QString::number(control.id);
        control.column = column;
        control.settings = samples::settingsOf(settings);
        control.band = band;
        const int y = band == BandRole::Body ? 8 + 48 * m_form.controls.size() : 8;
        control.place = QRect(QPoint(160, y), kindNamed(kind).usualSize);
        m_form.controls.append(control);
        return control.id;
    }
    void open()
    {
        m_view.reset();
        m_session = std::make_unique<EntrySession>(*m_connection, m_catalogue, m_form);
        m_session->setLocale(QLocale::c());
        QVERIFY(m_session->start(Counting::No).isOk());
        m_view = std::make_unique<EntryView>(m_session.get(), *m_appearance);
        m_view->resize(1000, 760);
        m_view->show();
        m_view->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_view.get()));
    }
    const Control &control(ControlId id) const { return *m_form.controls.find(id); }
    Shown shown(ControlId id) const { return m_session->values().shown(control(id)); }
    QLineEdit *line(ControlId id) const { return qobject_cast<QLineEdit *>(m_view->widgetFor(id)); }
    QAbstractButton *button(ControlId id) const { return qobject_cast<QAbstractButton *>(m_view->widgetFor(id)); }
    QTreeWidget *choicesOf(ControlId id) const { return m_view->widgetFor(id)->findChild<QTreeWidget *>("choices"); }
    static QStringList words(const QTreeWidget *list, int column = 0)
    {
        QStringList all;
        for (int i = 0; i < list->topLevelItemCount(); ++i) {
            all.append(list->topLevelItem(i)->text(column));
        }
        return all;
    }
    // Typed into the box from its beginning.
    void retype(ControlId id, const QString &typed)
    {
        line(id)->setFocus();
        line(id)->selectAll();
        QTest::keyClicks(line(id), typed);
    }
    QPoint lineOfList(ControlId id, int index) const
    {
        for (int y = 0; y < control(id).place.height(); ++y) {
            if (listLineAt(control(id), shown(id), looks().first(), QPoint(20, y)) == index) {
                return {20, y + 4};
            }
        }
        return {};
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("work%1.db").arg(++run));
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        m_form = blankForm("buoy");
    }
    void cleanup()
    {
        m_view.reset();
        m_session.reset();
    }

    // Every kind on every column that the designer offers it for: each row is shown, and going through all boxes
    // without typing, or typing what stands there, changes nothing.
    void everyKindOnEveryColumnLeavesWhatIsStored_data()
    {
        QTest::addColumn<QString>("table");
        const Connection connection = samples::opened(samples::fairwayDatabase(m_folder, "names.db"));
        const Catalogue catalogue = *connection.readCatalogue();
        for (const Table &table : catalogue.tables) {
            if (table.kind == TableKind::Table) {
                QTest::newRow(qPrintable(table.name)) << table.name;
            }
        }
    }
    void everyKindOnEveryColumnLeavesWhatIsStored()
    {
        QFETCH(QString, table);
        constexpr int RowsTried = 12;
        const QString before = ask(QString("SELECT * FROM %1").arg(table));
        m_form = blankForm(table);
        QList<ControlId> boxes;
        for (const Column &column : findTable(m_catalogue, table)->columns) {
            Control any;
            any.kind = column.type == ColumnType::Binary ? "picture" : "text-box";
            for (const QString &kind : kindsFor(any, column.type)) {
                if (kindNamed(kind).binds.contains(column.type)) {
                    boxes.append(add(kind, column.name));
                }
            }
        }
        QVERIFY(boxes.size() >= findTable(m_catalogue, table)->columns.size());
        m_form.bands[1].height = 48 * static_cast<int>(boxes.size()) + 200;
        open();
        for (int row = 0; row < RowsTried; ++row) {
            for (const ControlId id : std::as_const(boxes)) {
                const Kind &kind = kindNamed(control(id).kind);
                const QByteArray where = qPrintable(kind.name + " on " + control(id).column);
                const QVariant stored = m_session->state().value(control(id).column);
                const Shown now = shown(id);
                QVERIFY2(now.isMissing == stored.isNull(), where.constData());
                m_view->widgetFor(id)->setFocus();
                if (kind.editor == Editor::Line || kind.editor == Editor::LongText) {
                    m_session->typing().type(control(id), now.words);
                }
                if (kind.editor == Editor::Tick && !stored.isNull() && stored.toInt() <= 1 && stored.toInt() >= 0) {
                    button(id)->click();
                    button(id)->click();
                }
                QVERIFY2(!m_session->state().isChanged(), where.constData());
            }
            if (!m_session->moves().goNext()) {
                break;
            }
        }
        QCOMPARE(ask(QString("SELECT * FROM %1").arg(table)), before);
    }

    void aSwitchTurnsAndShowsNothingApart()
    {
        m_form = blankForm("visit");
        const ControlId works = add("switch", "lamp_works");
        open();
        QCOMPARE(shown(works).isMissing, ask("SELECT lamp_works IS NULL FROM visit LIMIT 1") == "1");
        button(works)->setFocus();
        m_session->typing().choose(control(works), QVariant(0));
        QVERIFY(!shown(works).isOn && !shown(works).isMissing);
        QTest::keyClick(button(works), Qt::Key_Space);
        QVERIFY(shown(works).isOn && button(works)->isChecked());
        QTest::keyClick(button(works), Qt::Key_Delete);
        QVERIFY(shown(works).isMissing && !button(works)->isChecked());
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT lamp_works IS NULL FROM visit ORDER BY visit_id LIMIT 1"), "1");
    }

    void aListChoosesOne()
    {
        Control choosing;
        setFixedChoices(choosing, *choicesFromLines("on station\nadrift\nin depot\nwithdrawn", std::nullopt));
        const ControlId list = add("list", "status", choosing.settings.toJson());
        open();
        QWidget *box = m_view->widgetFor(list);
        QTest::mouseClick(box, Qt::LeftButton, {}, lineOfList(list, 2));
        QCOMPARE(m_session->state().value("status"), QVariant("in depot"));
        box->setFocus();
        QTest::keyClick(box, Qt::Key_Down);
        QCOMPARE(m_session->state().value("status"), QVariant("withdrawn"));
        QTest::keyClick(box, Qt::Key_Down); // the last stays
        QCOMPARE(m_session->state().value("status"), QVariant("withdrawn"));
        QTest::keyClicks(box, "ad");
        QCOMPARE(m_session->state().value("status"), QVariant("adrift"));
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT status FROM buoy WHERE buoy_id = 1"), "adrift");
    }

    // Several are kept in the order of the list; what is no line any more is not lost.
    void aListChoosesSeveral()
    {
        Control choosing;
        setFixedChoices(choosing, *choicesFromLines("m = mooring\nl = lamp\np = paint\nb = battery", std::nullopt));
        choosing.settings.set(setting::Several, true);
        const ControlId list = add("list", "remarks", choosing.settings.toJson());
        ask("UPDATE buoy SET remarks = 'p, old, m' WHERE buoy_id = 1");
        open();
        QCOMPARE(shown(list).words, "paint, old, mooring");
        QWidget *box = m_view->widgetFor(list);
        QTest::mouseClick(box, Qt::LeftButton, {}, lineOfList(list, 3));
        QCOMPARE(m_session->state().value("remarks"), QVariant("m, p, b, old"));
        box->setFocus();
        QTest::keyClick(box, Qt::Key_Home);
        QTest::keyClick(box, Qt::Key_Space);
        QCOMPARE(m_session->state().value("remarks"), QVariant("p, b, old"));
        QTest::keyClick(box, Qt::Key_Delete);
        QVERIFY(m_session->state().value("remarks").isNull());
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT remarks IS NULL FROM buoy WHERE buoy_id = 1"), "1");
    }

    void aListOfALookupScrolls()
    {
        const ControlId list =
            add("list", "contractor_id",
                {{"lookup",
                  QJsonObject{{"table", "contractor"}, {"value", "contractor_id"}, {"words", QJsonArray{"name"}}}}});
        open();
        QCOMPARE(shown(list).lines, ask("SELECT name FROM contractor ORDER BY name").split('\n'));
        QWidget *box = m_view->widgetFor(list);
        box->setFocus();
        QTest::keyClick(box, Qt::Key_End);
        QCOMPARE(shown(list).words, ask("SELECT max(name) FROM contractor"));
        QTest::keyClick(box, Qt::Key_Home);
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT c.name FROM buoy JOIN contractor c USING (contractor_id) WHERE buoy_id = 1"),
                 ask("SELECT min(name) FROM contractor"));
    }

    // A formula follows what is typed at once, and Tab passes it by.
    void aFormulaFollowsTheRow()
    {
        m_form = blankForm("part_fitted");
        const ControlId quantity = add("decimal-number", "quantity");
        const ControlId cost = add("formula", {}, {{"formula", "quantity * unit_price * 2"}, {"decimals", 2}});
        const ControlId broken = add("formula", {}, {{"formula", "nobody + 1"}});
        open();
        const double price = ask("SELECT unit_price FROM part_fitted LIMIT 1").toDouble();
        QCOMPARE(shown(cost).words,
                 QString::number(ask("SELECT quantity FROM part_fitted LIMIT 1").toDouble() * price * 2, 'f', 2));
        retype(quantity, "7");
        QCOMPARE(line(cost)->text(), QString::number(7 * price * 2, 'f', 2));
        retype(quantity, "seven");
        QVERIFY(shown(cost).isMissing);
        QCOMPARE(shown(broken).words, "?");
        QVERIFY(line(cost)->isReadOnly());
        QVERIFY(!tabSequence(m_form).contains(cost));
    }

    // By what stands in another box, at once; what is being typed can be mended all the same, and the rows of others
    // are judged by their own values.
    void aRuleLocksABox()
    {
        m_form = blankForm("part_fitted");
        const ControlId quantity = add("decimal-number", "quantity");
        const ControlId price = add("decimal-number", "unit_price");
        for (const ControlId id : {quantity, price}) {
            m_form = *withCondition(m_form, {id}, "locked", "quantity > 50", findTable(m_catalogue, "part_fitted"));
        }
        open();
        QVERIFY(!line(price)->isReadOnly() && !line(quantity)->isReadOnly());
        retype(quantity, "51");
        QVERIFY(line(price)->isReadOnly());
        QCOMPARE(shown(price).state, BoxState::Locked);
        QVERIFY(!line(quantity)->isReadOnly());
        m_session->typing().type(control(price), "3");
        QVERIFY(!m_session->state().record.typed.contains("unit_price"));
        retype(quantity, "5");
        QVERIFY(!line(price)->isReadOnly());
        QTest::keyClick(line(quantity), Qt::Key_Tab);
        QTRY_VERIFY(line(price)->hasFocus());
        retype(quantity, "52");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT quantity FROM part_fitted LIMIT 1").toDouble(), 52);
        QVERIFY(line(quantity)->isReadOnly());
        QVERIFY(m_session->moves().goNext());
        QVERIFY(!line(quantity)->isReadOnly());
    }

    void aRuleHidesABox()
    {
        m_form = blankForm("part_fitted");
        const ControlId quantity = add("decimal-number", "quantity");
        const ControlId price = add("decimal-number", "unit_price");
        const ControlId last = add("decimal-number", "quantity");
        m_form = *withCondition(m_form, {price}, "shown", "quantity < 50", findTable(m_catalogue, "part_fitted"));
        open();
        QVERIFY(line(price)->isVisible());
        line(price)->setFocus();
        const double before = shown(price).words.toDouble();
        m_session->typing().type(control(quantity), "51"); // from elsewhere: the keyboard goes to what is to be seen
        QVERIFY(!line(price)->isVisible());
        QTRY_VERIFY(line(quantity)->hasFocus());
        QTest::keyClick(line(quantity), Qt::Key_Tab);
        QTRY_VERIFY(line(last)->hasFocus());
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT unit_price FROM part_fitted LIMIT 1").toDouble(), before); // kept
        QVERIFY(m_session->moves().goNext());
        QVERIFY(line(price)->isVisible());
        QVERIFY(m_session->moves().goPrevious());
        QVERIFY(!line(price)->isVisible());
        // Rows under one another, each by its own values.
        m_view.reset();
        Form rows = m_form;
        rows.rowsShown = 5;
        rows.bands.last().height = 40;
        m_session->setForm(rows);
        const Row own = m_session->rows().window().rows().at(0);
        const Row other = m_session->rows().window().rows().at(1);
        QVERIFY(m_session->values().shownIn(control(price), own).isHidden);
        QVERIFY(!m_session->values().shownIn(control(price), other).isHidden);
    }

    void stepsStayWithinTheLimits()
    {
        const ControlId depth = add("decimal-number", "depth_m", {{"decimals", 1}, {"least", 0}, {"most", 2}});
        open();
        retype(depth, "1.9");
        QTest::keyClick(line(depth), Qt::Key_Up);
        QCOMPARE(line(depth)->text(), "2.0");
        QTest::keyClick(line(depth), Qt::Key_Up);
        QCOMPARE(line(depth)->text(), "2.0");
        QTest::keyClick(line(depth), Qt::Key_Down);
        QCOMPARE(line(depth)->text(), "1.9");
        // The same by arrows, where the box has them.
        Control arrows = control(depth);
        arrows.settings.set(setting::Arrows, true);
        m_form.controls.replace(m_form.controls.indexOf(depth), arrows);
        m_view->setForm(m_form);
        const QPoint sign(line(depth)->width() - 10, 0);
        QTest::mouseClick(line(depth), Qt::LeftButton, {}, sign + QPoint(0, line(depth)->height() - 6));
        QCOMPARE(line(depth)->text(), "1.8");
        QTest::mouseClick(line(depth), Qt::LeftButton, {}, sign + QPoint(0, 6));
        QCOMPARE(line(depth)->text(), "1.9");
    }

    void aNewRecordStartsWithItsDefaults()
    {
        m_form = blankForm("observer");
        const ControlId given = add("text-box", "given_name");
        const ControlId family = add("text-box", "family_name");
        const ControlId country = add("text-box", "country", {{"starts", "NO"}});
        const ControlId joined = add("date", "joined_on", {{"startsWorkedOut", "date('2026-09-29', '+1 day')"}});
        const ControlId bulletin = add("switch", "wants_bulletin", {{"starts", 1}});
        open();
        QVERIFY(m_session->moves().add());
        QCOMPARE(line(country)->text(), "NO");
        QCOMPARE(line(joined)->text(), "30 Sep 2026");
        QVERIFY(shown(bulletin).isOn);
        QVERIFY(!m_session->state().isChanged()); // nobody typed: leaving adds nothing
        QVERIFY(m_session->moves().leave());
        const QString count = ask("SELECT count(*) FROM observer");
        QVERIFY(m_session->moves().add());
        retype(given, "Wanda");
        retype(family, "Quillfeather");
        retype(country, "SE");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT count(*) FROM observer").toInt(), count.toInt() + 1);
        QCOMPARE(ask("SELECT country, joined_on, wants_bulletin FROM observer WHERE given_name = 'Wanda'"),
                 "SE|2026-09-30|1");
        // What stands there is taken away by clearing the box.
        QVERIFY(m_session->moves().add());
        m_session->typing().type(control(joined), QString());
        QVERIFY(m_session->state().value("joined_on").isNull());
    }

    void choicesAreSortedListedAndNarrowed()
    {
        const ControlId fairway =
            add("drop-down", "fairway_id",
                {{"lookup", QJsonObject{{"table", "fairway"},
                                        {"value", "fairway_id"},
                                        {"words", QJsonArray{"name"}},
                                        {"heading", "Fairway"},
                                        {"sort", QJsonArray{"-least_depth_m"}},
                                        {"also", QJsonArray{QJsonObject{
                                                     {"column", "chart_no"}, {"width", 90}, {"heading", "Chart"}}}}}}});
        const ControlId replaces = add(
            "drop-down", "replaces_buoy_id",
            {{"lookup",
              QJsonObject{{"select", "SELECT buoy_id AS id, name, fairway_id AS f FROM buoy;"},
                          {"value", "id"},
                          {"words", QJsonArray{"name"}},
                          {"filter", QJsonObject{{"choices", QJsonArray{"f"}}, {"by", QJsonArray{"fairway_id"}}}}}}});
        open();
        line(fairway)->setFocus();
        QTest::keyClick(line(fairway), Qt::Key_F4);
        QTreeWidget *list = choicesOf(fairway);
        QCOMPARE(words(list), ask("SELECT name FROM fairway ORDER BY least_depth_m DESC, name").split('\n'));
        QCOMPARE(words(list, 1), ask("SELECT chart_no FROM fairway ORDER BY least_depth_m DESC, name").split('\n'));
        QCOMPARE(list->headerItem()->text(1), "Chart");
        QVERIFY(!list->isHeaderHidden() && list->columnWidth(1) >= 90);
        QTest::keyClick(line(fairway), Qt::Key_Escape);
        // A SELECT is read beside the interface; only buoys of the fairway that is chosen now.
        for (const QString &id : {QString("2"), QString("3")}) {
            m_session->typing().chooseRow(control(fairway), {id.toLongLong()});
            line(replaces)->setFocus();
            QTest::keyClick(line(replaces), Qt::Key_F4);
            const QStringList expected =
                ask(QString("SELECT name FROM buoy WHERE fairway_id = %1 ORDER BY name").arg(id)).split('\n');
            QTRY_COMPARE(words(choicesOf(replaces)), expected);
            QTest::keyClick(line(replaces), Qt::Key_F4);
        }
    }

    // A list that opens or scrolls under a mouse at rest keeps to what stands in the box; moved, the mouse chooses.
    void aMouseAtRestChoosesNothing()
    {
        const ControlId buoy =
            add("drop-down", "replaces_buoy_id",
                {{"lookup", QJsonObject{{"table", "buoy"}, {"value", "buoy_id"}, {"words", QJsonArray{"asset_no"}}}}});
        open();
        line(buoy)->setFocus();
        const auto moveTo = [&](QPoint at) {
            QCursor::setPos(choicesOf(buoy)->viewport()->mapToGlobal(at));
            QMouseEvent move(QEvent::MouseMove, at, choicesOf(buoy)->viewport()->mapToGlobal(at), Qt::NoButton,
                             Qt::NoButton, Qt::NoModifier);
            QApplication::sendEvent(choicesOf(buoy)->viewport(), &move);
        };
        QTest::keyClick(line(buoy), Qt::Key_F4);
        QTreeWidget *list = choicesOf(buoy);
        QVERIFY(list->isVisible());
        const auto centre = [&](int row) { return list->visualItemRect(list->topLevelItem(row)).center(); };
        moveTo(centre(2));
        moveTo(centre(3));
        QCOMPARE(list->currentIndex().row(), 3);
        const QString chosen = list->currentItem()->text(0);
        QTest::keyClick(line(buoy), Qt::Key_Return);
        QCOMPARE(line(buoy)->text(), chosen);
        // Elsewhere in the list, at rest, as it opens the next time.
        line(buoy)->setFocus();
        const QPoint rest = centre(6);
        QCursor::setPos(list->viewport()->mapToGlobal(rest));
        QTest::keyClick(line(buoy), Qt::Key_F4);
        moveTo(rest);
        QCOMPARE(list->currentItem()->text(0), chosen);
        for (int i = 0; i < 20; ++i) {
            QTest::keyClick(line(buoy), Qt::Key_Down);
            moveTo(rest);
        }
        QCOMPARE(list->currentIndex().row(), 3 + 20);
    }

    // Words that are no row of the lookup are stored where they are what is stored anyway; else they are refused.
    void aLookupTakesNewWordsOrRefusesThem()
    {
        QJsonObject settings{
            {"lookup",
             QJsonObject{{"table", "buoy"}, {"value", "light_character"}, {"words", QJsonArray{"light_character"}}}}};
        const ControlId refusing = add("drop-down", "light_character", settings);
        settings.insert("takesNew", true);
        const ControlId taking = add("drop-down", "remarks", settings);
        const ControlId name = add("text-box", "name");
        open();
        retype(taking, "Q(9) 15s new");
        line(name)->setFocus();
        QCOMPARE(m_session->state().value("remarks"), QVariant("Q(9) 15s new"));
        retype(refusing, "Q(9) 15s new");
        line(name)->setFocus();
        QVERIFY(!m_session->saving().save());
        QCOMPARE(m_session->state().messages.size(), 1);
        QCOMPARE(line(refusing)->text(), "Q(9) 15s new"); // nothing typed is thrown away
        m_session->typing().putBack(control(refusing));
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("SELECT remarks FROM buoy WHERE buoy_id = 1"), "Q(9) 15s new");
    }

    // A letter with Alt is for a menu or a button; in a record it would be a change that nobody meant.
    void lettersWithAltAreNotTyped()
    {
        const ControlId name = add("text-box", "name");
        const ControlId remarks = add("long-text", "remarks");
        open();
        const QString before = line(name)->text();
        line(name)->setFocus();
        QTest::keyClick(line(name), Qt::Key_D, Qt::AltModifier);
        QCOMPARE(line(name)->text(), before);
        auto *text = m_view->findChild<QPlainTextEdit *>();
        QVERIFY(text);
        text->setFocus();
        QTest::keyClick(text, Qt::Key_D, Qt::AltModifier);
        QVERIFY(!m_session->state().isChanged());
        QTest::keyClick(text, Qt::Key_D);
        QVERIFY(m_session->state().isChanged());
        Q_UNUSED(remarks);
    }

    // Rows of the same words: going on takes none of them, walking to one in the list does.
    void ofSeveralOfTheSameWordsNoneIsTakenUnasked()
    {
        const ControlId choosing = add(
            "drop-down", "remarks",
            {{"lookup", QJsonObject{{"table", "visit"}, {"value", "visit_id"}, {"words", QJsonArray{"crew_lead"}}}}});
        const ControlId name = add("text-box", "name");
        open();
        const QString lead = ask("SELECT crew_lead FROM visit GROUP BY crew_lead HAVING count(*) > 1 LIMIT 1");
        QVERIFY(!lead.isEmpty());
        const QVariant before = m_session->state().value("remarks");
        retype(choosing, lead);
        QTest::keyClick(line(choosing), Qt::Key_Tab);
        line(name)->setFocus();
        QCOMPARE(line(choosing)->text(), lead);
        QVERIFY(!m_session->saving().save());
        QCOMPARE(m_session->state().messages.size(), 1);
        QCOMPARE(ask("SELECT remarks FROM buoy WHERE buoy_id = 1"), before.toString());
        retype(choosing, lead);
        QTest::keyClick(line(choosing), Qt::Key_Down);
        QTest::keyClick(line(choosing), Qt::Key_Tab);
        QVERIFY(m_session->saving().save());
        const QString stored = ask("SELECT remarks FROM buoy WHERE buoy_id = 1");
        QCOMPARE(ask(QString("SELECT crew_lead FROM visit WHERE visit_id = '%1'").arg(stored)), lead);
    }

    // A column that the record belongs by fills itself, whatever its box would start with.
    void aLinkIsNotStartedWithOtherValues()
    {
        m_form = blankForm("visit");
        add("whole-number", "buoy_id", {{"starts", 7}});
        const ControlId lead = add("text-box", "crew_lead");
        const ControlId day = add("date", "visited_on", {{"starts", "2026-09-30"}});
        Form outer = blankForm("buoy");
        Control rows;
        rows.id = 1;
        rows.kind = "subform";
        rows.name = "rows";
        rows.place = QRect(0, 0, 400, 300);
        rows.inner = InnerForm(m_form);
        setChildLink(rows, {{"buoy_id"}, {"buoy_id"}});
        outer.controls.append(rows);
        EntrySession session(*m_connection, m_catalogue, outer);
        QVERIFY(session.start(Counting::No).isOk());
        EntrySession *visits = session.children().of(rows);
        QVERIFY(visits->moves().add());
        QCOMPARE(visits->state().value("buoy_id"), QVariant(1LL));
        visits->typing().type(control(lead), "Wanda");
        QCOMPARE(visits->state().value("visited_on"), QVariant("2026-09-30"));
        QVERIFY(visits->saving().save());
        QCOMPARE(ask("SELECT buoy_id, visited_on FROM visit WHERE crew_lead = 'Wanda'"), "1|2026-09-30");
        Q_UNUSED(day);
    }

    // What begins with the letters typed comes before what only holds them.
    void firstLettersComeFirst()
    {
        const Lookup fairways{"fairway", {"fairway_id"}, {"name"}, {"fairway_id"}};
        const auto rows = *lookupRows(*m_connection, fairways, "l", 100);
        bool isOver = false;
        int beginning = 0;
        for (const LookupRow &row : rows) {
            const bool begins = row.words.startsWith("l", Qt::CaseInsensitive);
            QVERIFY(!(begins && isOver));
            isOver = !begins;
            beginning += begins ? 1 : 0;
        }
        QVERIFY(beginning > 0 && beginning < rows.size());
    }

    void aJumpListGoesToARecord()
    {
        const ControlId jump = add("jump-list", {}, {{"prompt", "Go to"}}, BandRole::Header);
        const ControlId name = add("text-box", "name");
        open();
        const QString telling = line(jump)->text();
        QVERIFY(telling.contains(line(name)->text()));
        retype(jump, "cormor");
        QVERIFY(choicesOf(jump)->isVisible());
        const QString wanted = choicesOf(jump)->currentItem()->text(0);
        QVERIFY(!m_session->state().isChanged());
        QTest::keyClick(line(jump), Qt::Key_Return);
        QCOMPARE(line(jump)->text(), wanted);
        QVERIFY(wanted.contains(line(name)->text()));
        QVERIFY(!m_session->state().isChanged());
        // Words that lead nowhere leave everything as it was.
        retype(jump, "zzz");
        line(name)->setFocus();
        QCOMPARE(line(jump)->text(), wanted);
        // Going saves what was typed first.
        retype(name, "Painted anew");
        retype(jump, telling.section(' ', -1)); // its number, which nothing else has
        QTest::keyClick(line(jump), Qt::Key_Return);
        QCOMPARE(line(jump)->text(), telling);
        QCOMPARE(ask("SELECT count(*) FROM buoy WHERE name = 'Painted anew'"), "1");
        QVERIFY(m_session->moves().add());
        QVERIFY(line(jump)->text().isEmpty());
        // A click takes all its words, so that what is typed looks for another record; a second one puts the cursor.
        QVERIFY(m_session->takingBack().takeBack());
        line(name)->setFocus();
        QTest::mouseClick(line(jump), Qt::LeftButton, {}, QPoint(20, 10));
        QCOMPARE(line(jump)->selectedText(), line(jump)->text());
        QVERIFY(!line(jump)->text().isEmpty());
        QTest::mouseClick(line(jump), Qt::LeftButton, {}, QPoint(20, 10));
        QVERIFY(line(jump)->selectedText().isEmpty());
    }

    // Whoever hears the form instead of seeing it is told what each control is.
    void everyControlHasANameForReaders()
    {
        for (const Placeable &placeable : placeables()) {
            const PlacedControl placed = withNewControlBelow(m_form, placeable.name, Area(), *m_appearance);
            m_form = placed.form;
        }
        m_form.bands[1].height = 4000;
        open();
        int named = 0;
        for (const Control &each : m_form.controls) {
            QWidget *widget = m_view->widgetFor(each.id);
            if (widget && kindNamed(each.kind).editor != Editor::Rows) {
                QVERIFY2(!widget->accessibleName().isEmpty() && widget->accessibleName() != each.name,
                         qPrintable(each.name));
                ++named;
            }
        }
        QVERIFY(named > 20);
    }

    void everyChoiceIsToldAndCanBeTakenByAReader_data()
    {
        QTest::addColumn<QString>("kind");
        QTest::newRow("options") << "option-set";
        QTest::newRow("list") << "list";
    }
    void everyChoiceIsToldAndCanBeTakenByAReader()
    {
        QFETCH(QString, kind);
        Control choosing;
        setFixedChoices(choosing, *choicesFromLines("on station\nadrift\nin depot = laid up\nwithdrawn", std::nullopt));
        const ControlId box = add(kind, "status", choosing.settings.toJson());
        open();
        QAccessibleInterface *told = QAccessible::queryAccessibleInterface(m_view->widgetFor(box));
        QVERIFY(told);
        QCOMPARE(told->childCount(), 4);
        QCOMPARE(told->text(QAccessible::Value), shown(box).words);
        QAccessibleInterface *third = told->child(2);
        QCOMPARE(third->text(QAccessible::Name), "laid up");
        QCOMPARE(told->indexOfChild(third), 2);
        QCOMPARE(told->childAt(third->rect().center().x(), third->rect().center().y()), third);
        third->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
        QCOMPARE(m_session->state().value("status"), QVariant("in depot"));
        QCOMPARE(told->text(QAccessible::Value), "laid up");
        for (int i = 0; i < 4; ++i) {
            const QAccessible::State state = told->child(i)->state();
            QCOMPARE(state.checked || state.selected, i == 2);
        }
        m_session->takingBack().takeBack();
    }

    void buttonsThatGoNowhereAreGrey()
    {
        QHash<QString, ControlId> buttons;
        for (const ButtonAction &action : buttonActions()) {
            Control acting;
            setButtonAction(acting, action);
            buttons.insert(action.name, add("button", {}, acting.settings.toJson()));
        }
        m_form.bands[1].height = 1200;
        open();
        const auto usable = [&] {
            QStringList names;
            for (const char *name : {"go-first", "go-previous", "go-next", "go-last"}) {
                if (button(buttons.value(name))->isEnabled()) {
                    names.append(name);
                }
            }
            return names.join(' ');
        };
        m_session->moves().goFirst();
        QCOMPARE(usable(), "go-next go-last");
        m_session->moves().goNext();
        QCOMPARE(usable(), "go-first go-previous go-next go-last");
        m_session->moves().goLast();
        QTRY_COMPARE(usable(), "go-first go-previous");
        m_session->moves().add();
        QCOMPARE(usable(), "go-first go-previous go-last");
    }

    void buttonsDoTheirWork()
    {
        QHash<QString, ControlId> buttons;
        for (const ButtonAction &action : buttonActions()) {
            Control acting;
            setButtonAction(acting, action);
            buttons.insert(action.name, add("button", {}, acting.settings.toJson()));
        }
        const ControlId name = add("text-box", "name");
        const ControlId depth = add("decimal-number", "depth_m");
        m_form.bands[1].height = 1200;
        open();
        const auto press = [&](const QString &action) { button(buttons.value(action))->click(); };
        const QString first = line(name)->text();
        press("go-next");
        const QString second = line(name)->text();
        QVERIFY(first != second);
        press("go-last");
        QCOMPARE(line(name)->text(), ask("SELECT name FROM buoy ORDER BY buoy_id DESC LIMIT 1"));
        press("go-first");
        QCOMPARE(line(name)->text(), first);
        press("go-next");
        press("go-previous");
        QCOMPARE(line(name)->text(), first);
        QVERIFY(!button(buttons.value("save"))->isEnabled());
        retype(name, "Renamed");
        QVERIFY(button(buttons.value("save"))->isEnabled());
        press("save");
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Renamed");
        press("take-back");
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), first);
        press("new");
        QVERIFY(m_session->state().isNew());
        QVERIFY(m_session->moves().leave());
        QSignalSpy closing(m_view.get(), &EntryView::closeRequested);
        press("close");
        QCOMPARE(closing.size(), 1);
        // Done saves and closes; what cannot be saved stays open.
        m_session->typing().type(control(name), "Done with");
        m_session->typing().type(control(depth), "deep");
        press("save-and-close");
        QCOMPARE(closing.size(), 1);
        QVERIFY(m_session->hasUnsaved());
        m_session->typing().type(control(depth), "4");
        press("save-and-close");
        QCOMPARE(closing.size(), 2);
        QCOMPARE(ask("SELECT name, depth_m FROM buoy WHERE buoy_id = 1"), "Done with|4");
        press("take-back");
        QVERIFY(!button(buttons.value("nothing"))->isEnabled());
        // Find asks for words and goes there.
        bool isAsked = false;
        QTimer::singleShot(0, this, [&] {
            QWidget *sheet = QApplication::activeModalWidget();
            isAsked = sheet && sheet->objectName() == "findRecord";
            auto *typed = sheet->findChild<QLineEdit *>("findWords");
            QTest::keyClicks(typed, "cormor");
            QTest::keyClick(typed, Qt::Key_Return);
        });
        press("find");
        QVERIFY(isAsked);
        QVERIFY(line(name)->text().contains("Cormor"));
        // Delete asks before it deletes.
        const QString count = ask("SELECT count(*) FROM buoy");
        QTimer::singleShot(0, this,
                           [] { QApplication::activeModalWidget()->findChild<QPushButton *>("answer1")->click(); });
        press("delete");
        QCOMPARE(ask("SELECT count(*) FROM buoy"), count);
    }

    void theWindowNamesTheRecordWhereItIsTo()
    {
        m_form.title = "Buoys";
        add("text-box", "name");
        open();
        FormWindow plain(m_session.get(), *m_appearance, nullptr);
        QCOMPARE(plain.windowTitle(), "Buoys");
        m_form.settings = ControlSettings::fromJson({{"titledByRecord", true}}, knownFormSettings());
        m_session->setForm(m_form);
        FormWindow window(m_session.get(), *m_appearance, nullptr);
        const QStringList names = ask("SELECT name FROM buoy ORDER BY buoy_id LIMIT 2").split(u'\n');
        QCOMPARE(window.windowTitle(), names.at(0) + " – Buoys");
        QVERIFY(m_session->moves().goNext());
        QCOMPARE(window.windowTitle(), names.at(1) + " – Buoys");
    }

    // Another form of the project opens at the matching record; what was changed there stands here when it closes.
    void aButtonOpensAnotherForm()
    {
        const Form contractors = draftColumnar(m_catalogue, *findTable(m_catalogue, "contractor"), *m_appearance);
        const Form visits = draftColumnar(m_catalogue, *findTable(m_catalogue, "visit"), *m_appearance);
        Control opening;
        opening.kind = "button";
        setButtonAction(opening, buttonActionNamed("open-form"));
        opening.settings.set(setting::Opens, "contractor");
        setChildLink(opening, {{"contractor_id"}, {"contractor_id"}});
        const ControlId byKey = add("button", {}, opening.settings.toJson());
        opening.settings.set(setting::Opens, "visits");
        setChildLink(opening, {{"buoy_id"}, {"buoy_id"}});
        const ControlId byRows = add("button", {}, opening.settings.toJson());
        opening.settings.set(setting::Opens, "gone");
        const ControlId nowhere = add("button", {}, opening.settings.toJson());
        const ControlId name =
            add("drop-down", "contractor_id",
                {{"lookup",
                  QJsonObject{{"table", "contractor"}, {"value", "contractor_id"}, {"words", QJsonArray{"name"}}}}});
        open();
        m_session->setFormReader([&](const QString &wanted) -> Result<Form> {
            return wanted == "contractor" ? Result<Form>(contractors)
                   : wanted == "visits"   ? Result<Form>(visits)
                                          : Error{"The project has no such form.", {}};
        });
        QVERIFY(m_session->moves().goNext());
        button(byKey)->click();
        auto *window = m_view->findChild<FormWindow *>();
        QVERIFY(window && window->isVisible());
        EntrySession *other = window->findChild<EntryView *>()->session();
        QCOMPARE(other->state().value("name").toString(),
                 ask("SELECT c.name FROM buoy JOIN contractor c USING (contractor_id) WHERE buoy_id = 2"));
        QVERIFY(other->moves().goNext() || other->moves().goPrevious()); // all records are there
        QVERIFY(other->moves().goToKey({m_session->state().value("contractor_id")}));
        for (const Control &each : other->form().controls) {
            if (each.column == "name") {
                other->typing().type(each, "Anew & Sons");
            }
        }
        const samples::WhenOpen saves(
            "question", [](QDialog *question) { question->findChild<QPushButton *>("answer0")->click(); });
        QTest::keyClick(window, Qt::Key_Escape);
        QTRY_COMPARE(line(name)->text(), "Anew & Sons");
        button(byRows)->click();
        window = nullptr;
        for (FormWindow *each : m_view->findChildren<FormWindow *>()) {
            window = each->isVisible() ? each : window;
        }
        QVERIFY(window);
        EntrySession *rows = window->findChild<EntryView *>()->session();
        int count = rows->state().hasRecord() ? 1 : 0;
        while (rows->moves().goNext()) {
            ++count;
        }
        QCOMPARE(QString::number(count), ask("SELECT count(*) FROM visit WHERE buoy_id = 2"));
        window->close();
        QSignalSpy said(m_session.get(), &EntrySession::said);
        button(nowhere)->click();
        QCOMPARE(said.value(0).value(0).toString(), "The project has no such form.");
    }

    // A fixed picture is painted on the band; nothing can be done with it.
    void aFixedPictureIsPartOfTheForm()
    {
        QImage image(40, 20, QImage::Format_RGB32);
        image.fill(Qt::red);
        QByteArray bytes;
        QBuffer buffer(&bytes);
        buffer.open(QIODevice::WriteOnly);
        image.save(&buffer, "PNG");
        Control logo;
        logo.settings.set(setting::Image, {bytes, {}});
        const ControlId id = add("picture", {}, logo.settings.toJson(), BandRole::Header);
        add("text-box", "name");
        open();
        QVERIFY(!m_view->widgetFor(id));
        QVERIFY(!tabSequence(m_form).contains(id));
        const QPoint middle = control(id).place.center();
        const QPoint sheet(std::max(0, m_view->width() - m_form.width) / 2, 0); // on the ground around it
        QCOMPARE(m_view->grab().toImage().pixelColor(sheet + middle), QColor(Qt::red));
    }
};

QTEST_MAIN(TestControlsAtWork)
#include "tst_controls_at_work.moc"

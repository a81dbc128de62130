// A form at work without a window: moving, typing, saving, taking back, and what happens when others write meanwhile.
#include "core/draft/draft.h"
#include "core/form_settings/opens_at.h"
#include "core/sorts/sorted_by.h"
#include "entry/session/entry_session.h"
#include "support/sample_database.h"

#include <QSignalSpy>
#include <QTest>

using namespace nabblet;

class TestEntrySession : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<EntrySession> m_session;
    QString m_said;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    const Control &field(const QString &column) const
    {
        for (const Control &control : m_session->form().controls) {
            if (control.column == column) {
                return control;
            }
        }
        qFatal("no control for %s", qPrintable(column));
    }
    QString words(const QString &column) const { return m_session->values().shown(field(column)).words; }
    QStringList sentences() const
    {
        QStringList all;
        for (const FieldMessage &message : m_session->state().messages) {
            all.append(message.sentence);
        }
        return all;
    }
    void open(const QString &table)
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Form form = draftColumnar(catalogue, *findTable(catalogue, table), FixedTextMeasure());
        m_session = std::make_unique<EntrySession>(connection, catalogue, form);
        m_session->setLocale(QLocale::c());
        connect(m_session.get(), &EntrySession::said, this, [this](const QString &sentence) { m_said = sentence; });
        const Outcome started = m_session->start();
        QVERIFY2(started.isOk(), started.isOk() ? "" : qPrintable(started.error().sentence));
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("session%1.db").arg(++run));
        open("buoy");
    }

    void cleanup() { m_session.reset(); }

    void theFirstRecordIsThereAtOnce()
    {
        QCOMPARE(words("asset_no"), "NB-2004-C");
        QCOMPARE(words("fairway_id"), "Long Reach");
        QCOMPARE(*m_session->position(), 0);
        QTRY_COMPARE(m_session->place().count().value_or(0), 212);
    }

    void movingKeepsThePlaceInSight()
    {
        QVERIFY(m_session->moves().goNext());
        QCOMPARE(*m_session->position(), 1);
        QVERIFY(m_session->moves().goPrevious());
        QVERIFY(!m_session->moves().goPrevious());
        QCOMPARE(m_said, "This is the first record.");
        QVERIFY(m_session->moves().goLast());
        QTRY_COMPARE(m_session->position().value_or(-1), 211);
        QVERIFY(!m_session->moves().goNext());
        QVERIFY(m_session->moves().goPrevious());
        QCOMPARE(*m_session->position(), 210);
        QTRY_VERIFY(m_session->place().map().has_value());
        QVERIFY(m_session->moves().goTo(99));
        QCOMPARE(words("asset_no"), ask("SELECT asset_no FROM buoy ORDER BY buoy_id LIMIT 1 OFFSET 99"));
        QCOMPARE(*m_session->position(), 99);
        QVERIFY(m_session->moves().goTo(100000));
        QCOMPARE(*m_session->position(), 211);
    }

    // In an order of its own: the record in hand stays when the order changes, and stands elsewhere once it is renamed.
    void recordsComeInTheOrderOfTheForm()
    {
        const QString byName = "SELECT asset_no FROM buoy ORDER BY lower(name) DESC, buoy_id LIMIT 1 OFFSET ";
        QVERIFY(m_session->moves().goNext());
        const QString here = words("asset_no");
        for (const int rowsShown : {0, 5}) { // one at a time, and under one another
            Form form = m_session->form();
            form.rowsShown = rowsShown;
            form.settings.set(setting::Sorted, {{"name", true, {}}});
            QVERIFY(m_session->setForm(form));
            QCOMPARE(words("asset_no"), here);
            const int stands = ask("SELECT count(*) FROM buoy WHERE lower(name) > (SELECT lower(name) FROM buoy WHERE "
                                   "buoy_id = 2)")
                                   .toInt();
            QTRY_COMPARE(m_session->position().value_or(-1), stands);
            QTRY_VERIFY(m_session->place().map().has_value());
            QVERIFY(m_session->moves().goFirst());
            QCOMPARE(words("asset_no"), ask(byName + "0"));
            for (int i = 1; i < 70; ++i) {
                QVERIFY(m_session->moves().goNext());
                QCOMPARE(words("asset_no"), ask(byName + QString::number(i)));
            }
            QVERIFY(m_session->moves().goTo(150));
            QCOMPARE(words("asset_no"), ask(byName + "150"));
            m_session->typing().type(field("name"), QString::fromUtf8("ｚ behind every letter"));
            QVERIFY(m_session->saving().save());
            QTRY_COMPARE(m_session->position().value_or(-1), 0);
            QVERIFY(!m_session->moves().goPrevious());
            if (rowsShown > 0) {
                QCOMPARE(m_session->rows().indexInHand(), 0);
                QCOMPARE(m_session->rows().window().rows().size(), 65);
            }
            QVERIFY(m_session->takingBack().takeBack());
            QTRY_COMPARE(m_session->position().value_or(-1), 150);
            QVERIFY(m_session->saving().remove());
            QCOMPARE(m_session->position().value_or(-1), 150);
            QCOMPARE(words("asset_no"), ask(byName + "150"));
            QVERIFY(m_session->takingBack().takeBack());
            form.settings.remove(setting::Sorted);
            QVERIFY(m_session->setForm(form));
            QVERIFY(m_session->moves().goFirst() && m_session->moves().goNext());
            QCOMPARE(words("asset_no"), here);
        }
    }

    void aFormOpensWhereItSays()
    {
        Form form = m_session->form();
        form.settings.set(setting::OpensAt, OpeningRecord::Last);
        QVERIFY(m_session->setForm(form));
        QCOMPARE(*m_session->position(), 0); // a change of the form moves nobody
        m_session->moves().goWhereItOpens();
        QCOMPARE(words("asset_no"), ask("SELECT asset_no FROM buoy ORDER BY buoy_id DESC LIMIT 1"));
        form.settings.set(setting::OpensAt, OpeningRecord::New);
        QVERIFY(m_session->setForm(form));
        m_session->moves().goWhereItOpens();
        QVERIFY(m_session->state().isNew());
    }

    void savingSaysWhatWasSaved()
    {
        m_session->typing().type(field("name"), "Long Reach Gate");
        m_session->typing().type(field("depth_m"), "21.5");
        QVERIFY(m_session->state().isChanged());
        QCOMPARE(m_session->state().changedCaptions(), QStringList({"Name", "Depth (m)"}));
        QVERIFY(m_session->saving().save());
        QCOMPARE(m_said, "Saved “Long Reach Gate”: Name, Depth (m).");
        QCOMPARE(ask("SELECT name, depth_m FROM buoy WHERE buoy_id = 1"), "Long Reach Gate|21.5");
        QVERIFY(!m_session->state().isChanged());
    }

    void typingWhatIsStoredIsNoChange()
    {
        const QString before = words("name");
        m_session->typing().type(field("name"), "x");
        m_session->typing().type(field("name"), before);
        QVERIFY(!m_session->state().isChanged());
    }

    void leavingARecordSavesIt()
    {
        m_session->typing().type(field("name"), "Gate");
        QVERIFY(m_session->moves().goNext());
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Gate");
    }

    void aRefusedRecordStaysWithWhatWasTyped()
    {
        m_session->typing().type(field("name"), "Gate");
        m_session->typing().type(field("depth_m"), "-4");
        QVERIFY(!m_session->moves().goNext());
        QCOMPARE(sentences(), QStringList({"Depth (m) must be 0 or more"}));
        QCOMPARE(m_session->state().messages.first().control, field("depth_m").id);
        QCOMPARE(words("depth_m"), "-4");
        QCOMPARE(words("name"), "Gate");
        QCOMPARE(m_session->values().shown(field("depth_m")).state, BoxState::Refused);
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Long Reach Entrance Port");
        m_session->typing().type(field("depth_m"), "4");
        QVERIFY(m_session->state().messages.isEmpty());
        QVERIFY(m_session->moves().goNext());
    }

    void wordsThatAreNoValueAreKeptAndNamed()
    {
        m_session->typing().type(field("laid_on"), "last spring");
        QVERIFY(!m_session->saving().save());
        QVERIFY(sentences().first().startsWith("A date is needed here"));
        QCOMPARE(words("laid_on"), "last spring");
        QCOMPARE(m_session->values().shown(field("laid_on")).state, BoxState::Refused);
    }

    void everyBlankRequiredBoxIsNamedAtOnce()
    {
        QVERIFY(m_session->moves().add());
        m_session->typing().type(field("position"), "58° N");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(sentences(), QStringList({"Asset number is needed", "Name is needed", "Type is needed",
                                           "Fairway is needed", "Contractor is needed"}));
    }

    void addingGivesTheNewRecordItsPlace()
    {
        QVERIFY(m_session->moves().add());
        QVERIFY(m_session->state().isNew());
        for (const auto &[column, typed] : {std::pair{"asset_no", "NB-9001-A"}, std::pair{"name", "New Rock"}}) {
            m_session->typing().type(field(column), typed);
        }
        m_session->typing().choose(field("buoy_type"), "ID");
        m_session->typing().choose(field("fairway_id"), 4);
        m_session->typing().choose(field("contractor_id"), 1);
        QCOMPARE(words("buoy_type"), "Isolated danger");
        QVERIFY2(m_session->saving().save(), qPrintable(m_said));
        QCOMPARE(m_said, "Added “New Rock”.");
        QCOMPARE(ask("SELECT status, is_lit FROM buoy WHERE asset_no = 'NB-9001-A'"), "on station|0");
        QCOMPARE(words("status"), "On station");
        QTRY_COMPARE(m_session->position().value_or(-1), 212);
        QTRY_COMPARE(m_session->place().count().value_or(0), 213);
    }

    void aBlankNewRecordIsLetGoWithoutAWord()
    {
        QVERIFY(m_session->moves().goNext());
        QVERIFY(m_session->moves().add());
        QVERIFY(m_session->moves().goPrevious());
        QVERIFY(!m_session->state().isNew());
        QCOMPARE(words("asset_no"), "NB-2006-B");
        QCOMPARE(ask("SELECT count(*) FROM buoy"), "212");
    }

    void changesAreTakenBackBeforeAndAfterSaving()
    {
        const QString before = words("name");
        m_session->typing().type(field("name"), "Gate");
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(words("name"), before);
        m_session->typing().type(field("name"), "Gate");
        QVERIFY(m_session->saving().save());
        QCOMPARE(m_session->takingBack().words(), "Take back the change of “Gate”");
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), before);
        QVERIFY(!m_session->takingBack().canTakeBack());
    }

    void whatWasTypedAndPutBackComesBack()
    {
        m_session->typing().type(field("name"), "Gate");
        m_session->typing().type(field("laid_on"), "last spring");
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(!m_session->state().isChanged());
        QCOMPARE(m_session->takingBack().words(), "Bring back what was typed");
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(words("name"), "Gate");
        QCOMPARE(words("laid_on"), "last spring");
        // Another record has nothing to bring back; a new one that was let go has.
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(m_session->moves().goNext());
        QVERIFY(!m_session->takingBack().canTakeBack());
        QVERIFY(m_session->moves().add());
        m_session->typing().type(field("name"), "New Rock");
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(!m_session->state().isNew());
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(m_session->state().isNew());
        QCOMPARE(words("name"), "New Rock");
    }

    void aDeletedRecordComesBackWhole()
    {
        open("part_claim");
        const QString before = ask("SELECT * FROM part_claim ORDER BY claim_id");
        QVERIFY(m_session->saving().remove());
        QVERIFY(ask("SELECT * FROM part_claim ORDER BY claim_id") != before);
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT * FROM part_claim ORDER BY claim_id"), before);
    }

    void aRecordThatOthersNeedIsNotDeleted()
    {
        open("fairway");
        QVERIFY(!m_session->saving().remove());
        QVERIFY2(sentences().value(0).contains("others point to it"), qPrintable(sentences().value(0)));
        QCOMPARE(ask("SELECT count(*) FROM fairway"), "9");
    }

    void someoneElsesChangeIsNotOverwritten()
    {
        m_session->typing().type(field("name"), "Mine");
        ask("UPDATE buoy SET name = 'Theirs', depth_m = 7 WHERE buoy_id = 1");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(m_session->state().record.question, Question::ChangedMeanwhile);
        QCOMPARE(sentences(), QStringList({"Stored meanwhile: Theirs", "Stored meanwhile: 7.0"}));
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Theirs");
        QCOMPARE(words("name"), "Mine");
        QVERIFY(m_session->saving().keepMine());
        QCOMPARE(ask("SELECT name, depth_m FROM buoy WHERE buoy_id = 1"), "Mine|7");
    }

    void theirsCanBeTaken()
    {
        m_session->typing().type(field("name"), "Mine");
        ask("UPDATE buoy SET name = 'Theirs' WHERE buoy_id = 1");
        QVERIFY(!m_session->saving().save());
        m_session->saving().takeTheirs();
        QCOMPARE(words("name"), "Theirs");
        QVERIFY(!m_session->state().isChanged());
        QCOMPARE(m_session->state().record.question, Question::None);
    }

    void aRecordDeletedMeanwhileCanBeAddedAgain()
    {
        open("part_claim");
        m_session->typing().type(field("reason"), "Kept");
        ask("DELETE FROM part_claim WHERE claim_id = 1");
        QVERIFY(!m_session->saving().save());
        QCOMPARE(m_session->state().record.question, Question::DeletedMeanwhile);
        QCOMPARE(words("reason"), "Kept");
        QVERIFY2(m_session->saving().keepMine(), qPrintable(m_said));
        QCOMPARE(ask("SELECT count(*) FROM part_claim WHERE reason = 'Kept'"), "1");
    }

    void aChangedDesignKeepsTheRecordAndWhatWasTyped()
    {
        QVERIFY(m_session->moves().goNext());
        m_session->typing().type(field("name"), "Typed");
        Form form = m_session->form();
        for (int i = 0; i < form.controls.size(); ++i) {
            if (form.controls.at(i).column == "photo") {
                form.controls.removeAt(i);
                break;
            }
        }
        QVERIFY(m_session->setForm(form).isOk());
        QCOMPARE(words("asset_no"), "NB-2006-B");
        QCOMPARE(words("name"), "Typed");
        QVERIFY(m_session->saving().save());
    }

    void columnsTheDatabaseWorksOutAreNeverTypedIn()
    {
        open("visit");
        QVERIFY(!m_session->state().mayType(field("labour_cost")));
        m_session->typing().type(field("labour_cost"), "1");
        QVERIFY(!m_session->state().isChanged());
        m_session->typing().type(field("hours"), "2");
        QVERIFY(m_session->saving().save());
        QCOMPARE(words("labour_cost"), ask("SELECT printf('%.2f', 2 * hourly_rate) FROM visit WHERE visit_id = 1"));
    }

    void viewsAreShownAndNotChanged()
    {
        open("parts_cost_by_buoy");
        QTRY_COMPARE(m_session->place().count().value_or(0), 212);
        QVERIFY(!m_session->state().canAdd() && !m_session->state().canChange() && !m_session->state().canDelete());
        QVERIFY(m_session->moves().goNext());
    }

    void permissionsAreKept()
    {
        Form form = m_session->form();
        form.permissions = {true, false, false, false};
        QVERIFY(m_session->setForm(form).isOk());
        QVERIFY(!m_session->moves().add());
        QVERIFY(!m_session->state().mayType(field("name")));
        QVERIFY(!m_session->saving().remove());
    }

    void aTableThatIsGoneIsSaid()
    {
        Form form = m_session->form();
        form.rowsFrom = "gone";
        const Outcome changed = m_session->setForm(form);
        QVERIFY(!changed.isOk());
        QVERIFY(changed.error().sentence.contains("no table “gone” any more"));
    }

    void anEmptyTableInvitesToAdd()
    {
        ask("DELETE FROM part_claim");
        open("part_claim");
        QVERIFY(m_session->state().isNew()); // what is typed begins the first record
        QVERIFY(!m_session->state().isChanged());
        QVERIFY(!m_session->moves().goNext());
        QVERIFY(!m_session->moves().goFirst());
        QVERIFY(m_session->state().isNew());
        QVERIFY(!m_session->takingBack().canTakeBack());
        m_session->typing().type(field("reason"), "Cracked");
        QVERIFY(m_session->state().isChanged());
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(m_session->state().isNew());
        QVERIFY(m_session->takingBack().takeBack()); // what was typed is back
        QCOMPARE(words("reason"), "Cracked");
    }
};

QTEST_MAIN(TestEntrySession)
#include "tst_entry_session.moc"

// The rules of a draft, one by one: order, kinds by stored values, widths.
#include "core/check/form_quality.h"
#include "core/check/value_fit.h"
#include "core/draft/box_sizes.h"
#include "core/draft/column_order.h"
#include "core/draft/draft.h"
#include "core/draft/field_kinds.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/typing.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestDraftRules : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    static Table tableOf(const QStringList &columns, const QString &type = "VARCHAR(40)")
    {
        Table table;
        table.name = "things";
        for (const QString &column : columns) {
            table.columns.append(samples::column(column, type));
        }
        return table;
    }
    static QStringList flat(const QList<ColumnGroup> &groups)
    {
        QStringList all;
        for (const ColumnGroup &group : groups) {
            for (const ColumnRow &row : group.rows) {
                all.append(row.columns.join('+'));
            }
        }
        return all;
    }
    static ColumnProfile profileOf(const QVariantList &values, int times = 1)
    {
        ColumnProfile profile;
        for (int i = 0; i < times; ++i) {
            for (const QVariant &value : values) {
                profile.add(value);
            }
        }
        return profile;
    }

private Q_SLOTS:
    void whatNamesTheRecordComesFirst()
    {
        Table table = tableOf({"weight", "name", "code"});
        table.columns[1].isRequired = table.columns[2].isRequired = true;
        table.uniqueKeys = {UniqueKey{{"code"}}};
        QCOMPARE(namesFirst(table, {"weight", "name", "code"}), QStringList({"name", "code", "weight"}));
        Table visit = tableOf({"visited_on", "crew_lead"});
        visit.columns[1].isRequired = true;
        QCOMPARE(namesFirst(visit, {"visited_on", "crew_lead"}), QStringList({"visited_on", "crew_lead"}));
        const Table person = tableOf({"phone", "family_name", "given_name"});
        QCOMPARE(namesFirst(person, {"phone", "family_name", "given_name"}),
                 QStringList({"given_name", "family_name", "phone"}));
    }

    void anAddressStandsTogetherInTheCustomaryOrder()
    {
        const Table table = tableOf({"town", "phone", "street", "country", "post_code", "house_no"});
        QCOMPARE(flat(grouped(table, {"town", "phone", "street", "country", "post_code", "house_no"})),
                 QStringList({"street+house_no", "post_code+town", "country", "phone"}));
    }

    void startsAndEndsStandTogether()
    {
        const Table table = tableOf({"agreement_from", "colour", "agreement_until", "to", "from"}, "DATE");
        QCOMPARE(flat(grouped(table, {"agreement_from", "colour", "agreement_until", "to", "from"})),
                 QStringList({"agreement_from+agreement_until", "colour", "from+to"}));
        // Only moments do: a text called “from” is a sender.
        QCOMPARE(flat(grouped(tableOf({"from", "to"}), {"from", "to"})), QStringList({"from", "to"}));
        QCOMPARE(flat(grouped(tableOf({"unit", "lon", "quantity", "lat"}), {"unit", "lon", "quantity", "lat"})),
                 QStringList({"quantity+unit", "lat+lon"}));
    }

    void bookkeepingGoesToTheEnd()
    {
        QVERIFY(isBookkeeping(samples::column("created_at", "DATETIME")));
        QVERIFY(isBookkeeping(samples::column("changed_by", "TEXT")));
        QVERIFY(!isBookkeeping(samples::column("created_work", "TEXT")));
        QVERIFY(!isBookkeeping(samples::column("laid_on", "DATE")));
        QCOMPARE(bookkeepingLast(tableOf({"created_at", "a", "b"}), {"created_at", "a", "b"}),
                 QStringList({"a", "b", "created_at"}));
        QCOMPARE(wideLast({"notes", "a", "photo", "b"}, {"notes", "photo"}), QStringList({"a", "b", "notes", "photo"}));
    }

    // Only what the database puts in anew each time is kept by it; a text that is put in as it stands is not.
    void whatTheDatabaseKeepsIsLocked()
    {
        const auto with = [](const QString &name, const QString &expression) {
            Column column = samples::column(name, "TEXT");
            column.hasDefault = !expression.isEmpty();
            column.defaultExpression = expression;
            return column;
        };
        QVERIFY(isKeptByDatabase(with("created_at", "CURRENT_TIMESTAMP")));
        QVERIFY(isKeptByDatabase(with("changed_at", "datetime('now')")));
        QVERIFY(!isKeptByDatabase(with("created_by", "'unknown user'")));
        QVERIFY(!isKeptByDatabase(with("changed_at", "")));
        QVERIFY(!isKeptByDatabase(with("laid_on", "CURRENT_DATE")));
    }

    // The order of an own SELECT is kept, whatever its columns are called.
    void theOrderOfASelectIsKept()
    {
        Table rows = tableOf({"town", "created_at", "name", "street", "code"});
        rows.kind = TableKind::Select;
        rows.select = "SELECT 1";
        QStringList order;
        for (const PlannedColumn &column : planDraft(rows).columns) {
            order.append(column.column);
        }
        QCOMPARE(order, columnNames(rows));
        QCOMPARE(flat(grouped(rows, order)), order);
    }

    void aTitleHasRoom()
    {
        Table table = tableOf({"a"}, "INTEGER");
        table.name = "a_table_with_a_title_longer_than_its_only_field_is_wide_by_far";
        const Form form = draftForm({{table}}, table, planDraft(table), nullptr, m_measure);
        const QRect title = form.controls.at(0).place;
        QCOMPARE(form.controls.at(0).role, "title");
        QVERIFY(title.x() + title.width() < form.width);
    }

    // No rule drops a column or doubles one, whatever the names.
    void noRuleDropsAColumn()
    {
        static const QStringList Names{"name",    "street",     "house_no",    "town",       "post_code",
                                       "country", "given_name", "family_name", "created_at", "from",
                                       "until",   "valid_from", "valid_until", "lat",        "lon",
                                       "amount",  "unit",       "notes",       "photo",      "title",
                                       "x",       "y",          "number",      "start",      "end"};
        QRandomGenerator random(23);
        for (int i = 0; i < 500; ++i) {
            QStringList columns = Names;
            std::shuffle(columns.begin(), columns.end(), random);
            columns = columns.mid(0, 1 + random.bounded(static_cast<int>(Names.size())));
            const Table table = tableOf(columns, random.bounded(2) ? "DATE" : "TEXT");
            QStringList ordered = readableOrder(table, {"notes", "photo"});
            QCOMPARE(ordered.size(), columns.size());
            ordered.sort();
            columns.sort();
            QCOMPARE(ordered, columns);
        }
    }

    void storedValuesChooseTheKind()
    {
        const Table table = tableOf({"a"}, "TEXT");
        const Column &column = table.columns.first();
        const auto kindFor = [&](const ColumnProfile &profile) { return kindForColumn(table, column, &profile); };
        QCOMPARE(kindFor(profileOf({"none", "light", "heavy"}, 20)), "drop-down");
        QCOMPARE(kindFor(profileOf({"none", "light", "heavy"}, 1)), "text-box");
        QCOMPARE(kindFor(profileOf({"https://nab.example/a", "https://nab.example/b"}, 3)), "link");
        QCOMPARE(kindFor(profileOf({"a@post.example", "b@post.example", QVariant()}, 3)), "link");
        QCOMPARE(kindFor(profileOf({"one\ntwo", "three\nfour\nfive"})), "long-text");
        QCOMPARE(kindFor(profileOf({QString(200, u'x')})), "long-text");
        // One very long value in a hundred does not make a long box.
        ColumnProfile seldomLong = profileOf({"Chain", "Sinker of iron", "Lamp"}, 33);
        seldomLong.add(QString(400, u'x'));
        QVERIFY(kindFor(seldomLong) != "long-text");
        QCOMPARE(kindFor(ColumnProfile()), "text-box");
    }

    // A name says what a column is for while nothing is stored; what is stored knows better.
    void storedValuesKnowBetterThanNames()
    {
        const auto kind = [](const QString &name, const QString &type, const ColumnProfile &profile) {
            const Table table = tableOf({name}, type);
            return kindForColumn(table, table.columns.first(), &profile);
        };
        QCOMPARE(kind("url", "TEXT", {}), "link");
        QCOMPARE(kind("url", "TEXT", profileOf({"db1.nab.example", "db2.nab.example"}, 5)), "text-box"); // hosts
        QCOMPARE(kind("url", "TEXT", profileOf({"https://nab.example/a"}, 5)), "link");
        QCOMPARE(kind("description", "TEXT", {}), "long-text");
        QCOMPARE(kind("description", "TEXT", profileOf({"Chain, ten metres", "Lamp"}, 5)), "text-box");
        QCOMPARE(kind("remarks", "TEXT", profileOf({QString(60, u'x'), "short"}, 5)), "long-text");
        QCOMPARE(kind("story", "LONGTEXT", {}), "long-text");
        // Bytes that are text are shown as text, and only shown.
        const ColumnProfile texts = profileOf({QByteArray("Fitted new"), QByteArray("Gr\xc3\xb6\xc3\x9f")}, 5);
        QCOMPARE(kind("note", "BLOB", texts), "long-text");
        Table table = tableOf({"note", "data", "photo"}, "BLOB");
        Profile profile;
        profile.columns = {{"note", texts}, {"data", profileOf({QByteArray("\x01\x02\xff\xfe")})}, {"photo", {}}};
        QHash<QString, PlannedColumn> planned;
        for (const PlannedColumn &column : planDraft(table, &profile).columns) {
            planned.insert(column.column, column);
        }
        QVERIFY(planned.value("note").isTaken && !planned.value("data").isTaken && planned.value("photo").isTaken);
        QVERIFY(isLocked(draftField({{table}}, table, table.columns.first(), "long-text", &texts)));
        // Empty, a column of bytes goes by its name.
        profile.columns = {{"note", {}}, {"data", {}}, {"photo", {}}};
        for (const PlannedColumn &column : planDraft(table, &profile).columns) {
            QCOMPARE(column.isTaken, column.column == "photo");
        }
    }

    void wordsInUseBecomeChoicesThatTakeNewOnes()
    {
        Table table = tableOf({"crew_lead"}, "TEXT");
        Profile profile;
        profile.columns.insert("crew_lead", profileOf({"Tobin Ferrer", "Ansa Holm"}, 40));
        const Form form = draftForm({{table}}, table, planDraft(table, &profile), &profile, m_measure);
        const Control &field = form.controls.at(1);
        QCOMPARE(field.kind, "drop-down");
        QVERIFY(takesNewChoices(field));
        QCOMPARE(fixedChoices(field).first().words, "Ansa Holm");
        QCOMPARE(*kindNamed("drop-down").read(field, "ansa holm", QLocale::c()), QVariant("Ansa Holm"));
        QCOMPARE(*kindNamed("drop-down").read(field, "Idris Vane", QLocale::c()), QVariant("Idris Vane"));
    }

    void widthsFitTheStoredValues()
    {
        QVariantList values(98, QString(10, u'x'));
        values.append(QString(30, u'x'));
        values.append(QString(90, u'x'));
        const ColumnProfile profile = profileOf(values);
        QCOMPARE(widthOfValues(profile, 0.98, m_measure), 70);
        QCOMPARE(widthOfValues(profile, 0.99, m_measure), 210);
        QCOMPARE(widthOfValues(profile, 1.0, m_measure), 630);
        QCOMPARE(widthOfValues(ColumnProfile(), 0.98, m_measure), 0);
    }

    void longTextIsAsTallAsItsLines()
    {
        const Table table = tableOf({"remarks"}, "TEXT");
        Control field;
        field.kind = "long-text";
        const ColumnProfile tall = profileOf({"1\n2\n3\n4\n5\n6"});
        const int three = draftSize({}, table.columns.first(), field, nullptr, m_measure, 7).height();
        const int seven = draftSize({}, table.columns.first(), field, &tall, m_measure, 7).height();
        QVERIFY(three >= 3 * 16 && three % 8 == 0);
        QVERIFY(seven >= 7 * 16 && seven % 8 == 0);
    }

    void nearlyEqualNeighboursAreMadeEqual()
    {
        QCOMPARE(evenedWidths({100, 110, 96, 200, 64}), QList<int>({110, 110, 110, 200, 64}));
        QCOMPARE(evenedWidths({}), QList<int>());
        QRandomGenerator random(29);
        for (int i = 0; i < 200; ++i) {
            QList<int> widths;
            for (int j = 0; j < 12; ++j) {
                widths.append(64 + 8 * random.bounded(26));
            }
            const QList<int> even = evenedWidths(widths);
            for (int j = 0; j < widths.size(); ++j) {
                QVERIFY(even.at(j) >= widths.at(j)); // nothing is cut
                QVERIFY(even.at(j) * 5 <= widths.at(j) * 6);
            }
        }
    }

    void everyArrangementNeedsNoTidying_data()
    {
        QTest::addColumn<int>("arrangement");
        QTest::addColumn<int>("spacing");
        QTest::addColumn<int>("widths");
        QTest::addColumn<int>("columns");
        for (int arrangement = 0; arrangement < 3; ++arrangement) {
            for (int spacing = 0; spacing < 3; ++spacing) {
                for (int widths = 0; widths < 3; ++widths) {
                    for (int columns = 0; columns <= 4; ++columns) {
                        QTest::addRow("%d %d %d %d", arrangement, spacing, widths, columns)
                            << arrangement << spacing << widths << columns;
                    }
                }
            }
        }
    }

    void everyArrangementNeedsNoTidying()
    {
        QFETCH(int, arrangement);
        QFETCH(int, spacing);
        QFETCH(int, widths);
        QFETCH(int, columns);
        Table table =
            tableOf({"given_name", "family_name", "street", "house_no", "post_code", "town", "country", "phone",
                     "shoe_size", "member_from", "member_until", "remarks", "photo", "created_at", "likes_boats"},
                    "VARCHAR(30)");
        table.columns[9] = samples::column("member_from", "DATE");
        table.columns[10] = samples::column("member_until", "DATE");
        table.columns[11] = samples::column("remarks", "TEXT");
        table.columns[12] = samples::column("photo", "BLOB");
        table.columns[14] = samples::column("likes_boats", "BOOLEAN");
        DraftPlan plan = planDraft(table);
        plan.arrangement = static_cast<Arrangement>(arrangement);
        plan.spacing = static_cast<Spacing>(spacing);
        plan.widths = static_cast<BoxWidths>(widths);
        plan.columnsOfBoxes = columns;
        const Form form = draftForm({{table}}, table, plan, nullptr, m_measure);
        QCOMPARE(overlaps(form), 0);
        QCOMPARE(form.boundColumns.size(), table.columns.size());
        QVERIFY(settled(form, m_measure) == form);
        const int pitch = form.grid.pitch;
        for (const Control &control : form.controls) {
            const Band *band = findBand(form, control.band);
            QVERIFY(control.place.x() >= 0 && control.place.x() + control.place.width() <= form.width);
            QVERIFY(control.place.y() >= 0 && control.place.y() + control.place.height() <= band->height);
            if (!control.column.isEmpty()) {
                QVERIFY2(control.place.x() % pitch == 0 && control.place.y() % pitch == 0 &&
                             control.place.width() % pitch == 0 && control.place.height() % pitch == 0,
                         qPrintable(control.name));
                QVERIFY(captionOf(form, control.id));
            }
        }
        if (columns > 0) {
            QVERIFY(isTabular(form) || form.rails.size() <= columns);
        }
    }

    void theColumnsAreBalanced()
    {
        QStringList names;
        for (int i = 0; i < 24; ++i) {
            names.append(QString("field_%1").arg(i));
        }
        const Table table = tableOf(names);
        for (int columns = 1; columns <= 4; ++columns) {
            DraftPlan plan = planDraft(table);
            plan.columnsOfBoxes = columns;
            plan.sections = Sections::None;
            const Form form = draftForm({{table}}, table, plan, nullptr, m_measure);
            QHash<int, int> fields;
            for (const Control &control : form.controls) {
                if (!control.column.isEmpty()) {
                    ++fields[control.place.x()];
                }
            }
            QCOMPARE(fields.size(), columns);
            for (const int count : fields) {
                QCOMPARE(count, 24 / columns);
            }
        }
    }

    void aPlanIsFollowedToTheLetter()
    {
        const Table table = tableOf({"a", "b", "c"});
        DraftPlan plan = planDraft(table);
        plan.title = "Something else";
        plan.columns = {{"c", {}, true, "Third", "long-text", {}, false},
                        {"a", {}, true, "First", "text-box", {}, false},
                        {"b", {}, false, "Second", "text-box", {}, false}};
        plan.people = {true, true, false, false};
        const Form form = draftForm({{table}}, table, plan, nullptr, m_measure);
        QCOMPARE(form.title, "Something else");
        QCOMPARE(form.boundColumns.size(), 2);
        QCOMPARE(form.permissions, plan.people);
        QStringList captions;
        for (const Control &control : form.controls) {
            if (control.captionFor != 0) {
                captions.append(control.text);
            }
        }
        QCOMPARE(captions, QStringList({"First", "Third"})); // long text comes last
    }

    void binaryValuesThatAreNoPicturesAreLeftOut()
    {
        Table table = tableOf({"name", "photo", "digest", "seal"}, "BLOB");
        table.columns[0] = samples::column("name", "TEXT");
        table.columns[3].isRequired = true;
        Profile profile;
        profile.columns["photo"] = profileOf({QByteArray("\x89PNG\r\n\x1a\n....")});
        profile.columns["digest"] = profile.columns["seal"] = profileOf({QByteArray("\x01\x02\x03\x04")});
        const DraftPlan before = planDraft(table);
        const DraftPlan after = replanned(before, before, table, profile);
        const auto isTaken = [](const DraftPlan &plan, const QString &name) {
            for (const PlannedColumn &column : plan.columns) {
                if (column.column == name) {
                    return column.isTaken;
                }
            }
            return false;
        };
        QVERIFY(isTaken(before, "digest") && !isTaken(after, "digest"));
        QVERIFY(isTaken(after, "photo"));
        QVERIFY(isTaken(after, "seal")); // a record cannot do without it
        // What somebody left out stays left out.
        DraftPlan chosen = before;
        for (PlannedColumn &column : chosen.columns) {
            column.isTaken = column.column != "photo";
        }
        QVERIFY(!isTaken(replanned(chosen, before, table, profile), "photo"));
    }

    void requiredColumnsWithoutABoxAreNamed()
    {
        Table table = tableOf({"id", "a", "b", "c"});
        table.columns[0].numbersItself = table.columns[0].isRequired = true;
        table.columns[1].isRequired = true;
        table.columns[2].isRequired = table.columns[2].hasDefault = true;
        DraftPlan plan = planDraft(table);
        QCOMPARE(uncoveredColumns(plan, table), QStringList());
        for (PlannedColumn &column : plan.columns) {
            column.isTaken = false;
        }
        QCOMPARE(uncoveredColumns(plan, table), QStringList({"a"}));
    }

    void learningOfTheValuesKeepsWhatPeopleChose()
    {
        const Table table = tableOf({"a", "b"}, "TEXT");
        const DraftPlan proposed = planDraft(table);
        DraftPlan changed = proposed;
        changed.columns[0].caption = "Mine";
        changed.columns[0].kind = "link";
        Profile profile;
        profile.columns.insert("a", profileOf({"one\ntwo"}));
        profile.columns.insert("b", profileOf({"x", "y"}, 40));
        const DraftPlan learned = replanned(changed, proposed, table, profile);
        for (const PlannedColumn &column : learned.columns) {
            if (column.column == "a") {
                QCOMPARE(column.caption, "Mine");
                QCOMPARE(column.kind, "link");
            } else {
                QCOMPARE(column.kind, "drop-down");
            }
        }
    }

    void theShareThatFitsIsCounted()
    {
        const Table table = tableOf({"a"});
        Profile profile;
        QVariantList values(90, QString(5, u'x'));
        values += QVariantList(10, QString(90, u'x'));
        profile.columns.insert("a", profileOf(values));
        DraftPlan plan = planDraft(table);
        const Form form = draftForm({{table}}, table, plan, &profile, m_measure);
        QCOMPARE(shareThatFits(form, profile, m_measure), 0.9);
        QCOMPARE(shareThatFits(form, Profile(), m_measure), 1.0);
    }
};

QTEST_APPLESS_MAIN(TestDraftRules)
#include "tst_draft_rules.moc"

// The settings of each kind of control: read, written, refused with a reason.
#include "core/actions/action_table.h"
#include "core/arrange/grouping.h"
#include "core/draft/draft.h"
#include "core/draft/inner_forms.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/file/form_file.h"
#include "core/form_settings/form_setting_table.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/list_lines.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/dates.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/mail.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/start_value.h"
#include "core/text/date_words.h"
#include "designer/settings/settings.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestKindSettings : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    QTemporaryDir m_folder;
    Catalogue m_catalogue;
    Form m_form;

    static const Setting &named(const char *name)
    {
        for (const Setting &setting : settings()) {
            if (QString(setting.name) == name) {
                return setting;
            }
        }
        qFatal("no setting %s", name);
    }
    static Selection selectionOf(ControlId id)
    {
        Selection selection;
        selection.set({id});
        return selection;
    }
    SettingContext contextOf(const Form &form, const Selection &selection) const
    {
        SettingContext context{form, selection, Unit::Pixels, m_measure, &m_catalogue, "{kind}_{column}"};
        context.formNames = {"parts", "visits"};
        context.readForm = [this](const QString &name) -> Result<Form> {
            const Table *table = findTable(m_catalogue, name == "visits" ? "visit" : "part");
            return draftColumnar(m_catalogue, *table, m_measure);
        };
        context.columnsOfSelect = [](const QString &select) -> Result<QStringList> {
            return select.contains("nobody") ? Result<QStringList>(Error{"There is no nobody.", {}})
                                             : Result<QStringList>(QStringList{"id", "name", "town"});
        };
        return context;
    }
    bool applies(const char *name, ControlId id) const
    {
        const Selection selection = selectionOf(id);
        return named(name).applies(contextOf(m_form, selection));
    }
    QString read(const char *name, ControlId id) const
    {
        const Selection selection = selectionOf(id);
        return named(name).read(contextOf(m_form, selection)).value_or("mixed");
    }
    // The sentence of a refusal; empty when it was written.
    QString write(const char *name, ControlId id, const QString &typed)
    {
        const Selection selection = selectionOf(id);
        const Result<Form> edited = named(name).write(contextOf(m_form, selection), typed);
        if (edited) {
            m_form = *edited;
        }
        return edited ? QString() : edited.error().sentence;
    }
    // Written and read again as it was typed.
    bool takes(const char *name, ControlId id, const QString &typed)
    {
        return applies(name, id) && write(name, id, typed).isEmpty() && read(name, id) == typed;
    }
    ControlId place(const QString &kind, const QString &column = {})
    {
        const PlacedControl placed = withNewControlBelow(m_form, kind, Area(), m_measure);
        m_form = placed.form;
        Control control = *m_form.controls.find(placed.control);
        control.column = column;
        m_form.controls.replace(m_form.controls.indexOf(placed.control), control);
        return placed.control;
    }
    const Control &control(ControlId id) const { return *m_form.controls.find(id); }

private Q_SLOTS:
    void initTestCase() { m_catalogue = *samples::opened(samples::fairwayDatabase(m_folder)).readCatalogue(); }
    void init()
    {
        m_form = Form();
        m_form.name = m_form.title = m_form.rowsFrom = "buoy";
        m_form.bands = {Band{BandRole::Body, 400, {}}};
    }

    // What a setting reads, it takes as it stands, for every kind; nothing changes by it.
    void whatIsReadIsTakenUnchanged()
    {
        int written = 0;
        for (const Placeable &placeable : placeables()) {
            const QList<ColumnType> &binds = kindNamed(placeable.name).binds;
            QString column;
            for (const Column &each : findTable(m_catalogue, "buoy")->columns) {
                column = binds.contains(each.type) ? each.name : column;
            }
            const ControlId id = place(placeable.name, column);
            for (const Setting &setting : settings()) {
                const Selection selection = selectionOf(id);
                const bool isAsked = setting.of == SettingOf::Controls && setting.editor != SettingEditor::Shown &&
                                     setting.editor != SettingEditor::File && applies(setting.name, id);
                if (!isAsked) {
                    continue;
                }
                const QString value = read(setting.name, id);
                const Result<Form> edited = setting.write(contextOf(m_form, selection), value);
                QVERIFY2(edited.isOk(), setting.name);
                QVERIFY2(*edited == m_form || QString(setting.name).startsWith("rides"),
                         qPrintable(placeable.name + ": " + setting.name));
                ++written;
            }
        }
        QVERIFY(written > 200);
        QCOMPARE(*readForm(writeForm(m_form)), m_form); // and all of it goes through the file
    }

    // For every kind, what belongs together stands together under one heading.
    void containersBecomeOneAnother()
    {
        const ControlId group = place("group-box");
        const QRect before = control(group).place;
        m_form = withNewControlBelow(m_form, "text-box", {BandRole::Body, group, 0}, m_measure).form;
        QVERIFY(takes("kind", group, "scroll-area"));
        QVERIFY(takes("kind", group, "group-box"));
        QCOMPARE(control(group).place.topLeft(), before.topLeft());
        QCOMPARE(membersOf(m_form, {group}).size(), 2);
    }

    void headingsStandOnce()
    {
        for (const Placeable &placeable : placeables()) {
            const ControlId id = place(placeable.name);
            QStringList headings;
            for (const Setting &setting : settings()) {
                if (setting.of == SettingOf::Controls && applies(setting.name, id) &&
                    (headings.isEmpty() || headings.last() != setting.section)) {
                    headings.append(setting.section);
                }
            }
            QCOMPARE(headings.removeDuplicates(), 0);
        }
        QStringList ofForm;
        for (const Setting &setting : settings()) {
            if (setting.of == SettingOf::Form && (ofForm.isEmpty() || ofForm.last() != setting.section)) {
                ofForm.append(setting.section);
            }
        }
        QCOMPARE(ofForm.removeDuplicates(), 0);
    }

    void valuesAreWrittenAsAsked()
    {
        const ControlId depth = place("decimal-number", "depth_m");
        QVERIFY(takes("after", depth, "m") && takes("before", depth, "about") && takes("align", depth, "centre"));
        QCOMPARE(alignOf(control(depth), TextAlign::Right), TextAlign::Centre);
        QVERIFY(write("after", depth, "much too long a mark").contains("at most"));
        QVERIFY(takes("thousands", depth, "yes"));
        QCOMPARE(read("example", depth), QLocale().toString(12345.5).prepend("about ").append(" m"));
        QVERIFY(applies("dates", place("date", "laid_on")) && !applies("dates", depth));
        const ControlId laid = place("date", "laid_on");
        QVERIFY(takes("dates", laid, "weekday"));
        QCOMPARE(dateShapeOf(control(laid)), DateShape::Weekday);
        const ControlId remarks = place("long-text", "remarks");
        QVERIFY(takes("linesShown", remarks, "7"));
        QVERIFY(control(remarks).place.height() >= 7 * m_measure.lineHeight(TextRole::Field));
        QVERIFY(!write("linesShown", remarks, "none").isEmpty());
        const ControlId lit = place("switch", "is_lit");
        QVERIFY(takes("beside", lit, "A light burns here"));
        QVERIFY(control(lit).place.width() > m_measure.width("A light burns here", TextRole::Caption));
    }

    void startsAreValuesOrFormulas()
    {
        const ControlId laid = place("date", "laid_on");
        QVERIFY(write("starts", laid, "today").isEmpty());
        QCOMPARE(startValueOf(control(laid))->formula, "date('now', 'localtime')");
        QVERIFY(takes("starts", laid, "= date(laid_on, '+1 year')"));
        QVERIFY(!write("starts", laid, "= nobody").isEmpty());
        QVERIFY(write("starts", laid, "tomorrow").contains("A date is needed"));
        QVERIFY(write("starts", laid, "2026-09-30").isEmpty());
        QCOMPARE(startValueOf(control(laid))->value.toString(), "2026-09-30");
        QVERIFY(takes("starts", laid, QString()));
        QVERIFY(!startValueOf(control(laid)));
        const ControlId lit = place("tick-box", "is_lit");
        QVERIFY(write("starts", lit, "yes").isEmpty());
        QCOMPARE(startValueOf(control(lit))->value.toInt(), 1);
        QVERIFY(!write("starts", lit, "perhaps").isEmpty());
    }

    void severalNeedTextWithoutCommas()
    {
        const ControlId list = place("list", "status");
        QVERIFY(takes("choices", list, "a\nb, c = B and C"));
        QVERIFY(write("several", list, "yes").contains("holds a comma"));
        QVERIFY(takes("choices", list, "a\nb"));
        QVERIFY(takes("several", list, "yes"));
        QVERIFY(takesSeveral(control(list)));
        const ControlId number = place("list", "fairway_id");
        QVERIFY(write("several", number, "yes").contains("holds one value"));
    }

    void formulasAreChecked()
    {
        const ControlId formula = place("formula");
        QVERIFY(takes("formula", formula, "depth_m * 2"));
        QVERIFY(write("formula", formula, "dept_m * 2").contains("no such column"));
        QCOMPARE(formulaOf(control(formula)), "depth_m * 2");
    }

    // Taking a table fills in everything else; each part can be changed, and what is not there is refused.
    void aLookupIsOneShortStep()
    {
        const ControlId box = place("drop-down", "contractor_id");
        QVERIFY(takes("lookupFrom", box, "contractor"));
        QCOMPARE(read("lookupStores", box), "contractor_id");
        QCOMPARE(read("lookupShows", box), "name");
        QVERIFY(takes("lookupShows", box, "name, town"));
        QVERIFY(write("lookupShows", box, "name, twon").contains("no column “twon”"));
        QVERIFY(!write("lookupShows", box, "").isEmpty());
        QVERIFY(takes("lookupAlso", box, "town, 120, Town\nphone"));
        QCOMPARE(lookupOf(control(box))->also, (QList<LookupColumn>{{"town", 120, "Town"}, {"phone", 0, {}}}));
        QVERIFY(takes("lookupHeading", box, "Contractor"));
        QVERIFY(takes("lookupSort", box, "-town, name"));
        QVERIFY(!write("lookupSort", box, "-twon").isEmpty());
        QVERIFY(takes("lookupFilter", box, "country = position"));
        QVERIFY(write("lookupFilter", box, "country = nowhere").contains("no column “nowhere”"));
        QCOMPARE(columnsNeeded(control(box)), QStringList({"contractor_id", "position"}));
        QVERIFY(takes("lookupStores", box, "name"));
        // A link over several columns is taken as the database declares it.
        m_form.rowsFrom = "part_claim";
        const ControlId line = place("drop-down", "line_no");
        QVERIFY(takes("lookupFrom", line, "part_fitted"));
        QCOMPARE(lookupOf(control(line))->columns, QStringList({"visit_id", "line_no"}));
        QVERIFY(!applies("takesNew", line)); // a key is no word of its own
        // The same by hand; the box's own column is one of them.
        QVERIFY(takes("lookupStores", line, "line_no"));
        QCOMPARE(lookupOf(control(line))->columns, QStringList("line_no"));
        QVERIFY(takes("lookupStores", line, "visit_id = visit_id, line_no = line_no"));
        QCOMPARE(columnsWritten(control(line)), QStringList({"line_no", "visit_id"}));
        QVERIFY(write("lookupStores", line, "visit_id = visit_id, part_no = claim_id").contains("own column"));
        QVERIFY(!write("lookupStores", line, "nothing").isEmpty());
        QVERIFY(takes("lookupFrom", line, QString()));
        QVERIFY(!lookupOf(control(line)));
    }

    void aLookupMayBeASelect()
    {
        const ControlId box = place("list", "contractor_id");
        QVERIFY(takes("lookupFrom", box, "\n"));
        QVERIFY(takes("lookupSelect", box, "SELECT id, name, town FROM somewhere"));
        QCOMPARE(read("lookupStores", box), "id");
        QCOMPARE(read("lookupShows", box), "name");
        QVERIFY(takes("lookupShows", box, "town"));
        QVERIFY(!write("lookupSelect", box, "SELECT nobody").isEmpty());
        QCOMPARE(read("lookupSelect", box), "SELECT id, name, town FROM somewhere");
        QCOMPARE(*readForm(writeForm(m_form)), m_form);
    }

    // A message begins as it most likely is meant, and what a hand wrote stays.
    void aMessageBeginsAsItIsMeant()
    {
        m_form.rowsFrom = "contractor";
        const ControlId button = place("button");
        QVERIFY(takes("action", button, "send"));
        Mail mail = m_form.controls.find(button)->settings.value(setting::Message);
        QCOMPARE(mail.to, QString("{email}"));
        QCOMPARE(mail.subject, QString("{record}"));
        QCOMPARE(mail.attached, Attached::Pdf);
        QVERIFY(takes("mailTo", button, "depot@nabharbour.example"));
        QVERIFY(takes("action", button, "save") && takes("action", button, "send"));
        mail = m_form.controls.find(button)->settings.value(setting::Message);
        QCOMPARE(mail.to, QString("depot@nabharbour.example"));
        // Rows without an address leave that to the builder.
        m_form.rowsFrom = "fairway";
        const ControlId other = place("button");
        QVERIFY(takes("action", other, "send"));
        QCOMPARE(m_form.controls.find(other)->settings.value(setting::Message).to, QString());
    }

    void buttonsAreGivenTheirWork()
    {
        const ControlId button = place("button");
        QVERIFY(takes("action", button, "go-next"));
        QCOMPARE(control(button).text, "Next");
        QVERIFY(takes("buttonWords", button, "Onwards") && takes("action", button, "save"));
        QCOMPARE(control(button).text, "Onwards");     // someone wrote it
        QCOMPARE(control(button).name, "button_next"); // named once, then it is a name that is used
        const ControlId group = place("group-box");
        QVERIFY(takes("heading", group, "Where it lies"));
        QCOMPARE(control(group).name, "group_where_it_lies");
        QVERIFY(!applies("opens", button));
        // What an action is told, what comes behind it, a question and a key; what is none is refused.
        QVERIFY(takes("action", button, "put-in") && takes("actionWith", button, "Name = x"));
        QCOMPARE(write("actionThen", button, "Save the record\ngo-to-page: Details"), QString());
        QCOMPARE(buttonStepsOf(*m_form.controls.find(button)).size(), 3);
        QVERIFY(!write("actionThen", button, "Dance").isEmpty());
        QVERIFY(takes("actionThen", button, ""));
        QVERIFY(takes("actionAsks", button, "Really?") && write("actionKey", button, "ctrl+shift+1").isEmpty());
        QCOMPARE(m_form.controls.find(button)->settings.value(setting::Key), QString("Ctrl+Shift+1"));
        QVERIFY(!write("actionKey", button, "Ctrl+P").isEmpty()); // the records have it
        QVERIFY(!write("actionKey", button, "Hyper+Q").isEmpty());
        QVERIFY(takes("actionKey", button, ""));
        QVERIFY(takes("action", button, "open-form") && takes("opens", button, "visits"));
        QVERIFY(takes("match", button, "buoy_id = buoy_id"));
        QCOMPARE(childLinkOf(control(button)), (ChildLink{{"buoy_id"}, {"buoy_id"}}));
        QVERIFY(!write("match", button, "buoy_id = nothing").isEmpty());
        QVERIFY(takes("match", button, QString()));
    }

    void aSubformGetsItsRows()
    {
        const ControlId rows = place("subform");
        QVERIFY(!control(rows).inner && !applies("linkedBy", rows));
        QString visits;
        const Selection selection = selectionOf(rows);
        for (const SettingChoice &choice : named("rowsOf").choices(contextOf(m_form, selection))) {
            visits = choice.value.startsWith("visit\n") ? choice.value : visits;
        }
        QVERIFY(takes("rowsOf", rows, visits));
        QCOMPARE(control(rows).inner.get()->rowsFrom, "visit");
        QCOMPARE(read("linkedBy", rows), "buoy_id = buoy_id");
        // The linking column is left out; the caption says what it is.
        for (const Control &each : control(rows).inner.get()->controls) {
            QVERIFY(each.column != "buoy_id");
        }
        QCOMPARE(captionOf(m_form, rows)->text, "Visit");
        QCOMPARE(read("shownAs", rows), "1");
        QVERIFY(takes("shownAs", rows, "0"));
        QVERIFY(!isTabular(*control(rows).inner.get()));
        QVERIFY(takes("linkedBy", rows, "buoy_id = replaces_buoy_id"));
        QVERIFY(!write("linkedBy", rows, "buoy_no = buoy_id").isEmpty());
        // A table that nothing links is linked by hand.
        QVERIFY(takes("rowsOf", rows, "vessel") && read("linkedBy", rows).isEmpty());
        // A form of the project, kept in its own file.
        QVERIFY(takes("rowsForm", rows, "visits"));
        QCOMPARE(control(rows).inner.get()->rowsFrom, "visit");
        QVERIFY(!writeForm(m_form).contains("visited_on"));
        QVERIFY(takes("rowsForm", rows, QString()));
        QVERIFY(writeForm(m_form).contains("visited_on"));
        QVERIFY(takes("rowsOf", rows, QString()) && !control(rows).inner);
    }

    // Subforms placed one after the other get the rows that belong to a record, each once, the likeliest first.
    void subformsFillThemselves()
    {
        QStringList tables;
        for (int i = 0; i < 6; ++i) {
            const ControlId rows = place("subform");
            m_form = withRowsThatBelong(m_form, rows, m_catalogue, "{kind}_{column}", m_measure);
            tables.append(control(rows).inner ? control(rows).inner.get()->rowsFrom + ' ' +
                                                    childLinkOf(control(rows)).childColumns.join(' ')
                                              : QString());
        }
        // What belongs to a buoy comes before what merely points to one.
        QVERIFY(tables.contains("visit buoy_id") && tables.contains("observer_buoy buoy_id"));
        QVERIFY(tables.indexOf("buoy replaces_buoy_id") > tables.indexOf("visit buoy_id"));
        QVERIFY(tables.last().isEmpty()); // there are no more
        tables.removeAll(QString());
        QCOMPARE(tables.removeDuplicates(), 0);
    }

    void formsInFilesOfTheirOwnAreRead()
    {
        const ControlId rows = place("subform");
        QVERIFY(takes("rowsForm", rows, "visits"));
        Form visits = draftColumnar(m_catalogue, *findTable(m_catalogue, "visit"), m_measure);
        visits.name = "visits";
        QVERIFY(saveForm(m_folder.filePath("visits.nabform"), visits).isOk());
        QVERIFY(saveForm(m_folder.filePath("outer.nabform"), m_form).isOk());
        const Result<Form> read = loadForm(m_folder.filePath("outer.nabform"));
        QVERIFY(read.isOk());
        QCOMPARE(*read->controls.find(rows)->inner.get(), visits);
        // Without the file it is an empty subform, and the name stays.
        QVERIFY(QFile::remove(m_folder.filePath("visits.nabform")));
        const Result<Form> without = loadForm(m_folder.filePath("outer.nabform"));
        QVERIFY(without.isOk() && !without->controls.find(rows)->inner);
        QCOMPARE(projectFormOf(*without->controls.find(rows)), "visits");
        // A form that shows itself does not go on for ever.
        Form self = *without;
        Control again = *self.controls.find(rows);
        again.settings.set(setting::Opens, "self");
        self.controls.replace(self.controls.indexOf(rows), again);
        QVERIFY(saveForm(m_folder.filePath("self.nabform"), self).isOk());
        QVERIFY(loadForm(m_folder.filePath("self.nabform")).isOk());
    }

    void panesTurnAndTheirDividerMoves()
    {
        const ControlId panes = place("panes");
        const ControlId left =
            withNewControlBelow(m_form, "text-box", {BandRole::Body, panes, FirstPane}, m_measure).control;
        m_form = withNewControlBelow(m_form, "text-box", {BandRole::Body, panes, FirstPane}, m_measure).form;
        const PlacedControl second =
            withNewControlBelow(m_form, "text-box", {BandRole::Body, panes, SecondPane}, m_measure);
        m_form = second.form;
        const auto isInside = [&] {
            return roomOf(m_form, {BandRole::Body, panes, FirstPane}).contains(control(left).place) &&
                   roomOf(m_form, {BandRole::Body, panes, SecondPane}).contains(control(second.control).place);
        };
        QVERIFY(isInside());
        const QRect before = control(second.control).place;
        QVERIFY(takes("divider", panes, "400 px") || dividerOf(control(panes)) == 400);
        QVERIFY(isInside() && control(second.control).place.x() > before.x());
        QVERIFY(takes("stacked", panes, "yes"));
        QVERIFY(areStacked(control(panes)) && isInside());
        QVERIFY(takes("stacked", panes, QString()));
        QVERIFY(!areStacked(control(panes)) && isInside());
    }

    // Whoever adds a setting of the form has it read, written, kept in the file and shown, by its entry alone.
    void settingsOfTheFormComeFromTheirTable()
    {
        const Selection form;
        int lines = 0;
        for (const FormSetting &setting : formSettingTable()) {
            QVERIFY(knownFormSettings().contains(setting.setting));
            for (const FormSettingLine &line : setting.lines()) {
                const Setting &shown = named(line.name);
                QVERIFY(shown.of == SettingOf::Form);
                QCOMPARE(shown.applies(contextOf(m_form, form)), !line.applies || line.applies(m_form));
                const QList<SettingChoice> choices =
                    shown.choices ? shown.choices(contextOf(m_form, form)) : QList<SettingChoice>();
                for (const SettingChoice &choice : choices) {
                    const Result<Form> edited = shown.write(contextOf(m_form, form), choice.value);
                    QVERIFY2(edited.isOk(), line.name);
                    QCOMPARE(shown.read(contextOf(*edited, form)), choice.value);
                    QCOMPARE(*readForm(writeForm(*edited)), *edited);
                    QCOMPARE(*edited == m_form, choice.value == shown.read(contextOf(m_form, form)));
                }
                ++lines;
            }
        }
        QVERIFY(lines > 0);
    }

    void theWindowAndItsListAreSettings()
    {
        const Selection form;
        const auto takesForm = [&](const char *name, const QString &typed) {
            const Result<Form> edited = named(name).write(contextOf(m_form, form), typed);
            m_form = edited ? *edited : m_form;
            return edited.isOk() && named(name).read(contextOf(m_form, form)) == typed;
        };
        QVERIFY(takesForm("windowSize", "2") && m_form.window.isFixed);
        QVERIFY(takesForm("windowSize", "1") && !m_form.window.isFixed && m_form.leastWidth == m_form.width);
        QVERIFY(takesForm("windowSize", "0") && m_form.leastWidth == 0);
        QVERIFY(takesForm("recordStrip", QString()) && takesForm("scrollBars", QString()));
        QVERIFY(!named("listColumns").applies(contextOf(m_form, form)));
        QVERIFY(takesForm("listSide", "2") && takesForm("listColumns", "name, laid_on"));
        QVERIFY(!named("listColumns").write(contextOf(m_form, form), "nmae"));
        QVERIFY(!named("listWidth").write(contextOf(m_form, form), "9"));
        QCOMPARE(*readForm(writeForm(m_form)), m_form);
        Selection band;
        band.setBand(BandRole::Body);
        const Result<Form> toned = named("bandTone").write(contextOf(m_form, band), "2");
        QCOMPARE(toned->bands.first().tone, BandTone::Tint);
        QCOMPARE(*readForm(writeForm(*toned)), *toned);
    }

    void aPictureBecomesPartOfTheForm()
    {
        const ControlId logo = place("picture", "photo");
        QFile file(m_folder.filePath("logo.png"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("not really a picture");
        file.close();
        QVERIFY(write("image", logo, file.fileName()).isEmpty());
        QCOMPARE(fixedImage(control(logo)), QByteArray("not really a picture"));
        QVERIFY(control(logo).column.isEmpty());
        QVERIFY(!write("image", logo, m_folder.filePath("gone.png")).isEmpty());
        QVERIFY(write("image", logo, QString()).isEmpty() && fixedImage(control(logo)).isEmpty());
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(QByteArray(3 << 20, 'x'));
        file.close();
        QVERIFY(write("image", logo, file.fileName()).contains("too large"));
    }

    // One that comes with the usual caption loses it, one that somebody wrote stays.
    void aLogoHasNoCaption()
    {
        const FixedTextMeasure measure;
        QFile file(m_folder.filePath("logo2.png"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("picture");
        file.close();
        for (const bool isWritten : {false, true}) {
            const PlacedControl placed = withNewControl(m_form, "picture", Area(), QRect(200, 8, 0, 0), measure);
            m_form = placed.form;
            Control caption = *captionOf(m_form, placed.control);
            if (isWritten) {
                caption.text = "Our sign";
                m_form.controls.replace(m_form.controls.indexOf(caption.id), caption);
            }
            QVERIFY(write("image", placed.control, file.fileName()).isEmpty());
            QCOMPARE(captionOf(m_form, placed.control) != nullptr, isWritten);
        }
    }
};

QTEST_GUILESS_MAIN(TestKindSettings)
#include "tst_kind_settings.moc"

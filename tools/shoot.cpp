// Drives the real window to each main view and saves a picture of it. Called by tools/shoot.
#include "app/help/guide_window.h"
#include "app/parts/trial_page.h"
#include "app/server/server_dialog.h"
#include "app/window/entry_window.h"
#include "app/window/main_window.h"
#include "app/work/findings_view.h"
#include "app/work/reconciling.h"
#include "core/arrange/operations.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/form_languages.h"
#include "core/edit/type_fit.h"
#include "core/file/form_file.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/mail.h"
#include "core/looks/files/look_book.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/modes/tab_order_mode.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/panels/caption_list.h"
#include "designer/panels/command_finder.h"
#include "designer/reconcile/reconcile_dialog.h"
#include "designer/rules/rule_list.h"
#include "entry/cells/import_sheet.h"
#include "entry/cells/paste_sheet.h"
#include "entry/language/language.h"
#include "entry/language/spoken_form.h"
#include "entry/mail/send_sheet.h"
#include "entry/paint/form_painter.h"
#include "entry/print/print_window.h"
#include "entry/records/conflict_sheet.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_question.h"
#include "entry/view/form_window.h"

#include <QAbstractButton>
#include <QAction>
#include <QApplication>
#include <QCheckBox>
#include <QDir>
#include <QElapsedTimer>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QMouseEvent>
#include <QPainter>
#include <QPlainTextEdit>
#include <QScrollBar>
#include <QSqlQuery>
#include <QStatusBar>
#include <QTableWidget>
#include <QTextStream>
#include <QTimer>
#include <QTranslator>

#include <functional>

using namespace nabblet;

namespace {

const QSize ShotSize(1280, 800);

// Lets the window work until a condition holds; false when it does not within ten seconds.
bool waitUntil(const std::function<bool()> &condition)
{
    QElapsedTimer timer;
    timer.start();
    while (!condition() && timer.elapsed() < 10000) {
        QApplication::processEvents(QEventLoop::AllEvents, 20);
    }
    QApplication::processEvents();
    return condition();
}

class Shooter
{
public:
    Shooter(QString depot, QString folder, QStringList wanted)
        : m_depot(std::move(depot)), m_folder(std::move(folder)), m_wanted(std::move(wanted))
    {
    }

    bool run()
    {
        m_window.resize(ShotSize);
        m_window.setThemeChoice(ThemeChoice::Light);
        m_window.show();
        m_window.filing().openPath(m_depot);
        if (!m_window.document() || !waitUntil([this] { return m_window.session()->place().map().has_value(); })) {
            return false;
        }
        m_window.session()->moves().goTo(2);

        selectFields({"buoy_type", "contractor_id", "fairway_id"});
        shoot("design");
        m_window.setThemeChoice(ThemeChoice::Dark);
        shoot("design-dark");
        m_window.setThemeChoice(ThemeChoice::Light);

        shootServer();
        shootLooks();
        shootRules();
        shootBoard();
        shootFindings();
        m_window.showEntry();
        focusOn("name");
        shoot("entry");
        retype("depth_m", "-4");
        m_window.session()->saving().save();
        focusOn("depth_m");
        shoot("entry-refused");
        m_window.session()->takingBack().takeBack();
        m_window.setThemeChoice(ThemeChoice::Dark);
        focusOn("name");
        shoot("entry-dark");
        m_window.setThemeChoice(ThemeChoice::Light);

        NewFormDialog dialog(*m_window.work().workspace().connection, m_window.work().workspace().catalogue,
                             Appearance(looks().first(), Theme::Light, QApplication::font()), {}, &m_window);
        dialog.resize(ShotSize);
        dialog.choose(QStringLiteral("contractor"));
        dialog.show();
        m_isGood = m_isGood && waitUntil([&] { return dialog.isProfiled(); });
        shoot("new-form", &dialog);
        dialog.choose(QStringLiteral("vessel"));
        if (auto *tabular = dialog.findChild<QAbstractButton *>("tabular")) {
            tabular->click();
        }
        m_isGood = m_isGood && waitUntil([&] { return dialog.isProfiled(); });
        shoot("new-form-tabular", &dialog);
        if (auto *columnar = dialog.findChild<QAbstractButton *>("columnar")) {
            columnar->click();
        }
        dialog.choose(QStringLiteral("visit"));
        m_isGood = m_isGood && waitUntil([&] { return dialog.isProfiled(); });
        shoot("new-form-rows", &dialog);
        dialog.start(NewFormDialog::From::Select);
        if (auto *select = dialog.findChild<QPlainTextEdit *>("ownSelect")) {
            select->setPlainText("SELECT v.visit_id, v.visited_on, v.crew_lead, v.battery_v, b.asset_no, b.name\n"
                                 "FROM visit v JOIN buoy b USING (buoy_id)\nWHERE v.battery_v < 11.8");
        }
        m_isGood = m_isGood && waitUntil([&] { return dialog.plan().table == "own_select" && dialog.isProfiled(); });
        shoot("new-form-select", &dialog);
        dialog.close();

        shootGroups();
        shootDemonstration();
        shootAsked();
        shootHandedOn();

        // Entry alone, as a clerk gets it.
        const QString path = m_depot + "/forms/visit.nabform";
        const Result<Workspace> workspace = openWorkspaceOfForm(path);
        const Result<Form> form = loadForm(path);
        if (!workspace || !form) {
            return false;
        }
        EntryWindow clerk(*workspace, *form);
        if (!clerk.start()) {
            return false;
        }
        clerk.resize(ShotSize);
        clerk.show();
        m_isGood = m_isGood && waitUntil([&] { return clerk.session()->place().map().has_value(); });
        clerk.session()->moves().goTo(2);
        clerk.activateWindow();
        clerk.view()->focusFirst();
        shoot("enter-alone", &clerk);
        clerk.close();
        shootReconcile();
        return m_isGood;
    }

private:
    void shootRules()
    {
        m_window.board()->select({});
        m_window.showRules();
        auto *rules = m_window.findChild<RuleList *>(QStringLiteral("rules"));
        m_isGood = m_isGood && rules && waitUntil([&] { return rules->lines().first().counts.contains(u'·'); });
        shoot("rules");
        m_window.showTrial();
        m_isGood = m_isGood && m_window.isTrial();
        m_window.trialPage()->goToNextBranch();
        m_window.trialPage()->goToNextBranch();
        shoot("trial");
        m_window.showDesign();
    }

    ControlId control(const QString &column) const
    {
        for (const Control &each : m_window.document()->form().controls) {
            if (each.column == column) {
                return each.id;
            }
        }
        return 0;
    }

    void selectFields(const QStringList &columns)
    {
        QList<ControlId> chosen;
        for (const QString &column : columns) {
            chosen.append(control(column));
        }
        m_window.board()->select(chosen);
    }

    void focusOn(const QString &column)
    {
        m_window.activateWindow();
        if (QWidget *box = m_window.entryView()->widgetFor(control(column))) {
            box->setFocus();
        }
    }

    void retype(const QString &column, const QString &words)
    {
        if (auto *line = qobject_cast<QLineEdit *>(m_window.entryView()->widgetFor(control(column)))) {
            line->setText(words);
            Q_EMIT line->textEdited(words);
        }
    }

    void mouse(QEvent::Type type, QPoint at)
    {
        Board *board = m_window.board();
        QMouseEvent event(type, QPointF(at), QPointF(board->viewport()->mapToGlobal(at)),
                          type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton,
                          type == QEvent::MouseButtonRelease ? Qt::NoButton : Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(board->viewport(), &event);
    }

    // The board at work: dragging, a rail and another window width, tab order, tidy before it is taken, all captions.
    void shootBoard()
    {
        Board *board = m_window.board();
        selectFields({"depth_m"});
        const QPoint from = board->scene().viewportRectOf(control("depth_m")).center();
        mouse(QEvent::MouseButtonPress, from);
        mouse(QEvent::MouseMove, from + QPoint(30, 30));
        mouse(QEvent::MouseMove, QPoint(from.x() + 4, board->scene().viewportRectOf(control("name")).center().y() + 2));
        shoot("board-drag");
        QKeyEvent escape(QEvent::KeyPress, Qt::Key_Escape, Qt::NoModifier);
        QApplication::sendEvent(board, &escape);
        mouse(QEvent::MouseButtonRelease, from);

        Selection rail;
        rail.setRail(m_window.document()->form().rails.last().id);
        board->setSelection(rail);
        m_window.showWindowSizes(true);
        QCoreApplication::processEvents();
        board->setTrialSize({960, designedSize(board->document()->form()).height()});
        board->zoomToForm();
        shoot("board-width");
        board->setTrialSize({});
        m_window.showWindowSizes(false);
        QCoreApplication::processEvents();
        board->zoomToForm();

        board->select({});
        setShowsTabOrder(*board, true);
        shoot("board-tab-order");
        setShowsTabOrder(*board, false);
        board->setZoom(100);
        board->horizontalScrollBar()->setValue(0);

        // A hurried hand: everything a little off.
        Form rough = m_window.document()->form();
        int step = 0;
        for (const char *column : {"asset_no", "name", "buoy_type", "fairway_id", "contractor_id", "position",
                                   "depth_m", "laid_on", "is_lit", "battery_v", "light_character"}) {
            ++step;
            rough = moveControls(rough, {control(QString::fromLatin1(column))},
                                 QPoint((step * 5) % 11 - 3, (step * 7) % 9 - 4));
        }
        m_window.document()->apply(QStringLiteral("Rough"), rough);
        const ArrangeOperation *tidy = findArrangeOperation(QStringLiteral("tidy"));
        board->preview(tidy->apply({rough, {}, board->scene().appearance, {}}));
        shoot("board-tidy");
        board->endPreview();
        m_window.document()->steps()->undo();

        CaptionList captions(m_window.document()->form(), &m_window);
        captions.show();
        shoot("caption-list", &captions);
        captions.close();
        CommandFinder finder(commandsOf(m_window.menuBar()), &m_window);
        finder.show();
        if (auto *words = finder.findChild<QLineEdit *>("commandWords")) {
            words->setText(QStringLiteral("gaps"));
        }
        shoot("find-command", &finder);
        finder.close();
        if (auto *rows = m_window.findChild<QAction *>("storedRowsAction")) {
            rows->trigger();
            (void)waitUntil([&] {
                auto *table = m_window.findChild<QTableWidget *>("storedRows");
                return table && table->rowCount() > 0;
            });
            shoot("stored-rows");
            rows->trigger();
        }
    }

    // Groups and pages on the board and at work.
    void shootGroups()
    {
        m_window.filing().openPath(m_depot + QStringLiteral("/forms/buoy_card.nabform"));
        (void)waitUntil([this] { return m_window.session() && m_window.session()->place().map().has_value(); });
        m_window.session()->moves().goTo(2);
        m_window.board()->select({m_window.document()->form().controls.find(control("battery_v"))->container});
        m_window.board()->horizontalScrollBar()->setValue(0);
        shoot("board-groups");
        m_window.showEntry();
        focusOn("battery_v");
        shoot("entry-pages");
    }

    void openForm(const QString &name)
    {
        m_window.filing().openPath(m_depot + QStringLiteral("/forms/") + name + QStringLiteral(".nabform"));
        (void)waitUntil([this] {
            return m_window.session() &&
                   (m_window.session()->place().map().has_value() || !m_window.session()->state().hasRecord());
        });
    }

    void showPageOf(const QString &title)
    {
        for (const Control &each : m_window.document()->form().controls) {
            for (const Page &page : pagesOf(each)) {
                if (page.title == title) {
                    setFrontPage(*m_window.board(), each.id, page.id);
                    if (m_window.entryView()) { // made when Entry is first shown
                        m_window.entryView()->showPage(each.id, page.id);
                    }
                }
            }
        }
    }

    // Each form of the demonstration, both sides.
    void shootDemonstration()
    {
        m_window.statusBar()->clearMessage();
        openForm(QStringLiteral("buoy_register"));
        m_window.session()->moves().goTo(2);
        showPageOf(QStringLiteral("Visits"));
        for (const Control &each : m_window.document()->form().controls) {
            if (isJumpList(each)) {
                m_window.board()->select({each.id});
            }
        }
        m_window.board()->horizontalScrollBar()->setValue(0);
        shoot("register-design");
        m_window.showEntry();
        showPageOf(QStringLiteral("Visits"));
        shoot("register-entry");
        InnerPath rows;
        for (const Control &each : m_window.document()->form().controls) {
            rows = each.inner ? InnerPath{each.id} : rows;
        }
        m_window.showDesign();
        m_window.document()->setFocus(rows);
        shoot("register-rows");
        m_window.document()->setFocus({});
        openForm(QStringLiteral("contractor_card"));
        m_window.session()->moves().goTo(3);
        m_window.board()->select({control("agreement_until")});
        shoot("contractor-design");
        m_window.showEntry();
        shoot("contractor-entry");
        openForm(QStringLiteral("visits"));
        m_window.board()->select({control("labour_cost")});
        shoot("visits-design");
        m_window.showEntry();
        shoot("visits-entry");
        if (auto *whole = m_window.entryView()->findChild<QAbstractButton *>("openRow")) {
            whole->click();
        }
        shoot("visits-row");
        openForm(QStringLiteral("observer_sign_up"));
        m_window.board()->select({control("best_time")});
        shoot("sign-up-design");
        m_window.showEntry();
        shoot("sign-up-entry");
        openForm(QStringLiteral("start"));
        for (const Control &each : m_window.document()->form().controls) {
            if (each.name == QLatin1String("button_buoy_register")) {
                m_window.board()->select({each.id});
            }
        }
        shoot("start-design");
        m_window.showEntry();
        shoot("start-entry");
        shootLanguages();
    }

    // The same form as somebody sees it whose desktop is German, with what is still to be filled in.
    void shootGerman()
    {
        setChosenLanguage(QStringLiteral("de"));
        (void)useLanguage(*qApp);
        const Form form = inPersonsLanguage(m_window.document()->root(), m_window.appearance());
        {
            EntrySession session(*m_window.work().workspace().connection, m_window.work().workspace().catalogue, form);
            session.setLocale(QLocale(QLocale::German));
            (void)session.start();
            FormWindow window(&session, m_window.appearance(), nullptr);
            window.resize(form.width, shownHeight(form) + 60);
            window.show();
            QApplication::processEvents();
            (void)session.saving().save();
            QApplication::processEvents();
            shoot("german", &window);
        }
        setChosenLanguage({});
        qDeleteAll(qApp->findChildren<QTranslator *>());
    }

    // A form that has its words in several languages, as somebody sees it who reads from right to left; the guide.
    void shootLanguages()
    {
        openForm(QStringLiteral("observer_sign_up"));
        const Form form = inLanguage(m_window.document()->root(), QStringLiteral("ar"), m_window.appearance());
        EntrySession session(*m_window.work().workspace().connection, m_window.work().workspace().catalogue, form);
        (void)session.start();
        auto *window = new FormWindow(&session, m_window.appearance(), nullptr);
        window->resize(form.width, shownHeight(form) + 60);
        window->show();
        QApplication::processEvents();
        shoot("languages", window);
        delete window;
        shootGerman();
        showGuide(guideChapters().first(), &m_window);
        auto *guide = m_window.findChild<QWidget *>(QStringLiteral("guide"));
        QApplication::processEvents();
        shoot("guide", guide);
        delete guide;
    }

    // Records asked for by the form itself, what was asked above them, rows from a sheet of cells, two people in one
    // record.
    void shootAsked()
    {
        openForm(QStringLiteral("visit"));
        m_window.showEntry();
        m_window.activateWindow();
        EntryView *view = m_window.entryView();
        view->focusFirst();
        view->askForm();
        auto *question = view->findChild<FormQuestion *>();
        m_isGood = m_isGood && question;
        if (!question) {
            return;
        }
        const auto write = [&](const QString &column, const QString &words) {
            if (auto *line = qobject_cast<QLineEdit *>(question->view()->widgetFor(control(column)))) {
                line->setText(words);
                Q_EMIT line->textEdited(words);
                line->setFocus();
            }
        };
        write("visited_on", "2025-03..2026-02");
        write("growth", "heavy; medium");
        write("battery_v", "< 12.3");
        m_window.statusBar()->clearMessage();
        shoot("question");
        question->take();
        m_isGood = m_isGood && waitUntil([&] { return !view->isAsking(); });
        Wanted sorted = m_window.session()->state().wanted;
        sorted.order = {{QStringLiteral("visited_on"), true, false}};
        (void)view->want(sorted);
        m_isGood = m_isGood && waitUntil([&] { return m_window.session()->place().count().has_value(); });
        QApplication::processEvents();
        m_window.statusBar()->clearMessage();
        shoot("asked");
        (void)view->want({});

        openForm(QStringLiteral("visits"));
        m_window.showEntry();
        const Cells cells{{"Buoy", "Visited on", "Vessel", "Crew lead", "Battery (V)", "Hours"},
                          {"NB-2104-D", "20.11.26", "MV Grey Gannet", "Ansa Holm", "12.1", "1.5*2"},
                          {"NB-2199-X", "21.11.26", "MV Grey Gannet", "Ansa Holm", "11.9", "2"},
                          {"NB-2151-D", "22.11.26", "Workboat Pintail", "Idris Vane", "11.6", "many"},
                          {"NB-2027-C", "22.11.26", "Workboat Pintail", "Idris Vane", "21", "1.25"},
                          {"NB-2150-A", "23.11.26", "Survey launch Tern", "Tobin Ferrer", "12.4", "0.75"}};
        const int behind = static_cast<int>(m_window.session()->rows().window().rows().size()) + 1000;
        whenOpen("paste",
                 [&] { askAndPaste(*m_window.session(), cells, control("buoy_id"), behind, m_window.entryView()); });

        openForm(QStringLiteral("visit"));
        m_window.showEntry();
        m_window.session()->moves().goTo(40);
        retype("hours", "2.5");
        retype("battery_v", "12.4");
        const Connection other = *Connection::open(m_window.work().workspace().address);
        QSqlQuery change(other.database());
        const QString key = m_window.session()->state().key()->first().toString();
        m_isGood = change.exec("UPDATE visit SET hours = hours + 1.5, remarks = 'Shackle pin seized; cut off and "
                               "replaced.', growth = 'light' WHERE visit_id = " +
                               key) &&
                   m_isGood;
        m_isGood = m_isGood && !m_window.session()->saving().save();
        whenOpen("conflict", [&] { (void)settleConflict(*m_window.session(), m_window.entryView()); });
        m_window.session()->takingBack().takeBack();
    }

    // Pages as they will be printed, a message as it is sent, rows of a file that is looked at first.
    void shootHandedOn()
    {
        openForm(QStringLiteral("buoy_register"));
        m_window.showEntry();
        m_window.session()->moves().goTo(12);
        whenOpen("print", [&] { showPrintWindow(*m_window.session(), m_window.appearance(), m_window.entryView()); });
        MailSetup setup;
        setup.way = MailWay::Server;
        setup.from = QStringLiteral("Fairway depot <depot@nabharbour.example>");
        m_window.session()->setMailSender({[setup] { return setup; }, {}, {}});
        Control button;
        button.settings.set(setting::Message,
                            {QStringLiteral("works@nabharbour.example"),
                             QStringLiteral("Buoy {asset_no}: please look at it"),
                             QStringLiteral("{name} ({status}), battery {battery_v} V, at {position}.\n\nThe sheet "
                                            "of the buoy is attached.\n\nFairway depot"),
                             Attached::Pdf});
        whenOpen("send",
                 [&] { (void)sendMessage(*m_window.session(), button, m_window.appearance(), m_window.entryView()); });
        openForm(QStringLiteral("part"));
        m_window.showEntry();
        const QString path = QDir(m_depot).filePath(QStringLiteral("new prices.csv"));
        QFile file(path);
        m_isGood = file.open(QIODevice::WriteOnly) && m_isGood;
        file.write("Part no.,Name,Price,Supplier,Colour\nP-1000,Battery 12 V 80 Ah,151.5,Merrow Chain Co.,black\n"
                   "P-1001,Lantern amber,655,,\nP-9001,Radar reflector,88,Barnacle & Daughters,grey\n"
                   "P-9002,Chain 22 mm,-4,Merrow Chain Co.,\nP-9003,Mooring pin,12.75,Nobody & Sons,\n");
        file.close();
        whenOpen("import", [&] { importFile(*m_window.session(), path, m_window.entryView()); });
        QFile::remove(path);
    }

    // A picture of a sheet that is asked with, over the window; then it is let go.
    void whenOpen(const QString &name, const std::function<void()> &ask)
    {
        QTimer::singleShot(300, &m_window, [this, name] {
            if (QWidget *sheet = QApplication::activeModalWidget()) {
                shoot(name, sheet);
                sheet->close();
            } else {
                m_isGood = false;
            }
        });
        ask();
    }

    // A form with a few slips, what was found about them, and what can be done about one.
    void shootFindings()
    {
        Form form = m_window.document()->form();
        const auto change = [&](const char *column, const std::function<void(Control &)> &how) {
            Control changed = *form.controls.find(control(QString::fromLatin1(column)));
            how(changed);
            form.controls.replace(form.controls.indexOf(changed.id), changed);
        };
        form = deleteControls(form, {control(QStringLiteral("buoy_type"))});
        change("fairway_id", [](Control &each) { each.settings.remove(setting::Choosing); });
        change("fairway_id", [](Control &each) { each.kind = QStringLiteral("whole-number"); });
        change("position", [](Control &each) { each.place.setWidth(112); });
        change("name", [](Control &each) { each.place.translate(3, 0); });
        change("battery_v", [](Control &each) { each.place.setHeight(16); });
        m_window.document()->apply(QStringLiteral("Slips"), form);
        m_window.showFindings(true);
        m_window.findings().watch().lookNow();
        m_isGood =
            m_isGood && waitUntil([&] {
                return m_window.findings().watch().isUpToDate() && m_window.findings().watch().found().size() >= 5;
            });
        m_window.findings().step(1);
        m_window.findings().step(1);
        shoot("findings");
        m_window.showFindings(false);
        m_window.document()->steps()->undo();
        m_window.findings().watch().lookNow();
        m_window.statusBar()->clearMessage();
    }

    // A table that another program changed under a form.
    void shootReconcile()
    {
        openForm(QStringLiteral("buoy"));
        QSqlQuery change(m_window.work().workspace().connection->database());
        for (const char *sql : {"ALTER TABLE buoy RENAME COLUMN asset_no TO asset_number",
                                "ALTER TABLE buoy ADD COLUMN serial_no VARCHAR(20)",
                                "ALTER TABLE contractor RENAME COLUMN name TO firm_name"}) {
            m_isGood = change.exec(QString::fromLatin1(sql)) && m_isGood;
        }
        m_isGood = m_window.work().readDatabaseAgain().isOk() && m_isGood;
        m_window.session()->moves().goTo(2);
        const Workspace &workspace = m_window.work().workspace();
        const Form &form = m_window.document()->root();
        const StoredSamples samples =
            readSamples(*workspace.connection, workspace.catalogue, tablesToSample(form, workspace.catalogue));
        const QList<Proposal> proposals =
            proposalsFor(form, tableChanges(form, workspace.catalogue, samples),
                         {workspace.catalogue, m_window.appearance(), workspace.project.namingPattern});
        ReconcileDialog sheet(
            form, proposals,
            {*workspace.connection, workspace.catalogue, m_window.appearance(), workspace.project.namingPattern},
            ReconcileDialog::Purpose::IntoStep, &m_window);
        sheet.resize(1200, 760);
        sheet.show();
        for (QCheckBox *tick : sheet.findChildren<QCheckBox *>()) {
            tick->setChecked(true);
        }
        shoot("reconcile", &sheet);
        sheet.close();
    }

    // Where a database on a server is, and what is wrong with it.
    void shootServer()
    {
        const DatabaseAddress address{"postgresql",
                                      {{"host", "yard.nabharbour.example"}, {"database", "fairway"}, {"user", "ansa"}}};
        ServerDialog dialog(address,
                            QString("No database server answers on yard.nabharbour.example. Check the name of the "
                                    "computer and the port, and whether the server runs."),
                            &m_window);
        dialog.show();
        shoot("server", &dialog);
    }

    // The panel of looks beside the form, and the form in four of them.
    void shootLooks()
    {
        m_window.board()->select({});
        m_window.showLooks(true);
        shoot("looks");
        m_window.showLooks(false);
        QWidget four;
        four.resize(1280, 800);
        auto *grid = new QGridLayout(&four);
        grid->setContentsMargins(0, 0, 0, 0);
        grid->setSpacing(0);
        const Form &form = m_window.document()->form();
        int place = 0;
        for (const char *name : {"Quiet office", "Warm paper", "Chart room", "Night watch"}) {
            const Theme theme = qstrcmp(name, "Night watch") == 0 ? Theme::Dark : Theme::Light;
            const Appearance appearance(lookNamed(QString(name)), theme, QApplication::font());
            const Form roomy = withRoomForType(form, appearance, {form, m_window.appearance()});
            QImage image(roomy.width, shownHeight(roomy), QImage::Format_RGB32);
            for (int round = 0; round < 5; ++round) { // what painting missed is read right after it
                QPainter painter(&image);
                paintForm(painter, roomy, m_window.session(), image.size(), appearance);
                painter.end();
                m_window.session()->readMissing();
            }
            auto *label = new QLabel;
            label->setPixmap(QPixmap::fromImage(
                image.scaled(640, 400, Qt::KeepAspectRatioByExpanding, Qt::SmoothTransformation).copy(0, 0, 640, 400)));
            grid->addWidget(label, place / 2, place % 2);
            ++place;
        }
        shoot("looks-four", &four);
    }

    void shoot(const QString &name, QWidget *widget = nullptr)
    {
        // The main views, one picture each; the others are taken when they are asked for.
        static const QStringList Kept{"design",         "rules",         "languages", "german",    "findings",
                                      "entry",          "entry-refused", "new-form",  "print",     "register-design",
                                      "register-entry", "send",          "import",    "reconcile", "looks",
                                      "looks-four",     "asked",         "guide",     "conflict"};
        bool isWanted = m_wanted.isEmpty() && Kept.contains(name);
        for (const QString &part : m_wanted) {
            isWanted = isWanted || name.contains(part);
        }
        if (!isWanted) {
            return;
        }
        // What painting missed is read right after it; a picture waits for that.
        for (int round = 0; round < 10; ++round) {
            m_window.grab();
            if (!m_window.session() || !m_window.session()->readMissing()) {
                break;
            }
            QApplication::processEvents();
        }
        QApplication::processEvents();
        QApplication::processEvents();
        const QString path = QDir(m_folder).filePath(name + QStringLiteral(".png"));
        const bool isSaved =
            (widget ? widget : &m_window)->grab().toImage().convertToFormat(QImage::Format_RGB32).save(path);
        m_isGood = m_isGood && isSaved;
        QTextStream(stdout) << path << (isSaved ? "\n" : " could not be written\n");
    }

    QString m_depot;
    QString m_folder;
    QStringList m_wanted;
    MainWindow m_window;
    bool m_isGood = true;
};

} // namespace

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("Nabblet"));
    QApplication::setApplicationName(QStringLiteral("Nabblet"));
    QApplication::setStyle(QStringLiteral("Fusion"));
    const QStringList arguments = QApplication::arguments();
    if (arguments.size() < 3) {
        QTextStream(stderr) << "usage: nabblet-shoot PROJECT FOLDER [VIEW…]\n";
        return 2;
    }
    return Shooter(arguments.at(1), arguments.at(2), arguments.mid(3)).run() ? 0 : 1;
}

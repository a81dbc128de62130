// The forms of the demonstration: each is read, shown on both sides and at work in a window of its own; a form inside
// another is designed in place; buttons lead from form to form.
#include "app/window/entry_window.h"
#include "app/window/main_window.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/choices.h"
#include "core/rules/ready_shapes.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "designer/document/form_document.h"
#include "designer/panels/catalogue_panel.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"
#include "support/sample_database.h"

#include <QAbstractButton>
#include <QAction>
#include <QDir>
#include <QMenuBar>
#include <QPushButton>
#include <QRegularExpression>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>

using namespace nabblet;

class TestDemonstration : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;

    QString pathOf(const QString &form) const { return formsFolder(m_folder.path()) + "/" + form + ".nabform"; }
    static QAbstractButton *buttonCalled(EntryView *view, const QString &words)
    {
        for (const Control &control : view->session()->form().controls) {
            if (kindNamed(control.kind).editor == Editor::Button && control.text == words) {
                return qobject_cast<QAbstractButton *>(view->widgetFor(control.id));
            }
        }
        return nullptr;
    }

    // Types what a box takes.
    static void fill(EntrySession &session, const Control &control)
    {
        static int made = 0;
        const QList<LookupRow> choices = session.values().choices(control, {}, 1);
        const Editor editor = kindNamed(control.kind).editor;
        if (editor == Editor::Choice || editor == Editor::Options || editor == Editor::List) {
            if (!choices.isEmpty()) {
                session.typing().chooseRow(control, choices.first().values);
                return;
            }
        }
        if (const QList<Rule> shapes = session.values().shapesOf(control); !shapes.isEmpty()) {
            const ReadyShape *ready = readyShape(shapes.first().ready);
            QString example = ready ? QString::fromUtf8(ready->example) : shapes.first().examples.value(0);
            if (!ready) { // another one of the same shape
                example.replace(QRegularExpression("\\d{4}"), QString::number(9000 + ++made));
            }
            session.typing().type(control, example);
            return;
        }
        const QString kind = control.kind;
        session.typing().type(control, kind == "date"             ? QString("1 May 2026")
                                       : kind == "date-time"      ? QString("1 May 2026 10:30")
                                       : kind == "time"           ? QString("10:30")
                                       : kind == "whole-number"   ? QString::number(500 + ++made)
                                       : kind == "decimal-number" ? QString("2")
                                                                  : QString("Z%1").arg(++made));
    }

    static void addAndDelete(EntrySession &session, const QString &where)
    {
        const Table *table = findTable(session.state().catalogue, session.form().rowsFrom);
        QString said;
        const auto listening = connect(&session, &EntrySession::said, [&](const QString &words) { said = words; });
        if (session.state().canAdd()) {
            QVERIFY2(session.state().isNew() || session.moves().add(), qPrintable(where));
            for (const Control &control : session.form().controls) {
                const Column *column = table ? findColumn(*table, control.column) : nullptr;
                const bool isAsked =
                    column && (column->isRequired || kindNamed(control.kind).name == "text-box") && !column->hasDefault;
                if (isAsked && session.state().mayType(control) && !isJumpList(control)) {
                    fill(session, control);
                }
            }
            QVERIFY2(session.saving().save(), qPrintable(where + ": " + said));
            QVERIFY2(said.startsWith("Added"), qPrintable(said));
            for (const Control &control : session.form().controls) {
                if (control.inner && kindNamed(control.kind).editor == Editor::Rows) {
                    addAndDelete(*session.children().of(control), where + " > " + control.name);
                }
            }
        }
        if (session.state().canDelete() && session.state().hasRecord() && !session.state().isNew()) {
            const RowKey key = *session.state().key();
            for (const Control &control : session.form().controls) {
                if (control.inner && kindNamed(control.kind).editor == Editor::Rows) {
                    while (session.children().of(control)->state().canDelete() &&
                           session.children().of(control)->saving().remove()) {
                    }
                }
            }
            QVERIFY2(session.saving().remove(), qPrintable(where + ": " + said));
            QVERIFY2(session.takingBack().takeBack(), qPrintable(where + ": " + said));
            QVERIFY(session.state().key() == key);
        }
        disconnect(listening);
    }

private Q_SLOTS:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        QSettings().clear();
        samples::fairwayDatabase(m_folder);
        QVERIFY(QDir().mkpath(formsFolder(m_folder.path())));
        const QDir depot(NABBLET_ROOT "/demo/fairway-depot");
        QVERIFY(QFile::copy(depot.filePath("project.nabblet"), m_folder.filePath("project.nabblet")));
        for (const QString &file : formFiles(depot.path())) {
            QVERIFY(QFile::copy(depot.filePath("forms/" + file), formsFolder(m_folder.path()) + "/" + file));
        }
    }

    // A form that is read and written is the same file, so that a change of one control is a small diff.
    void formsAreWrittenAsTheyAre_data()
    {
        QTest::addColumn<QString>("file");
        for (const QString &file : formFiles(NABBLET_ROOT "/demo/fairway-depot")) {
            QTest::newRow(qPrintable(file)) << file;
        }
    }
    void formsAreWrittenAsTheyAre()
    {
        QFETCH(QString, file);
        QFile stored(formsFolder(NABBLET_ROOT "/demo/fairway-depot") + "/" + file);
        QVERIFY(stored.open(QIODevice::ReadOnly));
        const QByteArray bytes = stored.readAll();
        const Result<Form> form = readForm(bytes);
        QVERIFY2(form.isOk(), form ? "" : qPrintable(form.error().sentence));
        QCOMPARE(form->name + ".nabform", file);
        QCOMPARE(writeForm(*form), bytes);
        // What its buttons open is there.
        for (const Control &control : form->controls) {
            const QString opens = projectFormOf(control);
            QVERIFY2(opens.isEmpty() || QFile::exists(pathOf(opens)), qPrintable(opens));
        }
    }

    // Every form, on every level: a record is added, changed, deleted and brought back, and its rows with it.
    void eachFormTakesRecordsOnEveryLevel_data() { formsAreWrittenAsTheyAre_data(); }
    void eachFormTakesRecordsOnEveryLevel()
    {
        QFETCH(QString, file);
        const QString path = formsFolder(m_folder.path()) + "/" + file;
        const Result<Workspace> workspace = openWorkspaceOfForm(path);
        const Result<Form> form = loadForm(path);
        EntrySession session(*workspace->connection, workspace->catalogue, *form);
        session.setLocale(QLocale::c());
        if (form->rowsFrom.isEmpty()) {
            return;
        }
        QVERIFY(session.start().isOk());
        addAndDelete(session, file);
    }

    void eachFormIsAtWork_data() { formsAreWrittenAsTheyAre_data(); }
    void eachFormIsAtWork()
    {
        QFETCH(QString, file);
        const QString path = formsFolder(m_folder.path()) + "/" + file;
        const Result<Workspace> workspace = openWorkspaceOfForm(path);
        QVERIFY(workspace.isOk() && workspace->connection);
        const Result<Form> form = loadForm(path);
        EntryWindow window(*workspace, *form);
        const Outcome started = window.start();
        QVERIFY2(started.isOk(), started ? "" : qPrintable(started.error().sentence));
        window.show();
        QVERIFY(QTest::qWaitForWindowExposed(&window));
        QVERIFY(window.session()->state().messages.isEmpty());
        QCOMPARE(window.minimumSize() == window.maximumSize(), form->window.isFixed);
        // Every column that it asks for is there.
        QVERIFY(window.session()->state().source.missing.isEmpty());
        // Whatever is brought to sight shows rows that belong to the record once.
        for (const Control &control : form->controls) {
            window.view()->bringToSight(control.id);
            QApplication::processEvents();
            for (const EntryView *view : window.findChildren<EntryView *>()) {
                const auto beside =
                    view->parentWidget()->findChildren<EntryView *>(QString(), Qt::FindDirectChildrenOnly);
                QCOMPARE(beside.size(), 1);
            }
        }
    }

    void buttonsLeadFromTheStartToTheBuoys()
    {
        const Result<Workspace> workspace = openWorkspaceOfForm(pathOf("start"));
        EntryWindow window(*workspace, *loadForm(pathOf("start")));
        QVERIFY(window.start().isOk());
        window.show();
        QVERIFY(QTest::qWaitForWindowExposed(&window));
        QAbstractButton *buoys = buttonCalled(window.view(), "Buoy register");
        QVERIFY(buoys && buoys->isEnabled());
        buoys->click();
        auto *opened = window.findChild<FormWindow *>();
        QVERIFY(opened && opened->isVisible());
        QCOMPARE(opened->windowTitle(), "Buoy register");
        auto *view = opened->findChild<EntryView *>();
        QAbstractButton *next = buttonCalled(view, "Next");
        QVERIFY(next && next->isEnabled());
        const std::optional<RowKey> first = view->session()->state().key();
        next->click();
        QVERIFY(view->session()->state().key() && view->session()->state().key() != first);
        buttonCalled(view, "Close")->click();
        QTRY_VERIFY(!window.findChild<FormWindow *>() || !opened->isVisible());
    }

    // The visits of the register, two forms deep, designed in place and saved with the whole.
    void theRowsOfTheRegisterAreDesignedInPlace()
    {
        MainWindow window;
        window.resize(1280, 800);
        window.show();
        window.filing().openPath(pathOf("buoy_register"));
        QVERIFY(window.document());
        FormDocument *document = window.document();
        ControlId visits = 0;
        for (const Control &control : document->form().controls) {
            visits = control.inner ? control.id : visits;
        }
        QVERIFY(visits != 0);
        const Control &rows = *document->form().controls.find(visits);
        setFrontPage(*window.board(), rows.container, rows.page);
        QTest::mouseDClick(window.board()->viewport(), Qt::LeftButton, {},
                           window.board()->scene().viewportRectOf(visits).topLeft() + QPoint(30, 60));
        QTRY_COMPARE(document->focus(), InnerPath{visits});
        QCOMPARE(document->form().rowsFrom, "visit");
        auto *back = window.findChild<QPushButton *>("backToOuterForm");
        QVERIFY(back && back->isVisible());
        QCOMPARE(back->text(), "Back to Buoy register");
        // The board shows the rows of the record in hand.
        ControlId hours = 0;
        for (const Control &control : document->form().controls) {
            hours = control.column == "hours" ? control.id : hours;
        }
        const QRect before = document->form().controls.find(hours)->place;
        window.board()->select({hours});
        QTest::keyClick(window.board(), Qt::Key_Right, Qt::ControlModifier);
        QCOMPARE(document->form().controls.find(hours)->place.x(), before.x() + 1);
        back->click();
        QVERIFY(document->focus().isEmpty());
        QCOMPARE(window.board()->selection().controls(), QList<ControlId>{visits});
        QVERIFY(document->isChanged());
        QVERIFY(document->saveTo(pathOf("buoy_register")).isOk());
        const Form saved = *loadForm(pathOf("buoy_register"));
        QCOMPARE(saved.controls.find(visits)->inner.get()->controls.find(hours)->place.x(), before.x() + 1);
        document->steps()->undo();
        QCOMPARE(document->focus(), InnerPath{visits});
        QCOMPARE(document->form().controls.find(hours)->place, before);
        QVERIFY(document->saveTo(pathOf("buoy_register")).isOk());
    }
};

QTEST_MAIN(TestDemonstration)
#include "tst_demonstration.moc"

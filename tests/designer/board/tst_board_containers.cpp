// Group boxes, tab pages and the tracing sheet on the board, by mouse and keyboard.
#include "core/arrange/grouping.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/window_size.h"
#include "core/kinds/holders/tab_pages.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/board/modes/tab_order_mode.h"
#include "designer/board/modes/tracing_mode.h"
#include "designer/board/scene/mark_places.h"
#include "designer/panels/arrange_actions.h"
#include "designer/panels/outline/outline_panel.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QClipboard>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <QTreeView>

#include <QWheelEvent>

using namespace nabblet;

class TestBoardContainers : public QObject
{
    Q_OBJECT

    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<FormDocument> m_document;
    std::unique_ptr<Board> m_board;
    ControlId m_box = 0;  // a group box around the second and third field
    ControlId m_tabs = 0; // tab pages around the fifth; the sixth stands on their second page

    QWidget *view() const { return m_board->viewport(); }
    const Form &form() const { return m_document->form(); }
    const Control &control(ControlId id) const { return *form().controls.find(id); }
    QRect place(ControlId id) const { return control(id).place; }
    QPoint centre(ControlId id) const { return m_board->scene().viewportRectOf(id).center(); }
    // Where nothing stands inside a container.
    QPoint ground(ControlId container) const
    {
        return m_board->scene().viewportRectOf(container).bottomRight() - QPoint(14, 12);
    }
    QPoint heading(ControlId container) const
    {
        return m_board->scene().viewportRectOf(container).topLeft() + QPoint(200, 8);
    }
    QPoint tab(int index) const
    {
        return m_board->scene().viewportRectOf(m_tabs).topLeft() + tabPlaces(control(m_tabs)).at(index).center();
    }
    void move(QPoint to, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QMouseEvent event(QEvent::MouseMove, QPointF(to), view()->mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                          modifiers);
        QApplication::sendEvent(view(), &event);
    }
    void drag(QPoint from, QPoint to, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QTest::mousePress(view(), Qt::LeftButton, modifiers, from);
        for (int i = 1; i <= 4; ++i) {
            move(from + (to - from) * i / 4, modifiers);
        }
        QTest::mouseRelease(view(), Qt::LeftButton, modifiers, to);
    }

private Q_SLOTS:
    void init()
    {
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        Form made = settled(samples::columnOfFields(6), *m_appearance);
        const auto [grouped, box] = withContainer(made, {3, 5}, "group-box");
        const auto [paged, tabs] = withContainer(grouped, {9}, "tab-pages");
        m_box = box;
        m_tabs = tabs;
        made = moveControlsInto(paged, {11}, {BandRole::Body, tabs, 2}, QPoint(0, -60));
        // Room to click between what stands in them.
        made = resizeControls(made, {tabs}, Edge::Right | Edge::Bottom, QPoint(60, 40));
        made = resizeControls(made, {box}, Edge::Right, QPoint(60, 0));
        m_document = std::make_unique<FormDocument>(setFormWidth(made, 640));
        m_board = std::make_unique<Board>(m_document.get(), nullptr, *m_appearance);
        m_board->resize(1000, 700);
        m_board->show();
        m_board->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_board.get()));
        m_board->setFocus();
    }

    void cleanup()
    {
        m_board.reset();
        m_document.reset();
    }

    void aContainerIsTakenByItsEdgesAndItsGroundSelectsIt()
    {
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(3));
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({3}));
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, heading(m_box));
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({m_box}));
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(3));
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, ground(m_box));
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({m_box}));
        // Outwards step by step: control, container, band, form.
        m_board->select({3});
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({m_box}));
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QCOMPARE(m_board->selection().band(), BandRole::Body);
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(!m_board->selection().band() && m_board->selection().isEmpty());
        // And back in: from a container to the first in it.
        m_board->select({m_box});
        QTest::keyClick(m_board.get(), Qt::Key_Tab);
        QCOMPARE(m_board->selection().lead(), 3);
    }

    void aBoxDrawnInsideTakesOnlyWhatStandsThere()
    {
        const QRect box = m_board->scene().viewportRectOf(m_box);
        drag(ground(m_box), box.topLeft() + QPoint(12, 40)); // leftwards: what it touches
        const QList<ControlId> chosen = m_board->selection().controls();
        QCOMPARE(QSet<ControlId>(chosen.begin(), chosen.end()), QSet<ControlId>({3, 4, 5, 6}));
        QVERIFY(!m_document->steps()->canUndo());
    }

    void aDraggedGroupTakesEverythingAlong()
    {
        const QPoint before = place(3).topLeft() - place(m_box).topLeft();
        const QPoint start = place(m_box).topLeft();
        drag(heading(m_box), heading(m_box) + QPoint(64, 4), Qt::AltModifier);
        QCOMPARE(place(m_box).topLeft() - start, QPoint(64, 4));
        QCOMPARE(place(3).topLeft() - place(m_box).topLeft(), before);
        QCOMPARE(m_document->steps()->count(), 1);
    }

    void whatIsDroppedInAGroupBelongsToIt()
    {
        const int height = place(m_box).height();
        const QPoint inside = ground(m_box); // where the group stood before others make way for the drag
        QTest::mousePress(view(), Qt::LeftButton, Qt::NoModifier, centre(1));
        move(centre(1) + QPoint(0, 20));
        move(inside);
        // Before it is let go, the form shown has it inside.
        QCOMPARE(m_board->scene().shownForm().controls.find(1)->container, m_box);
        QCOMPARE(m_board->scene().shownForm().controls.find(2)->container, m_box);
        QCOMPARE(control(1).container, 0);
        QTest::mouseRelease(view(), Qt::LeftButton, Qt::NoModifier, inside);
        QCOMPARE(control(1).container, m_box);
        QVERIFY(place(m_box).height() >= height);
        QVERIFY(place(m_box).contains(place(1)));
        // Out again, on to the band.
        const QPoint free = m_board->scene().viewportRectOf(m_box).topRight() + QPoint(40, 30);
        drag(centre(1), free);
        QCOMPARE(control(1).container, 0);
        m_document->steps()->undo();
        m_document->steps()->undo();
        QCOMPARE(control(1).container, 0);
        QCOMPARE(place(m_box).height(), height);
    }

    void aTabTurnsThePageAndOnlyThatIsThere()
    {
        QVERIFY(!m_board->scene().viewportRectOf(11).isNull());
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(11));
        QVERIFY(m_board->selection().lead() != 11); // behind
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, tab(1));
        QCOMPARE(m_board->scene().fronts.value(m_tabs), 2);
        QCOMPARE(m_board->selection().lead(), m_tabs);
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(11));
        QCOMPARE(m_board->selection().lead(), 11);
        QVERIFY(!m_document->steps()->canUndo()); // turning is no edit
        // Selecting what stands on the other page brings it to the front.
        m_board->select({9});
        QCOMPARE(frontPage(control(m_tabs), m_board->scene().fronts), 1);
        turnPage(*m_board, 1);
        QCOMPARE(frontPage(control(m_tabs), m_board->scene().fronts), 2);
        turnPage(*m_board, 1);
        QCOMPARE(frontPage(control(m_tabs), m_board->scene().fronts), 1);
    }

    void theTabOrderIsSetOnThePageInFront()
    {
        setShowsTabOrder(*m_board, true);
        m_board->grab();
        // Where the box on the page behind would be, a click does nothing to the order.
        const QList<ControlId> before = tabSequence(form());
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, tabBadge(m_board->scene(), 11).center());
        QVERIFY(form().handOrder.isEmpty() || form().handOrder.first() != 11);
        m_document->steps()->setIndex(0);
        QCOMPARE(tabSequence(form()), before);
        // A tab turns its page; then it can be clicked.
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, tab(1));
        QCOMPARE(m_board->scene().fronts.value(m_tabs), 2);
        QVERIFY(m_board->scene().use() == MouseUse::OrderingTabs);
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, tabBadge(m_board->scene(), 11).center());
        QCOMPARE(tabSequence(form()).first(), 11);
    }

    void aDragOverATabGoesOnToItsPage()
    {
        m_board->select({7});
        const QPoint from = centre(7);
        QTest::mousePress(view(), Qt::LeftButton, Qt::NoModifier, from);
        move(from + QPoint(0, 12));
        move(tab(1));
        QCOMPARE(m_board->scene().fronts.value(m_tabs), 2);
        const QPoint onPage = ground(m_tabs);
        move(onPage);
        QTest::mouseRelease(view(), Qt::LeftButton, Qt::NoModifier, onPage);
        QCOMPARE(control(7).container, m_tabs);
        QCOMPARE(control(7).page, 2);
        QVERIFY(place(m_tabs).contains(place(7)));
    }

    void headingsAndTitlesAreEditedWhereTheyStand()
    {
        m_board->select({m_box});
        QTest::keyClick(m_board.get(), Qt::Key_F2);
        auto *editor = view()->findChild<QPlainTextEdit *>();
        QVERIFY(editor);
        QCOMPARE(editor->toPlainText(), "Group");
        editor->selectAll();
        QTest::keyClicks(editor, "Position");
        QTest::keyClick(editor, Qt::Key_Return);
        QCOMPARE(control(m_box).text, "Position");
        QTRY_VERIFY(!view()->findChild<QPlainTextEdit *>());
        QTest::mouseDClick(view(), Qt::LeftButton, Qt::NoModifier, tab(1));
        QTRY_VERIFY(view()->findChild<QPlainTextEdit *>());
        editor = view()->findChild<QPlainTextEdit *>();
        QCOMPARE(editor->toPlainText(), "Page 2");
        editor->selectAll();
        QTest::keyClicks(editor, "Visits");
        QTest::keyClick(editor, Qt::Key_Return);
        QCOMPARE(pagesOf(control(m_tabs)).at(1).title, "Visits");
    }

    void theCommandsMakeAndTakeOff()
    {
        ArrangeActions actions(m_board.get());
        actions.setBoard(m_board.get());
        actions.setEnabled(true);
        m_board->select({1, 7});
        QTRY_VERIFY(actions.action("group-box")->isEnabled());
        actions.action("group-box")->trigger();
        const ControlId made = m_board->selection().lead();
        QVERIFY(holdsOthers(control(made)));
        QCOMPARE(control(1).container, made);
        QTRY_VERIFY(actions.action("take-group-off")->isEnabled());
        actions.action("take-group-off")->trigger();
        QVERIFY(!form().controls.find(made));
        const QList<ControlId> freed = m_board->selection().controls();
        QCOMPARE(QSet<ControlId>(freed.begin(), freed.end()), QSet<ControlId>({1, 7}));
        // A page that is added comes to the front.
        m_board->select({m_tabs});
        QTRY_VERIFY(actions.action("page-add")->isEnabled());
        actions.action("page-add")->trigger();
        QCOMPARE(pagesOf(control(m_tabs)).size(), 3);
        QCOMPARE(frontPage(control(m_tabs), m_board->scene().fronts), pagesOf(control(m_tabs)).at(1).id);
        // Without tab pages around the lead, it says why not.
        m_board->select({1});
        QTRY_VERIFY(!actions.action("page-add")->isEnabled());
        QVERIFY(!actions.action("page-add")->property("whyNot").toString().isEmpty());
    }

    void copiesStayWhereTheirModelsAre()
    {
        m_board->select({3});
        m_board->clipboard().duplicate();
        const ControlId copy = m_board->selection().lead();
        QVERIFY(copy != 3);
        QCOMPARE(control(copy).container, m_box);
        QVERIFY(place(m_box).contains(place(copy)));
        // Copied, and pasted with the tab pages selected: on the page in front.
        setFrontPage(*m_board, m_tabs, 2);
        m_board->select({1});
        m_board->clipboard().copy();
        m_board->select({m_tabs});
        setFrontPage(*m_board, m_tabs, 2);
        m_board->clipboard().paste(BoardClipboard::Place::Beside);
        QCOMPARE(control(m_board->selection().lead()).page, 2);
        // A whole group, copied while it is selected, comes beside it and not into itself.
        m_board->select({m_box});
        m_board->clipboard().copy();
        m_board->clipboard().paste(BoardClipboard::Place::Beside);
        int boxes = 0;
        for (const Control &each : form().controls) {
            boxes += each.kind == "group-box" ? 1 : 0;
            QVERIFY(each.kind != "group-box" || each.container == 0);
        }
        QCOMPARE(boxes, 2);
    }

    void newFieldsGoWhereTheLeadIs()
    {
        m_board->select({3});
        QCOMPARE(m_board->scene().fieldTarget().area, (Area{BandRole::Body, m_box, 0}));
        m_board->select({m_tabs});
        setFrontPage(*m_board, m_tabs, 2);
        QCOMPARE(m_board->scene().fieldTarget().area, (Area{BandRole::Body, m_tabs, 2}));
        m_board->select({1});
        QCOMPARE(m_board->scene().fieldTarget().area, Area());
    }

    void theOutlineShowsWhatIsInWhat()
    {
        OutlinePanel outline;
        outline.setBoard(m_board.get());
        outline.resize(240, 600);
        outline.show();
        auto *tree = outline.findChild<QTreeView *>("outline");
        QAbstractItemModel *model = tree->model();
        const auto item = [&](const QString &name) {
            return model->match(model->index(0, 0), Qt::DisplayRole, name, 1, Qt::MatchExactly | Qt::MatchRecursive)
                .value(0);
        };
        QCOMPARE(item("text_1").parent(), item(control(m_box).name));
        QCOMPARE(item("text_5").parent(), item("Page 2"));
        QCOMPARE(item("Page 2").parent(), item(control(m_tabs).name));
        tree->selectionModel()->select(item("Page 2"), QItemSelectionModel::ClearAndSelect);
        QCOMPARE(m_board->scene().fronts.value(m_tabs), 2);
        QCOMPARE(m_board->selection().lead(), m_tabs);
        model->setData(item("Page 2"), "Moorings");
        QCOMPARE(pagesOf(control(m_tabs)).at(1).title, "Moorings");
        QTRY_VERIFY(item("Moorings").isValid());
        // Dropped elsewhere in the tree, a field goes there with its caption.
        const auto drop = [&](const QString &name, const QModelIndex &on, int row) {
            const std::unique_ptr<QMimeData> data(model->mimeData({item(name)}));
            model->dropMimeData(data.get(), Qt::MoveAction, row, 0, on);
        };
        drop("text_0", item(control(m_box).name), -1);
        QTRY_COMPARE(control(1).container, m_box);
        QCOMPARE(control(2).container, m_box);
        QVERIFY(place(m_box).contains(place(1)));
        QVERIFY(place(1).y() > place(5).y());
        // Where it stands already, the place among the others is its place in the tab order.
        QTRY_COMPARE(item("text_0").parent(), item(control(m_box).name));
        const QList<ControlId> before = tabSequence(m_document->form());
        drop("text_0", item(control(m_box).name), 0);
        const QList<ControlId> after = tabSequence(m_document->form());
        QVERIFY(after.indexOf(1) < before.indexOf(1));
        QVERIFY(QSet<ControlId>(after.begin(), after.end()) == QSet<ControlId>(before.begin(), before.end()));
        QTRY_COMPARE(item("text_0").row(), 0);
        // A container dropped on what is in it stays where it is.
        const Form still = m_document->form();
        drop(control(m_box).name, item(control(m_box).name), -1);
        QVERIFY(m_document->form() == still);
    }

    void theTracingSheetIsDraggedScaledAndNudged()
    {
        QTemporaryDir folder;
        const QString sheet = folder.filePath("paper.png");
        QImage paper(200, 100, QImage::Format_RGB32);
        paper.fill(Qt::lightGray);
        QVERIFY(paper.save(sheet));
        QSignalSpy said(m_board.get(), &Board::said);
        setMovesTracing(*m_board, true);
        QVERIFY(m_board->scene().use() != MouseUse::MovingTracing && !said.isEmpty()); // there is none yet
        Form with = form();
        with.tracing.file = sheet;
        m_document->apply("Lay a sheet under", with);
        setMovesTracing(*m_board, true);
        QVERIFY(m_board->scene().use() == MouseUse::MovingTracing);
        m_board->grab();
        const QRect before = tracingRect(m_board->scene());
        QCOMPARE(before.size(), QSize(200, 100));
        drag(centre(1), centre(1) + QPoint(33, 17)); // over a field, too
        QCOMPARE(form().tracing.at, QPoint(33, 17));
        QCOMPARE(place(1), with.controls.find(1)->place);
        // The wheel scales about the point under it.
        const QPoint at = m_board->scene().toViewport(form().tracing.at);
        QWheelEvent wheel(QPointF(at), view()->mapToGlobal(QPointF(at)), {}, QPoint(0, 120), Qt::NoButton,
                          Qt::NoModifier, Qt::NoScrollPhase, false);
        QApplication::sendEvent(view(), &wheel);
        QCOMPARE(form().tracing.percent, 105);
        QCOMPARE(form().tracing.at, QPoint(33, 17));
        QTest::keyClick(m_board.get(), Qt::Key_Minus);
        QCOMPARE(form().tracing.percent, 104);
        QTest::keyClick(m_board.get(), Qt::Key_Right, Qt::ControlModifier);
        QCOMPARE(form().tracing.at, QPoint(34, 17));
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(m_board->scene().use() != MouseUse::MovingTracing);
        // In a project, the sheet is named from the form's file; a sheet that is not there is said.
        QVERIFY(QDir(folder.path()).mkdir("forms"));
        const QString path = folder.filePath("forms/sample.nabform");
        QVERIFY(m_document->saveTo(path).isOk());
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(file.readAll().contains("\"../paper.png\""));
        QCOMPARE(QFileInfo(m_document->tracingPath()).canonicalFilePath(), QFileInfo(sheet).canonicalFilePath());
        said.clear();
        with = form();
        with.tracing.file = folder.filePath("gone.png");
        m_document->apply("Lay another under", with);
        m_board->grab();
        QTRY_VERIFY(!said.isEmpty() && said.last().first().toString().contains("gone.png"));
    }
};

QTEST_MAIN(TestBoardContainers)
#include "tst_board_containers.moc"

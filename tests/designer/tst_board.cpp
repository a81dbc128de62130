// The board, by mouse and keyboard.
#include "designer/board.h"
#include "designer/inspector.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QLineEdit>
#include <QScrollBar>
#include <QTest>

using namespace nabblet;

class TestBoard : public QObject
{
    Q_OBJECT

    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<FormDocument> m_document;
    std::unique_ptr<Board> m_board;

    QWidget *view() const { return m_board->viewport(); }
    QRect place(ControlId id) const { return m_document->form().controls.find(id)->place; }
    QPoint centre(ControlId id) const { return m_board->viewportRectOf(id).center(); }
    void drag(QPoint from, QPoint to, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QTest::mousePress(view(), Qt::LeftButton, modifiers, from);
        for (int i = 1; i <= 4; ++i) {
            QMouseEvent move(QEvent::MouseMove, QPointF(from + (to - from) * i / 4),
                             view()->mapToGlobal(from + (to - from) * i / 4), Qt::NoButton, Qt::LeftButton, modifiers);
            QApplication::sendEvent(view(), &move);
        }
        QTest::mouseRelease(view(), Qt::LeftButton, modifiers, to);
    }

private Q_SLOTS:
    void init()
    {
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        m_document = std::make_unique<FormDocument>(settled(samples::columnOfFields(6), *m_appearance));
        m_board = std::make_unique<Board>(m_document.get(), nullptr, *m_appearance);
        m_board->resize(900, 600);
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

    void clickingSelects()
    {
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(1));
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({1}));
        QTest::mouseClick(view(), Qt::LeftButton, Qt::ControlModifier, centre(5));
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({1, 5}));
        QCOMPARE(m_board->selection().lead(), 5);
        QTest::mouseClick(view(), Qt::LeftButton, Qt::ControlModifier, centre(1));
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({5}));
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, m_board->toViewport(QPoint(470, 200)));
        QVERIFY(m_board->selection().isEmpty());
        QVERIFY(!m_document->steps()->canUndo());
    }

    void aBoxRightwardsTakesWhatLiesInsideLeftwardsWhatItTouches()
    {
        const QRect first = m_board->viewportRectOf(1);
        const QRect second = m_board->viewportRectOf(3);
        const QPoint inside(first.right() - 20, first.top() - 6);
        const QPoint outside(second.right() + 10, second.bottom() + 4);
        drag(inside, outside);
        QVERIFY(m_board->selection().isEmpty());
        drag(outside, inside);
        const QList<ControlId> touched = m_board->selection().controls();
        QCOMPARE(QSet<ControlId>(touched.begin(), touched.end()), QSet<ControlId>({1, 3}));
        QVERIFY(!m_document->steps()->canUndo());
    }

    void draggingLandsOnTheGridAndTakesTheCaption()
    {
        const QRect before = place(5);
        const QRect caption = place(6);
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(5));
        drag(centre(5), centre(5) + QPoint(37, 21));
        QCOMPARE(place(5), before.translated(40, 24));
        QCOMPARE(place(6), caption.translated(40, 24));
        QCOMPARE(m_document->steps()->count(), 1);
        QCOMPARE(m_document->steps()->undoText(), "Move a control");
        m_document->steps()->undo();
        QCOMPARE(place(5), before);
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({5}));
    }

    void aShortPressMovesNothing()
    {
        drag(centre(5), centre(5) + QPoint(1, 1));
        QVERIFY(!m_document->steps()->canUndo());
    }

    void handlesResizeOnToTheGrid()
    {
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(1));
        const QRect there = m_board->viewportRectOf(1);
        const QRect before = place(1);
        drag(QPoint(there.right(), there.center().y()), QPoint(there.right() + 30, there.center().y()));
        QCOMPARE(place(1).x(), before.x());
        QCOMPARE((place(1).x() + place(1).width()) % 8, 0);
        QVERIFY(qAbs(place(1).width() - before.width() - 30) <= 8);
    }

    void escapeGivesADragUp()
    {
        QTest::mousePress(view(), Qt::LeftButton, Qt::NoModifier, centre(1));
        QMouseEvent move(QEvent::MouseMove, QPointF(centre(1) + QPoint(60, 60)), view()->mapToGlobal(centre(1)),
                         Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(view(), &move);
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QTest::mouseRelease(view(), Qt::LeftButton, Qt::NoModifier, centre(1));
        QVERIFY(!m_document->steps()->canUndo());
    }

    void arrowsMoveByTheGridAndByPixels()
    {
        m_board->select({1});
        const QRect before = place(1);
        QTest::keyClick(m_board.get(), Qt::Key_Right);
        QCOMPARE(place(1), before.translated(8, 0));
        QTest::keyClick(m_board.get(), Qt::Key_Down, Qt::ControlModifier);
        QCOMPARE(place(1), before.translated(8, 1));
        QTest::keyClick(m_board.get(), Qt::Key_Down);
        QCOMPARE(place(1).y(), before.y() + 8);
        QTest::keyClick(m_board.get(), Qt::Key_Right, Qt::ShiftModifier);
        QCOMPARE(place(1).width(), before.width() + 8);
        QCOMPARE(m_document->steps()->count(), 2); // moves make one step, resizing another
        m_document->steps()->undo();
        m_document->steps()->undo();
        QCOMPARE(place(1), before);
    }

    void aDoubleClickEditsTheCaptionAndNothingElse()
    {
        for (const ControlId id : {2, 1}) { // the caption itself, or its box
            QTest::mouseDClick(view(), Qt::LeftButton, Qt::NoModifier, centre(id));
            auto *line = view()->findChild<QLineEdit *>("captionLine");
            QVERIFY(line && line->isVisible());
            QTest::keyClick(line, Qt::Key_A, Qt::ControlModifier);
            QTest::keyClicks(line, QString("A longer caption %1").arg(id));
            QTest::keyClick(line, Qt::Key_Return);
            QCOMPARE(m_document->form().controls.find(2)->text, QString("A longer caption %1").arg(id));
            QCOMPARE(m_document->form().controls.find(1)->column, "column_0");
            QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        }
        const Control &caption = *m_document->form().controls.find(2);
        QVERIFY(caption.place.width() >= m_appearance->width(caption.text, TextRole::Caption));
        QCOMPARE(caption.place.x() + caption.place.width() + CaptionGap, place(1).x());
        QTest::mouseDClick(view(), Qt::LeftButton, Qt::NoModifier, m_board->toViewport(QPoint(400, 150)));
        QVERIFY(!view()->findChild<QLineEdit *>("captionLine"));
    }

    void escapeKeepsTheOldCaption()
    {
        m_board->editCaption(2);
        QTest::keyClicks(view()->findChild<QLineEdit *>("captionLine"), "x");
        QTest::keyClick(view()->findChild<QLineEdit *>("captionLine"), Qt::Key_Escape);
        QCOMPARE(m_document->form().controls.find(2)->text, "Column 0");
        QVERIFY(!m_document->steps()->canUndo());
    }

    void theRailTakesItsEdgesAlong()
    {
        const QRect before = place(1);
        const QPoint knob = m_board->railKnob(FixedRail::FirstFree);
        drag(knob, knob + QPoint(33, 0));
        for (const ControlId id : {1, 3, 5, 7}) {
            QCOMPARE(place(id).x(), before.x() + 32);
        }
        QCOMPARE(m_document->steps()->undoText(), "Move a rail");
    }

    void bandsAndWidthAreDraggedByTheirEdges()
    {
        const int height = findBand(m_document->form(), BandRole::Body)->height;
        const QPoint edge = m_board->toViewport(QPoint(300, formHeight(m_document->form())));
        drag(edge, edge + QPoint(0, 40));
        QCOMPARE(findBand(m_document->form(), BandRole::Body)->height, height + 40);
        const QPoint right = m_board->toViewport(QPoint(m_document->form().width, 100));
        const int width = m_document->form().width;
        drag(right, right + QPoint(40, 0));
        QCOMPARE(m_document->form().width % 8, 0);
        QVERIFY(qAbs(m_document->form().width - width - 40) < 8);
    }

    void deletingAndTakingItBack()
    {
        const Form before = m_document->form();
        m_board->select({1, 3});
        QTest::keyClick(m_board.get(), Qt::Key_Delete);
        QCOMPARE(m_document->form().controls.size(), before.controls.size() - 4);
        QVERIFY(m_board->selection().isEmpty());
        m_document->steps()->undo();
        QVERIFY(m_document->form() == before);
    }

    // Any row of edits, undone whole, gives an equal form; done again, the same result.
    void undoThenRedoGivesEqualForms()
    {
        QRandomGenerator random(17);
        const Form before = m_document->form();
        for (int i = 0; i < 300; ++i) {
            const QList<ControlId> chosen{1 + 2 * random.bounded(6)};
            m_board->select(chosen);
            const QList<Qt::Key> keys{Qt::Key_Left, Qt::Key_Right, Qt::Key_Up, Qt::Key_Down};
            const QList<Qt::KeyboardModifiers> modifiers{Qt::NoModifier, Qt::ControlModifier, Qt::ShiftModifier};
            QTest::keyClick(m_board.get(), keys.at(random.bounded(4)), modifiers.at(random.bounded(3)));
        }
        const Form after = m_document->form();
        while (m_document->steps()->canUndo()) {
            m_document->steps()->undo();
        }
        QVERIFY(m_document->form() == before);
        while (m_document->steps()->canRedo()) {
            m_document->steps()->redo();
        }
        QVERIFY(m_document->form() == after);
    }

    void onlyWhatDiffersIsPaintedAgain()
    {
        m_document = std::make_unique<FormDocument>(samples::columnOfFields(60));
        m_board = std::make_unique<Board>(m_document.get(), nullptr, *m_appearance);
        m_board->resize(900, 2000);
        m_board->show();
        QVERIFY(QTest::qWaitForWindowExposed(m_board.get()));
        m_board->select({21});
        QTRY_VERIFY(m_board->paintedControls() > 0);
        QCoreApplication::processEvents();
        QTest::keyClick(m_board.get(), Qt::Key_Down, Qt::ControlModifier);
        QCoreApplication::processEvents();
        QVERIFY2(m_board->paintedControls() <= 8, qPrintable(QString::number(m_board->paintedControls())));
    }

    void tabWalksThroughTheFields()
    {
        QTest::keyClick(m_board.get(), Qt::Key_Tab);
        QCOMPARE(m_board->selection().lead(), 1);
        QTest::keyClick(m_board.get(), Qt::Key_Tab);
        QCOMPARE(m_board->selection().lead(), 3);
        QTest::keyClick(m_board.get(), Qt::Key_Backtab, Qt::ShiftModifier);
        QCOMPARE(m_board->selection().lead(), 1);
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(m_board->selection().isEmpty());
    }

    void theInspectorShowsMixedValuesAndEditsAll()
    {
        Inspector inspector(m_document.get(), m_appearance.get());
        connect(m_board.get(), &Board::selectionChanged, &inspector, [&] { inspector.show(m_board->selection()); });
        m_board->select({1, 3});
        auto *top = inspector.findChild<QLineEdit *>("placeTop");
        auto *width = inspector.findChild<QLineEdit *>("placeWidth");
        QCOMPARE(top->placeholderText(), "mixed");
        QCOMPARE(width->text(), "160 px");
        width->setFocus();
        width->selectAll();
        QTest::keyClicks(width, "200");
        QTest::keyClick(width, Qt::Key_Return);
        QCOMPARE(place(1).width(), 200);
        QCOMPARE(place(3).width(), 200);
        QCOMPARE(m_document->steps()->count(), 1);
        const int y1 = place(1).y();
        const int y3 = place(3).y();
        top->selectAll();
        QTest::keyClicks(top, "+8");
        QTest::keyClick(top, Qt::Key_Return);
        QCOMPARE(place(1).y(), y1 + 8);
        QCOMPARE(place(3).y(), y3 + 8);
        QTest::keyClicks(width, "wide");
        QTest::keyClick(width, Qt::Key_Return);
        QCOMPARE(place(1).width(), 200);
    }
};

QTEST_MAIN(TestBoard)
#include "tst_board.moc"

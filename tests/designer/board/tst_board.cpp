// The board, by mouse and keyboard.
#include "core/arrange/edges.h"
#include "core/arrange/operations.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/holding.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/board/editing/caption_editor.h"
#include "designer/board/editing/word_editing.h"
#include "designer/board/scene/mark_places.h"
#include "designer/board/modes/copying_look_mode.h"
#include "designer/board/modes/placing_mode.h"
#include "designer/board/modes/tab_order_mode.h"
#include "designer/settings/inspector.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QCheckBox>
#include <QClipboard>
#include <QFrame>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QScrollBar>
#include <QSignalSpy>
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
    QPoint centre(ControlId id) const { return m_board->scene().viewportRectOf(id).center(); }
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
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, m_board->scene().toViewport(QPoint(470, 200)));
        QVERIFY(m_board->selection().isEmpty());
        QVERIFY(!m_document->steps()->canUndo());
    }

    void aBoxRightwardsTakesWhatLiesInsideLeftwardsWhatItTouches()
    {
        const QRect first = m_board->scene().viewportRectOf(1);
        const QRect second = m_board->scene().viewportRectOf(3);
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
        // In y it comes level with the bottom edge of the row below; in x there is nothing near, so the grid counts.
        const QPoint by = place(5).topLeft() - before.topLeft();
        QCOMPARE(by.x(), 40);
        QVERIFY(qAbs(by.y() - 21) <= 5 && by.y() % 8 == 0);
        QCOMPARE(place(6), caption.translated(by));
        QCOMPARE(m_document->steps()->count(), 1);
        QCOMPARE(m_document->steps()->undoText(), "Move a control");
        m_document->steps()->undo();
        QCOMPARE(place(5), before);
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({5}));
    }

    void shiftTakesAllBetweenAndAltWhatLiesUnder()
    {
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(1));
        QTest::mouseClick(view(), Qt::LeftButton, Qt::ShiftModifier, centre(7));
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({1, 3, 5, 7}));
        QCOMPARE(m_board->selection().lead(), 7);
        // Two on top of each other: Alt goes down the pile and comes back to its top.
        m_document->apply("Put one over the other", placeControl(m_document->form(), 3, place(5)));
        m_board->select({});
        QTest::mouseClick(view(), Qt::LeftButton, Qt::AltModifier, centre(5));
        const ControlId first = m_board->selection().lead();
        QTest::mouseClick(view(), Qt::LeftButton, Qt::AltModifier, centre(5));
        const ControlId second = m_board->selection().lead();
        QVERIFY(first != second);
        QTest::mouseClick(view(), Qt::LeftButton, Qt::AltModifier, centre(5));
        QCOMPARE(m_board->selection().lead(), first);
    }

    void escapeGoesOutwards()
    {
        m_board->select({1, 3});
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(m_board->selection().isEmpty());
        QVERIFY(m_board->selection().band() == BandRole::Body);
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(!m_board->selection().band());
        // Into the band again by Tab, to its first control.
        Selection header;
        header.setBand(BandRole::Body);
        m_board->setSelection(header);
        QTest::keyClick(m_board.get(), Qt::Key_Tab);
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({1}));
    }

    void aLostSelectionComesBackWithUndo()
    {
        m_board->select({3, 5});
        QTest::keyClick(m_board.get(), Qt::Key_Delete);
        QVERIFY(m_board->selection().isEmpty());
        m_board->select({1});
        m_document->steps()->undo();
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({3, 5}));
    }

    void keysChangeWhatADragMeans()
    {
        // Shift: along one axis.
        const QRect before = place(5);
        drag(centre(5), centre(5) + QPoint(90, 22), Qt::ShiftModifier);
        QVERIFY(place(5).x() != before.x());
        QCOMPARE(place(5).y(), before.y());
        m_document->steps()->undo();
        // Alt: free, to the pixel.
        drag(centre(5), centre(5) + QPoint(91, 203), Qt::AltModifier);
        QCOMPARE(place(5), before.translated(91, 203));
        m_document->steps()->undo();
        // Ctrl: a copy, with a caption and a name of its own; the model stays.
        const int count = m_document->form().controls.size();
        m_board->select({5});
        drag(centre(5), centre(5) + QPoint(200, 0), Qt::ControlModifier);
        QCOMPARE(m_document->form().controls.size(), count + 2);
        QCOMPARE(place(5), before);
        const ControlId copy = m_board->selection().lead();
        QVERIFY(copy != 5);
        QCOMPARE(m_document->form().controls.find(copy)->column, "column_2");
        QVERIFY(m_document->form().controls.find(copy)->name != m_document->form().controls.find(5)->name);
        QVERIFY(captionOf(m_document->form(), copy));
        QCOMPARE(m_document->steps()->undoText(), "Copy a control");
    }

    void draggingShowsWhyItStandsThere()
    {
        QTest::mousePress(view(), Qt::LeftButton, Qt::NoModifier, centre(5));
        const auto moveTo = [&](QPoint at) {
            QMouseEvent move(QEvent::MouseMove, QPointF(at), view()->mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(view(), &move);
        };
        moveTo(centre(5) + QPoint(30, 100));
        const QPoint held = m_board->scene().toViewport(QPoint(place(5).x() + 80, place(5).y() + 56 + 12));
        moveTo(held + QPoint(3, 130)); // near the rail again
        const bool hasRail = std::any_of(m_board->scene().guides().begin(), m_board->scene().guides().end(),
                                         [](const SnapGuide &guide) { return guide.kind == SnapKind::Rail; });
        QVERIFY(hasRail);
        QTest::mouseRelease(view(), Qt::LeftButton, Qt::NoModifier, held + QPoint(3, 130));
        QCOMPARE(place(5).x(), findRail(m_document->form(), FixedRail::FirstFree)->position);
        QCOMPARE(m_document->form().controls.find(5)->rides.left, int(FixedRail::FirstFree));
        QVERIFY(m_board->scene().guides().isEmpty());
    }

    void aDropBetweenOthersMakesThemGiveWay()
    {
        const int second = place(3).y();
        drag(centre(9), QPoint(centre(9).x(), centre(3).y()));
        QCOMPARE(place(9).y(), second);
        QVERIFY(place(3).y() > second);
        for (const Control &a : m_document->form().controls) {
            for (const Control &b : m_document->form().controls) {
                QVERIFY(a.id >= b.id || a.band != b.band || !a.place.intersects(b.place));
            }
        }
        QCOMPARE(m_document->steps()->count(), 1);
    }

    void controlsGoIntoAnotherBand()
    {
        drag(centre(1), m_board->scene().toViewport(QPoint(300, 20)));
        const Control *box = m_document->form().controls.find(1);
        QVERIFY(box->band == BandRole::Header);
        QVERIFY(m_document->form().controls.find(2)->band == BandRole::Header);
        QVERIFY(box->place.y() >= 0 && box->place.y() < 40);
    }

    void theGapPillSaysTheGapAndEvensAll()
    {
        m_document->apply("Nudge", moveControls(m_document->form(), {5}, QPoint(0, 3)));
        m_board->select({1, 3, 5, 7});
        QCOMPARE(m_board->scene().pills.size(), 3);
        const Gap odd = *std::find_if(m_board->scene().pills.begin(), m_board->scene().pills.end(),
                                      [](const Gap &gap) { return gap.isOdd; });
        QVERIFY(odd.size == 11 || odd.size == 5);
        const Gap usual = *std::find_if(m_board->scene().pills.begin(), m_board->scene().pills.end(),
                                        [](const Gap &gap) { return !gap.isOdd; });
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, pillRect(m_board->scene(), usual).center());
        for (const Gap &gap : m_board->scene().pills) {
            QCOMPARE(gap.size, usual.size);
        }
        QCOMPARE(m_board->selection().controls(), QList<ControlId>({1, 3, 5, 7}));
    }

    void severalAreSizedAsOne()
    {
        m_document->apply("Narrow", resizeControls(m_document->form(), {3}, Edge::Right, QPoint(-40, 0)));
        m_board->select({3, 5, 1});
        const QRect there = m_board->scene().viewportRectOf(1);
        drag(QPoint(there.right(), there.center().y()), QPoint(there.right() + 47, there.center().y()));
        QVERIFY(place(1).width() > 190);
        QCOMPARE(place(3).width(), place(1).width());
        QCOMPARE(place(5).width(), place(1).width());
    }

    void theCaptionShiftsAloneByItsHandle()
    {
        m_board->select({5});
        const QRect box = place(5);
        const QRect caption = place(6);
        const QPoint handle = captionHandle(m_board->scene()).center();
        drag(handle, handle + QPoint(0, 60), Qt::AltModifier);
        QCOMPARE(place(5), box);
        QCOMPARE(place(6), caption.translated(0, 60));
        QCOMPARE(m_document->form().controls.find(6)->captionFor, 5);
    }

    void aRailComesOutOfTheRuler()
    {
        const QPoint from(m_board->scene().toViewport(QPoint(360, 0)).x(), 10);
        drag(from, QPoint(from.x() + 3, 200), Qt::NoModifier);
        QCOMPARE(m_document->form().rails.size(), 2);
        QCOMPARE(m_document->form().rails.last().position % 8, 0);
        QCOMPARE(m_board->selection().rail(), m_document->form().rails.last().id);
        // Put back into the ruler, it is given up.
        drag(from, from + QPoint(40, 0));
        QCOMPARE(m_document->form().rails.size(), 2);
        QTest::keyClick(m_board.get(), Qt::Key_Right);
        QVERIFY(m_document->form().rails.last().position > 360);
        QTest::keyClick(m_board.get(), Qt::Key_Delete);
        QCOMPARE(m_document->form().rails.size(), 1);
    }

    void zoomKeepsPlacesTrue()
    {
        for (const int zoom : {25, 50, 100, 200, 400}) {
            m_board->setZoom(zoom);
            QCOMPARE(m_board->scene().zoom, zoom);
            for (const QPoint point : {QPoint(0, 0), QPoint(120, 72), QPoint(333, 155)}) {
                const QPoint back =
                    m_board->scene().toForm(m_board->scene().toViewport(point) + QPoint(zoom / 200, zoom / 200));
                QVERIFY((back - point).manhattanLength() <= std::max(1, 200 / zoom));
            }
        }
        m_board->setZoom(200);
        m_board->select({1});
        m_board->scrollTo(1);
        const QRect before = place(1);
        drag(centre(1), centre(1) + QPoint(0, 64 + 6), Qt::AltModifier);
        QCOMPARE(place(1), before.translated(0, 35));
        m_board->zoomToForm();
        QVERIFY(m_board->scene().viewportRectOf(11).bottom() < view()->height());
    }

    void copiesArePastedWithNamesOfTheirOwn()
    {
        m_board->select({1, 3});
        m_board->clipboard().copy();
        m_board->clipboard().paste(BoardClipboard::Place::InPlace);
        QCOMPARE(m_board->selection().controls().size(), 2);
        const Control *copy = m_document->form().controls.find(m_board->selection().controls().first());
        QCOMPARE(copy->place, place(1));
        QCOMPARE(copy->rides.left, int(FixedRail::FirstFree));
        m_document->steps()->undo();
        m_board->select({1});
        m_board->clipboard().duplicate();
        const ControlId first = m_board->selection().lead();
        QVERIFY(place(first) != place(1));
        // Moved by hand, then once more: the same step again.
        const QPoint moved = place(1).topLeft() + QPoint(0, 256);
        m_document->apply("Move", moveControls(m_document->form(), {first}, moved - place(first).topLeft()));
        m_board->clipboard().duplicate();
        const ControlId second = m_board->selection().lead();
        QCOMPARE(place(second).topLeft() - place(first).topLeft(), place(first).topLeft() - place(1).topLeft());
        m_board->select({second});
        m_board->clipboard().cut();
        QVERIFY(!m_document->form().controls.find(second));
    }

    // A letter typed begins the words of what is selected; Enter goes on to what still has none of its own.
    void wordsAreTypedOver()
    {
        m_board->select({1});
        QTest::keyClicks(m_board.get(), "D");
        QPointer<CaptionEditor> editor = m_board->findChild<CaptionEditor *>();
        QVERIFY(editor && editor->toPlainText() == "D");
        QTest::keyClicks(editor, "epth");
        QTest::keyClick(editor, Qt::Key_Return);
        QCOMPARE(captionOf(m_document->form(), 1)->text, "Depth");
        m_document->steps()->undo();
        QVERIFY(captionOf(m_document->form(), 1)->text != "Depth");
        // Escape leaves the words as they were; keys with Ctrl are commands.
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        m_board->setFocus();
        QTest::keyClicks(m_board.get(), "x");
        QTest::keyClick(m_board->findChild<CaptionEditor *>(), Qt::Key_Escape);
        QVERIFY(captionOf(m_document->form(), 1)->text != "x");
        QTest::keyClick(m_board.get(), Qt::Key_W, Qt::ControlModifier);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QVERIFY(!m_board->findChild<CaptionEditor *>());
        // A board that goes while words are open takes them along.
        m_board->setFocus();
        QTest::keyClicks(m_board.get(), "y");
        QVERIFY(m_board->findChild<CaptionEditor *>());
        m_board.reset();
    }

    // What is pasted goes where one clicked, clear of what stands there; else below what leads.
    void copiesGoToFreePlaces()
    {
        m_board->select({1});
        m_board->clipboard().copy();
        for (int i = 0; i < 3; ++i) {
            m_board->clipboard().paste(BoardClipboard::Place::Beside);
            QCOMPARE(place(m_board->selection().lead()).x(), place(1).x());
        }
        const Form &form = m_document->form();
        for (const Control &a : form.controls) {
            for (const Control &b : form.controls) {
                QVERIFY2(a.id >= b.id || a.band != b.band || !overlap(a.place, b.place), qPrintable(a.name + b.name));
            }
        }
        m_document->apply("Wider", setFormWidth(m_document->form(), 700));
        const QPoint there(480, bandTop(form, BandRole::Body) + 40);
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, m_board->scene().toViewport(there));
        m_board->clipboard().paste(BoardClipboard::Place::Beside);
        QCOMPARE(captionOf(m_document->form(), m_board->selection().lead())->place.topLeft(), QPoint(480, 40));
    }

    // What any program may have left on the clipboard: words, or a form with nothing on it.
    void whatIsNoControlIsNotPasted()
    {
        Form empty;
        empty.name = "empty";
        empty.bands = {Band{BandRole::Body, 200, {}}};
        const Form before = m_document->form();
        for (const QString &text : {QString(), QStringLiteral("Buoy 7"), QString::fromUtf8(writeForm(empty))}) {
            QApplication::clipboard()->setText(text);
            for (const ControlId lead : {0, 1}) {
                m_board->select(lead == 0 ? QList<ControlId>() : QList<ControlId>{lead});
                QSignalSpy said(m_board.get(), &Board::said);
                m_board->clipboard().paste(BoardClipboard::Place::Beside);
                QCOMPARE(said.size(), 1);
                QVERIFY(m_document->form() == before);
            }
        }
        // Of a band that this form does not have: it comes to the body.
        Form other = before;
        other.controls = ControlList();
        Control printed = before.controls.at(0);
        printed.captionFor = 0;
        printed.band = BandRole::PageFooter;
        other.controls.append(printed);
        other.bands.append(Band{BandRole::PageFooter, 60, {}});
        QApplication::clipboard()->setText(QString::fromUtf8(writeForm(other)));
        m_board->select({});
        m_board->clipboard().paste(BoardClipboard::Place::Beside);
        QCOMPARE(m_document->form().controls.size(), before.controls.size() + 1);
        QCOMPARE(m_document->form().controls.find(m_board->selection().lead())->band, BandRole::Body);
    }

    void aHeaderIsAddedOnTheSpine()
    {
        m_document->apply("Without", withoutBand(m_document->form(), BandRole::Header));
        const QRect adder = bandAdder(m_board->scene(), BandRole::Header);
        QVERIFY(!adder.isNull());
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, adder.center());
        QVERIFY(findBand(m_document->form(), BandRole::Header));
        QVERIFY(bandAdder(m_board->scene(), BandRole::Header).isNull());
        QCOMPARE(m_board->selection().band(), BandRole::Header);
    }

    // So many of a kind as the figure typed says, under one another by a click.
    void aNumberPlacesSoMany()
    {
        const int before = m_document->form().controls.size();
        beginPlacing(*m_board, "frame");
        QTest::keyClicks(m_board.get(), "12");
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier,
                          m_board->scene().toViewport(QPoint(420, bandTop(m_document->form(), BandRole::Body) + 8)));
        QCOMPARE(m_document->form().controls.size(), before + 12);
        QCOMPARE(m_board->selection().controls().size(), 12);
        m_document->steps()->undo();
        QCOMPARE(m_document->form().controls.size(), before);
    }

    // A row of buttons asks which of them, and does as is answered; whatever else is done comes first.
    void aRowOfButtonsAsksWhich()
    {
        const auto count = [&] {
            return std::count_if(m_document->form().controls.begin(), m_document->form().controls.end(),
                                 [](const Control &each) { return each.kind == "button"; });
        };
        const auto panel = [&]() -> QFrame * {
            const auto all = m_board->findChildren<QFrame *>("buttonRowChoice");
            const auto shown =
                std::find_if(all.begin(), all.end(), [](const QFrame *each) { return each->isVisible(); });
            return shown == all.end() ? nullptr : *shown;
        };
        const auto before = count();
        placeInNextFreePlace(*m_board, "buttons-of-record");
        QCOMPARE(count(), before + 6);
        QVERIFY(panel());
        const auto boxes = panel()->findChildren<QCheckBox *>();
        QCOMPARE(std::count_if(boxes.begin(), boxes.end(), [](const QCheckBox *box) { return box->isChecked(); }), 6);
        for (QCheckBox *box : boxes) {
            if (box->isChecked() && box->text() != "Save") {
                box->click();
            }
        }
        QCOMPARE(count(), before + 1);
        QVERIFY(panel()); // it goes on asking
        boxes.first()->click();
        QCOMPARE(count(), before + 2);
        m_document->steps()->undo();
        QCOMPARE(count(), before + 1);
        QVERIFY(!panel()); // those are gone that it asked about
        placeInNextFreePlace(*m_board, "buttons-to-go");
        QVERIFY(panel());
        QTest::keyClick(m_board.get(), Qt::Key_Right);
        QVERIFY(!panel());
    }

    // While window sizes are tried, signs at the lead say what it does there, and do the next thing by a click.
    void signsSayWhatHolds()
    {
        m_board->select({1});
        QVERIFY(holdSign(m_board->scene(), Direction::Across).isNull());
        m_board->setShowsHolds(true);
        const auto holding = [&](Direction direction) {
            return holdingOf(m_document->form(), *m_document->form().controls.find(1), direction);
        };
        const auto click = [&](Direction direction) {
            QTest::mouseClick(view(), Qt::LeftButton, {}, holdSign(m_board->scene(), direction).center());
        };
        QCOMPARE(holding(Direction::Across), std::optional(Holding::Stays));
        const int steps = m_document->steps()->count();
        for (const Holding next : {Holding::Moves, Holding::Stretches, Holding::KeepsShare, Holding::Stays}) {
            click(Direction::Across);
            QCOMPARE(holding(Direction::Across), std::optional(next));
            QCOMPARE(m_board->selection().controls(), QList<ControlId>{1});
        }
        QCOMPARE(m_document->steps()->count(), steps + 4);
        click(Direction::Down);
        QCOMPARE(holding(Direction::Down), std::optional(Holding::Moves));
        // They are seen, and gone again when they are not wanted.
        const QRect sign = holdSign(m_board->scene(), Direction::Across);
        const QImage with = view()->grab(sign).toImage();
        m_board->setShowsHolds(false);
        QVERIFY(view()->grab(sign).toImage() != with);
    }

    // Level rails come out of the ruler at the side, are dragged by their knobs and take along what rides them.
    void levelRailsComeOutOfTheSide()
    {
        const int y = bandTop(m_document->form(), BandRole::Body) + place(1).y();
        drag(QPoint(34, m_board->scene().toViewport(QPoint(0, y + 3)).y()),
             m_board->scene().toViewport(QPoint(60, y + 1)));
        QCOMPARE(m_document->form().levelRails.size(), 1);
        const Rail rail = m_document->form().levelRails.first();
        QCOMPARE(m_board->selection().rail(), rail.id);
        QCOMPARE(rail.position, place(1).y()); // it snapped
        QCOMPARE(m_document->form().controls.find(1)->rides.top, rail.id);
        const QRect before = place(1);
        drag(railKnob(m_board->scene(), rail.id), railKnob(m_board->scene(), rail.id) + QPoint(0, 16));
        QCOMPARE(place(1), before.translated(0, 16));
        QTest::keyClick(m_board.get(), Qt::Key_Up);
        QCOMPARE(place(1), before.translated(0, 8));
    }

    void theLookIsCopiedOnceOrUntilEscape()
    {
        Form form = m_document->form();
        Control note = *form.controls.find(2);
        note.role = "note";
        form.controls.replace(form.controls.indexOf(2), note);
        m_document->apply("A note", form);
        m_board->select({2});
        beginCopyLook(*m_board, LookCopies::UntilEscape);
        for (const ControlId id : {4, 6}) {
            QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(id));
            QCOMPARE(m_document->form().controls.find(id)->role, "note");
        }
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(m_board->scene().use() != MouseUse::CopyingLook);
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(8));
        QCOMPARE(m_document->form().controls.find(8)->role, "caption");
    }

    void clicksInOrderSetTheTabOrder()
    {
        setShowsTabOrder(*m_board, true);
        for (const ControlId id : {7, 3}) {
            QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, tabBadge(m_board->scene(), id).center());
        }
        QCOMPARE(tabSequence(m_document->form()), QList<ControlId>({7, 3, 1, 5, 9, 11}));
        // A number dragged on to another field.
        drag(tabBadge(m_board->scene(), 11).center(), tabBadge(m_board->scene(), 7).center());
        QCOMPARE(tabSequence(m_document->form()), QList<ControlId>({11, 7, 3, 1, 5, 9}));
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(m_board->scene().use() != MouseUse::OrderingTabs);
    }

    void theKeyboardMovesFieldsInTheTabOrder()
    {
        m_board->select({5});
        moveInTabOrder(*m_board, -1);
        QCOMPARE(tabSequence(m_document->form()), QList<ControlId>({1, 5, 3, 7, 9, 11}));
        moveInTabOrder(*m_board, 1);
        moveInTabOrder(*m_board, 1);
        QCOMPARE(tabSequence(m_document->form()), QList<ControlId>({1, 3, 7, 5, 9, 11}));
        m_board->select({1});
        const int steps = m_document->steps()->count();
        moveInTabOrder(*m_board, -1);
        QCOMPARE(m_document->steps()->count(), steps);
    }

    void anEmptyRowLeftByADeleteIsOfferedToBeClosed()
    {
        QSignalSpy said(m_board.get(), &Board::said);
        m_board->select({11}); // the last one: no row is left empty between others
        deleteSelection(*m_board);
        QCOMPARE(said.count(), 0);
        m_board->select({5});
        deleteSelection(*m_board);
        QCOMPARE(said.count(), 1);
        QVERIFY(said.first().first().toString().contains("empty row"));
    }

    void aPreviewChangesNothing()
    {
        const Form before = m_document->form();
        m_board->preview(moveControls(before, {1}, QPoint(0, 80)));
        QCOMPARE(m_board->scene().viewportRectOf(1).y(), m_board->scene().toViewport(QPoint(0, 56 + 16 + 80)).y());
        m_board->endPreview();
        QVERIFY(m_document->form() == before);
        QVERIFY(!m_document->steps()->canUndo());
        QCOMPARE(m_board->scene().viewportRectOf(1).y(), m_board->scene().toViewport(QPoint(0, 56 + 16)).y());
    }

    void aShortPressMovesNothing()
    {
        drag(centre(5), centre(5) + QPoint(1, 1));
        QVERIFY(!m_document->steps()->canUndo());
    }

    void handlesResizeOnToTheGrid()
    {
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, centre(1));
        const QRect there = m_board->scene().viewportRectOf(1);
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
            auto *line = view()->findChild<QPlainTextEdit *>("captionEditor");
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
        QTest::mouseDClick(view(), Qt::LeftButton, Qt::NoModifier, m_board->scene().toViewport(QPoint(400, 150)));
        QVERIFY(!view()->findChild<QPlainTextEdit *>("captionEditor"));
    }

    void escapeKeepsTheOldCaption()
    {
        m_board->words().edit(2);
        QTest::keyClicks(view()->findChild<QPlainTextEdit *>("captionEditor"), "x");
        QTest::keyClick(view()->findChild<QPlainTextEdit *>("captionEditor"), Qt::Key_Escape);
        QCOMPARE(m_document->form().controls.find(2)->text, "Column 0");
        QVERIFY(!m_document->steps()->canUndo());
    }

    void theRailTakesItsEdgesAlong()
    {
        const QRect before = place(1);
        const QPoint knob = railKnob(m_board->scene(), FixedRail::FirstFree);
        drag(knob, knob + QPoint(33, 0));
        for (const ControlId id : {1, 3, 5, 7}) {
            QCOMPARE(place(id).x(), before.x() + 32);
        }
        QCOMPARE(m_document->steps()->undoText(), "Move a rail");
    }

    void bandsAndWidthAreDraggedByTheirEdges()
    {
        const int height = findBand(m_document->form(), BandRole::Body)->height;
        const QPoint edge = m_board->scene().toViewport(QPoint(300, formHeight(m_document->form())));
        drag(edge, edge + QPoint(0, 40));
        QCOMPARE(findBand(m_document->form(), BandRole::Body)->height, height + 40);
        const QPoint right = m_board->scene().toViewport(QPoint(m_document->form().width, 100));
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

    // Whatever mouse, keys and commands do, in any order: nothing is lost but what was deleted, nothing leaves its
    // band, undone whole it is the form of the beginning, done again the form of the end.
    void anyRowOfEditsIsUndoneAndDoneAgain()
    {
        for (const quint32 seed : {1U, 2U, 3U, 4U}) {
            cleanup();
            init();
            QRandomGenerator random(seed);
            const Form before = m_document->form();
            const QList<Qt::KeyboardModifiers> modifiers{Qt::NoModifier, Qt::NoModifier, Qt::ControlModifier,
                                                         Qt::ShiftModifier, Qt::AltModifier};
            const auto anyPoint = [&] {
                return QPoint(random.bounded(view()->width()), random.bounded(view()->height()));
            };
            const auto anyControl = [&] {
                const ControlList &controls = m_document->form().controls;
                return controls.isEmpty() ? 0 : controls.at(random.bounded(controls.size())).id;
            };
            for (int i = 0; i < 250; ++i) {
                switch (random.bounded(9)) {
                case 0:
                    QTest::mouseClick(view(), Qt::LeftButton, modifiers.at(random.bounded(5)), anyPoint());
                    break;
                case 1:
                    drag(anyPoint(), anyPoint(), modifiers.at(random.bounded(5)));
                    break;
                case 2:
                    drag(centre(anyControl()),
                         centre(anyControl()) + QPoint(random.bounded(-90, 90), random.bounded(-60, 60)),
                         modifiers.at(random.bounded(5)));
                    break;
                case 3: {
                    QList<ControlId> chosen;
                    for (int j = 0; j < 4; ++j) {
                        const ControlId id = anyControl();
                        chosen.removeOne(id);
                        chosen.append(id);
                    }
                    m_board->select(chosen);
                    break;
                }
                case 4:
                case 5: {
                    const ArrangeOperation &operation =
                        arrangeOperations().at(random.bounded(arrangeOperations().size()));
                    const ArrangeContext context{
                        m_document->form(), m_board->selection().controls(), *m_appearance, {}};
                    if (operation.whyNot(context).isEmpty() && operation.id != "caption-remove") {
                        m_document->apply(arrangeTitle(operation), operation.apply(context));
                    }
                    break;
                }
                case 6:
                    m_board->clipboard().duplicate();
                    break;
                case 7:
                    if (random.bounded(4) == 0) {
                        deleteSelection(*m_board);
                    } else {
                        QTest::keyClick(m_board.get(), Qt::Key_Right, modifiers.at(random.bounded(4)));
                    }
                    break;
                default:
                    m_board->setZoom(random.bounded(2) == 0 ? 100 : 25 + random.bounded(200));
                    QTest::keyClick(m_board.get(), Qt::Key_Escape);
                }
                const Form &form = m_document->form();
                QSet<QString> names;
                for (const Control &control : form.controls) {
                    const Band *band = findBand(form, control.band);
                    QVERIFY2(control.place.x() >= 0 && control.place.y() >= 0,
                             qPrintable(m_document->steps()->undoText() + control.name +
                                        QString::number(control.place.x()) + "," + QString::number(control.place.y())));
                    QVERIFY2(control.place.x() + control.place.width() <= form.width,
                             qPrintable(m_document->steps()->undoText() + " " + control.name + " " +
                                        QString::number(control.place.x() + control.place.width()) + "," +
                                        QString::number(form.width)));
                    QVERIFY(control.place.y() + control.place.height() <= band->height);
                    QVERIFY(!names.contains(control.name));
                    names.insert(control.name);
                    for (const RailId rail : {control.rides.left, control.rides.right}) {
                        QVERIFY(rail < FixedRail::FirstFree || findRail(form, rail));
                    }
                }
                if (form.controls.size() > 150) {
                    selectAll(*m_board);
                    deleteSelection(*m_board);
                    m_document->steps()->undo();
                    m_board->select(form.controls.size() > 4 ? QList<ControlId>{form.controls.at(0).id}
                                                             : QList<ControlId>());
                    deleteSelection(*m_board);
                }
            }
            const Form after = m_document->form();
            QVERIFY(m_document->steps()->count() > 20);
            while (m_document->steps()->canUndo()) {
                m_document->steps()->undo();
            }
            QVERIFY(m_document->form() == before);
            while (m_document->steps()->canRedo()) {
                m_document->steps()->redo();
            }
            QVERIFY(m_document->form() == after);
        }
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

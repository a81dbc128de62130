// Placing new controls: from the palette by click and draw, by drag, by key; never two by accident.
#include "core/actions/action_table.h"
#include "core/arrange/edges.h"
#include "core/arrange/grouping.h"
#include "core/arrange/rails.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/fixed_picture.h"
#include "designer/board/board.h"
#include "designer/board/scene/kind_drag.h"
#include "designer/board/modes/placing_mode.h"
#include "designer/panels/palette.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

using namespace nabblet;

class TestPalette : public QObject
{
    Q_OBJECT

    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<FormDocument> m_document;
    std::unique_ptr<Board> m_board;
    ControlId m_box = 0;

    QWidget *view() const { return m_board->viewport(); }
    const Form &form() const { return m_document->form(); }
    const Control &lead() const { return *form().controls.find(m_board->selection().lead()); }
    QPoint free(QPoint onForm) const { return m_board->scene().toViewport(onForm); }
    void move(QPoint to, Qt::MouseButtons buttons, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QMouseEvent event(QEvent::MouseMove, QPointF(to), view()->mapToGlobal(to), Qt::NoButton, buttons, modifiers);
        QApplication::sendEvent(view(), &event);
    }
    int count(const QString &kind) const
    {
        int found = 0;
        for (const Control &control : form().controls) {
            found += control.kind == kind ? 1 : 0;
        }
        return found;
    }

private Q_SLOTS:
    void init()
    {
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        const auto [grouped, box] =
            withContainer(settled(samples::columnOfFields(4), *m_appearance), {3, 5}, "group-box");
        m_box = box;
        Form made = resizeControls(grouped, {box}, Edge::Right | Edge::Bottom, QPoint(100, 60));
        made = setBandHeight(setFormWidth(made, 640), BandRole::Body, 400);
        m_document = std::make_unique<FormDocument>(made);
        m_board = std::make_unique<Board>(m_document.get(), nullptr, *m_appearance);
        m_board->resize(1000, 700);
        m_board->show();
        m_board->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_board.get()));
    }

    void cleanup()
    {
        m_board.reset();
        m_document.reset();
    }

    void everyKindIsInSightAndFiltered()
    {
        Palette palette;
        palette.resize(200, 300);
        palette.show();
        QCoreApplication::processEvents();
        auto *list = palette.findChild<QListWidget *>("kindList");
        // None is below the fold, however many there are.
        palette.resize(200, palette.minimumSizeHint().height());
        QCoreApplication::processEvents();
        for (int i = 0; i < list->count(); ++i) {
            QVERIFY2(list->viewport()->rect().contains(list->visualItemRect(list->item(i))),
                     qPrintable(list->item(i)->text()));
        }
        QCOMPARE(list->count(), placeables().size());
        QSignalSpy taken(&palette, &Palette::kindTaken);
        QSignalSpy placed(&palette, &Palette::kindPlaced);
        QTest::mouseClick(list->viewport(), Qt::LeftButton, Qt::NoModifier,
                          list->visualItemRect(list->item(1)).center());
        QCOMPARE(taken.value(0).value(0).toString(), placeables().at(1).name);
        auto *filter = palette.findChild<QLineEdit *>("kindFilter");
        QTest::keyClicks(filter, "group");
        int shown = 0;
        for (int i = 0; i < list->count(); ++i) {
            shown += list->item(i)->isHidden() ? 0 : 1;
        }
        QCOMPARE(shown, 1);
        QTest::keyClick(filter, Qt::Key_Return);
        QCOMPARE(placed.value(0).value(0).toString(), "group-box");
    }

    // Buttons to other forms stand behind the kinds, as they are when the panel is looked at.
    void buttonsToFormsArePlacedLikeKinds()
    {
        Palette palette;
        QList<Placeable> forms{openingButton("visits", "Visits, all of them, with rather a long title"),
                               openingButton("parts", "Parts")};
        palette.setMore([&] { return forms; });
        palette.resize(200, 600);
        palette.show();
        auto *list = palette.findChild<QListWidget *>("kindList");
        QCOMPARE(list->count(), placeables().size() + 2);
        forms.removeFirst();
        palette.refreshMore();
        QCOMPARE(list->count(), placeables().size() + 1);
        const QListWidgetItem *last = list->item(list->count() - 1);
        QCOMPARE(last->data(Qt::AccessibleTextRole).toString(), "Button to “Parts”");
        m_board->setSelection({}); // into the body
        placeInNextFreePlace(*m_board, last->data(Qt::UserRole).toString());
        QCOMPARE(lead().kind, "button");
        QCOMPARE(lead().text, "Parts");
        QCOMPARE(buttonActionOf(lead()).name, "open-form");
        QCOMPARE(projectFormOf(lead()), "parts");
        const QRect first = lead().place;
        placeInNextFreePlace(*m_board, openingButton("visits", "Visits, all of them, with rather a long title").name);
        QVERIFY(lead().place.width() >= m_appearance->width(lead().text, TextRole::Button) + 16);
        QVERIFY(!lead().place.intersects(first));
        QVERIFY(childLinkOf(lead()).childColumns.isEmpty());
        // With what it is matched by, so that it opens at the row in hand.
        const ChildLink match{{"buoy_id", "line"}, {"id", "line_no"}};
        placeInNextFreePlace(*m_board, openingButton("visits", "Visits", match).name);
        QCOMPARE(lead().text, "Visits");
        QVERIFY(childLinkOf(lead()) == match);
        for (int i = 0; i < 3; ++i) {
            m_document->steps()->undo();
        }
        QCOMPARE(count("button"), 0);
    }

    // A picture file dropped on the form is part of it, no larger than there is room; other files are not taken.
    void aDroppedPictureIsALogo()
    {
        QTemporaryDir folder;
        QImage image(120, 60, QImage::Format_RGB32);
        image.fill(Qt::darkCyan);
        QVERIFY(image.save(folder.filePath("logo.png")));
        QFile other(folder.filePath("notes.txt"));
        QVERIFY(other.open(QFile::WriteOnly) && other.write("no picture") > 0);
        other.close();
        const auto drop = [&](const QString &name, QPoint onForm) {
            QMimeData mime;
            mime.setUrls({QUrl::fromLocalFile(folder.filePath(name))});
            const QPoint at = free(onForm);
            QDragEnterEvent enter(at, Qt::CopyAction, &mime, Qt::LeftButton, {});
            enter.ignore();
            QApplication::sendEvent(view(), &enter);
            if (!enter.isAccepted()) {
                return false;
            }
            QDragMoveEvent over(at, Qt::CopyAction, &mime, Qt::LeftButton, {});
            QApplication::sendEvent(view(), &over);
            QDropEvent dropped(at, Qt::CopyAction, &mime, Qt::LeftButton, {});
            QApplication::sendEvent(view(), &dropped);
            return true;
        };
        QVERIFY(!drop("notes.txt", QPoint(420, 200)));
        QVERIFY(drop("logo.png", QPoint(421, 203)));
        QVERIFY(!m_board->scene().preview.has_value());
        QCOMPARE(lead().kind, "picture");
        QCOMPARE(lead().place, QRect(424, 200 - bandTop(form(), BandRole::Body), 120, 60));
        QVERIFY(!fixedImage(lead()).isEmpty() && !captionOf(form(), lead().id));
        QVERIFY(drop("logo.png", QPoint(560, 300))); // 80 px of room
        QVERIFY(rightOf(lead().place) <= form().width);
        QCOMPARE(lead().place.width(), 2 * lead().place.height());
    }

    void aKindIsDrawnOnce()
    {
        beginPlacing(*m_board, "text-box");
        const QPoint from = free(QPoint(400, 320));
        move(from, Qt::NoButton);
        QVERIFY(m_board->scene().preview.has_value()); // where it would go is seen before
        QTest::mousePress(view(), Qt::LeftButton, Qt::NoModifier, from);
        for (int i = 1; i <= 4; ++i) {
            move(from + QPoint(30 * i, 10 * i), Qt::LeftButton);
        }
        QTest::mouseRelease(view(), Qt::LeftButton, Qt::NoModifier, from + QPoint(120, 40));
        QCOMPARE(count("text-box"), 5);
        QCOMPARE(lead().place.topLeft() + QPoint(0, bandTop(form(), BandRole::Body)), QPoint(400, 320));
        QCOMPARE(lead().place.size(), QSize(120, 40));
        QVERIFY(captionOf(form(), lead().id));
        QCOMPARE(m_document->steps()->count(), 1);
        QVERIFY(placingOn(*m_board).isEmpty());
        // The next click selects, and a double click does not place a second one.
        QTest::mouseDClick(view(), Qt::LeftButton, Qt::NoModifier, free(QPoint(560, 340)));
        QCOMPARE(count("text-box"), 5);
        m_document->steps()->undo();
        QCOMPARE(count("text-box"), 4);
    }

    void aClickPutsItDownAtItsUsualSizeAndShiftGoesOn()
    {
        beginPlacing(*m_board, "line");
        QTest::mouseClick(view(), Qt::LeftButton, Qt::ShiftModifier, free(QPoint(360, 320)));
        QCOMPARE(count("line"), 1);
        QCOMPARE(placingOn(*m_board), "line");
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, free(QPoint(360, 380)));
        QCOMPARE(count("line"), 2);
        QVERIFY(placingOn(*m_board).isEmpty());
        QCOMPARE(lead().place.size(), kindNamed("line").usualSize);
        beginPlacing(*m_board, "frame");
        QTest::keyClick(m_board.get(), Qt::Key_Escape);
        QVERIFY(placingOn(*m_board).isEmpty() && !m_board->scene().preview.has_value());
        QCOMPARE(count("frame"), 0);
        // A click beside the form puts the kind back.
        beginPlacing(*m_board, "frame");
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, free(QPoint(700, 320)));
        QVERIFY(placingOn(*m_board).isEmpty());
        QCOMPARE(count("frame"), 0);
    }

    void whatIsPutDownInAGroupBelongsToIt()
    {
        const QRect box = m_board->scene().viewportRectOf(m_box);
        beginPlacing(*m_board, "date");
        QTest::mouseClick(view(), Qt::LeftButton, Qt::NoModifier, box.bottomRight() - QPoint(60, 40));
        QCOMPARE(lead().kind, "date");
        QCOMPARE(lead().container, m_box);
        QCOMPARE(captionOf(form(), lead().id)->container, m_box);
        QVERIFY(form().controls.find(m_box)->place.contains(lead().place));
    }

    void aDragFromThePaletteShowsBeforeItIsLetGo()
    {
        QMimeData mime;
        mime.setData(kindDragFormat(), "tick-box");
        const QPoint at = free(QPoint(420, 330));
        QDragEnterEvent enter(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(view(), &enter);
        QVERIFY(enter.isAccepted());
        QDragMoveEvent over(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(view(), &over);
        QVERIFY(m_board->scene().preview.has_value());
        QCOMPARE(count("tick-box"), 0);
        QDropEvent drop(QPointF(at), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(view(), &drop);
        QCOMPARE(count("tick-box"), 1);
        QVERIFY(!m_board->scene().preview.has_value());
    }

    void byKeyItGoesBelowWhereTheLeadIs()
    {
        m_board->select({3});
        placeInNextFreePlace(*m_board, "whole-number");
        QCOMPARE(lead().container, m_box);
        QVERIFY(lead().place.y() > form().controls.find(5)->place.y());
        m_board->select({1});
        placeInNextFreePlace(*m_board, "tab-pages");
        QCOMPARE(lead().container, 0);
        QVERIFY(holdsOthers(lead()));
    }
};

QTEST_MAIN(TestPalette)
#include "tst_palette.moc"

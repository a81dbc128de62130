// What the board shows is what Entry shows: each kind of control, in each of its states, pixel by pixel.
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "designer/board.h"
#include "entry/entry_view.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QPainter>
#include <QTest>

using namespace nabblet;

class TestSamePixels : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;

    static QImage boardPicture(Board &board, const Form &form, const Control &control)
    {
        QImage whole(form.width, formHeight(form), QImage::Format_RGB32);
        QPainter painter(&whole);
        board.paintForm(painter);
        return whole.copy(placeOnForm(form, control));
    }

private Q_SLOTS:
    void initTestCase() { m_path = samples::fairwayDatabase(m_folder); }

    void everyKindLooksTheSame_data()
    {
        QTest::addColumn<QString>("table");
        QTest::addColumn<int>("theme");
        for (const char *table : {"buoy", "visit", "contractor", "observer", "part_claim", "vessel"}) {
            QTest::addRow("%s light", table) << QString(table) << int(Theme::Light);
            QTest::addRow("%s dark", table) << QString(table) << int(Theme::Dark);
        }
    }

    void everyKindLooksTheSame()
    {
        QFETCH(QString, table);
        QFETCH(int, theme);
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Appearance appearance(looks().first(), static_cast<Theme>(theme), QApplication::font());
        // Wide enough for the strip below, so that nothing is stretched further in Entry.
        const Form form = setFormWidth(draftColumnar(catalogue, *findTable(catalogue, table), appearance), 1200);
        EntrySession session(connection, catalogue, form);
        QVERIFY(session.start().isOk());
        FormDocument document(form);
        Board board(&document, &session, appearance);
        EntryView view(&session, appearance);
        view.resize(form.width, formHeight(form) + 200);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        for (int record = 0; record < 3; ++record) {
            if (QWidget *focused = QApplication::focusWidget()) {
                focused->clearFocus();
            }
            for (const Control &control : form.controls) {
                QWidget *widget = view.widgetFor(control.id);
                if (!takesValue(kindNamed(control.kind))) {
                    continue;
                }
                QVERIFY2(widget, qPrintable(control.name));
                QCOMPARE(widget->size(), control.place.size());
                QImage inEntry(control.place.size(), QImage::Format_RGB32);
                inEntry.fill(appearance.colour(control.band == BandRole::Body ? Ink::Paper : Ink::BandTint));
                widget->render(&inEntry, QPoint(), QRegion(), QWidget::DrawChildren);
                const QImage onBoard = boardPicture(board, form, control);
                if (inEntry != onBoard) {
                    inEntry.save(QDir::temp().filePath("nabblet-entry.png"));
                    onBoard.save(QDir::temp().filePath("nabblet-board.png"));
                }
                QVERIFY2(inEntry == onBoard,
                         qPrintable(control.name + " differs in record " + QString::number(record)));
            }
            session.goNext();
        }
    }

    void everyKindIsMet()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        QSet<QString> met;
        for (const char *table : {"buoy", "visit", "contractor", "observer", "part_claim", "vessel"}) {
            const Form form = draftColumnar(catalogue, *findTable(catalogue, table), FixedTextMeasure());
            for (const Control &control : form.controls) {
                met.insert(control.kind);
            }
        }
        met.unite({"total", "subform", "button"}); // of forms with rows that belong to them: tst_subforms
        for (const Kind &kind : kinds()) {
            QVERIFY2(met.contains(kind.name), qPrintable(kind.name));
        }
    }
};

QTEST_MAIN(TestSamePixels)
#include "tst_same_pixels.moc"

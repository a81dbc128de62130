// What looks set besides colours and kinds of type, in what is painted.
#include "core/kinds/kind.h"
#include "core/look_settings/look_setting_table.h"
#include "core/looks/files/look_book.h"
#include "core/looks/pins/look_pin.h"
#include "entry/paint/picture_painter.h"

#include <QApplication>
#include <QImage>
#include <QPainter>
#include <QTest>

using namespace nabblet;

class TestLookSettings : public QObject
{
    Q_OBJECT

    static QImage painted(const QString &kind, const Look &look, const QString &words = {})
    {
        Control control;
        control.kind = kind;
        control.text = words;
        control.place = QRect(QPoint(0, 0), kindNamed(kind).usualSize);
        QImage image(control.place.size(), QImage::Format_RGB32);
        image.fill(Qt::magenta);
        QPainter painter(&image);
        Shown shown;
        shown.words = words;
        shown.isMissing = words.isEmpty();
        paintPicture(painter, pictureOf(control, shown, look), QPoint(0, 0),
                     Appearance(look, Theme::Light, QApplication::font()));
        return image;
    }
    static Look withFigure(const LookSetting &setting, int figure)
    {
        Look look = looks().first();
        look.figures.insert(setting.name, figure);
        return look;
    }
    // How many pixels at the left edge differ from the inside.
    static int edge(const QImage &box)
    {
        int dark = 0;
        const int middle = box.height() / 2;
        while (dark < 10 && box.pixelColor(dark, middle) != box.pixelColor(20, middle)) {
            ++dark;
        }
        return dark;
    }

private Q_SLOTS:
    void figuresStayWithinTheirLimits()
    {
        for (const LookSetting *setting : lookSettings()) {
            QVERIFY(setting->least <= setting->usual && setting->usual <= setting->most);
            QCOMPARE(lookFigure(Look(), *setting), setting->usual);
            QCOMPARE(lookFigure(withFigure(*setting, setting->least), *setting), setting->least);
            QCOMPARE(lookFigure(withFigure(*setting, setting->least - 1), *setting), setting->least);
            QCOMPARE(lookFigure(withFigure(*setting, setting->most + 1), *setting), setting->most);
        }
    }

    void cornersAreAsRoundAsTheLookHasThem()
    {
        for (const auto &[kind, setting] :
             {QPair<QString, const LookSetting *>("text-box", &fieldCorner()), {"button", &buttonCorner()}}) {
            QCOMPARE(painted(kind, looks().first()).pixelColor(0, 0), QColor(Qt::magenta));
            QVERIFY2(painted(kind, withFigure(*setting, 0)).pixelColor(0, 0) != QColor(Qt::magenta), qPrintable(kind));
        }
        // What is round altogether stays so.
        QVERIFY(painted("switch", withFigure(fieldCorner(), 0)) == painted("switch", looks().first()));
    }

    // Lines as heavy as the look has them, outwards no further than the box.
    void linesAreAsHeavyAsTheLookHasThem()
    {
        for (int weight = 0; weight <= 4; ++weight) {
            QCOMPARE(edge(painted("text-box", withFigure(fieldLine(), weight))), weight);
            QCOMPARE(edge(painted("button", withFigure(buttonLine(), weight))), weight);
        }
    }

    void everyEdgeLooksAnother()
    {
        for (const auto &[kind, setting] :
             {QPair<QString, const LookSetting *>("text-box", &fieldEdge()), {"button", &buttonEdge()}}) {
            QList<QImage> seen;
            for (int shape = setting->least; shape <= setting->most; ++shape) {
                const QImage image = painted(kind, withFigure(*setting, shape));
                QVERIFY2(!seen.contains(image), qPrintable(kind + QString::number(shape)));
                seen.append(image);
            }
        }
    }

    void wordsStandWhereTheLookHasThem()
    {
        const auto left = [](const QImage &image) { // the first column of pixels with ink inside the box
            for (int x = 3; x < image.width() - 3; ++x) {
                for (int y = 4; y < image.height() - 4; ++y) {
                    if (image.pixelColor(x, y).lightness() < 120) {
                        return x;
                    }
                }
            }
            return -1;
        };
        const int usual = left(painted("text-box", looks().first(), "ll"));
        QVERIFY(usual > 3 && usual < 16);
        QVERIFY(left(painted("text-box", withFigure(textAlignment(), 2), "ll")) > 100);
        QVERIFY(left(painted("whole-number", looks().first(), "11")) > 40);
        QVERIFY(left(painted("whole-number", withFigure(numberAlignment(), 0), "11")) < 20);
        QCOMPARE(left(painted("text-box", withFigure(padding(), 16), "ll")), usual + 9);
    }

    // An appearance is its own for what is dressed, the same for what is dressed alike, and none for what is not.
    void appearancesAreSharedByWhatLooksAlike()
    {
        const Appearance all(looks().first(), Theme::Light, QApplication::font());
        Control plain;
        plain.kind = "text-box";
        QCOMPARE(all.dressedFor(plain, {}).get(), &all);
        Control red = plain;
        red.settings.set(setting::TextColour, TwoSided{0x800000, {}});
        Control alike = plain;
        alike.settings.set(setting::TextColour, TwoSided{0x800000, {}});
        const auto own = all.dressedFor(red, {});
        QVERIFY(own.get() != &all);
        QCOMPARE(all.dressedFor(alike, {}).get(), own.get());
        QCOMPARE(own->colour(Ink::FieldText), QColor(0x80, 0, 0));
        Control green = red;
        green.settings.set(setting::TextColour, TwoSided{0x008000, {}});
        QVERIFY(all.dressedFor(green, {}).get() != own.get());
        QCOMPARE(all.dressedFor(red, {}).get(), own.get());
        Control large = plain;
        large.settings.set(setting::TextSize, 200);
        QVERIFY(all.of(large)->width("Words", TextRole::Field) > 1.6 * all.width("Words", TextRole::Field));
        // Thousands of different ones do not heap up, and what is in use stays.
        for (int i = 0; i < 5000; ++i) {
            green.settings.set(setting::Corner, i % 24);
            green.settings.set(setting::TextSize, 50 + i % 300);
            all.dressedFor(green, {});
        }
        QCOMPARE(own->colour(Ink::FieldText), QColor(0x80, 0, 0));
    }
};

QTEST_MAIN(TestLookSettings)
#include "tst_look_settings.moc"

// What looks set besides colours and text styles, in what is painted.
#include "core/kinds/kind.h"
#include "core/look_settings/look_setting_table.h"
#include "entry/paint/picture_painter.h"

#include <QApplication>
#include <QImage>
#include <QPainter>
#include <QTest>

using namespace nabblet;

class TestLookSettings : public QObject
{
    Q_OBJECT

    static QImage painted(const QString &kind, const Look &look)
    {
        Control control;
        control.kind = kind;
        control.place = QRect(QPoint(0, 0), kindNamed(kind).usualSize);
        QImage image(control.place.size(), QImage::Format_RGB32);
        image.fill(Qt::magenta);
        QPainter painter(&image);
        paintPicture(painter, kindNamed(kind).draw(control, Shown()), QPoint(0, 0),
                     Appearance(look, Theme::Light, QApplication::font()));
        return image;
    }
    static Look withFigure(const LookSetting &setting, int figure)
    {
        Look look = looks().first();
        look.figures.insert(setting.name, figure);
        return look;
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
        const Look square = withFigure(cornerSetting(), 0);
        for (const QString &kind : {QString("text-box"), QString("button"), QString("long-text")}) {
            QCOMPARE(painted(kind, looks().first()).pixelColor(0, 0), QColor(Qt::magenta));
            QVERIFY2(painted(kind, square).pixelColor(0, 0) != QColor(Qt::magenta), qPrintable(kind));
        }
        // Lines as heavy as the look has them, outwards no further than the box.
        const auto edge = [](const QImage &box) {
            int dark = 0;
            const int middle = box.height() / 2;
            while (dark < 10 && box.pixelColor(dark, middle) != box.pixelColor(20, middle)) {
                ++dark;
            }
            return dark;
        };
        QCOMPARE(edge(painted("text-box", looks().first())), 1);
        QCOMPARE(edge(painted("text-box", withFigure(outlineSetting(), 2))), 3);
        // What is round altogether stays so.
        QVERIFY(painted("switch", square) == painted("switch", looks().first()));
    }
};

QTEST_MAIN(TestLookSettings)
#include "tst_look_settings.moc"

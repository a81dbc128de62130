// Lower layers know nothing of higher ones: app → designer → entry → data → core.
#include <QDirIterator>
#include <QFile>
#include <QRegularExpression>
#include <QTest>

class TestLayers : public QObject
{
    Q_OBJECT

    static QStringList includesOf(const QString &path)
    {
        QFile file(path);
        if (!file.open(QIODevice::ReadOnly)) {
            return {};
        }
        QStringList includes;
        static const QRegularExpression line(QStringLiteral("^\\s*#\\s*include\\s*[<\"]([^>\"]+)[>\"]"),
                                             QRegularExpression::MultilineOption);
        auto matches = line.globalMatch(QString::fromUtf8(file.readAll()));
        while (matches.hasNext()) {
            includes.append(matches.next().captured(1));
        }
        return includes;
    }

private Q_SLOTS:
    void lowerLayersDoNotIncludeHigherOnes_data()
    {
        QTest::addColumn<QString>("layer");
        QTest::addColumn<QStringList>("forbidden");
        const QStringList layers{"core", "data", "entry", "designer", "app"};
        for (int i = 0; i < layers.size(); ++i) {
            QStringList forbidden;
            for (int j = i + 1; j < layers.size(); ++j) {
                forbidden.append(layers.at(j) + '/');
            }
            if (layers.at(i) == "core") {
                forbidden += {"QtWidgets", "QtGui",  "QtSql",   "QWidget", "QPainter", "QFont",
                              "QColor",    "QImage", "QPixmap", "QSql",    "QIcon",    "QKeyEvent"};
            }
            if (layers.at(i) == "data") {
                forbidden += {"QtWidgets", "QtGui", "QWidget", "QPainter", "QFont", "QColor", "QImage", "QPixmap"};
            }
            QTest::newRow(qPrintable(layers.at(i))) << layers.at(i) << forbidden;
        }
    }

    void lowerLayersDoNotIncludeHigherOnes()
    {
        QFETCH(QString, layer);
        QFETCH(QStringList, forbidden);
        QDirIterator files(QStringLiteral(NABBLET_ROOT "/src/") + layer, {"*.h", "*.cpp"}, QDir::Files,
                           QDirIterator::Subdirectories);
        int seen = 0;
        while (files.hasNext()) {
            const QString path = files.next();
            ++seen;
            for (const QString &include : includesOf(path)) {
                for (const QString &start : forbidden) {
                    QVERIFY2(!include.startsWith(start), qPrintable(path + " includes " + include));
                }
            }
        }
        QVERIFY(seen > 0);
    }
};

QTEST_APPLESS_MAIN(TestLayers)
#include "tst_layers.moc"

// Lower layers know nothing of higher ones: app → designer → entry → data → core.
#include <QDir>
#include <QDirIterator>
#include <QFile>
#include <QFileInfo>
#include <QHash>
#include <QRegularExpression>
#include <QSet>
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

    // Nor do folders within a layer go in circles: each can be read before those that use it.
    void foldersDoNotGoInCircles()
    {
        QHash<QString, QSet<QString>> uses; // folders by those that include from them
        const QString root = QStringLiteral(NABBLET_ROOT "/src/");
        QDirIterator files(root, {"*.h", "*.cpp"}, QDir::Files, QDirIterator::Subdirectories);
        while (files.hasNext()) {
            const QString path = files.next();
            const QString folder = QFileInfo(path).path().mid(root.size());
            for (const QString &include : includesOf(path)) {
                const QString other = include.section('/', 0, -2);
                if (!other.isEmpty() && other != folder && QFileInfo(root + include).exists()) {
                    uses[folder].insert(other);
                }
            }
        }
        QVERIFY(uses.value("core/edit").contains("core/model"));
        // Folders that use none of those left are taken away; what cannot be taken away goes in circles.
        QSet<QString> left(uses.keyBegin(), uses.keyEnd());
        for (bool isLess = true; isLess;) {
            const QSet<QString> before = left;
            for (const QString &folder : before) {
                if (!uses.value(folder).intersects(left)) {
                    left.remove(folder);
                }
            }
            isLess = left.size() < before.size();
        }
        QVERIFY2(left.isEmpty(), qPrintable(QStringList(left.values()).join(", ")));
    }

    // What not every database takes is said by a dialect.
    void sqlOfOneDatabaseStaysInItsDialect()
    {
        const QString root = QStringLiteral(NABBLET_ROOT "/src/");
        static const QRegularExpression own("\"[^\"\n]*\\b(LIMIT|LIKE|ESCAPE|TEMP|TEMPORARY|RETURNING|PRAGMA|rowid|row_"
                                            "number|BEGIN|DEFAULT VALUES)\\b");
        int seen = 0;
        for (const char *layer : {"data", "entry", "designer", "app"}) {
            QDirIterator files(root + layer, {"*.h", "*.cpp"}, QDir::Files, QDirIterator::Subdirectories);
            while (files.hasNext()) {
                const QString path = files.next();
                const QFileInfo folder(QFileInfo(path).path()); // of a dialect, where it has its file
                if (QFileInfo::exists(folder.filePath() + u'/' + folder.fileName() + "_dialect.cpp") ||
                    path.endsWith("/data/dialect/dialect.cpp") || path.endsWith("/data/dialect/server_dialect.cpp")) {
                    continue;
                }
                QFile file(path);
                QVERIFY(file.open(QFile::ReadOnly));
                const auto found = own.match(QString::fromUtf8(file.readAll()));
                QVERIFY2(!found.hasMatch(), qPrintable(path + ": " + found.captured()));
                ++seen;
            }
        }
        QVERIFY(seen > 50);
    }

    // The table of the documents that says where a new thing goes: each file of its folder gives something that the
    // line's file names.
    void aNewThingIsOneFileAndOneLine()
    {
        const auto wordsOf = [](const QString &path) {
            QFile file(path);
            return file.open(QFile::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
        };
        const QString root = QStringLiteral(NABBLET_ROOT "/");
        static const QRegularExpression row("^\\| (a[n ][^|]*) \\| `([^`]+)` \\| `([^`]+)` \\|$",
                                            QRegularExpression::MultilineOption);
        static const QRegularExpression function("^[A-Za-z][\\w:<>*&, ]*[ *&](\\w+)\\([^;]*$",
                                                 QRegularExpression::MultilineOption);
        int tasks = 0;
        auto rows = row.globalMatch(wordsOf(root + "docs/architecture.md"));
        while (rows.hasNext()) {
            const QRegularExpressionMatch task = rows.next();
            const QString lines = wordsOf(root + task.captured(3));
            QVERIFY2(!lines.isEmpty(), qPrintable(task.captured(3)));
            const bool isOfMany = task.captured(2).endsWith("/sqlite"); // where several files make one
            int files = 0;
            int named = 0;
            const QString pattern = task.captured(2).endsWith("/editors") ? "*_editor.cpp" : "*.cpp";
            for (const QFileInfo &file : QDir(root + task.captured(2)).entryInfoList({pattern}, QDir::Files)) {
                if (file.filePath() == root + task.captured(3)) {
                    continue;
                }
                bool isNamed = false;
                auto functions = function.globalMatch(wordsOf(file.filePath()));
                while (functions.hasNext()) {
                    const QRegularExpression word("\\b" + functions.next().captured(1) + "\\b");
                    isNamed = isNamed || word.match(lines).hasMatch();
                }
                QVERIFY2(isNamed || isOfMany, qPrintable(file.filePath()));
                ++files;
                named += isNamed ? 1 : 0;
            }
            QVERIFY2(files > 0 && named > 0, qPrintable(task.captured(1)));
            ++tasks;
        }
        QCOMPARE(tasks, 18);
    }

    void noFolderIsTooFull()
    {
        constexpr int Most = 25; // parts: a header with its source counts once
        QDirIterator folders(QStringLiteral(NABBLET_ROOT "/src"), QDir::Dirs | QDir::NoDotAndDotDot,
                             QDirIterator::Subdirectories);
        int seen = 0;
        while (folders.hasNext()) {
            const QDir folder(folders.next());
            QSet<QString> parts;
            for (const QFileInfo &file : folder.entryInfoList({"*.h", "*.cpp"}, QDir::Files)) {
                parts.insert(file.completeBaseName());
            }
            ++seen;
            QVERIFY2(parts.size() <= Most,
                     qPrintable(QString("%1 holds %2 parts").arg(folder.path()).arg(parts.size())));
        }
        QVERIFY(seen > 10);
    }
};

QTEST_APPLESS_MAIN(TestLayers)
#include "tst_layers.moc"

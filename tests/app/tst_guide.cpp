// The guide in docs/guide does what it says: its steps are read from its pages, where they stand in comments, and done
// in the program, one after the other, by what people see and press.
#include "app/help/guide_window.h"
#include "app/window/main_window.h"
#include "core/file/form_file.h"
#include "core/kinds/control_names.h"
#include "designer/board/board.h"
#include "entry/language/language.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QComboBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QPlainTextEdit>
#include <QRegularExpression>
#include <QSettings>
#include <QStandardPaths>
#include <QStatusBar>
#include <QTest>
#include <QTextBrowser>
#include <QTimer>
#include <QXmlStreamReader>

using namespace nabblet;

namespace {

QString plain(QString words)
{
    return words.remove(u'&').remove(u'…').trimmed();
}

// Where the steps look: the sheet that is open, or the window.
QWidget *place(MainWindow &window)
{
    QWidget *modal = QApplication::activeModalWidget();
    return modal ? modal : &window;
}

template <class Widget> Widget *called(QWidget *in, const QString &name)
{
    for (auto *each : in->findChildren<Widget *>()) {
        if (each->isVisible() && plain(each->accessibleName()) == name) {
            return each;
        }
    }
    for (auto *label : in->findChildren<QLabel *>()) {
        if (label->isVisible() && plain(label->text()) == name) {
            if (auto *buddy = qobject_cast<Widget *>(label->buddy())) {
                return buddy;
            }
        }
    }
    return nullptr;
}

bool isSeen(QWidget *in, const QString &words)
{
    const auto has = [&](const QString &text) { return plain(text).contains(words); };
    QList<QWidget *> all = in->findChildren<QWidget *>();
    all.append(in);
    for (const QWidget *each : std::as_const(all)) {
        if (!each->isVisible()) {
            continue;
        }
        const auto *label = qobject_cast<const QLabel *>(each);
        const auto *button = qobject_cast<const QAbstractButton *>(each);
        const auto *bar = qobject_cast<const QStatusBar *>(each);
        if ((label && has(label->text())) || (button && has(button->text())) || (bar && has(bar->currentMessage())) ||
            (each->isWindow() && has(each->windowTitle())) || has(each->accessibleName())) {
            return true;
        }
        if (const auto *view = qobject_cast<const QAbstractItemView *>(each);
            view && view->model() && view->model()->rowCount() > 0) {
            for (int column = 0; column < view->model()->columnCount(); ++column) {
                if (!view->model()
                         ->match(view->model()->index(0, column), Qt::DisplayRole, words, 1,
                                 Qt::MatchContains | Qt::MatchRecursive)
                         .isEmpty()) {
                    return true;
                }
            }
        }
    }
    return false;
}

} // namespace

class TestGuide : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    std::unique_ptr<MainWindow> m_window;
    QStringList m_steps;
    qsizetype m_at = 0;
    QElapsedTimer m_since;
    QString m_wrong;
    QMap<QString, QRect> m_places; // of controls, at the step before

    const Form &form() const { return m_window->document()->form(); }
    const Control *control(const QString &name) const
    {
        for (const Control &each : form().controls) {
            if (each.column == name || each.name == name) {
                return &each;
            }
        }
        return nullptr;
    }
    void remember()
    {
        if (m_window->document()) {
            for (const Control &each : form().controls) {
                m_places.insert(each.column, each.place);
            }
        }
    }
    QWidget *boxAtWork(const QString &caption) const
    {
        auto *view = m_window->findChildren<EntryView *>().isEmpty() ? nullptr : m_window->entryView();
        for (const Control &each : form().controls) {
            if (view && !isCaption(each) && calledFor(form(), each) == caption) {
                return view->widgetFor(each.id);
            }
        }
        return nullptr;
    }
    void press(const QString &keys)
    {
        // The offscreen platform leaves no window active where a sheet was closed.
        QWidget *window = place(*m_window);
        window->activateWindow();
        (void)QTest::qWaitForWindowActive(window, 1000);
        QWidget *focus = QApplication::focusWidget() ? QApplication::focusWidget() : window;
        QTest::keySequence(focus, QKeySequence(keys));
    }
    // What is wrong with a step; empty when it is done. What is not there yet is tried again.
    QString done(const QString &verb, const QString &about)
    {
        QWidget *here = place(*m_window);
        if (verb == "demonstration") {
            m_window->filing().openPath(m_folder.path());
            return m_window->document() ? QString() : QString("no form is open");
        }
        if (verb == "open") {
            m_window->filing().openPath(m_folder.filePath("forms/" + about + ".nabform"));
            m_places.clear();
            remember();
            return m_window->document() ? QString() : QString("the form did not open");
        }
        if (verb == "menu") {
            const QStringList way = about.split(" > ");
            QList<QAction *> actions = m_window->findChild<QMenuBar *>()->actions();
            for (const QString &part : way) {
                QAction *found = nullptr;
                for (QAction *each : actions) {
                    found = !found && plain(each->text()).startsWith(part) ? each : found;
                }
                if (!found) {
                    return "no “" + part + "” in the menus";
                }
                if (found->menu() && part == way.last()) {
                    return "“" + part + "” is a menu";
                }
                if (found->menu()) {
                    Q_EMIT found->menu()->aboutToShow();
                    actions = found->menu()->actions();
                } else if (!found->isEnabled()) {
                    return "“" + part + "” cannot be chosen";
                } else {
                    remember();
                    found->trigger();
                }
            }
            return {};
        }
        if (verb == "key") {
            remember();
            press(about);
            return {};
        }
        if (verb == "type") {
            QTest::keyClicks(QApplication::focusWidget(), about);
            return {};
        }
        if (verb == "press") {
            for (auto *button : here->findChildren<QAbstractButton *>()) {
                if (button->isVisible() && button->isEnabled() && plain(button->text()) == about) {
                    button->click();
                    return {};
                }
            }
            return "no button says so";
        }
        if (verb == "choose") {
            const QString item = about.section(" in ", 0, 0);
            auto *list = called<QAbstractItemView>(here, about.section(" in ", 1));
            if (!list) {
                return "no such list";
            }
            const QModelIndexList found = list->model()->match(list->model()->index(0, 0), Qt::DisplayRole, item, 1,
                                                               Qt::MatchFixedString | Qt::MatchRecursive);
            if (found.isEmpty()) {
                return "it is not in the list";
            }
            list->setCurrentIndex(found.first());
            return {};
        }
        if (verb == "put") {
            const QString into = about.section(" into ", 1);
            if (auto *lines = called<QPlainTextEdit>(here, into)) {
                lines->setFocus();
                lines->selectAll();
                QTest::keyClicks(lines, about.section(" into ", 0, 0));
                QTest::keyClick(lines, Qt::Key_Return, Qt::ControlModifier);
                return {};
            }
            auto *line = called<QLineEdit>(here, into);
            if (!line) {
                return "no such box";
            }
            line->setFocus();
            line->selectAll();
            QTest::keyClicks(line, about.section(" into ", 0, 0));
            QTest::keyClick(line, Qt::Key_Return);
            return {};
        }
        if (verb == "see") {
            return isSeen(here, about) ? QString() : QString("it is not to be seen");
        }
        if (verb == "where") {
            auto *line = here ? here->findChild<QLineEdit *>("handOverTo") : nullptr;
            if (!line) {
                return "nobody asks where to";
            }
            line->selectAll();
            QTest::keyClicks(line, m_folder.filePath(about));
            return {};
        }
        if (verb == "file") {
            return QFile::exists(m_folder.filePath(about)) ? QString() : QString("there is no such file");
        }
        if (verb == "stored") {
            const qsizetype last = about.lastIndexOf(" = ");
            const QString is = samples::sqlite3(m_folder.filePath("fairway.db"), about.left(last));
            return is == about.mid(last + 3) ? QString() : "it is “" + is + "”";
        }
        if (verb == "form") { // form has COLUMN
            return control(about.section(' ', 1)) ? QString() : QString("it is not on the form");
        }
        if (verb == "go") {
            m_window->activateWindow();
            (void)QTest::qWaitForWindowActive(m_window.get(), 1000);
            QWidget *box = boxAtWork(about);
            if (!box) {
                return "no such box at work";
            }
            box->setFocus();
            return {};
        }
        if (verb == "box") { // box CAPTION is WORDS
            const auto *line = qobject_cast<QLineEdit *>(boxAtWork(about.section(" is ", 0, 0)));
            return line && line->text() == about.section(" is ", 1) ? QString()
                                                                    : "it is " + (line ? line->text() : QString());
        }
        if (verb == "select") {
            QList<ControlId> ids;
            for (const QString &name : about.split(", ")) {
                if (const Control *each = control(name)) {
                    ids.append(each->id);
                }
            }
            m_window->board()->select(ids);
            m_window->board()->setFocus();
            return ids.isEmpty() == (about == "none") ? QString() : QString("it is not on the form");
        }
        if (verb == "same" || verb == "other") { // … width A, B
            const QStringList names = about.section(' ', 1).split(", ");
            const bool isSame = control(names.at(0))->place.width() == control(names.at(1))->place.width();
            return isSame == (verb == "same") ? QString() : QString("they are not");
        }
        if (verb == "moved" || verb == "unmoved") {
            // Of the form as it was saved.
            const Form stored = *loadForm(m_folder.filePath("forms/" + form().name + ".nabform"));
            for (const Control &each : stored.controls) {
                if (each.column == about) {
                    return (each.place == control(about)->place) == (verb == "unmoved") ? QString()
                                                                                        : QString("it is not so");
                }
            }
            return "it was not there";
        }
        if (verb == "rail") {
            return form().rails.isEmpty() ? QString("there is none") : QString();
        }
        if (verb == "rules") {
            return form().rules.size() == about.toInt() ? QString() : QString("there are %1").arg(form().rules.size());
        }
        return "the guide's test does not know how to do that";
    }

    QTimer m_next; // one alone, whichever loop it runs in

    // Does the next step; what opens a sheet goes on inside it.
    void next()
    {
        if (m_at >= m_steps.size() || !m_wrong.isEmpty()) {
            return;
        }
        const QString step = m_steps.at(m_at);
        ++m_at;
        m_next.start(20);
        const QString wrong = done(step.section(' ', 0, 0), step.section(' ', 1));
        if (wrong.isEmpty()) {
            m_since.restart();
        } else if (m_since.elapsed() < 8000) {
            --m_at;
        } else {
            m_wrong = step + ": " + wrong;
        }
    }

    static QStringList stepsOf(const QString &chapter)
    {
        QFile file(NABBLET_ROOT "/docs/guide/" + chapter + ".md");
        QStringList steps;
        if (file.open(QIODevice::ReadOnly)) {
            static const QRegularExpression step("<!-- do: (.*?) -->");
            for (auto each = step.globalMatch(QString::fromUtf8(file.readAll())); each.hasNext();) {
                steps.append(each.next().captured(1));
            }
        }
        return steps;
    }

    // What the program says in a language for its own words, without the mark of the key that chooses a menu's line.
    static QMultiHash<QString, QString> wordsOf(const QString &language)
    {
        QMultiHash<QString, QString> words;
        QFile file(NABBLET_ROOT "/src/languages/nabblet_" + language + ".ts");
        if (!file.open(QIODevice::ReadOnly)) {
            return words;
        }
        QXmlStreamReader reader(&file);
        for (QString source; !reader.atEnd(); reader.readNext()) {
            if (reader.isStartElement() && reader.name() == u"source") {
                source = reader.readElementText().remove('&');
            } else if (reader.isStartElement() && reader.name() == u"translation") {
                words.insert(source, reader.readElementText(QXmlStreamReader::IncludeChildElements).remove('&'));
            }
        }
        return words;
    }

    static QString textOf(const QString &page)
    {
        QFile file(NABBLET_ROOT "/docs/guide/" + page + ".md");
        return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
    }

    static QStringList allIn(const QString &text, const QRegularExpression &what)
    {
        QStringList all;
        for (auto each = what.globalMatch(text); each.hasNext();) {
            all.append(each.next().captured(1));
        }
        return all;
    }

private Q_SLOTS:
    void initTestCase()
    {
        m_next.setSingleShot(true);
        connect(&m_next, &QTimer::timeout, this, &TestGuide::next);
    }
    void init()
    {
        QStandardPaths::setTestModeEnabled(true);
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder.filePath("settings"));
        QSettings().clear();
        for (const QString &name : {QString("forms"), QString("looks"), QString("pictures")}) {
            QDir(m_folder.filePath(name)).removeRecursively();
        }
        QFile::remove(m_folder.filePath("fairway.db"));
        QFile::remove(m_folder.filePath("handed.nabhand"));
        samples::fairwayDatabase(m_folder);
        QProcess::execute("cp", {"-r", NABBLET_ROOT "/demo/fairway-depot/.", m_folder.path()});
    }
    void cleanup() { m_window.reset(); }

    void itsStepsDoWhatTheySay_data()
    {
        QTest::addColumn<QString>("chapter");
        for (const QString &each : guideChapters()) {
            QTest::newRow(qPrintable(each)) << each;
        }
    }
    void itsStepsDoWhatTheySay()
    {
        QFETCH(QString, chapter);
        m_next.stop(); // of the chapter before
        m_steps = stepsOf(chapter);
        QVERIFY(m_steps.size() > 5);
        m_at = 0;
        m_wrong.clear();
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        m_window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_window.get()));
        m_since.start();
        m_next.start(0);
        QTRY_VERIFY_WITH_TIMEOUT((m_at >= m_steps.size() && !QApplication::activeModalWidget()) || !m_wrong.isEmpty(),
                                 90000);
        QTest::qWait(0);
        if (!m_wrong.isEmpty()) {
            for (QWidget *modal = QApplication::activeModalWidget(); modal; modal = QApplication::activeModalWidget()) {
                modal->close();
                QCoreApplication::processEvents();
            }
        }
        QVERIFY2(m_wrong.isEmpty(), qPrintable(m_wrong));
    }

    // Every page is part of the program, with its pictures, and without what the tests read in it.
    void itIsShownByTheProgram()
    {
        m_window = std::make_unique<MainWindow>();
        m_window->show();
        for (const QString &chapter : guideChapters()) {
            showGuide(chapter, m_window.get());
            auto *pages = m_window->findChild<QWidget *>("guide")->findChild<QTextBrowser *>();
            const QString words = pages->toPlainText();
            QVERIFY2(words.contains("Guide to Nabblet"), qPrintable(chapter));
            QVERIFY2(!words.contains("do:"), qPrintable(words));
            QFile file(NABBLET_ROOT "/docs/guide/" + chapter + ".md");
            QVERIFY(file.open(QIODevice::ReadOnly));
            static const QRegularExpression picture("!\\[[^]]*\\]\\(([^)]*)\\)");
            const QString text = QString::fromUtf8(file.readAll());
            for (auto each = picture.globalMatch(text); each.hasNext();) {
                const QString way = each.next().captured(1);
                QVERIFY2(QFile::exists(NABBLET_ROOT "/docs/guide/" + way), qPrintable(way));
                QVERIFY2(QFile::exists(":/guide/" + way.section('/', -1)), qPrintable(way));
            }
        }
    }
    // In each language: the same chapters with the same steps, which call things as the program does.
    void itIsTheSameInEachLanguage_data()
    {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QString>("chapter");
        for (const Language &language : languages().mid(1)) {
            for (const QString &each : guideChapters()) {
                QTest::addRow("%s %s", language.code, qPrintable(each)) << QString(language.code) << each;
            }
        }
    }
    void itIsTheSameInEachLanguage()
    {
        QFETCH(QString, language);
        QFETCH(QString, chapter);
        static const QRegularExpression comment(" *<!--.*?-->");
        static const QRegularExpression target("\\]\\((?:.*/)?([^/)]*)\\)");
        static const QRegularExpression code("`(?:nabblet )?([a-z-]+ --[a-z]+)[^`]*`");
        static const QRegularExpression emphasised("\\*+([^*]+)\\*+");
        const QStringList named{"Name", "Position", "Chart number", "Call sign"}; // boxes of the demonstration
        const QMultiHash<QString, QString> words = wordsOf(language);
        QVERIFY(words.size() > 1000);
        const QStringList written = textOf(chapter).remove(comment).split('\n');
        const QStringList spoken = textOf(language + "/" + chapter).split('\n');
        QCOMPARE(spoken.size(), written.size());
        int held = 0;
        for (qsizetype i = 0; i < written.size(); ++i) {
            const QString &line = spoken.at(i);
            QCOMPARE(allIn(line, target), allIn(written.at(i), target));
            QCOMPARE(allIn(line, code), allIn(written.at(i), code));
            QCOMPARE(line.section(' ', 0, 0).contains('.'), written.at(i).section(' ', 0, 0).contains('.'));
            for (const QString &said : allIn(written.at(i), emphasised)) {
                for (const QString &piece : said.split(", ")) {
                    const QStringList called = words.values(piece);
                    if (called.isEmpty() || named.contains(piece)) {
                        continue;
                    }
                    const bool isThere = std::any_of(called.begin(), called.end(),
                                                     [&](const QString &each) { return line.contains(each); });
                    QVERIFY2(isThere, qPrintable(piece + " is " + called.join(" or ") + ", but: " + line));
                    ++held;
                }
            }
        }
        QVERIFY2(held > 1, qPrintable(QString::number(held)));
    }

    void itIsShownInThePersonsLanguage()
    {
        m_window = std::make_unique<MainWindow>();
        m_window->show();
        setChosenLanguage("de");
        showGuide("rules", m_window.get());
        const auto *pages = m_window->findChild<QWidget *>("guide")->findChild<QTextBrowser *>();
        QVERIFY2(pages->toPlainText().contains("Anleitung zu Nabblet"), qPrintable(pages->toPlainText()));
        // Its pages lead to each other.
        showGuide("handing-over", m_window.get());
        QVERIFY(pages->toPlainText().startsWith(QString::fromUtf8("\u00dcbergeben")));
        setChosenLanguage("en");
        showGuide("rules", m_window.get());
        QVERIFY(pages->toPlainText().contains("Guide to Nabblet"));
        setChosenLanguage({});
    }
};

QTEST_MAIN(TestGuide)
#include "tst_guide.moc"

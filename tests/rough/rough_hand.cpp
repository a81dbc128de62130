// A rough hand: from a seed, random keys, clicks, drags, commands, record moves and other programs' writes on random
// forms of random databases, in Design and in Entry, with laws that hold after every step. Without a seed, a few fixed
// ones.
//
//   rough_hand [--seed N] [--steps N] [--skip 3,17-40] [--verbose]
//
// Exit code 1 and a sentence when a law is broken; the same seed and steps break it again.
#include "app/parts/trial_page.h"
#include "app/window/main_window.h"
#include "app/work/look_view.h"
#include "core/arrange/containers.h"
#include "core/draft/draft.h"
#include "core/edit/look_edits.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/looks/harmony.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/rules/belonging.h"
#include "core/rules/rules.h"
#include "core/sorts/sort_table.h"
#include "core/sorts/sorted_by.h"
#include "data/dialect/raw_text.h"
#include "designer/board/board.h"
#include "designer/document/form_document.h"
#include "designer/rules/rules_page.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"
#include "entry/view/record_commands.h"
#include "entry/wanted/asking.h"
#include "random_database.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"

#include <QApplication>
#include <QComboBox>
#include <QCommandLineParser>
#include <QDateTime>
#include <QDialog>
#include <QElapsedTimer>
#include <QFileDialog>
#include <QFileInfo>
#include <QLineEdit>
#include <QMenuBar>
#include <QMessageBox>
#include <QProcess>
#include <QPushButton>
#include <QScrollBar>
#include <QStandardPaths>
#include <QTest>
#include <QTextStream>
#include <QThread>
#include <QTimer>

#include <atomic>
#include <csignal>
#include <ctime>
#include <execinfo.h>
#include <pthread.h>
#include <unistd.h>

using namespace nabblet;
using namespace nabblet::rough;

namespace {

constexpr int LongestStep = 2000; // ms; several times that where sanitizers slow everything down
#ifdef NABBLET_IS_SANITIZED       // by whichever compiler
constexpr int Slowness = 6;
#else
constexpr int Slowness = 1;
#endif
constexpr qint64 MostGrowth = 400; // MiB over a whole run

std::atomic<qint64> stepBegan{0}; // ms; 0: none under way
pthread_t mainThread;

void printStack(int)
{
    void *frames[64];
    const int count = backtrace(frames, 64);
    backtrace_symbols_fd(frames, count, STDERR_FILENO);
}

// A crash says where.
[[maybe_unused]] void printCrash(int signal)
{
    printStack(signal);
    _exit(128 + signal);
}

qint64 now()
{
    static QElapsedTimer clock = [] {
        QElapsedTimer started;
        started.start();
        return started;
    }();
    return clock.elapsed() + 1;
}

// Prints where the program is when a step goes on for too long, and ends it when it hangs for good.
class Watchdog : public QThread
{
protected:
    void run() override
    {
        bool isTold = false;
        while (!isInterruptionRequested()) {
            msleep(50);
            const qint64 began = stepBegan;
            const qint64 taken = began == 0 ? 0 : now() - began;
            if (taken > LongestStep * Slowness && !isTold) {
                isTold = true;
                pthread_kill(mainThread, SIGUSR1);
            }
            if (taken > 15000 * Slowness) {
                fprintf(stderr, "rough hand: the step hangs\n");
                _exit(1);
            }
            isTold = isTold && taken > 0;
        }
    }
};

qint64 processorTime() // ms, of this thread: a busy machine makes no step longer
{
    timespec time{};
    clock_gettime(CLOCK_THREAD_CPUTIME_ID, &time);
    return time.tv_sec * 1000 + time.tv_nsec / 1000000;
}

qint64 memory() // MiB
{
    QFile status("/proc/self/status");
    if (status.open(QIODevice::ReadOnly)) {
        for (const QByteArray &line : status.readAll().split('\n')) {
            if (line.startsWith("VmRSS:")) {
                return line.mid(6).trimmed().split(' ').first().toLongLong() / 1024;
            }
        }
    }
    return 0;
}

class Hand
{
public:
    Hand(quint32 seed, int steps, QSet<int> skipped, bool isTalkative)
        : m_seed(seed), m_steps(steps), m_skipped(std::move(skipped)), m_isTalkative(isTalkative)
    {
    }

    // Nothing, or which law was broken in which step.
    QString run()
    {
        Dice dice(m_seed);
        m_path = m_folder.filePath("rough.db");
        const QString said = samples::sqlite3(m_path, randomDatabase(dice));
        if (!said.isEmpty()) {
            return "the database could not be made: " + said;
        }
        const QString form = makeForm(dice);
        if (form.isEmpty()) {
            return QString();
        }
        QTimer answers; // whatever is asked is answered, one way or another
        Dice answerDice(m_seed ^ 0xa5a5a5a5u);
        QObject::connect(&answers, &QTimer::timeout, &answers, [&] { answer(answerDice); });
        answers.start(10);
        m_window = std::make_unique<MainWindow>();
        m_window->show();
        m_window->filing().openPath(form);
        if (!m_window->document() || !m_window->board()) {
            return "the form did not open";
        }
        const Form opened = m_window->document()->root();
        QCoreApplication::processEvents();
        const qint64 before = memory();
        for (int i = 0; i < m_steps && m_broken.isEmpty(); ++i) {
            if (m_skipped.contains(i)) {
                continue;
            }
            Dice own(m_seed * 7919u + static_cast<quint32>(i));
            m_what = QString();
            const qint64 began = now();
            const qint64 workBegan = processorTime();
            stepBegan = began;
            step(own);
            QCoreApplication::processEvents();
            stepBegan = 0;
            constexpr int MostLoad = 5; // waiting counts too, as far as it is not for other programs' work
            const qint64 taken = std::max(processorTime() - workBegan, (now() - began) / MostLoad);
            if (m_isTalkative) {
                QTextStream(stderr) << i << ": " << m_what << " (" << taken << " ms)\n";
            }
            if (taken > LongestStep * Slowness) {
                broke(QString("took %1 ms").arg(taken));
            }
            holdLaws();
            if (!m_broken.isEmpty()) {
                m_broken = QString("step %1, %2: %3").arg(i).arg(m_what, m_broken);
            }
        }
        if (m_broken.isEmpty() && m_window->document()) {
            m_window->showDesign();
            m_window->document()->steps()->setIndex(0);
            if (!(withoutNames(m_window->document()->root()) == withoutNames(opened))) {
                m_broken = "undoing everything does not give the form as it was opened";
            }
        }
        if (m_broken.isEmpty() && memory() - before > MostGrowth * Slowness) {
            m_broken = QString("memory grew by %1 MiB").arg(memory() - before);
        }
        answers.stop();
        m_window.reset();
        return m_broken;
    }

private:
    static Form withoutNames(Form form) // saving gives a form the name of its file
    {
        form.name.clear();
        return form;
    }

    QString makeForm(Dice &dice)
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Table &table = dice.of(catalogue.tables);
        DraftPlan plan = planWithChildren(catalogue, table);
        plan.arrangement = static_cast<Arrangement>(dice.below(3));
        for (PlannedChild &child : plan.children) {
            child.isTaken = dice.chance(70);
            child.place = dice.chance(80) ? ChildPlace::Subform : ChildPlace::Button;
            child.plan.arrangement = static_cast<Arrangement>(dice.below(3));
        }
        Form form = draftForm(catalogue, table, plan, nullptr, FixedTextMeasure());
        if (dice.chance(40)) {
            QList<SortedBy> sorted;
            for (const Column &column : table.columns) {
                if (dice.chance(20)) {
                    sorted.append({column.name, dice.chance(50), dice.of(sorts()).name});
                }
            }
            form.settings.set(setting::Sorted, sorted);
        }
        if (dice.chance(40)) {
            for (int i = 1 + dice.below(5); i > 0; --i) {
                form = withSomeRule(dice, form, table);
            }
        }
        form.name = "rough";
        Project project;
        project.name = "Rough";
        project.database = addressOfFile("rough.db");
        const QString path = formsFolder(m_folder.path()) + "/rough.nabform";
        return saveProject(m_folder.path(), project) && saveForm(path, form) ? path : QString();
    }

    // A rule of any sort on a control or two, on what stands in one, or on the record, over the row's columns and over
    // rows that belong to it.
    static Form withSomeRule(Dice &dice, const Form &form, const Table &table)
    {
        if (form.controls.size() == 0 || table.columns.isEmpty()) {
            return form;
        }
        const auto expression = [&](const QStringList &all) {
            const QString column = u'"' + QString(dice.of(table.columns).name).replace(u'"', "\"\"") + u'"';
            const QString each = dice.of(all);
            return each.contains("%1") ? each.arg(column) : each;
        };
        const QString when = expression({"%1 IS NULL", "%1 IS NOT NULL", "length(%1) % 2", "%1 > 3",
                                         "%1 = 'a' OR %1 < 9", "0", "1", "nobody = %1", ""});
        const ControlId on = form.controls.at(dice.below(form.controls.size())).id;
        if (dice.chance(20)) {
            const Result<Form> ruled =
                withCondition(form, {on}, dice.of(QStringList{"shown", "locked"}), when, nullptr);
            return ruled ? *ruled : form;
        }
        Rule rule{.when = when, .effect = QString::fromLatin1(dice.of(effects()).name), .on = {on}};
        if (dice.chance(30)) {
            rule.on.append(form.controls.at(dice.below(form.controls.size())).id);
            rule.on = QSet<ControlId>(rule.on.begin(), rule.on.end()).values();
        } else if (rule.effect == "check" && dice.chance(50)) {
            rule.on.clear();
        }
        QStringList values{"%1",     "%1 || 'x'", "length(%1)", "coalesce(%1, 0) + 1", "date('now')", "1 / 0",
                           "nobody", "",          "'It''s'"};
        for (const RowsBelonging &rows : belongingTo(form)) {
            values.append(QString("(SELECT count(*) FROM %1)").arg(rows.table));
        }
        for (RuleSide *side : {&rule.then, &rule.otherwise}) {
            side->mark = static_cast<Mark>(dice.below(4));
            side->words = dice.chance(50) ? randomWords(dice) : QString();
            side->value = rule.effect == "value" ? expression(values) : QString();
        }
        if (dice.chance(25)) {
            rule.areas.append(dice.of(areasOf(form)));
        }
        rule.givesWay = dice.chance(50);
        rule.hidden = static_cast<HiddenValue>(dice.below(3));
        rule.hold = static_cast<ValueHold>(dice.below(4));
        rule.asks = dice.chance(50);
        rule.isOff = dice.chance(10);
        if (rule.effect == "scale") {
            rule.steps = {{dice.below(9) - 3.0, Mark::Alarm, {}}, {dice.below(9) + 3.0, Mark::Watch, "w"}, {}};
        } else if (rule.effect == "shape") {
            dice.chance(50) ? rule.examples.append(randomWords(dice)) : rule.examples.append("AB-12");
        }
        Form ruled = form;
        ruled.rules.append(rule);
        return ruled;
    }

    void broke(const QString &law)
    {
        if (m_broken.isEmpty()) {
            m_broken = law;
        }
    }

    void answer(Dice &dice)
    {
        QWidget *modal = QApplication::activeModalWidget();
        if (QWidget *popup = QApplication::activePopupWidget()) {
            popup->close();
            return;
        }
        if (auto *box = qobject_cast<QMessageBox *>(modal)) {
            const QList<QAbstractButton *> buttons = box->buttons();
            buttons.at(dice.below(static_cast<int>(buttons.size())))->click();
        } else if (auto *files = qobject_cast<QFileDialog *>(modal)) {
            files->reject(); // it writes nowhere but in its own folder
        } else if (auto *dialog = qobject_cast<QDialog *>(modal)) {
            dice.chance(30) ? dialog->accept() : dialog->reject();
        }
    }

    void step(Dice &dice)
    {
        if (dice.chance(5)) {
            changeSide(dice);
        } else if (dice.chance(5)) {
            writeOutside(dice);
        } else if (auto *window = qobject_cast<FormWindow *>(QApplication::activeModalWidget())) {
            enter(dice, window->view());
            if (dice.chance(20)) {
                m_what += ", closed";
                window->close();
            }
        } else if (m_window->isTrial() && m_window->entryView()) {
            tryOut(dice);
        } else if (m_window->isEntry() && m_window->entryView()) {
            enter(dice, m_window->entryView());
        } else if (m_window->isRules()) {
            rule(dice);
        } else {
            design(dice);
        }
    }

    void changeSide(Dice &dice)
    {
        switch (dice.below(6)) {
        case 0:
            m_what = "Rules";
            m_window->showRules();
            break;
        case 1:
            m_what = "Trial";
            m_window->isTrial() ? m_window->endTrial() : m_window->showTrial();
            break;
        default:
            m_what = "F5";
            m_window->isEntry() ? m_window->showDesign() : m_window->showEntry();
        }
    }

    // A trial reaches no stored row, whatever is done in it.
    void tryOut(Dice &dice)
    {
        const auto stamp = [this] {
            const QFileInfo file(m_path);
            return file.lastModified().toString(Qt::ISODateWithMs) + QString::number(file.size());
        };
        const QString before = stamp();
        if (dice.chance(20)) {
            const bool isFilled = dice.chance(50);
            m_what = isFilled ? "a test record" : "the next side of a rule";
            isFilled ? m_window->trialPage()->fillRecord() : m_window->trialPage()->goToNextBranch();
        } else {
            enter(dice, m_window->entryView());
        }
        m_what += " in a trial";
        if (stamp() != before) {
            broke("a trial changed the stored rows");
        }
    }

    // On the page of rules: anything clicked, words typed, keys pressed.
    void rule(Dice &dice)
    {
        auto *page = m_window->findChild<RulesPage *>();
        QList<QWidget *> parts = page->findChildren<QWidget *>();
        parts.removeIf([](QWidget *part) { return !part->isVisible() || part->size().isEmpty() || part->isWindow(); });
        if (parts.isEmpty()) {
            return;
        }
        QWidget *part = dice.of(parts);
        QWidget *focused = page->isAncestorOf(QApplication::focusWidget()) ? QApplication::focusWidget() : part;
        switch (dice.below(4)) {
        case 0: {
            const QString words = dice.of(QStringList{"name = 'a'", "1 AND", "length(", randomWords(dice)});
            m_what = "type into a rule: " + words;
            typeInto(focused, words);
            break;
        }
        case 1: {
            static const QList<QKeySequence> keys{
                QKeySequence("Tab"),    QKeySequence("Down"),   QKeySequence("Up"),     QKeySequence("Return"),
                QKeySequence("Space"),  QKeySequence("Ctrl+C"), QKeySequence("Ctrl+V"), QKeySequence("Delete"),
                QKeySequence("Ctrl+A"), QKeySequence("Escape")};
            const QKeySequence key = dice.of(keys);
            m_what = "press among the rules " + key.toString();
            QTest::keySequence(focused, key);
            break;
        }
        case 2:
            m_what = "undo among the rules";
            m_window->document()->steps()->undo();
            break;
        default:
            m_what = QString("click a rule's %1 %2").arg(part->metaObject()->className(), part->objectName());
            if (auto *list = qobject_cast<QComboBox *>(part); list && list->count() > 0) {
                list->setCurrentIndex(dice.below(list->count()));
                Q_EMIT list->activated(list->currentIndex());
            } else {
                QTest::mouseClick(part, Qt::LeftButton, {},
                                  QPoint(dice.below(part->width()), dice.below(part->height())));
            }
        }
    }

    // Another program works on the same database.
    void writeOutside(Dice &dice)
    {
        const int t = 1 + dice.below(4);
        const QString sql = dice.of(QStringList{
            "DELETE FROM t%1 WHERE rowid = (SELECT rowid FROM t%1 ORDER BY 1 LIMIT 1 OFFSET 1)",
            "INSERT INTO t%1 SELECT * FROM t%1 LIMIT 0", "INSERT INTO t%1 DEFAULT VALUES", "UPDATE t%1 SET id = id",
            "ALTER TABLE t%1 ADD COLUMN extra TEXT", "ALTER TABLE t%1 DROP COLUMN extra", "DELETE FROM t%1",
            "ALTER TABLE t%1 RENAME COLUMN name TO name_now", "ALTER TABLE t%1 RENAME COLUMN name_now TO name"});
        m_what = "outside: " + sql.arg(t);
        samples::sqlite3(m_path, sql.arg(t)); // may well fail, as it does for people
    }

    static void typeInto(QWidget *focused, const QString &words)
    {
        for (const QChar sign : words) {
            QTest::sendKeyEvent(QTest::Click, focused,
                                sign.unicode() < 128 ? static_cast<Qt::Key>(sign.toUpper().unicode()) : Qt::Key_unknown,
                                QString(sign), Qt::NoModifier);
        }
    }

    void enter(Dice &dice, EntryView *view)
    {
        struct Key
        {
            int key;
            Qt::KeyboardModifiers modifiers;
        };
        static const QList<Key> keys{{Qt::Key_Tab, {}},
                                     {Qt::Key_Backtab, Qt::ShiftModifier},
                                     {Qt::Key_Return, {}},
                                     {Qt::Key_Escape, {}},
                                     {Qt::Key_PageDown, {}},
                                     {Qt::Key_PageUp, {}},
                                     {Qt::Key_Down, {}},
                                     {Qt::Key_Up, {}},
                                     {Qt::Key_Space, {}},
                                     {Qt::Key_Delete, {}},
                                     {Qt::Key_Backspace, {}},
                                     {Qt::Key_Home, Qt::ControlModifier},
                                     {Qt::Key_End, Qt::ControlModifier},
                                     {Qt::Key_PageDown, Qt::ControlModifier},
                                     {Qt::Key_Down, Qt::AltModifier},
                                     {Qt::Key_E, Qt::ControlModifier},
                                     {Qt::Key_A, Qt::ControlModifier},
                                     {Qt::Key_N, Qt::ControlModifier},
                                     {Qt::Key_Delete, Qt::ControlModifier},
                                     {Qt::Key_Backspace, Qt::ControlModifier}};
        QWidget *focused = QApplication::focusWidget() && view->isAncestorOf(QApplication::focusWidget())
                               ? QApplication::focusWidget()
                               : view;
        if (dice.chance(6)) {
            ask(dice, view);
            return;
        }
        switch (dice.below(10)) {
        case 0:
        case 1:
        case 2: {
            const QString words = randomWords(dice);
            m_what = "type " + words;
            typeInto(focused, words);
            break;
        }
        case 3:
        case 4:
        case 5: {
            const Key key = dice.of(keys);
            m_what = "press " + QKeySequence(QKeyCombination(key.modifiers, static_cast<Qt::Key>(key.key))).toString();
            QTest::keyClick(focused, static_cast<Qt::Key>(key.key), key.modifiers);
            break;
        }
        case 6: {
            QList<QWidget *> boxes = view->findChildren<QWidget *>();
            boxes.removeIf([](QWidget *box) { return !box->isVisible() || box->size().isEmpty() || box->isWindow(); });
            if (!boxes.isEmpty()) {
                QWidget *box = dice.of(boxes);
                m_what = QString("click %1 %2").arg(box->metaObject()->className(), box->objectName());
                QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(dice.below(box->width()), dice.below(box->height())));
            }
            break;
        }
        case 7: {
            EntrySession *session = dice.chance(70) ? view->session() : inFocus(view);
            m_what = "save";
            const bool wasChanged = session->hasUnsaved();
            if (session->saving().save() && wasChanged && !m_window->isTrial()) {
                holdSaved(*session);
            }
            break;
        }
        case 8:
            m_what = "a record further";
            switch (dice.below(5)) {
            case 0:
                view->session()->moves().goNext();
                break;
            case 1:
                view->session()->moves().goPrevious();
                break;
            case 2:
                view->session()->moves().goLast();
                break;
            case 3:
                view->addRecord();
                break;
            default:
                view->session()->moves().goTo(dice.below(20));
            }
            break;
        default:
            m_what = "delete or take back";
            dice.chance(30) ? static_cast<void>(view->session()->saving().remove())
                            : static_cast<void>(view->session()->takingBack().takeBack());
        }
    }

    // Which records are shown, and what else is done with records: any command, or a question of random words.
    void ask(Dice &dice, EntryView *view)
    {
        if (dice.chance(50)) {
            const RecordCommand &command = dice.of(recordCommands());
            m_what = QString("command ") + command.name;
            runRecordCommand(command, *view);
            return;
        }
        EntrySession *session = view->session();
        const Form form = session->form();
        Filter filter;
        for (int i = dice.below(3); i >= 0 && !form.controls.isEmpty(); --i) {
            const Control &box = form.controls.at(dice.below(form.controls.size()));
            const QString value = session->state().value(box.column).toString();
            const QString words =
                dice.chance(50) && !value.isEmpty()
                    ? "= " + value
                    : dice.of(QStringList{"blank", "not blank", "> 1", "..5", "a*", "not x", randomWords(dice)});
            const Result<FilterPart> part = partFromWords(session->state(), box, nullptr, words);
            m_what += QString(" ask %1 %2").arg(box.name, words);
            if (part && !part->anyOf.isEmpty()) {
                filter = withPart(filter, *part);
            }
        }
        Wanted wanted{filter, {}};
        if (dice.chance(40) && !form.controls.isEmpty()) {
            const Control &box = form.controls.at(dice.below(form.controls.size()));
            if (!box.column.isEmpty()) {
                wanted.order = nabblet::sortedBy({}, box, dice.chance(50));
            }
        }
        const std::optional<RowKey> before = session->state().key();
        const bool wasChanged = session->state().isChanged();
        const Outcome outcome = session->want(wanted);
        if (!outcome || wasChanged) {
            if (session->state().key() != before) {
                broke("what was in hand went away with a question");
            }
            return;
        }
        // The first record, whichever way one comes there, is one of those that were asked for.
        if (outcome && !session->state().isNew() && session->moves().goFirst() && session->state().key()) {
            const Result<bool> isOne =
                isAmong(session->state().connection, session->state().source, *session->state().key());
            if (isOne && !*isOne && !session->state().isNew()) {
                QString key;
                for (const RowKey now = *session->state().key(); const QVariant &part : now) {
                    key += QString(" %1 (%2)").arg(part.toString(), part.typeName());
                }
                broke("the first record is not one of those that were asked for:" + key + " of " +
                      session->state().source.table + " by " + session->state().source.keyColumns.join(", "));
            }
        }
    }

    // The session of the rows in which the keyboard is.
    static EntrySession *inFocus(EntryView *view)
    {
        for (QWidget *above = QApplication::focusWidget(); above; above = above->parentWidget()) {
            if (auto *inner = qobject_cast<EntryView *>(above); inner && view->isAncestorOf(inner)) {
                return inner->session();
            }
        }
        return view->session();
    }

    void design(Dice &dice)
    {
        Board *board = m_window->board();
        QWidget *ground = board->viewport();
        const auto somewhere = [&] { return QPoint(dice.below(ground->width()), dice.below(ground->height())); };
        static const QList<QKeySequence> keys{
            QKeySequence("Left"),       QKeySequence("Right"),       QKeySequence("Up"),         QKeySequence("Down"),
            QKeySequence("Ctrl+Right"), QKeySequence("Shift+Right"), QKeySequence("Shift+Down"), QKeySequence("Delete"),
            QKeySequence("Tab"),        QKeySequence("Escape"),      QKeySequence("F2"),         QKeySequence("Return"),
            QKeySequence("Alt+Left")};
        if (dice.chance(3)) {
            const Form now = m_window->document()->form();
            const Result<Catalogue> catalogue = samples::opened(m_path).readCatalogue();
            const Table *table = catalogue ? findTable(*catalogue, now.rowsFrom) : nullptr;
            const Form ruled = table ? withSomeRule(dice, now, *table) : now;
            m_what = "a rule";
            if (!(ruled == now)) {
                m_window->document()->apply("a rule", ruled);
            }
            return;
        }
        switch (dice.below(10)) {
        case 0:
        case 1: {
            const QPoint at = somewhere();
            m_what = QString("click %1,%2").arg(at.x()).arg(at.y());
            QTest::mouseClick(ground, Qt::LeftButton, dice.chance(30) ? Qt::ControlModifier : Qt::NoModifier, at);
            break;
        }
        case 2:
        case 3: {
            const QPoint from = somewhere();
            const QPoint to = somewhere();
            m_what = QString("drag %1,%2 to %3,%4").arg(from.x()).arg(from.y()).arg(to.x()).arg(to.y());
            const Qt::KeyboardModifiers with = dice.chance(20)   ? Qt::AltModifier
                                               : dice.chance(20) ? Qt::ControlModifier
                                                                 : Qt::NoModifier;
            QTest::mousePress(ground, Qt::LeftButton, with, from);
            for (int i = 1; i <= 4; ++i) {
                QTest::mouseMove(ground, from + (to - from) * i / 4);
            }
            if (dice.chance(15)) {
                QTest::keyClick(board, Qt::Key_Escape);
            }
            QTest::mouseRelease(ground, Qt::LeftButton, with, to);
            break;
        }
        case 4: {
            const QKeySequence key = dice.of(keys);
            m_what = "press " + key.toString();
            QTest::keySequence(board, key);
            break;
        }
        case 5: {
            QList<ControlId> ids;
            for (const Control &control : m_window->document()->form().controls) {
                ids.append(control.id);
            }
            m_what = "select";
            if (!ids.isEmpty()) {
                QList<ControlId> chosen;
                for (int i = 1 + dice.below(4); i > 0; --i) {
                    chosen.append(dice.of(ids));
                }
                board->select(chosen);
            }
            break;
        }
        case 7:
            dress(dice);
            break;
        case 6:
            m_what = "undo or redo";
            dice.chance(60) ? m_window->document()->steps()->undo() : m_window->document()->steps()->redo();
            break;
        default:
            command(dice);
        }
    }

    // Looks of the project and of the form, and parts pinned at what is selected.
    void dress(Dice &dice)
    {
        const Look &any = dice.of(looks());
        FormDocument *document = m_window->document();
        switch (dice.below(5)) {
        case 0:
            m_what = "another look";
            m_window->lookView().choose(any.name);
            break;
        case 1: {
            m_what = "another main colour";
            Look look = lookNamed(m_window->work().workspace().looks, document->root().look);
            m_window->lookView().change(withMainColour(look, static_cast<Colour>(dice.below(0x1000000))), "main");
            break;
        }
        case 2:
            m_what = "a look tried";
            m_window->showLooks(true);
            Q_EMIT m_window->lookView().tried(any);
            break;
        case 3:
            m_what = "no look tried";
            Q_EMIT m_window->lookView().triedEnded();
            m_window->showLooks(dice.chance(50));
            break;
        default: {
            m_what = "parts pinned";
            const QList<const LookPin *> pins = lookPins();
            const QHash<QString, QList<QJsonValue>> values{{"style", {"Note paper", "Main button", "Gone"}},
                                                           {"fill", {"#ffe9a8", "#12324a"}},
                                                           {"textColour", {"#7a1010", "#ffffff"}},
                                                           {"outline", {"#2040a0"}},
                                                           {"lineWeight", {0, 4}},
                                                           {"edge", {"flat", "inset", "raised", "shadow"}},
                                                           {"corner", {0, 24}},
                                                           {"family", {"DejaVu Serif", "No such family"}},
                                                           {"textSize", {50, 130, 400}},
                                                           {"textWeight", {300, 900}},
                                                           {"slanted", {true, false}},
                                                           {"underlined", {true}},
                                                           {"padding", {2, 32}}};
            document->apply("pin", withPinsChanged(
                                       document->form(), m_window->board()->selection().controls(),
                                       [&](const Control &, ControlSettings &settings) {
                                           const AnySetting *setting = dice.of(pins)->setting;
                                           const auto found = values.constFind(setting->name);
                                           if (found != values.constEnd()) {
                                               QJsonObject json = settings.toJson();
                                               json.insert(setting->name, dice.of(*found));
                                               settings = samples::settingsOf(json);
                                           }
                                       },
                                       m_window->appearance()));
            break;
        }
        }
    }

    // Any command of the menus that asks for no file and ends nothing.
    void command(Dice &dice)
    {
        QList<QAction *> actions;
        const QList<QAction *> all = m_window->findChildren<QAction *>();
        for (QAction *action : all) {
            const QString words = action->text();
            const bool isOut = words.isEmpty() || words.contains(u'…') || words.contains("Quit") ||
                               words.contains("Save") || words.contains("demonstration") ||
                               words.contains("start form") || words.contains("without a database") || action->menu() ||
                               action->isSeparator();
            if (action->isEnabled() && !isOut) {
                actions.append(action);
            }
        }
        if (!actions.isEmpty()) {
            QAction *action = dice.of(actions);
            m_what = "command " + action->text();
            action->trigger();
        }
    }

    // -------------------------------------------------------- laws

    void holdLaws()
    {
        const FormDocument *document = m_window->document();
        if (!document) {
            broke("the form is gone");
            return;
        }
        const Form &form = document->form();
        for (const Control &control : form.controls) {
            if (control.container != 0 && form.controls.find(control.container) &&
                !roomOf(form, areaOf(control)).contains(control.place)) {
                broke(QString("“%1” sticks out of its container").arg(control.name));
            }
        }
        const Result<Form> again = readForm(writeForm(document->root()));
        if (!again) {
            broke("what is saved cannot be read: " + again.error().sentence);
        } else if (writeForm(*again) != writeForm(document->root())) { // numbers of controls are given anew
            broke("the form that is read is not the one that was saved");
        }
    }

    // What was said to be saved is what another program reads, and what is shown.
    void holdSaved(const EntrySession &session)
    {
        const Table *table = findTable(session.state().catalogue, session.form().rowsFrom);
        const std::optional<RowKey> key = session.state().key();
        if (!table || table->kind != TableKind::Table || !key || session.state().isChanged()) {
            return;
        }
        const RecordSource source = recordSourceOf(*table);
        QStringList conditions;
        for (qsizetype i = 0; i < key->size(); ++i) {
            const QVariant &part = key->at(i);
            QString literal = part.toString();
            literal = part.typeId() == QMetaType::QString ? u'\'' + literal.replace(u'\'', "''") + u'\'' : literal;
            const QString name = source.keyColumns.at(i);
            conditions.append((source.keyIsRowNumber ? name : u'"' + QString(name).replace(u'"', "\"\"") + u'"') +
                              " = " + literal);
        }
        for (const Control &control : session.form().controls) {
            if (control.column.isEmpty() || !session.state().source.columns.contains(control.column) ||
                !takesValue(kindNamed(control.kind))) {
                continue;
            }
            const QString column = u'"' + QString(control.column).replace(u'"', "\"\"") + u'"';
            const QString stored =
                samples::sqlite3(m_path, QString("SELECT typeof(t.%1) || ':' || hex(t.%1) FROM %2 AS t WHERE %3")
                                             .arg(column, u'"' + QString(table->name).replace(u'"', "\"\"") + u'"',
                                                  conditions.join(" AND ")));
            if (stored.contains("no such column")) {
                continue; // renamed by another program a moment ago, which is said once it is noticed
            }
            const QVariant value = session.state().value(control.column);
            QString shown;
            if (value.isNull()) {
                shown = "null:";
            } else if (isRawText(value)) {
                shown = "text:" + QString::fromLatin1(value.value<RawText>().bytes.toHex().toUpper());
            } else if (value.typeId() == QMetaType::QByteArray) {
                shown = "blob:" + QString::fromLatin1(value.toByteArray().toHex().toUpper());
            } else if (value.typeId() == QMetaType::QString) {
                shown = "text:" + QString::fromLatin1(value.toString().toUtf8().toHex().toUpper());
            } else if (value.typeId() == QMetaType::LongLong) {
                shown = "integer:" + QString::fromLatin1(value.toString().toUtf8().toHex().toUpper());
            } else {
                continue; // SQLite's client writes only 15 digits of a real
            }
            if (shown != stored) {
                broke(QString("%1.%2 shows %3 and %4 is stored").arg(table->name, control.column, shown, stored));
            }
        }
    }

    quint32 m_seed;
    int m_steps;
    QSet<int> m_skipped;
    bool m_isTalkative;
    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<MainWindow> m_window;
    QString m_what;
    QString m_broken;
};

QSet<int> numbersIn(const QString &ranges)
{
    QSet<int> numbers;
    for (const QString &range : ranges.split(u',', Qt::SkipEmptyParts)) {
        const int from = range.section(u'-', 0, 0).toInt();
        const int to = range.contains(u'-') ? range.section(u'-', 1, 1).toInt() : from;
        for (int i = from; i <= to; ++i) {
            numbers.insert(i);
        }
    }
    return numbers;
}

} // namespace

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    QApplication::setApplicationName("nabblet-rough");
    QStandardPaths::setTestModeEnabled(true);
    QCommandLineParser parser;
    parser.addHelpOption();
    parser.addOptions({{"seed", "One seed.", "N"},
                       {"seeds", "Seeds from A to B.", "A-B", "1-8"},
                       {"steps", "Steps of each.", "N", "120"},
                       {"skip", "Steps to leave out.", "N,N-N"},
                       {"verbose", "Says each step."}});
    parser.process(application);
    mainThread = pthread_self();
    std::signal(SIGUSR1, printStack);
#ifndef NABBLET_IS_SANITIZED // sanitizers say more themselves
    std::signal(SIGSEGV, printCrash);
    std::signal(SIGABRT, printCrash);
#endif
    void *warm[1]; // the first call loads a library, which a signal handler may not
    backtrace(warm, 1);
    Watchdog watchdog;
    watchdog.start();
    QList<quint32> seeds;
    const QString range = parser.isSet("seed") ? parser.value("seed") : parser.value("seeds");
    for (uint seed = range.section(u'-', 0, 0).toUInt(); seed <= range.section(u'-', -1).toUInt(); ++seed) {
        seeds.append(seed);
    }
    int failed = 0;
    for (const quint32 seed : seeds) {
        const QString broken =
            Hand(seed, parser.value("steps").toInt(), numbersIn(parser.value("skip")), parser.isSet("verbose")).run();
        if (!broken.isEmpty()) {
            ++failed;
            QTextStream(stdout) << "seed " << seed << ": " << broken << Qt::endl;
        }
    }
    watchdog.requestInterruption();
    watchdog.wait();
    QTextStream(stdout) << seeds.size() - failed << " passed, " << failed << " failed" << Qt::endl;
    return failed == 0 ? 0 : 1;
}

#include "app/command/command_line.h"

#include "app/command/check_command.h"
#include "app/command/command_parts.h"
#include "app/command/draft_command.h"
#include "app/command/export_command.h"
#include "app/command/hand_over_command.h"
#include "app/command/import_command.h"
#include "app/command/print_command.h"
#include "app/command/reconcile_command.h"
#include "app/command/version_commands.h"
#include "app/output/output_format.h"
#include "app/server/keyring.h"
#include "app/window/entry_window.h"
#include "app/window/main_window.h"
#include "app/work/hand_over.h"
#include "app/work/workspace.h"
#include "core/arrange/windows/at_work.h"
#include "core/file/form_file.h"
#include "core/file/whole_file.h"
#include "data/words/dictionaries.h"
#include "designer/board/board.h"
#include "entry/mail/waiting_sender.h"
#include "entry/paint/picture_painter.h"
#include "entry/reading/waiting_strip.h"
#include "entry/theme/ask.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QFileInfo>
#include <QMainWindow>
#include <QPainter>
#include <QScreen>
#include <QStatusBar>
#include <QTextStream>
#include <QTimer>

#include <algorithm>
#include <cstring>
#include <iterator>

namespace nabblet {

namespace {

// Ends the program once the widget that it watches is painted.
class QuitWhenPainted : public QObject
{
public:
    explicit QuitWhenPainted(QWidget *window) : m_window(window) {}

protected:
    bool eventFilter(QObject *, QEvent *event) override
    {
        if (event->type() == QEvent::Paint) {
            // Before what is done after the first picture.
            QMetaObject::invokeMethod(m_window, &QWidget::close, Qt::QueuedConnection);
        }
        return false;
    }

private:
    QWidget *m_window;
};

// Lets the session find out how many records there are; true when it did.
bool waitForRecords(EntrySession &session)
{
    QEventLoop loop;
    QTimer giveUp;
    giveUp.setSingleShot(true);
    QObject::connect(&giveUp, &QTimer::timeout, &loop, &QEventLoop::quit);
    QObject::connect(&session, &EntrySession::positionChanged, &loop, [&] {
        if (session.place().map().has_value()) {
            loop.quit();
        }
    });
    giveUp.start(60000);
    if (!session.place().map().has_value()) {
        loop.exec();
    }
    return session.place().map().has_value();
}

// Shows the window as large as it is made, or over all of a screen that leaves no room for that and a frame.
void showWhole(QWidget &window)
{
    constexpr int FrameRoom = 40; // px that a title may take
    const QScreen *screen = window.screen();
    const QSize room = screen->availableSize() - QSize(0, FrameRoom);
    if (window.width() > room.width() || window.height() > room.height()) {
        window.showMaximized();
    } else {
        window.show();
    }
}

// Messages that wait go out as long as the window is there.
void sendWhatWaits(QMainWindow &window)
{
    constexpr int Shown = 15000; // ms
    auto *sender = new WaitingSender(mailPassword, &window);
    QObject::connect(sender, &WaitingSender::said, &window,
                     [&window](const QString &sentence) { window.statusBar()->showMessage(sentence, Shown); });
}

Outcome paintEntry(EntrySession &session, const Appearance &appearance, const Form &form, const OutputFormat &format,
                   const QString &path)
{
    EntryView view(&session, appearance);
    view.setAttribute(Qt::WA_DontShowOnScreen);
    view.resize(std::max(form.width + (isTabular(form) ? 16 : 0), 900), shownHeight(asHighAsAtWork(form)) + 56);
    view.show();
    QApplication::processEvents();
    (void)view.grab(); // what painting misses is read then, …
    while (session.readMissing()) {
        (void)view.grab(); // … until nothing is missing
    }
    return writeView(view, format, path);
}

Outcome paintDesign(EntrySession &session, const Appearance &appearance, const Form &form, const OutputFormat &format,
                    const QString &path)
{
    FormDocument document(form);
    Board board(&document, &session, appearance);
    board.setAttribute(Qt::WA_DontShowOnScreen);
    board.resize(form.width + 64, formHeight(form) + 56);
    board.show();
    QApplication::processEvents();
    (void)board.grab();
    while (session.readMissing()) {
        (void)board.grab();
    }
    return writeView(board, format, path);
}

int render(const QStringList &arguments)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(CommandLine::tr("Paints a form into a file: a picture, a drawing or a page."));
    parser.addPositionalArgument(QStringLiteral("FORM"), CommandLine::tr("A .nabform file."));
    const QCommandLineOption output({QStringLiteral("o"), QStringLiteral("output")},
                                    CommandLine::tr("The file to write: %1.").arg(outputSuffixes()),
                                    QStringLiteral("FILE"));
    const QCommandLineOption side(QStringLiteral("side"), CommandLine::tr("design or entry (the usual one)."),
                                  QStringLiteral("SIDE"), QStringLiteral("entry"));
    const QCommandLineOption record(
        QStringLiteral("record"), CommandLine::tr("The number of the record to show, from 1; 0 shows the form blank."),
        QStringLiteral("N"), QStringLiteral("1"));
    const QCommandLineOption database(QStringLiteral("database"),
                                      CommandLine::tr("The database to take values from, instead of the project's."),
                                      QStringLiteral("FILE"));
    const QCommandLineOption dark(QStringLiteral("dark"), CommandLine::tr("Dark colours."));
    parser.addOptions({output, side, record, database, dark});
    if (const std::optional<int> code = parseCall(parser, QStringLiteral("render"), arguments, 1, 1)) {
        return *code;
    }
    if (!parser.isSet(output)) {
        return misunderstood(CommandLine::tr("say where to write with -o FILE"), QStringLiteral("render"));
    }
    const OutputFormat *format = outputFormatOf(parser.value(output));
    if (!format) {
        return misunderstood(CommandLine::tr("the file to write ends in %1").arg(outputSuffixes()),
                             QStringLiteral("render"));
    }
    const bool isDesign = parser.value(side) == QLatin1String("design");
    if (!isDesign && parser.value(side) != QLatin1String("entry")) {
        return misunderstood(CommandLine::tr("--side takes design or entry"), QStringLiteral("render"));
    }
    bool isNumber = false;
    const qlonglong number = parser.value(record).toLongLong(&isNumber);
    if (!isNumber || number < 0) {
        return misunderstood(CommandLine::tr("--record takes a number"), QStringLiteral("render"));
    }
    const QString path = parser.positionalArguments().first();
    const Result<Form> form = loadForm(path);
    if (!form) {
        return fail(form.error());
    }
    const Result<Workspace> workspace = openWorkspaceOfForm(path, parser.value(database));
    if (!workspace) {
        return fail(workspace.error());
    }
    if (!workspace->connection) {
        return fail(workspace->databaseError);
    }
    const Appearance appearance =
        usualAppearance(form->look, parser.isSet(dark) ? Theme::Dark : Theme::Light, workspace->looks);
    EntrySession session(*workspace->connection, workspace->catalogue, *form);
    // A form without rows, or one on which people only add, has no stored record to show.
    const bool hasStored = !form->rowsFrom.isEmpty() && form->permissions.see;
    if (number > 0 && (hasStored || parser.isSet(record))) {
        const Outcome started = session.start();
        if (!started) {
            return fail(started.error());
        }
        waitForRecords(session);
        const bool isFirstOfNone = number == 1 && !parser.isSet(record) && session.place().count().value_or(0) == 0;
        if (number > session.place().count().value_or(0) && !isFirstOfNone) {
            return fail({CommandLine::tr("There is no record %1; there are %2.")
                             .arg(number)
                             .arg(session.place().count().value_or(0)),
                         {}});
        }
        if (!isFirstOfNone) { // an empty table is shown blank
            session.moves().goTo(number - 1);
        }
    } else if (!form->rowsFrom.isEmpty() && !form->permissions.see) {
        const Outcome started = session.start();
        if (!started) {
            return fail(started.error());
        }
    }
    const Outcome painted = isDesign ? paintDesign(session, appearance, *form, *format, parser.value(output))
                                     : paintEntry(session, appearance, *form, *format, parser.value(output));
    return painted ? ExitDone : fail(painted.error());
}

int enter(QApplication &application, const QStringList &arguments)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(CommandLine::tr("Opens a form to work with records, and nothing else."));
    parser.addPositionalArgument(QStringLiteral("FORM"), CommandLine::tr("A .nabform file."));
    const QCommandLineOption database(QStringLiteral("database"),
                                      CommandLine::tr("The database to work on, instead of the project's."),
                                      QStringLiteral("FILE"));
    parser.addOption(database);
    if (const std::optional<int> code = parseCall(parser, QStringLiteral("enter"), arguments, 1, 1)) {
        return *code;
    }
    const auto complainAndFail = [](const Error &error) {
        const int code = fail(error);
        nabblet::complain(error, nullptr);
        return code;
    };
    QString path = parser.positionalArguments().first();
    if (isHandedOver(path)) {
        const Result<QString> start = startFormOf(path);
        if (!start) {
            return complainAndFail(start.error());
        }
        path = *start;
    }
    const Result<Form> form = loadForm(path);
    if (!form) {
        return complainAndFail(form.error());
    }
    const Result<Workspace> workspace = openWorkspaceOfForm(path, parser.value(database));
    if (!workspace) {
        return complainAndFail(workspace.error());
    }
    if (!workspace->connection) {
        return complainAndFail(workspace->databaseError);
    }
    EntryWindow window(*workspace, *form, QFileInfo(path).absoluteFilePath());
    const Outcome started = window.start();
    if (!started) {
        return complainAndFail(started.error());
    }
    window.begin();
    QTimer::singleShot(0, &window, &EntryWindow::offerTypedRecord);
    sendWhatWaits(window);
    return application.exec();
}

int openWindow(QApplication &application, const QStringList &arguments)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(
        CommandLine::tr("Drafts entry forms from database tables, arranges them and puts them to work.\n\n"
                        "Commands:\n"
                        "  nabblet [PATH]            open the window with a project, a database or a form\n"
                        "  nabblet draft             draft a form from a table\n"
                        "  nabblet render            paint a form: PNG, SVG or PDF\n"
                        "  nabblet check             say what is wrong with a form or with all of a project\n"
                        "  nabblet reconcile         bring forms into step with their tables\n"
                        "  nabblet diff              say what differs between two states of a form\n"
                        "  nabblet merge             put two lines of changes of a form together\n"
                        "  nabblet export            write the rows of a form into a file\n"
                        "  nabblet import            put the rows of a file into the rows of a form\n"
                        "  nabblet print             print the records of a form: PDF, PNG or SVG\n"
                        "  nabblet hand-over         give a project to those who work with its forms\n"
                        "  nabblet enter             open a form to work with records\n"
                        "  nabblet COMMAND --help    what a command takes"));
    parser.addPositionalArgument(QStringLiteral("PATH"),
                                 CommandLine::tr("A project folder, a .nabform file or a database file."),
                                 QStringLiteral("[PATH]"));
    const QCommandLineOption version({QStringLiteral("v"), QStringLiteral("version")},
                                     CommandLine::tr("Shows the version."));
    const QCommandLineOption startup(QStringLiteral("quit-when-shown"),
                                     CommandLine::tr("Closes again once the window is painted, for measuring."));
    const QCommandLineOption demonstration(QStringLiteral("demo"), CommandLine::tr("Opens the demonstration."));
    parser.addOptions({version, startup, demonstration});
    if (const std::optional<int> code = parseCall(parser, QString(), arguments, 0, 1)) {
        return *code;
    }
    if (parser.isSet(version)) {
        QTextStream(stdout) << "nabblet " << NABBLET_VERSION << '\n';
        return ExitDone;
    }
    prepareDictionaries();
    MainWindow window;
    QuitWhenPainted quit(&window);
    if (parser.isSet(startup)) {
        window.filing().openPath(parser.positionalArguments().value(0));
        (window.board() ? static_cast<QWidget *>(window.board()->viewport()) : &window)->installEventFilter(&quit);
        window.show();
        return application.exec();
    }
    showWhole(window);
    sendWhatWaits(window);
    if (parser.isSet(demonstration)) {
        QTimer::singleShot(0, &window, [&window] { window.filing().openDemonstration(); });
    } else if (!parser.positionalArguments().isEmpty()) {
        const QString path = parser.positionalArguments().first();
        // After the first painting, so that a sheet or a complaint appears over the window.
        QTimer::singleShot(0, &window, [&window, path] { window.filing().openPath(path); });
    }
    return application.exec();
}

// What works without a window of its own, and so without a display.
struct SubCommand
{
    const char *name;
    int (*run)(const QStringList &arguments);
};
constexpr SubCommand WithoutWindow[] = {{"draft", draftCommand},         {"render", render},    {"check", checkCommand},
                                        {"reconcile", reconcileCommand}, {"diff", diffCommand}, {"merge", mergeCommand},
                                        {"export", exportRows},          {"print", printPages}, {"import", importRows},
                                        {"hand-over", handOverCommand}};

const SubCommand *withoutWindow(const char *name)
{
    const auto *found = std::find_if(std::begin(WithoutWindow), std::end(WithoutWindow),
                                     [&](const SubCommand &each) { return std::strcmp(each.name, name) == 0; });
    return found == std::end(WithoutWindow) ? nullptr : found;
}

} // namespace

namespace {

// What libraries have to say is for those who work on the program: the error channel is for its users.
void takeMessage(QtMsgType type, const QMessageLogContext &, const QString &message)
{
    if (type == QtFatalMsg || qEnvironmentVariableIsSet("NABBLET_MESSAGES")) {
        QTextStream(stderr) << message << '\n';
    }
}

} // namespace

void prepareEnvironment(int argc, char **argv)
{
    qInstallMessageHandler(takeMessage);
    const auto isOneOf = [&](const char *word, std::initializer_list<const char *> words) {
        return std::any_of(words.begin(), words.end(), [&](const char *each) { return std::strcmp(each, word) == 0; });
    };
    // What only says something needs no display either.
    bool needsNone = argc > 1 && withoutWindow(argv[1]);
    for (int i = 1; i < argc; ++i) {
        needsNone = needsNone || isOneOf(argv[i], {"-h", "--help", "-v", "--version"});
    }
    if (needsNone && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) {
        qputenv("QT_QPA_PLATFORM", "offscreen");
    }
}

int runCommandLine(QApplication &application)
{
    const WaitingStrip waiting; // for the database, wherever it is waited for
    QStringList arguments = QApplication::arguments();
    const QString command = arguments.value(1);
    const SubCommand *found = withoutWindow(command.toUtf8().constData());
    const bool enters = command == QLatin1String("enter");
    if (!found && !enters && isHandedOver(command)) {
        return enter(application, arguments); // no way into Design
    }
    if (!found && !enters) {
        return openWindow(application, arguments);
    }
    arguments.removeAt(1);
    arguments[0] = QStringLiteral("nabblet ") + command;
    return enters ? enter(application, arguments) : found->run(arguments);
}

} // namespace nabblet

// Several rough hands in one database at once, each a program of its own: they go about, type, save, add, delete, take
// back, and answer when somebody else was faster. Each writes down what it was told; the database writes down what was
// done (by triggers). Both must be the same: nothing lost, nothing written over unseen, nothing false.
//
//   many_hands [--dialect sqlite|postgresql|mariadb|galera] [--hands N] [--seconds N] [--seed N]
//
// Without a dialect the first three, one after the other. galera: a cluster of three MariaDB servers, the hands spread
// over them; it needs Debian's galera-4, mariadb-server and rsync.
#include "core/draft/draft.h"
#include "entry/view/entry_view.h"
#include "support/galera_cluster.h"
#include "support/sample_database.h"
#include "support/throw_away_servers.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QDateTime>
#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QRandomGenerator>
#include <QTextStream>

using namespace nabblet;

namespace {

const QStringList Columns{"name", "amount", "note"};

// ---------------------------------------------------------------- one hand

QString inWords(const QVariant &value)
{
    return value.isNull() ? QString("~") : value.toString();
}

class Hand
{
public:
    Hand(const DatabaseAddress &address, quint32 seed, const QString &journal) : m_random(seed), m_seed(seed)
    {
        m_file.setFileName(journal);
        if (!m_file.open(QFile::WriteOnly)) {
            qFatal("%s cannot be written", qPrintable(journal));
        }
        const Result<Connection> connection = Connection::open(address);
        if (!connection) {
            qFatal("%s", qPrintable(connection.error().sentence));
        }
        const Catalogue catalogue = *connection->readCatalogue();
        const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
        m_form = draftColumnar(catalogue, *findTable(catalogue, "shared"), appearance);
        m_session = std::make_unique<EntrySession>(*connection, catalogue, m_form);
        m_session->setLocale(QLocale::c());
        if (const Outcome started = m_session->start(); !started) {
            qFatal("%s", qPrintable(started.error().sentence));
        }
        m_view = std::make_unique<EntryView>(m_session.get(), appearance);
        m_view->show();
    }

    void work(int seconds)
    {
        const qint64 end = QDateTime::currentMSecsSinceEpoch() + seconds * 1000;
        while (QDateTime::currentMSecsSinceEpoch() < end) {
            step();
            QApplication::processEvents();
        }
        m_session->saving().takeTheirs();
        tell("end");
    }

private:
    int below(int count) { return static_cast<int>(m_random.bounded(count)); }
    const Control &box(const QString &column) const
    {
        for (const Control &control : m_form.controls) {
            if (control.column == column) {
                return control;
            }
        }
        qFatal("no box");
    }
    QString id() const
    {
        const std::optional<RowKey> key = m_session->state().key();
        return key ? key->first().toString() : QString();
    }
    QHash<QString, QString> rowNow() const
    {
        QHash<QString, QString> row;
        for (const QString &column : Columns) {
            row.insert(column, m_session->state().record.row
                                   ? inWords(valueOf(m_session->state().source, *m_session->state().record.row, column))
                                   : QString());
        }
        return row;
    }
    void tell(const QString &line)
    {
        m_file.write(line.toUtf8() + '\n');
        m_file.flush();
    }

    void step();
    void typeSomething(const QString &column);
    void save();
    void settle();

    QRandomGenerator m_random;
    quint32 m_seed;
    int m_number = 0;
    QFile m_file;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;
};

void Hand::typeSomething(const QString &column)
{
    ++m_number;
    const QString words = column == "amount"                  ? QString::number(below(100000))
                          : below(8) == 0 && column == "note" ? QString()
                                                              : QString("%1 of %2").arg(m_number).arg(m_seed);
    m_session->typing().type(box(column), words);
}

void Hand::save()
{
    const EntryState &state = m_session->state();
    const QHash<QString, QString> before = rowNow();
    const bool isNew = state.record.isNew;
    const QHash<QString, TypedValue> typed = state.record.typed;
    const QString which = id();
    if (typed.isEmpty() || !m_session->saving().save()) {
        settle();
        return;
    }
    const QHash<QString, QString> after = rowNow();
    if (isNew) {
        QStringList words{id()};
        for (const QString &column : Columns) {
            const auto own = typed.constFind(column);
            const QString meant = own == typed.constEnd() ? inWords({}) : inWords(own->value);
            words.append(meant);
            if (after.value(column) != meant) { // somebody was so fast
                tell(QStringList{"seen", id(), column, after.value(column)}.join('|'));
            }
        }
        tell("i|" + words.join('|'));
        return;
    }
    for (auto each = typed.begin(); each != typed.end(); ++each) {
        const QString meant = inWords(each->value);
        if (after.value(each.key()) != meant) { // somebody was so fast
            tell(QStringList{"seen", which, each.key(), after.value(each.key())}.join('|'));
        }
        if (before.value(each.key()) != meant) {
            tell(QStringList{"u", which, each.key(), before.value(each.key()), meant}.join('|'));
        }
    }
}

// Somebody was faster, or a value is refused: it is let go, or insisted on.
void Hand::settle()
{
    const Question question = m_session->state().record.question;
    if (question == Question::ChangedMeanwhile && below(2) == 0) {
        const QHash<QString, TypedValue> typed = m_session->state().record.typed;
        const QString which = id();
        // What stands there now is what it is told about; it writes over that, and over nothing newer.
        QHash<QString, QString> theirs;
        for (const QString &column : Columns) {
            theirs.insert(column,
                          inWords(m_session->state().record.theirs
                                      ? valueOf(m_session->state().source, *m_session->state().record.theirs, column)
                                      : QVariant()));
        }
        if (m_session->saving().keepMine()) {
            for (auto each = typed.begin(); each != typed.end(); ++each) {
                const QString meant = inWords(each->value);
                if (theirs.value(each.key()) != meant) {
                    tell(QStringList{"u", which, each.key(), theirs.value(each.key()), meant}.join('|'));
                }
            }
            return;
        }
    }
    if (m_session->state().record.question != Question::None) {
        m_session->saving().takeTheirs();
    }
    if (!m_session->state().record.typed.isEmpty() || m_session->state().record.isNew) {
        (void)m_session->takingBack().takeBack();
    }
}

void Hand::step()
{
    const EntryState &state = m_session->state();
    const bool isFree = state.record.typed.isEmpty() && !state.record.isNew;
    switch (below(12)) {
    case 0:
        (void)(isFree && m_session->moves().goFirst());
        break;
    case 1:
        (void)(isFree && m_session->moves().goLast());
        break;
    case 2:
        (void)(isFree && m_session->moves().goPrevious());
        break;
    case 3:
    case 4:
        (void)(isFree && m_session->moves().goNext());
        break;
    case 5:
        if (isFree && below(3) == 0 && m_session->moves().add()) {
            typeSomething("name");
            typeSomething("amount");
            save();
        }
        break;
    case 6:
        if (isFree && state.record.row && below(4) == 0) {
            const QHash<QString, QString> before = rowNow();
            const QString which = id();
            if (m_session->saving().remove()) {
                QStringList words{which};
                for (const QString &column : Columns) {
                    words.append(before.value(column));
                }
                tell("d|" + words.join('|'));
            } else {
                settle();
            }
        }
        break;
    default:
        if (state.record.row && !state.record.isNew) {
            typeSomething(Columns.at(below(3)));
            if (below(3) == 0) {
                typeSomething(Columns.at(below(3)));
            }
            if (below(3) == 0) { // others have time
                QApplication::processEvents(QEventLoop::AllEvents, 5);
            }
            save();
        }
    }
}

// ---------------------------------------------------------------- the database writes down what is done

QString tablesFor(const QString &dialect)
{
    const bool isMaria = dialect == "mariadb" || dialect == "galera";
    const bool isPostgres = dialect == "postgresql";
    const QString key = isPostgres ? "SERIAL PRIMARY KEY"
                        : isMaria  ? "INT AUTO_INCREMENT PRIMARY KEY"
                                   : "INTEGER PRIMARY KEY AUTOINCREMENT";
    QString sql = QString("CREATE TABLE shared (id %1, name VARCHAR(60) NOT NULL, amount INTEGER, note VARCHAR(60));"
                          "CREATE TABLE done (no %1, line TEXT);")
                      .arg(key);
    const auto words = [&](const QString &of) {
        return isMaria ? QString("COALESCE(CAST(%1 AS CHAR), '~')").arg(of)
                       : QString("COALESCE(CAST(%1 AS TEXT), '~')").arg(of);
    };
    const auto joined = [&](const QStringList &parts) {
        return isMaria ? "CONCAT(" + parts.join(", ") + ")" : parts.join(" || ");
    };
    const auto whole = [&](const QString &sign, const QString &row) {
        QStringList parts{"'" + sign + "|'", words(row + ".id")};
        for (const QString &column : Columns) {
            parts << "'|'" << words(row + "." + column);
        }
        return "INSERT INTO done (line) VALUES (" + joined(parts) + ");";
    };
    QStringList changes;
    for (const QString &column : Columns) {
        const QString line = joined(
            {"'u|'", words("NEW.id"), "'|" + column + "|'", words("OLD." + column), "'|'", words("NEW." + column)});
        const QString differs = words("OLD." + column) + " <> " + words("NEW." + column);
        changes.append("INSERT INTO done (line) SELECT " + line + (isMaria ? " FROM DUAL" : "") + " WHERE " + differs +
                       ";");
    }
    if (isPostgres) {
        sql += "CREATE FUNCTION noted() RETURNS trigger AS $$ BEGIN IF TG_OP = 'INSERT' THEN " + whole("i", "NEW") +
               " ELSIF TG_OP = 'DELETE' THEN " + whole("d", "OLD") + " ELSE " + changes.join(' ') +
               " END IF; RETURN NULL; END $$ LANGUAGE plpgsql;"
               "CREATE TRIGGER noted AFTER INSERT OR UPDATE OR DELETE ON shared FOR EACH ROW EXECUTE FUNCTION noted();";
    } else {
        const QString each = isMaria ? " FOR EACH ROW BEGIN " : " BEGIN ";
        const QString end = isMaria ? " END//\n" : " END;";
        sql += isMaria ? "\nDELIMITER //\n" : "";
        sql += "CREATE TRIGGER noted_i AFTER INSERT ON shared" + each + whole("i", "NEW") + end;
        sql += "CREATE TRIGGER noted_d AFTER DELETE ON shared" + each + whole("d", "OLD") + end;
        sql += "CREATE TRIGGER noted_u AFTER UPDATE ON shared" + each + changes.join(' ') + end;
        sql += isMaria ? "DELIMITER ;\n" : "";
    }
    for (int i = 0; i < 6; ++i) {
        sql += QString("INSERT INTO shared (name, amount) VALUES ('first %1', %1);").arg(i);
    }
    return sql + "DELETE FROM done;";
}

QHash<QString, int> counted(const QStringList &lines)
{
    QHash<QString, int> all;
    for (const QString &line : lines) {
        if (!line.startsWith("seen|")) {
            ++all[line];
        }
    }
    return all;
}

// How often the two differ; prints how.
int differences(const QStringList &told, const QStringList &done)
{
    const QHash<QString, int> a = counted(told);
    const QHash<QString, int> b = counted(done);
    int differ = 0;
    QTextStream out(stdout);
    const auto say = [&](const char *what, const QString &line) {
        constexpr int MostSaid = 20;
        if (++differ <= MostSaid) {
            out << "  " << what << ": " << line << '\n';
        }
    };
    // What stood there after a save, and was not what had been typed, somebody else wrote.
    QSet<QString> written;
    for (const QString &line : done) {
        const QStringList parts = line.split('|');
        written.insert(QStringList{parts.value(1), parts.value(2), parts.value(4)}.join('|'));
    }
    for (const QString &line : told) {
        if (line.startsWith("seen|") && !written.contains(line.mid(5))) {
            say("shown, and written by nobody", line);
        }
    }
    for (auto each = a.begin(); each != a.end(); ++each) {
        if (b.value(each.key()) < each.value()) {
            say("told, and not done", each.key());
        }
    }
    for (auto each = b.begin(); each != b.end(); ++each) {
        if (a.value(each.key()) < each.value()) {
            say("done, and not told", each.key());
        }
    }
    return differ;
}

QString written(const DatabaseAddress &address)
{
    QJsonObject parts;
    for (auto each = address.parts.begin(); each != address.parts.end(); ++each) {
        parts.insert(each.key(), each.value());
    }
    return QString::fromUtf8(QJsonDocument(parts).toJson(QJsonDocument::Compact));
}

bool holds(const QString &dialect, int hands, int seconds, quint32 seed)
{
    const QTemporaryDir folder;
    QList<DatabaseAddress> addresses; // the hands take them in turn
    std::unique_ptr<samples::GaleraCluster> cluster;
    std::function<QString(const QString &)> ask;
    if (dialect == "sqlite") {
        const QString path = folder.filePath("shared.db");
        addresses = {addressOfFile(path)};
        ask = [path](const QString &sql) { return samples::sqlite3(path, sql); };
    } else if (dialect == "galera") {
        cluster = std::make_unique<samples::GaleraCluster>();
        cluster->node(0).makeDatabase("shared_by_many");
        for (int i = 0; i < samples::GaleraNode::Nodes; ++i) {
            addresses.append(cluster->node(i).addressOf("shared_by_many"));
        }
        ask = [&cluster](const QString &sql) { return cluster->node(0).ask("shared_by_many", sql); };
    } else {
        samples::TestServer *server = samples::serverNamed(dialect);
        server->makeDatabase("shared_by_many");
        addresses = {server->addressOf("shared_by_many")};
        ask = [server](const QString &sql) { return server->ask("shared_by_many", sql); };
    }
    QTextStream out(stdout);
    const QString said = ask(tablesFor(dialect));
    if (ask("SELECT count(*) FROM shared") != "6") {
        out << dialect << ": " << said << '\n';
        return false;
    }
    std::vector<std::unique_ptr<QProcess>> programs;
    for (int i = 0; i < hands; ++i) {
        const DatabaseAddress &own = addresses.at(i % addresses.size());
        programs.push_back(std::make_unique<QProcess>());
        programs.back()->setProcessChannelMode(QProcess::ForwardedErrorChannel);
        programs.back()->start(QCoreApplication::applicationFilePath(),
                               {"--hand", folder.filePath(QString::number(i)), "--dialect", own.dialect, "--address",
                                written(own), "--seconds", QString::number(seconds), "--seed",
                                QString::number(seed + i)});
    }
    bool areWhole = true;
    QStringList told;
    for (int i = 0; i < hands; ++i) {
        constexpr int Patience = 120; // s
        areWhole = programs.at(i)->waitForFinished((seconds + Patience) * 1000) && areWhole;
        QFile file(folder.filePath(QString::number(i)));
        const QStringList lines = file.open(QFile::ReadOnly)
                                      ? QString::fromUtf8(file.readAll()).split('\n', Qt::SkipEmptyParts)
                                      : QStringList();
        areWhole = areWhole && !lines.isEmpty() && lines.last() == "end";
        told += lines.mid(0, std::max<qsizetype>(0, lines.size() - 1));
    }
    const QStringList done = ask("SELECT line FROM done ORDER BY no").split('\n', Qt::SkipEmptyParts);
    const int differ = differences(told, done);
    out << dialect << ": " << hands << " hands, " << seconds << " s, " << done.size() << " changes, " << differ
        << " not as told" << (areWhole ? "" : ", a hand did not come to its end") << '\n';
    return areWhole && differ == 0 && done.size() > hands;
}

} // namespace

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    QApplication::setApplicationName("nabblet-many-hands");
    QStandardPaths::setTestModeEnabled(true);
    QCommandLineParser parser;
    for (const char *option : {"dialect", "hands", "seconds", "seed", "hand", "address"}) {
        parser.addOption({option, option, option});
    }
    parser.process(application);
    const auto number = [&](const char *option, int usual) {
        return parser.isSet(option) ? parser.value(option).toInt() : usual;
    };
    const int seconds = number("seconds", 5);
    const auto seed = static_cast<quint32>(number("seed", 1));
    if (parser.isSet("hand")) {
        DatabaseAddress address;
        address.dialect = parser.value("dialect");
        const QJsonObject parts = QJsonDocument::fromJson(parser.value("address").toUtf8()).object();
        for (auto each = parts.begin(); each != parts.end(); ++each) {
            address.parts.insert(each.key(), each.value().toString());
        }
        Hand(address, seed, parser.value("hand")).work(seconds);
        return 0;
    }
    const QStringList dialects =
        parser.isSet("dialect") ? QStringList{parser.value("dialect")} : QStringList{"sqlite", "postgresql", "mariadb"};
    bool isGood = true;
    for (const QString &dialect : dialects) {
        isGood = holds(dialect, number("hands", 4), seconds, seed) && isGood;
    }
    samples::endServers();
    return isGood ? 0 : 1;
}

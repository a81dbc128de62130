// Three MariaDB servers that are one (Galera), on this computer alone. Each has the same rows; a save on one is a save
// on all, or is undone where another was first.
#pragma once

#include "support/throw_away_servers.h"

#include <QRandomGenerator>
#include <QRegularExpression>

#include <arpa/inet.h>
#include <array>
#include <netinet/in.h>
#include <sys/socket.h>

namespace nabblet::samples {

class GaleraNode : public ServerProgram
{
public:
    static constexpr int Nodes = 3;
    static constexpr int PortsEach = 3; // for the others, for what is missed, for a whole copy

    static bool isInstalled() { return QFile::exists(provider()); }

    // number: from 0. ports: of all, PortsEach for each.
    GaleraNode(int number, const QList<int> &ports) : m_number(number), m_ports(ports) {}
    ~GaleraNode() override
    {
        setStopped(false);
        end(SIGKILL);
    }

    QString folder() const { return m_folder.path(); }
    void install()
    {
        const QString said = printed(QStringLiteral("setpriv"),
                                     asNobody({QStringLiteral("mariadb-install-db"), QStringLiteral("--no-defaults"),
                                               QStringLiteral("--datadir=") + data(), QStringLiteral("--skip-test-db"),
                                               QStringLiteral("--auth-root-authentication-method=normal")}));
        if (!said.contains(QLatin1String("OK"))) {
            qFatal("%s", qPrintable(said));
        }
    }
    // As it stands on another that has ended, so that it needs no copy of it when it joins.
    void copyFrom(const GaleraNode &other)
    {
        printed(QStringLiteral("cp"), {QStringLiteral("-a"), other.data(), data()});
        QFile::remove(data() + QStringLiteral("/galera.cache"));
        printed(QStringLiteral("sed"),
                {QStringLiteral("-i"), QStringLiteral("s/safe_to_bootstrap: 1/safe_to_bootstrap: 0/"),
                 data() + QStringLiteral("/grastate.dat")});
    }
    enum class Begins { Alone, WithOthers };
    void begin(Begins begins)
    {
        QStringList others;
        for (int i = 0; begins == Begins::WithOthers && i < Nodes; ++i) {
            others.append(QStringLiteral("127.0.0.1:%1").arg(portOf(i, 0)));
        }
        const QStringList from =
            m_from.isEmpty() ? QStringList() : QStringList{QStringLiteral("--wsrep-start-position=") + m_from};
        run(QStringList{
                QStringLiteral("mariadbd"), QStringLiteral("--no-defaults"), QStringLiteral("--datadir=") + data(),
                QStringLiteral("--socket=") + socket(), QStringLiteral("--skip-networking"),
                QStringLiteral("--log-error=") + m_folder.filePath(QStringLiteral("log")),
                QStringLiteral("--pid-file=") + m_folder.filePath(QStringLiteral("pid")),
                QStringLiteral("--innodb-buffer-pool-size=64M"), QStringLiteral("--innodb-flush-method=nosync"),
                QStringLiteral("--wsrep-on=ON"), QStringLiteral("--wsrep-provider=") + provider(),
                QStringLiteral("--wsrep-cluster-address=gcomm://") + others.join(u','),
                QStringLiteral("--wsrep-cluster-name=nabblet"), QStringLiteral("--wsrep-node-address=127.0.0.1"),
                QStringLiteral("--binlog-format=ROW"), QStringLiteral("--innodb-autoinc-lock-mode=2"),
                QStringLiteral("--wsrep-sst-method=rsync"),
                QStringLiteral("--wsrep-sst-receive-address=127.0.0.1:%1").arg(portOf(m_number, 2)),
                QStringLiteral("--wsrep-provider-options=base_host=127.0.0.1;base_port=%1;"
                               "gmcast.listen_addr=tcp://127.0.0.1:%1;ist.recv_addr=127.0.0.1:%2;gcache.size=32M;"
                               "evs.suspect_timeout=PT1S;evs.inactive_timeout=PT2S;evs.keepalive_period=PT0.2S")
                    .arg(portOf(m_number, 0))
                    .arg(portOf(m_number, 1))} +
            from);
        waitFor(QString(), QStringLiteral("SELECT VARIABLE_VALUE = 'ON' FROM information_schema.GLOBAL_STATUS "
                                          "WHERE VARIABLE_NAME = 'wsrep_ready'"));
    }
    void endWell() { end(SIGTERM); }

    QString dialect() const override { return QStringLiteral("mariadb"); }
    void makeDatabase(const QString &name) override
    {
        ask(QString(), QStringLiteral("CREATE DATABASE `%1` CHARACTER SET utf8mb4").arg(name));
    }
    DatabaseAddress addressOf(const QString &database) const override
    {
        return {dialect(),
                {{QStringLiteral("host"), socket()},
                 {QStringLiteral("user"), QStringLiteral("root")},
                 {QStringLiteral("database"), database}}};
    }
    QString ask(const QString &database, const QString &sql) const override
    {
        QStringList arguments{QStringLiteral("--no-defaults"),
                              QStringLiteral("--socket=") + socket(),
                              QStringLiteral("-u"),
                              QStringLiteral("root"),
                              QStringLiteral("-N"),
                              QStringLiteral("-B"),
                              QStringLiteral("--default-character-set=utf8mb4")};
        if (!database.isEmpty()) {
            arguments.append(database);
        }
        return printed(QStringLiteral("mariadb"), arguments, sql);
    }
    QStringList statementsOf(const Connection &, const std::function<void()> &) override { return {}; }
    void kill() override { end(SIGKILL); }
    // From where its rows stand, so that it gets from the others what it missed, and no whole copy.
    void start() override
    {
        const QString log = m_folder.filePath(QStringLiteral("recovered"));
        printed(QStringLiteral("setpriv"),
                asNobody({QStringLiteral("mariadbd"), QStringLiteral("--no-defaults"),
                          QStringLiteral("--datadir=") + data(), QStringLiteral("--socket=") + socket() + u'r',
                          QStringLiteral("--skip-networking"), QStringLiteral("--log-error=") + log,
                          QStringLiteral("--wsrep-on=ON"), QStringLiteral("--wsrep-provider=") + provider(),
                          QStringLiteral("--wsrep-recover")}));
        QFile told(log);
        static const QRegularExpression position(QStringLiteral("Recovered position: *(\\S+)"));
        m_from =
            told.open(QIODevice::ReadOnly) ? position.match(QString::fromUtf8(told.readAll())).captured(1) : QString();
        QFile::remove(log);
        begin(Begins::WithOthers);
    }

private:
    static QString provider() { return QStringLiteral("/usr/lib/galera/libgalera_smm.so"); }
    QString socket() const { return m_folder.filePath(QStringLiteral("socket")); }
    int portOf(int node, int which) const { return m_ports.at(node * PortsEach + which); }

    int m_number;
    QString m_from; // how far its rows go
    QList<int> m_ports;
};

class GaleraCluster
{
public:
    GaleraCluster()
    {
        const QList<int> ports = freePorts(GaleraNode::Nodes * GaleraNode::PortsEach);
        for (int i = 0; i < GaleraNode::Nodes; ++i) {
            m_nodes.at(i) = std::make_unique<GaleraNode>(i, ports);
        }
        GaleraNode &first = *m_nodes.front();
        first.install();
        first.begin(GaleraNode::Begins::Alone); // which gives the cluster its name
        first.endWell();
        for (size_t i = 1; i < m_nodes.size(); ++i) {
            m_nodes.at(i)->copyFrom(first);
        }
        first.begin(GaleraNode::Begins::Alone);
        for (size_t i = 1; i < m_nodes.size(); ++i) {
            m_nodes.at(i)->start();
        }
    }
    GaleraNode &node(int number) { return *m_nodes.at(static_cast<size_t>(number)); }

private:
    static QList<int> freePorts(int count)
    {
        QList<int> ports;
        QList<int> held; // until all are known, so that each is another one
        for (int i = 0; i < count; ++i) {
            held.append(socket(AF_INET, SOCK_STREAM, 0));
            sockaddr_in address{};
            address.sin_family = AF_INET;
            address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
            const socklen_t length = sizeof address;
            auto *place = reinterpret_cast<sockaddr *>(&address);
            // Below those that connections take by themselves, one of which might come before.
            do {
                address.sin_port = htons(static_cast<uint16_t>(QRandomGenerator::global()->bounded(20000, 32000)));
            } while (bind(held.last(), place, length) != 0);
            ports.append(ntohs(address.sin_port));
        }
        for (const int each : held) {
            close(each);
        }
        return ports;
    }

    std::array<std::unique_ptr<GaleraNode>, GaleraNode::Nodes> m_nodes;
};

} // namespace nabblet::samples

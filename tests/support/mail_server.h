// The stand-in for a mail server, started for one test.
#pragma once

#include "core/mail/mail_setup.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>

namespace nabblet::samples {

class MailServer
{
public:
    explicit MailServer(const QStringList &options = {})
    {
        m_process.start(QStringLiteral("/usr/bin/python3"),
                        QStringList{QStringLiteral(NABBLET_ROOT "/tools/mail-stand-in"), m_folder.path()} + options);
        if (m_process.waitForReadyRead(20000)) {
            m_port = m_process.readLine().trimmed().toInt();
        }
    }
    ~MailServer()
    {
        m_process.kill();
        m_process.waitForFinished();
    }

    MailSetup setup() const
    {
        MailSetup setup;
        setup.way = MailWay::Server;
        setup.from = QStringLiteral("Nab depot <depot@nabharbour.example>");
        setup.host = QStringLiteral("127.0.0.1");
        setup.port = m_port;
        setup.security = MailSecurity::None;
        return setup;
    }
    QStringList messages() const
    {
        QStringList paths;
        for (const QString &name : QDir(m_folder.path()).entryList({QStringLiteral("*.eml")}, QDir::Files)) {
            paths.append(m_folder.filePath(name));
        }
        return paths;
    }
    // What Python's own reader of messages says of the only one: subject, to, words, names, types and hashes of files.
    QStringList read() const
    {
        const QStringList all = messages();
        if (all.size() != 1) {
            return {};
        }
        QProcess python;
        python.start(
            QStringLiteral("/usr/bin/python3"),
            {QStringLiteral("-c"),
             QStringLiteral("import email,email.policy,sys,hashlib\n"
                            "m=email.message_from_binary_file(open(sys.argv[1],'rb'),policy=email.policy.default)\n"
                            "print(m['subject']);print(m['to']);print(m['from']);print(bool(m['date'] and "
                            "m['message-id']));print(repr(m.get_body().get_content()))\n"
                            "for a in m.iter_attachments(): print(a.get_filename(),a.get_content_type(),"
                            "hashlib.sha256(a.get_payload(decode=True)).hexdigest())"),
             all.first()});
        python.waitForFinished(20000);
        return QString::fromUtf8(python.readAllStandardOutput()).split(u'\n', Qt::SkipEmptyParts);
    }

private:
    QTemporaryDir m_folder;
    QProcess m_process;
    int m_port = 0;
};

} // namespace nabblet::samples

// How a project sends mail.
#pragma once

#include <QJsonObject>
#include <QString>

namespace nabblet {

enum class MailWay {
    Program, // the desktop's mail program, where the person sends it
    Server,  // an SMTP server
    Folder,  // each message a file, for other programs to take
};

enum class MailSecurity {
    Tls,      // from the first byte on
    StartTls, // asked for, and nothing is sent without
    None,     // only for servers on the same computer
};

struct MailSetup
{
    MailWay way = MailWay::Program;
    QString from; // an address, with a name before it or without
    QString host;
    int port = 0; // 0: the usual one
    MailSecurity security = MailSecurity::Tls;
    QString user;   // empty: nobody signs in; the password is in the keyring
    QString folder; // from the project's folder

    bool operator==(const MailSetup &) const = default;
};

int portOf(const MailSetup &setup);
QJsonObject mailSetupToJson(const MailSetup &setup); // empty for the usual one
MailSetup mailSetupFromJson(const QJsonObject &json);

} // namespace nabblet

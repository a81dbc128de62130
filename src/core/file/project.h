// A project: a folder with project.nabblet and forms/*.nabform.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/filter/filter.h"
#include "core/mail/mail_setup.h"
#include "core/model/database_address.h"

#include <QHash>
#include <QJsonObject>
#include <QString>

namespace nabblet {

struct Project
{
    QString name;             // in words
    DatabaseAddress database; // a file by its way from the project folder
    QString namingPattern = QStringLiteral("{kind}_{column}");
    QString startForm; // name of the form that opens first, or empty
    // How the project writes names in captions: whole column names, or parts of them, in small letters, to words.
    QHash<QString, QString> words;
    QList<TableLink> links;        // that the database does not declare
    QList<RuleSentence> sentences; // for rules of the tables
    QList<KeptQuestion> questions; // for all who work with its forms
    MailSetup mail;                // how its forms send messages
    bool followsRenames = false;   // renamed columns are followed without asking, where it is certain
    int fileVersion = 1;
    QJsonObject unknown;           // keys of a newer version, kept for saving
    QJsonObject unknownConnection; // the same of the connection

    bool operator==(const Project &) const = default;
};

// A catalogue with what the project knows of it besides: links and sentences.
inline Catalogue asKnownTo(const Project &project, const Catalogue &catalogue)
{
    return withSentences(withLinks(catalogue, project.links), project.sentences);
}

} // namespace nabblet

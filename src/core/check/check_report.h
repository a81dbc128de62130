// What was found in the forms of a project, as a text for people, as JSON, as SARIF 2.1.0 for code hosts
// (https://docs.oasis-open.org/sarif/sarif/v2.1.0/), and as JUnit XML for build servers.
#pragma once

#include "core/check/findings.h"

#include <QByteArray>
#include <QStringList>

namespace nabblet {

struct CheckedForm
{
    QString file; // as it is to be shown, with slashes
    Form form;
    QByteArray text; // of the file, for the numbers of lines
    QList<Found> found;
};

struct CheckReport
{
    QString version; // of the program
    QList<CheckedForm> forms;
};

struct ReportFormat
{
    const char *name; // by which it is asked for
    QByteArray (*write)(const CheckReport &report);
};

const QList<ReportFormat> &reportFormats();
// The format with that name, or nullptr.
const ReportFormat *reportFormatNamed(const QString &name);

} // namespace nabblet

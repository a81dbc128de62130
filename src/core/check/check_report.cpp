#include "core/check/check_report.h"

#include "core/text/tr.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QUrl>
#include <QXmlStreamWriter>

#include <algorithm>

namespace nabblet {

namespace {

QString idOf(const FormCheck &check)
{
    return QString::fromLatin1(check.name).replace(u' ', u'-');
}

// The names of the controls that lead to a finding, and of its own: "visits/text_hours". Empty for the form itself.
QString placeOf(const Form &form, const Found &found)
{
    QStringList names;
    const Form *at = &form;
    for (const ControlId step : found.path) {
        const Control *holder = step == RowFormStep ? nullptr : at->controls.find(step);
        names.append(holder ? holder->name : QStringLiteral("row"));
        at = step == RowFormStep ? at->rowForm.get() : holder ? holder->inner.get() : nullptr;
        if (!at) {
            return names.join(u'/');
        }
    }
    if (const Control *control = at->controls.find(found.finding.control)) {
        names.append(control->name);
    }
    return names.join(u'/');
}

// The line of the file in which the control stands, from 1: that of its name.
int lineOf(const CheckedForm &form, const Found &found)
{
    const QString name = placeOf(form.form, found).section(u'/', -1);
    const qsizetype at = name.isEmpty() ? -1 : form.text.indexOf("\"name\": \"" + name.toUtf8() + '"');
    return at < 0 ? 1 : static_cast<int>(form.text.left(at).count('\n')) + 1;
}

const char *degreeName(const Found &found)
{
    return found.degree() == Degree::ToFix ? "to fix" : "to weigh";
}

QByteArray asText(const CheckReport &report)
{
    QString text;
    FindingCounts all;
    int left = 0;
    for (const CheckedForm &form : report.forms) {
        const FindingCounts counts = countsOf(form.found);
        all.toFix += counts.toFix;
        all.toWeigh += counts.toWeigh;
        for (const Found &found : form.found) {
            if (found.isLeft) {
                ++left;
                continue;
            }
            const QString place = placeOf(form.form, found);
            text += QStringLiteral("%1:%2: %3: %4%5\n")
                        .arg(form.file)
                        .arg(lineOf(form, found))
                        .arg(found.degree() == Degree::ToFix ? Texts::tr("to fix") : Texts::tr("to weigh"),
                             found.finding.sentence, place.isEmpty() ? QString() : QLatin1String(" (") + place + u')');
        }
    }
    text += counted(report.forms.size(), Texts::tr("1 form"), Texts::tr("%1 forms")) + QStringLiteral(": ") +
            Texts::tr("%1 to fix, %2 to weigh").arg(all.toFix).arg(all.toWeigh) +
            (left > 0 ? Texts::tr(", %1 left be").arg(left) : QString()) + u'\n';
    return text.toUtf8();
}

QByteArray asJson(const CheckReport &report)
{
    QJsonArray forms;
    for (const CheckedForm &form : report.forms) {
        QJsonArray findings;
        for (const Found &found : form.found) {
            QJsonObject each{{QStringLiteral("check"), idOf(*found.check)},
                             {QStringLiteral("degree"), QLatin1String(degreeName(found))},
                             {QStringLiteral("sentence"), found.finding.sentence},
                             {QStringLiteral("line"), lineOf(form, found)}};
            if (const QString place = placeOf(form.form, found); !place.isEmpty()) {
                each.insert(QStringLiteral("control"), place);
            }
            if (found.isLeft) {
                each.insert(QStringLiteral("leftBe"), found.reason);
            }
            QJsonArray mends;
            for (const Mend &mend : found.finding.mends) {
                mends.append(mend.words);
            }
            if (!mends.isEmpty()) {
                each.insert(QStringLiteral("mends"), mends);
            }
            findings.append(each);
        }
        forms.append(QJsonObject{{QStringLiteral("file"), form.file}, {QStringLiteral("findings"), findings}});
    }
    return QJsonDocument(QJsonObject{{QStringLiteral("forms"), forms}}).toJson();
}

QByteArray asSarif(const CheckReport &report)
{
    QJsonArray rules;
    for (const FormCheck &check : formChecks()) {
        const QString level = check.degree == Degree::ToFix ? QStringLiteral("error") : QStringLiteral("warning");
        rules.append(
            QJsonObject{{QStringLiteral("id"), idOf(check)},
                        {QStringLiteral("shortDescription"), QJsonObject{{QStringLiteral("text"), checkTitle(check)}}},
                        {QStringLiteral("defaultConfiguration"), QJsonObject{{QStringLiteral("level"), level}}}});
    }
    QJsonArray results;
    for (const CheckedForm &form : report.forms) {
        for (const Found &found : form.found) {
            const QString uri = QString::fromLatin1(QUrl(form.file).toEncoded());
            QJsonObject location{
                {QStringLiteral("physicalLocation"),
                 QJsonObject{
                     {QStringLiteral("artifactLocation"), QJsonObject{{QStringLiteral("uri"), uri}}},
                     {QStringLiteral("region"), QJsonObject{{QStringLiteral("startLine"), lineOf(form, found)}}}}}};
            if (const QString place = placeOf(form.form, found); !place.isEmpty()) {
                location.insert(QStringLiteral("logicalLocations"),
                                QJsonArray{QJsonObject{{QStringLiteral("fullyQualifiedName"), place}}});
            }
            QJsonObject result{
                {QStringLiteral("ruleId"), idOf(*found.check)},
                {QStringLiteral("level"),
                 found.degree() == Degree::ToFix ? QStringLiteral("error") : QStringLiteral("warning")},
                {QStringLiteral("message"), QJsonObject{{QStringLiteral("text"), found.finding.sentence}}},
                {QStringLiteral("locations"), QJsonArray{location}},
                {QStringLiteral("partialFingerprints"),
                 QJsonObject{
                     {QStringLiteral("nabbletFinding/v1"), placeOf(form.form, found) + u'|' + found.finding.about}}}};
            if (found.isLeft) {
                result.insert(QStringLiteral("suppressions"),
                              QJsonArray{QJsonObject{{QStringLiteral("kind"), QStringLiteral("inSource")},
                                                     {QStringLiteral("justification"), found.reason}}});
            }
            results.append(result);
        }
    }
    const QJsonObject driver{{QStringLiteral("name"), QStringLiteral("nabblet")},
                             {QStringLiteral("version"), report.version},
                             {QStringLiteral("rules"), rules}};
    const QJsonObject run{{QStringLiteral("tool"), QJsonObject{{QStringLiteral("driver"), driver}}},
                          {QStringLiteral("columnKind"), QStringLiteral("utf16CodeUnits")},
                          {QStringLiteral("results"), results}};
    return QJsonDocument(
               QJsonObject{{QStringLiteral("$schema"), QStringLiteral("https://json.schemastore.org/sarif-2.1.0.json")},
                           {QStringLiteral("version"), QStringLiteral("2.1.0")},
                           {QStringLiteral("runs"), QJsonArray{run}}})
        .toJson();
}

// A text as XML may hold it: what it may not is left out.
QString forXml(const QString &text)
{
    QString kept;
    for (const QChar c : text) {
        if (c >= u' ' || c == u'\n' || c == u'\t') {
            kept.append(c);
        }
    }
    return kept;
}

QByteArray asJunit(const CheckReport &report)
{
    QByteArray text;
    QXmlStreamWriter xml(&text);
    xml.setAutoFormatting(true);
    xml.writeStartDocument();
    xml.writeStartElement(QStringLiteral("testsuites"));
    for (const CheckedForm &form : report.forms) {
        xml.writeStartElement(QStringLiteral("testsuite"));
        xml.writeAttribute(QStringLiteral("name"), forXml(form.file));
        xml.writeAttribute(QStringLiteral("tests"), QString::number(formChecks().size()));
        qsizetype failures = 0;
        for (const FormCheck &check : formChecks()) {
            failures += std::any_of(form.found.begin(), form.found.end(), [&](const Found &found) {
                return found.check == &check && !found.isLeft && found.degree() == Degree::ToFix;
            });
        }
        xml.writeAttribute(QStringLiteral("failures"), QString::number(failures));
        for (const FormCheck &check : formChecks()) {
            xml.writeStartElement(QStringLiteral("testcase"));
            xml.writeAttribute(QStringLiteral("classname"), forXml(form.file));
            xml.writeAttribute(QStringLiteral("name"), checkTitle(check));
            QStringList toFix;
            QStringList toWeigh;
            for (const Found &found : form.found) {
                if (found.check == &check && !found.isLeft) {
                    (found.degree() == Degree::ToFix ? toFix : toWeigh).append(forXml(found.finding.sentence));
                }
            }
            if (!toFix.isEmpty()) {
                xml.writeStartElement(QStringLiteral("failure"));
                xml.writeAttribute(QStringLiteral("message"), toFix.first());
                xml.writeCharacters(toFix.join(u'\n'));
                xml.writeEndElement();
            }
            if (!toWeigh.isEmpty()) {
                xml.writeTextElement(QStringLiteral("system-out"), toWeigh.join(u'\n'));
            }
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }
    xml.writeEndElement();
    xml.writeEndDocument();
    return text;
}

} // namespace

const QList<ReportFormat> &reportFormats()
{
    static const QList<ReportFormat> table{{"text", asText}, {"json", asJson}, {"sarif", asSarif}, {"junit", asJunit}};
    return table;
}

const ReportFormat *reportFormatNamed(const QString &name)
{
    const auto found = std::find_if(reportFormats().begin(), reportFormats().end(),
                                    [&](const ReportFormat &each) { return name == QLatin1String(each.name); });
    return found == reportFormats().end() ? nullptr : &*found;
}

} // namespace nabblet

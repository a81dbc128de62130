#include "app/command/version_commands.h"

#include "app/command/command_line.h"
#include "app/command/command_parts.h"
#include "core/file/form_file.h"
#include "core/file/whole_file.h"
#include "core/merge/form_differences.h"
#include "core/merge/form_merge.h"
#include "core/text/tr.h"
#include "entry/paint/form_painter.h"
#include "entry/theme/theme.h"

#include <QCoreApplication>
#include <QPainter>
#include <QTextStream>

namespace nabblet {

namespace {

struct VersionCommands
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::VersionCommands)
};

// A form painted blank, with controls lit up.
QImage pictureOf(const Form &form, const QList<ControlId> &lit, const QColor &colour)
{
    const Appearance appearance = usualAppearance(form.look, Theme::Light);
    QImage image(std::max(1, form.width), std::max(1, shownHeight(form)), QImage::Format_RGB32);
    QPainter painter(&image);
    paintForm(painter, form, nullptr, image.size(), appearance);
    painter.setRenderHint(QPainter::Antialiasing);
    QColor ground = colour;
    ground.setAlpha(46);
    for (const ControlId id : lit) {
        const QRect place = placeOnForm(form, *form.controls.find(id));
        painter.setPen(QPen(colour, 1.5));
        painter.setBrush(ground);
        painter.drawRoundedRect(QRectF(place).adjusted(-2, -2, 2, 2), 3, 3);
    }
    return image;
}

// Both states side by side, what differs lit up in each.
QImage bothSides(const Form &before, const Form &after)
{
    constexpr int Gap = 24;  // px
    constexpr int Head = 32; // px, for the words over each
    const PanelColours &colours = panelColours(Theme::Light);
    const QImage left = pictureOf(before, controlsThatDiffer(before, after), colours.alarm);
    const QImage right = pictureOf(after, controlsThatDiffer(after, before), colours.accent);
    QImage both(left.width() + right.width() + 3 * Gap, std::max(left.height(), right.height()) + Head + Gap,
                QImage::Format_RGB32);
    both.fill(colours.board);
    QPainter painter(&both);
    painter.setPen(colours.text);
    painter.drawText(QRect(Gap, 0, left.width(), Head), Qt::AlignVCenter, VersionCommands::tr("Before"));
    painter.drawText(QRect(left.width() + 2 * Gap, 0, right.width(), Head), Qt::AlignVCenter,
                     VersionCommands::tr("After"));
    painter.drawImage(Gap, Head, left);
    painter.drawImage(left.width() + 2 * Gap, Head, right);
    return both;
}

// A form from a file; one that version control names as nothing is empty.
Result<Form> formAt(const QString &path)
{
    return path == QLatin1String("/dev/null") ? Result<Form>(Form()) : loadForm(path);
}

} // namespace

int diffCommand(const QStringList &arguments)
{
    const QString command = QStringLiteral("diff");
    QCommandLineParser parser;
    parser.setApplicationDescription(VersionCommands::tr("Says in sentences what differs between two states of a form. "
                                                         "With one file it writes the form in lines, for the "
                                                         "textconv of git."));
    parser.addPositionalArgument(QStringLiteral("OLD"), VersionCommands::tr("A .nabform file."));
    parser.addPositionalArgument(QStringLiteral("NEW"), VersionCommands::tr("The same form later."),
                                 QStringLiteral("[NEW]"));
    const QCommandLineOption output({QStringLiteral("o"), QStringLiteral("output")},
                                    VersionCommands::tr("A picture of both, with marks: a PNG or JPEG file."),
                                    QStringLiteral("FILE"));
    parser.addOption(output);
    if (const std::optional<int> code = parseCall(parser, command, arguments, 1, 2)) {
        return *code;
    }
    const Result<Form> before = formAt(parser.positionalArguments().first());
    if (!before) {
        return fail(before.error());
    }
    QTextStream out(stdout);
    if (parser.positionalArguments().size() == 1) {
        for (const QString &line : formInLines(*before)) {
            out << line << '\n';
        }
        return ExitDone;
    }
    const Result<Form> after = formAt(parser.positionalArguments().at(1));
    if (!after) {
        return fail(after.error());
    }
    for (const QString &sentence : formDifferences(*before, *after)) {
        out << sentence << '\n';
    }
    if (parser.isSet(output) && !bothSides(*before, *after).save(parser.value(output))) {
        return fail({VersionCommands::tr("The picture %1 could not be written. Its name ends in .png or .jpg, and its "
                                         "folder must be there.")
                         .arg(parser.value(output)),
                     {}});
    }
    return ExitDone;
}

int mergeCommand(const QStringList &arguments)
{
    const QString command = QStringLiteral("merge");
    QCommandLineParser parser;
    parser.setApplicationDescription(
        VersionCommands::tr("Puts two lines of changes of one form together. What both changed differently stands in "
                            "the form as ours, and is "
                            "left in the file to be decided in Design; it ends with 3 then."));
    parser.addPositionalArgument(QStringLiteral("BASE"), VersionCommands::tr("The form as both began."));
    parser.addPositionalArgument(QStringLiteral("OURS"), VersionCommands::tr("As it is here."));
    parser.addPositionalArgument(QStringLiteral("THEIRS"), VersionCommands::tr("As somebody else has it."));
    const QCommandLineOption output({QStringLiteral("o"), QStringLiteral("output")},
                                    VersionCommands::tr("The file to write; without, it goes to the output."),
                                    QStringLiteral("FILE"));
    parser.addOption(output);
    if (const std::optional<int> code = parseCall(parser, command, arguments, 3, 3)) {
        return *code;
    }
    QList<QByteArray> texts;
    for (const QString &path : parser.positionalArguments()) {
        const Result<QByteArray> text =
            path == QLatin1String("/dev/null") ? Result<QByteArray>(QByteArray()) : readWholeFile(path);
        if (!text) {
            return fail(text.error());
        }
        texts.append(*text);
    }
    const Result<MergedForm> merged = mergedForms(texts.at(0), texts.at(1), texts.at(2));
    if (!merged) {
        return fail(merged.error());
    }
    const QByteArray text = writeForm(merged->form);
    if (parser.isSet(output)) {
        const Outcome written = replaceWholeFile(parser.value(output), text);
        if (!written) {
            return fail(written.error());
        }
    } else {
        QTextStream(stdout) << QString::fromUtf8(text);
    }
    QTextStream errors(stderr);
    for (const Undecided &each : merged->form.undecided) {
        errors << undecidedInWords(merged->form, each) << '\n';
    }
    if (merged->undecided > 0) {
        errors << counted(merged->undecided,
                          VersionCommands::tr("One thing is to be decided; open the form in Design."),
                          VersionCommands::tr("%1 things are to be decided; open the form in Design."))
               << '\n';
    }
    return merged->undecided > 0 ? ExitFound : ExitDone;
}

} // namespace nabblet

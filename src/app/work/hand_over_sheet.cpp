#include "app/work/hand_over_sheet.h"

#include "app/work/hand_over_file.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "entry/theme/ask.h"
#include "entry/theme/sheet.h"

#include <QComboBox>
#include <QCryptographicHash>
#include <QDialog>
#include <QDialogButtonBox>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QProgressDialog>
#include <QPushButton>
#include <QSettings>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace nabblet {

namespace {

enum As { AsFile, AsFolder };
enum Data { Along, Stays };

QString settingsOf(const Workspace &workspace)
{
    const QByteArray folder = QDir(workspace.projectFolder).absolutePath().toUtf8();
    return QStringLiteral("handOver/") +
           QString::fromLatin1(QCryptographicHash::hash(folder, QCryptographicHash::Sha256).toHex().left(16));
}

// Beside the project, called as it is.
QString proposed(const Workspace &workspace, bool isFile)
{
    const QString name = identifierFromText(workspace.project.name);
    QDir beside(workspace.projectFolder);
    beside.cdUp();
    const QString called = name.isEmpty() ? QStringLiteral("forms") : name;
    return beside.absoluteFilePath(isFile ? called + u'.' + HandedOverEnding : called + QStringLiteral("_handed_over"));
}

std::optional<HandedOver> there(const QString &to, bool isFile)
{
    return isFile ? handedOverAs(to) : handedOverIn(to);
}

struct HandOverWanted
{
    bool takesBack = false;
    QString to;
    bool isFile = true; // else a folder
    bool withDatabase = true;
};

// Nothing where it is closed.
std::optional<HandOverWanted> askForHandOver(const Workspace &workspace, QWidget *parent)
{
    QSettings settings;
    settings.beginGroup(settingsOf(workspace));
    const bool isSqlite = workspace.project.database.dialect == QLatin1String("sqlite");
    HandOverWanted wanted;
    wanted.isFile = settings.value(QStringLiteral("isFile"), true).toBool();
    wanted.to = settings.value(QStringLiteral("to"), proposed(workspace, wanted.isFile)).toString();
    wanted.withDatabase = settings.value(QStringLiteral("withDatabase"), true).toBool();

    QDialog sheet(parent);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("handOver"), Texts::tr("Hand over"), {});
    auto *what =
        new QLabel(Texts::tr("Those who work with the forms open what you hand over by a double click. They see "
                             "the forms at work, and cannot change them."));
    what->setWordWrap(true);
    column->addWidget(what);
    auto *lines = new QFormLayout;
    lines->setHorizontalSpacing(12);
    lines->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    auto *as = new QComboBox;
    as->setObjectName(QStringLiteral("handOverAs"));
    as->addItems({Texts::tr("One file"), Texts::tr("A folder")});
    as->setCurrentIndex(wanted.isFile ? AsFile : AsFolder);
    lines->addRow(Texts::tr("As"), as);
    auto *to = new QLineEdit(QDir::toNativeSeparators(wanted.to));
    to->setObjectName(QStringLiteral("handOverTo"));
    constexpr int PathWidth = 380; // px
    to->setMinimumWidth(PathWidth);
    auto *choose = new QPushButton(Texts::tr("Choose…"));
    choose->setObjectName(QStringLiteral("chooseHandOver"));
    choose->setAutoDefault(false);
    auto *place = new QHBoxLayout;
    place->addWidget(to, 1);
    place->addWidget(choose);
    lines->addRow(Texts::tr("To"), place);
    auto *data = new QComboBox;
    data->setObjectName(QStringLiteral("handOverData"));
    data->addItem(Texts::tr("go along, as they are now"));
    data->addItem(Texts::tr("stay where they are"));
    data->setCurrentIndex(isSqlite && wanted.withDatabase ? Along : Stays);
    lines->addRow(Texts::tr("The data"), data);
    column->addLayout(lines);
    auto *note = new QLabel;
    note->setObjectName(QStringLiteral("handOverNote"));
    note->setWordWrap(true);
    column->addWidget(note);
    column->addStretch();
    auto *buttons = new QDialogButtonBox;
    QPushButton *take = buttons->addButton(Texts::tr("Hand over"), QDialogButtonBox::AcceptRole);
    take->setObjectName(QStringLiteral("takeHandOver"));
    take->setDefault(true);
    QPushButton *back = buttons->addButton(Texts::tr("Take the last one back"), QDialogButtonBox::ResetRole);
    back->setObjectName(QStringLiteral("handOverBack"));
    back->setAutoDefault(false);
    buttons->addButton(Texts::tr("Cancel"), QDialogButtonBox::RejectRole);
    column->addWidget(buttons);

    const auto path = [&] { return QDir::fromNativeSeparators(to->text().trimmed()); };
    const auto follow = [&] {
        const bool isFile = as->currentIndex() == AsFile;
        const std::optional<HandedOver> before = there(path(), isFile);
        const QString database = workspace.connection ? addressWords(workspace.connection->address()) : QString();
        const bool hasEnding = !isFile || isHandedOver(path());
        if (before) { // as it is there
            const QSignalBlocker quiet(data);
            data->setCurrentIndex(before->holdsData ? Along : Stays);
        }
        note->setText(
            path().isEmpty() ? Texts::tr("Say where to.")
            : !hasEnding     ? Texts::tr("A file that people open has to end in .%1.").arg(HandedOverEnding)
            : before ? Texts::tr("Version %1 is there. Its forms are replaced; what people typed stays, and so does "
                                 "what they have open, until they open it the next time.")
                           .arg(before->version)
            : data->currentIndex() == Along
                ? Texts::tr("From then on people work on a copy of the data. This project keeps its own.")
                : Texts::tr("All work on the same data: %1. They must be able to reach it.").arg(database));
        data->setEnabled(isSqlite && !before);
        take->setEnabled(!path().isEmpty() && hasEnding);
        back->setEnabled(before && before->version > 1);
        back->setVisible(before.has_value());
    };
    QObject::connect(as, &QComboBox::currentIndexChanged, &sheet, [&](int index) {
        // What was proposed for the one is proposed for the other.
        const QString other = proposed(workspace, index != AsFile);
        if (path() == other || path().isEmpty()) {
            to->setText(QDir::toNativeSeparators(proposed(workspace, index == AsFile)));
        }
        follow();
    });
    QObject::connect(data, &QComboBox::currentIndexChanged, &sheet, follow);
    QObject::connect(to, &QLineEdit::textChanged, &sheet, follow);
    QObject::connect(choose, &QPushButton::clicked, &sheet, [&] {
        const QString title = Texts::tr("Hand over to");
        QString chosen;
        if (as->currentIndex() == AsFile) {
            chosen = QFileDialog::getSaveFileName(
                &sheet, title, path(),
                Texts::tr("Forms to work with (%1)").arg(QStringLiteral("*.") + HandedOverEnding), nullptr,
                QFileDialog::DontConfirmOverwrite); // which replaces forms, and no data
            if (!chosen.isEmpty() && !isHandedOver(chosen)) {
                chosen += u'.' + HandedOverEnding;
            }
        } else {
            chosen = QFileDialog::getExistingDirectory(&sheet, title, QFileInfo(path()).absolutePath());
        }
        if (!chosen.isEmpty()) {
            to->setText(QDir::toNativeSeparators(chosen));
        }
    });
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    QObject::connect(back, &QPushButton::clicked, &sheet, [&] {
        wanted.takesBack = true;
        sheet.accept();
    });
    follow();
    to->setFocus();
    if (sheet.exec() != QDialog::Accepted) {
        return {};
    }
    wanted.to = path();
    wanted.isFile = as->currentIndex() == AsFile;
    wanted.withDatabase = data->currentIndex() == Along;
    settings.setValue(QStringLiteral("to"), wanted.to);
    settings.setValue(QStringLiteral("isFile"), wanted.isFile);
    settings.setValue(QStringLiteral("withDatabase"), wanted.withDatabase);
    return wanted;
}

bool saysWhyNot(const Workspace &workspace, QWidget *parent)
{
    constexpr int MostNamed = 12;
    const QStringList reasons = whyNotHandedOver(workspace);
    if (reasons.isEmpty()) {
        return false;
    }
    QStringList named = reasons.mid(0, MostNamed);
    if (reasons.size() > MostNamed) {
        named.append(Texts::tr("… and %1 more").arg(reasons.size() - MostNamed));
    }
    (void)ask({Texts::tr("Hand over"),
               Texts::tr("Something is to be put right first."),
               named.join(u'\n'),
               {Texts::tr("Close")},
               0,
               0},
              parent);
    return true;
}

} // namespace

void handOverBySheet(const Workspace &workspace, QWidget *parent)
{
    if (saysWhyNot(workspace, parent)) {
        return;
    }
    const std::optional<HandOverWanted> wanted = askForHandOver(workspace, parent);
    if (!wanted) {
        return;
    }
    QProgressDialog progress(Texts::tr("Copying the database…"), Texts::tr("Give up"), 0, 100, parent);
    progress.setWindowModality(Qt::WindowModal);
    progress.setMinimumDuration(400);
    const auto goesOn = [&](double share) {
        progress.setValue(static_cast<int>(share * 100));
        return !progress.wasCanceled();
    };
    const Result<HandedOver> handed =
        wanted->takesBack ? (wanted->isFile ? fileTakenBack(wanted->to) : takenBack(wanted->to))
                          : (wanted->isFile ? handOverAsFile(workspace, wanted->to, wanted->withDatabase, goesOn)
                                            : handOver(workspace, wanted->to, wanted->withDatabase, goesOn));
    progress.reset();
    if (!handed) {
        complain(handed.error(), parent);
        return;
    }
    constexpr int MostChanges = 20;
    const QString changes =
        handed->changes.isEmpty() ? QString() : u'\n' + handed->changes.mid(0, MostChanges).join(u'\n');
    (void)ask({Texts::tr("Hand over"),
               (wanted->takesBack ? Texts::tr("Back to version %1.") : Texts::tr("Handed over, version %1."))
                   .arg(handed->version),
               Texts::tr("People open %1; it shows the forms at work and nothing else.")
                       .arg(QDir::toNativeSeparators(handed->file)) +
                   changes,
               {Texts::tr("Close")},
               0,
               0},
              parent);
}

} // namespace nabblet

#include "entry/wanted/kept_questions.h"

#include "core/text/tr.h"
#include "entry/theme/sheet.h"

#include <QCheckBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QString placeOf(const QString &form)
{
    return QStringLiteral("questions/") + QString::fromLatin1(form.toUtf8().toBase64(QByteArray::Base64UrlEncoding));
}

void write(const QString &form, const QList<KeptQuestion> &questions)
{
    QJsonArray all;
    for (const KeptQuestion &each : questions) {
        all.append(questionToJson(each));
    }
    QSettings().setValue(placeOf(form), QString::fromUtf8(QJsonDocument(all).toJson(QJsonDocument::Compact)));
}

} // namespace

QList<KeptQuestion> keptQuestions(const QString &form)
{
    QList<KeptQuestion> questions;
    const QJsonArray stored = QJsonDocument::fromJson(QSettings().value(placeOf(form)).toString().toUtf8()).array();
    for (const QJsonValue &each : stored) {
        const KeptQuestion question = questionFromJson(each.toObject());
        if (!question.name.isEmpty() && !question.wanted.isEmpty()) {
            questions.append(question);
        }
    }
    return questions;
}

void keepQuestion(const QString &form, const KeptQuestion &question)
{
    QList<KeptQuestion> all = keptQuestions(form);
    all.removeIf([&](const KeptQuestion &each) { return each.name == question.name; });
    all.append(question);
    write(form, all);
}

void forgetQuestion(const QString &form, const QString &name)
{
    QList<KeptQuestion> all = keptQuestions(form);
    all.removeIf([&](const KeptQuestion &each) { return each.name == name; });
    write(form, all);
}

namespace {

// Those of the project that are about a form.
QList<KeptQuestion> sharedOf(const QString &form, const SharedQuestions &shared)
{
    QList<KeptQuestion> all = shared.all ? shared.all() : QList<KeptQuestion>();
    all.removeIf([&](const KeptQuestion &each) { return each.form != form; });
    return all;
}

} // namespace

QString askAndKeep(const QString &form, const Wanted &wanted, const SharedQuestions &shared, QWidget *parent)
{
    QDialog sheet(parent);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("keepQuestion"), Texts::tr("Keep the question"), {});
    auto *line = new QLineEdit;
    line->setObjectName(QStringLiteral("questionName"));
    line->setAccessibleName(Texts::tr("Name of the question"));
    line->setPlaceholderText(Texts::tr("What it is called"));
    line->setMinimumWidth(320);
    auto *forAll = new QCheckBox(Texts::tr("For all who work with this project"));
    forAll->setObjectName(QStringLiteral("forAll"));
    forAll->setVisible(static_cast<bool>(shared.write));
    auto *buttons = new QDialogButtonBox;
    QPushButton *keep = buttons->addButton(Texts::tr("Keep it"), QDialogButtonBox::AcceptRole);
    buttons->addButton(Texts::tr("Cancel"), QDialogButtonBox::RejectRole);
    keep->setDefault(true);
    keep->setEnabled(false);
    QObject::connect(line, &QLineEdit::textChanged, keep,
                     [keep](const QString &words) { keep->setEnabled(!words.trimmed().isEmpty()); });
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    column->addWidget(line);
    column->addWidget(forAll);
    column->addWidget(buttons);
    line->setFocus();
    if (sheet.exec() != QDialog::Accepted) {
        return {};
    }
    const KeptQuestion question{line->text().trimmed(), wanted, form};
    if (forAll->isChecked() && shared.write) {
        QList<KeptQuestion> all = shared.all();
        all.removeIf([&](const KeptQuestion &each) { return each.form == form && each.name == question.name; });
        all.append(question);
        const Outcome written = shared.write(all);
        return written ? Texts::tr("“%1” is kept in the project.").arg(question.name) : written.error().sentence;
    }
    keepQuestion(form, {question.name, wanted, {}});
    return Texts::tr("“%1” is kept; “Kept questions” in the Records menu asks it again.").arg(question.name);
}

std::optional<KeptQuestion> askForKeptQuestion(const QString &form, const SharedQuestions &shared, QWidget *parent)
{
    QDialog sheet(parent);
    QVBoxLayout *column =
        begunSheet(sheet, QStringLiteral("keptQuestionsSheet"), Texts::tr("Kept questions"), {400, 320});
    auto *note = new QLabel;
    note->setWordWrap(true);
    auto *list = new QListWidget;
    list->setObjectName(QStringLiteral("keptList"));
    list->setAccessibleName(Texts::tr("Kept questions"));
    auto *buttons = new QDialogButtonBox;
    QPushButton *ask = buttons->addButton(Texts::tr("Ask it"), QDialogButtonBox::AcceptRole);
    QPushButton *forget = buttons->addButton(Texts::tr("Let it go"), QDialogButtonBox::ActionRole);
    forget->setObjectName(QStringLiteral("forgetKept"));
    buttons->addButton(Texts::tr("Cancel"), QDialogButtonBox::RejectRole);
    ask->setDefault(true);
    column->addWidget(note);
    column->addWidget(list, 1);
    column->addWidget(buttons);
    QList<KeptQuestion> questions;
    const auto show = [&] {
        questions = keptQuestions(form) + sharedOf(form, shared);
        list->clear();
        for (const KeptQuestion &each : std::as_const(questions)) {
            list->addItem(each.form.isEmpty() ? each.name : Texts::tr("%1 (of the project)").arg(each.name));
        }
        list->setCurrentRow(0);
        note->setText(Texts::tr("None is kept yet. Narrow the records down and press “Keep…” above the form."));
        note->setVisible(questions.isEmpty());
        ask->setEnabled(!questions.isEmpty());
        forget->setEnabled(!questions.isEmpty());
    };
    QObject::connect(list, &QListWidget::itemActivated, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    QObject::connect(forget, &QPushButton::clicked, &sheet, [&] {
        if (list->currentRow() >= 0) {
            const KeptQuestion gone = questions.at(list->currentRow());
            if (gone.form.isEmpty()) {
                forgetQuestion(form, gone.name);
            } else if (shared.write) {
                QList<KeptQuestion> all = shared.all();
                all.removeIf([&](const KeptQuestion &each) { return each.form == form && each.name == gone.name; });
                const Outcome written = shared.write(all);
                note->setText(written ? QString() : written.error().sentence);
                note->setVisible(!written);
            }
            show();
        }
    });
    show();
    list->setFocus();
    const bool isTaken = sheet.exec() == QDialog::Accepted;
    const int row = list->currentRow();
    return isTaken && row >= 0 && row < questions.size() ? std::optional(questions.at(row)) : std::nullopt;
}

} // namespace nabblet

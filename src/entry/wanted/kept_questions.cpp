#include "entry/wanted/kept_questions.h"

#include "core/text/tr.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace nabblet {

NABBLET_TEXTS(KeptQuestions)

namespace {

QString placeOf(const QString &form)
{
    return QStringLiteral("questions/") + QString::fromLatin1(form.toUtf8().toBase64(QByteArray::Base64UrlEncoding));
}

QJsonObject toJson(const KeptQuestion &question)
{
    QJsonArray order;
    for (const WantedOrder &each : question.wanted.order) {
        order.append(QJsonObject{{QStringLiteral("column"), each.column},
                                 {QStringLiteral("descending"), each.isDescending},
                                 {QStringLiteral("byWords"), each.isByWords}});
    }
    return {{QStringLiteral("name"), question.name},
            {QStringLiteral("filter"), filterToJson(question.wanted.filter)},
            {QStringLiteral("order"), order}};
}

KeptQuestion fromJson(const QJsonObject &stored)
{
    KeptQuestion question{stored.value(QLatin1String("name")).toString(),
                          {filterFromJson(stored.value(QLatin1String("filter")).toArray()), {}}};
    for (const QJsonValue &each : stored.value(QLatin1String("order")).toArray()) {
        const QJsonObject order = each.toObject();
        question.wanted.order.append({order.value(QLatin1String("column")).toString(),
                                      order.value(QLatin1String("descending")).toBool(),
                                      order.value(QLatin1String("byWords")).toBool()});
    }
    return question;
}

void write(const QString &form, const QList<KeptQuestion> &questions)
{
    QJsonArray all;
    for (const KeptQuestion &each : questions) {
        all.append(toJson(each));
    }
    QSettings().setValue(placeOf(form), QString::fromUtf8(QJsonDocument(all).toJson(QJsonDocument::Compact)));
}

} // namespace

QList<KeptQuestion> keptQuestions(const QString &form)
{
    QList<KeptQuestion> questions;
    const QJsonArray stored = QJsonDocument::fromJson(QSettings().value(placeOf(form)).toString().toUtf8()).array();
    for (const QJsonValue &each : stored) {
        const KeptQuestion question = fromJson(each.toObject());
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

std::optional<KeptQuestion> askForKeptQuestion(const QString &form, QWidget *parent)
{
    QDialog sheet(parent);
    sheet.setObjectName(QStringLiteral("keptQuestionsSheet"));
    sheet.setWindowTitle(Texts::tr("Kept questions"));
    sheet.resize(400, 320);
    auto *column = new QVBoxLayout(&sheet);
    column->setContentsMargins(16, 14, 16, 14);
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
        questions = keptQuestions(form);
        list->clear();
        for (const KeptQuestion &each : std::as_const(questions)) {
            list->addItem(each.name);
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
            forgetQuestion(form, questions.at(list->currentRow()).name);
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

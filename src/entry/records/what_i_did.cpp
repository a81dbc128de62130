#include "entry/records/what_i_did.h"

#include "core/text/tr.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace nabblet {

namespace {

// The sessions of a form and of the rows that belong to its records, each with what was done in it.
struct StepDone
{
    EntrySession *session;
    qsizetype step;
    QDateTime at;
};

void collect(QList<StepDone> &all, EntrySession &session)
{
    const QList<LastStep> &steps = session.takingBack().steps();
    for (qsizetype i = 0; i < steps.size(); ++i) {
        all.append({&session, i, steps.at(i).at});
    }
    for (EntrySession *child : session.children().all()) {
        collect(all, *child);
    }
}

} // namespace

void showWhatIDid(EntrySession &session, QWidget *parent)
{
    QDialog sheet(parent);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("whatIDid"), Texts::tr("What I did"), {600, 420});
    auto *note = new QLabel;
    note->setWordWrap(true);
    note->setObjectName(QStringLiteral("faint"));
    auto *list = new QListWidget;
    list->setObjectName(QStringLiteral("stepsDone"));
    list->setAccessibleName(sheet.windowTitle());
    list->setWordWrap(true);
    list->setSpacing(2);
    auto *buttons = new QDialogButtonBox;
    QPushButton *back = buttons->addButton(Texts::tr("Take it back"), QDialogButtonBox::ActionRole);
    back->setObjectName(QStringLiteral("takeStepBack"));
    buttons->addButton(Texts::tr("Close"), QDialogButtonBox::RejectRole);
    column->addWidget(list, 1);
    column->addWidget(note);
    column->addWidget(buttons);
    QList<StepDone> done;
    const auto show = [&](const QString &said) {
        done.clear();
        collect(done, session);
        std::stable_sort(done.begin(), done.end(), [](const StepDone &a, const StepDone &b) { return a.at > b.at; });
        list->clear();
        for (const StepDone &each : std::as_const(done)) {
            const LastStep &step = each.session->takingBack().steps().at(each.step);
            const QStringList changes = changesInWords(step, each.session->state());
            const QString when = session.state().locale.toString(each.at.time(), QStringLiteral("HH:mm"));
            list->addItem(Texts::tr("%1   %2", "a time and what was done").arg(when, stepInWords(step)) +
                          (changes.isEmpty() ? QString() : u'\n' + changes.join(QLatin1String(", "))));
        }
        list->setCurrentRow(0);
        back->setEnabled(!done.isEmpty());
        note->setText(!said.isEmpty() ? said
                      : done.isEmpty()
                          ? Texts::tr("Nothing was saved or deleted here since the form was opened.")
                          : Texts::tr("The last is above. What somebody changed again since stays as it is."));
    };
    QObject::connect(back, &QPushButton::clicked, &sheet, [&] {
        const int row = list->currentRow();
        if (row < 0 || row >= done.size()) {
            return;
        }
        const StepDone each = done.at(row);
        const QString words = stepInWords(each.session->takingBack().steps().at(each.step));
        if (each.session->takingBack().takeBack(each.step)) {
            show(Texts::tr("Taken back: %1").arg(words));
        } else {
            const QList<FieldMessage> messages = each.session->state().messages;
            show(messages.isEmpty() ? Texts::tr("That cannot be taken back any more: the record is not as it was left.")
                                    : messages.first().sentence);
        }
    });
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    show(QString());
    list->setFocus();
    sheet.exec();
}

} // namespace nabblet

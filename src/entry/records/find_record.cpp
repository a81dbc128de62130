#include "entry/records/find_record.h"

#include "core/text/tr.h"
#include "entry/session/entry_session.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostShown = 200; // typing narrows down to the rest

// Up and Down walk through the list while the keyboard stays in the line.
class WalkThrough : public QObject
{
public:
    WalkThrough(QListWidget *list, QObject *parent) : QObject(parent), m_list(list) {}

    bool eventFilter(QObject *, QEvent *event) override
    {
        if (event->type() != QEvent::KeyPress) {
            return false;
        }
        const int key = static_cast<QKeyEvent *>(event)->key();
        const int by = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : 0;
        if (by != 0) {
            m_list->setCurrentRow(std::clamp(m_list->currentRow() + by, 0, std::max(0, m_list->count() - 1)));
        }
        return by != 0;
    }

private:
    QListWidget *m_list;
};

} // namespace

std::optional<QVariantList> askForRecord(EntrySession &session, QWidget *parent)
{
    QDialog sheet(parent);
    sheet.setObjectName(QStringLiteral("findRecord"));
    sheet.setWindowTitle(EntrySession::tr("Find a record"));
    sheet.resize(420, 360);
    auto *column = new QVBoxLayout(&sheet);
    auto *line = new QLineEdit;
    line->setObjectName(QStringLiteral("findWords"));
    line->setPlaceholderText(EntrySession::tr("Words of the record"));
    line->setAccessibleName(EntrySession::tr("Words of the record"));
    auto *list = new QListWidget;
    list->setObjectName(QStringLiteral("foundRecords"));
    list->setAccessibleName(EntrySession::tr("Records found"));
    auto *note = new QLabel;
    auto *buttons = new QDialogButtonBox;
    QPushButton *go = buttons->addButton(EntrySession::tr("Go there"), QDialogButtonBox::AcceptRole);
    buttons->addButton(EntrySession::tr("Cancel"), QDialogButtonBox::RejectRole);
    go->setDefault(true);
    column->addWidget(line);
    column->addWidget(list, 1);
    column->addWidget(note);
    column->addWidget(buttons);

    Control records;
    records.kind = QStringLiteral("jump-list");
    QList<LookupRow> found;
    const auto search = [&](const QString &words) {
        found = session.values().choices(records, words, MostShown);
        list->clear();
        for (const LookupRow &row : std::as_const(found)) {
            list->addItem(row.words);
        }
        list->setCurrentRow(0);
        note->setText(found.isEmpty() ? EntrySession::tr("No record has these words.")
                      : found.size() == MostShown
                          ? EntrySession::tr("The first %1; more words narrow them down.").arg(MostShown)
                          : counted(found.size(), EntrySession::tr("One record"), EntrySession::tr("%1 records")));
        go->setEnabled(!found.isEmpty());
    };
    line->installEventFilter(new WalkThrough(list, line));
    QObject::connect(line, &QLineEdit::textChanged, &sheet, search);
    QObject::connect(list, &QListWidget::itemActivated, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    search(QString());
    line->setFocus();
    const bool isTaken = sheet.exec() == QDialog::Accepted;
    const int row = list->currentRow();
    return isTaken && row >= 0 && row < found.size() ? std::optional(found.at(row).values) : std::nullopt;
}

} // namespace nabblet

#include "entry/wanted/ask_box.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "data/background/background_work.h"
#include "data/records/commonest.h"
#include "data/records/copied_rows.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"
#include "entry/wanted/asking.h"

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

constexpr int MostValues = 10;

} // namespace

AskBoxDialog::AskBoxDialog(EntrySession &session, const Asked &asked, QWidget *parent)
    : QDialog(parent), m_session(session), m_rows(asked.session), m_box(asked.box), m_subform(asked.subform),
      m_line(new QLineEdit), m_list(new QListWidget), m_note(new QLabel), m_reading(std::make_unique<BackgroundWork>())
{
    const Control &box = m_box;
    const QString called = calledFor(m_rows.form(), box);
    QVBoxLayout *column =
        begunSheet(*this, QStringLiteral("askBox"), tr("Only records whose “%1” …").arg(called), {440, 440});
    m_line->setObjectName(QStringLiteral("askWords"));
    m_line->setPlaceholderText(tr("> 12, 5..9, Sker*, not blank, a; b"));
    m_line->setAccessibleName(tr("What “%1” is to be").arg(called));
    m_line->installEventFilter(this);
    m_list->setObjectName(QStringLiteral("askValues"));
    m_list->setAccessibleName(tr("Values of “%1”").arg(called));
    m_note->setObjectName(QStringLiteral("mistake"));
    m_note->setWordWrap(true);
    m_note->hide();
    auto *buttons = new QDialogButtonBox;
    QPushButton *show = buttons->addButton(tr("Show them"), QDialogButtonBox::AcceptRole);
    show->setObjectName(QStringLiteral("showAsked"));
    show->setDefault(true);
    buttons->addButton(tr("Cancel"), QDialogButtonBox::RejectRole);
    column->addWidget(m_line);
    column->addWidget(m_note);
    column->addWidget(m_list, 1);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &AskBoxDialog::take);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(m_list, &QListWidget::itemActivated, this, &AskBoxDialog::take);
    connect(m_list, &QListWidget::itemPressed, this, [this] { m_line->clear(); });
    connect(m_line, &QLineEdit::textEdited, this, [this](const QString &words) {
        m_note->hide();
        if (!words.trimmed().isEmpty()) {
            m_list->setCurrentRow(-1);
        } else if (m_list->count() > 0) {
            m_list->setCurrentRow(0);
        }
    });
    const QVariant value = m_rows.state().value(box.column);
    const QString words = m_rows.values().shown(box).words;
    if (m_rows.state().hasRecord() && !box.column.isEmpty()) {
        if (const auto same = partForValue(box, m_subform, value, words)) {
            offer(value.isNull() ? tr("blank, as here") : tr("%1, as here").arg(words), *same);
        }
        if (const auto other = partForValue(box, m_subform, value, words, true)) {
            offer(value.isNull() ? tr("filled in, other than here") : tr("anything but %1").arg(words), *other);
        }
    }
    if (!value.isNull() || !m_rows.state().hasRecord()) {
        offer(tr("blank"), *partForValue(box, m_subform, {}, {}));
        offer(tr("filled in"), *partForValue(box, m_subform, {}, {}, true));
    }
    m_list->setCurrentRow(0);
    readCommonest();
    m_line->setFocus();
}

AskBoxDialog::~AskBoxDialog() = default;

void AskBoxDialog::offer(const QString &words, const FilterPart &part, qint64 rows)
{
    m_offered.append(part);
    m_list->addItem(rows < 0 ? words : tr("%1   (%L2)", "a value and how many records have it").arg(words).arg(rows));
}

// The commonest values, found out beside the interface.
void AskBoxDialog::readCommonest()
{
    const Result<RecordSource> source = m_rows.state().wantedSource();
    if (m_box.column.isEmpty() || !source) {
        return;
    }
    struct Named
    {
        ValueCount count;
        QString words;
    };
    m_reading->start(
        m_session.state().connection.address(),
        [this, source = *source, column = m_box.column, lookup = lookupOf(m_box)](
            const Connection &connection, const std::atomic<bool> &isCancelled, const BackgroundWork::Report &report) {
            const Result<RecordSource> ready = readable(connection, source);
            const auto counts =
                ready ? commonestValues(connection, *ready, column, MostValues) : Result<QList<ValueCount>>(Error{});
            QList<Named> named;
            for (const ValueCount &each : counts ? *counts : QList<ValueCount>()) {
                QString words;
                if (lookup && lookup->valueColumns.size() == 1 && !isCancelled) {
                    const Result<QString> found = lookupWords(connection, *lookup, {each.value});
                    words = found ? *found : QString();
                }
                named.append({each, words});
            }
            report([this, named] {
                for (const Named &each : named) {
                    if (each.count.value.isNull()) {
                        continue;
                    }
                    const QString words = shownFor(m_box, each.count.value, m_session.state().locale, each.words).words;
                    const QString said = words.isEmpty() ? each.count.value.toString() : words;
                    if (const auto part = partForValue(m_box, m_subform, each.count.value, said)) {
                        offer(said, *part, each.count.rows);
                    }
                }
            });
        });
}

// Up and Down walk through the values while the keyboard stays in the line.
bool AskBoxDialog::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_line && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent *>(event)->key();
        const int by = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : 0;
        if (by != 0 && m_list->count() > 0) {
            m_line->clear();
            m_list->setCurrentRow(std::clamp(m_list->currentRow() + by, 0, m_list->count() - 1));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void AskBoxDialog::take()
{
    if (!m_line->text().trimmed().isEmpty()) {
        const Result<FilterPart> read = partFromWords(m_session.state(), m_box, m_subform, m_line->text());
        if (!read) {
            m_note->setText(read.error().sentence);
            m_note->show();
            m_line->setFocus();
            return;
        }
        if (!read->anyOf.isEmpty()) {
            m_part = *read;
            accept();
            return;
        }
    }
    const int row = m_list->currentRow();
    if (row >= 0 && row < m_offered.size()) {
        m_part = m_offered.at(row);
        accept();
    }
}

} // namespace nabblet

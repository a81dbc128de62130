#include "entry/wanted/find_record.h"

#include "core/text/tr.h"
#include "data/background/background_work.h"
#include "data/dialect/patience.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"
#include "entry/wanted/list_walk.h"
#include "entry/wanted/looking.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSet>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int ShownAtFirst = 200;
constexpr int MoreAtATime = 5; // times as many

class FindSheet : public QDialog
{
public:
    FindSheet(EntrySession &session, QWidget *parent);

    std::optional<QVariantList> chosen() const
    {
        const int row = m_list->currentRow();
        return row >= 0 && row < m_hits.size() ? std::optional(m_hits.at(row).key) : std::nullopt;
    }

private:
    void search(const QString &typed);
    void begin();
    void take(const QList<Hit> &hits);
    void say(bool isOver, const QString &failure = {});
    void go();

    EntrySession &m_session;
    QLineEdit *m_line;
    QListWidget *m_list;
    QLabel *m_note;
    QPushButton *m_go;
    QList<Hit> m_hits;
    QSet<QString> m_keys; // of the hits
    int m_most = ShownAtFirst;
    QPushButton *m_more;
    bool m_isOver = true;  // the search
    bool m_goesOn = false; // Enter was pressed before there was anything
    BackgroundWork m_searching;
};

FindSheet::FindSheet(EntrySession &session, QWidget *parent)
    : QDialog(parent), m_session(session), m_line(new QLineEdit), m_list(new QListWidget), m_note(new QLabel)
{
    QVBoxLayout *column =
        begunSheet(*this, QStringLiteral("findRecord"), EntrySession::tr("Find a record"), {560, 420});
    m_line->setObjectName(QStringLiteral("findWords"));
    m_line->setPlaceholderText(EntrySession::tr("Words, numbers or dates of the record, in any order"));
    m_line->setAccessibleName(EntrySession::tr("Words of the record"));
    m_list->setObjectName(QStringLiteral("foundRecords"));
    m_list->setAccessibleName(EntrySession::tr("Records found"));
    m_note->setObjectName(QStringLiteral("faint"));
    auto *buttons = new QDialogButtonBox;
    m_go = buttons->addButton(EntrySession::tr("Go there"), QDialogButtonBox::AcceptRole);
    buttons->addButton(EntrySession::tr("Cancel"), QDialogButtonBox::RejectRole);
    m_go->setDefault(true);
    m_more = buttons->addButton(EntrySession::tr("Show &more"), QDialogButtonBox::ActionRole);
    m_more->setObjectName(QStringLiteral("moreFound"));
    m_more->setAutoDefault(false);
    m_more->hide();
    connect(m_more, &QPushButton::clicked, this, [this] {
        const int row = m_list->currentRow();
        m_most *= MoreAtATime;
        search(m_line->text());
        m_list->setCurrentRow(row); // of those that are there at once
        m_line->setFocus();
    });
    column->addWidget(m_line);
    column->addWidget(m_list, 1);
    column->addWidget(m_note);
    column->addWidget(buttons);
    walkListFrom(m_line, m_list);
    connect(m_line, &QLineEdit::textChanged, this, [this](const QString &typed) {
        m_most = ShownAtFirst;
        search(typed);
    });
    connect(m_list, &QListWidget::itemActivated, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::accepted, this, &FindSheet::go);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    search(QString());
    m_line->setFocus();
}

void FindSheet::go()
{
    if (chosen()) {
        accept();
    } else {
        m_goesOn = !m_isOver; // as soon as the first one is found
    }
}

void FindSheet::say(bool isOver, const QString &failure)
{
    m_isOver = isOver;
    m_note->setText(!failure.isEmpty()            ? failure
                    : m_hits.isEmpty() && !isOver ? EntrySession::tr("Looking…")
                    : m_hits.isEmpty()            ? (m_session.state().wanted.filter.isEmpty()
                                                         ? EntrySession::tr("No record has these words.")
                                                         : EntrySession::tr("None of the records that are shown has these words."))
                    : m_hits.size() >= m_most
                        ? EntrySession::tr("The first %L1; more words narrow them down.").arg(m_most)
                    : isOver ? counted(m_hits.size(), EntrySession::tr("One record"), EntrySession::tr("%1 records"))
                             : counted(m_hits.size(), EntrySession::tr("One record so far; still looking…"),
                                       EntrySession::tr("%1 records so far; still looking…")));
    m_more->setVisible(m_hits.size() >= m_most);
    m_go->setEnabled(!m_hits.isEmpty() || !isOver);
    m_goesOn = m_goesOn && !isOver;
}

void FindSheet::take(const QList<Hit> &hits)
{
    const bool isAtFirst = m_list->currentRow() <= 0;
    for (const Hit &hit : hits) {
        QString key;
        for (const QVariant &part : hit.key) {
            key += part.toString() + QChar(1);
        }
        if (m_hits.size() >= m_most || m_keys.contains(key)) {
            continue;
        }
        m_keys.insert(key);
        qsizetype at = m_hits.size();
        while (at > 0 && m_hits.at(at - 1).distance > hit.distance) {
            --at;
        }
        m_hits.insert(at, hit);
        m_list->insertItem(static_cast<int>(at),
                           hit.where.isEmpty()
                               ? hit.words
                               : EntrySession::tr("%1   –   %2", "a record and where in it the words are")
                                     .arg(hit.words, hit.where.join(QLatin1String(", "))));
    }
    if (isAtFirst && m_list->count() > 0) {
        m_list->setCurrentRow(0);
    }
    if (m_goesOn && chosen()) {
        accept();
    }
}

// Without words, the first records.
void FindSheet::begin()
{
    Control records;
    records.kind = QStringLiteral("jump-list");
    QList<Hit> hits;
    for (const LookupRow &row : m_session.values().choices(records, QString(), m_most)) {
        hits.append({row.values, row.words, {}, 0});
    }
    take(hits);
    say(true);
}

void FindSheet::search(const QString &typed)
{
    m_searching.giveUp();
    m_hits.clear();
    m_keys.clear();
    m_list->clear();
    m_goesOn = false;
    if (typed.trimmed().isEmpty()) {
        begin();
        return;
    }
    const EntryState &state = m_session.state();
    const Result<RecordSource> source = state.wantedSource();
    if (!source) {
        say(true, source.error().sentence);
        return;
    }
    say(false);
    const auto look = [this, sought = soughtIn(state, *source, typed, m_most)](const Connection &connection,
                                                                               const std::atomic<bool> &isCancelled,
                                                                               const BackgroundWork::Report &report) {
        const Outcome looked = lookFor(connection, sought, isCancelled, [this, report](const QList<Hit> &found) {
            report([this, found] {
                take(found);
                say(false);
            });
        });
        report([this, sentence = looked ? QString() : looked.error().sentence] { say(true, sentence); });
    };
    if (source->keyColumns.isEmpty()) { // rows of a copy, which only this connection has
        const std::atomic<bool> goesOn{false};
        const Patience patience(state.connection);
        look(state.connection, goesOn, [](const std::function<void()> &told) { told(); });
        return;
    }
    m_searching.start(state.connection.address(), look);
}

} // namespace

std::optional<QVariantList> askForRecord(EntrySession &session, QWidget *parent)
{
    FindSheet sheet(session, parent);
    return sheet.exec() == QDialog::Accepted ? sheet.chosen() : std::nullopt;
}

} // namespace nabblet

#include "entry/wanted/find_everywhere.h"

#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"
#include "data/background/background_work.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"
#include "entry/wanted/list_walk.h"
#include "entry/wanted/looking.h"
#include "entry/wanted/used_lately.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSet>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostOfEach = 50; // records of a form that are shown

// A form of the project, ready to be searched.
struct Searched
{
    QString name;
    QString title;
    std::shared_ptr<EntrySession> session;
};

// The forms that buttons of a form open, with rows that may be seen.
QList<Searched> formsOpenedBy(const EntrySession &session)
{
    QList<Searched> all;
    QSet<QString> seen;
    for (const Control &control : session.form().controls) {
        const QString name = projectFormOf(control);
        if (name.isEmpty() || seen.contains(name) || !session.formReader()) {
            continue;
        }
        seen.insert(name);
        const Result<Form> form = session.formReader()(name);
        if (!form || form->rowsFrom.isEmpty() || !form->permissions.see) {
            continue;
        }
        std::shared_ptr<EntrySession> other = session.another(*form, Counting::No);
        if (other->start(Counting::No)) {
            all.append({name, form->title, other});
        }
    }
    return all;
}

class FindAnywhere : public QDialog
{
public:
    FindAnywhere(EntrySession &session, QWidget *parent);

    std::optional<FoundElsewhere> chosen() const
    {
        const int row = m_list->currentRow();
        return row >= 0 && row < m_found.size() ? std::optional(m_found.at(row)) : std::nullopt;
    }

private:
    void search(const QString &typed);
    void take(const Searched &form, const QList<Hit> &hits);
    void add(const FoundElsewhere &found, const QString &words, int at);
    void say(bool isOver);

    QString m_folder; // of the project
    QList<Searched> m_forms;
    QLineEdit *m_line;
    QListWidget *m_list;
    QLabel *m_note;
    QPushButton *m_go;
    QList<FoundElsewhere> m_found;
    QList<int> m_distances; // of what is found, as it stands in the list
    QSet<QString> m_keys;
    BackgroundWork m_searching;
};

FindAnywhere::FindAnywhere(EntrySession &session, QWidget *parent)
    : QDialog(parent), m_folder(session.mailSender().projectFolder), m_forms(formsOpenedBy(session)),
      m_line(new QLineEdit), m_list(new QListWidget), m_note(new QLabel)
{
    QVBoxLayout *column = begunSheet(*this, QStringLiteral("findAnywhere"), Texts::tr("Find in all forms"), {640, 460});
    m_line->setObjectName(QStringLiteral("findWords"));
    m_line->setPlaceholderText(Texts::tr("Words, numbers or dates of a record, in any order"));
    m_line->setAccessibleName(Texts::tr("Words of the record"));
    m_list->setObjectName(QStringLiteral("foundRecords"));
    m_list->setAccessibleName(Texts::tr("Records found"));
    m_note->setObjectName(QStringLiteral("faint"));
    auto *buttons = new QDialogButtonBox;
    m_go = buttons->addButton(Texts::tr("Go there"), QDialogButtonBox::AcceptRole);
    m_go->setDefault(true);
    buttons->addButton(Texts::tr("Cancel"), QDialogButtonBox::RejectRole);
    column->addWidget(m_line);
    column->addWidget(m_list, 1);
    column->addWidget(m_note);
    column->addWidget(buttons);
    walkListFrom(m_line, m_list);
    connect(m_line, &QLineEdit::textChanged, this, &FindAnywhere::search);
    connect(m_list, &QListWidget::itemActivated, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::accepted, this, [this] {
        if (chosen()) {
            accept();
        }
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    search(QString());
    m_line->setFocus();
}

void FindAnywhere::add(const FoundElsewhere &found, const QString &words, int at)
{
    const bool isAtFirst = m_list->currentRow() <= 0;
    m_found.insert(at, found);
    m_list->insertItem(at, words);
    if (isAtFirst) {
        m_list->setCurrentRow(0);
    }
    m_go->setEnabled(true);
}

void FindAnywhere::take(const Searched &form, const QList<Hit> &hits)
{
    for (const Hit &hit : hits) {
        QString key = form.name;
        for (const QVariant &part : hit.key) {
            key += QChar(1) + part.toString();
        }
        if (m_keys.contains(key)) {
            continue;
        }
        m_keys.insert(key);
        qsizetype at = m_found.size();
        while (at > 0 && m_distances.at(at - 1) > hit.distance) {
            --at;
        }
        m_distances.insert(at, hit.distance);
        const QString where = hit.where.join(QLatin1String(", "));
        add({form.name, hit.key},
            where.isEmpty() ? Texts::tr("%1:   %2", "a form and a record").arg(form.title, hit.words)
                            : Texts::tr("%1:   %2   –   %3", "a form, a record and where in it the words are")
                                  .arg(form.title, hit.words, where),
            static_cast<int>(at));
    }
}

void FindAnywhere::say(bool isOver)
{
    const bool isSearch = !m_line->text().trimmed().isEmpty();
    m_note->setText(m_forms.isEmpty()              ? Texts::tr("No button of this form opens another one with records.")
                    : !isSearch && m_list->count() ? Texts::tr("What was used last. Words find a record in any form.")
                    : !isSearch                    ? Texts::tr("Words find a record in any form.")
                    : m_found.isEmpty() && !isOver ? Texts::tr("Looking…")
                    : m_found.isEmpty()            ? Texts::tr("No record of any form has these words.")
                    : isOver ? counted(m_found.size(), Texts::tr("One record"), Texts::tr("%1 records"))
                             : counted(m_found.size(), Texts::tr("One record so far; still looking…"),
                                       Texts::tr("%1 records so far; still looking…")));
    m_go->setEnabled(!m_found.isEmpty());
}

void FindAnywhere::search(const QString &typed)
{
    m_searching.giveUp();
    m_found.clear();
    m_distances.clear();
    m_keys.clear();
    m_list->clear();
    if (typed.trimmed().isEmpty()) {
        const auto isThere = [&](const UsedRecord &used) {
            return std::any_of(m_forms.begin(), m_forms.end(),
                               [&](const Searched &each) { return each.name == used.form; });
        };
        for (const UsedRecord &used : recordsUsedLately(m_folder)) {
            if (isThere(used)) {
                add({used.form, used.key}, Texts::tr("%1:   %2", "a form and a record").arg(used.title, used.words),
                    m_list->count());
            }
        }
        say(true);
        return;
    }
    struct Asked
    {
        Searched form;
        Sought sought;
    };
    QList<Asked> all;
    for (const Searched &each : m_forms) {
        const Result<RecordSource> source = each.session->state().wantedSource();
        if (source && !source->keyColumns.isEmpty()) { // else only its own connection has the rows
            all.append({{each.name, each.title, {}}, soughtIn(each.session->state(), *source, typed, MostOfEach)});
        }
    }
    say(all.isEmpty());
    if (all.isEmpty()) {
        return;
    }
    m_searching.start(m_forms.first().session->state().connection.address(),
                      [this, all](const Connection &connection, const std::atomic<bool> &isCancelled,
                                  const BackgroundWork::Report &report) {
                          for (const Asked &asked : all) {
                              if (isCancelled) {
                                  return;
                              }
                              (void)lookFor(connection, asked.sought, isCancelled,
                                            [this, report, form = asked.form](const QList<Hit> &hits) {
                                                report([this, form, hits] {
                                                    take(form, hits);
                                                    say(false);
                                                });
                                            });
                          }
                          report([this] { say(true); });
                      });
}

} // namespace

std::optional<FoundElsewhere> askForRecordAnywhere(EntrySession &session, QWidget *parent)
{
    FindAnywhere sheet(session, parent);
    return sheet.exec() == QDialog::Accepted ? sheet.chosen() : std::nullopt;
}

} // namespace nabblet

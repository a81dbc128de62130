// Where the rows of a new form come from, and what is learnt of what is stored there.
#include "core/catalogue/select_table.h"
#include "core/text/tr.h"
#include "data/profile/learn_catalogue.h"
#include "data/profile/profiler.h"
#include "data/records/records.h"
#include "data/records/select_source.h"
#include "designer/new_form/arrangement_card.h"
#include "designer/new_form/form_picture.h"
#include "designer/new_form/likely_links_list.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/new_form/plan_columns.h"
#include "designer/new_form/select_box.h"
#include "designer/panels/choices_table_dialog.h"
#include "designer/panels/new_column_dialog.h"
#include "designer/panels/panel.h"
#include "entry/theme/ask.h"

#include <QCheckBox>
#include <QComboBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QTreeWidget>

namespace nabblet {

namespace {

constexpr qint64 DearCount = 500000; // more rows than that are estimated first

} // namespace

// ---------------------------------------------------------------- tables

void NewFormDialog::countRows()
{
    m_counting.start(m_connection.address(),
                     [this, catalogue = m_catalogue](const Connection &connection, const std::atomic<bool> &isCancelled,
                                                     const BackgroundWork::Report &report) {
                         const auto tell = [&](const QString &table, const QString &words) {
                             report([this, table, words] {
                                 for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
                                     QTreeWidgetItem *item = m_tables->topLevelItem(i);
                                     if (item->data(0, Qt::UserRole).toString() == table) {
                                         item->setText(1, words);
                                     }
                                 }
                             });
                         };
                         // Tables first; counting a view may mean working out all of it.
                         for (const TableKind kind : {TableKind::Table, TableKind::View}) {
                             for (const Table &each : catalogue.tables) {
                                 if (each.kind != kind || isCancelled) {
                                     continue;
                                 }
                                 const Result<std::optional<qint64>> about = estimatedRows(connection, each);
                                 if (about && *about && **about > DearCount) {
                                     tell(each.name, QStringLiteral("≈ ") + QLocale().toString(**about));
                                 }
                                 const Result<qint64> count = nabblet::countRows(connection, recordSourceOf(each));
                                 if (count) {
                                     tell(each.name, QLocale().toString(*count));
                                 }
                             }
                         }
                     });
}

// ---------------------------------------------------------------- links that nobody declared

void NewFormDialog::findLikelyLinks()
{
    m_linking.start(m_connection.address(),
                    [this, catalogue = m_declared](const Connection &connection, const std::atomic<bool> &isCancelled,
                                                   const BackgroundWork::Report &report) {
                        const QList<FoundLink> found = findLinks(connection, catalogue, isCancelled);
                        report([this, found] {
                            m_links->links().setLinks(found);
                            showLinks();
                        });
                    });
}

void NewFormDialog::showLinks()
{
    m_links->links().setTable(m_from == From::Table ? m_plan.table : QString());
    m_linksPanel->setVisible(m_links->links().rowCount() > 0);
}

QList<TableLink> NewFormDialog::takenLinks() const
{
    return m_links->links().taken();
}

// What is drafted follows the links; what was chosen of it stays.
void NewFormDialog::takeLinks()
{
    m_catalogue = withLinks(m_declared, takenLinks());
    const Table *rows = table();
    if (!rows) {
        return;
    }
    const Profile *profile = m_profile ? &*m_profile : nullptr;
    const DraftPlan now = planWithChildren(m_catalogue, *rows, profile, m_words);
    m_plan = rebased(m_plan, m_proposed, now);
    m_proposed = rebased(m_proposed, m_proposed, now);
    m_profile.reset(); // what lookups show is looked through anew
    showPlan();
    showDraft();
    learn();
}

// A column that the table lacks; it stands in the list, taken, at once.
void NewFormDialog::addColumn()
{
    const Table *rows = findTable(m_declared, m_plan.table);
    if (!rows) {
        return;
    }
    NewColumnDialog dialog(m_connection, *rows, this);
    if (dialog.exec() == QDialog::Accepted) {
        const Result<Catalogue> catalogue = learnCatalogue(m_connection);
        if (!catalogue) {
            complain(catalogue.error(), this);
            return;
        }
        takeCatalogue(withLinks(*catalogue, linksOfProject(m_declared)));
    }
}

// A short table of a column's values, from which they are chosen at once.
void NewFormDialog::makeChoicesTable(const QString &column)
{
    const Table *rows = findTable(m_declared, planShown().table);
    if (!rows) {
        return;
    }
    if (m_connection.isReadOnly()) {
        complain({tr("The database can only be read, so its tables cannot be changed."), {}}, this);
        return;
    }
    ChoicesTableDialog dialog(m_connection, m_declared, *rows, column, this);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    Q_EMIT linkMade(dialog.link());
    const Result<Catalogue> catalogue = learnCatalogue(m_connection);
    if (!catalogue) {
        complain(catalogue.error(), this);
        return;
    }
    QList<TableLink> links = linksOfProject(m_declared);
    links.append(dialog.link());
    takeCatalogue(withLinks(*catalogue, links));
    takeLinks();
}

void NewFormDialog::takeCatalogue(const Catalogue &catalogue)
{
    const Table *own = table();
    const std::optional<Table> before = own ? std::optional(*own) : std::nullopt;
    const QTreeWidgetItem *item = m_tables->currentItem();
    const int from = item ? item->data(0, FromRole).toInt() : 0;
    const QStringList ticked = tickedTables();
    m_counting.giveUp();
    m_declared = catalogue;
    m_catalogue = withLinks(catalogue, takenLinks());
    if (m_from == From::Select && before) {
        m_catalogue.tables.append(*before);
    }
    {
        const QSignalBlocker blocker(m_tables);
        m_tables->clear();
        fillTables();
        for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
            QTreeWidgetItem *each = m_tables->topLevelItem(i);
            if (ticked.contains(each->data(0, Qt::UserRole).toString())) {
                each->setCheckState(0, Qt::Checked);
            }
            const bool isSame = each->data(0, FromRole).toInt() == from &&
                                (m_from != From::Table || each->data(0, Qt::UserRole).toString() == m_plan.table);
            if (isSame) {
                m_tables->setCurrentItem(each);
            }
        }
    }
    filter(m_filter->text());
    showTicks();
    countRows();
    m_linking.giveUp();
    findLikelyLinks();
    const Table *now = table();
    if (m_from != From::Table || !before || (now && columnNames(*now) == columnNames(*before))) {
        return;
    }
    if (!now) {
        m_plan.table.clear();
        chooseSource(); // of another table; this one is gone
        return;
    }
    // Columns that are new come in as they are proposed, those that are gone go; what was chosen of the others stays.
    DraftPlan plan = planWithChildren(m_catalogue, *now, nullptr, m_words);
    for (PlannedColumn &column : plan.columns) {
        for (const PlannedColumn &chosen : std::as_const(m_plan.columns)) {
            if (chosen.column == column.column && chosen.through == column.through) {
                column = chosen;
            }
        }
    }
    const DraftPlan old = m_plan;
    m_kept.remove(keyInSight());
    chooseRows(*now);
    m_plan.columns = plan.columns;
    m_plan.title = old.title;
    m_plan.people = old.people;
    showPlan();
    showDraft();
}

void NewFormDialog::reject()
{
    if (isTouched() && ask({tr("New form"),
                            tr("Leave without making the form?"),
                            tr("What was chosen for it on this sheet is lost then."),
                            {tr("Leave"), tr("Stay")},
                            1,
                            1},
                           this) != 0) {
        return;
    }
    QDialog::reject();
}

void NewFormDialog::choose(const QString &wanted)
{
    for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
        if (m_tables->topLevelItem(i)->data(0, Qt::UserRole).toString() == wanted) {
            m_tables->setCurrentItem(m_tables->topLevelItem(i));
        }
    }
}

// A form can be made of what is chosen and in sight, once there is one.
void NewFormDialog::refreshMake()
{
    const QTreeWidgetItem *item = m_tables->currentItem();
    const bool isChosen = (item && !item->isHidden()) || !tickedTables().isEmpty();
    m_make->setEnabled(!m_isMaking && isChosen && !m_form.bands.isEmpty() &&
                       (m_from != From::Select || m_select->table()));
}

void NewFormDialog::start(From from)
{
    for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
        if (m_tables->topLevelItem(i)->data(0, FromRole).toInt() == static_cast<int>(from)) {
            m_tables->setCurrentItem(m_tables->topLevelItem(i));
            return;
        }
    }
}

void NewFormDialog::filter(const QString &part)
{
    // What is called so whole comes before what begins so, and that before what only holds it.
    QTreeWidgetItem *first = nullptr;
    int best = 0;
    for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
        QTreeWidgetItem *item = m_tables->topLevelItem(i);
        const QString name = item->text(0);
        const int fits = name.compare(part, Qt::CaseInsensitive) == 0 ? 3
                         : name.startsWith(part, Qt::CaseInsensitive) ? 2
                         : name.contains(part, Qt::CaseInsensitive)   ? 1
                                                                      : 0;
        item->setHidden(fits == 0);
        if (fits > best) {
            first = item;
            best = fits;
        }
    }
    const QTreeWidgetItem *now = m_tables->currentItem();
    if (first && (!now || now->isHidden() || (best == 3 && !part.isEmpty()))) {
        m_tables->setCurrentItem(first);
    }
    refreshMake();
}

bool NewFormDialog::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_preview && event->type() == QEvent::Resize) {
        m_picture->fitTo(m_preview->maximumViewportSize(), m_preview->verticalScrollBar()->sizeHint().width());
        showTruth();
    }
    if (watched == m_filter && event->type() == QEvent::KeyPress) {
        const auto *key = static_cast<QKeyEvent *>(event);
        if (key->key() == Qt::Key_Down || key->key() == Qt::Key_Up) {
            // The filter keeps the keyboard; Up and Down walk through the tables that it leaves.
            QTreeWidgetItem *item = m_tables->currentItem();
            do {
                item =
                    item ? key->key() == Qt::Key_Down ? m_tables->itemBelow(item) : m_tables->itemAbove(item) : nullptr;
            } while (item && item->isHidden());
            if (item) {
                m_tables->setCurrentItem(item);
            }
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void NewFormDialog::chooseSource()
{
    const QTreeWidgetItem *item = m_tables->currentItem();
    if (!item) {
        refreshMake();
        return;
    }
    const auto from = static_cast<From>(item->data(0, FromRole).toInt());
    const bool isSame = from == m_from && (from != From::Table || item->data(0, Qt::UserRole) == m_plan.table);
    if (isSame && !m_plan.table.isEmpty()) {
        return;
    }
    keep();
    m_from = from;
    constexpr int ChildrenRoom = 96; // px; less where a SELECT stands above, so that the sheet stays on the screen
    constexpr int ChildrenRoomBelowSelect = 52;
    // What goes makes room before what comes takes it: a window that was too small for both once stays too large.
    if (from != From::Table) {
        m_linksPanel->hide();
    }
    m_selectPanel->setVisible(false);
    m_children->setFixedHeight(from == From::Select ? ChildrenRoomBelowSelect : ChildrenRoom);
    m_selectPanel->setVisible(from == From::Select);
    enableRows(from == From::Table || from == From::Select);
    m_columnsOfBoxes->setEnabled(from != From::Nothing);
    if (from == From::Table) {
        if (const Table *chosen = findTable(m_catalogue, item->data(0, Qt::UserRole).toString())) {
            chooseRows(*chosen);
        }
        return;
    }
    m_learning.giveUp();
    m_isLearning = false;
    if (from == From::Select) {
        m_select->check();
        m_select->takeFocus();
        return;
    }
    m_plan.table.clear();
    m_plan.columns.clear();
    m_plan.children.clear();
    m_columnsAt.clear();
    m_plan.arrangement = Arrangement::Columnar;
    m_plan.title = from == From::Nothing ? tr("New form") : tr("New page");
    m_plan.people = {};
    m_plan.columnsOfBoxes = from == From::Pattern ? std::max(2, m_plan.columnsOfBoxes) : m_plan.columnsOfBoxes;
    showPlan();
    showDraft();
}

// Whether the parts of the sheet that are about rows can be used.
void NewFormDialog::enableRows(bool isEnabled)
{
    for (QWidget *part :
         std::initializer_list<QWidget *>{m_columnsPanel, m_children, m_linkByHand, m_see, m_add, m_change, m_delete,
                                          m_pattern, m_columnar, m_stacked, m_tabular, m_spacing, m_widths}) {
        part->setEnabled(isEnabled);
    }
}

// Starts a plan for other rows.
void NewFormDialog::chooseRows(const Table &chosen)
{
    m_columnsAt.clear();
    m_wasStopped = false;
    const Kept own = chosenFor(chosen);
    m_plan = own.plan;
    m_proposed = own.proposed;
    m_profile = own.profile;
    showPlan();
    showDraft();
    learn();
}

// Takes up what a SELECT gives, once it is understood.
void NewFormDialog::takeSelect()
{
    if (m_from != From::Select) {
        return;
    }
    if (!m_select->table()) {
        m_learning.giveUp();
        m_isLearning = false;
        refreshMake();
        m_progress->hide();
        m_stop->hide();
        m_truth->setText(tr("The form shows as soon as the SELECT is understood."));
        // What stands there are the columns of the rows before; those of a SELECT that is being changed stay in use.
        const Table *shown = table();
        enableRows(shown && shown->kind == TableKind::Select);
        return;
    }
    enableRows(true);
    m_catalogue = withLinks(m_declared, takenLinks());
    m_catalogue.tables.append(*m_select->table());
    chooseRows(*m_select->table());
}

// ---------------------------------------------------------------- what is stored

// Looks through the stored values beside the window; the draft is refined when they are known.
void NewFormDialog::learn()
{
    const Table *chosen = table();
    if (!chosen || m_wasStopped) {
        return;
    }
    m_learning.giveUp();
    m_isLearning = true;
    m_progress->setValue(0);
    const bool knowsOwn = m_profile.has_value();
    m_learning.start(m_connection.address(), [this, looked = *chosen, catalogue = m_catalogue, plan = m_plan,
                                              learned = m_learned, knowsOwn](const Connection &connection,
                                                                             const std::atomic<bool> &isCancelled,
                                                                             const BackgroundWork::Report &report) {
        std::optional<Profile> own;
        if (!knowsOwn) {
            const auto profile = profileTable(connection, catalogue, looked, isCancelled, [&](double share) {
                report([this, share] { m_progress->setValue(static_cast<int>(share * 100)); });
            });
            if (isCancelled) {
                return;
            }
            own = profile && *profile ? *profile : std::nullopt;
            report([this, looked, own] {
                if (own && looked.name == m_plan.table) {
                    m_profile = own;
                    m_plan = replanned(m_plan, m_proposed, looked, *own);
                    m_proposed = replanned(m_proposed, m_proposed, looked, *own);
                    showPlan();
                    showDraft();
                }
            });
        }
        Learned more = learned;
        const Result<bool> isDone = learnChildren(connection, catalogue, plan, more, isCancelled);
        if (isCancelled) {
            return;
        }
        report([this, looked, more, isGood = isDone.isOk()] {
            m_isLearning = false;
            if (looked.name == m_plan.table && isGood) {
                m_learned = more;
                m_plan = withLearned(m_catalogue, m_plan, m_learned);
                m_proposed = withLearned(m_catalogue, m_proposed, m_learned);
                showPlan();
            }
            showDraft();
        });
    });
    showTruth();
}

void NewFormDialog::stopLearning()
{
    if (m_isMaking) {
        m_making.giveUp();
        setMaking(false);
        learn();
        return;
    }
    m_learning.giveUp();
    m_isLearning = false;
    m_wasStopped = true;
    showTruth();
}

} // namespace nabblet

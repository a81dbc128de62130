// The sheet with several tables: what was chosen for each is kept, and forms are made of those that are ticked.
#include "core/catalogue/select_table.h"
#include "core/draft/together.h"
#include "core/text/tr.h"
#include "data/profile/profiler.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/new_form/select_box.h"
#include "designer/new_form/ticked_tables.h"
#include "entry/theme/ask.h"

#include <QLabel>
#include <QLineEdit>
#include <QProgressBar>
#include <QPushButton>
#include <QTreeWidget>

namespace nabblet {

// ---------------------------------------------------------------- what was chosen is kept

// A SELECT goes by its text, since any change of it may give other columns.
QString NewFormDialog::keyOf(const Table &rows)
{
    return rows.kind == TableKind::Select ? u'\n' + rows.select : rows.name;
}

QString NewFormDialog::keyInSight() const
{
    const Table *rows = table();
    return rows ? keyOf(*rows) : QString();
}

// What was chosen for rows before, as far as their columns and links still are; else what is proposed for them.
NewFormDialog::Kept NewFormDialog::chosenFor(const Table &rows) const
{
    const auto kept = m_kept.constFind(keyOf(rows));
    if (kept == m_kept.constEnd()) {
        const DraftPlan fresh = arrangedAsBefore(planWithChildren(m_catalogue, rows, nullptr, m_words));
        return {fresh, fresh, std::nullopt};
    }
    const DraftPlan now = planWithChildren(m_catalogue, rows, kept->profile ? &*kept->profile : nullptr, m_words);
    Kept own{rebased(kept->plan, kept->proposed, now), rebased(kept->proposed, kept->proposed, now), kept->profile};
    for (DraftPlan *plan : {&own.plan, &own.proposed}) {
        plan->columns.removeIf(
            [&](const PlannedColumn &column) { return column.through.isEmpty() && !findColumn(rows, column.column); });
    }
    return own;
}

void NewFormDialog::keep()
{
    if (const QString key = keyInSight(); !key.isEmpty()) {
        m_kept.insert(key, {m_plan, m_proposed, m_profile});
    }
}

bool NewFormDialog::isTouched() const
{
    const auto isChanged = [](const DraftPlan &plan, const DraftPlan &proposed) {
        return !plan.table.isEmpty() && !(plan == proposed);
    };
    return isChanged(m_plan, m_proposed) || std::any_of(m_kept.begin(), m_kept.end(), [&](const Kept &kept) {
               return isChanged(kept.plan, kept.proposed);
           });
}

// How the last one was arranged goes for another one too; what it is made of does not.
DraftPlan NewFormDialog::arrangedAsBefore(DraftPlan plan) const
{
    plan.arrangement = m_plan.arrangement;
    plan.columnsOfBoxes = m_plan.columnsOfBoxes;
    plan.spacing = m_plan.spacing;
    plan.sections = m_plan.sections;
    plan.widths = m_plan.widths;
    plan.look = m_plan.look;
    plan.namingPattern = m_plan.namingPattern;
    plan.rowsShown = m_plan.rowsShown;
    plan.repeatsCaptions = m_plan.repeatsCaptions;
    plan.hasTotals = m_plan.hasTotals;
    return plan;
}

// ---------------------------------------------------------------- those that are ticked

QStringList NewFormDialog::tickedTables() const
{
    QStringList ticked;
    for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
        const QTreeWidgetItem *item = m_tables->topLevelItem(i);
        if (item->checkState(0) == Qt::Checked && item->data(0, FromRole).toInt() == static_cast<int>(From::Table)) {
            ticked.append(item->data(0, Qt::UserRole).toString());
        }
    }
    return ticked;
}

// All that the filter leaves.
void NewFormDialog::tickInSight()
{
    {
        const QSignalBlocker blocker(m_tables);
        for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
            QTreeWidgetItem *item = m_tables->topLevelItem(i);
            if (!item->isHidden() && item->data(0, FromRole).toInt() == static_cast<int>(From::Table)) {
                item->setCheckState(0, Qt::Checked);
            }
        }
    }
    showTicks();
}

void NewFormDialog::untick()
{
    {
        const QSignalBlocker blocker(m_tables);
        for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
            if (m_tables->topLevelItem(i)->checkState(0) == Qt::Checked) {
                m_tables->topLevelItem(i)->setCheckState(0, Qt::Unchecked);
            }
        }
    }
    showTicks();
}

void NewFormDialog::showTicks()
{
    const QStringList ticked = tickedTables();
    m_ticked->show(ticked.size());
    if (!m_make) {
        return;
    }
    m_make->setText(ticked.isEmpty()     ? tr("Make form")
                    : ticked.size() == 1 ? tr("Make form of %1").arg(ticked.first().simplified())
                                         : tr("Make %1 forms").arg(ticked.size()));
    refreshMake();
}

void NewFormDialog::makeInside()
{
    const Result<DraftPlan> plan = planTogether(m_catalogue, tickedTables(), m_words);
    if (!plan) {
        complain(plan.error(), this);
        return;
    }
    untick();
    m_filter->clear(); // which may hide what is chosen now
    choose(plan->table);
    m_plan = arrangedAsBefore(*plan);
    if (const Table *rows = table(); rows && m_profile) {
        m_plan = replanned(m_plan, *plan, *rows, *m_profile);
    }
    if (m_plan.arrangement == Arrangement::Tabular) {
        m_plan.arrangement = Arrangement::Columnar; // which has room for rows inside
    }
    showPlan();
    showDraft();
    learn();
}

void NewFormDialog::makeJoined()
{
    const Result<QString> sql =
        selectTogether(m_catalogue, tickedTables(), [this](const QString &name) { return m_connection.quoted(name); });
    if (!sql) {
        complain(sql.error(), this);
        return;
    }
    untick();
    m_filter->clear();
    m_select->setText(*sql);
    if (m_from == From::Select) {
        m_select->check();
    } else {
        start(From::Select);
    }
}

// ---------------------------------------------------------------- making

void NewFormDialog::accept()
{
    if (!m_make->isEnabled()) {
        return;
    }
    keep();
    const QStringList ticked = tickedTables();
    if (ticked.isEmpty()) {
        m_forms = {m_form};
        QDialog::accept();
        return;
    }
    makeEach(ticked);
}

// Nothing can be chosen meanwhile; it can be stopped, with every choice as it was.
void NewFormDialog::setMaking(bool isMaking)
{
    m_isMaking = isMaking;
    m_choices->setEnabled(!isMaking);
    m_progress->setValue(0);
    m_progress->setVisible(isMaking);
    m_stop->setVisible(isMaking);
    m_stop->setText(isMaking ? tr("Stop making") : tr("Stop looking"));
    refreshMake();
    showTruth();
}

void NewFormDialog::makeEach(const QStringList &tables)
{
    // The one in sight comes first: it is what is opened.
    QStringList order = tables;
    if (order.removeOne(m_plan.table)) {
        order.prepend(m_plan.table);
    }
    struct Each
    {
        Table table;
        Kept kept;
    };
    QList<Each> all;
    for (const QString &name : std::as_const(order)) {
        if (const Table *rows = findTable(m_catalogue, name)) {
            all.append({*rows, chosenFor(*rows)});
        }
    }
    m_forms.clear();
    m_learning.giveUp();
    m_isLearning = false;
    setMaking(true);
    m_truth->setText(tr("Looking through the stored values of %1 tables…").arg(all.size()));
    m_making.start(m_connection.address(), [this, all, catalogue = m_catalogue, learned = m_learned](
                                               const Connection &connection, const std::atomic<bool> &isCancelled,
                                               const BackgroundWork::Report &report) {
        Learned known = learned;
        for (qsizetype i = 0; i < all.size() && !isCancelled; ++i) {
            Kept kept = all.at(i).kept;
            const Table &rows = all.at(i).table;
            if (!kept.profile) {
                const auto profile = profileTable(connection, catalogue, rows, isCancelled);
                if (profile && *profile) {
                    kept.profile = *profile;
                    kept.plan = replanned(kept.plan, kept.proposed, rows, **profile);
                }
            }
            const Result<bool> isDone = learnChildren(connection, catalogue, kept.plan, known, isCancelled);
            if (isDone) {
                kept.plan = withLearned(catalogue, kept.plan, known);
            }
            if (isCancelled) {
                return;
            }
            report([this, kept, rows, known, made = i + 1, count = all.size()] {
                m_forms.append(draftForm(m_catalogue, rows, kept.plan, kept.profile ? &*kept.profile : nullptr,
                                         m_appearance, known.profiles));
                m_progress->setValue(static_cast<int>(100 * made / count));
                m_truth->setText(tr("%1 of %2 forms made").arg(made).arg(count));
                if (made == count) {
                    QDialog::accept();
                }
            });
        }
    });
}

} // namespace nabblet

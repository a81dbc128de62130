#include "designer/new_form/new_form_dialog.h"

#include "core/check/form_quality.h"
#include "core/check/value_fit.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "designer/new_form/arrangement_card.h"
#include "designer/new_form/form_picture.h"
#include "designer/new_form/link_by_hand.h"
#include "designer/new_form/plan_columns.h"
#include "designer/new_form/select_box.h"
#include "designer/panels/panel.h"
#include "entry/theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSpinBox>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <cmath>

namespace nabblet {

namespace {

// How wide the boxes of a table's rows are, on the form or on one inside it, by the keys of the list of columns.
QHash<QString, int> widthsOf(const Form &form, const QString &table)
{
    QHash<QString, int> widths;
    for (const Control &control : form.controls) {
        const std::optional<Followed> followed = followedBy(control);
        if (form.rowsFrom == table && followed) {
            for (const QString &through : followed->columns) {
                widths.insert(PlanColumns::keyOf(through, followed->column), control.place.width());
            }
        } else if (form.rowsFrom == table && !control.column.isEmpty()) {
            widths.insert(PlanColumns::keyOf(QString(), control.column), control.place.width());
        } else if (const Form *inner = control.inner.get()) {
            widths.insert(widthsOf(*inner, table));
        }
    }
    return widths;
}

} // namespace

NewFormDialog::NewFormDialog(const Connection &connection, const Catalogue &catalogue, const Appearance &appearance,
                             const DraftOptions &options, QWidget *parent)
    : QDialog(parent), m_connection(connection), m_declared(catalogue), m_catalogue(catalogue),
      m_appearance(appearance), m_words(options.words)
{
    setWindowTitle(tr("New form from data"));
    setObjectName(QStringLiteral("newForm"));
    resize(1264, 760);
    m_plan.namingPattern = options.namingPattern;
    m_plan.columnsOfBoxes = options.columnsOfBoxes;

    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto *bar = new QWidget;
    bar->setObjectName(QStringLiteral("bar"));
    bar->setAttribute(Qt::WA_StyledBackground);
    auto *barColumn = new QVBoxLayout(bar);
    barColumn->setContentsMargins(16, 8, 16, 10);
    barColumn->setSpacing(1);
    auto *title = new QLabel(tr("New form from data"));
    title->setObjectName(QStringLiteral("barTitle"));
    auto *hint = new QLabel(tr("Every choice shows at once on the right. Press Enter when it looks right."));
    hint->setObjectName(QStringLiteral("barFaint"));
    barColumn->addWidget(title);
    barColumn->addWidget(hint);
    column->addWidget(bar);

    m_choices = new QWidget;
    auto *middle = new QHBoxLayout(m_choices);
    middle->setContentsMargins(10, 10, 10, 10);
    middle->setSpacing(8);
    middle->addWidget(makeTables());
    middle->addWidget(makeColumns());
    middle->addWidget(makeArrangement(), 1);
    column->addWidget(m_choices, 1);

    auto *foot = new QHBoxLayout;
    foot->setContentsMargins(12, 0, 12, 12);
    foot->setSpacing(8);
    m_truth = new QLabel;
    m_truth->setObjectName(QStringLiteral("faint"));
    m_truth->setAccessibleName(tr("What is true of the draft"));
    m_truth->setTextFormat(Qt::RichText);
    m_make = new QPushButton(tr("Make form"));
    m_make->setObjectName(QStringLiteral("makeForm"));
    m_make->setDefault(true);
    auto *cancel = new QPushButton(tr("Cancel"));
    cancel->setAutoDefault(false);
    m_progress = new QProgressBar;
    m_progress->setObjectName(QStringLiteral("learningProgress"));
    m_progress->setRange(0, 100);
    m_progress->setTextVisible(false);
    m_progress->setFixedSize(96, 6);
    m_stop = new QPushButton(tr("Stop looking"));
    m_stop->setObjectName(QStringLiteral("stopLearning"));
    m_stop->setAutoDefault(false);
    m_stop->setToolTip(tr("Leaves the stored values alone; boxes are sized by what the columns declare."));
    connect(m_stop, &QPushButton::clicked, this, &NewFormDialog::stopLearning);
    foot->addWidget(m_truth, 1);
    foot->addWidget(m_progress);
    foot->addWidget(m_stop);
    foot->addWidget(cancel);
    foot->addWidget(m_make);
    column->addLayout(foot);
    connect(m_make, &QPushButton::clicked, this, &NewFormDialog::accept);
    connect(cancel, &QPushButton::clicked, this, &QDialog::reject);

    countRows();
    findLikelyLinks();
    m_tables->setCurrentItem(m_tables->topLevelItem(0));
    m_filter->setFocus();
}

NewFormDialog::~NewFormDialog() = default;

// ---------------------------------------------------------------- plan and draft

// The plan whose columns are listed: of the record, or of rows that belong to it.
DraftPlan &NewFormDialog::planShown()
{
    DraftPlan *plan = planAt(m_plan, m_columnsAt);
    return plan ? *plan : m_plan;
}

void NewFormDialog::showPlan()
{
    m_isShowing = true;
    m_columnsOf->clear();
    m_columnsOf->addItem(m_from == From::Select ? tr("the SELECT") : m_plan.table.simplified(), QVariantList());
    const std::function<void(const std::vector<PlannedChild> &, const QVariantList &)> addChildren =
        [&](const std::vector<PlannedChild> &children, const QVariantList &path) {
            for (size_t i = 0; i < children.size(); ++i) {
                if (children[i].isTaken) {
                    const QVariantList own = path + QVariantList{static_cast<int>(i)};
                    m_columnsOf->addItem(tr("%1, rows of each").arg(children[i].plan.title), own);
                    if (own.size() == m_columnsAt.size() && planAt(m_plan, m_columnsAt) == &children[i].plan) {
                        m_columnsOf->setCurrentIndex(m_columnsOf->count() - 1);
                    }
                    addChildren(children[i].plan.children, own);
                }
            }
        };
    addChildren(m_plan.children, {});
    if (m_columnsOf->currentIndex() <= 0) {
        m_columnsAt.clear();
    }
    m_columnsOf->setVisible(m_columnsOf->count() > 1);
    showLinks();
    m_children->show(m_catalogue, m_plan, m_words);
    m_children->setVisible(!m_plan.children.empty()); // else the columns have its room
    m_title->setText(m_plan.title);
    m_see->setChecked(m_plan.people.see);
    m_add->setChecked(m_plan.people.add);
    m_change->setChecked(m_plan.people.change);
    m_delete->setChecked(m_plan.people.remove);
    const Table *rows = table();
    const bool isWritable = rows && (rows->kind == TableKind::Table || !rows->writesTo.isEmpty());
    for (QCheckBox *box : {m_see, m_add, m_change, m_delete}) {
        box->setEnabled(isWritable);
    }
    m_pattern->setText(m_plan.namingPattern);
    (m_plan.arrangement == Arrangement::Columnar  ? m_columnar
     : m_plan.arrangement == Arrangement::Stacked ? m_stacked
                                                  : m_tabular)
        ->setChecked(true);
    m_oneRecordChoices->setVisible(m_plan.arrangement != Arrangement::Tabular);
    m_tabularChoices->setVisible(m_plan.arrangement == Arrangement::Tabular);
    m_columnsOfBoxes->setCurrentIndex(m_plan.columnsOfBoxes);
    m_rowsShown->setValue(m_plan.rowsShown);
    m_repeats->setChecked(m_plan.repeatsCaptions);
    m_totals->setChecked(m_plan.hasTotals);
    m_sections->setCurrentIndex(static_cast<int>(m_plan.sections));
    m_spacing->setCurrentIndex(static_cast<int>(m_plan.spacing));
    m_widths->setCurrentIndex(static_cast<int>(m_plan.widths));
    m_look->setCurrentText(m_plan.look);
    m_isShowing = false;
    showColumns();
}

void NewFormDialog::showColumns()
{
    const DraftPlan &plan = planShown();
    const Table *rows = findTable(m_catalogue, plan.table);
    m_columns->show(rows ? *rows : Table(), plan.columns);
    bool hasLinks = false;
    for (const PlannedColumn &column : plan.columns) {
        hasLinks = hasLinks || (rows && column.isTaken && column.through.isEmpty() && ledLink(*rows, column.column));
    }
    m_linked->setEnabled(hasLinks);
}

// The columns of the rows that the drop-downs point to, a list for each.
void NewFormDialog::fillLinkedMenu()
{
    m_linkedMenu->clear();
    const DraftPlan &plan = planShown();
    const Table *rows = findTable(m_catalogue, plan.table);
    if (!rows) {
        return;
    }
    for (const PlannedColumn &column : plan.columns) {
        if (!column.isTaken || !column.through.isEmpty()) {
            continue;
        }
        const QList<PlannedColumn> linked = linkedColumns(m_catalogue, *rows, column.column, m_words);
        if (linked.isEmpty()) {
            continue;
        }
        QMenu *menu = m_linkedMenu->addMenu(column.caption);
        for (const PlannedColumn &each : linked) {
            QAction *action = menu->addAction(each.column.simplified());
            action->setCheckable(true);
            action->setChecked(std::any_of(plan.columns.begin(), plan.columns.end(), [&](const PlannedColumn &other) {
                return other.isTaken && other.column == each.column && other.through == each.through;
            }));
            connect(action, &QAction::toggled, this, [this, each](bool isTaken) { takeLinked(each, isTaken); });
        }
    }
}

void NewFormDialog::takeLinked(const PlannedColumn &wanted, bool isTaken)
{
    QList<PlannedColumn> &columns = planShown().columns;
    columns.removeIf(
        [&](const PlannedColumn &each) { return each.column == wanted.column && each.through == wanted.through; });
    if (isTaken) {
        // Behind the drop-down, and behind what follows it already.
        qsizetype at = 0;
        for (qsizetype i = 0; i < columns.size(); ++i) {
            const bool isOfIt =
                (columns.at(i).through.isEmpty() ? columns.at(i).column : columns.at(i).through) == wanted.through;
            at = isOfIt ? i + 1 : at;
        }
        PlannedColumn column = wanted;
        column.isTaken = true;
        columns.insert(at, column);
    }
    showColumns();
    showDraft();
    learn();
}

void NewFormDialog::linkByHand()
{
    const Table *parent = table();
    if (!parent) {
        return;
    }
    LinkByHand dialog(m_connection, m_catalogue, *parent, this);
    if (dialog.exec() == QDialog::Accepted) {
        m_plan.children.push_back(childByHand(m_catalogue, dialog.table(), dialog.link(), m_words));
        showPlan();
        showDraft();
        learn();
    }
}

void NewFormDialog::takeChildren()
{
    m_plan.children = m_children->children();
    m_plan = withLearned(m_catalogue, m_plan, m_learned);
    showPlan();
    showDraft();
    learn();
}

void NewFormDialog::takeChoices()
{
    if (m_isShowing) {
        return;
    }
    if (!m_plan.table.isEmpty()) {
        planShown().columns = m_columns->columns();
    }
    m_plan.title = m_title->text();
    m_plan.people = {m_see->isChecked(), m_add->isChecked(), m_change->isChecked(), m_delete->isChecked()};
    m_plan.namingPattern = m_pattern->text();
    m_plan.arrangement = m_tabular->isChecked()   ? Arrangement::Tabular
                         : m_stacked->isChecked() ? Arrangement::Stacked
                                                  : Arrangement::Columnar;
    m_plan.columnsOfBoxes = m_columnsOfBoxes->currentIndex();
    m_plan.rowsShown = m_rowsShown->value();
    m_plan.repeatsCaptions = m_repeats->isChecked();
    m_plan.hasTotals = m_totals->isChecked();
    m_plan.sections = static_cast<Sections>(m_sections->currentIndex());
    m_plan.spacing = static_cast<Spacing>(m_spacing->currentIndex());
    m_plan.widths = static_cast<BoxWidths>(m_widths->currentIndex());
    m_plan.look = m_look->currentText();
    m_oneRecordChoices->setVisible(m_plan.arrangement != Arrangement::Tabular);
    m_tabularChoices->setVisible(m_plan.arrangement == Arrangement::Tabular);
    showDraft();
}

// What was learned of the stored values, by table.
QHash<QString, Profile> NewFormDialog::profilesKnown() const
{
    QHash<QString, Profile> known = m_learned.profiles;
    if (m_profile) {
        known.insert(m_plan.table, *m_profile);
    }
    return known;
}

void NewFormDialog::showDraft()
{
    if (m_from == From::Nothing) {
        m_form = blankForm(m_plan.title, m_plan.look, m_appearance);
    } else if (m_from == From::Pattern) {
        m_form = patternForm(m_plan.title, std::max(1, m_plan.columnsOfBoxes), m_plan.look, m_appearance);
    } else if (const Table *rows = table()) {
        m_form =
            draftForm(m_catalogue, *rows, m_plan, m_profile ? &*m_profile : nullptr, m_appearance, m_learned.profiles);
    }
    refreshMake();
    m_picture->setLongest(m_longest->isChecked(), profilesKnown());
    m_picture->show(m_form, m_connection, m_catalogue);
    m_columns->showWidths(widthsOf(m_form, planShown().table));

    qsizetype taken = 0;
    for (const PlannedColumn &column : std::as_const(planShown().columns)) {
        taken += column.isTaken ? 1 : 0;
    }
    m_columnCount->setText(m_plan.table.isEmpty() ? QString()
                                                  : tr("%1 of %2").arg(taken).arg(planShown().columns.size()));
    QString example;
    for (const Control &control : m_form.controls) {
        example = example.isEmpty() && !control.column.isEmpty() ? control.name : example;
    }
    constexpr int ExampleRoom = 120; // px
    m_patternExample->setText(fontMetrics().elidedText(example, Qt::ElideRight, ExampleRoom));
    m_patternExample->setToolTip(example);

    showTruth();
}

// The line at the foot says what is true of what is shown.
void NewFormDialog::showTruth()
{
    if (!m_truth) {
        return;
    }
    if (m_isMaking) {
        return; // what is said of that
    }
    m_progress->setVisible(m_isLearning);
    m_stop->setVisible(m_isLearning);
    if (m_form.rowsFrom.isEmpty()) {
        m_truth->setText(tr("No rows yet: they can be chosen in the form's inspector at any time."));
        return;
    }
    if (!table()) {
        return;
    }
    const Profile *profile = m_profile ? &*m_profile : nullptr;
    const PanelColours &colours = panelColours(m_appearance.theme());
    const auto fact = [&](bool isGood, const QString &words) {
        return QStringLiteral("<span style='color:%1'>%2</span> %3")
            .arg((isGood ? colours.accent : colours.alarm).name(), isGood ? QStringLiteral("✔") : QStringLiteral("▲"),
                 words.toHtmlEscaped());
    };
    QStringList facts;
    QStringList boxes; // with values longer than they are
    const QStringList uncovered = m_plan.people.add ? uncoveredColumns(m_plan, *table()) : QStringList();
    facts.append(
        uncovered.isEmpty()
            ? fact(true, tr("Every required column has a box"))
            : fact(false, tr("No record can be added: %1 has no box").arg(uncovered.join(QStringLiteral(", ")))));
    if (const QStringList inRows = uncoveredInRows(m_catalogue, m_plan); !inRows.isEmpty()) {
        facts.append(
            fact(false, tr("No rows can be added there: %1 has no box").arg(inRows.join(QStringLiteral(", ")))));
    }
    if (profile && profile->rows == 0) {
        facts.append(tr("No rows are stored yet"));
    } else if (profile) {
        const double share = shareThatFits(m_form, *profile, m_appearance);
        const QString figure = QLocale().toString(std::floor(share * 1000) / 10, 'f', 1);
        const QList<LongerThanBox> longer = longerThanTheirBox(m_form, *profile, m_appearance);
        qint64 count = 0;
        for (const LongerThanBox &each : longer) {
            count += each.count;
            boxes.append(tr("%L1 of %2", "values of a box").arg(each.count).arg(each.called));
        }
        const QString fits = tr("%1 % of stored values fit their box").arg(figure) +
                             (count == 0 ? QString() : tr(", %L1 are longer").arg(count)) +
                             (profile->isExact ? QString() : tr(", by a sample"));
        facts.append(fact(share >= 0.95, fits));
    } else {
        facts.append(m_wasStopped ? tr("Stored values were not looked through")
                                  : tr("Looking through the stored values…"));
    }
    const int covered = overlaps(m_form);
    facts.append(covered == 0 ? fact(true, tr("Nothing overlaps at %1 px").arg(m_form.width))
                              : fact(false, counted(covered, tr("One pair overlaps"), tr("%1 pairs overlap"))));
    if (m_picture->scale() < 1) {
        facts.append(tr("shown at %1 %").arg(qRound(m_picture->scale() * 100)));
    }
    m_truth->setText(facts.join(QStringLiteral("&nbsp;&nbsp;&nbsp;&nbsp;")));
    m_truth->setToolTip(boxes.isEmpty()
                            ? QString()
                            : tr("Longer than their box, cut or scrolled: %1").arg(boxes.join(QStringLiteral(", "))));
}

} // namespace nabblet

#include "designer/new_form_dialog.h"

#include "core/draft/draft_quality.h"
#include "core/text/tr.h"
#include "data/profiler.h"
#include "data/records.h"
#include "designer/arrangement_card.h"
#include "designer/panel.h"
#include "designer/plan_columns.h"
#include "entry/entry_session.h"
#include "entry/form_painter.h"
#include "entry/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <cmath>

namespace nabblet {

// A form painted with the values of its first record.
class FormPicture : public QWidget
{
public:
    explicit FormPicture(const Appearance *appearance) : m_appearance(appearance) {}

    void show(const Form &form, const Connection &connection, const Catalogue &catalogue)
    {
        const bool hasOtherRows = form.rowSource != m_form.rowSource;
        m_form = form;
        if (hasOtherRows || !m_session) {
            m_session = std::make_unique<EntrySession>(connection, catalogue, form);
            m_isStarted = m_session->start(Counting::No).isOk();
        } else {
            m_isStarted = m_session->setForm(form).isOk();
        }
        fitTo(m_room);
    }

    // Shows the form whole in that width, smaller where it must be; never below three fifths.
    void fitTo(int room)
    {
        m_room = room;
        m_scale = m_form.width == 0 ? 1.0 : std::clamp(static_cast<double>(room) / m_form.width, 0.6, 1.0);
        setFixedSize(qRound(m_form.width * m_scale), qRound(shownHeight(m_form) * m_scale));
        update();
    }
    double scale() const { return m_scale; }

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.scale(m_scale, m_scale);
        const Appearance own(lookNamed(m_form.look), m_appearance->theme(), font());
        paintForm(painter, m_form, m_isStarted ? m_session.get() : nullptr, QSize(m_form.width, shownHeight(m_form)),
                  own);
    }

private:
    const Appearance *m_appearance;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    bool m_isStarted = false;
    int m_room = 10000;
    double m_scale = 1;
};

NewFormDialog::NewFormDialog(const Connection &connection, const Catalogue &catalogue, const Appearance &appearance,
                             const DraftOptions &options, QWidget *parent)
    : QDialog(parent), m_connection(connection), m_catalogue(catalogue), m_appearance(appearance)
{
    setWindowTitle(tr("New form from data"));
    setObjectName(QStringLiteral("newForm"));
    resize(1240, 760);
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

    auto *middle = new QHBoxLayout;
    middle->setContentsMargins(10, 10, 10, 10);
    middle->setSpacing(8);
    middle->addWidget(makeTables());
    middle->addWidget(makeColumns());
    middle->addWidget(makeArrangement(), 1);
    column->addLayout(middle, 1);

    auto *foot = new QHBoxLayout;
    foot->setContentsMargins(12, 0, 12, 12);
    foot->setSpacing(8);
    m_truth = new QLabel;
    m_truth->setObjectName(QStringLiteral("faint"));
    m_truth->setTextFormat(Qt::RichText);
    m_make = new QPushButton(tr("Make form"));
    m_make->setObjectName(QStringLiteral("makeForm"));
    m_make->setDefault(true);
    auto *cancel = new QPushButton(tr("Cancel"));
    cancel->setAutoDefault(false);
    foot->addWidget(m_truth, 1);
    foot->addWidget(cancel);
    foot->addWidget(m_make);
    column->addLayout(foot);
    connect(m_make, &QPushButton::clicked, this, &QDialog::accept);
    connect(cancel, &QPushButton::clicked, this, &QDialog::reject);

    countRows();
    if (m_tables->topLevelItemCount() > 0) {
        m_tables->setCurrentItem(m_tables->topLevelItem(0));
    } else {
        m_truth->setText(tr("This database has no tables yet."));
        m_make->setEnabled(false);
    }
    m_filter->setFocus();
}

NewFormDialog::~NewFormDialog() = default;

// ---------------------------------------------------------------- the parts of the sheet

QWidget *NewFormDialog::makeTables()
{
    auto *panel = new Panel(tr("Rows from"));
    panel->setFixedWidth(184);
    panel->contents()->setContentsMargins(8, 8, 8, 8);
    m_filter = new QLineEdit;
    m_filter->setObjectName(QStringLiteral("tableFilter"));
    m_filter->setPlaceholderText(tr("Filter"));
    m_filter->setClearButtonEnabled(true);
    m_filter->installEventFilter(this);
    m_tables = new QTreeWidget;
    m_tables->setObjectName(QStringLiteral("tables"));
    m_tables->setColumnCount(2);
    m_tables->setHeaderHidden(true);
    m_tables->setRootIsDecorated(false);
    m_tables->setUniformRowHeights(true);
    m_tables->setAccessibleName(tr("Tables and views"));
    m_tables->header()->setStretchLastSection(false);
    m_tables->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_tables->header()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    for (const Table &each : m_catalogue.tables) {
        auto *item = new QTreeWidgetItem(
            m_tables, {each.name.simplified(), each.kind == TableKind::View ? tr("view") : QString()});
        item->setData(0, Qt::UserRole, each.name);
        item->setTextAlignment(1, Qt::AlignRight | Qt::AlignVCenter);
        item->setForeground(1, panelColours(m_appearance.theme()).faintText);
    }
    panel->contents()->addWidget(m_filter);
    panel->contents()->addWidget(m_tables, 1);
    connect(m_filter, &QLineEdit::textChanged, this, &NewFormDialog::filter);
    connect(m_tables, &QTreeWidget::currentItemChanged, this, &NewFormDialog::chooseTable);
    connect(m_tables, &QTreeWidget::itemDoubleClicked, this, &QDialog::accept);
    return panel;
}

QWidget *NewFormDialog::makeColumns()
{
    auto *all = new QWidget;
    all->setFixedWidth(384);
    auto *stack = new QVBoxLayout(all);
    stack->setContentsMargins(0, 0, 0, 0);
    stack->setSpacing(8);

    auto *panel = new Panel(tr("Columns"));
    panel->contents()->setContentsMargins(8, 6, 8, 8);
    m_columns = new PlanColumns;
    m_columns->setTheme(m_appearance.theme());
    auto *row = new QHBoxLayout;
    row->setSpacing(6);
    const auto take = [&](const QString &words, PlanColumns::Take which, const char *name) {
        auto *button = new QPushButton(words);
        button->setObjectName(QString::fromLatin1(name));
        button->setAutoDefault(false);
        connect(button, &QPushButton::clicked, this, [this, which] { m_columns->take(which); });
        row->addWidget(button);
    };
    take(tr("All"), PlanColumns::Take::All, "takeAll");
    take(tr("None"), PlanColumns::Take::None, "takeNone");
    take(tr("Only required"), PlanColumns::Take::OnlyRequired, "takeRequired");
    row->addStretch();
    m_columnCount = new QLabel;
    m_columnCount->setObjectName(QStringLiteral("faint"));
    row->addWidget(m_columnCount);
    panel->contents()->addWidget(m_columns, 1);
    panel->contents()->addLayout(row);
    stack->addWidget(panel, 1);
    connect(m_columns, &PlanColumns::changed, this, &NewFormDialog::takeChoices);

    auto *people = new Panel(tr("The form"));
    people->contents()->setContentsMargins(10, 8, 10, 10);
    m_title = new QLineEdit;
    m_title->setObjectName(QStringLiteral("planTitle"));
    auto *titleRow = new QHBoxLayout;
    auto *titleCaption = new QLabel(tr("Title"));
    titleCaption->setObjectName(QStringLiteral("faint"));
    titleCaption->setFixedWidth(92);
    titleRow->addWidget(titleCaption);
    titleRow->addWidget(m_title, 1);
    people->contents()->addLayout(titleRow);
    auto *ticks = new QHBoxLayout;
    auto *may = new QLabel(tr("People may"));
    may->setObjectName(QStringLiteral("faint"));
    may->setFixedWidth(92);
    ticks->addWidget(may);
    const auto tick = [&](const QString &words, const char *name) {
        auto *box = new QCheckBox(words);
        box->setObjectName(QString::fromLatin1(name));
        connect(box, &QCheckBox::toggled, this, &NewFormDialog::takeChoices);
        ticks->addWidget(box);
        return box;
    };
    m_see = tick(tr("see"), "maySee");
    m_see->setToolTip(tr("See stored rows. Without it, people only add."));
    m_add = tick(tr("add"), "mayAdd");
    m_change = tick(tr("change"), "mayChange");
    m_delete = tick(tr("delete"), "mayDelete");
    ticks->addStretch();
    people->contents()->addLayout(ticks);
    auto *names = new QHBoxLayout;
    auto *namesCaption = new QLabel(tr("Control names"));
    namesCaption->setObjectName(QStringLiteral("faint"));
    namesCaption->setFixedWidth(92);
    m_pattern = new QLineEdit;
    m_pattern->setObjectName(QStringLiteral("namingPattern"));
    m_pattern->setToolTip(tr("{kind} and {column} are filled in. Names are always valid and differ from one another."));
    m_patternExample = new QLabel;
    m_patternExample->setObjectName(QStringLiteral("faint"));
    names->addWidget(namesCaption);
    names->addWidget(m_pattern, 1);
    names->addWidget(m_patternExample, 1);
    people->contents()->addLayout(names);
    stack->addWidget(people);
    connect(m_title, &QLineEdit::textEdited, this, &NewFormDialog::takeChoices);
    connect(m_pattern, &QLineEdit::textEdited, this, &NewFormDialog::takeChoices);
    return all;
}

QWidget *NewFormDialog::makeArrangement()
{
    auto *panel = new QWidget;
    panel->setObjectName(QStringLiteral("panel"));
    panel->setAttribute(Qt::WA_StyledBackground);
    auto *column = new QVBoxLayout(panel);
    column->setContentsMargins(10, 10, 10, 10);
    column->setSpacing(8);
    auto *cards = new QHBoxLayout;
    cards->setSpacing(8);
    m_columnar = new ArrangementCard(Arrangement::Columnar, m_appearance.theme());
    m_stacked = new ArrangementCard(Arrangement::Stacked, m_appearance.theme());
    m_columnar->setObjectName(QStringLiteral("columnar"));
    m_stacked->setObjectName(QStringLiteral("stacked"));
    for (ArrangementCard *card : {m_columnar, m_stacked}) {
        cards->addWidget(card);
        connect(card, &QAbstractButton::toggled, this, &NewFormDialog::takeChoices);
    }
    cards->addStretch();
    column->addLayout(cards);

    auto *choices = new QHBoxLayout;
    choices->setSpacing(6);
    const auto choice = [&](const QString &caption, const QStringList &words, const char *name) {
        auto *label = new QLabel(caption);
        label->setObjectName(QStringLiteral("faint"));
        auto *box = new QComboBox;
        box->setObjectName(QString::fromLatin1(name));
        box->addItems(words);
        box->setAccessibleName(caption);
        label->setBuddy(box);
        choices->addWidget(label);
        choices->addWidget(box);
        choices->addSpacing(4);
        connect(box, &QComboBox::currentIndexChanged, this, &NewFormDialog::takeChoices);
        return box;
    };
    m_columnsOfBoxes = choice(tr("Columns"), {tr("as suits"), tr("1"), tr("2"), tr("3"), tr("4")}, "columnsOfBoxes");
    m_spacing = choice(tr("Spacing"), {tr("tight"), tr("comfortable"), tr("roomy")}, "spacing");
    m_widths = choice(tr("Widths by"), {tr("stored values"), tr("declared length"), tr("all the same")}, "widths");
    QStringList lookNames;
    for (const Look &look : looks()) {
        lookNames.append(look.name);
    }
    m_look = choice(tr("Look"), lookNames, "look");
    choices->addStretch();
    column->addLayout(choices);

    m_picture = new FormPicture(&m_appearance);
    m_picture->setObjectName(QStringLiteral("preview"));
    m_preview = new QScrollArea;
    m_preview->setWidget(m_picture);
    m_preview->setFrameShape(QFrame::NoFrame);
    m_preview->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
    m_preview->setFocusPolicy(Qt::NoFocus);
    QPalette board = m_preview->palette();
    board.setColor(QPalette::Window, panelColours(m_appearance.theme()).board);
    m_preview->setPalette(board);
    m_preview->viewport()->installEventFilter(this);
    column->addWidget(m_preview, 1);
    return panel;
}

// ---------------------------------------------------------------- tables

void NewFormDialog::countRows()
{
    // Counting a view may mean working out all of it, so views stay uncounted.
    m_counting.start(m_connection.address(),
                     [this, catalogue = m_catalogue](const Connection &connection, const std::atomic<bool> &isCancelled,
                                                     const BackgroundWork::Report &report) {
                         QHash<QString, qint64> counts;
                         for (const Table &each : catalogue.tables) {
                             if (each.kind == TableKind::Table && !isCancelled) {
                                 const Result<qint64> count = nabblet::countRows(connection, recordSourceOf(each));
                                 if (count) {
                                     counts.insert(each.name, *count);
                                 }
                             }
                         }
                         report([this, counts] {
                             for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
                                 QTreeWidgetItem *item = m_tables->topLevelItem(i);
                                 const auto count = counts.constFind(item->data(0, Qt::UserRole).toString());
                                 if (count != counts.constEnd()) {
                                     item->setText(1, QLocale().toString(*count));
                                 }
                             }
                         });
                     });
}

void NewFormDialog::choose(const QString &wanted)
{
    for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
        if (m_tables->topLevelItem(i)->data(0, Qt::UserRole).toString() == wanted) {
            m_tables->setCurrentItem(m_tables->topLevelItem(i));
        }
    }
}

void NewFormDialog::filter(const QString &part)
{
    QTreeWidgetItem *first = nullptr;
    for (int i = 0; i < m_tables->topLevelItemCount(); ++i) {
        QTreeWidgetItem *item = m_tables->topLevelItem(i);
        const bool fits = item->text(0).contains(part, Qt::CaseInsensitive);
        item->setHidden(!fits);
        first = fits && !first ? item : first;
    }
    if (first && (!m_tables->currentItem() || m_tables->currentItem()->isHidden())) {
        m_tables->setCurrentItem(first);
    }
    m_make->setEnabled(first != nullptr);
}

bool NewFormDialog::eventFilter(QObject *watched, QEvent *event)
{
    if (m_preview && watched == m_preview->viewport() && event->type() == QEvent::Resize) {
        m_picture->fitTo(m_preview->viewport()->width());
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

void NewFormDialog::chooseTable()
{
    const QTreeWidgetItem *item = m_tables->currentItem();
    const Table *chosen = item ? findTable(m_catalogue, item->data(0, Qt::UserRole).toString()) : nullptr;
    m_make->setEnabled(chosen != nullptr);
    if (!chosen || chosen->name == m_plan.table) {
        return;
    }
    // How the last one was arranged goes for this one too; what it is made of does not.
    DraftPlan plan = planDraft(*chosen);
    plan.arrangement = m_plan.arrangement;
    plan.columnsOfBoxes = m_plan.columnsOfBoxes;
    plan.spacing = m_plan.spacing;
    plan.widths = m_plan.widths;
    plan.look = m_plan.look;
    plan.namingPattern = m_plan.namingPattern;
    m_plan = m_proposed = plan;
    m_profile.reset();
    showPlan();
    showDraft();

    m_profiling.giveUp();
    m_profiling.start(m_connection.address(),
                      [this, looked = *chosen, catalogue = m_catalogue](const Connection &connection, const std::atomic<bool> &isCancelled,
                                               const BackgroundWork::Report &report) {
                          const auto profile = profileTable(connection, catalogue, looked, isCancelled);
                          if (!profile || !*profile) {
                              return;
                          }
                          report([this, looked, learned = **profile] {
                              if (looked.name != m_plan.table) {
                                  return;
                              }
                              m_plan = replanned(m_plan, m_proposed, looked, learned);
                              m_proposed = replanned(m_proposed, m_proposed, looked, learned);
                              m_profile = learned;
                              showPlan();
                              showDraft();
                          });
                      });
}

// ---------------------------------------------------------------- plan and draft

void NewFormDialog::showPlan()
{
    m_isShowing = true;
    m_columns->show(*table(), m_plan.columns);
    m_title->setText(m_plan.title);
    m_see->setChecked(m_plan.people.see);
    m_add->setChecked(m_plan.people.add);
    m_change->setChecked(m_plan.people.change);
    m_delete->setChecked(m_plan.people.remove);
    const bool isTable = table()->kind == TableKind::Table;
    for (QCheckBox *box : {m_see, m_add, m_change, m_delete}) {
        box->setEnabled(isTable);
    }
    m_pattern->setText(m_plan.namingPattern);
    (m_plan.arrangement == Arrangement::Columnar ? m_columnar : m_stacked)->setChecked(true);
    m_columnsOfBoxes->setCurrentIndex(m_plan.columnsOfBoxes);
    m_spacing->setCurrentIndex(static_cast<int>(m_plan.spacing));
    m_widths->setCurrentIndex(static_cast<int>(m_plan.widths));
    m_look->setCurrentText(m_plan.look);
    m_isShowing = false;
}

void NewFormDialog::takeChoices()
{
    if (m_isShowing || m_plan.table.isEmpty()) {
        return;
    }
    m_plan.columns = m_columns->columns();
    m_plan.title = m_title->text();
    m_plan.people = {m_see->isChecked(), m_add->isChecked(), m_change->isChecked(), m_delete->isChecked()};
    m_plan.namingPattern = m_pattern->text();
    m_plan.arrangement = m_columnar->isChecked() ? Arrangement::Columnar : Arrangement::Stacked;
    m_plan.columnsOfBoxes = m_columnsOfBoxes->currentIndex();
    m_plan.spacing = static_cast<Spacing>(m_spacing->currentIndex());
    m_plan.widths = static_cast<BoxWidths>(m_widths->currentIndex());
    m_plan.look = m_look->currentText();
    showDraft();
}

void NewFormDialog::showDraft()
{
    const Profile *profile = m_profile ? &*m_profile : nullptr;
    m_form = draftForm(m_catalogue, *table(), m_plan, profile, m_appearance);
    m_picture->show(m_form, m_connection, m_catalogue);

    qsizetype taken = 0;
    for (const PlannedColumn &column : std::as_const(m_plan.columns)) {
        taken += column.isTaken ? 1 : 0;
    }
    m_columnCount->setText(tr("%1 of %2").arg(taken).arg(m_plan.columns.size()));
    QString example;
    for (const Control &control : m_form.controls) {
        example = example.isEmpty() && !control.column.isEmpty() ? control.name : example;
    }
    m_patternExample->setText(example);

    showTruth();
}

// The line at the foot says what is true of what is shown.
void NewFormDialog::showTruth()
{
    if (!table() || !m_truth) {
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
    const QStringList uncovered = m_plan.people.add ? uncoveredColumns(m_plan, *table()) : QStringList();
    facts.append(
        uncovered.isEmpty()
            ? fact(true, tr("Every required column has a box"))
            : fact(false, tr("No record can be added: %1 has no box").arg(uncovered.join(QStringLiteral(", ")))));
    if (profile) {
        const double share = shareThatFits(m_form, *profile, m_appearance);
        const QString figure = QLocale().toString(std::floor(share * 1000) / 10, 'f', 1);
        facts.append(fact(share >= 0.95, profile->isExact
                                             ? tr("%1 % of stored values fit their box").arg(figure)
                                             : tr("%1 % of stored values fit their box, by a sample").arg(figure)));
    } else {
        facts.append(tr("Looking through the stored values…"));
    }
    const int covered = overlaps(m_form);
    facts.append(covered == 0 ? fact(true, tr("Nothing overlaps at %1 px").arg(m_form.width))
                              : fact(false, counted(covered, tr("One pair overlaps"), tr("%1 pairs overlap"))));
    if (m_picture->scale() < 1) {
        facts.append(tr("shown at %1 %").arg(qRound(m_picture->scale() * 100)));
    }
    m_truth->setText(facts.join(QStringLiteral("&nbsp;&nbsp;&nbsp;&nbsp;")));
}

} // namespace nabblet

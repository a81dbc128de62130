// The parts of the sheet for a new form: tables, columns, arrangement.
#include "core/check/form_quality.h"
#include "core/text/tr.h"
#include "data/profile/profiler.h"
#include "data/records/records.h"
#include "data/records/select_source.h"
#include "designer/new_form/arrangement_card.h"
#include "designer/new_form/form_picture.h"
#include "designer/new_form/likely_links_list.h"
#include "designer/new_form/link_by_hand.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/new_form/plan_columns.h"
#include "designer/new_form/select_box.h"
#include "designer/new_form/ticked_tables.h"
#include "designer/panels/looking_line.h"
#include "designer/panels/panel.h"
#include "entry/theme/theme.h"

#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <cmath>

namespace nabblet {

// ---------------------------------------------------------------- the parts of the sheet

QWidget *NewFormDialog::makeTables()
{
    auto *panel = new Panel(tr("Rows from"));
    panel->setFixedWidth(212);
    panel->contents()->setContentsMargins(8, 8, 8, 8);
    m_filter = new QLineEdit;
    m_filter->setObjectName(QStringLiteral("tableFilter"));
    m_filter->setPlaceholderText(tr("Filter"));
    clearOnceTyped(m_filter);
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
    fillTables();
    panel->contents()->addWidget(m_filter);
    panel->contents()->addWidget(m_tables, 1);
    m_ticked = new TickedTables;
    panel->contents()->addWidget(m_ticked);
    connect(m_tables, &QTreeWidget::itemChanged, this, [this](QTreeWidgetItem *item, int section) {
        if (section == 0 && item->data(0, FromRole).toInt() == static_cast<int>(From::Table)) {
            if (item->checkState(0) == Qt::Checked) {
                m_tables->setCurrentItem(item); // whose choices are then in sight
            }
            showTicks();
        }
    });
    auto *tickAll = new QAction(tr("Tick all in sight"), m_tables);
    tickAll->setShortcut(QKeySequence::SelectAll);
    tickAll->setShortcutContext(Qt::WidgetShortcut);
    connect(tickAll, &QAction::triggered, this, &NewFormDialog::tickInSight);
    auto *untickAll = new QAction(tr("Untick all"), m_tables);
    connect(untickAll, &QAction::triggered, this, &NewFormDialog::untick);
    m_tables->addActions({tickAll, untickAll});
    m_tables->setContextMenuPolicy(Qt::ActionsContextMenu);
    connect(m_ticked, &TickedTables::insideWanted, this, &NewFormDialog::makeInside);
    connect(m_ticked, &TickedTables::joinedWanted, this, &NewFormDialog::makeJoined);
    connect(m_ticked, &TickedTables::untickedWanted, this, &NewFormDialog::untick);
    connect(m_filter, &QLineEdit::textChanged, this, &NewFormDialog::filter);
    connect(m_tables, &QTreeWidget::currentItemChanged, this, &NewFormDialog::chooseSource);
    connect(m_tables, &QTreeWidget::itemDoubleClicked, this, [this] {
        if (tickedTables().isEmpty()) { // else it is not said which forms are meant, and two quick ticks are none
            accept();
        }
    });
    return panel;
}

// The tables and views of the catalogue, and what a form may start from besides.
void NewFormDialog::fillTables()
{
    for (const Table &each : m_catalogue.tables) {
        auto *item = new QTreeWidgetItem(
            m_tables, {each.name.simplified(), each.kind == TableKind::View ? tr("view") : QString()});
        item->setData(0, Qt::UserRole, each.name);
        item->setCheckState(0, Qt::Unchecked);
        item->setToolTip(0, each.name + u'\n' + tr("Tick several to make a form of each, or one of them all."));
        item->setTextAlignment(1, Qt::AlignRight | Qt::AlignVCenter);
        item->setForeground(1, panelColours(m_appearance.theme()).faintText);
        item->setData(0, FromRole, static_cast<int>(From::Table));
    }
    // What there is besides tables, below a line of its own.
    const auto addStart = [&](const QString &words, const QString &hint, From from) {
        auto *item = new QTreeWidgetItem(m_tables, {words});
        item->setData(0, FromRole, static_cast<int>(from));
        item->setToolTip(0, hint);
        QFont italic = item->font(0);
        italic.setItalic(true);
        item->setFont(0, italic);
    };
    addStart(tr("Own SELECT"), tr("Rows that a SELECT of your own gives"), From::Select);
    addStart(tr("Empty form"), tr("Nothing on it yet; its rows can be chosen at any time"), From::Nothing);
    addStart(tr("Page pattern"), tr("A title and one to four columns to drop fields into"), From::Pattern);
}

QWidget *NewFormDialog::makeColumns()
{
    auto *all = new QWidget;
    all->setFixedWidth(420);
    auto *stack = new QVBoxLayout(all);
    stack->setContentsMargins(0, 0, 0, 0);
    stack->setSpacing(8);

    m_selectPanel = new Panel(tr("SELECT"));
    m_selectPanel->contents()->setContentsMargins(8, 6, 8, 8);
    m_select = new SelectBox(m_connection, m_catalogue, m_appearance.theme());
    m_select->setFixedHeight(148);
    m_selectPanel->contents()->addWidget(m_select);
    m_selectPanel->hide();
    connect(m_select, &SelectBox::checked, this, &NewFormDialog::takeSelect);
    stack->addWidget(m_selectPanel);

    auto *panel = new Panel(tr("Columns"));
    m_columnsPanel = panel;
    auto *missing = new QPushButton(tr("New column…"));
    missing->setObjectName(QStringLiteral("newColumnOfTable"));
    missing->setAutoDefault(false);
    missing->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    missing->setToolTip(tr("A column that is missing, added to the table"));
    panel->addToHead(missing);
    connect(missing, &QPushButton::clicked, this, &NewFormDialog::addColumn);
    panel->contents()->setContentsMargins(8, 6, 8, 8);
    m_columnsOf = new QComboBox;
    m_columnsOf->setObjectName(QStringLiteral("columnsOf"));
    m_columnsOf->setAccessibleName(tr("Columns of"));
    connect(m_columnsOf, &QComboBox::currentIndexChanged, this, [this](int index) {
        if (!m_isShowing && index >= 0) {
            m_columnsAt.clear();
            const QVariantList steps = m_columnsOf->currentData().toList();
            for (const QVariant &step : steps) {
                m_columnsAt.append(step.toInt());
            }
            showColumns();
        }
    });
    panel->contents()->addWidget(m_columnsOf);
    m_columns = new PlanColumns;
    m_columns->setTheme(m_appearance.theme());
    constexpr int LeastColumns = 72; // px, two of them below their heads
    m_columns->setMinimumHeight(LeastColumns);
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
    m_linked = new QPushButton(tr("Linked"));
    m_linked->setObjectName(QStringLiteral("linkedColumns"));
    m_linked->setAutoDefault(false);
    m_linked->setToolTip(tr("Columns of the row that a drop-down points to, only shown"));
    m_linkedMenu = new QMenu(this);
    m_linkedMenu->setObjectName(QStringLiteral("linkedMenu"));
    m_linked->setMenu(m_linkedMenu);
    connect(m_linkedMenu, &QMenu::aboutToShow, this, &NewFormDialog::fillLinkedMenu);
    row->addWidget(m_linked);
    row->addStretch();
    m_columnCount = new QLabel;
    m_columnCount->setObjectName(QStringLiteral("faint"));
    row->addWidget(m_columnCount);
    panel->contents()->addWidget(m_columns, 1);
    panel->contents()->addLayout(row);
    stack->addWidget(panel, 1);
    connect(m_columns, &PlanColumns::choicesTableWanted, this, &NewFormDialog::makeChoicesTable);
    connect(m_columns, &PlanColumns::changed, this, &NewFormDialog::takeChoices);

    m_linksPanel = new Panel(tr("Links that are likely"));
    m_linksPanel->setNote(tr("not declared, found by names and values"));
    m_linksPanel->contents()->setContentsMargins(8, 4, 8, 6);
    m_links = new LikelyLinksList;
    constexpr int LinksRoom = 76; // px, two of them
    m_links->setFixedHeight(LinksRoom);
    m_linksPanel->contents()->addWidget(m_links);
    m_linksPanel->hide();
    stack->addWidget(m_linksPanel);
    connect(&m_links->links(), &LikelyLinksModel::takenChanged, this, &NewFormDialog::takeLinks);

    auto *rows = new Panel(tr("Rows that belong to each"));
    rows->contents()->setContentsMargins(8, 6, 8, 8);
    m_children = new ChildRowsList;
    m_linkByHand = new QPushButton(tr("Link by hand…"));
    m_linkByHand->setObjectName(QStringLiteral("linkByHandButton"));
    m_linkByHand->setAutoDefault(false);
    m_linkByHand->setToolTip(tr("Rows of another table that the database declares no link for"));
    auto *handRow = new QHBoxLayout;
    handRow->addWidget(m_linkByHand);
    handRow->addStretch();
    rows->contents()->addWidget(m_children);
    rows->contents()->addLayout(handRow);
    stack->addWidget(rows);
    connect(m_children, &ChildRowsList::changed, this, &NewFormDialog::takeChildren);
    connect(m_linkByHand, &QPushButton::clicked, this, &NewFormDialog::linkByHand);

    auto *people = new Panel(tr("The form"));
    // The captions of the three lines end together.
    const int captionWidth =
        std::max({fontMetrics().horizontalAdvance(tr("Title")), fontMetrics().horizontalAdvance(tr("People may")),
                  fontMetrics().horizontalAdvance(tr("Control names"))}) +
        8;
    people->contents()->setContentsMargins(10, 8, 10, 10);
    m_title = new QLineEdit;
    m_title->setObjectName(QStringLiteral("planTitle"));
    auto *titleRow = new QHBoxLayout;
    auto *titleCaption = new QLabel(tr("Title"));
    titleCaption->setObjectName(QStringLiteral("faint"));
    titleCaption->setFixedWidth(captionWidth);
    titleRow->addWidget(titleCaption);
    titleRow->addWidget(m_title, 1);
    people->contents()->addLayout(titleRow);
    auto *ticks = new QHBoxLayout;
    auto *may = new QLabel(tr("People may"));
    may->setObjectName(QStringLiteral("faint"));
    may->setFixedWidth(captionWidth);
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
    namesCaption->setFixedWidth(captionWidth);
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
    m_tabular = new ArrangementCard(Arrangement::Tabular, m_appearance.theme());
    m_columnar->setObjectName(QStringLiteral("columnar"));
    m_stacked->setObjectName(QStringLiteral("stacked"));
    m_tabular->setObjectName(QStringLiteral("tabular"));
    for (ArrangementCard *card : {m_columnar, m_stacked, m_tabular}) {
        cards->addWidget(card);
        connect(card, &QAbstractButton::toggled, this, &NewFormDialog::takeChoices);
    }
    cards->addStretch();
    column->addLayout(cards);

    auto *choices = new QHBoxLayout;
    choices->setSpacing(6);
    auto *more = new QHBoxLayout;
    more->setSpacing(6);
    const auto choiceIn = [&](QHBoxLayout *into, const QString &caption, const QStringList &words, const char *name) {
        auto *label = new QLabel(caption);
        label->setObjectName(QStringLiteral("faint"));
        auto *box = new QComboBox;
        box->setObjectName(QString::fromLatin1(name));
        box->addItems(words);
        box->setAccessibleName(caption);
        label->setBuddy(box);
        into->addWidget(label);
        into->addWidget(box);
        into->addSpacing(4);
        connect(box, &QComboBox::currentIndexChanged, this, &NewFormDialog::takeChoices);
        return box;
    };
    const auto choice = [&](const QString &caption, const QStringList &words, const char *name) {
        return choiceIn(choices, caption, words, name);
    };
    m_oneRecordChoices = new QWidget;
    auto *oneRecord = new QHBoxLayout(m_oneRecordChoices);
    oneRecord->setContentsMargins(0, 0, 0, 0);
    oneRecord->setSpacing(6);
    m_columnsOfBoxes =
        choiceIn(oneRecord, tr("Columns"), {tr("as suits"), tr("1"), tr("2"), tr("3"), tr("4")}, "columnsOfBoxes");
    m_sections =
        choiceIn(oneRecord, tr("Parts"), {tr("as suits"), tr("none"), tr("group boxes"), tr("pages")}, "sections");
    m_sections->setToolTip(tr("How many fields are parted: under headings, or not at all"));
    choices->addWidget(m_oneRecordChoices);
    m_tabularChoices = new QWidget;
    auto *tabular = new QHBoxLayout(m_tabularChoices);
    tabular->setContentsMargins(0, 0, 0, 0);
    tabular->setSpacing(6);
    auto *rowsCaption = new QLabel(tr("Rows"));
    rowsCaption->setObjectName(QStringLiteral("faint"));
    m_rowsShown = new QSpinBox;
    m_rowsShown->setObjectName(QStringLiteral("rowsShown"));
    m_rowsShown->setRange(1, 200);
    m_rowsShown->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_rowsShown->setAccessibleName(tr("Rows shown"));
    rowsCaption->setBuddy(m_rowsShown);
    m_repeats = new QCheckBox(tr("captions in each row"));
    m_repeats->setObjectName(QStringLiteral("repeatCaptions"));
    m_totals = new QCheckBox(tr("totals"));
    m_totals->setObjectName(QStringLiteral("totals"));
    m_totals->setToolTip(tr("Totals of amounts and counts in the footer"));
    tabular->addWidget(rowsCaption);
    tabular->addWidget(m_rowsShown);
    tabular->addWidget(m_repeats);
    tabular->addWidget(m_totals);
    choices->addWidget(m_tabularChoices);
    m_tabularChoices->hide();
    connect(m_rowsShown, &QSpinBox::valueChanged, this, &NewFormDialog::takeChoices);
    connect(m_repeats, &QCheckBox::toggled, this, &NewFormDialog::takeChoices);
    connect(m_totals, &QCheckBox::toggled, this, &NewFormDialog::takeChoices);
    m_spacing = choice(tr("Spacing"), {tr("tight"), tr("comfortable"), tr("roomy")}, "spacing");
    m_widths =
        choiceIn(more, tr("Widths by"), {tr("stored values"), tr("declared length"), tr("all the same")}, "widths");
    QStringList lookNames;
    for (const Look &look : allLooks(m_appearance.book())) {
        lookNames.append(look.name);
    }
    m_look = choiceIn(more, tr("Look"), lookNames, "look");
    m_longest = new QCheckBox(tr("longest values"));
    m_longest->setObjectName(QStringLiteral("longestValues"));
    m_longest->setToolTip(tr("Shows in each box the longest value that is stored for it"));
    more->addWidget(m_longest);
    connect(m_longest, &QCheckBox::toggled, this, &NewFormDialog::showDraft);
    choices->addStretch();
    more->addStretch();
    column->addLayout(choices);
    column->addLayout(more);

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
    m_preview->installEventFilter(this);
    column->addWidget(m_preview, 1);
    return panel;
}

} // namespace nabblet

#include "entry/cells/import_sheet.h"

#include "core/file/whole_file.h"
#include "core/kinds/control_names.h"
#include "core/text/cells_from_file.h"
#include "core/text/tr.h"
#include "entry/cells/pasted_rows.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"

#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QProgressDialog>
#include <QPushButton>
#include <QTableWidget>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostRefused = 500; // listed
constexpr int ToldEvery = 50;    // rows
constexpr int LineHeight = 26;   // px
constexpr int NumberWidth = 72;  // px
constexpr int MostColumns = 12;  // in sight

class ImportSheet : public QDialog
{
public:
    ImportSheet(EntrySession &session, const QString &name, const Cells &cells, const QLocale &locale, QWidget *parent);

    PastedRows &rows() { return m_rows; }

private:
    void makeColumns();
    void tryThem();
    QList<ControlId> boxes() const;

    EntrySession &m_session;
    const Cells &m_cells;
    QLocale m_locale;
    QTableWidget *m_columns;
    QComboBox *m_there;
    QLabel *m_knownBy;
    QComboBox *m_key;
    QLabel *m_verdict;
    QTreeWidget *m_refused;
    QPushButton *m_take;
    PastedRows m_rows;
};

ImportSheet::ImportSheet(EntrySession &session, const QString &name, const Cells &cells, const QLocale &locale,
                         QWidget *parent)
    : QDialog(parent), m_session(session), m_cells(cells), m_locale(locale)
{
    QVBoxLayout *column =
        begunSheet(*this, QStringLiteral("importSheet"), Texts::tr("Rows from %1").arg(name), QSize(720, 600));
    setSizeGripEnabled(true);
    m_columns = new QTableWidget;
    m_columns->setObjectName(QStringLiteral("importColumns"));
    m_columns->setAccessibleName(Texts::tr("Columns of the file"));
    makeColumns();
    column->addWidget(m_columns, 3);
    auto *row = new QHBoxLayout;
    row->setSpacing(8);
    m_there = new QComboBox;
    m_there->setObjectName(QStringLiteral("rowsThere"));
    m_there->setAccessibleName(Texts::tr("What becomes of the rows"));
    m_there->addItems({Texts::tr("All rows are added"), Texts::tr("Rows that are there already are changed"),
                       Texts::tr("Rows that are there already are left")});
    m_key = new QComboBox;
    m_key->setObjectName(QStringLiteral("importKey"));
    m_key->setAccessibleName(Texts::tr("Known by"));
    row->addWidget(m_there);
    m_knownBy = new QLabel(Texts::tr("known by"));
    row->addWidget(m_knownBy);
    row->addWidget(m_key);
    row->addStretch();
    column->addLayout(row);
    m_verdict = new QLabel;
    m_verdict->setObjectName(QStringLiteral("importVerdict"));
    m_verdict->setWordWrap(true);
    column->addWidget(m_verdict);
    m_refused = new QTreeWidget;
    m_refused->setObjectName(QStringLiteral("importRefused"));
    m_refused->setAccessibleName(Texts::tr("Rows that would not go in"));
    m_refused->setRootIsDecorated(false);
    m_refused->setHeaderLabels({Texts::tr("Row"), Texts::tr("Why it would not go in")});
    column->addWidget(m_refused, 2);
    auto *buttons = new QDialogButtonBox;
    m_take = buttons->addButton(Texts::tr("Put them in"), QDialogButtonBox::AcceptRole);
    m_take->setObjectName(QStringLiteral("putIn"));
    m_take->setDefault(true);
    buttons->addButton(Texts::tr("Put in none"), QDialogButtonBox::RejectRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    connect(m_there, &QComboBox::activated, this, &ImportSheet::tryThem);
    connect(m_key, &QComboBox::activated, this, &ImportSheet::tryThem);
    tryThem();
}

void ImportSheet::makeColumns()
{
    const Form &form = m_session.form();
    const QStringList heads = m_cells.first();
    const QList<ControlId> found = boxesByHeads(form, heads);
    const QList<ControlId> all = cellBoxes(form);
    m_columns->setColumnCount(3);
    m_columns->setRowCount(static_cast<int>(heads.size()));
    m_columns->setHorizontalHeaderLabels({Texts::tr("In the file"), Texts::tr("For example"), Texts::tr("Goes into")});
    m_columns->verticalHeader()->hide();
    m_columns->verticalHeader()->setDefaultSectionSize(LineHeight);
    m_columns->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_columns->setSelectionMode(QAbstractItemView::NoSelection);
    for (int i = 0; i < heads.size(); ++i) {
        QString example;
        for (qsizetype line = 1; line < m_cells.size() && example.isEmpty(); ++line) {
            example = m_cells.at(line).value(i).simplified();
        }
        m_columns->setItem(i, 0, new QTableWidgetItem(heads.at(i)));
        m_columns->setItem(i, 1, new QTableWidgetItem(example));
        auto *box = new QComboBox;
        box->setAccessibleName(Texts::tr("Box for “%1”").arg(heads.at(i)));
        box->addItem(Texts::tr("no box"), 0);
        for (const ControlId id : all) {
            box->addItem(calledFor(form, *form.controls.find(id)), id);
            if (found.at(i) == id) {
                box->setCurrentIndex(box->count() - 1);
            }
        }
        connect(box, &QComboBox::activated, this, &ImportSheet::tryThem);
        m_columns->setCellWidget(i, 2, box);
    }
    m_columns->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_columns->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    const int lines = std::min<int>(MostColumns, static_cast<int>(heads.size()));
    m_columns->setMaximumHeight((lines + 1) * LineHeight + 8);
    m_columns->setMinimumHeight(std::min(lines, 4) * LineHeight + LineHeight + 8);
}

QList<ControlId> ImportSheet::boxes() const
{
    QList<ControlId> chosen;
    for (int i = 0; i < m_columns->rowCount(); ++i) {
        const auto *box = qobject_cast<QComboBox *>(m_columns->cellWidget(i, 2));
        const ControlId id = box->currentData().toInt();
        chosen.append(chosen.contains(id) ? 0 : id); // the first of two counts
    }
    return chosen;
}

void ImportSheet::tryThem()
{
    const QList<ControlId> chosen = boxes();
    // What rows may be known by: what goes somewhere.
    const ControlId keyBefore = m_key->currentData().toInt();
    const QSignalBlocker blocker(m_key);
    m_key->clear();
    for (const ControlId id : chosen) {
        if (id != 0) {
            m_key->addItem(calledFor(m_session.form(), *m_session.form().controls.find(id)), id);
        }
    }
    m_key->setCurrentIndex(std::max(0, m_key->findData(keyBefore)));
    m_key->setVisible(m_there->currentIndex() > 0);
    m_knownBy->setVisible(m_there->currentIndex() > 0);
    const ControlId key = m_there->currentIndex() > 0 ? m_key->currentData().toInt() : 0;
    QProgressDialog progress(Texts::tr("Trying the rows…"), Texts::tr("Give up"), 0, static_cast<int>(m_cells.size()),
                             this);
    progress.setWindowModality(Qt::WindowModal);
    m_rows = rowsFromCells(
        m_session, m_cells, chosen, key, m_there->currentIndex() == 2 ? RowsThere::Leave : RowsThere::Change,
        [&](qsizetype line) {
            if (line % ToldEvery == 0) {
                progress.setValue(static_cast<int>(line));
            }
            return !progress.wasCanceled();
        },
        m_locale);
    const bool isGivenUp = progress.wasCanceled();
    progress.reset();
    m_refused->clear();
    m_take->setEnabled(false);
    if (isGivenUp) {
        m_verdict->setText(Texts::tr("Given up; nothing is known of what would go in."));
        return;
    }
    if (const Outcome tried = tryPasted(m_session, m_rows); !tried) {
        m_verdict->setText(tried.error().sentence);
        return;
    }
    const qsizetype good = m_rows.good();
    const qsizetype bad = m_rows.rows.size() - good;
    qsizetype changed = 0;
    for (const PastedRow &one : std::as_const(m_rows.rows)) {
        changed += one.mistake.isEmpty() && one.before ? 1 : 0;
        if (!one.mistake.isEmpty() && m_refused->topLevelItemCount() < MostRefused) {
            auto *item = new QTreeWidgetItem(m_refused, {QString::number(one.line), one.mistake});
            item->setSizeHint(0, QSize(0, LineHeight));
        }
    }
    m_refused->setColumnWidth(0, NumberWidth);
    m_refused->setVisible(bad > 0);
    QStringList parts;
    parts.append(counted(good - changed, Texts::tr("1 row would be added"), Texts::tr("%1 rows would be added")));
    if (changed > 0) {
        parts.append(counted(changed, Texts::tr("1 changed"), Texts::tr("%1 changed")));
    }
    if (m_rows.left > 0) {
        parts.append(counted(m_rows.left, Texts::tr("1 left as it is"), Texts::tr("%1 left as they are")));
    }
    if (bad > 0) {
        parts.append(counted(bad, Texts::tr("1 would not go in"), Texts::tr("%1 would not go in")));
    }
    m_verdict->setText(parts.join(QStringLiteral(", ")) + u'.');
    m_take->setEnabled(good > 0);
    m_take->setText(bad == 0 || good == 0
                        ? Texts::tr("Put them in")
                        : counted(good, Texts::tr("Put in the one that goes in"), Texts::tr("Put in the %1")));
}

} // namespace

void importFile(EntrySession &session, const QString &path, QWidget *parent)
{
    if (!session.moves().leave()) {
        return;
    }
    const Result<QByteArray> bytes = readWholeFile(path);
    const QString suffix = QFileInfo(path).suffix();
    const Result<Cells> cells = bytes ? cellsFromFile(*bytes, suffix) : Result<Cells>(bytes.error());
    if (!cells) {
        Q_EMIT session.said(cells.error().sentence);
        return;
    }
    ImportSheet sheet(session, QFileInfo(path).fileName(), *cells,
                      isWrittenForPeople(*bytes, suffix) ? session.state().locale : QLocale::c(), parent);
    if (sheet.exec() != QDialog::Accepted) {
        return;
    }
    if (const Outcome done = putIn(session, sheet.rows()); !done) {
        Q_EMIT session.said(done.error().sentence);
    }
}

void askAndImport(EntrySession &session, QWidget *parent)
{
    if (!session.state().canAdd() && !session.state().form.permissions.change) {
        Q_EMIT session.said(Texts::tr("These records can only be looked at."));
        return;
    }
    const QString path = QFileDialog::getOpenFileName(parent, Texts::tr("Rows from a file"), {},
                                                      Texts::tr("Files of rows (*.csv *.tsv *.tab *.txt *.jsonl)"));
    if (!path.isEmpty()) {
        importFile(session, path, parent);
    }
}

} // namespace nabblet

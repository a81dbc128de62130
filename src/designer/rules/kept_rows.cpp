#include "designer/rules/kept_rows.h"

#include "core/arrange/rows.h"
#include "core/kinds/control_names.h"

#include <QAbstractTableModel>
#include <QDialogButtonBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableView>
#include <QVBoxLayout>

namespace nabblet {

namespace {

class RowsModel : public QAbstractTableModel
{
public:
    RowsModel(const RuleContext &context, const RecordSource &source, const QList<Row> &rows, QObject *parent)
        : QAbstractTableModel(parent)
    {
        const Form &form = context.form;
        QStringList columns;
        const QList<ControlId> sequence = tabSequence(form);
        for (const ControlId id : sequence) {
            columns.append(form.controls.find(id)->column);
        }
        columns += source.columns;
        columns.removeDuplicates();
        for (const QString &column : std::as_const(columns)) {
            if (source.columns.contains(column) && m_places.size() < KeptRows::MostColumns) {
                m_places.append(source.columns.indexOf(column));
                m_heads.append(calledForColumn(form, column));
                m_columns.append(column);
            }
        }
        for (const Row &row : rows) {
            QStringList words;
            for (qsizetype i = 0; i < m_places.size(); ++i) {
                words.append(wordsFor(context, m_columns.at(i), row.values.value(m_places.at(i))));
            }
            m_rows.append(words);
        }
    }

    int rowCount(const QModelIndex &parent = {}) const override
    {
        return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
    }
    int columnCount(const QModelIndex &parent = {}) const override
    {
        return parent.isValid() ? 0 : static_cast<int>(m_places.size());
    }
    QVariant data(const QModelIndex &index, int role) const override
    {
        if (role != Qt::DisplayRole) {
            return {};
        }
        return m_rows.at(index.row()).value(index.column());
    }
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override
    {
        return orientation == Qt::Horizontal && role == Qt::DisplayRole
                   ? QVariant(m_heads.value(section))
                   : QAbstractTableModel::headerData(section, orientation, role);
    }

private:
    QList<QStringList> m_rows;
    QList<qsizetype> m_places;
    QStringList m_columns;
    QStringList m_heads;
};

} // namespace

KeptRows::KeptRows(const QString &title, const RuleContext &context, const RecordSource &source, const QList<Row> &rows,
                   QWidget *parent)
    : QDialog(parent)
{
    setWindowTitle(tr("Stored rows"));
    resize(760, 420);
    auto *column = new QVBoxLayout(this);
    auto *words =
        new QLabel(rows.size() < RowsCounted::MostKept ? title : tr("%1 · the first %2").arg(title).arg(rows.size()));
    words->setTextFormat(Qt::PlainText);
    words->setWordWrap(true);
    column->addWidget(words);
    auto *table = new QTableView;
    table->setObjectName(QStringLiteral("keptRows"));
    table->setAccessibleName(tr("Stored rows"));
    table->setModel(new RowsModel(context, source, rows, this));
    table->setSelectionBehavior(QAbstractItemView::SelectRows);
    table->setSelectionMode(QAbstractItemView::SingleSelection);
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->verticalHeader()->hide();
    table->horizontalHeader()->setStretchLastSection(true);
    table->resizeColumnsToContents();
    table->selectRow(0);
    column->addWidget(table, 1);
    auto *buttons = new QDialogButtonBox;
    auto *go = buttons->addButton(tr("Show this record"), QDialogButtonBox::AcceptRole);
    buttons->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    column->addWidget(buttons);
    const auto take = [this, table, rows] {
        const int row = table->currentIndex().row();
        if (row >= 0) {
            m_chosen = rows.at(row).key;
        }
        accept();
    };
    connect(go, &QPushButton::clicked, this, take);
    connect(table, &QTableView::doubleClicked, this, take);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
}

} // namespace nabblet

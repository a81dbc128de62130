#include "designer/panels/rows_table.h"
#include "designer/panels/looking_line.h"

#include <QHeaderView>
#include <QLineEdit>
#include <QLocale>
#include <QTableWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

RowsTable::RowsTable(const DatabaseAddress &address, const Table &table, const QString &select, QWidget *parent)
    : Panel(tr("Stored rows"), parent), m_address(address), m_source(recordSourceOf(table)), m_keys(table.primaryKey),
      m_words(new QLineEdit), m_table(new QTableWidget)
{
    setWhatsThis(tr("The rows that are stored, as they are in the table. Nothing can be changed here."));
    m_source.select = select;
    m_words->setObjectName(QStringLiteral("rowWords"));
    m_words->setPlaceholderText(tr("Show only rows that hold…"));
    clearOnceTyped(m_words);
    m_words->setAccessibleName(tr("Words that the rows hold"));
    m_table->setObjectName(QStringLiteral("storedRows"));
    m_table->setAccessibleName(tr("Stored rows"));
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(22);
    m_table->horizontalHeader()->setSortIndicatorShown(true);
    m_table->horizontalHeader()->setSectionsClickable(true);
    m_table->horizontalHeader()->setSortIndicator(-1, Qt::AscendingOrder);
    contents()->setContentsMargins(8, 6, 8, 8);
    contents()->setSpacing(6);
    contents()->addWidget(m_words);
    contents()->addWidget(m_table, 1);
    connect(m_words, &QLineEdit::textChanged, this, &RowsTable::read);
    connect(m_table->horizontalHeader(), &QHeaderView::sortIndicatorChanged, this,
            [this](int column, Qt::SortOrder direction) {
                if (column >= 0 && column < m_source.columns.size()) {
                    m_order = {m_source.columns.at(column), direction};
                    read();
                }
            });
    connect(m_table, &QTableWidget::currentCellChanged, this, [this](int row) {
        if (row < 0 || row >= m_sample.rows.size()) {
            return;
        }
        QVariantList values;
        for (const QString &key : std::as_const(m_keys)) {
            values.append(m_sample.rows.at(row).value(m_sample.columns.indexOf(key)));
        }
        Q_EMIT rowChosen(values);
    });
    read();
}

void RowsTable::read()
{
    m_work.giveUp();
    setNote(tr("reading…"));
    m_work.start(m_address, [this, source = m_source, order = m_order, words = m_words->text()](
                                const Connection &connection, const std::atomic<bool> &isCancelled,
                                const BackgroundWork::Report &report) {
        const Result<RowSample> sample = sampleRows(connection, source, order, words, MostRows);
        if (!isCancelled) {
            report([this, sample] {
                if (sample) {
                    show(*sample);
                } else {
                    setNote(sample.error().sentence);
                }
            });
        }
    });
}

void RowsTable::show(const RowSample &sample)
{
    m_sample = sample;
    const QLocale locale;
    const QSignalBlocker blocker(m_table);
    m_table->clearContents();
    m_table->setColumnCount(static_cast<int>(sample.columns.size()));
    m_table->setHorizontalHeaderLabels(sample.columns);
    m_table->setRowCount(static_cast<int>(sample.rows.size()));
    for (int row = 0; row < sample.rows.size(); ++row) {
        for (int column = 0; column < sample.columns.size(); ++column) {
            const QVariant &value = sample.rows.at(row).at(column);
            const bool isBytes = value.typeId() == QMetaType::QByteArray;
            QString words = !value.isValid() ? QStringLiteral("–")
                            : isBytes        ? tr("%1 bytes").arg(locale.toString(value.toByteArray().size()))
                                             : value.toString().simplified();
            auto *item = new QTableWidgetItem(words);
            const bool isNumber = value.typeId() == QMetaType::LongLong || value.typeId() == QMetaType::Double ||
                                  value.typeId() == QMetaType::Int;
            item->setTextAlignment((isNumber ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
            item->setToolTip(words);
            m_table->setItem(row, column, item);
        }
    }
    m_table->resizeColumnsToContents();
    for (int column = 0; column < m_table->columnCount(); ++column) {
        m_table->setColumnWidth(column, std::clamp(m_table->columnWidth(column), 48, 260));
    }
    setNote(sample.isWhole ? tr("%L1 rows").arg(sample.rows.size()) : tr("the first %L1 rows").arg(sample.rows.size()));
}

} // namespace nabblet

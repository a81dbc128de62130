// Stored rows for which a rule is true, or a check does not hold, as a table.
#pragma once

#include "data/records/record_source.h"
#include "data/records/records.h"
#include "data/records/rule_counts.h"
#include "designer/rules/rule_context.h"

#include <QDialog>

namespace nabblet {

class KeptRows : public QDialog
{
    Q_OBJECT

public:
    // The columns that the form shows come first; at most MostColumns of them.
    KeptRows(const QString &title, const RuleContext &context, const RecordSource &source, const QList<Row> &rows,
             QWidget *parent = nullptr);

    static constexpr int MostColumns = 8;
    // The record that was chosen.
    std::optional<RowKey> chosen() const { return m_chosen; }

private:
    std::optional<RowKey> m_chosen;
};

} // namespace nabblet

// The totals of a form's rows: worked out at once where all rows are at hand, else beside the interface.
#pragma once

#include "core/model/form.h"
#include "data/background/background_work.h"
#include "data/records/record_source.h"

#include <QHash>
#include <QVariant>

#include <functional>

namespace nabblet {

class Totals
{
public:
    // changed: when one is there that was worked out beside the interface.
    explicit Totals(std::function<void()> changed) : m_changed(std::move(changed)) {}

    // NULL as long as it is not worked out.
    QVariant value(ControlId total) const { return m_values.value(total); }
    // Works out those of a form anew; isSmall: all of the rows are at hand, or few are wanted.
    void refresh(const Connection &connection, const Form &form, const RecordSource &source, bool isSmall);
    void clear();

private:
    std::function<void()> m_changed;
    QHash<ControlId, QVariant> m_values;
    BackgroundWork m_work; // last, so that it ends before what it reports to
};

} // namespace nabblet

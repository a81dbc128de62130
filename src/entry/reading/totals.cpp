#include "entry/reading/totals.h"

#include "core/kinds/settings/total.h"
#include "data/records/copied_rows.h"
#include "data/records/records.h"

namespace nabblet {

void Totals::refresh(const Connection &connection, const Form &form, const RecordSource &source, bool isSmall)
{
    m_work.giveUp();
    QList<QPair<ControlId, Total>> wanted;
    for (const Control &control : form.controls) {
        if (const std::optional<Total> total = totalOf(control)) {
            wanted.append({control.id, *total});
        }
    }
    if (wanted.isEmpty()) {
        return;
    }
    if (isSmall) {
        for (const auto &[id, total] : std::as_const(wanted)) {
            const Result<QVariant> value = totalOfRows(connection, source, total);
            m_values.insert(id, value ? *value : QVariant());
        }
        return;
    }
    m_work.start(connection.address(),
                 [this, source, wanted](const Connection &own, const std::atomic<bool> &isCancelled,
                                        const BackgroundWork::Report &report) {
                     const Result<RecordSource> ready = readable(own, source);
                     for (const auto &[id, total] : wanted) {
                         if (!ready || isCancelled) {
                             return;
                         }
                         const Result<QVariant> value = totalOfRows(own, *ready, total);
                         report([this, control = id, worked = value ? *value : QVariant()] {
                             m_values.insert(control, worked);
                             m_changed();
                         });
                     }
                 });
}

void Totals::clear()
{
    m_work.giveUp();
    m_values.clear();
}

} // namespace nabblet

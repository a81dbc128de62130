#include "entry/session/opened_form.h"

#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

Result<std::unique_ptr<EntrySession>> formOpenedBy(const Control &button, const EntrySession &session)
{
    const QString name = projectFormOf(button);
    const FormReader &formReader = session.formReader();
    if (name.isEmpty() || !formReader) {
        return Error{Texts::tr("This button has no form to open yet. Choose one among its settings."), {}};
    }
    const Result<Form> form = formReader(name);
    if (!form) {
        return form.error();
    }
    std::unique_ptr<EntrySession> opened = session.another(*form);
    const Outcome started = opened->start(session.counting());
    if (!started) {
        return started.error();
    }
    const EntryState &state = session.state();
    const ChildLink link = childLinkOf(button);
    QVariantList values;
    for (const QString &column : link.parentColumns) {
        values.append(state.key() ? valueOf(state.source, *state.record.row, column) : QVariant());
    }
    const bool pointsSomewhere =
        !values.isEmpty() &&
        std::none_of(values.begin(), values.end(), [](const QVariant &value) { return value.isNull(); });
    if (pointsSomewhere && link.childColumns == opened->state().source.keyColumns) {
        opened->moves().goToKey(values); // not there: it says so and stays at the first
    } else if (pointsSomewhere) {
        opened->holdTo({link.childColumns, values, true});
    } else {
        opened->moves().goWhereItOpens();
    }
    return opened;
}

} // namespace nabblet

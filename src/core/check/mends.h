// Mends that several checks offer.
#pragma once

#include "core/check/checks.h"

#include <QPoint>
#include <QRect>
#include <QSize>

namespace nabblet {

// What is stored in the table of the form's rows, or nullptr where it is not known.
const Profile *profileOfRows(const CheckContext &context);

Mend deletes(const QString &words, const QList<ControlId> &controls);
Mend sets(const QString &words, const QList<ControlId> &controls,
          const std::function<void(ControlSettings &settings)> &change);
// An arrange operation, by its id.
Mend operates(const QString &words, const QString &operation, const QList<ControlId> &controls);
Mend tidies(const QString &words, const QList<ControlId> &controls);
Mend moves(const QString &words, ControlId control, QPoint by);
// Wider by so many px, and larger: what stands in the way behind it in its row, and below it, makes way.
Mend widens(const QString &words, ControlId control, int by);
Mend grows(const QString &words, ControlId control, QSize by);
// Made anew as a draft would make it for its column, as a control of a kind, or with none of the one that suits it.
Mend redrafts(const QString &words, ControlId control, const QString &kind = {});
// Into a room, px relative to its band; made smaller where it does not fit there.
Mend brings(const QString &words, ControlId control, const QRect &room);

} // namespace nabblet

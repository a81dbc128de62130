#include "designer/board/editing/button_row_asking.h"

#include "core/arrange/edges.h"
#include "core/edit/placing.h"
#include "core/text/tr.h"
#include "designer/board/editing/button_row_choice.h"
#include "designer/board/scene/board_host.h"

#include <algorithm>

namespace nabblet {

const BoardScene &ButtonRowAsking::scene() const
{
    return m_board.scene();
}

// Asks which buttons a row that was just placed is to have, until something else is done.
void ButtonRowAsking::ask(const QList<ControlId> &row, const QStringList &actions)
{
    end();
    m_row = row;
    m_choice = new ButtonRowChoice(
        actions,
        [this](const QStringList &chosen) {
            const PlacedControl placed = withActionsOfRow(scene().form(), m_row, chosen, scene().appearance);
            m_row = QList<ControlId>{placed.control} + placed.others;
            m_board.document()->apply(Texts::tr("Choose the buttons of a row"), placed.form);
            m_board.select(m_row);
            put();
        },
        m_board.surface());
    put();
    m_choice->show();
}

// Below the row, or above it where there is no room.
void ButtonRowAsking::put()
{
    if (!m_choice) {
        return;
    }
    constexpr int Away = 12; // px
    QRect row;
    for (const ControlId id : std::as_const(m_row)) {
        row = row.united(scene().viewportRectOf(id));
    }
    m_choice->adjustSize();
    QRect place(QPoint(row.x(), bottomOf(row) + Away), m_choice->size());
    if (bottomOf(place) > scene().size.height()) {
        place.moveBottom(row.y() - Away);
    }
    place.moveLeft(std::max(0, std::min(place.x(), scene().size.width() - place.width())));
    m_choice->setGeometry(place);
}

// Something else is done.
void ButtonRowAsking::end()
{
    if (m_choice) {
        m_choice->hide();
        m_choice->deleteLater(); // it may be it that is asking
        m_choice.clear();
    }
}

void ButtonRowAsking::follow(const Form &form)
{
    const bool isRowThere =
        std::all_of(m_row.begin(), m_row.end(), [&](ControlId id) { return form.controls.find(id) != nullptr; });
    if (!isRowThere) { // taken back
        end();
    }
}

} // namespace nabblet

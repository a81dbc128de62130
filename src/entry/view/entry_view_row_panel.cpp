// One row of a tabular form in full: below the rows, in their place, or in a window of its own.
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"

#include <QHBoxLayout>
#include <QPushButton>

namespace nabblet {

// Makes the panel that the form asks for, or takes it away.
void EntryView::showRowPanel()
{
    EntrySession *row = m_rows ? m_session->row() : nullptr;
    const bool isSame = m_rowView && row == m_rowView->session() && m_rowView->m_built == row->form();
    if (!row || !isSame) {
        delete m_rowView;
        m_rowView = nullptr;
    }
    m_rowSide->setVisible(row != nullptr);
    if (!row) {
        m_isRowOpen = false;
        m_rowsSide->show();
        return;
    }
    const RowPanel place = m_form.rowPanel;
    if (!m_openRow) {
        m_openRow = new QPushButton(m_rowSide);
        m_openRow->setObjectName(QStringLiteral("openRow"));
        connect(m_openRow, &QPushButton::clicked, this, [this] { setRowPanelOpen(!m_isRowOpen); });
        auto *line = new QHBoxLayout;
        line->setContentsMargins(8, 4, 8, 4);
        line->addWidget(m_openRow);
        line->addStretch();
        static_cast<QVBoxLayout *>(m_rowSide->layout())->insertLayout(0, line);
    }
    if (!m_rowView && place != RowPanel::OwnWindow) {
        m_rowView = new EntryView(row, m_appearance, m_rowSide, Furniture::None);
        m_rowView->setObjectName(QStringLiteral("rowForm"));
        m_rowSide->layout()->addWidget(m_rowView);
        m_rowView->m_isOfOneRow = true;
        connect(m_rowView, &EntryView::backToRowsRequested, this, [this] { setRowPanelOpen(false); });
        connect(m_rowView, &EntryView::parentRefused, this, &EntryView::parentRefused);
    }
    m_openRow->setVisible(place != RowPanel::Below);
    if (place == RowPanel::Below) {
        m_rowView->setFixedHeight(shownHeight(row->form()));
        m_rowView->show();
        m_rowsSide->show();
    } else if (m_rowView) {
        m_rowView->setMinimumHeight(std::min(shownHeight(row->form()), 200));
        setRowPanelOpen(m_isRowOpen);
    }
    m_openRow->setText(m_isRowOpen && place == RowPanel::InPlace ? tr("Back to the rows (Ctrl+E)")
                                                                 : tr("The whole row (Ctrl+E)"));
}

// Shows the row in full or goes back to the rows, saving first what was typed where one was.
void EntryView::setRowPanelOpen(bool isOpen)
{
    EntrySession *row = m_rows ? m_session->row() : nullptr;
    if (!row) {
        return;
    }
    const bool isOther = isOpen != m_isRowOpen;
    if (isOther && !(isOpen ? m_session->saving().saveOwn() : row->moves().leave())) {
        return;
    }
    switch (m_form.rowPanel) {
    case RowPanel::None:
        break;
    case RowPanel::Below: // always there; only the keyboard goes to and fro
        isOpen ? m_rowView->focusFirst() : focusFirst();
        break;
    case RowPanel::InPlace:
        m_isRowOpen = isOpen;
        m_rowsSide->setVisible(!isOpen);
        m_rowView->setVisible(isOpen);
        m_openRow->setText(isOpen ? tr("Back to the rows (Ctrl+E)") : tr("The whole row (Ctrl+E)"));
        if (isOther) {
            layOut();
            isOpen ? m_rowView->focusFirst() : focusFirst();
        }
        break;
    case RowPanel::OwnWindow:
        if (isOpen) {
            auto *window = new FormWindow(row, m_appearance, this->window());
            window->begin();
        }
        break;
    }
}

} // namespace nabblet

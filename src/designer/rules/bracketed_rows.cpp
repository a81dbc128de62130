#include "designer/rules/bracketed_rows.h"

#include <QPainter>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int Width = 12; // of the room for brackets, left of the rows
constexpr int Arm = 7;    // their length towards the rows
constexpr int Thick = 2;

} // namespace

BracketedRows::BracketedRows(QWidget *parent) : QWidget(parent), m_column(new QVBoxLayout(this))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(6);
}

void BracketedRows::setBrackets(const QList<QPair<int, int>> &brackets)
{
    m_brackets = brackets;
    m_column->setContentsMargins(brackets.isEmpty() ? 0 : Width, 0, 0, 0);
    update();
}

void BracketedRows::paintEvent(QPaintEvent *)
{
    QPainter painter(this);
    for (const auto &[first, last] : std::as_const(m_brackets)) {
        if (last >= m_column->count()) {
            continue;
        }
        const int top = m_column->itemAt(first)->geometry().center().y() - Thick;
        const int bottom = m_column->itemAt(last)->geometry().center().y() + Thick;
        const QColor ink = palette().color(QPalette::PlaceholderText);
        painter.fillRect(QRect(1, top, Thick, bottom - top), ink);
        painter.fillRect(QRect(1, top, Arm, Thick), ink);
        painter.fillRect(QRect(1, bottom - Thick, Arm, Thick), ink);
    }
}

} // namespace nabblet

#include "app/parts/status_line.h"

#include "core/arrange/windows/window_size.h"
#include "designer/board/scene/board_scene.h"

#include <QLabel>
#include <QPushButton>
#include <QStatusBar>

namespace nabblet {

StatusLine::StatusLine(QStatusBar *bar)
    : QObject(bar), m_selection(new QLabel), m_grid(new QLabel), m_order(new QLabel), m_database(new QLabel),
      m_size(new QPushButton), m_zoom(new QPushButton)
{
    for (QPushButton *button : {m_zoom, m_size}) {
        button->setObjectName(QStringLiteral("statusButton"));
        button->setFocusPolicy(Qt::TabFocus);
    }
    m_size->setCheckable(true);
    m_size->setToolTip(tr("Try the form in windows of other sizes"));
    for (QWidget *part : std::initializer_list<QWidget *>{m_selection, m_grid, m_order, m_database, m_size, m_zoom}) {
        bar->addPermanentWidget(part);
    }
    bar->setSizeGripEnabled(false);
}

void StatusLine::showDatabase(const QString &title, bool isReadOnly)
{
    m_database->setText(isReadOnly ? tr("%1 · can only be read").arg(title) : title);
}

void StatusLine::showBoard(const BoardScene &scene, Unit unit)
{
    setBoardVisible(true);
    const Form &form = scene.form();
    const Selection &selection = scene.selection;
    const Control *lead = form.controls.find(selection.lead());
    const auto number = [&](int size) { return sizeNumber(size, unit, form.grid.pitch); };
    const QString place = lead ? tr("x %1 · y %2 · %3 × %4 %5")
                                     .arg(number(lead->place.x()), number(lead->place.y()), number(lead->place.width()),
                                          number(lead->place.height()), unitSign(unit))
                               : QString();
    const auto count = static_cast<int>(selection.controls().size());
    m_selection->setText(count > 1 ? tr("%1 selected").arg(count) + QStringLiteral("   ") + place : place);
    const QString marks = form.grid.marks == GridMarks::Dots    ? tr("dots")
                          : form.grid.marks == GridMarks::Lines ? tr("lines")
                                                                : tr("not drawn");
    m_grid->setText(
        tr("Grid %1, %2")
            .arg(sizeInWords(form.grid.pitch, unit == Unit::GridSteps ? Unit::Pixels : unit, form.grid.pitch), marks));
    m_order->setText(form.tabOrder == TabOrder::ByHand    ? tr("Tab order by hand")
                     : form.tabOrder == TabOrder::Columns ? tr("Tab goes by columns")
                     : form.tabOrder == TabOrder::Rows    ? tr("Tab goes by rows")
                                                          : tr("Tab goes as it reads"));
    m_zoom->setText(tr("%1 %").arg(scene.zoom));
    const QSize designed = designedSize(form);
    m_size->setText(tr("Window %1 × %2").arg(number(designed.width()), number(designed.height())));
}

void StatusLine::hideBoard()
{
    setBoardVisible(false);
}

void StatusLine::setBoardVisible(bool isVisible)
{
    for (QWidget *part : std::initializer_list<QWidget *>{m_selection, m_grid, m_order, m_zoom, m_size}) {
        part->setVisible(isVisible);
    }
}

} // namespace nabblet

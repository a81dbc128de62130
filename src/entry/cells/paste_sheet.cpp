#include "entry/cells/paste_sheet.h"

#include "core/kinds/control_names.h"
#include "core/text/tr.h"
#include "entry/cells/pasted_rows.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostShown = 500; // rows; those that would not go in are among them

// Columns of cells that go into no box, by their heads or numbers; those that are blank all the way do not matter.
QString leftOut(const PastedRows &rows, const Cells &cells)
{
    QStringList names;
    for (qsizetype c = 0; c < rows.boxes.size(); ++c) {
        const bool isBlank = std::all_of(cells.begin() + (rows.hasHeads ? 1 : 0), cells.end(),
                                         [&](const QStringList &row) { return row.value(c).trimmed().isEmpty(); });
        if (rows.boxes.at(c) == 0 && !isBlank) {
            names.append(rows.hasHeads ? cells.first().value(c).simplified() : Texts::tr("column %1").arg(c + 1));
        }
    }
    return names.isEmpty()
               ? QString()
               : u' ' + counted(names.size(),
                                Texts::tr("“%1” goes nowhere, as no box here is called so.").arg(names.first()),
                                Texts::tr("%1 columns go nowhere, as no boxes here are called so: ") +
                                    names.join(QLatin1String(", ")) + u'.');
}

QString verdict(const PastedRows &rows)
{
    const qsizetype good = rows.good();
    const qsizetype bad = rows.rows.size() - good;
    if (bad == 0) {
        return counted(good, Texts::tr("The row would go in."), Texts::tr("All %1 rows would go in."));
    }
    return Texts::tr("%1 of %2 rows would go in; %3.")
        .arg(good)
        .arg(rows.rows.size())
        .arg(counted(bad, Texts::tr("1 would not"), Texts::tr("%1 would not")));
}

} // namespace

bool askAndPaste(EntrySession &session, const Cells &cells, ControlId from, int row, QWidget *parent)
{
    PastedRows rows = pastedRows(session, cells, from, row);
    if (rows.rows.isEmpty()) {
        Q_EMIT session.said(Texts::tr("The clipboard holds no rows."));
        return false;
    }
    if (const Outcome tried = tryPasted(session, rows); !tried) {
        Q_EMIT session.said(tried.error().sentence);
        return false;
    }
    QDialog sheet(parent);
    QVBoxLayout *column =
        begunSheet(sheet, QStringLiteral("pasteSheet"), Texts::tr("Rows from the clipboard"), {860, 480});
    auto *says = new QLabel(verdict(rows) + leftOut(rows, cells));
    says->setObjectName(QStringLiteral("pasteVerdict"));
    says->setWordWrap(true);
    column->addWidget(says);
    // Those that would not go in come first, as they are what there is to decide.
    QList<int> order;
    for (int i = 0; i < rows.rows.size(); ++i) {
        order.append(i);
    }
    std::stable_sort(order.begin(), order.end(), [&](int a, int b) {
        return !rows.rows.at(a).mistake.isEmpty() && rows.rows.at(b).mistake.isEmpty();
    });
    order = order.mid(0, MostShown);
    auto *table = new QTableWidget(static_cast<int>(order.size()), static_cast<int>(rows.boxes.size()) + 1);
    table->setObjectName(QStringLiteral("pasteRows"));
    table->setAccessibleName(sheet.windowTitle());
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setSelectionBehavior(QAbstractItemView::SelectRows);
    QStringList heads{Texts::tr("What would become of it")};
    for (const ControlId id : rows.boxes) {
        const Control *control = session.form().controls.find(id);
        heads.append(control ? calledFor(session.form(), *control) : Texts::tr("(no box)"));
    }
    table->setHorizontalHeaderLabels(heads);
    QStringList lines;
    const int first = rows.hasHeads ? 1 : 0;
    for (int i = 0; i < order.size(); ++i) {
        const int line = order.at(i);
        const PastedRow &one = rows.rows.at(line);
        lines.append(QString::number(line + first + 1));
        auto *fate = new QTableWidgetItem(!one.mistake.isEmpty() ? one.mistake
                                          : one.before           ? Texts::tr("changes a row")
                                                                 : Texts::tr("is added"));
        if (!one.mistake.isEmpty()) {
            QFont bold = table->font();
            bold.setBold(true);
            fate->setFont(bold);
        }
        table->setItem(i, 0, fate);
        const QStringList &shown = cells.at(line + first);
        for (int c = 0; c < rows.boxes.size(); ++c) {
            table->setItem(i, c + 1, new QTableWidgetItem(shown.value(c).simplified()));
        }
    }
    table->setVerticalHeaderLabels(lines);
    table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Interactive);
    table->horizontalHeader()->setMinimumSectionSize(72);
    table->resizeColumnsToContents();
    table->setColumnWidth(0, std::min(320, std::max(160, table->columnWidth(0))));
    column->addWidget(table, 1);
    auto *buttons = new QDialogButtonBox;
    const qsizetype good = rows.good();
    QPushButton *take = buttons->addButton(
        good == rows.rows.size() ? Texts::tr("Put them in")
                                 : counted(good, Texts::tr("Put in the one that goes in"), Texts::tr("Put in the %1")),
        QDialogButtonBox::AcceptRole);
    take->setObjectName(QStringLiteral("putIn"));
    take->setEnabled(good > 0);
    take->setDefault(true);
    buttons->addButton(Texts::tr("Put in none"), QDialogButtonBox::RejectRole);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    column->addWidget(buttons);
    if (sheet.exec() != QDialog::Accepted) {
        return false;
    }
    if (const Outcome done = putIn(session, rows); !done) {
        Q_EMIT session.said(done.error().sentence);
        return false;
    }
    return true;
}

} // namespace nabblet

#include "core/text/cells.h"

#include <algorithm>

namespace nabblet {

Cells cellsFromText(const QString &text)
{
    Cells cells;
    QStringList row;
    QString cell;
    bool isQuoted = false;
    bool isFresh = true; // nothing of the cell was read yet
    const auto endCell = [&] {
        row.append(cell);
        cell.clear();
        isFresh = true;
    };
    const auto endRow = [&] {
        endCell();
        cells.append(row);
        row.clear();
    };
    for (qsizetype i = 0; i < text.size(); ++i) {
        const QChar each = text.at(i);
        if (isQuoted) {
            if (each == u'"' && i + 1 < text.size() && text.at(i + 1) == u'"') {
                cell += each;
                ++i;
            } else if (each == u'"') {
                isQuoted = false;
            } else {
                cell += each;
            }
        } else if (each == u'"' && isFresh) {
            isQuoted = true;
            isFresh = false;
        } else if (each == u'\t') {
            endCell();
        } else if (each == u'\n' || each == u'\r') {
            i += each == u'\r' && i + 1 < text.size() && text.at(i + 1) == u'\n' ? 1 : 0;
            endRow();
        } else {
            cell += each;
            isFresh = false;
        }
    }
    if (!cell.isEmpty() || !row.isEmpty() || !isFresh) {
        endRow();
    }
    return cells;
}

QString textFromCells(const Cells &cells)
{
    QStringList lines;
    for (const QStringList &row : cells) {
        QStringList written;
        for (QString cell : row) {
            const bool isPlain = std::none_of(cell.begin(), cell.end(), [](QChar each) {
                return each == u'\t' || each == u'\n' || each == u'\r' || each == u'"';
            });
            written.append(isPlain ? cell : u'"' + cell.replace(QLatin1String("\""), QLatin1String("\"\"")) + u'"');
        }
        lines.append(written.join(u'\t'));
    }
    return lines.join(u'\n') + (lines.isEmpty() ? QString() : QStringLiteral("\n"));
}

bool holdsCells(const QString &text)
{
    const Cells cells = cellsFromText(text);
    return cells.size() > 1 || (cells.size() == 1 && cells.first().size() > 1);
}

} // namespace nabblet

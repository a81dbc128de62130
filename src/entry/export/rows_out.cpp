#include "entry/export/rows_out.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "entry/session/entry_session.h"

#include <algorithm>
#include <cstdlib>

namespace nabblet {

namespace {

constexpr qint64 ToldEvery = 500; // rows

// What shows a value of the row, as it reads; pictures have no words.
QList<Control> boxesOf(const Form &form)
{
    QList<Control> boxes;
    for (const Control &control : form.controls) {
        const Editor editor = kindNamed(control.kind).editor;
        const bool isOfRow = control.band == BandRole::Body || !isTabular(form);
        if (isOfRow && showsValue(control) && !control.inner && editor != Editor::Image && editor != Editor::Rows) {
            boxes.append(control);
        }
    }
    const auto band = [](const Control &control) { return static_cast<int>(control.band); };
    std::stable_sort(boxes.begin(), boxes.end(), [&](const Control &a, const Control &b) {
        const bool isOneLine = std::abs(a.place.center().y() - b.place.center().y()) < a.place.height() / 2;
        return band(a) != band(b) ? band(a) < band(b)
               : isOneLine        ? a.place.x() < b.place.x()
                                  : a.place.y() < b.place.y();
    });
    return boxes;
}

ExportColumn columnOf(const EntryState &state, const Control &box)
{
    ExportColumn made{calledFor(state.form, box), box.column, ColumnType::Text, false};
    const Table *table = state.table();
    const Column *column = table ? findColumn(*table, box.column) : nullptr;
    if (column) {
        made.type = column->type;
    }
    return made;
}

} // namespace

Result<RowsOut> rowsOut(const EntryState &state)
{
    const Result<RecordSource> source = state.wantedSource();
    if (!source) {
        return source.error();
    }
    RowsOut rows{state.form.title, {}, boxesOf(state.form), *source, state.locale};
    if (rows.boxes.isEmpty()) {
        return Error{Texts::tr("This form has no boxes whose values could be written."), {}};
    }
    if (!state.form.permissions.see) {
        return Error{Texts::tr("On this form records are only added, not read."), {}};
    }
    if (state.source.keyColumns.isEmpty()) {
        rows.source = state.source; // rows of a copy, which only this connection has
        rows.needsSession = true;
    }
    for (const Control &box : std::as_const(rows.boxes)) {
        ExportColumn column = columnOf(state, box);
        const std::optional<Lookup> lookup = lookupOf(box);
        if (lookup && lookup->filterColumns.isEmpty() && !lookup->wordsColumns.isEmpty() &&
            lookup->columns.contains(box.column)) {
            // The database gives the words with the row.
            column.isWords = true;
            const QString name = wordedName(box.column);
            rows.source.worded.insert(name, *lookup);
            if (!rows.source.columns.contains(name)) {
                rows.source.columns.append(name);
            }
        } else if (lookup || kindNamed(box.kind).isWorkedOut || followedBy(box) || box.column.isEmpty()) {
            rows.needsSession = true;
            column.isWords = true;
        } else if (!fixedChoices(box).isEmpty()) {
            column.isWords = true;
        }
        rows.columns.append(column);
    }
    return rows;
}

namespace {

// What goes into the cells of a row; how each is found is found out once for all rows.
class Cells
{
public:
    Cells(const RowsOut &rows, const RowFile &file, const EntrySession *session)
        : m_rows(rows), m_session(session), m_cells(rows.boxes.size())
    {
        for (qsizetype i = 0; i < rows.boxes.size(); ++i) {
            const Control &box = rows.boxes.at(i);
            const ExportColumn &column = rows.columns.at(i);
            Way way{rows.source.columns.indexOf(box.column), rows.source.columns.indexOf(wordedName(box.column))};
            const bool hasChoices = !fixedChoices(box).isEmpty();
            way.words = way.wordsAt >= 0                           ? Words::Read
                        : column.isWords && !hasChoices && session ? Words::Asked
                        : column.isWords || file.isForReading      ? Words::OfValue
                                                                   : Words::None;
            way.isKept = hasChoices || column.type == ColumnType::YesNo;
            m_ways.append(way);
        }
    }

    const QList<ExportCell> &of(const Row &row)
    {
        for (qsizetype i = 0; i < m_ways.size(); ++i) {
            Way &way = m_ways[i];
            ExportCell &cell = m_cells[i];
            cell.value = way.valueAt < 0 ? QVariant() : row.values.at(way.valueAt);
            switch (way.words) {
            case Words::None:
                break;
            case Words::Read:
                cell.words = row.values.at(way.wordsAt).toString();
                if (cell.words.isEmpty()) { // it points to nothing
                    cell.words = plainText(cell.value, m_rows.columns.at(i).type);
                }
                break;
            case Words::Asked: {
                const Shown shown = m_session->values().shownIn(m_rows.boxes.at(i), row);
                cell.words = shown.words;
                if (cell.value.isNull() && !shown.isMissing) {
                    cell.value = shown.words;
                }
                break;
            }
            case Words::OfValue:
                cell.words = wordsOf(way, m_rows.boxes.at(i), cell.value);
                break;
            }
        }
        return m_cells;
    }

private:
    enum class Words { None, Read, Asked, OfValue };
    struct Way
    {
        qsizetype valueAt = -1; // in a row
        qsizetype wordsAt = -1;
        Words words = Words::None;
        bool isKept = false; // there are few values, and their words are kept
        QHash<QString, QString> kept = {};
    };

    QString wordsOf(Way &way, const Control &box, const QVariant &value) const
    {
        if (!way.isKept) {
            return shownFor(box, value, m_rows.locale).words;
        }
        const QString key = value.toString();
        const auto found = way.kept.constFind(key);
        return found != way.kept.constEnd() ? *found : *way.kept.insert(key, shownFor(box, value, m_rows.locale).words);
    }

    const RowsOut &m_rows;
    const EntrySession *m_session;
    QList<Way> m_ways;
    QList<ExportCell> m_cells;
};

} // namespace

Result<std::optional<qint64>> writeRows(const Connection &connection, const RowsOut &rows, RowFile &file,
                                        const EntrySession *session, const std::atomic<bool> &isCancelled,
                                        const RowsWritten &written)
{
    if (const Outcome begun = file.begin(rows.title, rows.columns); !begun) {
        return begun.error();
    }
    Cells cells(rows, file, session);
    qint64 count = 0;
    std::optional<Error> failure;
    const Result<bool> all = eachRow(connection, rows.source, isCancelled, [&](const Row &row) {
        if (const Outcome put = file.row(cells.of(row)); !put) {
            failure = put.error();
            return false;
        }
        return ++count % ToldEvery != 0 || written(count);
    });
    if (failure) {
        return *failure;
    }
    if (!all) {
        return all.error();
    }
    if (!*all) {
        return std::optional<qint64>();
    }
    if (const Outcome ended = file.end(); !ended) {
        return ended.error();
    }
    return std::optional(count);
}

Outcome writeRecord(const Connection &connection, const RowsOut &rows, const RowKey &key, RowFile &file,
                    const EntrySession *session)
{
    const MaybeRow row = rowWithKey(connection, rows.source, key);
    if (!row) {
        return row.error();
    }
    if (!*row) {
        return Error{Texts::tr("The record is not there any more."), {}};
    }
    if (const Outcome begun = file.begin(rows.title, rows.columns); !begun) {
        return begun;
    }
    Cells cells(rows, file, session);
    const Outcome put = file.row(cells.of(**row));
    return put ? file.end() : put;
}

} // namespace nabblet

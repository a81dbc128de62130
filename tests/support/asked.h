// Filters written as people write them, for tests: "battery_v: < 11.8 & hours: > 3", of rows that belong
// "part_fitted.quantity: > 1".
#pragma once

#include "core/filter/filter_words.h"
#include "core/kinds/settings/lookup.h"
#include "data/records/row_filter.h"

#include <QtGlobal>

namespace nabblet::samples {

inline const Control *boxAsked(const Form &form, const QString &column)
{
    for (const Control &control : form.controls) {
        const std::optional<Followed> followed = followedBy(control);
        if (control.column == column || (followed && followed->column == column)) {
            return &control;
        }
    }
    return nullptr;
}

inline FilterPart partAsked(const Form &form, const Catalogue &catalogue, const QString &asked)
{
    const QString name = asked.section(": ", 0, 0);
    const Control *subform = nullptr;
    const Form *rows = &form;
    if (name.contains('.')) {
        for (const Control &control : form.controls) {
            if (control.inner && control.inner.get()->rowsFrom == name.section('.', 0, 0)) {
                subform = &control;
                rows = control.inner.get();
            }
        }
    }
    const Control *box = boxAsked(*rows, name.section('.', -1));
    if (!box) {
        qFatal("no box of %s", qPrintable(name));
    }
    FilterPart part = *partFor(*box, subform);
    const Table *table = findTable(catalogue, rows->rowsFrom);
    const Column *column = findColumn(*table, part.column);
    const auto read = conditionsFromWords(asked.section(": ", 1), column ? column->type : ColumnType::Text, *box,
                                          part.isByWords, QLocale(QLocale::English, QLocale::UnitedKingdom));
    if (!read) {
        qFatal("%s", qPrintable(read.error().sentence));
    }
    part.anyOf = *read;
    return part;
}

// lines: of which one has to hold.
inline RecordSource sourceAsked(const Form &form, const Catalogue &catalogue, const QStringList &lines)
{
    Filter filter;
    for (const QString &line : lines) {
        FilterLine parts;
        for (const QString &asked : line.split(" & ")) {
            parts.append(partAsked(form, catalogue, asked));
        }
        filter.lines.append(parts);
    }
    RecordSource source = *recordSourceOf(form, catalogue);
    QStringList leftOut;
    source.filter = std::make_shared<const RowFilter>(rowFilterOf(filter, form, catalogue, &leftOut));
    if (!leftOut.isEmpty()) {
        qFatal("left out: %s", qPrintable(leftOut.join(", ")));
    }
    return source;
}

} // namespace nabblet::samples

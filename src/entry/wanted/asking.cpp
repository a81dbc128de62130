#include "entry/wanted/asking.h"

#include "core/filter/filter_words.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// The type of the column that a box asks about.
ColumnType typeAsked(const EntryState &state, const Control &box, const Control *subform)
{
    const std::optional<Followed> followed = followedBy(box);
    const Form *rows = subform ? subform->inner.get() : &state.form;
    const Table *table = findTable(state.catalogue, followed ? followed->table : rows ? rows->rowsFrom : QString());
    const Column *column = table ? findColumn(*table, followed ? followed->column : box.column) : nullptr;
    return column ? column->type : ColumnType::Text;
}

} // namespace

Result<FilterPart> partFromWords(const EntryState &state, const Control &box, const Control *subform,
                                 const QString &typed)
{
    const std::optional<FilterPart> asked = partFor(box, subform);
    if (!asked) {
        const Form *rows = subform ? subform->inner.get() : &state.form;
        return Error{Texts::tr("“%1” shows what is worked out, so that no records can be looked for by it.")
                         .arg(rows ? calledFor(*rows, box) : box.name),
                     {}};
    }
    const auto read = conditionsFromWords(typed, typeAsked(state, box, subform), box, asked->isByWords, state.locale);
    if (!read) {
        return read.error();
    }
    FilterPart part = *asked;
    part.anyOf = *read;
    part.typed = typed.simplified();
    return part;
}

std::optional<FilterPart> partForValue(const Control &box, const Control *subform, const QVariant &value,
                                       const QString &words, bool isNot)
{
    std::optional<FilterPart> part = partFor(box, subform);
    if (!part) {
        return {};
    }
    FilterCondition condition;
    condition.isNot = isNot;
    const bool isBlank = value.isNull() || (value.typeId() == QMetaType::QString && value.toString().isEmpty());
    condition.test = isBlank ? FilterTest::Blank : FilterTest::Is;
    if (!isBlank) {
        condition.value = value;
        condition.words = words.isEmpty() ? value.toString() : words;
        part->isByWords = false;
    }
    part->anyOf = {condition};
    part->typed = (isNot ? Texts::tr("not") + u' ' : QString()) +
                  (isBlank ? Texts::tr("blank") : QLatin1String("= ") + condition.words);
    return part;
}

QString askedInWords(const FilterPart &part, const Form &form)
{
    const AskedBox box = boxAskedBy(part, form);
    const QString caption = box.control && box.form ? calledFor(*box.form, *box.control) : part.column;
    const QString asked = partInWords(part, caption);
    return box.subform ? Texts::tr("%1: %2").arg(calledFor(form, *box.subform), asked) : asked;
}

QString orderInWords(const WantedOrder &order, const EntryState &state)
{
    return (order.isDescending ? Texts::tr("by %1, the last first") : Texts::tr("by %1"))
        .arg(state.captionFor(order.column));
}

QList<WantedOrder> sortedBy(const QList<WantedOrder> &order, const Control &box, bool isDescending)
{
    QList<WantedOrder> result = order;
    result.removeIf([&](const WantedOrder &each) { return each.column == box.column; });
    result.prepend({box.column, isDescending, lookupOf(box).has_value()});
    return result;
}

} // namespace nabblet

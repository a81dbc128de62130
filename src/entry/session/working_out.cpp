#include "entry/session/working_out.h"

#include "core/catalogue/check_words.h"
#include "core/kinds/control_names.h"
#include "core/rules/belonging.h"
#include "core/rules/checking.h"
#include "core/rules/shapes.h"
#include "core/rules/worked_out.h"
#include "core/text/tr.h"
#include "entry/session/session_parts.h"

#include <algorithm>

namespace nabblet {

namespace {

bool isSame(const QVariant &a, const QVariant &b)
{
    if (a.isNull() || b.isNull()) {
        return a.isNull() == b.isNull();
    }
    bool isNumber = false;
    bool areNumbers = false;
    const double first = a.toDouble(&isNumber);
    const double second = b.toDouble(&areNumbers);
    return isNumber && areNumbers ? first == second : a.toByteArray() == b.toByteArray();
}

} // namespace

void WorkingOut::bringUpToDate()
{
    const EntryState &state = m_parts.state;
    if (!state.hasRecord()) {
        return;
    }
    QStringList putIn; // before
    WorkingRow row;
    row.isNew = state.isNew();
    for (auto typed = state.record.typed.begin(); typed != state.record.typed.end(); ++typed) {
        if (typed->isWorkedOut) {
            putIn.append(typed.key());
        } else {
            row.typed.insert(typed.key());
        }
    }
    if (putIn.isEmpty() && state.form.rules.isEmpty()) {
        return;
    }
    row.typed += m_parts.children.changedTables();
    for (const Rule &rule : state.form.rules) { // what is summed up is read before
        for (const QString &expression : {rule.when, rule.then.value, rule.otherwise.value}) {
            const bool isPutIn = rule.effect == QLatin1String("value") && !expression.trimmed().isEmpty();
            for (const QString &table : isPutIn ? m_parts.values.tablesRead(expression) : QStringList()) {
                m_parts.children.makeReady(table);
            }
        }
    }
    // What was put in before is worked out anew, so it is read as it was without it.
    row.value = [&](const QString &column) {
        return row.typed.contains(column) ? state.value(column) : state.valueBeforeTyping(column);
    };
    const QList<PutIn> all = m_parts.values.putIn(row);
    for (const QString &column : std::as_const(putIn)) { // of rules that are gone
        if (std::none_of(all.begin(), all.end(), [&](const PutIn &put) { return put.column == column; })) {
            m_parts.changes.dropTyped(column);
        }
    }
    for (const PutIn &put : all) {
        const Control *control = state.form.controls.find(put.control);
        if (!control || !state.source.columns.contains(put.column) || state.source.readOnly.contains(put.column) ||
            state.heldTo.columns.contains(put.column)) {
            continue;
        }
        const bool isThere = state.record.typed.contains(put.column);
        if (!put.value || (*put.value && isSame(**put.value, state.valueBeforeTyping(put.column)))) {
            if (isThere && (state.record.typed.value(put.column).isWorkedOut || put.value)) {
                m_parts.changes.dropTyped(put.column);
            }
            continue;
        }
        TypedValue typed;
        typed.isWorkedOut = true;
        if (*put.value) {
            typed.value = **put.value;
            typed.mistake = state.whyItDoesNotFit(*control, typed.value);
        } else {
            typed.mistake = put.value->error().sentence;
            typed.words = QStringLiteral("?");
        }
        m_parts.changes.setTyped(put.column, typed);
    }
}

void WorkingOut::beginAsBefore()
{
    RecordInHand record = m_parts.state.record;
    for (const Rule &rule : m_parts.state.form.rules) {
        if (rule.isOff || rule.effect != QLatin1String("value") || rule.hold != ValueHold::AsBefore) {
            continue;
        }
        for (const ControlId id : rule.on) {
            const Control *control = m_parts.state.form.controls.find(id);
            const bool isKnown = control && m_savedLast.contains(control->column);
            if (isKnown && !m_parts.state.heldTo.columns.contains(control->column) &&
                !m_savedLast.value(control->column).isNull()) {
                record.startValues.insert(control->column, m_savedLast.value(control->column));
            }
        }
    }
    for (const QString &column : m_parts.state.keptForNext) {
        const QVariant kept = m_savedLast.contains(column) || !record.beforeNew
                                  ? m_savedLast.value(column)
                                  : valueOf(m_parts.state.source, *record.beforeNew, column);
        if (!kept.isNull() && !m_parts.state.heldTo.columns.contains(column)) {
            record.startValues.insert(column, kept);
        }
    }
    m_parts.changes.setRecord(record);
}

void WorkingOut::rememberSaved()
{
    const EntryState &state = m_parts.state;
    m_savedLast.clear();
    for (const Control &control : state.form.controls) {
        for (const QString &column : state.record.row ? columnsWritten(control) : QStringList()) {
            m_savedLast.insert(column, state.valueBeforeTyping(column));
        }
    }
}

QString WorkingOut::inShape(const Control &control, const QString &words) const
{
    const QList<Rule> shapes = m_parts.values.shapesOf(control);
    for (const Rule &shape : shapes) {
        const QString brought = broughtIntoShape(shape, words);
        if (hasShape(shape, brought)) {
            return brought;
        }
    }
    return words;
}

QString WorkingOut::whileTyped(const Control &control, const QString &words) const
{
    const QList<Rule> shapes = m_parts.values.shapesOf(control);
    return shapes.size() == 1 ? nabblet::whileTyped(shapes.first(), words) : words;
}

// Why a text that was typed has none of the shapes of its box.
std::optional<FieldMessage> WorkingOut::outOfShape(const Control &control) const
{
    const QList<Rule> shapes = m_parts.values.shapesOf(control);
    const QString text = m_parts.state.value(control.column).toString();
    const bool isRight = shapes.isEmpty() || std::any_of(shapes.begin(), shapes.end(),
                                                         [&](const Rule &shape) { return hasShape(shape, text); });
    if (isRight) {
        return std::nullopt;
    }
    QStringList hints;
    for (const Rule &shape : shapes) {
        hints.append(shapeHint(shape));
    }
    return FieldMessage{control.id, Texts::tr("This is not written %1").arg(hints.join(Texts::tr(", or "))), false,
                        Mark::None};
}

std::optional<FieldMessage> WorkingOut::wrongAt(const Control &control) const
{
    const EntryState &state = m_parts.state;
    if (const auto wrong = outOfShape(control)) {
        return wrong;
    }
    for (const Unheld &check : unheldChecks(state.form, m_parts.values.inHand())) {
        const Rule &rule = state.form.rules.at(check.rule);
        if (isAboutAlone(rule, control, m_parts.values.columnsRead(rule.when)) &&
            !state.record.agreed.contains(aboutOf(rule))) {
            return FieldMessage{control.id, check.sentence, false, Mark::None};
        }
    }
    // The table's own rules are tried likewise; the database has the last word at saving.
    if (const Table *table = state.table()) {
        for (const Check &check : table->checks) {
            const QStringList read = m_parts.values.columnsRead(check.expression);
            if (read.size() != 1 || read.first() != control.column) {
                continue;
            }
            const Result<QVariant> value = m_parts.values.inHand()(check.expression);
            if (value && !value->isNull() && !isTrue(*value)) {
                return FieldMessage{
                    control.id,
                    ruleInWords(check, *table, [&](const QString &column) { return state.captionFor(column); }), false,
                    Mark::None};
            }
        }
    }
    return std::nullopt;
}

QList<FieldMessage> WorkingOut::whatIsWrong() const
{
    const EntryState &state = m_parts.state;
    QList<FieldMessage> wrong;
    for (const Control &control : state.form.controls) {
        if (control.column.isEmpty() || state.form.rules.isEmpty()) {
            continue;
        }
        const Shown shown = m_parts.values.shown(control);
        const auto outside = state.record.typed.contains(control.column) ? outOfShape(control) : std::nullopt;
        if (outside && !shown.isHidden) {
            wrong.append(*outside); // what was stored otherwise before stays, until it is typed anew
        }
        if (shown.isRequired && !state.isNeeded(control) && state.mayType(control) &&
            state.value(control.column).toString().trimmed().isEmpty() && shown.image.isEmpty()) {
            wrong.append({control.id, Texts::tr("%1 is needed").arg(state.captionFor(control.column))});
        }
    }
    for (const Unheld &check : unheldChecks(state.form, m_parts.values.inHand())) {
        if (check.asks) {
            continue;
        }
        const Rule &rule = state.form.rules.at(check.rule);
        const QList<ControlId> boxes = boxesOf(state.form, rule, m_parts.values.columnsRead(rule.when));
        for (const ControlId id : boxes) {
            wrong.append({id, check.sentence});
        }
        if (boxes.isEmpty()) {
            wrong.append({0, check.sentence});
        }
    }
    return wrong;
}

// The check with the values that it is about: agreed to, it asks again when they are others.
QString WorkingOut::aboutOf(const Rule &rule) const
{
    QString about = rule.when;
    for (const QString &column : m_parts.values.columnsRead(rule.when)) {
        about += u'\n' + column + u'=' + m_parts.state.value(column).toString();
    }
    return about;
}

QList<Asked> WorkingOut::whatIsAsked() const
{
    QList<Asked> asked;
    for (const Unheld &check : unheldChecks(m_parts.state.form, m_parts.values.inHand())) {
        const QString about = aboutOf(m_parts.state.form.rules.at(check.rule));
        if (check.asks && !m_parts.state.record.agreed.contains(about)) {
            asked.append({check.sentence, about});
        }
    }
    return asked;
}

QList<FieldMessage> WorkingOut::askedBeside() const
{
    QList<FieldMessage> beside;
    const Form &form = m_parts.state.form;
    for (const Unheld &check : unheldChecks(form, m_parts.values.inHand())) {
        const Rule &rule = form.rules.at(check.rule);
        if (check.asks && !m_parts.state.record.agreed.contains(aboutOf(rule))) {
            for (const ControlId id : boxesOf(form, rule, m_parts.values.columnsRead(rule.when))) {
                beside.append({id, check.sentence});
            }
        }
    }
    return beside;
}

QStringList WorkingOut::emptied() const
{
    QStringList columns;
    const bool isAnswered = m_parts.state.record.emptiesHidden.value_or(false);
    for (const ControlValues::HiddenBox &box : m_parts.values.hiddenBoxes()) {
        const Control *control = m_parts.state.form.controls.find(box.control);
        if (control && (box.value == HiddenValue::Emptied || isAnswered)) {
            columns.append(control->column);
        }
    }
    return columns;
}

QStringList WorkingOut::hiddenAskedAbout() const
{
    QStringList captions;
    if (m_parts.state.record.emptiesHidden) {
        return captions;
    }
    for (const ControlValues::HiddenBox &box : m_parts.values.hiddenBoxes()) {
        const Control *control = m_parts.state.form.controls.find(box.control);
        if (control && box.value == HiddenValue::Asked) {
            captions.append(calledFor(m_parts.state.form, *control));
        }
    }
    return captions;
}

} // namespace nabblet

#include "core/filter/question_form.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/typing.h"
#include "core/looks/pins/look_pin.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LeastBox = 56; // px across, to write "yes" or "> 9" in

// The look of a control stays, all that is about its values goes.
Control asBox(const Control &control, bool isAsked)
{
    Control box = control;
    box.kind = QStringLiteral("text-box");
    box.role = QStringLiteral("field");
    box.text.clear();
    box.settings = {};
    if (const QString style = control.settings.value(setting::Style); !style.isEmpty()) {
        box.settings.set(setting::Style, style);
    }
    box.place.setWidth(std::max(LeastBox, box.place.width()));
    box.column = isAsked ? questionColumn(control.id) : QString();
    if (!isAsked) {
        box.settings.set(setting::Locked, true);
    }
    return box;
}

Form asked(const Form &form, const QString &table, const std::function<bool(const Control &box)> &isAsked,
           bool isInside)
{
    Form question = form;
    question.rowsFrom = table;
    question.select.clear();
    question.settings = {};
    question.permissions = {true, false, true, false}; // lines are added by whoever asks
    question.rules.clear();
    question.boundColumns.clear();
    question.seenColumns.clear();
    question.rowPanel = RowPanel::None;
    question.rowForm = {};
    question.window.hasRecordList = false;
    question.window.hasRecordStrip = false;
    question.controls = {};
    for (const Control &control : form.controls) {
        const Kind &kind = kindNamed(control.kind);
        if (kind.editor == Editor::Button || kind.editor == Editor::Image) {
            continue;
        }
        if (control.inner) {
            if (isInside || childLinkOf(control).childColumns.isEmpty()) {
                continue;
            }
            Control rows = control;
            const QString inner = table + u'_' + QString::number(control.id);
            rows.inner = InnerForm(asked(*control.inner.get(), inner, isAsked, true));
            rows.settings = {};
            setChildLink(rows, {{QLatin1String(QuestionLine)}, {QLatin1String(QuestionLine)}});
            question.controls.append(rows);
            continue;
        }
        if (!showsValue(control)) {
            const Control *field = control.captionFor != 0 ? form.controls.find(control.captionFor) : nullptr;
            const bool isOfPicture = field && kindNamed(field->kind).editor == Editor::Image;
            if (!isOfPicture) {
                question.controls.append(control);
            }
            continue;
        }
        question.controls.append(asBox(control, isAsked(control)));
    }
    return question;
}

} // namespace

QString questionColumn(ControlId control)
{
    return QStringLiteral("b%1").arg(control);
}

Form questionForm(const Form &form, const std::function<bool(const Control &box)> &isAsked)
{
    return asked(form, QStringLiteral("question"), isAsked, false);
}

QList<QuestionTable> questionTables(const Form &question)
{
    QuestionTable own{question.rowsFrom, {}};
    QList<QuestionTable> tables;
    for (const Control &control : question.controls) {
        if (!control.column.isEmpty()) {
            own.columns.append(control.column);
        }
        if (const Form *inner = control.inner.get()) {
            tables += questionTables(*inner);
        }
    }
    tables.prepend(own);
    return tables;
}

} // namespace nabblet

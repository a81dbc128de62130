// Settings of boxes: how a value is written in them, and what stands there before anyone types.
#include "core/arrange/moving.h"
#include "core/edit/edits.h"
#include "core/file/picture_file.h"
#include "core/formula/row_formulas.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/start_value.h"
#include "core/kinds/usual_words.h"
#include "core/text/date_words.h"
#include "core/text/number_words.h"
#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

namespace nabblet {

using namespace setting_parts;

namespace {

bool showsNumbers(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return kind.settings.contains(&setting::PartsThousands); });
}

bool isOneNumber(const Context &context)
{
    return isOne(context) && showsNumbers(context);
}

Words readExample(const Context &context)
{
    constexpr double Example = 12345.5;
    const Control &control = *selected(context).first();
    const bool isWhole = control.kind == QLatin1String("whole-number");
    const QString number =
        kindNamed(control.kind)
            .words(control, isWhole ? QVariant(static_cast<qlonglong>(Example)) : QVariant(Example), QLocale());
    const QStringList parts{markBefore(control), number, markAfter(control)};
    return parts.join(u' ').trimmed();
}

// ---------------------------------------------------------------- several lines

bool isLongText(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return kind.editor == Editor::LongText; });
}

int heightOfLines(const Context &context, int lines)
{
    return lines * context.measure.lineHeight(TextRole::Field) + 2 * context.measure.padding();
}

int linesIn(const Context &context, const Control &control)
{
    const auto own = context.measure.of(control);
    const int room = control.place.height() - 2 * longTextPadding(control, own->padding());
    return std::max(1, room / std::max(1, own->lineHeight(TextRole::Field)));
}

Words readLines(const Context &context)
{
    return common(context, [&](const Control &c) { return QString::number(linesIn(context, c)); });
}

Result<Form> writeLines(const Context &context, const QString &typed)
{
    constexpr int MostLines = 200;
    bool isNumber = false;
    const int lines = typed.trimmed().toInt(&isNumber);
    if (!isNumber || lines < 1 || lines > MostLines) {
        return Error{Texts::tr("A number of lines from 1 to %1 was expected.").arg(MostLines), {}};
    }
    const int pitch = std::max(1, context.form.grid.pitch);
    const int height = (heightOfLines(context, lines) + pitch - 1) / pitch * pitch;
    Form form = context.form;
    for (const ControlId id : context.selection.controls()) {
        QRect place = form.controls.find(id)->place;
        if (linesIn(context, *form.controls.find(id)) != lines) {
            place.setHeight(height);
            form = placeControl(form, id, place);
        }
    }
    return form;
}

// ---------------------------------------------------------------- what a new record starts with

bool mayStart(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return kind.settings.contains(&setting::Starts); });
}

Words readStart(const Context &context)
{
    return common(context, [](const Control &c) {
        const std::optional<StartValue> start = startValueOf(c);
        if (!start) {
            return QString();
        }
        return start->formula.isEmpty() ? kindNamed(c.kind).words(c, start->value, QLocale())
                                        : QStringLiteral("= ") + start->formula;
    });
}

// Words that people use for the day and the moment are formulas as well.
QString startFormula(const QString &typed, const Kind &kind)
{
    if (typed.startsWith(u'=')) {
        return typed.mid(1).trimmed();
    }
    const bool isDate = isOfKind(kind, "date");
    const bool isMoment = isOfKind(kind, "date-time");
    const QString now = Texts::tr("now");
    const QString today = Texts::tr("today");
    if (typed.compare(today, Qt::CaseInsensitive) == 0 && (isDate || isMoment)) {
        return isDate ? QStringLiteral("date('now', 'localtime')")
                      : QStringLiteral("date('now', 'localtime') || ' 00:00:00'");
    }
    if (typed.compare(now, Qt::CaseInsensitive) == 0 && (isDate || isMoment || isOfKind(kind, "time"))) {
        return isDate     ? QStringLiteral("date('now', 'localtime')")
               : isMoment ? QStringLiteral("datetime('now', 'localtime')")
                          : QStringLiteral("time('now', 'localtime')");
    }
    return {};
}

Result<std::optional<StartValue>> startFrom(const Context &context, const Control &control, const QString &typed)
{
    const Kind &kind = kindNamed(control.kind);
    if (typed.isEmpty()) {
        return std::optional<StartValue>();
    }
    if (const QString formula = startFormula(typed, kind); !formula.isEmpty()) {
        const Table *table = rowsTable(context);
        const Result<QStringList> read = columnsReadBy(formula, table ? columnNames(*table) : QStringList());
        return read ? Result<std::optional<StartValue>>(StartValue{{}, formula}) : read.error();
    }
    if (kind.editor == Editor::Tick) {
        const bool isOn = typed == QLatin1String("1") || typed.compare(Texts::tr("yes"), Qt::CaseInsensitive) == 0;
        const bool isOff = typed == QLatin1String("0") || typed.compare(Texts::tr("no"), Qt::CaseInsensitive) == 0;
        if (!isOn && !isOff) {
            return Error{Texts::tr("Yes or no was expected, or nothing."), {}};
        }
        return std::optional(StartValue{QVariant(isOn ? 1 : 0), {}});
    }
    for (const Choice &choice : fixedChoices(control)) {
        if (choice.words == typed || choice.value.toString() == typed) {
            return std::optional(StartValue{choice.value, {}});
        }
    }
    if (lookupOf(control)) {
        return std::optional(StartValue{typed, {}}); // the value that is stored
    }
    const Result<QVariant> value = kind.read(control, typed, QLocale());
    return value ? Result<std::optional<StartValue>>(StartValue{*value, {}}) : value.error();
}

Result<Form> writeStart(const Context &context, const QString &typed)
{
    Form form = context.form;
    for (const Control *control : selected(context)) {
        const Result<std::optional<StartValue>> start = startFrom(context, *control, typed.trimmed());
        if (!start) {
            return start.error();
        }
        Control changed = *control;
        setStartValue(changed, *start);
        form.controls.replace(form.controls.indexOf(control->id), changed);
    }
    return form;
}

// ---------------------------------------------------------------- words beside ticks, pictures

bool isTick(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return kind.editor == Editor::Tick; });
}

Words readBeside(const Context &context)
{
    return common(context, [](const Control &c) { return c.text; });
}

Result<Form> writeBeside(const Context &context, const QString &typed)
{
    constexpr int BesideSign = 8; // px
    return withSelectedChanged(context, [&](Control &control) {
        control.text = typed.trimmed();
        const int sign = kindNamed(control.kind).usualSize.width();
        const int words =
            control.text.isEmpty() ? 0 : context.measure.of(control)->width(control.text, TextRole::Field) + BesideSign;
        control.place.setWidth(std::max(control.place.width(), sign + words));
    });
}

bool isPicture(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return kind.editor == Editor::Image; });
}

Words readImage(const Context &context)
{
    return common(context, [](const Control &c) { return fixedPictureInWords(c.settings.value(setting::Image)); });
}

// typed: the path of a file, or nothing to take the picture away.
Result<Form> writeImage(const Context &context, const QString &typed)
{
    const Result<FixedPicture> picture = chosenPicture(context, typed);
    if (!picture) {
        return picture.error();
    }
    Form form = withSelectedChanged(context, [&](Control &control) {
        control.settings.set(setting::Image, *picture);
        if (!picture->isEmpty()) {
            control.column.clear();
        }
    });
    // A logo needs no caption; one that somebody wrote stays.
    QList<ControlId> gone;
    for (const Control *control : selected(context)) {
        const Control *caption = captionOf(form, control->id);
        if (!picture->isEmpty() && caption && caption->text == usualWords(kindNamed(control->kind))) {
            gone.append(caption->id);
        }
    }
    return deleteControls(form, gone);
}

} // namespace

QList<Setting> displaySettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"starts", Controls, Texts::later("Behaviour"), Texts::later("Starts with"),
         Texts::later("What a new record has here: a value, today, now, or = and an SQL expression. Empty: nothing."),
         SettingEditor::Words, Texts::later("Change what a new record starts with"), mayStart, readStart, writeStart},
        {"beside", Controls, Texts::later("Display"), Texts::later("Beside it"),
         Texts::later("The words at the right of the sign."), SettingEditor::Words, Texts::later("Change words"),
         isTick, readBeside, writeBeside},
        {"image", Controls, Texts::later("Display"), Texts::later("Fixed picture"),
         Texts::later("A picture that is part of the form, such as a logo; it shows no column then."), File,
         Texts::later("Change a picture"), isPicture, readImage, writeImage},
        {"linesShown", Controls, Texts::later("Display"), Texts::later("Lines"),
         Texts::later("How many lines of text the box is high."), SettingEditor::Words,
         Texts::later("Change the lines shown"), isLongText, readLines, writeLines},
        {"example", Controls, Texts::later("Display"), Texts::later("Looks like"),
         Texts::later("A number as it is written with these settings."), Shown, "", isOneNumber, readExample,
         writeNothing},
    };
}

} // namespace nabblet

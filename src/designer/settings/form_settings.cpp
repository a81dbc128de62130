// Settings of the form: its window, rows, size, grid and tracing sheet.
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

#include <QFileInfo>

namespace nabblet {

using namespace setting_parts;

namespace {

Words readTitle(const Context &context)
{
    return context.form.title;
}

Result<Form> writeTitle(const Context &context, const QString &typed)
{
    return withTitle(context.form, typed.trimmed(), context.measure);
}

template <BandRole role> Words readHasBand(const Context &context)
{
    return findBand(context.form, role) ? Yes : QString();
}

template <BandRole role> Result<Form> writeHasBand(const Context &context, const QString &typed)
{
    if (typed == Yes) {
        return withAddedBand(context.form, role, context.measure);
    }
    const auto there = std::count_if(context.form.controls.begin(), context.form.controls.end(),
                                     [](const Control &control) { return control.band == role; });
    if (there > 0) {
        return Error{
            Texts::tr(
                "Something stands there. Move or delete that first, or remove the band from the menu of the board."),
            {}};
    }
    return withoutBand(context.form, role);
}

Words readFormName(const Context &context)
{
    return context.form.name;
}

Result<Form> writeFormName(const Context &context, const QString &typed)
{
    if (typed.trimmed().isEmpty()) {
        return Error{Texts::tr("A form needs a name to be saved under."), {}};
    }
    Form form = context.form;
    form.name = identifierFromText(typed);
    // A saved form goes by its file, which others name.
    if (!context.savedAs.isEmpty() && form.name != context.savedAs) {
        return Error{
            Texts::tr("The form is saved as “%1”. File, Rename form gives it another name wherever it is named.")
                .arg(context.savedAs),
            {}};
    }
    if (context.savedAs.isEmpty() && !context.isInside && context.formNames.contains(form.name)) {
        return Error{Texts::tr("The project has another form “%1”.").arg(form.name), {}};
    }
    return form;
}

Words readRows(const Context &context)
{
    return context.form.rowsFrom.isEmpty() ? Texts::tr("none yet")
           : context.form.select.isEmpty() ? context.form.rowsFrom.simplified()
                                           : Texts::tr("own SELECT");
}

Words readWidth(const Context &context)
{
    return sizeInWords(context.form.width, context.unit, context.form.grid.pitch);
}

Result<Form> writeWidth(const Context &context, const QString &typed)
{
    const Result<int> width = readSize(typed, context.form.width, context.unit, context.form.grid.pitch);
    if (!width) {
        return width.error();
    }
    const Form form = setFormWidth(context.form, *width);
    if (form.width != *width) {
        return Error{Texts::tr("The form cannot be narrower than %1: controls stand there.")
                         .arg(sizeInWords(form.width, context.unit, form.grid.pitch)),
                     {}};
    }
    return form;
}

Words readLeastWidth(const Context &context)
{
    return context.form.leastWidth > 0 ? sizeInWords(context.form.leastWidth, context.unit, context.form.grid.pitch)
                                       : QString();
}

Result<Form> writeLeastWidth(const Context &context, const QString &typed)
{
    Form form = context.form;
    if (typed.trimmed().isEmpty()) {
        form.leastWidth = 0;
        return form;
    }
    const Result<int> width = readSize(typed, leastWindowSize(form).width(), context.unit, form.grid.pitch);
    if (!width) {
        return width.error();
    }
    if (*width < 8) {
        return Error{Texts::tr("No window is as narrow as that."), {}};
    }
    form.leastWidth = *width;
    return form;
}

Words readLeastHeight(const Context &context)
{
    return context.form.leastHeight > 0 ? sizeInWords(context.form.leastHeight, context.unit, context.form.grid.pitch)
                                        : QString();
}

Result<Form> writeLeastHeight(const Context &context, const QString &typed)
{
    Form form = context.form;
    if (typed.trimmed().isEmpty()) {
        form.leastHeight = 0;
        return form;
    }
    const Result<int> height = readSize(typed, leastWindowSize(form).height(), context.unit, form.grid.pitch);
    if (!height) {
        return height.error();
    }
    if (*height < 8) {
        return Error{Texts::tr("No window is as low as that."), {}};
    }
    form.leastHeight = *height;
    return form;
}

// ---------------------------------------------------------------- the window

enum WindowSize { AnySize, NotSmaller, FixedSize }; // as the values of the setting

Words readWindowSize(const Context &context)
{
    const Form &form = context.form;
    const bool isLeast = QSize(form.leastWidth, form.leastHeight) == designedSize(form);
    return QString::number(form.window.isFixed ? FixedSize : isLeast ? NotSmaller : AnySize);
}

QList<SettingChoice> windowSizes(const Context &)
{
    return {{QString::number(AnySize), Texts::tr("free")},
            {QString::number(NotSmaller), Texts::tr("not smaller")},
            {QString::number(FixedSize), Texts::tr("fixed")}};
}

Result<Form> writeWindowSize(const Context &context, const QString &typed)
{
    Form form = context.form;
    const auto size = static_cast<WindowSize>(typed.toInt());
    form.window.isFixed = size == FixedSize;
    const QSize designed = designedSize(form);
    if (size == NotSmaller) {
        form.leastWidth = designed.width();
        form.leastHeight = designed.height();
    } else if (QSize(form.leastWidth, form.leastHeight) == designed) {
        form.leastWidth = form.leastHeight = 0;
    }
    return form;
}

template <bool WindowStyle::*flag> Words readWindowFlag(const Context &context)
{
    return context.form.window.*flag ? Yes : QString();
}

template <bool WindowStyle::*flag> Result<Form> writeWindowFlag(const Context &context, const QString &typed)
{
    Form form = context.form;
    form.window.*flag = typed == Yes;
    return form;
}

enum ListSide { NoList, AtLeft, AtRight };

Words readListSide(const Context &context)
{
    const WindowStyle &window = context.form.window;
    return QString::number(!window.hasRecordList ? NoList : window.isListAtRight ? AtRight : AtLeft);
}

QList<SettingChoice> listSides(const Context &)
{
    return {{QString::number(NoList), Texts::tr("none")},
            {QString::number(AtLeft), Texts::tr("at the left")},
            {QString::number(AtRight), Texts::tr("at the right")}};
}

Result<Form> writeListSide(const Context &context, const QString &typed)
{
    Form form = context.form;
    form.window.hasRecordList = typed.toInt() != NoList;
    form.window.isListAtRight = typed.toInt() == AtRight;
    return form;
}

bool hasList(const Context &context)
{
    return context.form.window.hasRecordList;
}

Words readListWidth(const Context &context)
{
    return sizeInWords(context.form.window.listWidth, context.unit, context.form.grid.pitch);
}

Result<Form> writeListWidth(const Context &context, const QString &typed)
{
    const Result<int> width = readSize(typed, context.form.window.listWidth, context.unit, context.form.grid.pitch);
    if (!width) {
        return width.error();
    }
    if (*width < 40 || *width > 2000) {
        return Error{Texts::tr("The list is from 40 to 2000 px wide."), {}};
    }
    Form form = context.form;
    form.window.listWidth = *width;
    return form;
}

Words readListColumns(const Context &context)
{
    return context.form.window.listColumns.join(QStringLiteral(", "));
}

Result<Form> writeListColumns(const Context &context, const QString &typed)
{
    const Table *table = rowsTable(context);
    Form form = context.form;
    form.window.listColumns.clear();
    for (const QString &part : typed.split(u',', Qt::SkipEmptyParts)) {
        const QString name = part.trimmed();
        if (table && !findColumn(*table, name)) {
            return Error{Texts::tr("“%1” has no column “%2”.").arg(table->name, name), {}};
        }
        form.window.listColumns.append(name);
    }
    return form;
}

// ---------------------------------------------------------------- one row in full

bool hasRowsUnderOneAnother(const Context &context)
{
    return isTabular(context.form);
}

Words readRowPanel(const Context &context)
{
    return QString::number(static_cast<int>(context.form.rowPanel));
}

QList<SettingChoice> rowPanels(const Context &)
{
    const auto choice = [](RowPanel panel, const QString &words) {
        return SettingChoice{QString::number(static_cast<int>(panel)), words};
    };
    return {choice(RowPanel::None, Texts::tr("not")), choice(RowPanel::Below, Texts::tr("below the rows")),
            choice(RowPanel::InPlace, Texts::tr("in place of the rows")),
            choice(RowPanel::OwnWindow, Texts::tr("in its own window"))};
}

// The form of the row is drafted once, with all columns of the table, and stays when it is not shown for a while.
Result<Form> writeRowPanel(const Context &context, const QString &typed)
{
    Form form = context.form;
    form.rowPanel = static_cast<RowPanel>(typed.toInt());
    if (form.rowPanel == RowPanel::None || form.rowForm) {
        return form;
    }
    const Table *table = rowsTable(context);
    if (!table) {
        return Error{Texts::tr("The form needs rows first: choose where they come from."), {}};
    }
    DraftOptions options;
    options.namingPattern = context.namingPattern;
    Form row = draftColumnar(*context.catalogue, *table, context.measure, options);
    row.look = form.look;
    row.name = form.name + QStringLiteral("_row");
    form.rowForm = InnerForm(row);
    return form;
}

Words readPitch(const Context &context)
{
    // In its own steps a pitch would always be one.
    return sizeInWords(context.form.grid.pitch, context.unit == Unit::GridSteps ? Unit::Pixels : context.unit,
                       context.form.grid.pitch);
}

Result<Form> writePitch(const Context &context, const QString &typed)
{
    const Unit unit = context.unit == Unit::GridSteps ? Unit::Pixels : context.unit;
    const Result<int> pitch = readSize(typed, context.form.grid.pitch, unit, context.form.grid.pitch);
    if (!pitch) {
        return pitch.error();
    }
    if (*pitch < 1 || *pitch > 200) {
        return Error{Texts::tr("The pitch is from 1 to 200 px."), {}};
    }
    Form form = context.form;
    form.grid.pitch = *pitch;
    return form;
}

Words readMarks(const Context &context)
{
    return QString::number(static_cast<int>(context.form.grid.marks));
}

QList<SettingChoice> marksChoices(const Context &)
{
    return {{QStringLiteral("0"), Texts::tr("Dots")},
            {QStringLiteral("1"), Texts::tr("Lines")},
            {QStringLiteral("2"), Texts::tr("Nothing")}};
}

Result<Form> writeMarks(const Context &context, const QString &typed)
{
    Form form = context.form;
    form.grid.marks = static_cast<GridMarks>(typed.toInt());
    return form;
}

Words readTabOrder(const Context &context)
{
    return QString::number(static_cast<int>(context.form.tabOrder));
}

QList<SettingChoice> tabOrderChoices(const Context &)
{
    return {{QStringLiteral("3"), Texts::tr("as it reads")},
            {QStringLiteral("0"), Texts::tr("by rows")},
            {QStringLiteral("1"), Texts::tr("by columns")},
            {QStringLiteral("2"), Texts::tr("by hand")}};
}

Result<Form> writeTabOrder(const Context &context, const QString &typed)
{
    return withTabOrder(context.form, static_cast<TabOrder>(typed.toInt()));
}

bool hasTracing(const Context &context)
{
    return !context.form.tracing.file.isEmpty();
}

Words readTracing(const Context &context)
{
    return QFileInfo(context.form.tracing.file).fileName();
}

Result<Form> writeTracing(const Context &context, const QString &typed)
{
    if (!typed.trimmed().isEmpty()) {
        return Error{Texts::tr("Choose another sheet in the View menu; clear this to take the sheet away."), {}};
    }
    Form form = context.form;
    form.tracing = {};
    return form;
}

template <bool isAcross> Words readTracingPlace(const Context &context)
{
    const QPoint at = context.form.tracing.at;
    return sizeInWords(isAcross ? at.x() : at.y(), context.unit, context.form.grid.pitch);
}

template <bool isAcross> Result<Form> writeTracingPlace(const Context &context, const QString &typed)
{
    Form form = context.form;
    const QPoint at = form.tracing.at;
    // A minus sign at the front is a place left of the form here, not a step from where the sheet is.
    const bool isNegative = typed.trimmed().startsWith(u'-');
    const Result<int> size = isNegative ? readSize(typed, 0, context.unit, form.grid.pitch)
                                        : readSize(typed, isAcross ? at.x() : at.y(), context.unit, form.grid.pitch);
    if (!size) {
        return size.error();
    }
    form.tracing.at = isAcross ? QPoint(*size, at.y()) : QPoint(at.x(), *size);
    return form;
}

template <bool isScale> Words readPercent(const Context &context)
{
    return Texts::tr("%1 %").arg(isScale ? context.form.tracing.percent : context.form.tracing.strength);
}

template <bool isScale> Result<Form> writePercent(const Context &context, const QString &typed)
{
    bool isNumber = false;
    const int percent = QString(typed).remove(u'%').trimmed().toInt(&isNumber);
    const int most = isScale ? 1000 : 100;
    if (!isNumber || percent < 1 || percent > most) {
        return Error{Texts::tr("A whole number from 1 to %1 was expected.").arg(most), {}};
    }
    Form form = context.form;
    (isScale ? form.tracing.percent : form.tracing.strength) = percent;
    return form;
}

} // namespace

QList<Setting> formSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"formTitle", SettingOf::Form, Texts::later("Window"), Texts::later("Title"),
         Texts::later("The words in the window's title bar. The saved name stays as it is."), SettingEditor::Words,
         Texts::later("Change the window's title"), always, readTitle, writeTitle},
        {"formName", SettingOf::Form, Texts::later("Window"), Texts::later("Name"),
         Texts::later("What the form is saved and found as."), SettingEditor::Words, Texts::later("Rename the form"),
         always, readFormName, writeFormName},
        {"windowSize", SettingOf::Form, Texts::later("Window"), Texts::later("Size"),
         Texts::later("How far people may change the window. A free one gets as small as nothing overlaps."), Choice,
         Texts::later("Change the window's size"), always, readWindowSize, writeWindowSize, windowSizes},
        {"recordStrip", SettingOf::Form, Texts::later("Window"), Texts::later("Record strip"),
         Texts::later("The strip below the form, for going through the records, saving and taking back."), Flag,
         Texts::later("Show or hide the record strip"), always, readWindowFlag<&WindowStyle::hasRecordStrip>,
         writeWindowFlag<&WindowStyle::hasRecordStrip>},
        {"scrollBars", SettingOf::Form, Texts::later("Window"), Texts::later("Scroll bars"),
         Texts::later("Where there is no room for the whole form."), Flag, Texts::later("Show or hide scroll bars"),
         always, readWindowFlag<&WindowStyle::hasScrollBars>, writeWindowFlag<&WindowStyle::hasScrollBars>},
        {"listSide", SettingOf::Form, Texts::later("Window"), Texts::later("Record list"),
         Texts::later("The records beside the form: one picks there and works here."), Choice,
         Texts::later("Show or hide the record list"), always, readListSide, writeListSide, listSides},
        {"listColumns", SettingOf::Form, Texts::later("Window"), Texts::later("List shows"),
         Texts::later("The columns in the list: name, laid_on. Empty: what tells the records apart."),
         SettingEditor::Words, Texts::later("Change the record list"), hasList, readListColumns, writeListColumns},
        {"listWidth", SettingOf::Form, Texts::later("Window"), Texts::later("List width"),
         Texts::later("How wide the list opens; people may move its edge."), SettingEditor::Words,
         Texts::later("Change the record list"), hasList, readListWidth, writeListWidth},
        {"rowsFrom", SettingOf::Form, Texts::later("Rows"), Texts::later("Rows from"),
         Texts::later("The table or view that the form shows and writes."), Shown, "", always, readRows, writeNothing},
        {"rowPanel", SettingOf::Form, Texts::later("Rows"), Texts::later("Whole row"),
         Texts::later("Where one row is shown in full, on a form of its own: Arrange, Go into the form of one row."),
         Choice, Texts::later("Change where a row is shown in full"), hasRowsUnderOneAnother, readRowPanel,
         writeRowPanel, rowPanels},
        {"hasHeader", SettingOf::Form, Texts::later("Bands"), Texts::later("Header"),
         Texts::later("A band above the body, with a title for example."), Flag,
         Texts::later("Add or remove the header"), always, readHasBand<BandRole::Header>,
         writeHasBand<BandRole::Header>},
        {"hasFooter", SettingOf::Form, Texts::later("Bands"), Texts::later("Footer"),
         Texts::later("A band below the body, with buttons for example."), Flag,
         Texts::later("Add or remove the footer"), always, readHasBand<BandRole::Footer>,
         writeHasBand<BandRole::Footer>},
        {"formWidth", SettingOf::Form, Texts::later("Size"), Texts::later("Width"),
         Texts::later("The form's width. It stops at the rightmost control."), SettingEditor::Words,
         Texts::later("Change the form's width"), always, readWidth, writeWidth},
        {"leastWidth", SettingOf::Form, Texts::later("Size"), Texts::later("Narrowest"),
         Texts::later("The narrowest its window may get. Empty: as narrow as nothing overlaps."), SettingEditor::Words,
         Texts::later("Pin the smallest width"), always, readLeastWidth, writeLeastWidth},
        {"leastHeight", SettingOf::Form, Texts::later("Size"), Texts::later("Lowest"),
         Texts::later("The lowest the form may be shown, all bands together. Empty: as low as nothing overlaps."),
         SettingEditor::Words, Texts::later("Pin the smallest height"), always, readLeastHeight, writeLeastHeight},
        {"tabOrder", SettingOf::Form, Texts::later("Size"), Texts::later("Tab goes"),
         Texts::later("The order in which Tab visits the fields."), Choice, Texts::later("Change the tab order"),
         always, readTabOrder, writeTabOrder, tabOrderChoices},
        {"gridPitch", SettingOf::Form, Texts::later("Grid"), Texts::later("Pitch"),
         Texts::later("The distance between grid lines. What is dragged lands on them."), SettingEditor::Words,
         Texts::later("Change the grid"), always, readPitch, writePitch},
        {"gridMarks", SettingOf::Form, Texts::later("Grid"), Texts::later("Shown as"),
         Texts::later("How the grid is drawn. It works even when it is not drawn."), Choice,
         Texts::later("Change the grid"), always, readMarks, writeMarks, marksChoices},
        {"tracingFile", SettingOf::Form, Texts::later("Tracing sheet"), Texts::later("Sheet"),
         Texts::later("The picture under the form. Clear this to take it away."), SettingEditor::Words,
         Texts::later("Change the tracing sheet"), hasTracing, readTracing, writeTracing},
        {"tracingLeft", SettingOf::Form, Texts::later("Tracing sheet"), Texts::later("Left"),
         Texts::later("Where its left edge lies on the form."), SettingEditor::Words,
         Texts::later("Move the tracing sheet"), hasTracing, readTracingPlace<true>, writeTracingPlace<true>},
        {"tracingTop", SettingOf::Form, Texts::later("Tracing sheet"), Texts::later("Top"),
         Texts::later("Where its top edge lies on the form."), SettingEditor::Words,
         Texts::later("Move the tracing sheet"), hasTracing, readTracingPlace<false>, writeTracingPlace<false>},
        {"tracingScale", SettingOf::Form, Texts::later("Tracing sheet"), Texts::later("Scale"),
         Texts::later("Its size, of its own size."), SettingEditor::Words, Texts::later("Scale the tracing sheet"),
         hasTracing, readPercent<true>, writePercent<true>},
        {"tracingStrength", SettingOf::Form, Texts::later("Tracing sheet"), Texts::later("Strength"),
         Texts::later("How strongly it shows through."), SettingEditor::Words, Texts::later("Change the tracing sheet"),
         hasTracing, readPercent<false>, writePercent<false>},
    };
}

} // namespace nabblet

#include "core/form_settings/form_setting_table.h"
#include "core/paper/paper_setup.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

bool hasRows(const Form &form)
{
    return !form.rowsFrom.isEmpty();
}

template <typename Change> Result<Form> changed(const Form &form, Change change)
{
    PaperSetup setup = paperOf(form);
    change(setup);
    return withPaper(form, setup);
}

// The setting, as the lines that each concern a part of it.
QList<FormSettingLine> lines()
{
    constexpr const char *Section = Texts::later("On paper");
    return {
        {"paperSize", Section, Texts::later("Paper"),
         Texts::later("The paper that the form is printed on, unless people choose another."), LineEditor::Choice,
         Texts::later("Change the paper"), [](const Form &form) { return paperOf(form).size; },
         [](const Form &form, const QString &typed, const Table *) {
             return changed(form, [&](PaperSetup &setup) { setup.size = typed; });
         },
         [](const Form &) {
             QList<SettingChoice> choices;
             for (const PaperSize &size : paperSizes()) {
                 choices.append({size.name, size.name});
             }
             return choices;
         },
         hasRows},
        {"paperLies", Section, Texts::later("Lies"),
         Texts::later("Whether the short edge or the long edge of the paper is below."), LineEditor::Choice,
         Texts::later("Turn the paper"),
         [](const Form &form) {
             return paperOf(form).isLandscape ? QStringLiteral("landscape") : QStringLiteral("portrait");
         },
         [](const Form &form, const QString &typed, const Table *) {
             return changed(form, [&](PaperSetup &setup) { setup.isLandscape = typed == QLatin1String("landscape"); });
         },
         [](const Form &) {
             return QList<SettingChoice>{{QStringLiteral("portrait"), Texts::tr("upright")},
                                         {QStringLiteral("landscape"), Texts::tr("lying")}};
         },
         hasRows},
        {"paperBoxes", Section, Texts::later("Boxes"),
         Texts::later("Whether boxes are printed, or only what stands in them."), LineEditor::Choice,
         Texts::later("Change how boxes are printed"),
         [](const Form &form) {
             return paperOf(form).boxes == PaperBoxes::AsWords ? QStringLiteral("words") : QStringLiteral("boxes");
         },
         [](const Form &form, const QString &typed, const Table *) {
             return changed(form, [&](PaperSetup &setup) {
                 setup.boxes = typed == QLatin1String("words") ? PaperBoxes::AsWords : PaperBoxes::AsBoxes;
             });
         },
         [](const Form &) {
             return QList<SettingChoice>{{QStringLiteral("boxes"), Texts::tr("with boxes")},
                                         {QStringLiteral("words"), Texts::tr("plain words")}};
         },
         hasRows},
        {"pageHead", Section, Texts::later("At the top"),
         Texts::later("Words at the top of each page: {title}, {record}, {date}, {time}, {page} and "
                      "{pages} are filled in; a | parts left, middle and right."),
         LineEditor::Words, Texts::later("Change the words at the top of pages"),
         [](const Form &form) { return paperOf(form).head; },
         [](const Form &form, const QString &typed, const Table *) {
             return changed(form, [&](PaperSetup &setup) { setup.head = typed; });
         },
         nullptr, hasRows},
        {"pageFoot", Section, Texts::later("At the foot"),
         Texts::later("Words at the foot of each page: {title}, {record}, {date}, {time}, {page} and "
                      "{pages} are filled in; a | parts left, middle and right."),
         LineEditor::Words, Texts::later("Change the words at the foot of pages"),
         [](const Form &form) { return paperOf(form).foot; },
         [](const Form &form, const QString &typed, const Table *) {
             return changed(form, [&](PaperSetup &setup) { setup.foot = typed; });
         },
         nullptr, hasRows},
    };
}

} // namespace

FormSetting paperSetting()
{
    return {&setting::Paper, lines};
}

} // namespace nabblet

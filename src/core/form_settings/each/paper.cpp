#include "core/form_settings/form_setting_table.h"
#include "core/paper/paper_setup.h"
#include "core/text/tr.h"

namespace nabblet {

NABBLET_TEXTS(Settings)

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
    constexpr const char *Section = QT_TRANSLATE_NOOP("Settings", "On paper");
    return {
        {"paperSize", Section, QT_TRANSLATE_NOOP("Settings", "Paper"),
         QT_TRANSLATE_NOOP("Settings", "The paper that the form is printed on, unless people choose another."),
         LineEditor::Choice, QT_TRANSLATE_NOOP("Settings", "Change the paper"),
         [](const Form &form) { return paperOf(form).size; },
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
        {"paperLies", Section, QT_TRANSLATE_NOOP("Settings", "Lies"),
         QT_TRANSLATE_NOOP("Settings", "Whether the short edge or the long edge of the paper is below."),
         LineEditor::Choice, QT_TRANSLATE_NOOP("Settings", "Turn the paper"),
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
        {"paperBoxes", Section, QT_TRANSLATE_NOOP("Settings", "Boxes"),
         QT_TRANSLATE_NOOP("Settings", "Whether boxes are printed, or only what stands in them."), LineEditor::Choice,
         QT_TRANSLATE_NOOP("Settings", "Change how boxes are printed"),
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
        {"pageHead", Section, QT_TRANSLATE_NOOP("Settings", "At the top"),
         QT_TRANSLATE_NOOP("Settings", "Words at the top of each page: {title}, {record}, {date}, {time}, {page} and "
                                       "{pages} are filled in; a | parts left, middle and right."),
         LineEditor::Words, QT_TRANSLATE_NOOP("Settings", "Change the words at the top of pages"),
         [](const Form &form) { return paperOf(form).head; },
         [](const Form &form, const QString &typed, const Table *) {
             return changed(form, [&](PaperSetup &setup) { setup.head = typed; });
         },
         nullptr, hasRows},
        {"pageFoot", Section, QT_TRANSLATE_NOOP("Settings", "At the foot"),
         QT_TRANSLATE_NOOP("Settings", "Words at the foot of each page: {title}, {record}, {date}, {time}, {page} and "
                                       "{pages} are filled in; a | parts left, middle and right."),
         LineEditor::Words, QT_TRANSLATE_NOOP("Settings", "Change the words at the foot of pages"),
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

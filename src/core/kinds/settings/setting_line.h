// How builders see and change a setting: a line with a caption, a help and the words of its value. A setting keeps its
// lines beside its value, so that whoever adds one writes no interface.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/kinds/settings/choices.h"
#include "core/model/control.h"
#include "core/result.h"

#include <QList>
#include <QString>

#include <optional>

namespace nabblet {

// A value that may be chosen, and what people read of it.
struct SettingChoice
{
    QString value;
    QString words;
};

enum class LineEditor { Words, Lines, Flag, Choice, ColourBox, Family, Style };

struct SettingLine
{
    const char *name;    // of its editor
    const char *section; // in English, as the two that follow
    const char *caption;
    const char *help;
    LineEditor editor;
    const char *step; // what an edit is called among the steps done

    // Its value in words; a flag reads FlagOn or an empty text.
    QString (*words)(const Control &control);
    // The control with the value that was typed or chosen; rows: the table of the form's rows, or nullptr. The error
    // says why the value cannot be.
    Result<Control> (*typed)(const Control &control, const QString &typed, const Table *rows);
    QList<SettingChoice> (*choices)(const Control &control, const Table *rows) = nullptr;
    // Whether a control of a kind with this setting has it now; nullptr for always.
    bool (*applies)(const Control &control) = nullptr;
    bool standsFirst = false;  // before what the other settings of its section are
    bool takesColumns = false; // names of columns in braces are filled in: {asset_no}
};

inline const QString FlagOn = QStringLiteral("yes");

// Lines of settings that are on or off, and of settings that are words.
template <const ControlSetting<bool> &Setting> QString flagInWords(const Control &control)
{
    return control.settings.value(Setting) ? FlagOn : QString();
}

template <const ControlSetting<bool> &Setting>
Result<Control> flagTyped(const Control &control, const QString &typed, const Table *)
{
    Control changed = control;
    changed.settings.set(Setting, typed == FlagOn);
    return changed;
}

template <const ControlSetting<QString> &Setting> QString wordsSet(const Control &control)
{
    return control.settings.value(Setting);
}

template <const ControlSetting<QString> &Setting>
Result<Control> wordsTyped(const Control &control, const QString &typed, const Table *)
{
    Control changed = control;
    changed.settings.set(Setting, typed);
    return changed;
}

// Lines of settings that are a whole number between two limits, or nothing.
QString wholeNumberInWords(const std::optional<int> &number);
Result<Control> withWholeNumber(const Control &control, const ControlSetting<int> &setting, const QString &typed,
                                int least, int most);

} // namespace nabblet

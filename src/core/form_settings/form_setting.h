// A setting of a form as a whole: a value of a type of its own, with the lines in which builders see and change it.
#pragma once

#include "core/kinds/settings/setting_line.h"
#include "core/model/form.h"

namespace nabblet {

struct FormSettingLine
{
    const char *name;    // of its editor
    const char *section; // in English, as the two that follow
    const char *caption;
    const char *help;
    LineEditor editor;
    const char *step; // what an edit is called among the steps done

    // Its value in words; a flag reads FlagOn or an empty text.
    QString (*words)(const Form &form);
    // The form with the value that was typed or chosen; rows: the table of its rows, or nullptr. The error says why the
    // value cannot be.
    Result<Form> (*typed)(const Form &form, const QString &typed, const Table *rows);
    QList<SettingChoice> (*choices)(const Form &form) = nullptr;
    // Whether a form has it now; nullptr for always.
    bool (*applies)(const Form &form) = nullptr;
};

struct FormSetting
{
    const AnySetting *setting;
    QList<FormSettingLine> (*lines)();
};

} // namespace nabblet

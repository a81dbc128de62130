// Every setting of the inspector, in one table: what it is called, a line that explains it, how it reads and how it is
// written. A setting of a kind comes from the setting itself; a setting of a band, a rail or the form is one line.
#pragma once

#include "core/arrange/units.h"
#include "core/catalogue/catalogue.h"
#include "core/kinds/settings/setting_line.h"
#include "core/model/form.h"
#include "core/result.h"
#include "core/text/text_measure.h"
#include "designer/board/scene/selection.h"
#include "entry/theme/appearance.h"

#include <QList>
#include <QString>

#include <functional>
#include <optional>

namespace nabblet {

// What a setting is of.
enum class SettingOf { Controls, Band, Rail, Form };

// How it is edited.
enum class SettingEditor { Words, Lines, Flag, Choice, Shown, File, ColourBox, Family, Style };

struct SettingContext
{
    const Form &form;
    const Selection &selection;
    Unit unit = Unit::Pixels;
    const TextMeasure &measure;
    const Catalogue *catalogue = nullptr; // of the form's rows, where there is one
    QString namingPattern;
    QStringList formNames = {}; // of the project
    bool isInside = false;      // whether the form is part of another one
    QString savedAs = {};       // the name of the form's file; empty while it has none
    QString path = {};          // of that file
    // Reads a form of the project by its name.
    std::function<Result<Form>(const QString &)> readForm = {};
    // The columns that a SELECT gives, or why it gives none; empty where there is no database.
    std::function<Result<QStringList>(const QString &)> columnsOfSelect = {};
    const Appearance *appearance = nullptr; // the form's look
};

// What is noticed about a value, and another one that would do better; that may be empty.
struct SettingAdvice
{
    QString sentence;
    QString value;
};

struct Setting
{
    const char *name; // of its editor
    SettingOf of = SettingOf::Controls;
    const char *section; // in English, as the two that follow; settingTexts() translates
    const char *caption;
    const char *help;
    SettingEditor editor = SettingEditor::Words;
    const char *step; // what an edit is called among the steps done
    // Whether what is selected has it.
    std::function<bool(const SettingContext &context)> applies = {};
    // Its value in words; nothing where it differs among what is selected. Flags read "yes" or an empty text.
    std::function<std::optional<QString>(const SettingContext &context)> read = {};
    // The form with another value, for all that is selected; an error says why the value cannot be.
    std::function<Result<Form>(const SettingContext &context, const QString &typed)> write = {};
    std::function<QList<SettingChoice>(const SettingContext &context)> choices = {};
    bool isOnlyRead = false; // of lines
    // Of a part of a look that may be pinned: what the look says of it, in words; nothing where that differs.
    std::function<std::optional<QString>(const SettingContext &context)> said = {};
    std::function<std::optional<SettingAdvice>(const SettingContext &context)> advice = {};
    bool takesColumns = false; // as SettingLine
};

const QList<Setting> &settings();
QString settingText(const char *text);

} // namespace nabblet

#include "core/kinds/each/formula.h"

#include "core/formula/row_formulas.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/kind_table.h"
#include "core/kinds/settings/dates.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/setting_line.h"
#include "core/kinds/text_words.h"
#include "core/text/date_words.h"
#include "core/text/number_words.h"
#include "core/text/tr.h"

#include <QDate>
#include <QDateTime>

#include <cmath>

namespace nabblet {

namespace {

// A box of its own sort, as nobody types there; numbers stand at the right as in other boxes.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    Shown locked = shown;
    if (shown.state == BoxState::Rest) {
        locked.state = BoxState::Locked;
    }
    return lineBox(control, locked, look, shown.isNumber);
}

// A day or a moment as SQL gives it: nothing but a text that is one, whole.
QString dayInWords(const QVariant &value, const QLocale &locale, DateShape shape)
{
    const QString text = value.toString();
    if (text.size() == 10 && QDate::fromString(text, Qt::ISODate).isValid()) {
        return dateInWords(value, locale, shape);
    }
    const bool isMoment =
        text.size() == 19 && text.at(10) == u' ' && QDateTime::fromString(text, Qt::ISODate).isValid();
    return isMoment ? dateTimeInWords(value, locale, shape) : QString();
}

QString words(const Control &control, const QVariant &value, const QLocale &locale)
{
    if (value.typeId() == QMetaType::QString) {
        if (const QString day = dayInWords(value, locale, dateShapeOf(control)); !day.isEmpty()) {
            return day;
        }
    }
    const std::optional<int> places = decimalPlaces(control);
    if (value.typeId() == QMetaType::Double) {
        // What is worked out carries noise far behind the point.
        constexpr int MostPlaces = 10;
        const double scale = std::pow(10.0, places.value_or(MostPlaces));
        const double rounded = std::round(value.toDouble() * scale) / scale;
        return numberInWords(std::isfinite(rounded) ? rounded : value.toDouble(), places.value_or(0), locale,
                             thousandsOf(control));
    }
    return numberInWords(value, value.typeId() == QMetaType::LongLong ? places.value_or(0) : 0, locale,
                         thousandsOf(control));
}

Result<Control> withFormula(const Control &control, const QString &typed, const Table *rows)
{
    const QString formula = typed.trimmed();
    if (rows && !formula.isEmpty()) {
        const Result<QStringList> read = columnsReadBy(formula, columnNames(*rows));
        // Tables of rows that belong to the row are the form's to know (core/rules/belonging).
        if (!read && !read.error().detail.startsWith(QLatin1String("no such table"))) {
            return read.error();
        }
    }
    return wordsTyped<setting::Formula>(control, formula, rows);
}

QList<SettingLine> formulaLines()
{
    return {{"formula", Texts::later("Formula"), Texts::later("Works out"),
             Texts::later("An SQL expression over the row's columns, such as price * (1 + tax)."), LineEditor::Lines,
             Texts::later("Change a formula"), formulaOf, withFormula, nullptr, nullptr, true}};
}

} // namespace

namespace setting {

constinit const ControlSetting<QString> Formula = wordsSetting("formula", SettingPart::Work, formulaLines);

} // namespace setting

QString formulaOf(const Control &control)
{
    return control.settings.value(setting::Formula);
}

Kind formulaKind()
{
    Kind kind{QStringLiteral("formula"),
              Texts::later("Formula"),
              QStringLiteral("formula"),
              Editor::Line,
              {},
              QSize(120, 24),
              {&setting::Formula, &setting::Decimals, &setting::Align, &setting::Before, &setting::After,
               &setting::PartsThousands, &setting::Dates},
              draw,
              words,
              readNothing};
    kind.isWorkedOut = true;
    return kind;
}

} // namespace nabblet

#include "core/kinds/settings/numbers.h"

#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

constexpr int MostDecimals = 10;

template <typename T> std::optional<T> optionalOf(const T *value)
{
    return value ? std::optional(*value) : std::nullopt;
}

template <const ControlSetting<double> &Limit> QString limitInWords(const Control &control)
{
    const double *limit = control.settings.get(Limit);
    return limit ? QLocale::c().toString(*limit, 'g', 15) : QString();
}

template <const ControlSetting<double> &Limit>
Result<Control> withLimit(const Control &control, const QString &typed, const Table *)
{
    const QString words = typed.trimmed();
    bool isNumber = false;
    const double number = QString(words).replace(u',', u'.').toDouble(&isNumber);
    if (!words.isEmpty() && !isNumber) {
        return Error{Texts::tr("A number was expected, or nothing for no limit."), {}};
    }
    Control changed = control;
    if (isNumber) {
        changed.settings.set(Limit, number);
    } else {
        changed.settings.remove(Limit);
    }
    const NumberLimits limits = numberLimits(changed);
    if (limits.least && limits.most && *limits.least > *limits.most) {
        return Error{Texts::tr("The least number would be greater than the greatest of “%1”, so that none could be "
                               "typed.")
                         .arg(control.name),
                     {}};
    }
    return changed;
}

QList<SettingLine> decimalsLines()
{
    return {{"decimals", Texts::later("Behaviour"), Texts::later("Decimals"),
             Texts::later("How many places stand behind the point. Empty: as many as are stored."), LineEditor::Words,
             Texts::later("Change the decimals"),
             [](const Control &control) { return wholeNumberInWords(decimalPlaces(control)); },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::Decimals, typed, 0, MostDecimals);
             }}};
}

QList<SettingLine> leastLines()
{
    return {{"least", Texts::later("Behaviour"), Texts::later("Least"),
             Texts::later("No smaller number may be typed. Empty: no limit."), LineEditor::Words,
             Texts::later("Change a limit"), limitInWords<setting::Least>, withLimit<setting::Least>}};
}

QList<SettingLine> mostLines()
{
    return {{"most", Texts::later("Behaviour"), Texts::later("Greatest"),
             Texts::later("No greater number may be typed. Empty: no limit."), LineEditor::Words,
             Texts::later("Change a limit"), limitInWords<setting::Most>, withLimit<setting::Most>}};
}

QList<SettingLine> thousandsLines()
{
    return {{"thousands", Texts::later("Display"), Texts::later("Thousands"),
             Texts::later("Parts the thousands by the sign of the language."), LineEditor::Flag,
             Texts::later("Change how numbers are written"), flagInWords<setting::PartsThousands>,
             flagTyped<setting::PartsThousands>}};
}

QList<SettingLine> arrowsLines()
{
    return {{"arrows", Texts::later("Display"), Texts::later("Arrows"),
             Texts::later("Arrows at the right end that count up and down; the keys Up and Down do so without them."),
             LineEditor::Flag, Texts::later("Show or hide arrows"), flagInWords<setting::Arrows>,
             flagTyped<setting::Arrows>}};
}

} // namespace

namespace setting {

constinit const ControlSetting<int> Decimals = wholeNumberSetting("decimals", SettingPart::Work, decimalsLines);
constinit const ControlSetting<double> Least = numberSetting("least", SettingPart::Work, leastLines);
constinit const ControlSetting<double> Most = numberSetting("most", SettingPart::Work, mostLines);
constinit const ControlSetting<bool> PartsThousands = flagSetting("thousands", SettingPart::Work, thousandsLines);
constinit const ControlSetting<bool> Arrows = flagSetting("arrows", SettingPart::Work, arrowsLines);

} // namespace setting

std::optional<int> decimalPlaces(const Control &control)
{
    return optionalOf(control.settings.get(setting::Decimals));
}

NumberLimits numberLimits(const Control &control)
{
    return {optionalOf(control.settings.get(setting::Least)), optionalOf(control.settings.get(setting::Most))};
}

Thousands thousandsOf(const Control &control)
{
    return control.settings.value(setting::PartsThousands) ? Thousands::Parted : Thousands::Plain;
}

bool hasArrows(const Control &control)
{
    return control.settings.value(setting::Arrows);
}

} // namespace nabblet

#include "core/kinds/settings/setting_line.h"

#include "core/text/tr.h"

namespace nabblet {

QString wholeNumberInWords(const std::optional<int> &number)
{
    return number ? QString::number(*number) : QString();
}

Result<Control> withWholeNumber(const Control &control, const ControlSetting<int> &setting, const QString &typed,
                                int least, int most)
{
    const QString words = typed.trimmed();
    bool isNumber = false;
    const int number = words.toInt(&isNumber);
    if (!words.isEmpty() && (!isNumber || number < least || number > most)) {
        return Error{Texts::tr("A whole number from %1 to %2 was expected, or nothing.").arg(least).arg(most), {}};
    }
    Control changed = control;
    if (isNumber) {
        changed.settings.set(setting, number);
    } else {
        changed.settings.remove(setting);
    }
    return changed;
}

} // namespace nabblet

#include "core/looks/dressing/colours_in_use.h"

#include "core/looks/pins/look_pin_table.h"

namespace nabblet {

namespace {

void count(QHash<Colour, int> &found, const ControlSettings &settings)
{
    if (settings.isEmpty()) {
        return;
    }
    const QJsonObject json = settings.toJson();
    const auto add = [&](const char *name) {
        if (const std::optional<TwoSided> colour = readTwoSided(json.value(QLatin1String(name)))) {
            ++found[colour->light];
            if (colour->dark) {
                ++found[*colour->dark];
            }
        }
    };
    for (const LookPin *pin : lookPins()) {
        if (pin->token == PinToken::Paint) {
            add(pin->setting->name);
        }
    }
    add(setting::RowColour.name);
}

} // namespace

QHash<Colour, int> coloursInUse(const Form &form)
{
    QHash<Colour, int> found;
    count(found, form.settings);
    for (const Band &band : form.bands) {
        count(found, band.settings);
    }
    for (const Control &control : form.controls) {
        count(found, control.settings);
        if (const Form *inner = control.inner.get()) {
            for (auto [colour, often] : coloursInUse(*inner).asKeyValueRange()) {
                found[colour] += often;
            }
        }
    }
    return found;
}

QHash<Colour, int> coloursInUse(const Styles &styles)
{
    QHash<Colour, int> found;
    for (const Style &style : styles) {
        count(found, style.pins);
    }
    return found;
}

} // namespace nabblet

#include "core/model/form.h"

#include <algorithm>

namespace nabblet {

Form::Form() = default;
Form::Form(const Form &other) = default;
Form::Form(Form &&other) noexcept = default;
Form &Form::operator=(const Form &other) = default;
Form &Form::operator=(Form &&other) noexcept = default;
Form::~Form() = default;

InnerForm::InnerForm(const Form &form) : m_form(std::make_shared<const Form>(form)) {}

bool InnerForm::operator==(const InnerForm &other) const
{
    return m_form == other.m_form || (m_form && other.m_form && *m_form == *other.m_form);
}

const Band *findBand(const Form &form, BandRole role)
{
    for (const Band &band : form.bands) {
        if (band.role == role) {
            return &band;
        }
    }
    return nullptr;
}

const Rail *findRail(const Form &form, RailId id)
{
    for (const QList<Rail> *rails : {&form.rails, &form.levelRails}) {
        for (const Rail &rail : *rails) {
            if (rail.id == id) {
                return &rail;
            }
        }
    }
    return nullptr;
}

bool isLevelRail(const Form &form, RailId id)
{
    return id == FixedRail::BodyTop || id == FixedRail::BodyBottom ||
           std::any_of(form.levelRails.begin(), form.levelRails.end(), [&](const Rail &rail) { return rail.id == id; });
}

const Control *captionOf(const Form &form, ControlId field)
{
    if (const ControlIndex *known = form.controls.knownIndex()) {
        const int index = known->captions.value(field, -1);
        return index < 0 ? nullptr : &form.controls.at(index);
    }
    const auto found = std::find_if(form.controls.begin(), form.controls.end(),
                                    [&](const Control &control) { return field != 0 && control.captionFor == field; });
    return found == form.controls.end() ? nullptr : &*found;
}

int bandTop(const Form &form, BandRole role)
{
    int top = 0;
    for (const Band &band : form.bands) {
        if (band.role == role) {
            return top;
        }
        top += band.height;
    }
    return 0;
}

int formHeight(const Form &form)
{
    int height = 0;
    for (const Band &band : form.bands) {
        height += band.height;
    }
    return height;
}

Form withoutPageBands(const Form &form)
{
    const bool hasAny =
        std::any_of(form.bands.begin(), form.bands.end(), [](const Band &band) { return isOfPages(band.role); });
    if (!hasAny) {
        return form;
    }
    Form result = form;
    result.bands.removeIf([](const Band &band) { return isOfPages(band.role); });
    result.controls = ControlList();
    for (int i = 0; i < form.controls.size(); ++i) {
        if (!isOfPages(form.controls.at(i).band)) {
            result.controls.appendShared(form.controls, i);
        }
    }
    return result;
}

int shownHeight(const Form &form)
{
    const Band *body = findBand(form, BandRole::Body);
    int height = 0;
    for (const Band &band : form.bands) {
        height += isOfPages(band.role) ? 0 : band.height;
    }
    return height + (body && isTabular(form) ? body->height * (form.rowsShown - 1) : 0);
}

QRect placeOnForm(const Form &form, const Control &control)
{
    return control.place.translated(0, bandTop(form, control.band));
}

QStringList controlNames(const Form &form, ControlId without)
{
    QStringList names;
    for (const Control &control : form.controls) {
        if (control.id != without) {
            names.append(control.name);
        }
    }
    return names;
}

ControlId nextControlId(const Form &form)
{
    ControlId highest = 0;
    for (const Control &control : form.controls) {
        highest = std::max(highest, control.id);
    }
    return highest + 1;
}

QStringList railNames(const Form &form)
{
    QStringList names;
    for (const QList<Rail> *rails : {&form.rails, &form.levelRails}) {
        for (const Rail &rail : *rails) {
            names.append(rail.name);
        }
    }
    return names;
}

RailId nextRailId(const Form &form)
{
    RailId next = FixedRail::FirstFree;
    for (const QList<Rail> *rails : {&form.rails, &form.levelRails}) {
        for (const Rail &rail : *rails) {
            next = std::max(next, rail.id + 1);
        }
    }
    return next;
}

} // namespace nabblet

#include "designer/document/look_clipboard.h"

#include "core/kinds/kind.h"
#include "core/looks/pins/known_settings.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QJsonDocument>
#include <QMimeData>

namespace nabblet {

namespace {

const QString LookType = QStringLiteral("application/x-nabblet-look+json");

QJsonObject looked()
{
    const QMimeData *data = QGuiApplication::clipboard()->mimeData();
    return data ? QJsonDocument::fromJson(data->data(LookType)).object() : QJsonObject();
}

} // namespace

void copyLookToClipboard(const Control &control)
{
    const QJsonObject look{{QStringLiteral("role"), control.role},
                           {QStringLiteral("settings"), control.settings.toJson(SettingPart::Look)}};
    auto *data = new QMimeData;
    data->setData(LookType, QJsonDocument(look).toJson(QJsonDocument::Compact));
    QGuiApplication::clipboard()->setMimeData(data);
}

bool clipboardHasLook()
{
    const QMimeData *data = QGuiApplication::clipboard()->mimeData();
    return data && data->hasFormat(LookType);
}

Form withLookOfClipboard(const Form &form, const QList<ControlId> &controls)
{
    const QJsonObject look = looked();
    if (look.isEmpty()) {
        return form;
    }
    const ControlSettings settings =
        ControlSettings::fromJson(look.value(QLatin1String("settings")).toObject(), knownSettings());
    Form result = form;
    for (const ControlId id : controls) {
        const int index = result.controls.indexOf(id);
        if (index >= 0) {
            Control control = result.controls.at(index);
            control.role = look.value(QLatin1String("role")).toString(control.role);
            control.settings.takeAll(SettingPart::Look, settings);
            result.controls.replace(index, control);
        }
    }
    return result;
}

} // namespace nabblet

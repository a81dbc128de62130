#include "core/kinds/settings/child_link.h"

#include "core/text/json_names.h"

namespace nabblet {

namespace {

std::optional<ChildLink> readLink(const QJsonValue &json)
{
    const QJsonObject object = json.toObject();
    ChildLink link{namesOf(object.value(QLatin1String("child"))), namesOf(object.value(QLatin1String("parent")))};
    return link.childColumns.size() == link.parentColumns.size() ? std::optional(link) : std::nullopt;
}

QJsonValue writeLink(const ChildLink &link)
{
    return QJsonObject{{key("child"), listOf(link.childColumns)}, {key("parent"), listOf(link.parentColumns)}};
}

} // namespace

namespace setting {

constinit const ControlSetting<ChildLink> Link{"link", readLink, writeLink};
constinit const ControlSetting<QString> Opens = wordsSetting("opens");

} // namespace setting

ChildLink childLinkOf(const Control &control)
{
    return control.settings.value(setting::Link);
}

void setChildLink(Control &control, const ChildLink &link)
{
    control.settings.set(setting::Link, link);
}

QString projectFormOf(const Control &control)
{
    return control.settings.value(setting::Opens);
}

} // namespace nabblet

#include "core/file/rail_file.h"

#include "core/text/json_names.h"
#include "core/text/tr.h"

#include <algorithm>
#include <array>

namespace nabblet {

namespace {

constexpr int WholeShare = 1000; // thousandths

const QStringList &holdNames()
{
    static const QStringList names{QStringLiteral("left"), QStringLiteral("right"), QStringLiteral("share")};
    return names;
}

const QStringList &levelHoldNames()
{
    static const QStringList names{QStringLiteral("top"), QStringLiteral("bottom"), QStringLiteral("share")};
    return names;
}

struct FixedRailName
{
    RailId id;
    const char *name;
};
constexpr std::array<FixedRailName, 4> FixedRailNames{{{FixedRail::FormLeft, "form left"},
                                                       {FixedRail::FormRight, "form right"},
                                                       {FixedRail::BodyTop, "body top"},
                                                       {FixedRail::BodyBottom, "body bottom"}}};

bool isFixedRailName(const QString &name)
{
    return std::any_of(FixedRailNames.begin(), FixedRailNames.end(),
                       [&](const FixedRailName &fixed) { return name == QLatin1String(fixed.name); });
}

// People may call a rail what the file calls one of the form's own: theirs then has a word before its name wherever it
// is referred to. Names that would be mistaken for such get it as well.
const QString OwnRail = QStringLiteral("rail ");
bool needsOwnRail(const QString &name)
{
    return isFixedRailName(name) || (name.startsWith(OwnRail) && needsOwnRail(name.mid(OwnRail.size())));
}

void writeRail(JsonText &json, const Rail &rail, bool isLevel)
{
    json.beginObject(nullptr, JsonText::Layout::OneLine);
    json.value("name", rail.name);
    if (isLevel) {
        json.value("level", true);
    }
    json.value("at", rail.position);
    json.value("hold", (isLevel ? levelHoldNames() : holdNames()).at(static_cast<int>(rail.hold)));
    if (rail.share != Rail::ByPlace) {
        json.value("share", rail.share);
    }
    if (rail.isAutomatic) {
        json.value("auto", true);
        json.value("captionsFrom", rail.captionsFrom);
    }
    json.members(rail.unknown);
    json.endObject();
}

} // namespace

QString railName(const Form &form, RailId id)
{
    for (const FixedRailName &fixed : FixedRailNames) {
        if (fixed.id == id) {
            return key(fixed.name);
        }
    }
    const Rail *rail = findRail(form, id);
    return !rail ? QString() : needsOwnRail(rail->name) ? OwnRail + rail->name : rail->name;
}

RailId railNamed(const Form &form, JsonReader &reader, const char *edge, JsonMistakes &mistakes)
{
    QString name = reader.text(edge, QString());
    if (name.isEmpty()) {
        return FixedRail::None;
    }
    const bool isOwn = name.startsWith(OwnRail) && needsOwnRail(name.mid(OwnRail.size()));
    for (const FixedRailName &fixed : FixedRailNames) {
        if (name == QLatin1String(fixed.name)) {
            return fixed.id;
        }
    }
    name = isOwn ? name.mid(OwnRail.size()) : name;
    for (const QList<Rail> *rails : {&form.rails, &form.levelRails}) {
        for (const Rail &rail : *rails) {
            if (rail.name == name) {
                return rail.id;
            }
        }
    }
    mistakes.report(reader.pointerTo(key(edge)),
                    Texts::tr("the name of a rail was expected, and none is called “%1”").arg(name));
    return FixedRail::None;
}

void readRails(Form &form, const QJsonArray &stored, const QString &base, JsonMistakes &mistakes)
{
    QStringList names;
    for (int i = 0; i < stored.size(); ++i) {
        JsonReader reader(stored.at(i).toObject(), base + u'/' + QString::number(i), &mistakes);
        Rail rail;
        rail.id = FixedRail::FirstFree + i;
        rail.name = reader.text("name");
        if (names.contains(rail.name)) {
            mistakes.report(reader.pointerTo(key("name")),
                            Texts::tr("a name of its own was expected, and “%1” is another rail's too").arg(rail.name));
        }
        names.append(rail.name);
        const bool isLevel = reader.flag("level", false);
        rail.position = reader.number("at", -FarthestPlace, FarthestPlace);
        rail.hold = static_cast<Hold>(reader.oneOf("hold", isLevel ? levelHoldNames() : holdNames(), 0));
        rail.share = reader.number("share", Rail::ByPlace, WholeShare, Rail::ByPlace);
        if (!isLevel) {
            rail.isAutomatic = reader.flag("auto", false);
            rail.captionsFrom = reader.number("captionsFrom", -FarthestPlace, FarthestPlace, 0);
        }
        rail.unknown = reader.unknownKeys();
        (isLevel ? form.levelRails : form.rails).append(rail);
    }
}

void writeRails(JsonText &json, const Form &form)
{
    json.beginList("rails");
    for (const Rail &rail : form.rails) {
        writeRail(json, rail, false);
    }
    for (const Rail &rail : form.levelRails) {
        writeRail(json, rail, true);
    }
    json.endList();
}

} // namespace nabblet

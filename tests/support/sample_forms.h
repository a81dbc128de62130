// Forms and catalogues made by hand or by chance for tests.
#pragma once

#include "core/arrange/rails.h"
#include "core/catalogue/catalogue.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/typing.h"
#include "core/looks/pins/known_settings.h"
#include "core/model/form.h"

#include <QJsonArray>
#include <QRandomGenerator>

namespace nabblet::samples {

// Settings as they stand in a file.
inline ControlSettings settingsOf(const QJsonObject &json)
{
    return ControlSettings::fromJson(json, knownSettings());
}

inline Column column(const QString &name, const QString &declared, bool isRequired = false)
{
    Column result;
    result.name = name;
    takeDeclaredType(result, declared);
    result.isRequired = isRequired;
    return result;
}

// A form of `fields` text boxes with captions on one automatic rail, and a header.
inline Form columnOfFields(int fields)
{
    Form form;
    form.name = QStringLiteral("sample");
    form.title = QStringLiteral("Sample");
    form.rowsFrom = QStringLiteral("sample");
    form.width = 480;
    form.bands = {Band{BandRole::Header, 56, {}}, Band{BandRole::Body, 32 + fields * 32, {}}};
    Rail rail;
    rail.id = FixedRail::FirstFree;
    rail.name = QStringLiteral("captions");
    rail.position = 120;
    rail.isAutomatic = true;
    rail.captionsFrom = 16;
    form.rails = {rail};
    for (int i = 0; i < fields; ++i) {
        Control box;
        box.id = 2 * i + 1;
        box.kind = QStringLiteral("text-box");
        box.role = QStringLiteral("field");
        box.name = QStringLiteral("text_%1").arg(i);
        box.column = QStringLiteral("column_%1").arg(i);
        box.place = QRect(120, 16 + i * 32, 160, 24);
        box.rides.left = rail.id;
        form.controls.append(box);
        Control caption;
        caption.id = 2 * i + 2;
        caption.kind = QStringLiteral("caption");
        caption.role = QStringLiteral("caption");
        caption.name = QStringLiteral("caption_%1").arg(i);
        caption.text = QStringLiteral("Column %1").arg(i);
        caption.captionFor = box.id;
        caption.place = QRect(120 - CaptionGap - 63, 16 + i * 32, 64, 24);
        caption.place.setRight(120 - CaptionGap - 1);
        caption.rides.right = rail.id;
        form.controls.append(caption);
    }
    return form;
}

// A form of any shape: every kind, any place, odd names and unknown keys.
inline Form anyForm(QRandomGenerator &random, int controls)
{
    static const QStringList Words{QStringLiteral("Long Reach"),  QStringLiteral("Ærøskjær \"north\""),
                                   QStringLiteral("two\nlines"),  QStringLiteral("ليلى"),
                                   QStringLiteral("back\\slash"), QStringLiteral("🛟 float"),
                                   QStringLiteral("tab\there"),   QString()};
    const auto word = [&] { return Words.at(random.bounded(static_cast<int>(Words.size()))); };
    Form form;
    form.name = QStringLiteral("any");
    form.title = word();
    form.rowsFrom = word();
    form.permissions = {random.bounded(2) == 0, random.bounded(2) == 0, random.bounded(2) == 0, random.bounded(2) == 0};
    form.grid = {1 + random.bounded(20), static_cast<GridMarks>(random.bounded(3))};
    form.width = 300 + random.bounded(900);
    form.tabOrder = static_cast<TabOrder>(random.bounded(4));
    form.bands = {Band{BandRole::Header, random.bounded(80), {}},
                  Band{BandRole::Body, random.bounded(900), {{QStringLiteral("tint"), QStringLiteral("#ffeecc")}}},
                  Band{BandRole::Footer, random.bounded(80), {}}};
    for (int i = 0; i < 3; ++i) {
        Rail rail;
        rail.id = FixedRail::FirstFree + i;
        rail.name = QStringLiteral("rail %1").arg(i);
        rail.position = random.bounded(900);
        rail.hold = static_cast<Hold>(random.bounded(3));
        rail.isAutomatic = random.bounded(2) == 0;
        rail.captionsFrom = rail.isAutomatic ? random.bounded(50) : 0;
        form.rails.append(rail);
    }
    for (int i = 0; i < 2; ++i) {
        Rail rail;
        rail.id = FixedRail::FirstFree + 3 + i;
        rail.name = QStringLiteral("level %1").arg(i);
        rail.position = random.bounded(700);
        rail.hold = static_cast<Hold>(random.bounded(3));
        rail.share = rail.hold == Hold::Share && random.bounded(2) == 0 ? random.bounded(1000) : Rail::ByPlace;
        form.levelRails.append(rail);
    }
    for (int i = 0; i < controls; ++i) {
        Control control;
        control.id = i + 1;
        control.kind = kinds().at(random.bounded(static_cast<int>(kinds().size()))).name;
        control.name = QStringLiteral("control_%1").arg(i);
        control.band = form.bands.at(random.bounded(static_cast<int>(form.bands.size()))).role;
        control.place =
            QRect{random.bounded(800), random.bounded(800), 1 + random.bounded(300), 1 + random.bounded(90)};
        control.rides.left = random.bounded(3) == 0 ? FixedRail::FirstFree + random.bounded(3) : FixedRail::None;
        control.rides.right = random.bounded(4) == 0 ? FixedRail::FormRight : FixedRail::None;
        const auto levelRail = [&] { return FixedRail::FirstFree + 3 + random.bounded(2); };
        control.rides.top = random.bounded(5) == 0 ? levelRail() : FixedRail::None;
        control.rides.bottom = random.bounded(8) == 0   ? FixedRail::BodyBottom
                               : random.bounded(6) == 0 ? levelRail()
                                                        : FixedRail::None;
        control.role = random.bounded(4) == 0                     ? QStringLiteral("note")
                       : control.kind == QLatin1String("caption") ? QStringLiteral("caption")
                                                                  : QStringLiteral("field");
        control.column = word();
        control.text = word();
        control.captionFor = control.kind == QLatin1String("caption") && i > 0 ? 1 + random.bounded(i) : 0;
        if (random.bounded(3) == 0) {
            control.settings.set(setting::Prompt, word());
            control.settings.set(setting::Length, random.bounded(100));
        }
        if (random.bounded(5) == 0) {
            control.unknown = {{QStringLiteral("glow"), QJsonObject{{QStringLiteral("depth"), 1.5}}}};
        }
        form.controls.append(control);
    }
    form.unknown = {{QStringLiteral("newer"), QJsonArray{1, QStringLiteral("two")}}};
    return form;
}

} // namespace nabblet::samples

#include "core/file/form_file.h"

#include "core/file/band_names.h"
#include "core/file/column_file.h"

#include "core/arrange/containers.h"
#include "core/file/json_reader.h"
#include "core/file/json_text.h"
#include "core/file/picture_file.h"
#include "core/file/rail_file.h"
#include "core/file/rule_file.h"
#include "core/file/whole_file.h"
#include "core/form_settings/form_setting_table.h"
#include "core/kinds/settings/child_link.h"
#include "core/looks/dressing/ground_picture.h"
#include "core/looks/pins/known_settings.h"
#include "core/text/json_names.h"
#include "core/text/tr.h"

#include <QDir>
#include <QFileInfo>
#include <QHash>
#include <QJsonArray>

namespace nabblet {

namespace {

constexpr int MostRowsShown = 1000; // of a tabular form

const QStringList &toneNames()
{
    static const QStringList names{QStringLiteral("usual"), QStringLiteral("paper"), QStringLiteral("tint"),
                                   QStringLiteral("strong")};
    return names;
}

const QStringList &panelNames()
{
    static const QStringList names{QStringLiteral("none"), QStringLiteral("below"), QStringLiteral("in place"),
                                   QStringLiteral("window")};
    return names;
}

constexpr int WidestList = 2000; // px, of the records beside a form

void writeWindow(JsonText &json, const Form &form)
{
    const WindowStyle &window = form.window;
    const QJsonObject unknown = form.unknownInside.value(key("window")).toObject();
    if (window == WindowStyle() && unknown.isEmpty()) {
        return;
    }
    json.beginObject("window", JsonText::Layout::OneLine);
    if (window.isFixed) {
        json.value("fixed", true);
    }
    if (!window.hasRecordStrip) {
        json.value("recordStrip", false);
    }
    if (!window.hasScrollBars) {
        json.value("scrollBars", false);
    }
    if (window.hasRecordList) {
        json.value("recordList", window.isListAtRight ? QStringLiteral("right") : QStringLiteral("left"));
    }
    if (window.listWidth != WindowStyle().listWidth) {
        json.value("listWidth", window.listWidth);
    }
    if (!window.listColumns.isEmpty()) {
        json.value("listColumns", QJsonValue(listOf(window.listColumns)));
    }
    json.members(unknown);
    json.endObject();
}

WindowStyle readWindow(JsonReader &reader)
{
    WindowStyle window;
    window.isFixed = reader.flag("fixed", false);
    window.hasRecordStrip = reader.flag("recordStrip", true);
    window.hasScrollBars = reader.flag("scrollBars", true);
    window.hasRecordList = reader.has("recordList");
    if (window.hasRecordList) {
        window.isListAtRight = reader.oneOf("recordList", {QStringLiteral("left"), QStringLiteral("right")}) == 1;
    }
    window.listWidth = reader.number("listWidth", 40, WidestList, window.listWidth);
    window.listColumns = namesOf(reader.list("listColumns"));
    return window;
}

const QStringList &marksNames()
{
    static const QStringList names{QStringLiteral("dots"), QStringLiteral("lines"), QStringLiteral("none")};
    return names;
}

const QStringList &tabOrderNames()
{
    static const QStringList names{QStringLiteral("rows"), QStringLiteral("columns"), QStringLiteral("by hand"),
                                   QStringLiteral("as it reads")};
    return names;
}

// The look role of a control that names none.
QString usualRole(const QString &kind)
{
    return kind == QLatin1String("caption")          ? QStringLiteral("caption")
           : kindNamed(kind).holds != Holds::Nothing ? QStringLiteral("heading")
                                                     : QStringLiteral("field");
}

void writeFormMembers(JsonText &json, const Form &form);

void writeControl(JsonText &json, const Form &form, const QHash<ControlId, QString> &names, const Control &control)
{
    json.beginObject();
    json.value("kind", control.kind);
    json.continueLine();
    json.value("name", control.name);
    if (control.band != BandRole::Body) {
        json.value("band", bandNames().at(static_cast<int>(control.band)));
    }
    if (control.container != 0) {
        json.value("container", names.value(control.container));
        if (control.page != 0) {
            json.value("page", control.page);
        }
    }
    json.endLine();
    json.beginList("place", JsonText::Layout::OneLine);
    for (const int figure : {control.place.x(), control.place.y(), control.place.width(), control.place.height()}) {
        json.item(figure);
    }
    json.endList();
    json.continueLine();
    for (const auto &[edge, rail] :
         {std::pair{"leftRides", control.rides.left}, std::pair{"rightRides", control.rides.right},
          std::pair{"topRides", control.rides.top}, std::pair{"bottomRides", control.rides.bottom}}) {
        if (rail != FixedRail::None) {
            json.value(edge, railName(form, rail));
        }
    }
    json.endLine();
    if (!control.column.isEmpty()) {
        json.value("column", control.column);
    }
    if (!control.text.isEmpty()) {
        json.value("text", control.text);
    }
    if (control.captionFor != 0) {
        json.value("captionFor", names.value(control.captionFor));
    }
    if (control.role != usualRole(control.kind)) {
        json.value("role", control.role);
    }
    if (!control.settings.isEmpty()) {
        json.value("settings", QJsonValue(control.settings.toJson()));
    }
    const bool hasFileOfItsOwn = control.kind == QLatin1String("subform") && !projectFormOf(control).isEmpty();
    if (control.inner && !hasFileOfItsOwn) {
        json.beginObject("form");
        writeFormMembers(json, *control.inner.get());
        json.endObject();
    }
    json.members(control.unknown);
    json.endObject();
}

// The other controls that a control names.
struct Named
{
    QString captionFor;
    QString container;
};

constexpr int Deepest = 8; // forms inside forms

Form readFormObject(JsonReader &reader, int depth, JsonMistakes &mistakes);

// A form that stands in another.
InnerForm readInner(JsonReader &reader, const char *member, int depth, JsonMistakes &mistakes)
{
    if (!reader.has(member)) {
        return {};
    }
    if (depth >= Deepest) {
        mistakes.report(reader.pointerTo(key(member)),
                        Texts::tr("no form was expected, since forms stand at most %1 deep in one another")
                            .arg(QString::number(Deepest)));
        return {};
    }
    JsonReader inner(reader.object(member), reader.pointerTo(key(member)), &mistakes);
    return InnerForm(readFormObject(inner, depth + 1, mistakes));
}

Control readControl(const Form &form, const QJsonObject &object, const QString &pointer, int depth,
                    JsonMistakes &mistakes, Named &named)
{
    JsonReader reader(object, pointer, &mistakes);
    Control control;
    control.kind = reader.text("kind");
    control.name = reader.text("name");
    if (control.name.isEmpty()) {
        mistakes.report(reader.pointerTo(key("name")), Texts::tr("a name was expected"));
    }
    control.band = static_cast<BandRole>(reader.oneOf("band", bandNames(), static_cast<int>(BandRole::Body)));
    if (!findBand(form, control.band)) {
        mistakes.report(reader.pointerTo(key("band")), Texts::tr("one of the form's bands was expected"));
    }
    const QJsonArray place = reader.list("place", true);
    bool isPlace = place.size() == 4;
    for (const auto &figure : place) {
        const int number = figure.toInt(FarthestPlace + 1);
        isPlace = isPlace && number >= -FarthestPlace && number <= FarthestPlace;
    }
    isPlace = isPlace && place.at(2).toInt() >= 0 && place.at(3).toInt() >= 0;
    if (!isPlace) {
        mistakes.report(reader.pointerTo(key("place")),
                        Texts::tr("four whole numbers were expected: x, y, width, height"));
    }
    control.place = QRect(place.at(0).toInt(), place.at(1).toInt(), place.at(2).toInt(), place.at(3).toInt());
    control.rides.left = railNamed(form, reader, "leftRides", mistakes);
    control.rides.right = railNamed(form, reader, "rightRides", mistakes);
    control.rides.top = railNamed(form, reader, "topRides", mistakes);
    control.rides.bottom = railNamed(form, reader, "bottomRides", mistakes);
    control.column = reader.text("column", QString());
    control.text = reader.text("text", QString());
    named.captionFor = reader.text("captionFor", QString());
    named.container = reader.text("container", QString());
    control.page = reader.number("page", 0, FarthestPlace, 0);
    control.role = reader.text("role", usualRole(control.kind));
    control.settings = ControlSettings::fromJson(reader.object("settings"), knownSettings());
    control.inner = readInner(reader, "form", depth, mistakes);
    control.unknown = reader.unknownKeys();
    return control;
}

void readControls(Form &form, const QJsonArray &stored, const QString &base, int depth, JsonMistakes &mistakes)
{
    QHash<QString, ControlId> ids;
    ids.reserve(stored.size());
    QList<Control> controls;
    controls.reserve(stored.size());
    QList<Named> named; // what each control names; resolved once all names are known
    named.reserve(stored.size());
    for (int i = 0; i < stored.size() && mistakes.isEmpty(); ++i) {
        const QString pointer = base + QLatin1Char('/') + QString::number(i);
        const QJsonValue value = stored.at(i);
        if (!value.isObject()) {
            mistakes.report(pointer, Texts::tr("an object was expected"));
            return;
        }
        Named names;
        Control control = readControl(form, value.toObject(), pointer, depth, mistakes, names);
        control.id = i + 1;
        const auto taken = ids.constFind(control.name);
        if (taken != ids.constEnd()) {
            mistakes.report(pointer + QStringLiteral("/name"),
                            Texts::tr("a name of its own was expected, and “%1” is the name of %2 too")
                                .arg(control.name, base + u'/' + QString::number(*taken - 1)));
        }
        ids.insert(control.name, control.id);
        named.append(names);
        controls.append(std::move(control));
    }
    form.controls.reserve(static_cast<int>(controls.size()));
    const auto idOf = [&](const QString &name, int i, const char *member) -> ControlId {
        if (!name.isEmpty() && !ids.contains(name)) {
            mistakes.report(base + QStringLiteral("/%1/%2").arg(QString::number(i), key(member)),
                            Texts::tr("the name of a control was expected, and none is called “%1”").arg(name));
        }
        return ids.value(name, 0);
    };
    for (int i = 0; i < controls.size(); ++i) {
        controls[i].captionFor = idOf(named.at(i).captionFor, i, "captionFor");
        controls[i].container = idOf(named.at(i).container, i, "container");
        form.controls.append(controls.at(i));
    }
    if (!mistakes.isEmpty()) {
        return;
    }
    const Form sound = inNestingOrder(form);
    for (int i = 0; i < controls.size(); ++i) {
        if (controls.at(i).container != sound.controls.find(controls.at(i).id)->container) {
            mistakes.report(
                base + QStringLiteral("/%1/container").arg(i),
                Texts::tr("a group box or a page of tab pages in the same band was expected, and not inside itself"));
            return;
        }
    }
    form.controls = sound.controls;
}

void readBands(Form &form, const QJsonArray &stored, const QString &base, JsonMistakes &mistakes)
{
    int last = -1;
    for (int i = 0; i < stored.size(); ++i) {
        const QString pointer = base + u'/' + QString::number(i);
        JsonReader reader(stored.at(i).toObject(), pointer, &mistakes);
        Band band;
        const int role = reader.oneOf("band", bandNames());
        if (role <= last) {
            mistakes.report(
                pointer,
                Texts::tr("page header, header, body, footer and page footer were expected in that order, each "
                          "once at most"));
        }
        last = role;
        band.role = static_cast<BandRole>(role);
        band.height = reader.number("height", 0, FarthestPlace);
        band.tone = static_cast<BandTone>(reader.oneOf("tone", toneNames(), 0));
        band.settings = ControlSettings::fromJson(reader.object("look"), knownBandSettings());
        band.unknown = reader.unknownKeys();
        form.bands.append(band);
    }
    if (!findBand(form, BandRole::Body)) {
        mistakes.report(base, Texts::tr("a body band was expected"));
    }
}

// What stands in files of the first version otherwise than it does now: what was held to the body's bottom got higher
// with it, as what is held at the top as well does now.
Form ofFirstVersion(const Form &form)
{
    Form result = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        if (control.rides.bottom == FixedRail::BodyBottom && control.rides.top == FixedRail::None) {
            control.rides.top = FixedRail::BodyTop;
        }
        if (control.inner) {
            control.inner = InnerForm(ofFirstVersion(*control.inner.get()));
        }
        result.controls.replace(i, control);
    }
    if (form.rowForm) {
        result.rowForm = InnerForm(ofFirstVersion(*form.rowForm.get()));
    }
    return result;
}

void writeLanguages(JsonText &json, const Form &form)
{
    if (!form.language.isEmpty()) {
        json.value("language", form.language);
    }
    if (form.languages.isEmpty()) {
        return;
    }
    json.beginObject("languages");
    for (auto each = form.languages.begin(); each != form.languages.end(); ++each) {
        json.beginMember(each.key());
        QJsonObject words;
        for (auto pair = each->begin(); pair != each->end(); ++pair) {
            words.insert(pair.key(), pair.value());
        }
        json.members(words);
        json.endObject();
    }
    json.endObject();
}

void readLanguages(Form &form, JsonReader &reader)
{
    form.language = reader.text("language", QString());
    const QJsonObject languages = reader.object("languages");
    for (auto each = languages.begin(); each != languages.end(); ++each) {
        const QJsonObject words = each->toObject();
        QMap<QString, QString> &own = form.languages[each.key()];
        for (auto pair = words.begin(); pair != words.end(); ++pair) {
            own.insert(pair.key(), pair->toString());
        }
    }
}

// Everything of a form but the version of its file; also for a form inside a control.
void writeFormMembers(JsonText &json, const Form &form)
{
    QHash<ControlId, QString> names;
    for (const Control &control : form.controls) {
        names.insert(control.id, control.name);
    }
    constexpr auto OneLine = JsonText::Layout::OneLine;
    json.value("name", form.name);
    json.value("title", form.title);
    if (!form.rowsFrom.isEmpty()) {
        json.beginObject("rows", OneLine);
        json.value("table", form.rowsFrom);
        if (!form.select.isEmpty()) {
            json.value("select", form.select);
        }
        json.members(form.unknownInside.value(key("rows")).toObject());
        json.endObject();
    }
    json.beginObject("people", OneLine);
    json.value("see", form.permissions.see);
    json.value("add", form.permissions.add);
    json.value("change", form.permissions.change);
    json.value("delete", form.permissions.remove);
    json.members(form.unknownInside.value(key("people")).toObject());
    json.endObject();
    json.value("look", form.look);
    json.beginObject("grid", OneLine);
    json.value("pitch", form.grid.pitch);
    json.value("marks", marksNames().at(static_cast<int>(form.grid.marks)));
    json.members(form.unknownInside.value(key("grid")).toObject());
    json.endObject();
    json.value("width", form.width);
    if (isTabular(form)) {
        json.value("rowsShown", form.rowsShown);
    }
    if (form.leastWidth > 0) {
        json.value("leastWidth", form.leastWidth);
    }
    if (form.leastHeight > 0) {
        json.value("leastHeight", form.leastHeight);
    }
    json.value("tabOrder", tabOrderNames().at(static_cast<int>(form.tabOrder)));
    if (form.tabOrder == TabOrder::ByHand || !form.handOrder.isEmpty()) {
        QStringList order;
        for (const ControlId id : form.handOrder) {
            if (names.contains(id)) {
                order.append(names.value(id));
            }
        }
        json.value("handOrder", QJsonValue(listOf(order)));
    }
    if (!form.tracing.file.isEmpty()) {
        json.beginObject("tracing", OneLine);
        json.value("file", form.tracing.file);
        json.value("x", form.tracing.at.x());
        json.value("y", form.tracing.at.y());
        json.value("percent", form.tracing.percent);
        json.value("strength", form.tracing.strength);
        json.members(form.unknownInside.value(key("tracing")).toObject());
        json.endObject();
    }

    writeWindow(json, form);
    if (!form.settings.isEmpty()) {
        json.value("settings", QJsonValue(form.settings.toJson()));
    }
    if (form.rowPanel != RowPanel::None || form.rowForm) {
        json.value("rowPanel", panelNames().at(static_cast<int>(form.rowPanel)));
    }
    if (form.rowForm) {
        json.beginObject("rowForm");
        writeFormMembers(json, *form.rowForm.get());
        json.endObject();
    }

    json.beginList("bands");
    for (const Band &band : form.bands) {
        json.beginObject(nullptr, OneLine);
        json.value("band", bandNames().at(static_cast<int>(band.role)));
        json.value("height", band.height);
        if (band.tone != BandTone::Usual) {
            json.value("tone", toneNames().at(static_cast<int>(band.tone)));
        }
        if (!band.settings.isEmpty()) {
            json.value("look", QJsonValue(band.settings.toJson()));
        }
        json.members(band.unknown);
        json.endObject();
    }
    json.endList();

    writeRails(json, form);

    json.beginList("columns");
    for (const BoundColumn &column : form.boundColumns) {
        writeBoundColumn(json, column);
    }
    json.endList();
    if (!form.seenColumns.isEmpty()) {
        json.value("seenColumns", QJsonArray::fromStringList(form.seenColumns));
    }

    json.beginList("controls");
    for (const Control &control : form.controls) {
        writeControl(json, form, names, control);
    }
    json.endList();
    writeRules(json, form, names);
    writeLeftBe(json, form, names);
    writeUndecided(json, form);
    writeLanguages(json, form);
    json.members(form.unknown);
}

Form readFormObject(JsonReader &reader, int depth, JsonMistakes &mistakes)
{
    Form form;
    const auto keepUnknown = [&form](const char *name, const JsonReader &inner) {
        if (const QJsonObject unknown = inner.unknownKeys(); !unknown.isEmpty()) {
            form.unknownInside.insert(key(name), unknown);
        }
    };
    if (depth == 0) {
        form.fileVersion = reader.number("nabform", 1, std::numeric_limits<int>::max());
    }
    form.name = reader.text("name");
    form.title = reader.text("title", QString());
    // Files written before the rows got that name have them as their "rowSource".
    if (const char *rows = reader.has("rows") ? "rows" : "rowSource"; reader.has(rows)) {
        JsonReader source(reader.object(rows), reader.pointerTo(key(rows)), &mistakes);
        form.rowsFrom = source.text("table");
        form.select = source.text("select", QString());
        keepUnknown("rows", source);
    }
    JsonReader people(reader.object("people"), reader.pointerTo(key("people")), &mistakes);
    form.permissions.see = people.flag("see", true);
    form.permissions.add = people.flag("add", true);
    form.permissions.change = people.flag("change", true);
    form.permissions.remove = people.flag("delete", true);
    keepUnknown("people", people);
    form.look = reader.text("look", form.look);
    JsonReader grid(reader.object("grid"), reader.pointerTo(key("grid")), &mistakes);
    form.grid.pitch = grid.number("pitch", 1, 200, form.grid.pitch);
    form.grid.marks = static_cast<GridMarks>(grid.oneOf("marks", marksNames(), 0));
    keepUnknown("grid", grid);
    form.width = reader.number("width", 0, FarthestPlace);
    form.rowsShown = reader.number("rowsShown", 0, MostRowsShown, 0);
    form.leastWidth = reader.number("leastWidth", 0, FarthestPlace, 0);
    form.leastHeight = reader.number("leastHeight", 0, FarthestPlace, 0);
    form.tabOrder = static_cast<TabOrder>(reader.oneOf("tabOrder", tabOrderNames(), 0));
    const bool hasHandOrder = reader.has("handOrder");
    const QStringList handOrder = namesOf(reader.list("handOrder"));
    if (reader.has("tracing")) {
        JsonReader tracing(reader.object("tracing"), reader.pointerTo(key("tracing")), &mistakes);
        form.tracing.file = tracing.text("file");
        form.tracing.at = QPoint(tracing.number("x", -FarthestPlace, FarthestPlace, 0),
                                 tracing.number("y", -FarthestPlace, FarthestPlace, 0));
        form.tracing.percent = tracing.number("percent", 1, 1000, 100);
        form.tracing.strength = tracing.number("strength", 1, 100, 35);
        keepUnknown("tracing", tracing);
    }
    form.rowPanel = static_cast<RowPanel>(reader.oneOf("rowPanel", panelNames(), 0));
    form.rowForm = readInner(reader, "rowForm", depth, mistakes);
    if (reader.has("window")) {
        JsonReader window(reader.object("window"), reader.pointerTo(key("window")), &mistakes);
        form.window = readWindow(window);
        keepUnknown("window", window);
    }
    form.settings = ControlSettings::fromJson(reader.object("settings"), knownFormSettings());
    readBands(form, reader.list("bands", true), reader.pointerTo(key("bands")), mistakes);
    readRails(form, reader.list("rails"), reader.pointerTo(key("rails")), mistakes);
    readBoundColumns(form, reader.list("columns"), reader.pointerTo(key("columns")), mistakes);
    form.seenColumns = namesOf(reader.list("seenColumns"));
    readControls(form, reader.list("controls", true), reader.pointerTo(key("controls")), depth, mistakes);
    QHash<QString, ControlId> ids;
    for (const Control &control : form.controls) {
        ids.insert(control.name, control.id);
        // Before there was a list of its own, an order by hand was that of the controls.
        if (!hasHandOrder && form.tabOrder == TabOrder::ByHand) {
            form.handOrder.append(control.id);
        }
    }
    readRules(form, reader.list("rules"), reader.pointerTo(key("rules")), ids, mistakes);
    readLanguages(form, reader);
    readUndecided(form, reader.list("undecided"), reader.pointerTo(key("undecided")), mistakes);
    readLeftBe(form, reader.list("leftBe"), reader.pointerTo(key("leftBe")), ids, mistakes);
    for (const QString &name : handOrder) {
        if (ids.contains(name) && !form.handOrder.contains(ids.value(name))) {
            form.handOrder.append(ids.value(name));
        }
    }
    form.unknown = reader.unknownKeys();
    return form;
}

} // namespace

QByteArray writeForm(const Form &form)
{
    JsonText json;
    json.beginObject();
    json.value("nabform", std::max(FormFileVersion, form.fileVersion));
    writeFormMembers(json, form);
    json.endObject();
    return json.toUtf8();
}

Result<Form> readForm(const QByteArray &text)
{
    const Result<QJsonObject> object = parseJsonObject(text);
    if (!object) {
        return object.error();
    }
    JsonMistakes mistakes;
    JsonReader reader(*object, QString(), &mistakes);
    Form form = readFormObject(reader, 0, mistakes);
    if (!mistakes.isEmpty()) {
        return Error{mistakes.first(), {}};
    }
    if (form.fileVersion < FormFileVersion) {
        form = ofFirstVersion(form);
        form.fileVersion = FormFileVersion;
    }
    return form;
}

namespace {

// Subforms that show a form of the project get it from its file beside this one; what cannot be read stays empty.
Form withFormsRead(const Form &form, const QDir &folder, int depth)
{
    Form result = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        const QString name = control.kind == QLatin1String("subform") ? projectFormOf(control) : QString();
        if (!name.isEmpty() && !control.inner && depth < Deepest) {
            const Result<QByteArray> bytes = readWholeFile(folder.filePath(name + QStringLiteral(".nabform")));
            const Result<Form> inner = bytes ? readForm(*bytes) : Result<Form>(bytes.error());
            if (inner) {
                control.inner = InnerForm(withFormsRead(*inner, folder, depth + 1));
                result.controls.replace(i, control);
            }
        } else if (control.inner) {
            control.inner = InnerForm(withFormsRead(*control.inner.get(), folder, depth + 1));
            result.controls.replace(i, control);
        }
    }
    if (form.rowForm) {
        result.rowForm = InnerForm(withFormsRead(*form.rowForm.get(), folder, depth + 1));
    }
    return result;
}

} // namespace

Result<Form> loadForm(const QString &path)
{
    const Result<QByteArray> bytes = readWholeFile(path);
    if (!bytes) {
        return bytes.error();
    }
    Result<Form> form = readForm(*bytes);
    if (!form) {
        return Error{
            Texts::tr(
                "%1 is not a form that can be read: %2. Mend that place in a text editor or take an earlier copy.")
                .arg(path, form.error().sentence),
            form.error().detail};
    }
    const QDir folder = QFileInfo(path).absoluteDir();
    return withPicturesRead(withFormsRead(*form, folder, 0), folder);
}

Outcome saveForm(const QString &path, const Form &form)
{
    return replaceWholeFile(path, writeForm(withPicturesKept(form, QFileInfo(path).absoluteDir())));
}

} // namespace nabblet

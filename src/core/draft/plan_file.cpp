#include "core/draft/plan_file.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/choices.h"
#include "core/looks/files/look_book.h"
#include "core/text/json_names.h"
#include "core/text/tr.h"

#include <QJsonArray>

#include <algorithm>

namespace nabblet {

namespace {

const QStringList &arrangementNames()
{
    static const QStringList names{QStringLiteral("columnar"), QStringLiteral("stacked"), QStringLiteral("tabular")};
    return names;
}

const QStringList &spacingNames()
{
    static const QStringList names{QStringLiteral("tight"), QStringLiteral("comfortable"), QStringLiteral("roomy")};
    return names;
}

const QStringList &sectionNames()
{
    static const QStringList names{QStringLiteral("as suits"), QStringLiteral("none"), QStringLiteral("groups"),
                                   QStringLiteral("pages")};
    return names;
}

const QStringList &widthNames()
{
    static const QStringList names{QStringLiteral("values"), QStringLiteral("declared"), QStringLiteral("same")};
    return names;
}

const QStringList &placeNames()
{
    static const QStringList names{QStringLiteral("subform"), QStringLiteral("button")};
    return names;
}

Error unknown(const QString &what, const QString &found, const QStringList &known)
{
    return {Texts::tr("The plan has no %1 “%2”; it takes %3.").arg(what, found, known.join(QStringLiteral(", "))), {}};
}

// Sets a choice from a word of a list; an error for a word that is not in it.
template <typename Choice>
Outcome choose(Choice &choice, const QJsonValue &value, const QStringList &names, const QString &what)
{
    const qsizetype index = names.indexOf(value.toString());
    if (index < 0) {
        return unknown(what, value.toVariant().toString(), names);
    }
    choice = static_cast<Choice>(index);
    return Done{};
}

Result<QList<PlannedColumn>> chosenColumns(const Catalogue &catalogue, const DraftPlan &plan, const QJsonArray &list)
{
    QList<PlannedColumn> chosen;
    QList<PlannedColumn> rest = plan.columns;
    const Table *table = findTable(catalogue, plan.table);
    for (const auto &item : list) {
        const QJsonObject object = item.isString() ? QJsonObject{{key("column"), item.toString()}} : item.toObject();
        const QString name = object.value(QLatin1String("column")).toString();
        const QString through = object.value(QLatin1String("through")).toString();
        const auto isWanted = [&](const PlannedColumn &each) { return each.column == name && each.through == through; };
        auto found = std::find_if(rest.begin(), rest.end(), isWanted);
        PlannedColumn column;
        if (found != rest.end()) {
            column = *found;
            rest.erase(found);
        } else {
            const QList<PlannedColumn> linked =
                table && !through.isEmpty() ? linkedColumns(catalogue, *table, through) : QList<PlannedColumn>();
            const auto there = std::find_if(linked.begin(), linked.end(), isWanted);
            if (there == linked.end()) {
                return Error{
                    Texts::tr("“%1” has no column “%2”%3.")
                        .arg(plan.table, name, through.isEmpty() ? QString() : Texts::tr(" through “%1”").arg(through)),
                    {}};
            }
            column = *there;
        }
        column.isTaken = object.value(QLatin1String("taken")).toBool(true);
        column.caption = object.value(QLatin1String("caption")).toString(column.caption);
        if (object.contains(QLatin1String("shownAs"))) {
            column.kind = object.value(QLatin1String("shownAs")).toString();
            if (!takesValue(kindNamed(column.kind))) {
                return Error{Texts::tr("There is no kind of control “%1” for the column “%2”.").arg(column.kind, name),
                             {}};
            }
        }
        const QJsonValue width = object.value(QLatin1String("width"));
        column.width = width.toInt(width.isUndefined() ? column.width : -1);
        if (column.width < 0) {
            return Error{
                Texts::tr("The width of “%1” is “%2”: it is a number of px, at least %3, and 0 leaves it to the "
                          "draft.")
                    .arg(name, width.toVariant().toString())
                    .arg(LeastPlannedWidth),
                {}};
        }
        chosen.append(column);
    }
    return chosen + rest;
}

Outcome chooseChildren(const Catalogue &catalogue, DraftPlan &plan, const QJsonArray &list)
{
    for (const auto &item : list) {
        const QJsonObject object = item.toObject();
        const QString name = object.value(QLatin1String("table")).toString();
        const QJsonObject linkObject = object.value(QLatin1String("link")).toObject();
        const ChildLink link{namesOf(linkObject.value(QLatin1String("child"))),
                             namesOf(linkObject.value(QLatin1String("parent")))};
        auto child = std::find_if(plan.children.begin(), plan.children.end(), [&](const PlannedChild &each) {
            return each.plan.table == name && (linkObject.isEmpty() || each.link == link);
        });
        if (child == plan.children.end()) {
            const Table *table = findTable(catalogue, name);
            const bool isLinked = !link.childColumns.isEmpty() && link.childColumns.size() == link.parentColumns.size();
            if (!table || !isLinked) {
                return Error{Texts::tr("No rows of “%1” belong to “%2” by a declared link; give the link's columns.")
                                 .arg(name, plan.table),
                             {}};
            }
            plan.children.push_back(childByHand(catalogue, name, link));
            child = std::prev(plan.children.end());
        }
        child->isTaken = object.value(QLatin1String("taken")).toBool(true);
        child->isUnasked = false;
        if (object.contains(QLatin1String("place"))) {
            const Outcome placed =
                choose(child->place, object.value(QLatin1String("place")), placeNames(), key("place"));
            if (!placed) {
                return placed;
            }
        }
        if (child->isTaken) {
            completeChild(catalogue, *child);
        }
        QJsonObject inner = object;
        for (const char *own : {"table", "link", "taken", "place"}) {
            inner.remove(QLatin1String(own));
        }
        const Result<DraftPlan> made = planFromJson(catalogue, child->plan, inner);
        if (!made) {
            return made.error();
        }
        child->plan = *made;
    }
    return Done{};
}

} // namespace

QJsonObject planToJson(const DraftPlan &plan)
{
    QJsonArray columns;
    for (const PlannedColumn &column : plan.columns) {
        QJsonObject object{{key("column"), column.column},
                           {key("taken"), column.isTaken},
                           {key("caption"), column.caption},
                           {key("shownAs"), column.kind}};
        if (!column.through.isEmpty()) {
            object.insert(key("through"), column.through);
        }
        if (column.width > 0) {
            object.insert(key("width"), column.width);
        }
        columns.append(object);
    }
    QJsonArray children;
    for (const PlannedChild &child : plan.children) {
        QJsonObject object = child.isTaken ? planToJson(child.plan) : QJsonObject();
        object.insert(key("table"), child.plan.table);
        object.insert(key("link"), QJsonObject{{key("child"), listOf(child.link.childColumns)},
                                               {key("parent"), listOf(child.link.parentColumns)}});
        object.insert(key("taken"), child.isTaken);
        object.insert(key("place"), placeNames().at(static_cast<int>(child.place)));
        children.append(object);
    }
    return {{key("title"), plan.title},
            {key("arrangement"), arrangementNames().at(static_cast<int>(plan.arrangement))},
            {key("columnsOfBoxes"), plan.columnsOfBoxes},
            {key("spacing"), spacingNames().at(static_cast<int>(plan.spacing))},
            {key("parts"), sectionNames().at(static_cast<int>(plan.sections))},
            {key("widths"), widthNames().at(static_cast<int>(plan.widths))},
            {key("look"), plan.look},
            {key("names"), plan.namingPattern},
            {key("rowsShown"), plan.rowsShown},
            {key("repeatsCaptions"), plan.repeatsCaptions},
            {key("totals"), plan.hasTotals},
            {key("people"), QJsonObject{{key("see"), plan.people.see},
                                        {key("add"), plan.people.add},
                                        {key("change"), plan.people.change},
                                        {key("delete"), plan.people.remove}}},
            {key("columns"), columns},
            {key("children"), children}};
}

Result<DraftPlan> planFromJson(const Catalogue &catalogue, const DraftPlan &plan, const QJsonObject &choices)
{
    DraftPlan result = plan;
    static const QStringList known{QStringLiteral("title"),          QStringLiteral("arrangement"),
                                   QStringLiteral("columnsOfBoxes"), QStringLiteral("spacing"),
                                   QStringLiteral("parts"),          QStringLiteral("widths"),
                                   QStringLiteral("look"),           QStringLiteral("names"),
                                   QStringLiteral("rowsShown"),      QStringLiteral("repeatsCaptions"),
                                   QStringLiteral("totals"),         QStringLiteral("people"),
                                   QStringLiteral("columns"),        QStringLiteral("children")};
    for (auto choice = choices.begin(); choice != choices.end(); ++choice) {
        const QString &name = choice.key();
        const QJsonValue value = choice.value();
        Outcome chosen = Done{};
        if (name == QLatin1String("title")) {
            result.title = value.toString();
        } else if (name == QLatin1String("arrangement")) {
            chosen = choose(result.arrangement, value, arrangementNames(), name);
        } else if (name == QLatin1String("columnsOfBoxes")) {
            result.columnsOfBoxes = std::clamp(value.toInt(), 0, 4);
        } else if (name == QLatin1String("spacing")) {
            chosen = choose(result.spacing, value, spacingNames(), name);
        } else if (name == QLatin1String("parts")) {
            chosen = choose(result.sections, value, sectionNames(), name);
        } else if (name == QLatin1String("widths")) {
            chosen = choose(result.widths, value, widthNames(), name);
        } else if (name == QLatin1String("look")) {
            QStringList names;
            for (const Look &look : looks()) {
                names.append(look.name);
            }
            chosen = names.contains(value.toString()) ? chosen : unknown(name, value.toString(), names);
            result.look = value.toString();
        } else if (name == QLatin1String("names")) {
            result.namingPattern = value.toString();
        } else if (name == QLatin1String("rowsShown")) {
            result.rowsShown = std::clamp(value.toInt(), 1, 200);
        } else if (name == QLatin1String("repeatsCaptions")) {
            result.repeatsCaptions = value.toBool();
        } else if (name == QLatin1String("totals")) {
            result.hasTotals = value.toBool();
        } else if (name == QLatin1String("people")) {
            const QJsonObject people = value.toObject();
            result.people.see = people.value(QLatin1String("see")).toBool(result.people.see);
            result.people.add = people.value(QLatin1String("add")).toBool(result.people.add);
            result.people.change = people.value(QLatin1String("change")).toBool(result.people.change);
            result.people.remove = people.value(QLatin1String("delete")).toBool(result.people.remove);
        } else if (name == QLatin1String("columns")) {
            const Result<QList<PlannedColumn>> columns = chosenColumns(catalogue, result, value.toArray());
            if (!columns) {
                return columns.error();
            }
            result.columns = *columns;
        } else if (name == QLatin1String("children")) {
            chosen = chooseChildren(catalogue, result, value.toArray());
        } else {
            chosen = unknown(Texts::tr("choice"), name, known);
        }
        if (!chosen) {
            return chosen.error();
        }
    }
    return result;
}

} // namespace nabblet

#include "core/merge/form_merge.h"

#include "core/arrange/moving.h"
#include "core/file/form_file.h"
#include "core/file/json_reader.h"
#include "core/kinds/control_names.h"
#include "core/text/tr.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

// Where the merge is in the file, for what it leaves undecided.
struct At
{
    QString control;
    QString key;

    At inside(const QString &name) const { return {control, key.isEmpty() ? name : key + u'/' + name}; }
};

// By what the parts of a list are the same ones; empty for lists that are values as a whole.
QStringList identityOf(const QString &list)
{
    if (list == QLatin1String("controls") || list == QLatin1String("rails") || list == QLatin1String("levelRails")) {
        return {QStringLiteral("name")};
    }
    if (list == QLatin1String("bands")) {
        return {QStringLiteral("band")};
    }
    if (list == QLatin1String("columns")) {
        return {QStringLiteral("table"), QStringLiteral("column")};
    }
    if (list == QLatin1String("leftBe")) {
        return {QStringLiteral("check"), QStringLiteral("control"), QStringLiteral("about")};
    }
    if (list == QLatin1String("rules")) { // a rule has no name: what it is about, and when
        return {QStringLiteral("effect"), QStringLiteral("on"), QStringLiteral("when")};
    }
    return {};
}

QString identity(const QJsonObject &part, const QStringList &keys)
{
    QStringList parts;
    for (const QString &key : keys) {
        const QJsonValue value = part.value(key);
        parts.append(value.isArray() ? QString::fromUtf8(QJsonDocument(value.toArray()).toJson(QJsonDocument::Compact))
                                     : value.toString());
    }
    return parts.join(u'\n');
}

class Merge
{
public:
    QList<Undecided> undecided; // of the form that is being merged
    int all = 0;

    // A whole form, in which what is undecided is its own.
    QJsonObject form(const QJsonObject &base, const QJsonObject &ours, const QJsonObject &theirs)
    {
        const QList<Undecided> around = undecided;
        undecided.clear();
        QJsonObject merged = object(base, ours, theirs, {});
        QJsonArray open = merged.value(QLatin1String("undecided")).toArray();
        for (const Undecided &each : std::as_const(undecided)) {
            QJsonObject one{{QStringLiteral("key"), each.key},
                            {QStringLiteral("ours"), each.ours},
                            {QStringLiteral("theirs"), each.theirs}};
            if (!each.control.isEmpty()) {
                one.insert(QStringLiteral("control"), each.control);
            }
            open.append(one);
        }
        all += static_cast<int>(undecided.size());
        if (!open.isEmpty()) {
            merged.insert(QStringLiteral("undecided"), open);
        }
        undecided = around;
        return withoutLoose(merged, railsOf(base) + railsOf(ours) + railsOf(theirs));
    }

private:
    void leave(const At &at, const QJsonValue &ours, const QJsonValue &theirs)
    {
        undecided.append({at.control, at.key, ours.isUndefined() ? QJsonValue() : ours,
                          theirs.isUndefined() ? QJsonValue() : theirs});
    }

    QJsonObject object(const QJsonObject &base, const QJsonObject &ours, const QJsonObject &theirs, const At &at)
    {
        QStringList names = ours.keys();
        for (const QString &name : theirs.keys()) {
            if (!names.contains(name)) {
                names.append(name);
            }
        }
        QJsonObject merged;
        for (const QString &name : std::as_const(names)) {
            const QJsonValue value =
                this->value(name, base.value(name), ours.value(name), theirs.value(name), at.inside(name));
            if (!value.isUndefined()) {
                merged.insert(name, value);
            }
        }
        return merged;
    }

    QJsonValue value(const QString &name, const QJsonValue &base, const QJsonValue &ours, const QJsonValue &theirs,
                     const At &at)
    {
        if (ours == theirs || theirs == base) {
            return ours;
        }
        if (ours == base) {
            return theirs;
        }
        const bool isForm = name == QLatin1String("form") || name == QLatin1String("rowForm");
        if (isForm && ours.isObject() && theirs.isObject()) {
            return form(base.toObject(), ours.toObject(), theirs.toObject());
        }
        if (ours.isObject() && theirs.isObject()) {
            return object(base.toObject(), ours.toObject(), theirs.toObject(), at);
        }
        if (ours.isArray() && theirs.isArray()) {
            return list(name, base.toArray(), ours.toArray(), theirs.toArray(), at);
        }
        leave(at, ours, theirs);
        return ours.isUndefined() && isForm ? theirs : ours; // a whole form is kept until somebody says
    }

    QJsonValue list(const QString &name, const QJsonArray &base, const QJsonArray &ours, const QJsonArray &theirs,
                    const At &at)
    {
        const QStringList keys = identityOf(name);
        if (!keys.isEmpty()) {
            return parts(keys, name == QLatin1String("controls"), base, ours, theirs, at);
        }
        if (name == QLatin1String("place") && ours.size() == 4 && theirs.size() == 4 && base.size() == 4) {
            // One may move it while the other makes it wider.
            QJsonArray merged;
            bool isClear = true;
            for (int i = 0; i < 4; ++i) {
                isClear =
                    isClear && (ours.at(i) == theirs.at(i) || ours.at(i) == base.at(i) || theirs.at(i) == base.at(i));
                merged.append(ours.at(i) == base.at(i) ? theirs.at(i) : ours.at(i));
            }
            if (isClear) {
                return merged;
            }
        } else if (name == QLatin1String("seenColumns") || name == QLatin1String("handOrder") ||
                   name == QLatin1String("on")) {
            QJsonArray merged;
            for (const QJsonValue &each : ours) { // without what they took out
                if (theirs.contains(each) || !base.contains(each)) {
                    merged.append(each);
                }
            }
            for (const QJsonValue &each : theirs) {
                if (!merged.contains(each) && !base.contains(each)) {
                    merged.append(each);
                }
            }
            return merged;
        }
        leave(at, ours, theirs);
        return ours;
    }

    QJsonArray parts(const QStringList &keys, bool areControls, const QJsonArray &base, const QJsonArray &ours,
                     const QJsonArray &theirs, const At &at)
    {
        const auto byIdentity = [&](const QJsonArray &list, QStringList *order) {
            QHash<QString, QJsonObject> found;
            for (const QJsonValue &each : list) {
                QString id = identity(each.toObject(), keys);
                while (found.contains(id)) { // two of the same: told by their order
                    id += u'+';
                }
                found.insert(id, each.toObject());
                order->append(id);
            }
            return found;
        };
        QStringList order;
        QStringList theirOrder;
        QStringList before;
        const QHash<QString, QJsonObject> was = byIdentity(base, &before);
        const QHash<QString, QJsonObject> here = byIdentity(ours, &order);
        const QHash<QString, QJsonObject> there = byIdentity(theirs, &theirOrder);
        // In our order, theirs put in behind what stands before them there.
        for (qsizetype i = 0; i < theirOrder.size(); ++i) {
            if (!order.contains(theirOrder.at(i))) {
                qsizetype behind = 0;
                for (qsizetype j = i - 1; j >= 0 && behind == 0; --j) {
                    behind = order.indexOf(theirOrder.at(j)) + 1;
                }
                order.insert(behind, theirOrder.at(i));
            }
        }
        QJsonArray merged;
        for (const QString &id : std::as_const(order)) {
            const bool isHere = here.contains(id);
            const bool isThere = there.contains(id);
            const bool wasThere = was.contains(id);
            const QJsonObject own = here.value(id);
            const QJsonObject other = there.value(id);
            const QString name = (isHere ? own : other).value(QLatin1String("name")).toString();
            const At inside = areControls ? At{name, {}} : at.inside(name.isEmpty() ? id.section(u'\n', -1) : name);
            if (isHere && isThere) {
                merged.append(object(was.value(id), own, other, inside));
            } else if (!wasThere) { // new on one side
                merged.append(isHere ? own : other);
            } else if ((isHere ? own : other) != was.value(id)) { // changed here, taken away there
                if (areControls) {
                    leave({name, {}}, isHere ? QJsonValue(own) : QJsonValue(),
                          isHere ? QJsonValue() : QJsonValue(other));
                }
                merged.append(isHere ? own : other); // kept until somebody says
            }
        }
        return merged;
    }

    static QStringList railsOf(const QJsonObject &form)
    {
        QStringList names;
        for (const char *list : {"rails", "levelRails"}) {
            for (const QJsonValue &each : form.value(QLatin1String(list)).toArray()) {
                names.append(each.toObject().value(QLatin1String("name")).toString());
            }
        }
        return names;
    }

    // What names a control or a rail that is not there any more names none. rails: all that there were.
    static QJsonObject withoutLoose(const QJsonObject &form, const QStringList &rails)
    {
        const QStringList left = railsOf(form);
        QSet<QString> names;
        QJsonArray controls = form.value(QLatin1String("controls")).toArray();
        for (const QJsonValue &each : std::as_const(controls)) {
            names.insert(each.toObject().value(QLatin1String("name")).toString());
        }
        for (qsizetype i = 0; i < controls.size(); ++i) {
            QJsonObject control = controls.at(i).toObject();
            for (const char *key : {"captionFor", "container"}) {
                if (const QString name = control.value(QLatin1String(key)).toString();
                    !name.isEmpty() && !names.contains(name)) {
                    control.remove(QLatin1String(key));
                    control.remove(QStringLiteral("page"));
                }
            }
            for (const char *key : {"leftRides", "rightRides", "topRides", "bottomRides"}) {
                const QString rail = control.value(QLatin1String(key)).toString();
                const QString plain =
                    rail.startsWith(QLatin1String("rail ")) ? rail.mid(5) : rail; // an own one may be marked
                if ((rails.contains(rail) && !left.contains(rail)) ||
                    (rails.contains(plain) && !left.contains(plain))) {
                    control.remove(QLatin1String(key));
                }
            }
            controls.replace(i, control);
        }
        QJsonObject sound = form;
        if (!controls.isEmpty()) {
            sound.insert(QStringLiteral("controls"), controls);
        }
        QJsonArray rules;
        for (const QJsonValue &each : form.value(QLatin1String("rules")).toArray()) {
            QJsonObject rule = each.toObject();
            QJsonArray on;
            for (const QJsonValue &name : rule.value(QLatin1String("on")).toArray()) {
                if (names.contains(name.toString())) {
                    on.append(name);
                }
            }
            QJsonArray areas;
            for (const QJsonValue &area : rule.value(QLatin1String("areas")).toArray()) {
                const QString in = area.toObject().value(QLatin1String("in")).toString();
                if (in.isEmpty() || names.contains(in)) {
                    areas.append(area);
                }
            }
            const auto put = [&](const char *key, const QJsonArray &list) {
                const bool hadSome = !rule.value(QLatin1String(key)).toArray().isEmpty();
                if (rule.contains(QLatin1String(key))) {
                    rule.insert(QLatin1String(key), list);
                }
                return hadSome;
            };
            const bool wasOnSome = put("on", on);
            const bool wasOnAreas = put("areas", areas);
            if ((!wasOnSome && !wasOnAreas) || !on.isEmpty() || !areas.isEmpty()) { // of the record, or of what is left
                rules.append(rule);
            }
        }
        if (!rules.isEmpty()) {
            sound.insert(QStringLiteral("rules"), rules);
        } else {
            sound.remove(QStringLiteral("rules"));
        }
        return sound;
    }
};

Result<QJsonObject> readObject(const QByteArray &text, const QString &which)
{
    const Result<QJsonObject> object = parseJsonObject(text);
    return object ? object
                  : Result<QJsonObject>(Error{
                        Texts::tr("%1 is not a form that can be read: %2.").arg(which, object.error().sentence), {}});
}

} // namespace

Result<MergedForm> mergedForms(const QByteArray &base, const QByteArray &ours, const QByteArray &theirs)
{
    // Where a file is new on both sides, nothing was there before.
    const Result<QJsonObject> was =
        base.trimmed().isEmpty() ? Result<QJsonObject>(QJsonObject()) : readObject(base, Texts::tr("The base"));
    const Result<QJsonObject> own = readObject(ours, Texts::tr("Ours"));
    const Result<QJsonObject> other = readObject(theirs, Texts::tr("Theirs"));
    for (const Result<QJsonObject> *each : {&was, &own, &other}) {
        if (!*each) {
            return each->error();
        }
    }
    Merge merge;
    const QJsonObject merged = merge.form(*was, *own, *other);
    const Result<Form> form = readForm(QJsonDocument(merged).toJson());
    if (!form) {
        return Error{Texts::tr("Put together, the form cannot be read: %1").arg(form.error().sentence),
                     form.error().detail};
    }
    return MergedForm{*form, merge.all};
}

namespace {

// An object with the value at a way of keys, which may lead through lists of parts with names, set or taken out.
QJsonObject withValueAt(const QJsonObject &object, const QStringList &way, const QJsonValue &value)
{
    QJsonObject result = object;
    const QString key = way.first();
    if (way.size() == 1) {
        if (value.isNull()) {
            result.remove(key);
        } else {
            result.insert(key, value);
        }
        return result;
    }
    const QJsonValue inner = object.value(key);
    if (inner.isArray()) {
        QJsonArray parts = inner.toArray();
        const QStringList keys = identityOf(key);
        for (qsizetype i = 0; i < parts.size(); ++i) {
            const QJsonObject part = parts.at(i).toObject();
            const QString name = part.value(QLatin1String("name")).toString();
            if (name == way.at(1) || (name.isEmpty() && identity(part, keys).section(u'\n', -1) == way.at(1))) {
                if (way.size() > 2) {
                    parts.replace(i, withValueAt(part, way.mid(2), value));
                }
            }
        }
        result.insert(key, parts);
    } else {
        result.insert(key, withValueAt(inner.toObject(), way.mid(1), value));
    }
    return result;
}

// A form with what was decided taken out of the same form as it was read from a file, where its controls and rails have
// other numbers.
Form withNumbersOf(const Form &form, const Form &decided, const Undecided &what)
{
    Form result = form;
    QHash<QString, ControlId> ids;
    for (const Control &control : form.controls) {
        ids.insert(control.name, control.id);
    }
    const auto numberOf = [&](ControlId inDecided) {
        const Control *control = decided.controls.find(inDecided);
        return control ? ids.value(control->name) : 0;
    };
    if (!what.control.isEmpty()) {
        for (const Control &control : decided.controls) {
            if (control.name == what.control && ids.contains(control.name)) {
                Control changed = control;
                const Control before = *form.controls.find(ids.value(control.name));
                changed.id = before.id;
                changed.captionFor = numberOf(control.captionFor);
                changed.container = numberOf(control.container);
                changed.rides = before.rides; // by numbers; what stands elsewhere rides by place
                result.controls.replace(result.controls.indexOf(before.id), changed);
            }
        }
        return result;
    }
    result = decided;
    result.controls = form.controls;
    result.handOrder = form.handOrder;
    result.leftBe = form.leftBe;
    result.rails = form.rails;
    result.levelRails = form.levelRails;
    for (QList<Rail> *rails : {&result.rails, &result.levelRails}) {
        for (Rail &rail : *rails) {
            for (const QList<Rail> *read : {&decided.rails, &decided.levelRails}) {
                for (const Rail &other : *read) {
                    if (other.name == rail.name) {
                        const RailId id = rail.id;
                        rail = other;
                        rail.id = id;
                    }
                }
            }
        }
    }
    result.rules = form.rules;
    if (what.key.startsWith(QLatin1String("rules"))) {
        result.rules = decided.rules;
        for (Rule &rule : result.rules) {
            for (ControlId &on : rule.on) {
                on = numberOf(on);
            }
            for (Area &area : rule.areas) {
                area.container = numberOf(area.container);
            }
        }
    }
    return result;
}

} // namespace

Result<Form> withDecided(const Form &form, int undecided, Side side)
{
    if (undecided < 0 || undecided >= form.undecided.size()) {
        return form;
    }
    const Undecided what = form.undecided.at(undecided);
    Form open = form;
    open.undecided.removeAt(undecided);
    if (side == Side::Ours && !what.key.isEmpty()) {
        return open; // it stands there already
    }
    const QJsonValue wanted = side == Side::Ours ? what.ours : what.theirs;
    if (what.key.isEmpty()) { // whether it is there: it is, until somebody says otherwise
        QList<ControlId> gone;
        for (const Control &control : form.controls) {
            if (wanted.isNull() && control.name == what.control) {
                gone.append(control.id);
            }
        }
        return deleteControls(open, gone);
    }
    const Result<QJsonObject> file = parseJsonObject(writeForm(open));
    if (!file) {
        return file.error();
    }
    QJsonObject object = *file;
    if (what.control.isEmpty()) {
        object = withValueAt(object, what.key.split(u'/'), wanted);
    } else {
        QJsonArray controls = object.value(QLatin1String("controls")).toArray();
        for (qsizetype i = 0; i < controls.size(); ++i) {
            const QJsonObject control = controls.at(i).toObject();
            if (control.value(QLatin1String("name")).toString() == what.control) {
                controls.replace(i, withValueAt(control, what.key.split(u'/'), wanted));
            }
        }
        object.insert(QStringLiteral("controls"), controls);
    }
    const Result<Form> decided = readForm(QJsonDocument(object).toJson());
    if (!decided) {
        return Error{Texts::tr("What they have cannot stand here any more: %1").arg(decided.error().sentence), {}};
    }
    return withNumbersOf(open, *decided, what);
}

QString undecidedInWords(const Form &form, const Undecided &undecided)
{
    const auto inWords = [](const QJsonValue &value) {
        return value.isNull()     ? Texts::tr("nothing")
               : value.isString() ? u'“' + value.toString() + u'”'
               : value.isObject() ? QString::fromUtf8(QJsonDocument(value.toObject()).toJson(QJsonDocument::Compact))
               : value.isArray()  ? QString::fromUtf8(QJsonDocument(value.toArray()).toJson(QJsonDocument::Compact))
                                  : value.toVariant().toString();
    };
    QString called;
    for (const Control &control : form.controls) {
        called = control.name == undecided.control ? calledFor(form, control) : called;
    }
    if (undecided.key.isEmpty()) {
        return undecided.ours.isNull()
                   ? Texts::tr("“%1” was taken away here, and changed by somebody else.").arg(called)
                   : Texts::tr("“%1” was changed here, and taken away by somebody else.").arg(called);
    }
    const QString what = undecided.control.isEmpty() ? Texts::tr("the form’s “%1”").arg(undecided.key)
                                                     : Texts::tr("“%1” of “%2”").arg(undecided.key, called);
    return Texts::tr("Two people changed %1: here it is %2, there %3.")
        .arg(what, inWords(undecided.ours), inWords(undecided.theirs));
}

} // namespace nabblet

#include "core/merge/form_differences.h"

#include "core/arrange/edges.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/rules/rule_sentence.h"
#include "core/text/tr.h"

#include <QHash>
#include <QJsonArray>
#include <QJsonDocument>

#include <algorithm>

namespace nabblet {

namespace {

QString inWords(const QJsonValue &value)
{
    return value.isUndefined() || value.isNull() ? Texts::tr("nothing")
           : value.isString()                    ? u'“' + value.toString() + u'”'
           : value.isBool()                      ? (value.toBool() ? Texts::tr("yes") : Texts::tr("no"))
           : value.isObject() ? QString::fromUtf8(QJsonDocument(value.toObject()).toJson(QJsonDocument::Compact))
           : value.isArray()  ? QString::fromUtf8(QJsonDocument(value.toArray()).toJson(QJsonDocument::Compact))
                              : value.toVariant().toString();
}

QString placeInWords(const QRect &place)
{
    return Texts::tr("%1, %2, %3 × %4 px").arg(place.x()).arg(place.y()).arg(place.width()).arg(place.height());
}

// A control as people call it; a caption by its words.
QString calledIn(const Form &form, const Control &control)
{
    const QString called = isCaption(control) ? control.text.simplified() : calledFor(form, control);
    return u'“' + (called.isEmpty() ? control.name : called) + u'”';
}

QString kindIn(const Control &control)
{
    return withinSentence(kindTitle(kindNamed(control.kind)));
}

const Control *controlNamed(const Form &form, const QString &name)
{
    for (const Control &control : form.controls) {
        if (control.name == name) {
            return &control;
        }
    }
    return nullptr;
}

QString nameOf(const Form &form, ControlId id)
{
    const Control *control = form.controls.find(id);
    return control ? control->name : QString();
}

// What differs of settings, each by its name in the file.
void compareSettings(const QString &of, const ControlSettings &before, const ControlSettings &after, QStringList &found)
{
    const QJsonObject was = before.toJson();
    const QJsonObject is = after.toJson();
    QStringList names = was.keys();
    for (const QString &name : is.keys()) {
        if (!names.contains(name)) {
            names.append(name);
        }
    }
    names.sort();
    for (const QString &name : std::as_const(names)) {
        if (was.value(name) != is.value(name)) {
            found.append(
                Texts::tr("%1: %2 was %3 and is %4.").arg(of, name, inWords(was.value(name)), inWords(is.value(name))));
        }
    }
}

void compareControls(const Form &before, const Form &after, const Control &was, const Control &is, QStringList &found)
{
    const QString called = calledIn(after, is);
    const auto say = [&](const QString &sentence) { found.append(sentence); };
    if (was.place != is.place) {
        const QPoint by = is.place.topLeft() - was.place.topLeft();
        const QSize more = is.place.size() - was.place.size();
        QStringList parts;
        if (!by.isNull()) {
            parts.append(Texts::tr("moved by %1, %2 px").arg(by.x()).arg(by.y()));
        }
        if (more.width() != 0) {
            parts.append(more.width() > 0 ? Texts::tr("%1 px wider").arg(more.width())
                                          : Texts::tr("%1 px narrower").arg(-more.width()));
        }
        if (more.height() != 0) {
            parts.append(more.height() > 0 ? Texts::tr("%1 px higher").arg(more.height())
                                           : Texts::tr("%1 px lower").arg(-more.height()));
        }
        say(Texts::tr("%1 %2 is %3.").arg(kindIn(is), called, parts.join(QLatin1String(", "))));
    }
    if (was.kind != is.kind) {
        say(Texts::tr("%1 was a %2 and is a %3.").arg(called, kindIn(was), kindIn(is)));
    }
    if (was.column != is.column) {
        say(Texts::tr("%1 was bound to %2 and is bound to %3.").arg(called, inWords(was.column), inWords(is.column)));
    }
    if (was.text != is.text) {
        say(Texts::tr("The words “%1” are “%2” now.").arg(was.text, is.text));
    }
    if (was.role != is.role) {
        say(Texts::tr("%1 had the role %2 and has %3.").arg(called, inWords(was.role), inWords(is.role)));
    }
    const QString wasIn = nameOf(before, was.container);
    const QString isIn = nameOf(after, is.container);
    if (was.band != is.band || wasIn != isIn || was.page != is.page) {
        say(isIn.isEmpty() ? Texts::tr("%1 stands elsewhere, in no group.").arg(called)
                           : Texts::tr("%1 stands in “%2” now.").arg(called, isIn));
    }
    compareSettings(called, was.settings, is.settings, found);
    const Form *wasInside = was.inner.get();
    const Form *isInside = is.inner.get();
    if (wasInside && isInside && !(*wasInside == *isInside)) {
        for (const QString &sentence : formDifferences(*wasInside, *isInside)) {
            say(Texts::tr("In %1: %2").arg(called, sentence));
        }
    } else if (!wasInside != !isInside) {
        say(isInside ? Texts::tr("%1 has a form inside now.").arg(called)
                     : Texts::tr("%1 has no form inside any more.").arg(called));
    }
}

// A rule as both forms would write it; they are told by what they say.
QStringList rulesOf(const Form &form)
{
    QStringList sentences;
    for (const Rule &rule : form.rules) {
        sentences.append(ruleSentence(form, rule) + (rule.isOff ? Texts::tr(" (switched off)") : QString()));
    }
    return sentences;
}

QString bandName(BandRole role)
{
    switch (role) {
    case BandRole::PageHeader:
        return Texts::tr("page header");
    case BandRole::Header:
        return Texts::tr("header");
    case BandRole::Body:
        return Texts::tr("body");
    case BandRole::Footer:
        return Texts::tr("footer");
    case BandRole::PageFooter:
        return Texts::tr("page footer");
    }
    return {};
}

} // namespace

QStringList formDifferences(const Form &before, const Form &after)
{
    QStringList found;
    const auto compare = [&](const QString &what, const QJsonValue &was, const QJsonValue &is) {
        if (was != is) {
            found.append(Texts::tr("The form’s %1 was %2 and is %3.").arg(what, inWords(was), inWords(is)));
        }
    };
    compare(Texts::tr("title"), before.title, after.title);
    compare(Texts::tr("rows"), before.rowsFrom, after.rowsFrom);
    compare(Texts::tr("SELECT"), before.select, after.select);
    compare(Texts::tr("look"), before.look, after.look);
    compare(Texts::tr("width"), before.width, after.width);
    compare(Texts::tr("number of rows shown"), before.rowsShown, after.rowsShown);
    compare(Texts::tr("grid"), before.grid.pitch, after.grid.pitch);
    compare(Texts::tr("least width"), before.leastWidth, after.leastWidth);
    compare(Texts::tr("least height"), before.leastHeight, after.leastHeight);
    compare(Texts::tr("tab order"), static_cast<int>(before.tabOrder), static_cast<int>(after.tabOrder));
    compare(Texts::tr("adding of records"), before.permissions.add, after.permissions.add);
    compare(Texts::tr("changing of records"), before.permissions.change, after.permissions.change);
    compare(Texts::tr("deleting of records"), before.permissions.remove, after.permissions.remove);
    compare(Texts::tr("sight of stored records"), before.permissions.see, after.permissions.see);
    compareSettings(Texts::tr("The form"), before.settings, after.settings, found);
    for (const BandRole role :
         {BandRole::PageHeader, BandRole::Header, BandRole::Body, BandRole::Footer, BandRole::PageFooter}) {
        const Band *was = findBand(before, role);
        const Band *is = findBand(after, role);
        if (!was != !is) {
            found.append(is ? Texts::tr("There is a %1 now.").arg(bandName(role))
                            : Texts::tr("There is no %1 any more.").arg(bandName(role)));
        } else if (was && was->height != is->height) {
            found.append(
                Texts::tr("The %1 was %2 px high and is %3.").arg(bandName(role)).arg(was->height).arg(is->height));
        }
    }
    const auto railsOf = [](const Form &form) {
        QHash<QString, int> rails;
        for (const Rail &rail : form.rails + form.levelRails) {
            rails.insert(rail.name, rail.position);
        }
        return rails;
    };
    const QHash<QString, int> railsBefore = railsOf(before);
    const QHash<QString, int> railsAfter = railsOf(after);
    QStringList railNames = railsBefore.keys() + railsAfter.keys();
    railNames.sort();
    railNames.removeDuplicates();
    for (const QString &name : std::as_const(railNames)) {
        if (!railsAfter.contains(name)) {
            found.append(Texts::tr("The rail “%1” is gone.").arg(name));
        } else if (!railsBefore.contains(name)) {
            found.append(Texts::tr("There is a rail “%1” at %2 px.").arg(name).arg(railsAfter.value(name)));
        } else if (railsBefore.value(name) != railsAfter.value(name)) {
            found.append(Texts::tr("The rail “%1” stood at %2 px and stands at %3.")
                             .arg(name)
                             .arg(railsBefore.value(name))
                             .arg(railsAfter.value(name)));
        }
    }
    for (const Control &is : after.controls) {
        if (const Control *was = controlNamed(before, is.name)) {
            compareControls(before, after, *was, is, found);
        } else {
            found.append(
                Texts::tr("The %1 %2 is new, at %3.").arg(kindIn(is), calledIn(after, is), placeInWords(is.place)));
        }
    }
    for (const Control &was : before.controls) {
        if (!controlNamed(after, was.name)) {
            found.append(Texts::tr("The %1 %2 is gone.").arg(kindIn(was), calledIn(before, was)));
        }
    }
    const QStringList rulesBefore = rulesOf(before);
    const QStringList rulesAfter = rulesOf(after);
    for (const QString &rule : rulesAfter) {
        if (!rulesBefore.contains(rule)) {
            found.append(Texts::tr("Rule added: %1.").arg(rule));
        }
    }
    for (const QString &rule : rulesBefore) {
        if (!rulesAfter.contains(rule)) {
            found.append(Texts::tr("Rule gone: %1.").arg(rule));
        }
    }
    if (found.isEmpty() && !(before == after)) {
        found.append(Texts::tr("Something that is not seen: what the form remembers of its columns, or an order."));
    }
    return found;
}

QList<ControlId> controlsThatDiffer(const Form &form, const Form &other)
{
    QList<ControlId> different;
    for (const Control &control : form.controls) {
        const Control *same = controlNamed(other, control.name);
        QStringList found;
        if (same) {
            compareControls(other, form, *same, control, found);
        }
        if (!same || !found.isEmpty()) {
            different.append(control.id);
        }
    }
    return different;
}

QStringList formInLines(const Form &form)
{
    QStringList lines{Texts::tr("Title: %1").arg(form.title), Texts::tr("Rows: %1").arg(form.rowsFrom)};
    if (!form.select.isEmpty()) {
        lines.append(Texts::tr("SELECT: %1").arg(form.select.simplified()));
    }
    lines.append(Texts::tr("Look: %1").arg(form.look));
    lines.append(Texts::tr("Width: %1 px").arg(form.width));
    for (const Band &band : form.bands) {
        lines.append(Texts::tr("Band: %1, %2 px").arg(bandName(band.role)).arg(band.height));
    }
    for (const Rail &rail : form.rails + form.levelRails) {
        lines.append(Texts::tr("Rail: %1 at %2 px").arg(rail.name).arg(rail.position));
    }
    compareSettings(Texts::tr("Form"), {}, form.settings, lines);
    for (const Control &control : form.controls) {
        QString line = Texts::tr("%1 %2 (%3), %4")
                           .arg(kindIn(control), calledIn(form, control), control.name, placeInWords(control.place));
        if (!control.column.isEmpty()) {
            line += Texts::tr(", bound to %1").arg(control.column);
        }
        lines.append(line);
        QStringList settings;
        const QJsonObject json = control.settings.toJson();
        for (auto each = json.begin(); each != json.end(); ++each) {
            settings.append(QStringLiteral("    %1: %2").arg(each.key(), inWords(each.value())));
        }
        lines += settings;
        if (const Form *inner = control.inner.get()) {
            for (const QString &inside : formInLines(*inner)) {
                lines.append(QStringLiteral("    ") + inside);
            }
        }
    }
    for (const QString &rule : rulesOf(form)) {
        lines.append(Texts::tr("Rule: %1").arg(rule));
    }
    return lines;
}

} // namespace nabblet

#include "core/check/findings.h"

#include "core/kinds/settings/child_link.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostMended = 5000; // of one check at once

// Goes over a form and all forms inside it. filled: what fills itself in the rows of one, as they belong to another's.
void forEachInner(const Form &form, const QStringList &filled, const InnerPath &path,
                  const std::function<void(const Form &, const QStringList &, const InnerPath &)> &visit)
{
    visit(form, filled, path);
    for (const Control &control : form.controls) {
        if (const Form *inner = control.inner.get()) {
            forEachInner(*inner, childLinkOf(control).childColumns, path + InnerPath{control.id}, visit);
        }
    }
    if (const Form *row = form.rowForm.get()) {
        forEachInner(*row, filled, path + InnerPath{RowFormStep}, visit);
    }
}

CheckContext inside(const CheckContext &context, const Form &form, const QStringList &filled)
{
    return {form,          context.catalogue, context.measure, filled,
            context.looks, context.profiles,  context.forms,   context.namingPattern};
}

QStringList filledAt(const CheckContext &context, const InnerPath &path)
{
    if (path.isEmpty()) {
        return context.filled;
    }
    const Form *around = innerAt(context.form, path.mid(0, path.size() - 1));
    const Control *holder = around && path.last() != RowFormStep ? around->controls.find(path.last()) : nullptr;
    return holder ? childLinkOf(*holder).childColumns : QStringList();
}

const LeftBe *leftIn(const Form &form, const FormCheck &check, const Finding &finding)
{
    const auto found = std::find_if(form.leftBe.begin(), form.leftBe.end(), [&](const LeftBe &left) {
        return left.check == QLatin1String(check.name) && left.control == finding.control &&
               left.about == finding.about;
    });
    return found == form.leftBe.end() ? nullptr : &*found;
}

} // namespace

QString keyOf(const Found &found)
{
    QStringList parts{QLatin1String(found.check->name), QString::number(found.finding.control),
                      QString::number(found.finding.rule), found.finding.about};
    for (const ControlId step : found.path) {
        parts.append(QString::number(step));
    }
    return parts.join(u'\n');
}

QList<Found> foundBy(const FormCheck &check, const CheckContext &context)
{
    QList<Found> all;
    forEachInner(context.form, context.filled, {},
                 [&](const Form &form, const QStringList &filled, const InnerPath &path) {
                     const QList<Finding> findings = check.find(inside(context, form, filled));
                     for (const Finding &finding : findings) {
                         const LeftBe *left = leftIn(form, check, finding);
                         all.append({&check, path, finding, left != nullptr, left ? left->reason : QString()});
                     }
                 });
    return all;
}

void sortFindings(QList<Found> &all)
{
    std::stable_sort(all.begin(), all.end(), [](const Found &a, const Found &b) {
        return std::pair(a.isLeft, a.degree() == Degree::ToWeigh) < std::pair(b.isLeft, b.degree() == Degree::ToWeigh);
    });
}

QList<Found> allFound(const CheckContext &context)
{
    QList<Found> all;
    for (const FormCheck &check : formChecks()) {
        all += foundBy(check, context);
    }
    sortFindings(all);
    return all;
}

Form mended(const CheckContext &context, const Found &found, int mend)
{
    const Form *form = innerAt(context.form, found.path);
    const bool isThere = form && (found.finding.control == 0 || form->controls.find(found.finding.control));
    if (!isThere || mend < 0 || mend >= found.finding.mends.size()) {
        return context.form;
    }
    const CheckContext here = inside(context, *form, filledAt(context, found.path));
    return withInnerAt(context.form, found.path, found.finding.mends.at(mend).mended(here));
}

Form allMended(const CheckContext &context, const FormCheck &check)
{
    Form form = context.form;
    QSet<QString> tried; // what a mend does not mend is not tried again
    for (int done = 0; done < MostMended; ++done) {
        const CheckContext now = inside(context, form, context.filled);
        const QList<Found> left = foundBy(check, now);
        const auto next = std::find_if(left.begin(), left.end(), [&](const Found &each) {
            return !each.isLeft && !each.finding.mends.isEmpty() && !tried.contains(keyOf(each));
        });
        if (next == left.end()) {
            break;
        }
        tried.insert(keyOf(*next));
        form = mended(now, *next);
    }
    return form;
}

Form withLeftBe(const Form &form, const Found &found, const QString &reason)
{
    const Form *inner = innerAt(form, found.path);
    if (!inner) {
        return form;
    }
    Form changed = *inner;
    changed.leftBe.removeIf([&](const LeftBe &left) {
        return left.check == QLatin1String(found.check->name) && left.control == found.finding.control &&
               left.about == found.finding.about;
    });
    if (!reason.isEmpty()) {
        changed.leftBe.append({QLatin1String(found.check->name), found.finding.control, found.finding.about, reason});
    }
    return withInnerAt(form, found.path, changed);
}

FindingCounts countsOf(const QList<Found> &all)
{
    FindingCounts counts;
    for (const Found &each : all) {
        if (!each.isLeft) {
            ++(each.degree() == Degree::ToFix ? counts.toFix : counts.toWeigh);
        }
    }
    return counts;
}

} // namespace nabblet

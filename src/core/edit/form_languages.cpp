#include "core/edit/form_languages.h"

#include "core/actions/action_table.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/edit/form_texts.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/kind.h"

#include <QLocale>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

RailId otherSide(RailId rail)
{
    return rail == FixedRail::FormLeft    ? FixedRail::FormRight
           : rail == FixedRail::FormRight ? FixedRail::FormLeft
                                          : rail;
}

// Panes side by side, and what stands in one of them: the first one is the second then.
bool areSideBySide(const Control *holder)
{
    return holder && holder->kind == QLatin1String("panes") && !areStacked(*holder);
}

int otherPane(int pane)
{
    return pane == FirstPane ? SecondPane : pane == SecondPane ? FirstPane : pane;
}

// What a button is told in words of the form, such as "Status = withdrawn; Laid on = today", in those of a language.
QString told(const ButtonStep &step, const QMap<QString, QString> &words)
{
    const QString with = step.with.trimmed();
    if (words.contains(with)) { // a title with a semicolon in it
        return words.value(with);
    }
    QStringList parts = step.with.split(u';');
    for (QString &part : parts) {
        const qsizetype equals = part.indexOf(u'=');
        const auto said = [&](const QString &own) { return words.value(own.trimmed(), own.trimmed()); };
        part = equals < 0 ? said(part) : said(part.left(equals)) + QStringLiteral(" = ") + said(part.mid(equals + 1));
    }
    return parts.join(QStringLiteral("; "));
}

Control withToldIn(Control control, const QMap<QString, QString> &words)
{
    const ButtonStep first{buttonActionOf(control).name, control.settings.value(setting::With)};
    if (buttonActionNamed(first.action).isToldWordsOfForm && !first.with.isEmpty()) {
        control.settings.set(setting::With, told(first, words));
    }
    QList<ButtonStep> further = control.settings.value(setting::Further);
    for (ButtonStep &step : further) {
        if (buttonActionNamed(step.action).isToldWordsOfForm) {
            step.with = told(step, words);
        }
    }
    control.settings.set(setting::Further, further);
    return control;
}

} // namespace

bool isOfLanguage(const QString &wish, const QString &code)
{
    return wish == code || wish.startsWith(code + u'-') || wish.startsWith(code + u'_');
}

QString formLanguageFor(const Form &form, const QStringList &wished)
{
    for (const QString &wish : wished) {
        if (!form.language.isEmpty() && isOfLanguage(wish, form.language)) {
            return {};
        }
        for (auto each = form.languages.begin(); each != form.languages.end(); ++each) {
            if (isOfLanguage(wish, each.key())) {
                return each.key();
            }
        }
    }
    return {};
}

Form inLanguage(const Form &form, const QString &code, const TextMeasure &measure)
{
    Form result = form;
    const QMap<QString, QString> words = form.languages.value(code);
    if (!words.isEmpty()) {
        QList<FormText> texts = formTexts(form);
        for (FormText &text : texts) {
            text.words = words.value(text.words, text.words);
        }
        result = showingTexts(form, texts, measure);
    }
    for (int i = 0; i < result.controls.size(); ++i) {
        if (const Control &control = result.controls.at(i);
            !words.isEmpty() && kindNamed(control.kind).editor == Editor::Button) {
            result.controls.replace(i, withToldIn(control, words));
        }
        if (const Form *inner = result.controls.at(i).inner.get()) {
            Control control = result.controls.at(i);
            control.inner = InnerForm(inLanguage(*inner, code, measure));
            result.controls.replace(i, control);
        }
    }
    if (const Form *row = result.rowForm.get()) {
        result.rowForm = InnerForm(inLanguage(*row, code, measure));
    }
    return isWrittenRightToLeft(code) ? mirrored(result) : result;
}

Form mirrored(const Form &form)
{
    Form result = form;
    result.isRightToLeft = !form.isRightToLeft;
    result.handOrder = tabSequence(form);
    result.tabOrder = TabOrder::ByHand;
    const auto across = [&](const QRect &place) {
        return QRect(QPoint(form.width - place.x() - place.width(), place.y()), place.size());
    };
    for (Rail &rail : result.rails) {
        rail.position = form.width - rail.position;
        rail.hold = rail.hold == Hold::Start ? Hold::End : rail.hold == Hold::End ? Hold::Start : Hold::Share;
        rail.share = rail.share == Rail::ByPlace ? Rail::ByPlace : 1000 - rail.share;
        rail.isAutomatic = false; // it stands where its captions need it already
        rail.captionsFrom = 0;
    }
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        control.place = across(control.place);
        std::swap(control.rides.left, control.rides.right);
        control.rides.left = otherSide(control.rides.left);
        control.rides.right = otherSide(control.rides.right);
        if (areSideBySide(&control)) {
            setDivider(control, control.place.width() - dividerOf(form.controls.at(i)));
        }
        if (areSideBySide(form.controls.find(control.container))) {
            control.page = otherPane(control.page);
        }
        result.controls.replace(i, control);
    }
    for (Rule &rule : result.rules) {
        for (Area &area : rule.areas) {
            area.page = areSideBySide(form.controls.find(area.container)) ? otherPane(area.page) : area.page;
        }
    }
    return result;
}

QStringList wordsMissingIn(const Form &form, const QString &code)
{
    const QMap<QString, QString> there = form.languages.value(code);
    QStringList missing;
    QSet<QString> seen;
    for (const FormText &text : formTexts(form)) {
        if (!seen.contains(text.words) && there.value(text.words).trimmed().isEmpty()) {
            missing.append(text.words);
        }
        seen.insert(text.words);
    }
    return missing;
}

bool isWrittenRightToLeft(const QString &code)
{
    return !code.isEmpty() && QLocale(code).textDirection() == Qt::RightToLeft;
}

} // namespace nabblet

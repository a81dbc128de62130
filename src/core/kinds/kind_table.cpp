#include "core/kinds/kind_table.h"

#include "core/text/tr.h"

#include <QJsonArray>

namespace nabblet {

NABBLET_TEXTS(Kinds)

const QList<Kind> &kinds()
{
    static const QList<Kind> table{
        captionKind(), textBoxKind(),  longTextKind(), wholeNumberKind(), decimalNumberKind(), dateKind(),
        timeKind(),    dateTimeKind(), tickBoxKind(),  dropDownKind(),    pictureBoxKind(),    linkKind(),
    };
    return table;
}

namespace {

Picture drawUnknown(const Control &control, const Shown &)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.fill = Ink::LockedFill;
    TextStroke text;
    text.rect = box.rect.adjusted(7, 0, -7, 0);
    text.text = control.kind;
    text.ink = Ink::Faint;
    return {box, text};
}

const Kind &unknownKind()
{
    static const Kind kind{QString(),
                           QT_TRANSLATE_NOOP("Kinds", "Unknown kind"),
                           QStringLiteral("unknown"),
                           Editor::None,
                           {},
                           QSize(160, 24),
                           drawUnknown,
                           [](const Control &, const QVariant &value, const QLocale &) { return value.toString(); },
                           [](const Control &, const QString &, const QLocale &) -> Result<QVariant> {
                               return Error{Texts::tr("This version cannot change this control"), {}};
                           }};
    return kind;
}

} // namespace

bool isKnownKind(const QString &name)
{
    return &kindNamed(name) != &unknownKind();
}

const Kind &kindNamed(const QString &name)
{
    for (const Kind &kind : kinds()) {
        if (kind.name == name) {
            return kind;
        }
    }
    return unknownKind();
}

QString kindTitle(const Kind &kind)
{
    return Texts::tr(kind.title);
}

Shown shownFor(const Control &control, const QVariant &value, const QLocale &locale, const QString &lookupWords)
{
    const Kind &kind = kindNamed(control.kind);
    Shown shown;
    if (kind.editor == Editor::None) {
        shown.words = control.text;
        shown.isMissing = false;
        return shown;
    }
    shown.state = isLocked(control) ? BoxState::Locked : BoxState::Rest;
    shown.isMissing = value.isNull();
    if (shown.isMissing) {
        return shown;
    }
    switch (kind.editor) {
    case Editor::Tick:
        shown.isOn = value.toString() == QLatin1String("true") || value.toDouble() != 0;
        break;
    case Editor::Image:
        shown.image = value.toByteArray();
        break;
    default:
        shown.words = lookupWords.isEmpty() ? kind.words(control, value, locale) : lookupWords;
        break;
    }
    return shown;
}

Shown shownBlank(const Control &control)
{
    return shownFor(control, QVariant(), QLocale::c());
}

bool isLocked(const Control &control)
{
    return control.settings.value(QLatin1String("locked")).toBool();
}

namespace {

std::optional<int> numberSetting(const Control &control, QLatin1String key)
{
    const QJsonValue value = control.settings.value(key);
    return value.isDouble() ? std::optional<int>(value.toInt()) : std::nullopt;
}

} // namespace

std::optional<int> decimalPlaces(const Control &control)
{
    return numberSetting(control, QLatin1String("decimals"));
}

std::optional<int> lengthLimit(const Control &control)
{
    return numberSetting(control, QLatin1String("length"));
}

bool sitsAbove(const Control &caption)
{
    return caption.settings.value(QLatin1String("sits")).toString() == QLatin1String("above");
}

QString promptOf(const Control &control)
{
    return control.settings.value(QLatin1String("prompt")).toString();
}

QList<Choice> fixedChoices(const Control &control)
{
    QList<Choice> choices;
    const QJsonArray stored = control.settings.value(QLatin1String("choices")).toArray();
    for (const auto &item : stored) {
        const QJsonObject object = item.toObject();
        const QVariant value = object.value(QLatin1String("value")).toVariant();
        choices.append({value, object.value(QLatin1String("words")).toString(value.toString())});
    }
    return choices;
}

bool takesNewChoices(const Control &control)
{
    return control.settings.value(QLatin1String("takesNew")).toBool();
}

std::optional<Lookup> lookupOf(const Control &control)
{
    const QJsonObject object = control.settings.value(QLatin1String("lookup")).toObject();
    if (object.isEmpty()) {
        return std::nullopt;
    }
    QStringList words;
    const QJsonArray columns = object.value(QLatin1String("words")).toArray();
    for (const auto &column : columns) {
        words.append(column.toString());
    }
    return Lookup{object.value(QLatin1String("table")).toString(), object.value(QLatin1String("value")).toString(),
                  words};
}

} // namespace nabblet

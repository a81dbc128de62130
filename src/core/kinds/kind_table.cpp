#include "core/kinds/kind_table.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

#include <QHash>

namespace nabblet {

const QList<Kind> &kinds()
{
#define NABBLET_ENTRY(kind) kind(),
    static const QList<Kind> table{NABBLET_KINDS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

namespace {

Picture drawUnknown(const Control &control, const Shown &, const Look &)
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
                           Texts::later("Unknown kind"),
                           QStringLiteral("unknown"),
                           Editor::None,
                           {},
                           QSize(160, 24),
                           {},
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
    static const QHash<QString, const Kind *> byName = [] {
        QHash<QString, const Kind *> all;
        for (const Kind &kind : kinds()) {
            all.insert(kind.name, &kind);
        }
        return all;
    }();
    const Kind *kind = byName.value(name);
    return kind ? *kind : unknownKind();
}

bool isCaption(const Control &control)
{
    return control.kind == QLatin1String("caption");
}

bool takesValue(const Kind &kind)
{
    return !kind.binds.isEmpty();
}

bool hasWidget(const Control &control)
{
    const Editor editor = kindNamed(control.kind).editor;
    const bool isFixedPicture = editor == Editor::Image && hasFixedPicture(control);
    return editor != Editor::None && !isFixedPicture;
}

bool showsValue(const Control &control)
{
    const Kind &kind = kindNamed(control.kind);
    return takesValue(kind) || kind.isWorkedOut;
}

QString kindTitle(const Kind &kind)
{
    return Texts::tr(kind.title);
}

namespace {

// The ground of a control that has none of its own and was given one.
BoxStroke plateOf(const Control &control, const Kind &kind, const Look &look)
{
    BoxStroke plate = groupFrame(QRect(QPoint(0, 0), control.place.size()), look);
    plate.isFilled = look.laysGround;
    plate.fill = Ink::GroupFill;
    // What frames itself draws its own line.
    plate.isOutlined = look.drawsOutline && kind.casing != Casing::Frame;
    return plate;
}

// The same picture the other way round, as those who read from right to left expect it.
Picture otherWayRound(Picture picture, int width)
{
    for (Stroke &stroke : picture) {
        std::visit(
            [width](auto &each) {
                each.rect.moveLeft(width - each.rect.x() - each.rect.width());
                if constexpr (std::is_same_v<std::decay_t<decltype(each)>, TextStroke>) {
                    each.align = each.align == TextAlign::Left    ? TextAlign::Right
                                 : each.align == TextAlign::Right ? TextAlign::Left
                                                                  : each.align;
                }
            },
            stroke);
    }
    return picture;
}

} // namespace

Picture pictureOf(const Control &control, const Shown &shown, const Look &look)
{
    constexpr int BarWidth = 4; // px
    const Kind &kind = kindNamed(control.kind);
    Picture picture = kind.draw(control, shown, look);
    if ((look.laysGround || look.drawsOutline) && ((kind.casing != Casing::Box && kind.takesGround) ||
                                                   (kind.editor == Editor::Image && hasFixedPicture(control)))) {
        picture.prepend(plateOf(control, kind, look));
    }
    if (shown.mark != Mark::None) {
        // Ticks and options begin at the left edge, so theirs stands at the right one.
        const Editor editor = kind.editor;
        const bool isAtRight = editor == Editor::Tick || editor == Editor::Options;
        BoxStroke bar;
        bar.rect = QRect(isAtRight ? control.place.width() - BarWidth : 0, 0, BarWidth, control.place.height());
        bar.fill = bar.outline = shown.mark == Mark::Alarm   ? Ink::Alarm
                                 : shown.mark == Mark::Watch ? Ink::Watch
                                                             : Ink::Steady;
        bar.radius = 2;
        picture.append(bar);
    }
    // Where the divider of panes stands is turned with the form itself.
    return look.isRightToLeft && kind.holds != Holds::Panes ? otherWayRound(picture, control.place.width()) : picture;
}

Shown shownFor(const Control &control, const QVariant &value, const QLocale &locale, const QString &lookupWords)
{
    const Kind &kind = kindNamed(control.kind);
    Shown shown;
    if (!showsValue(control)) {
        shown.words = control.text;
        shown.isMissing = false;
        return shown;
    }
    shown.state = isLocked(control) ? BoxState::Locked : BoxState::Rest;
    if (hasFixedPicture(control)) {
        shown.image = fixedImage(control);
        shown.isMissing = false;
        return shown;
    }
    shown.isMissing = value.isNull();
    shown.isNumber = value.typeId() == QMetaType::LongLong || value.typeId() == QMetaType::Int ||
                     value.typeId() == QMetaType::Double;
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

QStringList columnsWritten(const Control &control)
{
    QStringList columns;
    if (!control.column.isEmpty()) {
        columns.append(control.column);
    }
    if (const std::optional<Lookup> lookup = lookupOf(control)) {
        for (const QString &column : lookup->columns) {
            if (!column.isEmpty() && !columns.contains(column)) {
                columns.append(column);
            }
        }
    }
    return columns;
}

QStringList columnsNeeded(const Control &control)
{
    QStringList columns = columnsWritten(control);
    const std::optional<Followed> followed = followedBy(control);
    const std::optional<Lookup> lookup = lookupOf(control);
    const QStringList more = (followed ? followed->columns : QStringList()) + childLinkOf(control).parentColumns +
                             (lookup ? lookup->filterBy : QStringList());
    for (const QString &column : more) {
        if (!columns.contains(column)) {
            columns.append(column);
        }
    }
    return columns;
}

} // namespace nabblet

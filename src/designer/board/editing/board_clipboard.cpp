#include "designer/board/editing/board_clipboard.h"

#include "core/arrange/containers.h"
#include "core/arrange/grid.h"
#include "core/arrange/moving.h"
#include "core/arrange/rows.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_host.h"
#include "designer/document/rule_clipboard.h"

#include <QApplication>
#include <QClipboard>
#include <QMimeData>

#include <algorithm>

namespace nabblet {

namespace {

// A clip with all that stood right on a band on another one.
Form asIn(const Form &clip, BandRole band)
{
    Form result = clip;
    for (int i = 0; i < clip.controls.size(); ++i) {
        Control control = clip.controls.at(i);
        control.band = band;
        result.controls.replace(i, control);
    }
    return result;
}

const QString ClipFormat = QStringLiteral("application/x-nabform+json");

} // namespace

const BoardScene &BoardClipboard::scene() const
{
    return m_board.scene();
}

void BoardClipboard::copy() const
{
    if (scene().selection.isEmpty()) {
        return;
    }
    const QByteArray text = clipText(scene().form(), scene().selection.controls());
    auto *mime = new QMimeData;
    mime->setData(ClipFormat, text);
    mime->setText(QString::fromUtf8(text));
    QApplication::clipboard()->setMimeData(mime);
}

void BoardClipboard::cut()
{
    if (!scene().selection.isEmpty()) {
        copy();
        const qsizetype count = scene().selection.controls().size();
        m_board.document()->apply(
            counted(count, Texts::tr("Cut a control"), Texts::tr("Cut %1 controls")),
            withEmptiedBandsClosed(scene().form(), deleteControls(scene().form(), scene().selection.controls())));
    }
}

// What is pasted goes where the lead stands; into a container that is selected, unless it brings one of its own, as
// when a container was just copied.
Area BoardClipboard::pasteArea(const Form &clip) const
{
    const Control *lead = scene().form().controls.find(scene().selection.lead());
    if (!lead) {
        return {};
    }
    return holdsOthers(*lead) && !hasContainers(clip) ? scene().fieldTarget().area : areaOf(*lead);
}

// Rules go on to what is selected.
void BoardClipboard::pasteRules()
{
    const Result<Form> clip = rulesOnClipboard();
    if (!clip) {
        m_board.say(clip.error().sentence);
        return;
    }
    const QList<ControlId> on = scene().selection.controls();
    const PastedRules pasted =
        on.isEmpty() ? PastedRules{scene().form(), 0} : withPastedRules(scene().form(), *clip, on);
    if (pasted.count > 0) {
        m_board.document()->apply(Texts::tr("Paste rules"), pasted.form);
    }
    m_board.say(on.isEmpty()        ? Texts::tr("Select the boxes that the rules on the clipboard should stand on.")
                : pasted.count == 0 ? Texts::tr("The rules on the clipboard cannot stand on what is selected.")
                                    : counted(pasted.count, Texts::tr("1 rule was added to what is selected."),
                                              Texts::tr("%1 rules were added to what is selected.")));
}

void BoardClipboard::paste(Place place)
{
    if (hasRulesOnClipboard()) {
        pasteRules();
        return;
    }
    const QMimeData *mime = QApplication::clipboard()->mimeData();
    const QByteArray text = mime && mime->hasFormat(ClipFormat) ? mime->data(ClipFormat)
                            : mime                              ? mime->text().toUtf8()
                                                                : QByteArray();
    Result<Form> clip = text.isEmpty() ? Result<Form>(Form()) : readClip(text);
    if (!clip) {
        m_board.say(clip.error().sentence);
        return;
    }
    if (clip->controls.isEmpty()) {
        m_board.say(Texts::tr("There is nothing on the clipboard."));
        return;
    }
    // Forms with files of their own are not on the clipboard; they are read again.
    QString missed;
    for (int i = 0; i < clip->controls.size(); ++i) {
        Control control = clip->controls.at(i);
        const bool showsFile =
            kindNamed(control.kind).editor == Editor::Rows && !control.inner && !projectFormOf(control).isEmpty();
        if (showsFile && m_board.hooks().readForm) {
            const Result<Form> form = m_board.hooks().readForm(projectFormOf(control));
            if (form) {
                control.inner = InnerForm(*form);
                clip->controls.replace(i, control);
            } else {
                missed = form.error().sentence;
            }
        }
    }
    // In place where it came from; else where a click was, below the lead, or where it stood, clear of all else.
    Form taken = *clip;
    Area into = pasteArea(taken);
    QPoint by;
    if (place == Place::Beside) {
        const Form &form = scene().form();
        const auto clicked = scene().clickedAt ? scene().areaAt(form, *scene().clickedAt) : std::nullopt;
        if (clicked) {
            into = *clicked;
        }
        if (clicked || scene().selection.lead() != 0) {
            taken = asIn(taken, into.band);
        }
        const int pitch = std::max(1, form.grid.pitch);
        const Control *lead = form.controls.find(scene().selection.lead());
        if (clicked) {
            const QPoint point = *scene().clickedAt - QPoint(0, bandTop(form, into.band));
            by = wayToPoint(form, taken, into, {onGrid(point.x(), pitch), onGrid(point.y(), pitch)});
        } else if (lead && areaOf(*lead) == into) {
            by = wayBelow(form, taken, into, scene().selection.controls(), firstBoxOfSelection().x());
        } else {
            by = wayToFreePlace(form, taken, into.container != 0 ? into : areaOf(taken.controls.at(0)), QPoint());
        }
    }
    const Pasted result = pasted(scene().form(), taken, by, m_board.hooks().namingPattern, into);
    const auto count = static_cast<qsizetype>(result.controls.size());
    m_board.document()->apply(counted(count, Texts::tr("Paste a control"), Texts::tr("Paste %1 controls")),
                              result.form);
    selectCopies(result.controls);
    const Table *rows = scene().session ? findTable(scene().session->state().catalogue, result.form.rowsFrom) : nullptr;
    QStringList strangers;
    for (const ControlId id : result.controls) {
        const Control &control = *result.form.controls.find(id);
        for (const QString &column : QStringList(control.column) + childLinkOf(control).parentColumns) {
            if (rows && !column.isEmpty() && !findColumn(*rows, column) && !strangers.contains(column)) {
                strangers.append(column);
            }
        }
    }
    if (!strangers.isEmpty()) {
        m_board.say(
            Texts::tr("The rows of this form have no column for some of what was pasted: %1. Bind or link it to others "
                      "in the inspector.")
                .arg(strangers.join(QStringLiteral(", "))));
    } else if (!missed.isEmpty()) {
        m_board.say(missed);
    }
}

// What was copied is selected: of a group the group, of fields their boxes.
void BoardClipboard::selectCopies(const QList<ControlId> &controls)
{
    const QList<ControlId> outer = outermostOf(scene().form(), controls);
    const QList<ControlId> boxes = boxesAmong(scene().form(), outer);
    m_board.select(boxes.isEmpty() ? outer : boxes);
}

// The place of the box that leads, or of the box of the caption that does.
QRect BoardClipboard::firstBoxOfSelection() const
{
    const QList<Arranged> items = arrangedOf(scene().form(), scene().selection.controls());
    return items.isEmpty() ? QRect() : items.last().place;
}

void BoardClipboard::duplicate()
{
    if (scene().selection.isEmpty()) {
        return;
    }
    const Form &form = scene().form();
    const Form clip = clipOf(form, scene().selection.controls());
    const Area area = scene().areaOfSelection().value_or(Area());
    QPoint step = wayBelow(form, clip, area, scene().selection.controls(), firstBoxOf(clip).x());
    // The copies made last, moved since: the next ones go as far again.
    const QSet<ControlId> chosen(scene().selection.controls().begin(), scene().selection.controls().end());
    const QSet<ControlId> last(m_duplicates.begin(), m_duplicates.end());
    const Control *first = m_duplicates.isEmpty() ? nullptr : form.controls.find(m_duplicates.first());
    if (first && chosen == last) {
        step = wayToFreePlace(form, clip, area, first->place.topLeft() - m_duplicatesAt);
    }
    const Pasted result = pasted(form, clip, step, m_board.hooks().namingPattern, area);
    const ControlId model = scene().selection.controls().first();
    QPoint modelAt = form.controls.find(model)->place.topLeft();
    // The first copy's model is the first of the selection in the form's order.
    for (const Control &control : form.controls) {
        if (chosen.contains(control.id) && control.kind != QLatin1String("caption")) {
            modelAt = control.place.topLeft();
            break;
        }
    }
    const auto count = static_cast<qsizetype>(scene().selection.controls().size());
    m_board.document()->apply(counted(count, Texts::tr("Duplicate a control"), Texts::tr("Duplicate %1 controls")),
                              result.form);
    selectCopies(result.controls);
    m_duplicates = scene().selection.controls();
    m_duplicatesAt = modelAt;
}

} // namespace nabblet

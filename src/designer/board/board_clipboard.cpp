// Cut, copy, paste and duplicate on the board.
#include "designer/board/board.h"
#include "core/arrange/grid.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"

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
        nabblet::Control control = clip.controls.at(i);
        control.band = band;
        result.controls.replace(i, control);
    }
    return result;
}

const QString ClipFormat = QStringLiteral("application/x-nabform+json");

} // namespace

void Board::copy() const
{
    if (m_selection.isEmpty()) {
        return;
    }
    const QByteArray text = clipText(m_document->form(), m_selection.controls());
    auto *mime = new QMimeData;
    mime->setData(ClipFormat, text);
    mime->setText(QString::fromUtf8(text));
    QApplication::clipboard()->setMimeData(mime);
}

void Board::cut()
{
    if (!m_selection.isEmpty()) {
        copy();
        const qsizetype count = m_selection.controls().size();
        m_document->apply(
            counted(count, tr("Cut a control"), tr("Cut %1 controls")),
            withEmptiedBandsClosed(m_document->form(), deleteControls(m_document->form(), m_selection.controls())));
    }
}

// What is pasted goes where the lead stands; into a container that is selected, unless it brings one of its own, as
// when a container was just copied.
Area Board::pasteArea(const Form &clip) const
{
    const nabblet::Control *lead = m_document->form().controls.find(m_selection.lead());
    if (!lead) {
        return {};
    }
    return holdsOthers(*lead) && !hasContainers(clip) ? fieldTarget().area : areaOf(*lead);
}

void Board::paste(PastePlace place)
{
    const QMimeData *mime = QApplication::clipboard()->mimeData();
    const QByteArray text = mime && mime->hasFormat(ClipFormat) ? mime->data(ClipFormat)
                            : mime                              ? mime->text().toUtf8()
                                                                : QByteArray();
    Result<Form> clip = text.isEmpty() ? Result<Form>(Form()) : readClip(text);
    if (!clip) {
        Q_EMIT said(clip.error().sentence);
        return;
    }
    if (clip->controls.isEmpty()) {
        Q_EMIT said(tr("There is nothing on the clipboard."));
        return;
    }
    // Forms with files of their own are not on the clipboard; they are read again.
    QString missed;
    for (int i = 0; i < clip->controls.size(); ++i) {
        nabblet::Control control = clip->controls.at(i);
        const bool showsFile =
            kindNamed(control.kind).editor == Editor::Rows && !control.inner && !projectFormOf(control).isEmpty();
        if (showsFile && m_readForm) {
            const Result<Form> form = m_readForm(projectFormOf(control));
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
    if (place == PastePlace::Beside) {
        const Form &form = m_document->form();
        const auto clicked = m_clickedAt ? areaAt(form, *m_clickedAt) : std::nullopt;
        if (clicked) {
            into = *clicked;
        }
        if (clicked || m_selection.lead() != 0) {
            taken = asIn(taken, into.band);
        }
        const int pitch = std::max(1, form.grid.pitch);
        const nabblet::Control *lead = form.controls.find(m_selection.lead());
        if (clicked) {
            const QPoint point = *m_clickedAt - QPoint(0, bandTop(form, into.band));
            by = wayToPoint(form, taken, into, {onGrid(point.x(), pitch), onGrid(point.y(), pitch)});
        } else if (lead && areaOf(*lead) == into) {
            by = wayBelow(form, taken, into, m_selection.controls(), firstBoxOfSelection().x());
        } else {
            by = wayToFreePlace(form, taken, into.container != 0 ? into : areaOf(taken.controls.at(0)), QPoint());
        }
    }
    const Pasted result = pasted(m_document->form(), taken, by, m_namingPattern, into);
    const auto count = static_cast<qsizetype>(result.controls.size());
    m_document->apply(counted(count, tr("Paste a control"), tr("Paste %1 controls")), result.form);
    selectCopies(result.controls);
    const Table *rows = m_session ? findTable(m_session->state().catalogue, result.form.rowsFrom) : nullptr;
    QStringList strangers;
    for (const ControlId id : result.controls) {
        const QString column = result.form.controls.find(id)->column;
        if (rows && !column.isEmpty() && !findColumn(*rows, column) && !strangers.contains(column)) {
            strangers.append(column);
        }
    }
    if (!strangers.isEmpty()) {
        Q_EMIT said(
            tr("The rows of this form have no column for some of what was pasted: %1. Bind these boxes to others "
               "in the inspector.")
                .arg(strangers.join(QStringLiteral(", "))));
    } else if (!missed.isEmpty()) {
        Q_EMIT said(missed);
    }
}

// What was copied is selected: of a group the group, of fields their boxes.
void Board::selectCopies(const QList<ControlId> &controls)
{
    const QList<ControlId> outer = outermostOf(m_document->form(), controls);
    const QList<ControlId> boxes = boxesAmong(m_document->form(), outer);
    select(boxes.isEmpty() ? outer : boxes);
}

// The place of the box that leads, or of the box of the caption that does.
QRect Board::firstBoxOfSelection() const
{
    const QList<Arranged> items = arrangedOf(m_document->form(), m_selection.controls());
    return items.isEmpty() ? QRect() : items.last().place;
}

void Board::duplicate()
{
    if (m_selection.isEmpty()) {
        return;
    }
    const Form &form = m_document->form();
    const Form clip = clipOf(form, m_selection.controls());
    const Area area = areaOfSelection().value_or(Area());
    QPoint step = wayBelow(form, clip, area, m_selection.controls(), firstBoxOf(clip).x());
    // The copies made last, moved since: the next ones go as far again.
    const QSet<ControlId> chosen(m_selection.controls().begin(), m_selection.controls().end());
    const QSet<ControlId> last(m_duplicates.begin(), m_duplicates.end());
    const nabblet::Control *first = m_duplicates.isEmpty() ? nullptr : form.controls.find(m_duplicates.first());
    if (first && chosen == last) {
        step = wayToFreePlace(form, clip, area, first->place.topLeft() - m_duplicatesAt);
    }
    const Pasted result = pasted(form, clip, step, m_namingPattern, area);
    const ControlId model = m_selection.controls().first();
    QPoint modelAt = form.controls.find(model)->place.topLeft();
    // The first copy's model is the first of the selection in the form's order.
    for (const nabblet::Control &control : form.controls) {
        if (chosen.contains(control.id) && control.kind != QLatin1String("caption")) {
            modelAt = control.place.topLeft();
            break;
        }
    }
    const auto count = static_cast<qsizetype>(m_selection.controls().size());
    m_document->apply(counted(count, tr("Duplicate a control"), tr("Duplicate %1 controls")), result.form);
    selectCopies(result.controls);
    m_duplicates = m_selection.controls();
    m_duplicatesAt = modelAt;
}

} // namespace nabblet

#include "designer/board.h"

#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/text/tr.h"
#include "designer/board_measures.h"
#include "entry/theme.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollBar>
#include <QToolTip>

#include <algorithm>

namespace nabblet {

Board::Board(FormDocument *document, EntrySession *session, const Appearance &appearance, QWidget *parent)
    : QAbstractScrollArea(parent), m_document(document), m_session(nullptr), m_appearance(appearance)
{
    setObjectName(QStringLiteral("board"));
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Board"));
    viewport()->setMouseTracking(true);
    viewport()->setAttribute(Qt::WA_OpaquePaintEvent);
    connect(document, &FormDocument::formChanged, this, &Board::showForm);
    m_rowsButton = new QPushButton(tr("Choose the row source…"), viewport());
    m_rowsButton->setObjectName(QStringLiteral("boardRowSource"));
    m_rowsButton->setCursor(Qt::ArrowCursor);
    connect(m_rowsButton, &QPushButton::clicked, this, &Board::rowSourceRequested);
    setSession(session);
    updateScrollBars();
}

// A form without rows shows, in the middle of its body, how it gets some.
void Board::placeRowsButton()
{
    const Form &form = m_document->form();
    const bool isNeeded = form.rowSource.isEmpty() && form.controls.size() <= 1;
    m_rowsButton->setVisible(isNeeded);
    const Band *body = findBand(form, BandRole::Body);
    if (isNeeded && body) {
        m_rowsButton->adjustSize();
        const QPoint middle =
            toViewport(QPoint(form.width / 2, bandTop(form, BandRole::Body) + std::min(body->height, 240) / 2));
        m_rowsButton->move(middle - m_rowsButton->rect().center());
    }
}

Board::~Board() = default;

void Board::setAppearance(const Appearance &appearance)
{
    m_appearance = appearance;
    viewport()->update();
}

void Board::setSession(EntrySession *session)
{
    if (m_session) {
        m_session->disconnect(this);
    }
    m_session = session;
    if (session) {
        connect(session, &EntrySession::recordChanged, viewport(), qOverload<>(&QWidget::update));
        connect(session, &EntrySession::pendingChanged, viewport(), qOverload<>(&QWidget::update));
    }
    viewport()->update();
}

void Board::setShowsValues(bool shows)
{
    m_showsValues = shows;
    viewport()->update();
}

void Board::select(const QList<ControlId> &controls)
{
    Selection wanted;
    wanted.set(controls);
    wanted.keepOnly(m_document->form());
    if (wanted == m_selection) {
        return;
    }
    updateSelectionMarks();
    m_selection = wanted;
    updateSelectionMarks();
    Q_EMIT selectionChanged();
}

void Board::selectAll()
{
    QList<ControlId> all;
    for (const Control &control : m_document->form().controls) {
        all.append(control.id);
    }
    select(all);
}

void Board::deleteSelection()
{
    if (m_selection.isEmpty()) {
        return;
    }
    const qsizetype count = m_selection.controls().size();
    m_document->apply(counted(count, tr("Delete a control"), tr("Delete %1 controls")),
                      deleteControls(m_document->form(), m_selection.controls()));
}

Form Board::shownForm() const
{
    return m_dragged ? *m_dragged : m_document->form();
}

// ---------------------------------------------------------------- places

QPoint Board::toViewport(QPoint onForm) const
{
    return onForm + QPoint(SpineWidth + 8 - horizontalScrollBar()->value(), RulerHeight - verticalScrollBar()->value());
}

QPoint Board::toForm(QPoint inViewport) const
{
    return inViewport - toViewport(QPoint(0, 0));
}

QRect Board::viewportRectOf(ControlId id) const
{
    const Form form = shownForm();
    const Control *control = form.controls.find(id);
    return control ? QRect(toViewport(placeOnForm(form, *control).topLeft()), control->place.size()) : QRect();
}

QPoint Board::railKnob(RailId rail) const
{
    return {toViewport(QPoint(railPosition(shownForm(), rail), 0)).x(), RulerHeight - KnobRadius - 3};
}

QList<Edges> Board::handlesOf(const QRect &place) const
{
    QList<Edges> handles{Edge::Left, Edge::Right};
    if (place.height() >= 40) {
        handles += {Edges(Edge::Top), Edges(Edge::Bottom), Edge::Right | Edge::Bottom, Edge::Left | Edge::Bottom};
    }
    return handles;
}

QRect Board::handleRect(const QRect &place, Edges edges) const
{
    int x = place.x() + place.width() / 2;
    int y = place.y() + place.height() / 2;
    if (edges & Edge::Left) {
        x = place.x();
    } else if (edges & Edge::Right) {
        x = rightOf(place) - 1;
    }
    if (edges & Edge::Top) {
        y = place.y();
    } else if (edges & Edge::Bottom) {
        y = bottomOf(place) - 1;
    }
    return {x - HandleSize / 2, y - HandleSize / 2, HandleSize, HandleSize};
}

Board::Hit Board::hitAt(QPoint at) const
{
    const Form form = shownForm();
    Hit hit;
    if (at.y() < RulerHeight) {
        QList<RailId> rails{FixedRail::FormRight};
        for (const Rail &rail : form.rails) {
            rails.prepend(rail.id);
        }
        for (const RailId rail : rails) {
            if (std::abs(railKnob(rail).x() - at.x()) <= KnobRadius + 2) {
                hit.kind = rail == FixedRail::FormRight ? Hit::FormEdge : Hit::RailKnob;
                hit.rail = rail;
                return hit;
            }
        }
        return hit;
    }
    const QPoint point = toForm(at);
    if (const Control *lead = form.controls.find(m_selection.lead()); lead && lead->kind != QLatin1String("caption")) {
        const QRect place = placeOnForm(form, *lead);
        for (const Edges edges : handlesOf(place)) {
            if (handleRect(place, edges).adjusted(-3, -3, 3, 3).contains(point)) {
                hit.kind = Hit::Handle;
                hit.control = lead->id;
                hit.edges = edges;
                return hit;
            }
        }
    }
    hit.control = controlAt(form, point, HitSlack);
    if (hit.control != 0) {
        hit.kind = Hit::Control;
        return hit;
    }
    if (std::abs(point.x() - form.width) <= EdgeSlack && point.y() >= 0 && point.y() < formHeight(form)) {
        hit.kind = Hit::FormEdge;
        return hit;
    }
    for (const Band &band : form.bands) {
        const int edge = bandTop(form, band.role) + band.height;
        if (std::abs(point.y() - edge) <= EdgeSlack && point.x() <= form.width) {
            hit.kind = Hit::BandEdge;
            hit.band = band.role;
            return hit;
        }
    }
    return hit;
}

// ---------------------------------------------------------------- mouse

void Board::mousePressEvent(QMouseEvent *event)
{
    finishCaption(true);
    if (event->button() != Qt::LeftButton) {
        return;
    }
    Drag drag;
    drag.hit = hitAt(event->pos());
    drag.start = drag.now = toForm(event->pos());
    if (drag.hit.kind == Hit::Control) {
        const bool isAdding = event->modifiers().testFlag(Qt::ControlModifier);
        Selection wanted = m_selection;
        if (isAdding) {
            wanted.toggle(drag.hit.control);
        } else {
            wanted.choose(drag.hit.control);
        }
        select(wanted.controls());
        if (!m_selection.contains(drag.hit.control)) {
            drag.hit.kind = Hit::Nothing;
            return;
        }
    } else if (drag.hit.kind == Hit::Nothing) {
        drag.isBox = true;
        drag.before = event->modifiers().testFlag(Qt::ControlModifier) ? m_selection.controls() : QList<ControlId>();
        select(drag.before);
    }
    m_drag = drag;
}

void Board::mouseMoveEvent(QMouseEvent *event)
{
    if (m_drag && event->buttons().testFlag(Qt::LeftButton)) {
        followDrag(toForm(event->pos()));
        return;
    }
    const Hit hit = hitAt(event->pos());
    Qt::CursorShape shape = Qt::ArrowCursor;
    switch (hit.kind) {
    case Hit::Handle:
        shape = hit.edges == (Edge::Right | Edge::Bottom)  ? Qt::SizeFDiagCursor
                : hit.edges == (Edge::Left | Edge::Bottom) ? Qt::SizeBDiagCursor
                : hit.edges & (Edge::Top | Edge::Bottom)   ? Qt::SizeVerCursor
                                                           : Qt::SizeHorCursor;
        break;
    case Hit::RailKnob:
    case Hit::FormEdge:
        shape = Qt::SplitHCursor;
        break;
    case Hit::BandEdge:
        shape = Qt::SplitVCursor;
        break;
    case Hit::Control:
        shape = m_selection.contains(hit.control) ? Qt::SizeAllCursor : Qt::ArrowCursor;
        break;
    case Hit::Nothing:
        break;
    }
    viewport()->setCursor(shape);
}

void Board::mouseReleaseEvent(QMouseEvent *event)
{
    if (event->button() == Qt::LeftButton && m_drag) {
        followDrag(toForm(event->pos()));
        finishDrag();
    }
}

void Board::mouseDoubleClickEvent(QMouseEvent *event)
{
    // A double click edits a caption where it stands and never does anything else.
    const Hit hit = hitAt(event->pos());
    m_drag.reset();
    if (hit.kind != Hit::Control && hit.kind != Hit::Handle) {
        return;
    }
    editCaption(hit.control);
}

void Board::followDrag(QPoint onForm)
{
    Drag &drag = *m_drag;
    const QRect oldBox = QRect(drag.start, drag.now).normalized();
    drag.now = onForm;
    if (!drag.isMoving && (drag.now - drag.start).manhattanLength() < QApplication::startDragDistance() / 2) {
        return;
    }
    drag.isMoving = true;
    if (drag.isBox) {
        const bool isRightwards = drag.now.x() >= drag.start.x();
        const QRect box = QRect(drag.start, drag.now).normalized();
        Selection wanted;
        wanted.set(drag.before);
        wanted.add(controlsInBox(m_document->form(), box, isRightwards ? Reach::WhollyInside : Reach::Touched));
        select(wanted.controls());
        const QRect dirty = oldBox.united(box).adjusted(-2, -2, 2, 2);
        viewport()->update(QRect(toViewport(dirty.topLeft()), dirty.size()));
        return;
    }
    const Form before = shownForm();
    m_dragged = draggedForm();
    showForm(before, *m_dragged);
}

// How far the selection moves so that the lead's top left corner lands on the grid; when it stands off the grid and is
// not moved along one axis, it stays there.
QPoint Board::snappedMove() const
{
    const Form &form = m_document->form();
    const Control *lead = form.controls.find(m_drag->hit.control);
    const QPoint raw = m_drag->now - m_drag->start;
    if (!lead) {
        return {};
    }
    const int pitch = form.grid.pitch;
    const QPoint corner = lead->place.topLeft();
    const auto along = [pitch](int from, int by) {
        return std::abs(by) * 2 < pitch ? 0 : onGrid(from + by, pitch) - from;
    };
    return {along(corner.x(), raw.x()), along(corner.y(), raw.y())};
}

Form Board::draggedForm() const
{
    const Form &form = m_document->form();
    const Drag &drag = *m_drag;
    const int pitch = form.grid.pitch;
    const QPoint raw = drag.now - drag.start;
    switch (drag.hit.kind) {
    case Hit::Control:
        return moveControls(form, m_selection.controls(), snappedMove());
    case Hit::Handle: {
        const Control *control = form.controls.find(drag.hit.control);
        const QRect place = control->place;
        const int x = drag.hit.edges & Edge::Left ? place.x() : rightOf(place);
        const int y = drag.hit.edges & Edge::Top ? place.y() : bottomOf(place);
        const QPoint snapped(onGrid(x + raw.x(), pitch) - x, onGrid(y + raw.y(), pitch) - y);
        return resizeControls(form, {control->id}, drag.hit.edges, snapped);
    }
    case Hit::RailKnob:
        return moveRail(form, drag.hit.rail, onGrid(railPosition(form, drag.hit.rail) + raw.x(), pitch));
    case Hit::FormEdge:
        return setFormWidth(form, onGrid(form.width + raw.x(), pitch));
    case Hit::BandEdge:
        return setBandHeight(form, drag.hit.band, onGrid(findBand(form, drag.hit.band)->height + raw.y(), pitch));
    case Hit::Nothing:
        break;
    }
    return form;
}

QString Board::dragName() const
{
    switch (m_drag->hit.kind) {
    case Hit::Control:
        return counted(m_selection.controls().size(), tr("Move a control"), tr("Move %1 controls"));
    case Hit::Handle:
        return tr("Resize a control");
    case Hit::RailKnob:
        return tr("Move a rail");
    case Hit::FormEdge:
        return tr("Change the form's width");
    case Hit::BandEdge:
        return tr("Change a band's height");
    case Hit::Nothing:
        break;
    }
    return {};
}

void Board::finishDrag()
{
    const bool isEdit = m_dragged.has_value();
    const Form edited = shownForm();
    const QString name = dragName();
    const Drag drag = *m_drag;
    m_drag.reset();
    m_dragged.reset();
    if (drag.isBox) {
        const QRect box = QRect(drag.start, drag.now).normalized().adjusted(-2, -2, 2, 2);
        viewport()->update(QRect(toViewport(box.topLeft()), box.size()));
    }
    if (isEdit) {
        m_document->apply(name, edited);
    }
}

void Board::giveUpDrag()
{
    const Form before = shownForm();
    m_drag.reset();
    m_dragged.reset();
    showForm(before, m_document->form());
    viewport()->update();
}

// ---------------------------------------------------------------- keys

bool Board::focusNextPrevChild(bool)
{
    return false; // Tab walks through the controls; see keyPressEvent
}

bool Board::event(QEvent *event)
{
    if (event->type() == QEvent::ShortcutOverride) {
        const int key = static_cast<QKeyEvent *>(event)->key();
        if (key == Qt::Key_Escape || key == Qt::Key_Tab || key == Qt::Key_Backtab || key == Qt::Key_F2) {
            event->accept();
            return true;
        }
    }
    return QAbstractScrollArea::event(event);
}

void Board::keyPressEvent(QKeyEvent *event)
{
    switch (event->key()) {
    case Qt::Key_Left:
        return nudge(QPoint(-1, 0), event->modifiers());
    case Qt::Key_Right:
        return nudge(QPoint(1, 0), event->modifiers());
    case Qt::Key_Up:
        return nudge(QPoint(0, -1), event->modifiers());
    case Qt::Key_Down:
        return nudge(QPoint(0, 1), event->modifiers());
    case Qt::Key_Escape:
        if (m_drag) {
            giveUpDrag();
        } else {
            select({});
        }
        return;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        deleteSelection();
        return;
    case Qt::Key_F2:
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (m_selection.lead() != 0) {
            editCaption(m_selection.lead());
        }
        return;
    case Qt::Key_Tab:
    case Qt::Key_Backtab: {
        // Fields in their tab order; captions are reached with their field.
        const QList<ControlId> sequence = tabSequence(m_document->form());
        if (!sequence.isEmpty()) {
            const qsizetype at = sequence.indexOf(m_selection.lead());
            const qsizetype step = event->key() == Qt::Key_Tab ? 1 : -1;
            const qsizetype next =
                at < 0 ? (step > 0 ? 0 : sequence.size() - 1) : (at + step + sequence.size()) % sequence.size();
            select({sequence.at(next)});
            const QRect place = viewportRectOf(m_selection.lead());
            if (place.bottom() > viewport()->height()) {
                verticalScrollBar()->setValue(verticalScrollBar()->value() + place.bottom() - viewport()->height() +
                                              Around);
            } else if (place.top() < RulerHeight) {
                verticalScrollBar()->setValue(verticalScrollBar()->value() + place.top() - RulerHeight - Around);
            }
        }
        return;
    }
    default:
        QAbstractScrollArea::keyPressEvent(event);
    }
}

void Board::nudge(QPoint direction, Qt::KeyboardModifiers modifiers)
{
    const Form &form = m_document->form();
    const Control *lead = form.controls.find(m_selection.lead());
    if (!lead) {
        return;
    }
    const int pitch = form.grid.pitch;
    const bool isFine = modifiers.testFlag(Qt::ControlModifier);
    const bool isResize = modifiers.testFlag(Qt::ShiftModifier);
    const QPoint corner = isResize ? QPoint(rightOf(lead->place), bottomOf(lead->place)) : lead->place.topLeft();
    QPoint distance = direction;
    if (!isFine) {
        distance.setX(direction.x() == 0 ? 0 : nextGridLine(corner.x(), pitch, direction.x()) - corner.x());
        distance.setY(direction.y() == 0 ? 0 : nextGridLine(corner.y(), pitch, direction.y()) - corner.y());
    }
    QStringList ids;
    for (const ControlId id : m_selection.controls()) {
        ids.append(QString::number(id));
    }
    const qsizetype count = m_selection.controls().size();
    if (isResize) {
        QList<ControlId> boxes;
        for (const ControlId id : m_selection.controls()) {
            if (form.controls.find(id)->kind != QLatin1String("caption")) {
                boxes.append(id);
            }
        }
        m_document->apply(counted(count, tr("Resize a control"), tr("Resize %1 controls")),
                          resizeControls(form, boxes, Edge::Right | Edge::Bottom, distance),
                          QStringLiteral("resize ") + ids.join(u' '));
    } else {
        m_document->apply(counted(count, tr("Move a control"), tr("Move %1 controls")),
                          moveControls(form, m_selection.controls(), distance),
                          QStringLiteral("move ") + ids.join(u' '));
    }
}

// ---------------------------------------------------------------- captions in place

void Board::editCaption(ControlId id)
{
    finishCaption(true);
    const Form &form = m_document->form();
    const Control *control = form.controls.find(id);
    if (!control) {
        return;
    }
    const Control *caption = control->kind == QLatin1String("caption") ? control : captionOf(form, id);
    if (!caption) {
        return;
    }
    m_editedCaption = caption->id;
    const TextRole role = textRoleNamed(caption->role, TextRole::Caption);
    m_captionLine = new QLineEdit(caption->text, viewport());
    m_captionLine->setObjectName(QStringLiteral("captionLine"));
    m_captionLine->setFont(m_appearance.font(role));
    m_captionLine->setFrame(false);
    QPalette palette;
    palette.setColor(QPalette::Base, m_appearance.colour(Ink::FieldFill));
    palette.setColor(QPalette::Text, m_appearance.colour(Ink::FieldText));
    palette.setColor(QPalette::Highlight, m_appearance.colour(Ink::Accent));
    palette.setColor(QPalette::HighlightedText, m_appearance.colour(Ink::AccentText));
    m_captionLine->setPalette(palette);
    const bool endsOnRail = caption->captionFor != 0;
    m_captionLine->setAlignment(endsOnRail ? Qt::AlignRight : Qt::AlignLeft);
    const auto fit = [this, endsOnRail, role, anchor = viewportRectOf(caption->id)] {
        if (!m_captionLine) {
            return;
        }
        const int width = std::max(anchor.width(), m_appearance.width(m_captionLine->text(), role)) + 12;
        const int x = endsOnRail ? anchor.right() + 5 - width : anchor.x() - 4;
        m_captionLine->setGeometry(std::max(0, x), anchor.y(), width, anchor.height());
    };
    fit();
    connect(m_captionLine, &QLineEdit::textChanged, this, fit);
    connect(m_captionLine, &QLineEdit::editingFinished, this, [this] { finishCaption(true); });
    m_captionLine->selectAll();
    m_captionLine->show();
    m_captionLine->setFocus();
    m_captionLine->installEventFilter(this);
}

void Board::finishCaption(bool keep)
{
    if (!m_captionLine) {
        return;
    }
    QLineEdit *line = m_captionLine;
    m_captionLine.clear();
    const QString words = line->text().trimmed();
    line->disconnect(this);
    line->hide();
    line->deleteLater();
    setFocus();
    const Control *caption = m_document->form().controls.find(m_editedCaption);
    if (keep && caption && words != caption->text && !words.isEmpty()) {
        m_document->apply(tr("Change a caption"),
                          setCaptionText(m_document->form(), m_editedCaption, words, m_appearance));
    }
}

bool Board::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_captionLine && event->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent *>(event)->key() == Qt::Key_Escape) {
        finishCaption(false);
        return true;
    }
    return QAbstractScrollArea::eventFilter(watched, event);
}

// ---------------------------------------------------------------- drawing

Shown Board::shownOf(const Control &control) const
{
    if (!m_showsValues || !m_session || !m_session->hasRecord()) {
        return shownBlank(control);
    }
    Shown shown = m_session->shown(control);
    if (shown.state == BoxState::Refused) {
        shown.state = BoxState::Rest;
    }
    return shown;
}

void Board::updateControl(const Form &form, const Control &control)
{
    const QRect place = placeOnForm(form, control).adjusted(-6, -22, 220, 6); // with handles and the lead's tag
    viewport()->update(QRect(toViewport(place.topLeft()), place.size()));
}

void Board::updateSelectionMarks()
{
    const Form form = shownForm();
    for (const Control &control : form.controls) {
        if (m_selection.contains(control.id)) {
            updateControl(form, control);
        }
    }
}

// Asks for painting only where the two forms differ.
void Board::showForm(const Form &before, const Form &after)
{
    const bool isFrameSame = before.width == after.width && before.bands == after.bands &&
                             before.rails == after.rails && before.look == after.look && before.grid == after.grid &&
                             before.controls.size() == after.controls.size();
    if (!isFrameSame) {
        viewport()->update();
    } else {
        for (int i = 0; i < after.controls.size(); ++i) {
            if (!after.controls.sharesWith(before.controls, i) && !(before.controls.at(i) == after.controls.at(i))) {
                updateControl(before, before.controls.at(i));
                updateControl(after, after.controls.at(i));
            }
        }
    }
    if (!m_drag) {
        const Selection old = m_selection;
        m_selection.keepOnly(after);
        updateScrollBars();
        // The values in the inspector may have changed even when the selection did not.
        Q_EMIT selectionChanged();
    }
}

// ---------------------------------------------------------------- scrolling

void Board::updateScrollBars()
{
    const Form &form = m_document->form();
    const int width = SpineWidth + 8 + form.width + RightOf;
    const int height = RulerHeight + formHeight(form) + Around;
    horizontalScrollBar()->setRange(0, std::max(0, width - viewport()->width()));
    horizontalScrollBar()->setPageStep(viewport()->width());
    horizontalScrollBar()->setSingleStep(form.grid.pitch * 2);
    verticalScrollBar()->setRange(0, std::max(0, height - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(form.grid.pitch * 4);
    placeRowsButton();
}

void Board::resizeEvent(QResizeEvent *event)
{
    QAbstractScrollArea::resizeEvent(event);
    updateScrollBars();
}

void Board::scrollContentsBy(int, int)
{
    finishCaption(true);
    placeRowsButton();
    viewport()->update();
}

bool Board::viewportEvent(QEvent *event)
{
    if (event->type() == QEvent::ToolTip) {
        const auto *help = static_cast<QHelpEvent *>(event);
        const Hit hit = hitAt(help->pos());
        QString words;
        if (hit.kind == Hit::RailKnob) {
            const Rail *rail = findRail(m_document->form(), hit.rail);
            words = rail->isAutomatic
                        ? tr("Rail “%1”: stands clear of the longest caption. Drag to move all edges on it.")
                              .arg(rail->name)
                        : tr("Rail “%1”. Drag to move all edges on it.").arg(rail->name);
        } else if (hit.kind == Hit::FormEdge) {
            words = tr("The form's right edge. Drag to change the width.");
        } else if (hit.kind == Hit::BandEdge) {
            words = tr("Drag to change the band's height.");
        }
        QToolTip::showText(help->globalPos(), words, viewport());
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

} // namespace nabblet

#include "designer/board/board.h"

#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/row_edits.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "designer/board/board_measures.h"
#include "designer/board/caption_editor.h"
#include "entry/theme/theme.h"

#include <QAccessible>
#include <QApplication>
#include <QPushButton>
#include <QScrollBar>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

constexpr std::array<int, 9> ZoomSteps{25, 33, 50, 75, 100, 150, 200, 300, 400};

} // namespace

Board::Board(FormDocument *document, EntrySession *session, const Appearance &appearance, QWidget *parent)
    : QAbstractScrollArea(parent), m_document(document), m_session(nullptr), m_appearance(appearance)
{
    setObjectName(QStringLiteral("board"));
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Board"));
    setAcceptDrops(true);
    viewport()->setAcceptDrops(true);
    viewport()->setMouseTracking(true);
    viewport()->setAttribute(Qt::WA_OpaquePaintEvent);
    m_step = document->steps()->index();
    connect(document, &FormDocument::formChanged, this, &Board::showForm);
    connect(document->steps(), &QUndoStack::indexChanged, this, &Board::showStep);
    m_rowsButton = new QPushButton(tr("Choose where the rows come from…"), viewport());
    m_rowsButton->setObjectName(QStringLiteral("boardRows"));
    m_rowsButton->setCursor(Qt::ArrowCursor);
    connect(m_rowsButton, &QPushButton::clicked, this, &Board::rowsRequested);
    setSession(session);
    updateScrollBars();
    // Ids of another form mean other controls.
    connect(document, &FormDocument::focusChanged, this, [this] {
        endModes();
        m_drag.reset();
        m_fronts.clear();
        setSelection(Selection());
        horizontalScrollBar()->setValue(0);
        verticalScrollBar()->setValue(0);
    });
}

// A form without rows shows, in the middle of its body, how it gets some.
void Board::placeRowsButton()
{
    const Form &form = m_document->form();
    const bool isNeeded = form.rowsFrom.isEmpty() &&
                          std::none_of(form.controls.begin(), form.controls.end(),
                                       [](const nabblet::Control &control) { return control.band == BandRole::Body; });
    m_rowsButton->setVisible(isNeeded);
    const Band *body = findBand(form, BandRole::Body);
    if (isNeeded && body) {
        m_rowsButton->adjustSize();
        const QPoint middle =
            toViewport(QPoint(form.width / 2, bandTop(form, BandRole::Body) + std::min(body->height, 240) / 2));
        m_rowsButton->move(middle - m_rowsButton->rect().center());
    }
}

// Words that are still open have nobody to give them to any more.
Board::~Board()
{
    if (m_captionEditor) {
        m_captionEditor->disconnect(this);
        delete m_captionEditor;
    }
}

void Board::setAppearance(const Appearance &appearance)
{
    m_appearance = appearance;
    m_ground = QPixmap();
    viewport()->update();
}

void Board::setSession(EntrySession *session)
{
    if (m_session) {
        m_session->disconnect(this);
    }
    m_session = session;
    if (session) {
        connect(session, &EntrySession::recordChanged, this, &Board::readShown);
        connect(session, &EntrySession::valuesRead, viewport(), qOverload<>(&QWidget::update));
        connect(session, &EntrySession::pendingChanged, viewport(), qOverload<>(&QWidget::update));
        connect(session, &EntrySession::totalsChanged, viewport(), qOverload<>(&QWidget::update));
    }
    readShown();
}

// Reads what the controls in sight show, ahead of painting, which reads nothing.
void Board::readShown()
{
    const Form inSight = m_session && m_values != BoardValues::Blank ? seen(m_document->form()) : Form();
    for (const nabblet::Control &control : inSight.controls) {
        m_session->values().shown(control);
    }
    m_paintedControls.clear();
    viewport()->update();
}

void Board::setValues(BoardValues values)
{
    m_values = values;
    readShown();
}

void Board::setLongestWords(const QHash<QString, QString> &words)
{
    m_longestWords = words;
    if (m_values == BoardValues::Longest) {
        viewport()->update();
    }
}

void Board::setUnit(Unit unit)
{
    m_unit = unit;
    viewport()->update();
    Q_EMIT selectionChanged();
}

// ---------------------------------------------------------------- selection

void Board::select(const QList<ControlId> &controls)
{
    Selection wanted;
    wanted.set(controls);
    setSelection(wanted);
}

void Board::setSelection(const Selection &selection)
{
    Selection wanted = selection;
    wanted.keepOnly(m_document->form());
    if (wanted == m_selection) {
        return;
    }
    updateSelectionMarks();
    m_selection = wanted;
    setFronts(showing(m_document->form(), wanted.lead(), m_fronts));
    updatePills();
    updateSelectionMarks();
    describeSelection();
    Q_EMIT selectionChanged();
}

// What a screen reader says of the selection: the lead's name, kind, words and place.
void Board::describeSelection()
{
    const Form &form = m_document->form();
    const nabblet::Control *lead = form.controls.find(m_selection.lead());
    QString words = m_selection.rail() != FixedRail::None ? tr("a rail is selected")
                    : m_selection.band()                  ? tr("a band is selected")
                                                          : tr("the form is selected");
    if (lead) {
        const nabblet::Control *caption = captionOf(form, lead->id);
        const auto size = [&](int pixels) { return sizeNumber(pixels, m_unit, form.grid.pitch); };
        words = tr("%1, %2, %3, left %4, top %5, width %6, height %7 %8")
                    .arg(lead->name, kindTitle(kindNamed(lead->kind)), caption ? caption->text : lead->text,
                         size(lead->place.x()), size(lead->place.y()), size(lead->place.width()),
                         size(lead->place.height()), unitSign(m_unit));
        if (m_selection.controls().size() > 1) {
            words += tr(", leads %1 controls").arg(m_selection.controls().size());
        }
    }
    setAccessibleDescription(words);
    QAccessibleEvent changed(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
}

void Board::selectAll()
{
    QList<ControlId> all;
    for (const nabblet::Control &control : m_document->form().controls) {
        all.append(control.id);
    }
    select(all);
}

void Board::selectOutwards()
{
    const nabblet::Control *lead = m_document->form().controls.find(m_selection.lead());
    Selection wanted;
    if (lead && lead->container != 0) {
        wanted.set({lead->container});
    } else if (lead) {
        wanted.setBand(lead->band);
    }
    setSelection(wanted);
}

void Board::deleteSelection()
{
    if (m_selection.rail() != FixedRail::None) {
        Form without = m_document->form();
        without = withoutRail(without, m_selection.rail());
        m_document->apply(tr("Delete a rail"), without);
        return;
    }
    if (m_selection.isEmpty()) {
        return;
    }
    const qsizetype count = m_selection.controls().size();
    const int before = emptyRowsHeight(m_document->form());
    m_document->apply(
        counted(count, tr("Delete a control"), tr("Delete %1 controls")),
        withEmptiedBandsClosed(m_document->form(), deleteControls(m_document->form(), m_selection.controls())));
    if (emptyRowsHeight(m_document->form()) > before) {
        Q_EMIT said(tr("That left an empty row. “Remove empty rows” (Ctrl+Alt+X) closes it up."));
    }
}

const Form &Board::shownForm() const
{
    return m_dragged ? *m_dragged : m_preview ? *m_preview : m_trial ? *m_trial : m_document->form();
}

const QList<SnapGuide> &Board::guides() const
{
    static const QList<SnapGuide> None;
    return m_drag ? m_drag->guides : None;
}

void Board::updatePills()
{
    m_pills.clear();
    const bool isMeant = m_selection.controls().size() > 1 && m_selection.controls().size() <= 400;
    if (isMeant && !m_preview && !m_trial) {
        m_pills = gapsOf(shownForm(), m_selection.controls());
        constexpr qsizetype Many = 24; // more would cover the form; then only what stands out is shown
        if (m_pills.size() > Many) {
            m_pills.removeIf([](const Gap &gap) { return !gap.isOdd; });
        }
        if (m_pills.size() > Many) {
            m_pills.clear();
        }
    }
}

// ---------------------------------------------------------------- previews and modes

void Board::preview(const Form &form)
{
    m_preview = form;
    updatePills();
    viewport()->update();
}

void Board::endPreview()
{
    if (m_preview) {
        m_preview.reset();
        updatePills();
        viewport()->update();
    }
}

void Board::setTrialSize(QSize size)
{
    if (size == m_trialSize || (size.isEmpty() && m_trialSize.isEmpty())) {
        return;
    }
    m_trialSize = size;
    m_trial.reset();
    if (!size.isEmpty()) {
        m_trial = atSize(m_document->form(), size);
    }
    updatePills();
    updateScrollBars();
    viewport()->update();
    Q_EMIT trialSizeChanged(size);
}

void Board::setShowsTabOrder(bool shows)
{
    if (m_showsTabOrder == shows) {
        return;
    }
    m_showsTabOrder = shows;
    m_tabClicked.clear();
    Q_EMIT said(shows ? tr("Click the fields in the order in which Tab is to visit them, or drag a number to another "
                           "place. Escape ends.")
                      : QString());
    viewport()->update();
    Q_EMIT modesChanged();
}

void Board::beginCopyLook(LookCopies copies)
{
    if (m_selection.lead() == 0) {
        return;
    }
    m_lookFrom = m_selection.lead();
    m_lookCopies = copies;
    Q_EMIT said(copies == LookCopies::Once ? tr("Click a control to give it this look.")
                                           : tr("Click controls to give them this look. Escape ends."));
    viewport()->setCursor(Qt::PointingHandCursor);
    Q_EMIT modesChanged();
}

void Board::endModes()
{
    m_lookFrom = 0;
    viewport()->setCursor(Qt::ArrowCursor);
    setShowsTabOrder(false);
    setMovesTracing(false);
    endPlacing();
    setTrialSize({});
    Q_EMIT modesChanged();
}

void Board::moveInTabOrder(int step)
{
    QList<ControlId> order = tabSequence(m_document->form());
    const nabblet::Control *lead = m_document->form().controls.find(m_selection.lead());
    const qsizetype at = lead ? order.indexOf(lead->captionFor != 0 ? lead->captionFor : lead->id) : -1;
    if (at < 0 || at + step < 0 || at + step >= order.size()) {
        Q_EMIT said(at < 0 ? tr("Select a field that Tab visits first.") : tr("It is the outermost of the tab order."));
        return;
    }
    order.move(at, at + step);
    m_document->apply(tr("Change the tab order"), withHandOrder(m_document->form(), order));
}

// ---------------------------------------------------------------- places

QPoint Board::toViewport(QPoint onForm) const
{
    const double scale = m_zoom / 100.0;
    return QPoint(static_cast<int>(std::lround(onForm.x() * scale)),
                  static_cast<int>(std::lround(onForm.y() * scale))) +
           QPoint(LeftSide - horizontalScrollBar()->value(), RulerHeight - verticalScrollBar()->value());
}

QRect Board::toViewport(const QRect &onForm) const
{
    const QPoint topLeft = toViewport(onForm.topLeft());
    const QPoint end = toViewport(onForm.topLeft() + QPoint(onForm.width(), onForm.height()));
    return {topLeft, QSize(end.x() - topLeft.x(), end.y() - topLeft.y())};
}

QPoint Board::toForm(QPoint inViewport) const
{
    const QPoint distance = inViewport - toViewport(QPoint(0, 0));
    return {static_cast<int>(std::floor(distance.x() * 100.0 / m_zoom)),
            static_cast<int>(std::floor(distance.y() * 100.0 / m_zoom))};
}

QRect Board::viewportRectOf(ControlId id) const
{
    const Form &form = shownForm();
    const nabblet::Control *control = form.controls.find(id);
    return control ? toViewport(placeOnForm(form, *control)) : QRect();
}

QPoint Board::railKnob(RailId rail) const
{
    const Form &form = shownForm();
    const int at = railPosition(form, rail);
    if (isLevelRail(form, rail)) {
        return {LeftSide - KnobRadius - 4, toViewport(QPoint(0, bandTop(form, BandRole::Body) + at)).y()};
    }
    return {toViewport(QPoint(at, 0)).x(), RulerHeight - KnobRadius - 3};
}

QRect Board::pillRect(const Gap &gap) const
{
    const QRect space = toViewport(gap.space);
    const QFontMetrics metrics(m_appearance.font(TextRole::Note));
    const int width =
        std::max(18, metrics.horizontalAdvance(sizeNumber(gap.size, m_unit, m_document->form().grid.pitch)) + 12);
    QRect pill(0, 0, width, metrics.height());
    pill.moveCenter(space.center());
    return pill;
}

// The ring by which the lead's caption is shifted alone: at the outer end of its words.
QRect Board::captionHandle() const
{
    const Form &form = shownForm();
    const nabblet::Control *lead = form.controls.find(m_selection.lead());
    const nabblet::Control *caption = lead && m_selection.controls().size() == 1 ? captionOf(form, lead->id) : nullptr;
    if (!caption) {
        return {};
    }
    const QRect shown = toViewport(placeOnForm(form, *caption));
    return {shown.x() - HandleSize - 3, shown.y() + (shown.height() - HandleSize) / 2, HandleSize, HandleSize};
}

QRect Board::tabBadge(ControlId control) const
{
    const QRect shown = viewportRectOf(control);
    return shown.isNull() ? QRect() : QRect(shown.x() - 11, shown.y() - 7, 22, 16);
}

void Board::scrollTo(ControlId control)
{
    const QRect place = viewportRectOf(control);
    if (place.isNull()) {
        return;
    }
    const auto reveal = [](QScrollBar *bar, int from, int to, int least, int most) {
        if (to > most) {
            bar->setValue(bar->value() + to - most + Around);
        }
        if (from < least) {
            bar->setValue(bar->value() + from - least - Around);
        }
    };
    reveal(verticalScrollBar(), place.top(), place.bottom(), RulerHeight, viewport()->height());
    reveal(horizontalScrollBar(), place.left(), place.right(), LeftSide, viewport()->width());
}

// ---------------------------------------------------------------- zoom

void Board::setZoom(int percent)
{
    percent = std::clamp(percent, 25, 400);
    if (percent == m_zoom) {
        return;
    }
    finishCaption(true);
    const QPoint middle = viewport()->rect().center();
    const QPoint stays = toForm(middle);
    m_zoom = percent;
    updateScrollBars();
    const QPoint moved = toViewport(stays) - middle;
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + moved.x());
    verticalScrollBar()->setValue(verticalScrollBar()->value() + moved.y());
    viewport()->update();
    Q_EMIT zoomChanged(m_zoom);
}

void Board::zoomIn()
{
    setZoom(*std::find_if(ZoomSteps.begin(), ZoomSteps.end() - 1, [this](int step) { return step > m_zoom; }));
}

void Board::zoomOut()
{
    int wanted = ZoomSteps.front();
    for (const int step : ZoomSteps) {
        wanted = step < m_zoom ? step : wanted;
    }
    setZoom(wanted);
}

void Board::zoomToForm()
{
    const Form &form = shownForm();
    const double across = (viewport()->width() - LeftSide - BehindForm) / static_cast<double>(std::max(1, form.width));
    const double down =
        (viewport()->height() - RulerHeight - Around / 2) / static_cast<double>(std::max(1, formHeight(form)));
    setZoom(static_cast<int>(std::min({across, down, 1.0}) * 100));
    horizontalScrollBar()->setValue(0);
    verticalScrollBar()->setValue(0);
}

// ---------------------------------------------------------------- painting what changed

Shown Board::shownOf(const nabblet::Control &control) const
{
    if (kindNamed(control.kind).holds == Holds::Pages) {
        Shown shown = shownBlank(control);
        shown.page = frontPage(control, m_fronts);
        return shown;
    }
    const bool isPicture = kindNamed(control.kind).editor == Editor::Image; // the widest bytes say nothing
    if (m_values == BoardValues::Longest && m_longestWords.contains(control.column) && !isPicture) {
        // Of a lookup the words are known, of all others the value, which its kind puts into words.
        const QString longest = m_longestWords.value(control.column);
        return lookupOf(control) ? shownFor(control, longest, QLocale(), longest)
                                 : shownFor(control, longest, QLocale());
    }
    if (m_values == BoardValues::Blank || !m_session) {
        return shownBlank(control);
    }
    const ControlValues::Painting painting(m_session ? &m_session->values() : nullptr);
    Shown shown = m_session->values().shown(control);
    if (shown.state == BoxState::Refused) {
        shown.state = BoxState::Rest;
    }
    shown.isHidden = false; // to be arranged all the same
    return shown;
}

void Board::updateControl(const Form &form, const nabblet::Control &control)
{
    // With handles and the lead's tag.
    viewport()->update(toViewport(placeOnForm(form, control)).adjusted(-18, -22, 220, m_showsHolds ? 30 : 8));
}

void Board::updateSelectionMarks()
{
    const Form &form = shownForm();
    const bool hasMarks = m_selection.band() || m_selection.rail() != FixedRail::None ||
                          m_selection.controls().size() > 1 || !m_pills.isEmpty();
    if (hasMarks) {
        viewport()->update();
        return;
    }
    for (const ControlId id : m_selection.controls()) {
        if (const nabblet::Control *control = form.controls.find(id)) {
            updateControl(form, *control);
            if (const nabblet::Control *caption = captionOf(form, id)) {
                updateControl(form, *caption);
            }
        }
    }
    viewport()->update(0, 0, viewport()->width(), RulerHeight); // knobs of the rails it rides
}

// Asks for painting only where the two forms differ.
void Board::showForm(const Form &before, const Form &after)
{
    const bool isFrameSame =
        before.width == after.width && before.bands == after.bands && before.rails == after.rails &&
        before.levelRails == after.levelRails && before.look == after.look && before.grid == after.grid &&
        before.controls.size() == after.controls.size() && before.tracing == after.tracing && !m_showsTabOrder;
    const bool hasMarks = m_drag || !m_pills.isEmpty() || m_preview || m_trial;
    if (!isFrameSame) {
        viewport()->update();
    } else if (hasMarks) {
        viewport()->update(LeftSide, RulerHeight, viewport()->width(), viewport()->height());
    } else {
        for (int i = 0; i < after.controls.size(); ++i) {
            if (!after.controls.sharesWith(before.controls, i) && !(before.controls.at(i) == after.controls.at(i))) {
                updateControl(before, before.controls.at(i));
                updateControl(after, after.controls.at(i));
            }
        }
    }
    if (!m_drag) {
        const bool isRowThere = std::all_of(m_buttonRow.begin(), m_buttonRow.end(),
                                            [&](ControlId id) { return after.controls.find(id) != nullptr; });
        if (m_buttonRowChoice && !isRowThere) { // taken back
            endAskingForButtons();
        }
        followPages(before, after);
        m_preview.reset();
        setTrialSize({});
        m_selectionBefore = m_selection;
        m_selection.keepOnly(after);
        updatePills();
        updateScrollBars();
        describeSelection();
        // The values in the inspector may have changed even when the selection did not.
        Q_EMIT selectionChanged();
    }
}

// What was selected when a step was made comes back when it is undone.
void Board::showStep(int index)
{
    if (index > m_step) {
        m_selectionAt.insert(m_step, m_selectionBefore);
    } else if (index < m_step && m_selectionAt.contains(index)) {
        setSelection(m_selectionAt.value(index));
    }
    m_step = index;
}

// ---------------------------------------------------------------- scrolling

void Board::updateScrollBars()
{
    const Form &form = m_trial ? *m_trial : m_document->form();
    const auto scaled = [this](int size) { return size * m_zoom / 100; };
    const int width = LeftSide + scaled(form.width) + BehindForm;
    const int height = RulerHeight + scaled(formHeight(form)) + Around;
    horizontalScrollBar()->setRange(0, std::max(0, width - viewport()->width()));
    horizontalScrollBar()->setPageStep(viewport()->width());
    horizontalScrollBar()->setSingleStep(std::max(8, scaled(form.grid.pitch * 2)));
    verticalScrollBar()->setRange(0, std::max(0, height - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(std::max(8, scaled(form.grid.pitch * 4)));
    placeRowsButton();
}

void Board::resizeEvent(QResizeEvent *event)
{
    QAbstractScrollArea::resizeEvent(event);
    const Form &form = m_document->form();
    const bool isHigh = RulerHeight + formHeight(form) + Around > maximumViewportSize().height();
    const int bar = isHigh ? verticalScrollBar()->sizeHint().width() : 0;
    const int room = maximumViewportSize().width() - bar - LeftSide - BehindForm;
    if (!m_isFitted && isVisible() && room > 0) {
        m_isFitted = true;
        if (form.width > room) {
            setZoom(room * 100 / form.width);
            horizontalScrollBar()->setValue(0);
        }
    }
    updateScrollBars();
}

void Board::scrollContentsBy(int dx, int dy)
{
    finishCaption(true);
    putButtonRowChoice();
    placeRowsButton();
    if (m_drag || m_preview || m_trial || m_rowsButton->isVisible()) {
        viewport()->update();
        return;
    }
    // What is in sight already moves as it is; rulers and spine, and what comes into sight, are painted.
    const QRect form(LeftSide, RulerHeight, viewport()->width() - LeftSide, viewport()->height() - RulerHeight);
    viewport()->scroll(dx, dy, form);
    viewport()->update(0, 0, viewport()->width(), RulerHeight);
    viewport()->update(0, 0, LeftSide, viewport()->height());
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
        } else if (hit.kind == Hit::Ruler) {
            words = tr("Drag down from here to make a rail.");
        } else if (hit.kind == Hit::FormEdge) {
            words = tr("The form's right edge. Drag to change the width.");
        } else if (hit.kind == Hit::BandEdge) {
            words = tr("Drag to change the band's height; with Ctrl, what is there is pushed along.");
        } else if (hit.kind == Hit::GapPill) {
            words = tr("Click to give all gaps this size.");
        } else if (hit.kind == Hit::HoldSign) {
            words = holdWords(hit.direction);
        } else if (hit.kind == Hit::CaptionHandle) {
            words = tr("Drag to shift the caption alone.");
        } else if (hit.kind == Hit::Spine) {
            words = tr("Click to select the band.");
        }
        QToolTip::showText(help->globalPos(), words, viewport());
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

} // namespace nabblet

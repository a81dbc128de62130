#include "designer/board/board.h"

#include "core/arrange/rows.h"
#include "core/arrange/windows/window_size.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/drags/board_drag.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/board/editing/button_row_asking.h"
#include "designer/board/editing/word_editing.h"
#include "designer/board/paint/board_painter.h"
#include "designer/board/scene/board_measures.h"
#include "designer/board/scene/board_mode.h"

#include <QAccessible>
#include <QPaintEvent>
#include <QPainter>
#include <QPushButton>
#include <QScrollBar>
#include <QToolTip>

#include <algorithm>

namespace nabblet {

namespace {

constexpr std::array<int, 9> ZoomSteps{25, 33, 50, 75, 100, 150, 200, 300, 400};

} // namespace

int zoomAbove(int percent)
{
    return *std::find_if(ZoomSteps.begin(), ZoomSteps.end() - 1, [=](int step) { return step > percent; });
}

int zoomBelow(int percent)
{
    int below = ZoomSteps.front();
    for (const int step : ZoomSteps) {
        below = step < percent ? step : below;
    }
    return below;
}

Board::Board(FormDocument *document, EntrySession *session, const Appearance &appearance, QWidget *parent)
    : QAbstractScrollArea(parent), BoardHost(document, appearance), m_painter(std::make_unique<BoardPainter>(m_scene)),
      m_words(std::make_unique<WordEditing>(*this)), m_clipboard(std::make_unique<BoardClipboard>(*this)),
      m_buttonRows(std::make_unique<ButtonRowAsking>(*this))
{
    setWhatsThis(
        tr("The form as it is arranged, with the values of a stored record. A click selects, with Shift one more; the "
           "last one clicked leads. Drag to move, drag an edge or a corner to change the size; arrows do it by steps "
           "of the grid, by a pixel with Ctrl. A double click, or F2, types other words."));
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
        endMode();
        setTrialSize({});
        dropDrag();
        m_scene.fronts.clear();
        setSelection(Selection());
        horizontalScrollBar()->setValue(0);
        verticalScrollBar()->setValue(0);
    });
}

// Parts may speak to the board to their end.
Board::~Board()
{
    m_scene.drag = nullptr;
    m_scene.mode = nullptr;
}

void Board::setAppearance(const Appearance &appearance)
{
    m_scene.appearance = appearance;
    m_painter->forgetGround();
    m_painter->forgetControls();
    viewport()->update();
}

void Board::setSession(EntrySession *session)
{
    if (m_scene.session) {
        m_scene.session->disconnect(this);
    }
    m_scene.session = session;
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
    const Form inSight =
        m_scene.session && m_scene.values != BoardValues::Blank ? m_scene.inSight(m_scene.form()) : Form();
    for (const Control &control : inSight.controls) {
        m_scene.session->values().shown(control);
    }
    m_painter->forgetControls();
    viewport()->update();
}

void Board::setValues(BoardValues values)
{
    m_scene.values = values;
    readShown();
}

void Board::setLongestWords(const QHash<QString, QString> &words)
{
    m_scene.longestWords = words;
    if (m_scene.values == BoardValues::Longest) {
        viewport()->update();
    }
}

void Board::setUnit(Unit unit)
{
    m_scene.unit = unit;
    viewport()->update();
    Q_EMIT selectionChanged();
}

void Board::setFronts(const FrontPages &fronts)
{
    if (fronts == m_scene.fronts) {
        return;
    }
    m_scene.fronts = fronts;
    if (m_drag) {
        m_drag->forgetSight(); // other things are in sight now
    }
    viewport()->update();
    Q_EMIT pageTurned();
}

void Board::setShowsHolds(bool shows)
{
    m_scene.showsHolds = shows;
    viewport()->update();
}

void Board::setFound(const QHash<ControlId, Degree> &found)
{
    if (m_scene.found != found) {
        m_scene.found = found;
        viewport()->update();
    }
}

void Board::askForButtons(const QList<ControlId> &row, const QStringList &actions)
{
    m_buttonRows->ask(row, actions);
}

void Board::showAgain(const QRect &part)
{
    part.isNull() ? viewport()->update() : viewport()->update(part);
}

void Board::say(const QString &sentence)
{
    Q_EMIT said(sentence);
}

// ---------------------------------------------------------------- selection

void Board::setSelection(const Selection &selection)
{
    Selection wanted = selection;
    wanted.keepOnly(m_scene.form());
    if (wanted == m_scene.selection) {
        return;
    }
    updateSelectionMarks();
    m_scene.selection = wanted;
    setFronts(showing(m_scene.form(), wanted.lead(), m_scene.fronts));
    updatePills();
    updateSelectionMarks();
    describeSelection();
    Q_EMIT selectionChanged();
}

// What a screen reader says of the selection: the lead's name, kind, words and place.
void Board::describeSelection()
{
    const Form &form = m_scene.form();
    const Control *lead = form.controls.find(m_scene.selection.lead());
    QString words = m_scene.selection.rail() != FixedRail::None ? tr("a rail is selected")
                    : m_scene.selection.band()                  ? tr("a band is selected")
                                                                : tr("the form is selected");
    if (lead) {
        const Control *caption = captionOf(form, lead->id);
        const auto size = [&](int pixels) { return sizeNumber(pixels, m_scene.unit, form.grid.pitch); };
        words = tr("%1, %2, %3, left %4, top %5, width %6, height %7 %8")
                    .arg(lead->name, kindTitle(kindNamed(lead->kind)), caption ? caption->text : lead->text,
                         size(lead->place.x()), size(lead->place.y()), size(lead->place.width()),
                         size(lead->place.height()), unitSign(m_scene.unit));
        if (m_scene.selection.controls().size() > 1) {
            words += tr(", leads %1 controls").arg(m_scene.selection.controls().size());
        }
    }
    setAccessibleDescription(words);
    QAccessibleEvent changed(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&changed);
}

void Board::updatePills()
{
    m_scene.pills.clear();
    const bool isMeant = m_scene.selection.controls().size() > 1 && m_scene.selection.controls().size() <= 400;
    if (isMeant && !m_scene.preview && !m_scene.trial) {
        m_scene.pills = gapsOf(m_scene.shownForm(), m_scene.selection.controls());
        constexpr qsizetype Many = 24; // more would cover the form; then only what stands out is shown
        if (m_scene.pills.size() > Many) {
            m_scene.pills.removeIf([](const Gap &gap) { return !gap.isOdd; });
        }
        if (m_scene.pills.size() > Many) {
            m_scene.pills.clear();
        }
    }
}

// ---------------------------------------------------------------- previews and modes

void Board::preview(const Form &form)
{
    m_scene.preview = form;
    updatePills();
    viewport()->update();
}

void Board::endPreview()
{
    if (m_scene.preview) {
        m_scene.preview.reset();
        updatePills();
        viewport()->update();
    }
}

void Board::setTrialSize(QSize size)
{
    if (size == m_scene.trialSize || (size.isEmpty() && m_scene.trialSize.isEmpty())) {
        return;
    }
    m_scene.trialSize = size;
    m_scene.trial.reset();
    if (!size.isEmpty()) {
        m_scene.trial = atSize(m_scene.form(), size);
    }
    updatePills();
    updateScrollBars();
    viewport()->update();
    Q_EMIT trialSizeChanged(size);
}

void Board::setMode(std::unique_ptr<BoardMode> mode)
{
    endMode();
    setTrialSize({});
    m_mode = std::move(mode);
    m_scene.mode = m_mode.get();
    viewport()->setCursor(m_mode->cursor());
    viewport()->update();
    say(m_mode->hint());
    Q_EMIT modesChanged();
}

void Board::endMode()
{
    if (!m_mode) {
        return;
    }
    const std::unique_ptr<BoardMode> ended = std::move(m_mode);
    m_scene.mode = nullptr;
    ended->end();
    viewport()->setCursor(Qt::ArrowCursor);
    viewport()->update();
    say(QString());
    Q_EMIT modesChanged();
}

// ---------------------------------------------------------------- scrolling and zoom

// The scene stands where the scroll bars have it.
void Board::followScroll()
{
    m_scene.scrolled = QPoint(horizontalScrollBar()->value(), verticalScrollBar()->value());
    m_scene.size = viewport()->size();
}

void Board::scrollTo(ControlId control)
{
    const QRect place = m_scene.viewportRectOf(control);
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

void Board::setZoom(int percent)
{
    percent = std::clamp(percent, 25, 400);
    if (percent == m_scene.zoom) {
        return;
    }
    m_words->finish(true);
    const QPoint middle = viewport()->rect().center();
    const QPoint stays = m_scene.toForm(middle);
    m_scene.zoom = percent;
    updateScrollBars();
    const QPoint moved = m_scene.toViewport(stays) - middle;
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + moved.x());
    verticalScrollBar()->setValue(verticalScrollBar()->value() + moved.y());
    viewport()->update();
    Q_EMIT zoomChanged(m_scene.zoom);
}

void Board::zoomToForm()
{
    const Form &form = m_scene.shownForm();
    const double across = (viewport()->width() - LeftSide - BehindForm) / static_cast<double>(std::max(1, form.width));
    const double down =
        (viewport()->height() - RulerHeight - Around / 2) / static_cast<double>(std::max(1, formHeight(form)));
    setZoom(static_cast<int>(std::min({across, down, 1.0}) * 100));
    horizontalScrollBar()->setValue(0);
    verticalScrollBar()->setValue(0);
}

void Board::updateScrollBars()
{
    followScroll();
    const Form &form = m_scene.trial ? *m_scene.trial : m_scene.form();
    const auto scaled = [this](int size) { return size * m_scene.zoom / 100; };
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

// A form without rows shows, in the middle of its body, how it gets some.
void Board::placeRowsButton()
{
    const Form &form = m_scene.form();
    const bool isNeeded =
        form.rowsFrom.isEmpty() && std::none_of(form.controls.begin(), form.controls.end(),
                                                [](const Control &control) { return control.band == BandRole::Body; });
    m_rowsButton->setVisible(isNeeded);
    const Band *body = findBand(form, BandRole::Body);
    if (isNeeded && body) {
        m_rowsButton->adjustSize();
        const QPoint middle =
            m_scene.toViewport(QPoint(form.width / 2, bandTop(form, BandRole::Body) + std::min(body->height, 240) / 2));
        m_rowsButton->move(middle - m_rowsButton->rect().center());
    }
}

void Board::resizeEvent(QResizeEvent *event)
{
    QAbstractScrollArea::resizeEvent(event);
    followScroll();
    const Form &form = m_scene.form();
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
    followScroll();
    m_words->finish(true);
    m_buttonRows->put();
    placeRowsButton();
    if (m_drag || m_scene.preview || m_scene.trial || m_rowsButton->isVisible()) {
        viewport()->update();
        return;
    }
    // What is in sight already moves as it is; rulers and spine, and what comes into sight, are painted.
    const QRect form(LeftSide, RulerHeight, viewport()->width() - LeftSide, viewport()->height() - RulerHeight);
    viewport()->scroll(dx, dy, form);
    viewport()->update(0, 0, viewport()->width(), RulerHeight);
    viewport()->update(0, 0, LeftSide, viewport()->height());
}

// ---------------------------------------------------------------- painting

int Board::paintedControls() const
{
    return m_painter->paintedControls();
}

void Board::paintEvent(QPaintEvent *event)
{
    readTracing();
    QPainter painter(viewport());
    const qreal ratio = viewport()->devicePixelRatioF();
    if (m_scene.sight == Sight::Usual) {
        m_painter->paint(painter, event->region(), ratio);
        return;
    }
    QImage seen(viewport()->size() * ratio, QImage::Format_RGB32);
    seen.setDevicePixelRatio(ratio);
    QPainter own(&seen);
    m_painter->paint(own, viewport()->rect(), ratio); // whole: rows of pixels are turned at once
    own.end();
    seeWith(m_scene.sight, reinterpret_cast<quint32 *>(seen.bits()), seen.sizeInBytes() / 4);
    painter.drawImage(0, 0, seen);
}

void Board::setSight(Sight sight)
{
    m_scene.sight = sight;
    viewport()->update();
}

// The picture of the tracing sheet, read when it is another than before.
void Board::readTracing()
{
    const QString file = document()->tracingPath();
    if (file == m_tracingFile) {
        return;
    }
    m_tracingFile = file;
    m_scene.tracing = file.isEmpty() ? QPixmap() : QPixmap(file);
    if (!file.isEmpty() && m_scene.tracing.isNull()) {
        // Not while painting: who listens may paint, too.
        QMetaObject::invokeMethod(
            this,
            [this, file] {
                say(tr("The tracing sheet %1 is not there or is no picture. Lay another under the form, or clear it in "
                       "the inspector.")
                        .arg(file));
            },
            Qt::QueuedConnection);
    }
}

void Board::updateControl(const Form &form, const Control &control)
{
    // With handles and the lead's tag.
    viewport()->update(
        m_scene.toViewport(placeOnForm(form, control)).adjusted(-18, -22, 220, m_scene.showsHolds ? 30 : 8));
}

void Board::updateSelectionMarks()
{
    const Form &form = m_scene.shownForm();
    const bool hasMarks = m_scene.selection.band() || m_scene.selection.rail() != FixedRail::None ||
                          m_scene.selection.controls().size() > 1 || !m_scene.pills.isEmpty();
    if (hasMarks) {
        viewport()->update();
        return;
    }
    for (const ControlId id : m_scene.selection.controls()) {
        if (const Control *control = form.controls.find(id)) {
            updateControl(form, *control);
            if (const Control *caption = captionOf(form, id)) {
                updateControl(form, *caption);
            }
        }
    }
    viewport()->update(0, 0, viewport()->width(), RulerHeight); // knobs of the rails it rides
}

// Asks for painting only where the two forms differ.
void Board::showForm(const Form &before, const Form &after)
{
    const bool isFrameSame = before.width == after.width && before.bands == after.bands &&
                             before.rails == after.rails && before.levelRails == after.levelRails &&
                             before.look == after.look && before.grid == after.grid &&
                             before.controls.size() == after.controls.size() && before.tracing == after.tracing &&
                             m_scene.use() != MouseUse::OrderingTabs;
    const bool hasMarks = m_drag || !m_scene.pills.isEmpty() || m_scene.preview || m_scene.trial;
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
        m_buttonRows->follow(after);
        followPages(*this, before, after);
        m_scene.preview.reset();
        setTrialSize({});
        m_selectionBefore = m_scene.selection;
        m_scene.selection.keepOnly(after);
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

} // namespace nabblet

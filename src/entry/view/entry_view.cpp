#include "entry/view/entry_view.h"
#include "core/edit/scaled_form.h"

#include "core/arrange/rows.h"
#include "core/arrange/windows/at_work.h"
#include "core/arrange/windows/giving_way.h"
#include "core/arrange/windows/stretching.h"
#include "core/arrange/windows/window_size.h"
#include "core/kinds/control_names.h"
#include "core/text/caption_words.h"
#include "entry/cells/together.h"
#include "entry/editors/field_editor.h"
#include "entry/own_way/kept_own_way.h"
#include "entry/records/record_strip.h"
#include "entry/theme/ask.h"
#include "entry/view/band_view.h"
#include "entry/view/form_question.h"
#include "entry/view/page_tabs_bar.h"
#include "entry/view/record_list.h"
#include "entry/view/rows_band.h"
#include "entry/wanted/find_record.h"
#include "entry/wanted/used_lately.h"
#include "entry/wanted/wanted_bar.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QScrollBar>
#include <QSplitter>
#include <QStyle>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

EntryView::EntryView(EntrySession *session, const Appearance &appearance, QWidget *parent, Furniture furniture)
    : QWidget(parent), m_session(session), m_appearance(appearance)
{
    setObjectName(QStringLiteral("entry"));
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);

    m_notice = new QWidget;
    m_notice->setObjectName(QStringLiteral("notice"));
    m_notice->setAttribute(Qt::WA_StyledBackground);
    new QHBoxLayout(m_notice);
    m_notice->hide();

    m_scroll = new QScrollArea;
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_isTabular = isTabular(session->form());
    m_rows = m_isTabular ? new RowsBand(session, &m_appearance, nullptr) : nullptr;
    for (const BandRole role : {BandRole::Header, BandRole::Body, BandRole::Footer}) {
        BandView *band = m_rows && role == BandRole::Body
                             ? m_rows
                             : new BandView(role, &m_appearance, role == BandRole::Body ? nullptr : this);
        band->shown = [this](const Control &control) {
            Shown shown = m_session->values().shown(control);
            shown.page = frontPage(control, m_fronts);
            return shown;
        };
        band->groundUnder = [this](const Control &control) {
            return nabblet::groundUnder(m_form, control, m_appearance.styles());
        };
        m_bands.insert(role, band);
    }
    m_scroll->setWidget(bandView(BandRole::Body));
    m_scroll->viewport()->installEventFilter(this);
    m_rowBar = new QScrollBar(Qt::Vertical);
    m_rowBar->setObjectName(QStringLiteral("rowBar"));
    m_rowBar->setVisible(m_isTabular);
    m_strip = new RecordStrip(session);
    m_hasStrip = furniture == Furniture::RecordStrip;
    if (m_hasStrip) { // not of the rows inside another form
        rememberWhatIsUsed(*session, this);
    }

    // The list of records, where there is one, stands beside all of it.
    m_beside = new QSplitter(Qt::Horizontal);
    m_beside->setObjectName(QStringLiteral("beside"));
    m_beside->setChildrenCollapsible(false);
    auto *formSide = new QWidget;
    auto *whole = column;
    column = new QVBoxLayout(formSide);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_beside->addWidget(formSide);
    whole->addWidget(m_beside, 1);
    // The form itself, as far as it grows; in a larger window, ground around it.
    m_ground = new QWidget;
    m_ground->installEventFilter(this);
    m_sheet = new QWidget(m_ground);
    column->addWidget(m_ground, 1);
    auto *formColumn = column;
    if (furniture == Furniture::RecordStrip) {
        m_wantedBar = new WantedBar(session);
        connect(m_wantedBar, &WantedBar::said, session, &EntrySession::said);
        connect(m_wantedBar, &WantedBar::keepRequested, this, &EntryView::keepQuestion);
        formColumn->insertWidget(0, m_wantedBar);
    }
    connect(session, &EntrySession::wantedChanged, this, [this] {
        chooseNoRows(); // others may be shown now
        layOut();
    });
    for (const BandRole role : {BandRole::Header, BandRole::Body, BandRole::Footer}) {
        if (!(m_rows && role == BandRole::Body)) {
            bandView(role)->pressed = [this, role](QPoint at) { return pressHead(role, at); };
        }
    }
    column = new QVBoxLayout(m_sheet);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(bandView(BandRole::Header));
    auto *middle = new QHBoxLayout;
    middle->setContentsMargins(0, 0, 0, 0);
    middle->setSpacing(0);
    middle->addWidget(m_scroll, 1);
    middle->addWidget(m_rowBar);
    m_rowsSide = new QWidget;
    auto *rowsColumn = new QVBoxLayout(m_rowsSide);
    rowsColumn->setContentsMargins(0, 0, 0, 0);
    rowsColumn->setSpacing(0);
    rowsColumn->addLayout(middle, 1);
    m_rowSide = new QWidget;
    m_rowSide->setObjectName(QStringLiteral("rowPanel"));
    auto *rowColumn = new QVBoxLayout(m_rowSide);
    rowColumn->setContentsMargins(0, 0, 0, 0);
    rowColumn->setSpacing(0);
    m_rowSide->hide();
    column->addWidget(m_rowsSide, 1);
    column->addWidget(m_rowSide);
    column->addWidget(bandView(BandRole::Footer));
    column = formColumn;
    column->addWidget(m_notice); // below, so that nothing moves under the hand when it appears
    if (furniture == Furniture::RecordStrip) {
        column->addSpacing(8);
        column->addWidget(m_strip);
    } else {
        m_strip->setParent(this);
        m_strip->hide();
    }
    if (m_rows) {
        connect(m_rows, &RowsBand::topChanged, this, [this] {
            placeRowInHand();
            readRowsInSight();
            m_rows->readShown();
            refreshRowBar();
        });
        connect(m_rows, &RowsBand::rowPressed, this, &EntryView::pressRow);
        connect(session, &EntrySession::rowsAdded, this, [this](int movedBy) {
            m_rows->rowsAdded(movedBy);
            m_rows->readShown();
            placeRowInHand();
            refreshRowBar();
        });
        connect(session, &EntrySession::rowsChanged, this, [this] {
            m_rows->setTop(m_rows->top());
            m_rows->showAnew();
            placeRowInHand();
            refreshRowBar();
        });
        connect(session, &EntrySession::positionChanged, this, &EntryView::refreshRowBar);
        connect(m_rowBar, &QScrollBar::valueChanged, this, [this](int value) {
            const std::optional<qint64> first = m_session->rows().window().firstNumber(m_session->place().count());
            const qint64 row = value - first.value_or(0);
            const qint64 rows = m_session->rows().window().rows().size();
            if (first && (row < -RowWindow::Step || row > rows + RowWindow::Step)) {
                m_session->rows().readAround(value);
                const qint64 now = m_session->rows().window().firstNumber(m_session->place().count()).value_or(0);
                m_rows->setTop(static_cast<int>(value - now));
            } else {
                m_rows->setTop(static_cast<int>(row));
            }
        });
    }
    connect(session, &EntrySession::totalsChanged, this, [this] {
        bandView(BandRole::Header)->update();
        bandView(BandRole::Footer)->update();
    });

    connect(m_scroll->horizontalScrollBar(), &QScrollBar::valueChanged, this, [this](int value) {
        bandView(BandRole::Header)->setShift(value);
        bandView(BandRole::Footer)->setShift(value);
    });
    connect(session, &EntrySession::recordChanged, this, [this] {
        if (!m_list) {
            showRecordList(); // the session may have been started after the view was made
        }
        if (m_rows) {
            m_rows->showRowInHand();
            m_rows->showAnew();
            placeRowInHand();
            refreshRowBar();
        }
        refresh();
    });
    connect(session, &EntrySession::pendingChanged, this, [this] {
        refresh();
        refreshLettersLeft();
    });
    connect(session, &EntrySession::changedElsewhere, this, &EntryView::lightUp);
    connect(session, &EntrySession::positionChanged, this, [this] { // buttons that go on or back
        for (const auto &[id, editor] : m_editors) {
            if (kindNamed(editor->control().kind).editor == Editor::Button) {
                editor->refresh();
            }
        }
    });
    connect(session, &EntrySession::messagesChanged, this, [this] {
        refresh();
        refreshMessages();
        refreshNotice();
    });
    // The keyboard stays where the person put it, but for this: at a refused save it goes to the first box that needs
    // mending, unless it is in one of them. Queued, so that whatever brought the saving about is over.
    connect(
        session, &EntrySession::refused, this,
        [this] {
            const QWidget *focused = QApplication::focusWidget();
            const auto &messages = m_session->state().messages;
            const bool isThere = std::any_of(messages.begin(), messages.end(), [&](const FieldMessage &message) {
                return focused && widgetFor(message.control) == focused;
            });
            if (!isThere && isVisible()) {
                focusFirstRefused();
            }
        },
        Qt::QueuedConnection);
    connect(session, &EntrySession::valuesRead, this, &EntryView::refresh);
    connect(session, &EntrySession::said, this, &EntryView::said);
    connect(m_strip, &RecordStrip::deleteRequested, this, &EntryView::askAndDelete);
    m_ownWay = ownWayOf(*session);
    rebuild(session->form());
    makeColumnDrag();
}

EntryView::~EntryView()
{
    // The widgets call back into their editors, so they go first.
    for (const auto &[id, editor] : m_editors) {
        delete editor->widget();
    }
}

QWidget *EntryView::widgetFor(ControlId control) const
{
    const auto found = m_editors.find(control);
    return found == m_editors.end() ? nullptr : found->second->widget();
}

void EntryView::setForm(const Form &form)
{
    if (m_question && !(form == m_built)) {
        Q_EMIT m_question->ended(); // it was about another form
    }
    rebuild(form);
}

void EntryView::setAppearance(const Appearance &appearance)
{
    ControlId inHand = 0; // what has the keyboard has it again
    for (const auto &[id, editor] : m_editors) {
        inHand = editor->widget() == QApplication::focusWidget() ? id : inHand;
    }
    const bool isOtherZoom = appearance.zoom() != m_appearance.zoom();
    m_appearance = appearance;
    for (const auto &[id, editor] : m_editors) {
        delete editor->widget();
    }
    m_editors.clear();
    if (isOtherZoom) {
        delete m_rowView; // made anew at the other zoom
        m_rowView = nullptr;
    }
    rebuild(m_built);
    if (QWidget *widget = widgetFor(inHand)) {
        widget->setFocus(Qt::OtherFocusReason);
    }
}

void EntryView::setZoom(int percent)
{
    if (percent != zoom()) {
        setAppearance(m_appearance.zoomed(percent));
    }
}

void EntryView::rebuild(const Form &built)
{
    m_built = built;
    if (built.isRightToLeft != m_appearance.look().isRightToLeft) {
        m_appearance = m_appearance.turned(built.isRightToLeft);
        setLayoutDirection(built.isRightToLeft ? Qt::RightToLeft : Qt::LeftToRight);
    }
    m_whole = m_ownWay.isEmpty() ? built : inOwnWay(built, m_ownWay, m_appearance.zoomed(100));
    const Form &whole = m_whole;
    const double by = zoom() / 100.0;
    const Form form = asHighAsAtWork(withoutPageBands(zoom() == 100 ? whole : scaledForm(whole, by, by, OnGrid::No)));
    m_designed = form;
    m_form = withoutPages(m_designed, m_hiddenPages);
    for (const Band &band : form.bands) {
        bandView(band.role)->setGround(groundOfBand(form, band.role, m_appearance.styles()));
    }
    const Qt::ScrollBarPolicy bars = form.window.hasScrollBars ? Qt::ScrollBarAsNeeded : Qt::ScrollBarAlwaysOff;
    m_scroll->setHorizontalScrollBarPolicy(bars);
    m_scroll->setVerticalScrollBarPolicy(m_rows ? Qt::ScrollBarAlwaysOff : bars);
    m_strip->setVisible(m_hasStrip && form.window.hasRecordStrip && !form.rowsFrom.isEmpty());
    showRecordList();
    makeWidgets();
    for (const auto &[id, editor] : m_editors) {
        if (editor->isOneBox()) {
            editor->widget()->setAccessibleName(calledFor(form, editor->control()));
        }
    }
    showRowPanel();
    m_least = leastWindowSize(form);
    layOut();
    applyTabOrder();
    refresh();
    refreshMessages();
    refreshNotice();
}

// The form is shown no larger than it grows; forms in forms fill their place.
void EntryView::limitSheet()
{
    const QSize room = m_ground->size();
    QSize size = room;
    if (m_hasStrip && !m_isRowOpen) {
        QSize most = mostWindowSize(m_form);
        const bool isScrolled = m_isTabular || shownHeight(m_form) > room.height();
        most.rwidth() += isScrolled ? style()->pixelMetric(QStyle::PM_ScrollBarExtent) : 0;
        size = room.boundedTo(most);
    }
    // What has no rows, such as a form of buttons, stands nearly in the middle; all else begins at the top.
    const int free = room.height() - size.height();
    m_sheet->setGeometry((room.width() - size.width()) / 2, m_form.rowsFrom.isEmpty() ? free / 3 : 0, size.width(),
                         size.height());
}

void EntryView::layOut()
{
    limitSheet();
    const int space = m_scroll->viewport()->width();
    const int height = m_scroll->viewport()->height();
    const Form form = withRoomGivenUp(m_form, m_givingWay);
    const Band *ownBody = findBand(form, BandRole::Body);
    // Smaller than designed as far as nothing overlaps; from there on the window scrolls.
    const int bodyHeight = ownBody ? ownBody->height : 0;
    const int leastHeight = std::min(bodyHeight, m_least.height() - (shownHeight(form) - bodyHeight));
    m_laidOut = stretchedTo(form, std::max(space, std::min(m_least.width(), m_form.width)),
                            m_rows ? bodyHeight : std::max(height, leastHeight), Narrowing::Allowed);
    if (m_rows) {
        QList<Control> row;
        for (const Control &control : m_laidOut.controls) {
            if (control.band == BandRole::Body) {
                row.append(control);
            }
        }
        m_rows->resize(m_laidOut.width, height);
        m_rows->setRow(row, ownBody ? ownBody->height : 0);
    }
    layOutSurfaces();
    QHash<BandView *, QList<Control>> painted;
    const QSet<ControlId> behind = outOfSight();
    for (const Control &control : m_laidOut.controls) {
        const auto editor = m_editors.find(control.id);
        if (editor == m_editors.end() && behind.contains(control.id)) {
            continue;
        }
        if (PageTabsBar *tabs = m_tabs.value(control.id)) {
            Control onSurface = control;
            onSurface.place.translate(-originOf(control));
            tabs->showPages(onSurface, frontPage(control, m_fronts));
        }
        if (isHeadOfHiddenRows(control)) {
            continue;
        }
        if (editor == m_editors.end()) {
            painted[viewOf(control)].append(withOrderShown(withDividerAsMoved(control)));
            continue;
        }
        FieldEditor &field = *editor->second;
        if (field.control().place != control.place) {
            Control stretched = field.control();
            stretched.place = control.place;
            field.setControl(stretched);
        }
        if (field.widget()->geometry() != placeOf(control)) {
            field.widget()->setGeometry(placeOf(control));
        }
    }
    QSize whole(m_laidOut.width, 0);
    for (const BandRole role : {BandRole::Header, BandRole::Body, BandRole::Footer}) {
        const Band *band = findBand(m_laidOut, role);
        BandView *view = bandView(role);
        view->setPainted(painted.value(view));
        if (role == BandRole::Body) {
            view->resize(m_laidOut.width, m_rows ? height : std::max(band ? band->height : 0, height));
        } else {
            view->setFixedHeight(band ? band->height : 0);
            view->setVisible(band != nullptr);
        }
        whole.rheight() += view->height();
    }
    int above = 0;
    for (const BandRole role : {BandRole::Header, BandRole::Body, BandRole::Footer}) {
        BandView *view = bandView(role);
        view->setPicture(pictureOfBand(m_laidOut, role), QRect(QPoint(0, -above), whole));
        above += view->height();
    }
    for (const Surface &surface : std::as_const(m_surfaces)) {
        surface.view->setPainted(painted.value(surface.view));
    }
    if (m_rows) {
        m_rows->showRowInHand();
        readRowsInSight();
        placeRowInHand();
        refreshRowBar();
    }
    refreshMessages();
}

// The heads of a tabular form's columns say nothing while one row stands in place of the rows.
bool EntryView::isHeadOfHiddenRows(const Control &control) const
{
    if (!m_isRowOpen || m_form.rowPanel != RowPanel::InPlace || control.captionFor == 0) {
        return false;
    }
    const Control *cell = m_form.controls.find(control.captionFor);
    return control.band != BandRole::Body && cell && cell->band == BandRole::Body;
}

QRect EntryView::placeOf(const Control &control) const
{
    if (!m_rows || control.band != BandRole::Body) {
        return control.place.translated(-originOf(control));
    }
    const int row = m_rows->rowInHand();
    // Far out of sight while the row in hand is not among those that were read.
    return control.place.translated(0, row < 0 ? -100 * m_rows->rowHeight() - 1000 : m_rows->yOf(row));
}

void EntryView::applyTabOrder()
{
    QWidget *before = nullptr;
    for (const ControlId id : tabSequence(m_form)) {
        QWidget *widget = widgetFor(id);
        if (before && widget) {
            setTabOrder(before, widget);
        }
        before = widget ? widget : before;
    }
}

void EntryView::refresh()
{
    followRules();
    if (m_rows) {
        m_rows->update();
    }
    bandView(BandRole::Footer)->update(); // totals
    for (const auto &[id, editor] : m_editors) {
        editor->refresh();
    }
    describeBoxes();
}

int EntryView::stripHeight() const
{
    constexpr int Above = 8; // px between form and strip
    return m_strip->sizeHint().height() + Above;
}

int EntryView::stripWidth() const
{
    return m_strip->roomForAll();
}

bool EntryView::addRecord()
{
    if (!m_session->moves().add()) {
        return false;
    }
    focusFirst();
    return true;
}

bool EntryView::askAndDelete()
{
    if (!chosenRows().isEmpty()) {
        const bool isDone = deleteTogether(*m_session, chosenRows(), this);
        if (isDone) {
            chooseNoRows();
        }
        return isDone;
    }
    if (!m_session->state().canDelete()) {
        return false;
    }
    const int answer = ask({tr("Delete record"),
                            tr("Delete “%1” from “%2”?")
                                .arg(m_session->values().recordWords(), titleFromTable(m_session->form().rowsFrom)),
                            m_session->saving().deletionWords(),
                            {tr("Delete"), tr("Keep")},
                            1,
                            1},
                           this);
    return answer == 0 && m_session->saving().remove();
}

// The list goes where the form has it; what differs is made anew.
void EntryView::showRecordList()
{
    const WindowStyle &window = m_form.window;
    const bool isWanted = m_hasStrip && window.hasRecordList && m_session->state().isStarted;
    const bool isOther =
        m_list && isWanted && !(m_list->form() == recordListForm(m_form, m_session->state().catalogue, m_appearance));
    if (m_list && (!isWanted || isOther)) {
        delete m_list;
        m_list = nullptr;
    }
    if (!isWanted) {
        return;
    }
    if (!m_list) {
        m_list = new RecordList(m_session, m_appearance);
        m_beside->insertWidget(window.isListAtRight ? 1 : 0, m_list);
        const int list = window.listWidth;
        const int rest = std::max(1, width() - list);
        m_beside->setSizes(window.isListAtRight ? QList<int>{rest, list} : QList<int>{list, rest});
        m_beside->setStretchFactor(window.isListAtRight ? 0 : 1, 1);
        m_beside->setStretchFactor(window.isListAtRight ? 1 : 0, 0);
    } else if (m_beside->indexOf(m_list) != (window.isListAtRight ? 1 : 0)) {
        m_beside->insertWidget(window.isListAtRight ? 1 : 0, m_list);
    }
}

bool EntryView::askAndFind()
{
    if (m_session->form().rowsFrom.isEmpty()) {
        return askAndOpen();
    }
    const std::optional<QVariantList> key = askForRecord(*m_session, this);
    return key && m_session->moves().goToKey(*key); // it says so itself when it cannot
}

void EntryView::resizeEvent(QResizeEvent *event)
{
    QWidget::resizeEvent(event);
    if (m_question) {
        m_question->setGeometry(rect());
    }
    layOut();
}

} // namespace nabblet

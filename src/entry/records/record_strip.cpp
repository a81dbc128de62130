#include "entry/records/record_strip.h"

#include <QHBoxLayout>
#include <QIntValidator>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QResizeEvent>
#include <QSlider>

namespace nabblet {

namespace {

constexpr int SliderSteps = 1000;

} // namespace

RecordStrip::RecordStrip(EntrySession *session, QWidget *parent) : QWidget(parent), m_session(session)
{
    setObjectName(QStringLiteral("strip"));
    setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(12, 5, 12, 5);
    row->setSpacing(6);

    m_position = new QLineEdit;
    m_position->setObjectName(QStringLiteral("position"));
    m_position->setAlignment(Qt::AlignRight);
    m_position->setFixedWidth(64);
    m_position->setValidator(new QIntValidator(1, std::numeric_limits<int>::max(), m_position));
    m_position->setToolTip(tr("Type a number and press Enter to go to that record"));
    m_position->setAccessibleName(tr("Record number"));
    m_count = new QLabel;
    m_count->setObjectName(QStringLiteral("faint"));
    m_slider = new QSlider(Qt::Horizontal);
    m_slider->setRange(0, SliderSteps);
    m_slider->setMinimumWidth(80);
    m_slider->setMaximumWidth(240);
    m_slider->setFocusPolicy(Qt::NoFocus);
    m_slider->setAccessibleName(tr("Place among the records"));
    row->addWidget(m_position);
    row->addWidget(m_count);
    row->addSpacing(6);
    row->addWidget(m_slider, 1);
    row->addSpacing(6);

    const auto button = [&](const QString &words, const char *name, const QString &tip) {
        auto *made = new QPushButton(words);
        made->setObjectName(QString::fromLatin1(name));
        made->setToolTip(tip);
        made->setAutoDefault(false);
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made);
        return made;
    };
    m_first = button(tr("First"), "goFirst", tr("First record (Ctrl+Home)"));
    m_previous = button(tr("Previous"), "goPrevious", tr("Previous record (Page Up)"));
    m_next = button(tr("Next"), "goNext", tr("Next record (Page Down)"));
    m_last = button(tr("Last"), "goLast", tr("Last record (Ctrl+End)"));
    row->addSpacing(8);
    m_add = button(tr("Add"), "add", tr("A new record (Ctrl+N)"));
    m_delete = button(tr("Delete"), "delete", tr("Delete this record (Ctrl+Delete)"));
    row->addSpacing(8);
    m_takeBack = button(tr("Take back"), "takeBack", QString());
    m_save = button(tr("Save"), "mainAction", tr("Save this record (Ctrl+S)"));
    row->addSpacing(8);
    m_state = new QLabel;
    m_state->setObjectName(QStringLiteral("unsaved"));
    m_changed = new QLabel;
    m_changed->setObjectName(QStringLiteral("faint"));
    m_changed->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_changed->installEventFilter(this);
    row->addWidget(m_state);
    row->addWidget(m_changed, 2);

    connect(m_first, &QPushButton::clicked, session, [session] { session->moves().goFirst(); });
    connect(m_previous, &QPushButton::clicked, session, [session] { session->moves().goPrevious(); });
    connect(m_next, &QPushButton::clicked, session, [session] { session->moves().goNext(); });
    connect(m_last, &QPushButton::clicked, session, [session] { session->moves().goLast(); });
    connect(m_add, &QPushButton::clicked, session, [session] { session->moves().add(); });
    connect(m_save, &QPushButton::clicked, session, [session] { session->saving().save(); });
    connect(m_takeBack, &QPushButton::clicked, session, [session] { session->takingBack().takeBack(); });
    connect(m_delete, &QPushButton::clicked, this, &RecordStrip::deleteRequested);
    connect(m_position, &QLineEdit::returnPressed, this, [this] {
        const qlonglong wanted = m_position->text().toLongLong() - 1;
        m_position->setModified(false);
        m_session->moves().goTo(wanted);
        refresh();
    });
    connect(m_slider, &QSlider::sliderReleased, this, [this] {
        if (const std::optional<qint64> count = m_session->place().count()) {
            m_session->moves().goTo(
                qRound64(static_cast<double>(m_slider->value()) * static_cast<double>(*count - 1) / SliderSteps));
        }
        refresh();
    });
    connect(m_slider, &QSlider::sliderMoved, this, [this](int value) {
        if (const std::optional<qint64> count = m_session->place().count()) {
            m_position->setText(QString::number(
                qRound64(static_cast<double>(value) * static_cast<double>(*count - 1) / SliderSteps) + 1));
        }
    });
    connect(session, &EntrySession::recordChanged, this, &RecordStrip::refresh);
    connect(session, &EntrySession::pendingChanged, this, &RecordStrip::refresh);
    connect(session, &EntrySession::positionChanged, this, &RecordStrip::refresh);
    refresh();
}

QSize RecordStrip::minimumSizeHint() const
{
    constexpr int Narrowest = 360; // px
    return {Narrowest, QWidget::minimumSizeHint().height()};
}

int RecordStrip::roomForAll() const
{
    constexpr int ForNames = 60; // px, of the boxes that were changed
    int words = 0;
    for (const QString &state : {tr("New, not saved"), tr("Changed, not saved")}) {
        words = std::max(words, m_state->fontMetrics().horizontalAdvance(state));
    }
    const int now = m_state->isVisibleTo(this) ? m_state->minimumSizeHint().width() : 0;
    const int counted =
        std::max(0, m_count->fontMetrics().horizontalAdvance(tr("no records yet")) - m_count->minimumWidth());
    return layout()->minimumSize().width() - now + words + counted + ForNames;
}

void RecordStrip::resizeEvent(QResizeEvent *event)
{
    fit();
    QWidget::resizeEvent(event);
}

// What is needed least goes first when there is no room for all.
void RecordStrip::fit()
{
    const QList<QList<QWidget *>> dispensable{{m_slider}, {m_first, m_last}, {m_takeBack}, {m_delete}, {m_count}};
    const bool isCounted = m_session->state().isStarted;
    for (const QList<QWidget *> &parts : dispensable) {
        for (QWidget *part : parts) {
            part->setVisible(part != m_count || isCounted);
        }
    }
    for (const QList<QWidget *> &parts : dispensable) {
        layout()->invalidate();
        if (layout()->minimumSize().width() <= width()) {
            break;
        }
        for (QWidget *part : parts) {
            part->hide();
        }
    }
}

bool RecordStrip::takeKeyboard()
{
    const QList<QWidget *> parts = findChildren<QWidget *>(QString(), Qt::FindDirectChildrenOnly);
    for (QWidget *part : parts) {
        if (part->isVisibleTo(this) && part->isEnabled() && (part->focusPolicy() & Qt::TabFocus)) {
            part->setFocus(Qt::TabFocusReason);
            return true;
        }
    }
    return false;
}

// The names of the boxes, as many as there is room for.
void RecordStrip::showChanged()
{
    m_changed->setText(m_changed->fontMetrics().elidedText(m_changedWords, Qt::ElideRight, m_changed->width()));
    m_changed->setToolTip(m_changedWords);
    m_changed->setAccessibleName(m_changedWords);
}

bool RecordStrip::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_changed && event->type() == QEvent::Resize) {
        showChanged();
    }
    return QWidget::eventFilter(watched, event);
}

void RecordStrip::refresh()
{
    const std::optional<qint64> position = m_session->position();
    const std::optional<qint64> count = m_session->place().count();
    const bool isNew = m_session->state().isNew();
    // What is being typed there stays.
    if (!m_position->hasFocus() || !m_position->isModified()) {
        m_position->setText(isNew                             ? tr("new")
                            : !m_session->state().hasRecord() ? tr("none")
                            : position                        ? QString::number(*position + 1)
                                                              : QStringLiteral("…"));
    }
    m_count->setText(!count ? tr("of …") : *count == 0 ? tr("no records yet") : tr("of %L1").arg(*count));
    // Room for four figures at least, so that little moves as they change; for all of its words always.
    m_count->setMinimumWidth(
        std::max(m_count->fontMetrics().horizontalAdvance(tr("of %L1").arg(9999)), m_count->sizeHint().width()));
    if (!m_slider->isSliderDown()) {
        const bool isPlaced = position && count && *count > 1;
        m_slider->setEnabled(isPlaced);
        m_slider->setValue(isPlaced ? static_cast<int>(*position * SliderSteps / (*count - 1)) : 0);
    }
    const RecordMoves &moves = m_session->moves();
    m_first->setEnabled(moves.canGoBack());
    m_previous->setEnabled(moves.canGoBack());
    m_next->setEnabled(moves.canGoOn());
    m_last->setEnabled(moves.canGoLast());
    m_add->setEnabled(m_session->state().canAdd() && !(isNew && !m_session->state().isChanged()));
    m_delete->setEnabled(m_session->state().canDelete());
    m_save->setEnabled(m_session->hasUnsaved());
    m_takeBack->setEnabled(m_session->takingBack().canTakeBack());
    m_takeBack->setToolTip(m_session->takingBack().words());
    const bool isChanged = m_session->state().isChanged();
    const bool hasUnsaved = m_session->hasUnsaved();
    m_state->setText(hasUnsaved ? isNew ? tr("New, not saved") : tr("Changed, not saved") : QString());
    const QString takesRoom = m_state->text() + m_count->text();
    m_state->setVisible(hasUnsaved);
    if (takesRoom != m_takesRoom) {
        m_takesRoom = takesRoom;
        fit();
    }
    m_changedWords = isChanged    ? m_session->state().changedCaptions().join(QStringLiteral(", "))
                     : hasUnsaved ? tr("rows that belong to it")
                                  : QString();
    showChanged();
}

} // namespace nabblet

#include "designer/findings/findings_panel.h"

#include "core/text/tr.h"
#include "designer/findings/findings_list.h"

#include <QComboBox>
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

enum class Filter { Open, ToFix, ToWeigh, LeftBe };

bool passes(const Found &found, Filter filter)
{
    switch (filter) {
    case Filter::Open:
        return !found.isLeft;
    case Filter::ToFix:
        return !found.isLeft && found.degree() == Degree::ToFix;
    case Filter::ToWeigh:
        return !found.isLeft && found.degree() == Degree::ToWeigh;
    case Filter::LeftBe:
        return found.isLeft;
    }
    return true;
}

} // namespace

FindingsPanel::FindingsPanel(QWidget *parent) : Panel(tr("Findings"), parent)
{
    setWhatsThis(
        tr("What was found in the form: to fix, where it will fail; to weigh, where it will serve people worse. Beside "
           "each stand ways to put it right; one that has the mouse or the keyboard shows on the board."));
    m_filter = new QComboBox;
    m_filter->setObjectName(QStringLiteral("findingsOf"));
    m_filter->setAccessibleName(tr("Which findings"));
    m_filter->addItem(tr("all"), static_cast<int>(Filter::Open));
    m_filter->addItem(tr("to fix"), static_cast<int>(Filter::ToFix));
    m_filter->addItem(tr("to weigh"), static_cast<int>(Filter::ToWeigh));
    m_filter->addItem(tr("left be"), static_cast<int>(Filter::LeftBe));
    auto *close = new QPushButton(QStringLiteral("×"));
    close->setObjectName(QStringLiteral("closeFindings"));
    close->setAccessibleName(tr("Close the findings"));
    close->setFixedWidth(28);
    m_filter->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    m_filter->setMinimumWidth(96);
    auto *space = new QWidget;
    space->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    addToHead(space);
    addToHead(m_filter);
    addToHead(close);

    m_list = new FindingsList;
    m_nothing = new QLabel(tr("Nothing was found: every column has its box, every box shows what it should."));
    m_nothing->setObjectName(QStringLiteral("faint"));
    m_nothing->setWordWrap(true);
    m_nothing->setAlignment(Qt::AlignTop);
    m_nothing->setContentsMargins(10, 6, 10, 6);

    auto *beside = new QWidget;
    auto *column = new QVBoxLayout(beside);
    column->setContentsMargins(10, 0, 4, 0);
    column->setSpacing(6);
    m_sentence = new QLabel;
    m_sentence->setObjectName(QStringLiteral("findingSentence"));
    m_sentence->setTextFormat(Qt::PlainText);
    m_sentence->setWordWrap(true);
    m_mendFrame = new QWidget;
    m_mends = new QVBoxLayout(m_mendFrame);
    m_mends->setContentsMargins(0, 0, 0, 0);
    m_mends->setSpacing(6);
    m_allOfKind = new QPushButton;
    m_allOfKind->setObjectName(QStringLiteral("mendAll"));
    auto *leaving = new QHBoxLayout;
    leaving->setSpacing(6);
    m_reason = new QLineEdit;
    m_reason->setObjectName(QStringLiteral("leaveReason"));
    m_reason->setAccessibleName(tr("Why it may stay"));
    m_reason->setPlaceholderText(tr("Why it may stay"));
    m_leave = new QPushButton(tr("Leave it be"));
    m_leave->setObjectName(QStringLiteral("leaveBe"));
    m_again = new QPushButton(tr("Do not leave it be"));
    m_again->setObjectName(QStringLiteral("leaveNoMore"));
    leaving->addWidget(m_reason, 1);
    leaving->addWidget(m_leave);
    column->addWidget(m_sentence);
    column->addWidget(m_mendFrame);
    column->addWidget(m_allOfKind);
    column->addLayout(leaving);
    column->addWidget(m_again);
    column->addStretch(1);
    auto *scroll = new QScrollArea;
    scroll->setWidget(beside);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);

    auto *row = new QHBoxLayout;
    row->setSpacing(0);
    row->addWidget(m_list, 5);
    row->addWidget(m_nothing, 5);
    row->addWidget(scroll, 3);
    contents()->setContentsMargins(4, 4, 4, 6);
    contents()->addLayout(row, 1);

    connect(m_filter, &QComboBox::activated, this, &FindingsPanel::showList);
    connect(close, &QPushButton::clicked, this, &FindingsPanel::closeRequested);
    connect(m_list, &FindingsList::currentFindingChanged, this, [this] {
        showCurrent();
        Q_EMIT currentChanged(m_list->current());
    });
    connect(m_list, &FindingsList::mendRequested, this, [this] {
        if (const Found *found = m_list->current(); found && !found->finding.mends.isEmpty() && !found->isLeft) {
            Q_EMIT mendTaken(Found(*found), 0);
        }
    });
    connect(m_allOfKind, &QPushButton::clicked, this, [this] {
        if (const Found *found = m_list->current()) {
            Q_EMIT allTaken(Found(*found));
        }
    });
    connect(m_reason, &QLineEdit::textChanged, this,
            [this](const QString &text) { m_leave->setEnabled(!text.trimmed().isEmpty()); });
    connect(m_reason, &QLineEdit::returnPressed, this, &FindingsPanel::takeReason);
    connect(m_leave, &QPushButton::clicked, this, &FindingsPanel::takeReason);
    connect(m_again, &QPushButton::clicked, this, [this] {
        if (const Found *found = m_list->current()) {
            Q_EMIT leftBe(Found(*found), QString());
        }
    });
    showList();
}

void FindingsPanel::setFindings(const QList<Found> &findings)
{
    m_all = findings;
    const FindingCounts counts = countsOf(findings);
    const qsizetype left = findings.size() - counts.toFix - counts.toWeigh;
    setNote(tr("%1 to fix · %2 to weigh").arg(counts.toFix).arg(counts.toWeigh) +
            (left > 0 ? tr(" · %1 left be").arg(left) : QString()));
    showList();
}

void FindingsPanel::setTheme(Theme theme)
{
    m_list->setTheme(theme);
}

void FindingsPanel::step(int by)
{
    const int count = static_cast<int>(m_list->findings().size());
    if (count == 0) {
        return;
    }
    const int now = m_list->currentIndex().row();
    m_list->setCurrent(now < 0 ? (by > 0 ? 0 : count - 1) : (now + by + count) % count);
    if (count == 1) { // it is at hand already, and gone to again
        Q_EMIT currentChanged(m_list->current());
    }
}

const Found *FindingsPanel::current() const
{
    return m_list->current();
}

void FindingsPanel::focusList()
{
    m_list->setFocus();
    if (!m_list->current() && !m_list->findings().isEmpty()) {
        m_list->setCurrent(0);
    }
}

void FindingsPanel::showList()
{
    const auto filter = static_cast<Filter>(m_filter->currentData().toInt());
    QList<Found> shown;
    std::copy_if(m_all.begin(), m_all.end(), std::back_inserter(shown),
                 [filter](const Found &found) { return passes(found, filter); });
    m_list->setFindings(shown);
    m_list->setVisible(!shown.isEmpty());
    m_nothing->setVisible(shown.isEmpty());
    m_nothing->setText(filter == Filter::Open
                           ? tr("Nothing was found: every column that is needed has its box, and every box shows what "
                                "it should.")
                           : tr("There are none of these."));
    showCurrent();
}

void FindingsPanel::showCurrent()
{
    const Found *found = m_list->current();
    QStringList parts;
    for (const Mend &mend : found ? found->finding.mends : QList<Mend>()) {
        parts.append(mend.words);
    }
    const qsizetype alike = std::count_if(m_all.begin(), m_all.end(), [&](const Found &each) {
        return found && each.check == found->check && !each.isLeft && !each.finding.mends.isEmpty();
    });
    parts += {found ? keyOf(*found) : QString(), found ? found->finding.sentence : QString(),
              found ? found->reason : QString(), QString::number(alike)};
    const QString shown = parts.join(u'\n');
    if (shown == m_shown && found) {
        return; // what is pressed or typed in stays
    }
    m_shown = shown;
    while (QLayoutItem *item = m_mends->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    m_sentence->setVisible(found);
    const bool isOpen = found && !found->isLeft;
    m_mendFrame->setVisible(isOpen && !found->finding.mends.isEmpty());
    m_allOfKind->setVisible(isOpen && alike > 1 && !found->finding.mends.isEmpty());
    m_reason->setVisible(isOpen);
    m_leave->setVisible(isOpen);
    m_again->setVisible(found && found->isLeft);
    m_reason->clear();
    m_leave->setEnabled(false);
    if (!found) {
        return;
    }
    m_sentence->setText(found->isLeft ? tr("%1 Left be: %2").arg(found->finding.sentence, found->reason)
                                      : found->finding.sentence);
    m_allOfKind->setText(tr("All %1 of this kind").arg(alike));
    m_allOfKind->setToolTip(tr("“%1”: the first way for each of them, as one step").arg(checkTitle(*found->check)));
    for (int i = 0; i < found->finding.mends.size(); ++i) {
        auto *button = new QPushButton(found->finding.mends.at(i).words);
        button->setObjectName(QStringLiteral("mend%1").arg(i));
        button->setProperty("mend", i);
        button->installEventFilter(this);
        connect(button, &QPushButton::clicked, this, [this, i] {
            if (const Found *now = m_list->current()) {
                Q_EMIT mendTaken(Found(*now), i);
            }
        });
        m_mends->addWidget(button);
    }
}

void FindingsPanel::takeReason()
{
    const Found *found = m_list->current();
    const QString reason = m_reason->text().simplified();
    if (found && !reason.isEmpty()) {
        Q_EMIT leftBe(Found(*found), reason);
    }
}

// A mend under the mouse or the keyboard is shown on the board before it is taken.
bool FindingsPanel::eventFilter(QObject *watched, QEvent *event)
{
    const QVariant mend = watched->property("mend");
    if (mend.isValid() && (event->type() == QEvent::Enter || event->type() == QEvent::FocusIn)) {
        if (const Found *found = m_list->current()) {
            Q_EMIT previewed(*found, mend.toInt());
        }
    } else if (mend.isValid() &&
               (event->type() == QEvent::Leave || event->type() == QEvent::FocusOut || event->type() == QEvent::Hide)) {
        Q_EMIT previewEnded();
    }
    return Panel::eventFilter(watched, event);
}

} // namespace nabblet

#include "entry/wanted/wanted_bar.h"

#include "core/text/tr.h"
#include "entry/session/entry_session.h"
#include "entry/theme/ask.h"
#include "entry/theme/wrap_layout.h"
#include "entry/wanted/asking.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QToolButton>

namespace nabblet {

WantedBar::WantedBar(EntrySession *session, QWidget *parent)
    : QWidget(parent), m_session(session), m_chips(new WrapLayout(this))
{
    setObjectName(QStringLiteral("wantedBar"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(tr("Records shown"));
    m_chips->setContentsMargins(8, 5, 8, 5);
    connect(session, &EntrySession::wantedChanged, this, &WantedBar::showWanted, Qt::QueuedConnection);
    connect(session, &EntrySession::positionChanged, this, &WantedBar::showCount);
    showWanted();
}

void WantedBar::want(const Wanted &wanted)
{
    const Outcome outcome = m_session->want(wanted);
    if (!outcome) {
        Q_EMIT said(outcome.error().sentence);
    } else if (wanted.isEmpty()) {
        Q_EMIT said(tr("All records are shown."));
    }
}

QWidget *WantedBar::chip(const QString &words, const QString &help, const std::function<void()> &change,
                         const std::function<void()> &away)
{
    auto *frame = new QWidget;
    frame->setObjectName(QStringLiteral("chip"));
    frame->setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(frame);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto *text = new QPushButton(words);
    text->setObjectName(QStringLiteral("chipWords"));
    text->setToolTip(help);
    text->setAccessibleDescription(help);
    text->setMaximumWidth(420); // the rest is in the tip
    auto *cross = new QToolButton;
    cross->setObjectName(QStringLiteral("chipAway"));
    cross->setText(QStringLiteral("×"));
    cross->setToolTip(tr("No longer: %1").arg(words));
    cross->setAccessibleName(cross->toolTip());
    cross->setFocusPolicy(Qt::StrongFocus);
    connect(text, &QPushButton::clicked, this, change);
    connect(cross, &QToolButton::clicked, this, away);
    row->addWidget(text);
    row->addWidget(cross);
    return frame;
}

void WantedBar::showWanted()
{
    while (QLayoutItem *item = m_chips->takeAt(0)) {
        if (item->widget()) {
            item->widget()->deleteLater();
            item->widget()->hide();
        }
        delete item;
    }
    m_count = nullptr;
    const Wanted wanted = m_session->state().wanted;
    setVisible(!wanted.isEmpty());
    if (wanted.isEmpty()) {
        Q_EMIT heightChanged();
        return;
    }
    m_count = new QLabel;
    m_count->setObjectName(QStringLiteral("wantedCount"));
    m_chips->addWidget(m_count);
    const QString helpPart = tr("Write it otherwise");
    for (int line = 0; line < wanted.filter.lines.size(); ++line) {
        if (line > 0) {
            auto *either = new QLabel(tr("or"));
            either->setObjectName(QStringLiteral("faint"));
            m_chips->addWidget(either);
        }
        for (int part = 0; part < wanted.filter.lines.at(line).size(); ++part) {
            m_chips->addWidget(chip(
                askedInWords(wanted.filter.lines.at(line).at(part), m_session->form()), helpPart,
                [this, line, part] { changePart(line, part); },
                [this, line, part] {
                    Wanted less = m_session->state().wanted;
                    less.filter = withoutPart(less.filter, line, part);
                    want(less);
                }));
        }
    }
    for (int i = 0; i < wanted.order.size(); ++i) {
        m_chips->addWidget(chip(
            orderInWords(wanted.order.at(i), m_session->state()), tr("The other way round"),
            [this, i] {
                Wanted other = m_session->state().wanted;
                if (i < other.order.size()) {
                    other.order[i].isDescending = !other.order.at(i).isDescending;
                    want(other);
                }
            },
            [this, i] {
                Wanted less = m_session->state().wanted;
                less.order.removeAt(i);
                want(less);
            }));
    }
    auto *keep = new QPushButton(tr("Keep…"));
    keep->setObjectName(QStringLiteral("keepWanted"));
    keep->setToolTip(tr("Keep this under a name, to be asked again"));
    connect(keep, &QPushButton::clicked, this, &WantedBar::keepRequested);
    auto *all = new QPushButton(tr("All records"));
    all->setObjectName(QStringLiteral("allRecords"));
    all->setToolTip(tr("All records again, in the order of the form (Shift+F3)"));
    connect(all, &QPushButton::clicked, this, [this] { want({}); });
    auto *both = new QWidget; // on one line, wherever there is room
    auto *row = new QHBoxLayout(both);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    row->addWidget(keep);
    row->addWidget(all);
    m_chips->addWidget(both);
    showCount();
    m_chips->invalidate();
    updateGeometry();
    Q_EMIT heightChanged();
}

void WantedBar::showCount()
{
    if (!m_count) {
        return;
    }
    const std::optional<qint64> count = m_session->place().count();
    const bool isFiltered = !m_session->state().wanted.filter.isEmpty();
    const QString words = !isFiltered ? tr("In order:")
                          : count     ? counted(*count, tr("1 record:"), tr("%1 records:"))
                                      : tr("Being counted:");
    if (m_count->text() != words) {
        m_count->setText(words);
        m_chips->invalidate();
    }
}

void WantedBar::changePart(int line, int part)
{
    const Filter &filter = m_session->state().wanted.filter;
    if (line >= filter.lines.size() || part >= filter.lines.at(line).size()) {
        return;
    }
    const FilterPart before = filter.lines.at(line).at(part);
    const AskedBox box = boxAskedBy(before, m_session->form());
    if (!box.control) {
        return;
    }
    QString typed = before.typed;
    QString mistake;
    for (;;) {
        const QString question =
            tr("What is looked for? Such as 12, > 12, 5..9, Sker*, not blank, or several with “;” between.");
        const std::optional<QString> words =
            askForWords(this, askedInWords(before, m_session->form()),
                        mistake.isEmpty() ? question : mistake + u'\n' + question, typed);
        if (!words) {
            return;
        }
        typed = *words;
        const Result<FilterPart> read = partFromWords(m_session->state(), *box.control, box.subform, typed);
        if (!read) {
            mistake = read.error().sentence;
            continue;
        }
        Wanted other = m_session->state().wanted;
        if (line >= other.filter.lines.size() || part >= other.filter.lines.at(line).size()) {
            return;
        }
        if (read->anyOf.isEmpty()) {
            other.filter = withoutPart(other.filter, line, part);
        } else {
            other.filter.lines[line][part] = *read;
        }
        want(other);
        return;
    }
}

} // namespace nabblet

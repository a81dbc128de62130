// What a form at work says: sentences beside the boxes they concern, and those about the whole record above it.
#include "core/arrange/rows.h"
#include "entry/band_view.h"
#include "entry/entry_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MessageGap = 8; // px between a box and the message beside it

// A sentence beside a box.
class MessageLabel : public QLabel
{
public:
    MessageLabel(const QString &sentence, const Appearance &appearance, QWidget *parent) : QLabel(sentence, parent)
    {
        setObjectName(QStringLiteral("message"));
        setFont(appearance.font(TextRole::Field));
        QPalette palette;
        palette.setColor(QPalette::WindowText, appearance.colour(Ink::Alarm));
        setPalette(palette);
        m_ground = appearance.colour(Ink::Paper);
        m_line = appearance.colour(Ink::Alarm);
        setContentsMargins(0, 0, 0, 0);
    }

    // Over other things, it needs a ground and an edge of its own.
    void setFloats(bool floats)
    {
        m_floats = floats;
        setContentsMargins(floats ? 6 : 0, floats ? 3 : 0, floats ? 6 : 0, floats ? 3 : 0);
        adjustSize();
    }

protected:
    void paintEvent(QPaintEvent *event) override
    {
        if (m_floats) {
            QPainter painter(this);
            painter.setPen(m_line);
            painter.setBrush(m_ground);
            painter.drawRect(rect().adjusted(0, 0, -1, -1));
        }
        QLabel::paintEvent(event);
    }

private:
    QColor m_ground;
    QColor m_line;
    bool m_floats = false;
};

} // namespace

void EntryView::refreshMessages()
{
    for (BandView *band : std::as_const(m_bands)) {
        const auto old = band->findChildren<QLabel *>(QStringLiteral("message"));
        for (QLabel *label : old) {
            label->setObjectName(QString());
            label->hide();
            label->deleteLater();
        }
    }
    const Form inSight = withoutPagesBehind(m_laidOut, m_fronts);
    for (const FieldMessage &message : m_session->messages()) {
        const Control *control = inSight.controls.find(message.control);
        if (!control) {
            continue;
        }
        BandView *band = viewOf(*control);
        auto *label = new MessageLabel(message.sentence, m_appearance, band);
        label->adjustSize();
        const QRect place = placeOf(*control);
        QRect beside(place.right() + MessageGap, place.y() + (std::min(place.height(), 24) - label->height() + 1) / 2,
                     label->width(), label->height());
        bool isFree = beside.right() < band->width();
        for (const Control &other : inSight.controls) {
            isFree = isFree && (viewOf(other) != band || other.id == control->id || holdsOthers(other) ||
                                !placeOf(other).intersects(beside));
        }
        if (isFree) {
            label->move(beside.topLeft());
        } else {
            label->setFloats(true);
            const int x = std::max(0, std::min(place.x(), band->width() - label->width()));
            const bool isBelow = place.bottom() + 2 + label->height() <= band->height();
            label->move(x, isBelow ? place.bottom() + 2 : place.y() - label->height() - 2);
        }
        label->raise();
        label->setVisible(isFree);
        label->setProperty("control", control->id);
        label->setProperty("floats", !isFree);
        if (QWidget *widget = widgetFor(control->id)) {
            widget->setAccessibleDescription(message.sentence);
        }
    }
}

// A message with no room beside its box would cover others; it shows while its box has the keyboard.
void EntryView::showFloatingMessage()
{
    for (BandView *band : std::as_const(m_bands)) {
        const auto labels = band->findChildren<QLabel *>(QStringLiteral("message"));
        for (QLabel *label : labels) {
            const QWidget *box = widgetFor(label->property("control").toInt());
            if (label->property("floats").toBool()) {
                label->setVisible(box && box->hasFocus());
            }
        }
    }
}

void EntryView::focusFirstRefused()
{
    const QList<ControlId> sequence = tabSequence(m_form);
    for (const ControlId id : sequence) {
        const auto &messages = m_session->messages();
        const bool isRefused = std::any_of(messages.begin(), messages.end(),
                                           [&](const FieldMessage &message) { return message.control == id; });
        if (isRefused) {
            bringToSight(id);
        }
        if (isRefused && widgetFor(id)) {
            widgetFor(id)->setFocus(Qt::OtherFocusReason);
            return;
        }
    }
}

void EntryView::refreshNotice()
{
    auto *row = static_cast<QHBoxLayout *>(m_notice->layout());
    while (QLayoutItem *item = row->takeAt(0)) {
        if (QWidget *widget = item->widget()) {
            widget->hide();
            widget->deleteLater();
        }
        delete item;
    }
    row->setContentsMargins(16, 6, 16, 6);
    const auto words = [&](const QString &sentence) {
        auto *label = new QLabel(sentence);
        label->setWordWrap(true);
        row->addWidget(label, 1);
    };
    const auto button = [&](const QString &text, auto action) {
        auto *made = new QPushButton(text);
        connect(made, &QPushButton::clicked, this, action, Qt::QueuedConnection);
        row->addWidget(made);
    };
    bool isNeeded = true;
    switch (m_session->question()) {
    case Question::ChangedMeanwhile:
        words(
            tr("Someone else changed this record while you worked on it. Beside the boxes stands what is stored now."));
        button(tr("Save mine over it"), [this] {
            m_session->keepMine();
            refreshNotice();
        });
        button(tr("Take what is stored"), [this] { m_session->takeTheirs(); });
        break;
    case Question::DeletedMeanwhile:
        words(tr("Someone else deleted this record while you worked on it."));
        button(tr("Add mine as a new record"), [this] {
            m_session->keepMine();
            refreshNotice();
        });
        button(tr("Let mine go"), [this] { m_session->takeTheirs(); });
        break;
    case Question::None: {
        const auto &messages = m_session->messages();
        const auto whole = std::find_if(messages.begin(), messages.end(), [&](const FieldMessage &message) {
            return !m_form.controls.find(message.control);
        });
        isNeeded = whole != messages.end();
        if (isNeeded) {
            words(whole->sentence);
        }
    }
    }
    m_notice->setVisible(isNeeded);
}

} // namespace nabblet

#include "designer/reconcile/reconcile_dialog.h"

#include "designer/new_form/form_picture.h"
#include "designer/panels/dialog_buttons.h"
#include "entry/theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

namespace nabblet {

namespace {

// The controls of a form that the other does not have alike, by their places on it.
QList<QRect> placesThatDiffer(const Form &form, const Form &other)
{
    QList<QRect> places;
    for (const Control &control : form.controls) {
        const Control *same = other.controls.find(control.id);
        if (!same || !(*same == control)) {
            places.append(placeOnForm(form, control));
        }
    }
    return places;
}

// A form with what differs from another lit up.
class LitPicture : public FormPicture
{
public:
    using FormPicture::FormPicture;
    QList<QRect> lit;
    QColor colour;

protected:
    void paintEvent(QPaintEvent *event) override
    {
        FormPicture::paintEvent(event);
        QPainter painter(this);
        QColor ground = colour;
        ground.setAlpha(46);
        for (const QRect &place : lit) {
            const QRectF rect(place.x() * scale() - 2, place.y() * scale() - 2, place.width() * scale() + 4,
                              place.height() * scale() + 4);
            painter.setPen(QPen(colour, 1.5));
            painter.setBrush(ground);
            painter.drawRoundedRect(rect, 3, 3);
        }
    }
};

} // namespace

ReconcileDialog::ReconcileDialog(const Form &form, const QList<Proposal> &proposals, const Known &known,
                                 Purpose purpose, QWidget *parent)
    : QDialog(parent), m_before(form), m_after(form), m_known(known), m_proposals(proposals)
{
    const bool isDraft = purpose == Purpose::DraftAgain;
    setWindowTitle(isDraft ? tr("Draft again") : tr("Bring into step with the tables"));
    setObjectName(QStringLiteral("reconcileDialog"));
    resize(1100, 680);

    auto *list = new QWidget;
    auto *rows = new QVBoxLayout(list);
    rows->setContentsMargins(2, 2, 8, 2);
    rows->setSpacing(14);
    for (int i = 0; i < m_proposals.size(); ++i) {
        const Proposal &proposal = m_proposals.at(i);
        auto *row = new QVBoxLayout;
        row->setSpacing(4);
        auto *sentence = new QLabel(proposal.sentence);
        sentence->setTextFormat(Qt::PlainText);
        sentence->setWordWrap(true);
        row->addWidget(sentence);
        auto *choice = new QHBoxLayout;
        choice->setSpacing(6);
        auto *tick = new QCheckBox;
        tick->setObjectName(QStringLiteral("change%1").arg(i));
        QComboBox *ways = nullptr;
        if (proposal.alternatives.size() > 1) {
            ways = new QComboBox;
            ways->setObjectName(QStringLiteral("way%1").arg(i));
            ways->setAccessibleName(proposal.sentence);
            for (const Alternative &way : proposal.alternatives) {
                ways->addItem(way.words);
            }
            connect(ways, &QComboBox::activated, this, [this, tick] {
                tick->setChecked(true);
                refresh();
            });
            tick->setAccessibleName(tr("Do this: %1").arg(proposal.sentence));
        } else {
            tick->setText(proposal.alternatives.isEmpty() ? tr("Take note of it")
                                                          : proposal.alternatives.first().words);
        }
        tick->setChecked(proposal.isTicked);
        connect(tick, &QCheckBox::toggled, this, &ReconcileDialog::refresh);
        choice->addWidget(tick);
        if (ways) {
            choice->addWidget(ways);
        }
        choice->addStretch(1);
        row->addLayout(choice);
        rows->addLayout(row);
        m_ticks.append(tick);
        m_ways.append(ways);
    }
    if (m_proposals.isEmpty()) {
        auto *nothing = new QLabel(isDraft ? tr("A draft of today would make nothing otherwise that hands did not.")
                                           : tr("The form is in step with its tables; nothing has changed."));
        nothing->setWordWrap(true);
        rows->addWidget(nothing);
    }
    rows->addStretch(1);
    auto *scroll = new QScrollArea;
    scroll->setWidget(list);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setMinimumWidth(360);

    const PanelColours &colours = panelColours(m_known.appearance.theme());
    auto *pictures = new QVBoxLayout;
    pictures->setSpacing(6);
    const auto addPicture = [&](const QString &title, const QString &name, const QColor &colour) {
        auto *picture = new LitPicture(&m_known.appearance);
        picture->setObjectName(name);
        picture->setAccessibleName(title);
        picture->colour = colour;
        auto *frame = new QScrollArea;
        frame->setWidget(picture);
        frame->setObjectName(QStringLiteral("pictureFrame"));
        auto *heading = new QLabel(title);
        heading->setObjectName(QStringLiteral("sectionTitle"));
        pictures->addWidget(heading);
        pictures->addWidget(frame, 1);
        m_frames.append(frame);
        return picture;
    };
    m_pictureBefore = addPicture(tr("As it is"), QStringLiteral("formBefore"), colours.alarm);
    m_pictureAfter = addPicture(tr("As it would be"), QStringLiteral("formAfter"), colours.accent);

    auto *middle = new QHBoxLayout;
    middle->setSpacing(16);
    middle->addWidget(scroll, 2);
    middle->addLayout(pictures, 3);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 14);
    column->setSpacing(12);
    column->addLayout(middle, 1);
    const DialogButtons buttons = makeDialogButtons(this, isDraft ? tr("Take") : tr("Bring into step"), "takeStep");
    m_take = buttons.take;
    if (known.followsRenames && !isDraft) {
        m_follows = new QCheckBox(tr("In this project, follow renames without asking where they are certain"));
        m_follows->setObjectName(QStringLiteral("followsRenames"));
        m_follows->setChecked(*known.followsRenames);
        connect(m_follows, &QCheckBox::toggled, this, &ReconcileDialog::refresh);
        column->addWidget(m_follows);
    }
    column->addLayout(buttons.row);
    refresh();
}

bool ReconcileDialog::followsRenames() const
{
    return m_follows && m_follows->isChecked();
}

ReconcileDialog::~ReconcileDialog() = default;

ReconcileContext ReconcileDialog::context() const
{
    return {m_known.catalogue, m_known.appearance, m_known.namingPattern, &m_known.profiles, m_known.words};
}

void ReconcileDialog::refresh()
{
    QList<Decision> decisions;
    for (int i = 0; i < m_proposals.size(); ++i) {
        decisions.append({m_ticks.at(i)->isChecked(), m_ways.at(i) ? m_ways.at(i)->currentIndex() : 0});
    }
    m_after = reconciled(m_before, m_proposals, decisions, context());
    auto *before = static_cast<LitPicture *>(m_pictureBefore);
    auto *after = static_cast<LitPicture *>(m_pictureAfter);
    before->show(m_before, m_known.connection, m_known.catalogue);
    after->show(m_after, m_known.connection, m_known.catalogue);
    before->lit = placesThatDiffer(m_before, m_after);
    after->lit = placesThatDiffer(m_after, m_before);
    before->update();
    after->update();
    m_take->setEnabled(!(m_after == m_before) || (m_follows && m_follows->isChecked() != m_known.followsRenames));
    fitPictures();
}

void ReconcileDialog::fitPictures()
{
    const int bar = style()->pixelMetric(QStyle::PM_ScrollBarExtent);
    m_pictureBefore->fitTo(m_frames.first()->maximumViewportSize(), bar);
    m_pictureAfter->fitTo(m_frames.last()->maximumViewportSize(), bar);
}

void ReconcileDialog::resizeEvent(QResizeEvent *event)
{
    QDialog::resizeEvent(event);
    fitPictures();
}

} // namespace nabblet

#include "designer/panels/width_slider.h"

#include "core/arrange/window_size.h"
#include "core/text/tr.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSlider>

#include <algorithm>

namespace nabblet {

WidthSlider::WidthSlider(Board *board, QWidget *parent)
    : QWidget(parent), m_board(board), m_slider(new QSlider(Qt::Horizontal)), m_width(new QLabel), m_words(new QLabel),
      m_pin(new QPushButton), m_back(new QPushButton(tr("Back")))
{
    setObjectName(QStringLiteral("widthStrip"));
    setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(10, 5, 8, 5);
    row->setSpacing(8);
    auto *title = new QLabel(tr("Window width"));
    title->setBuddy(m_slider);
    m_slider->setObjectName(QStringLiteral("widthSlider"));
    m_slider->setAccessibleName(tr("Window width"));
    m_slider->setToolTip(tr("Shows the form in a window of that width"));
    m_slider->setFixedWidth(150);
    m_width->setMinimumWidth(fontMetrics().horizontalAdvance(QStringLiteral("00000 steps")));
    m_words->setObjectName(QStringLiteral("widthWords"));
    m_words->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_back->setObjectName(QStringLiteral("widthBack"));
    m_back->setToolTip(tr("Shows the form as it is designed"));
    m_pin->setObjectName(QStringLiteral("pinWidth"));
    row->addWidget(title);
    row->addWidget(m_slider);
    row->addWidget(m_width);
    row->addWidget(m_words, 1);
    row->addWidget(m_back);
    row->addWidget(m_pin);
    connect(m_slider, &QSlider::valueChanged, this, [this](int width) {
        if (!m_isRefreshing) {
            m_board->setTrialWidth(width);
        }
    });
    connect(m_back, &QPushButton::clicked, this, [this] { m_board->setTrialWidth(0); });
    connect(m_pin, &QPushButton::clicked, this, &WidthSlider::pin);
    connect(board, &Board::trialWidthChanged, this, &WidthSlider::refresh);
    m_later.setSingleShot(true);
    m_later.setInterval(250);
    connect(&m_later, &QTimer::timeout, this, &WidthSlider::refresh);
    connect(board->document(), &FormDocument::formChanged, &m_later, qOverload<>(&QTimer::start));
    connect(board, &Board::selectionChanged, &m_later, qOverload<>(&QTimer::start)); // and the unit
    refresh();
}

void WidthSlider::refresh()
{
    const Form &form = m_board->document()->form();
    m_isRefreshing = true;
    m_slider->setRange(std::min(narrowestWidth(form), form.width), std::max(form.width * 2, 1600));
    m_slider->setPageStep(std::max(8, form.grid.pitch * 4));
    m_slider->setSingleStep(std::max(1, form.grid.pitch));
    m_slider->setValue(m_board->trialWidth() > 0 ? m_board->trialWidth() : form.width);
    m_isRefreshing = false;
    report();
}

void WidthSlider::report()
{
    const Form &form = m_board->document()->form();
    const int pitch = form.grid.pitch;
    const Unit unit = m_board->unit();
    const bool isTrial = m_board->trialWidth() > 0;
    const int shown = isTrial ? m_board->trialWidth() : form.width;
    m_width->setText(sizeInWords(shown, unit, pitch));
    m_back->setVisible(isTrial);
    const int narrowest = narrowestWidth(form);
    const QString least = form.leastWidth > 0
                              ? tr("Smallest window: %1, pinned").arg(sizeInWords(form.leastWidth, unit, pitch))
                              : tr("Smallest window: %1").arg(sizeInWords(narrowest, unit, pitch));
    const bool canPin = isTrial && shown != form.leastWidth;
    m_pin->setText(canPin || form.leastWidth == 0 ? tr("Pin smallest") : tr("Unpin"));
    m_pin->setToolTip(canPin || form.leastWidth == 0
                          ? tr("Windows of this form never get narrower than the width shown")
                          : tr("The smallest width is worked out again"));
    if (!isTrial) {
        m_words->setText(least);
        return;
    }
    const WidthReport report = widthReport(form, shown);
    QStringList parts;
    if (!report.stretching.isEmpty()) {
        parts.append(counted(report.stretching.size(), tr("1 stretches"), tr("%1 stretch")));
    }
    if (!report.moving.isEmpty()) {
        parts.append(counted(report.moving.size(), tr("1 moves"), tr("%1 move")));
    }
    if (parts.isEmpty()) {
        parts.append(tr("nothing stretches or moves"));
    }
    parts.append(report.clashing.isEmpty() ? tr("nothing overlaps")
                                           : counted(report.clashing.size(), tr("1 would overlap or be cut"),
                                                     tr("%1 would overlap or be cut")));
    m_words->setText(parts.join(QStringLiteral(" · ")));
    m_words->setToolTip(m_words->text());
}

void WidthSlider::pin()
{
    Form form = m_board->document()->form();
    const bool isTrial = m_board->trialWidth() > 0;
    const int shown = isTrial ? m_board->trialWidth() : narrowestWidth(form);
    const bool unpins = form.leastWidth > 0 && (!isTrial || shown == form.leastWidth);
    form.leastWidth = unpins ? 0 : shown;
    m_board->document()->apply(unpins ? tr("Unpin the smallest width") : tr("Pin the smallest width"), form);
}

} // namespace nabblet

#include "designer/panels/window_size_strip.h"

#include "core/arrange/windows/window_size.h"
#include "core/text/tr.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSlider>

#include <algorithm>

namespace nabblet {

namespace {

QString inWords(QSize size, Unit unit, int pitch)
{
    return WindowSizeStrip::tr("%1 × %2").arg(sizeNumber(size.width(), unit, pitch),
                                              sizeInWords(size.height(), unit, pitch));
}

bool isPinned(const Form &form)
{
    return form.leastWidth > 0 || form.leastHeight > 0;
}

} // namespace

WindowSizeStrip::WindowSizeStrip(Board *board, QWidget *parent)
    : QWidget(parent), m_board(board), m_width(new QSlider(Qt::Horizontal)), m_height(new QSlider(Qt::Horizontal)),
      m_size(new QLabel), m_words(new QLabel), m_pin(new QPushButton), m_back(new QPushButton(tr("Back")))
{
    setWhatsThis(tr("The form in smaller and larger windows: what stretches, what moves, and how small it may get "
                    "before anything overlaps."));
    setObjectName(QStringLiteral("windowSizeStrip"));
    setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(10, 5, 8, 5);
    row->setSpacing(6);
    const auto addSlider = [&](QSlider *slider, const QString &name, const QString &title, const QString &words,
                               const QString &help) {
        auto *label = new QLabel(title);
        label->setBuddy(slider);
        slider->setObjectName(name);
        slider->setAccessibleName(words);
        slider->setToolTip(help);
        slider->setFixedWidth(84);
        row->addWidget(label);
        row->addWidget(slider);
        connect(slider, &QSlider::valueChanged, this, [this] {
            if (!m_isRefreshing) {
                const QSize wanted(m_width->value(), m_height->value());
                m_board->setTrialSize(wanted == designedSize(m_board->document()->form()) ? QSize() : wanted);
            }
        });
    };
    addSlider(m_width, QStringLiteral("widthSlider"), tr("Window wide"), tr("Window width"),
              tr("Shows the form in a window of that width"));
    addSlider(m_height, QStringLiteral("heightSlider"), tr("high"), tr("Window height"),
              tr("Shows the form in a window of that height"));
    m_size->setMinimumWidth(fontMetrics().horizontalAdvance(QStringLiteral("0000 × 0000 px")));
    m_words->setObjectName(QStringLiteral("windowSizeWords"));
    m_words->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_back->setObjectName(QStringLiteral("designedSize"));
    m_back->setToolTip(tr("Shows the form as it is designed"));
    m_pin->setObjectName(QStringLiteral("pinSmallest"));
    row->addWidget(m_size);
    row->addWidget(m_words, 1);
    row->addWidget(m_back);
    row->addWidget(m_pin);
    connect(m_back, &QPushButton::clicked, this, [this] { m_board->setTrialSize({}); });
    connect(m_pin, &QPushButton::clicked, this, &WindowSizeStrip::pin);
    connect(board, &Board::trialSizeChanged, this, &WindowSizeStrip::refresh);
    m_later.setSingleShot(true);
    m_later.setInterval(250);
    connect(&m_later, &QTimer::timeout, this, &WindowSizeStrip::refresh);
    connect(board->document(), &FormDocument::formChanged, &m_later, qOverload<>(&QTimer::start));
    connect(board, &Board::selectionChanged, &m_later, qOverload<>(&QTimer::start)); // and the unit
    refresh();
}

QSize WindowSizeStrip::shownSize() const
{
    return m_board->scene().trialSize.isEmpty() ? designedSize(m_board->document()->form())
                                                : m_board->scene().trialSize;
}

void WindowSizeStrip::refresh()
{
    const Form &form = m_board->document()->form();
    const QSize designed = designedSize(form);
    const QSize shown = shownSize();
    m_isRefreshing = true;
    const auto set = [&](QSlider *slider, int least, int most, int value) {
        slider->setRange(least, most);
        slider->setPageStep(std::max(8, form.grid.pitch * 4));
        slider->setSingleStep(std::max(1, form.grid.pitch));
        slider->setValue(value);
    };
    set(m_width, std::min(narrowestWidth(form), designed.width()), std::max(designed.width() * 2, 1600), shown.width());
    set(m_height, std::min(lowestHeight(form), designed.height()), std::max(designed.height() * 2, 1000),
        shown.height());
    m_height->setEnabled(!isTabular(form));
    m_isRefreshing = false;
    report();
}

void WindowSizeStrip::report()
{
    const Form &form = m_board->document()->form();
    const int pitch = form.grid.pitch;
    const Unit unit = m_board->scene().unit;
    const bool isTrial = !m_board->scene().trialSize.isEmpty();
    const QSize shown = shownSize();
    m_size->setText(inWords(shown, unit, pitch));
    m_back->setVisible(isTrial);
    const bool unpins = isPinned(form) && !isTrial;
    m_pin->setText(unpins ? tr("Unpin") : tr("Pin smallest"));
    m_pin->setToolTip(unpins    ? tr("The smallest size is worked out again")
                      : isTrial ? tr("Windows of this form never get smaller than the size shown")
                                : tr("Windows of this form never get smaller than the smallest size worked out"));
    if (!isTrial) {
        const QString least = inWords(leastWindowSize(form), unit, pitch);
        m_words->setText(isPinned(form) ? tr("Smallest: %1, pinned").arg(least) : tr("Smallest: %1").arg(least));
        m_words->setToolTip(m_words->text());
        return;
    }
    const SizeReport report = sizeReport(form, shown);
    QStringList parts;
    if (!report.clashing.isEmpty()) {
        parts.append(
            counted(report.clashing.size(), tr("1 would overlap or be cut"), tr("%1 would overlap or be cut")));
    }
    if (!report.stretching.isEmpty()) {
        parts.append(counted(report.stretching.size(), tr("1 stretches"), tr("%1 stretch")));
    }
    if (!report.moving.isEmpty()) {
        parts.append(counted(report.moving.size(), tr("1 moves"), tr("%1 move")));
    }
    if (report.stretching.isEmpty() && report.moving.isEmpty()) {
        parts.append(tr("nothing stretches or moves"));
    }
    if (report.clashing.isEmpty()) {
        parts.append(tr("nothing overlaps"));
    }
    m_words->setText(parts.join(QStringLiteral(" · ")));
    m_words->setToolTip(m_words->text());
}

// Pins what was tried; where nothing was, the size worked out.
void WindowSizeStrip::pin()
{
    Form form = m_board->document()->form();
    const bool isTrial = !m_board->scene().trialSize.isEmpty();
    const bool unpins = isPinned(form) && !isTrial;
    const QSize designed = designedSize(form);
    const QSize wanted = isTrial ? m_board->scene().trialSize : leastWindowSize(form);
    if (unpins) {
        form.leastWidth = form.leastHeight = 0;
    } else {
        form.leastWidth = isTrial && wanted.width() == designed.width() ? form.leastWidth : wanted.width();
        form.leastHeight = isTrial && wanted.height() == designed.height() ? form.leastHeight : wanted.height();
    }
    m_board->document()->apply(unpins ? tr("Unpin the smallest size") : tr("Pin the smallest size"), form);
}

} // namespace nabblet

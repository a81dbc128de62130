#include "designer/colours/colour_picker.h"

#include "core/looks/colour_words.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/tr.h"
#include "designer/colours/colour_plane.h"
#include "designer/colours/lately_colours.h"
#include "entry/editors/popup_place.h"

#include <QApplication>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QToolButton>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int Columns = 9;
constexpr int SwatchSide = 22; // px
constexpr int MostOfSort = 27;

// One colour to choose.
class Swatch : public QAbstractButton
{
public:
    Swatch(const ColourInUse &each, QWidget *parent) : QAbstractButton(parent), m_each(each)
    {
        setFixedSize(SwatchSide, SwatchSide);
        setFocusPolicy(Qt::StrongFocus);
        QString words = colourInWords(each.colour);
        if (!each.words.isEmpty()) {
            words = each.words + QStringLiteral(" ") + words;
        }
        if (each.count > 0) {
            words += QStringLiteral(" · ") +
                     counted(each.count, ColourPicker::tr("used once"), ColourPicker::tr("used %1 times"));
        }
        setToolTip(words);
        setAccessibleName(words);
        setAttribute(Qt::WA_Hover);
    }

    QString words() const { return colourInWords(m_each.colour); }

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const bool isAt = hasFocus() || underMouse();
        painter.setPen(
            QPen(isAt ? palette().color(QPalette::Highlight) : palette().color(QPalette::Mid), isAt ? 2 : 1));
        painter.setBrush(QColor::fromRgb(m_each.colour));
        painter.drawRoundedRect(QRectF(rect()).adjusted(2, 2, -2, -2), 3, 3);
    }
    void keyPressEvent(QKeyEvent *event) override
    {
        // Arrows go through the colours as they stand; Enter takes one.
        const int step = event->key() == Qt::Key_Right  ? 1
                         : event->key() == Qt::Key_Left ? -1
                         : event->key() == Qt::Key_Down ? Columns
                         : event->key() == Qt::Key_Up   ? -Columns
                                                        : 0;
        if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
            click();
        } else if (step == 0) {
            QAbstractButton::keyPressEvent(event);
        } else {
            const QList<Swatch *> all = parentWidget()->findChildren<Swatch *>();
            const qsizetype at = all.indexOf(this) + step;
            if (at >= 0 && at < all.size()) {
                all.at(at)->setFocus(Qt::TabFocusReason);
            }
        }
    }

private:
    ColourInUse m_each;
};

// Takes the click that is to choose a colour on the screen, and keeps it from what lies there.
class ScreenPick : public QObject
{
public:
    ScreenPick(QWidget *parent, std::function<void(std::optional<Colour>)> done)
        : QObject(parent), m_done(std::move(done))
    {
        QApplication::setOverrideCursor(Qt::CrossCursor);
        qApp->installEventFilter(this);
    }
    ~ScreenPick() override { QApplication::restoreOverrideCursor(); }

    bool eventFilter(QObject *, QEvent *event) override
    {
        if (event->type() == QEvent::MouseButtonPress) {
            end(at(static_cast<QMouseEvent *>(event)->globalPosition().toPoint()));
            return true;
        }
        if (event->type() == QEvent::KeyPress && static_cast<QKeyEvent *>(event)->key() == Qt::Key_Escape) {
            end(std::nullopt);
            return true;
        }
        return event->type() == QEvent::MouseButtonRelease || event->type() == QEvent::MouseButtonDblClick;
    }

private:
    static std::optional<Colour> at(QPoint point)
    {
        QWidget *under = QApplication::widgetAt(point);
        if (!under) {
            return std::nullopt;
        }
        QWidget *window = under->window();
        const QImage pixel = window->grab(QRect(window->mapFromGlobal(point), QSize(1, 1))).toImage();
        return pixel.isNull() ? std::nullopt : std::optional<Colour>(pixel.pixel(0, 0) & 0xFFFFFF);
    }
    void end(std::optional<Colour> colour)
    {
        qApp->removeEventFilter(this);
        const auto done = m_done;
        deleteLater();
        done(colour);
    }

    std::function<void(std::optional<Colour>)> m_done;
};

} // namespace

void pickColourFromScreen(QWidget *parent, const std::function<void(std::optional<Colour>)> &done)
{
    new ScreenPick(parent, done);
}

ColourPicker::ColourPicker(const ColourSource &source, const QString &now, QWidget *parent)
    : QFrame(parent, Qt::Popup), m_plane(new ColourPlane), m_line(new QLineEdit), m_mistake(new QLabel)
{
    setObjectName(QStringLiteral("colourPicker"));
    setAttribute(Qt::WA_DeleteOnClose);
    setFrameShape(QFrame::StyledPanel);
    setAccessibleName(tr("Choose a colour"));
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(10, 10, 10, 10);
    column->setSpacing(6);
    addSwatches(column, tr("This look"), source.ofLook);
    addSwatches(column, tr("Used in this project"), source.inUse);
    QList<ColourInUse> lately;
    for (const Colour colour : source.lately) {
        lately.append({colour, 0, {}});
    }
    addSwatches(column, tr("Taken lately"), lately);
    auto *title = new QLabel(tr("Any other"));
    title->setObjectName(QStringLiteral("faint"));
    column->addWidget(title);
    column->addWidget(m_plane);
    auto *row = new QHBoxLayout;
    row->setSpacing(6);
    m_line->setObjectName(QStringLiteral("colourWords"));
    m_line->setAccessibleName(tr("Colour in words"));
    m_line->setPlaceholderText(tr("#0b7a70, teal, hsl(174 83% 26%)"));
    auto *dropper = new QToolButton;
    dropper->setObjectName(QStringLiteral("dropper"));
    dropper->setText(tr("From the screen"));
    dropper->setToolTip(tr("The next click on any window of this program takes the colour that is seen there. Escape "
                           "takes none."));
    row->addWidget(m_line, 1);
    row->addWidget(dropper);
    column->addLayout(row);
    m_mistake->setObjectName(QStringLiteral("mistake"));
    m_mistake->setWordWrap(true);
    m_mistake->hide();
    column->addWidget(m_mistake);
    if (const Result<TwoSided> colour = readTwoSidedWords(now)) {
        m_plane->setColour(colour->light);
        m_line->setText(now);
    }
    connect(m_plane, &ColourPlane::moved, this, [this](Colour colour) {
        m_line->setText(colourInWords(colour));
        Q_EMIT tried(colourInWords(colour));
    });
    connect(m_plane, &ColourPlane::taken, this, [this](Colour colour) { take(colourInWords(colour)); });
    connect(m_line, &QLineEdit::textEdited, this, [this](const QString &words) {
        const Result<TwoSided> colour = readTwoSidedWords(words);
        if (colour) {
            m_plane->setColour(colour->light);
            Q_EMIT tried(words);
        }
    });
    connect(m_line, &QLineEdit::returnPressed, this, [this] {
        const Result<TwoSided> colour = readTwoSidedWords(m_line->text());
        if (colour) {
            take(m_line->text());
        } else {
            m_mistake->setText(colour.error().sentence);
            m_mistake->show();
            adjustSize();
        }
    });
    connect(dropper, &QToolButton::clicked, this, &ColourPicker::pickFromScreen);
}

void ColourPicker::addSwatches(QVBoxLayout *column, const QString &title, const QList<ColourInUse> &colours)
{
    if (colours.isEmpty()) {
        return;
    }
    auto *label = new QLabel(title);
    label->setObjectName(QStringLiteral("faint"));
    column->addWidget(label);
    auto *grid = new QGridLayout;
    grid->setSpacing(4);
    for (qsizetype i = 0; i < std::min<qsizetype>(MostOfSort, colours.size()); ++i) {
        auto *swatch = new Swatch(colours.at(i), this);
        swatch->installEventFilter(this);
        connect(swatch, &QAbstractButton::clicked, this, [this, swatch] { take(swatch->words()); });
        grid->addWidget(swatch, static_cast<int>(i) / Columns, static_cast<int>(i) % Columns);
    }
    grid->setColumnStretch(Columns, 1);
    column->addLayout(grid);
}

bool ColourPicker::eventFilter(QObject *watched, QEvent *event)
{
    if (auto *swatch = dynamic_cast<Swatch *>(watched)) {
        if (event->type() == QEvent::Enter || event->type() == QEvent::FocusIn) {
            Q_EMIT tried(swatch->words());
        } else if (event->type() == QEvent::Leave) {
            Q_EMIT tried(QString());
        }
    }
    return QFrame::eventFilter(watched, event);
}

void ColourPicker::openBelow(QWidget *box)
{
    adjustSize();
    move(popupPlace(box, size()));
    show();
    m_line->setFocus(Qt::PopupFocusReason);
    m_line->selectAll();
}

void ColourPicker::take(const QString &words)
{
    m_isTaken = true;
    Q_EMIT tried(QString());
    if (const Result<TwoSided> colour = readTwoSidedWords(words)) {
        noteColourTaken(colour->light);
    }
    Q_EMIT chosen(words);
    close();
}

void ColourPicker::hideEvent(QHideEvent *event)
{
    if (!m_isTaken) {
        Q_EMIT tried(QString());
    }
    QFrame::hideEvent(event);
}

void ColourPicker::pickFromScreen()
{
    // It goes on while this picker, and what lies under it, is out of the way.
    hide();
    pickColourFromScreen(this, [this](std::optional<Colour> colour) {
        if (colour) {
            take(colourInWords(*colour));
        }
        deleteLater();
    });
}

} // namespace nabblet

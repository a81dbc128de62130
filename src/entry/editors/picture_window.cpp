#include "entry/editors/picture_window.h"

#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>
#include <QWheelEvent>

#include <algorithm>

namespace nabblet {

namespace {

constexpr double Step = 1.25;
constexpr double Least = 0.05;
constexpr double Most = 16;

class ScaledPicture : public QScrollArea
{
public:
    explicit ScaledPicture(const QImage &picture) : m_picture(picture), m_label(new QLabel)
    {
        setObjectName(QStringLiteral("picture"));
        setAlignment(Qt::AlignCenter);
        setWidget(m_label);
    }

    std::function<void(int percent)> scaled;

    void scaleTo(double by)
    {
        m_isWhole = false;
        show(by);
    }
    void scaleBy(double by) { scaleTo(m_by * by); }
    void showWhole()
    {
        m_isWhole = true;
        const QSize room = maximumViewportSize();
        const QSize size = m_picture.size();
        show(std::min({1.0, double(room.width()) / size.width(), double(room.height()) / size.height()}));
    }

protected:
    void resizeEvent(QResizeEvent *event) override
    {
        QScrollArea::resizeEvent(event);
        if (m_isWhole) {
            showWhole();
        }
    }
    void wheelEvent(QWheelEvent *event) override
    {
        if (event->modifiers().testFlag(Qt::ControlModifier)) {
            scaleBy(event->angleDelta().y() > 0 ? Step : 1 / Step);
        } else {
            QScrollArea::wheelEvent(event);
        }
    }
    void keyPressEvent(QKeyEvent *event) override
    {
        switch (event->key()) {
        case Qt::Key_Plus:
        case Qt::Key_Equal:
            scaleBy(Step);
            break;
        case Qt::Key_Minus:
            scaleBy(1 / Step);
            break;
        case Qt::Key_0:
            scaleTo(1);
            break;
        case Qt::Key_Space:
            showWhole();
            break;
        default:
            QScrollArea::keyPressEvent(event);
        }
    }

private:
    void show(double by)
    {
        m_by = std::clamp(by, Least, Most);
        const QSize size = (QSizeF(m_picture.size()) * m_by).toSize().expandedTo(QSize(1, 1));
        m_label->setPixmap(QPixmap::fromImage(
            m_picture.scaled(size, Qt::KeepAspectRatio, m_by < 1 ? Qt::SmoothTransformation : Qt::FastTransformation)));
        m_label->resize(size);
        if (scaled) {
            scaled(static_cast<int>(m_by * 100 + 0.5));
        }
    }

    QImage m_picture;
    QLabel *m_label;
    double m_by = 1;
    bool m_isWhole = true;
};

} // namespace

void showPicture(const QByteArray &picture, const QString &title, QWidget *parent)
{
    const QImage image = QImage::fromData(picture);
    if (image.isNull()) {
        return;
    }
    QDialog window(parent);
    QVBoxLayout *column = begunSheet(window, QStringLiteral("pictureWindow"), title, QSize(760, 600));
    window.setSizeGripEnabled(true);
    auto *shown = new ScaledPicture(image);
    shown->setAccessibleName(title);
    auto *said = new QLabel;
    said->setObjectName(QStringLiteral("pictureSize"));
    shown->scaled = [said, image](int percent) {
        said->setText(EntrySession::tr("%1 × %2 points, shown at %3 %", "width, height, per cent")
                          .arg(image.width())
                          .arg(image.height())
                          .arg(percent));
    };
    auto *buttons = new QDialogButtonBox;
    const auto add = [&](const QString &words, const QString &name, const std::function<void()> &act) {
        QPushButton *button = buttons->addButton(words, QDialogButtonBox::ActionRole);
        button->setObjectName(name);
        button->setAutoDefault(false);
        QObject::connect(button, &QPushButton::clicked, &window, act);
    };
    add(EntrySession::tr("&Larger"), QStringLiteral("larger"), [shown] { shown->scaleBy(Step); });
    add(EntrySession::tr("&Smaller"), QStringLiteral("smaller"), [shown] { shown->scaleBy(1 / Step); });
    add(EntrySession::tr("&Whole"), QStringLiteral("whole"), [shown] { shown->showWhole(); });
    add(EntrySession::tr("&Point by point"), QStringLiteral("points"), [shown] { shown->scaleTo(1); });
    QPushButton *close = buttons->addButton(EntrySession::tr("Close"), QDialogButtonBox::RejectRole);
    QObject::connect(close, &QPushButton::clicked, &window, &QDialog::reject);
    column->addWidget(shown, 1);
    column->addWidget(said);
    column->addWidget(buttons);
    shown->setFocus();
    window.exec();
}

} // namespace nabblet

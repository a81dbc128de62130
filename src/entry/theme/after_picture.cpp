#include "entry/theme/after_picture.h"

#include <QEvent>
#include <QPointer>
#include <QWidget>

namespace nabblet {

namespace {

class FirstPicture : public QObject
{
public:
    FirstPicture(QWidget *widget, QObject *context, std::function<void()> what)
        : QObject(widget), m_widget(widget), m_context(context), m_what(std::move(what))
    {
        widget->installEventFilter(this);
    }

    bool eventFilter(QObject *watched, QEvent *event) override
    {
        if (event->type() == QEvent::Paint && !m_isDue) {
            m_isDue = true;
            // When what is painted now has come to the screen.
            QMetaObject::invokeMethod(this, &FirstPicture::doIt, Qt::QueuedConnection);
        }
        return QObject::eventFilter(watched, event);
    }

private:
    void doIt()
    {
        m_isDue = false;
        if (m_context && !m_widget->isVisible()) {
            return; // which is out of sight again: when it is next painted
        }
        m_widget->removeEventFilter(this);
        if (m_context) {
            m_what();
        }
        deleteLater();
    }

    QWidget *m_widget; // whose child this is
    QPointer<QObject> m_context;
    std::function<void()> m_what;
    bool m_isDue = false;
};

} // namespace

void afterFirstPicture(QWidget *widget, QObject *context, std::function<void()> what)
{
    new FirstPicture(widget, context, std::move(what)); // which is the widget's
}

} // namespace nabblet

// When the list of a combo box closes, whether or not something was taken from it.
#pragma once

#include <QAbstractItemView>
#include <QComboBox>
#include <QEvent>

#include <functional>

namespace nabblet {

class ListClosed : public QObject
{
public:
    // Lives as long as the box.
    ListClosed(QComboBox *box, std::function<void()> closed) : QObject(box), m_closed(std::move(closed))
    {
        box->view()->installEventFilter(this);
    }

    bool eventFilter(QObject *watched, QEvent *event) override
    {
        if (event->type() == QEvent::Hide) {
            m_closed();
        }
        return QObject::eventFilter(watched, event);
    }

private:
    std::function<void()> m_closed;
};

} // namespace nabblet

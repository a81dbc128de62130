// Right after a row of buttons was placed: which of them there are to be. A small panel below the row, which goes by
// itself as soon as something else is done, and takes neither keyboard nor click from that.
#pragma once

#include "core/model/form.h"

#include <QFrame>

#include <functional>

namespace nabblet {

class ButtonRowChoice : public QFrame
{
    Q_OBJECT

public:
    // chosen: has the row made of those actions, in their order.
    ButtonRowChoice(const QStringList &actions, std::function<void(const QStringList &)> chosen, QWidget *parent);

private:
    void take();

    std::function<void(const QStringList &)> m_chosen;
    bool m_isSetting = false;
};

} // namespace nabblet

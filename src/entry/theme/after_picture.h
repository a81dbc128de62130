// What a widget's first picture does not need is done after it.
#pragma once

#include <functional>

class QObject;
class QWidget;

namespace nabblet {

// Calls once what is to be done, as soon as the widget was painted the next time and is in sight; not at all where
// context or widget is gone by then, or the widget is never seen.
void afterFirstPicture(QWidget *widget, QObject *context, std::function<void()> what);

} // namespace nabblet

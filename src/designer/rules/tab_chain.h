// Lines that are made anew keep their place among what Tab goes through: Qt puts new widgets at the end.
#pragma once

class QLayout;
class QWidget;

namespace nabblet {

// A widget that nobody sees and Tab does not stop at, for a place in the order of Tab.
QWidget *tabAnchor(QWidget *parent);
// Tab goes on from the anchor through all that stands in a layout, as it stands there.
void putBehind(QWidget *anchor, const QLayout *lines);

} // namespace nabblet

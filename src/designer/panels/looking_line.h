// Lines to type into what is looked for.
#pragma once

class QLineEdit;

namespace nabblet {

// Gives a line its button that clears it, once there is something to clear: the button's picture takes Qt a while to
// find, and the window shows several such lines when it starts.
void clearOnceTyped(QLineEdit *line);

} // namespace nabblet

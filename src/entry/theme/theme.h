// The program's own colours around the form: stone panels, slate bar, teal and orange.
#pragma once

#include "core/model/look.h"

#include <QColor>
#include <QFont>
#include <QPalette>
#include <QString>

namespace nabblet {

struct PanelColours
{
    QColor ground;    // behind everything
    QColor panel;     // panels and strips
    QColor panelLine; // their edges
    QColor field;     // boxes in panels
    QColor text;
    QColor faintText;
    QColor bar; // the deep slate bar
    QColor barText;
    QColor barFaint;
    QColor accent; // teal: selection and the main action
    QColor accentText;
    QColor accentTint; // ground of what is chosen
    QColor rail;       // orange: rails and unsaved work, nothing else
    QColor board;      // the table on which the form's paper lies
    QColor gridMark;
    QColor alarm;
    QColor alarmTint;
    QColor odd; // ground of a figure that differs from the others
    QColor oddText;
};

const PanelColours &panelColours(Theme theme);

// The theme that a desktop palette asks for: dark when its text is lighter than its ground.
Theme themeOfPalette(const QPalette &palette);

QPalette panelPalette(Theme theme);
// Qt style rules for panels, bars and buttons. They name object names of this program, so that the boxes of forms,
// which paint themselves, are left alone; those are told to lay no ground over their picture.
QString panelStyle(Theme theme);

// The desktop's font; where no desktop names one, a readable typeface if it is installed.
QFont desktopFont();

} // namespace nabblet

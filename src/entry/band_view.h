// One band of a form at work: paints its ground and the controls that take no value, holds the widgets of the others.
#pragma once

#include "core/kinds/kind.h"
#include "core/model/form.h"
#include "entry/appearance.h"

#include <QWidget>

#include <functional>

namespace nabblet {

class BandView : public QWidget
{
    Q_OBJECT

public:
    BandView(BandRole role, const Appearance *appearance, QWidget *parent);

    // The controls that are painted and not widgets, stretched to the window.
    void setPainted(const QList<Control> &controls);
    // What they show; blank while it is not said.
    std::function<Shown(const Control &)> shown;
    // Moves what is painted to the left, when the body below is scrolled sideways.
    void setShift(int shift);
    int shift() const { return m_shift; }
    void setTone(BandTone tone);

protected:
    const Appearance &appearance() const { return *m_appearance; }
    BandTone tone() const { return m_tone; }
    void paintEvent(QPaintEvent *event) override;

private:
    BandRole m_role;
    BandTone m_tone = BandTone::Usual;
    const Appearance *m_appearance;
    QList<Control> m_painted;
    int m_shift = 0;
};

} // namespace nabblet

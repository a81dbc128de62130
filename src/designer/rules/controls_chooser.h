// A button that says which controls are meant, and opens a list in which they are ticked.
#pragma once

#include "designer/rules/rule_context.h"

#include <QPushButton>

namespace nabblet {

class ControlsChooser : public QPushButton
{
    Q_OBJECT

public:
    explicit ControlsChooser(QWidget *parent = nullptr);

    // The controls of the form that may be chosen, by what they are called; words: where none is chosen.
    void setControls(const Form &form, const std::function<bool(const Control &)> &mayBe, const QString &none);
    void setChosen(const QList<ControlId> &chosen, const QList<Area> &areas = {});
    const QList<ControlId> &chosen() const { return m_chosen; }
    // Bands and pages may be chosen, too; none by itself.
    void setAreas(const QList<Area> &offered) { m_offeredAreas = offered; }
    const QList<Area> &chosenAreas() const { return m_chosenAreas; }
    // For something that is done with what is ticked: a button of these words does it, and ticks nothing for long.
    void setDone(const QString &words) { m_done = words; }

Q_SIGNALS:
    void chosenChanged();
    void done(const QList<nabblet::ControlId> &chosen);

private:
    void open();
    void showWords();

    Form m_form;
    QList<ControlId> m_offered;
    QList<ControlId> m_chosen;
    QList<Area> m_offeredAreas;
    QList<Area> m_chosenAreas;
    QString m_none;
    QString m_done;
};

} // namespace nabblet

// The slate bar at the top: project and form, the switch between Design and Entry, and what values the board shows.
#pragma once

#include "designer/board/board.h"

#include <QWidget>

class QLabel;
class QMenuBar;
class QPushButton;

namespace nabblet {

class FormNames;

class TopBar : public QWidget
{
    Q_OBJECT

public:
    explicit TopBar(QWidget *parent = nullptr);

    // The window's menus, at the left end.
    QMenuBar *menus() const { return m_menus; }
    // Without a form, there is nothing but the menus.
    void setHasForm(bool hasForm);
    void setNames(const QString &project, const QString &form, bool isUnsaved);
    enum class Side { Design, Rules, Entry, Trial };
    void setSide(Side side);
    void setValues(BoardValues values);
    // The record that the board shows; words such as "Record 14".
    void setRecord(const QString &words, bool canStep, const QString &why);
    // How much was found in the form.
    void setFound(int toFix, int toWeigh);

Q_SIGNALS:
    void designRequested();
    void rulesRequested();
    void entryRequested();
    void trialRequested();
    void previousRequested();
    void nextRequested();
    void valuesRequested();
    void longestRequested();
    void blankRequested();
    void findingsRequested();

protected:
    bool event(QEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    void fitShow();

    QMenuBar *m_menus;
    FormNames *m_names;
    QWidget *m_sides;
    bool m_hasForm = false;
    QPushButton *m_design;
    QPushButton *m_rules;
    QPushButton *m_entry;
    QPushButton *m_trial;
    QPushButton *m_found;
    QWidget *m_values;
    QLabel *m_show;
    QPushButton *m_previous;
    QPushButton *m_record;
    QPushButton *m_next;
    QPushButton *m_longest;
    QPushButton *m_blank;
};

} // namespace nabblet

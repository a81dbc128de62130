// Changes of looks and styles, as steps of undo of the form at hand: what is measured follows, files are written.
#pragma once

#include "core/looks/files/look_book.h"
#include "core/model/control.h"

#include <QHash>
#include <QObject>

#include <functional>

class QWidget;

namespace nabblet {

class LooksPanel;
class OpenWork;
struct Form;

class LookView : public QObject
{
    Q_OBJECT

public:
    // work: outlives this.
    explicit LookView(OpenWork *work, QObject *parent = nullptr);

    // The panel shows the looks of the form at hand from now on and changes them; it stays the caller's.
    void attach(LooksPanel *panel);
    void refresh();

    // The form at hand gets another look.
    void choose(const QString &name);
    // Its look is changed, for all forms that have it.
    void change(const Look &look, const QString &step);
    // It gets a look of its own, as its look is now.
    void takeOut();
    // The project's own version of its look goes; the program's is back.
    void giveBack();
    // What the first of some controls looks like becomes a style, under a name that is asked for, and all of them take
    // it. The name of one that there is takes that over.
    void keepAsStyle(const QList<ControlId> &controls, QWidget *parent);
    void takeOverStyle(const QString &name, const QList<ControlId> &controls);
    void renameStyle(const QString &name, QWidget *parent);
    void removeStyle(const QString &name);
    // How many controls of the project's forms have each style, by its name.
    QHash<QString, int> stylesInUse() const;
    // How many forms of the project have each look, the form at hand as it is now.
    QHash<QString, int> follows() const;

Q_SIGNALS:
    void tried(const nabblet::Look &look); // to be shown, and put back by the other
    void triedEnded();
    void said(const QString &sentence);

private:
    void change(const LookBook &book, const QString &look, const QString &step, const Form &form);
    // The other forms of the project, each by its name.
    void forEachOtherForm(const std::function<void(const QString &name, const Form &form)> &take) const;

    OpenWork *m_work;
    LooksPanel *m_panel = nullptr;
};

} // namespace nabblet

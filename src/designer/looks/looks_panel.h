// Changes the looks of a project, live on the form at hand: which look the form has, and what that look says of
// colours, type, edges and spaces.
#pragma once

#include "core/looks/files/look_book.h"
#include "designer/colours/colour_source.h"
#include "designer/panels/panel.h"

#include <QHash>

#include <functional>

class QLabel;
class QPushButton;
class QToolButton;
class QVBoxLayout;

namespace nabblet {

class ColourEditor;
class EntrySession;
class LookCards;
class LookSides;
class StyleCards;
class Appearance;
struct Form;

class LooksPanel : public Panel
{
    Q_OBJECT

public:
    explicit LooksPanel(QWidget *parent = nullptr);

    // follows: how many forms of the project follow each look, by its name.
    void show(const Form &form, EntrySession *session, const LookBook &book, const QHash<QString, int> &follows);
    // inUse: how many controls of the project have each style, by its name.
    void showStyles(const Appearance &appearance, const QHash<QString, int> &inUse);
    std::function<ColourSource()> colours;

Q_SIGNALS:
    // Another look, or the same one changed, is tried; the other says that it is as it was.
    void tried(const nabblet::Look &look);
    void triedNamed(const QString &name);
    void triedEnded();
    // The form is to have another look.
    void chosen(const QString &name);
    // The form's look is to be this; step: what the edit is called.
    void edited(const nabblet::Look &look, const QString &step);
    // The form is to have a look of its own from now on, as it is now.
    void takenOut();
    // The project's own version of one of the program's is to go.
    void givenBack();
    // Of styles: given to what is selected, taken over from it, renamed, taken away; those that have it selected.
    void styleGiven(const QString &name);
    void styleTakenOver(const QString &name);
    void styleRenamed(const QString &name);
    void styleRemoved(const QString &name);
    void styleSought(const QString &name);
    void styleKept();

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
    void hideEvent(QHideEvent *event) override;

private:
    QWidget *rowOf(const QString &caption, const QList<QWidget *> &editors);
    void addTitle(const QString &title);
    void addStyles();
    void refreshStyleButtons();
    void addType();
    void addColours();
    void addFigures();
    void refreshEditors();
    void openPicker(QToolButton *button, Ink ink, Theme theme);
    void sayWhatCannotBeRead();
    void change(const QString &step, const std::function<void(Look &)> &change);

    Look m_look;
    bool m_isRefreshing = false;
    QVBoxLayout *m_column = nullptr;
    LookCards *m_cards = nullptr;
    LookSides *m_sides = nullptr;
    QLabel *m_follows = nullptr;
    QPushButton *m_takeOut = nullptr;
    QPushButton *m_giveBack = nullptr;
    ColourEditor *m_main = nullptr;
    QWidget *m_unreadable = nullptr;
    StyleCards *m_styles = nullptr;
    QList<QPushButton *> m_styleButtons;       // of the style that is chosen
    QList<std::function<void()>> m_refreshers; // each shows what the look says in one editor
};

} // namespace nabblet

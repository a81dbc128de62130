// The kinds of control to place, all in sight: a click takes one up for the board, a drag puts it there, Enter or a
// double click puts it into the next free place.
#pragma once

#include "core/edit/placing.h"
#include "designer/panels/panel.h"

#include <functional>

class QLineEdit;
class QListWidget;

namespace nabblet {

class Palette : public Panel
{
    Q_OBJECT

public:
    explicit Palette(QWidget *parent = nullptr);

    // Marks the kind that is taken up for the board; empty for none.
    void setTakenUp(const QString &kind);
    void focusList();
    // More things to place, behind the kinds, as they are when the panel comes into sight.
    void setMore(const std::function<QList<Placeable>()> &more) { m_more = more; }
    // There may be others now.
    void refreshMore();

Q_SIGNALS:
    void kindTaken(const QString &kind);
    void kindPlaced(const QString &kind);

protected:
    void resizeEvent(QResizeEvent *event) override;
    void showEvent(QShowEvent *event) override;

private:
    void filter(const QString &part);
    void add(const Placeable &placeable);
    void fitList();

    QLineEdit *m_filter;
    QListWidget *m_list;
    std::function<QList<Placeable>()> m_more;
};

} // namespace nabblet

// The kinds of control to place, all in sight: a click takes one up for the board, a drag puts it there, Enter or a
// double click puts it into the next free place.
#pragma once

#include "designer/panels/panel.h"

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

Q_SIGNALS:
    void kindTaken(const QString &kind);
    void kindPlaced(const QString &kind);

protected:
    void resizeEvent(QResizeEvent *event) override;

private:
    void filter(const QString &part);

    QLineEdit *m_filter;
    QListWidget *m_list;
};

} // namespace nabblet

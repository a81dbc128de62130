// The looks that there are, each on a card that is drawn in it, light on one half and dark on the other.
#pragma once

#include "core/model/look.h"

#include <QListView>

namespace nabblet {

class LookCards : public QListView
{
    Q_OBJECT

public:
    explicit LookCards(QWidget *parent = nullptr);

    // follows: how many forms follow each, by its name.
    void showLooks(const QList<Look> &looks, const QString &current, const QHash<QString, int> &follows);

Q_SIGNALS:
    void tried(const QString &name); // the mouse or the keyboard is at it; an empty name: at none
    void taken(const QString &name);

protected:
    void leaveEvent(QEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;
    void currentChanged(const QModelIndex &current, const QModelIndex &previous) override;

private:
    class Model;
    Model *m_model;
    bool m_isShowing = false;
};

} // namespace nabblet

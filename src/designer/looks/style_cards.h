// The styles that there are, each with words in it.
#pragma once

#include "entry/theme/appearance.h"

#include <QListView>

namespace nabblet {

class StyleCards : public QListView
{
    Q_OBJECT

public:
    explicit StyleCards(QWidget *parent = nullptr);

    // appearance: stays the caller's until the next call. inUse: how many controls have each, by its name.
    void showStyles(const Appearance &appearance, const QHash<QString, int> &inUse);
    QString current() const;

Q_SIGNALS:
    void currentMoved();
    void taken(const QString &name); // to be given to what is selected

protected:
    void currentChanged(const QModelIndex &current, const QModelIndex &previous) override;

private:
    class Model;
    Model *m_model;
};

} // namespace nabblet

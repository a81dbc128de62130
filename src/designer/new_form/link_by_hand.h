// Links rows of another table to a record where the database declares no link; pairs of columns are proposed by their
// names and by what is stored.
#pragma once

#include "core/draft/draft_plan.h"
#include "core/kinds/settings/child_link.h"
#include "data/background/background_work.h"
#include "data/profile/link_evidence.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QPushButton;

namespace nabblet {

class LinkByHand : public QDialog
{
    Q_OBJECT

public:
    LinkByHand(const Connection &connection, const Catalogue &catalogue, const Table &parent,
               QWidget *parentWidget = nullptr);

    QString table() const;
    ChildLink link() const;

private:
    void showColumns();
    void showWords();
    void findPairs();
    void takeFound(const QList<FoundLink> &found);

    Connection m_connection;
    Catalogue m_catalogue;
    Table m_parent;
    QComboBox *m_tables;
    QList<QComboBox *> m_childColumns; // pairs; further ones may stay empty
    QList<QComboBox *> m_parentColumns;
    QLabel *m_words;
    QPushButton *m_take;
    QList<FoundLink> m_found; // of the table chosen, best first
    bool m_isTouched = false; // the person chose a pair
    BackgroundWork m_looking; // last, so that it ends before what it reports to
};

} // namespace nabblet

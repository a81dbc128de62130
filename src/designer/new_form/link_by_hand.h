// Links rows of another table to a record where the database declares no link.
#pragma once

#include "core/draft/draft_plan.h"
#include "core/kinds/settings/child_link.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QPushButton;

namespace nabblet {

class LinkByHand : public QDialog
{
    Q_OBJECT

public:
    LinkByHand(const Catalogue &catalogue, const Table &parent, QWidget *parentWidget = nullptr);

    QString table() const;
    ChildLink link() const;

private:
    void showColumns();
    void showWords();

    Catalogue m_catalogue;
    Table m_parent;
    QComboBox *m_tables;
    QList<QComboBox *> m_childColumns; // pairs; further ones may stay empty
    QList<QComboBox *> m_parentColumns;
    QLabel *m_words;
    QPushButton *m_take;
};

} // namespace nabblet

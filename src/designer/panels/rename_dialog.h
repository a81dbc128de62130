// Names the controls of a whole project anew by a pattern, shown before it is done.
#pragma once

#include "core/model/form.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QPushButton;
class QTreeWidget;

namespace nabblet {

class RenameDialog : public QDialog
{
    Q_OBJECT

public:
    // form: the one that is open. others: how many further forms the project has.
    RenameDialog(const Form &form, int others, const QString &pattern, QWidget *parent = nullptr);

    QString pattern() const;

private:
    void refresh();

    Form m_form;
    int m_others;
    QLineEdit *m_pattern;
    QTreeWidget *m_names;
    QLabel *m_says;
    QPushButton *m_rename;
};

} // namespace nabblet

// All captions and option words of a form in one table.
#pragma once

#include "core/edit/form_texts.h"

#include <QDialog>

class QTableWidget;

namespace nabblet {

class CaptionList : public QDialog
{
    Q_OBJECT

public:
    CaptionList(const Form &form, QWidget *parent = nullptr);

    // The words as they stand in the table.
    QList<FormText> texts() const;

private:
    // Changes the words chosen, or all where no more than one row is.
    void changeWords(QString (*change)(const QString &));

    QList<FormText> m_texts;
    QTableWidget *m_table;
};

} // namespace nabblet

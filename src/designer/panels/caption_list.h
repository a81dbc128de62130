// All words of a form in one table, with a column for each language that it has them in.
#pragma once

#include "core/edit/form_texts.h"

#include <QDialog>

class QComboBox;
class QPushButton;
class QTableWidget;
class QTableWidgetItem;

namespace nabblet {

class CaptionList : public QDialog
{
    Q_OBJECT

public:
    CaptionList(const Form &form, QWidget *parent = nullptr);

    // The form with the words as they stand in the table, in all its languages.
    Form changed(const TextMeasure &measure) const;

private:
    void fillRow(int row);
    // Changes the words chosen, or all where no more than one row is.
    void changeWords(QString (*change)(const QString &));
    void addLanguage(const QString &code);
    void removeLanguage();
    void follow(const QTableWidgetItem *item);
    void showMissing();

    Form m_form;
    QList<FormText> m_texts;
    QStringList m_codes; // of the further languages, as their columns stand
    QTableWidget *m_table;
    QComboBox *m_own;
    QComboBox *m_further;
    QPushButton *m_remove;
};

} // namespace nabblet

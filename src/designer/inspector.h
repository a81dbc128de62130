// The settings of what is selected: the form when nothing is, else the controls. Values that differ show as mixed; an
// edit applies to all that are selected, in one step.
#pragma once

#include "designer/form_document.h"
#include "designer/panel.h"
#include "designer/selection.h"
#include "entry/appearance.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace nabblet {

class Inspector : public Panel
{
    Q_OBJECT

public:
    Inspector(FormDocument *document, const Appearance *measure, QWidget *parent = nullptr);

    void show(const Selection &selection);

Q_SIGNALS:
    // The form is to get its rows, or other ones.
    void rowSourceRequested();

private:
    void refresh();
    void refreshForm();
    void refreshControls();
    QList<const Control *> selected() const;
    void addSection(QVBoxLayout *column, const QString &title);
    QLineEdit *addLine(QVBoxLayout *column, const QString &caption, const QString &help, const char *name);
    void addRow(QVBoxLayout *column, const QString &caption, QWidget *field, const QString &help);

    FormDocument *m_document;
    const Appearance *m_measure;
    Selection m_selection;
    bool m_isRefreshing = false;

    QWidget *m_formPage;
    QLineEdit *m_title;
    QLineEdit *m_name;
    QLineEdit *m_rowSource;
    QPushButton *m_changeRows;
    QSpinBox *m_width;
    QSpinBox *m_pitch;
    QComboBox *m_marks;

    QWidget *m_controlPage;
    QLineEdit *m_column;
    QLineEdit *m_kind;
    QLineEdit *m_caption;
    QLineEdit *m_controlName;
    QLineEdit *m_prompt;
    QCheckBox *m_locked;
    std::array<QLineEdit *, 4> m_place{};
};

} // namespace nabblet

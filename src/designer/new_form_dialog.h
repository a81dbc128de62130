// New form from data: one sheet on which every choice shows at once, with the stored values. Enter takes what is shown.
#pragma once

#include "core/draft/draft.h"
#include "data/background_work.h"
#include "data/connection.h"
#include "entry/appearance.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QScrollArea;
class QTreeWidget;

namespace nabblet {

class ArrangementCard;
class FormPicture;
class PlanColumns;

class NewFormDialog : public QDialog
{
    Q_OBJECT

public:
    NewFormDialog(const Connection &connection, const Catalogue &catalogue, const Appearance &appearance,
                  const DraftOptions &options, QWidget *parent = nullptr);
    ~NewFormDialog() override;

    // The draft that is shown, and that accept() takes.
    const Form &form() const { return m_form; }
    const DraftPlan &plan() const { return m_plan; }
    // Chooses a table by its name.
    void choose(const QString &table);
    // Whether the stored values of the chosen table have been looked through.
    bool isProfiled() const { return m_profile.has_value(); }

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    QWidget *makeTables();
    QWidget *makeColumns();
    QWidget *makeArrangement();
    void countRows();
    void filter(const QString &part);
    void chooseTable();
    void showPlan();
    void takeChoices();
    void showDraft();
    void showTruth();
    const Table *table() const { return findTable(m_catalogue, m_plan.table); }

    Connection m_connection;
    Catalogue m_catalogue;
    Appearance m_appearance;
    Form m_form;
    DraftPlan m_plan;
    DraftPlan m_proposed; // by the program, before anything was changed
    std::optional<Profile> m_profile;
    bool m_isShowing = false;

    QLineEdit *m_filter = nullptr;
    QTreeWidget *m_tables = nullptr;
    PlanColumns *m_columns = nullptr;
    QLabel *m_columnCount = nullptr;
    QLineEdit *m_title = nullptr;
    QCheckBox *m_see = nullptr;
    QCheckBox *m_add = nullptr;
    QCheckBox *m_change = nullptr;
    QCheckBox *m_delete = nullptr;
    QLineEdit *m_pattern = nullptr;
    QLabel *m_patternExample = nullptr;
    ArrangementCard *m_columnar = nullptr;
    ArrangementCard *m_stacked = nullptr;
    QComboBox *m_columnsOfBoxes = nullptr;
    QComboBox *m_spacing = nullptr;
    QComboBox *m_widths = nullptr;
    QComboBox *m_look = nullptr;
    QScrollArea *m_preview = nullptr;
    FormPicture *m_picture = nullptr;
    QLabel *m_truth = nullptr;
    QPushButton *m_make = nullptr;

    BackgroundWork m_counting; // last, so that they end before what they report to
    BackgroundWork m_profiling;
};

} // namespace nabblet

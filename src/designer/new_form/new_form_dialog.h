// New form from data: one sheet on which every choice shows at once, with the stored values. Enter takes what is shown.
#pragma once

#include "core/draft/draft.h"
#include "data/background/background_work.h"
#include "data/dialect/connection.h"
#include "designer/new_form/child_rows_list.h"
#include "entry/theme/appearance.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QMenu;
class QProgressBar;
class QPushButton;
class QScrollArea;
class QSpinBox;
class QTreeWidget;
class QTreeWidgetItem;

namespace nabblet {

class ArrangementCard;
class FormPicture;
class LikelyLinksList;
class Panel;
class PlanColumns;
class SelectBox;
class TickedTables;

class NewFormDialog : public QDialog
{
    Q_OBJECT

public:
    // What a form is started from.
    enum class From { Table, Select, Nothing, Pattern };

    NewFormDialog(const Connection &connection, const Catalogue &catalogue, const Appearance &appearance,
                  const DraftOptions &options, QWidget *parent = nullptr);
    ~NewFormDialog() override;

    // The draft that is shown, and that accept() takes.
    const Form &form() const { return m_form; }
    const DraftPlan &plan() const { return m_plan; }
    // What accept() took: that draft, or one of each table that is ticked, the one in sight first.
    const QList<Form> &forms() const { return m_forms; }
    // Links that the database does not declare and the person took, for the project to remember.
    QList<TableLink> takenLinks() const;
    // Chooses a table by its name.
    void choose(const QString &table);
    // Chooses what there is besides tables.
    void start(From from);
    // Whether the stored values of the chosen table, and of the rows that belong to it, have been looked through.
    bool isProfiled() const { return m_profile.has_value() && !m_isLearning; }

Q_SIGNALS:
    // A link that is in the database's rows already, for the project to remember whatever becomes of the form.
    void linkMade(const nabblet::TableLink &link);

public Q_SLOTS:
    // The database was changed while the sheet is open: its tables, and what is drafted of them, follow; what was
    // chosen stays as far as it is there.
    void takeCatalogue(const nabblet::Catalogue &catalogue);
    // Asks first when choices would be lost.
    void reject() override;
    // Where several tables are ticked, looks through those that were not looked through yet, and makes a form of each.
    void accept() override;

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    static constexpr int FromRole = Qt::UserRole + 1; // what a row of the list that is no table starts a form from

    QWidget *makeTables();
    void fillTables();
    QWidget *makeColumns();
    QWidget *makeArrangement();
    // What was chosen for the rows of one table or SELECT, while another one is in sight.
    struct Kept
    {
        DraftPlan plan;
        DraftPlan proposed;
        std::optional<Profile> profile;
    };
    static QString keyOf(const Table &rows);
    QString keyInSight() const;
    Kept chosenFor(const Table &rows) const;
    void keep();
    bool isTouched() const;
    DraftPlan arrangedAsBefore(DraftPlan plan) const;
    QStringList tickedTables() const;
    void tickInSight();
    void untick();
    void showTicks();
    void makeInside();
    void makeJoined();
    void makeEach(const QStringList &tables);
    void setMaking(bool isMaking);
    void countRows();
    void findLikelyLinks();
    void takeLinks();
    void showLinks();
    void filter(const QString &part);
    void chooseSource();
    void chooseRows(const Table &table);
    void takeSelect();
    void enableRows(bool isEnabled);
    void learn();
    void stopLearning();
    void showPlan();
    void showColumns();
    void fillLinkedMenu();
    void takeLinked(const PlannedColumn &column, bool isTaken);
    void linkByHand();
    void addColumn();
    void makeChoicesTable(const QString &column);
    void takeChoices();
    void takeChildren();
    void showDraft();
    QHash<QString, Profile> profilesKnown() const;
    void showTruth();
    void refreshMake();
    DraftPlan &planShown();
    const Table *table() const { return findTable(m_catalogue, m_plan.table); }

    Connection m_connection;
    Catalogue m_declared;  // as the database and the project have it
    Catalogue m_catalogue; // with the links that were taken here, and the table that a SELECT gives
    Appearance m_appearance;
    WordList m_words;
    From m_from = From::Table;
    Form m_form;
    QList<Form> m_forms;
    QHash<QString, Kept> m_kept; // by keyInSight()
    DraftPlan m_plan;
    DraftPlan m_proposed;  // by the program, before anything was changed
    ChildPath m_columnsAt; // whose columns are listed
    std::optional<Profile> m_profile;
    Learned m_learned;
    bool m_isLearning = false;
    bool m_wasStopped = false;
    bool m_isShowing = false;
    bool m_isMaking = false;

    QLineEdit *m_filter = nullptr;
    QTreeWidget *m_tables = nullptr;
    TickedTables *m_ticked = nullptr;
    Panel *m_selectPanel = nullptr;
    Panel *m_columnsPanel = nullptr;
    SelectBox *m_select = nullptr;
    QComboBox *m_columnsOf = nullptr;
    PlanColumns *m_columns = nullptr;
    QPushButton *m_linked = nullptr;
    QMenu *m_linkedMenu = nullptr;
    QLabel *m_columnCount = nullptr;
    Panel *m_linksPanel = nullptr;
    LikelyLinksList *m_links = nullptr;
    ChildRowsList *m_children = nullptr;
    QPushButton *m_linkByHand = nullptr;
    QLineEdit *m_title = nullptr;
    QCheckBox *m_see = nullptr;
    QCheckBox *m_add = nullptr;
    QCheckBox *m_change = nullptr;
    QCheckBox *m_delete = nullptr;
    QLineEdit *m_pattern = nullptr;
    QLabel *m_patternExample = nullptr;
    ArrangementCard *m_columnar = nullptr;
    ArrangementCard *m_stacked = nullptr;
    ArrangementCard *m_tabular = nullptr;
    QWidget *m_oneRecordChoices = nullptr;
    QWidget *m_tabularChoices = nullptr;
    QComboBox *m_columnsOfBoxes = nullptr;
    QSpinBox *m_rowsShown = nullptr;
    QCheckBox *m_repeats = nullptr;
    QCheckBox *m_totals = nullptr;
    QComboBox *m_sections = nullptr;
    QComboBox *m_spacing = nullptr;
    QComboBox *m_widths = nullptr;
    QComboBox *m_look = nullptr;
    QCheckBox *m_longest = nullptr;
    QScrollArea *m_preview = nullptr;
    FormPicture *m_picture = nullptr;
    QLabel *m_truth = nullptr;
    QProgressBar *m_progress = nullptr;
    QPushButton *m_stop = nullptr;
    QPushButton *m_make = nullptr;
    QWidget *m_choices = nullptr; // all that can be chosen

    BackgroundWork m_counting; // last, so that they end before what they report to
    BackgroundWork m_linking;
    BackgroundWork m_learning;
    BackgroundWork m_making;
};

} // namespace nabblet

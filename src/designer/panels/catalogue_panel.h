// The database's tables and columns. A filled dot marks a column that is on the form, a hollow one a column that is
// not; one that is required and not placed stands out.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/draft/draft_plan.h"
#include "core/model/form.h"
#include "designer/board/scene/column_drag.h"
#include "designer/panels/panel.h"
#include "entry/theme/theme.h"

#include <QPersistentModelIndex>
#include <QSet>

class QLabel;
class QLineEdit;
class QTreeView;

namespace nabblet {

class CatalogueModel;

class CataloguePanel : public Panel
{
    Q_OBJECT

public:
    explicit CataloguePanel(QWidget *parent = nullptr);

    void setCatalogue(const Catalogue &catalogue, const QString &databaseName);
    // Why there is nothing in it; an empty sentence for no reason.
    void sayWhyEmpty(const QString &sentence);
    // Brings the dots in step with a form and opens its table.
    void setForm(const Form &form);
    // Columns of the form's rows that fill themselves, since the rows belong to another record.
    void setFilledColumns(const QStringList &columns);
    void setTheme(Theme theme);
    void focusTree();
    // Shows all tables again, as for another database.
    void clearFilter();

Q_SIGNALS:
    // A column of the form's own table was chosen; empty for none.
    void columnChosen(const QString &column);
    // Columns of one table were asked for, by a double click or Enter, in the order in which they were chosen.
    void columnsActivated(const QString &table, const QStringList &columns);
    // A form of a table was asked for: at once in an arrangement, or by way of the sheet with its choices.
    void formRequested(const QString &table, nabblet::Arrangement arrangement);
    void sheetRequested(const QString &table);
    // A column is to be added to a table; a table to be made of the values of one of its columns.
    void newColumnRequested(const QString &table);
    void choicesTableRequested(const QString &table, const QString &column);
    // What is stored in a table is to be looked at.
    void storedRowsRequested(const QString &table);
    // Where a column, or with an empty one a table, is used in the project.
    void usesRequested(const QString &table, const QString &column);
    // The column is to be called otherwise in all forms.
    void otherNameRequested(const QString &table, const QString &column);

private:
    void filter(const QString &part);
    void noteOrder();
    // What is chosen of one table, in the order chosen; the table of the last one where it is of several.
    DraggedColumns chosenColumns() const;
    void startDrag();
    void showMenu(const QPoint &at);
    bool eventFilter(QObject *watched, QEvent *event) override;
    QSet<QString> openedTables() const;
    void open(const QSet<QString> &tables);

    QString m_rowsFrom;
    QSet<QString> m_bound;
    QStringList m_filled;
    Theme m_theme = Theme::Light;
    QLineEdit *m_filter;
    CatalogueModel *m_model;
    QTreeView *m_tree;
    QLabel *m_why;
    QSet<QString> m_opened;               // before a filter
    QList<QPersistentModelIndex> m_order; // of choosing
    QPoint m_pressedAt;
};

} // namespace nabblet

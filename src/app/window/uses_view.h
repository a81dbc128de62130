// Where columns, tables, forms and styles are used in the forms of the project: a list that goes there.
#pragma once

#include "app/work/project_uses.h"

#include <QObject>

class QWidget;

namespace nabblet {

class Filing;
class OpenWork;

class UsesView : public QObject
{
    Q_OBJECT

public:
    // All stay the caller's.
    UsesView(OpenWork *work, Filing *filing, QWidget *window);

    // column: empty for all uses of the table.
    void showColumn(const QString &table, const QString &column);
    // Of the form at hand.
    void showForm();
    void showStyles();

Q_SIGNALS:
    // In the form at hand, which may be another one now. control: 0 for none.
    void goRequested(const nabblet::InnerPath &path, nabblet::ControlId control);

private:
    void show(const QString &title, const QList<ProjectUse> &uses);

    OpenWork *m_work;
    Filing *m_filing;
    QWidget *m_window;
};

} // namespace nabblet

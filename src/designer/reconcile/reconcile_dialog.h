// Brings a form into step with its tables: what changed and what is proposed on the left, the form as it is and as it
// would be on the right.
#pragma once

#include "core/reconcile/proposals.h"
#include "data/dialect/connection.h"
#include "entry/theme/appearance.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QPushButton;
class QScrollArea;

namespace nabblet {

class FormPicture;

class ReconcileDialog : public QDialog
{
    Q_OBJECT

public:
    struct Known
    {
        Connection connection;
        Catalogue catalogue;
        Appearance appearance;
        QString namingPattern;
    };
    // changes: of the form's tables, as tableChanges() gives them.
    ReconcileDialog(const Form &form, const QList<TableChange> &changes, const Known &known, QWidget *parent = nullptr);
    ~ReconcileDialog() override;

    // As it would be by what is ticked now.
    const Form &after() const { return m_after; }
    const QList<Proposal> &proposals() const { return m_proposals; }

protected:
    void resizeEvent(QResizeEvent *event) override;

private:
    ReconcileContext context() const;
    void refresh();
    void fitPictures();

    Form m_before;
    Form m_after;
    Known m_known;
    QList<Proposal> m_proposals;
    QList<QCheckBox *> m_ticks;
    QList<QComboBox *> m_ways; // nullptr where there is but one
    FormPicture *m_pictureBefore;
    FormPicture *m_pictureAfter;
    QList<QScrollArea *> m_frames;
    QPushButton *m_take = nullptr;
};

} // namespace nabblet

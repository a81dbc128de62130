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
        QHash<QString, Profile> profiles = {};
        WordList words = {};
        std::optional<bool> followsRenames = {}; // of the project, where there is one
    };
    // For what the proposals are: words of the sheet.
    enum class Purpose { IntoStep, DraftAgain };
    ReconcileDialog(const Form &form, const QList<Proposal> &proposals, const Known &known,
                    Purpose purpose = Purpose::IntoStep, QWidget *parent = nullptr);
    ~ReconcileDialog() override;

    // As it would be by what is ticked now.
    const Form &after() const { return m_after; }
    const QList<Proposal> &proposals() const { return m_proposals; }
    // Whether the project is to follow renames without asking from now on.
    bool followsRenames() const;

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
    QCheckBox *m_follows = nullptr;
    QPushButton *m_take = nullptr;
};

} // namespace nabblet

// What the checks found in the form, below the board: the list, and beside it what can be done about the one at hand.
#pragma once

#include "core/check/findings.h"
#include "designer/panels/panel.h"
#include "entry/theme/theme.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace nabblet {

class FindingsList;

class FindingsPanel : public Panel
{
    Q_OBJECT

public:
    explicit FindingsPanel(QWidget *parent = nullptr);

    void setFindings(const QList<Found> &findings);
    void setTheme(Theme theme);
    // The next finding in the list, or with -1 the one before; round at the ends. Nothing where there is none.
    void step(int by);
    const Found *current() const;
    void focusList();

Q_SIGNALS:
    // Another one is at hand; nullptr for none.
    void currentChanged(const nabblet::Found *found);
    // A mend is looked at before it is taken, and no longer.
    void previewed(const nabblet::Found &found, int mend);
    void previewEnded();
    void mendTaken(const nabblet::Found &found, int mend);
    void allTaken(const nabblet::Found &found);                      // all of its kind
    void leftBe(const nabblet::Found &found, const QString &reason); // an empty one: not any more
    void closeRequested();

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    void showList();
    void showCurrent();
    void takeReason();

    QList<Found> m_all;
    QString m_shown; // what stands at the right is about, by its key and what can be done
    QComboBox *m_filter;
    FindingsList *m_list;
    QLabel *m_nothing;
    QLabel *m_sentence;
    QWidget *m_mendFrame;
    QVBoxLayout *m_mends;
    QPushButton *m_allOfKind;
    QLineEdit *m_reason;
    QPushButton *m_leave;
    QPushButton *m_again;
};

} // namespace nabblet

// The strip below a form at work: where among the records, going elsewhere, adding, deleting, saving, taking back.
#pragma once

#include "entry/session/entry_session.h"
#include "entry/theme/theme.h"

#include <QWidget>

class QLabel;
class QLineEdit;
class QPushButton;
class QSlider;

namespace nabblet {

class RecordStrip : public QWidget
{
    Q_OBJECT

public:
    explicit RecordStrip(EntrySession *session, QWidget *parent = nullptr);

    void refresh();
    // Puts the keyboard into its first part that is of use; false for none.
    bool takeKeyboard();

    // So narrow that only going on, saving and the record's number are left; all else has its keys.
    QSize minimumSizeHint() const override;
    // px across that all of it takes, whatever it says.
    int roomForAll() const;

Q_SIGNALS:
    void deleteRequested();

protected:
    void resizeEvent(QResizeEvent *event) override;
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    void showChanged();
    void fit();

    EntrySession *m_session;
    QLineEdit *m_position;
    QLabel *m_count;
    QSlider *m_slider;
    QPushButton *m_first;
    QPushButton *m_previous;
    QPushButton *m_next;
    QPushButton *m_last;
    QPushButton *m_add;
    QPushButton *m_delete;
    QPushButton *m_save;
    QPushButton *m_takeBack;
    QLabel *m_state;
    QLabel *m_changed;
    QString m_changedWords;
    QString m_takesRoom; // the words that decide what there is room for
};

} // namespace nabblet

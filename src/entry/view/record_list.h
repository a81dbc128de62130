// The records beside a form: a form of their own, with a row for each, which goes where it is pressed and follows where
// the form goes.
#pragma once

#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QElapsedTimer>
#include <QWidget>

namespace nabblet {

class EntryView;

// The form of such a list: the columns that the form's window asks for, or those that tell its records apart, each as
// its control shows it, without boxes.
Form recordListForm(const Form &form, const Catalogue &catalogue, const TextMeasure &measure);

class RecordList : public QWidget
{
    Q_OBJECT

public:
    // session: of the form; stays the caller's.
    RecordList(EntrySession *session, const Appearance &appearance, QWidget *parent = nullptr);
    ~RecordList() override;

    const Form &form() const { return m_rows->form(); }
    EntrySession *rows() const { return m_rows.get(); }

protected:
    // Up, Down and the like walk the records; letters go to the first whose first column begins so.
    void keyPressEvent(QKeyEvent *event) override;
    void focusInEvent(QFocusEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;

private:
    void jumpTo(const QString &letters);
    void walk(int by);
    void follow();

    EntrySession *m_session;
    std::unique_ptr<EntrySession> m_rows;
    EntryView *m_view;
    bool m_isFollowing = false;
    QString m_letters;     // typed one after the other, …
    QElapsedTimer m_since; // … the last one then
};

} // namespace nabblet

// The records beside a form: a form of their own, with a row for each, which goes where it is pressed and follows where
// the form goes.
#pragma once

#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

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

private:
    void follow();

    EntrySession *m_session;
    std::unique_ptr<EntrySession> m_rows;
    EntryView *m_view;
    bool m_isFollowing = false;
};

} // namespace nabblet

// Narrows the records of a form down by one of its boxes: by the value that stands in it, by the commonest ones, or by
// what a person writes.
#pragma once

#include "core/filter/filter.h"

#include <QDialog>
#include <QVariant>

class QLabel;
class QLineEdit;
class QListWidget;

namespace nabblet {

class BackgroundWork;
class EntrySession;
struct Control;

class AskBoxDialog : public QDialog
{
    Q_OBJECT

public:
    struct Asked
    {
        EntrySession &session;  // of the form that the box stands on
        const Control &box;     // one that can be asked
        const Control *subform; // of the form whose records are asked for, or nullptr
    };
    // session: of the form whose records are asked for; stays the caller's.
    AskBoxDialog(EntrySession &session, const Asked &asked, QWidget *parent);
    ~AskBoxDialog() override;

    // What is to be asked, once it was accepted.
    const FilterPart &part() const { return m_part; }

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    void offer(const QString &words, const FilterPart &part, qint64 rows = -1);
    void readCommonest();
    void take();

    EntrySession &m_session;
    EntrySession &m_rows;
    const Control &m_box;
    const Control *m_subform;
    QLineEdit *m_line;
    QListWidget *m_list;
    QLabel *m_note;
    QList<FilterPart> m_offered; // by the rows of the list
    FilterPart m_part;
    std::unique_ptr<BackgroundWork> m_reading;
};

} // namespace nabblet

// The form as the question: over the form at work stands the same form with empty boxes, which take what is looked for.
#pragma once

#include "core/filter/filter.h"
#include "entry/theme/appearance.h"

#include <QWidget>

#include <memory>

class QLabel;
class QPushButton;

namespace nabblet {

class AskedRows;
class EntrySession;
class EntryView;

class FormQuestion : public QWidget
{
    Q_OBJECT

public:
    // session: of the form at work; stays the caller's. The error says why there can be no question.
    static Result<FormQuestion *> over(EntrySession *session, const Appearance &appearance, QWidget *parent);
    ~FormQuestion() override;

    EntryView *view() const { return m_view; }
    // Asks what stands in the boxes; stays, with what is wrong said, where that is not possible.
    void take();
    // Another line, one of which has to hold.
    void addLine();
    void goToLine(int by);

Q_SIGNALS:
    // The filter that was asked for; whoever takes it says whether records are like that.
    void asked(const nabblet::Filter &filter, QString *mistake);
    void ended();

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;

private:
    FormQuestion(EntrySession *session, std::unique_ptr<AskedRows> rows, const Form &question,
                 const Appearance &appearance, QWidget *parent);
    void writeWanted();
    void refreshLines();
    void say(const QString &sentence);

    EntrySession *m_session;
    std::unique_ptr<AskedRows> m_rows;
    std::unique_ptr<EntrySession> m_question;
    EntryView *m_view;
    QLabel *m_words;
    QLabel *m_line;
    QPushButton *m_previous;
    QPushButton *m_next;
};

} // namespace nabblet

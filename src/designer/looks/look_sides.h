// The form at hand in a look, small, once as on a light desktop and once as on a dark one.
#pragma once

#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QPointer>
#include <QWidget>

namespace nabblet {

class LookSides : public QWidget
{
    Q_OBJECT

public:
    explicit LookSides(QWidget *parent = nullptr);

    // session: whose record stands in it; nullptr for blank boxes.
    void showForm(const Form &form, EntrySession *session, const Look &look, const LookBook &book);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    Form m_form;
    QPointer<EntrySession> m_session;
    std::unique_ptr<Appearance> m_light;
    std::unique_ptr<Appearance> m_dark;
};

} // namespace nabblet

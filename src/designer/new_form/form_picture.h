// A form painted with the values of its rows, as small as it must be to be seen whole.
#pragma once

#include "core/catalogue/profile.h"
#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QWidget>

#include <memory>

namespace nabblet {

class FormPicture : public QWidget
{
public:
    explicit FormPicture(const Appearance *appearance) : m_appearance(appearance) {}

    // Shows a form; one without rows with its rails, since there is nothing else on it.
    void show(const Form &form, const Connection &connection, const Catalogue &catalogue);
    // Whether each box shows the longest value that is stored for it instead of that of the record. profiles: by table.
    void setLongest(bool isLongest, const QHash<QString, Profile> &profiles);
    // Shows the form in its whole width, smaller where it must be; never below what can still be read. room: what there is
    // without scroll bars; bar: how wide one is. The size follows from these alone, never from whether a bar is there:
    // one that came and went with the size would go on for ever.
    void fitTo(QSize room, int bar);
    double scale() const { return m_scale; }

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    // To a record that has rows to show in the first of the form's subforms, where the one shown has none.
    void goWhereRowsBelong(const Connection &connection, const Catalogue &catalogue);

    const Appearance *m_appearance;
    Form m_form;
    std::unique_ptr<EntrySession> m_session;
    bool m_isStarted = false;
    bool m_isLongest = false;
    QHash<QString, Profile> m_profiles;
    TableLink m_belongs; // whose rows were looked for
    QSize m_room{10000, 10000};
    int m_bar = 0;
    double m_scale = 1;
};

} // namespace nabblet

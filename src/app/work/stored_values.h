// What is stored in the table of the form at hand, looked through beside the interface.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "data/background/background_work.h"

#include <QObject>

namespace nabblet {

class StoredValues : public QObject
{
    Q_OBJECT

public:
    explicit StoredValues(const DatabaseAddress &address, QObject *parent = nullptr);

    // Begins to look through a table or view of the catalogue; what was known of another is forgotten.
    void lookAt(const Catalogue &catalogue, const QString &table);
    // Of no table while nothing is known.
    const Profile &profile() const { return m_profile; }

Q_SIGNALS:
    void known();

private:
    DatabaseAddress m_address;
    Profile m_profile;
    BackgroundWork m_work;
};

} // namespace nabblet

// Notices what other programs do to a database while it is open: rows written, tables changed, the file or the server
// gone or made read-only. It never waits for anyone: servers are looked at beside the interface.
#pragma once

#include "data/background/background_work.h"
#include "data/dialect/connection.h"

#include <QObject>
#include <QTimer>

namespace nabblet {

class DatabaseWatch : public QObject
{
    Q_OBJECT

public:
    explicit DatabaseWatch(const Connection &connection, QObject *parent = nullptr);

    // Looks now, as it does by itself every now and then.
    void look();
    static constexpr int Interval = 1500; // ms

    // What stands there now is known: only what is changed from now on is told.
    void takeNote();

Q_SIGNALS:
    void dataChanged();
    void catalogueChanged(const nabblet::Catalogue &catalogue);
    void availabilityChanged(const QString &sentence); // gone, back, only to be read, to be written again

private:
    bool isServer() const;
    void lookBeside();
    void take(Availability now, const DatabaseState &state);

    Connection m_connection;
    QTimer m_timer;
    DatabaseState m_last;
    Availability m_availability = Availability::Writable;
    BackgroundWork m_beside; // of servers
};

} // namespace nabblet

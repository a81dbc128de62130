// A database opened once, beside the window, to see whether it can be.
#pragma once

#include "core/model/database_address.h"
#include "core/result.h"

#include <QObject>

#include <memory>

namespace nabblet {

class ServerTry : public QObject
{
    Q_OBJECT

public:
    explicit ServerTry(QObject *parent = nullptr) : QObject(parent) {}
    ~ServerTry() override;

    void start(const DatabaseAddress &address);
    bool isUnderWay() const { return m_current != nullptr; }

Q_SIGNALS:
    // whyNot: empty where it could be opened; said: what the system said of it.
    void done(const QString &whyNot, const QString &said);

private:
    // Shared with the thread, which may end later than whoever asked.
    struct Asked;
    std::shared_ptr<Asked> m_current;
};

} // namespace nabblet

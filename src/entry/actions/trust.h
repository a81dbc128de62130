// Whether a person on this computer lets a form do something that reaches beyond it.
#pragma once

class QString;
class QWidget;

namespace nabblet {

struct AskedTrust
{
    const QString &form;     // by its title
    const QString &what;     // it wants to do, as its builder wrote it: the same is asked about once
    const QString &question; // what it is about
    const QString &example;  // what would be done now
};
bool isTrusted(const AskedTrust &asked, QWidget *parent);

} // namespace nabblet

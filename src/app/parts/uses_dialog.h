// A list of places where something is used, which goes there.
#pragma once

#include "app/work/project_uses.h"

#include <QDialog>

#include <optional>

class QListWidget;

namespace nabblet {

class UsesDialog : public QDialog
{
    Q_OBJECT

public:
    UsesDialog(const QString &title, const QList<ProjectUse> &uses, QWidget *parent = nullptr);

    // The one to go to, after the dialog was accepted.
    std::optional<ProjectUse> chosen() const;

private:
    QList<ProjectUse> m_uses;
    QListWidget *m_list;
};

} // namespace nabblet

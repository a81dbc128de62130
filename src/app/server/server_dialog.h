// Where a database on a server is: its kind, the computer, the name, who one is there. A try says in a sentence what is
// wrong.
#pragma once

#include "core/model/database_address.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace nabblet {

class ServerTry;

class ServerDialog : public QDialog
{
    Q_OBJECT

public:
    // For a database by itself, or for that of a project, which may be elsewhere on this computer than the project
    // says.
    enum class For { Database, Project };
    // Begins with an address, such as that of a project that could not be opened; why: what was wrong with it.
    ServerDialog(const DatabaseAddress &address, const QString &why, QWidget *parent, For what = For::Database);
    ~ServerDialog() override;

    DatabaseAddress address() const;
    bool isOnlyHere() const; // on this computer; the project stays as it is

    void accept() override;

private:
    void showAddress(const DatabaseAddress &address);
    void takePasted(const QString &words);
    // Tries to open what is set up, beside the window.
    void tryOut(bool isToOpen);
    void tried(const QString &whyNot);
    void setSaid(const QString &words, bool isGood);
    QLineEdit *addLine(QFormLayout *rows, const char *name, const QString &caption, const QString &prompt);

    QComboBox *m_kind;
    QLineEdit *m_host;
    QLineEdit *m_port;
    QLineEdit *m_database;
    QLineEdit *m_user;
    QLineEdit *m_password;
    QCheckBox *m_remembers;
    QCheckBox *m_onlyHere;
    QComboBox *m_tls;
    QLineEdit *m_certificates;
    QLineEdit *m_options;
    QLabel *m_said;
    QPushButton *m_try;
    QPushButton *m_open;
    std::unique_ptr<ServerTry> m_trying;
    bool m_opensWhenTried = false;
    DatabaseAddress m_others; // parts that have no line here stay as they are
};

} // namespace nabblet

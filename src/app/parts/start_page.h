// What the window shows before anything is open: what was used lately, and how to begin.
#pragma once

#include <QWidget>

class QListWidget;
class QLabel;

namespace nabblet {

class StartPage : public QWidget
{
    Q_OBJECT

public:
    explicit StartPage(QWidget *parent = nullptr);

    // Projects, forms and databases, the last used first; those that are gone are left out.
    void showUsed(const QStringList &paths);

Q_SIGNALS:
    void openRequested();
    void blankRequested();
    void demonstrationRequested();
    void pathRequested(const QString &path);

protected:
    void showEvent(QShowEvent *event) override;

private:
    void fill();

    QStringList m_paths;
    QListWidget *m_used = nullptr;
    QLabel *m_nothing = nullptr;
};

} // namespace nabblet

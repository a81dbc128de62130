// The names in the bar: the project, the form, and whether it has unsaved work. What has no room ends in dots, the
// project first.
#pragma once

#include <QWidget>

namespace nabblet {

class FormNames : public QWidget
{
    Q_OBJECT

public:
    explicit FormNames(QWidget *parent = nullptr);

    void setNames(const QString &project, const QString &form, bool isUnsaved);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent *event) override;
    void changeEvent(QEvent *event) override;

private:
    QFont formFont() const;
    QString unsavedWords() const;

    QString m_project;
    QString m_form;
    bool m_isUnsaved = false;
};

} // namespace nabblet

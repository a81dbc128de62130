// New form from data: choose a table and see its draft on real values at once; Enter takes it.
#pragma once

#include "core/draft/draft.h"
#include "data/connection.h"
#include "entry/appearance.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QScrollArea;

namespace nabblet {

class FormPicture;

class NewFormDialog : public QDialog
{
    Q_OBJECT

public:
    NewFormDialog(const Connection &connection, const Catalogue &catalogue, const Appearance &appearance, const DraftOptions &options,
                  QWidget *parent = nullptr);

    // The draft that was taken. Only after accept().
    const Form &form() const { return m_form; }
    // Chooses a table by its name.
    void choose(const QString &table);

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    void filter(const QString &part);
    void showDraft();

    Connection m_connection;
    Catalogue m_catalogue;
    Appearance m_appearance;
    DraftOptions m_options;
    Form m_form;
    QLineEdit *m_filter;
    QListWidget *m_tables;
    QScrollArea *m_preview;
    FormPicture *m_picture;
    QLabel *m_summary;
    QPushButton *m_make;
};

} // namespace nabblet

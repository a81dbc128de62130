// The settings of what is selected: controls, a band, a rail, or the form. Values that differ show as mixed; an edit
// applies to all that are selected, in one step. What cannot be is said below the field, and what was typed stays.
#pragma once

#include "designer/colours/colour_source.h"
#include "designer/document/form_document.h"
#include "designer/panels/panel.h"
#include "designer/settings/settings.h"
#include "entry/theme/appearance.h"

#include <functional>

class QLabel;
class QLineEdit;
class QPushButton;
class QToolButton;
class QBoxLayout;
class QScrollArea;
class QVBoxLayout;

namespace nabblet {

class Inspector : public Panel
{
    Q_OBJECT

public:
    enum class Fills { AtOnce, WhenTold };
    Inspector(FormDocument *document, const Appearance *measure, QWidget *parent = nullptr,
              Fills fills = Fills::AtOnce);

    // Makes what is to be seen; told so, not before.
    void fill();
    void show(const Selection &selection);
    void setUnit(Unit unit);
    // The database of the form's rows, for the columns there are; nullptr for none. Stays the caller's.
    void setCatalogue(const Catalogue *catalogue, const QString &namingPattern);
    // The forms of the project, for buttons and subforms that show one.
    void setForms(const QStringList &names, std::function<Result<Form>(const QString &)> reader);
    // Tells the columns of a SELECT, as SettingContext::columnsOfSelect.
    void setSelectReader(std::function<Result<QStringList>(const QString &)> reader)
    {
        m_columnsOfSelect = std::move(reader);
    }
    void focusSearch();
    // The colours of the look, of the forms of the project and those taken lately.
    ColourSource coloursToChoose() const;

Q_SIGNALS:
    // The form is to get its rows, or other ones.
    void rowsRequested();
    // A value is tried: the form as it would be. The other says that it is as it was.
    void previewed(const nabblet::Form &form);
    void previewEnded();

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    struct Field
    {
        const Setting *setting;
        QWidget *row; // none before it is first to be seen
        QWidget *editor;
        QLabel *mistake;
        QBoxLayout *line = nullptr; // of caption and editor
        QLabel *label = nullptr;    // of what may be pinned, as what gives it back
        QToolButton *giveBack = nullptr;
    };

    struct Section
    {
        QLabel *title; // none before it is first to be seen
        SettingOf of;
        const char *name;
        std::size_t first; // of its settings
    };

    static QString yes() { return QStringLiteral("yes"); } // of a flag
    int placeOf(std::size_t field) const;
    void make(Section &section);
    void make(Field &field);
    void refresh();
    void refreshField(Field &field, const SettingContext &context);
    void giveRoom(Field &field) const;
    bool isLookedThrough(SettingOf of) const;
    void refreshTitle();
    void filter();
    void sayWhatWasNotFound(const QString &words, const SettingContext &now);
    void write(Field &field, const QString &typed);
    void tryOut(const Field &field, const QString &typed);
    void refreshPin(Field &field, const SettingContext &context, const std::optional<QString> &value);
    SettingContext context() const;
    SettingOf shownOf() const;
    QWidget *editorFor(const Setting &setting, std::size_t index, QWidget *row);
    QWidget *headWithGiveBack(Field &field, QLabel *label, QWidget *row);

    FormDocument *m_document;
    const Appearance *m_measure;
    Selection m_selection;
    Unit m_unit = Unit::Pixels;
    const Catalogue *m_catalogue = nullptr;
    QStringList m_formNames;
    std::function<Result<Form>(const QString &)> m_readForm;
    std::function<Result<QStringList>(const QString &)> m_columnsOfSelect;
    QString m_namingPattern = QStringLiteral("{kind}_{column}");
    bool m_isFilled = false;
    bool m_isRefreshing = false;
    QLineEdit *m_search;
    QLabel *m_help;
    QLabel *m_notFound;
    QPushButton *m_changeRows;
    QScrollArea *m_area = nullptr;
    QVBoxLayout *m_rows = nullptr;
    std::size_t m_changeRowsBehind = 0;
    std::vector<Field> m_fields;
    std::vector<Section> m_sections;
};

} // namespace nabblet

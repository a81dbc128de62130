#include "designer/inspector.h"

#include "core/arrange/rails.h"
#include "core/edit/edits.h"
#include "core/text/caption_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int CaptionColumn = 78; // px

// The value that all have, or nothing when they differ.
template <typename Get>
auto common(const QList<const Control *> &controls, Get get) -> std::optional<decltype(get(*controls.first()))>
{
    const auto first = get(*controls.first());
    for (const Control *control : controls) {
        if (get(*control) != first) {
            return std::nullopt;
        }
    }
    return first;
}

void showCommon(QLineEdit *line, const std::optional<QString> &value)
{
    line->setText(value.value_or(QString()));
    line->setPlaceholderText(value ? QString() : Inspector::tr("mixed"));
    line->setCursorPosition(0);
}

int placeFigure(const Control &control, int which)
{
    const QRect &place = control.place;
    const std::array<int, 4> figures{place.x(), place.y(), place.width(), place.height()};
    return figures.at(static_cast<std::size_t>(which));
}

} // namespace

Inspector::Inspector(FormDocument *document, const Appearance *measure, QWidget *parent)
    : Panel(tr("Form"), parent), m_document(document), m_measure(measure), m_formPage(new QWidget),
      m_controlPage(new QWidget)
{
    auto *form = new QVBoxLayout(m_formPage);
    form->setContentsMargins(0, 0, 0, 0);
    form->setSpacing(6);
    addSection(form, tr("Window"));
    m_title = addLine(form, tr("Title"), tr("The words in the window's title bar. The saved name stays as it is."),
                      "formTitle");
    m_name = addLine(form, tr("Name"), tr("What the form is saved and found as."), "formName");
    addSection(form, tr("Rows"));
    m_rowSource = addLine(form, tr("Rows from"), tr("The table or view that the form shows and writes."), "rowSource");
    m_rowSource->setReadOnly(true);
    m_changeRows = new QPushButton;
    m_changeRows->setObjectName(QStringLiteral("changeRowSource"));
    connect(m_changeRows, &QPushButton::clicked, this, &Inspector::rowSourceRequested);
    form->addWidget(m_changeRows);
    addSection(form, tr("Size"));
    m_width = new QSpinBox;
    m_width->setObjectName(QStringLiteral("formWidth"));
    m_width->setRange(8, 100000);
    m_width->setSuffix(tr(" px"));
    m_width->setKeyboardTracking(false);
    m_width->setButtonSymbols(QAbstractSpinBox::NoButtons);
    addRow(form, tr("Width"), m_width, tr("The form's width. It stops at the rightmost control."));
    addSection(form, tr("Grid"));
    m_pitch = new QSpinBox;
    m_pitch->setObjectName(QStringLiteral("gridPitch"));
    m_pitch->setRange(1, 64);
    m_pitch->setSuffix(tr(" px"));
    m_pitch->setKeyboardTracking(false);
    m_pitch->setButtonSymbols(QAbstractSpinBox::NoButtons);
    addRow(form, tr("Pitch"), m_pitch, tr("The distance between grid lines. What is dragged lands on them."));
    m_marks = new QComboBox;
    m_marks->setObjectName(QStringLiteral("gridMarks"));
    m_marks->addItems({tr("Dots"), tr("Lines"), tr("Nothing")});
    addRow(form, tr("Shown as"), m_marks, tr("How the grid is drawn. It works even when it is not drawn."));
    form->addStretch();

    auto *control = new QVBoxLayout(m_controlPage);
    control->setContentsMargins(0, 0, 0, 0);
    control->setSpacing(6);
    addSection(control, tr("Bound to"));
    m_column = addLine(control, tr("Column"), tr("The column whose value the box shows and writes."), "column");
    m_column->setReadOnly(true);
    m_kind = addLine(control, tr("Kind"), tr("What sort of control this is."), "kind");
    m_kind->setReadOnly(true);
    addSection(control, tr("Caption"));
    m_caption = addLine(control, tr("Words"),
                        tr("What stands beside the box. A double click on the form edits it there."), "captionWords");
    addSection(control, tr("Place"));
    const std::array<QString, 4> captions{tr("Left"), tr("Top"), tr("Width"), tr("Height")};
    for (int i = 0; i < 4; ++i) {
        const auto index = static_cast<std::size_t>(i);
        m_place.at(index) =
            addLine(control, captions.at(index), tr("In px. +8 or -8 changes each by so much."),
                    std::array<const char *, 4>{"placeLeft", "placeTop", "placeWidth", "placeHeight"}.at(index));
        connect(m_place.at(index), &QLineEdit::editingFinished, this, [this, i] {
            QLineEdit *line = m_place.at(static_cast<std::size_t>(i));
            const QString typed = line->text().remove(QLatin1String("px")).simplified();
            const bool isRelative = typed.startsWith(u'+') || typed.startsWith(u'-') || typed.startsWith(QChar(0x2212));
            bool isNumber = false;
            const int number = QString(typed).replace(QChar(0x2212), u'-').toInt(&isNumber);
            if (m_isRefreshing || !line->isModified() || !isNumber) {
                refresh();
                return;
            }
            line->setModified(false);
            Form edited = m_document->form();
            for (const ControlId id : m_selection.controls()) {
                const Control *one = edited.controls.find(id);
                if (!one) {
                    continue;
                }
                QRect place = one->place;
                const int value = isRelative ? placeFigure(*one, i) + number : number;
                switch (i) {
                case 0:
                    place.moveLeft(value);
                    break;
                case 1:
                    place.moveTop(value);
                    break;
                case 2:
                    place.setWidth(value);
                    break;
                default:
                    place.setHeight(value);
                }
                edited = placeControl(edited, id, place);
            }
            m_document->apply(i < 2 ? tr("Move by number") : tr("Resize by number"), edited);
            refresh();
        });
    }
    addSection(control, tr("Behaviour"));
    m_prompt = addLine(control, tr("Prompt"), tr("Faint words in the empty box, such as an example."), "prompt");
    m_locked = new QCheckBox(tr("Only shown"));
    m_locked->setObjectName(QStringLiteral("locked"));
    addRow(control, tr("Editing"), m_locked, tr("People see the value and cannot change it."));
    addSection(control, tr("Name"));
    m_controlName = addLine(control, tr("Name"), tr("What formulas and the file call this control."), "controlName");
    control->addStretch();

    contents()->addWidget(m_formPage);
    contents()->addWidget(m_controlPage);

    connect(m_title, &QLineEdit::editingFinished, this, [this] {
        Form edited = m_document->form();
        edited.title = m_title->text().trimmed();
        m_document->apply(tr("Change the window's title"), edited);
    });
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        Form edited = m_document->form();
        edited.name = identifierFromText(m_name->text());
        m_document->apply(tr("Rename the form"), edited);
        refresh();
    });
    connect(m_width, &QSpinBox::valueChanged, this, [this](int value) {
        if (!m_isRefreshing) {
            m_document->apply(tr("Change the form's width"), setFormWidth(m_document->form(), value),
                              QStringLiteral("width"));
            refresh();
        }
    });
    connect(m_pitch, &QSpinBox::valueChanged, this, [this](int value) {
        if (!m_isRefreshing) {
            Form edited = m_document->form();
            edited.grid.pitch = value;
            m_document->apply(tr("Change the grid"), edited, QStringLiteral("grid"));
        }
    });
    connect(m_marks, &QComboBox::activated, this, [this](int index) {
        Form edited = m_document->form();
        edited.grid.marks = static_cast<GridMarks>(index);
        m_document->apply(tr("Change the grid"), edited);
    });
    connect(m_caption, &QLineEdit::editingFinished, this, [this] {
        if (!m_caption->isModified() || m_isRefreshing) {
            return;
        }
        m_caption->setModified(false);
        Form edited = m_document->form();
        for (const Control *one : selected()) {
            const Control *caption =
                one->kind == QLatin1String("caption") ? one : captionOf(m_document->form(), one->id);
            if (caption && !m_caption->text().trimmed().isEmpty()) {
                edited = setCaptionText(edited, caption->id, m_caption->text().trimmed(), *m_measure);
            }
        }
        m_document->apply(tr("Change a caption"), edited);
    });
    connect(m_prompt, &QLineEdit::editingFinished, this, [this] {
        if (m_prompt->isModified() && !m_isRefreshing) {
            m_prompt->setModified(false);
            const QString words = m_prompt->text();
            m_document->apply(tr("Change a prompt"),
                              setControlSetting(m_document->form(), m_selection.controls(), QStringLiteral("prompt"),
                                                words.isEmpty() ? QJsonValue() : QJsonValue(words)));
        }
    });
    connect(m_locked, &QCheckBox::clicked, this, [this](bool isOn) {
        m_locked->setTristate(false);
        m_document->apply(isOn ? tr("Lock a control") : tr("Unlock a control"),
                          setControlSetting(m_document->form(), m_selection.controls(), QStringLiteral("locked"),
                                            isOn ? QJsonValue(true) : QJsonValue()));
    });
    connect(m_controlName, &QLineEdit::editingFinished, this, [this] {
        if (m_controlName->isModified() && !m_isRefreshing && m_selection.controls().size() == 1) {
            m_controlName->setModified(false);
            m_document->apply(tr("Rename a control"),
                              renameControl(m_document->form(), m_selection.lead(), m_controlName->text()));
            refresh();
        }
    });
    refresh();
}

void Inspector::addSection(QVBoxLayout *column, const QString &title)
{
    if (column->count() > 0) {
        column->addSpacing(6);
    }
    auto *label = new QLabel(title);
    label->setObjectName(QStringLiteral("sectionTitle"));
    column->addWidget(label);
}

void Inspector::addRow(QVBoxLayout *column, const QString &caption, QWidget *field, const QString &help)
{
    auto *row = new QHBoxLayout;
    row->setSpacing(6);
    auto *label = new QLabel(caption);
    label->setObjectName(QStringLiteral("faint"));
    label->setFixedWidth(CaptionColumn);
    label->setBuddy(field);
    label->setToolTip(help);
    field->setToolTip(help);
    field->setAccessibleName(caption);
    field->setAccessibleDescription(help);
    row->addWidget(label);
    row->addWidget(field, 1);
    column->addLayout(row);
}

QLineEdit *Inspector::addLine(QVBoxLayout *column, const QString &caption, const QString &help, const char *name)
{
    auto *line = new QLineEdit;
    line->setObjectName(QString::fromLatin1(name));
    addRow(column, caption, line, help);
    return line;
}

void Inspector::show(const Selection &selection)
{
    m_selection = selection;
    refresh();
}

QList<const Control *> Inspector::selected() const
{
    QList<const Control *> controls;
    for (const ControlId id : m_selection.controls()) {
        if (const Control *control = m_document->form().controls.find(id)) {
            controls.append(control);
        }
    }
    return controls;
}

void Inspector::refresh()
{
    m_isRefreshing = true;
    const bool isForm = selected().isEmpty();
    m_formPage->setVisible(isForm);
    m_controlPage->setVisible(!isForm);
    if (isForm) {
        refreshForm();
    } else {
        refreshControls();
    }
    m_isRefreshing = false;
}

void Inspector::refreshForm()
{
    const Form &form = m_document->form();
    setTitle(tr("Form"));
    setNote(form.name);
    m_title->setText(form.title);
    m_name->setText(form.name);
    m_rowSource->setText(form.rowSource.isEmpty() ? tr("none yet")
                         : form.select.isEmpty()  ? form.rowSource.simplified()
                                                  : tr("own SELECT"));
    m_rowSource->setToolTip(form.select);
    m_changeRows->setText(form.rowSource.isEmpty() ? tr("Choose the row source…") : tr("Change the row source…"));
    m_width->setValue(form.width);
    m_pitch->setValue(form.grid.pitch);
    m_marks->setCurrentIndex(static_cast<int>(form.grid.marks));
}

void Inspector::refreshControls()
{
    const Form &form = m_document->form();
    const QList<const Control *> controls = selected();
    const auto count = static_cast<int>(controls.size());
    setTitle(count == 1 ? kindTitle(kindNamed(controls.first()->kind)) : tr("%1 controls").arg(count));
    QStringList kindTitles;
    for (const Control *control : controls) {
        const QString title = kindTitle(kindNamed(control->kind)).toLower();
        if (!kindTitles.contains(title)) {
            kindTitles.append(title);
        }
    }
    setNote(count == 1              ? QString()
            : kindTitles.size() > 2 ? tr("%1 kinds").arg(kindTitles.size())
                                    : kindTitles.join(QStringLiteral(", ")));

    showCommon(m_column, common(controls, [](const Control &c) { return c.column; }));
    if (m_column->text().isEmpty() && m_column->placeholderText().isEmpty()) {
        m_column->setPlaceholderText(tr("none"));
    }
    showCommon(m_kind, common(controls, [](const Control &c) { return kindTitle(kindNamed(c.kind)); }));
    showCommon(m_caption, common(controls, [&form](const Control &c) {
                   const Control *caption = c.kind == QLatin1String("caption") ? &c : captionOf(form, c.id);
                   return caption ? caption->text : QString();
               }));
    for (int i = 0; i < 4; ++i) {
        const std::optional<int> figure = common(controls, [i](const Control &c) { return placeFigure(c, i); });
        QLineEdit *line = m_place.at(static_cast<std::size_t>(i));
        showCommon(line, figure ? std::optional(tr("%1 px").arg(*figure)) : std::nullopt);
        const Rail *rail = count == 1 && i == 0 ? findRail(form, controls.first()->rides.left) : nullptr;
        line->setToolTip(rail ? tr("The left edge rides the rail “%1”.").arg(rail->name)
                              : tr("In px. +8 or -8 changes each by so much."));
    }
    const bool takesValues =
        std::any_of(controls.begin(), controls.end(), [](const Control *c) { return takesValue(kindNamed(c->kind)); });
    m_prompt->setEnabled(takesValues);
    m_locked->setEnabled(takesValues);
    showCommon(m_prompt, common(controls, [](const Control &c) { return promptOf(c); }));
    const std::optional<bool> locked = common(controls, [](const Control &c) { return isLocked(c); });
    m_locked->setTristate(!locked);
    m_locked->setCheckState(!locked ? Qt::PartiallyChecked : *locked ? Qt::Checked : Qt::Unchecked);
    showCommon(m_controlName, common(controls, [](const Control &c) { return c.name; }));
    m_controlName->setEnabled(count == 1);
}

} // namespace nabblet

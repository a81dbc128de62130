// The inspector's rows: a caption, an editor and what stands around them, made when they are first to be seen.
#include "designer/settings/inspector.h"

#include "core/looks/dressing/colours_in_use.h"
#include "designer/colours/colour_editor.h"
#include "designer/panels/list_closed.h"
#include "designer/settings/column_picker.h"
#include "designer/settings/file_chooser.h"
#include "designer/settings/lines_editor.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QStyle>
#include <QToolButton>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int CaptionColumn = 76; // px

// Where Tab stops in a row, in order.
QList<QWidget *> stopsIn(const QWidget *row)
{
    QList<QWidget *> stops = row ? row->findChildren<QWidget *>() : QList<QWidget *>();
    stops.removeIf([&](const QWidget *each) { // an open list is a window of its own
        return !(each->focusPolicy() & Qt::TabFocus) || each->focusProxy() || each->window() != row->window();
    });
    return stops;
}

} // namespace

// How many widgets stand before the row of a setting.
int Inspector::placeOf(std::size_t field) const
{
    int count = m_changeRowsBehind < field ? 1 : 0;
    for (const Section &section : m_sections) {
        count += section.title && section.first <= field ? 1 : 0;
    }
    for (std::size_t i = 0; i < field; ++i) {
        count += m_fields.at(i).row ? 1 : 0;
    }
    return count;
}

// Titles and rows are made when they are first to be seen; of the settings of all kinds, few ever are.
void Inspector::make(Section &section)
{
    auto *title = new QLabel(settingText(section.name), m_rows->parentWidget());
    title->setObjectName(QStringLiteral("sectionTitle"));
    title->setContentsMargins(0, section.first == 0 ? 0 : 7, 0, 0);
    m_rows->insertWidget(placeOf(section.first), title);
    section.title = title;
}

void Inspector::make(Field &field)
{
    const Setting &setting = *field.setting;
    const auto index = static_cast<std::size_t>(&field - m_fields.data());
    // Made inside one another from the outside, as each widget that is taken in is styled once more with all in it.
    auto *row = new QWidget(m_rows->parentWidget());
    row->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    auto *lines = new QVBoxLayout(row);
    lines->setContentsMargins(0, 0, 0, 0);
    lines->setSpacing(2);
    const QString help = settingText(setting.help);
    auto *label = new QLabel(settingText(setting.caption), row);
    label->setObjectName(QStringLiteral("faint"));
    label->setMinimumWidth(std::max(CaptionColumn, label->sizeHint().width()));
    label->setToolTip(help);
    QWidget *editor = field.editor = editorFor(setting, index, row);
    editor->setObjectName(QString::fromLatin1(setting.name));
    editor->setToolTip(help);
    editor->setAccessibleName(settingText(setting.caption));
    editor->setAccessibleDescription(help);
    editor->installEventFilter(this);
    row->installEventFilter(this);
    row->setProperty("help", help);
    editor->setProperty("help", help);
    label->setBuddy(editor);
    if (setting.editor == SettingEditor::Lines) { // below its caption, as wide as there is room
        lines->addWidget(label);
        lines->addWidget(editor);
    } else {
        auto *line = new QHBoxLayout;
        line->setSpacing(6);
        if (setting.said) {
            line->addWidget(headWithGiveBack(field, label, row));
        } else {
            line->addWidget(label);
        }
        line->addWidget(editor, 1);
        lines->addLayout(line);
        field.line = line;
    }
    field.mistake = new QLabel(row);
    field.mistake->setObjectName(QStringLiteral("mistake"));
    field.mistake->setWordWrap(true);
    field.mistake->setTextFormat(Qt::RichText);
    field.mistake->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
    connect(field.mistake, &QLabel::linkActivated, this,
            [this, index](const QString &value) { write(m_fields.at(index), value); });
    field.mistake->hide();
    lines->addWidget(field.mistake);
    m_rows->insertWidget(placeOf(index), row);
    field.row = row;
    // Tab goes from the setting before to this one, whichever of them was made first.
    QWidget *stop = m_search;
    for (std::size_t i = 0; i < index; ++i) {
        for (QWidget *each : stopsIn(m_fields.at(i).row)) {
            stop = each;
        }
        stop = i == m_changeRowsBehind ? m_changeRows : stop;
    }
    for (QWidget *each : stopsIn(row)) {
        QWidget::setTabOrder(stop, each);
        stop = each;
    }
    if (index == m_changeRowsBehind) {
        QWidget::setTabOrder(stop, m_changeRows);
    }
}

// A caption with what gives a pinned value back beside it.
QWidget *Inspector::headWithGiveBack(Field &field, QLabel *label, QWidget *row)
{
    const auto index = static_cast<std::size_t>(&field - m_fields.data());
    const Setting &setting = *field.setting;
    auto *head = new QWidget(row);
    head->setMinimumWidth(CaptionColumn);
    auto *line = new QHBoxLayout(head);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(2);
    label->setMinimumWidth(0);
    field.label = label;
    field.giveBack = new QToolButton(head);
    field.giveBack->setObjectName(QString::fromLatin1(setting.name) + QStringLiteral("GiveBack"));
    field.giveBack->setText(QStringLiteral("×"));
    field.giveBack->setProperty("isQuiet", true);
    field.giveBack->setToolTip(tr("As the look says again"));
    field.giveBack->setAccessibleName(tr("%1 as the look says again").arg(settingText(setting.caption)));
    field.giveBack->hide();
    connect(field.giveBack, &QToolButton::clicked, this, [this, index] { write(m_fields.at(index), QString()); });
    line->addWidget(label);
    line->addWidget(field.giveBack);
    line->addStretch();
    return head;
}

QWidget *Inspector::editorFor(const Setting &setting, std::size_t index, QWidget *row)
{
    switch (setting.editor) {
    case SettingEditor::Flag: {
        auto *box = new QCheckBox(row);
        connect(box, &QCheckBox::clicked, this, [this, box, index](bool isOn) {
            box->setTristate(false);
            write(m_fields.at(index), isOn ? yes() : QString());
        });
        return box;
    }
    case SettingEditor::Choice: {
        auto *box = new QComboBox(row);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(4);
        connect(box, &QComboBox::activated, this,
                [this, box, index](int chosen) { write(m_fields.at(index), box->itemData(chosen).toString()); });
        return box;
    }
    case SettingEditor::Shown: {
        auto *line = new QLineEdit(row);
        line->setReadOnly(true);
        return line;
    }
    case SettingEditor::Lines: {
        auto *lines = new LinesEditor(row);
        lines->setReadOnly(setting.isOnlyRead);
        if (setting.takesColumns) {
            addColumnPicker(lines, [this] { return columnsToFillIn(context()); });
        }
        connect(lines, &LinesEditor::edited, this, [this, index](const QString &typed) {
            if (!m_isRefreshing) {
                write(m_fields.at(index), typed);
            }
        });
        return lines;
    }
    case SettingEditor::File: {
        auto *chooser = new FileChooser(row);
        connect(chooser, &FileChooser::chosen, this,
                [this, index](const QString &path) { write(m_fields.at(index), path); });
        return chooser;
    }
    case SettingEditor::ColourBox: {
        auto *colour = new ColourEditor(row);
        colour->source = [this] { return coloursToChoose(); };
        connect(colour, &ColourEditor::edited, this, [this, index](const QString &typed) {
            if (!m_isRefreshing) {
                write(m_fields.at(index), typed);
            }
        });
        connect(colour, &ColourEditor::tried, this,
                [this, index](const QString &typed) { tryOut(m_fields.at(index), typed); });
        return colour;
    }
    case SettingEditor::Family:
    case SettingEditor::Style: {
        auto *box = new QComboBox(row);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(4);
        connect(box, &QComboBox::activated, this, [this, box, index](int chosen) {
            Q_EMIT previewEnded();
            write(m_fields.at(index), box->itemData(chosen).toString());
        });
        new ListClosed(box, [this] { Q_EMIT previewEnded(); });
        connect(box, &QComboBox::highlighted, this,
                [this, box, index](int at) { tryOut(m_fields.at(index), box->itemData(at).toString()); });
        return box;
    }
    case SettingEditor::Words:
        break;
    }
    auto *line = new QLineEdit(row);
    if (setting.takesColumns) {
        addColumnPicker(line, [this] { return columnsToFillIn(context()); });
    }
    connect(line, &QLineEdit::editingFinished, this, [this, line, index] {
        if (line->isModified() && !m_isRefreshing) {
            write(m_fields.at(index), line->text());
        }
    });
    return line;
}

// Where a caption or one of the words to choose from would be cut, the caption stands above, and the editor has the
// whole width.
void Inspector::giveRoom(Field &field) const
{
    if (!field.line) {
        return;
    }
    constexpr int AroundChoice = 42; // px of a list: its edges and its arrow
    constexpr int AroundLine = 18;   // px of a line: its edges and the space inside
    const QWidget *label = field.line->itemAt(0)->widget();
    int wanted = 0;
    QString shown;
    if (const auto *choice = qobject_cast<const QComboBox *>(field.editor)) {
        for (int i = 0; i < choice->count(); ++i) {
            wanted = std::max(wanted, choice->fontMetrics().horizontalAdvance(choice->itemText(i)) + AroundChoice);
        }
        shown = choice->currentText();
    } else if (const auto *line = qobject_cast<const QLineEdit *>(field.editor)) {
        if (line->hasFocus()) {
            return; // nothing moves under what is being typed
        }
        wanted = line->fontMetrics().horizontalAdvance(line->text()) + AroundLine;
        shown = line->text();
    } else if (const auto *colour = qobject_cast<const ColourEditor *>(field.editor)) {
        constexpr int BesideSwatch = 34; // px, with its edges
        const QLineEdit *words = colour->line();
        if (words->hasFocus()) {
            return;
        }
        shown = words->text().isEmpty() ? words->placeholderText() : words->text();
        wanted = words->fontMetrics().horizontalAdvance(shown) + AroundLine + BesideSwatch;
    }
    // As if the panel scrolled: whether it does follows from how high the rows are.
    const QMargins around = contents()->contentsMargins();
    const int room = width() - around.left() - around.right() - m_rows->contentsMargins().right() -
                     style()->pixelMetric(QStyle::PM_ScrollBarExtent, nullptr, m_area->verticalScrollBar());
    const int caption = std::max(CaptionColumn, label->sizeHint().width());
    const bool isTooWide = wanted > 0 && caption + field.line->spacing() + wanted > room;
    field.line->setDirection(isTooWide ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    field.line->setSpacing(isTooWide ? 2 : 6);
    field.row->updateGeometry();
    // What is too long even so is told where the mouse stands.
    const QString help = settingText(field.setting->help);
    field.editor->setToolTip(wanted > room ? shown + QStringLiteral("\n") + help : help);
}

} // namespace nabblet

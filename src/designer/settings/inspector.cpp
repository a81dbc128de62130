#include "designer/settings/inspector.h"

#include "core/looks/dressing/colours_in_use.h"
#include "core/looks/ink_names.h"
#include "core/text/tr.h"
#include "designer/colours/colour_editor.h"
#include "designer/colours/lately_colours.h"
#include "designer/panels/looking_line.h"
#include "designer/settings/file_chooser.h"
#include "designer/settings/lines_editor.h"

#include "core/kinds/kind.h"
#include "core/text/band_titles.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QEvent>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QStyle>
#include <QVBoxLayout>

#include <algorithm>
#include <cstring>

namespace nabblet {

Inspector::Inspector(FormDocument *document, const Appearance *measure, QWidget *parent, Fills fills)
    : Panel(tr("Form"), parent), m_document(document), m_measure(measure), m_search(new QLineEdit), m_help(new QLabel),
      m_notFound(new QLabel), m_changeRows(new QPushButton)
{
    setWhatsThis(tr("All settings of what is selected, or of the form where nothing is. Type a word at the top to see "
                    "only settings that have it. Enter takes a value, Escape puts it back."));
    m_search->setObjectName(QStringLiteral("settingSearch"));
    m_search->setPlaceholderText(tr("Find a setting"));
    clearOnceTyped(m_search);
    m_search->setAccessibleName(tr("Find a setting"));
    contents()->addWidget(m_search);
    auto *area = m_area = new QScrollArea;
    area->setObjectName(QStringLiteral("settingArea"));
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto *page = new QWidget;
    page->setObjectName(QStringLiteral("settingPage"));
    auto *column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 6, 0);
    column->setSpacing(5);
    area->setWidget(page);
    contents()->addWidget(area, 1);
    m_changeRows->setObjectName(QStringLiteral("changeRows"));
    connect(m_changeRows, &QPushButton::clicked, this, &Inspector::rowsRequested);

    for (const Setting &setting : settings()) {
        const bool isNewSection = m_sections.empty() || m_sections.back().of != setting.of ||
                                  std::strcmp(m_sections.back().name, setting.section) != 0;
        if (isNewSection) {
            m_sections.push_back({nullptr, setting.of, setting.section, m_fields.size()});
        }
        m_fields.push_back({&setting, nullptr, nullptr, nullptr, nullptr});
        if (std::strcmp(setting.name, "rowsFrom") == 0) {
            m_changeRowsBehind = m_fields.size() - 1;
        }
    }
    m_rows = column;
    m_notFound->setObjectName(QStringLiteral("faint"));
    m_notFound->setWordWrap(true);
    m_notFound->hide();
    column->addWidget(m_changeRows);
    column->addWidget(m_notFound);
    column->addStretch();
    // One line that explains the setting in hand.
    m_help->setObjectName(QStringLiteral("settingHelp"));
    m_help->setWordWrap(true);
    m_help->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_help->setFixedHeight(3 * fontMetrics().lineSpacing() + 4);
    m_help->hide();
    contents()->addWidget(m_help);
    connect(m_search, &QLineEdit::textChanged, this, &Inspector::refresh);
    if (fills == Fills::AtOnce) {
        fill();
    }
}

void Inspector::fill()
{
    m_isFilled = true;
    refresh();
}

bool Inspector::eventFilter(QObject *watched, QEvent *event)
{
    if (event->type() == QEvent::FocusIn || event->type() == QEvent::Enter) {
        m_help->setText(watched->property("help").toString());
        m_help->setVisible(!m_help->text().isEmpty());
    }
    if (event->type() == QEvent::Wheel && qobject_cast<QComboBox *>(watched)) {
        event->ignore(); // scrolls the panel: a list that is not open changes nothing under a passing wheel
        return true;
    }
    return Panel::eventFilter(watched, event);
}

// Shows the form as it would be with a value; with an empty text, as it is.
void Inspector::tryOut(const Field &field, const QString &typed)
{
    if (typed.isEmpty()) {
        Q_EMIT previewEnded();
        return;
    }
    if (const Result<Form> tried = field.setting->write(context(), typed)) {
        Q_EMIT previewed(*tried);
    }
}

ColourSource Inspector::coloursToChoose() const
{
    ColourSource source;
    const Appearance &appearance = *m_measure;
    for (int i = 0; i < InkCount; ++i) {
        const Colour colour = nabblet::colour(appearance.look(), appearance.theme(), static_cast<Ink>(i));
        const bool isThere = std::any_of(source.ofLook.begin(), source.ofLook.end(),
                                         [&](const ColourInUse &each) { return each.colour == colour; });
        if (!isThere) {
            source.ofLook.append({colour, 0, lookText(inkName(static_cast<Ink>(i)).words)});
        }
    }
    QHash<Colour, int> used = coloursInUse(m_document->root());
    const auto add = [&](const QHash<Colour, int> &more) {
        for (auto [colour, often] : more.asKeyValueRange()) {
            used[colour] += often;
        }
    };
    add(coloursInUse(appearance.book().styles));
    const QString own = QFileInfo(m_document->path()).completeBaseName();
    for (const QString &name : m_formNames) {
        const Result<Form> other = m_readForm && name != own ? m_readForm(name) : Result<Form>(Form());
        if (other) {
            add(coloursInUse(*other));
        }
    }
    for (auto [colour, often] : used.asKeyValueRange()) {
        source.inUse.append({colour, often, {}});
    }
    std::sort(source.inUse.begin(), source.inUse.end(), [](const ColourInUse &a, const ColourInUse &b) {
        return a.count != b.count ? a.count > b.count : a.colour < b.colour;
    });
    source.lately = coloursTakenLately();
    return source;
}

SettingContext Inspector::context() const
{
    SettingContext context{m_document->form(), m_selection, m_unit, *m_measure, m_catalogue, m_namingPattern};
    context.formNames = m_formNames;
    context.isInside = !m_document->focus().isEmpty();
    context.path = m_document->path();
    context.savedAs = context.isInside ? QString() : QFileInfo(m_document->path()).completeBaseName();
    context.readForm = m_readForm;
    context.columnsOfSelect = m_columnsOfSelect;
    context.appearance = m_measure;
    return context;
}

SettingOf Inspector::shownOf() const
{
    return !m_selection.isEmpty()                  ? SettingOf::Controls
           : m_selection.rail() != FixedRail::None ? SettingOf::Rail
           : m_selection.band()                    ? SettingOf::Band
                                                   : SettingOf::Form;
}

void Inspector::show(const Selection &selection)
{
    if (!m_isFilled && selection != Selection()) { // somebody is at work already
        fill();
    }
    m_selection = selection;
    m_selection.keepOnly(m_document->form());
    if (!isAncestorOf(QApplication::focusWidget())) {
        m_help->hide(); // it was of a setting that may be gone
    }
    refresh();
}

void Inspector::setUnit(Unit unit)
{
    m_unit = unit;
    refresh();
}

void Inspector::setCatalogue(const Catalogue *catalogue, const QString &namingPattern)
{
    m_catalogue = catalogue;
    m_namingPattern = namingPattern;
    refresh();
}

void Inspector::setForms(const QStringList &names, std::function<Result<Form>(const QString &)> reader)
{
    m_formNames = names;
    m_readForm = std::move(reader);
    refresh();
}

void Inspector::focusSearch()
{
    fill();
    m_search->setFocus();
    m_search->selectAll();
}

void Inspector::write(Field &field, const QString &typed)
{
    const Result<Form> edited = field.setting->write(context(), typed);
    if (!edited) {
        // What was typed stays, with the reason below it.
        field.mistake->setText(edited.error().sentence.toHtmlEscaped());
        field.mistake->show();
        return;
    }
    if (auto *line = qobject_cast<QLineEdit *>(field.editor)) {
        line->setModified(false);
    } else if (auto *lines = qobject_cast<LinesEditor *>(field.editor)) {
        lines->document()->setModified(false);
    }
    field.mistake->hide();
    m_document->apply(settingText(field.setting->step), *edited);
    refresh();
}

void Inspector::refresh()
{
    if (!m_isFilled) {
        return;
    }
    m_isRefreshing = true;
    contents()->activate();
    const SettingContext now = context();
    for (Field &field : m_fields) {
        if (isLookedThrough(field.setting->of) && field.setting->applies(now)) { // the others are hidden
            if (!field.row) {
                make(field);
            }
            refreshField(field, now);
        }
    }
    m_changeRows->setText(m_document->form().rowsFrom.isEmpty() ? tr("Choose the rows…") : tr("Change the rows…"));
    refreshTitle();
    filter();
    m_isRefreshing = false;
}

void Inspector::refreshField(Field &field, const SettingContext &now)
{
    const std::optional<QString> value = field.setting->read(now);
    field.mistake->hide();
    if (auto *box = qobject_cast<QCheckBox *>(field.editor)) {
        box->setTristate(!value);
        box->setCheckState(!value ? Qt::PartiallyChecked : *value == yes() ? Qt::Checked : Qt::Unchecked);
        box->setText(!value ? tr("mixed") : QString());
    } else if (auto *colour = qobject_cast<ColourEditor *>(field.editor)) {
        const std::optional<QString> said = field.setting->said ? field.setting->said(now) : QString();
        colour->showWords(value.value_or(QString()), said.value_or(QString()), !value);
        giveRoom(field);
    } else if (auto *choice = qobject_cast<QComboBox *>(field.editor)) {
        choice->clear();
        const QList<SettingChoice> choices = field.setting->choices(now);
        for (const SettingChoice &each : choices) {
            choice->addItem(each.words, each.value);
        }
        choice->setCurrentIndex(value ? choice->findData(*value) : -1);
        choice->setPlaceholderText(value ? QString() : tr("mixed"));
        giveRoom(field);
    } else if (auto *chooser = qobject_cast<FileChooser *>(field.editor)) {
        chooser->showWords(value.value_or(tr("mixed")));
    } else if (auto *lines = qobject_cast<LinesEditor *>(field.editor)) {
        lines->setLines(value.value_or(QString()), value ? QString() : tr("mixed"));
    } else if (auto *line = qobject_cast<QLineEdit *>(field.editor)) {
        if (!line->hasFocus() || !line->isModified()) {
            line->setText(value.value_or(QString()));
            line->setPlaceholderText(value ? QString() : tr("mixed"));
            line->setCursorPosition(0);
            line->setModified(false);
        }
        giveRoom(field);
    }
    refreshPin(field, now, value);
    if (const auto advice = field.setting->advice ? field.setting->advice(now) : std::nullopt) {
        QString words = advice->sentence.toHtmlEscaped();
        if (!advice->value.isEmpty()) {
            words += QStringLiteral(" <a href=\"%1\">%2</a>")
                         .arg(advice->value.toHtmlEscaped(), tr("Take %1").arg(advice->value).toHtmlEscaped());
        }
        field.mistake->setText(words);
        field.mistake->show();
    }
}

// What is pinned can be given back; what is not shows what the look says.
void Inspector::refreshPin(Field &field, const SettingContext &now, const std::optional<QString> &value)
{
    if (!field.giveBack) {
        return;
    }
    const bool isPinned = !value || !value->isEmpty();
    field.giveBack->setVisible(isPinned);
    QFont font = this->font();
    font.setBold(isPinned);
    if (field.label->font().bold() != isPinned) {
        field.label->setFont(font);
    }
    const std::optional<QString> said = field.setting->said(now);
    auto *line = qobject_cast<QLineEdit *>(field.editor);
    auto *choice = qobject_cast<QComboBox *>(field.editor);
    if (line && value && said && !said->isEmpty()) {
        line->setPlaceholderText(tr("look: %1").arg(*said));
    } else if (choice && said && !said->isEmpty()) {
        // The choice that leaves it to the look says which that is.
        for (int i = 0; i < choice->count(); ++i) {
            const int same = choice->findData(*said);
            if (choice->itemData(i).toString().isEmpty()) {
                const QString words = same > 0 ? choice->itemText(same) : *said;
                choice->setItemText(i, tr("look: %1").arg(words));
            }
        }
    }
}

void Inspector::resizeEvent(QResizeEvent *event)
{
    Panel::resizeEvent(event);
    for (Field &field : m_fields) {
        giveRoom(field);
    }
}

// Sections and settings of what is selected, those that hold the words looked for.
namespace {

bool speaksOf(const Setting &setting, const QString &words)
{
    return words.isEmpty() || settingText(setting.caption).contains(words, Qt::CaseInsensitive) ||
           settingText(setting.help).contains(words, Qt::CaseInsensitive) ||
           settingText(setting.section).contains(words, Qt::CaseInsensitive);
}

} // namespace

void Inspector::filter()
{
    const SettingContext now = context();
    const SettingOf of = shownOf();
    const QString words = m_search->text().trimmed();
    for (Section &section : m_sections) {
        bool hasAny = false;
        for (const Field &field : m_fields) {
            const Setting &setting = *field.setting;
            if (setting.of != section.of || std::strcmp(setting.section, section.name) != 0) {
                continue;
            }
            const bool isShown = isLookedThrough(setting.of) && speaksOf(setting, words) && setting.applies(now);
            if (field.row) {
                field.row->setVisible(isShown);
            }
            hasAny = hasAny || isShown;
        }
        if (hasAny && !section.title) {
            make(section);
        }
        if (section.title) {
            const QString name = settingText(section.name);
            section.title->setText(section.of == of ? name : tr("Form: %1").arg(withinSentence(name)));
            section.title->setVisible(hasAny);
        }
    }
    m_changeRows->setVisible(of == SettingOf::Form && words.isEmpty());
    sayWhatWasNotFound(words, now);
}

// A search goes through the settings of the form as well, whatever is selected.
bool Inspector::isLookedThrough(SettingOf of) const
{
    return of == shownOf() || (of == SettingOf::Form && !m_search->text().trimmed().isEmpty());
}

void Inspector::sayWhatWasNotFound(const QString &words, const SettingContext &now)
{
    const bool isFound = words.isEmpty() || std::any_of(m_fields.begin(), m_fields.end(), [&](const Field &field) {
                             const Setting &setting = *field.setting;
                             return isLookedThrough(setting.of) && speaksOf(setting, words) && setting.applies(now);
                         });
    m_notFound->setText(tr("No setting of what is selected, or of the form, has “%1” in it.").arg(words));
    m_notFound->setVisible(!isFound);
}

void Inspector::refreshTitle()
{
    const Form &form = m_document->form();
    switch (shownOf()) {
    case SettingOf::Form:
        setTitle(tr("Form"));
        setNote(form.name);
        return;
    case SettingOf::Band:
        setTitle(bandTitle(*m_selection.band()));
        setNote(tr("band"));
        return;
    case SettingOf::Rail:
        setTitle(tr("Rail"));
        setNote(findRail(form, m_selection.rail())->name);
        return;
    case SettingOf::Controls:
        break;
    }
    const auto count = static_cast<int>(m_selection.controls().size());
    QStringList kindTitles;
    for (const ControlId id : m_selection.controls()) {
        const QString title = kindTitle(kindNamed(form.controls.find(id)->kind));
        if (!kindTitles.contains(title)) {
            kindTitles.append(title);
        }
    }
    setTitle(count == 1 ? kindTitles.first() : tr("%1 controls").arg(count));
    setNote(count == 1              ? QString()
            : kindTitles.size() > 2 ? tr("%1 kinds").arg(kindTitles.size())
                                    : withinSentence(kindTitles.join(QStringLiteral(", "))));
}

} // namespace nabblet

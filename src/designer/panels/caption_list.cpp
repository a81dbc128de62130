#include "designer/panels/caption_list.h"

#include "core/edit/form_languages.h"
#include "core/kinds/kind.h"
#include "designer/panels/dialog_buttons.h"
#include "entry/theme/theme.h"

#include <QCollator>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHash>
#include <QHeaderView>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QSet>
#include <QSignalBlocker>
#include <QTableWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

enum Columns { PlaceColumn, SortColumn, WordsColumn, FirstLanguage };

const QChar LineSign(0x21b5); // a further line of a caption

QString languageName(const QString &code)
{
    // What Qt calls these is the language of one country.
    static const QHash<QString, QString> plain{{QStringLiteral("en"), QStringLiteral("English")},
                                               {QStringLiteral("es"), QStringLiteral("Español")},
                                               {QStringLiteral("pt"), QStringLiteral("Português")},
                                               {QStringLiteral("zh"), QStringLiteral("中文")}};
    if (plain.contains(code)) {
        return plain.value(code);
    }
    const QLocale locale(code);
    const QString name = withCapital(locale.nativeLanguageName());
    return name.isEmpty() || locale.language() == QLocale::C ? code : name;
}

// Every language that has a name, by that name.
const QList<QPair<QString, QString>> &allLanguages()
{
    static const QList<QPair<QString, QString>> all = [] {
        QList<QPair<QString, QString>> found;
        QSet<QString> seen;
        const QList<QLocale> locales =
            QLocale::matchingLocales(QLocale::AnyLanguage, QLocale::AnyScript, QLocale::AnyCountry);
        for (const QLocale &each : locales) {
            const QString code = each.name().section(u'_', 0, 0);
            if (code.size() <= 3 && code != QLatin1String("C") && !seen.contains(code) &&
                !each.nativeLanguageName().isEmpty()) {
                seen.insert(code);
                found.append({QStringLiteral("%1 (%2)").arg(languageName(code), code), code});
            }
        }
        QCollator collator;
        collator.setCaseSensitivity(Qt::CaseInsensitive);
        std::sort(found.begin(), found.end(),
                  [&](const auto &a, const auto &b) { return collator.compare(a.first, b.first) < 0; });
        return found;
    }();
    return all;
}

QString sortOf(const Form &form, const FormText &text)
{
    switch (text.part) {
    case TextPart::Title:
        return CaptionList::tr("window title");
    case TextPart::Choice:
        return CaptionList::tr("option %1").arg(text.number + 1);
    case TextPart::Page:
        return CaptionList::tr("page");
    case TextPart::Prompt:
        return CaptionList::tr("prompt");
    case TextPart::Question:
        return CaptionList::tr("question");
    case TextPart::Then:
    case TextPart::Otherwise:
    case TextPart::Step:
        return CaptionList::tr("rule %1").arg(text.rule + 1);
    case TextPart::Words:
        break;
    }
    const Control *control = form.controls.find(text.control);
    return !control                                    ? QString()
           : control->kind != QLatin1String("caption") ? kindTitle(kindNamed(control->kind))
           : control->captionFor != 0                  ? CaptionList::tr("caption")
           : control->role == QLatin1String("title")   ? CaptionList::tr("title")
                                                       : CaptionList::tr("words");
}

QString asCell(QString words)
{
    return words.replace(u'\n', LineSign);
}

QString fromCell(const QTableWidgetItem *item)
{
    return item ? item->text().replace(LineSign, u'\n').trimmed() : QString();
}

} // namespace

CaptionList::CaptionList(const Form &form, QWidget *parent)
    : QDialog(parent), m_form(form), m_texts(formTexts(form)), m_codes(form.languages.keys()),
      m_table(new QTableWidget), m_own(new QComboBox), m_further(new QComboBox),
      m_remove(new QPushButton(tr("Take it away")))
{
    setObjectName(QStringLiteral("captionList"));
    setWindowTitle(tr("Captions and options"));
    resize(m_codes.isEmpty() ? 700 : 900, 560);
    auto *column = new QVBoxLayout(this);
    column->setSpacing(10);
    auto *words =
        new QLabel(tr("Type over any words. Rails make room for longer captions by themselves. People see the "
                      "form in the first language of their desktop that it has."));
    words->setObjectName(QStringLiteral("faint"));
    words->setWordWrap(true);
    column->addWidget(words);

    auto *languages = new QHBoxLayout;
    languages->setSpacing(8);
    auto *own = new QLabel(tr("The form's &words are"));
    own->setBuddy(m_own);
    m_own->setObjectName(QStringLiteral("ownLanguage"));
    m_own->addItem(tr("in no language said"), QString());
    m_further->setObjectName(QStringLiteral("furtherLanguage"));
    m_further->setAccessibleName(tr("Another language for the form"));
    m_further->addItem(tr("Add a language…"), QString());
    for (const auto &[name, code] : allLanguages()) {
        m_own->addItem(name, code);
        m_further->addItem(name, code);
    }
    m_own->setCurrentIndex(std::max(0, m_own->findData(form.language)));
    m_remove->setObjectName(QStringLiteral("removeLanguage"));
    m_remove->setToolTip(tr("Takes the language away in whose column the cell is that has the keyboard"));
    m_remove->setAutoDefault(false);
    for (QComboBox *box : {m_own, m_further}) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(18);
    }
    languages->addWidget(own);
    languages->addWidget(m_own);
    languages->addStretch();
    languages->addWidget(m_further);
    languages->addWidget(m_remove);
    column->addLayout(languages);

    m_table->setObjectName(QStringLiteral("captionTable"));
    m_table->setAccessibleName(tr("Captions and options"));
    m_table->setColumnCount(FirstLanguage + static_cast<int>(m_codes.size()));
    m_table->setRowCount(static_cast<int>(m_texts.size()));
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(26);
    m_table->setEditTriggers(QAbstractItemView::AllEditTriggers);
    m_table->setTabKeyNavigation(false);
    for (int row = 0; row < m_texts.size(); ++row) {
        fillRow(row);
    }
    m_table->setColumnWidth(PlaceColumn, 150);
    m_table->setColumnWidth(SortColumn, 120);
    m_table->horizontalHeader()->setSectionResizeMode(WordsColumn, QHeaderView::Stretch);
    if (!m_texts.isEmpty()) {
        m_table->setCurrentCell(0, WordsColumn);
    }
    column->addWidget(m_table, 1);
    const DialogButtons buttons = makeDialogButtons(this, tr("Take these words"), "takeCaptions");
    auto *capitals = new QPushButton(tr("Begin with capitals"));
    capitals->setObjectName(QStringLiteral("evenCapitals"));
    capitals->setToolTip(tr("The first letter of each becomes a capital"));
    capitals->setAutoDefault(false);
    auto *marks = new QPushButton(tr("No colons or full stops"));
    marks->setObjectName(QStringLiteral("evenMarks"));
    marks->setToolTip(tr("Colons, full stops and spare spaces are taken off"));
    marks->setAutoDefault(false);
    connect(capitals, &QPushButton::clicked, this, [this] { changeWords(withCapital); });
    connect(marks, &QPushButton::clicked, this, [this] { changeWords(withoutEndMarks); });
    connect(m_remove, &QPushButton::clicked, this, &CaptionList::removeLanguage);
    connect(m_further, &QComboBox::activated, this, [this] { addLanguage(m_further->currentData().toString()); });
    connect(m_table, &QTableWidget::itemChanged, this, &CaptionList::follow);
    connect(m_table, &QTableWidget::currentCellChanged, this, [this] { showMissing(); });
    buttons.row->insertWidget(0, capitals);
    buttons.row->insertWidget(1, marks);
    column->addLayout(buttons.row);
    showMissing();
    m_table->setFocus();
}

void CaptionList::fillRow(int row)
{
    const FormText &text = m_texts.at(row);
    auto *place = new QTableWidgetItem(text.place);
    auto *kind = new QTableWidgetItem(sortOf(m_form, text));
    for (QTableWidgetItem *item : {place, kind}) {
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
    }
    m_table->setItem(row, PlaceColumn, place);
    m_table->setItem(row, SortColumn, kind);
    m_table->setItem(row, WordsColumn, new QTableWidgetItem(asCell(text.words)));
    for (int i = 0; i < m_codes.size(); ++i) {
        const QString there = m_form.languages.value(m_codes.at(i)).value(text.words);
        m_table->setItem(row, FirstLanguage + i, new QTableWidgetItem(asCell(there)));
    }
}

Form CaptionList::changed(const TextMeasure &measure) const
{
    QList<FormText> texts = m_texts;
    for (int row = 0; row < texts.size(); ++row) {
        texts[row].words = fromCell(m_table->item(row, WordsColumn));
    }
    Form result = withFormTexts(m_form, texts, measure);
    result.language = m_own->currentData().toString();
    result.languages.clear();
    for (int i = 0; i < m_codes.size(); ++i) {
        // What words had that the form has no more stays, for when they come back.
        QMap<QString, QString> &words = result.languages[m_codes.at(i)] = m_form.languages.value(m_codes.at(i));
        for (int row = 0; row < texts.size(); ++row) {
            words.remove(m_texts.at(row).words);
        }
        for (int row = 0; row < texts.size(); ++row) {
            const QString own = texts.at(row).words.isEmpty() ? m_texts.at(row).words : texts.at(row).words;
            if (const QString there = fromCell(m_table->item(row, FirstLanguage + i)); !there.isEmpty()) {
                words.insert(own, there);
            }
        }
    }
    return result;
}

void CaptionList::changeWords(QString (*change)(const QString &))
{
    const QList<QTableWidgetItem *> chosen = m_table->selectedItems();
    QSet<int> rows;
    for (const QTableWidgetItem *item : chosen) {
        rows.insert(item->row());
    }
    const int column = std::max<int>(WordsColumn, m_table->currentColumn());
    // Prompts and what rules say are sentences, which end as they do; they are changed where they are chosen.
    const auto isCaption = [&](int row) {
        const TextPart part = m_texts.at(row).part;
        return part == TextPart::Words || part == TextPart::Choice || part == TextPart::Page;
    };
    for (int row = 0; row < m_texts.size(); ++row) {
        if (rows.size() < 2 ? isCaption(row) : rows.contains(row)) {
            QTableWidgetItem *item = m_table->item(row, column);
            item->setText(change(item->text()));
        }
    }
}

void CaptionList::addLanguage(const QString &code)
{
    m_further->setCurrentIndex(0);
    if (code.isEmpty()) {
        return;
    }
    if (!m_codes.contains(code)) {
        // Else nobody could see the form's own words who wishes them before the new ones.
        if (m_own->currentData().toString().isEmpty() && code != QLatin1String("en")) {
            m_own->setCurrentIndex(std::max(0, m_own->findData(QStringLiteral("en"))));
        }
        m_codes.append(code);
        const int column = m_table->columnCount();
        const QSignalBlocker quiet(m_table);
        m_table->setColumnCount(column + 1);
        for (int row = 0; row < m_texts.size(); ++row) {
            m_table->setItem(row, column, new QTableWidgetItem);
        }
    }
    showMissing();
    m_table->setCurrentCell(0, FirstLanguage + static_cast<int>(m_codes.indexOf(code)));
    m_table->setFocus();
}

void CaptionList::removeLanguage()
{
    const int column = m_table->currentColumn();
    if (column >= FirstLanguage) {
        m_codes.removeAt(column - FirstLanguage);
        m_table->removeColumn(column);
        showMissing();
    }
}

// The same words are the same in another language, too.
void CaptionList::follow(const QTableWidgetItem *item)
{
    const QSignalBlocker quiet(m_table);
    const QString words = m_table->item(item->row(), WordsColumn)->text();
    for (int row = 0; item->column() >= FirstLanguage && row < m_texts.size(); ++row) {
        if (row != item->row() && m_table->item(row, WordsColumn)->text() == words) {
            m_table->item(row, item->column())->setText(item->text());
        }
    }
    showMissing();
}

void CaptionList::showMissing()
{
    const QSignalBlocker quiet(m_table);
    const PanelColours &colours = panelColours(themeOfPalette(palette()));
    QStringList heads{tr("Of"), tr("Sort"), tr("Words")};
    for (int i = 0; i < m_codes.size(); ++i) {
        int missing = 0;
        for (int row = 0; row < m_texts.size(); ++row) {
            QTableWidgetItem *item = m_table->item(row, FirstLanguage + i);
            const bool isMissing = item->text().trimmed().isEmpty();
            missing += isMissing ? 1 : 0;
            item->setBackground(isMissing ? QBrush(colours.odd) : QBrush());
            item->setToolTip(isMissing ? tr("Not there yet: people see “%1”").arg(m_texts.at(row).words) : QString());
        }
        const QString name = languageName(m_codes.at(i));
        heads.append(missing > 0 ? tr("%1: %2 missing").arg(name).arg(missing) : name);
    }
    m_table->setHorizontalHeaderLabels(heads);
    for (int i = WordsColumn; i < m_table->columnCount(); ++i) {
        m_table->horizontalHeader()->setSectionResizeMode(i, QHeaderView::Stretch);
    }
    m_remove->setEnabled(m_table->currentColumn() >= FirstLanguage);
}

} // namespace nabblet

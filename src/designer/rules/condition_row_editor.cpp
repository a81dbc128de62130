#include "designer/rules/condition_row_editor.h"

#include "core/kinds/control_names.h"
#include "core/text/number_words.h"
#include "entry/editors/day_popup.h"

#include <QComboBox>
#include <QDate>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QLocale>
#include <QMenu>
#include <QMouseEvent>
#include <QPushButton>
#include <QRegularExpression>

namespace nabblet {

namespace {

constexpr int ColumnRole = Qt::UserRole + 1; // of an item that stands for another column

// A menu of choices that stays open while they are ticked.
class TickMenu : public QMenu
{
public:
    using QMenu::QMenu;

protected:
    void mouseReleaseEvent(QMouseEvent *event) override
    {
        QAction *action = activeAction();
        if (action && action->isCheckable()) {
            action->trigger();
        } else {
            QMenu::mouseReleaseEvent(event);
        }
    }
    void keyPressEvent(QKeyEvent *event) override
    {
        QAction *action = activeAction();
        if (event->key() == Qt::Key_Space && action && action->isCheckable()) {
            action->trigger();
        } else {
            QMenu::keyPressEvent(event);
        }
    }
};

bool isDay(ColumnType type)
{
    return type == ColumnType::Date || type == ColumnType::DateTime;
}

bool isNumeric(ColumnType type)
{
    return type == ColumnType::WholeNumber || type == ColumnType::DecimalNumber;
}

QString choiceLabel(const ValueChoice &choice)
{
    return choice.count < 0 ? choice.words : ConditionRowEditor::tr("%1 (%L2)").arg(choice.words).arg(choice.count);
}

} // namespace

std::optional<CompareValue> dayFromWords(const QString &typed)
{
    QString words = typed.simplified().toLower();
    words.replace(QChar(0x2212), u'-');
    static const QRegularExpression today(
        QStringLiteral("^(?:now|%1)\\s*(?:([+-])\\s*(\\d{1,6})(?:\\s*\\p{L}*)?)?$")
            .arg(QRegularExpression::escape(ConditionRowEditor::tr("today").toLower())),
        QRegularExpression::UseUnicodePropertiesOption);
    if (const auto match = today.match(words); match.hasMatch()) {
        const int days = match.captured(2).toInt();
        return CompareValue{{}, false, match.captured(1) == QLatin1String("-") ? -days : days};
    }
    QDate date = QDate::fromString(words, Qt::ISODate);
    for (const QLocale::FormatType format : {QLocale::ShortFormat, QLocale::LongFormat}) {
        date = date.isValid() ? date : QLocale().toDate(typed.trimmed(), format);
    }
    if (!date.isValid()) {
        return std::nullopt;
    }
    return CompareValue{date.toString(Qt::ISODate)};
}

QString dayInWords(const CompareValue &value)
{
    if (value.days) {
        return *value.days == 0  ? ConditionRowEditor::tr("today")
               : *value.days > 0 ? ConditionRowEditor::tr("today + %1").arg(*value.days)
                                 : ConditionRowEditor::tr("today − %1").arg(-*value.days);
    }
    const QDate date = QDate::fromString(value.text, Qt::ISODate);
    const QString words = QLocale().toString(date, QLocale::ShortFormat);
    // A short form that loses the century says another day.
    return date.isValid() && QLocale().toDate(words, QLocale::ShortFormat) == date ? words : value.text;
}

ConditionRowEditor::ConditionRowEditor(const RuleContext *context, const ConditionRow &row, bool isFirst,
                                       QWidget *parent)
    : QWidget(parent), m_context(context), m_row(row), m_isFirst(isFirst), m_firstWord(tr("when")),
      m_firstOpposite(tr("when not"))
{
    m_row = readFor(row, type());
    m_line = new QHBoxLayout(this);
    m_line->setContentsMargins(0, 0, 0, 0);
    m_line->setSpacing(6);
    m_joint = new QPushButton;
    m_joint->setObjectName(QStringLiteral("joint"));
    m_joint->setToolTip(isFirst
                            ? tr("A click turns it into its opposite, and back.")
                            : tr("And binds more tightly than or. Clicks go from and to or, and to their opposites."));
    m_joint->setFixedWidth(72);
    connect(m_joint, &QPushButton::clicked, this, [this] {
        m_row.isNot = m_isFirst || m_row.isOr ? !m_row.isNot : m_row.isNot;
        m_row.isOr = !m_isFirst && !m_row.isOr;
        showJoint();
        Q_EMIT edited();
    });
    showJoint();
    m_column = new QComboBox;
    m_column->setObjectName(QStringLiteral("conditionColumn"));
    m_column->setAccessibleName(tr("Column"));
    for (const Column &column : m_context->table.columns) {
        m_column->addItem(calledForColumn(m_context->form, column.name), column.name);
    }
    const int index = m_column->findData(m_row.column, Qt::UserRole, Qt::MatchFixedString);
    if (index < 0 && !m_row.column.isEmpty()) {
        m_column->addItem(tr("%1 (not there)").arg(m_row.column), m_row.column);
    }
    m_column->setCurrentIndex(index < 0 ? (m_row.column.isEmpty() ? -1 : m_column->count() - 1) : index);
    m_column->setPlaceholderText(tr("Column"));
    m_column->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_column->setMinimumContentsLength(9);
    m_comparison = new QComboBox;
    m_comparison->setObjectName(QStringLiteral("comparison"));
    m_comparison->setAccessibleName(tr("Comparison"));
    m_bracket = new QPushButton(QStringLiteral("( )"));
    m_bracket->setObjectName(QStringLiteral("bracket"));
    m_bracket->setCheckable(true);
    m_bracket->setChecked(m_row.isWithAbove);
    m_bracket->setFixedWidth(34);
    m_bracket->setToolTip(tr("In brackets with the row above: what stands in them is worked out first"));
    m_bracket->setAccessibleName(tr("In brackets with the row above"));
    connect(m_bracket, &QPushButton::toggled, this, [this](bool isChecked) {
        m_row.isWithAbove = isChecked;
        Q_EMIT edited();
    });
    m_remove = new QPushButton;
    m_remove->setObjectName(QStringLiteral("removeRow"));
    m_remove->setText(QStringLiteral("×"));
    m_remove->setFixedWidth(26);
    m_remove->setToolTip(tr("Take this row away"));
    m_remove->setAccessibleName(tr("Take this row away"));
    m_line->addWidget(m_joint);
    m_line->addWidget(m_column, 3);
    m_line->addWidget(m_comparison, 2);
    m_line->addWidget(m_bracket);
    m_line->addWidget(m_remove);
    fillComparisons();
    makeValues();
    connect(m_column, &QComboBox::activated, this, [this](int at) {
        const ColumnType before = type();
        m_row.column = m_column->itemData(at).toString();
        if (type() != before) {
            m_row.values.clear();
        }
        if (!comparisonsFor(type()).contains(m_row.comparison)) {
            m_row.comparison = comparisonsFor(type()).first();
        }
        fillComparisons();
        makeValues();
        Q_EMIT edited();
    });
    connect(m_comparison, &QComboBox::activated, this, [this](int at) {
        const auto comparison = static_cast<Comparison>(m_comparison->itemData(at).toInt());
        const bool wasDays = m_row.comparison == Comparison::WithinNext || m_row.comparison == Comparison::WithinLast;
        const bool isDays = comparison == Comparison::WithinNext || comparison == Comparison::WithinLast;
        m_row.comparison = comparison;
        const int wanted = valueCount(comparison);
        if (wasDays != isDays) {
            m_row.values.clear();
        }
        if (wanted >= 0 && m_row.values.size() > wanted) {
            m_row.values.resize(wanted);
        }
        makeValues();
        Q_EMIT edited();
    });
    connect(m_remove, &QPushButton::clicked, this, &ConditionRowEditor::removed);
}

void ConditionRowEditor::setBracketsOffered(bool areOffered)
{
    QSizePolicy policy = m_bracket->sizePolicy();
    policy.setRetainSizeWhenHidden(areOffered); // the first row ends where the others do
    m_bracket->setSizePolicy(policy);
    m_bracket->setVisible(areOffered && !m_isFirst);
}

void ConditionRowEditor::setFirstWords(const QString &word, const QString &opposite)
{
    m_firstWord = word;
    m_firstOpposite = opposite;
    showJoint();
}

void ConditionRowEditor::showJoint()
{
    m_joint->setText(m_isFirst     ? m_row.isNot ? m_firstOpposite : m_firstWord
                     : m_row.isOr  ? m_row.isNot ? tr("or not") : tr("or")
                      : m_row.isNot ? tr("and not")
                                   : tr("and"));
}

ColumnType ConditionRowEditor::type() const
{
    const Column *column = findColumn(m_context->table, m_row.column);
    return column ? column->type : ColumnType::Text;
}

void ConditionRowEditor::fillComparisons()
{
    m_comparison->clear();
    QList<Comparison> all = comparisonsFor(type());
    if (!all.contains(m_row.comparison)) {
        all.append(m_row.comparison);
    }
    for (const Comparison each : std::as_const(all)) {
        m_comparison->addItem(comparisonWords(each), static_cast<int>(each));
    }
    m_comparison->setCurrentIndex(m_comparison->findData(static_cast<int>(m_row.comparison)));
}

void ConditionRowEditor::makeValues()
{
    delete m_values;
    m_values = new QWidget;
    auto *line = new QHBoxLayout(m_values);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    const int wanted = valueCount(m_row.comparison);
    if (wanted < 0) {
        makeSeveral();
    }
    for (int i = 0; i < wanted; ++i) {
        QComboBox *list = valueList(i, wanted == 1 ? tr("Value") : i == 0 ? tr("From") : tr("To"));
        line->addWidget(list, 1);
        if (isDay(type()) && !isCountOfDays()) {
            line->addWidget(calendarButton(i, list));
        }
    }
    m_line->insertWidget(3, m_values, 4);
    m_values->setVisible(wanted != 0);
    QWidget *before = m_comparison;
    for (QWidget *each : m_values->findChildren<QWidget *>(QString(), Qt::FindDirectChildrenOnly)) {
        setTabOrder(before, each);
        before = each;
    }
    setTabOrder(before, m_remove);
}

bool ConditionRowEditor::isCountOfDays() const
{
    return m_row.comparison == Comparison::WithinNext || m_row.comparison == Comparison::WithinLast;
}

QPushButton *ConditionRowEditor::calendarButton(int number, QComboBox *list)
{
    auto *button = new QPushButton(QStringLiteral("…"));
    button->setObjectName(QStringLiteral("conditionCalendar"));
    button->setAccessibleName(tr("Choose a day"));
    button->setToolTip(tr("Choose a day"));
    button->setFixedWidth(36);
    connect(button, &QPushButton::clicked, this, [this, number, list] {
        const CompareValue now = m_row.values.value(number);
        const QDate day = now.days ? QDate::currentDate().addDays(*now.days) : QDate::fromString(now.text, Qt::ISODate);
        openDayPopup(list, day, QLocale(), [this, number, list](const QDate &chosen) {
            list->setEditText(dayInWords(CompareValue{chosen.toString(Qt::ISODate)}));
            takeValue(number, list);
        });
    });
    return button;
}

// One value, chosen or typed.
QComboBox *ConditionRowEditor::valueList(int number, const QString &caption)
{
    auto *list = new QComboBox;
    list->setObjectName(QStringLiteral("conditionValue"));
    list->setAccessibleName(caption);
    list->setEditable(true);
    list->setInsertPolicy(QComboBox::NoInsert);
    list->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    list->setMinimumContentsLength(8);
    list->lineEdit()->setPlaceholderText(caption);
    const bool isDays = isCountOfDays();
    const CompareValue now = m_row.values.value(number);
    QString words = now.text;
    if (isDays) {
        for (const int days : {7, 14, 30, 90, 365}) {
            list->addItem(QString::number(days), QString::number(days));
        }
    } else if (isDay(type())) {
        for (const int days : {0, -1, -7, -30, -90, -365, 7, 14, 30}) {
            const CompareValue day{{}, false, days};
            list->addItem(dayInWords(day), dayInWords(day));
        }
        words = now.days || !now.text.isEmpty() ? dayInWords(now) : QString();
    } else if (m_context->choices) {
        for (const ValueChoice &choice : m_context->choices(m_row.column)) {
            list->addItem(choiceLabel(choice), choice.value);
            if (choice.value == now.text && !m_row.values.isEmpty()) {
                words = choice.words;
            }
        }
    }
    if (isNumeric(type()) && words == now.text && !words.isEmpty()) {
        words = numberInWords(words.toDouble(), 0, QLocale());
    }
    if (!isDays) { // values of other columns of the same sort
        for (const Column &column : m_context->table.columns) {
            if (column.name != m_row.column && column.type == type() && column.type != ColumnType::YesNo) {
                list->addItem(tr("as in %1").arg(calledForColumn(m_context->form, column.name)));
                list->setItemData(list->count() - 1, column.name, ColumnRole);
            }
        }
    }
    if (!now.column.isEmpty()) {
        words = tr("as in %1").arg(calledForColumn(m_context->form, now.column));
    }
    list->setCurrentIndex(-1);
    list->setEditText(words);
    connect(list, &QComboBox::activated, this, [this, number, list](int at) {
        if (const QVariant column = list->itemData(at, ColumnRole); column.isValid()) {
            while (m_row.values.size() <= number) {
                m_row.values.append(CompareValue{});
            }
            m_row.values[number] = CompareValue{{}, false, {}, column.toString()};
            Q_EMIT edited();
            return;
        }
        takeValue(number, list);
    });
    connect(list->lineEdit(), &QLineEdit::textEdited, this, [this, number, list] { takeValue(number, list); });
    return list;
}

void ConditionRowEditor::takeValue(int number, const QComboBox *list)
{
    const QString typed = list->currentText();
    const bool isDays = isCountOfDays();
    CompareValue value{typed};
    const QList<ValueChoice> choices =
        m_context->choices && !isDay(type()) ? m_context->choices(m_row.column) : QList<ValueChoice>();
    for (const ValueChoice &choice : choices) {
        if (choiceLabel(choice) == typed || choice.words.compare(typed.trimmed(), Qt::CaseInsensitive) == 0) {
            value.text = choice.value;
            break;
        }
    }
    if (isDays) {
        value = CompareValue{QString::number(typed.toInt()), true};
        value.text = typed.toInt() > 0 ? value.text : QString();
    } else if (isDay(type())) {
        value = dayFromWords(typed).value_or(CompareValue{{}, true}); // not taken until it is a day
    } else if (isNumeric(type())) {
        const Result<QVariant> read = readDecimalNumber(value.text, QLocale());
        bool isPlain = false;
        value.text.toDouble(&isPlain);
        value = isPlain                          ? CompareValue{value.text, true}
                : read && !read->isNull()        ? CompareValue{read->toString(), true}
                : value.text.trimmed().isEmpty() ? CompareValue{{}, true}
                                                 : CompareValue{value.text}; // a check says that it is no number
    }
    while (m_row.values.size() <= number) {
        m_row.values.append(CompareValue{{}, true});
    }
    m_row.values[number] = value;
    Q_EMIT edited();
}

// Any number of values: ticked in a menu that stays open, or typed with commas between them.
void ConditionRowEditor::makeSeveral()
{
    const QList<ValueChoice> choices = m_context->choices ? m_context->choices(m_row.column) : QList<ValueChoice>();
    auto *words = new QLineEdit;
    words->setObjectName(QStringLiteral("conditionValues"));
    words->setAccessibleName(tr("Values, with commas between them"));
    words->setPlaceholderText(tr("Values, with commas between them"));
    const auto show = [this, choices, words] {
        QStringList parts;
        for (const CompareValue &value : std::as_const(m_row.values)) {
            const auto choice = std::find_if(choices.begin(), choices.end(),
                                             [&](const ValueChoice &each) { return each.value == value.text; });
            parts.append(choice == choices.end() ? value.text : choice->words);
        }
        words->setText(parts.join(QStringLiteral(", ")));
    };
    show();
    const auto valueFor = [this](const QString &text) {
        bool isNumber = false;
        text.toDouble(&isNumber);
        return CompareValue{text, isNumber && isNumeric(type())};
    };
    connect(words, &QLineEdit::textEdited, this, [this, choices, valueFor](const QString &typed) {
        m_row.values.clear();
        for (const QString &part : typed.split(u',', Qt::SkipEmptyParts)) {
            const QString text = part.trimmed();
            const auto choice = std::find_if(choices.begin(), choices.end(), [&](const ValueChoice &each) {
                return each.words.compare(text, Qt::CaseInsensitive) == 0;
            });
            if (!text.isEmpty()) {
                m_row.values.append(valueFor(choice == choices.end() ? text : choice->value));
            }
        }
        Q_EMIT edited();
    });
    m_values->layout()->addWidget(words);
    if (choices.isEmpty()) {
        return;
    }
    auto *button = new QPushButton;
    button->setObjectName(QStringLiteral("chooseValues"));
    button->setAccessibleName(tr("Choose values"));
    button->setFixedWidth(30);
    auto *menu = new TickMenu(button);
    for (const ValueChoice &choice : choices) {
        QAction *action = menu->addAction(choiceLabel(choice));
        action->setCheckable(true);
        action->setChecked(std::any_of(m_row.values.begin(), m_row.values.end(),
                                       [&](const CompareValue &value) { return value.text == choice.value; }));
        connect(action, &QAction::toggled, this, [this, choice, valueFor, show](bool isOn) {
            m_row.values.removeIf([&](const CompareValue &value) { return value.text == choice.value; });
            if (isOn) {
                m_row.values.append(valueFor(choice.value));
            }
            show();
            Q_EMIT edited();
        });
    }
    button->setMenu(menu);
    m_values->layout()->addWidget(button);
}

} // namespace nabblet

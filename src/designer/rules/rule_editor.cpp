#include "designer/rules/rule_editor.h"

#include "core/arrange/containers.h"
#include "core/rules/belonging.h"
#include "core/rules/rules.h"
#include "core/text/tr.h"
#include "designer/rules/condition_editor.h"
#include "designer/rules/controls_chooser.h"
#include "designer/rules/mark_list.h"
#include "designer/rules/put_in_menu.h"
#include "designer/rules/scale_editor.h"
#include "designer/rules/shape_editor.h"
#include "designer/rules/spread_chart.h"
#include "designer/rules/sql_line.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QLabel *headed(const QString &text)
{
    auto *label = new QLabel(text);
    label->setObjectName(QStringLiteral("sectionTitle"));
    return label;
}

QLabel *plain(const char *name)
{
    auto *label = new QLabel;
    label->setObjectName(QLatin1String(name));
    label->setTextFormat(Qt::PlainText);
    label->setWordWrap(true);
    return label;
}

} // namespace

RuleEditor::RuleEditor(const RuleContext *context, QWidget *parent)
    : QWidget(parent), m_context(context), m_appearance(usualLook(), Theme::Light, QFont())
{
    setObjectName(QStringLiteral("ruleEditor"));
    auto *whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(0);
    auto *area = new QScrollArea;
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setFocusPolicy(Qt::NoFocus); // what stands in it takes the keyboard
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    whole->addWidget(area, 1);
    auto *inside = new QWidget;
    inside->setObjectName(QStringLiteral("panelContents"));
    m_column = new QVBoxLayout(inside);
    m_column->setContentsMargins(16, 12, 16, 12);
    m_column->setSpacing(8);
    area->setWidget(inside);

    auto *head = new QHBoxLayout;
    head->setSpacing(8);
    m_on = new ControlsChooser;
    m_effect = new QComboBox;
    m_effect->setObjectName(QStringLiteral("effect"));
    m_effect->setAccessibleName(tr("What it does"));
    for (const Effect &effect : effects()) {
        m_effect->addItem(effectTitle(effect), QString::fromLatin1(effect.name));
    }
    head->addWidget(m_on, 3);
    head->addWidget(m_effect, 2);
    m_column->addLayout(head);
    m_help = plain("faint");
    m_column->addWidget(m_help);

    // What is stored, with the limits over it.
    m_chartPart = new QWidget;
    auto *chartColumn = new QVBoxLayout(m_chartPart);
    chartColumn->setContentsMargins(0, 0, 0, 0);
    m_chart = new SpreadChart;
    chartColumn->addWidget(headed(tr("What is stored, and where the limits are")));
    chartColumn->addWidget(m_chart);
    m_column->addWidget(m_chartPart);
    m_scale = new ScaleEditor(context);
    m_column->addWidget(m_scale);

    m_shape = new ShapeEditor(context);
    m_column->addWidget(m_shape);

    m_whenTitle = headed(tr("When"));
    m_column->addWidget(m_whenTitle);
    m_condition = new ConditionEditor(context);
    m_column->addWidget(m_condition);
    auto *counts = new QHBoxLayout;
    m_counts = new QLabel;
    m_counts->setObjectName(QStringLiteral("ruleCounts"));
    m_aTrue = new QPushButton(tr("a true one"));
    m_aTrue->setObjectName(QStringLiteral("aTrueOne"));
    m_aFalse = new QPushButton(tr("a false one"));
    m_aFalse->setObjectName(QStringLiteral("aFalseOne"));
    m_look = new QPushButton(tr("look at them"));
    m_look->setObjectName(QStringLiteral("lookAtThem"));
    counts->addWidget(m_counts, 1);
    counts->addWidget(m_aTrue);
    counts->addWidget(m_aFalse);
    counts->addWidget(m_look);
    m_column->addLayout(counts);

    m_then = makeSide(tr("Then"), QStringLiteral("then"), &Rule::then);
    m_column->addWidget(m_then.part);
    m_otherwise = makeSide(tr("Otherwise"), QStringLiteral("otherwise"), &Rule::otherwise);
    m_column->addWidget(m_otherwise.part);
    m_tried = plain("faint");
    m_column->addWidget(m_tried);

    m_hiddenPart = new QWidget;
    auto *hidden = new QHBoxLayout(m_hiddenPart);
    hidden->setContentsMargins(0, 0, 0, 0);
    m_givesWay = new QCheckBox(tr("Hidden, it gives up its room"));
    m_givesWay->setObjectName(QStringLiteral("givesWay"));
    m_hiddenValue = new QComboBox;
    m_hiddenValue->setObjectName(QStringLiteral("hiddenValue"));
    m_hiddenValue->setAccessibleName(tr("A hidden value"));
    m_hiddenValue->addItems(
        {tr("a hidden value is kept"), tr("a hidden value is saved empty"), tr("saving asks about a hidden value")});
    hidden->addWidget(m_givesWay, 1);
    hidden->addWidget(m_hiddenValue);
    m_column->addWidget(m_hiddenPart);

    m_holdPart = new QWidget;
    auto *hold = new QHBoxLayout(m_holdPart);
    hold->setContentsMargins(0, 0, 0, 0);
    m_hold = new QComboBox;
    m_hold->setObjectName(QStringLiteral("hold"));
    m_hold->setAccessibleName(tr("How it stays"));
    m_hold->addItems({tr("always as worked out"), tr("until something else is typed"), tr("in new records only"),
                      tr("in new records, as in the one saved last")});
    hold->addWidget(m_hold);
    hold->addStretch(1);
    m_column->addWidget(m_holdPart);

    m_asksPart = new QWidget;
    auto *asks = new QHBoxLayout(m_asksPart);
    asks->setContentsMargins(0, 0, 0, 0);
    m_asks = new QComboBox;
    m_asks->setObjectName(QStringLiteral("asks"));
    m_asks->setAccessibleName(tr("Where it does not hold"));
    m_asks->addItems({tr("saving is refused"), tr("saving asks whether it is so")});
    asks->addWidget(m_asks);
    asks->addStretch(1);
    m_column->addWidget(m_asksPart);
    m_column->addStretch(1);

    auto *foot = new QHBoxLayout;
    m_copy = new ControlsChooser;
    m_copy->setObjectName(QStringLiteral("copyRule"));
    m_copy->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    m_copy->setDone(tr("Copy on to them"));
    m_off = new QPushButton;
    m_off->setObjectName(QStringLiteral("switchRule"));
    auto *remove = new QPushButton(tr("Delete"));
    remove->setObjectName(QStringLiteral("deleteRule"));
    foot->addWidget(m_copy);
    foot->addWidget(m_off);
    foot->addWidget(remove);
    foot->addStretch(1);
    foot->setContentsMargins(16, 8, 16, 0);
    foot->setSpacing(8);
    whole->addLayout(foot);

    connect(m_effect, &QComboBox::activated, this, [this](int at) {
        change([&](Rule &rule) {
            rule.effect = m_effect->itemData(at).toString();
            if (rule.effect == QLatin1String("scale") && rule.steps.isEmpty()) {
                rule.steps = {{0.0, Mark::Alarm, {}}, {{}, Mark::Steady, {}}};
            } else if (rule.effect == QLatin1String("marked") && rule.then.mark == Mark::None) {
                rule.then.mark = Mark::Watch;
            }
        });
        showAll();
    });
    connect(m_on, &ControlsChooser::chosenChanged, this, [this] {
        change([&](Rule &rule) {
            rule.on = m_on->chosen();
            rule.areas = m_on->chosenAreas();
        });
        showAll();
    });
    connect(m_condition, &ConditionEditor::edited, this, [this](const QString &condition) {
        change([&](Rule &rule) { rule.when = condition; });
        showScale();
        Q_EMIT measuresChanged();
    });
    connect(m_scale, &ScaleEditor::edited, this, [this] {
        change([&](Rule &rule) { rule = m_scale->rule(); });
        showScale();
    });
    connect(m_shape, &ShapeEditor::edited, this, [this] { change([&](Rule &rule) { rule = m_shape->rule(); }); });
    connect(m_givesWay, &QCheckBox::clicked, this,
            [this](bool isOn) { change([&](Rule &rule) { rule.givesWay = isOn; }); });
    connect(m_hiddenValue, &QComboBox::activated, this,
            [this](int at) { change([&](Rule &rule) { rule.hidden = static_cast<HiddenValue>(at); }); });
    connect(m_hold, &QComboBox::activated, this, [this](int at) {
        change([&](Rule &rule) { rule.hold = static_cast<ValueHold>(at); });
        showAll();
    });
    connect(m_asks, &QComboBox::activated, this, [this](int at) { change([&](Rule &rule) { rule.asks = at == 1; }); });
    connect(m_off, &QPushButton::clicked, this, [this] {
        change([&](Rule &rule) { rule.isOff = !rule.isOff; });
        showAll();
    });
    connect(remove, &QPushButton::clicked, this, &RuleEditor::deleteRequested);
    connect(m_copy, &ControlsChooser::done, this, &RuleEditor::copyRequested);
    connect(m_aTrue, &QPushButton::clicked, this, [this] { Q_EMIT recordRequested(*m_counted.aTrue); });
    connect(m_aFalse, &QPushButton::clicked, this, [this] { Q_EMIT recordRequested(*m_counted.aFalse); });
    connect(m_look, &QPushButton::clicked, this, &RuleEditor::rowsRequested);
    connect(m_chart, &SpreadChart::limitMoved, this, [this](int step, double to) {
        if (m_rule.effect == QLatin1String("scale")) {
            change([&](Rule &rule) {
                if (step < rule.steps.size()) {
                    rule.steps[step].below = to;
                }
            });
            m_scale->setRule(m_rule);
            showScale();
            return;
        }
        // The limit of the first number that the condition compares with.
        auto rows = rowsFromCondition(m_rule.when);
        if (!rows) {
            return;
        }
        for (ConditionRow &row : *rows) {
            if (row.column == m_condition->numberColumn() && row.values.size() > step) {
                row.values[step] = CompareValue{QString::number(to, 'g', 12), true};
                const QString condition = conditionFromRows(*rows);
                change([&](Rule &rule) { rule.when = condition; });
                m_condition->setCondition(condition);
                showScale();
                break;
            }
        }
    });
}

RuleEditor::Side RuleEditor::makeSide(const QString &caption, const QString &name, RuleSide Rule::*side)
{
    Side made;
    made.part = new QWidget;
    auto *column = new QVBoxLayout(made.part);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    made.caption = headed(caption);
    column->addWidget(made.caption);
    auto *line = new QHBoxLayout;
    made.mark = markList(tr("%1: marked").arg(caption));
    made.mark->setObjectName(name + QStringLiteral("Mark"));
    made.words = new QLineEdit;
    made.words->setObjectName(name + QStringLiteral("Words"));
    made.words->setAccessibleName(tr("%1: says").arg(caption));
    line->addWidget(made.mark);
    line->addWidget(made.words, 1);
    column->addLayout(line);
    made.value = new SqlLine;
    made.value->setObjectName(name + QStringLiteral("Value"));
    made.value->setAccessibleName(tr("%1: value as SQL").arg(caption));
    column->addWidget(made.value);
    made.putIn = putInButton(made.value, m_context);
    column->addWidget(made.putIn);
    made.mistake = plain("mistake");
    column->addWidget(made.mistake);
    connect(made.mark, &QComboBox::activated, this, [this, side, list = made.mark](int at) {
        change([&](Rule &rule) { (rule.*side).mark = static_cast<Mark>(list->itemData(at).toInt()); });
    });
    connect(made.words, &QLineEdit::textEdited, this,
            [this, side](const QString &words) { change([&](Rule &rule) { (rule.*side).words = words; }); });
    connect(made.value, &QPlainTextEdit::textChanged, this, [this, side, box = made.value, label = made.mistake] {
        const QString value = box->toPlainText().trimmed();
        const QString mistake = value.isEmpty()
                                    ? QString()
                                    : sqlMistake(value, columnNames(m_context->table), belongingTo(m_context->form));
        label->setText(mistake);
        label->setVisible(!mistake.isEmpty());
        change([&](Rule &rule) { (rule.*side).value = value; });
    });
    return made;
}

void RuleEditor::change(const std::function<void(Rule &)> &how)
{
    if (m_isShowing) {
        return;
    }
    Rule changed = m_rule;
    how(changed);
    if (changed != m_rule) {
        m_rule = changed;
        m_scale->setRule(m_rule); // each edits the whole rule
        m_shape->setRule(m_rule);
        Q_EMIT edited();
    }
}

void RuleEditor::setAppearance(const Appearance &appearance)
{
    m_appearance = appearance;
    m_chart->setAppearance(appearance);
}

void RuleEditor::refresh()
{
    const QStringList names = namesFor(*m_context);
    m_scale->setNames(names);
    m_then.value->setNames(names);
    m_otherwise.value->setNames(names);
    m_condition->refresh();
    showAll();
}

void RuleEditor::setRule(const Rule &rule)
{
    m_rule = rule;
    m_counted = {};
    m_rows = 0;
    m_shape->setCounted({}, {});
    m_tried->clear();
    showAll();
}

void RuleEditor::showAll()
{
    m_isShowing = true;
    const Effect *effect = findEffect(m_rule.effect);
    const QString name = m_rule.effect;
    const auto is = [&](const char *each) { return name == QLatin1String(each); };
    m_effect->setCurrentIndex(m_effect->findData(name));
    m_help->setText(effect ? Texts::tr(effect->help) : QString());
    m_on->setControls(
        m_context->form,
        [effect](const Control &control) { return effect && effect->concerns(kindNamed(control.kind)); },
        is("check") ? tr("The record") : tr("Nothing yet"));
    QList<Area> areas;
    if (effect && effect->reachesInside) {
        for (const Area &area : areasOf(m_context->form)) {
            if (area.container == 0 || area.page != 0) {
                areas.append(area.container != 0 ? Area{BandRole::Body, area.container, area.page} : area);
            }
        }
    }
    m_on->setAreas(areas);
    m_on->setChosen(m_rule.on, m_rule.areas);
    m_copy->setControls(
        m_context->form,
        [this, effect](const Control &control) {
            return effect && effect->concerns(kindNamed(control.kind)) && !m_rule.on.contains(control.id);
        },
        tr("Copy on to…"));
    m_whenTitle->setText(is("check")                                 ? tr("It must hold")
                         : is("scale") || is("value") || is("shape") ? tr("And only when")
                                                                     : tr("When"));
    is("check") ? m_condition->setFirstWords(tr("that"), tr("that not"))
                : m_condition->setFirstWords(tr("when"), tr("when not"));
    m_condition->setCondition(m_rule.when);
    const RuleSides sides = effect ? effect->sides : RuleSides::None;
    m_then.caption->setText(is("check")   ? tr("Says, where it does not hold")
                            : is("value") ? tr("Value as SQL")
                            : is("note")  ? tr("Says beside the box")
                                          : tr("Then"));
    const bool hasCondition = !m_rule.when.isEmpty();
    const bool asBefore = is("value") && m_rule.hold == ValueHold::AsBefore;
    m_then.part->setVisible(sides != RuleSides::None && !asBefore);
    m_otherwise.part->setVisible(sides != RuleSides::None && !is("check") && hasCondition && !asBefore);
    for (const Side &side : {m_then, m_otherwise}) {
        side.mark->setVisible(sides == RuleSides::MarkAndWords);
        side.words->setVisible(sides == RuleSides::MarkAndWords || sides == RuleSides::Words);
        side.words->setPlaceholderText(sides == RuleSides::MarkAndWords ? tr("Words beside the box, where wanted")
                                                                        : tr("A sentence"));
        side.value->setVisible(sides == RuleSides::Value);
        side.putIn->setVisible(sides == RuleSides::Value);
    }
    showSide(m_then, m_rule.then);
    showSide(m_otherwise, m_rule.otherwise);
    m_tried->setVisible(is("value") && !m_tried->text().isEmpty());
    m_hiddenPart->setVisible(is("shown"));
    m_givesWay->setChecked(m_rule.givesWay);
    m_hiddenValue->setCurrentIndex(static_cast<int>(m_rule.hidden));
    m_holdPart->setVisible(is("value"));
    m_hold->setCurrentIndex(static_cast<int>(m_rule.hold));
    m_asksPart->setVisible(is("check"));
    m_asks->setCurrentIndex(m_rule.asks ? 1 : 0);
    m_shape->setVisible(is("shape"));
    m_scale->setVisible(is("scale"));
    m_off->setText(m_rule.isOff ? tr("Switch on") : tr("Switch off"));
    m_scale->setRule(m_rule);
    m_shape->setRule(m_rule);
    showScale();
    showCounts();
    m_isShowing = false;
}

void RuleEditor::showSide(const Side &side, const RuleSide &shown)
{
    side.mark->setCurrentIndex(static_cast<int>(shown.mark));
    if (side.words->text() != shown.words) {
        side.words->setText(shown.words);
    }
    if (side.value->toPlainText().trimmed() != shown.value) {
        side.value->setPlainText(shown.value);
    }
    const QString mistake = shown.value.isEmpty()
                                ? QString()
                                : sqlMistake(shown.value, columnNames(m_context->table), belongingTo(m_context->form));
    side.mistake->setText(mistake);
    side.mistake->setVisible(!mistake.isEmpty() && side.value->isVisibleTo(side.part));
}

QString RuleEditor::measures() const
{
    if (m_rule.effect == QLatin1String("scale")) {
        return {}; // counted with the rule
    }
    const QString column = m_condition->numberColumn();
    return column.isEmpty() ? QString() : columnExpression(column);
}

// The chart of a scale, or of the number that the condition compares with.
void RuleEditor::showScale()
{
    const bool isScale = m_rule.effect == QLatin1String("scale");
    if (isScale) {
        QStringList words;
        for (int i = 0; i < m_rule.steps.size(); ++i) {
            const QString mark = markWord(m_rule.steps.at(i).mark);
            words.append(i < m_counted.inSteps.size()
                             ? QStringLiteral("%1 · %L2").arg(mark).arg(m_counted.inSteps.at(i))
                             : mark);
        }
        m_chart->setSteps(m_rule.steps, words);
        m_chart->setNumbers(m_counted.numbers);
    } else {
        QList<ScaleStep> steps;
        const auto rows = rowsFromCondition(m_rule.when);
        for (const ConditionRow &row : rows.value_or(QList<ConditionRow>())) {
            if (row.column == m_condition->numberColumn() && steps.isEmpty()) {
                for (const CompareValue &value : row.values) {
                    if (value.isNumber) {
                        steps.append(ScaleStep{value.text.toDouble(), Mark::None, {}});
                    }
                }
            }
        }
        steps.append(ScaleStep{});
        m_chart->setSteps(steps, {});
    }
    m_chartPart->setVisible(isScale || !m_condition->numberColumn().isEmpty());
}

void RuleEditor::setNumbers(const QList<double> &numbers)
{
    if (m_rule.effect != QLatin1String("scale")) {
        m_chart->setNumbers(numbers);
    }
}

void RuleEditor::setCounted(const RowsCounted &counted, qint64 rows, bool isSample, const QStringList &columns)
{
    m_counted = counted;
    m_rows = rows;
    m_isSample = isSample;
    showCounts();
    showScale();
    m_shape->setCounted(counted, columns);
}

void RuleEditor::showCounts()
{
    const bool isCheck = m_rule.effect == QLatin1String("check");
    QString words;
    if (m_rows > 0 && m_counted.mistake.isEmpty()) {
        words = !isCheck ? tr("true for %L1 of %L2 stored rows").arg(m_counted.isTrue).arg(m_rows)
                : m_counted.isFalse == 0
                    ? tr("all %L1 stored rows hold").arg(m_rows)
                    : counted(m_counted.isFalse, tr("1 of %L1 stored rows does not hold").arg(m_rows),
                              tr("%2 of %L1 stored rows do not hold").arg(m_rows));
        words += m_isSample ? tr(" looked at so far") : QString();
    }
    m_counts->setText(words);
    m_aTrue->setEnabled(m_counted.aTrue.has_value());
    m_aFalse->setEnabled(m_counted.aFalse.has_value());
    m_look->setVisible(!m_counted.kept.isEmpty() && (isCheck || !m_rule.when.isEmpty()));
}

void RuleEditor::setTried(const QString &words)
{
    m_tried->setText(words);
    m_tried->setVisible(!words.isEmpty() && m_rule.effect == QLatin1String("value"));
}

} // namespace nabblet

#include "designer/rules/scale_editor.h"

#include "core/rules/rules.h"
#include "core/text/number_words.h"
#include "designer/rules/mark_list.h"
#include "designer/rules/sql_line.h"
#include "designer/rules/tab_chain.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <QVBoxLayout>

namespace nabblet {

ScaleEditor::ScaleEditor(const RuleContext *context, QWidget *parent) : QWidget(parent), m_context(context)
{
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto *steps = new QWidget;
    m_stepsColumn = new QVBoxLayout(steps);
    m_stepsColumn->setContentsMargins(0, 0, 0, 0);
    m_anchor = tabAnchor(this);
    m_stepsColumn->setSpacing(6);
    column->addWidget(steps);
    auto *line = new QHBoxLayout;
    auto *add = new QPushButton(tr("+ limit"));
    add->setObjectName(QStringLiteral("addLimit"));
    auto *age = new QPushButton(tr("By age in days"));
    age->setObjectName(QStringLiteral("byAge"));
    age->setToolTip(tr("Of a date: the days since then are measured"));
    line->addWidget(add);
    line->addWidget(age);
    line->addStretch(1);
    column->addLayout(line);
    auto *caption = new QLabel(tr("Measured, as SQL"));
    caption->setObjectName(QStringLiteral("faint"));
    column->addWidget(caption);
    m_measured = new SqlLine;
    m_measured->setObjectName(QStringLiteral("measured"));
    m_measured->setAccessibleName(tr("Measured, as SQL"));
    m_measured->setPlaceholderText(tr("The value of the box"));
    column->addWidget(m_measured);
    connect(add, &QPushButton::clicked, this, [this] {
        change([&](Rule &rule) {
            // Beyond the last limit, by the distance between those before.
            double last = 0;
            double before = 0;
            for (const ScaleStep &step : rule.steps) {
                before = step.below ? last : before;
                last = step.below.value_or(last);
            }
            const double distance = last - before;
            ScaleStep step{last + (distance > 0 ? distance : 1), Mark::Watch, {}};
            rule.steps.insert(std::max<qsizetype>(0, rule.steps.size() - 1), step);
        });
        showSteps();
    });
    connect(age, &QPushButton::clicked, this, [this] {
        const Control *control = m_rule.on.isEmpty() ? nullptr : m_context->form.controls.find(m_rule.on.first());
        if (control && !control->column.isEmpty()) {
            const QString days =
                QStringLiteral("julianday('now') - julianday(%1)").arg(columnExpression(control->column));
            change([&](Rule &rule) {
                rule.measured = days;
                rule.steps = {{30.0, Mark::Steady, {}}, {365.0, Mark::Watch, {}}, {{}, Mark::Alarm, {}}};
            });
            showSteps();
        }
    });
    connect(m_measured, &QPlainTextEdit::textChanged, this,
            [this] { change([&](Rule &rule) { rule.measured = m_measured->toPlainText().trimmed(); }); });
}

void ScaleEditor::change(const std::function<void(Rule &)> &how)
{
    Rule changed = m_rule;
    how(changed);
    if (changed != m_rule) {
        m_rule = changed;
        Q_EMIT edited();
    }
}

// A line that is gone may still have a list open.
void ScaleEditor::changeStep(int number, const std::function<void(ScaleStep &)> &how)
{
    change([&](Rule &rule) {
        if (number < rule.steps.size()) {
            how(rule.steps[number]);
        }
    });
}

void ScaleEditor::setRule(const Rule &rule)
{
    m_rule = rule;
    if (m_measured->toPlainText().trimmed() != rule.measured) {
        const QSignalBlocker blocker(m_measured);
        m_measured->setPlainText(rule.measured);
    }
    showSteps();
}

void ScaleEditor::setNames(const QStringList &names)
{
    m_measured->setNames(names);
}

// A line for each part of the scale: its limit, its mark, its words.
void ScaleEditor::showSteps()
{
    const QLocale locale;
    if (m_stepsColumn->count() == m_rule.steps.size()) { // only figures change: what is being typed stays
        for (int i = 0; i < m_rule.steps.size(); ++i) {
            QWidget *line = m_stepsColumn->itemAt(i)->widget();
            const ScaleStep &step = m_rule.steps.at(i);
            auto *limit = line->findChild<QLineEdit *>(QStringLiteral("limit"));
            if (limit && step.below && !limit->hasFocus()) {
                limit->setText(locale.toString(*step.below, 'g', 12));
            }
            line->findChild<QComboBox *>(QStringLiteral("stepMark"))->setCurrentIndex(static_cast<int>(step.mark));
            auto *words = line->findChild<QLineEdit *>(QStringLiteral("stepWords"));
            if (!words->hasFocus()) {
                words->setText(step.words);
            }
        }
        return;
    }
    while (QLayoutItem *item = m_stepsColumn->takeAt(0)) {
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;
    }
    for (int i = 0; i < m_rule.steps.size(); ++i) {
        const ScaleStep &step = m_rule.steps.at(i);
        auto *line = new QWidget;
        auto *row = new QHBoxLayout(line);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(6);
        auto *caption = new QLabel(!step.below ? tr("else") : i == 0 ? tr("below") : tr("to"));
        caption->setFixedWidth(40);
        row->addWidget(caption);
        if (step.below) {
            auto *limit = new QLineEdit(locale.toString(*step.below, 'g', 12));
            limit->setObjectName(QStringLiteral("limit"));
            limit->setAccessibleName(tr("Limit %1").arg(i + 1));
            limit->setFixedWidth(72);
            limit->setAlignment(Qt::AlignRight);
            connect(limit, &QLineEdit::textEdited, this, [this, i](const QString &typed) {
                const Result<QVariant> number = readDecimalNumber(typed, QLocale());
                if (number && !number->isNull()) {
                    changeStep(i, [&](ScaleStep &each) { each.below = number->toDouble(); });
                }
            });
            row->addWidget(limit);
        } else {
            row->addSpacing(78);
        }
        auto *mark = markList(tr("Mark %1").arg(i + 1));
        mark->setObjectName(QStringLiteral("stepMark"));
        mark->setCurrentIndex(static_cast<int>(step.mark));
        connect(mark, &QComboBox::activated, this,
                [this, i](int at) { changeStep(i, [&](ScaleStep &each) { each.mark = static_cast<Mark>(at); }); });
        row->addWidget(mark);
        auto *words = new QLineEdit(step.words);
        words->setObjectName(QStringLiteral("stepWords"));
        words->setAccessibleName(tr("Words %1").arg(i + 1));
        words->setPlaceholderText(tr("Words beside the box, where wanted"));
        connect(words, &QLineEdit::textEdited, this,
                [this, i](const QString &typed) { changeStep(i, [&](ScaleStep &each) { each.words = typed; }); });
        row->addWidget(words, 1);
        auto *remove = new QPushButton(QStringLiteral("×"));
        remove->setAccessibleName(tr("Take this limit away"));
        remove->setFixedWidth(26);
        remove->setEnabled(step.below.has_value());
        connect(
            remove, &QPushButton::clicked, this,
            [this, i] {
                change([&](Rule &rule) {
                    if (i < rule.steps.size() - 1) {
                        rule.steps.removeAt(i);
                    }
                });
                showSteps();
            },
            Qt::QueuedConnection);
        row->addWidget(remove);
        m_stepsColumn->addWidget(line);
    }
    putBehind(m_anchor, m_stepsColumn);
}

} // namespace nabblet

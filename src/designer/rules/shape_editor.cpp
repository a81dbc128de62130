#include "designer/rules/shape_editor.h"

#include "core/rules/ready_shapes.h"
#include "core/rules/shapes.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QVBoxLayout>

namespace nabblet {

ShapeEditor::ShapeEditor(const RuleContext *context, QWidget *parent) : QWidget(parent), m_context(context)
{
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    m_ready = new QComboBox;
    m_ready->setObjectName(QStringLiteral("readyShape"));
    m_ready->setAccessibleName(tr("How it is written"));
    m_ready->addItem(tr("As in my examples"), QString());
    for (const ReadyShape &shape : readyShapes()) {
        m_ready->addItem(readyShapeTitle(shape), QString::fromLatin1(shape.name));
    }
    column->addWidget(m_ready);
    m_examples = new QPlainTextEdit;
    m_examples->setObjectName(QStringLiteral("examples"));
    m_examples->setAccessibleName(tr("Examples, one a line"));
    m_examples->setPlaceholderText(tr("Examples, one a line: NB-2104-D"));
    m_examples->setTabChangesFocus(true);
    m_examples->setFixedHeight(m_examples->fontMetrics().lineSpacing() * 3 + 12);
    column->addWidget(m_examples);
    m_words = new QLabel;
    m_words->setObjectName(QStringLiteral("faint"));
    m_words->setTextFormat(Qt::PlainText);
    m_words->setWordWrap(true);
    column->addWidget(m_words);
    auto *caption = new QLabel(tr("The same as a regular expression"));
    caption->setObjectName(QStringLiteral("faint"));
    column->addWidget(caption);
    m_pattern = new QLineEdit;
    m_pattern->setObjectName(QStringLiteral("pattern"));
    m_pattern->setAccessibleName(tr("Regular expression"));
    caption->setBuddy(m_pattern);
    column->addWidget(m_pattern);
    connect(m_ready, &QComboBox::activated, this, [this](int at) {
        change([&](Rule &rule) { rule.ready = m_ready->itemData(at).toString(); });
        showAll();
    });
    connect(m_examples, &QPlainTextEdit::textChanged, this, [this] {
        change([&](Rule &rule) {
            rule.examples = written();
            rule.pattern.clear(); // the examples are the pattern from now on
        });
        showAll();
    });
    connect(m_pattern, &QLineEdit::textEdited, this, [this](const QString &typed) {
        change([&](Rule &rule) { rule.pattern = typed; });
        showAll();
    });
}

void ShapeEditor::change(const std::function<void(Rule &)> &how)
{
    Rule changed = m_rule;
    how(changed);
    if (changed != m_rule) {
        m_rule = changed;
        Q_EMIT edited();
    }
}

void ShapeEditor::setRule(const Rule &rule)
{
    m_rule = rule;
    showAll();
}

void ShapeEditor::setCounted(const RowsCounted &counted, const QStringList &columns)
{
    m_counted = counted;
    m_columns = columns;
    showAll();
}

QStringList ShapeEditor::written() const
{
    QStringList examples = m_examples->toPlainText().split(u'\n');
    for (QString &example : examples) {
        example = example.trimmed();
    }
    examples.removeAll(QString());
    return examples;
}

void ShapeEditor::showAll()
{
    const bool isReady = !m_rule.ready.isEmpty();
    m_ready->setCurrentIndex(std::max(0, m_ready->findData(m_rule.ready)));
    m_examples->setVisible(!isReady);
    m_pattern->setEnabled(!isReady);
    const QString pattern = patternOf(m_rule);
    if (m_pattern->text().trimmed() != pattern) {
        const QSignalBlocker blocker(m_pattern);
        m_pattern->setText(pattern);
    }
    if (written() != m_rule.examples) {
        const QSignalBlocker blocker(m_examples);
        m_examples->setPlainText(m_rule.examples.join(u'\n'));
    }
    QStringList words;
    if (const QString mistake = patternMistake(m_rule.pattern); !mistake.isEmpty()) {
        words.append(mistake);
    } else if (!isReady && m_rule.pattern.trimmed().isEmpty()) {
        for (const Shape &shape : shapesFrom(m_rule.examples)) {
            words.append(shapeInWords(shape));
        }
    } else if (isReady) {
        words.append(shapeHint(m_rule));
    }
    const qint64 tried = m_counted.isTrue + m_counted.isFalse;
    if (tried > 0) {
        QStringList others;
        const Control *control = m_rule.on.isEmpty() ? nullptr : m_context->form.controls.find(m_rule.on.first());
        const qsizetype column = control ? m_columns.indexOf(control->column) : -1;
        for (const Row &row : std::as_const(m_counted.kept)) {
            const QString text = row.values.value(column).toString();
            if (column >= 0 && others.size() < 5 && !others.contains(text)) {
                others.append(text);
            }
        }
        words.append(others.isEmpty() ? tr("All of %L1 stored values fit.").arg(tried)
                                      : tr("%L1 of %L2 stored values fit; others: %3")
                                            .arg(m_counted.isTrue)
                                            .arg(tried)
                                            .arg(others.join(QStringLiteral(" · "))));
    }
    m_words->setText(words.join(u'\n'));
    m_words->setVisible(!words.isEmpty());
}

} // namespace nabblet

#include "designer/rules/rules_page.h"

#include "core/edit/rule_clip.h"
#include "core/kinds/control_names.h"
#include "core/rules/rule_sentence.h"
#include "core/text/tr.h"
#include "designer/document/rule_clipboard.h"
#include "designer/panels/panel.h"
#include "designer/rules/kept_rows.h"
#include "designer/rules/standing_editor.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QSplitter>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace nabblet {

RulesPage::RulesPage(QWidget *parent) : QWidget(parent)
{
    setWhatsThis(tr("Everything that is worked out, checked, marked and shown by a condition: the rules at the left, "
                    "the one in hand at the right, with the stored rows that it is true for."));
    setObjectName(QStringLiteral("rulesPage"));
    auto *line = new QHBoxLayout(this);
    line->setContentsMargins(6, 6, 6, 6);
    auto *split = new QSplitter(Qt::Horizontal);
    split->setHandleWidth(6);
    split->setChildrenCollapsible(false);
    line->addWidget(split);

    m_listPanel = new Panel(tr("Rules of this form"));
    auto *back = new QPushButton(tr("Back to the board"));
    back->setObjectName(QStringLiteral("backToBoard"));
    auto *add = new QPushButton(tr("+ rule"));
    add->setObjectName(QStringLiteral("addRule"));
    add->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    m_filter = new QComboBox;
    m_filter->setObjectName(QStringLiteral("rulesOf"));
    m_filter->setAccessibleName(tr("Rules about"));
    m_filter->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_filter->setMinimumContentsLength(12);
    m_listPanel->addToHead(add);
    auto *bar = new QHBoxLayout;
    bar->setContentsMargins(12, 6, 12, 6);
    bar->addWidget(back);
    bar->addWidget(m_filter, 1);
    m_up = new QPushButton(tr("Up"));
    m_up->setObjectName(QStringLiteral("ruleUp"));
    m_down = new QPushButton(tr("Down"));
    m_down->setObjectName(QStringLiteral("ruleDown"));
    bar->addWidget(m_up);
    bar->addWidget(m_down);
    m_listPanel->contents()->addLayout(bar);
    m_list = new RuleList;
    m_listPanel->contents()->addWidget(m_list, 1);
    m_rulePanel = new Panel(tr("Rule"));
    m_editor = new RuleEditor(&m_context);
    m_nothing = new QLabel;
    m_nothing->setObjectName(QStringLiteral("faint"));
    m_nothing->setWordWrap(true);
    m_nothing->setAlignment(Qt::AlignTop);
    m_nothing->setContentsMargins(16, 12, 16, 12);
    m_beside = new QStackedWidget;
    m_beside->addWidget(m_nothing);
    m_beside->addWidget(m_editor);
    m_standingEditor = new StandingEditor(&m_context);
    m_beside->addWidget(m_standingEditor);
    m_rulePanel->contents()->addWidget(m_beside, 1);
    split->addWidget(m_listPanel);
    split->addWidget(m_rulePanel);
    split->setSizes({560, 700});

    connect(back, &QPushButton::clicked, this, &RulesPage::backRequested);
    const auto addOne = [this] {
        const ControlId about = m_filter->currentData().toInt();
        addRule(about ? QList<ControlId>{about} : QList<ControlId>());
    };
    add->setToolTip(tr("Another rule (Insert)"));
    connect(add, &QPushButton::clicked, this, addOne);
    connect(m_list, &RuleList::addRequested, this, addOne);
    connect(m_list, &RuleList::editRequested, this, [this] {
        const int current = m_list->current();
        const char *first = ruleAt(current) >= 0 ? "chooseControls"
                            : standingAt(current) >= 0 && !m_standing.at(standingAt(current)).rule.isEmpty()
                                ? "ownSentence"
                            : standingAt(current) >= 0 ? "standingExpression"
                                                       : "addRule";
        if (auto *part = findChild<QWidget *>(QLatin1String(first))) {
            part->setFocus(Qt::TabFocusReason);
        }
    });
    connect(m_filter, &QComboBox::activated, this, [this] {
        showList();
        m_list->setCurrent(m_list->lines().isEmpty() ? -1 : 0);
        showRule();
    });
    connect(m_up, &QPushButton::clicked, this, [this] { moveRule(-1); });
    connect(m_down, &QPushButton::clicked, this, [this] { moveRule(1); });
    connect(m_list, &RuleList::currentLineChanged, this, [this] {
        if (!m_isApplying) {
            showRule();
        }
    });
    connect(m_editor, &RuleEditor::edited, this, [this] {
        const int rule = ruleAt(m_list->current());
        if (rule >= 0) {
            QList<Rule> rules = m_context.form.rules;
            rules[rule] = m_editor->rule();
            apply(tr("Change a rule"), rules, QStringLiteral("rule %1").arg(rule));
        }
    });
    connect(m_editor, &RuleEditor::measuresChanged, this, [this] { m_counting.measure(m_editor->measures()); });
    connect(m_editor, &RuleEditor::deleteRequested, this, &RulesPage::deleteRules);
    connect(m_editor, &RuleEditor::copyRequested, this, [this](const QList<ControlId> &to) {
        const int rule = ruleAt(m_list->current());
        if (rule >= 0) {
            takePasted(tr("Copy a rule"), withPastedRules(m_context.form, ruleClipOf(m_context.form, {rule}), to));
        }
    });
    connect(m_list, &RuleList::copyRequested, this, &RulesPage::copyRules);
    connect(m_list, &RuleList::pasteRequested, this, &RulesPage::pasteRules);
    connect(m_list, &RuleList::deleteRequested, this, &RulesPage::deleteRules);
    connect(m_editor, &RuleEditor::recordRequested, this, &RulesPage::recordRequested);
    connect(m_editor, &RuleEditor::rowsRequested, this, [this] {
        if (const int rule = ruleAt(m_list->current()); rule >= 0) {
            lookAtRows(ruleSentence(m_context.form, m_context.form.rules.at(rule)), rule);
        }
    });
    connect(m_standingEditor, &StandingEditor::rowsRequested, this, [this] {
        lookAtRows(m_standingEditor->rule().sentence,
                   static_cast<int>(m_context.form.rules.size()) + standingAt(m_list->current()));
    });
    connect(m_standingEditor, &StandingEditor::boardRequested, this, &RulesPage::boardRequested);
    connect(m_standingEditor, &StandingEditor::sentenceChanged, this,
            [this](const QString &rule, const QString &sentence) {
                Q_EMIT sentenceChanged({m_context.form.rowsFrom, rule, sentence});
            });
    connect(m_standingEditor, &StandingEditor::edited, this, &RulesPage::changeStanding);
    connect(&m_counting, &RuleCounting::counted, this, &RulesPage::showCounts);
}

void RulesPage::setDocument(FormDocument *document)
{
    if (m_document) {
        disconnect(m_document, nullptr, this, nullptr);
    }
    m_document = document;
    if (document) {
        connect(document, &FormDocument::formChanged, this, [this] {
            if (isVisible()) {
                follow();
            }
        });
    }
}

void RulesPage::setDatabase(const DatabaseAddress &address, const Catalogue &catalogue)
{
    m_catalogue = catalogue;
    m_counting.setDatabase(address, catalogue);
    if (isVisible()) {
        follow();
    }
}

void RulesPage::setAppearance(const Appearance &appearance)
{
    m_list->setTheme(appearance.theme());
    m_editor->setAppearance(appearance);
}

void RulesPage::setChoices(const std::function<QList<ValueChoice>(const QString &)> &choices)
{
    m_context.choices = choices;
}

// The form changed, by this page or by undoing.
void RulesPage::follow()
{
    if (!m_document) {
        return;
    }
    const bool areOthers = !(m_context.form.controls == m_document->form().controls) ||
                           m_context.form.rowsFrom != m_document->form().rowsFrom;
    m_context.form = m_document->form();
    const Table *table = findTable(m_catalogue, m_context.form.rowsFrom);
    m_context.table = table ? *table : Table();
    if (areOthers) {
        const QVariant about = m_filter->currentData();
        m_filter->clear();
        m_filter->addItem(tr("about anything"), 0);
        for (const Control &control : m_context.form.controls) {
            if (control.captionFor == 0) {
                m_filter->addItem(calledFor(m_context.form, control), control.id);
            }
        }
        m_filter->setCurrentIndex(std::max(0, m_filter->findData(about)));
        m_editor->refresh();
    }
    m_standing = standingRules(m_context.form, m_context.table);
    m_counting.countFor(m_context.form, m_standing);
    showList();
    const int rule = ruleAt(m_list->current());
    if (!m_isApplying && rule >= 0 && m_editor->rule() != m_context.form.rules.at(rule)) {
        m_editor->setRule(m_context.form.rules.at(rule));
        showCounts();
    }
    if (!m_isApplying && rule < 0) {
        showRule();
    }
    m_counting.measure(rule >= 0 ? m_editor->measures() : QString());
    showTitle();
    m_beside->setCurrentIndex(rule >= 0 ? 1 : standingAt(m_list->current()) >= 0 ? 2 : 0);
}

void RulesPage::open(const QList<ControlId> &controls)
{
    m_context.form = Form(); // so that the lists are made anew
    follow();
    if (!controls.isEmpty()) {
        m_filter->setCurrentIndex(std::max(0, m_filter->findData(controls.first())));
        showList();
    } else {
        m_filter->setCurrentIndex(0);
        showList();
    }
    if (m_list->current() < 0 && !m_list->lines().isEmpty()) {
        m_list->setCurrent(0);
    }
    m_editor->refresh();
    showRule();
    m_list->setFocus();
}

void RulesPage::addRule(const QList<ControlId> &on)
{
    Rule rule;
    rule.effect = QStringLiteral("shown");
    rule.on = on;
    QList<Rule> rules = m_context.form.rules;
    rules.append(rule);
    if (on.isEmpty()) {
        m_filter->setCurrentIndex(0);
    }
    apply(tr("Add a rule"), rules);
    for (int i = 0; i < m_list->lines().size(); ++i) {
        if (ruleAt(i) == rules.size() - 1) {
            m_list->setCurrent(i);
        }
    }
    showRule();
    m_editor->findChild<QWidget *>(on.isEmpty() ? QStringLiteral("chooseControls") : QStringLiteral("effect"))
        ->setFocus();
}

int RulesPage::ruleAt(int line) const
{
    const int rule = line < 0 || line >= m_list->lines().size() ? -1 : m_list->lines().at(line).rule;
    return rule < m_context.form.rules.size() ? rule : -1;
}

void RulesPage::apply(const QString &step, const QList<Rule> &rules, const QString &mergeKey)
{
    if (!m_document) {
        return;
    }
    Form form = m_document->form();
    form.rules = rules;
    m_isApplying = true;
    m_document->apply(step, form, mergeKey);
    m_isApplying = false;
}

void RulesPage::moveRule(int by)
{
    const int line = m_list->current();
    const int from = ruleAt(line);
    const int to = ruleAt(line + by);
    if (from >= 0 && to >= 0) {
        QList<Rule> rules = m_context.form.rules;
        rules.move(from, to);
        apply(tr("Change the order of the rules"), rules);
        m_list->setCurrent(line + by);
        showRule();
    }
}

void RulesPage::changeStanding(const QString &expression)
{
    const int standing = standingAt(m_list->current());
    if (!m_document || standing < 0) {
        return;
    }
    m_isApplying = true;
    m_document->apply(tr("Change what is worked out"),
                      withStandingExpression(m_document->form(), m_standing.at(standing), expression),
                      QStringLiteral("standing %1").arg(m_standing.at(standing).control));
    m_isApplying = false;
    m_standingEditor->setTried(m_trying ? m_trying(expression) : QString());
}

void RulesPage::lookAtRows(const QString &title, int counted)
{
    if (counted >= m_counting.counts().rules.size()) {
        return;
    }
    KeptRows rows(title, m_context, m_counting.source(), m_counting.counts().rules.at(counted).kept, this);
    if (rows.exec() == QDialog::Accepted && rows.chosen()) {
        Q_EMIT recordRequested(*rows.chosen());
    }
}

QList<int> RulesPage::chosenRules() const
{
    QList<int> rules;
    for (const int line : m_list->chosen()) {
        if (ruleAt(line) >= 0) {
            rules.append(ruleAt(line));
        }
    }
    return rules;
}

void RulesPage::copyRules()
{
    const QList<int> rules = chosenRules();
    if (rules.isEmpty()) {
        Q_EMIT said(
            tr("What the table asks for, and what stands among the settings of a control, is not copied here."));
        return;
    }
    putRulesOnClipboard(m_context.form, rules);
    Q_EMIT said(counted(rules.size(), tr("1 rule was copied."), tr("%1 rules were copied.")));
}

// On to the control that the list is about; else where they stood, by names and columns.
void RulesPage::pasteRules()
{
    const Result<Form> clip = rulesOnClipboard();
    if (!clip) {
        Q_EMIT said(clip.error().sentence);
        return;
    }
    const ControlId about = m_filter->currentData().toInt();
    takePasted(tr("Paste rules"),
               withPastedRules(m_context.form, *clip, about ? QList<ControlId>{about} : QList<ControlId>()));
}

void RulesPage::takePasted(const QString &step, const PastedRules &pasted)
{
    if (pasted.count == 0) {
        Q_EMIT said(tr("None of these rules can stand here: there is no control for them, or not of a kind for them."));
        return;
    }
    apply(step, pasted.form.rules);
    Q_EMIT said(counted(pasted.count, tr("1 rule was added."), tr("%1 rules were added.")));
    for (int line = 0; line < m_list->lines().size(); ++line) {
        if (ruleAt(line) == m_context.form.rules.size() - 1) {
            m_list->setCurrent(line);
        }
    }
    showRule();
}

void RulesPage::deleteRules()
{
    const QList<int> numbers = chosenRules();
    QList<Rule> rules = m_context.form.rules;
    for (qsizetype i = numbers.size() - 1; i >= 0; --i) {
        rules.removeAt(numbers.at(i));
    }
    if (!numbers.isEmpty()) {
        apply(counted(numbers.size(), tr("Delete a rule"), tr("Delete %1 rules")), rules);
        showRule();
    }
}

void RulesPage::showList()
{
    m_list->setLines(ruleLines(m_context, m_standing, m_counting.counts(), m_filter->currentData().toInt()));
    const qsizetype own = m_context.form.rules.size();
    m_listPanel->setNote(own > 0 ? QString::number(own) : QString());
    const int line = m_list->current();
    m_up->setEnabled(ruleAt(line) >= 0 && ruleAt(line - 1) >= 0);
    m_down->setEnabled(ruleAt(line) >= 0 && ruleAt(line + 1) >= 0);
}

void RulesPage::showTitle()
{
    const int rule = ruleAt(m_list->current());
    const Rule *own = rule >= 0 ? &m_context.form.rules.at(rule) : nullptr;
    const QString on = own ? onInWords(m_context.form, *own) : QString();
    if (const int standing = standingAt(m_list->current()); standing >= 0) {
        const QString subject = m_standing.at(standing).subject;
        m_rulePanel->setTitle(subject.isEmpty() ? tr("The table") : subject);
        return;
    }
    m_rulePanel->setTitle(!own || (on.isEmpty() && own->effect != QLatin1String("check")) ? tr("Rule")
                          : on.isEmpty()                                                  ? tr("The record")
                                                                                          : on);
}

int RulesPage::standingAt(int line) const
{
    const int standing = line < 0 || line >= m_list->lines().size() ? -1 : m_list->lines().at(line).standing;
    return standing < m_standing.size() ? standing : -1;
}

void RulesPage::showRule()
{
    const int rule = ruleAt(m_list->current());
    const int standing = standingAt(m_list->current());
    m_beside->setCurrentIndex(rule >= 0 ? 1 : standing >= 0 ? 2 : 0);
    showTitle();
    if (rule >= 0) {
        if (m_editor->rule() != m_context.form.rules.at(rule)) {
            m_editor->setRule(m_context.form.rules.at(rule));
        }
        m_counting.measure(m_editor->measures());
    } else {
        m_counting.measure({});
    }
    if (standing >= 0) {
        const StandingRule &shown = m_standing.at(standing);
        m_standingEditor->setRule(shown);
        m_standingEditor->setTried(m_trying ? m_trying(shown.expression) : QString());
    }
    m_nothing->setText(tr("A rule says what is shown, locked, required, marked or worked out, and what must hold "
                          "before a record is saved. “+ rule” makes the first one."));
    showCounts();
}

void RulesPage::showCounts()
{
    showList();
    const int rule = ruleAt(m_list->current());
    const RuleCounts &counts = m_counting.counts();
    if (rule >= 0 && rule < counts.rules.size()) {
        m_editor->setCounted(counts.rules.at(rule), counts.rows, counts.isSample, m_counting.source().columns);
        m_editor->setNumbers(m_counting.measured());
    } else if (rule >= 0) {
        m_editor->setCounted({}, 0, true, {});
    }
    if (standingAt(m_list->current()) >= 0) {
        m_standingEditor->setHasRows(m_list->lines().at(m_list->current()).hasRows);
    }
    if (rule >= 0 && m_trying && m_editor->rule().effect == QLatin1String("value")) {
        m_editor->setTried(m_trying(m_editor->rule().then.value));
    }
}

void RulesPage::keyPressEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Escape) {
        Q_EMIT backRequested();
        return;
    }
    QWidget::keyPressEvent(event);
}

} // namespace nabblet

#include "app/work/rule_view.h"

#include "app/work/open_work.h"
#include "core/catalogue/profile.h"
#include "core/kinds/settings/choices.h"
#include "designer/rules/rules_page.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostChoices = 200;

QString inWords(const Result<QVariant> &value)
{
    return !value ? value.error().sentence : value->isNull() ? RuleView::tr("nothing") : value->toString();
}

} // namespace

RuleView::RuleView(OpenWork *work, std::function<const Profile *()> profile, QObject *parent)
    : QObject(parent), m_work(work), m_profile(std::move(profile))
{
    connect(work, &OpenWork::closing, this, [this] {
        if (m_page) {
            m_page->setDocument(nullptr);
        }
    });
}

RulesPage *RuleView::page()
{
    if (m_page) {
        return m_page;
    }
    m_page = new RulesPage;
    m_page->setChoices([this](const QString &column) { return choicesOf(column); });
    m_page->setTrying([this](const QString &expression) { return tried(expression); });
    connect(m_page, &RulesPage::sentenceChanged, this, [this](const RuleSentence &sentence) {
        const Outcome kept = m_work->setSentence(sentence);
        m_page->setDatabase(m_work->workspace().address, m_work->shownCatalogue());
        Q_EMIT m_page->said(kept ? tr("Said so from now on, in all forms of the project.") : kept.error().sentence);
    });
    if (m_appearance) {
        m_page->setAppearance(*m_appearance);
    }
    Q_EMIT made(m_page);
    return m_page;
}

bool RuleView::isPage(const QWidget *widget) const
{
    return m_page && widget == m_page;
}

void RuleView::setAppearance(const Appearance &appearance)
{
    m_appearance = appearance;
    if (m_page) {
        m_page->setAppearance(appearance);
    }
}

void RuleView::open(const QList<ControlId> &controls)
{
    m_choices.clear();
    page()->setDocument(m_work->document());
    page()->setDatabase(m_work->workspace().address, m_work->shownCatalogue());
    page()->open(controls);
}

// Asked for at every letter.
QList<ValueChoice> RuleView::choicesOf(const QString &column)
{
    auto known = m_choices.find(column);
    if (known == m_choices.end()) {
        known = m_choices.insert(column, readChoices(column));
    }
    return *known;
}

// The real choices of a column: rows of its lookup by name, fixed choices, those of a CHECK, else what is stored. Of
// lookups that take long to read there are too many to choose from.
QList<ValueChoice> RuleView::readChoices(const QString &column) const
{
    QList<ValueChoice> choices;
    const FormDocument *document = m_work->document();
    if (!document) {
        return choices;
    }
    const auto take = [&](const QString &value, const QString &words, qint64 count = -1) {
        choices.append({words, value, count});
    };
    const Profile *profile = m_profile ? m_profile() : nullptr;
    const ColumnProfile stored =
        profile && profile->table == document->form().rowsFrom ? profile->columns.value(column) : ColumnProfile();
    const auto countOf = [&](const QString &value) {
        return stored.hasMoreDistinct || stored.distinct.isEmpty() ? -1 : stored.distinct.value(value, 0);
    };
    for (const Control &control : document->form().controls) {
        if (control.column != column || !choices.isEmpty()) {
            continue;
        }
        const std::optional<Lookup> lookup = lookupOf(control);
        const EntrySession *session = m_work->sessionInFocus();
        const bool isShort = lookup && session && !session->values().isLarge(*lookup);
        if (isShort && lookup->columns.size() == 1) {
            const auto rows = lookupRows(session->state().connection, *lookup, {}, MostChoices);
            for (const LookupRow &row : rows ? *rows : QList<LookupRow>()) {
                take(row.values.value(0).toString(), row.words, countOf(row.values.value(0).toString()));
            }
        }
        for (const Choice &choice : fixedChoices(control)) {
            take(choice.value.toString(), choice.words, countOf(choice.value.toString()));
        }
    }
    const Table *table = findTable(m_work->shownCatalogue(), document->form().rowsFrom);
    const Column *own = table ? findColumn(*table, column) : nullptr;
    for (const QVariant &choice : own &&choices.isEmpty() ? own->choices : QVariantList()) {
        take(choice.toString(), choice.toString(), countOf(choice.toString()));
    }
    if (choices.isEmpty() && !stored.hasMoreDistinct) {
        for (auto each = stored.distinct.begin(); each != stored.distinct.end(); ++each) {
            take(each.key(), each.key(), each.value());
        }
        std::sort(choices.begin(), choices.end(),
                  [](const ValueChoice &a, const ValueChoice &b) { return a.words < b.words; });
    }
    return choices;
}

// What a formula gives for the record in sight and for three others.
QString RuleView::tried(const QString &expression) const
{
    constexpr int Others = 3;
    const EntrySession *session = m_work->sessionInFocus();
    if (!session || !session->state().hasRecord() || expression.trimmed().isEmpty()) {
        return {};
    }
    const EntryState &state = session->state();
    const QString here = inWords(session->values().inHand()(expression));
    QStringList others;
    const auto rows = rowsAfter(state.connection, state.source, state.place(), Others);
    for (const Row &row : rows ? *rows : QList<Row>()) {
        others.append(inWords(session->values().workedOutIn(row, expression)));
    }
    return others.isEmpty() ? tr("Gives %1 for the record in sight").arg(here)
                            : tr("Gives %1 for the record in sight, and %2 for the next ones")
                                  .arg(here, others.join(QStringLiteral(" · ")));
}

} // namespace nabblet

#include "entry/reading/looked_up.h"

#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
namespace nabblet {

namespace {

// Values as part of a key: of different types they are different.
QString keyOf(const QVariant &value)
{
    return QString::fromLatin1(value.typeName()) + u'\t' + value.toString();
}

QString asStored(const QVariantList &values)
{
    QStringList words;
    for (const QVariant &value : values) {
        words.append(value.toString());
    }
    return words.join(QLatin1String(", "));
}

} // namespace

LookedUp::LookedUp(Connection connection, std::function<void()> missed)
    : m_connection(std::move(connection)), m_missed(std::move(missed))
{
}

QString LookedUp::words(const Lookup &lookup, const QVariantList &values)
{
    QStringList parts{lookup.table, lookup.select, lookup.wordsColumns.join(u'\t'), lookup.valueColumns.join(u'\t')};
    for (const LookupColumn &column : lookup.also) { // which may tell rows of the same words apart
        parts.append(column.name);
    }
    for (const QVariant &value : values) {
        if (value.isNull()) {
            return {};
        }
        parts.append(keyOf(value));
    }
    const QString key = parts.join(u'\n');
    auto known = m_words.constFind(key);
    if (known == m_words.constEnd()) {
        if (m_paintings > 0) {
            readSoon([this, lookup, values] { words(lookup, values); });
            return {};
        }
        const Result<QString> found =
            lookupWords(m_connection, lookup, values, isLarge(lookup) ? SameWords::AsTheyAre : SameWords::ToldApart);
        // What cannot be looked up is shown as it is stored, and not as if there were nothing.
        known = m_words.insert(key, found ? *found : asStored(values));
    }
    return *known;
}

QVariant LookedUp::value(const Followed &followed, const QVariantList &values)
{
    QStringList parts{followed.table, followed.keyColumns.join(u'\t'), followed.column};
    for (const QVariant &each : values) {
        if (each.isNull()) {
            return {};
        }
        parts.append(keyOf(each));
    }
    const QString key = parts.join(u'\n');
    auto known = m_values.constFind(key);
    if (known == m_values.constEnd()) {
        if (m_paintings > 0) {
            readSoon([this, followed, values] { value(followed, values); });
            return {};
        }
        const Result<QVariant> found = followedValue(m_connection, followed, values);
        known = m_values.insert(key, found ? *found : QVariant());
    }
    return *known;
}

QList<LookupRow> LookedUp::choices(const Control &control, const std::optional<Lookup> &lookup,
                                   const ColumnValues &held, const QString &part, int most) const
{
    if (lookup) {
        const auto rows = lookupRows(m_connection, *lookup, part, most, held);
        return rows ? *rows : QList<LookupRow>();
    }
    QList<LookupRow> rows;
    for (const Choice &choice : fixedChoices(control)) {
        if (part.isEmpty() || choice.words.contains(part, Qt::CaseInsensitive)) {
            rows.append({{choice.value}, choice.words});
        }
    }
    return rows;
}

QList<LookupRow> LookedUp::listRows(const Control &control, const ColumnValues &held)
{
    const std::optional<Lookup> lookup = lookupOf(control);
    // By all that its choices are held to: the boxes that narrow them, and the record that these rows belong to.
    QStringList parts{QString::number(control.id)};
    QStringList columns = held.keys();
    columns.sort();
    for (const QString &column : std::as_const(columns)) {
        parts.append(column + u'\t' + keyOf(held.value(column)));
    }
    const QString key = parts.join(u'\n');
    auto known = m_listRows.constFind(key);
    if (known == m_listRows.constEnd()) {
        if (m_paintings > 0 && lookup) {
            readSoon([this, control, held] { listRows(control, held); });
            return {};
        }
        known = m_listRows.insert(key, choices(control, lookup, held, QString(), MostListed));
    }
    return *known;
}

bool LookedUp::isLarge(const Lookup &lookup)
{
    constexpr qint64 ManyRows = 50'000; // sorted in about 20 ms
    const auto known = m_areLarge.constFind(lookup.table);
    if (known != m_areLarge.constEnd()) {
        return *known;
    }
    const Table *table = findTable(m_catalogue, lookup.table);
    // Of a SELECT or a view nobody knows how long it takes.
    bool isLarge = !table || table->kind != TableKind::Table;
    if (!isLarge) {
        const auto rows = estimatedRows(m_connection, *table);
        isLarge = rows && *rows && **rows > ManyRows;
    }
    m_areLarge.insert(lookup.table, isLarge);
    return isLarge;
}

void LookedUp::forgetRows()
{
    m_words.clear();
    m_values.clear();
}

void LookedUp::forgetChoices()
{
    m_listRows.clear();
}

void LookedUp::setCatalogue(const Catalogue &catalogue)
{
    m_catalogue = catalogue;
    m_areLarge.clear();
    forgetRows();
    forgetChoices();
}

void LookedUp::readSoon(const std::function<void()> &read)
{
    m_missing.append(read);
    if (m_missing.size() == 1) {
        m_missed();
    }
}

bool LookedUp::readMissing()
{
    const QList<std::function<void()>> wanted = m_missing;
    m_missing.clear();
    for (const std::function<void()> &read : wanted) {
        read();
    }
    return !wanted.isEmpty();
}

} // namespace nabblet

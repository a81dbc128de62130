#include "entry/reading/looked_up.h"

#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"

#include <algorithm>
#include <utility>

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

// By which an answer is kept.
QString keyOf(const LookedFor &wanted)
{
    QStringList parts;
    if (const std::optional<Followed> &followed = wanted.followed) {
        parts = {followed->table, followed->keyColumns.join(u'\t'), followed->column};
    } else {
        const Lookup &lookup = *wanted.lookup;
        parts = {lookup.table, lookup.select, lookup.wordsColumns.join(u'\t'), lookup.valueColumns.join(u'\t')};
        for (const LookupColumn &column : lookup.also) { // which may tell rows of the same words apart
            parts.append(column.name);
        }
    }
    for (const QVariant &value : wanted.values) {
        parts.append(keyOf(value));
    }
    return parts.join(u'\n');
}

constexpr qsizetype MostTogether = 40; // looked up by one statement

} // namespace

LookedUp::LookedUp(Connection connection, std::function<void()> missed)
    : m_connection(std::move(connection)), m_missed(std::move(missed))
{
}

std::optional<LookedFor> LookedUp::wordsWanted(const Lookup &lookup, const QVariantList &values)
{
    if (std::any_of(values.begin(), values.end(), [](const QVariant &value) { return value.isNull(); })) {
        return {};
    }
    return LookedFor{lookup, {}, values, !isLarge(lookup)};
}

std::optional<LookedFor> LookedUp::valueWanted(const Followed &followed, const QVariantList &values)
{
    if (std::any_of(values.begin(), values.end(), [](const QVariant &value) { return value.isNull(); })) {
        return {};
    }
    return LookedFor{{}, followed, values};
}

QString LookedUp::words(const Lookup &lookup, const QVariantList &values)
{
    const QString key = keyOf(LookedFor{lookup, {}, values});
    auto known = m_words.constFind(key);
    if (known == m_words.constEnd()) {
        const std::optional<LookedFor> wanted = wordsWanted(lookup, values);
        if (!wanted) {
            return {};
        }
        if (m_paintings > 0) {
            want(*wanted);
            return {};
        }
        readAlone(*wanted);
        known = m_words.constFind(key);
    }
    return *known;
}

QVariant LookedUp::value(const Followed &followed, const QVariantList &values)
{
    const std::optional<LookedFor> wanted = valueWanted(followed, values);
    if (!wanted) {
        return {};
    }
    const QString key = keyOf(*wanted);
    auto known = m_values.constFind(key);
    if (known == m_values.constEnd()) {
        if (m_paintings > 0) {
            want(*wanted);
            return {};
        }
        readAlone(*wanted);
        known = m_values.constFind(key);
    }
    return *known;
}

void LookedUp::want(const LookedFor &wanted)
{
    const bool isFirst = m_missing.isEmpty() && m_wanted.isEmpty();
    m_wanted.append(wanted);
    if (isFirst) {
        m_missed();
    }
}

void LookedUp::readAlone(const LookedFor &wanted)
{
    if (wanted.followed) {
        const Result<QVariant> found = followedValue(m_connection, *wanted.followed, wanted.values);
        m_values.insert(keyOf(wanted), found ? *found : QVariant());
        return;
    }
    const Result<QString> found = lookupWords(m_connection, *wanted.lookup, wanted.values,
                                              wanted.tellsApart ? SameWords::ToldApart : SameWords::AsTheyAre);
    // What cannot be looked up is shown as it is stored, and not as if there were nothing.
    m_words.insert(keyOf(wanted), found ? *found : asStored(wanted.values));
}

QList<LookedFor> LookedUp::unknown(const QList<LookedFor> &wanted) const
{
    QList<LookedFor> missing;
    QStringList keys;
    for (const LookedFor &each : wanted) {
        const QString key = keyOf(each);
        const bool isSound = each.followed || (!each.lookup->wordsColumns.isEmpty() &&
                                               !(each.lookup->table.isEmpty() && each.lookup->select.isEmpty()));
        if (isSound && !(each.followed ? m_values.contains(key) : m_words.contains(key)) && !keys.contains(key)) {
            missing.append(each);
            keys.append(key);
        }
    }
    return missing;
}

void LookedUp::take(const QList<LookedFor> &wanted, const QList<LookedFound> &found)
{
    constexpr qsizetype MostKept = 4096;
    if (m_words.size() + m_values.size() > MostKept) {
        forgetRows();
    }
    for (qsizetype i = 0; i < wanted.size(); ++i) {
        if (wanted.at(i).followed) {
            m_values.insert(keyOf(wanted.at(i)), found.at(i).value);
        } else if (!found.at(i).areThereOthers) { // else it is asked for alone, where it is shown
            m_words.insert(keyOf(wanted.at(i)), found.at(i).words);
        }
    }
}

bool LookedUp::areAs(const QList<LookedFor> &wanted, const QList<LookedFound> &found) const
{
    for (qsizetype i = 0; i < wanted.size(); ++i) {
        const QString key = keyOf(wanted.at(i));
        const bool isSame = wanted.at(i).followed ? !m_values.contains(key) || m_values.value(key) == found.at(i).value
                                                  : found.at(i).areThereOthers || !m_words.contains(key) ||
                                                        m_words.value(key) == found.at(i).words;
        if (!isSame) {
            return false;
        }
    }
    return true;
}

void LookedUp::read(const QList<LookedFor> &wanted)
{
    const QList<LookedFor> missing = unknown(wanted);
    for (qsizetype from = 0; from < missing.size(); from += MostTogether) {
        const QList<LookedFor> some = missing.mid(from, MostTogether);
        const Result<QList<LookedFound>> found = lookTogether(m_connection, some);
        for (qsizetype i = 0; i < some.size(); ++i) {
            // Where one of them cannot be read, each is asked for alone; so are those that others have the words of.
            if (!found || found->at(i).areThereOthers) {
                readAlone(some.at(i));
            } else if (some.at(i).followed) {
                m_values.insert(keyOf(some.at(i)), found->at(i).value);
            } else {
                m_words.insert(keyOf(some.at(i)), found->at(i).words);
            }
        }
    }
}

QString LookedUp::choicesKey(const Lookup &lookup, const ColumnValues &held)
{
    QStringList parts{lookup.table, lookup.select, lookup.wordsColumns.join(u'\t'), lookup.valueColumns.join(u'\t'),
                      lookup.sort.join(u'\t')};
    for (const LookupColumn &column : lookup.also) {
        parts.append(column.name);
    }
    QStringList columns = held.keys();
    columns.sort();
    for (const QString &column : std::as_const(columns)) {
        parts.append(column + u'=' + keyOf(held.value(column)));
    }
    return parts.join(u'\n');
}

const QList<LookupRow> *LookedUp::wholeChoices(const Lookup &lookup, const ColumnValues &held) const
{
    const auto known = m_whole.constFind(choicesKey(lookup, held));
    return known == m_whole.constEnd() ? nullptr : &*known;
}

void LookedUp::takeWhole(const Lookup &lookup, const ColumnValues &held, const QList<LookupRow> &rows)
{
    constexpr qsizetype MostLists = 100;
    if (m_whole.size() > MostLists) {
        m_whole.clear();
    }
    m_whole.insert(choicesKey(lookup, held), rows);
}

void LookedUp::know(const Lookup &lookup, const QVariantList &values, const QString &words)
{
    m_words.insert(keyOf(LookedFor{lookup, {}, values}), words);
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
    m_whole.clear();
    ++m_choicesEdition;
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
    const bool isFirst = m_missing.isEmpty() && m_wanted.isEmpty();
    m_missing.append(read);
    if (isFirst) {
        m_missed();
    }
}

QList<LookedFor> LookedUp::takeMissing()
{
    const QList<std::function<void()>> missing = std::exchange(m_missing, {});
    const QList<LookedFor> wanted = std::exchange(m_wanted, {});
    for (const std::function<void()> &each : missing) {
        each();
    }
    return wanted;
}

void LookedUp::takeOrReadAlone(const QList<LookedFor> &wanted, const Result<QList<LookedFound>> &found)
{
    if (found) {
        take(wanted, *found);
    }
    for (qsizetype i = 0; i < wanted.size(); ++i) {
        if (!found || found->at(i).areThereOthers) {
            readAlone(wanted.at(i));
        }
    }
}

bool LookedUp::readMissing()
{
    const QList<std::function<void()>> missing = m_missing;
    const QList<LookedFor> wanted = m_wanted;
    m_missing.clear();
    m_wanted.clear();
    read(wanted);
    for (const std::function<void()> &each : missing) {
        each();
    }
    return !missing.isEmpty() || !wanted.isEmpty();
}

} // namespace nabblet

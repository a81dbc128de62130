#include "core/draft/captions.h"

#include "core/catalogue/row_names.h"
#include "core/text/tr.h"
#include "core/words/name_words.h"

#include <QSet>

namespace nabblet {

namespace {

// What a database's keeper wrote about a column serves as its caption where it is as short as one.
bool isCaption(const QString &comment)
{
    constexpr int MostLetters = 40;
    return !comment.isEmpty() && comment.size() <= MostLetters && !comment.contains(u'\n') && !comment.contains(u'.') &&
           !comment.contains(u';') && !comment.contains(u'=');
}

// The name of a link without the code that it is stored by: "country_iso_code" → "country".
QString withoutCode(const QString &name)
{
    QStringList words = writtenWords(name);
    Column column;
    column.name = name;
    while (words.size() > 1 && isCalledCode(column)) {
        words.removeLast();
        column.name = words.join(u'_');
    }
    return words.join(u'_');
}

// "Flight" of a table of flights.
QString titleOfOne(const QString &table)
{
    QStringList words = wordsOfName(table);
    if (!words.isEmpty()) {
        words.last() = singular(words.last());
    }
    return titleFromTable(words.join(u'_'));
}

} // namespace

QHash<QString, QString> captionsOf(const Table &table, const WordList &words)
{
    QStringList names;
    for (const Column &column : table.columns) {
        names.append(readableName(column));
    }
    const QString prefix = sharedPrefix(names);
    const QString tableName = readableName(table);
    QHash<QString, QString> captions;
    QHash<QString, int> used;
    for (qsizetype i = 0; i < table.columns.size(); ++i) {
        const Column &column = table.columns.at(i);
        const QString own = words.value(column.name.toLower());
        const QString comment = column.comment.simplified();
        QString caption = !own.isEmpty()       ? own
                          : isCaption(comment) ? comment
                                               : captionFromColumn(names.at(i), tableName, prefix, words);
        if (caption.trimmed().isEmpty()) {
            caption = Texts::tr("Column %1").arg(i + 1); // a column without a name
        }
        captions.insert(column.name, caption);
        ++used[caption];
    }
    // Better words for keys and links, unless another column is called so.
    const auto better = [&](const QString &column, const QString &caption) {
        if (caption != captions.value(column) && !used.contains(caption)) {
            --used[captions.value(column)];
            captions.insert(column, caption);
            ++used[caption];
        }
    };
    for (qsizetype i = 0; i < table.columns.size(); ++i) {
        const Column &column = table.columns.at(i);
        if (words.contains(column.name.toLower()) || isCaption(column.comment.simplified())) {
            continue;
        }
        if (const ForeignKey *link = ledLink(table, column.name)) {
            const QString shorter = captionFromColumn(withoutCode(names.at(i)), tableName, prefix, words);
            // One that is no code is only the last part of a key ("job_country" of a job); so is one that says less
            // than its table ("line_no" of an order line).
            const QString whole = titleOfOne(link->parentTable);
            const bool saysLess = whole.endsWith(u' ' + shorter, Qt::CaseInsensitive);
            const bool isPart = link->columns.size() > 1 && (saysLess || withoutCode(names.at(i)) == names.at(i));
            better(column.name, isPart ? whole : shorter);
        } else if (table.primaryKey == QStringList{column.name} && column.type == ColumnType::WholeNumber &&
                   wordsOfName(names.at(i)).last() == QLatin1String("id")) {
            better(column.name, Texts::tr("Number"));
        }
    }
    // Two of the same words are told apart: the later one by all the words of its name, else by a figure.
    QSet<QString> taken;
    for (qsizetype i = 0; i < table.columns.size(); ++i) {
        const QString &name = table.columns.at(i).name;
        QString caption = captions.value(name);
        const bool isOwn = words.contains(name.toLower());
        if (taken.contains(caption) && !isOwn) {
            const QString whole = captionFromColumn(names.at(i), QString(), QString(), words);
            caption = taken.contains(whole)
                          ? Texts::tr("%1 (%2)", "a caption and what tells it apart").arg(caption, name)
                          : whole;
            captions.insert(name, caption);
        }
        taken.insert(caption);
    }
    return captions;
}

QString captionOfColumn(const Table &table, const QString &column, const WordList &words)
{
    return findColumn(table, column) ? captionsOf(table, words).value(column)
                                     : captionFromColumn(column, table.name, QString(), words);
}

QString titleOf(const Table &table)
{
    return titleFromTable(readableName(table));
}

} // namespace nabblet

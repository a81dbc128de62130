#include "core/text/spelling.h"

#include <QList>

#include <algorithm>
#include <numeric>

namespace nabblet {

// Levenshtein's distance, a row of the table at a time.
int lettersApart(const QString &first, const QString &second)
{
    const QString a = first.toLower();
    const QString b = second.toLower();
    QList<int> row(b.size() + 1);
    std::iota(row.begin(), row.end(), 0);
    for (int i = 0; i < a.size(); ++i) {
        int before = row[0];
        row[0] = i + 1;
        for (int k = 0; k < b.size(); ++k) {
            const int diagonal = before;
            before = row[k + 1];
            row[k + 1] = std::min({row[k + 1] + 1, row[k] + 1, diagonal + (a[i] == b[k] ? 0 : 1)});
        }
    }
    return row.last();
}

QString nearestName(const QString &word, const QStringList &names)
{
    const auto nearest = std::min_element(names.begin(), names.end(), [&](const QString &a, const QString &b) {
        return lettersApart(a, word) < lettersApart(b, word);
    });
    return nearest == names.end() ? QString() : *nearest;
}

} // namespace nabblet

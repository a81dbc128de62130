// The words that a draft writes beside its boxes.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/text/caption_words.h"

#include <QHash>

namespace nabblet {

// The caption of every column of a table, by its name: the project's own words, what the database's keeper wrote where
// that is short, else the words of the name. A link is called after what it points to and not after its code
// ("vessel_code" → "Vessel"), unless another column is called so.
QHash<QString, QString> captionsOf(const Table &table, const WordList &words = {});

// That of one column; as its name says for one that the table does not have.
QString captionOfColumn(const Table &table, const QString &column, const WordList &words = {});

// The title of a form of a table's rows.
QString titleOf(const Table &table);

} // namespace nabblet

// The open list below a drop-down: its words, and beside them the columns that a lookup lists with them. A window of
// its own that never takes the keyboard, which stays with the box.
#pragma once

#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "data/records/records.h"

#include <QTreeWidget>

#include <optional>

namespace nabblet {

class ChoiceList : public QTreeWidget
{
    Q_OBJECT

public:
    explicit ChoiceList(QWidget *box);

    // Shows choices below the box, the wanted one chosen: the one with these words, else the first where isTyped.
    void open(const QList<LookupRow> &rows, const std::optional<Lookup> &lookup, const QString &words, bool isTyped);
    // Shows that they are being read.
    void openReading();
    bool isReading() const { return m_isReading; }

    std::optional<LookupRow> current() const;
    void step(int by);

Q_SIGNALS:
    void taken(const LookupRow &row);

private:
    void showBelow(int lines);

    QWidget *m_box;
    QList<LookupRow> m_rows;
    bool m_isReading = false;
    QPoint m_mouseAt; // when it was opened, or chose last
};

} // namespace nabblet

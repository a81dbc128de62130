// The rows that belong to each record of a draft, as a tree: ticked to take them, with their title and how they are
// shown. Rows that belong to those stand beneath them.
#pragma once

#include "core/draft/draft_plan.h"

#include <QTreeWidget>

namespace nabblet {

// Which child of a plan: the place among its children, then among theirs, and so on; empty for the plan itself.
using ChildPath = QList<int>;

// The plan that a path names, or nullptr.
DraftPlan *planAt(DraftPlan &plan, const ChildPath &path);

class ChildRowsList : public QTreeWidget
{
    Q_OBJECT

public:
    explicit ChildRowsList(QWidget *parent = nullptr);

    void show(const Catalogue &catalogue, const DraftPlan &plan, const WordList &words);
    // What the person made of the children of the plan shown.
    const std::vector<PlannedChild> &children() const { return m_plan.children; }

Q_SIGNALS:
    void changed();

private:
    void addItems(QTreeWidgetItem *parent, const std::vector<PlannedChild> &children, const ChildPath &path);
    void take(QTreeWidgetItem *item, int section);
    void rebuild();
    PlannedChild *childOf(const ChildPath &path);

    Catalogue m_catalogue;
    DraftPlan m_plan;
    WordList m_words;
    bool m_isShowing = false;
    bool m_isTelling = false;
};

} // namespace nabblet

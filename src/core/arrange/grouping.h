// Putting controls into containers and taking containers off: nothing in them is lost, all make way for one another.
#pragma once

#include "core/arrange/containers.h"
#include "core/text/text_measure.h"

namespace nabblet {

struct Grouped
{
    Form form;
    ControlId container = 0; // the new one
};

// Why controls cannot be put into a container of their own, a sentence; empty where they can.
QString whyNotGrouped(const Form &form, const QList<ControlId> &controls);

// A container of that kind around controls of one area, with their captions; tab pages get them on their first page.
// Where its heading or its edge finds no room, the controls move; others make way.
Grouped withContainer(const Form &form, const QList<ControlId> &controls, const QString &kind);
// An empty one of that kind at a place of an area; others make way.
Grouped withEmptyContainer(const Form &form, const QString &kind, const Area &area, const QRect &place);

// Takes a container off; what it held stays where it stood. Of tab pages, the pages come to stand under one another.
Form withoutContainer(const Form &form, ControlId container);

// Controls put into an area below what stands in it, level with its left edges, keeping to one another.
Form withControlsBelow(const Form &form, const QList<ControlId> &controls, const Area &area);

// Pages of tab pages: one more behind the page named (0: at the end), …
Form withPage(const Form &form, ControlId container, int behind, const QString &title);
// … one less, with what stands on it; the last one stays, …
Form withoutPage(const Form &form, ControlId container, int page);
// … one called otherwise, …
Form withPageTitle(const Form &form, ControlId container, int page, const QString &title);
// … or some places further on (or back).
Form withPageMoved(const Form &form, ControlId container, int page, int steps);

// Panes with their divider elsewhere, px from the first pane's edge; what stands in the second goes along. It stops at
// what stands in the first.
Form withDivider(const Form &form, ControlId panes, int divider);
// Panes turned the other way round: those side by side stand one above the other, and back.
Form withPanesTurned(const Form &form, ControlId panes);

} // namespace nabblet

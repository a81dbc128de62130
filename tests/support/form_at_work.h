// A form of a table of the sample database, opened for work in a window of its own.
#pragma once

#include "core/draft/draft.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QTest>

#include <memory>

namespace nabblet::samples {

struct FormAtWork
{
    Form form;
    std::unique_ptr<EntrySession> session;
    std::unique_ptr<EntryView> view;

    // With the boxes of the rows below where it is asked for.
    void open(const QString &path, const QString &table, Arrangement arrangement, bool withChildren,
              const Appearance &appearance)
    {
        const Connection connection = opened(path);
        const Catalogue catalogue = *connection.readCatalogue();
        const Table &rows = *findTable(catalogue, table);
        DraftPlan plan = withChildren ? planWithChildren(catalogue, rows) : planDraft(rows);
        plan.arrangement = arrangement;
        view.reset();
        form = draftForm(catalogue, rows, plan, nullptr, appearance);
        session = std::make_unique<EntrySession>(connection, catalogue, form);
        session->setLocale(QLocale::c());
        QVERIFY(session->start().isOk());
        view = std::make_unique<EntryView>(session.get(), appearance);
        view->resize(1200, 760);
        view->show();
        activate();
        view->focusFirst();
    }
    // The offscreen platform leaves no window active where a sheet was closed.
    void activate() const
    {
        QCoreApplication::processEvents();
        view->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(view.get()));
    }
    const Control *control(const QString &column) const
    {
        for (const Control &each : form.controls) {
            if (each.column == column) {
                return &each;
            }
        }
        return nullptr;
    }
    QWidget *box(const QString &column) const { return view->widgetFor(control(column)->id); }
};

} // namespace nabblet::samples

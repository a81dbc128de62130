#include "entry/view/lookup_form.h"

#include "core/catalogue/row_names.h"
#include "core/kinds/control_names.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"

#include <QApplication>
#include <QLineEdit>
#include <QPointer>

#include <algorithm>

namespace nabblet {

namespace {

// The box in hand, where it looks up rows of a table.
struct LookupInHand
{
    EntryView *view = nullptr;
    const Control *box = nullptr;
    Lookup lookup = {};
    const Table *table = nullptr;
};

std::optional<LookupInHand> lookupInHand(EntryView &view)
{
    EntryView *at = view.viewInHand();
    const Control *box = at->boxInHand();
    const std::optional<Lookup> lookup = box ? lookupOf(*box) : std::nullopt;
    const Table *table =
        lookup && !lookup->table.isEmpty() ? findTable(at->session()->state().catalogue, lookup->table) : nullptr;
    if (!table) {
        Q_EMIT view.session()->said(Texts::tr("Go into a box first whose choices come from another table."));
        return {};
    }
    return LookupInHand{at, box, *lookup, table};
}

FormWindow *openOn(EntryView &view, std::unique_ptr<EntrySession> rows)
{
    const Appearance &own = view.appearance();
    const Appearance appearance(rows->form().look, own.theme(), own.base(), own.book());
    auto *window = new FormWindow(std::move(rows), appearance, view.window());
    window->begin();
    return window;
}

} // namespace

void openRowLookedUp(EntryView &view)
{
    const std::optional<LookupInHand> hand = lookupInHand(view);
    if (!hand) {
        return;
    }
    EntrySession &session = *hand->view->session();
    QVariantList values;
    for (const QString &column : hand->lookup.columns) {
        values.append(session.state().value(column));
    }
    const bool isBlank = std::all_of(values.begin(), values.end(), [](const QVariant &each) { return each.isNull(); });
    if (isBlank) {
        Q_EMIT view.session()->said(Texts::tr("“%1” shows no row yet.").arg(calledFor(session.form(), *hand->box)));
        return;
    }
    std::unique_ptr<EntrySession> rows = session.another(session.formFor(*hand->table));
    const Outcome started = rows->start();
    const bool isThere =
        started && rows->state().source.keyColumns == hand->lookup.valueColumns ? rows->moves().goToKey(values) : false;
    if (!started || !isThere) {
        // By another column than the key: the row that has these values.
        Filter filter;
        FilterLine line;
        for (qsizetype i = 0; i < values.size(); ++i) {
            FilterPart part;
            part.column = hand->lookup.valueColumns.value(i);
            part.anyOf = {FilterCondition{FilterTest::Is, false, values.at(i), {}, false, values.at(i).toString(), {}}};
            line.append(part);
        }
        filter.lines = {line};
        const Outcome found = started ? rows->want({filter, {}}) : started;
        if (!found) {
            Q_EMIT view.session()->said(found.error().sentence);
            return;
        }
    }
    FormWindow *window = openOn(*hand->view, std::move(rows));
    QObject::connect(window, &FormWindow::closed, &session, [&session] { session.readAgain(); });
}

void addRowLookedUp(EntryView &view)
{
    const std::optional<LookupInHand> hand = lookupInHand(view);
    if (!hand) {
        return;
    }
    EntrySession &session = *hand->view->session();
    if (!session.values().mayType(*hand->box)) {
        Q_EMIT view.session()->said(Texts::tr("Nothing can be chosen in this box now."));
        return;
    }
    // The words that were typed, where they are not those of the choice that stands there.
    const auto *line = qobject_cast<QLineEdit *>(QApplication::focusWidget());
    const QString shown = session.values().shown(*hand->box).words;
    const TypedValue before = session.state().record.typed.value(hand->box->column);
    const QString typed = !before.mistake.isEmpty()       ? before.words.trimmed()
                          : line && line->text() != shown ? line->text().trimmed()
                                                          : QString();
    std::unique_ptr<EntrySession> rows = session.another(session.formFor(*hand->table));
    const Outcome started = rows->start();
    if (!started || !rows->moves().add()) {
        Q_EMIT view.session()->said(started ? Texts::tr("No rows may be added to “%1”.").arg(hand->table->name)
                                            : started.error().sentence);
        return;
    }
    const QString naming = hand->lookup.wordsColumns.value(0, namingColumn(*hand->table));
    for (const Control &control : rows->form().controls) {
        if (!typed.isEmpty() && control.column == naming && !lookupOf(control)) {
            rows->typing().type(control, typed);
        }
    }
    EntrySession *added = rows.get();
    FormWindow *window = openOn(*hand->view, std::move(rows));
    QObject::connect(window, &FormWindow::closed, hand->view,
                     [added, at = QPointer<EntryView>(hand->view), lookup = hand->lookup, id = hand->box->id] {
                         const Control *box = at ? at->session()->form().controls.find(id) : nullptr;
                         const std::optional<RowKey> key = added->state().key();
                         if (!box || !key || added->takingBack().steps().isEmpty()) {
                             return; // nothing was added
                         }
                         RecordSource one = added->state().source;
                         one.columns = lookup.valueColumns;
                         const MaybeRow row = rowWithKey(added->state().connection, one, *key);
                         if (row && *row) {
                             at->session()->noticeChanges();
                             at->session()->typing().chooseRow(*box, (**row).values);
                         }
                     });
}

} // namespace nabblet

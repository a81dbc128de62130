#include "app/work/findings_view.h"

#include "app/work/open_work.h"
#include "core/reconcile/proposals.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/findings/findings_panel.h"
#include "designer/reconcile/columns_instead_dialog.h"

#include <algorithm>

namespace nabblet {

FindingsView::FindingsView(OpenWork *work, QObject *parent) : QObject(parent), m_work(work), m_reconciling(work)
{
    connect(&m_reconciling, &Reconciling::said, this, &FindingsView::said);
    connect(&m_watch, &FindingsWatch::changed, this, &FindingsView::showFound);
    connect(work, &OpenWork::closing, this, [this] { setBoard(nullptr, nullptr); });
    connect(work, &OpenWork::looksChanged, this, &FindingsView::projectChanged);
    connect(work, &OpenWork::catalogueTaken, this, &FindingsView::projectChanged);
}

void FindingsView::setBoard(Board *board, const Appearance *appearance)
{
    m_board = board;
    m_appearance = appearance;
    if (!board) {
        m_watch.setDocument(nullptr, nullptr);
        return;
    }
    FindingsWatch::Known known = m_watch.known();
    known.profiles.clear();
    m_watch.setKnown(known);
    projectChanged();
    m_watch.setDocument(m_work->document(), appearance);
    connect(m_work->document(), &FormDocument::focusChanged, this, &FindingsView::markBoard, Qt::UniqueConnection);
}

void FindingsView::setProfile(const Profile &profile)
{
    FindingsWatch::Known known = m_watch.known();
    known.profiles.insert(profile.table, profile);
    m_work->takeProfile(profile);
    m_watch.setKnown(known);
}

void FindingsView::projectChanged()
{
    FindingsWatch::Known known = m_watch.known();
    const Workspace &workspace = m_work->workspace();
    known.catalogue = m_work->document() ? m_work->shownCatalogue() : workspace.catalogue;
    known.looks = workspace.looks;
    known.namingPattern = workspace.project.namingPattern;
    known.readOpened = [this] { // which reads all forms of the project
        const Workspace &now = m_work->workspace();
        return m_opened.of(now.projectFolder, now.project.startForm);
    };
    known.forms =
        workspace.projectFolder.isEmpty() ? std::nullopt : std::optional(formNamesOf(workspace.projectFolder));
    m_watch.setKnown(known);
    if (m_appearance && m_work->document()) {
        m_reconciling.followRenames(*m_appearance);
    }
}

void FindingsView::attach(FindingsPanel *panel)
{
    m_panel = panel;
    if (!panel) {
        return;
    }
    connect(panel, &FindingsPanel::currentChanged, this, [this](const Found *found) {
        if (found) {
            goTo(*found);
        }
    });
    connect(panel, &FindingsPanel::previewed, this, &FindingsView::preview);
    connect(panel, &FindingsPanel::previewEnded, this, [this] {
        if (m_board) {
            m_board->endPreview();
        }
    });
    connect(panel, &FindingsPanel::mendTaken, this, &FindingsView::takeMend);
    connect(panel, &FindingsPanel::allTaken, this, &FindingsView::takeAll);
    connect(panel, &FindingsPanel::leftBe, this, &FindingsView::leaveBe);
    if (m_appearance) {
        panel->setTheme(m_appearance->theme());
    }
    panel->setFindings(m_watch.found());
}

void FindingsView::showFound()
{
    if (m_panel) {
        m_panel->setFindings(m_watch.found());
    }
    markBoard();
    Q_EMIT counted(countsOf(m_watch.found()));
}

void FindingsView::markBoard()
{
    if (!m_board || !m_work->document()) {
        return;
    }
    QHash<ControlId, Degree> marks;
    const InnerPath &focus = m_work->document()->focus();
    for (const Found &found : m_watch.found()) {
        ControlId at = 0; // in the form at hand, what it is about or leads to it
        if (found.path == focus) {
            at = found.finding.control;
        } else if (found.path.size() > focus.size() && found.path.mid(0, focus.size()) == focus) {
            at = found.path.at(focus.size());
        }
        if (at > 0 && !found.isLeft && (!marks.contains(at) || found.degree() == Degree::ToFix)) {
            marks.insert(at, found.degree());
        }
    }
    m_board->setFound(marks);
}

void FindingsView::goTo(const Found &found)
{
    FormDocument *document = m_work->document();
    if (!document || !m_board) {
        return;
    }
    m_at = keyOf(found);
    document->setFocus(found.path);
    if (m_board && document->form().controls.find(found.finding.control)) {
        m_board->setFronts(showing(document->form(), found.finding.control, m_board->scene().fronts));
        Selection selection;
        selection.set({found.finding.control});
        m_board->setSelection(selection);
        m_board->scrollTo(found.finding.control);
    } else if (m_board) {
        m_board->setSelection(Selection());
    }
    Q_EMIT said(found.finding.sentence);
}

void FindingsView::step(int by)
{
    m_watch.lookNow();
    if (m_panel) {
        m_panel->step(by);
        return;
    }
    QList<Found> open = m_watch.found();
    open.removeIf([](const Found &found) { return found.isLeft; });
    if (open.isEmpty()) {
        Q_EMIT said(tr("Nothing was found."));
        return;
    }
    const auto at = std::find_if(open.begin(), open.end(), [&](const Found &found) { return keyOf(found) == m_at; });
    const qsizetype now = at == open.end() ? (by > 0 ? -1 : open.size()) : at - open.begin();
    goTo(open.at((now + by + open.size()) % open.size()));
}

void FindingsView::reconcile(QWidget *parent)
{
    if (m_appearance) {
        m_reconciling.begin(*m_appearance, parent);
    }
}

void FindingsView::draftAgain(QWidget *parent)
{
    if (m_appearance) {
        m_reconciling.beginDraft(*m_appearance, parent);
    }
}

void FindingsView::takeColumnsInstead(QWidget *parent)
{
    FormDocument *document = m_work->document();
    const ControlId lead = m_board ? m_board->selection().lead() : 0;
    const Control *box = document ? document->form().controls.find(lead) : nullptr;
    const Table *table = document ? findTable(m_work->shownCatalogue(), document->form().rowsFrom) : nullptr;
    if (!box || box->column.isEmpty() || !table) {
        Q_EMIT said(tr("Select the box of a column first."));
        return;
    }
    ColumnsInsteadDialog dialog(document->form(), *table, *box, parent);
    if (dialog.exec() != QDialog::Accepted || !m_appearance) {
        return;
    }
    const Form after = withColumnsInstead(document->form(), lead, dialog.columns(),
                                          {m_work->shownCatalogue(), *m_appearance,
                                           m_work->workspace().project.namingPattern, &m_watch.known().profiles});
    document->apply(tr("Put other columns in the place of one"), after);
}

void FindingsView::preview(const Found &found, int mend)
{
    const std::optional<CheckContext> context = m_watch.context();
    if (!context || !m_board || m_work->document()->focus() != found.path) {
        return;
    }
    const Form after = mended(*context, found, mend);
    if (const Form *shown = innerAt(after, found.path)) {
        m_board->preview(*shown);
    }
}

void FindingsView::takeMend(const Found &found, int mend)
{
    const std::optional<CheckContext> context = m_watch.context();
    if (!context || !m_board || mend >= found.finding.mends.size()) {
        return;
    }
    m_board->endPreview();
    const Form after = mended(*context, found, mend);
    m_work->document()->setFocus(found.path);
    if (const Form *shown = innerAt(after, found.path)) {
        if (*shown == m_work->document()->form()) {
            Q_EMIT said(tr("That changes nothing here; it has to be done by hand."));
            return;
        }
        m_work->document()->apply(found.finding.mends.at(mend).words, Form(*shown));
    }
    m_watch.lookNow();
}

void FindingsView::takeAll(const Found &found)
{
    const std::optional<CheckContext> context = m_watch.context();
    if (!context || !m_board) {
        return;
    }
    m_board->endPreview();
    const Form after = allMended(*context, *found.check);
    m_work->document()->setFocus({});
    m_work->document()->apply(tr("Put right: %1").arg(checkTitle(*found.check)), after);
    m_watch.lookNow();
}

void FindingsView::leaveBe(const Found &found, const QString &reason)
{
    if (!m_work->document()) {
        return;
    }
    const Form after = withLeftBe(m_work->document()->root(), found, reason);
    m_work->document()->setFocus(found.path);
    if (const Form *shown = innerAt(after, found.path)) {
        m_work->document()->apply(reason.isEmpty() ? tr("Do not leave a finding be") : tr("Leave a finding be"),
                                  Form(*shown));
    }
    m_watch.lookNow();
}

} // namespace nabblet

// Words edited where they stand on the board: captions, headings of groups, titles of pages.
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/reading.h"
#include "core/edit/edits.h"
#include "core/edit/typed_words.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/usual_words.h"
#include "designer/board/board.h"
#include "designer/board/caption_editor.h"

#include <QKeyEvent>

#include <algorithm>

namespace nabblet {

// Where the words of a control stand that are edited in place, in the viewport: a heading, the tab in front, or all of
// it.
QRect Board::wordsRect(const nabblet::Control &control) const
{
    const QRect place = placeOnForm(shownForm(), control);
    const int page = frontPage(control, m_fronts);
    const QList<Page> pages = pagesOf(control);
    for (qsizetype i = 0; i < pages.size(); ++i) {
        if (pages.at(i).id == page) {
            return toViewport(tabPlaces(control).at(i).translated(place.topLeft()));
        }
    }
    if (holdsOthers(control)) {
        constexpr int Line = 24; // px
        return toViewport(QRect(place.x() + 8, place.y() + 4, std::max(Line, place.width() - 16), Line));
    }
    return toViewport(place);
}

void Board::editCaption(ControlId id, const QString &typed)
{
    finishCaption(true);
    const Form &form = m_document->form();
    const nabblet::Control *control = form.controls.find(id);
    // A box without a caption is given its prompt.
    const nabblet::Control *caption = control ? withWordsOf(form, *control) : nullptr;
    if (!caption && control && takesWords(form, *control)) {
        caption = control;
    }
    if (!caption) {
        return;
    }
    m_wordsFor = {id};
    m_editedCaption = caption->id;
    m_editedPage = frontPage(*caption, m_fronts);
    QString words = typedWordsOf(form, *control);
    for (const Page &page : pagesOf(*caption)) {
        words = page.id == m_editedPage ? page.title : words;
    }
    const TextRole role = textRoleNamed(caption->role, TextRole::Caption);
    QFont font = m_appearance.font(role);
    font.setPointSizeF(font.pointSizeF() * m_zoom / 100);
    const bool endsOnRight = caption->captionFor != 0 && !sitsAbove(*caption);
    const bool isButton = kindNamed(caption->kind).editor == Editor::Button;
    m_isTypedOver = !typed.isEmpty();
    m_captionEditor = new CaptionEditor(words, wordsRect(*caption),
                                        isButton      ? Qt::AlignHCenter
                                        : endsOnRight ? Qt::AlignRight
                                                      : Qt::AlignLeft,
                                        font, m_appearance, viewport());
    if (m_isTypedOver) {
        m_captionEditor->setPlainText(typed);
        m_captionEditor->moveCursor(QTextCursor::End);
    }
    connect(m_captionEditor, &CaptionEditor::finished, this, &Board::finishCaption);
    m_captionEditor->show();
    m_captionEditor->setFocus();
}

void Board::finishCaption(bool keep)
{
    if (!m_captionEditor) {
        return;
    }
    CaptionEditor *editor = m_captionEditor;
    m_captionEditor.clear();
    QStringList lines = editor->toPlainText().split(u'\n');
    for (QString &line : lines) {
        line = line.trimmed();
    }
    const QString words = lines.join(u'\n').trimmed();
    const bool hadFocus = editor->hasFocus();
    const bool goesOn = keep && m_isTypedOver && editor->endedByEnter();
    const ControlId editedId = m_editedCaption;
    editor->disconnect(this);
    editor->hide();
    editor->deleteLater();
    const nabblet::Control *edited = m_document->form().controls.find(m_editedCaption);
    if (keep && edited && m_editedPage != 0) {
        m_document->apply(tr("Rename a page"), withPageTitle(m_document->form(), m_editedCaption, m_editedPage, words));
    } else if (keep && edited && !words.isEmpty() &&
               (m_wordsFor.size() > 1 || !withWordsOf(m_document->form(), *edited) ||
                (m_isTypedOver && words.contains(u':')))) {
        m_document->apply(tr("Type words"), withTypedWords(m_document->form(), m_wordsFor, words, m_appearance));
    } else if (keep && edited && (!words.isEmpty() || holdsOthers(*edited))) {
        // Words cleared away leave a caption as it was: a caption is taken off by deleting it. A group may go without.
        m_document->apply(tr("Change a caption"),
                          setCaptionText(m_document->form(), m_editedCaption, words, m_appearance));
    }
    m_editedCaption = 0;
    if (hadFocus) {
        setFocus();
    }
    if (goesOn) {
        goOnToWords(editedId);
    }
}

// After words that were typed over come those of the next thing that still has none of its own, as one reads.
void Board::goOnToWords(ControlId from)
{
    const Form &form = m_document->form();
    const auto standsBefore = [&](const nabblet::Control &a, const nabblet::Control &b) {
        constexpr int Level = 12; // px; what starts that near stands in one row
        const QRect first = placeOnForm(form, a);
        const QRect second = placeOnForm(form, b);
        return std::abs(first.y() - second.y()) > Level ? first.y() < second.y() : first.x() < second.x();
    };
    const nabblet::Control *at = form.controls.find(from);
    const nabblet::Control *next = nullptr;
    for (const nabblet::Control &control : form.controls) {
        const bool isCandidate = at && control.id != from && control.captionFor == 0 && wantsWords(form, control) &&
                                 control.id != at->captionFor && standsBefore(*at, control);
        next = isCandidate && (!next || standsBefore(control, *next)) ? &control : next;
    }
    if (next) {
        select({next->id});
        scrollTo(next->id);
    }
}

// A letter typed on the board begins the words of what is selected, or of the first of it that has none of its own.
bool Board::typesWords(const QKeyEvent &event)
{
    const QString typed = event.text();
    const bool isPlain = !(event.modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
    if (!isPlain || typed.isEmpty() || !typed.at(0).isPrint() || typed.at(0).isSpace() || m_placing.size() > 0 ||
        m_showsTabOrder || m_lookFrom != 0) {
        return false;
    }
    const Form &form = m_document->form();
    QList<ControlId> meant = fieldsOfCaptions(form, m_selection.controls());
    if (meant.size() > 1) { // as one reads, and of those that have words none
        const QList<ControlId> order = inReadingOrder(form, meant);
        meant = order;
        meant.removeIf([&](ControlId id) {
            const nabblet::Control &each = *form.controls.find(id);
            return withWordsOf(form, each) ? !wantsWords(form, each) : !typedWordsOf(form, each).isEmpty();
        });
    }
    meant.removeIf([&](ControlId id) { return !takesWords(form, *form.controls.find(id)); });
    if (meant.isEmpty()) {
        return false;
    }
    editCaption(meant.first(), typed);
    m_wordsFor = meant;
    if (meant.size() > 1) {
        Q_EMIT said(
            tr("Words for %1: a semicolon goes on to the next. Choices stand behind a colon: Size: small, large.")
                .arg(meant.size()));
    }
    return true;
}

} // namespace nabblet

#include "designer/board/editing/word_editing.h"

#include "core/arrange/containers.h"
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/reading.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/edit/typed_words.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/usual_words.h"
#include "core/text/tr.h"
#include "designer/board/editing/caption_editor.h"
#include "designer/board/scene/board_host.h"

#include <QKeyEvent>

#include <algorithm>

namespace nabblet {

// Words that are still open have nobody to give them to any more.
WordEditing::~WordEditing()
{
    if (m_editor) {
        m_editor->disconnect(m_board.surface());
        delete m_editor;
    }
}

const BoardScene &WordEditing::scene() const
{
    return m_board.scene();
}

// Where the words of a control stand that are edited in place, in the viewport: a heading, the tab in front, or all of
// it.
QRect WordEditing::wordsRect(const Control &control) const
{
    const QRect place = placeOnForm(scene().shownForm(), control);
    const int page = frontPage(control, scene().fronts);
    const QList<Page> pages = pagesOf(control);
    for (qsizetype i = 0; i < pages.size(); ++i) {
        if (pages.at(i).id == page) {
            return scene().toViewport(tabPlaces(control).at(i).translated(place.topLeft()));
        }
    }
    if (holdsOthers(control)) {
        constexpr int Line = 24; // px
        return scene().toViewport(QRect(place.x() + 8, place.y() + 4, std::max(Line, place.width() - 16), Line));
    }
    return scene().toViewport(place);
}

void WordEditing::edit(ControlId id, const QString &typed)
{
    finish(true);
    const Form &form = scene().form();
    const Control *control = form.controls.find(id);
    // A box without a caption is given its prompt.
    const Control *caption = control ? withWordsOf(form, *control) : nullptr;
    if (!caption && control && takesWords(form, *control)) {
        caption = control;
    }
    if (!caption) {
        return;
    }
    m_wordsFor = {id};
    m_edited = caption->id;
    m_page = frontPage(*caption, scene().fronts);
    QString words = typedWordsOf(form, *control);
    for (const Page &page : pagesOf(*caption)) {
        words = page.id == m_page ? page.title : words;
    }
    const TextRole role = textRoleNamed(caption->role, TextRole::Caption);
    const auto own = scene().appearance.dressedFor(*caption, groundUnder(form, *caption, scene().appearance.styles()));
    QFont font = own->font(role);
    font.setPointSizeF(font.pointSizeF() * scene().zoom / 100);
    const bool endsOnRight = caption->captionFor != 0 && !sitsAbove(*caption);
    const bool isButton = kindNamed(caption->kind).editor == Editor::Button;
    m_isTypedOver = !typed.isEmpty();
    m_editor = new CaptionEditor(words, wordsRect(*caption),
                                 isButton      ? Qt::AlignHCenter
                                 : endsOnRight ? Qt::AlignRight
                                               : Qt::AlignLeft,
                                 font, *own, m_board.surface());
    if (m_isTypedOver) {
        m_editor->setPlainText(typed);
        m_editor->moveCursor(QTextCursor::End);
    }
    QObject::connect(m_editor, &CaptionEditor::finished, m_board.surface(), [this](bool keep) { finish(keep); });
    m_editor->show();
    m_editor->setFocus();
}

void WordEditing::finish(bool keep)
{
    if (!m_editor) {
        return;
    }
    CaptionEditor *editor = m_editor;
    m_editor.clear();
    QStringList lines = editor->toPlainText().split(u'\n');
    for (QString &line : lines) {
        line = line.trimmed();
    }
    const QString words = lines.join(u'\n').trimmed();
    const bool hadFocus = editor->hasFocus();
    const bool goesOn = keep && m_isTypedOver && editor->endedByEnter();
    const ControlId editedId = m_edited;
    editor->disconnect(m_board.surface());
    editor->hide();
    editor->deleteLater();
    const Control *edited = scene().form().controls.find(m_edited);
    if (keep && edited && m_page != 0) {
        m_board.document()->apply(Texts::tr("Rename a page"), withPageTitle(scene().form(), m_edited, m_page, words));
    } else if (keep && edited && !words.isEmpty() &&
               (m_wordsFor.size() > 1 || !withWordsOf(scene().form(), *edited) ||
                (m_isTypedOver && words.contains(u':')))) {
        m_board.document()->apply(Texts::tr("Type words"),
                                  withTypedWords(scene().form(), m_wordsFor, words, scene().appearance));
    } else if (keep && edited && (!words.isEmpty() || holdsOthers(*edited))) {
        // Words cleared away leave a caption as it was: a caption is taken off by deleting it. A group may go without.
        m_board.document()->apply(Texts::tr("Change a caption"),
                                  setCaptionText(scene().form(), m_edited, words, scene().appearance));
    }
    m_edited = 0;
    if (hadFocus) {
        m_board.takeKeyboard();
    }
    if (goesOn) {
        goOnFrom(editedId);
    }
}

// After words that were typed over come those of the next thing that still has none of its own, as one reads.
void WordEditing::goOnFrom(ControlId from)
{
    const Form &form = scene().form();
    const auto standsBefore = [&](const Control &a, const Control &b) {
        constexpr int Level = 12; // px; what starts that near stands in one row
        const QRect first = placeOnForm(form, a);
        const QRect second = placeOnForm(form, b);
        return std::abs(first.y() - second.y()) > Level ? first.y() < second.y() : first.x() < second.x();
    };
    const Control *at = form.controls.find(from);
    const Control *next = nullptr;
    for (const Control &control : form.controls) {
        const bool isCandidate = at && control.id != from && control.captionFor == 0 && wantsWords(form, control) &&
                                 control.id != at->captionFor && standsBefore(*at, control);
        next = isCandidate && (!next || standsBefore(control, *next)) ? &control : next;
    }
    if (next) {
        m_board.select({next->id});
        m_board.scrollTo(next->id);
    }
}

// A letter typed on the board begins the words of what is selected, or of the first of it that has none of its own.
bool WordEditing::begins(const QKeyEvent &event)
{
    const QString typed = event.text();
    const bool isPlain = !(event.modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
    if (!isPlain || typed.isEmpty() || !typed.at(0).isPrint() || typed.at(0).isSpace() ||
        scene().use() != MouseUse::Arranging) {
        return false;
    }
    const Form &form = scene().form();
    QList<ControlId> meant = fieldsOfCaptions(form, scene().selection.controls());
    if (meant.size() > 1) { // as one reads, and of those that have words none
        const QList<ControlId> order = inReadingOrder(form, meant);
        meant = order;
        meant.removeIf([&](ControlId id) {
            const Control &each = *form.controls.find(id);
            return withWordsOf(form, each) ? !wantsWords(form, each) : !typedWordsOf(form, each).isEmpty();
        });
    }
    meant.removeIf([&](ControlId id) { return !takesWords(form, *form.controls.find(id)); });
    if (meant.isEmpty()) {
        return false;
    }
    edit(meant.first(), typed);
    m_wordsFor = meant;
    if (meant.size() > 1) {
        m_board.say(
            Texts::tr(
                "Words for %1: a semicolon goes on to the next. Choices stand behind a colon: Size: small, large.")
                .arg(meant.size()));
    }
    return true;
}

} // namespace nabblet

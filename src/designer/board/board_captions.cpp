// Words edited where they stand on the board: captions, headings of groups, titles of pages.
#include "core/arrange/grouping.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/caption_side.h"
#include "designer/board/board.h"
#include "designer/board/caption_editor.h"

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

void Board::editCaption(ControlId id)
{
    finishCaption(true);
    const Form &form = m_document->form();
    const nabblet::Control *control = form.controls.find(id);
    const bool isOwn = control && (control->kind == QLatin1String("caption") || holdsOthers(*control));
    const nabblet::Control *caption = isOwn ? control : control ? captionOf(form, id) : nullptr;
    if (!caption) {
        return;
    }
    m_editedCaption = caption->id;
    m_editedPage = frontPage(*caption, m_fronts);
    QString words = caption->text;
    for (const Page &page : pagesOf(*caption)) {
        words = page.id == m_editedPage ? page.title : words;
    }
    const TextRole role = textRoleNamed(caption->role, TextRole::Caption);
    QFont font = m_appearance.font(role);
    font.setPointSizeF(font.pointSizeF() * m_zoom / 100);
    const bool endsOnRight = caption->captionFor != 0 && !sitsAbove(*caption);
    m_captionEditor = new CaptionEditor(words, wordsRect(*caption), endsOnRight ? Qt::AlignRight : Qt::AlignLeft, font,
                                        m_appearance, viewport());
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
    editor->disconnect(this);
    editor->hide();
    editor->deleteLater();
    const nabblet::Control *edited = m_document->form().controls.find(m_editedCaption);
    if (keep && edited && m_editedPage != 0) {
        m_document->apply(tr("Rename a page"), withPageTitle(m_document->form(), m_editedCaption, m_editedPage, words));
    } else if (keep && edited && (!words.isEmpty() || holdsOthers(*edited))) {
        // Words cleared away leave a caption as it was: a caption is taken off by deleting it. A group may go without.
        m_document->apply(tr("Change a caption"),
                          setCaptionText(m_document->form(), m_editedCaption, words, m_appearance));
    }
    m_editedCaption = 0;
    if (hadFocus) {
        setFocus();
    }
}

} // namespace nabblet

// Words edited where they stand on the board: captions, headings of groups, titles of pages, prompts.
#pragma once

#include "designer/board/scene/board_scene.h"

class QKeyEvent;

namespace nabblet {

class BoardHost;
class CaptionEditor;

class WordEditing
{
public:
    explicit WordEditing(BoardHost &board) : m_board(board) {}
    ~WordEditing();

    // Edits the words of a control; of a field, those of its caption. typed: what takes the place of the words there
    // are.
    void edit(ControlId control, const QString &typed = {});
    // keep: whether the words at hand are taken.
    void finish(bool keep);
    // A letter typed on the board begins the words of what is selected, or of the first of it that has none of its own.
    // Gives whether it did.
    bool begins(const QKeyEvent &event);

private:
    const BoardScene &scene() const;
    QRect wordsRect(const Control &control) const;
    void goOnFrom(ControlId from);

    BoardHost &m_board;
    QPointer<CaptionEditor> m_editor;
    QList<ControlId> m_wordsFor; // what gets the words at hand; more than one get a part each
    bool m_isTypedOver = false;  // the words at hand were begun by typing
    ControlId m_edited = 0;
    int m_page = 0; // of tab pages
};

} // namespace nabblet

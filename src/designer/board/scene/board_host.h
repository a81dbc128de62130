// The board as its drags, modes and commands see it: what is shown, and what they may ask of it.
#pragma once

#include "designer/board/scene/board_scene.h"
#include "designer/board/scene/column_drag.h"

#include <functional>
#include <memory>

class QWidget;

namespace nabblet {

// How columns dropped from the catalogue become fields of a form.
using FieldMaker = std::function<AddedFields(const Form &, const DraggedColumns &, const FieldTarget &)>;
// Gives a subform that was placed its rows, as the database knows them: of that table, or with none of the first that
// belong to the record.
using RowsFiller = std::function<Form(const Form &, ControlId, const QString &table)>;

// What the board asks others for.
struct BoardHooks
{
    FormReader readForm; // forms that pasted subforms show
    FieldMaker makeFields;
    RowsFiller fillRows;
    QString namingPattern = QStringLiteral("{kind}_{column}");
};

class BoardHost
{
public:
    BoardHost(FormDocument *document, const Appearance &appearance);

    const BoardScene &scene() const { return m_scene; }
    FormDocument *document() const { return m_scene.document; }
    const Selection &selection() const { return m_scene.selection; }
    const BoardHooks &hooks() const { return m_hooks; }

    virtual void setSelection(const Selection &selection) = 0;
    void select(const QList<ControlId> &controls);
    virtual void setFronts(const FrontPages &fronts) = 0;
    virtual void scrollTo(ControlId control) = 0;
    // What is pasted next goes there.
    void setClickedAt(QPoint onForm) { m_scene.clickedAt = onForm; }

    // Shows another form in place of the document's until endPreview(): what an operation would give.
    virtual void preview(const Form &form) = 0;
    virtual void endPreview() = 0;

    // What mouse and keys do now; nullptr where they arrange, as is usual.
    BoardMode *mode() const;
    virtual void setMode(std::unique_ptr<BoardMode> mode) = 0;
    virtual void endMode() = 0;

    // A sentence for the status bar.
    virtual void say(const QString &sentence) = 0;
    // Asks which of these actions a row of buttons is to have.
    virtual void askForButtons(const QList<ControlId> &row, const QStringList &actions) = 0;
    virtual void takeKeyboard() = 0;
    // Has a part of the surface painted, px; all of it where none is named.
    virtual void showAgain(const QRect &part = {}) = 0;
    // On which what is edited in place stands.
    virtual QWidget *surface() const = 0;

protected:
    ~BoardHost();

    BoardScene m_scene;
    BoardHooks m_hooks;
    std::unique_ptr<BoardMode> m_mode;
};

} // namespace nabblet

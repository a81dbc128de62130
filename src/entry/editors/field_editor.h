// The real widgets of Entry. At rest each paints the very picture the board paints; only while it has the focus does Qt
// draw text and cursor.
#pragma once

#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QWidget>

#include <memory>

namespace nabblet {

// What the editors of a form share.
struct EditorContext
{
    EntrySession *session = nullptr;
    const Appearance *appearance = nullptr;
};

// One control at work. Owned by the widget that it makes.
class FieldEditor
{
public:
    FieldEditor(const EditorContext &context, Control control) : m_context(context), m_control(std::move(control)) {}
    virtual ~FieldEditor() = default;
    FieldEditor(const FieldEditor &) = delete;
    FieldEditor &operator=(const FieldEditor &) = delete;

    virtual QWidget *widget() = 0;
    // Shows what the session says stands in the control now.
    virtual void refresh() = 0;

    const Control &control() const { return m_control; }
    // A changed design of the same kind of control.
    void setControl(const Control &control);
    // Whether the widget is one box to its caption's reader; a subform has boxes of its own.
    virtual bool isOneBox() const { return true; }

protected:
    const EditorContext &context() const { return m_context; }
    // What the control looks like, with its style, what is pinned at it and the ground it stands on.
    std::shared_ptr<const Appearance> appearance() const;
    EntrySession &session() const { return *m_context.session; }
    // What is shown at this moment, with the focus taken into account.
    Shown shownNow(bool hasFocus) const;
    // Paints the control's whole picture at the widget's top left corner.
    void paintAtRest(QPainter &painter, const Shown &shown) const;
    // Paints only the box, for a widget that lets Qt draw the text.
    void paintBox(QPainter &painter, const Shown &shown) const;

private:
    EditorContext m_context;
    Control m_control;
};

// The editor for a control, as a child of a band; nullptr for controls that take no value. A new sort of editor is one
// file beside this one and one line in field_editor.cpp.
std::unique_ptr<FieldEditor> makeEditor(const EditorContext &context, const Control &control, QWidget *parent);

std::unique_ptr<FieldEditor> makeLineEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeLongTextEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeTickEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeChoiceEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeImageEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeListEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeOptionsEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeSubformEditor(const EditorContext &context, const Control &control, QWidget *parent);
std::unique_ptr<FieldEditor> makeButtonEditor(const EditorContext &context, const Control &control, QWidget *parent);

} // namespace nabblet

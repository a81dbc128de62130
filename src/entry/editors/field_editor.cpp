#include "entry/editors/field_editor.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/typing.h"
#include "core/text/caption_words.h"
#include "entry/paint/picture_painter.h"

#include <QPainter>

namespace nabblet {

void FieldEditor::setControl(const Control &control)
{
    m_control = control;
    widget()->setObjectName(control.name);
    const QFont &font = appearance()->font(textRoleNamed(control.role, TextRole::Field));
    if (widget()->font() != font) {
        widget()->setFont(font);
    }
}

Shown FieldEditor::shownNow(bool hasFocus) const
{
    const ControlValues::Painting painting(&session().values());
    Shown shown = session().values().shown(m_control);
    if (hasFocus && shown.state == BoxState::Rest) {
        shown.state = BoxState::Focused;
    }
    return shown;
}

std::shared_ptr<const Appearance> FieldEditor::appearance() const
{
    const Appearance &all = *m_context.appearance;
    return all.dressedFor(m_control, groundUnder(session().form(), m_control, all.styles()));
}

void FieldEditor::paintAtRest(QPainter &painter, const Shown &shown) const
{
    const auto own = appearance();
    paintPicture(painter, pictureOf(m_control, shown, own->look()), QPoint(0, 0), *own);
}

void FieldEditor::paintBox(QPainter &painter, const Shown &shown) const
{
    const auto own = appearance();
    paintPicture(painter, {boxOutline(m_control, shown, own->look())}, QPoint(0, 0), *own);
}

std::unique_ptr<FieldEditor> makeEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    using Make = std::unique_ptr<FieldEditor> (*)(const EditorContext &, const Control &, QWidget *);
    static const QHash<Editor, Make> table{
        {Editor::Line, makeLineEditor},    {Editor::LongText, makeLongTextEditor},
        {Editor::Tick, makeTickEditor},    {Editor::Choice, makeChoiceEditor},
        {Editor::Image, makeImageEditor},  {Editor::Options, makeOptionsEditor},
        {Editor::Rows, makeSubformEditor}, {Editor::Button, makeButtonEditor},
        {Editor::List, makeListEditor},
    };
    const Make make = table.value(kindNamed(control.kind).editor);
    if (!make || !hasWidget(control)) {
        return nullptr;
    }
    std::unique_ptr<FieldEditor> editor = make(context, control, parent);
    editor->setControl(control);
    return editor;
}

} // namespace nabblet

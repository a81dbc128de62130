#include "core/kinds/kind_table.h"

#include "core/text/tr.h"

namespace nabblet {

NABBLET_TEXTS(Subforms)

namespace {

// The frame. What stands in it is a form of its own, painted by whoever knows its rows.
Picture draw(const Control &control, const Shown &shown)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.fill = Ink::Paper;
    box.outline = shown.state == BoxState::Focused ? Ink::Accent : Ink::FieldOutline;
    return {box};
}

QString words(const Control &, const QVariant &value, const QLocale &)
{
    return value.toString();
}

Result<QVariant> read(const Control &, const QString &, const QLocale &)
{
    return Error{Texts::tr("A subform has rows of its own"), {}};
}

} // namespace

Kind subformKind()
{
    return {QStringLiteral("subform"),
            QT_TRANSLATE_NOOP("Kinds", "Subform"),
            QStringLiteral("rows"),
            Editor::Rows,
            {},
            QSize(480, 160),
            draw,
            words,
            read};
}

} // namespace nabblet

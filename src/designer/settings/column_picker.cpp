#include "designer/settings/column_picker.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QMenu>
#include <QPlainTextEdit>
#include <QToolButton>

#include <algorithm>

namespace nabblet {

namespace {

QToolButton *pickerIn(QWidget *box, const std::function<QList<SettingChoice>()> &columns,
                      const std::function<void(const QString &)> &insert)
{
    auto *button = new QToolButton(box);
    button->setObjectName(QStringLiteral("pickColumn"));
    button->setText(QStringLiteral("{…}"));
    button->setAccessibleName(Texts::tr("Fill in a column"));
    button->setToolTip(Texts::tr("Puts a column in where the cursor is; it is filled in for the record at hand"));
    button->setCursor(Qt::ArrowCursor);
    button->setFocusPolicy(Qt::TabFocus);
    button->setPopupMode(QToolButton::InstantPopup);
    button->setAutoRaise(true);
    // The three dots say already that more comes.
    button->setStyleSheet(QStringLiteral("QToolButton { border: none; padding: 2px 4px; min-width: 0; }"
                                         "QToolButton::menu-indicator { image: none; width: 0; }"));
    auto *menu = new QMenu(button);
    button->setMenu(menu);
    QObject::connect(menu, &QMenu::aboutToShow, button, [menu, columns, insert] {
        menu->clear();
        for (const SettingChoice &each : columns()) {
            menu->addAction(each.words, menu, [insert, name = each.value] { insert(u'{' + name + u'}'); });
        }
    });
    auto *row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 2, 0);
    row->addStretch();
    row->addWidget(button, 0, Qt::AlignTop);
    return button;
}

} // namespace

QList<SettingChoice> columnsToFillIn(const SettingContext &context)
{
    QList<SettingChoice> columns{{QStringLiteral("record"), Texts::tr("The record in words")}};
    const Table *rows = context.catalogue ? findTable(*context.catalogue, context.form.rowsFrom) : nullptr;
    for (const Column &each : rows ? rows->columns : QList<Column>()) {
        const auto isIts = [&](const Control &control) { return control.column == each.name && !isCaption(control); };
        const auto box = std::find_if(context.form.controls.begin(), context.form.controls.end(), isIts);
        const QString words = box == context.form.controls.end() ? each.name : calledFor(context.form, *box);
        columns.append({each.name, words == each.name ? words : Texts::tr("%1   {%2}").arg(words, each.name)});
    }
    return columns;
}

void addColumnPicker(QLineEdit *line, const std::function<QList<SettingChoice>()> &columns)
{
    const QToolButton *button = pickerIn(line, columns, [line](const QString &words) {
        line->insert(words);
        line->setModified(true);
        line->setFocus();
    });
    line->setTextMargins(0, 0, button->sizeHint().width(), 0);
}

void addColumnPicker(QPlainTextEdit *lines, const std::function<QList<SettingChoice>()> &columns)
{
    pickerIn(lines, columns, [lines](const QString &words) {
        lines->insertPlainText(words);
        lines->setFocus();
    });
}

} // namespace nabblet
